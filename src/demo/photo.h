// Photographs of things that never were: small scenes of the Saltglass Night Market, ray-marched through distance fields (Hart 1996,
// "Sphere tracing"), lit by lamps with falling-off light and soft shadows, seen through a lens and a grainy sensor. The same seed
// gives the same picture.
#pragma once

#include "pixel/raster.h"

#include <cstdint>
#include <functional>
#include <string>
#include <vector>

namespace softrope::demo {

struct PhotoOptions {
    int width = 960;
    std::uint64_t seed = 1;
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
    double grain = 1;                     // noise of the sensor, 1 = as an evening photo has it
    double blur = 1;                      // px of the lens, at 960 px width
};

// "lantern", "jar", "teapot", "mushroom", "moon", "shell"; 4 : 5 upright. Empty for any other name, or when stopped.
pixel::Picture photo(const std::string& scene, const PhotoOptions& options = {});
std::vector<std::string> photoScenes();

} // namespace softrope::demo
