// Figures and tangency against worked examples.
#include "curve/figures.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

TEST_CASE("The circle that touches three given ones is Descartes' and Apollonius'")
{
    // Worked example (Coxeter, Introduction to Geometry, 1.5): three mutually touching circles of radius 1 leave room for one
    // of radius 2 / sqrt(3) - 1 between them.
    const double s = 100;
    const Vec2 a{0, 0}, b{2 * s, 0}, c{s, std::sqrt(3.0) * s};
    const Vec2 middle = (a + b + c) / 3;
    std::vector<Path> three;
    for (const Vec2 o : {a, b, c}) three.push_back(circleWithNodes(o, s, {angleOf(middle - o)}));
    const auto t = tangentCircle(three, middle + Vec2{4, -3}, 18, Held::nothing);
    REQUIRE(t);
    CHECK(t->radius == Approx((2 / std::sqrt(3.0) - 1) * s).margin(1e-7));
    CHECK(distance(t->centre, middle) < 1e-7);
    CHECK(t->touches.size() == 3);
    // Three straights: the incircle of the 3-4-5 triangle has radius 1 (Euclid IV.4).
    const Path sides[3] = {polyline({{0, 0}, {400, 0}}, false), polyline({{400, 0}, {0, 300}}, false), polyline({{0, 300}, {0, 0}}, false)};
    const auto in = tangentCircle({sides[0], sides[1], sides[2]}, {120, 90}, 80, Held::nothing);
    REQUIRE(in);
    CHECK(in->radius == Approx(100).margin(1e-9));
    CHECK(distance(in->centre, {100, 100}) < 1e-9);
}

TEST_CASE("A circle near its neighbours locks on to them to 1e-9")
{
    const Path near = circle({200, 200}, 80), other = polyline({{0, 400}, {500, 420}}, false);
    const auto one = tangentCircle({near}, {400, 210}, 118, Held::centre);
    REQUIRE(one);
    CHECK(one->centre == Vec2{400, 210});
    CHECK(std::abs(nearest(near, one->centre)->distance - one->radius) < 1e-9);
    const auto two = tangentCircle({near, other}, {330, 300}, 90, Held::radius);
    REQUIRE(two);
    CHECK(two->radius == 90);
    for (const Path& p : {near, other}) CHECK(std::abs(nearest(p, two->centre)->distance - 90) < 1e-9);
    // Its path stands on the touching points exactly.
    std::vector<double> angles;
    for (const Touch& t : two->touches) angles.push_back(angleOf(t.at - two->centre));
    const Path drawn = circleWithNodes(two->centre, two->radius, angles);
    for (const Touch& t : two->touches) CHECK(nearest(drawn, t.at)->distance < 1e-9);
}

TEST_CASE("A circle locks to the inside of one it lies in, and round one that it holds")
{
    // Distances of the middles of touching circles: the difference of the radii from within, the sum from outside (Euclid III.11, III.12).
    const Path big = circle({500, 500}, 200), small = circle({560, 500}, 40);
    const auto within = tangentCircle({big}, {600, 500}, 96, Held::centre);
    REQUIRE(within);
    CHECK(within->radius == Approx(100).margin(0.06)); // four cubics make the circle to 0.03 %
    CHECK(std::abs(nearest(big, within->centre)->distance - within->radius) < 1e-9);
    const auto moved = tangentCircle({big}, {600, 500}, 104, Held::radius);
    REQUIRE(moved);
    CHECK(moved->radius == 104);
    CHECK(distance(moved->centre, {500, 500}) == Approx(96).margin(0.06));
    // Round the small one: the middle of it is 60 off, so the circle that holds it has 60 + 40.
    const auto round = tangentCircle({small}, {500, 500}, 97, Held::centre);
    REQUIRE(round);
    CHECK(round->radius == Approx(100).margin(0.02));
    CHECK(distance(round->touches.front().at, {600, 500}) < 0.02);
    // Inside the big one and round the small one at once.
    const auto both = tangentCircle({big, small}, {478, 553}, 140, Held::radius);
    REQUIRE(both);
    CHECK(distance(both->centre, {500, 500}) == Approx(60).margin(0.06));
    CHECK(distance(both->centre, {560, 500}) == Approx(100).margin(0.06));
}

TEST_CASE("Straights lock on to tangents")
{
    // From a point at twice the radius the tangent meets the circle 60 degrees from the line to the middle (Euclid III.17).
    const Path c = circleWithNodes({0, 0}, 100, {radians(60), radians(-60)});
    const auto q = tangentFrom(c, {200, 0}, {52, 84}, 20);
    REQUIRE(q);
    CHECK(distance(*q, 100 * direction(radians(60))) < 1e-6);
    const Path d = circle({400, 0}, 60);
    const auto line = commonTangent(circle({0, 0}, 60), {3, -58}, d, {397, -63}, 20);
    REQUIRE(line);
    CHECK(line->from.y == Approx(-60).margin(1e-6));
    CHECK(line->to.y == Approx(-60).margin(1e-6));
    CHECK_FALSE(tangentFrom(c, {10, 0}, {52, 84}, 20));
}

TEST_CASE("Figures have the handbook's areas and sizes")
{
    CHECK(area(regularPolygon({0, 0}, 100, 6)) == Approx(1.5 * std::sqrt(3.0) * 1e4).epsilon(1e-12));
    // A leaf: twice the segment of chord c and sagitta h.
    const double chord = 200, h = 40, r = (chord * chord / 4 + h * h) / (2 * h), half = std::asin(chord / 2 / r);
    CHECK(std::abs(area(leaf({0, 0}, {chord, 0}, 2 * h))) == Approx(2 * (r * r * half - (r - h) * chord / 2)).epsilon(1e-4));
    const Path round = circleWithNodes({50, 60}, 70, {0.3, 1.1, 4});
    CHECK(std::abs(area(round)) == Approx(pi * 4900).epsilon(1e-3));
    for (std::size_t k = 0; k < round.pieceCount(); ++k) CHECK(distance(at(round.piece(k), 0.5), {50, 60}) == Approx(70).epsilon(1e-12));
}
