#include "art/document.h"

#include <algorithm>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Vec2;

namespace {

template <class T> bool sameTarget(const std::shared_ptr<const T>& a, const std::shared_ptr<const T>& b)
{
    return a == b || (a && b && *a == *b);
}

bool operator==(const PictureFile& a, const PictureFile& b)
{
    return a.format == b.format && a.width == b.width && a.height == b.height && a.bytes == b.bytes;
}

} // namespace

bool operator==(const Combined& a, const Combined& b)
{
    return a.operation == b.operation &&
           std::equal(a.parts.begin(), a.parts.end(), b.parts.begin(), b.parts.end(), [](const Artwork& x, const Artwork& y) { return x == y; });
}
bool operator==(const Artwork& a, const Artwork& b)
{
    return a.paths == b.paths && a.stroke == b.stroke && a.fill == b.fill && a.guide == b.guide && sameTarget(a.drawn, b.drawn) &&
           sameTarget(a.rounding, b.rounding) && sameTarget(a.combined, b.combined) && sameTarget(a.drop, b.drop);
}

bool operator==(const Reference& a, const Reference& b)
{
    const bool sameCrop = (a.crop.empty() && b.crop.empty()) || a.crop == b.crop;
    const bool samePicture = a.picture == b.picture || (a.picture && b.picture && *a.picture == *b.picture);
    return samePicture && a.centre == b.centre && a.scale == b.scale && a.turn == b.turn && sameCrop && a.flattenLight == b.flattenLight &&
           a.liftPaper == b.liftPaper && a.dim == b.dim;
}

Box shownPart(const Reference& r)
{
    const Box all{{0, 0}, {r.picture ? static_cast<double>(r.picture->width) : 0, r.picture ? static_cast<double>(r.picture->height) : 0}};
    if (r.crop.empty()) return all;
    return {{std::max(all.min.x, r.crop.min.x), std::max(all.min.y, r.crop.min.y)}, {std::min(all.max.x, r.crop.max.x), std::min(all.max.y, r.crop.max.y)}};
}

Affine placement(const Reference& r)
{
    return curve::translation(r.centre) * curve::rotation(r.turn) * curve::scaling(r.scale, r.scale) * curve::translation(-shownPart(r).centre());
}

std::vector<Vec2> frame(const Reference& r)
{
    const Box b = shownPart(r);
    const Affine m = placement(r);
    return {m * b.min, m * Vec2{b.max.x, b.min.y}, m * b.max, m * Vec2{b.min.x, b.max.y}};
}

bool operator==(const Item& a, const Item& b)
{
    if (a.id != b.id || a.name != b.name || a.opacity != b.opacity || a.is.index() != b.is.index()) return false;
    if (const Artwork* x = a.artwork()) return *x == *b.artwork();
    return *a.reference() == *b.reference();
}

bool operator==(const Layer& a, const Layer& b)
{
    return a.id == b.id && a.name == b.name && a.shown == b.shown && a.locked == b.locked && a.opacity == b.opacity && a.mirror == b.mirror &&
           sameTarget(a.tones, b.tones) && sameTarget(a.facets, b.facets) &&
           std::equal(a.items.begin(), a.items.end(), b.items.begin(), b.items.end(), sameTarget<Item>);
}

bool operator==(const Document& a, const Document& b)
{
    return a.title == b.title && a.sheet == b.sheet && a.guides == b.guides && a.inks == b.inks &&
           std::equal(a.layers.begin(), a.layers.end(), b.layers.begin(), b.layers.end(), sameTarget<Layer>);
}

const Layer* Document::layer(Id id) const
{
    for (const LayerPtr& l : layers)
        if (l->id == id) return l.get();
    return nullptr;
}

ItemPtr Document::itemPtr(Id id) const
{
    for (const LayerPtr& l : layers)
        for (const ItemPtr& i : l->items)
            if (i->id == id) return i;
    return nullptr;
}

const Item* Document::item(Id id) const
{
    return itemPtr(id).get();
}

const Layer* Document::layerOf(Id item) const
{
    for (const LayerPtr& l : layers)
        for (const ItemPtr& i : l->items)
            if (i->id == item) return l.get();
    return nullptr;
}

const Ink* Document::ink(Id id) const
{
    for (const Ink& i : inks)
        if (i.id == id) return &i;
    return nullptr;
}

bool Selection::has(Id id) const
{
    return std::find(items.begin(), items.end(), id) != items.end();
}
bool Selection::has(NodeRef n) const
{
    return std::find(nodes.begin(), nodes.end(), n) != nodes.end();
}

Selection pruned(const Selection& s, const Document& d)
{
    Selection out;
    for (const Id id : s.items)
        if (d.item(id)) out.items.push_back(id);
    if (out.items.size() == 1) {
        if (const Artwork* a = d.item(out.items.front())->artwork())
            for (const NodeRef n : s.nodes)
                if (n.path < a->paths.size() && n.node < a->paths[n.path].nodes.size()) out.nodes.push_back(n);
    }
    out.layer = d.layer(s.layer) ? s.layer : (d.layers.empty() ? 0 : d.layers.back()->id);
    return out;
}

Box bounds(const Item& item)
{
    Box b;
    if (const Artwork* a = item.artwork()) {
        b = curve::bounds(a->paths);
        if (a->stroke.colour) b = b.grown(a->stroke.width / 2);
    } else {
        for (const Vec2 p : frame(*item.reference())) b.add(p);
    }
    return b;
}

Box bounds(const Document& d)
{
    Box b;
    for (const LayerPtr& l : d.layers)
        if (l->shown)
            for (const ItemPtr& i : l->items) b.add(bounds(*i));
    return b;
}

Box bounds(const Document& d, const std::vector<Id>& items)
{
    Box b;
    for (const Id id : items)
        if (const Item* i = d.item(id)) b.add(bounds(*i));
    return b;
}

std::size_t nodeCount(const Document& d)
{
    std::size_t n = 0;
    for (const LayerPtr& l : d.layers)
        for (const ItemPtr& i : l->items)
            if (const Artwork* a = i->artwork()) n += curve::nodeCount(a->paths);
    return n;
}

std::vector<OpenEnd> openEnds(const Document& d)
{
    std::vector<OpenEnd> ends;
    for (const LayerPtr& l : d.layers) {
        if (!l->shown || l->locked) continue;
        for (const ItemPtr& i : l->items) {
            const Artwork* a = i->artwork();
            if (!a) continue;
            for (std::size_t k = 0; k < a->paths.size(); ++k) {
                const curve::Path& p = a->paths[k];
                if (p.closed || p.empty()) continue;
                ends.push_back({i->id, k, true, p.nodes.front().at});
                if (p.nodes.size() > 1) ends.push_back({i->id, k, false, p.nodes.back().at});
            }
        }
    }
    return ends;
}

Document newDocument(Sheet sheet)
{
    Document d;
    d.sheet = sheet;
    auto layer = std::make_shared<Layer>();
    layer->id = d.nextId++;
    layer->name = "Lines";
    d.layers.push_back(layer);
    return d;
}

} // namespace softrope::art
