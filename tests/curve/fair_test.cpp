// How evenly fitted curves bend, on shapes whose curvature is known in closed form.
#include "curve/fair.h"

#include "curve/fit.h"
#include "strokes.h"

#include <catch2/catch.hpp>

#include <algorithm>
#include <cmath>

using namespace softrope::curve;

namespace {

// Places where the curvature changes sign, in pieces and from one to the next; what bends less than `flat` has none.
std::vector<Vec2> inflections(const Path& path, double flat = 2e-4)
{
    std::vector<Vec2> found;
    double last = 0;
    Vec2 bent; // where it last bent clearly: along what is flat the inflection is as much here as there, so its middle is taken
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        const Cubic c = path.piece(k);
        if (isStraight(c)) continue;
        for (int i = 0; i <= 40; ++i) {
            const double t = 0.01 + 0.98 * i / 40;
            const double now = curvature(c, t);
            if (std::abs(now) < flat) continue;
            if (last * now < 0) found.push_back(lerp(bent, at(c, t), 0.5));
            last = now;
            bent = at(c, t);
        }
    }
    return found;
}

// Largest relative jump of curvature at the smooth nodes.
double largestJump(const Path& path)
{
    double worst = 0;
    const std::size_t n = path.nodes.size();
    for (std::size_t k = 0; k < n; ++k) {
        if (path.nodes[k].kind != NodeKind::smooth || (!path.closed && (k == 0 || k + 1 == n))) continue;
        const double a = curvature(path.piece((k + n - 1) % n), 1), b = curvature(path.piece(k), 0);
        worst = std::max(worst, std::abs(a - b) / (std::abs(a) + std::abs(b) + 1e-9));
    }
    return worst;
}

std::vector<Vec2> sampled(int n, const std::function<Vec2(double)>& of)
{
    std::vector<Vec2> line;
    for (int i = 0; i <= n; ++i) line.push_back(of(static_cast<double>(i) / n));
    return line;
}

// The Euler spiral of length 1, scaled: curvature grows evenly along it. Its place by summing the Fresnel integrand (Abramowitz and
// Stegun 1964, 7.3.1 and 7.3.2) finely.
std::vector<Vec2> eulerSpiral(double from, double to, double scale)
{
    constexpr int steps = 4000;
    std::vector<Vec2> line;
    Vec2 at;
    for (int i = 0; i <= steps; ++i) {
        const double s = from + (to - from) * i / steps;
        if (i % 10 == 0) line.push_back(at * scale);
        at += direction(pi * s * s / 2) * ((to - from) / steps);
    }
    return line;
}

FitOptions within(double slack)
{
    FitOptions o;
    o.slack = slack;
    return o;
}

} // namespace

TEST_CASE("a circle and an ellipse have no inflection, and their curvature hardly jumps")
{
    for (const double ratio : {1.0, 0.6, 0.35}) {
        auto line = sampled(600, [&](double t) { return Vec2{300 + 200 * std::cos(2 * pi * t), 300 + 200 * ratio * std::sin(2 * pi * t)}; });
        line.pop_back();
        FitOptions o = within(0.5);
        o.arcs = false;
        const Fit f = fit(line, true, o);
        INFO("ratio " << ratio << ", " << f.path.nodes.size() << " nodes");
        CHECK(inflections(f.path).empty());
        CHECK(largestJump(f.path) <= 0.02);
        CHECK(f.furthest <= 0.5);
    }
}

TEST_CASE("an Euler spiral bends to one side, through its middle to both")
{
    CHECK(inflections(fit(eulerSpiral(0.2, 1.4, 400), false, within(0.5)).path).empty());
    const auto both = inflections(fit(eulerSpiral(-1, 1, 300), false, within(0.5)).path);
    REQUIRE(both.size() == 1);
    // The middle of the row: where s = 0.
    const auto line = eulerSpiral(-1, 1, 300);
    CHECK(distance(both[0], line[line.size() / 2]) < 16); // of 600: there it is as good as straight
}

TEST_CASE("a cosine wave has its inflections where it crosses its middle, and nowhere else")
{
    const auto line = sampled(800, [](double t) { return Vec2{800 * t, 300 + 60 * std::cos(4 * pi * t)}; });
    const auto found = inflections(fit(line, false, within(0.5)).path);
    REQUIRE(found.size() == 4);
    for (std::size_t k = 0; k < 4; ++k) CHECK(found[k].x == Approx(100 + 200 * static_cast<double>(k)).margin(16));
}

TEST_CASE("noise of 0.2 px adds no inflection to an arc, an ellipse or a wave")
{
    int waves = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        INFO("seed " << seed);
        waves += !inflections(fit(strokes::shaken(strokes::arc({300, 300}, 180, 0, 2.2, 400), 0.35, seed), false, within(0.8)).path).empty();
        auto ring = sampled(700, [](double t) { return Vec2{300 + 200 * std::cos(2 * pi * t), 300 + 120 * std::sin(2 * pi * t)}; });
        ring.pop_back();
        CHECK(inflections(fit(strokes::shaken(ring, 0.35, seed), true, within(0.8)).path).empty());
        const auto wave = sampled(800, [](double t) { return Vec2{800 * t, 300 + 60 * std::cos(4 * pi * t)}; });
        const auto found = inflections(fit(strokes::shaken(wave, 0.35, seed), false, within(0.8)).path).size();
        CHECK(found >= 4);
        waves += found > 4;
    }
    CHECK(waves <= 2); // of 24 rows: noise may happen to begin or end like a bend
}

TEST_CASE("a true S stays an S, a slight bow one arc")
{
    const auto ess = sampled(300, [](double t) { return Vec2{300 * t, 200 + 40 * std::sin(2 * pi * t)}; });
    CHECK(inflections(fit(ess, false, within(1)).path).size() == 1);
    const Path bow = fit(strokes::shaken(strokes::arc({300, 3000}, 2800, -1.62, -1.5, 300), 0.2, 4), false, within(1)).path;
    CHECK(inflections(bow, 1e-5).empty());
    CHECK(bow.nodes.size() == 2);
}

TEST_CASE("evenness costs no corner, and not more than the slack")
{
    const auto leaf = [] {
        const double tip = std::asin(0.6);
        auto line = strokes::arc({300, 420}, 200, tip - pi, -tip, 300);
        const auto back = strokes::arc({300, 180}, 200, tip, pi - tip, 300);
        line.insert(line.end(), back.begin() + 1, back.end() - 1);
        return line;
    }();
    FitOptions o = within(0.5);
    const Fit fair = fit(leaf, true, o);
    o.fair = false;
    const Fit plain = fit(leaf, true, o);
    int tips = 0, before = 0;
    for (const Node& n : fair.path.nodes) tips += n.kind == NodeKind::corner;
    for (const Node& n : plain.path.nodes) before += n.kind == NodeKind::corner;
    CHECK(tips == 2);
    CHECK(before == 2);
    CHECK(fair.furthest <= 0.5);
    CHECK(inflections(fair.path).empty());
}

TEST_CASE("a straight that leaves a corner and runs into a bend does not become an S")
{
    // The foot of a letter: up its end, along its top, and round into the stem, drawn with a tremor of a tenth of a pixel.
    int straights = 0;
    for (const double flat : {12.0, 16.0, 20.0, 26.0})
        for (const double radius : {10.0, 14.0, 20.0}) {
            INFO("straight of " << flat << " px into a bend of radius " << radius);
            std::vector<Vec2> line = strokes::along({{flat, 20}, {flat, 0}, {0, 0}}, 0.5);
            const Vec2 centre{0, -radius};
            const auto bow = strokes::arc(centre, radius, pi / 2, pi / 2 + radians(70), 40);
            line.insert(line.end(), bow.begin() + 1, bow.end());
            const auto stem = strokes::along({bow.back(), bow.back() + direction(pi + radians(70)) * 60}, 0.5);
            line.insert(line.end(), stem.begin() + 1, stem.end());
            FitOptions o;
            o.slack = 0.4;
            const Path path = fit(strokes::shaken(line, 0.1, 7), false, o).path;
            CHECK(inflections(path).empty());
            for (std::size_t k = 0; k < path.pieceCount(); ++k) straights += isStraight(path.piece(k));
        }
    CHECK(straights >= 12 * 2);
}
