#include "trace/laying.h"

#include "art/edits.h"
#include "curve/curve.h"
#include "curve/samples.h"
#include "greys.h"
#include "render/render.h"

#include <catch2/catch.hpp>

#include <random>

using namespace softrope;
using curve::Vec2;

namespace {

// A rendered shape, blurred by the renderer's antialiasing and a box, with noise of sigma 8 of 255.
pixel::Grey rendered(const curve::Path& path, int side, double noise, unsigned seed)
{
    art::Document d = art::newDocument();
    d.sheet.width = d.sheet.height = side;
    d.sheet.hasBackground = true;
    art::Item i;
    art::Artwork a;
    a.setPaths({path});
    a.fill.colour = art::Colour{40, 40, 40};
    i.is = a;
    d = art::withItem(d, 0, i).document;
    const pixel::Grey sharp = pixel::greyOf(render::renderSheet(d, side, {}));
    pixel::Grey out = sharp;
    std::mt19937 random(seed);
    std::normal_distribution<double> grain(0, noise);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            double sum = 0;
            for (int v = -1; v <= 1; ++v)
                for (int u = -1; u <= 1; ++u) sum += sharp.at(std::clamp(x + u, 0, side - 1), std::clamp(y + v, 0, side - 1));
            out.at(x, y) = static_cast<std::uint8_t>(std::clamp(sum / 9 + grain(random), 0.0, 255.0));
        }
    return out;
}

// Points every half px.
std::vector<Vec2> along(const curve::Path& path)
{
    return curve::evenly(flatten(path, 0.02), false, 0.5).points;
}

// What a hand does: a click about every 80 px along the outline, up to 6 px off.
std::vector<Vec2> clicks(const curve::Path& truth, unsigned seed)
{
    const std::vector<Vec2> line = along(truth);
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> off(-4.2, 4.2);
    std::vector<Vec2> out;
    double walked = 80;
    for (std::size_t i = 1; i < line.size(); ++i) {
        walked += distance(line[i - 1], line[i]);
        if (walked < 80) continue;
        walked = 0;
        out.push_back(line[i] + Vec2{off(random), off(random)});
    }
    return out;
}

struct Roped {
    curve::Path path;
    double within = 0; // share of the rope within 1 px of the truth
};

Roped rope(const curve::Path& truth, const pixel::Grey& g, unsigned seed)
{
    const auto map = trace::edgeMap(inColour(g), {});
    const auto laid = trace::ropeThrough(map, clicks(truth, seed), true, 10);
    Roped out;
    out.path = trace::ropeCurve(*map, laid, true, 0.8).path;
    const std::vector<Vec2> ours = along(out.path);
    double near = 0;
    for (const Vec2 p : ours) near += nearest(truth, p)->distance <= 1 ? 1 : 0;
    out.within = near / static_cast<double>(ours.size());
    return out;
}

curve::Path leaf()
{
    curve::Path p;
    p.closed = true;
    p.nodes = {{{90, 300}, {90, 300}, {120, 120}, curve::NodeKind::corner},
               {{300, 90}, {210, 80}, {400, 100}, curve::NodeKind::smooth},
               {{520, 320}, {520, 180}, {520, 320}, curve::NodeKind::corner},
               {{300, 500}, {440, 500}, {180, 500}, curve::NodeKind::smooth}};
    p.nodes[0].in = {110, 420};
    return p;
}

} // namespace

TEST_CASE("the rope finds known outlines through blur and noise, clicks up to six px off")
{
    struct Shape {
        const char* name;
        curve::Path path;
    };
    const std::vector<Shape> shapes{{"circle", curve::circle({300, 300}, 190)},
                                    {"ellipse", curve::ellipse({300, 300}, 230, 120)},
                                    {"rectangle", curve::rectangle({110, 140}, {480, 430})},
                                    {"leaf", leaf()},
                                    {"triangle", curve::polyline({{300, 80}, {520, 480}, {90, 450}}, true)}};
    for (const Shape& s : shapes)
        for (unsigned seed = 1; seed <= 3; ++seed) {
            INFO(s.name << " " << seed);
            const Roped r = rope(s.path, rendered(s.path, 600, 8, seed), seed);
            REQUIRE_FALSE(r.path.empty());
            INFO("within " << r.within << " nodes " << r.path.nodes.size() << " of " << s.path.nodes.size());
            CHECK(r.within >= 0.95);
            CHECK(r.path.nodes.size() <= s.path.nodes.size() + 2);
        }
}

namespace {

// A light disc of radius 170 about (300, 300) on ground of another hue. On its right edge, between two holds, lies a shadow: so deep it reaches in,
// and its inner border is as clear as the disc's own.
pixel::Picture discWithShadow(double deep, unsigned seed)
{
    constexpr double half = 0.27; // radians
    std::mt19937 random(seed);
    std::normal_distribution<double> grain(0, 6);
    pixel::Picture out(600, 600);
    for (int y = 0; y < 600; ++y)
        for (int x = 0; x < 600; ++x) {
            const double r = std::hypot(x + 0.5 - 300, y + 0.5 - 300), angle = std::atan2(y + 0.5 - 300, x + 0.5 - 300);
            const double c = std::cos(curve::pi * angle / (2 * half)), border = 170 - (std::abs(angle) < half ? deep * c * c : 0);
            // Edges as soft as a lens leaves them.
            const double in = std::clamp((170 - r) / 3 + 0.5, 0.0, 1.0), dark = std::clamp((r - border) / 3 + 0.5, 0.0, 1.0) * (std::abs(angle) < half ? 1 : 0);
            const double far = std::clamp((std::abs(angle) - 0.3) / 0.4, 0.0, 1.0);
            const auto value = [&](double light, double ground) {
                const double shadow = light - 80;
                const double subject = light * (1 - dark) + shadow * dark, round = ground * (1 - 0.35 * far);
                return static_cast<std::uint8_t>(std::clamp(round * (1 - in) + subject * in + grain(random), 0.0, 255.0));
            };
            pixel::Rgba& to = out.at(x, y);
            to.r = value(228, 250);
            to.g = value(228, 205);
            to.b = value(226, 160);
            to.a = 255;
        }
    return out;
}

std::vector<Vec2> holdsRound()
{
    std::vector<Vec2> holds;
    for (int k = 0; k < 13; ++k) holds.push_back(Vec2{300, 300} + 170 * curve::direction(0.27 + k * (2 * curve::pi - 0.54) / 12));
    return holds;
}

double furthestOff(const std::vector<trace::RopePoint>& rope)
{
    double most = 0;
    for (const trace::RopePoint& p : rope) most = std::max(most, std::abs(distance(p.at, {300, 300}) - 170));
    return most;
}

} // namespace

TEST_CASE("a shadow on the subject does not lead the rope away from its edge")
{
    for (const double deep : {11.0, 12.0, 13.0}) {
        INFO("deep " << deep);
        const auto map = trace::edgeMap(discWithShadow(deep, 2), {});
        CHECK(furthestOff(trace::ropeThrough(map, holdsRound(), true, 6)) < 2.5);
    }
}

TEST_CASE("an open rope is looked at twice as well, and what was drawn by hand stays as drawn")
{
    const auto map = trace::edgeMap(discWithShadow(12, 1), {});
    const std::vector<Vec2> round = holdsRound();
    // From the one before the shadow to the one after it.
    const std::vector<Vec2> open{round[11], round[12], round[0], round[1]};
    const auto laid = trace::ropeThrough(map, open, false, 6);
    REQUIRE(laid.size() > 100);
    CHECK(furthestOff(laid) < 2.5);
    CHECK(distance(laid.front().at, open.front()) < 6);
    CHECK(distance(laid.back().at, open.back()) < 6);

    std::vector<trace::RopeWay> ways;
    for (std::size_t k = 0; k < round.size(); ++k) ways.push_back(trace::wayBetween(map, round[k], round[(k + 1) % round.size()]));
    // Over the shadow the hand goes straight.
    ways[12] = {trace::straightWay(round[12], round[0]), true};
    const auto withHand = trace::laidRope(map, ways, true);
    std::size_t byHand = 0;
    for (const trace::RopePoint& p : withHand)
        if (p.byHand) {
            ++byHand;
            CHECK(std::abs(p.at.x - round[0].x) < 1);
        }
    CHECK(byHand > 80);

    CHECK(trace::laidRope(map, {}, false).empty());
    // All round by hand, in one go.
    std::vector<Vec2> loop;
    for (int k = 0; k <= 600; ++k) loop.push_back(Vec2{300, 300} + 100 * curve::direction(k * 2 * curve::pi / 600));
    const auto drawn = trace::laidRope(map, {{loop, true}}, true);
    REQUIRE(drawn.size() > 500);
    for (const trace::RopePoint& p : drawn) CHECK(std::abs(distance(p.at, {300, 300}) - 100) < 0.5);
}
