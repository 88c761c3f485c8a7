// Where curves meet: crossings, touches and common runs, against closed forms.
#include "planar/box_index.h"
#include "planar/meet.h"
#include "shapes.h"

#include <catch2/catch.hpp>

#include <algorithm>

using namespace softrope;
using namespace softrope::curve;

namespace {

constexpr double touch = 0.01;

planar::Meeting meet(const Path& a, const Path& b)
{
    return planar::meet(planar::strandOf(a, 0), planar::strandOf(b, 1), touch);
}

} // namespace

TEST_CASE("straights cross where the two-point form says, and parallel ones do not")
{
    const auto m = meet(polyline({{0, 0}, {10, 20}}, false), polyline({{0, 10}, {10, 0}}, false));
    REQUIRE(m.contacts.size() == 1);
    CHECK(distance(m.contacts[0].at, {10.0 / 3, 20.0 / 3}) < 1e-9);
    CHECK(m.contacts[0].s == Approx(1.0 / 3));
    CHECK(meet(polyline({{0, 0}, {10, 0}}, false), polyline({{0, 1}, {10, 1}}, false)).contacts.empty());
}

TEST_CASE("two circles cross on their radical line")
{
    // Handbook: at x = (d^2 + r^2 - R^2) / 2d from the first centre.
    for (const double d : {50.0, 90.0, 119.0, 139.9}) {
        const auto m = meet(circle({0, 0}, 80), circle({d, 0}, 60));
        REQUIRE(m.contacts.size() == 2);
        const double x = (d * d + 80.0 * 80 - 60.0 * 60) / (2 * d);
        // A circle of four cubics is off by 2.7e-4 of its radius.
        for (const planar::Contact& c : m.contacts) CHECK(c.at.x == Approx(x).margin(0.12));
        CHECK(m.contacts[0].at.y == Approx(-m.contacts[1].at.y).margin(1e-6));
    }
}

TEST_CASE("an end on a line, a corner on a line and a tangent are single shared points")
{
    const auto end = meet(polyline({{0, 0}, {100, 0}}, false), polyline({{40, 0}, {40, 50}}, false));
    REQUIRE_FALSE(end.contacts.empty());
    CHECK(end.contacts[0].nodeB == 0);
    for (const planar::Contact& c : end.contacts) CHECK(distance(c.at, {40, 0}) <= touch);
    const auto corner = meet(polyline({{0, 0}, {100, 0}}, false), polyline({{20, 40}, {50, 0}, {80, 40}}, false));
    REQUIRE_FALSE(corner.contacts.empty());
    for (const planar::Contact& c : corner.contacts) CHECK(distance(c.at, {50, 0}) <= touch);
    const auto tangent = meet(circle({0, 0}, 50), polyline({{-80, 50}, {80, 50}}, false));
    REQUIRE(tangent.contacts.size() == 1);
    CHECK(distance(tangent.contacts[0].at, {0, 50}) < 0.02);
}

TEST_CASE("what runs together is one run, in whatever direction")
{
    const auto same = meet(polyline({{0, 0}, {100, 0}}, false), polyline({{30, 0}, {70, 0}}, false));
    REQUIRE(same.runs.size() == 1);
    CHECK(same.runs[0].s0 == Approx(0.3));
    CHECK(same.runs[0].s1 == Approx(0.7));
    CHECK(same.runs[0].t0 < same.runs[0].t1);
    const auto against = meet(polyline({{0, 0}, {100, 0}}, false), polyline({{70, 0}, {30, 0}}, false));
    REQUIRE(against.runs.size() == 1);
    CHECK(against.runs[0].t0 > against.runs[0].t1);
}

TEST_CASE("a loop meets itself at its double point, a plain arc nowhere")
{
    Path loop;
    loop.nodes = {{{0, 0}, {0, 0}, {150, 100}}, {{100, 0}, {-50, 100}, {100, 0}}};
    const auto m = planar::meetItself(planar::strandOf(loop, 0), touch);
    REQUIRE(m.contacts.size() == 1);
    CHECK(m.contacts[0].at.x == Approx(50).margin(1e-6));
    CHECK(planar::meetItself(planar::strandOf(circle({0, 0}, 50), 0), touch).contacts.empty());
}

TEST_CASE("meetings lie on both curves, whichever is asked first")
{
    for (unsigned seed = 1; seed <= 40; ++seed) {
        shapes::Random random(seed);
        const Path a = shapes::stroke(random, 600), b = shapes::blob(random, {300, 300}, 150, 7);
        const auto one = meet(a, b), other = meet(b, a);
        CHECK(one.contacts.size() == other.contacts.size());
        for (const planar::Contact& c : one.contacts) {
            CHECK(distance(at(a.piece(static_cast<std::size_t>(c.a)), c.s), c.at) < 2 * touch);
            CHECK(distance(at(b.piece(static_cast<std::size_t>(c.b)), c.t), c.at) < 2 * touch);
        }
    }
}

TEST_CASE("the index of boxes finds just those that hold a point")
{
    shapes::Random random(4);
    std::vector<Box> boxes(1);
    for (int k = 0; k < 3000; ++k) {
        const Vec2 from{random(0, 1000), random(0, 1000)};
        const double size = std::pow(10, random(-1, 2.7));
        boxes.push_back({from, from + Vec2{size * random(0.2, 1), size}});
    }
    const planar::BoxIndex index(boxes);
    std::size_t told = 0;
    for (int k = 0; k < 2000; ++k) {
        const Vec2 p{random(-50, 1600), random(-50, 1600)};
        std::vector<int> found, meant;
        index.at(p, [&](int b) { found.push_back(b); });
        for (std::size_t b = 0; b < boxes.size(); ++b)
            if (boxes[b].contains(p)) meant.push_back(static_cast<int>(b));
        std::sort(found.begin(), found.end());
        REQUIRE(found == meant);
        told += found.size();
    }
    CHECK(told > 1000);
    planar::BoxIndex().at({0, 0}, [](int) { FAIL("nothing is in it"); });
}
