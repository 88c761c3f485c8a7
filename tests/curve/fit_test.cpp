#include "curve/curve.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <fstream>
#include <map>

using namespace softrope::curve;

namespace {

double worst(const std::vector<Vec2>& points, const Path& path)
{
    double d = 0;
    for (const Vec2 p : points)
        if (const auto n = nearest(path, p)) d = std::max(d, n->distance);
    return d;
}

FitOptions within(double slack)
{
    FitOptions o;
    o.slack = slack;
    return o;
}

double breakAt(const Path& p, std::size_t i)
{
    const std::size_t before = (i + p.nodes.size() - 1) % p.nodes.size();
    return std::abs(turn(endTangent(p.piece(before)), startTangent(p.piece(i))));
}

int corners(const Path& p)
{
    int n = 0;
    for (std::size_t i = p.closed ? 0 : 1; i + (p.closed ? 0 : 1) < p.nodes.size(); ++i) n += breakAt(p, i) > radians(10);
    return n;
}

} // namespace

TEST_CASE("a fit stays within its slack, at every slack")
{
    for (const auto& line : {strokes::wave(), strokes::loop(), strokes::shaken(strokes::wave(), 0.2, 3)})
        for (const double slack : {0.3, 0.5, 1.0, 3.0}) {
            const Fit f = fit(line, false, within(slack));
            INFO("slack " << slack << ", nodes " << f.path.nodes.size());
            CHECK(worst(line, f.path) <= slack * 1.001);
            CHECK(f.furthest == Approx(worst(line, f.path)).margin(0.1 * slack));
        }
}

TEST_CASE("more slack never needs more nodes")
{
    const auto line = strokes::shaken(strokes::loop(), 0.15, 7);
    std::size_t before = 1000;
    for (const double slack : {0.4, 0.8, 1.6, 3.2}) {
        const std::size_t n = fit(line, false, within(slack)).path.nodes.size();
        CHECK(n <= before);
        before = n;
    }
}

TEST_CASE("pieces join smoothly where the line has no corner")
{
    const Path p = fit(strokes::wave(), false, within(0.5)).path;
    REQUIRE(p.nodes.size() > 2);
    for (std::size_t i = 1; i + 1 < p.nodes.size(); ++i) CHECK(degrees(breakAt(p, i)) < 0.01);
}

TEST_CASE("a circle takes few nodes and has no privileged start")
{
    const auto points = strokes::arc({200, 200}, 120, 0, 2 * pi, 700);
    std::size_t least = 100, most = 0;
    for (const std::size_t shift : {0U, 90U, 175U, 333U}) {
        std::vector<Vec2> turned(points.begin() + static_cast<long>(shift), points.end() - 1);
        turned.insert(turned.end(), points.begin(), points.begin() + static_cast<long>(shift));
        const Fit f = fit(turned, true, within(0.3));
        CHECK(f.path.closed);
        CHECK(worst(points, f.path) <= 0.3);
        CHECK(corners(f.path) == 0);
        least = std::min(least, f.path.nodes.size());
        most = std::max(most, f.path.nodes.size());
    }
    CHECK(most <= 5);
    CHECK(most - least <= 1);
}

TEST_CASE("a hand-drawn rectangle becomes four straights with true corners")
{
    auto line = strokes::along({{50, 50}, {350, 50}, {350, 250}, {50, 250}, {50, 50}}, 2);
    line.pop_back();
    const Fit f = fit(strokes::shaken(line, 0.4, 11), true, within(1.5));
    REQUIRE(f.path.nodes.size() == 4);
    for (std::size_t i = 0; i < 4; ++i) {
        CHECK(isStraight(f.path.piece(i)));
        const Vec2 p = f.path.nodes[i].at;
        double off = 1e9;
        for (const Vec2 c : {Vec2{50, 50}, Vec2{350, 50}, Vec2{350, 250}, Vec2{50, 250}}) off = std::min(off, distance(p, c));
        CHECK(off < 1.5);
    }
}

TEST_CASE("a break of 25 degrees between straights is a corner, tremor is none")
{
    const Vec2 far = Vec2{200, 0} + direction(radians(25)) * 200;
    const auto bend = strokes::shaken(strokes::along({{0, 0}, {200, 0}, far}, 1), 0.1, 5);
    const Path p = fit(bend, false, within(0.6)).path;
    REQUIRE(p.nodes.size() == 3);
    CHECK(distance(p.nodes[1].at, {200, 0}) < 2);
    CHECK(isStraight(p.piece(0)));
    const Path calm = fit(strokes::shaken(strokes::along({{0, 0}, {400, 0}}, 1), 0.3, 6), false, within(0.8)).path;
    CHECK(calm.nodes.size() == 2);
}

TEST_CASE("a straight that runs into an arc stays exactly straight and joins smoothly")
{
    auto line = strokes::along({{0, 0}, {150, 0}}, 1);
    const auto bow = strokes::arc({150, 60}, 60, -pi / 2, pi / 2, 200);
    line.insert(line.end(), bow.begin() + 1, bow.end());
    const Path p = fit(line, false, within(0.4)).path;
    REQUIRE(p.nodes.size() >= 3);
    CHECK(isStraight(p.piece(0)));
    CHECK(std::abs(p.nodes[1].at.y) < 0.3);
    CHECK(std::abs(p.nodes[1].at.x - 150) < 12);
    CHECK(degrees(breakAt(p, 1)) < 0.01);
}

TEST_CASE("ends of an open line are kept exactly")
{
    const auto line = strokes::shaken(strokes::wave(), 0.3, 9);
    const Path p = fit(line, false, within(2)).path;
    CHECK(p.nodes.front().at == line.front());
    CHECK(p.nodes.back().at == line.back());
}

TEST_CASE("bad rows of points come back as something sane")
{
    const double nan = std::numeric_limits<double>::quiet_NaN();
    CHECK(fit({}, false, {}).path.empty());
    CHECK(fit({{3, 4}}, true, {}).path.nodes.size() == 1);
    CHECK(fit({{3, 4}, {3, 4}, {3, 4}}, false, {}).path.nodes.size() == 1);
    CHECK(fit({{0, 0}, {nan, 1}, {10, 0}}, false, {}).path.nodes.size() == 2);
    CHECK(fit({{0, 0}, {1e-7, 0}, {2e-7, 1e-7}}, false, {}).path.nodes.size() >= 2);
    CHECK(isFinite(fit({{0, 0}, {5, 5}, {0, 0}, {5, 5}, {0, 0}}, false, {}).path));
    std::vector<Vec2> huge;
    for (int i = 0; i < 100; ++i) huge.push_back({1e9 * i, 1e9 * (i % 7)});
    CHECK(isFinite(fit(huge, false, {}).path));
}

TEST_CASE("a cancelled fit ends and gives the samples back")
{
    FitOptions o;
    o.cancelled = [] { return true; };
    const auto line = strokes::wave();
    CHECK(fit(line, false, o).path.nodes.size() == line.size());
}

TEST_CASE("never more nodes than the reference fitter at the same measured error")
{
    // tests/curve/reference_fits.txt holds what npm fit-curve 0.2.0 made of the same points (made by reference_fits.cjs,
    // after Schneider, Graphics Gems I, 1990): name, error asked, nodes, largest distance measured.
    std::ifstream in(std::string(SOFT_ROPE_SOURCE) + "/tests/curve/reference_fits.txt");
    std::string name;
    double asked = 0, measured = 0;
    std::size_t nodes = 0;
    const std::map<std::string, std::vector<Vec2>> lines{
        {"wave", strokes::wave()}, {"loop", strokes::loop()}, {"shaken", strokes::shaken(strokes::wave(), 0.2, 3)}};
    int compared = 0;
    while (in >> name >> asked >> nodes >> measured) {
        FitOptions o = within(measured);
        o.straights = false;
        o.fair = false; // the reference spends no node on evenness
        const Fit f = fit(lines.at(name), false, o);
        INFO(name << ": reference " << nodes << " nodes at " << measured << " px; ours " << f.path.nodes.size() << " at " << f.furthest);
        CHECK(f.path.nodes.size() <= nodes);
        CHECK(worst(lines.at(name), f.path) <= measured * 1.001);
        ++compared;
    }
    CHECK(compared >= 9);
}
