// Vertices of many crossings, found side by side, are those that one after the other gives.
#include "planar/shapes.h"
#include "planar/vertices.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Vec2;

namespace {

constexpr double touch = 0.01; // px

struct Known {
    std::vector<Vec2> ends, crossings;
    planar::Vertices vertices() const
    {
        planar::Vertices v(touch, ends.size() + crossings.size());
        for (const Vec2 p : ends) v.at(p, false);
        return v;
    }
};

// Both ways; whatever is one in the one is one in the other, and lies in the same place.
void checkAlike(const Known& known)
{
    planar::Vertices one = known.vertices(), all = known.vertices();
    std::vector<int> expected;
    for (const Vec2 p : known.crossings) expected.push_back(one.at(p, true));
    const std::vector<int> found = all.atCrossings(known.crossings);
    REQUIRE(found.size() == expected.size());
    const std::vector<Vec2> places = all.points(), expectedPlaces = one.points();
    REQUIRE(places.size() == expectedPlaces.size());
    std::vector<int> of(expectedPlaces.size(), -1);
    std::size_t wrong = 0;
    for (std::size_t k = 0; k < found.size(); ++k) {
        const auto e = static_cast<std::size_t>(expected[k]), f = static_cast<std::size_t>(found[k]);
        if (of[e] < 0) of[e] = found[k];
        wrong += of[e] != found[k] || !(places[f] == expectedPlaces[e]);
    }
    CHECK(wrong == 0);
}

} // namespace

TEST_CASE("vertices of many crossings are those of one after the other, near ends and where several fall together")
{
    shapes::Random random(5);
    Known k;
    for (int n = 0; n < 2000; ++n) k.ends.push_back({random(0, 1000), random(0, 700)});
    for (int n = 0; n < 20000; ++n) {
        const Vec2 p{random(0, 1000), random(0, 700)};
        k.crossings.push_back(p);
        // The same but for rounding, once more later, not quite the same, and beside an end.
        if (n % 7 == 0) k.crossings.push_back(p + Vec2{random(-3e-8, 3e-8), random(-3e-8, 3e-8)});
        if (n % 11 == 0) k.crossings.push_back(k.crossings[static_cast<std::size_t>(n) / 2]);
        if (n % 13 == 0) k.crossings.push_back(p + Vec2{2e-7, -2e-7});
        if (n % 17 == 0) k.crossings.push_back(k.ends[static_cast<std::size_t>(n) % 2000] + Vec2{random(-0.012, 0.012), random(-0.012, 0.012)});
    }
    checkAlike(k);
}

TEST_CASE("crossings of even rows, all of one height or all in one place are told apart as well")
{
    Known rows, level, one;
    for (int y = 0; y <= 128; ++y)
        for (int x = 0; x < 100; ++x)
            for (int twice = 0; twice < 2; ++twice) rows.crossings.push_back({x * 8.0, y * 8.0 + twice * 4e-8}); // rows where strips of equal height end
    for (int x = 0; x < 8000; ++x) level.crossings.push_back({(x * 37 % 4000) * 0.5, 12});
    one.crossings.assign(6000, {3, 4});
    checkAlike(rows);
    checkAlike(level);
    checkAlike(one);
}
