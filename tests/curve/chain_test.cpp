#include "curve/chain.h"
#include "curve/seed.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

std::vector<Vec2> dense(const Cubic& c, int n)
{
    std::vector<Vec2> line;
    for (int i = 0; i <= n; ++i) line.push_back(at(c, double(i) / n));
    return line;
}

ChainNode corner(Vec2 p, double angle, long sample, bool pinned)
{
    ChainNode n;
    n.at = p;
    n.in = n.out = angle;
    n.smooth = false;
    n.pinned = pinned;
    n.sample = sample;
    return n;
}

} // namespace

TEST_CASE("settling one piece on samples of a cubic gives that cubic back")
{
    const Cubic c{{0, 0}, {60, -50}, {140, 90}, {200, 20}};
    const Samples s = evenly(dense(c, 2000), false, 0.5);
    Chain chain;
    chain.nodes = {corner(c.p0, angleOf(c.p1 - c.p0) + 0.2, 0, true), corner(c.p3, angleOf(c.p3 - c.p2) - 0.2, s.count() - 1, true)};
    chain.pieces = {{60, 60, false}};
    const ChainSource source{s, std::vector<float>(s.points.size(), 1)};
    settle(chain, 0, 1, source, 40);
    const Cubic got = chain.cubic(0);
    CHECK(distance(got.p1, c.p1) < 0.6);
    CHECK(distance(got.p2, c.p2) < 0.6);
    CHECK(errorOf(chain, 0, source).furthest < 0.02);
}

TEST_CASE("a smooth node stays smooth and slides to where two pieces fit best")
{
    const Samples s = evenly(strokes::wave(600), false, 0.5);
    const long third = s.count() / 3;
    Chain chain;
    ChainNode middle;
    middle.at = s[third] + Vec2{2, 3};
    middle.in = middle.out = angleOf(s[third + 5] - s[third - 5]);
    middle.sample = third;
    chain.nodes = {corner(s[0], angleOf(s[6] - s[0]), 0, true), middle, corner(s[2 * third], angleOf(s[2 * third] - s[2 * third - 6]), 2 * third, true)};
    chain.pieces = {{40, 40, false}, {40, 40, false}};
    const ChainSource source{s, std::vector<float>(s.points.size(), 1)};
    const double before = errorOf(chain, 0, source).sumOfSquares + errorOf(chain, 1, source).sumOfSquares;
    settle(chain, 0, 2, source, 20);
    const double after = errorOf(chain, 0, source).sumOfSquares + errorOf(chain, 1, source).sumOfSquares;
    CHECK(after < 0.2 * before);
    CHECK(chain.nodes[1].in == chain.nodes[1].out);
    CHECK(chain.nodes[0].at == s[0]);
}

TEST_CASE("a straight hands its direction to the smooth node at its end")
{
    auto line = strokes::along({{0, 0}, {100, 0}}, 1);
    const auto bow = strokes::arc({100, 50}, 50, -pi / 2, 0, 100);
    line.insert(line.end(), bow.begin() + 1, bow.end());
    const Samples s = evenly(line, false, 0.5);
    Chain chain;
    ChainNode join;
    join.at = {97, 2};
    join.in = join.out = 0.1;
    join.sample = 195;
    chain.nodes = {corner({0, 0}, 0, 0, true), join, corner(s[s.count() - 1], pi / 2, s.count() - 1, true)};
    chain.pieces = {{0, 0, true}, {30, 30, false}};
    settle(chain, 0, 2, {s, std::vector<float>(s.points.size(), 1)}, 30);
    CHECK(std::abs(chain.nodes[1].at.y) < 0.1);
    CHECK(chain.nodes[1].out == Approx(angleOf(chain.nodes[1].at - chain.nodes[0].at)).margin(1e-9));
    const Path p = toPath(chain);
    CHECK(isStraight(p.piece(0)));
    CHECK(std::abs(turn(endTangent(p.piece(0)), startTangent(p.piece(1)))) < 1e-6);
}

TEST_CASE("a single span is fitted with its end tangents kept")
{
    const Cubic c{{0, 0}, {40, -30}, {90, -30}, {120, 10}};
    const Samples s = evenly(dense(c, 1000), false, 0.5);
    const SpanFit f = fitSpan(s, {0, s.count() - 1}, c.p0, angleOf(c.p1 - c.p0), c.p3, angleOf(c.p3 - c.p2));
    CHECK(f.a == Approx(length(c.p1 - c.p0)).epsilon(0.06));
    CHECK(f.b == Approx(length(c.p3 - c.p2)).epsilon(0.06));
    CHECK(f.furthest < 0.3);
}

TEST_CASE("a piece that wanders off between its samples is told, though each sample is near it")
{
    const Samples s = evenly({{0, 0}, {10, 0}}, false, 0.5);
    Chain loop;
    loop.nodes = {corner({0, 0}, pi / 2, 0, true), corner({10, 0}, -pi / 2, s.count() - 1, true)};
    loop.pieces = {{60, 60, false}};
    const ChainSource source{s, std::vector<float>(s.points.size(), 1)};
    CHECK(errorOf(loop, 0, source).furthest > 10);
}

TEST_CASE("a piece that goes back beyond its end before it sets out is told, though each sample is near it")
{
    // Handles that point away from where the samples lead: it hooks at both ends.
    const Cubic hooked{{0, 0}, {-6, 0.2}, {46, 0.2}, {40, 0}};
    double back = 0;
    for (int i = 0; i <= 400; ++i) back = std::max(back, -at(hooked, i / 400.0).x);
    REQUIRE(back > 0.3);
    const Samples s = evenly({{0, 0}, {20, 0.15}, {40, 0}}, false, 5);
    Chain chain;
    chain.nodes = {corner(hooked.p0, angleOf(hooked.p1 - hooked.p0), 0, true), corner(hooked.p3, angleOf(hooked.p3 - hooked.p2), s.count() - 1, true)};
    chain.pieces = {{distance(hooked.p0, hooked.p1), distance(hooked.p2, hooked.p3), false}};
    double off = 0;
    Path path = polyline({hooked.p0, hooked.p3}, false);
    path.nodes[0].out = hooked.p1;
    path.nodes[1].in = hooked.p2;
    for (const Vec2 p : s.points) off = std::max(off, nearest(path, p)->distance);
    REQUIRE(off < 0.1);
    const double told = errorOf(chain, 0, {s, std::vector<float>(s.points.size(), 1)}).furthest;
    CHECK(told > 0.85 * back);
    CHECK(told < 1.15 * back);
}
