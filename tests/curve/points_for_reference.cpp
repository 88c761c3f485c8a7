// Writes the points for reference_fits.cjs; hidden from ordinary runs.
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <fstream>

TEST_CASE("write the points for the reference fitter", "[.points]")
{
    std::ofstream out("reference_points.txt");
    out.precision(17);
    const auto put = [&](const char* name, const std::vector<softrope::curve::Vec2>& line) {
        out << name;
        for (const auto p : line) out << ' ' << p.x << ' ' << p.y;
        out << '\n';
    };
    put("wave", strokes::wave());
    put("loop", strokes::loop());
    put("shaken", strokes::shaken(strokes::wave(), 0.2, 3));
    CHECK(out.good());
}
