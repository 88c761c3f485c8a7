#include "curve/arcs.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

double offCircle(const Path& p, Vec2 centre, double radius)
{
    double worst = 0;
    for (const Vec2 q : flatten(p, 0.01)) worst = std::max(worst, std::abs(distance(q, centre) - radius));
    return worst;
}

std::vector<Vec2> samples(const Path& p)
{
    std::vector<Vec2> out = evenly(flatten(p, 0.01), false, 0.7).points;
    // A little tremor, the same each time.
    for (std::size_t i = 0; i < out.size(); ++i) out[i] += Vec2{std::sin(i * 12.9898), std::sin(i * 78.233)} * 0.08;
    return out;
}

} // namespace

TEST_CASE("a ring drawn nearly round becomes an exact circle of four nodes, run the same way")
{
    for (const bool back : {false, true}) {
        std::vector<Vec2> row = samples(circle({100, 80}, 60));
        row.pop_back();
        if (back) std::reverse(row.begin(), row.end());
        const Path p = fit(row, true, {}).path;
        CHECK(p.nodes.size() == 4);
        CHECK(offCircle(p, {100, 80}, 60) < 0.12);
        // Four cubics: radial error below 2.73e-4 of the radius (Goldapp 1991).
        const Box b = bounds(p);
        CHECK(b.width() == Approx(b.height()).epsilon(1e-9));
        CHECK((area(p) > 0) != back);
    }
}

TEST_CASE("an arc between two corners becomes the arc through both")
{
    Path p;
    p.closed = true;
    p.nodes = {cornerAt({-50, 0}), {{0, -51}, {-30, -50}, {30, -51.5}, NodeKind::smooth}, cornerAt({50, 0})};
    p.nodes[0].out = {-50, -28};
    p.nodes[2].in = {50, -27};
    const WithArcs w = withExactArcs(p, 1.5);
    REQUIRE(w.arcs == 1);
    // Corner points stay, and every point of the arc has the same distance from one centre.
    const Vec2 a{-50, 0}, b{50, 0};
    std::size_t straights = 0;
    for (std::size_t k = 0; k < w.path.pieceCount(); ++k) straights += isStraight(w.path.piece(k));
    CHECK(straights == 1);
    CHECK(nearest(w.path, a)->distance < 1e-9);
    CHECK(nearest(w.path, b)->distance < 1e-9);
    const Vec2 top = nearest(w.path, {0, -60})->point;
    const double h = -top.y, radius = (50 * 50 + h * h) / (2 * h); // sagitta formula
    CHECK(std::abs(distance(nearest(w.path, {-40, -40})->point, {0, -h + radius}) - radius) < 0.05);
}

TEST_CASE("bends between straights become the arcs tangent to both")
{
    // A rounded rectangle whose bends were fitted a little askew.
    const Path square = polyline({{0, 0}, {200, 0}, {200, 160}, {0, 160}}, true);
    Path p = withRoundCorners(square, {{0, 30}, {1, 30}, {2, 30}, {3, 30}}).path;
    for (std::size_t k = 0; k < p.nodes.size(); ++k) {
        if (p.nodes[k].out != p.nodes[k].at) p.nodes[k].out = lerp(p.nodes[k].at, p.nodes[k].out, 1.03);
        if (p.nodes[k].in != p.nodes[k].at) p.nodes[k].in = lerp(p.nodes[k].at, p.nodes[k].in, 0.98);
    }
    const WithArcs w = withExactArcs(p, 0.5);
    CHECK(w.arcs == 4);
    REQUIRE(w.path.nodes.size() == 8);
    for (const Vec2 c : {Vec2{30, 30}, Vec2{170, 30}, Vec2{170, 130}, Vec2{30, 130}}) {
        std::size_t on = 0;
        for (const Node& n : w.path.nodes) on += std::abs(distance(n.at, c) - 30) < 0.5 ? 1 : 0;
        CHECK(on == 2);
    }
    for (std::size_t k = 0; k < w.path.nodes.size(); ++k)
        CHECK(std::abs(turn(endTangent(w.path.piece((k + w.path.pieceCount() - 1) % w.path.pieceCount())), startTangent(w.path.piece(k)))) < 1e-9);
}

TEST_CASE("what is no arc stays as it was fitted")
{
    const Path egg = ellipse({0, 0}, 80, 60);
    CHECK(withExactArcs(egg, 0.4).arcs == 0);
    CHECK(withExactArcs(egg, 0.4).path == egg);
    CHECK(withExactArcs({}, 1).path.empty());
    CHECK(withExactArcs(polyline({{0, 0}, {50, 10}}, false), 1).arcs == 0);
}

TEST_CASE("nodes at the extremes leave the shape exactly as it is")
{
    Path p;
    p.closed = true;
    p.nodes = {{{0, 0}, {-30, 60}, {30, -60}, NodeKind::smooth}, {{150, 40}, {140, -50}, {160, 130}, NodeKind::smooth}};
    const Path q = withNodesAtExtremes(p);
    CHECK(q.nodes.size() > p.nodes.size());
    CHECK(area(q) == Approx(area(p)).epsilon(1e-12));
    CHECK(arcLength(q) == Approx(arcLength(p)).epsilon(1e-9));
    const Box b = bounds(p);
    for (const double side : {b.min.x, b.max.x})
        CHECK(std::any_of(q.nodes.begin(), q.nodes.end(), [&](const Node& n) { return std::abs(n.at.x - side) < 1e-9; }));
    for (const double side : {b.min.y, b.max.y})
        CHECK(std::any_of(q.nodes.begin(), q.nodes.end(), [&](const Node& n) { return std::abs(n.at.y - side) < 1e-9; }));
    CHECK(withNodesAtExtremes(q).nodes.size() == q.nodes.size());
}
