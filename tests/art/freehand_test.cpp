#include "art/art.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;

namespace {

Hand stroke(const std::vector<curve::Vec2>& line, double slack)
{
    Hand d;
    d.slack = slack;
    for (const curve::Vec2 p : line) d.samples.push_back({p, 1, 0, 0, 0});
    return d;
}

} // namespace

TEST_CASE("a stroke becomes few nodes within slack of what the hand drew")
{
    const Hand d = stroke(strokes::shaken(strokes::wave(), 0.3, 21), 1.5);
    const FittedStroke f = fitStroke(d, false);
    CHECK(f.path.nodes.size() < 16);
    CHECK(f.samples == d.samples.size());
    CHECK(f.furthest <= 1.5);
}

TEST_CASE("a wobbling straight becomes exactly straight")
{
    const FittedStroke f = fitStroke(stroke(strokes::shaken(strokes::along({{0, 0}, {300, 120}}, 3), 0.6, 4), 1.5), false);
    REQUIRE(f.path.nodes.size() == 2);
    CHECK(curve::isStraight(f.path.piece(0)));
}

TEST_CASE("steadying takes tremor out and keeps the ends")
{
    const Hand d = stroke(strokes::shaken(strokes::along({{0, 0}, {300, 0}}, 2), 1.0, 8), 1);
    const auto rough = steadied(d.samples, 0, 1), calm = steadied(d.samples, 1, 1);
    const auto tremor = [](const std::vector<curve::Vec2>& l) {
        double s = 0;
        for (const auto p : l) s += p.y * p.y;
        return std::sqrt(s / static_cast<double>(l.size()));
    };
    CHECK(tremor(calm) < 0.5 * tremor(rough));
    CHECK(calm.front() == rough.front());
    CHECK(calm.back() == rough.back());
}

TEST_CASE("a stroke whose end comes near its start closes, others do not")
{
    auto ring = stroke(strokes::arc({100, 100}, 60, 0, 6.2, 120), 1);
    CHECK(closesItself(ring.samples, 9));
    CHECK(fitStroke(ring, true).path.closed);
    CHECK_FALSE(closesItself(stroke(strokes::wave(), 1).samples, 9));
    CHECK_FALSE(closesItself(stroke({{0, 0}, {3, 0}, {3, 3}, {0, 1}}, 1).samples, 9));
}

TEST_CASE("slack can be changed afterwards, and hand edits end that")
{
    Item i;
    Artwork a;
    const auto d = std::make_shared<Hand>(stroke(strokes::shaken(strokes::loop(), 0.3, 5), 0.5));
    a.setDerived({fitStroke(*d, false).path}, Shared<Hand>(d));
    i.is = a;
    const Added added = withItem(newDocument(), 0, i);
    const Document loose = withSlack(added.document, added.id, 6);
    CHECK(loose.item(added.id)->artwork()->paths[0].nodes.size() < a.paths[0].nodes.size());
    CHECK(withSlack(loose, added.id, 0.5) == added.document);
    const Document byHand = withPaths(loose, added.id, {curve::polyline({{0, 0}, {5, 5}}, false)});
    CHECK(byHand.item(added.id)->artwork()->hand() == nullptr);
    CHECK(withSlack(byHand, added.id, 1) == byHand);
}

TEST_CASE("strokes of nothing are harmless")
{
    CHECK(fitStroke(Hand{}, false).path.empty());
    CHECK(fitStroke(stroke({{5, 5}}, 1), true).path.nodes.size() == 1);
    CHECK(fitStroke(stroke({{5, 5}, {std::numeric_limits<double>::quiet_NaN(), 0}, {9, 9}}, 1), false).path.nodes.size() == 2);
}
