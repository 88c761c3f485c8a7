// Following: an outline collected by a rough drag along overlapping lines.
#include "planar/planar.h"

#include "shapes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;

namespace {

planar::Followed followed(const planar::Map& map, const std::vector<Vec2>& way, double reach = 16)
{
    planar::Followed chain;
    const auto first = planar::edgeNear(map, way.front(), reach, way[1] - way.front());
    REQUIRE(first);
    chain.halves = {*first};
    std::vector<Vec2> hand{way.front()};
    for (std::size_t k = 1; k < way.size(); ++k)
        for (int i = 1; i <= 10; ++i) {
            hand.push_back(lerp(way[k - 1], way[k], i / 10.0));
            chain = planar::followOn(map, chain, hand, reach);
        }
    return chain;
}

} // namespace

TEST_CASE("three sides of a square and the arc over it make one closed outline")
{
    const planar::MapPtr map = planar::build({rectangle({0, 0}, {100, 100}), circle({50, 0}, 50)});
    std::vector<Vec2> way{{3, 40}, {-2, 98}, {50, 103}, {98, 97}, {102, 5}};
    for (int k = 0; k <= 12; ++k) way.push_back(Vec2{50, 0} + 52.0 * Vec2{std::cos(pi * k / 12), -std::sin(pi * k / 12)});
    way.push_back({1, 20});
    way.push_back({2, 38});
    const planar::Followed chain = followed(*map, way);
    REQUIRE(chain.closed);
    const Path outline = planar::pathOf(*map, chain);
    CHECK(outline.closed);
    // The square and the half disc above it (handbook).
    CHECK(std::abs(area(outline)) == Approx(10000 + pi * 2500 / 2).epsilon(1e-3));
}

TEST_CASE("going back along the way takes back, and what was fixed stays")
{
    const planar::MapPtr map =
        planar::build({polyline({{0, 0}, {100, 0}}, false), polyline({{50, -50}, {50, 50}}, false), polyline({{80, -50}, {80, 50}}, false)});
    planar::Followed chain;
    chain.halves = {*planar::edgeNear(*map, {10, 0}, 10, {1, 0})};
    std::vector<Vec2> hand{{10, 0}};
    for (double x = 12; x <= 95; x += 3) {
        hand.push_back({x, 1});
        chain = planar::followOn(*map, chain, hand, 12);
    }
    CHECK(chain.halves.size() == 3);
    const planar::Followed whole = chain;
    for (double x = 92; x >= 20; x -= 3) {
        hand.push_back({x, 1});
        chain = planar::followOn(*map, chain, hand, 12);
    }
    CHECK(chain.halves.size() == 1);
    // With all three fixed, the same way back changes nothing.
    CHECK(planar::followOn(*map, whole, hand, 12, 3).halves == whole.halves);
}

TEST_CASE("at a crossing the straightest way on is preferred, and a loose end leads nowhere")
{
    const planar::MapPtr map = planar::build({polyline({{0, 0}, {100, 4}}, false), polyline({{50, -50}, {52, 50}}, false), circle({50, 40}, 38)});
    planar::Followed chain;
    chain.halves = {*planar::edgeNear(*map, {20, 1}, 10, {1, 0})};
    const auto next = planar::nextOf(*map, chain);
    REQUIRE(next);
    const Cubic on = map->curveOf(*next / 2);
    CHECK(std::abs(at(on, 0.5).y - 0.04 * at(on, 0.5).x) < 0.01); // still on the same line
    const planar::MapPtr lone = planar::build({polyline({{0, 0}, {10, 0}}, false)});
    planar::Followed end;
    end.halves = {*planar::edgeNear(*lone, {5, 0}, 3, {1, 0})};
    CHECK_FALSE(planar::nextOf(*lone, end));
    CHECK_FALSE(planar::edgeNear(*lone, {5, 40}, 3));
}

TEST_CASE("an open chain begins and ends within its first and last piece, a closed one does not care")
{
    const planar::MapPtr map =
        planar::build({polyline({{0, 0}, {300, 0}}, false), polyline({{100, -50}, {100, 50}}, false), polyline({{200, -50}, {200, 50}}, false)});
    const planar::Followed chain = followed(*map, {{50, 1}, {150, 1}, {260, 1}});
    REQUIRE(chain.halves.size() == 3);
    CHECK(arcLength(planar::pathOf(*map, chain)) == Approx(300));
    const Path part = planar::pathOf(*map, chain, Vec2{50, 3}, Vec2{260, -2});
    CHECK(part.nodes.front().at.x == Approx(50).margin(1e-6));
    CHECK(part.nodes.back().at.x == Approx(260).margin(1e-6));
    CHECK(part.nodes.front().in == part.nodes.front().at);
    CHECK(planar::pathOf(*map, chain, {}, Vec2{260, -2}).nodes.front().at.x == Approx(0).margin(1e-6));
    // Both within one piece of a curve: exactly that stretch of it.
    const Path round = circle({500, 500}, 100);
    const planar::MapPtr one = planar::build({round, polyline({{380, 500}, {620, 500}}, false)});
    const planar::Followed arc = followed(*one, {{500 - 70, 570}, {500, 601}, {500 + 70, 570}});
    REQUIRE_FALSE(arc.closed);
    const Vec2 from = Vec2{500, 500} + 100 * direction(radians(120)), to = Vec2{500, 500} + 100 * direction(radians(60));
    const Path stretch = planar::pathOf(*one, arc, from, to);
    CHECK(arcLength(stretch) == Approx(100 * radians(60)).epsilon(1e-3));
    // Nothing would be left: the whole.
    CHECK(arcLength(planar::pathOf(*map, {{chain.halves.front()}, false}, Vec2{100, 0}, Vec2{0, 0})) > 50);
    const planar::MapPtr box = planar::build({rectangle({0, 0}, {100, 100})});
    const planar::Followed whole{followed(*box, {{50, 0}, {99, 1}, {100, 50}, {99, 99}, {50, 100}, {1, 99}, {0, 50}, {1, 1}, {40, 0}}).halves, true};
    CHECK(planar::pathOf(*box, whole, Vec2{50, 0}, Vec2{40, 0}).closed);
}
