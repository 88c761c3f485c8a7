#include "planar/planar.h"

#include "curve/curve.h"
#include "shapes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;

namespace {

Paths nearDuplicates(int count, double off)
{
    shapes::Random random(3);
    const Path one = shapes::blob(random, {500, 500}, 300, 10);
    Paths all;
    for (int k = 0; k < count; ++k) all.push_back(transformed(one, translation({random(-off, off), random(-off, off)})));
    return all;
}

double unionOf(const Paths& all)
{
    std::vector<planar::Shape> in;
    for (const Path& p : all) in.push_back({{p}, false});
    double sum = 0;
    for (const Path& p : planar::combine(in, planar::Operation::unite)) sum += area(p);
    return std::abs(sum);
}

} // namespace

TEST_CASE("Shapes lying on one another by dozens, each a little off, are one shape, however many they are")
{
    // Of one width, w, the union's area is at most the area of one and its border times the furthest of the offsets.
    for (const int count : {8, 20, 40}) {
        const double off = 0.02;
        const Paths all = nearDuplicates(count, off);
        const double one = std::abs(area(all[0])), border = arcLength(all[0]);
        CAPTURE(count);
        const double whole = unionOf(all);
        CHECK(whole > one - 0.08 * border);
        CHECK(whole < one + (2 * std::sqrt(2.0) * off + 0.08) * border);
    }
}

TEST_CASE("What many near duplicates are cut into does not grow with the square of their number")
{
    // An operation count, so that a slow way cannot come back unseen: 40 used to be cut into a million of pieces.
    planar::Builder builder;
    const planar::MapPtr map = builder.build(nearDuplicates(40, 0.02));
    CHECK(map->graph().edges.size() < 40 * 1000);
    // Of closed shapes no more than the crossings there are: two that lie on one another cross here two to ten times.
    planar::BuildOptions filled;
    filled.closePaths = true;
    for (const int count : {20, 60}) CHECK(planar::build(nearDuplicates(count, 0.02), filled)->graph().edges.size() < count * (count - 1) * 5u);
    // Fewer and clear of one another: told apart as finely as ever.
    const planar::MapPtr again = builder.build({circle({200, 200}, 100), circle({200.06, 200}, 100)});
    CHECK(again->areas().size() == 3);
}
