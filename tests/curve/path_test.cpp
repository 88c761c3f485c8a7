#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

TEST_CASE("pieces of open and closed paths")
{
    const Path open = polyline({{0, 0}, {10, 0}, {10, 10}}, false), closed = polyline({{0, 0}, {10, 0}, {10, 10}}, true);
    CHECK(open.pieceCount() == 2);
    CHECK(closed.pieceCount() == 3);
    CHECK(closed.piece(2) == straight({10, 10}, {0, 0}));
    CHECK(polyline({{1, 1}}, false).pieceCount() == 0);
    CHECK(Path{}.pieceCount() == 0);
    CHECK(arcLength(open) == Approx(20));
}

TEST_CASE("area is positive clockwise on screen, and turning a path round turns its sign")
{
    const Path r = rectangle({0, 0}, {4, 3});
    CHECK(area(r) == Approx(12));
    CHECK(area(reversed(r)) == Approx(-12));
    CHECK(area(circle({9, 9}, 2)) > 0);
    // An open path is closed by its chord.
    CHECK(area(polyline({{0, 0}, {4, 0}, {4, 3}}, false)) == Approx(6));
}

TEST_CASE("reversing twice gives the path back, the curve is the same")
{
    const Path c = ellipse({5, 6}, 30, 20);
    CHECK(reversed(reversed(c)) == c);
    CHECK(furthestFrom(reversed(c), c) < 1e-9);
}

TEST_CASE("transforming a path transforms its curve")
{
    const Affine m = translation({7, -2}) * rotation(0.7) * scaling(2, 3);
    const Path c = circle({1, 2}, 5), moved = transformed(c, m);
    CHECK(std::abs(area(moved)) == Approx(std::abs(area(c)) * determinant(m)));
    for (std::size_t i = 0; i < 4; ++i) CHECK(distance(at(moved.piece(i), 0.37), m * at(c.piece(i), 0.37)) < 1e-12);
}

TEST_CASE("an ellipse touches its box")
{
    const Box b = bounds(ellipse({10, 20}, 7, 3));
    CHECK(b.min.x == Approx(3));
    CHECK(b.max.y == Approx(23));
    CHECK(bounds(Path{}).empty());
}

TEST_CASE("the nearest place on a path names its piece")
{
    const Path r = rectangle({0, 0}, {40, 30});
    const auto top = nearest(r, {12, -5});
    REQUIRE(top);
    CHECK(top->piece == 0);
    CHECK(top->distance == Approx(5));
    CHECK(distance(top->point, {12, 0}) < 1e-9);
    CHECK(distance(pointAt(r, *top), {12, 0}) < 1e-6);
    CHECK(nearest(r, {20, 29})->piece == 2);
    CHECK_FALSE(nearest(Path{}, {0, 0}));
    CHECK_FALSE(nearest(polyline({{1, 1}}, false), {0, 0}));
}

TEST_CASE("flattening a closed path repeats its first point")
{
    const auto line = flatten(circle({0, 0}, 10), 0.01);
    CHECK(distance(line.front(), line.back()) < 1e-12);
    CHECK(line.size() > 20);
}

TEST_CASE("boxes: empty, grown, met")
{
    Box b;
    CHECK(b.empty());
    CHECK(b.grown(5).empty());
    b.add(Vec2{1, 2});
    CHECK_FALSE(b.empty());
    CHECK(b.width() == 0);
    CHECK(b.grown(1).contains({0.5, 1.5}));
    CHECK(Box{{0, 0}, {2, 2}}.meets({{2, 2}, {3, 3}}));
    CHECK_FALSE(Box{{0, 0}, {2, 2}}.meets({{2.1, 0}, {3, 3}}));
    CHECK(distance(Box{{0, 0}, {2, 2}}, Vec2{5, 6}) == Approx(5));
}

TEST_CASE("curvature of a circle's cubic is one over the radius, nearly")
{
    const Cubic q = circle({0, 0}, 50).piece(0);
    for (const double t : {0.0, 0.2, 0.5, 0.9}) CHECK(curvature(q, t) == Approx(1.0 / 50).epsilon(0.03));
}

TEST_CASE("quadratics with one, two and no roots, and with a vanishing leading term")
{
    CHECK(quadraticRoots(1, -3, 2).size() == 2);
    CHECK(quadraticRoots(1, 0, 1).empty());
    CHECK(quadraticRoots(0, 2, -4) == std::vector<double>{2});
    CHECK(quadraticRoots(0, 0, 1).empty());
    const auto close = quadraticRoots(1, -1e8, 1); // Forsythe 1970: the small root must not be lost
    REQUIRE(close.size() == 2);
    CHECK(std::min(close[0], close[1]) == Approx(1e-8));
}
