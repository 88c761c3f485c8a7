#include "curve/before_blur.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using namespace softrope::curve;

namespace {

// The normal distribution's share below x.
double below(double x)
{
    return 0.5 * std::erfc(-x / std::sqrt(2.0));
}

// Where the half level of a right corner (the quadrant x, y > 0) runs that a Gaussian of 1 has blurred: the share seen from (x, y) is
// below(x) below(y), because the blur is a product too.
double levelOfQuadrant(double x)
{
    double least = -1, most = 9;
    for (int i = 0; i < 60; ++i) (below(x) * below((least + most) / 2) < 0.5 ? least : most) = (least + most) / 2;
    return least;
}

// Samples half a pixel apart along the level line of a right corner with its tip at (100, 50), inside to the left: down the one side, out along
// the other.
Samples blurredQuadrant(double sigma)
{
    std::vector<Vec2> raw;
    const double foot = 0.5450; // where both coordinates are alike: below(0.5450)^2 = 0.5
    for (double y = 30; y > foot; y -= 0.02) raw.push_back(Vec2{levelOfQuadrant(y), y} * sigma + Vec2{100, 50});
    for (double x = foot; x < 30; x += 0.02) raw.push_back(Vec2{x, levelOfQuadrant(x)} * sigma + Vec2{100, 50});
    return evenly(raw, false, 0.5);
}

// Samples half a pixel apart along the half level of a wedge with its tip at (0, 0), its inside along x to the left, after a Gaussian of sigma: what is
// seen from (x, y) is summed over strips across the wedge.
Samples blurredNeedle(double angle, double sigma)
{
    const double slope = std::tan(angle / 2);
    const auto seen = [&](Vec2 p) {
        constexpr int n = 120;
        double sum = 0;
        for (int i = 0; i < n; ++i) {
            const double along = -5 + 10 * (i + 0.5) / n, half = (p.x + along * sigma) * slope;
            if (half <= 0) continue;
            sum += std::exp(-along * along / 2) * (below((half - p.y) / sigma) - below((-half - p.y) / sigma));
        }
        return sum * 10 / n / std::sqrt(2 * pi);
    };
    std::vector<Vec2> upper;
    for (double x = 55; x > 0; x -= 0.25) {
        if (seen({x, 0}) < 0.5) break;
        double in = 0, out = 12;
        for (int k = 0; k < 40; ++k) (seen({x, (in + out) / 2}) > 0.5 ? in : out) = (in + out) / 2;
        upper.push_back({x, -in});
    }
    std::vector<Vec2> all = upper;
    for (auto p = upper.rbegin(); p != upper.rend(); ++p) all.push_back({p->x, -p->y});
    return evenly(all, false, 0.5);
}

// A corner as one would guess it from the samples: the sides' directions, and a tip that is still on the line.
Corner guessed(const Samples& s, Vec2 tip, double in, double out)
{
    Corner c;
    for (long i = 0; i < s.count(); ++i)
        if (distance(s[i], tip) < distance(s[c.index], tip)) c.index = i;
    c.point = s[c.index];
    c.inAngle = in;
    c.outAngle = out;
    c.turn = std::abs(turn(direction(in), direction(out)));
    return c;
}

} // namespace

TEST_CASE("how far a blur eats into a corner is known")
{
    // A right corner: below(h)^2 = 1/2 at h = 0.5450 from either side (tables of the normal distribution: 0.7071 at 0.545), times the square root of 2.
    CHECK(recession(radians(90)) == Approx(0.545 * std::sqrt(2.0)).epsilon(0.002));
    CHECK(recession(0) == Approx(0).margin(1e-6));
    // For corners of 60 and 120 degrees inside, by sums over a picture 12 sigma wide (our own, 400 x 400 places).
    CHECK(recession(radians(120)) == Approx(1.285).epsilon(0.02));
    CHECK(recession(radians(60)) == Approx(0.454).epsilon(0.02));
    for (double t = 10; t < 160; t += 10) CHECK(recession(radians(t)) < recession(radians(t + 10)));
}

TEST_CASE("how far a point lies from the half level of a blurred line")
{
    constexpr double sigma = 1.3;
    std::vector<Vec2> straight, corner;
    for (int i = -60; i <= 60; ++i) straight.push_back({0.2 * i, 0});
    for (double d : {-0.4, -0.1, 0.0, 0.2, 0.5}) CHECK(offHalfLevel(straight, {0.07, d}, sigma) == Approx(d).margin(0.012));
    for (int i = 60; i >= 0; --i) corner.push_back({0, 0.2 * i});
    for (int i = 1; i <= 60; ++i) corner.push_back({0.2 * i, 0});
    for (double x = 0.2; x < 3; x += 0.3) CHECK(offHalfLevel(corner, Vec2{x, levelOfQuadrant(x)} * sigma, sigma) == Approx(0).margin(0.01));
    // Turned about, left is right.
    std::reverse(corner.begin(), corner.end());
    CHECK(offHalfLevel(corner, Vec2{0.545, 0.545} * sigma, sigma) == Approx(0).margin(0.01));
}

TEST_CASE("a blurred corner is measured beyond its rounding")
{
    for (const double sigma : {0.8, 1.3, 2.0}) {
        INFO("sigma " << sigma);
        const Samples s = blurredQuadrant(sigma);
        // Guessed 6 and 8 degrees wrong.
        const Corner guess = guessed(s, {100, 50}, radians(-90 + 6), radians(-8));
        const auto c = fitBlurredCorner(s, guess, {sigma}, 24, 24);
        REQUIRE(c);
        CHECK(c->radius < 1.4 * sigma);
        CHECK(c->rms < 0.03);
        const auto pointed = fitBlurredCorner(s, guess, {sigma}, 24, 24, true);
        REQUIRE(pointed);
        CHECK(distance(pointed->tip, {100, 50}) < 0.05);
        CHECK(degrees(std::abs(pointed->turn())) == Approx(90).margin(1));
        CHECK(pointed->radius == 0);
    }
}

TEST_CASE("a round is no corner, nor is what cannot be told")
{
    // A quarter of a circle of 8 px between two straights. Blurred, an edge of radius r recedes by sigma^2 / 2r (the heat equation's first term).
    constexpr double sigma = 1.1, radius = 8, eaten = sigma * sigma / 2 / radius;
    std::vector<Vec2> raw;
    for (double y = 40; y > radius; y -= 0.1) raw.push_back({0, y});
    for (double a = 180; a <= 270; a += 1) raw.push_back(Vec2{radius, radius} + direction(radians(a)) * (radius - eaten));
    for (double x = radius; x < 40; x += 0.1) raw.push_back({x, 0});
    Samples s = evenly(raw, false, 0.5);
    const Corner guess = guessed(s, {0, 0}, radians(-84), radians(-6));
    const auto c = fitBlurredCorner(s, guess, {sigma}, 30, 30);
    REQUIRE(c);
    CHECK(c->radius == Approx(radius).margin(0.8));
    const std::vector<Vec2> was = s.points;
    CHECK(beforeBlur(s, {guess}, {sigma}, radians(20), 3.4).empty());
    for (std::size_t i = 0; i < was.size(); ++i) CHECK(distance(s.points[i], was[i]) < 0.6);

    // Too near the end of the line: as it was found.
    Samples few = evenly({{0, 3}, {0, 0}, {3, 0}}, false, 0.5);
    const Corner end = guessed(few, {0, 0}, radians(-90), 0);
    const std::vector<Corner> kept = beforeBlur(few, {end}, {sigma}, radians(20), 3.4);
    REQUIRE(kept.size() == 1);
    CHECK_FALSE(kept[0].measured);
    CHECK_FALSE(fitBlurredCorner(few, end, {0}, 20, 20));
}

TEST_CASE("a needle is drawn on to where its sides meet, also where the blur has eaten most of it")
{
    constexpr double sigma = 1.26;
    for (const double angle : {9.0, 12.0, 16.0}) {
        INFO(angle << " degrees");
        Samples s = blurredNeedle(radians(angle), sigma);
        const Corner guess = guessed(s, {0, 0}, radians(180 - angle / 2), radians(angle / 2));
        const double eaten = distance(s[guess.index], {0, 0});
        CHECK(eaten > 5);
        const auto corners = beforeBlur(s, {guess}, {sigma, 0.06}, radians(20), 3.4);
        REQUIRE(corners.size() == 1);
        CHECK(corners[0].measured);
        // To a third of what was lost, and on the axis.
        CHECK(distance(corners[0].point, {0, 0}) < 0.33 * eaten);
        CHECK(std::abs(corners[0].point.y) < 0.3);
        CHECK(degrees(corners[0].turn) == Approx(180 - angle).margin(4));
    }
}

TEST_CASE("samples beside a measured corner lie where its sides were")
{
    constexpr double sigma = 1.3;
    Samples s = blurredQuadrant(sigma);
    const auto corners = beforeBlur(s, {guessed(s, {100, 50}, radians(-88), radians(2))}, {sigma}, radians(20), 3.4);
    REQUIRE(corners.size() == 1);
    CHECK(corners[0].measured);
    CHECK(distance(corners[0].point, {100, 50}) < 0.06);
    for (const Vec2 p : s.points) CHECK(std::min(std::abs(p.x - 100), std::abs(p.y - 50)) < 0.08);
}

TEST_CASE("whatever the samples are, what comes out is finite and in order")
{
    strokes::Random random(11);
    long measured = 0;
    for (int round = 0; round < 60; ++round) {
        std::vector<Vec2> raw;
        const bool closed = round % 3 > 0;
        for (int i = 0, n = 4 + random.below(30); i < n; ++i) raw.push_back(Vec2{random.unit(), random.unit()} * (round % 2 ? 12.0 : 90.0));
        Samples s = evenly(raw, closed, 0.5);
        if (s.count() < 8) continue;
        const double sigma = 0.3 + 3 * random.unit();
        const auto found = findCorners(s, {1, 0.55 + sigma, radians(20), sigma});
        const std::vector<Corner> out = beforeBlur(s, found, {sigma}, radians(20), 3.4);
        // One that turns back may be two, and so may a tight turn that was none: those lie at least 6 px apart.
        CHECK(out.size() <= 2 * found.size() + static_cast<std::size_t>(s.count() / 6));
        for (std::size_t i = 0; i < out.size(); ++i) {
            CHECK(isFinite(out[i].point));
            CHECK((out[i].index >= 0 && out[i].index < s.count()));
            if (i > 0) CHECK(out[i - 1].index < out[i].index);
            measured += out[i].measured;
        }
        for (const Vec2 p : s.points) REQUIRE(isFinite(p));
    }
    CHECK(measured > 20);
}
