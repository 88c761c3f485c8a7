#include "art/edits.h"

#include <algorithm>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Vec2;

Added withNewLayer(const Document& d, const std::string& name, Id above)
{
    Added out{d, d.nextId};
    auto layer = std::make_shared<Layer>();
    layer->id = out.document.nextId++;
    layer->name = name;
    auto at = std::find_if(out.document.layers.begin(), out.document.layers.end(), [&](const LayerPtr& l) { return l->id == above; });
    if (at != out.document.layers.end()) ++at;
    out.document.layers.insert(at, layer);
    return out;
}

Document withoutLayer(const Document& d, Id layer)
{
    Document out = d;
    out.layers.erase(std::remove_if(out.layers.begin(), out.layers.end(), [&](const LayerPtr& l) { return l->id == layer; }), out.layers.end());
    return out;
}

Document withLayer(const Document& d, Id layer, const std::function<void(Layer&)>& change)
{
    Document out = d;
    for (LayerPtr& l : out.layers)
        if (l->id == layer) {
            auto copy = std::make_shared<Layer>(*l);
            change(*copy);
            if (!(*copy == *l)) l = copy;
        }
    return out;
}

Document withLayerMoved(const Document& d, Id layer, int steps)
{
    Document out = d;
    const auto at = std::find_if(out.layers.begin(), out.layers.end(), [&](const LayerPtr& l) { return l->id == layer; });
    if (at == out.layers.end()) return d;
    const auto from = at - out.layers.begin();
    const auto to = std::clamp<std::ptrdiff_t>(from + steps, 0, static_cast<std::ptrdiff_t>(out.layers.size()) - 1);
    const LayerPtr moved = *at;
    out.layers.erase(at);
    out.layers.insert(out.layers.begin() + to, moved);
    return out;
}

Added withItem(const Document& d, Id layer, Item item)
{
    Added out{d, 0};
    if (layer == 0)
        for (const LayerPtr& l : d.layers)
            if (!l->locked) layer = l->id;
    const Layer* target = d.layer(layer);
    if (!target || target->locked) return out;
    item.id = out.id = out.document.nextId++;
    const auto kept = std::make_shared<const Item>(std::move(item));
    out.document = withLayer(out.document, layer, [&](Layer& l) { l.items.push_back(kept); });
    return out;
}

Document withoutItems(const Document& d, const std::vector<Id>& items)
{
    const auto goes = [&](const ItemPtr& i) { return std::find(items.begin(), items.end(), i->id) != items.end(); };
    Document out = d;
    for (const LayerPtr& l : d.layers)
        if (!l->locked && std::any_of(l->items.begin(), l->items.end(), goes))
            out = withLayer(out, l->id, [&](Layer& copy) { copy.items.erase(std::remove_if(copy.items.begin(), copy.items.end(), goes), copy.items.end()); });
    return out;
}

Document withItemChanged(const Document& d, Id item, const std::function<void(Item&)>& change)
{
    return withItemsChanged(d, {item}, change);
}

Document withItemsChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Item&)>& change)
{
    Document out = d;
    for (LayerPtr& l : out.layers) {
        if (l->locked) continue;
        std::shared_ptr<Layer> copy;
        for (std::size_t k = 0; k < l->items.size(); ++k) {
            if (std::find(items.begin(), items.end(), l->items[k]->id) == items.end()) continue;
            auto changed = std::make_shared<Item>(*l->items[k]);
            change(*changed);
            changed->id = l->items[k]->id;
            if (*changed == *l->items[k]) continue;
            if (!copy) copy = std::make_shared<Layer>(*l);
            copy->items[k] = changed;
        }
        if (copy) l = copy;
    }
    return out;
}

Artwork transformed(Artwork a, const Affine& m)
{
    const double scale = curve::meanScale(m);
    for (curve::Path& p : a.paths) p = curve::transformed(p, m);
    if (a.fill.gradient) {
        auto g = std::make_shared<Gradient>(*a.fill.gradient);
        g->place = m * g->place;
        a.fill.gradient = g;
    }
    if (a.drop) {
        auto drop = std::make_shared<Drop>(*a.drop);
        drop->seed = m * drop->seed;
        a.drop = drop;
    }
    if (!a.stroke.keepsWidth) a.stroke.width *= scale;
    if (a.drawn) {
        auto drawn = std::make_shared<Drawn>(*a.drawn);
        for (HandSample& s : drawn->samples) s.at = m * s.at;
        drawn->slack *= scale;
        drawn->grain *= scale;
        a.drawn = drawn;
    }
    if (a.rounding) {
        auto r = std::make_shared<Rounding>(*a.rounding);
        for (curve::Path& p : r->before) p = curve::transformed(p, m);
        for (auto& path : r->radii)
            for (curve::CornerRadius& c : path) c.radius *= scale;
        a.rounding = r;
    }
    if (a.combined) {
        auto c = std::make_shared<Combined>(*a.combined);
        for (Artwork& part : c->parts) part = transformed(std::move(part), m);
        a.combined = c;
    }
    return a;
}

Document transformed(const Document& d, const std::vector<Id>& items, const Affine& m)
{
    const double scale = curve::meanScale(m);
    return withItemsChanged(d, items, [&](Item& i) {
        if (Artwork* a = std::get_if<Artwork>(&i.is)) {
            *a = transformed(std::move(*a), m);
        } else if (Reference* r = std::get_if<Reference>(&i.is)) {
            r->centre = m * r->centre;
            r->scale *= scale;
            r->turn += std::atan2(m.b - m.c, m.a + m.d);
        }
    });
}

Copies withCopies(const Document& d, const std::vector<Id>& items)
{
    Copies out{d, {}};
    for (const LayerPtr& l : d.layers) {
        if (l->locked) continue;
        for (const ItemPtr& i : l->items) {
            if (std::find(items.begin(), items.end(), i->id) == items.end()) continue;
            Added a = withItem(out.document, l->id, *i);
            out.document = std::move(a.document);
            out.items.push_back(a.id);
        }
    }
    return out;
}

void forgetSources(Artwork& a)
{
    a.drawn.reset();
    a.rounding.reset();
    a.combined.reset();
    a.drop.reset();
}

Document withPaths(const Document& d, Id item, curve::Paths paths)
{
    return withItemChanged(d, item, [&](Item& i) {
        if (Artwork* a = std::get_if<Artwork>(&i.is)) {
            if (a->paths == paths) return;
            a->paths = std::move(paths);
            forgetSources(*a);
        }
    });
}

Document withEndsJoined(const Document& d, const OpenEnd& first, const OpenEnd& second)
{
    const Item *u = d.item(first.item), *v = d.item(second.item);
    if (!u || !v || !u->artwork() || !v->artwork()) return d;
    if (first.path >= u->artwork()->paths.size() || second.path >= v->artwork()->paths.size()) return d;
    const Vec2 meet = lerp(first.at, second.at, 0.5);
    const auto moved = [&](curve::Node n) {
        const Vec2 by = meet - n.at;
        return curve::Node{meet, n.in + by, n.out + by, n.kind};
    };
    const auto seam = [](const curve::Node& end, const curve::Node& start) {
        curve::Node n{end.at, end.in, start.out, curve::NodeKind::corner};
        const Vec2 a = n.at - n.in, b = n.out - n.at;
        if (squaredLength(a) > 0 && squaredLength(b) > 0 && std::abs(curve::turn(a, b)) < 0.01) n.kind = curve::NodeKind::smooth;
        return n;
    };
    if (first.item == second.item && first.path == second.path) {
        curve::Paths paths = u->artwork()->paths;
        curve::Path& p = paths[first.path];
        if (p.closed || p.nodes.size() < 3 || first.atStart == second.atStart) return d;
        const curve::Node joined = seam(moved(p.nodes.back()), moved(p.nodes.front()));
        p.nodes.pop_back();
        p.nodes.front() = joined;
        p.closed = true;
        return withPaths(d, first.item, paths);
    }
    curve::Path a = u->artwork()->paths[first.path], b = v->artwork()->paths[second.path];
    if (first.atStart) a = curve::reversed(a);
    if (!second.atStart) b = curve::reversed(b);
    const curve::Node joined = seam(moved(a.nodes.back()), moved(b.nodes.front()));
    a.nodes.back() = joined;
    a.nodes.insert(a.nodes.end(), b.nodes.begin() + 1, b.nodes.end());
    curve::Paths mine = u->artwork()->paths;
    mine[first.path] = a;
    if (first.item == second.item) {
        mine.erase(mine.begin() + static_cast<long>(second.path));
        return withPaths(d, first.item, mine);
    }
    curve::Paths theirs = v->artwork()->paths;
    theirs.erase(theirs.begin() + static_cast<long>(second.path));
    Document out = withPaths(d, first.item, mine);
    return theirs.empty() ? withoutItems(out, {second.item}) : withPaths(out, second.item, theirs);
}

Document alignedTo(const Document& d, const std::vector<Id>& items, const Box& to, Side side)
{
    Document out = d;
    for (const Id id : items) {
        const Item* i = out.item(id);
        if (!i) continue;
        const Box b = bounds(*i);
        if (b.empty()) continue;
        Vec2 by;
        switch (side) {
        case Side::left: by.x = to.min.x - b.min.x; break;
        case Side::centre: by.x = to.centre().x - b.centre().x; break;
        case Side::right: by.x = to.max.x - b.max.x; break;
        case Side::top: by.y = to.min.y - b.min.y; break;
        case Side::middle: by.y = to.centre().y - b.centre().y; break;
        case Side::bottom: by.y = to.max.y - b.max.y; break;
        }
        out = transformed(out, {id}, curve::translation(by));
    }
    return out;
}

Document alignedToSheet(const Document& d, const std::vector<Id>& items, Side side)
{
    return alignedTo(d, items, {{0, 0}, {d.sheet.width, d.sheet.height}}, side);
}

Document alignedToEachOther(const Document& d, const std::vector<Id>& items, Side side)
{
    return alignedTo(d, items, bounds(d, items), side);
}

Added withReference(const Document& d, std::shared_ptr<const PictureFile> picture, const std::string& name, double dim)
{
    Reference r;
    r.picture = std::move(picture);
    r.centre = {d.sheet.width / 2, d.sheet.height / 2};
    if (r.picture && r.picture->width > 0 && r.picture->height > 0) r.scale = std::min(d.sheet.width / r.picture->width, d.sheet.height / r.picture->height);
    r.dim = dim;
    Added out{d, 0};
    auto layer = std::make_shared<Layer>();
    layer->id = out.document.nextId++;
    layer->name = name + ", reference";
    layer->locked = true;
    auto item = std::make_shared<Item>();
    item->id = out.id = out.document.nextId++;
    item->name = name;
    item->is = r;
    layer->items.push_back(item);
    // Above other references, below everything that is artwork.
    auto at = out.document.layers.begin();
    while (at != out.document.layers.end() && !(*at)->items.empty() && (*at)->items.front()->reference()) ++at;
    out.document.layers.insert(at, layer);
    return out;
}

Document withSheet(const Document& d, const Sheet& sheet)
{
    Document out = d;
    out.sheet = sheet;
    out.sheet.width = std::clamp(std::isfinite(sheet.width) ? sheet.width : 1080.0, 1.0, 100000.0);
    out.sheet.height = std::clamp(std::isfinite(sheet.height) ? sheet.height : 1080.0, 1.0, 100000.0);
    return out;
}

Added withGuide(const Document& d, Vec2 through, double angle)
{
    Added out{d, d.nextId};
    out.document.guides.push_back({out.document.nextId++, through, angle});
    return out;
}

Document withoutGuide(const Document& d, Id guide)
{
    Document out = d;
    out.guides.erase(std::remove_if(out.guides.begin(), out.guides.end(), [&](const Guide& g) { return g.id == guide; }), out.guides.end());
    return out;
}

Document withTitle(const Document& d, const std::string& title)
{
    Document out = d;
    out.title = title;
    return out;
}

} // namespace softrope::art
