// Made-up half drawings, seeded, with their axis known.
#pragma once

#include "../planar/shapes.h"

#include "curve/curve.h"
#include "mirror/mirror.h"

namespace halves {

using namespace softrope;
using namespace softrope::curve;

struct Half {
    Paths lines;
    double turned = 0; // radians, from upright
    Vec2 middle;       // on the axis
    double width = 0;  // px, of the whole thing
    Box page{{0, 0}, {1000, 1000}};
};

// Lines trembling by up to 2 px, as one drawing: each node with its handles.
inline void tremble(Paths& lines, shapes::Random& random)
{
    for (Path& p : lines)
        for (Node& n : p.nodes) {
            const Vec2 by{random(-2, 2), random(-2, 2)};
            n.at += by;
            n.in += by;
            n.out += by;
        }
}

// The right half of something: an outline from the axis' top to its bottom, in one line or in two that meet; inside it a closed mark and
// strokes, some of which end on the axis.
inline Half halfDrawing(unsigned seed, bool axis)
{
    shapes::Random random(seed);
    const double high = random(260, 360), wide = random(130, 240);
    Paths lines;
    const int n = 3 + static_cast<int>(seed % 3);
    std::vector<Vec2> at{{0, -high}};
    for (int k = 1; k <= n; ++k) at.push_back({wide * random(0.45, 1), -high + 2 * high * k / (n + 1) + random(-20, 20)});
    at.push_back({0, high});
    Path outline;
    for (std::size_t k = 0; k < at.size(); ++k) {
        const Vec2 before = at[k == 0 ? 0 : k - 1], after = at[std::min(k + 1, at.size() - 1)];
        Vec2 t = (after - before) / 6;
        if (k == 0) t = {random(20, 50), random(-12, 12)};
        if (k + 1 == at.size()) t = {-random(20, 50), random(-12, 12)};
        outline.nodes.push_back({at[k], k == 0 ? at[k] : at[k] - t, k + 1 == at.size() ? at[k] : at[k] + t, NodeKind::smooth});
    }
    lines.push_back(outline);
    lines.push_back(ellipse({0.45 * wide, random(-100, 100)}, random(14, 30), random(14, 30)));
    for (int k = 0; k < 3; ++k) {
        const double y = random(-0.6, 0.6) * high;
        const Vec2 from{k == 0 ? 0.0 : random(20, 60), y}, to{random(0.4, 0.5) * wide + 40, y + random(-40, 40)};
        lines.push_back(polyline({from, lerp(from, to, 0.5) + Vec2{0, random(-15, 15)}, to}, false));
    }
    if (axis) {
        const double out = seed % 4 == 0 ? 0 : random(10, 50);
        lines.push_back(polyline({{0, -high - out}, {0, -high / 3}, {0, high / 3}, {0, high + out}}, false));
    }
    tremble(lines, random);
    Half h;
    h.turned = radians(random(-40, 40));
    h.middle = {random(420, 580), random(440, 560)};
    const Affine m = translation(h.middle) * rotation(h.turned);
    for (Path& p : lines) p = transformed(p, m);
    h.lines = std::move(lines);
    h.width = 2 * wide;
    return h;
}

inline bool near(const mirror::FoundAxis& f, const Half& h)
{
    return std::abs(degrees(mirror::lineAngle(f.axis.angle - pi / 2 - h.turned))) <= 1 && std::abs(mirror::offsetFrom(f.axis, h.middle)) <= 0.01 * h.width + 1;
}

} // namespace halves
