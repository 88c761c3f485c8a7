#include "render/path_seen.h"

#include <cairo.h>

#include <algorithm>
#include <cmath>

namespace softrope::render {

using curve::Box;
using curve::Cubic;
using curve::Path;
using curve::Vec2;

namespace {

constexpr double large = 64;        // times what is seen: smaller ones cost less whole than in parts
constexpr double reach = 3 * large; // times what is seen: as far as anything is given
constexpr int deepest = 40;

double sizeOf(const Box& b)
{
    return b.empty() ? 0 : std::max(b.width(), b.height());
}

Box hull(const Cubic& c)
{
    Box b;
    for (const Vec2 p : {c.p0, c.p1, c.p2, c.p3}) b.add(p);
    return b;
}

// Its hull lies on one side of the box: nothing of it is in there, and its chord is not either.
bool beside(const Cubic& c, const Box& seen)
{
    const Box b = hull(c);
    return b.max.x < seen.min.x || b.min.x > seen.max.x || b.max.y < seen.min.y || b.min.y > seen.max.y;
}

void give(cairo_t* cr, const Cubic& c)
{
    if (curve::isStraight(c))
        cairo_line_to(cr, c.p3.x, c.p3.y);
    else
        cairo_curve_to(cr, c.p1.x, c.p1.y, c.p2.x, c.p2.y, c.p3.x, c.p3.y);
}

Vec2 within(const Box& b, Vec2 p)
{
    return {std::clamp(p.x, b.min.x, b.max.x), std::clamp(p.y, b.min.y, b.max.y)};
}

// `broken`: what came before was left out.
void giveSeen(cairo_t* cr, const Cubic& c, const Box& seen, As as, bool& broken, int depth)
{
    if (beside(c, seen)) {
        // Cairo's numbers end at some millions: the chord's ends are drawn in, on the side they lie on.
        if (const Vec2 to = within(seen.grown(reach * sizeOf(seen)), c.p3); as == As::area)
            cairo_line_to(cr, to.x, to.y);
        else
            broken = true;
        return;
    }
    if (depth >= deepest || sizeOf(hull(c)) <= large * sizeOf(seen)) {
        if (broken) cairo_move_to(cr, c.p0.x, c.p0.y);
        broken = false;
        give(cr, c);
        return;
    }
    const curve::Halves h = curve::split(c, 0.5);
    giveSeen(cr, h.first, seen, as, broken, depth + 1);
    giveSeen(cr, h.second, seen, as, broken, depth + 1);
}

void tracePath(cairo_t* cr, const Path& p)
{
    cairo_move_to(cr, p.nodes.front().at.x, p.nodes.front().at.y);
    for (std::size_t i = 0; i < p.pieceCount(); ++i) {
        const Cubic c = p.piece(i);
        if (curve::isStraight(c) && p.closed && i + 1 == p.pieceCount()) break;
        give(cr, c);
    }
    if (p.closed) cairo_close_path(cr);
}

bool usable(const Path& p)
{
    return !p.empty() && curve::isFinite(p);
}

} // namespace

void tracePaths(cairo_t* cr, const curve::Paths& paths)
{
    cairo_new_path(cr);
    for (const Path& p : paths)
        if (usable(p)) tracePath(cr, p);
}

void traceSeen(cairo_t* cr, const curve::Paths& paths, const Box& seen, As as)
{
    cairo_new_path(cr);
    for (const Path& p : paths) {
        if (!usable(p)) continue;
        Box all;
        for (const curve::Node& n : p.nodes)
            for (const Vec2 v : {n.at, n.in, n.out}) all.add(v);
        if (seen.empty() || sizeOf(all) <= large * sizeOf(seen)) {
            tracePath(cr, p);
            continue;
        }
        const Vec2 first = within(seen.grown(reach * sizeOf(seen)), p.nodes.front().at);
        if (as == As::area) cairo_move_to(cr, first.x, first.y);
        bool broken = as == As::line;
        for (std::size_t i = 0; i < p.pieceCount(); ++i) giveSeen(cr, p.piece(i), seen, as, broken, 0);
        if (p.closed && as == As::area) cairo_close_path(cr);
    }
}

} // namespace softrope::render
