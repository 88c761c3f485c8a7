// Corners that a fit has hidden are shown, where the samples know of none but the corner.
#include "curve/hidden_corners.h"

#include "curve/curve.h"
#include "curve/samples.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <algorithm>
#include <cmath>

using namespace softrope::curve;

namespace {

// A straight of 120 px that meets a slight bow at 100 degrees in (0, 0).
std::vector<Vec2> bentLine()
{
    std::vector<Vec2> line;
    for (int i = 0; i <= 120; ++i) line.push_back({-120.0 + i, 0});
    const Cubic bow{{0, 0}, {-6, 40}, {-10, 80}, {-26, 130}};
    for (int i = 1; i <= 130; ++i) line.push_back(at(bow, i / 130.0));
    return line;
}

long nearest(const Samples& s, Vec2 p)
{
    long best = 0;
    for (long i = 0; i < s.count(); ++i)
        if (distance(s[i], p) < distance(s[best], p)) best = i;
    return best;
}

ChainNode node(const Samples& s, Vec2 p, double in, double out, bool smooth)
{
    ChainNode n;
    n.at = p;
    n.in = in;
    n.out = out;
    n.smooth = smooth;
    n.sample = nearest(s, p);
    return n;
}

// Two straights of 80 px that turn by three degrees at (0, 0), and a scrap of a curve between them that turns back on itself.
Chain twoStraights(const Samples& s)
{
    const Vec2 way = direction(radians(3));
    Chain chain;
    chain.nodes = {node(s, {-80, 0}, 0, 0, false), node(s, {-0.3, 0}, 0, 0, true), node(s, way * 0.3, radians(3), radians(3), true),
                   node(s, way * 80, radians(3), radians(3), false)};
    chain.nodes[2].sample = chain.nodes[1].sample + 1;
    chain.nodes.front().pinned = chain.nodes.back().pinned = true;
    chain.pieces = {{0, 0, true}, {0.9, 0.9, false}, {0, 0, true}};
    return chain;
}

} // namespace

TEST_CASE("a hook between a corner and the line beyond is straightened")
{
    const Samples s = evenly(bentLine(), false, 0.5);
    // The corner turned too far, and 6 px on a smooth node that leads back round a tight bend.
    const double down = radians(100);
    Chain chain;
    chain.nodes = {node(s, s[0], 0, 0, false), node(s, {0, 0}, 0, radians(40), false), node(s, {-0.8, 6}, down, down, true),
                   node(s, s[s.count() - 1], radians(108), 0, false)};
    chain.nodes.front().pinned = chain.nodes.back().pinned = true;
    chain.pieces = {{40, 40, true}, {1.2, 1.2, false}, {40, 40, false}};
    std::vector<float> weight(s.points.size(), 1.0F);
    for (long i = nearest(s, {0, 0}) - 3; i <= nearest(s, {0, 0}) + 3; ++i) weight[static_cast<std::size_t>(i)] = 0;
    REQUIRE(std::abs(curvature(chain.cubic(1), 0)) + std::abs(curvature(chain.cubic(1), 1)) > 0.4); // tighter than a grain

    showHiddenCorners(chain, {s, weight}, {});
    const auto corner = std::find_if(chain.nodes.begin() + 1, chain.nodes.end() - 1, [](const ChainNode& n) { return !n.smooth; });
    REQUIRE(corner != chain.nodes.end() - 1);
    CHECK(distance(corner->at, {0, 0}) < 1);
    CHECK(std::abs(degrees(corner->out) - 98.5) < 4); // as the bow begins
    for (std::size_t k = 1; k + 1 < chain.nodes.size(); ++k)
        if (chain.nodes[k].smooth) CHECK(distance(chain.nodes[k].at, corner->at) > 9);
    for (std::size_t k = 0; k < chain.pieces.size(); ++k) CHECK(errorOf(chain, k, {s, weight}).furthest < 0.5);
}

TEST_CASE("a corner with a hook beside it on a line that goes straight through it was none")
{
    // An arc of 150 px, its middle at (0, 0); what stands there turns out by 35 degrees and back within 5 px.
    std::vector<Vec2> arc;
    for (int i = -60; i <= 60; ++i) arc.push_back(Vec2{0, 150} + direction(radians(-90 + i * 0.75)) * 150);
    const Samples s = evenly(arc, false, 0.5);
    Chain chain;
    chain.nodes = {node(s, s[0], 0, radians(-45), false), node(s, {0, 0}, 0, radians(35), false), node(s, {5, 0.1}, radians(2), radians(2), true),
                   node(s, s[s.count() - 1], radians(45), 0, false)};
    chain.nodes.front().pinned = chain.nodes.back().pinned = true;
    chain.pieces = {{38, 38, false}, {1.2, 1.2, false}, {36, 36, false}};
    const ChainSource source{s, std::vector<float>(s.points.size(), 1.0F)};
    showHiddenCorners(chain, source, {});
    for (std::size_t k = 1; k + 1 < chain.nodes.size(); ++k) CHECK(chain.nodes[k].smooth);
    for (std::size_t k = 0; k < chain.pieces.size(); ++k) CHECK(errorOf(chain, k, source, true).furthest < 0.5);
}

TEST_CASE("a long piece that bends with the noise alone becomes straight, a slight bow stays")
{
    for (const double bow : {0.0, 0.8}) {
        // 120 px between two corners, a hump of that height, and a tremor of 0.15 px.
        strokes::Random random(5);
        std::vector<Vec2> line;
        for (int i = 0; i <= 60; ++i) line.push_back({0, 60.0 - i});
        for (int i = 1; i < 120; ++i) line.push_back({static_cast<double>(i), bow * std::sin(pi * i / 120.0) + 0.3 * (random.unit() - 0.5)});
        for (int i = 0; i <= 60; ++i) line.push_back({120, static_cast<double>(i)});
        const Samples s = evenly(line, false, 0.5);
        Chain chain;
        chain.nodes = {node(s, {0, 60}, 0, -pi / 2, false), node(s, {0, 0}, -pi / 2, 0.01, false), node(s, {120, 0}, -0.01, pi / 2, false),
                       node(s, {120, 60}, pi / 2, 0, false)};
        chain.nodes.front().pinned = chain.nodes.back().pinned = true;
        chain.pieces = {{20, 20, true}, {40, 40, false}, {20, 20, true}};
        const ChainSource source{s, std::vector<float>(s.points.size(), 1.0F)};
        settle(chain, 0, 3, source, 20);
        showHiddenCorners(chain, source, {});
        REQUIRE(chain.pieces.size() == 3);
        CHECK(chain.pieces[1].line == (bow == 0));
    }
}

TEST_CASE("two straights with a scrap of a curve between them meet in a node")
{
    const Vec2 way = direction(radians(3));
    const Samples s = evenly({{-80, 0}, {0, 0}, way * 80}, false, 0.5);
    Chain chain = twoStraights(s);
    showHiddenCorners(chain, {s, std::vector<float>(s.points.size(), 1.0F)}, {});
    REQUIRE(chain.nodes.size() == 3);
    CHECK_FALSE(chain.nodes[1].smooth);
    CHECK(distance(chain.nodes[1].at, {0, 0}) < 0.5);
    CHECK((chain.pieces[0].line && chain.pieces[1].line));
}

TEST_CASE("to be rid of a fold a fifth more than the slack may be used, but not where every point counts")
{
    // Samples about (-40, 0) lie a little farther off than the slack, whatever stands between the straights.
    const Vec2 way = direction(radians(3));
    const Samples s = evenly({{-80, 0}, {-41, 0}, {-40, 0.7}, {-39, 0}, {0, 0}, way * 80}, false, 0.5);
    for (const bool strict : {false, true}) {
        Chain chain = twoStraights(s);
        FitOptions o;
        o.slack = 0.5;
        o.strict = strict;
        showHiddenCorners(chain, {s, std::vector<float>(s.points.size(), 1.0F)}, o);
        CHECK(chain.nodes.size() == (strict ? 4 : 3));
    }
}

TEST_CASE("a curve that turns back on itself loses its fold, and its nodes stay")
{
    // Along an arc of 100 px; the middle one of three pieces, 2 or 7 px long, has a handle that reaches past its beginning.
    const double half = GENERATE(0.6, 2.0); // degrees
    const bool foldsAlone = GENERATE(false, true);
    const auto on = [](double degrees) { return Vec2{0, 100} + direction(radians(degrees - 90)) * 100; };
    std::vector<Vec2> arc;
    for (int i = -80; i <= 80; ++i) arc.push_back(on(0.25 * i));
    const Samples s = evenly(arc, false, 0.5);
    Chain chain;
    for (const double d : {-20.0, -half, half, 20.0}) chain.nodes.push_back(node(s, on(d), radians(d), radians(d), std::abs(d) < 10));
    chain.nodes.front().pinned = chain.nodes.back().pinned = true;
    chain.pieces = {{11.3, 11.3, false}, {0.1, 1.4 * distance(on(-half), on(half)), false}, {11.3, 11.3, false}};
    const auto runsBack = [&] {
        const Cubic c = chain.cubic(1);
        for (int i = 0; i < 100; ++i)
            if (dot(at(c, (i + 1) / 100.0) - at(c, i / 100.0), c.p3 - c.p0) < 0) return true;
        return false;
    };
    REQUIRE(runsBack());
    (foldsAlone ? closeFolds : showHiddenCorners)(chain, {s, std::vector<float>(s.points.size(), 1.0F)}, FitOptions{});
    REQUIRE(chain.nodes.size() == 4);
    CHECK_FALSE(runsBack());
    for (int i = 0; i <= 10; ++i) CHECK(distance(at(chain.cubic(1), i / 10.0), Vec2{0, 100}) == Approx(100).margin(0.05));
}

TEST_CASE("a round that was drawn round stays round")
{
    // A quarter circle of 12 px between two straights: no corner, whatever stands on it.
    std::vector<Vec2> line;
    for (int i = 0; i <= 80; ++i) line.push_back({-92.0 + i, 0});
    for (int i = 1; i < 40; ++i) line.push_back(Vec2{-12, 12} + direction(radians(-90 + 90.0 * i / 40)) * 12);
    for (int i = 0; i <= 80; ++i) line.push_back({0, 12.0 + i});
    FitOptions o;
    o.arcs = false;
    const Fit f = fit(line, false, o);
    for (std::size_t k = 1; k + 1 < f.path.nodes.size(); ++k) CHECK(f.path.nodes[k].kind == NodeKind::smooth);
}
