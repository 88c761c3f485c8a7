#include "art/mirrored.h"

#include "art/edits.h"
#include "art/live.h"
#include "art/tree.h"
#include "mirror/mirror.h"
#include "pixel/shrink.h"
#include "trace/lines.h"
#include "words/said.h"

#include <algorithm>
#include <iterator>
#include <map>
#include <set>

namespace softrope::art {

using curve::Path;
using curve::Paths;

Document withMirror(const Document& d, Id layer, std::optional<mirror::Axis> axis)
{
    return withLayer(d, layer, [&](Layer& l) { l.mirror = axis; });
}

namespace {

bool hasArtwork(const Item& i)
{
    return std::visit(Each{[](const Artwork&) { return true; }, [](const Reference&) { return false; },
                           [](const Group& g) { return std::any_of(g.items.begin(), g.items.end(), [](const ItemPtr& c) { return hasArtwork(*c); }); },
                           [](const Island&) { return true; }},
                      i.is);
}

} // namespace

namespace {

constexpr double overAxis = 0.3; // px that a cut line goes on, under its mirror image

// Pieces that are worked out, and things that are repeated, are not welded one by one: the other side is a copy of all.
bool staysWhole(const Group& g)
{
    return g.derived() || g.repeat();
}

// Only its own lines: what lies inside is clipped by them. A swell is a matter of the whole line, and what is worked out stays whole.
ItemPtr cutAtAxis(const ItemPtr& item, const mirror::Axis& axis)
{
    if (const Artwork* a = item->artwork()) {
        if (a->stroke.swell || a->guide) return item;
        Paths cut;
        for (const Path& p : a->paths) {
            Paths kept = mirror::keptSide(p, axis, overAxis);
            std::move(kept.begin(), kept.end(), std::back_inserter(cut));
        }
        if (cut == *a->paths) return item;
        Item one = *item;
        std::get<Artwork>(one.is).setPaths(std::move(cut));
        return shared(std::move(one));
    }
    if (!item->group() || staysWhole(*item->group())) return item;
    std::vector<ItemPtr> below;
    bool same = true;
    for (const ItemPtr& c : *item->group()->items) {
        below.push_back(cutAtAxis(c, axis));
        same = same && below.back().same(c);
    }
    if (same) return item;
    Item one = *item;
    std::get<Group>(one.is).setItems(std::move(below));
    return shared(std::move(one));
}

} // namespace

std::vector<ItemPtr> shownHalf(const Layer& layer)
{
    if (!layer.mirror) return layer.items;
    std::vector<ItemPtr> out;
    for (const ItemPtr& i : layer.items) out.push_back(cutAtAxis(i, *layer.mirror));
    return out;
}

Document withBothHalves(const Document& d)
{
    Document out = d;
    for (LayerPtr& l : out.layers) {
        if (!l->mirror) continue;
        Layer both = *l;
        both.items = shownHalf(*l);
        const std::vector<ItemPtr> other = mirroredItems(*l);
        both.items.insert(both.items.end(), other.begin(), other.end());
        both.mirror.reset();
        l = shared(std::move(both));
    }
    return out;
}

std::vector<ItemPtr> mirroredItems(const Layer& layer)
{
    std::vector<ItemPtr> other;
    if (!layer.mirror) return other;
    const curve::Affine m = mirror::reflection(*layer.mirror);
    for (const ItemPtr& i : shownHalf(layer))
        if (hasArtwork(*i)) other.push_back(shared(transformed(*i, m)));
    return other;
}

Welded withWelded(const Document& d, const std::vector<Id>& layers, const mirror::Axis& axis, double tolerance, const std::vector<mirror::Seam>& chosen)
{
    Welded out{d};
    mirror::WeldOptions options;
    options.tolerance = tolerance;
    options.chosen = chosen;
    const curve::Affine across = mirror::reflection(axis);
    const auto meant = [&](const Layer* l) { return std::find(layers.begin(), layers.end(), l->id) != layers.end(); };
    // All lines together, so that what is drawn on both sides is known; each goes back to its item. What lies inside an area is
    // mirrored with it, unwelded: it is clipped by the whole.
    Paths all;
    std::vector<Id> owner;
    std::set<Id> repeated; // what lies in a repeat
    eachItem(d, {}, [&](const Item& i, const Where& at) {
        if (at.parent && (repeated.count(at.parent->id) || (at.parent->group() && at.parent->group()->repeat()))) repeated.insert(i.id);
    });
    eachArtwork(d, {true, true, false, false}, [&](const Item& i, const Artwork& a, const Where& w) {
        if (!meant(w.layer) || repeated.count(i.id)) return;
        for (const Path& p : a.paths) {
            all.push_back(p);
            owner.push_back(i.id);
        }
    });
    const mirror::Welded w = mirror::weld(all, axis, options);
    out.seams = w.joined;
    out.smooth = w.smooth;
    out.copied = w.copied;
    out.dropped = w.dropped;
    out.axisLines = w.axisLines;
    std::map<Id, Paths> whole;
    for (std::size_t k = 0; k < w.paths.size(); ++k) whole[owner[w.sources[k]]].push_back(w.paths[k]);
    Id next = d.nextId;
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where& where) {
        if (!meant(where.layer)) return Rebuild::stay();
        if (i->group() && staysWhole(*i->group())) {
            // It is worked out for one side: the other is a copy.
            return Rebuild::by({i, shared(withFreshIds(transformed(*i, across), next))});
        }
        if (!i->artwork()) return Rebuild::below();
        const auto mine = whole.find(i->id);
        if (mine == whole.end()) return i->artwork()->paths.empty() ? Rebuild::stay() : Rebuild::gone();
        Item one = *i;
        Artwork& a = std::get<Artwork>(one.is);
        a.setPaths(std::move(mine->second));
        for (const ItemPtr& c : i->artwork()->inside) a.inside.push_back(shared(withFreshIds(transformed(*c, across), next)));
        return Rebuild::by(shared(std::move(one)));
    });
    out.document.nextId = next;
    return out;
}

std::vector<mirror::Seam> seamsOf(const Document& d, Id layer, double tolerance, const std::vector<mirror::Seam>& chosen)
{
    const Layer* l = d.layer(layer);
    if (!l || !l->mirror) return {};
    Paths all;
    eachArtwork(d, {true, true, false, false}, [&](const Item&, const Artwork& a, const Where& w) {
        if (w.layer->id == layer) all.insert(all.end(), a.paths->begin(), a.paths->end());
    });
    mirror::WeldOptions options;
    options.tolerance = tolerance;
    options.chosen = chosen;
    return mirror::weld(all, *l->mirror, options).seams;
}

Welded withWeld(const Document& d, Id layer, double tolerance, const std::vector<mirror::Seam>& chosen)
{
    Welded out{d};
    const Layer* l = d.layer(layer);
    if (!l || !l->mirror || l->locked) {
        out.why = l && l->mirror ? Refusal::locked : Refusal::doesNotFit;
        return out;
    }
    // The way back: the halves with their mirror, out of sight.
    Document kept = d;
    Layer halves = *l;
    halves.id = kept.nextId++;
    halves.name = words::said("%1 (halves)", {l->name});
    halves.shown = false;
    halves.locked = true;
    Remap ids;
    for (ItemPtr& i : halves.items) i = shared(withIdsOf(*i, kept.nextId, ids));
    for (ItemPtr& i : halves.items) i = shared(withSourcesOf(*i, ids));
    const auto at = std::find_if(kept.layers.begin(), kept.layers.end(), [&](const LayerPtr& k) { return k->id == layer; });
    kept.layers.insert(at, shared(std::move(halves)));
    out = withWelded(kept, {layer}, *l->mirror, tolerance, chosen);
    out.document = withMirror(out.document, layer, std::nullopt);
    return out;
}

std::vector<mirror::FoundAxis> axesOf(const pixel::Picture& picture, const curve::Affine& toSheet, const std::function<bool()>& cancelled)
{
    // Small: where lines end and how they run is seen at the size of a hand's wobble.
    constexpr int side = 1800; // px
    const int step = std::max(1, (std::max(picture.width, picture.height) + side - 1) / side);
    const pixel::Grey grey = pixel::greyOf(picture), small = step > 1 ? pixel::greyOf(pixel::shrunk(picture, step)) : grey;
    trace::LinesOptions o;
    o.slack = 2;
    o.shortest = 16;
    o.cancelled = cancelled;
    curve::Paths lines;
    for (trace::Stroke& s : trace::lines(small, o).strokes) lines.push_back(transformed(s.path, curve::scaling(step, step)));
    if (cancelled && cancelled()) return {};
    const curve::Box page{{0, 0}, {static_cast<double>(grey.width), static_cast<double>(grey.height)}};
    std::vector<mirror::FoundAxis> found = mirror::findAxes(lines, mirror::edgePoints(grey), page);
    for (mirror::FoundAxis& f : found) f.axis = {toSheet * f.axis.through, mirror::lineAngle(curve::angleOf(linear(toSheet, mirror::along(f.axis))))};
    return found;
}

std::vector<mirror::FoundAxis> axesOf(const curve::Paths& lines)
{
    return mirror::findAxes(lines, mirror::edgePoints(lines), std::nullopt);
}

std::vector<mirror::FoundAxis> axesOf(const Document& d, const std::function<std::shared_ptr<const pixel::Picture>(const Reference&)>& picture)
{
    std::shared_ptr<const pixel::Picture> under;
    curve::Affine place;
    curve::Paths lines;
    eachItem(d, {}, [&](const Item& i, const Where& w) {
        if (const Artwork* a = i.artwork(); a && w.shown && !w.derived) lines.insert(lines.end(), a->paths->begin(), a->paths->end());
        const Reference* r = i.reference();
        if (under || !r || !r->picture) return;
        under = picture(*r);
        place = placement(*r);
    });
    if (under)
        if (std::vector<mirror::FoundAxis> found = axesOf(*under, place); !found.empty()) return found;
    return axesOf(lines);
}

Taken withMirroredCopies(const Document& d, const std::vector<Id>& items, const mirror::Axis& axis)
{
    const Taken c = withCopies(d, items);
    return {transformed(c.document, c.items, mirror::reflection(axis)), c.items, c.why};
}

} // namespace softrope::art
