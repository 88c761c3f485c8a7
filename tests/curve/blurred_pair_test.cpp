#include "curve/blurred_pair.h"

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

// Samples along the half level of a bar of this width that ends square at y = 0, inside to the left, after a Gaussian of sigma: the share seen
// from (x, y) is the product of what is seen across the bar and along it, because the blur is a product too.
Samples blurredBar(double width, double sigma)
{
    const double w = width / 2 / sigma;
    const auto across = [&](double x) { return below(x + w) - below(x - w); };
    const auto solved = [](double least, double most, const auto& share) { // grows from least to most
        for (int i = 0; i < 60; ++i) (share((least + most) / 2) < 0.5 ? least : most) = (least + most) / 2;
        return least;
    };
    const double foot = 0.6;
    std::vector<Vec2> left, end;
    for (double y = 20; y > foot; y -= 0.02) left.push_back({solved(-w - 4, 0, [&](double x) { return across(x) * below(y); }), y});
    for (double x = left.back().x + 0.02; x < -left.back().x; x += 0.02) end.push_back({x, solved(-4, 9, [&](double y) { return across(x) * below(y); })});
    std::vector<Vec2> all = left;
    all.insert(all.end(), end.begin(), end.end());
    for (auto p = left.rbegin(); p != left.rend(); ++p) all.push_back({-p->x, p->y});
    for (Vec2& p : all) p = p * sigma + Vec2{100, 50};
    return evenly(all, false, 0.5);
}

// The end as it is found: one corner that turns back.
Corner turningBack(const Samples& s)
{
    return {s.count() / 2, {100, 47}, radians(165), radians(-83), radians(83), false};
}

} // namespace

TEST_CASE("the two corners of a blunt end are measured where a blur has run them into one")
{
    for (const double sigma : {1.0, 1.3, 1.8})
        for (const double wide : {4.0, 5.0, 6.0}) {
            INFO("a bar of " << wide << " sigmas, sigma " << sigma);
            const double width = wide * sigma;
            Samples s = blurredBar(width, sigma);
            const std::vector<Corner> got = beforeBlur(s, {turningBack(s)}, {sigma, 0.03}, radians(20), 3.4);
            REQUIRE(got.size() == 2);
            for (std::size_t k = 0; k < 2; ++k) {
                CHECK(distance(got[k].point, {100 + (k == 0 ? -width : width) / 2, 50}) < 0.12);
                CHECK(degrees(got[k].turn) == Approx(90).margin(3));
                CHECK(got[k].measured);
                // The samples go by it now, and straight to the other.
                CHECK(distance(s[got[k].index], got[k].point) < 1e-9);
            }
            for (long i = got[0].index; i <= got[1].index; ++i) CHECK(s[i].y == Approx(50).margin(0.12));
        }
}

TEST_CASE("a blunt end that was not found is looked for where the line turns tightly")
{
    // As sharp as an outline of a clean picture is: 3 px wide.
    constexpr double sigma = 0.53, width = 3;
    Samples s = blurredBar(width, sigma);
    const std::vector<Corner> got = beforeBlur(s, {}, {sigma, 0.03}, radians(20), 3.4);
    REQUIRE(got.size() == 2);
    for (std::size_t k = 0; k < 2; ++k) {
        CHECK(distance(got[k].point, {100 + (k == 0 ? -width : width) / 2, 50}) < 0.12);
        CHECK(degrees(got[k].turn) == Approx(90).margin(4));
    }
}

TEST_CASE("the samples' noise moves the corners of a blunt end by little")
{
    const double sigma = 1.3, width = 7.7;
    for (const std::uint64_t seed : {1U, 2U, 3U, 4U, 5U}) {
        Samples s = blurredBar(width, sigma);
        s.points = strokes::shaken(s.points, 0.06, seed); // evenly by as much: a deviation of 0.035
        const auto pair = fitBlurredPair(s, Corner{s.count() / 2 - 7, {}, 0, radians(-83), 0, false}, Corner{s.count() / 2 + 7, {}, 0, 0, radians(83), false},
                                         {sigma, 0.035}, 20, 20);
        REQUIRE(pair);
        CHECK(distance(pair->first, {100 - width / 2, 50}) < 0.35);
        CHECK(distance(pair->second, {100 + width / 2, 50}) < 0.35);
        CHECK(pair->rms < 0.06);
    }
}

TEST_CASE("a round end has no two corners")
{
    for (const double radius : {4.0, 5.0, 6.0}) { // smaller ones look like a blunt end through this blur
        std::vector<Vec2> line = strokes::along({{100 - radius, 70}, {100 - radius, 50}}, 0.25);
        const auto end = strokes::arc({100, 50}, radius, pi, 2 * pi, 60);
        line.insert(line.end(), end.begin() + 1, end.end());
        const auto back = strokes::along({{100 + radius, 50}, {100 + radius, 70}}, 0.25);
        line.insert(line.end(), back.begin() + 1, back.end());
        Samples s = evenly(line, false, 0.5);
        const std::vector<Corner> got = beforeBlur(s, {turningBack(s)}, {1.3, 0.03}, radians(20), 3.4);
        INFO("radius " << radius);
        CHECK(got.size() < 2);
    }
}

TEST_CASE("what is no pair, or has too few samples, is left alone")
{
    const Samples s = blurredBar(7.7, 1.3);
    const Corner a{s.count() / 2 - 7, {}, 0, radians(-83), 0, false}, b{s.count() / 2 + 7, {}, 0, 0, radians(83), false};
    CHECK_FALSE(fitBlurredPair(s, a, b, {1.3, 0.03}, 3, 20));
    CHECK_FALSE(fitBlurredPair(s, a, b, {0, 0.03}, 20, 20));
    Samples broken = s;
    broken.points[static_cast<std::size_t>(s.count() / 2)].x = std::numeric_limits<double>::quiet_NaN();
    CHECK_FALSE(fitBlurredPair(broken, a, b, {1.3, 0.03}, 20, 20));
}
