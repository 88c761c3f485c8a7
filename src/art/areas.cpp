#include "art/areas.h"

#include "art/edits.h"
#include "art/ends.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "words/said.h"

#include <algorithm>
#include <map>

namespace softrope::art {

using curve::Path;
using curve::Paths;

namespace {

constexpr double underLines = 0.6; // px: a pixel on the border is covered whole from either side

void addLines(const std::vector<ItemPtr>& items, DrawnLines& all)
{
    for (const ItemPtr& i : items) {
        if (!i->shown) continue;
        if (const Group* g = i->group(); g && !g->derived()) addLines(*g->items, all);
        const Artwork* a = i->artwork();
        if (!a || a->drop() || a->lettering()) continue; // words enclose areas once they are shapes
        for (const Path& p : a->paths) {
            all.paths.push_back(p);
            all.items.push_back(i->id);
        }
    }
}

} // namespace

DrawnLines drawnLines(const Document& d)
{
    DrawnLines all = linesAsDrawn(d);
    const std::vector<EndOnLine> ends = endsOnLines(d);
    if (ends.empty()) return all;
    std::map<std::pair<Id, std::size_t>, std::vector<const EndOnLine*>> byPath;
    for (const EndOnLine& e : ends) byPath[{e.end.item, e.end.path}].push_back(&e);
    std::map<Id, std::size_t> count; // paths of the item so far; a mirrored item's follow once more and stay as they are
    for (std::size_t k = 0; k < all.paths.size(); ++k) {
        const auto at = byPath.find({all.items[k], count[all.items[k]]++});
        if (at == byPath.end()) continue;
        for (const EndOnLine* e : at->second) {
            curve::Node& n = e->end.atStart ? all.paths[k].nodes.front() : all.paths[k].nodes.back();
            const curve::Vec2 by = e->foot - n.at;
            n = {n.at + by, n.in + by, n.out + by, n.kind};
        }
    }
    return all;
}

DrawnLines linesAsDrawn(const Document& d)
{
    DrawnLines all;
    for (const LayerPtr& l : d.layers) {
        if (!l->shown) continue;
        addLines(l->items, all);
        if (l->mirror) addLines(mirroredItems(*l), all);
    }
    return all;
}

std::vector<Item> areaShapes(const planar::Map& map, double overlap)
{
    std::vector<int> areas = map.areas();
    const auto& faces = map.faces();
    std::sort(areas.begin(), areas.end(), [&](int a, int b) {
        const double x = faces[static_cast<std::size_t>(a)].area, y = faces[static_cast<std::size_t>(b)].area;
        return x != y ? x > y : a < b;
    });
    std::vector<Item> out;
    for (Paths& outline : map.outlines(areas)) {
        Artwork a;
        a.setPaths(std::move(outline));
        a.stroke.colour.reset();
        a.fill.colour = Colour{184, 184, 184};
        a.fill.overlap = overlap;
        Item item;
        item.name = words::said("Area %1", {std::to_string(out.size() + 1)});
        item.is = std::move(a);
        out.push_back(std::move(item));
    }
    return out;
}

Added withAreasUnderLines(const Document& d, const planar::Map& map)
{
    // Under the lowest layer that holds any line.
    Id lowestLayer = 0;
    eachArtwork(d, {}, [&](const Item&, const Artwork&, const Where& w) {
        if (!lowestLayer) lowestLayer = w.layer->id;
    });
    Document out = d;
    Layer layer;
    layer.id = out.nextId++;
    layer.name = words::said("Colour areas");
    const Id id = layer.id;
    const auto lowest = std::find_if(d.layers.begin(), d.layers.end(), [&](const LayerPtr& l) { return l->id == lowestLayer; });
    out.layers.insert(out.layers.begin() + (lowest - d.layers.begin()), shared(std::move(layer)));
    return {withItems(out, id, areaShapes(map, underLines)).document, id};
}

Added withShape(const Document& d, Id layer, Paths outline, const Stroke& stroke, const Fill& fill, const std::string& name)
{
    Item item;
    item.name = name;
    Artwork a;
    a.setPaths(std::move(outline));
    a.stroke = stroke;
    a.fill = fill;
    item.is = std::move(a);
    return withItem(d, layer, std::move(item));
}

Edited withLeftover(const Document& d, const std::vector<Id>& lines, Leftover what)
{
    if (what == Leftover::stay) return d;
    if (what == Leftover::go) return withoutItems(d, lines);
    return withArtworkChanged(d, lines, [](Artwork& a) { a.guide = true; });
}

} // namespace softrope::art
