#include "art/frames.h"

#include "art/arrange.h"
#include "art/edits.h"
#include "art/tree.h"
#include "curve/edit.h"
#include "curve/polygon.h"
#include "planar/combine.h"
#include "planar/meet.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Path;
using curve::Paths;
using curve::Vec2;

curve::Path framePath(Frame frame, Vec2 centre, double size)
{
    const double r = size / 2;
    switch (frame) {
    case Frame::circle: return curve::circle(centre, r);
    case Frame::dome: {
        // The upper half of a circle; cubics by (4/3) tan(a / 4), Goldapp 1991.
        const double k = 4.0 / 3 * std::tan(curve::pi / 8) * r;
        const Vec2 c = centre + Vec2{0, r / 2};
        const Vec2 left = c - Vec2{r, 0}, top = c - Vec2{0, r}, right = c + Vec2{r, 0};
        Path p;
        p.nodes = {{left, left, left - Vec2{0, k}, curve::NodeKind::corner},
                   {top, top - Vec2{k, 0}, top + Vec2{k, 0}, curve::NodeKind::smooth},
                   {right, right - Vec2{0, k}, right, curve::NodeKind::corner}};
        p.closed = true;
        return p;
    }
    case Frame::shield: {
        const double h = 1.15 * r; // half its height
        return curve::polyline({centre + Vec2{-r, -h}, centre + Vec2{r, -h}, centre + Vec2{r, 0.15 * h}, centre + Vec2{0.62 * r, 0.62 * h}, centre + Vec2{0, h},
                                centre + Vec2{-0.62 * r, 0.62 * h}, centre + Vec2{-r, 0.15 * h}},
                               true);
    }
    case Frame::square: {
        constexpr double share = 0.12; // of the side: the corners' radius
        const Path square = curve::rectangle(centre - Vec2{r, r}, centre + Vec2{r, r});
        return curve::withRoundCorners(square, {{0, share * size}, {1, share * size}, {2, share * size}, {3, share * size}}).path;
    }
    }
    return {};
}

namespace {

constexpr double fine = 0.1; // px: how closely outlines are followed

// What is seen of a thing: points, each with the reach of its line around it.
struct Seen {
    Vec2 at;
    double reach = 0;
    bool keeps = false; // the line keeps its width
};

double crossOf(Vec2 o, Vec2 a, Vec2 b)
{
    return (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
}

// The monotone chain (Andrew 1979).
std::vector<Vec2> hullOf(std::vector<Vec2> p)
{
    std::sort(p.begin(), p.end(), [](Vec2 a, Vec2 b) { return std::tie(a.x, a.y) < std::tie(b.x, b.y); });
    p.erase(std::unique(p.begin(), p.end()), p.end());
    if (p.size() < 3) return p;
    std::vector<Vec2> out;
    for (int pass = 0; pass < 2; ++pass) {
        const std::size_t base = out.size();
        for (const Vec2 v : p) {
            while (out.size() >= base + 2 && crossOf(out[out.size() - 2], out.back(), v) <= 0) out.pop_back();
            out.push_back(v);
        }
        out.pop_back();
        std::reverse(p.begin(), p.end());
    }
    return out;
}

void collect(const Item& item, std::vector<Seen>& out)
{
    if (!item.shown) return;
    if (const Artwork* a = item.artwork()) {
        if (a->guide) return;
        const bool drawn = a->stroke.colour.has_value();
        // Mitred corners reach further; a square's by the root of two.
        const double reach = drawn ? a->stroke.width / 2 * (a->stroke.join == Join::mitre ? std::sqrt(2.0) : 1) : 0;
        for (const Path& p : a->paths)
            for (const Vec2 v : curve::flatten(p, fine)) out.push_back({v, reach, a->stroke.keepsWidth});
        return; // what lies inside is clipped by it
    }
    if (const Reference* r = item.reference())
        for (const Vec2 v : frame(*r)) out.push_back({v, 0, false});
    if (const Island* k = item.island())
        for (const Vec2 v : frame(*k)) out.push_back({v, 0, false});
    for (const ItemPtr& c : childrenOf(item)) collect(*c, out);
}

Box boxOf(const std::vector<Seen>& all)
{
    Box box;
    for (const Seen& i : all) {
        box.add(i.at - Vec2{i.reach, i.reach});
        box.add(i.at + Vec2{i.reach, i.reach});
    }
    return box;
}

// What is seen of the things, few enough to be asked about many times: the hulls of what has one reach where the room is convex, else
// one point for each small cell, with the cell added to its reach.
std::vector<Seen> inkOf(const std::vector<const Item*>& items, bool convex)
{
    std::vector<Seen> all;
    for (const Item* i : items) collect(*i, all);
    std::map<std::pair<double, bool>, std::vector<Vec2>> alike;
    for (const Seen& s : all) alike[{s.reach, s.keeps}].push_back(s.at);
    constexpr int cells = 500; // across
    const Box box = boxOf(all);
    const double cell = std::max(box.width(), box.height()) / cells;
    constexpr std::size_t few = 2000;
    std::vector<Seen> out;
    for (auto& [how, points] : alike) {
        if (convex) {
            for (const Vec2 v : hullOf(std::move(points))) out.push_back({v, how.first, how.second});
        } else if (all.size() <= few || !(cell > 0)) {
            for (const Vec2 v : points) out.push_back({v, how.first, how.second});
        } else {
            std::set<std::pair<long, long>> taken;
            for (const Vec2 v : points)
                if (taken.insert({std::lround(v.x / cell), std::lround(v.y / cell)}).second) out.push_back({v, how.first + cell, how.second});
        }
    }
    return out;
}

// A closed shape as a ring, asked whether things lie within it.
class Room {
public:
    explicit Room(const Paths& paths)
    {
        for (const Path& p : paths) {
            rings_.push_back(curve::flatten(p, fine));
            if (rings_.back().size() > 1 && rings_.back().front() == rings_.back().back()) rings_.back().pop_back();
        }
    }
    bool convex() const
    {
        if (rings_.size() != 1) return false;
        double turned = 0;
        const auto& r = rings_.front();
        for (std::size_t k = 0; k < r.size(); ++k) {
            const double t = crossOf(r[k], r[(k + 1) % r.size()], r[(k + 2) % r.size()]);
            if (t * turned < -1e-9) return false;
            if (std::abs(t) > 1e-9) turned = t;
        }
        return true;
    }
    bool holds(Vec2 p, double apart) const
    {
        bool inside = false;
        for (const auto& r : rings_)
            if (curve::insidePolygon(r, p)) inside = !inside;
        if (!inside) return false;
        const double least = apart * apart;
        for (const auto& r : rings_)
            for (std::size_t k = 0; k < r.size(); ++k) {
                const Vec2 a = r[k], v = r[(k + 1) % r.size()] - a;
                const double t = std::clamp(dot(p - a, v) / std::max(squaredLength(v), 1e-300), 0.0, 1.0);
                if (squaredLength(p - a - v * t) < least) return false;
            }
        return true;
    }
    bool holds(const std::vector<Seen>& ink, Vec2 middle, Vec2 to, double scale, double margin) const
    {
        return std::all_of(ink.begin(), ink.end(),
                           [&](const Seen& i) { return holds(to + (i.at - middle) * scale, margin + i.reach * (i.keeps ? 1 : scale)); });
    }

private:
    std::vector<std::vector<Vec2>> rings_;
};

// The largest scale at which all of it lies within with its middle there; 0 for none.
double largestAt(const Room& room, const std::vector<Seen>& ink, Vec2 middle, Vec2 to, double most, double margin)
{
    double low = 0, high = most;
    if (!room.holds(ink, middle, to, 1e-6, margin)) return 0;
    for (int k = 0; k < 24; ++k) {
        const double mid = (low + high) / 2;
        (room.holds(ink, middle, to, mid, margin) ? low : high) = mid;
    }
    return low;
}

const Artwork* shapeAt(const Document& d, Id id)
{
    const Item* i = d.item(id);
    const Artwork* a = i ? i->artwork() : nullptr;
    return a && std::any_of(a->paths.begin(), a->paths.end(), [](const Path& p) { return p.closed && p.nodes.size() > 1; }) ? a : nullptr;
}

} // namespace

Added withFrame(const Document& d, Id layer, Frame frame, const std::vector<Id>& items, double margin, const Fill& fill, const std::string& name)
{
    const std::vector<Id> picked = outermost(d, items);
    const std::vector<Seen> ink = inkOf(itemsOf(d, picked), true);
    const Box box = boxOf(ink);
    Vec2 centre{d.sheet.width / 2, d.sheet.height / 2};
    double size = 0.8 * std::min(d.sheet.width, d.sheet.height);
    if (!ink.empty()) {
        margin = std::max(margin, 0.0);
        // The frame of the least size that holds it all: its middle is searched, its size bisected.
        const auto sizeAt = [&](Vec2 at) {
            double low = 0, high = 8 * (std::max(box.width(), box.height()) + distance(at, box.centre()) + 2 * margin) + 1;
            for (int k = 0; k < 30; ++k) {
                const double mid = (low + high) / 2;
                (Room({framePath(frame, at, mid)}).holds(ink, {}, {}, 1, margin) ? high : low) = mid;
            }
            return high;
        };
        centre = box.centre();
        size = sizeAt(centre);
        for (double step = std::max(box.height(), 1.0) / 4; step > 0.25; step /= 2)
            for (const Vec2 by : {Vec2{0, -step}, Vec2{0, step}})
                if (const double s = sizeAt(centre + by); s < size * (1 - 1e-4)) {
                    size = s;
                    centre += by;
                }
    }
    Item i;
    i.name = name;
    Artwork a;
    a.setPaths({framePath(frame, centre, size)});
    a.stroke.colour.reset();
    a.fill = fill;
    i.is = std::move(a);
    const Id on = picked.empty() ? layer : d.layerOf(picked.front()) ? d.layerOf(picked.front())->id : layer;
    Added out = withItem(d, on, std::move(i));
    if (!out.id) return out;
    // Behind the lowest of them, or everything on the layer.
    const Layer* l = out.document.layerOf(out.id);
    std::size_t place = 0;
    if (!picked.empty()) {
        const auto holds = [&](const ItemPtr& top) {
            return std::any_of(picked.begin(), picked.end(), [&](Id id) {
                const auto round = d.ancestorsOf(id);
                return top->id == id || (!round.empty() && round.front()->id == top->id);
            });
        };
        place = static_cast<std::size_t>(std::find_if(l->items.begin(), l->items.end(), holds) - l->items.begin());
    }
    const Edited behind = moved(out.document, {out.id}, {l->id, 0, place});
    if (behind.done()) out.document = behind.document;
    return out;
}

Taken withFitted(const Document& d, const std::vector<Id>& items, Id shape, const Fitting& how)
{
    std::vector<Id> picked = outermost(d, items);
    const Artwork* into = shapeAt(d, shape);
    if (picked.empty() || !d.item(shape)) return {d, {}, Refusal::nothingPicked};
    std::erase(picked, shape);
    if (!into || picked.empty()) return {d, {}, picked.empty() ? Refusal::tooFew : Refusal::doesNotFit};
    for (const Item* round : d.ancestorsOf(shape))
        if (std::find(picked.begin(), picked.end(), round->id) != picked.end()) return {d, {}, Refusal::doesNotFit};
    Document out = d;
    if (how.size != Fitting::Size::keep) {
        const Room room(into->paths);
        const std::vector<Seen> ink = inkOf(itemsOf(d, picked), room.convex());
        if (ink.empty()) return {d, {}, Refusal::doesNotFit};
        const Box box = boxOf(ink);
        const Box bound = curve::bounds(into->paths);
        const Vec2 middle = box.centre();
        Vec2 to = bound.centre();
        double scale = std::max(bound.width() / std::max(box.width(), 1e-9), bound.height() / std::max(box.height(), 1e-9));
        if (how.size == Fitting::Size::over) {
            scale *= 1 - 2 * std::min(how.margin, 0.0) / std::max(std::min(bound.width(), bound.height()), 1e-9); // a margin below nought stands over
        } else {
            const double most = scale;
            if (!room.holds(to, 1e-9)) to = curve::innerPoint(into->paths);
            scale = largestAt(room, ink, middle, to, most, how.margin);
            const double size = std::max(bound.width(), bound.height());
            for (double step = size / 4; step > size / 4000; step /= 2) {
                bool better = true;
                while (better) {
                    better = false;
                    for (const Vec2 by : {Vec2{0, -step}, Vec2{0, step}, Vec2{-step, 0}, Vec2{step, 0}}) {
                        // Asked first whether it is larger there at all.
                        const double wanted = std::max(scale * (1 + 1e-4), 1e-5);
                        if (!room.holds(ink, middle, to + by, wanted, how.margin)) continue;
                        to += by;
                        scale = largestAt(room, ink, middle, to, most, how.margin);
                        better = true;
                    }
                }
            }
        }
        if (!(scale > 1e-6)) return {d, {}, Refusal::doesNotFit};
        const Edited moved_ = transformed(out, picked, curve::translation(to) * curve::scaling(scale, scale) * curve::translation(-middle));
        if (!moved_.done()) return {d, {}, moved_.why};
        out = moved_.document;
    }
    if (how.then == Fitting::Then::cut) return withCutTo(out, picked, shape);
    if (how.then == Fitting::Then::clip) {
        const Edited in = moved(out, picked, {.layer = 0, .parent = shape});
        if (!in.done()) return {d, {}, in.why};
        out = in.document;
    }
    return {out, picked, Refusal::none};
}

namespace {

// The stretches of a line that lie in the shape.
Paths keptOf(const Path& path, const Paths& shape)
{
    std::vector<curve::Place> cuts;
    const planar::Strand mine = planar::strandOf(path, 0);
    if (mine.pieces.size() != path.pieceCount()) return {path}; // with pieces of no length there is no counting
    const planar::Tolerances tol;
    for (const Path& edge : shape)
        for (const planar::Contact& c : planar::meet(mine, planar::strandOf(edge, 1, true), tol.touch).contacts) {
            const planar::Piece& on = mine.pieces[static_cast<std::size_t>(c.a)];
            const Vec2 at = curve::at(on.curve, c.s);
            const auto piece = static_cast<std::size_t>(c.a);
            cuts.push_back({piece, on.line ? curve::nearest(path.piece(piece), at).t : c.s, at, 0});
        }
    std::sort(cuts.begin(), cuts.end(), [](const curve::Place& a, const curve::Place& b) { return std::tie(a.piece, a.t) > std::tie(b.piece, b.t); });
    Path whole = path;
    for (std::size_t k = 0; k < cuts.size(); ++k) {
        curve::Place at = cuts[k];
        constexpr double end = 1e-9;
        if (at.t <= end || at.t >= 1 - end) continue; // a node is there
        // What was cut further on along the same piece has shortened it.
        if (k > 0 && cuts[k - 1].piece == at.piece) at.t = curve::nearest(whole.piece(at.piece), at.point).t;
        whole = curve::withNodeAt(whole, at).path;
    }
    const std::size_t n = whole.pieceCount();
    std::vector<bool> in(n);
    for (std::size_t k = 0; k < n; ++k) in[k] = curve::insidePaths(shape, curve::at(whole.piece(k), 0.5));
    if (std::all_of(in.begin(), in.end(), [](bool b) { return b; })) return {path};
    Paths out;
    // A closed line begins after a piece that goes.
    std::size_t first = 0;
    if (whole.closed)
        while (first < n && in[first]) ++first;
    for (std::size_t step = 0; step < n; ++step) {
        const std::size_t k = (first + step) % n;
        if (!in[k]) continue;
        const bool goesOn = step > 0 && in[(k + n - 1) % n] && !out.empty() && (whole.closed || k > 0);
        if (!goesOn) {
            out.emplace_back();
            out.back().nodes.push_back(whole.nodes[k]);
        }
        out.back().nodes.push_back(whole.nodes[(k + 1) % whole.nodes.size()]);
    }
    for (Path& p : out) {
        p.nodes.front().in = p.nodes.front().at;
        p.nodes.back().out = p.nodes.back().at;
        p.nodes.front().kind = p.nodes.back().kind = curve::NodeKind::corner;
    }
    return out;
}

// Nothing when it lies all outside.
std::optional<Item> cutTo(const Item& item, const Paths& shape)
{
    Item out = item;
    if (auto* a = std::get_if<Artwork>(&out.is)) {
        Paths kept;
        if (a->fill.colour || a->fill.gradient) {
            kept = planar::combine({{a->paths, a->fill.evenOdd}, {shape, true}}, planar::Operation::intersection);
            a->fill.evenOdd = false;
        } else {
            for (const Path& p : a->paths)
                for (Path& k : keptOf(p, shape)) kept.push_back(std::move(k));
        }
        if (kept.empty()) return std::nullopt;
        a->setPaths(std::move(kept));
        return out;
    }
    if (const Group* g = out.group()) {
        std::vector<ItemPtr> children;
        for (const ItemPtr& c : *g->items)
            if (auto kept = cutTo(*c, shape)) children.push_back(shared(std::move(*kept)));
        if (children.empty()) return std::nullopt;
        Group plain;
        plain.setItems(std::move(children));
        out.is = std::move(plain);
    }
    return out;
}

} // namespace

namespace {

Taken cutTo(const Document& d, const std::vector<Id>& picked, const Paths& edge)
{
    Taken out{d, {}, Refusal::none};
    const Edited made = withItemsChanged(d, picked, [&](Item& i) {
        if (i.reference()) return;
        if (auto kept = cutTo(i, edge))
            i = std::move(*kept);
        else
            i.is = Group{}; // told apart below
    });
    if (!made.done()) return {d, {}, made.why};
    std::vector<Id> gone;
    for (const Id id : picked) {
        const Item* i = made.document.item(id);
        (i && i->group() && i->group()->items.empty() ? gone : out.items).push_back(id);
    }
    out.document = gone.empty() ? made.document : withoutItems(made.document, gone).document;
    return out;
}

} // namespace

Taken withCutTo(const Document& d, const std::vector<Id>& items, Id shape)
{
    const Artwork* to = shapeAt(d, shape);
    std::vector<Id> picked = outermost(d, items);
    std::erase(picked, shape);
    if (!to || picked.empty()) return {d, {}, picked.empty() ? Refusal::nothingPicked : Refusal::doesNotFit};
    return cutTo(d, picked, to->paths);
}

Taken withCutAtStraight(const Document& d, const std::vector<Id>& items, Vec2 through, double angle)
{
    const std::vector<Id> picked = outermost(d, items);
    const Box box = bounds(d, picked);
    if (picked.empty() || box.empty() || !std::isfinite(angle)) return {d, {}, Refusal::nothingPicked};
    const Vec2 along = curve::direction(angle), foot = through + along * dot(box.centre() - through, along);
    Vec2 side = perpendicular(along);
    if (dot(box.centre() - foot, side) < 0) side = -side;
    const double far = box.width() + box.height() + distance(foot, box.centre()) + 10;
    return cutTo(d, picked,
                 {curve::polyline({foot - along * far, foot + along * far, foot + along * far + side * far, foot - along * far + side * far}, true)});
}

Edited withSize(const Document& d, const std::vector<Id>& items, std::optional<double> width, std::optional<double> height, bool evenly, bool each)
{
    const std::vector<Id> picked = outermost(d, items);
    if (each && picked.size() > 1) {
        Edited out = d;
        out.why = Refusal::nothingPicked;
        for (const Id id : picked) {
            const Edited one = withSize(out.document, {id}, width, height, evenly, false);
            if (one.done())
                out = one;
            else if (!out.done())
                out.why = one.why;
        }
        return out;
    }
    constexpr double most = 1e6;
    const auto sound = [](std::optional<double> v) { return !v || (std::isfinite(*v) && *v > 0 && *v <= most); };
    if (picked.empty() || !sound(width) || !sound(height) || (!width && !height)) return {d, picked.empty() ? Refusal::nothingPicked : Refusal::doesNotFit};
    const Vec2 middle = bounds(d, picked).centre();
    // A line that keeps its width is no part of what is scaled: a few steps settle it.
    Edited out = d;
    double x = 1, y = 1;
    for (int k = 0; k < 12; ++k) {
        const Box now = bounds(out.document, picked);
        if (now.empty()) return {d, Refusal::doesNotFit};
        const double kx = width && now.width() > 1e-9 ? *width / now.width() : 1, ky = height && now.height() > 1e-9 ? *height / now.height() : 1;
        if (std::abs(kx - 1) < 1e-9 && std::abs(ky - 1) < 1e-9) break;
        x *= evenly && !width ? ky : kx;
        y *= evenly && !height ? kx : evenly && width && height ? kx : ky;
        const Edited next = transformed(d, picked, curve::about(middle, curve::scaling(x, y)));
        if (!next.done()) return next;
        out = next;
    }
    return out;
}

} // namespace softrope::art
