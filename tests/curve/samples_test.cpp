#include "curve/samples.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <limits>

using namespace softrope::curve;

TEST_CASE("cleaning drops repeats and what is not finite, and the doubled end of a closed row")
{
    const double nan = std::numeric_limits<double>::quiet_NaN(), inf = std::numeric_limits<double>::infinity();
    const std::vector<Vec2> raw{{0, 0}, {0, 0}, {nan, 1}, {5, 0}, {5, inf}, {5, 5}, {0, 0}};
    CHECK(cleaned(raw, false).size() == 4);
    CHECK(cleaned(raw, true).size() == 3);
    CHECK(cleaned({}, true).empty());
}

TEST_CASE("even samples keep the ends, the length and the spacing")
{
    const std::vector<Vec2> bent{{0, 0}, {30, 0}, {30, 40}};
    const Samples s = evenly(bent, false, 0.7);
    CHECK(s.points.front() == bent.front());
    CHECK(s.points.back() == bent.back());
    CHECK(s.step == Approx(0.7).epsilon(0.02));
    for (long i = 1; i < s.count(); ++i) CHECK(distance(s[i - 1], s[i]) <= s.step * (1 + 1e-9));
    double corner = 1e9;
    for (const Vec2 p : s.points) corner = std::min(corner, distance(p, {30, 0}));
    CHECK(corner <= s.step / 2 + 1e-9);
}

TEST_CASE("a closed row of samples wraps, an open one is held at its ends")
{
    const Samples ring = evenly(strokes::arc({0, 0}, 10, 0, 2 * pi, 100), true, 1);
    CHECK(ring[-1] == ring[ring.count() - 1]);
    CHECK(ring[ring.count()] == ring[0]);
    CHECK(ring.wrapped(-3) == ring.count() - 3);
    const Samples line = evenly({{0, 0}, {10, 0}}, false, 1);
    CHECK(line[-5] == line[0]);
    CHECK(line[500] == line[line.count() - 1]);
}

TEST_CASE("a row too short to resample stays sane")
{
    CHECK(evenly({}, false, 1).count() == 0);
    CHECK(evenly({{3, 4}}, false, 1).count() == 1);
    CHECK(evenly({{0, 0}, {0.1, 0}}, false, 5).count() == 2);
}

TEST_CASE("the local parabola reads tangent and bend off a circle")
{
    // On a circle of radius R the curvature is 1/R everywhere and the tangent is square to the radius.
    for (const double radius : {20.0, 60.0, 300.0}) {
        const Samples s = evenly(strokes::arc({0, 0}, radius, 0, pi, 4000), false, 0.5);
        const long middle = s.count() / 2;
        const LocalFit f = localParabola(s, middle - 8, middle + 8, static_cast<double>(middle));
        CHECK(f.bend == Approx(1 / radius).epsilon(0.02));
        CHECK(std::abs(dot(f.tangent, unit(s[middle]))) < 1e-3);
        CHECK(f.residual < 0.01);
    }
}

TEST_CASE("a local line through noisy samples finds their direction")
{
    const Samples s = evenly(strokes::shaken(strokes::along({{0, 0}, {80, 60}}, 1), 0.3, 77), false, 0.5);
    const LocalFit f = localLine(s, 10, s.count() - 10, 50);
    CHECK(degrees(std::abs(turn(f.tangent, Vec2{0.8, 0.6}))) < 0.5);
    CHECK(f.residual > 0.05);
    CHECK(f.residual < 0.4);
}

TEST_CASE("windows asked for one after the other say what each says by itself, across the end of a ring as well")
{
    std::vector<Vec2> ring;
    for (int i = 0; i < 90; ++i) ring.push_back(direction(radians(4.0 * i)) * (40 + 6 * std::sin(radians(12.0 * i))));
    const Samples s = evenly(ring, true, 0.5);
    LocalFits fits(s, 15);
    for (int round = 0; round < 2; ++round)
        for (const long first : {-20L, -3L, 0L, 31L, s.count() - 8, s.count() + 5}) {
            const double where = static_cast<double>(first) + 18;
            const LocalFit one = localParabola(s, first, first + 14, where), other = fits.at(first, where);
            CHECK(distance(one.point, other.point) < 1e-9);
            CHECK(distance(one.tangent, other.tangent) < 1e-9);
            CHECK(distance(localLine(s, first, first + 14, where).tangent, other.way) < 1e-9);
            CHECK(one.residual == Approx(other.residual));
        }
}

TEST_CASE("the noise of a row is about the shake that was put in")
{
    const auto smooth = strokes::arc({0, 0}, 150, 0, 5, 2000);
    CHECK(noiseOf(evenly(smooth, false, 0.5), 5) < 0.01);
    double before = 0;
    for (const double shake : {0.1, 0.3, 0.6}) {
        const double n = noiseOf(evenly(strokes::shaken(strokes::along(smooth, 1), shake, 5), false, 0.5), 5);
        CHECK(n > before);
        CHECK(n < shake);
        before = n;
    }
}

TEST_CASE("running sums give the line of total least squares over any run, across the seam too")
{
    const auto corners = std::vector<Vec2>{{0, 0}, {100, 0}, {100, 50}, {0, 50}};
    const Samples s = evenly(corners, true, 1);
    const LineSums sums(s);
    const LineSums::Line bottom = sums.over(10, 80);
    CHECK(std::abs(bottom.along.y) < 1e-9);
    CHECK(bottom.along.x > 0);
    CHECK(bottom.rms < 1e-6);
    CHECK(bottom.centre.x == Approx(45).margin(0.6));
    // The left side is walked upwards, and its run may pass the seam.
    const LineSums::Line left = sums.over(s.count() - 40, s.count() - 5);
    CHECK(left.along.y < -0.99);
    CHECK(sums.over(s.count() + 10, s.count() + 80).centre.x == Approx(bottom.centre.x));
    // Over a corner no line fits.
    CHECK(sums.over(60, 140).rms > 5);
}

TEST_CASE("a few points far apart are not made into hundreds of thousands")
{
    CHECK(evenly({{0, 0}, {1e9, 0}, {1e9, 1e9}}, false, 0.5).count() <= 40000);
    // Those who have many points get more.
    std::vector<Vec2> many;
    for (int k = 0; k < 5000; ++k) many.push_back({20.0 * k, 0});
    CHECK(evenly(many, false, 0.5).count() > 150000);
}
