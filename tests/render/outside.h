// Programs outside the project, and pictures compared with theirs.
#pragma once

#include "pixel/raster.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <string>
#include <unistd.h>

namespace outside {

namespace fs = std::filesystem;
namespace pixel = softrope::pixel;

struct Folder {
    fs::path path = fs::temp_directory_path() / ("soft-rope-render-" + std::to_string(::getpid()));
    Folder() { fs::create_directories(path); }
    ~Folder()
    {
        std::error_code e;
        fs::remove_all(path, e);
    }
    std::string at(const std::string& name) const { return (path / name).string(); }
};

inline bool runs(const std::string& command)
{
    return std::system((command + " >/dev/null 2>&1").c_str()) == 0;
}

// Mean absolute difference of the channels on white, away from edges (where our picture is even over 3 x 3 px).
inline double differenceOffEdges(const pixel::Picture& a, const pixel::Picture& b)
{
    REQUIRE(a.width == b.width);
    REQUIRE(a.height == b.height);
    const auto onWhite = [](pixel::Rgba p, int c) { return (c == 0 ? p.r : c == 1 ? p.g : p.b) * p.a / 255.0 + 255 - p.a; };
    double sum = 0;
    long n = 0;
    for (int y = 2; y < a.height - 2; ++y)
        for (int x = 2; x < a.width - 2; ++x) {
            bool even = true;
            for (int v = -2; v <= 2 && even; ++v)
                for (int u = -2; u <= 2 && even; ++u) even = a.at(x + u, y + v) == a.at(x, y);
            if (!even) continue;
            for (int c = 0; c < 3; ++c) sum += std::abs(onWhite(a.at(x, y), c) - onWhite(b.at(x, y), c));
            n += 3;
        }
    REQUIRE(n > 50000);
    return sum / static_cast<double>(n);
}

} // namespace outside
