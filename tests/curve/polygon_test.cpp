// What closed paths enclose, by closed forms.
#include "curve/polygon.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <random>

using namespace softrope::curve;

TEST_CASE("areas of regular polygons by the handbook, signed by the turn")
{
    for (const int n : {3, 4, 5, 6, 12, 100}) {
        std::vector<Vec2> ring;
        for (int k = 0; k < n; ++k) ring.push_back(Vec2{7, -3} + 10.0 * direction(2 * pi * k / n));
        CHECK(polygonArea(ring) == Approx(0.5 * n * 100 * std::sin(2 * pi / n)));
        std::vector<Vec2> back(ring.rbegin(), ring.rend());
        CHECK(polygonArea(back) == Approx(-polygonArea(ring)));
    }
}

TEST_CASE("inside of a star, a comb and a bow tie")
{
    std::mt19937 random(2);
    std::uniform_real_distribution<double> u(-12, 12);
    // A convex ring: inside is on the inner side of every border.
    std::vector<Vec2> ring;
    for (int k = 0; k < 7; ++k) ring.push_back(10.0 * direction(2 * pi * k / 7));
    for (int k = 0; k < 2000; ++k) {
        const Vec2 p{u(random), u(random)};
        bool in = true;
        for (std::size_t i = 0; i < ring.size(); ++i) in = in && cross(ring[(i + 1) % ring.size()] - ring[i], p - ring[i]) > 0;
        CHECK(insidePolygon(ring, p) == in);
    }
    // A comb: teeth are in, gaps are not.
    std::vector<Vec2> comb{{0, 0}};
    for (int k = 0; k < 5; ++k) {
        comb.push_back({4.0 * k, 10});
        comb.push_back({4.0 * k + 2, 10});
        comb.push_back({4.0 * k + 2, 2});
        comb.push_back({4.0 * k + 4, 2});
    }
    comb.push_back({20, 0});
    for (int k = 0; k < 5; ++k) {
        CHECK(insidePolygon(comb, {4.0 * k + 1, 8}));
        CHECK_FALSE(insidePolygon(comb, {4.0 * k + 3, 8}));
        CHECK(insidePolygon(comb, {4.0 * k + 3, 1}));
    }
    // Even-odd: where a ring winds twice is outside.
    std::vector<Vec2> twice;
    for (int k = 0; k < 10; ++k) twice.push_back(10.0 * direction(4 * pi * k / 5));
    twice.resize(5);
    CHECK_FALSE(insidePolygon(twice, {0, 0}));
    CHECK(insidePolygon(twice, 8.0 * direction(0)));
}

TEST_CASE("an inner point is the middle of the largest disc that fits")
{
    // L: the corner square is the widest place.
    const Paths l{polyline({{0, 0}, {100, 0}, {100, 30}, {30, 30}, {30, 100}, {0, 100}}, true)};
    const Vec2 p = innerPoint(l);
    CHECK(p.x < 30);
    CHECK(p.y < 30);
    // A triangle: the incentre (handbook: corners weighted by the opposite sides).
    const Vec2 a{0, 0}, b{120, 0}, c{40, 90};
    const double wa = distance(b, c), wb = distance(a, c), wc = distance(a, b);
    const Vec2 incentre = (wa * a + wb * b + wc * c) / (wa + wb + wc);
    CHECK(distance(innerPoint({polyline({a, b, c}, true)}), incentre) < 2);
    // Two islands: in the larger one.
    CHECK(distance(innerPoint({circle({0, 0}, 10), circle({100, 0}, 20)}), {100, 0}) < 2);
}
