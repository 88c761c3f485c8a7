// The tone stack: cuts, patches, pushes, sweeps, balance.
#include "curve/polygon.h"
#include "tone/stack.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

#include <numeric>
#include <random>

using namespace softrope;
using curve::Vec2;
using pixel::Picture;
using pixel::Rgba;
using tone::Stack;

namespace {

Rgba grey(double v)
{
    const auto g = static_cast<std::uint8_t>(std::clamp(v, 0.0, 255.0));
    return {g, g, g, 255};
}

template <class F> Picture painted(int w, int h, F value)
{
    Picture p(w, h);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) p.at(x, y) = grey(value(x + 0.5, y + 0.5));
    return p;
}

// Lightness that climbs from left to right, from L* 0 to 100.
Picture ramp(int w, int h)
{
    return painted(w, h, [&](double x, double) {
        const double l = 100 * x / w;
        return pixel::rgbOf(pixel::Lab{static_cast<float>(l), 0, 0}).r;
    });
}

double areaOf(const tone::ToneShape& s)
{
    double sum = 0;
    for (const curve::Path& p : s.outline) sum += curve::area(p);
    return sum;
}

double spreadOf(const tone::LevelCounts& c, const std::vector<double>& cuts)
{
    double total = 0;
    for (std::size_t g = 0; g <= cuts.size(); ++g) {
        const double low = g ? cuts[g - 1] : -1, high = g < cuts.size() ? cuts[g] : 256;
        double n = 0, s = 0, q = 0;
        for (std::size_t v = 0; v < 256; ++v)
            if (static_cast<double>(v) > low && static_cast<double>(v) <= high) {
                n += c[v];
                s += c[v] * static_cast<double>(v);
                q += c[v] * static_cast<double>(v * v);
            }
        if (n > 0) total += q - s * s / n;
    }
    return total;
}

} // namespace

TEST_CASE("levels are CIELAB lightness on a scale of 255")
{
    const tone::Levels l = tone::levelsOf(painted(4, 1, [](double x, double) { return x < 1 ? 0 : x < 2 ? 119 : x < 3 ? 188 : 255; }));
    CHECK(l.level.at(0, 0) == Approx(0).margin(0.5));
    CHECK(l.level.at(1, 0) == Approx(2.55 * 50).margin(1)); // sRGB 119 is L* 50 (from memory)
    CHECK(l.level.at(3, 0) == Approx(255).margin(0.5));
    CHECK(l.shrink == 1);
    const tone::Levels small = tone::levelsOf(ramp(400, 200), 20000);
    CHECK(small.shrink == 2);
    CHECK(small.level.width == 200);
    // Transparent parts count as the white sheet.
    CHECK(tone::levelsOf(Picture(2, 2, Rgba{0, 0, 0, 0})).level.at(0, 0) == Approx(255).margin(0.5));
}

TEST_CASE("the cut between two tones is Otsu's, and more cuts spread no more than any others")
{
    std::mt19937 random(3);
    for (int round = 0; round < 6; ++round) {
        cv::Mat grey8(100, 100, CV_8U);
        tone::LevelCounts counts{};
        std::normal_distribution<double> a(50 + 8 * round, 14), b(180 - 4 * round, 20);
        for (int y = 0; y < 100; ++y)
            for (int x = 0; x < 100; ++x) {
                const auto v = static_cast<std::uint8_t>(std::clamp((x * 7 + y) % 10 < 3 + round ? a(random) : b(random), 0.0, 255.0));
                grey8.at<std::uint8_t>(y, x) = v;
                counts[v] += 1;
            }
        cv::Mat out;
        const double theirs = cv::threshold(grey8, out, 0, 255, cv::THRESH_OTSU); // v <= theirs is dark
        const auto cuts = tone::cutsFor(counts, 2);
        REQUIRE(cuts.size() == 1);
        CHECK(spreadOf(counts, cuts) <= spreadOf(counts, {theirs}) * (1 + 1e-9));
        CHECK(cuts[0] == Approx(theirs).margin(2));
        // Three tones: no pair of cuts on a grid does better.
        const auto two = tone::cutsFor(counts, 3);
        REQUIRE(two.size() == 2);
        const double best = spreadOf(counts, two);
        for (double u = 5; u < 250; u += 7)
            for (double v = u + 7; v < 250; v += 7) CHECK(best <= spreadOf(counts, {u, v}) * (1 + 1e-9));
    }
    CHECK(tone::cutsFor(tone::LevelCounts{}, 5).empty());
    tone::LevelCounts two{};
    two[10] = two[200] = 5;
    CHECK(tone::cutsFor(two, 5).size() == 1); // two levels make two tones
}

TEST_CASE("half dark and half light: the cut is found, and the share says so")
{
    const tone::Levels l = tone::levelsOf(ramp(512, 20));
    const auto counts = tone::countsOf(l.level);
    for (const double share : {0.1, 0.25, 0.5, 0.74, 0.9}) {
        const double cut = tone::cutForShare(counts, share);
        CHECK(tone::darkShare(counts, cut) == Approx(share).margin(1e-6));
        CHECK(cut == Approx(255 * share).margin(2)); // the ramp is even
    }
    // Within a silhouette only.
    const auto left = tone::maskOf(l, {curve::rectangle({0, 0}, {256, 20})});
    const double half = tone::cutForShare(tone::countsOf(l.level, &left), 0.5);
    CHECK(half == Approx(255 * 0.25).margin(2));
    CHECK(tone::darkShare(tone::LevelCounts{}, 100) == 0);
    CHECK(tone::cutForShare(tone::LevelCounts{}, 0.5) == Approx(127.5));
}

TEST_CASE("borders lie where the level is that of the cut")
{
    Stack s;
    s.cuts = {64, 128, 191};
    s.smallest = 0;
    const tone::Tones t = tone::separate(ramp(256, 40), s);
    CHECK(t.regions == 4);
    REQUIRE(t.colours.size() == 4);
    // Straight borders at x = cut / 255 of the width; painted from light to dark or by size, each is a rectangle.
    std::vector<double> edges;
    for (const tone::ToneShape& shape : t.shapes)
        for (const curve::Path& p : shape.outline) {
            CHECK(p.nodes.size() == 4);
            edges.push_back(curve::bounds(p).max.x);
            edges.push_back(curve::bounds(p).min.x);
        }
    for (const double cut : s.cuts) {
        double off = 1e9;
        for (const double e : edges) off = std::min(off, std::abs(e - 256 * cut / 255));
        INFO("cut " << cut);
        CHECK(off < 0.6); // the ramp's own steps of 8 bits are a px wide
    }
    CHECK(std::accumulate(t.shares.begin(), t.shares.end(), 0.0) == Approx(1));
}

TEST_CASE("half-tones of a soft edge form no bands of their own, a slow shade keeps its bands")
{
    // Black disc on white, edge blurred over about five px.
    const Picture p = painted(160, 160, [](double x, double y) { return 127.5 + 127.5 * std::tanh((std::hypot(x - 80, y - 80) - 50) / 1.6); });
    Stack s;
    s.cuts = {60, 120, 180, 220};
    s.smallest = 0;
    const tone::Tones t = tone::separate(p, s);
    CHECK(t.regions == 2);
    // The border is where black and white meet half-way: the disc's area, by the handbook, within one percent.
    double disc = 0;
    for (const tone::ToneShape& shape : t.shapes)
        if (shape.colour.r < 100) disc = areaOf(shape);
    CHECK(disc == Approx(curve::pi * 50 * 50).epsilon(0.02));
    CHECK(tone::separate(ramp(256, 60), s).regions == 5);
}

TEST_CASE("noise makes no islands")
{
    std::mt19937 random(11);
    std::normal_distribution<double> grain(0, 9);
    const Picture p = painted(200, 160, [&](double x, double) { return (x < 100 ? 70 : 180) + grain(random); });
    Stack s;
    s.cuts = {128};
    const tone::Tones t = tone::separate(p, s);
    CHECK(t.regions == 2);
    CHECK(t.nodes <= 12);
}

TEST_CASE("a patch makes its place lighter or darker, fading at its edge, and nothing beyond it")
{
    const Picture p(100, 100, grey(119)); // L* 50, level 127
    const tone::Levels l = tone::levelsOf(p);
    Stack s;
    s.cuts = {150};
    s.patches = {{curve::circle({50, 50}, 30), 60, 10}};
    const auto level = tone::patched(l, s);
    CHECK(level.at(50, 50) == Approx(l.level.at(50, 50) + 60).margin(0.5));
    CHECK(level.at(5, 5) == l.level.at(5, 5));
    CHECK(level.at(50, 78) < level.at(50, 70));
    CHECK(level.at(50, 78) >= l.level.at(50, 78));
    tone::Labels tones = tone::quickTones(l, s);
    CHECK(tones.at(50, 50) == 1);
    CHECK(tones.at(50, 82) == 0);
    s.patches[0].strength = -60;
    s.cuts = {100};
    tones = tone::quickTones(l, s);
    CHECK(tones.at(50, 50) == 0);
    CHECK(tones.at(2, 2) == 1);
    // As shapes: one disc of about the size at which the strength reaches the cut.
    const tone::Tones t = tone::separate(p, s);
    CHECK(t.regions == 2);
    // Patches without strength or outline, or out of the picture, do nothing.
    s.patches = {{curve::circle({50, 50}, 30), 0, 5}, {{}, 60, 5}, {curve::circle({500, 500}, 30), 60, 5}};
    CHECK(tone::patched(l, s) == l.level);
}

TEST_CASE("pushes, sweeps and the bound")
{
    const Picture p = painted(120, 80, [](double x, double y) { return std::hypot(x - 90, y - 20) < 4 ? 20 : x < 60 ? 20 : 200; });
    Stack s;
    s.cuts = {128};
    s.smallest = 0;
    CHECK(tone::separate(p, s).regions == 3); // the dot counts
    // The border pushed to the right.
    s.pushes = {{{{50, 60}, {75, 60}}, 8, 0}};
    const tone::Levels l = tone::levelsOf(p);
    CHECK(tone::quickTones(l, s).at(80, 60) == 0);
    CHECK(tone::quickTones(l, s).at(80, 40) == 1);
    // The dot swept away, what is only brushed stays.
    s.sweeps = {{{{85, 20}, {95, 20}}, 9}};
    CHECK(tone::separate(p, s).regions == 2);
    s.sweeps = {{{{88, 20}, {90, 20}}, 1}};
    CHECK(tone::separate(p, s).regions == 3);
    // Nothing outside the bound.
    s = {};
    s.cuts = {128};
    s.bound = curve::rectangle({20, 10}, {100, 70});
    const tone::Tones t = tone::separate(p, s);
    curve::Box all;
    double covered = 0;
    for (const tone::ToneShape& shape : t.shapes) all.add(curve::bounds(shape.outline));
    for (const double share : t.shares) covered += share;
    CHECK(all.min.x == Approx(20).margin(0.8));
    CHECK(all.max.y == Approx(70).margin(0.8));
    CHECK(covered == Approx(1));
    CHECK(tone::quickTones(l, s).at(5, 5) == tone::outOfBounds);
}

TEST_CASE("tones are painted with their mean colour, or the one chosen")
{
    Picture p(60, 30);
    for (int y = 0; y < 30; ++y)
        for (int x = 0; x < 60; ++x) p.at(x, y) = x < 30 ? Rgba{120, 30, 20, 255} : Rgba{250, 230, 180, 255};
    Stack s;
    s.cuts = {128};
    tone::Tones t = tone::separate(p, s);
    CHECK(t.colours[0] == Rgba{120, 30, 20, 255});
    CHECK(t.colours[1] == Rgba{250, 230, 180, 255});
    s.paint = {std::nullopt, Rgba{1, 2, 3, 255}};
    t = tone::separate(p, s);
    CHECK(t.colours[0] == Rgba{120, 30, 20, 255});
    CHECK(t.colours[1] == Rgba{1, 2, 3, 255});
}

TEST_CASE("stacks on empty and tiny pictures, without cuts, and stopped")
{
    Stack s;
    CHECK(tone::separate(Picture(), s).shapes.empty());
    CHECK(tone::separate(Picture(1, 1, grey(9)), s).shapes.size() == 1);
    CHECK(tone::separate(ramp(30, 2), s).regions == 1);
    s.cuts = {300, 400};
    CHECK(tone::separate(ramp(30, 30), s).regions == 1);
    tone::TonesOptions o;
    o.cancelled = [] { return true; };
    CHECK(tone::separate(ramp(64, 64), s, o).shapes.empty());
    // Broken outlines are none.
    s.cuts = {100};
    s.patches = {{curve::polyline({{NAN, 0}, {5, 5}, {9, 0}}, true), 50, 3}};
    CHECK(tone::separate(ramp(30, 30), s).regions == 2);
}
