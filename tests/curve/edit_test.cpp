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

TEST_CASE("where a node was removed the curvature jumps less than with the nearest piece, for hardly more distance")
{
    // Two ellipses' quarters and a wave's bow with a node too many.
    const auto jumpAt = [](const Path& p, std::size_t k) {
        const std::size_t n = p.pieceCount();
        const double a = curvature(p.piece((k + n - 1) % n), 1), b = curvature(p.piece(k % n), 0);
        return std::abs(a - b) / (std::abs(a) + std::abs(b));
    };
    const auto rms = [](const Path& a, const Path& b) {
        double sum = 0;
        int n = 0;
        for (std::size_t k = 0; k < a.pieceCount(); ++k)
            for (double t = 0; t < 1; t += 0.02, ++n) sum += std::pow(nearest(b, at(a.piece(k), t))->distance, 2);
        return std::sqrt(sum / n);
    };
    for (const double high : {50.0, 80.0, 140.0}) {
        INFO(high);
        Path p = transformed(circle({0, 0}, 100), scaling(1, high / 100));
        p = withNodeAt(p, {0, 0.3, {}, 0}).path;
        p = withNodeAt(p, {1, 0.6, {}, 0}).path;
        const Path fair = withoutNode(p, 1);
        REQUIRE(fair.nodes.size() == p.nodes.size() - 1);
        // The nearest piece, worked out here for itself: handles on a grid.
        const Path both{{p.nodes[0], p.nodes[1], p.nodes[2]}, false};
        const Vec2 out = unit(p.nodes[0].out - p.nodes[0].at), in = unit(p.nodes[2].at - p.nodes[2].in);
        double least = 1e300;
        Path best;
        const double chord = distance(p.nodes[0].at, p.nodes[2].at);
        for (double a = 0.1; a < 0.8; a += 0.01)
            for (double b = 0.1; b < 0.8; b += 0.01) {
                Path q = fair;
                q.nodes[0].out = q.nodes[0].at + out * (a * chord);
                q.nodes[1].in = q.nodes[1].at - in * (b * chord);
                const Path piece{{q.nodes[0], q.nodes[1]}, false};
                if (const double off = rms(piece, both); off < least) {
                    least = off;
                    best = q;
                }
            }
        const Path piece{{fair.nodes[0], fair.nodes[1]}, false};
        CHECK(rms(piece, both) <= 1.1 * least + 0.1);
        CHECK(jumpAt(fair, 0) + jumpAt(fair, 1) < 0.3 * (jumpAt(best, 0) + jumpAt(best, 1)));
    }
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
