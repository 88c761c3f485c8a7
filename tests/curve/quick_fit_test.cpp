#include "curve/curve.h"
#include "strokes.h"

#include <catch2/catch.hpp>

using namespace softrope::curve;

namespace {

std::vector<Vec2> circleRow(int n, double radius)
{
    std::vector<Vec2> row;
    for (int i = 0; i < n; ++i) row.push_back(direction(2 * pi * i / n) * radius);
    return row;
}

double furthest(const std::vector<Vec2>& samples, const Path& path)
{
    double worst = 0;
    for (const Vec2 p : samples) worst = std::max(worst, nearest(path, p)->distance);
    return worst;
}

} // namespace

TEST_CASE("the quick fit keeps slack at every sample and says how far it is off")
{
    std::vector<Vec2> row;
    for (int i = 0; i < 2000; ++i) row.push_back({i * 0.7, 80 * std::sin(i * 0.013) + 15 * std::sin(i * 0.061) + 0.2 * std::sin(i * 12.9898)});
    for (const double slack : {0.5, 1.0, 4.0}) {
        FitOptions o;
        o.slack = slack;
        const Fit f = quickFit(row, false, o);
        const double off = furthest(row, f.path);
        CHECK(off <= slack + 1e-6);
        CHECK(f.furthest >= off - 1e-6);
        CHECK(f.path.nodes.front().at == row.front());
        CHECK(f.path.nodes.back().at == row.back());
    }
}

TEST_CASE("more slack never takes more nodes in the quick fit of a wave")
{
    std::vector<Vec2> row;
    for (int i = 0; i < 3000; ++i) row.push_back({i * 0.5, 60 * std::sin(i * 0.01)});
    std::size_t before = 1000;
    for (const double slack : {0.1, 0.5, 2.0, 8.0}) {
        FitOptions o;
        o.slack = slack;
        const std::size_t nodes = quickFit(row, false, o).path.nodes.size();
        CHECK(nodes <= before);
        before = nodes;
    }
}

TEST_CASE("the quick fit of a circle is smooth all the way round")
{
    const Path p = quickFit(circleRow(800, 120), true, {}).path;
    REQUIRE(p.closed);
    CHECK(p.nodes.size() <= 6);
    CHECK(std::abs(area(p)) == Approx(pi * 120 * 120).epsilon(0.01));
    for (const Node& n : p.nodes) CHECK(std::abs(turn(n.at - n.in, n.out - n.at)) < 1e-6);
}

TEST_CASE("the quick fit finds the corners of a square and makes its sides straight")
{
    std::vector<Vec2> row;
    for (int side = 0; side < 4; ++side)
        for (int i = 0; i < 100; ++i)
            row.push_back(std::array<Vec2, 4>{Vec2{i * 1.0, 0}, {100, i * 1.0}, {100.0 - i, 100}, {0, 100.0 - i}}[static_cast<std::size_t>(side)]);
    const Path p = quickFit(row, true, {}).path;
    REQUIRE(p.nodes.size() == 4);
    for (std::size_t k = 0; k < 4; ++k) CHECK(isStraight(p.piece(k)));
}

TEST_CASE("the quick fit takes rows of few, equal and broken points")
{
    CHECK(quickFit({}, false, {}).path.empty());
    CHECK(quickFit({{1, 1}, {1, 1}, {1, 1}}, false, {}).path.nodes.size() == 1);
    const double nan = std::nan("");
    CHECK(isFinite(quickFit({{0, 0}, {nan, 3}, {5, 1}, {9, 2}, {14, 9}, {20, 9}}, false, {}).path));
}

TEST_CASE("a row too long for care is fitted quickly by itself, all of it within slack")
{
    std::vector<Vec2> row;
    for (int i = 0; i < 60000; ++i) row.push_back({i * 0.3, 40 * std::sin(i * 0.004)});
    const Fit f = fit(row, false, {});
    CHECK(f.furthest <= 0.5);
    double worst = 0;
    for (const Place& p : placesAlong(row, f.path, 0.6)) worst = std::max(worst, p.distance);
    CHECK(worst <= 0.5 + 1e-6);
}

TEST_CASE("places along a path agree with a search of the whole path")
{
    std::vector<Vec2> row;
    for (int i = 0; i < 900; ++i) row.push_back({i * 0.7, 50 * std::sin(i * 0.02) + 0.3 * std::sin(i * 7.0)});
    const Path p = fit(row, false, {}).path;
    const std::vector<Place> places = placesAlong(row, p, 0.5);
    REQUIRE(places.size() == row.size());
    for (std::size_t i = 0; i < row.size(); ++i) CHECK(places[i].distance == Approx(nearest(p, row[i])->distance).margin(1e-6));
    CHECK(placesAlong(row, {}, 1).empty());
}
