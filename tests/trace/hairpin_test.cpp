#include "trace/lines.h"
#include "trace/redrawn.h"

#include "curve/curve.h"
#include "line_drawing.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Vec2;

// The truth of these pictures is what they were drawn from.

TEST_CASE("a blade with a round head, whose sides run together, is drawn round in one go")
{
    for (const double turned : {0.0, 0.9, 2.5}) {
        const auto at = [&](double x, double y) {
            return Vec2{200, 200} + (x - 200) * curve::direction(turned) + (y - 200) * perpendicular(curve::direction(turned));
        };
        std::vector<Vec2> round{at(150, 330), at(194, 210)};
        for (int k = 0; k <= 8; ++k) {
            const Vec2 d = curve::direction(curve::pi + k * curve::pi / 8);
            round.push_back(at(200 + 6 * d.x, 110 + 6 * d.y));
        }
        round.insert(round.end(), {at(206, 210), at(250, 330)});
        const curve::Path blade = curve::polyline(round, false);
        const trace::Lines l = trace::lines(Drawing().line(blade, 12).grey(), {});
        CAPTURE(turned);
        REQUIRE(l.strokes.size() == 1);
        CHECK(furthest(l.strokes[0].path, blade) < 2);
        CHECK(furthest(blade, l.strokes[0].path) < 2);
        CHECK(l.strokes[0].width == Approx(12).margin(1));
    }
}

TEST_CASE("a thick line that forks into two as thick stays three lines")
{
    const curve::Path stem = curve::polyline({{200, 60}, {200, 180}}, false), fork = curve::polyline({{150, 340}, {200, 180}, {250, 340}}, false);
    CHECK(trace::lines(Drawing().line(stem, 14).line(fork, 12).grey(), {}).strokes.size() == 2);
}

TEST_CASE("a line that ends in a tiny loop gives finite lines at every width")
{
    for (const double r : {5.0, 7.0, 9.0, 12.0})
        for (const double width : {4.0, 6.0, 8.0}) {
            const trace::Lines l =
                trace::lines(Drawing().line(curve::polyline({{60, 200}, {200, 200}}, false), width).line(curve::circle({200 + r, 200}, r), width).grey(), {});
            CAPTURE(r, width);
            REQUIRE_FALSE(l.strokes.empty());
            for (const trace::Stroke& s : l.strokes) CHECK(isFinite(s.path));
        }
}

TEST_CASE("a V whose tip stands on a line has no stem")
{
    const curve::Path ground = curve::polyline({{60, 300}, {340, 300}}, false), v = curve::polyline({{165, 120}, {200, 298}, {235, 120}}, false);
    const trace::Lines l = trace::lines(Drawing().line(ground, 10).line(v, 10).grey(), {});
    REQUIRE(l.strokes.size() == 2);
    CHECK(strokeFor(l, ground, 1));
    CHECK(strokeFor(l, v, 5)); // how far down the tip reaches is hidden in the ground's ink
    // A Y keeps its stem.
    const curve::Path y = curve::polyline({{150, 120}, {200, 220}, {250, 120}}, false), stem = curve::polyline({{200, 220}, {200, 300}}, false);
    CHECK(trace::lines(Drawing().line(ground, 10).line(y, 10).line(stem, 10).grey(), {}).strokes.size() == 3);
}

namespace {

trace::RawStroke rowOf(const std::vector<Vec2>& corners, bool meets)
{
    trace::RawStroke s;
    s.points = curve::evenly(curve::flatten(curve::polyline(corners, false), 0.05), false, 1).points;
    s.width = 6;
    s.startMeets = s.endMeets = meets;
    return s;
}

} // namespace

TEST_CASE("a second pass of the pencil that leaves the line and comes back is gathered midway, a loop and a near line are not")
{
    const trace::RawStroke line = rowOf({{0, 0}, {200, 0}}, false);
    std::vector<trace::RawStroke> twice{rowOf({{90, 0}, {94, 8}, {106, 8}, {110, 0}}, true), line};
    trace::gatherRedrawn(twice);
    REQUIRE(twice.size() == 1);
    const auto& p = twice[0].points;
    CHECK(std::any_of(p.begin(), p.end(), [](Vec2 q) { return distance(q, {100, 4}) < 0.8; }));
    CHECK(p.front() == line.points.front());
    CHECK(p.back() == line.points.back());

    std::vector<trace::RawStroke> loop{rowOf({{96, 0}, {93, 12}, {107, 12}, {104, 0}}, true), line};
    trace::gatherRedrawn(loop);
    CHECK(loop.size() == 2);
    std::vector<trace::RawStroke> far{rowOf({{50, 0}, {60, 30}, {140, 30}, {150, 0}}, true), line};
    trace::gatherRedrawn(far);
    CHECK(far.size() == 2);
    std::vector<trace::RawStroke> free{rowOf({{90, 0}, {94, 8}, {106, 8}, {110, 0}}, false), line};
    trace::gatherRedrawn(free);
    CHECK(free.size() == 2);
}
