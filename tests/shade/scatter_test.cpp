// Marks scattered in a shape, and the points they stand on.
#include "shade/shade.h"

#include "curve/polygon.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using namespace softrope::curve;

namespace {

const planar::Shape blob{{circle({300, 300}, 200), reversed(circle({340, 300}, 60))}, false};

bool within(Vec2 p)
{
    return distance(p, {300, 300}) < 200 && distance(p, {340, 300}) > 60;
}

std::vector<Vec2> middles(const Paths& marks)
{
    std::vector<Vec2> out;
    for (const Path& p : marks) out.push_back(bounds(p).centre());
    return out;
}

} // namespace

TEST_CASE("no two points are nearer than the distance, and there is room for no more (Bridson 2007)")
{
    const Box box{{100, 100}, {500, 500}};
    for (const double apart : {6.0, 15.0, 40.0}) {
        const auto points = shade::poissonDisc(box, apart, 7, within, 100000);
        REQUIRE(points.size() > 10);
        for (std::size_t i = 0; i < points.size(); ++i) {
            CHECK(within(points[i]));
            for (std::size_t k = 0; k < i; ++k) REQUIRE(distance(points[i], points[k]) >= apart - 1e-9);
        }
        // Maximal: wherever one looks, a point is as near as that (the last look is over a grid of a third of it).
        shade::Chance chance(3);
        int bare = 0;
        for (int k = 0; k < 4000; ++k) {
            const Vec2 p{chance(100, 500), chance(100, 500)};
            if (!within(p)) continue;
            bool near = false;
            for (const Vec2 q : points) near = near || distance(p, q) < apart * 1.25;
            bare += !near;
        }
        CHECK(bare == 0);
        CHECK(shade::poissonDisc(box, apart, 7, within, 100000) == points);
        CHECK_FALSE(shade::poissonDisc(box, apart, 8, within, 100000) == points);
    }
    CHECK(shade::poissonDisc(box, 6, 1, within, 50).size() == 50);
    CHECK(shade::poissonDisc(box, 0, 1, within, 50).empty());
    CHECK(shade::poissonDisc({}, 5, 1, within, 50).empty());
}

TEST_CASE("marks of every kind have their middles in the shape and their sizes in the range")
{
    for (const auto mark : {shade::Mark::dots, shade::Mark::strokes, shade::Mark::grain, shade::Mark::chips, shade::Mark::drops, shade::Mark::own}) {
        shade::Scatter s;
        s.mark = mark;
        s.own = {rectangle({1000, 1000}, {1060, 1030})};
        const Paths marks = shade::scattered(blob, s, 0);
        REQUIRE(marks.size() > 200);
        for (const Vec2 p : middles(marks)) {
            CHECK(distance(p, {300, 300}) < 202);
            CHECK(distance(p, {340, 300}) > 58);
        }
        for (const Path& p : marks) {
            const Box b = bounds(p);
            CHECK(std::max(b.width(), b.height()) < 4 * 3.5);
            CHECK(p.closed);
        }
    }
}

TEST_CASE("the same seed gives the same marks after any move, turn or size of the shape with its frame")
{
    shade::Scatter s;
    s.mark = shade::Mark::grain;
    s.turn = shade::Turn::fixed;
    const Paths before = shade::scattered(blob, s, 0);
    const Affine m = translation({37.3, -12.1}) * rotation(0.6) * scaling(1.5, 1.5);
    planar::Shape moved = blob;
    for (Path& p : moved.contours) p = transformed(p, m);
    shade::Scatter with = s;
    with.frame = m;
    const Paths after = shade::scattered(moved, with, 0);
    REQUIRE(after.size() == before.size());
    for (std::size_t k = 0; k < before.size(); ++k) CHECK(distance(after[k].nodes[0].at, m * before[k].nodes[0].at) < 1e-6);
    s.seed = 2;
    CHECK_FALSE(shade::scattered(blob, s, 0) == before);
}

TEST_CASE("marks grow fewer from a side, from the light and from the edge, and turn as they are told")
{
    const auto share = [](const Paths& marks, const std::function<bool(Vec2)>& here) {
        const auto all = middles(marks);
        return static_cast<double>(std::count_if(all.begin(), all.end(), here)) / static_cast<double>(std::max<std::size_t>(1, all.size()));
    };
    const planar::Shape box{{rectangle({0, 0}, {400, 400})}, false};
    shade::Scatter s;
    s.spacing = 8;
    s.fall = shade::Fall::side; // thins out towards the right
    s.angle = 0;
    CHECK(share(shade::scattered(box, s, 0), [](Vec2 p) { return p.x < 200; }) > 0.68);
    s.fall = shade::Fall::light;
    CHECK(share(shade::scattered(box, s, -pi / 2), [](Vec2 p) { return p.y > 200; }) > 0.68);
    s.fall = shade::Fall::edge;
    s.fade = 0.4;
    CHECK(share(shade::scattered(box, s, 0), [](Vec2 p) { return p.x > 80 && p.x < 320 && p.y > 80 && p.y < 320; }) < 0.02);
    s.fall = shade::Fall::none;
    s.mark = shade::Mark::strokes;
    s.turn = shade::Turn::fixed;
    s.angle = pi / 2;
    for (const Path& p : shade::scattered(box, s, 0)) CHECK(bounds(p).height() > 3 * bounds(p).width());
    s.turn = shade::Turn::light;
    for (const Path& p : shade::scattered(box, s, 0)) CHECK(bounds(p).width() > 3 * bounds(p).height());
    s.turn = shade::Turn::outline;
    const Paths along = shade::scattered({{circle({200, 200}, 150)}, false}, s, 0);
    for (const Path& p : along) {
        const Vec2 way = p.nodes[2].at - p.nodes[0].at, out = bounds(p).centre() - Vec2{200, 200};
        if (length(out) > 60) CHECK(std::abs(dot(unit(way), unit(out))) < 0.15);
    }
}

TEST_CASE("twenty thousand marks at most, and hostile settings give none or few")
{
    shade::Scatter s;
    s.spacing = 0.2;
    CHECK(shade::scattered({{rectangle({0, 0}, {4000, 4000})}, false}, s, 0).size() <= shade::mostMarks);
    s.spacing = -1;
    CHECK(shade::scattered(blob, s, 0).empty());
    s.spacing = 12;
    s.frame = {0, 0, 0, 0, 0, 0};
    CHECK(shade::scattered(blob, s, 0).empty());
    CHECK(shade::scattered({}, {}, 0).empty());
}
