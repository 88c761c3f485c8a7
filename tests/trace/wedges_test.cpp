#include "trace/lines.h"

#include "curve/curve.h"
#include "line_drawing.h"

#include <catch2/catch.hpp>

using namespace softrope;
using curve::Vec2;

namespace {

// Nodes of any stroke nearer than `within` to the place.
int nodesAt(const trace::Lines& l, Vec2 place, double within)
{
    int n = 0;
    for (const trace::Stroke& s : l.strokes)
        for (const curve::Node& node : s.path.nodes) n += distance(node.at, place) < within;
    return n;
}

double lengthOf(const trace::Lines& l)
{
    double sum = 0;
    for (const trace::Stroke& s : l.strokes) sum += arcLength(s.path);
    return sum;
}

} // namespace

// The truth of these pictures is what they were drawn from.

TEST_CASE("a blade of grass is two lines, parted where the ink of both runs together")
{
    // Its feet stand 15 px apart on the line that turns up into it: 12 px wide lines leave no paper between them.
    for (const double turned : {0.0, 0.6, 2.2}) {
        const auto at = [&](double x, double y) {
            return Vec2{200, 200} + (x - 200) * curve::direction(turned) + (y - 200) * perpendicular(curve::direction(turned));
        };
        const curve::Path blade = curve::polyline({at(100, 300), at(215, 300), at(250, 224), at(200, 300)}, false);
        const curve::Path other = curve::polyline({at(90, 100), at(300, 90)}, false), third = curve::polyline({at(80, 150), at(200, 160)}, false);
        const trace::Lines l = trace::lines(Drawing().line(blade, 12).line(other, 12).line(third, 12).grey(), {});
        CAPTURE(turned);
        REQUIRE(l.strokes.size() == 3);
        const trace::Stroke* s = strokeFor(l, blade, 1.2);
        REQUIRE(s);
        CHECK(s->path.nodes.size() == 4);
        CHECK(s->width == Approx(12).margin(0.5));
        CHECK(nodesAt(l, at(250, 224), 1.5) == 1);
    }
}

TEST_CASE("a blade on a line that runs through below it is parted, and both feet stand on the line")
{
    const curve::Path ground = curve::polyline({{60, 300}, {340, 300}}, false), blade = curve::polyline({{190, 300}, {225, 225}, {206, 300}}, false);
    const curve::Path other = curve::polyline({{90, 100}, {300, 90}}, false);
    const trace::Lines l = trace::lines(Drawing().line(ground, 12).line(blade, 12).line(other, 12).grey(), {});
    REQUIRE(l.strokes.size() == 3);
    REQUIRE(strokeFor(l, ground, 1));
    const trace::Stroke* s = strokeFor(l, blade, 1.5);
    REQUIRE(s);
    CHECK(s->path.nodes.size() == 3);
    CHECK(distance(nearest(ground, s->path.nodes.front().at)->point, s->path.nodes.front().at) < 0.6);
    CHECK(distance(nearest(ground, s->path.nodes.back().at)->point, s->path.nodes.back().at) < 0.6);
}

TEST_CASE("a V so narrow that its lines part only low down has its tip on top")
{
    const curve::Path ground = curve::polyline({{60, 360}, {340, 360}}, false), narrow = curve::polyline({{160, 360}, {210, 80}, {184, 360}}, false);
    const trace::Lines l = trace::lines(Drawing().line(ground, 10).line(narrow, 10).grey(), {});
    REQUIRE(l.strokes.size() == 2);
    // (Its tip is drawn cut off, so that where the lines meet is told by half a width only.)
    const trace::Stroke* s = strokeFor(l, narrow, 6);
    REQUIRE(s);
    CHECK(s->path.nodes.size() <= 4);
    // A line that forks is three lines all the same: its stem does not grow.
    const curve::Path stem = curve::polyline({{200, 60}, {200, 180}}, false), fork = curve::polyline({{150, 340}, {200, 180}, {250, 340}}, false);
    CHECK(trace::lines(Drawing().line(stem, 10).line(fork, 10).grey(), {}).strokes.size() == 2);
}

TEST_CASE("a bowed blade keeps its bow on both sides")
{
    curve::Path blade = curve::polyline({{180, 320}, {250, 210}, {193, 320}}, false);
    for (const std::size_t k : {0U, 1U}) {
        const Vec2 a = blade.nodes[k].at, b = blade.nodes[k + 1].at, aside = k == 0 ? Vec2{-14, -4} : Vec2{-10, -2};
        blade.nodes[k].out = lerp(a, b, 1.0 / 3) + aside;
        blade.nodes[k + 1].in = lerp(a, b, 2.0 / 3) + aside;
    }
    const curve::Path ground = curve::polyline({{60, 320}, {340, 320}}, false), other = curve::polyline({{90, 100}, {300, 90}}, false);
    const trace::Lines l = trace::lines(Drawing().line(ground, 13).line(blade, 13).line(other, 13).grey(), {});
    REQUIRE(l.strokes.size() == 3);
    CHECK(strokeFor(l, blade, 2));
}

TEST_CASE("lines that swell towards another stay one line each")
{
    // A pen pressed harder on the way, from thinner than the drawing's lines to twice as thick.
    const curve::Path ground = curve::polyline({{60, 300}, {340, 300}}, false);
    Drawing swelling;
    swelling.line(ground, 10);
    swelling.area(curve::polyline({{196, 300}, {198, 120}, {202, 120}, {204, 300}}, true));
    swelling.area(curve::polyline({{108, 300}, {98, 110}, {103, 110}, {126, 300}}, true));
    swelling.area(curve::polyline({{280, 300}, {296, 130}, {302, 130}, {300, 300}}, true));
    const trace::Lines l = trace::lines(swelling.grey(), {});
    CHECK(l.strokes.size() == 4);
    CHECK(lengthOf(l) == Approx(280 + 180 + 190 + 170).margin(30));
}

TEST_CASE("a wedge with nothing across its foot is what it looks like: one mark")
{
    Drawing d;
    d.line(curve::polyline({{90, 100}, {300, 90}}, false), 10);
    d.line(curve::polyline({{90, 150}, {300, 140}}, false), 10);
    d.area(curve::polyline({{195, 200}, {205, 200}, {215, 330}, {190, 330}}, true));
    const trace::Lines l = trace::lines(d.grey(), {});
    CHECK(l.strokes.size() + l.areas.size() == 3);
    CHECK(lengthOf(l) < 210 + 210 + 150);
}
