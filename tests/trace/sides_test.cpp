// The rope where lightness does not help: edges of hue alone, soft edges, texture; and what it learns of the two sides.
#include "trace/laying.h"

#include "curve/curve.h"
#include "curve/samples.h"
#include "pixel/colour_space.h"
#include "trace/strip.h"

#include <catch2/catch.hpp>

#include <random>

using namespace softrope;
using curve::Vec2;

namespace {

struct Disc {
    Vec2 centre{200, 190};
    double radius = 120, soft = 0.7; // px; `soft`: standard deviation of the edge's blur
    pixel::Rgba inside, outside;
    double grain = 6, texture = 0; // of 255
};

// Edges blurred by a Gaussian are error functions across a straight, and nearly so across a wide circle.
pixel::Picture painted(const Disc& d, unsigned seed)
{
    pixel::Picture p(400, 380);
    std::mt19937 random(seed);
    std::normal_distribution<double> grain(0, d.grain);
    for (int y = 0; y < p.height; ++y)
        for (int x = 0; x < p.width; ++x) {
            const double out = distance(Vec2{x + 0.5, y + 0.5}, d.centre) - d.radius;
            const double share = 0.5 * std::erfc(out / (d.soft * std::sqrt(2.0)));
            const double weave = d.texture * (std::sin(x * 0.45) + std::sin(y * 0.5 + x * 0.2));
            const auto mix = [&](std::uint8_t in, std::uint8_t off) {
                return static_cast<std::uint8_t>(std::clamp(in * share + off * (1 - share) + weave + grain(random), 0.0, 255.0));
            };
            p.at(x, y) = {mix(d.inside.r, d.outside.r), mix(d.inside.g, d.outside.g), mix(d.inside.b, d.outside.b), 255};
        }
    return p;
}

std::vector<Vec2> holdsOn(const Disc& d, unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> off(-5, 5);
    std::vector<Vec2> out;
    for (int k = 0; k < 8; ++k) out.push_back(d.centre + curve::direction(curve::radians(45.0 * k)) * (d.radius + off(random)));
    return out;
}

// Share of the rope's curve within 1.5 px of the circle, and its nodes.
std::pair<double, std::size_t> laid(const Disc& d, unsigned seed)
{
    const auto map = trace::edgeMap(painted(d, seed), {});
    const auto rope = trace::ropeThrough(map, holdsOn(d, seed), true, 9);
    const curve::Path path = trace::ropeCurve(*map, rope, true, 1).path;
    const std::vector<Vec2> line = curve::evenly(flatten(path, 0.05), false, 1).points;
    const auto near = std::count_if(line.begin(), line.end(), [&](Vec2 p) { return std::abs(distance(p, d.centre) - d.radius) <= 1.5; });
    return {static_cast<double>(near) / static_cast<double>(line.size()), path.nodes.size()};
}

} // namespace

TEST_CASE("the rope lies on edges of hue alone, on soft ones and on textured ground")
{
    // Two colours of one OKLab lightness (Ottosson 2020), as the library converts them.
    const pixel::Rgba violet = pixel::rgbOf(pixel::OkLab{0.62, 0.12, -0.12}), green = pixel::rgbOf(pixel::OkLab{0.62, -0.12, 0.1});
    REQUIRE(std::abs(pixel::okLabOf(violet).l - pixel::okLabOf(green).l) < 0.01);
    const std::vector<std::pair<const char*, Disc>> kinds{{"hue", {{200, 190}, 120, 0.8, violet, green, 6, 0}},
                                                          {"soft", {{200, 190}, 120, 3, {70, 70, 74, 255}, {170, 160, 150, 255}, 8, 0}},
                                                          {"textured", {{200, 190}, 120, 0.8, {80, 60, 60, 255}, {150, 150, 140, 255}, 10, 22}}};
    constexpr unsigned seeds = 5;
    for (const auto& [name, disc] : kinds) {
        std::size_t all = 0;
        for (unsigned seed = 1; seed <= seeds; ++seed) {
            INFO(name << " " << seed);
            const auto [within, nodes] = laid(disc, seed);
            CHECK(within >= 0.97);
            all += nodes;
        }
        INFO(name);
        CHECK(all <= 5 * seeds); // a circle has four; where the ground hides the edge for a moment there are a few more
    }
}

TEST_CASE("a vector gradient of one lightness is seen where the grey values are flat")
{
    pixel::Picture p(60, 40);
    const pixel::Rgba a = pixel::rgbOf(pixel::OkLab{0.6, 0.1, 0}), b = pixel::rgbOf(pixel::OkLab{0.6, -0.1, 0});
    for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x) p.at(x, y) = x < 30 ? a : b;
    const auto map = trace::edgeMap(p, {});
    REQUIRE(map);
    CHECK(trace::strengthAt(*map, {30, 20}) > 0.7);
    CHECK(trace::strengthAt(*map, {12, 20}) < 0.05);
    // What is transparent counts as white.
    pixel::Picture clear(60, 40, {0, 0, 0, 0});
    CHECK(trace::colourAt(*trace::edgeMap(clear, {}), {30, 20}).l == Approx(255).margin(0.5));
}

TEST_CASE("two sides are told apart by their colours, a colour of neither says nothing")
{
    std::vector<trace::Colour3> left, right;
    std::mt19937 random(4);
    std::normal_distribution<double> grain(0, 6);
    for (int k = 0; k < 800; ++k) {
        left.push_back({90 + grain(random), 20 + grain(random), -10 + grain(random)});
        right.push_back({90 + grain(random), -25 + grain(random), 15 + grain(random)});
    }
    const trace::SideColours sides(left, right);
    CHECK(sides.leftness({90, 20, -10}) > 0.7);
    CHECK(sides.leftness({90, -25, 15}) < -0.7);
    CHECK(std::abs(sides.leftness({90, -3, 3})) < 0.5);
    CHECK(trace::SideColours({}, right).leftness({90, 20, -10}) == 0);
}

TEST_CASE("a trained wire passes by a stronger edge between other colours")
{
    // A weak edge runs straight down at x = 100, bright on its left; a strong one, bright on its right, bows out beside it.
    pixel::Picture p(200, 200);
    for (int y = 0; y < 200; ++y)
        for (int x = 0; x < 200; ++x) {
            const double bow = 118 + 14 * std::sin(curve::pi * y / 200);
            const std::uint8_t v = x < 100 ? 150 : (x < bow ? 110 : 255);
            p.at(x, y) = {v, v, v, 255};
        }
    const auto map = trace::edgeMap(p, {});
    std::vector<Vec2> row;
    for (int y = 2; y <= 42; ++y) row.push_back({100, static_cast<double>(y)});
    const auto strayOf = [&](const std::shared_ptr<const trace::SideColours>& sides) {
        trace::LiveWire wire(map, {100.5, 4.5}, sides);
        std::optional<std::vector<Vec2>> way;
        for (int tries = 0; tries < 50 && !way; ++tries) way = wire.to({100.5, 195.5});
        double worst = 0;
        if (way)
            for (const Vec2 q : *way) worst = std::max(worst, std::abs(q.x - 100));
        return way ? worst : 1e9;
    };
    CHECK(strayOf(trace::learntAtEnd(*map, row)) < 3);
    CHECK(trace::learntAtEnd(*map, {row.begin(), row.begin() + 5}) == nullptr);
}

TEST_CASE("ways by hand stay as drawn through the whole laying")
{
    Disc d{{200, 190}, 120, 0.8, {60, 60, 60, 255}, {200, 200, 190, 255}, 6, 0};
    const auto map = trace::edgeMap(painted(d, 1), {});
    const auto on = [&](double degrees, double out) { return d.centre + curve::direction(curve::radians(degrees)) * (d.radius + out); };
    trace::RopeWay hand{{}, true};
    for (double a = 0; a <= 60; a += 0.5) hand.points.push_back(on(a, 12)); // well beside the edge
    std::vector<trace::RopeWay> ways{hand, trace::wayBetween(map, hand.points.back(), on(180, 0)), trace::wayBetween(map, on(180, 0), hand.points.front())};
    const auto rope = trace::laidRope(map, ways, true);
    REQUIRE(rope.size() > 500);
    double by = 0;
    for (const trace::RopePoint& p : rope)
        if (p.byHand) by = std::max(by, std::abs(distance(p.at, d.centre) - d.radius - 12));
    CHECK(by < 0.2);
    CHECK(std::count_if(rope.begin(), rope.end(), [](const trace::RopePoint& p) { return p.byHand; }) > 100);
    // Nothing to lay on, or too little.
    CHECK(trace::ropeThrough(nullptr, {{1, 1}, {50, 50}}, false, 9).empty());
    CHECK(trace::ropeThrough(map, {{1, 1}}, false, 9).empty());
}

TEST_CASE("the best row of offsets is the cheapest of all, and closes on itself")
{
    // All rows of three offsets over five places, counted out.
    trace::Strip<float> gain(5, 0.5);
    REQUIRE(gain.offsets() == 3);
    std::mt19937 random(11);
    std::uniform_real_distribution<float> any(0, 1);
    for (float& v : gain.values) v = any(random);
    constexpr double stiffness = 0.2;
    double best = -1;
    std::vector<int> row;
    for (int code = 0; code < 243; ++code) {
        std::vector<int> k;
        for (int i = 0, c = code; i < 5; ++i, c /= 3) k.push_back(c % 3);
        double sum = 0;
        for (std::size_t i = 0; i < 5; ++i) sum += static_cast<double>(gain.row(i)[k[i]]) - (i > 0 ? stiffness * (k[i] - k[i - 1]) * (k[i] - k[i - 1]) : 0);
        if (sum > best) {
            best = sum;
            row = k;
        }
    }
    CHECK(trace::bestOffsets(gain, stiffness, false) == row);
    const auto closed = trace::bestOffsets(gain, stiffness, true);
    CHECK(std::abs(closed.front() - closed.back()) <= 2);
    CHECK(trace::bestOffsets(trace::Strip<float>(0, 2), 1, false).empty());
}
