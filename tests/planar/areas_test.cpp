// Areas and set operations against closed forms (handbook: Bronstein and Semendjajew, plane figures; Weisstein,
// "Circle-circle intersection", "Reuleaux triangle") and against each other.
#include "shapes.h"

#include "planar/planar.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::curve;
using planar::Operation;

namespace {

double filled(const Paths& paths)
{
    double sum = 0;
    for (const Path& p : paths) sum += area(p);
    return sum;
}
std::vector<planar::Shape> shapesOf(const Paths& paths)
{
    std::vector<planar::Shape> all;
    for (const Path& p : paths) all.push_back({{p}, false});
    return all;
}
double areaOf(const Paths& paths, Operation op)
{
    return filled(planar::combine(shapesOf(paths), op));
}
// The circle by 64 cubics: its own area is within 1e-10 of pi r^2, so that closed forms can be met closely.
Path roundCircle(Vec2 o, double r)
{
    constexpr int n = 64;
    const double k = 4.0 / 3 * std::tan(pi / (2 * n)) * r;
    Path p;
    p.closed = true;
    for (int i = 0; i < n; ++i) {
        const Vec2 d = direction(2 * pi * i / n), t = perpendicular(d);
        p.nodes.push_back({o + r * d, o + r * d - k * t, o + r * d + k * t, NodeKind::smooth});
    }
    return p;
}

} // namespace

TEST_CASE("Two circles enclose a lens and two crescents of the handbook's areas")
{
    const double r = 100, d = 120;
    const double lens = 2 * r * r * std::acos(d / (2 * r)) - 0.5 * d * std::sqrt(4 * r * r - d * d); // Weisstein, eq. 12
    const Paths two{roundCircle({300, 300}, r), roundCircle({420, 300}, r)};
    CHECK(areaOf(two, Operation::intersection) == Approx(lens).epsilon(1e-7));
    CHECK(areaOf(two, Operation::unite) == Approx(2 * pi * r * r - lens).epsilon(1e-7));
    CHECK(areaOf(two, Operation::difference) == Approx(pi * r * r - lens).epsilon(1e-7));
    CHECK(areaOf(two, Operation::exclude) == Approx(2 * (pi * r * r - lens)).epsilon(1e-7));
    CHECK(planar::build(two)->areas().size() == 3);
}

TEST_CASE("Three circles through each other's middles enclose a Reuleaux triangle")
{
    const double s = 150;
    const Vec2 a{200, 400}, b{350, 400}, c{275, 400 - s * std::sqrt(3.0) / 2};
    const Paths three{roundCircle(a, s), roundCircle(b, s), roundCircle(c, s)};
    CHECK(areaOf(three, Operation::intersection) == Approx(0.5 * (pi - std::sqrt(3.0)) * s * s).epsilon(1e-7));
}

TEST_CASE("A chord cuts a circle into two segments of the handbook's areas")
{
    const double r = 80, h = 30; // height of the smaller segment
    const Paths drawn{roundCircle({200, 200}, r), polyline({{100, 200 - (r - h)}, {300, 200 - (r - h)}}, false)};
    const planar::MapPtr map = planar::build(drawn);
    const auto areas = map->areas();
    REQUIRE(areas.size() == 2);
    const double segment = r * r * std::acos((r - h) / r) - (r - h) * std::sqrt(2 * r * h - h * h);
    const double small = std::min(map->faces()[static_cast<std::size_t>(areas[0])].area, map->faces()[static_cast<std::size_t>(areas[1])].area);
    CHECK(small == Approx(segment).epsilon(1e-7));
}

TEST_CASE("Results are sub-curves with no more nodes than inputs and crossings give")
{
    const Paths two{circle({300, 300}, 100), circle({420, 300}, 100)};
    const Paths one = planar::combine(shapesOf(two), Operation::unite);
    REQUIRE(one.size() == 1);
    // Eight nodes of the circles less the two inside the other, and two crossings.
    CHECK(one.front().nodes.size() == 8);
    for (std::size_t i = 0; i < one.front().pieceCount(); ++i) {
        const Cubic c = one.front().piece(i);
        for (double t = 0; t <= 1; t += 0.1) CHECK(std::min(nearest(two[0], at(c, t))->distance, nearest(two[1], at(c, t))->distance) < 1e-6);
    }
}

TEST_CASE("Areas that abut have the same border to the last bit")
{
    const Paths drawn{circle({300, 300}, 100), circle({420, 300}, 100)};
    const planar::MapPtr map = planar::build(drawn);
    const auto outlines = map->outlines(map->areas());
    std::vector<Cubic> all;
    for (const Paths& p : outlines)
        for (const Path& one : p)
            for (std::size_t i = 0; i < one.pieceCount(); ++i) all.push_back(one.piece(i));
    int shared = 0;
    for (std::size_t i = 0; i < all.size(); ++i)
        for (std::size_t j = i + 1; j < all.size(); ++j)
            if (all[i].p0 == all[j].p3 && all[i].p3 == all[j].p0 && distance(all[i].p1, all[j].p2) < 1e-9) ++shared;
    CHECK(shared >= 2);
}

TEST_CASE("Touching, coincident and nearly coincident shapes give the exact answers")
{
    const Path a = circle({300, 300}, 100);
    for (const double off : {0.0, 1e-6, -1e-6}) {
        INFO("off by " << off);
        const Paths touching{a, circle({500 + off, 300}, 100)};
        CHECK(areaOf(touching, Operation::unite) == Approx(2 * area(a)).epsilon(1e-6));
        CHECK(planar::build(touching)->areas().size() == 2);
    }
    const Paths twice{a, reversed(a)};
    CHECK(areaOf(twice, Operation::unite) == Approx(area(a)).epsilon(1e-9));
    CHECK(areaOf(twice, Operation::intersection) == Approx(area(a)).epsilon(1e-9));
    CHECK(planar::combine(shapesOf(twice), Operation::exclude).empty());
    CHECK(planar::combine(shapesOf(twice), Operation::difference).empty());
    // Two halves with a common seam: no seam is left.
    const Paths halves{rectangle({0, 0}, {50, 100}), rectangle({50, 0}, {120, 100})};
    const Paths whole = planar::combine(shapesOf(halves), Operation::unite);
    REQUIRE(whole.size() == 1);
    CHECK(area(whole.front()) == Approx(12000));
}

TEST_CASE("Set operations on nearly coincident pairs keep to inclusion and exclusion")
{
    // |A or B| + |A and B| = |A| + |B| and its kin hold whatever the engine; 0.02 px along the border are allowed.
    for (unsigned k = 0; k < 240; ++k) {
        shapes::Random random(1000 + k);
        const Path a = shapes::blob(random, {500, 500}, random(50, 400), 5 + static_cast<int>(k % 8));
        const double eps = std::pow(10, random(-7, 0.3));
        Path b = a;
        switch (k % 4) {
        case 0: b = transformed(a, translation({random(-eps, eps), random(-eps, eps)})); break;
        case 1: b = reversed(transformed(a, about({500, 500}, scaling(1 + eps / 300, 1 + eps / 300)))); break;
        case 2: b = transformed(a, about({500, 500}, rotation(eps / 300))); break;
        default:
            for (Node& n : b.nodes) {
                n.in += Vec2{random(-eps, eps), random(-eps, eps)};
                n.out += Vec2{random(-eps, eps), random(-eps, eps)};
            }
        }
        const Paths pair{a, b};
        const double A = std::abs(area(a)), B = std::abs(area(b)), reach = 0.02 * arcLength(a);
        const double both = areaOf(pair, Operation::intersection), either = areaOf(pair, Operation::unite);
        INFO("pair " << k << ", off by " << eps);
        CHECK(std::abs(either + both - A - B) < reach);
        CHECK(std::abs(areaOf(pair, Operation::difference) - (A - both)) < reach);
        CHECK(std::abs(areaOf(pair, Operation::exclude) - (either - both)) < reach);
    }
}

TEST_CASE("Turning, mirroring or shuffling the inputs changes no area")
{
    const Paths all = shapes::blobs(11, 30);
    const double united = areaOf(all, Operation::unite);
    const std::size_t faces = planar::build(all)->areas().size();
    Paths turned, flipped(all.rbegin(), all.rend());
    for (const Path& p : all) turned.push_back(transformed(p, about({500, 500}, rotation(0.7)) * scaling(-1, 1)));
    CHECK(areaOf(turned, Operation::unite) == Approx(united).epsilon(1e-6));
    CHECK(areaOf(flipped, Operation::unite) == Approx(united).epsilon(1e-6));
    CHECK(planar::build(turned)->areas().size() == faces);
    CHECK(planar::build(flipped)->areas().size() == faces);
    const Paths once = planar::combine(shapesOf(all), Operation::unite), again = planar::combine(shapesOf(all), Operation::unite);
    CHECK(once == again);
}

TEST_CASE("Even-odd shapes keep their holes, open shapes are closed by their chords")
{
    const planar::Shape ring{{rectangle({0, 0}, {100, 100}), rectangle({20, 20}, {80, 80})}, true};
    CHECK(filled(planar::combine({ring}, Operation::unite)) == Approx(6400));
    const planar::Shape solid{ring.contours, false};
    CHECK(filled(planar::combine({solid}, Operation::unite)) == Approx(10000));
    const planar::Shape open{{polyline({{0, 0}, {100, 0}, {100, 100}}, false)}, false};
    CHECK(filled(planar::combine({open}, Operation::unite)) == Approx(5000));
}

TEST_CASE("Splitting apart gives every part with the shapes it lies in")
{
    const std::vector<planar::Part> parts = planar::splitApart(shapesOf({rectangle({0, 0}, {100, 100}), rectangle({50, 50}, {150, 150})}));
    REQUIRE(parts.size() == 3);
    double sum = 0;
    int common = 0;
    for (const planar::Part& p : parts) {
        sum += filled(p.outline);
        if (p.shapes.size() == 2) ++common;
    }
    CHECK(sum == Approx(17500));
    CHECK(common == 1);
}

TEST_CASE("Nothing that comes in stops the map")
{
    const double nan = std::nan("");
    Paths bad;
    bad.push_back({});
    bad.push_back(polyline({{5, 5}}, true));
    bad.push_back(polyline({{5, 5}, {5, 5}}, true));
    bad.push_back(polyline({{0, 0}, {nan, 1}, {2, 2}}, true));
    bad.push_back(polyline({{0, 0}, {100, 0}, {100, 100}}, true));
    CHECK(planar::build(bad)->areas().size() == 1);
    CHECK(planar::build({})->areas().empty());
    CHECK(planar::combine({}, Operation::unite).empty());
}
