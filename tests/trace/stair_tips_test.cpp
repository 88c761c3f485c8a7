#include "trace/outline.h"
#include "trace/stair_tips.h"

#include "curve/curve.h"
#include "curve/polygon.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Vec2;

namespace {

// A picture of two values: a px is ink where its middle lies in the polygon, or where it does not.
pixel::Grey inTwoValues(const std::vector<Vec2>& polygon, bool inked)
{
    pixel::Grey g(260, 260);
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x) g.at(x, y) = curve::insidePolygon(polygon, {x + 0.5, y + 0.5}) == inked ? 0 : 255;
    return g;
}

double nearestNode(const trace::Outline& o, Vec2 place)
{
    double best = 1e9;
    for (const trace::Silhouette& s : o.silhouettes)
        for (const curve::Path& p : s.paths)
            for (const curve::Node& n : p.nodes) best = std::min(best, distance(n.at, place));
    return best;
}

} // namespace

TEST_CASE("needles of pictures in two values keep their tips, of ink and of paper")
{
    // The truth is the triangle that was drawn. Their steps smoothed away, such tips lie 4.6 and 2.1 px off in the mean, 14 at most.
    for (const double degrees : {7.0, 9.0, 12.0})
        for (const bool inked : {true, false}) {
            double sum = 0;
            int count = 0;
            for (double turned = 0.05; turned < 6.2; turned += 0.37) {
                const Vec2 along = curve::direction(turned), tip = Vec2{130, 130} + along * 70, foot = Vec2{130, 130} - along * 90;
                const double half = 160 * std::tan(curve::radians(degrees / 2));
                const std::vector<Vec2> needle{tip, foot + perpendicular(along) * half, foot - perpendicular(along) * half};
                const double off = nearestNode(trace::outline(inTwoValues(needle, inked), {}), tip);
                sum += off;
                ++count;
            }
            CAPTURE(degrees, inked);
            CHECK(sum / count < (degrees < 8 ? 3.6 : 1.6));
        }
}

TEST_CASE("blunt tips and round ends of pictures in two values stay where they are")
{
    const std::vector<Vec2> blunt{{200, 130}, {60, 60}, {60, 200}};
    CHECK(nearestNode(trace::outline(inTwoValues(blunt, true), {}), {200, 130}) < 1.5);
    std::vector<Vec2> round;
    for (const Vec2 p : curve::flatten(curve::ellipse({130, 130}, 90, 20), 0.05)) round.push_back(p);
    const trace::Outline o = trace::outline(inTwoValues(round, true), {});
    REQUIRE(o.silhouettes.size() == 1);
    CHECK(bounds(o.silhouettes[0].paths).max.x < 221);
    CHECK(bounds(o.silhouettes[0].paths).min.x > 39);
}

TEST_CASE("a tip that was left short is put where the row of px beyond it says, one that is not stays")
{
    const Vec2 tip{200, 131.3};
    const pixel::Grey g = inTwoValues({tip, {40, 118}, {40, 144.6}}, true); // 9.5 degrees
    curve::Path cut = curve::polyline({{188, 131.3}, {40, 144.6}, {40, 118}}, true);
    trace::followTips(cut, g, 128);
    CHECK(distance(cut.nodes[0].at, tip) < 4);
    const curve::Path whole = curve::polyline({tip, {40, 144.6}, {40, 118}}, true);
    curve::Path same = whole;
    trace::followTips(same, g, 128);
    CHECK(same == whole);
}
