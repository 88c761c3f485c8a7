#include "art/drops.h"

#include "curve/edit.h"
#include "curve/polygon.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

using curve::Paths;
using curve::Vec2;

namespace {

constexpr double underLines = 0.6; // px a drop reaches under its neighbours, as areas under lines do
constexpr double leastScore = 0.8; // of a drop and an area; less is chance
constexpr double grownBy = 1.15;   // an area that lost a line and grew by more has run out

std::size_t shared(const std::vector<LineSide>& a, const std::vector<LineSide>& b)
{
    return static_cast<std::size_t>(std::count_if(a.begin(), a.end(), [&](LineSide x) { return std::find(b.begin(), b.end(), x) != b.end(); }));
}

double sizeOf(const Paths& outline)
{
    double sum = 0;
    for (const curve::Path& p : outline) sum += curve::area(p);
    return std::abs(sum);
}

// Middles of the stretches of the outline that no line runs along any more, longest first, three at most.
std::vector<Vec2> leaksOf(const Paths& outline, const DrawnLines& lines, double tolerance)
{
    struct Gap {
        double length = 0;
        Vec2 middle;
    };
    std::vector<Gap> gaps;
    const curve::Box near = curve::bounds(outline).grown(tolerance);
    std::vector<std::vector<Vec2>> ways;
    for (const curve::Path& p : lines.paths)
        if (curve::bounds(p).meets(near)) ways.push_back(curve::flatten(p, 0.2));
    const auto covered = [&](Vec2 q) {
        for (const auto& way : ways)
            for (std::size_t k = 1; k < way.size(); ++k) {
                const Vec2 ab = way[k] - way[k - 1];
                const double n = dot(ab, ab), t = n > 0 ? std::clamp(dot(q - way[k - 1], ab) / n, 0.0, 1.0) : 0;
                if (distance(q, way[k - 1] + t * ab) <= tolerance) return true;
            }
        return false;
    };
    for (const curve::Path& p : outline) {
        // Evenly along the outline, so that stretches can be measured by counting.
        std::vector<Vec2> at;
        const double step = std::clamp(curve::arcLength(p) / 400, 0.5, 8.0);
        const std::vector<Vec2> corners = curve::flatten(p, 0.2);
        for (std::size_t k = 1; k < corners.size(); ++k) {
            const int parts = std::max(1, static_cast<int>(distance(corners[k], corners[k - 1]) / step));
            for (int i = 0; i < parts; ++i) at.push_back(lerp(corners[k - 1], corners[k], static_cast<double>(i) / parts));
        }
        const std::size_t n = at.size();
        std::vector<char> open(n);
        for (std::size_t k = 0; k < n; ++k) open[k] = !covered(at[k]);
        const auto first = std::find(open.begin(), open.end(), 0);
        if (first == open.end()) {
            if (n) gaps.push_back({1e300, at[n / 2]});
            continue;
        }
        const auto start = static_cast<std::size_t>(first - open.begin());
        for (std::size_t k = 0; k < n;) {
            std::size_t m = 0;
            while (k + m < n && open[(start + k + m) % n]) ++m;
            if (m) gaps.push_back({static_cast<double>(m) * step, at[(start + k + m / 2) % n]});
            k += std::max<std::size_t>(1, m);
        }
    }
    std::sort(gaps.begin(), gaps.end(), [](const Gap& a, const Gap& b) { return a.length > b.length; });
    std::vector<Vec2> out;
    for (std::size_t k = 0; k < std::min<std::size_t>(3, gaps.size()); ++k) out.push_back(gaps[k].middle);
    return out;
}

bool bordersArtwork(const LayerPtr& l)
{
    return !l->tones && !l->facets && std::any_of(l->items.begin(), l->items.end(), [](const ItemPtr& i) { return i->artwork() && !i->artwork()->drop; });
}

} // namespace

namespace {

// The sides of lines that make up a half-edge, put where they are missing.
void addSides(const planar::Map& map, const DrawnLines& lines, int half, std::vector<LineSide>& to)
{
    const planar::Graph& g = map.graph();
    const planar::Edge& e = g.edge(half);
    for (int k = 0; k < e.count; ++k) {
        const planar::Source& s = g.source(e, k);
        const auto path = static_cast<std::size_t>(g.piece(s).path);
        if (path >= lines.items.size()) continue;
        const LineSide side{lines.items[path], ((half & 1) != 0) == (s.t0 > s.t1)};
        if (std::find(to.begin(), to.end(), side) == to.end()) to.push_back(side);
    }
}

} // namespace

std::vector<std::vector<LineSide>> linesByFace(const planar::Map& map, const DrawnLines& lines)
{
    std::vector<std::vector<LineSide>> out(map.faces().size());
    for (int h = 0; h < static_cast<int>(map.graph().edges.size()) * 2; ++h)
        if (const int face = map.areaOf(h); face != map.areaOf(planar::twin(h))) addSides(map, lines, h, out[static_cast<std::size_t>(face)]);
    return out;
}

std::vector<LineSide> linesRound(const planar::Map& map, const DrawnLines& lines, int face)
{
    std::vector<LineSide> out;
    for (int h = 0; h < static_cast<int>(map.graph().edges.size()) * 2; ++h)
        if (map.areaOf(h) == face && map.areaOf(planar::twin(h)) != face) addSides(map, lines, h, out);
    return out;
}

Id dropAt(const Document& d, Vec2 at)
{
    for (auto l = d.layers.rbegin(); l != d.layers.rend(); ++l) {
        if (!(*l)->shown) continue;
        for (auto i = (*l)->items.rbegin(); i != (*l)->items.rend(); ++i) {
            const Artwork* a = (*i)->artwork();
            if (!a || !a->drop || !curve::bounds(a->paths).contains(at)) continue;
            bool in = false;
            for (const curve::Path& p : a->paths) in = in != curve::insidePolygon(curve::flatten(p, 0.1), at);
            if (in) return (*i)->id;
        }
    }
    return 0;
}

Added withDrop(const Document& d, const planar::Map& map, const DrawnLines& lines, Vec2 at, const Paint& paint)
{
    const int area = map.at(at);
    if (area == planar::outside) return {d, 0};
    const auto change = [&](const Document& from, Id item) {
        return withItemChanged(from, item, [&](Item& i) {
            Artwork& a = std::get<Artwork>(i.is);
            a.fill.colour = paint.colour;
            a.fill.ink = paint.ink;
            a.fill.gradient.reset();
        });
    };
    if (const Id there = dropAt(d, at); there && !d.layerOf(there)->locked) return {change(d, there), there};
    Document out = d;
    Id layer = 0;
    for (const LayerPtr& l : d.layers)
        if (!l->locked && l->shown && std::any_of(l->items.begin(), l->items.end(), [](const ItemPtr& i) { return i->artwork() && i->artwork()->drop; }))
            layer = l->id;
    if (!layer) {
        // Under the lowest layer of lines.
        auto made = std::make_shared<Layer>();
        made->id = layer = out.nextId++;
        made->name = "Colour drops";
        const auto lowest = std::find_if(out.layers.begin(), out.layers.end(), bordersArtwork);
        out.layers.insert(lowest, made);
    }
    Item item;
    item.name = "Drop";
    Artwork a;
    a.paths = map.outline(std::vector<int>{area});
    for (curve::Path& p : a.paths) curve::markKinds(p);
    a.stroke.colour.reset();
    a.fill.colour = paint.colour;
    a.fill.ink = paint.ink;
    a.fill.overlap = underLines;
    auto drop = std::make_shared<Drop>();
    drop->seed = curve::innerPoint(a.paths);
    drop->lines = linesRound(map, lines, area);
    a.drop = drop;
    item.is = std::move(a);
    return withItem(out, layer, std::move(item));
}

FollowedDrops withDropsFollowed(const Document& d, const planar::Map& map, const DrawnLines& lines, double gap)
{
    FollowedDrops out{d};
    std::vector<const Item*> drops;
    for (const LayerPtr& l : d.layers)
        for (const ItemPtr& i : l->items)
            if (i->artwork() && i->artwork()->drop) drops.push_back(i.get());
    if (drops.empty()) return out;
    const std::vector<std::vector<LineSide>> linesOf = linesByFace(map, lines);
    const std::vector<int> areas = map.areas();
    // The best pairs of drop and area first; two drops share an area only when nothing else is left for them.
    struct Pair {
        double score = 0;
        std::size_t drop = 0;
        int face = 0;
    };
    std::vector<Pair> pairs;
    for (std::size_t k = 0; k < drops.size(); ++k) {
        const Artwork& a = *drops[k]->artwork();
        const double before = std::max(1e-9, sizeOf(a.paths));
        const int under = map.at(a.drop->seed);
        for (const int f : areas) {
            const std::vector<LineSide>& round = linesOf[static_cast<std::size_t>(f)];
            const std::size_t both = shared(a.drop->lines, round);
            if (f != under && both == 0) continue;
            const double alike = both == 0 ? 0 : static_cast<double>(both) / static_cast<double>(a.drop->lines.size() + round.size() - both);
            const planar::Face& face = map.faces()[static_cast<std::size_t>(f)];
            const double score = 3 * alike + (f == under ? 1.2 : 0.0) - std::min(1.0, 0.5 * std::abs(std::log(face.area / before))) -
                                 0.2 * std::min(3.0, distance(face.box.centre(), a.drop->seed) / std::sqrt(before));
            if (score > leastScore) pairs.push_back({score, k, f});
        }
    }
    std::stable_sort(pairs.begin(), pairs.end(), [](const Pair& a, const Pair& b) { return a.score > b.score; });
    std::vector<int> faceOf(drops.size(), planar::outside);
    std::vector<char> taken(map.faces().size(), 0);
    for (const bool again : {false, true})
        for (const Pair& p : pairs) {
            if (faceOf[p.drop] != planar::outside || (!again && taken[static_cast<std::size_t>(p.face)])) continue;
            faceOf[p.drop] = p.face;
            taken[static_cast<std::size_t>(p.face)] = 1;
        }
    const double tolerance = std::max(1.0, gap);
    std::vector<Id> changed;
    std::vector<Artwork> next;
    for (std::size_t k = 0; k < drops.size(); ++k) {
        const Artwork& a = *drops[k]->artwork();
        const int face = faceOf[k];
        Artwork now = a;
        auto drop = std::make_shared<Drop>(*a.drop);
        bool open = face == planar::outside;
        if (!open) {
            const bool lost = shared(drop->lines, linesOf[static_cast<std::size_t>(face)]) < drop->lines.size();
            open = lost && map.faces()[static_cast<std::size_t>(face)].area > grownBy * sizeOf(a.paths);
        }
        if (open) {
            drop->leaks = leaksOf(a.paths, lines, tolerance);
            if (drop->leaks.empty()) drop->leaks.push_back(drop->seed); // the lines lie there still, and enclose nothing
            out.opened += a.drop->leaks.empty();
        } else {
            now.paths = map.outline(std::vector<int>{face});
            for (curve::Path& p : now.paths) curve::markKinds(p);
            if (now.paths != a.paths) drop->seed = curve::innerPoint(now.paths);
            drop->lines = linesOf[static_cast<std::size_t>(face)];
            drop->leaks.clear();
            out.closed += !a.drop->leaks.empty();
        }
        if (*drop == *a.drop && now.paths == a.paths) continue;
        now.drop = drop;
        changed.push_back(drops[k]->id);
        next.push_back(std::move(now));
    }
    if (changed.empty()) return out;
    out.moved = static_cast<int>(changed.size());
    // Locked layers too: what follows is not what a hand does.
    for (LayerPtr& l : out.document.layers) {
        std::shared_ptr<Layer> copy;
        for (std::size_t k = 0; k < l->items.size(); ++k) {
            const auto at = std::find(changed.begin(), changed.end(), l->items[k]->id);
            if (at == changed.end()) continue;
            auto item = std::make_shared<Item>(*l->items[k]);
            item->is = next[static_cast<std::size_t>(at - changed.begin())];
            if (!copy) copy = std::make_shared<Layer>(*l);
            copy->items[k] = item;
        }
        if (copy) l = copy;
    }
    return out;
}

Document withDropsSet(const Document& d, const std::vector<Id>& items)
{
    return withItemsChanged(d, items, [](Item& i) {
        if (Artwork* a = std::get_if<Artwork>(&i.is)) a->drop.reset();
    });
}

std::vector<Leak> leaks(const Document& d)
{
    std::vector<Leak> out;
    for (const LayerPtr& l : d.layers) {
        if (!l->shown) continue;
        for (const ItemPtr& i : l->items)
            if (i->artwork() && i->artwork()->drop)
                for (const Vec2 at : i->artwork()->drop->leaks) out.push_back({i->id, at});
    }
    return out;
}

} // namespace softrope::art
