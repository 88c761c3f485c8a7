// Facets: chords over an outline, and meshes over a picture.
#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "tone/facets.h"

#include <catch2/catch.hpp>

#include <cmath>
#include <map>
#include <numeric>
#include <random>
#include <set>

using namespace softrope;
using curve::Path;
using curve::Paths;
using curve::Vec2;
using pixel::Picture;
using pixel::Rgba;

namespace {

Paths star()
{
    std::vector<Vec2> p;
    for (int k = 0; k < 10; ++k) p.push_back(Vec2{200, 200} + (k % 2 ? 80.0 : 180.0) * Vec2{std::sin(k * curve::pi / 5), -std::cos(k * curve::pi / 5)});
    return {curve::polyline(p, true)};
}

double areaOf(const Paths& paths)
{
    double sum = 0;
    for (const Path& p : paths) sum += curve::area(p);
    return std::abs(sum);
}

std::vector<Vec2> ringOf(const tone::Mesh& m, std::size_t f)
{
    std::vector<Vec2> out;
    for (const int p : m.faces[f]) out.push_back(m.points[static_cast<std::size_t>(p)]);
    return out;
}

double meshArea(const tone::Mesh& m)
{
    double sum = 0;
    for (std::size_t f = 0; f < m.faces.size(); ++f) sum += curve::polygonArea(ringOf(m, f));
    return sum;
}

// How far the picture is from its pieces, mean squared in CIELAB.
double offOf(const tone::Mesh& m, const Picture& p)
{
    double sum = 0;
    for (int y = 0; y < p.height; y += 2)
        for (int x = 0; x < p.width; x += 2) {
            const int f = tone::faceAt(m, {x + 0.5, y + 0.5});
            if (f < 0) continue;
            sum += static_cast<double>(pixel::squaredDistance(pixel::labOf(p.at(x, y)), pixel::labOf(m.colours[static_cast<std::size_t>(f)])));
        }
    return sum * 4 / (p.width * p.height);
}

Picture scene(int w, int h)
{
    Picture p(w, h);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            const double d = std::hypot(x - 0.6 * w, y - 0.5 * h);
            p.at(x, y) = d < 0.22 * w ? Rgba{230, 150, 60, 255} : y > 0.75 * h + 0.1 * x ? Rgba{40, 30, 50, 255} : Rgba{70, 90, 130, 255};
        }
    return p;
}

} // namespace

TEST_CASE("an inner point lies well inside, also of crescents and rings")
{
    const auto in = [](const Paths& paths, Vec2 p) {
        bool inside = false;
        for (const Path& one : paths) inside = inside != curve::insidePolygon(curve::flatten(one, 0.05), p);
        return inside;
    };
    CHECK(distance(curve::innerPoint({curve::circle({30, 40}, 20)}), {30, 40}) < 2);
    const Paths ring{curve::circle({0, 0}, 50), curve::circle({0, 0}, 40)};
    const Vec2 p = curve::innerPoint(ring);
    CHECK(in(ring, p));
    CHECK(length(p) == Approx(45).margin(2));
    const Paths needle{curve::polyline({{0, 0}, {400, 0.4}, {0, 0.8}}, true)};
    CHECK(in(needle, curve::innerPoint(needle)));
    const Paths slant{curve::polyline({{0, 0}, {300, 300}, {300.5, 299.5}, {0.5, -0.5}}, true)};
    CHECK(in(slant, curve::innerPoint(slant)));
    CHECK(curve::innerPoint({}) == Vec2{});
}

TEST_CASE("chords cut an outline into as many pieces as wanted, of similar size")
{
    const struct {
        const char* name;
        Paths outline;
    } shapes[] = {{"circle", {curve::circle({200, 200}, 150)}}, {"square", {curve::rectangle({0, 0}, {300, 300})}}, {"star", star()}};
    for (const auto& s : shapes)
        for (const std::uint32_t seed : {1U, 2U, 3U}) {
            INFO(s.name << " seed " << seed);
            tone::FacetPlan plan;
            plan.outline = s.outline;
            plan.seed = seed;
            plan.chords = tone::proposeChords(plan.outline, 12, seed);
            const auto pieces = tone::facetsOf(plan);
            CHECK(pieces.size() >= 11);
            CHECK(pieces.size() <= 14);
            double sum = 0, most = 0;
            for (const tone::Facet& f : pieces) {
                sum += f.area;
                most = std::max(most, f.area);
                CHECK(areaOf(f.outline) == Approx(f.area).epsilon(1e-6));
            }
            CHECK(sum == Approx(areaOf(s.outline)).epsilon(1e-6)); // they cover the outline, once
            CHECK(most < 3 * sum / static_cast<double>(pieces.size()));
            int tiny = 0;
            for (const tone::Facet& f : pieces) tiny += f.tiny;
            CHECK(tiny <= 1);
        }
    CHECK(tone::proposeChords(star(), 9, 1) == tone::proposeChords(star(), 9, 1));
    CHECK(tone::proposeChords(star(), 9, 1) != tone::proposeChords(star(), 9, 2));
    CHECK(tone::proposeChords({}, 9, 1).empty());
}

TEST_CASE("neighbours differ in shade and direction, shades are spread evenly")
{
    for (const std::uint32_t seed : {1U, 5U, 9U, 14U}) {
        tone::FacetPlan plan;
        plan.outline = {curve::circle({200, 200}, 180)};
        plan.seed = seed;
        plan.chords = tone::proposeChords(plan.outline, 24, seed);
        const auto pieces = tone::facetsOf(plan);
        double covered[tone::shades] = {}, all = 0;
        for (std::size_t k = 0; k < pieces.size(); ++k) {
            covered[pieces[k].shade] += pieces[k].area;
            all += pieces[k].area;
            for (const int b : pieces[k].beside) {
                const tone::Facet& o = pieces[static_cast<std::size_t>(b)];
                CHECK(o.shade != pieces[k].shade);
                CHECK(std::abs(std::remainder(o.turn - pieces[k].turn, 2 * curve::pi)) > curve::radians(35));
                CHECK(std::find(o.beside.begin(), o.beside.end(), static_cast<int>(k)) != o.beside.end());
            }
        }
        for (const int main : {0, 1, 2}) CHECK(covered[main] > 0.15 * all);
        CHECK(covered[3] < 0.12 * all); // only where three are not enough
    }
}

TEST_CASE("a piece that is held keeps its shade when the others are shuffled")
{
    tone::FacetPlan plan;
    plan.outline = star();
    plan.chords = tone::proposeChords(plan.outline, 10, 1);
    const auto before = tone::facetsOf(plan);
    plan.held = {{before[3].inner, (before[3].shade + 1) % 3, 0.7, true}};
    for (const std::uint32_t seed : {2U, 3U, 4U}) {
        plan.seed = seed;
        const auto now = tone::facetsOf(plan);
        REQUIRE(now.size() == before.size());
        CHECK(now[3].held);
        CHECK(now[3].shade == (before[3].shade + 1) % 3);
        CHECK(now[3].turn == Approx(0.7));
    }
}

TEST_CASE("a sliver of a piece is flagged, chords that end just short still cut, holes stay empty")
{
    tone::FacetPlan plan;
    plan.outline = {curve::rectangle({0, 0}, {200, 100})};
    plan.chords = {{{100, 0.3}, {100, 99.8}}, {{50, 0}, {50, 100}}, {{190, 0}, {200, 10}}};
    const auto pieces = tone::facetsOf(plan);
    REQUIRE(pieces.size() == 4);
    int tiny = 0;
    for (const tone::Facet& f : pieces)
        if (f.tiny) {
            ++tiny;
            CHECK(f.area == Approx(50));
        }
    CHECK(tiny == 1);
    plan.outline = {curve::rectangle({0, 0}, {200, 100}), curve::circle({50, 50}, 20)};
    plan.chords = {{{50, 0}, {50, 100}}};
    double sum = 0;
    for (const tone::Facet& f : tone::facetsOf(plan)) sum += f.area;
    CHECK(sum == Approx(200 * 100 - curve::pi * 400).epsilon(1e-3));
}

TEST_CASE("a mesh covers the picture once and has about as many pieces as asked for")
{
    const Picture p = scene(240, 180);
    for (const int count : {40, 200, 800}) {
        tone::MeshOptions o;
        o.count = count;
        const tone::Mesh m = tone::meshOf(p, o);
        INFO(count);
        CHECK(m.faces.size() == Approx(count).epsilon(0.1));
        CHECK(meshArea(m) == Approx(240 * 180).epsilon(1e-6));
        for (std::size_t f = 0; f < m.faces.size(); ++f) CHECK(curve::polygonArea(ringOf(m, f)) > 0);
        CHECK(m.colours.size() == m.faces.size());
        // Each inner side belongs to two pieces, in opposite directions.
        std::map<std::pair<int, int>, int> sides;
        for (const auto& f : m.faces)
            for (std::size_t k = 0; k < f.size(); ++k) ++sides[{f[k], f[(k + 1) % f.size()]}];
        for (const auto& [side, n] : sides) CHECK(n == 1);
    }
}

TEST_CASE("a mesh follows the picture's edges: far closer to it than a plain grid of as many pieces")
{
    const Picture p = scene(240, 180);
    tone::MeshOptions o;
    o.count = 160;
    const tone::Mesh ours = tone::meshOf(p, o);
    tone::Mesh grid;
    const int nx = 10, ny = 8;
    for (int j = 0; j <= ny; ++j)
        for (int i = 0; i <= nx; ++i) grid.points.push_back({240.0 * i / nx, 180.0 * j / ny});
    for (int j = 0; j < ny; ++j)
        for (int i = 0; i < nx; ++i) {
            const int a = j * (nx + 1) + i;
            grid.faces.push_back({a, a + 1, a + nx + 2});
            grid.faces.push_back({a, a + nx + 2, a + nx + 1});
        }
    for (std::size_t f = 0; f < grid.faces.size(); ++f) grid.colours.push_back(tone::colourUnder(p, ringOf(grid, f), tone::PieceColour::mean));
    CHECK(offOf(ours, p) < 0.4 * offOf(grid, p));
    // Finer where there is detail: pieces that touch the disc's edge are smaller than those of the plain ground.
    double near = 0, far = 0, nNear = 0, nFar = 0;
    for (std::size_t f = 0; f < ours.faces.size(); ++f) {
        const auto ring = ringOf(ours, f);
        const Vec2 c = (ring[0] + ring[1] + ring[2]) / 3;
        const double d = std::abs(std::hypot(c.x - 144, c.y - 90) - 53);
        if (d < 10) {
            near += curve::polygonArea(ring);
            ++nNear;
        } else if (c.x < 60 && c.y < 90) {
            far += curve::polygonArea(ring);
            ++nFar;
        }
    }
    REQUIRE(nNear > 0);
    REQUIRE(nFar > 0);
    CHECK(near / nNear < 0.7 * far / nFar);
}

TEST_CASE("the colour of a piece: mean and median in OKLab")
{
    Picture p(10, 10, Rgba{255, 255, 255, 255});
    for (int y = 0; y < 10; ++y)
        for (int x = 0; x < 4; ++x) p.at(x, y) = {0, 0, 0, 255};
    const std::vector<Vec2> all{{0, 0}, {10, 0}, {10, 10}, {0, 10}};
    CHECK(tone::colourUnder(p, all, tone::PieceColour::median) == Rgba{255, 255, 255, 255});
    const Rgba mean = tone::colourUnder(p, all, tone::PieceColour::mean);
    CHECK(pixel::okLabOf(mean).l == Approx(0.6).margin(0.005));
    CHECK(tone::colourUnder(p, {{4.2, 4.2}, {4.3, 4.2}, {4.3, 4.3}}, tone::PieceColour::mean) == Rgba{255, 255, 255, 255});
}

TEST_CASE("even gaps between pieces: every border is drawn in by half the gap, small pieces vanish")
{
    tone::Mesh m;
    m.points = {{0, 0}, {100, 0}, {100, 100}, {0, 100}, {1, 100}};
    m.faces = {{0, 1, 2, 3}};
    m.colours = {{1, 1, 1, 255}};
    const Path inset = tone::outlineOf(m, 0, 10);
    CHECK(std::abs(curve::area(inset)) == Approx(90 * 90));
    CHECK(curve::bounds(inset).min.x == Approx(5));
    m.faces = {{0, 4, 3}};
    CHECK(tone::outlineOf(m, 0, 10).empty());
    // A 3-4-5 triangle: the inset one is the same with its inradius shorter by half the gap (handbook: r = (a + b - c) / 2).
    m.points = {{0, 0}, {40, 0}, {0, 30}};
    m.faces = {{0, 1, 2}};
    CHECK(std::abs(curve::area(tone::outlineOf(m, 0, 4))) == Approx(600 * std::pow(8.0 / 10, 2)));
}

TEST_CASE("hand edits of a mesh: move a corner, split, merge")
{
    tone::Mesh m;
    m.points = {{0, 0}, {100, 0}, {100, 100}, {0, 100}, {50, 50}};
    m.faces = {{0, 1, 4}, {1, 2, 4}, {2, 3, 4}, {3, 0, 4}};
    m.colours.assign(4, Rgba{10, 20, 30, 255});
    SECTION("all pieces that share the corner follow")
    {
        const tone::Mesh moved = tone::withPointMoved(m, 4, {30, 60});
        CHECK(meshArea(moved) == Approx(10000));
        CHECK(curve::polygonArea(ringOf(moved, 3)) == Approx(1500));
        // A corner dragged over the far side folds a piece over: refused.
        CHECK(tone::withPointMoved(m, 4, {150, 50}) == m);
        CHECK(tone::withPointMoved(m, 9, {1, 1}) == m);
        CHECK(tone::withPointMoved(m, 4, {NAN, 1}) == m);
    }
    SECTION("two pieces with a border in common become one")
    {
        const tone::Mesh merged = tone::withFacesMerged(m, 0, 1);
        CHECK(merged.faces.size() == 3);
        CHECK(meshArea(merged) == Approx(10000));
        CHECK(merged.faces[0].size() == 4);
        CHECK(tone::withFacesMerged(m, 0, 2) == m); // they meet in a point only
        CHECK(tone::withFacesMerged(m, 1, 1) == m);
    }
    SECTION("a piece is split from border to border, and its neighbours share the new corners")
    {
        const tone::Mesh cut = tone::withFaceSplit(m, 0, {50, 0}, {50, 50});
        CHECK(cut.faces.size() == 5);
        CHECK(meshArea(cut) == Approx(10000));
        const tone::Mesh across = tone::withFaceSplit(m, 0, {25, 25}, {75, 25});
        CHECK(across.faces.size() == 5);
        CHECK(meshArea(across) == Approx(10000));
        CHECK(across.faces[1].size() == 4); // the neighbour got the corner too
        const tone::Mesh moved = tone::withPointMoved(across, static_cast<int>(across.points.size()) - 1, {80, 30});
        CHECK(meshArea(moved) == Approx(10000));
        CHECK(tone::withFaceSplit(m, 0, {10, 0}, {90, 0}) == m); // along one border: nothing to cut
        CHECK(tone::withFaceSplit(m, 7, {10, 0}, {90, 0}) == m);
    }
    CHECK(tone::pointNear(m, {48, 51}, 5) == 4);
    CHECK(tone::pointNear(m, {30, 30}, 5) == -1);
    CHECK(tone::faceAt(m, {50, 10}) == 0);
    CHECK(tone::faceAt(m, {-5, 10}) == -1);
}

TEST_CASE("meshes of empty, tiny and plain pictures, and stopping")
{
    CHECK(tone::meshOf({}, {}).faces.empty());
    CHECK(tone::meshOf(Picture(2, 2, Rgba{5, 5, 5, 255}), {}).faces.size() == 1);
    const tone::Mesh plain = tone::meshOf(Picture(80, 60, Rgba{5, 90, 5, 255}), {});
    CHECK(meshArea(plain) == Approx(4800).epsilon(1e-6));
    for (const Rgba c : plain.colours) CHECK(c == Rgba{5, 90, 5, 255});
    tone::MeshOptions o;
    o.cancelled = [] { return true; };
    CHECK(tone::meshOf(scene(60, 40), o).faces.empty());
}
