// The weld and the search for an axis.
#include "../planar/shapes.h"

#include "curve/edit.h"
#include "curve/stray.h"
#include "mirror/mirror.h"
#include "planar/planar.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;

namespace {

// Half a vase, open, its ends `off` px short of the upright through x = 500; turned about the sheet's middle.
Path halfVase(double off, double angle)
{
    Path p;
    p.nodes = {{{500 + off, 200}, {500 + off, 200}, {560, 204}, NodeKind::corner},
               {{600, 300}, {620, 240}, {580, 360}, NodeKind::smooth},
               {{680, 500}, {690, 430}, {670, 600}, NodeKind::smooth},
               {{500 + off, 700}, {600, 697}, {500 + off, 700}, NodeKind::corner}};
    return transformed(p, about({500, 500}, rotation(angle)));
}
mirror::Axis upright(double angle)
{
    return {{500, 500}, pi / 2 + angle};
}
double asymmetry(const Paths& paths, const mirror::Axis& axis)
{
    // Largest distance of a reflected node from the nearest node.
    double worst = 0;
    const Affine m = mirror::reflection(axis);
    for (const Path& p : paths)
        for (const Node& n : p.nodes)
            for (const Vec2 q : {n.at, n.in, n.out}) {
                double least = 1e300;
                for (const Path& o : paths)
                    for (const Node& k : o.nodes)
                        for (const Vec2 r : {k.at, k.in, k.out}) least = std::min(least, distance(m * q, r));
                worst = std::max(worst, least);
            }
    return worst;
}

} // namespace

TEST_CASE("Two halves become one closed path, smooth and symmetric to 1e-9, at any angle")
{
    for (const double angle : {0.0, 0.4, -1.1, 2.5}) {
        INFO("turned by " << degrees(angle));
        const mirror::Axis axis = upright(angle);
        const mirror::Welded w = mirror::weld({halfVase(1.6, angle)}, axis);
        REQUIRE(w.paths.size() == 1);
        const Path& one = w.paths.front();
        CHECK(one.closed);
        CHECK(w.joined == 2);
        CHECK(w.smooth == 2);
        CHECK(asymmetry(w.paths, axis) < 1e-9);
        // What stands on the axis stands on it exactly, with handles square to it.
        int seams = 0;
        for (const Node& n : one.nodes) {
            if (std::abs(mirror::offsetFrom(axis, n.at)) > 1) continue;
            ++seams;
            CHECK(std::abs(mirror::offsetFrom(axis, n.at)) < 1e-9);
            CHECK(std::abs(dot(unit(n.out - n.at), mirror::along(axis))) < 1e-9);
            CHECK(n.kind == NodeKind::smooth);
        }
        CHECK(seams <= 2);
    }
}

TEST_CASE("The symmetric difference of a welded figure and its own reflection is nothing")
{
    const mirror::Axis axis = upright(0.3);
    const mirror::Welded w = mirror::weld({halfVase(-1.2, 0.3)}, axis);
    const Paths other = mirror::mirrored(w.paths, axis);
    CHECK(planar::combine({{w.paths, false}, {other, false}}, planar::Operation::exclude).empty());
}

TEST_CASE("Lines that cross the axis are cut there, those on one side are copied, corners stay")
{
    const mirror::Axis axis = upright(0);
    const Path across = polyline({{480, 300}, {700, 300}}, false);  // crosses by 20 px
    const Path aside = circle({650, 600}, 30);                      // wholly on one side
    const Path slanted = polyline({{501, 100}, {600, 250}}, false); // 56 degrees off square: a corner
    const mirror::Welded w = mirror::weld({across, aside, slanted}, axis);
    REQUIRE(w.paths.size() == 4);
    CHECK(w.cut == 1);
    CHECK(w.copied == 1);
    CHECK(w.joined == 2);
    // A straight through the axis needs no node there.
    CHECK(w.paths[0].nodes.size() == 2);
    CHECK(bounds(w.paths[0]).min.x == Approx(300));
    CHECK(w.paths[3].nodes.size() == 3);
    CHECK(w.paths[3].nodes[1].kind == NodeKind::corner);
    CHECK(w.paths[3].nodes[1].at.x == Approx(500).margin(1e-12));
}

TEST_CASE("A closed half loses its edge along the axis, and a circle across it comes back whole")
{
    const mirror::Axis axis = upright(0);
    const mirror::Welded box = mirror::weld({rectangle({500.8, 200}, {640, 400})}, axis);
    REQUIRE(box.paths.size() == 1);
    CHECK(box.paths.front().closed);
    CHECK(box.paths.front().nodes.size() == 4);
    CHECK(area(box.paths.front()) == Approx(2 * 140 * 200).epsilon(1e-9));
    const mirror::Welded round = mirror::weld({circle({500, 500}, 100)}, axis);
    REQUIRE(round.paths.size() == 1);
    CHECK(round.paths.front().nodes.size() == 4);
    CHECK(std::abs(area(round.paths.front())) == Approx(area(circle({500, 500}, 100))).epsilon(1e-9));
}

TEST_CASE("What is drawn on both sides already is not doubled")
{
    const mirror::Axis axis = upright(0);
    const Path right = circle({650, 600}, 30), left = circle({351, 601}, 30), lone = polyline({{300, 100}, {400, 130}}, false);
    const mirror::Welded w = mirror::weld({right, left, lone, halfVase(1, 0), mirror::mirrored({halfVase(0.5, 0)}, axis).front()}, axis);
    CHECK(w.dropped == 2);
    CHECK(w.paths.size() == 5); // two circles, two straights, one vase
    CHECK(asymmetry(w.paths, axis) < 1e-9);
}

TEST_CASE("The axis of symmetric drawings with hand wobble is found at any turn up to 40 degrees")
{
    for (unsigned seed = 0; seed < 12; ++seed) {
        shapes::Random random(seed);
        Paths half;
        for (int k = 0; k < 6; ++k) {
            Path p;
            Vec2 at{random(10, 120), random(-220, 220)};
            for (int n = 0; n < 4; ++n) {
                const Vec2 t{random(-30, 30), random(-30, 30)};
                p.nodes.push_back({at, at - t, at + t, NodeKind::smooth});
                at += Vec2{random(-20, 60), random(-60, 60)};
            }
            half.push_back(p);
        }
        Paths drawn = half;
        for (const Path& p : half) drawn.push_back(transformed(p, scaling(-1, 1)));
        for (Path& p : drawn)
            for (Node& n : p.nodes) { // the hand is off by up to 2 px
                const Vec2 by{random(-2, 2), random(-2, 2)};
                n.at += by;
                n.in += by;
                n.out += by;
            }
        const double turned = radians(random(-40, 40));
        const Vec2 middle{random(300, 700), random(300, 700)};
        const Affine m = translation(middle) * rotation(turned);
        for (Path& p : drawn) p = transformed(p, m);
        const double width = bounds(drawn).width();
        const auto found = mirror::findAxis(mirror::edgePoints(drawn));
        INFO("seed " << seed << " turned by " << degrees(turned));
        REQUIRE(found);
        CHECK(found->confidence > mirror::leastConfidence);
        CHECK(std::abs(degrees(mirror::lineAngle(found->axis.angle - pi / 2 - turned))) < 1);
        CHECK(std::abs(mirror::offsetFrom(found->axis, middle)) < 0.01 * width);
    }
}

TEST_CASE("A lopsided drawing has no axis, and says so")
{
    for (unsigned seed = 20; seed < 30; ++seed) {
        const Paths drawn = shapes::strokes(seed, 14);
        const auto found = mirror::findAxis(mirror::edgePoints(drawn));
        REQUIRE(found);
        INFO("seed " << seed << " confidence " << found->confidence);
        CHECK(found->confidence < mirror::leastConfidence);
    }
    CHECK_FALSE(mirror::findAxis({}));
}

TEST_CASE("straights that meet the axis askew stay straight and make a corner, unless the seam is said to be smooth")
{
    const mirror::Axis axis{{0, 0}, pi / 2};
    // Fourteen degrees off square.
    const Path slope = polyline({{-100, 100 * std::tan(radians(14))}, {0, 0}}, false);
    const mirror::Welded roof = mirror::weld({slope}, axis);
    REQUIRE(roof.seams.size() == 1);
    CHECK_FALSE(roof.seams[0].smooth);
    REQUIRE(roof.paths.size() == 1);
    REQUIRE(roof.paths[0].nodes.size() == 3);
    for (std::size_t k = 0; k < 2; ++k) CHECK(isStraight(roof.paths[0].piece(k)));
    CHECK(roof.paths[0].nodes[1].kind == NodeKind::corner);
    // Two degrees off it is square for the eye, and runs through.
    CHECK(mirror::weld({polyline({{-100, 100 * std::tan(radians(2))}, {0, 0}}, false)}, axis).seams[0].smooth);
    // A choice goes before.
    mirror::WeldOptions chosen;
    chosen.chosen = {{{0, 0}, true}};
    CHECK(mirror::weld({slope}, axis, chosen).seams[0].smooth);
    chosen.chosen = {{{0, 0}, false}};
    Path bow = slope;
    bow.nodes[0].out = {-60, 0};
    bow.nodes[1].in = {-40, 2};
    CHECK(mirror::weld({bow}, axis).seams[0].smooth);
    CHECK_FALSE(mirror::weld({bow}, axis, chosen).seams[0].smooth);
}

using mirror::Axis;
using mirror::keptSide;

TEST_CASE("a line over the axis keeps the side where most of it lies, running on by a trifle")
{
    const Axis axis{{100, 0}, pi / 2};
    const Path line = polyline({{20, 50}, {110, 50}}, false);
    const Paths cut = keptSide(line, axis, 0);
    REQUIRE(cut.size() == 1);
    CHECK(bounds(cut.front()).min.x == Approx(20));
    CHECK(bounds(cut.front()).max.x == Approx(100).margin(1e-9));
    CHECK(bounds(keptSide(line, axis, 0.3).front()).max.x == Approx(100.3).margin(1e-9));
    // The same whichever way it is drawn and the axis points.
    CHECK(bounds(keptSide(reversed(line), {{100, 7}, -pi / 2}, 0.3).front()).max.x == Approx(100.3).margin(1e-9));
    // What stays on one side is untouched, and so is what only grazes the axis.
    for (const Path& p : {polyline({{20, 50}, {90, 80}}, false), polyline({{20, 50}, {100.3, 80}}, false), circle({50, 50}, 50)})
        CHECK(keptSide(p, axis, 0.3) == Paths{p});
    // A circle over the axis: the arc beyond it, by its closed form; it opens.
    const Paths arc = keptSide(circle({70, 50}, 60), axis, 0);
    REQUIRE(arc.size() == 1);
    CHECK_FALSE(arc.front().closed);
    CHECK(arcLength(arc.front()) == Approx(2 * 60 * (pi - std::acos(0.5))).epsilon(1e-3));
    CHECK(keptSide({}, axis, 1).size() == 1);
}

TEST_CASE("a curve that is turned square to the axis stays as near and as even as it can")
{
    const mirror::Axis axis{{0, 0}, pi / 2};
    for (const double askew : {4.0, 10.0, 20.0}) {
        INFO(askew << " degrees off square");
        // Half of an ellipse whose middle lies beside the axis, drawn in four pieces with a smooth node in each join.
        const Path whole = transformed(circle({0, 0}, 100), about({0, 0}, rotation(radians(askew))) * scaling(1.4, 1));
        Path half = withNodeAt(whole, {0, 0.4, {}, 0}).path;
        half = mirror::keptSide(half, axis, 0).front();
        const mirror::Welded w = mirror::weld({half}, axis);
        REQUIRE(w.paths.size() == 1);
        CHECK(w.smooth == 2);
        const Path& one = w.paths.front();
        double off = 0, jump = 0;
        for (std::size_t k = 0; k < half.pieceCount(); ++k)
            for (double t = 0; t <= 1; t += 0.02) off = std::max(off, nearest(one, at(half.piece(k), t))->distance);
        for (std::size_t k = 0; k < one.pieceCount(); ++k) {
            const double a = curvature(one.piece((k + one.pieceCount() - 1) % one.pieceCount()), 1), b = curvature(one.piece(k), 0);
            jump = std::max(jump, std::abs(a - b) / (std::abs(a) + std::abs(b)));
        }
        CHECK(off < 0.9 + 0.1 * askew);
        CHECK(jump < 0.2);
    }
}

TEST_CASE("a line drawn askew to the axis is rounded over the seam, not left with a tip")
{
    const mirror::Axis axis{{0, 0}, pi / 2};
    Path slope = polyline({{-60, 34}, {0, 0}}, false); // thirty degrees off square, hardly bent
    slope.nodes[0].out = {-42, 22};
    slope.nodes[1].in = {-18, 10};
    const mirror::Welded w = mirror::weld({slope}, axis);
    REQUIRE(w.smooth == 1);
    // Within a few px of the seam it turns by what its neighbourhood does: no more than 45 of the 60 degrees in the middle eighth of the line.
    const Path& one = w.paths.front();
    const auto directionAt = [&](double x) {
        const auto place = nearest(one, {x, 3});
        return angleOf(derivative(one.piece(place->piece), place->t));
    };
    CHECK(std::abs(turn(direction(directionAt(-7)), direction(directionAt(7)))) < radians(45));
}
