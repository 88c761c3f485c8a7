#include "art/trim.h"

#include "art/areas.h"
#include "art/arrange.h"
#include "art/edits.h"
#include "art/tree.h"
#include "curve/edit.h"
#include "planar/meet.h"

#include <algorithm>
#include <tuple>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Place;
using curve::Vec2;

namespace {

// Crossings of one path with everything in sight, in order along it.
std::vector<Place> crossingsAlong(const Document& d, Id item, std::size_t which, const Path& path)
{
    // A line that ends on this one, within half its width, is seen to meet it.
    const Artwork* mine = d.item(item)->artwork();
    const double half = mine->stroke.colour ? 0.5 * mine->stroke.width : 0;
    const planar::Strand strand = planar::strandOf(path, 0);
    if (strand.pieces.size() != path.pieceCount()) return {}; // with pieces of no length there is no counting
    std::vector<Place> found, ends;
    const planar::Tolerances tol;
    const auto add = [&](int piece, double t) { found.push_back({static_cast<std::size_t>(piece), t, {}, 0}); };
    for (const planar::Contact& c : planar::meetItself(strand, tol.touch).contacts) {
        add(c.a, c.s);
        add(c.b, c.t);
    }
    // Asked while the pointer moves: paths that cannot reach this one are not made ready.
    const DrawnLines all = linesAsDrawn(d);
    const auto near = [&](const Path& other) {
        curve::Box b;
        for (const curve::Node& n : other.nodes)
            for (const Vec2 q : {n.at, n.in, n.out}) b.add(q);
        return b.grown(std::max(tol.touch, half)).meets(strand.box);
    };
    std::size_t ofItem = 0;
    for (std::size_t k = 0; k < all.paths.size(); ++k) {
        const bool own = all.items[k] == item;
        if ((own && ofItem++ == which) || !near(all.paths[k])) continue;
        const planar::Strand other = planar::strandOf(all.paths[k], 1);
        for (const planar::Contact& c : planar::meet(strand, other, tol.touch).contacts) add(c.a, c.s);
        if (all.paths[k].closed || all.paths[k].nodes.empty()) continue;
        for (const Vec2 end : {all.paths[k].nodes.front().at, all.paths[k].nodes.back().at}) {
            const auto foot = curve::nearest(path, end);
            if (!foot || foot->distance > half || foot->distance <= tol.touch) continue;
            const planar::Piece& of = strand.pieces[foot->piece];
            ends.push_back({foot->piece, of.line ? curve::nearest(of.curve, foot->point).t : foot->t, foot->point, 0});
        }
    }
    // Unless it crosses as well, a little further on.
    for (const Place& e : ends)
        if (std::none_of(found.begin(), found.end(),
                         [&](const Place& f) { return distance(curve::at(strand.pieces[f.piece].curve, f.t), e.point) < std::max(1.0, half); }))
            found.push_back(e);
    // A straight of ours is travelled evenly, one drawn has its handles on its ends: t differs.
    for (Place& p : found) {
        p.point = curve::at(strand.pieces[p.piece].curve, p.t);
        if (strand.pieces[p.piece].line) p.t = curve::nearest(path.piece(p.piece), p.point).t;
    }
    std::sort(found.begin(), found.end(), [](const Place& a, const Place& b) { return std::tie(a.piece, a.t) < std::tie(b.piece, b.t); });
    found.erase(std::unique(found.begin(), found.end(), [](const Place& a, const Place& b) { return distance(a.point, b.point) < 0.02; }), found.end());
    return found;
}

bool before(const Place& a, const Place& b)
{
    return std::tie(a.piece, a.t) < std::tie(b.piece, b.t);
}

// The node at a place: the one that is there, or a new one.
curve::Inserted nodeAt(const Path& path, const Place& at)
{
    constexpr double same = 1e-12;
    if (at.t <= same) return {path, at.piece};
    if (at.t >= 1 - same) return {path, (at.piece + 1) % path.nodes.size()};
    return curve::withNodeAt(path, at);
}

// The part of the path from one place to another, in the direction of travel; over the join of a closed path when `to` is
// not after `from`.
Path between(const Path& path, Place from, Place to)
{
    // Cut at the later place first: the earlier index stays right.
    Path p = path;
    const bool wraps = !before(from, to);
    Place first = wraps ? to : from, second = wraps ? from : to;
    const curve::Inserted b = nodeAt(p, second);
    p = b.path;
    std::size_t later = b.node;
    // A straight that is cut is travelled otherwise than before: the place is found again.
    if (first.piece == second.piece) first.t = curve::nearest(p.piece(first.piece), curve::at(path.piece(first.piece), first.t)).t;
    const std::size_t count = p.nodes.size();
    const curve::Inserted a = nodeAt(p, first);
    p = a.path;
    if (p.nodes.size() > count && a.node <= later) ++later;
    const std::size_t begin = wraps ? later : a.node, end = wraps ? a.node : later;
    Path out;
    const std::size_t n = p.nodes.size();
    for (std::size_t k = begin;; k = (k + 1) % n) {
        out.nodes.push_back(p.nodes[k]);
        if (k == end && out.nodes.size() > 1) break;
        if (out.nodes.size() > n) break;
    }
    out.nodes.front().in = out.nodes.front().at;
    out.nodes.back().out = out.nodes.back().at;
    return out;
}

Place startOf()
{
    return {0, 0, {}, 0};
}
Place endOf(const Path& p)
{
    return {p.pieceCount() - 1, 1, {}, 0};
}

} // namespace

std::optional<Stretch> stretchAt(const Document& d, Id item, Vec2 p)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork()) return std::nullopt;
    Stretch s;
    s.item = item;
    Place at;
    at.distance = 1e300;
    for (std::size_t k = 0; k < i->artwork()->paths.size(); ++k)
        if (const auto n = curve::nearest(i->artwork()->paths[k], p); n && n->distance < at.distance) {
            at = *n;
            s.path = k;
        }
    if (at.distance >= 1e300) return std::nullopt;
    const Path& path = i->artwork()->paths[s.path];
    const std::vector<Place> cuts = crossingsAlong(d, item, s.path, path);
    const auto after = std::find_if(cuts.begin(), cuts.end(), [&](const Place& c) { return before(at, c); });
    if (cuts.empty() || (path.closed && cuts.size() < 2)) {
        s.whole = true;
        s.from = startOf();
        s.to = endOf(path);
        s.shown = path;
        return s;
    }
    if (path.closed) {
        s.to = after == cuts.end() ? cuts.front() : *after;
        s.from = after == cuts.begin() ? cuts.back() : *(after - 1);
    } else {
        s.to = after == cuts.end() ? endOf(path) : *after;
        s.from = after == cuts.begin() ? startOf() : *(after - 1);
    }
    s.shown = between(path, s.from, s.to);
    return s;
}

Edited withoutPiece(const Document& d, Id item, std::size_t path, std::size_t piece)
{
    const Item* i = d.item(item);
    if (!i || !i->artwork() || path >= i->artwork()->paths.size() || piece >= i->artwork()->paths[path].pieceCount()) return {d, Refusal::nothingPicked};
    const Path& p = i->artwork()->paths[path];
    Stretch s;
    s.item = item;
    s.path = path;
    s.from = {piece, 0, {}, 0};
    s.to = {piece, 1, {}, 0};
    s.whole = !p.closed && p.pieceCount() == 1;
    return withoutStretch(d, s);
}

Edited withoutStretch(const Document& d, const Stretch& s)
{
    const Item* i = d.item(s.item);
    if (!i || !i->artwork() || s.path >= i->artwork()->paths.size()) return {d, Refusal::nothingPicked};
    const Edited may = withArtworkChanged(d, {s.item}, [](Artwork&) {});
    if (!may.done()) return may;
    Paths all = i->artwork()->paths;
    const Path path = all[s.path];
    all.erase(all.begin() + static_cast<std::ptrdiff_t>(s.path));
    if (s.whole) return all.empty() ? withoutItems(d, {s.item}) : withPaths(d, s.item, all);
    Paths left;
    if (path.closed) {
        left.push_back(between(path, s.to, s.from));
    } else {
        const auto isEnd = [&](const Place& p, const Place& end) { return p.piece == end.piece && p.t == end.t; };
        if (!isEnd(s.from, startOf())) left.push_back(between(path, startOf(), s.from));
        if (!isEnd(s.to, endOf(path))) left.push_back(between(path, s.to, endOf(path)));
    }
    for (Path& p : left)
        if (curve::arcLength(p) > 1e-6) all.push_back(std::move(p));
    if (all.empty()) return withoutItems(d, {s.item});
    // Two lines that are left are two things, one right above the other. What lies inside stays with the first.
    Document out = withPaths(d, s.item, {all.front()});
    Item rest = *out.item(s.item);
    std::get<Artwork>(rest.is).inside.clear();
    const Id layer = out.layerOf(s.item)->id;
    for (std::size_t k = 1; k < all.size(); ++k) {
        std::get<Artwork>(rest.is).setPaths({all[k]});
        const Added more = withItem(out, layer, rest);
        const Item* parent = more.document.parentOf(s.item);
        const std::vector<ItemPtr>& list = parent ? childrenOf(*parent) : more.document.layer(layer)->items;
        const auto at = std::find_if(list.begin(), list.end(), [&](const ItemPtr& x) { return x->id == s.item; });
        out = moved(more.document, {more.id}, {parent ? 0 : layer, parent ? parent->id : 0, static_cast<std::size_t>(at - list.begin()) + k});
    }
    return out;
}

} // namespace softrope::art
