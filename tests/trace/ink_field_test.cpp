#include "trace/ink_field.h"
#include "trace/medium.h"

#include "trace/centre_line.h"

#include <catch2/catch.hpp>

#include <random>

using namespace softrope;
using curve::Vec2;

namespace {

// A horizontal line of that grey on paper of 240, edges soft by the share of the pixel they cover.
pixel::Grey lineOf(double top, double bottom, int ink, int w = 160, int h = 80)
{
    pixel::Grey g(w, h, 240);
    for (int y = 0; y < h; ++y) {
        const double cover = std::clamp(std::min(bottom, y + 1.0) - std::max(top, static_cast<double>(y)), 0.0, 1.0);
        for (int x = 10; x < w - 10; ++x) g.at(x, y) = static_cast<std::uint8_t>(std::lround(240 + cover * (ink - 240)));
    }
    return g;
}

void grain(pixel::Grey& g, double sigma, unsigned seed)
{
    std::mt19937 random(seed);
    std::normal_distribution<double> noise(0, sigma);
    for (auto& v : g.data) v = static_cast<std::uint8_t>(std::clamp(v + noise(random), 0.0, 255.0));
}

} // namespace

TEST_CASE("dark even lines are ink, pale ones on grainy paper are pencil, and either can be said")
{
    CHECK(trace::inkField(lineOf(30, 37, 20), {}).medium == trace::Medium::ink);
    pixel::Grey pale = lineOf(30, 34, 120);
    grain(pale, 5, 3);
    CHECK(trace::inkField(pale, {}).medium == trace::Medium::pencil);
    trace::InkFieldOptions said;
    said.medium = trace::Medium::ink;
    CHECK(trace::inkField(pale, said).medium == trace::Medium::ink);
    said.medium = trace::Medium::pencil;
    CHECK(trace::inkField(lineOf(30, 37, 20), said).medium == trace::Medium::pencil);
}

TEST_CASE("a hard pencil is pencil too, black but not everywhere")
{
    // Half as dark for a third of the way, a few px here and there: nearer to black than to grey in the middle.
    pixel::Grey hard = lineOf(30, 34, 20, 400);
    std::mt19937 random(11);
    std::bernoulli_distribution light(0.35);
    for (int x = 10; x < 390; x += 5) {
        const double pressed = light(random) ? 0.5 : 1;
        for (int y = 28; y < 36; ++y)
            for (int k = 0; k < 5; ++k) hard.at(x + k, y) = static_cast<std::uint8_t>(std::lround(240 + pressed * (hard.at(x + k, y) - 240)));
    }
    CHECK(trace::inkField(hard, {}).medium == trace::Medium::pencil);
    CHECK(trace::inkField(lineOf(30, 34, 20, 400), {}).medium == trace::Medium::ink);
    // Pale all along without any grain: drawn by a program.
    CHECK(trace::inkField(lineOf(30, 37, 130), {}).medium == trace::Medium::ink);
}

TEST_CASE("a line that grows paler evenly has no dips, one that is paler in places has")
{
    std::vector<trace::LinePlace> even, broken;
    for (int k = 0; k < 60; ++k) {
        even.push_back({100 - k, 20 + 2 * k, 1 - 0.01F * static_cast<float>(k)});
        broken.push_back({20 + k, 30 + k / 2, k % 6 == 3 ? 0.4F : 0.8F});
    }
    for (const float share : trace::besideBothSides(even, 8)) CHECK(share == 1);
    const std::vector<float> shares = trace::besideBothSides(broken, 8);
    for (std::size_t k = 0; k < shares.size(); ++k) CHECK(shares[k] == Approx(k % 6 == 3 ? 0.5 : 1));
    CHECK(trace::besideBothSides({}, 8).empty());
}

TEST_CASE("the field's level of one half lies on the edges of an ink line, to a tenth of a pixel")
{
    const trace::InkField f = trace::inkField(lineOf(30.3, 38.9, 20), {});
    const double up = trace::edgeAlong(f.cover, {80, 34.6}, {0, -1}, 20), down = trace::edgeAlong(f.cover, {80, 34.6}, {0, 1}, 20);
    CHECK(34.6 - up == Approx(30.3).margin(0.1));
    CHECK(34.6 + down == Approx(38.9).margin(0.1));
    CHECK(trace::sample(f.cover, 80, 34.6) > 0.9F);
    CHECK(trace::sample(f.cover, 80, 60) < 0.1F);
    CHECK(trace::sample(f.cover, -40, 10) == 0.0F);
    // No edge within reach.
    CHECK(trace::edgeAlong(f.cover, {80, 34.6}, {1, 0}, 20) < 0);
}

TEST_CASE("a rough row of places is moved to the middle of its line and gets its width")
{
    const trace::InkField f = trace::inkField(lineOf(30.3, 38.9, 20), {});
    std::vector<Vec2> rough;
    std::vector<float> radius;
    for (int x = 30; x < 130; ++x) {
        rough.push_back({x + 0.5, 34.5 + (x / 3) % 2});
        radius.push_back(4);
    }
    for (const trace::CentrePoint& p : trace::centred(rough, radius, false, f.cover)) {
        REQUIRE(p.measured);
        CHECK(p.at.y == Approx(34.6).margin(0.12));
        CHECK(p.width == Approx(8.6).margin(0.2));
    }
}

TEST_CASE("the gap between two pencil passes is filled as far as gathering reaches")
{
    pixel::Grey g = lineOf(30, 32.5, 120);
    const pixel::Grey second = lineOf(37, 39.5, 120);
    for (std::size_t i = 0; i < g.data.size(); ++i) g.data[i] = std::min(g.data[i], second.data[i]);
    grain(g, 4, 5);
    const auto between = [&](double gather) {
        trace::InkFieldOptions o;
        o.medium = trace::Medium::pencil;
        o.gather = gather;
        return trace::sample(trace::inkField(g, o).cover, 80, 34.7);
    };
    CHECK(between(1.5) > 0.5F);
    CHECK(between(0) < 0.5F);
}

TEST_CASE("even pictures give a field of paper of their own size")
{
    const trace::InkField f = trace::inkField(pixel::Grey(40, 30, 128), {});
    CHECK(f.cover.width == 40);
    CHECK(f.cover.height == 30);
    CHECK(*std::max_element(f.cover.data.begin(), f.cover.data.end()) == 0.0F);
    CHECK(trace::inkField({}, {}).cover.empty());
}
