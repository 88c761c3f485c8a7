// What a hand meant: corners, straights and bends under a tremor.
#include "art/edits.h"
#include "art/hand_corners.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using art::Hand;
using curve::Vec2;

namespace {

// A stroke as a tablet records it: 2 px between samples, a tremor near 10 Hz (Lacquaniti, Terzuolo and Viviani 1983 for the rate of the
// hand's tremor) with that standard deviation, and some noise of the tablet.
Hand stroke(const std::vector<Vec2>& along, double tremor, std::uint64_t seed)
{
    strokes::Random r(seed);
    Hand h;
    h.slack = 1.5;
    const double phase[] = {r.between(0, 6.28), r.between(0, 6.28)};
    for (std::size_t k = 0; k < along.size(); ++k) {
        const double u = static_cast<double>(k) * 2 * curve::pi * 10 / 120;
        art::HandSample s;
        s.at = along[k] + Vec2{tremor * std::sqrt(2.0) * std::sin(u + phase[0]), tremor * std::sqrt(2.0) * std::sin(1.13 * u + phase[1])} +
               Vec2{r.between(-0.05, 0.05), r.between(-0.05, 0.05)};
        s.time = static_cast<float>(static_cast<double>(k) / 120);
        h.samples.push_back(s);
    }
    return h;
}

int cornersOf(const curve::Path& p)
{
    int n = 0;
    for (std::size_t k = p.closed ? 0 : 1; k + (p.closed ? 0 : 1) < p.nodes.size(); ++k) n += p.nodes[k].kind == curve::NodeKind::corner;
    return n;
}

} // namespace

TEST_CASE("straights with corners stay straight and keep their corners under a tremor")
{
    const std::vector<Vec2> corners{{100, 100}, {300, 140}, {340, 330}, {150, 360}};
    int kept = 0, all = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed)
        for (const double tremor : {0.15, 0.4, 0.6}) {
            INFO("seed " << seed << ", tremor " << tremor);
            const Hand h = stroke(strokes::along(corners, 2), tremor, seed);
            const art::FittedStroke f = art::fitStroke(h, false);
            ++all;
            kept += f.path.nodes.size() == 4;
            if (f.path.nodes.size() != 4) continue;
            for (std::size_t k = 0; k < 3; ++k) CHECK(curve::isStraight(f.path.piece(k)));
            for (std::size_t k = 0; k < 4; ++k) CHECK(distance(f.path.nodes[k].at, corners[k]) < 3);
        }
    // A tremor of 0.6 px may hide a corner of little more than a right angle's half.
    CHECK(kept >= all - 8);
}

TEST_CASE("a bend has no corner, whatever the tremor")
{
    for (std::uint64_t seed = 1; seed <= 12; ++seed)
        for (const double tremor : {0.15, 0.4, 0.6}) {
            INFO("seed " << seed << ", tremor " << tremor);
            const Hand arc = stroke(strokes::arc({300, 300}, 120, 0.3, 3.4, 190), tremor, seed);
            CHECK(art::handCorners(arc, false).corners.empty());
            CHECK(cornersOf(art::fitStroke(arc, false).path) == 0);
        }
}

TEST_CASE("a straight that runs into an arc stays one")
{
    auto line = strokes::along({{100, 400}, {300, 400}}, 2);
    const auto arc = strokes::arc({300, 300}, 100, curve::pi / 2, -curve::pi / 3, 130);
    line.insert(line.end(), arc.begin() + 1, arc.end());
    int straight = 0, all = 0;
    for (std::uint64_t seed = 1; seed <= 10; ++seed) {
        const art::FittedStroke f = art::fitStroke(stroke(line, 0.3, seed), false);
        ++all;
        bool found = false;
        for (std::size_t k = 0; k < f.path.pieceCount(); ++k)
            found = found || (curve::isStraight(f.path.piece(k)) && distance(f.path.nodes[k].at, f.path.nodes[k + 1].at) > 100);
        straight += found;
    }
    CHECK(straight >= all - 1);
}

TEST_CASE("a closing stroke that overshoots its start is smooth there, and a leaf keeps its tip")
{
    for (std::uint64_t seed = 1; seed <= 8; ++seed) {
        INFO("seed " << seed);
        // A ring that goes on past its start, a little outside.
        std::vector<Vec2> ring;
        for (int k = 0; k <= 326; ++k) {
            const double t = 2 * curve::pi * k / 320;
            ring.push_back(Vec2{300, 300} + curve::direction(t) * (100 + 5.0 * k / 326));
        }
        const Hand h = stroke(ring, 0.3, seed);
        REQUIRE(art::closesItself(h.samples, art::closingReach));
        const art::FittedStroke f = art::fitStroke(h, true);
        CHECK(f.path.closed);
        CHECK(cornersOf(f.path) == 0);
        // Two arcs from tip to tip, begun at one of them.
        const double tip = std::asin(0.6);
        auto leaf = strokes::arc({300, 420}, 200, tip - curve::pi, -tip, 190);
        const auto back = strokes::arc({300, 180}, 200, tip, curve::pi - tip, 190);
        leaf.insert(leaf.end(), back.begin() + 1, back.end());
        CHECK(cornersOf(art::fitStroke(stroke(leaf, 0.3, seed), true).path) == 2);
    }
}
