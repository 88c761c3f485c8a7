#include "art/build.h"
#include "art/edits.h"
#include "mirror/mirror.h"

#include "curve/edit.h"

#include <algorithm>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;

DrawnLines drawnLines(const Document& d)
{
    DrawnLines all;
    for (const LayerPtr& l : d.layers) {
        // What is worked out from pictures encloses nothing, and colour drops follow lines: they are none.
        if (!l->shown || (l->tones && !l->tones->set) || l->facets) continue;
        const auto add = [&](const Item& i) {
            if (!i.artwork() || i.artwork()->drop) return;
            for (const Path& p : i.artwork()->paths) {
                all.paths.push_back(p);
                all.items.push_back(i.id);
            }
        };
        for (const ItemPtr& i : l->items) add(*i);
        for (const Item& i : mirroredItems(*l)) add(i);
    }
    return all;
}

Added withAreasUnderLines(const Document& d, const planar::Map& map)
{
    std::vector<int> areas = map.areas();
    const auto& faces = map.faces();
    std::sort(areas.begin(), areas.end(), [&](int a, int b) {
        const double x = faces[static_cast<std::size_t>(a)].area, y = faces[static_cast<std::size_t>(b)].area;
        return x != y ? x > y : a < b;
    });
    std::vector<Paths> outlines = map.outlines(areas);
    // Under the lowest layer that holds any line.
    const auto lowest = std::find_if(d.layers.begin(), d.layers.end(), [](const LayerPtr& l) {
        return std::any_of(l->items.begin(), l->items.end(), [](const ItemPtr& i) { return i->artwork() != nullptr; });
    });
    Document out = d;
    auto layer = std::make_shared<Layer>();
    layer->id = out.nextId++;
    layer->name = "Colour areas";
    int n = 0;
    for (Paths& outline : outlines) {
        auto item = std::make_shared<Item>();
        item->id = out.nextId++;
        item->name = "Area " + std::to_string(++n);
        Artwork a;
        a.paths = std::move(outline);
        a.stroke.colour.reset();
        a.fill.colour = Colour{184, 184, 184};
        a.fill.overlap = 0.6; // a pixel on the border is covered whole from either side
        item->is = std::move(a);
        layer->items.push_back(std::move(item));
    }
    out.layers.insert(out.layers.begin() + (lowest - d.layers.begin()), layer);
    return {out, layer->id};
}

Added withShape(const Document& d, Id layer, Paths outline, const Stroke& stroke, const Fill& fill, const std::string& name)
{
    Item item;
    item.name = name;
    Artwork a;
    a.paths = std::move(outline);
    a.stroke = stroke;
    a.fill = fill;
    item.is = std::move(a);
    return withItem(d, layer, std::move(item));
}

Document withLeftover(const Document& d, const std::vector<Id>& lines, Leftover what)
{
    if (what == Leftover::stay) return d;
    if (what == Leftover::go) return withoutItems(d, lines);
    return withItemsChanged(d, lines, [](Item& i) {
        if (Artwork* a = std::get_if<Artwork>(&i.is)) a->guide = true;
    });
}

Document distributed(const Document& d, const std::vector<Id>& items, Along direction)
{
    struct Box1 {
        Id id;
        double from, to;
    };
    std::vector<Box1> all;
    for (const Id id : items)
        if (const Item* i = d.item(id)) {
            const curve::Box b = bounds(*i);
            if (!b.empty()) all.push_back(direction == Along::across ? Box1{id, b.min.x, b.max.x} : Box1{id, b.min.y, b.max.y});
        }
    if (all.size() < 3) return d;
    std::sort(all.begin(), all.end(), [](const Box1& a, const Box1& b) { return a.from + a.to < b.from + b.to; });
    double inside = 0;
    for (const Box1& b : all) inside += b.to - b.from;
    const double space = (all.back().to - all.front().from - inside) / static_cast<double>(all.size() - 1);
    Document out = d;
    double at = all.front().from;
    for (const Box1& b : all) {
        const double by = at - b.from;
        if (by != 0) out = transformed(out, {b.id}, curve::translation(direction == Along::across ? Vec2{by, 0} : Vec2{0, by}));
        at += b.to - b.from + space;
    }
    return out;
}

Paths offset(const Paths& paths, double by, bool mitred)
{
    if (by == 0) return paths;
    planar::Shape shape{paths, false}, band;
    std::vector<planar::Shape> corners;
    const curve::Swell even = curve::tidied({});
    for (const Path& p : paths) {
        for (Path& o : curve::swelledOutline(p, 2 * std::abs(by), even, true, 0.02)) band.contours.push_back(std::move(o));
        if (!mitred || !p.closed) continue;
        // A mitre fills the corner up to where the two offset lines meet, unless that is farther than four times the distance.
        const double side = (curve::area(p) > 0 ? 1 : -1) * (by > 0 ? 1 : -1);
        for (const std::size_t k : curve::cornerNodes(p)) {
            const std::size_t n = p.nodes.size();
            const Vec2 in = curve::endTangent(p.piece((k + n - 1) % n)), out = curve::startTangent(p.piece(k));
            if (cross(in, out) * side <= 0) continue;
            const Vec2 a = -side * perpendicular(in), b = -side * perpendicular(out), half = unit(a + b);
            const double reach = std::abs(by) / std::max(1e-9, dot(half, a));
            if (reach > 4 * std::abs(by)) continue;
            const Vec2 at = p.nodes[k].at;
            corners.push_back({{curve::polyline({at, at + std::abs(by) * a, at + reach * half, at + std::abs(by) * b}, true)}, false});
        }
    }
    // Each corner fills by itself, whichever way it runs.
    corners.push_back(band);
    const planar::Shape ring{planar::combine(corners, planar::Operation::unite), false};
    Paths result = planar::combine({shape, ring}, by > 0 ? planar::Operation::unite : planar::Operation::difference);
    // Where the distance is more than the shape has room for, its inner edge turns inside out: such outlines lie too near.
    std::erase_if(result, [&](const Path& p) {
        for (std::size_t k = 0; k < p.pieceCount(); ++k) {
            const Vec2 q = curve::at(p.piece(k), 0.5);
            double least = 1e300;
            for (const Path& from : paths)
                if (const auto n = curve::nearest(from, q)) least = std::min(least, n->distance);
            if (least < 0.98 * std::abs(by) - 0.1) return true;
        }
        return false;
    });
    return result;
}

Added withOffset(const Document& d, Id item, double by, bool mitred)
{
    const Item* i = d.item(item);
    const Layer* l = d.layerOf(item);
    if (!i || !i->artwork() || !l || l->locked) return {d, 0};
    Item copy = *i;
    Artwork a = *i->artwork();
    a.paths = offset(a.paths, by, mitred);
    forgetSources(a);
    a.fill.evenOdd = false;
    if (a.paths.empty()) return {d, 0};
    copy.is = std::move(a);
    copy.name = i->name.empty() ? "Offset" : i->name + " offset";
    return withItem(d, l->id, std::move(copy));
}

// -- mirrors ---------------------------------------------------------------------------------------------------------

Document withMirror(const Document& d, Id layer, std::optional<mirror::Axis> axis)
{
    return withLayer(d, layer, [&](Layer& l) { l.mirror = axis; });
}

std::vector<Item> mirroredItems(const Layer& layer)
{
    std::vector<Item> other;
    if (!layer.mirror) return other;
    const curve::Affine m = mirror::reflection(*layer.mirror);
    for (const ItemPtr& i : layer.items) {
        if (!i->artwork()) continue;
        Item copy = *i;
        copy.is = transformed(*i->artwork(), m);
        other.push_back(std::move(copy));
    }
    return other;
}

WeldedLayer withWeld(const Document& d, Id layer, double tolerance)
{
    WeldedLayer out{d, 0, 0, 0};
    const Layer* l = d.layer(layer);
    if (!l || l->locked || !l->mirror) return out;
    mirror::WeldOptions options;
    options.tolerance = tolerance;
    const mirror::Axis axis = *l->mirror;
    // The way back: the halves with their mirror, out of sight.
    auto halves = std::make_shared<Layer>(*l);
    halves->id = out.document.nextId++;
    halves->name = l->name + " (halves)";
    halves->shown = false;
    halves->locked = true;
    for (ItemPtr& i : halves->items) {
        auto copy = std::make_shared<Item>(*i);
        copy->id = out.document.nextId++;
        i = copy;
    }
    const auto at = std::find_if(out.document.layers.begin(), out.document.layers.end(), [&](const LayerPtr& k) { return k->id == layer; });
    out.document.layers.insert(at, halves);
    // All lines together, so that what is drawn on both sides is known; each goes back to its item.
    Paths all;
    std::vector<Id> owner;
    for (const ItemPtr& i : l->items)
        if (i->artwork())
            for (const Path& p : i->artwork()->paths) {
                all.push_back(p);
                owner.push_back(i->id);
            }
    const mirror::Welded w = mirror::weld(all, axis, options);
    out.seams = w.joined;
    out.smooth = w.smooth;
    out.copied = w.copied;
    out.document = withLayer(out.document, layer, [&](Layer& now) {
        now.mirror.reset();
        std::vector<ItemPtr> left;
        for (const ItemPtr& i : now.items) {
            if (!i->artwork()) {
                left.push_back(i);
                continue;
            }
            auto whole = std::make_shared<Item>(*i);
            Artwork& a = std::get<Artwork>(whole->is);
            a.paths.clear();
            for (std::size_t k = 0; k < w.paths.size(); ++k)
                if (owner[w.sources[k]] == i->id) a.paths.push_back(w.paths[k]);
            forgetSources(a);
            if (!a.paths.empty()) left.push_back(std::move(whole));
        }
        now.items = std::move(left);
    });
    return out;
}

Taken withMirroredCopies(const Document& d, const std::vector<Id>& items, const mirror::Axis& axis)
{
    const Copies c = withCopies(d, items);
    return {transformed(c.document, c.items, mirror::reflection(axis)), c.items};
}

} // namespace softrope::art
