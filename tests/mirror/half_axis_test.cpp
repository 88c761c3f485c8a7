// The axis of half drawings, against whole ones and lopsided ones. Made up; what counts as an axis is common practice, no source.
#include "halves.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;
using namespace halves;

TEST_CASE("the axis of half drawings is found, whether it was drawn or not")
{
    int right = 0;
    for (unsigned seed = 0; seed < 40; ++seed) {
        const Half h = halfDrawing(seed, seed % 2 == 0);
        for (const bool known : {true, false}) {
            if (!known && seed >= 10) continue; // without its page some are enough
            const auto found = mirror::findAxes(h.lines, mirror::edgePoints(h.lines), known ? std::optional(h.page) : std::nullopt);
            INFO("seed " << seed << " turned by " << degrees(h.turned) << (seed % 2 == 0 ? ", axis drawn" : ", no axis"));
            REQUIRE_FALSE(found.empty());
            INFO("first " << degrees(found[0].axis.angle) - 90 << " off " << mirror::offsetFrom(found[0].axis, h.middle) << " sure " << found[0].confidence
                          << " as " << static_cast<int>(found[0].as));
            CHECK(near(found[0], h));
            CHECK(found[0].confidence >= mirror::leastConfidence);
            CHECK(found[0].as == (seed % 2 == 0 ? mirror::FoundAs::drawnLine : mirror::FoundAs::openEnds));
            right += near(found[0], h) ? 1 : 0;
        }
    }
    CHECK(right == 50);
}

TEST_CASE("whole drawings keep the axis of their symmetry")
{
    for (unsigned seed = 0; seed < 40; ++seed) {
        Half h = halfDrawing(seed, false);
        // Whole: the other half beside it, both trembling apart.
        const mirror::Axis axis{h.middle, pi / 2 + h.turned};
        Paths other = mirror::mirrored(h.lines, axis);
        shapes::Random random(seed + 500);
        tremble(other, random);
        h.lines.insert(h.lines.end(), other.begin(), other.end());
        const auto found = mirror::findAxes(h.lines, mirror::edgePoints(h.lines), h.page);
        INFO("seed " << seed << " turned by " << degrees(h.turned));
        REQUIRE_FALSE(found.empty());
        CHECK(near(found[0], h));
        CHECK(found[0].as == mirror::FoundAs::symmetry);
    }
}

TEST_CASE("drawings without an axis are refused")
{
    for (unsigned seed = 20; seed < 40; ++seed) {
        const Paths drawn = shapes::strokes(seed, 14);
        for (const bool known : {true, false}) {
            if (!known && seed >= 25) continue;
            const auto found = mirror::findAxes(drawn, mirror::edgePoints(drawn), known ? std::optional(bounds(drawn)) : std::nullopt);
            INFO("seed " << seed << " confidence " << (found.empty() ? 0 : found[0].confidence) << " as "
                         << (found.empty() ? -1 : static_cast<int>(found[0].as)));
            CHECK((found.empty() || found[0].confidence < mirror::leastConfidence));
        }
    }
    CHECK(mirror::findAxes({}, {}, std::nullopt).empty());
    CHECK(mirror::halfAxes({polyline({{3, 3}, {3, 3}}, false)}, std::nullopt).empty());
}

TEST_CASE("the base a thing stands on is no axis")
{
    // A jar, whole: its base is a long straight with nothing below.
    const Paths jar{polyline({{300, 300}, {300, 700}, {620, 700}, {620, 300}}, false), ellipse({460, 300}, 160, 30), polyline({{340, 420}, {580, 420}}, false)};
    const auto found = mirror::findAxes(jar, mirror::edgePoints(jar), Box{{0, 0}, {1000, 1000}});
    REQUIRE_FALSE(found.empty());
    CHECK(found[0].as == mirror::FoundAs::symmetry);
    CHECK(std::abs(mirror::offsetFrom(found[0].axis, {460, 400})) < 4);
}

TEST_CASE("a line drawn as the axis is left out at the weld, one beside it is not")
{
    const Half h = halfDrawing(2, true);
    const mirror::Axis axis{h.middle, pi / 2 + h.turned};
    CHECK(mirror::drawnAsAxis(h.lines.back(), axis, h.lines, 4));
    CHECK_FALSE(mirror::drawnAsAxis(h.lines.front(), axis, h.lines, 4));
    // A short straight on the axis is a part of the drawing.
    const Path mark = polyline({h.middle, h.middle + 60.0 * mirror::along(axis)}, false);
    CHECK_FALSE(mirror::drawnAsAxis(mark, axis, h.lines, 4));
    // Traced in two, the lower part led on into another line.
    Paths two = h.lines;
    const Vec2 way = mirror::along(axis), top = two.back().nodes.front().at, foot = two.back().nodes.back().at;
    two.back() = polyline({top, top + 0.72 * (foot - top)}, false);
    two.push_back(polyline({top + 0.74 * (foot - top), foot, foot - 90.0 * perpendicular(way)}, false));
    CHECK(mirror::drawnAsAxis(two[two.size() - 2], axis, two, 4));
    CHECK_FALSE(mirror::drawnAsAxis(two.back(), axis, two, 4));
    mirror::WeldOptions o;
    o.tolerance = 5;
    const mirror::Welded w = mirror::weld(h.lines, axis, o);
    CHECK(w.axisLines == 1);
    for (const Path& p : w.paths) CHECK_FALSE(mirror::drawnAsAxis(p, axis, w.paths, 5));
}
