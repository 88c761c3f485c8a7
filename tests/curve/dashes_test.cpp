// Dashes by SVG 1.1, 11.4, worked out by hand, and how they add up on curves.
#include "curve/dashes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

const Path hundred = curve::polyline({{0, 0}, {100, 0}}, false);

std::vector<std::pair<double, double>> spans(const Paths& paths)
{
    std::vector<std::pair<double, double>> out;
    for (const Path& p : paths) out.emplace_back(p.nodes.front().at.x, p.nodes.back().at.x);
    return out;
}

using Spans = std::vector<std::pair<double, double>>;

} // namespace

TEST_CASE("a straight is drawn and left out by turns, from a place in the sequence")
{
    CHECK(spans(curve::dashed({hundred}, {30, 20}, 0)) == Spans{{0, 30}, {50, 80}});
    CHECK(spans(curve::dashed({hundred}, {30, 20}, 10)) == Spans{{0, 20}, {40, 70}, {90, 100}});
    CHECK(spans(curve::dashed({hundred}, {30, 20}, -10)) == Spans{{10, 40}, {60, 90}});
    CHECK(spans(curve::dashed({hundred}, {30, 20}, 40)) == Spans{{10, 40}, {60, 90}}); // begins in a gap
    // An odd number counts twice over: 25 drawn, 10 out, 5 drawn, 25 out, 10 drawn, 5 out.
    CHECK(spans(curve::dashed({hundred}, {25, 10, 5}, 0)) == Spans{{0, 25}, {35, 40}, {65, 75}, {80, 100}});
    CHECK(spans(curve::dashed({hundred}, {25, 10, 5}, 40)) == Spans{{25, 35}, {40, 65}, {75, 80}});
    CHECK(spans(curve::dashed({hundred}, {200, 5}, 0)) == Spans{{0, 100}});
}

TEST_CASE("sequences that are none leave the paths as they are")
{
    const double nan = std::nan("");
    for (const std::vector<double>& none : {std::vector<double>{}, {0, 0}, {-1, 5}, {nan, 3}}) CHECK(curve::dashed({hundred}, none, 0) == Paths{hundred});
    CHECK(curve::dashed({hundred}, {1, 1}, nan) == Paths{hundred});
    // More than can be made: whole, and at once.
    const Path far = curve::polyline({{0, 0}, {1e9, 0}}, false);
    CHECK(curve::dashed({far}, {1, 1}, 0) == Paths{far});
}

TEST_CASE("dashes of no length stay, as places for dots")
{
    const Paths dots = curve::dashed({hundred}, {0, 25}, 0);
    REQUIRE(dots.size() == 4);
    for (std::size_t k = 0; k < dots.size(); ++k) {
        CHECK(dots[k].nodes.front().at.x == Approx(25.0 * static_cast<double>(k)));
        CHECK(curve::arcLength(dots[k]) == 0);
    }
}

TEST_CASE("a closed path's dash goes on over its start, one longer than all closes")
{
    const Path square = curve::rectangle({0, 0}, {100, 100}); // 400 round
    const Paths cut = curve::dashed({square}, {50, 30}, 20);  // 30 of a dash, then 30 out and 50 drawn four times, 30 out, and 20 of a dash
    REQUIRE_FALSE(cut.empty());
    double drawn = 0;
    for (const Path& p : cut) {
        CHECK_FALSE(p.closed);
        drawn += curve::arcLength(p);
    }
    CHECK(drawn == Approx(30 + 4 * 50 + 20).margin(1e-6));
    CHECK(cut.front().nodes.front().at != square.nodes.front().at);
    CHECK(curve::arcLength(cut.front()) == Approx(50)); // both sides of the start are one
    CHECK(curve::dashed({square}, {1000, 10}, 0) == Paths{square});
}

TEST_CASE("on curves dashes have their lengths, and lie on the curve")
{
    const Path circle = curve::circle({0, 0}, 100);
    const Paths cut = curve::dashed({circle}, {20, 11.415926535}, 0); // twenty fit round to within the error of the circle
    CHECK(cut.size() == 20);
    for (std::size_t k = 1; k + 1 < cut.size(); ++k) {
        CHECK(curve::arcLength(cut[k]) == Approx(20).margin(1e-3));
        for (const Vec2 p : curve::flatten(cut[k], 0.01)) CHECK(length(p) == Approx(100).margin(0.04));
    }
}
