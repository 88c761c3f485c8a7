#include "art/edits.h"

#include "art/lettering.h"
#include "art/live.h"
#include "art/looks.h"
#include "art/repeat.h"
#include "art/tree.h"
#include "curve/comb.h"
#include "curve/similarity.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <unordered_set>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Vec2;

Refusal refusalOf(const Document& d, const std::vector<Id>& items)
{
    const std::unordered_set<Id> wanted(items.begin(), items.end());
    bool any = false, locked = false, derived = false;
    eachItem(d, {}, [&](const Item& i, const Where& w) {
        if (!wanted.count(i.id)) return;
        any = true;
        locked = locked || w.locked;
        derived = derived || w.derived;
    });
    return !any ? Refusal::nothingPicked : locked ? Refusal::locked : derived ? Refusal::derived : Refusal::none;
}

Id lockedBy(const Document& d, Id item)
{
    const Layer* l = d.layerOf(item);
    if (!l) return 0;
    if (l->locked) return l->id;
    for (const Item* i : d.ancestorsOf(item))
        if (i->locked) return i->id;
    return d.item(item)->locked ? item : 0;
}

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

Edited withoutLayer(const Document& d, Id layer)
{
    const Layer* l = d.layer(layer);
    if (!l) return {d, Refusal::nothingPicked};
    if (l->locked) return {d, Refusal::locked};
    if (d.layers.size() < 2) return {d, Refusal::tooFew};
    Document out = d;
    std::erase_if(out.layers, [&](const LayerPtr& k) { return k->id == layer; });
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

Item withFreshIds(const Item& item, Id& next)
{
    Remap ids;
    return remapped(item, next, ids);
}

Added withItem(const Document& d, Id layer, Item item)
{
    if (layer == 0)
        for (const LayerPtr& l : d.layers)
            if (!l->locked) layer = l->id;
    const Layer* target = d.layer(layer);
    if (!target) return {d, 0, Refusal::nothingPicked};
    if (target->locked) return {d, 0, Refusal::locked};
    Taken t = withItems(d, layer, {std::move(item)});
    return {std::move(t.document), t.items.front()};
}

Taken withItems(const Document& d, Id layer, std::vector<Item> items)
{
    if (!d.layer(layer)) return {d, {}, Refusal::nothingPicked};
    Taken out{d, {}};
    Id next = d.nextId;
    Remap ids; // together: what one is made from may be another of them
    std::vector<ItemPtr> fresh;
    for (const Item& i : items) {
        fresh.push_back(shared(withIdsOf(i, next, ids)));
        out.items.push_back(fresh.back()->id);
    }
    for (ItemPtr& i : fresh) i = shared(withSourcesOf(*i, ids));
    out.document = withLayer(d, layer, [&](Layer& l) { l.items.insert(l.items.end(), fresh.begin(), fresh.end()); });
    out.document.nextId = next;
    return out;
}

namespace {

// Whether a thing may be worked on by hand, and the reason when it may not.
Refusal refusalAt(const Where& w)
{
    return w.locked ? Refusal::locked : w.derived ? Refusal::derived : Refusal::none;
}

// Groups among these that hold nothing any more go, but for those whose recipe may fill them again.
Document withoutEmptyGroups(const Document& d, const std::unordered_set<Id>& among)
{
    return rebuilt(d, [&](const ItemPtr& i, const Where&) {
        const Group* g = i->group();
        const bool goes = g && g->items.empty() && !g->derived() && among.count(i->id) != 0;
        return goes ? Rebuild::gone() : Rebuild::below();
    });
}

} // namespace

namespace {

// Changed by itself, a thing no longer wears the look it is named after.
void letGoOfLook(const Document& d, const Item& before, Item& after)
{
    if (after.look == 0 || after.look != before.look) return;
    const NamedLook* look = d.look(after.look);
    if (!look || (wears(before, *look, d.light) && !wears(after, *look, d.light))) after.look = 0;
}

// Each of the things that may be worked on by hand; those below one that is replaced are not asked.
Edited withChosen(const Document& d, const std::vector<Id>& items, const Rebuilder& act)
{
    const std::unordered_set<Id> wanted(items.begin(), items.end());
    Refusal why = Refusal::nothingPicked;
    bool any = false;
    Document out = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (!wanted.count(i->id)) return Rebuild::below();
        if (const Refusal held = refusalAt(w); held != Refusal::none) {
            why = held;
            return Rebuild::stay();
        }
        any = true;
        return act(i, w);
    });
    return {std::move(out), any ? Refusal::none : why};
}

} // namespace

Edited withoutItems(const Document& d, const std::vector<Id>& items)
{
    std::unordered_set<Id> round; // groups that lose something
    Edited out = withChosen(d, items, [&](const ItemPtr& i, const Where& w) {
        if (w.parent)
            for (const Item* a : d.ancestorsOf(i->id)) round.insert(a->id);
        return Rebuild::gone();
    });
    // A group in a group may be empty only once the inner one is gone.
    for (bool again = !round.empty(); again;) {
        Document next = withoutEmptyGroups(out.document, round);
        again = !(next == out.document);
        out.document = std::move(next);
    }
    return out;
}

Edited withItemChanged(const Document& d, Id item, const std::function<void(Item&)>& change)
{
    return withItemsChanged(d, {item}, change);
}

Edited withItemsChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Item&)>& change)
{
    return withChosen(d, items, [&](const ItemPtr& i, const Where&) {
        Item changed = *i;
        change(changed);
        changed.id = i->id;
        letGoOfLook(d, *i, changed);
        return changed == *i ? Rebuild::stay() : Rebuild::by(shared(std::move(changed)));
    });
}

namespace {

bool changeArtwork(Item& i, const std::function<void(Artwork&)>& change)
{
    if (Artwork* a = std::get_if<Artwork>(&i.is)) {
        change(*a);
        return true;
    }
    const Group* g = i.group();
    if (!g || g->derived()) return false;
    std::vector<ItemPtr> children;
    bool any = false;
    for (const ItemPtr& c : g->items) {
        Item one = *c;
        any = (!one.locked && changeArtwork(one, change)) || any;
        children.push_back(one == *c ? c : shared(std::move(one)));
    }
    if (any) i = withChildren(i, std::move(children));
    return any;
}

} // namespace

Edited withArtworkChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Artwork&)>& change)
{
    bool any = false;
    Edited out = withItemsChanged(d, items, [&](Item& i) { any = changeArtwork(i, change) || any; });
    if (!any && out.done()) out.why = Refusal::doesNotFit;
    return out;
}

Edited withTraits(const Document& d, const std::vector<Id>& items, const Traits& t)
{
    const std::unordered_set<Id> wanted(items.begin(), items.end());
    Refusal why = Refusal::nothingPicked;
    bool any = false;
    Document out = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (!wanted.count(i->id)) return Rebuild::below();
        const bool heldRound = w.locked && !i->locked;
        // The lock keeps the rest of its item as it is; showing and hiding is how one looks.
        const bool held = w.locked && (t.name || t.opacity || t.blend || t.blur) && t.locked != false;
        const Refusal not_ = heldRound || held || w.layer->locked ? Refusal::locked : w.derived ? Refusal::derived : Refusal::none;
        if (not_ != Refusal::none) {
            why = not_;
            return Rebuild::stay();
        }
        any = true;
        Item c = *i;
        c.shown = t.shown.value_or(c.shown);
        c.locked = t.locked.value_or(c.locked);
        c.name = t.name.value_or(c.name);
        if (t.opacity && std::isfinite(*t.opacity)) c.opacity = std::clamp(*t.opacity, 0.0, 1.0);
        c.blend = t.blend.value_or(c.blend);
        if (t.blur && std::isfinite(*t.blur)) c.blur = std::clamp(*t.blur, 0.0, mostBlur);
        if (c == *i) return Rebuild::below();
        letGoOfLook(d, *i, c);
        return Rebuild::changed(shared(std::move(c)));
    });
    return {std::move(out), any ? Refusal::none : why};
}

Artwork transformed(Artwork a, const Affine& m)
{
    curve::Paths paths = a.paths;
    for (curve::Path& p : paths) p = curve::transformed(p, m);
    Recipe live = transformed(*a.live, m);
    // Round corners stay round where the shape is stretched.
    if (a.rounding() && !curve::keepsShapes(m)) paths = give(live, a).value_or(std::move(paths));
    // Words on a line are laid anew: it may be taken back alone, and would then be what they were made from.
    const bool onLine = a.lettering() && a.lettering()->way == Lettering::Way::along;
    a.setDerived(std::move(paths), std::move(live), onLine ? 0 : a.made);
    a.fill = transformed(std::move(a.fill), m);
    a.stroke = transformed(std::move(a.stroke), m);
    for (ItemPtr& i : a.inside) i = shared(transformed(*i, m));
    return a;
}

Item transformed(Item item, const Affine& m)
{
    std::visit(Each{[&](Artwork& a) { a = transformed(std::move(a), m); },
                    [&](Reference& r) {
                        r.centre = m * r.centre;
                        r.scale *= curve::meanScale(m);
                        r.turn += std::atan2(m.b - m.c, m.a + m.d);
                    },
                    [&](Group& g) {
                        if (g.tones() && g.derived()) return; // it lies where its picture lies
                        std::vector<ItemPtr> items;
                        for (const ItemPtr& i : g.items) items.push_back(shared(transformed(*i, m)));
                        GroupRecipe live = transformed(*g.live, m);
                        // Even gaps stay even, gradients across.
                        if (g.derived() && !curve::keepsShapes(m)) items = give(live, g).value_or(std::move(items));
                        const Key made = g.repeat() ? settleRepeat(live, g, items, m) : g.made;
                        g.setDerived(std::move(items), std::move(live), made);
                    },
                    [&](Island& island) { island.place = m * island.place; }},
               item.is);
    item.blur = std::min(item.blur * curve::meanScale(m), mostBlur);
    return item;
}

namespace {

// What was moved, with parts in it that follow things which may have stayed.
struct Settling {
    const Document& before;
    const std::vector<Id>& moved;
    const Affine& m;

    bool goes(Id id) const
    {
        const auto among = [this](Id i) { return std::find(moved.begin(), moved.end(), i) != moved.end(); };
        const std::vector<const Item*> round = before.ancestorsOf(id);
        return among(id) || std::any_of(round.begin(), round.end(), [&](const Item* i) { return among(i->id); });
    }
    // `inside`: with the area round it.
    void settle(Item& item, bool inside) const
    {
        const auto all = [this](std::vector<ItemPtr> items, bool within) {
            for (ItemPtr& i : items) {
                Item below = *i;
                settle(below, within);
                if (!(below == *i)) i = shared(std::move(below));
            }
            return items;
        };
        std::visit(Each{[&](Artwork& a) {
                            if (a.crescent() && !inside) a.set(); // what the hand made of it
                            if (a.lettering()) settleWords(a);
                            a.inside = all(a.inside, true);
                        },
                        [](Reference&) {},
                        [&](Group& g) {
                            if (g.repeat()) settleRow(g);
                            if (!g.derived()) g.setItems(all(g.items, inside));
                        },
                        [](Island&) {}},
                   item.is);
    }
    // A row whose line stayed stands beside it from now on, as it was moved.
    void settleRow(Group& g) const
    {
        const Repeat* now = g.repeat();
        const Item* line = now->way == Repeat::Way::along ? before.item(now->line) : nullptr;
        if (!line || !line->artwork() || now->outline >= line->artwork()->paths.size() || goes(now->line)) return;
        g.setDerived(g.items, shared(besideLine(*now, m, line->artwork()->paths->at(now->outline))), g.made);
    }
    // Words whose line stayed slide along it; of another size, they are laid on it anew.
    void settleWords(Artwork& a) const
    {
        Lettering l = *a.lettering();
        if (l.way != Lettering::Way::along || !before.item(l.line) || goes(l.line)) return;
        l.was = lineOf(before, l);
        if (m.a == 1 && m.b == 0 && m.c == 0 && m.d == 1) l = slid(l, l.was, {m.e, m.f});
        if (determinant(m) < 0) l.mirrored = !l.mirrored; // a line that stays does not turn them over
        const Key key = letteringKey(before, l);
        if (auto paths = letteringPaths(l, l.was)) a.setDerived(std::move(*paths), shared(std::move(l)), key);
    }
};

} // namespace

Edited transformed(const Document& d, const std::vector<Id>& items, const Affine& m)
{
    const Settling settling{d, items, m};
    // Only what grows or goes far can get out of reach: a drag is not asked about.
    const bool far = curve::meanScale(m) > 1 || !(std::abs(m.e) + std::abs(m.f) < 1e6);
    bool inReach = true;
    Edited out = withItemsChanged(d, items, [&](Item& i) {
        i = transformed(std::move(i), m);
        settling.settle(i, false);
        if (!far) return;
        const Box b = bounds(i);
        inReach = inReach && (b.empty() || withinReach(curve::rectangle(b.min, b.max)));
    });
    if (!inReach) return {d, Refusal::doesNotFit};
    return out;
}

bool withinReach(const curve::Path& path)
{
    const auto near = [](Vec2 p) { return std::abs(p.x) <= farthest && std::abs(p.y) <= farthest; }; // no for what is no number
    return std::all_of(path.nodes.begin(), path.nodes.end(), [&](const curve::Node& n) { return near(n.at) && near(n.in) && near(n.out); });
}

Taken withCopies(const Document& d, const std::vector<Id>& items)
{
    const std::unordered_set<Id> wanted(items.begin(), items.end());
    Taken out{d, {}, Refusal::nothingPicked};
    Id next = d.nextId;
    Remap ids;
    std::vector<Id> made;
    // Each list of items gets the copies of its own on top.
    std::map<Id, std::vector<ItemPtr>> copies; // by parent, or layer
    eachItem(d, {}, [&](const Item& i, const Where& w) {
        if (!wanted.count(i.id)) return;
        for (const Item* a : d.ancestorsOf(i.id))
            if (wanted.count(a->id)) return; // goes with that
        const Refusal not_ = refusalAt(w);
        if (not_ != Refusal::none) {
            if (out.items.empty()) out.why = not_;
            return;
        }
        std::vector<ItemPtr>& beside = copies[w.parent ? w.parent->id : w.layer->id];
        beside.push_back(shared(withIdsOf(i, next, ids)));
        out.items.push_back(beside.back()->id);
    });
    if (out.items.empty()) return out;
    out.why = Refusal::none;
    for (auto& [where, list] : copies)
        for (ItemPtr& i : list) i = shared(withSourcesOf(*i, ids));
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where&) {
        const auto mine = copies.find(i->id);
        if (mine == copies.end()) return Rebuild::below();
        std::vector<ItemPtr> children = childrenOf(*i);
        children.insert(children.end(), mine->second.begin(), mine->second.end());
        return Rebuild::by(shared(withChildren(*i, std::move(children))));
    });
    for (LayerPtr& l : out.document.layers)
        if (const auto mine = copies.find(l->id); mine != copies.end()) {
            auto copy = std::make_shared<Layer>(*l);
            copy->items.insert(copy->items.end(), mine->second.begin(), mine->second.end());
            l = copy;
        }
    out.document.nextId = next;
    return out;
}

Edited withPaths(const Document& d, Id item, curve::Paths paths)
{
    return withArtworkChanged(d, {item}, [&](Artwork& a) { a.setPaths(std::move(paths)); });
}

Edited withDerived(const Document& d, Id item, curve::Paths paths, Recipe recipe, Key made)
{
    return withArtworkChanged(d, {item}, [&](Artwork& a) { a.setDerived(std::move(paths), std::move(recipe), made); });
}

Edited withSet(const Document& d, const std::vector<Id>& items)
{
    return withItemsChanged(d, items, [](Item& i) {
        std::visit(Each{[](Artwork& a) { a.set(); }, [](Reference&) {}, [](Group& g) { g.set(); }, [](Island&) {}}, i.is);
    });
}

FairerLines withLinesFairer(const Document& d, const std::vector<Id>& items, double slack)
{
    FairerLines out;
    out.edited = withArtworkChanged(d, items, [&](Artwork& a) {
        curve::Paths paths = a.paths;
        for (curve::Path& p : paths) {
            curve::Fairer f = curve::fairer(p, slack);
            out.before += f.before;
            out.after += f.after;
            out.furthest = std::max(out.furthest, f.furthest);
            p = std::move(f.path);
        }
        if (paths != a.paths) a.setPaths(std::move(paths));
    });
    return out;
}

Edited withLinesTurnedRound(const Document& d, const std::vector<Id>& items)
{
    return withArtworkChanged(d, items, [](Artwork& a) {
        curve::Paths paths = a.paths;
        for (curve::Path& p : paths) p = curve::reversed(p);
        a.setPaths(std::move(paths));
    });
}

Edited withLinesClosed(const Document& d, const std::vector<Id>& items)
{
    return withArtworkChanged(d, items, [](Artwork& a) {
        curve::Paths paths = a.paths;
        for (curve::Path& p : paths)
            if (p.nodes.size() > 2) p.closed = true;
        a.setPaths(std::move(paths));
    });
}

Edited withEndsJoined(const Document& d, const OpenEnd& first, const OpenEnd& second)
{
    const Item *u = d.item(first.item), *v = d.item(second.item);
    if (!u || !v || !u->artwork() || !v->artwork()) return {d, Refusal::nothingPicked};
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

Added withReference(const Document& d, Shared<PictureFile> picture, const std::string& name, double dim)
{
    Reference r;
    r.picture = std::move(picture);
    r.centre = {d.sheet.width / 2, d.sheet.height / 2};
    if (r.picture && r.picture->width > 0 && r.picture->height > 0) r.scale = std::min(d.sheet.width / r.picture->width, d.sheet.height / r.picture->height);
    r.dim = dim;
    Added out{d, 0};
    auto layer = std::make_shared<Layer>();
    layer->id = out.document.nextId++;
    layer->name = words::said("%1, reference", {name});
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

Document withAbout(const Document& d, const About& about)
{
    Document out = d;
    out.about = about;
    return out;
}

} // namespace softrope::art
