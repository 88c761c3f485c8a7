#include "letter/layout.h"
#include "letter/letter_faces.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope;
using curve::Vec2;
using letter::Rail;
using letter::Type;

namespace {

// Where a letter stands: the middle of its advance on the baseline, and which way is up there.
struct Stand {
    Vec2 at, up;
};
std::vector<Stand> stands(const letter::Layout& l, const Rail& rail)
{
    std::vector<Stand> out;
    for (const letter::Letter& one : l.letters) {
        const curve::Affine m = rail.at({one.pen + one.advance / 2, l.lines[one.line].baseline});
        out.push_back({{m.e, m.f}, -Vec2{m.c, m.d}});
    }
    return out;
}

} // namespace

TEST_CASE("lines are parted, led and aligned, centred by what is seen of them")
{
    Type t = letters::type("DejaVu Sans", 100);
    t.leading = 1.5;
    const auto l = letter::layout("Jar\nlamp hook\n", t);
    REQUIRE(l);
    REQUIRE(l->lines.size() == 3);
    CHECK(l->lines[1].baseline == Approx(150));
    CHECK(l->lines[0].left == 0);
    CHECK(l->lines[2].from == 14);
    Type end = t;
    end.align = letter::Align::end;
    CHECK(letter::layout("Jar", end)->lines[0].left == Approx(-l->lines[0].width));
    Type centre = t;
    centre.align = letter::Align::centre;
    const auto c = letter::layout("Jar", centre);
    CHECK(c->lines[0].inkLeft == Approx(-c->lines[0].inkRight));
    const curve::Box ink = curve::bounds(letter::outlinesOn(*c, Rail::straight({})));
    CHECK(ink.min.x == Approx(-ink.max.x).margin(1e-9));
    CHECK(c->lines[0].inkLeft == Approx(ink.min.x));
    centre.byInk = false;
    const auto a = letter::layout("Jar", centre);
    CHECK(a->lines[0].left == Approx(-a->lines[0].width / 2));
    CHECK(a->lines[0].inkLeft != Approx(-a->lines[0].inkRight)); // the J hangs out
    // Lines that run from the right start there.
    Type arabic = letters::type("Amiri", 100);
    const auto r = letter::layout("\u0633\u0648\u0642", arabic);
    CHECK(r->lines[0].left == Approx(-r->lines[0].width));
    CHECK_FALSE(letter::layout("x", letters::type("No Such Face")));
}

TEST_CASE("a size is found for a width, and a line is spread to a length between its letters")
{
    const Type t = letters::type("Roboto Slab", 40, 700);
    const auto size = letter::sizeForWidth("NIGHT MARKET", t, 500);
    REQUIRE(size);
    Type fitted = t;
    fitted.size = *size;
    const curve::Box b = curve::bounds(letter::outlinesOn(*letter::layout("NIGHT MARKET", fitted), Rail::straight({})));
    CHECK(b.width() == Approx(500).epsilon(1e-6));
    CHECK_FALSE(letter::sizeForWidth("   ", t, 500));
    const auto l = letter::layout("NIGHT", t, {600});
    CHECK(l->lines[0].width == Approx(600));
    // All round: the gap behind the last letter is that between the others.
    const auto ring = letter::layout("NIIN", t, {600, true});
    const double plainGap = letter::layout("NIIN", t)->letters[2].pen - letter::layout("NIIN", t)->letters[1].pen;
    CHECK(600 - ring->lines[0].width == Approx(ring->letters[2].pen - ring->letters[1].pen - plainGap));
    CHECK(l->letters.back().pen + l->letters.back().advance == Approx(600));
    CHECK(l->letters[1].pen - l->letters[0].pen == Approx(letter::layout("NIGHT", t)->letters[1].pen + (600 - letter::layout("NIGHT", t)->lines[0].width) / 4));
}

TEST_CASE("on an arc letters stand on the circle, upright to it, at angles that trigonometry gives")
{
    const Type t = letters::type("DejaVu Sans", 50);
    const auto l = letter::layout("SALT\nGLASS", t);
    const Vec2 centre{300, 200};
    const double r = 180, start = curve::radians(-120);
    const auto outside = stands(*l, Rail::arc(curve::translation(centre), r, start, false));
    const auto inside = stands(*l, Rail::arc(curve::translation(centre), r, start, true));
    for (std::size_t k = 0; k < l->letters.size(); ++k) {
        const letter::Letter& one = l->letters[k];
        const double down = l->lines[one.line].baseline, mid = one.pen + one.advance / 2;
        const double out = r - down, in = r + down;
        CHECK(distance(outside[k].at, centre + out * curve::direction(start + mid / out)) < 1e-9);
        CHECK(distance(outside[k].up, unit(outside[k].at - centre)) < 1e-9);
        CHECK(distance(inside[k].at, centre + in * curve::direction(start - mid / in)) < 1e-9);
        CHECK(distance(inside[k].up, unit(centre - inside[k].at)) < 1e-9);
    }
    // The same on a drawn circle, which is a circle to 2.7e-4 of its radius.
    const curve::Path circle = curve::circle(centre, r);
    const auto along = stands(*letter::layout("SALT", t), Rail::along(circle, 0, false, 0));
    const double from = curve::angleOf(circle.nodes[0].at - centre);
    const double way = curve::area(circle) > 0 ? 1 : -1;
    for (std::size_t k = 0; k < along.size(); ++k) {
        const letter::Letter& one = l->letters[k];
        CHECK(distance(along[k].at, centre + r * curve::direction(from + way * (one.pen + one.advance / 2) / r)) < 0.15);
    }
}

TEST_CASE("along a line letters keep their shape, can change sides, stand off and go on beyond open ends")
{
    const Type t = letters::type("DejaVu Sans", 20);
    const auto l = letter::layout("lanterns", t);
    curve::Path wave;
    wave.nodes = {{{0, 100}, {0, 100}, {60, 40}, curve::NodeKind::smooth}, {{200, 100}, {140, 160}, {200, 100}, curve::NodeKind::smooth}};
    const curve::Measured m(wave);
    const Rail rail = Rail::along(wave, 30, false, 7), over = Rail::along(wave, 190, true, 0);
    for (const Rail* one : {&rail, &over})
        for (const letter::Letter& k : l->letters) {
            const curve::Affine a = one->at({k.pen, 0});
            CHECK(std::hypot(a.a, a.b) == Approx(1));
            CHECK(a.a * a.c + a.b * a.d == Approx(0).margin(1e-12));
            CHECK(determinant(a) == Approx(1)); // never mirrored
            const double off = curve::nearest(wave, {a.e, a.f})->distance;
            CHECK(off == Approx(one == &rail ? 7 : 0).margin(1e-6));
        }
    CHECK(over.at({10, 0}).e < over.at({0, 0}).e); // runs back
    const Vec2 end{Rail::along(wave, m.length() + 50, false, 0).at({}).e, Rail::along(wave, m.length() + 50, false, 0).at({}).f};
    CHECK(distance(end, m.at(m.length()).at + 50 * m.at(m.length()).tangent) < 1e-6);
    // A place on the sheet leads back to the place in the layout.
    const double x = l->letters[5].pen;
    const curve::Affine there = rail.at({x, 0});
    CHECK(rail.nearest({there.e, there.f}, 0, 0, l->lines[0].width) == Approx(x).margin(0.05));
    // Lines without length, and none at all, bring nobody down.
    for (const curve::Path& none : {curve::Path{}, curve::polyline({{5, 5}}, false), curve::polyline({{5, 5}, {5, 5}}, true)})
        for (const curve::Paths& one : letter::lettersOn(*l, Rail::along(none, 3, false, 0)))
            for (const curve::Path& p : one) CHECK(curve::isFinite(p));
}

TEST_CASE("the caret stops before every letter, within ligatures and at line ends, and a place leads to the nearest")
{
    const Type t = letters::type("EB Garamond", 100);
    const std::string words = "fig\nb\u00e9"; // the e with its accent is two bytes
    const auto l = letter::layout(words, t);
    std::vector<std::size_t> at;
    for (const letter::Stop& s : l->stops) at.push_back(s.at);
    CHECK(at == std::vector<std::size_t>{0, 1, 2, 3, 4, 5, 7});
    CHECK(l->stops[1].x > l->stops[0].x);
    CHECK(l->stops[1].x < l->stops[2].x);
    CHECK(letter::stopAt(*l, {l->stops[2].x + 3, 0}) == 2);
    CHECK(letter::stopAt(*l, {1e4, 0}) == 3);
    CHECK(letter::stopAt(*l, {-1e4, 500}) == 4);
    CHECK(letter::lineOf(*l, 3) == 0);
    CHECK(letter::lineOf(*l, 4) == 1);
    const auto none = letter::layout("", t);
    REQUIRE(none->stops.size() == 1);
    CHECK(none->lines.size() == 1);
    // From the right: the first stop is at the right end.
    const auto r = letter::layout("\u0633\u0648\u0642", letters::type("Amiri", 100));
    CHECK(r->stops.front().x > r->stops.back().x);
}

TEST_CASE("a path is measured by length: a circle's quarter, an ellipse's perimeter")
{
    const curve::Measured circle(curve::circle({0, 0}, 100));
    CHECK(circle.length() == Approx(2 * curve::pi * 100).epsilon(3e-4));
    CHECK(distance(circle.at(circle.length() / 4).at, circle.path().nodes[1].at) < 1e-6);
    CHECK(distance(circle.at(circle.length() * 1.25).at, circle.path().nodes[1].at) < 1e-6);
    CHECK(distance(circle.at(-circle.length() / 4).at, circle.path().nodes[3].at) < 1e-6);
    // Axes 2 and 1: 9.688448220547675, complete elliptic integral of the second kind (Abramowitz and Stegun 17.3; value from memory). The
    // ellipse is four cubics, within 3e-4.
    CHECK(curve::Measured(curve::ellipse({0, 0}, 200, 100)).length() == Approx(968.8448).epsilon(4e-4));
    const curve::Measured line(curve::polyline({{0, 0}, {30, 40}, {30, 140}}, false));
    CHECK(distance(line.at(75).at, {30, 65}) < 1e-6);
    CHECK(distance(line.at(75).tangent, {0, 1}) < 1e-9);
    CHECK(line.along({1, 0.5, {}, 0}) == Approx(100));
}
