#include "shade/scatter.h"

#include "shade/inside.h"
#include "shade/poisson.h"

#include "curve/figures.h"

#include <algorithm>
#include <cmath>

namespace softrope::shade {

using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

// A mark of size 1 round the origin, pointing to the right.
Path dot()
{
    return curve::circle({0, 0}, 0.5);
}

Path stroke()
{
    return curve::leaf({-1.6, 0}, {1.6, 0}, 0.55);
}

Path polygonOf(Chance& chance, int corners, double uneven, double tall)
{
    std::vector<Vec2> ring;
    for (int k = 0; k < corners; ++k) {
        const double r = 0.5 * (1 - uneven * chance()), a = 2 * curve::pi * (k + 0.6 * uneven * (chance() - 0.5)) / corners;
        const Vec2 d = curve::direction(a);
        ring.push_back({r * d.x, tall * r * d.y});
    }
    return curve::polyline(ring, true);
}

// A tear: round at the right, drawn out to a point at the left.
Path drop()
{
    const double k = 0.276; // of a quarter arc of radius 0.5: 4/3 (sqrt 2 - 1) / 2
    Path p;
    p.closed = true;
    p.nodes = {{{-0.9, 0}, {-0.9, 0}, {-0.9, 0}, curve::NodeKind::corner},
               {{0.1, -0.42}, {-0.25, -0.36}, {0.1 + k, -0.42}, curve::NodeKind::smooth},
               {{0.55, 0}, {0.55, -k * 0.84}, {0.55, k * 0.84}, curve::NodeKind::smooth},
               {{0.1, 0.42}, {0.1 + k, 0.42}, {-0.25, 0.36}, curve::NodeKind::smooth}};
    return p;
}

// The own shape, its middle in the origin and as large as 1.
Paths unitShape(const Paths& own)
{
    const curve::Box b = curve::bounds(own);
    const double size = b.empty() ? 0 : std::max(b.width(), b.height());
    if (!(size > 0)) return {dot()};
    Paths out;
    for (const Path& p : own) out.push_back(transformed(p, curve::scaling(1 / size, 1 / size) * curve::translation(-b.centre())));
    return out;
}

} // namespace

Paths scattered(const planar::Shape& shape, const Scatter& how, double towardsLight)
{
    const auto back = curve::inverse(how.frame);
    if (!back || !(how.spacing > 0.05) || !std::isfinite(how.spacing)) return {};
    Paths local;
    for (const Path& p : shape.contours)
        if (isFinite(p)) local.push_back(transformed(p, *back));
    const Inside inside(local, shape.evenOdd ? curve::Rule::evenOdd : curve::Rule::nonzero);
    if (inside.box().empty()) return {};
    const curve::Box box = inside.box();
    const std::vector<Vec2> middles = poissonDisc(box, how.spacing, how.seed, std::cref(inside), mostMarks);

    const Vec2 light = unit(linear(*back, curve::direction(towardsLight))), side = curve::direction(how.angle);
    const Vec2 way = how.fall == Fall::light ? light : side;
    // From 0 at the side marks fall away from to 1 across the box.
    const auto across = [&](Vec2 p) {
        const double half = 0.5 * (std::abs(way.x) * box.width() + std::abs(way.y) * box.height());
        return half > 0 ? 0.5 - 0.5 * curve::dot(p - box.centre(), way) / half : 0.5;
    };
    const double deep = 0.25 * (box.width() + box.height()), fade = std::clamp(how.fade, 1e-3, 1.0);
    const bool byOutline = how.turn == Turn::outline || how.fall == Fall::edge;

    const double least = std::clamp(std::isfinite(how.least) ? how.least : 1, 0.01, 1e4), most = std::clamp(std::isfinite(how.most) ? how.most : 1, least, 1e4);
    const Paths own = how.mark == Mark::own ? unitShape(how.own) : Paths{};
    const Path plain = how.mark == Mark::strokes ? stroke() : how.mark == Mark::drops ? drop() : dot();
    Chance chance(how.seed ^ 0x5F356495U);
    Paths out;
    out.reserve(middles.size());
    for (const Vec2 at : middles) {
        // Every mark draws the same number of chances, so that a changed setting leaves the others where they are.
        const double sizeDraw = chance(), keepDraw = chance(), turnDraw = chance();
        Chance own_(static_cast<std::uint32_t>(chance() * 4294967295.0));
        const Inside::Near near = byOutline ? inside.nearest(at) : Inside::Near{};
        double there = 1;
        if (how.fall == Fall::edge)
            there = std::clamp(1 - near.distance / (fade * deep), 0.0, 1.0);
        else if (how.fall != Fall::none)
            there = std::clamp(across(at) / fade, 0.0, 1.0);
        if (keepDraw >= there) continue;
        const double size = (least + sizeDraw * (most - least)) * (how.fall == Fall::none ? 1 : 0.5 + 0.5 * there);
        const double turn = how.turn == Turn::anyhow  ? 2 * curve::pi * turnDraw
                            : how.turn == Turn::fixed ? how.angle
                            : how.turn == Turn::light ? curve::angleOf(light)
                                                      : curve::angleOf(near.along);
        const curve::Affine place = how.frame * curve::translation(at) * curve::rotation(turn) * curve::scaling(size, size);
        switch (how.mark) {
        case Mark::grain: out.push_back(transformed(polygonOf(own_, 5, 0.6, 0.8), place)); break;
        case Mark::chips: out.push_back(transformed(polygonOf(own_, own_() < 0.5 ? 3 : 4, 0.7, 0.6), place)); break;
        case Mark::own:
            for (const Path& p : own) out.push_back(transformed(p, place));
            break;
        case Mark::dots:
        case Mark::strokes:
        case Mark::drops: out.push_back(transformed(plain, place)); break;
        }
    }
    return out;
}

double marksExpected(const Scatter& how, const curve::Box& bounds)
{
    constexpr double density = 0.7; // points of a maximal sample to a square of the distance (Bridson 2007 and measured in the tests)
    if (bounds.empty() || !(how.spacing > 0.05)) return 0;
    // The frame's size counts: marks go with it.
    const double spacing = how.spacing * curve::meanScale(how.frame);
    return std::min(static_cast<double>(mostMarks), density * bounds.width() * bounds.height() / (spacing * spacing));
}

} // namespace softrope::shade
