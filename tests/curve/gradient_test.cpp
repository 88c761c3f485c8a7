// Numbers read off cubics grow as central differences say (Numerical Recipes, 3rd ed., 5.7: the error of such a difference falls with the
// square of the step).
#include "curve/gradient.h"

#include "curve/curve.h"

#include <catch2/catch.hpp>

#include <functional>
#include <random>

using namespace softrope::curve;

namespace {

void grows(const Reading& r, const Cubic& c, const std::function<double(const Cubic&)>& of)
{
    constexpr double step = 1e-4;
    CHECK(r.value == Approx(of(c)).margin(1e-12));
    for (std::size_t i = 0; i < 4; ++i)
        for (const Vec2 way : {Vec2{step, 0}, Vec2{0, step}}) {
            Cubic less = c, more = c;
            (i == 0 ? less.p0 : i == 1 ? less.p1 : i == 2 ? less.p2 : less.p3) -= way;
            (i == 0 ? more.p0 : i == 1 ? more.p1 : i == 2 ? more.p2 : more.p3) += way;
            const double slope = (of(more) - of(less)) / (2 * step);
            CHECK(dot(r.gradient.by[i], way / step) == Approx(slope).epsilon(1e-4).margin(1e-6));
        }
}

} // namespace

TEST_CASE("curvature, chord and convexity of a cubic grow with its control points as they say")
{
    std::mt19937 random(11);
    std::uniform_real_distribution<double> off(-12, 12);
    const auto about = [&](Vec2 p) { return p + Vec2{off(random), off(random)}; };
    for (int n = 0; n < 40; ++n) {
        const Cubic c{about({0, 0}), about({30, 40}), about({80, 40}), about({120, 0})};
        for (const double t : {0.0, 0.12, 0.5, 1.0}) grows(curvatureReading(c, t), c, [t](const Cubic& q) { return curvature(q, t); });
        grows(chordReading(c), c, [](const Cubic& q) { return distance(q.p0, q.p3); });
        for (std::size_t k = 0; k < 4; ++k) grows(convexityReading(c, k), c, [k](const Cubic& q) { return convexity(q)[k]; });
    }
}

TEST_CASE("convexity has one sign where a piece bends to one side alone")
{
    const auto all = [](const Cubic& c, int side) {
        const auto h = convexity(c);
        return std::all_of(h.begin(), h.end(), [&](double v) { return side * v > 0; });
    };
    CHECK(all({{0, 0}, {0, 40}, {60, 40}, {60, 0}}, 1));
    CHECK(all({{0, 0}, {0, -40}, {60, -40}, {60, 0}}, -1));
    const Cubic s{{0, 0}, {20, 40}, {40, -40}, {60, 0}};
    CHECK_FALSE(all(s, 1));
    CHECK_FALSE(all(s, -1));
    // Without a chord or a handle there is no height over it.
    for (const double h : convexity({{5, 5}, {5, 5}, {5, 5}, {5, 5}})) CHECK(h == 0);
}
