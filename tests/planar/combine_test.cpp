// Set operations by the laws of sets, on shapes that cross, touch and lie in each other.
#include "planar/planar.h"

#include "shapes.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;
using planar::combine;
using planar::Operation;
using planar::Shape;

namespace {

double sizeOf(const Paths& paths)
{
    double sum = 0;
    for (const Path& p : paths) sum += area(p);
    return std::abs(sum);
}
double sizeOf(const std::vector<Shape>& shapes, Operation o)
{
    return sizeOf(combine(shapes, o));
}

} // namespace

TEST_CASE("areas obey inclusion and exclusion for random shapes")
{
    for (unsigned seed = 1; seed <= 30; ++seed) {
        shapes::Random random(seed);
        const Shape a{{shapes::blob(random, {200, 200}, 120, 6)}, false}, b{{shapes::blob(random, {270, 230}, 110, 8)}, false};
        const double all = sizeOf({a, b}, Operation::unite), both = sizeOf({a, b}, Operation::intersection);
        CHECK(all + both == Approx(sizeOf(a.contours) + sizeOf(b.contours)).epsilon(1e-5));
        CHECK(sizeOf({a, b}, Operation::difference) == Approx(sizeOf(a.contours) - both).epsilon(1e-5));
        CHECK(sizeOf({a, b}, Operation::exclude) == Approx(all - both).epsilon(1e-5));
    }
}

TEST_CASE("a shape with itself, with nothing, and within another")
{
    const Shape a{{circle({0, 0}, 50)}, false}, inner{{circle({5, 5}, 20)}, false}, none{{}, false};
    CHECK(sizeOf({a, a}, Operation::unite) == Approx(sizeOf(a.contours)));
    CHECK(combine({a, a}, Operation::difference).empty());
    CHECK(combine({a, a}, Operation::exclude).empty());
    CHECK(sizeOf({a, none}, Operation::unite) == Approx(sizeOf(a.contours)));
    CHECK(combine({a, none}, Operation::intersection).empty());
    const Paths ring = combine({a, inner}, Operation::difference);
    REQUIRE(ring.size() == 2); // the hole runs the other way round
    CHECK(area(ring[0]) * area(ring[1]) < 0);
    CHECK(combine({}, Operation::unite).empty());
}

TEST_CASE("operations do not depend on the order where sets do not")
{
    for (unsigned seed = 50; seed < 60; ++seed) {
        const Paths blobs = shapes::blobs(seed, 5, 300);
        std::vector<Shape> there, back;
        for (const Path& p : blobs) there.push_back({{p}, false});
        back.assign(there.rbegin(), there.rend());
        for (const Operation o : {Operation::unite, Operation::intersection, Operation::exclude})
            CHECK(sizeOf(there, o) == Approx(sizeOf(back, o)).epsilon(1e-6).margin(1e-3));
        // One after the other, or all at once.
        Paths step = blobs[0].empty() ? Paths{} : Paths{blobs[0]};
        for (std::size_t k = 1; k < blobs.size(); ++k) step = combine({{step, false}, {{blobs[k]}, false}}, Operation::unite);
        CHECK(sizeOf(step) == Approx(sizeOf(there, Operation::unite)).epsilon(1e-5));
    }
}

TEST_CASE("splitting apart gives parts that add up to the union and do not overlap")
{
    const Paths blobs = shapes::blobs(7, 6, 300);
    std::vector<Shape> all;
    for (const Path& p : blobs) all.push_back({{p}, false});
    double sum = 0;
    for (const planar::Part& p : planar::splitApart(all)) {
        CHECK_FALSE(p.shapes.empty());
        sum += sizeOf(p.outline);
    }
    CHECK(sum == Approx(sizeOf(all, Operation::unite)).epsilon(1e-5));
}
