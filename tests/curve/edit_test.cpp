#include "curve/curve.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {
Path triangle()
{
    return polyline({{0, 0}, {100, 0}, {50, 80}}, true);
}
} // namespace

TEST_CASE("a bent straight goes through the pointer with its ends held")
{
    for (const double t : {0.2, 0.5, 0.77}) {
        const Vec2 through{40, 33};
        const Path p = bent(triangle(), 0, t, through);
        CHECK(p.nodes[0].at == Vec2{0, 0});
        CHECK(p.nodes[1].at == Vec2{100, 0});
        CHECK(nearest(p.piece(0), through).distance < 1e-9);
        CHECK(isStraight(p.piece(1)));
    }
}

TEST_CASE("bending changes the handles least")
{
    const Path p = circle({0, 0}, 100);
    const Vec2 to = at(p.piece(0), 0.4) + Vec2{6, -2};
    const Path b = bent(p, 0, 0.4, to);
    const Vec2 d1 = b.nodes[0].out - p.nodes[0].out, d2 = b.nodes[1].in - p.nodes[1].in;
    // Any other pair of moves that brings the point there is longer: the least one is along the constraint's gradient.
    const double b1 = 3 * 0.6 * 0.6 * 0.4, b2 = 3 * 0.6 * 0.4 * 0.4;
    CHECK(length(d1 * b2 - d2 * b1) < 1e-9);
    CHECK(distance(at(b.piece(0), 0.4), to) < 1e-9);
}

TEST_CASE("smooth neighbours stay smooth when a piece is bent")
{
    const Path b = bent(circle({0, 0}, 100), 1, 0.5, {-90, 90});
    for (const std::size_t i : {1U, 2U}) CHECK(std::abs(cross(unit(b.nodes[i].at - b.nodes[i].in), unit(b.nodes[i].out - b.nodes[i].at))) < 1e-9);
}

TEST_CASE("an inserted node leaves the curve as it was")
{
    const Path p = circle({10, 20}, 50);
    const Place place = *nearest(p, {60, 60});
    const Inserted with = withNodeAt(p, place);
    CHECK(with.path.nodes.size() == 5);
    CHECK(distance(with.path.nodes[with.node].at, place.point) < 1e-9);
    CHECK(furthestFrom(p, with.path) < 1e-9);
    CHECK(furthestFrom(with.path, p) < 1e-9);
    CHECK(withNodeAt(triangle(), {0, 0.5, {}, 0}).path.nodes[1].at == Vec2{50, 0});
}

TEST_CASE("a removed node refits its neighbours so that the curve moves little")
{
    const Path p = circle({0, 0}, 100);
    const Path more = withNodeAt(p, *nearest(p, Vec2{71, 71})).path;
    CHECK(furthestFrom(withoutNode(more, 1), p) < 0.05);
    const Path fewer = withoutNode(p, 1);
    CHECK(fewer.nodes.size() == 3);
    CHECK(furthestFrom(fewer, p) < 3);
}

TEST_CASE("corner and smooth turn into each other")
{
    const Path s = smoothed(triangle(), 1);
    CHECK(s.nodes[1].kind == NodeKind::smooth);
    CHECK(std::abs(cross(s.nodes[1].at - s.nodes[1].in, s.nodes[1].out - s.nodes[1].at)) < 1e-9);
    CHECK(distance(s.nodes[1].at, s.nodes[1].in) > 10);
    const Path c = cornered(s, 1);
    CHECK(c.nodes[1].kind == NodeKind::corner);
    CHECK(c.nodes[1].in == s.nodes[1].in);
}

TEST_CASE("a smooth node's other handle turns along unless it is broken")
{
    const Path p = circle({0, 0}, 100);
    const Vec2 to{150, -80};
    const Path along = withHandleMoved(p, 0, HandleSide::in, to);
    CHECK(along.nodes[0].in == to);
    CHECK(std::abs(cross(along.nodes[0].in - along.nodes[0].at, along.nodes[0].out - along.nodes[0].at)) < 1e-6);
    CHECK(distance(along.nodes[0].at, along.nodes[0].out) == Approx(distance(p.nodes[0].at, p.nodes[0].out)));
    const Path broken = withHandleMoved(p, 0, HandleSide::in, to, true);
    CHECK(broken.nodes[0].kind == NodeKind::corner);
    CHECK(broken.nodes[0].out == p.nodes[0].out);
}

TEST_CASE("opening, cutting and merging keep the rest of the path")
{
    const Path open = openedAt(circle({0, 0}, 10), 2);
    CHECK_FALSE(open.closed);
    CHECK(open.nodes.size() == 5);
    CHECK(open.nodes.front().at == open.nodes.back().at);
    CHECK(arcLength(open) == Approx(arcLength(circle({0, 0}, 10))));
    CHECK(merged(open, 0, 4).closed);
    CHECK(merged(open, 0, 4).nodes.size() == 4);
    const Paths cut = withoutPiece(polyline({{0, 0}, {10, 0}, {20, 0}, {30, 0}}, false), 1);
    REQUIRE(cut.size() == 2);
    CHECK(cut[0].nodes.back().at == Vec2{10, 0});
    CHECK(cut[1].nodes.front().at == Vec2{20, 0});
    CHECK(withoutPiece(triangle(), 2).front().nodes.size() == 3);
}

TEST_CASE("indices out of range change nothing")
{
    const Path p = triangle();
    CHECK(smoothed(p, 9) == p);
    CHECK(bent(p, 9, 0.5, {}) == p);
    CHECK(straightened(p, 3) == p);
    CHECK(merged(p, 0, 0) == p);
    CHECK(openedAt(p, 7) == p);
    CHECK(withoutNode(p, 5) == p);
}

TEST_CASE("reduce keeps corners, straights and slack")
{
    Path dense;
    dense.closed = true;
    for (const Vec2 p : strokes::along({{0, 0}, {200, 0}, {200, 120}, {0, 120}, {0, 0}}, 5)) dense.nodes.push_back(cornerAt(p));
    dense.nodes.pop_back();
    ReduceOptions o;
    o.slack = 0.4;
    const Reduced r = reduce(dense, o);
    CHECK(r.path.nodes.size() == 4);
    CHECK(r.furthest <= 0.4);
    for (const Vec2 c : {Vec2{0, 0}, Vec2{200, 0}, Vec2{200, 120}, Vec2{0, 120}}) {
        double off = 1e9;
        for (const Node& n : r.path.nodes) off = std::min(off, distance(n.at, c));
        CHECK(off < 0.05);
    }
}

TEST_CASE("reduce measures what it says, both ways")
{
    Path dense;
    for (const Vec2 p : strokes::shaken(strokes::wave(200), 0.2, 4)) dense.nodes.push_back(cornerAt(p));
    for (const double slack : {0.5, 1.0, 2.0}) {
        ReduceOptions o;
        o.slack = slack;
        const Reduced r = reduce(dense, o);
        CHECK(r.path.nodes.size() < 40);
        CHECK(furthestFrom(dense, r.path) <= slack);
        CHECK(furthestFrom(r.path, dense) <= slack);
        CHECK(r.path.nodes.front().at == dense.nodes.front().at);
    }
}

TEST_CASE("a path that has no node to spare comes back as it was")
{
    const Path p = circle({0, 0}, 100);
    ReduceOptions o;
    o.slack = 0.01;
    CHECK(reduce(p, o).path == p);
    CHECK(reduce(triangle(), o).path.nodes.size() == 3);
}
