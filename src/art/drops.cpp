#include "art/drops.h"

#include "art/edits.h"
#include "art/tree.h"

#include "curve/edit.h"
#include "curve/foot.h"
#include "curve/polygon.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

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
            for (std::size_t k = 1; k < way.size(); ++k)
                if (curve::distanceToSegment(q, way[k - 1], way[k]) <= tolerance) return true;
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

bool inPaths(const Artwork& a, Vec2 at)
{
    return curve::insidePaths(a.paths, at);
}

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
    Id top = 0;
    eachArtwork(d, seen, [&](const Item& i, const Artwork& a, const Where&) {
        if (a.drop() && inPaths(a, at)) top = i.id;
    });
    return top;
}

Added withDrop(const Document& d, const planar::Map& map, const DrawnLines& lines, Vec2 at, const Paint& paint)
{
    const int area = map.at(at);
    if (area == planar::outside) return {d, 0, Refusal::doesNotFit};
    if (const Id there = dropAt(d, at)) {
        const Edited painted = withPaint(d, {there}, paint, Part::area);
        if (painted.done()) return {painted.document, there};
    }
    Document out = d;
    Id layer = 0, lowestShapes = 0, lowestLines = 0;
    eachArtwork(d, {true, true, false, false}, [&](const Item&, const Artwork& a, const Where& w) {
        if (a.drop() && w.layer->shown && !w.layer->locked) layer = w.layer->id;
        if (!a.drop() && !lowestShapes) lowestShapes = w.layer->id;
        if (!a.drop() && a.stroke.colour && !lowestLines) lowestLines = w.layer->id;
    });
    if (!layer) {
        // Under the lowest layer of lines, over areas without any: those would hide it.
        auto made = std::make_shared<Layer>();
        made->id = layer = out.nextId++;
        made->name = words::said("Colour drops");
        const Id over = lowestLines ? lowestLines : lowestShapes;
        const auto lowest = std::find_if(out.layers.begin(), out.layers.end(), [&](const LayerPtr& l) { return l->id == over; });
        out.layers.insert(lowest, made);
    }
    Item item;
    item.name = "Drop";
    Artwork a;
    Paths outline = map.outline(std::vector<int>{area});
    for (curve::Path& p : outline) curve::markKinds(p);
    a.stroke.colour.reset();
    a.fill.colour = paint.colour;
    a.fill.ink = paint.ink;
    a.fill.overlap = underLines;
    Drop drop;
    drop.seed = curve::innerPoint(outline);
    drop.lines = linesRound(map, lines, area);
    a.setDerived(std::move(outline), shared(std::move(drop)));
    item.is = std::move(a);
    return withItem(out, layer, std::move(item));
}

Key linesKey(const DrawnLines& lines, double gap)
{
    Hash h;
    h.add(gap);
    for (std::size_t k = 0; k < lines.paths.size(); ++k) {
        h.add(static_cast<double>(lines.items[k]));
        h.add(lines.paths[k]);
    }
    return h.key();
}

FollowedDrops withDropsFollowed(const Document& d, const planar::Map& map, const DrawnLines& lines, double gap, bool flows)
{
    FollowedDrops out{d};
    std::vector<const Item*> drops;
    eachArtwork(d, {}, [&](const Item& i, const Artwork& a, const Where&) {
        if (a.drop()) drops.push_back(&i);
    });
    if (drops.empty()) return out;
    const Key key = linesKey(lines, gap);
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
        const int under = map.at(a.drop()->seed);
        for (const int f : areas) {
            const std::vector<LineSide>& round = linesOf[static_cast<std::size_t>(f)];
            const std::size_t both = shared(a.drop()->lines, round);
            if (f != under && both == 0) continue;
            const double alike = both == 0 ? 0 : static_cast<double>(both) / static_cast<double>(a.drop()->lines.size() + round.size() - both);
            const planar::Face& face = map.faces()[static_cast<std::size_t>(f)];
            const double score = 3 * alike + (f == under ? 1.2 : 0.0) - std::min(1.0, 0.5 * std::abs(std::log(face.area / before))) -
                                 0.2 * std::min(3.0, distance(face.box.centre(), a.drop()->seed) / std::sqrt(before));
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
    const std::set<Id> there(lines.items.begin(), lines.items.end());
    // Open: nothing encloses it any more, or its area lost a line and ran out into a larger one.
    std::vector<char> isOpen(drops.size(), 0), flowed(map.faces().size(), 0);
    for (std::size_t k = 0; k < drops.size(); ++k) {
        const auto face = static_cast<std::size_t>(faceOf[k]);
        const std::vector<LineSide>& before = drops[k]->artwork()->drop()->lines;
        isOpen[k] = faceOf[k] == planar::outside ||
                    (shared(before, linesOf[face]) < before.size() && map.faces()[face].area > grownBy * sizeOf(drops[k]->artwork()->paths));
        if (!isOpen[k]) flowed[face] = 1; // it has the area already
    }
    std::vector<Id> changed;
    std::vector<Artwork> next;
    for (std::size_t k = drops.size(); k-- > 0;) { // the topmost first
        const Artwork& a = *drops[k]->artwork();
        const int face = faceOf[k];
        Artwork now = a;
        Drop drop = *a.drop();
        Paths outline = a.paths;
        bool open = isOpen[k] != 0;
        const bool parted = open && std::any_of(drop.lines.begin(), drop.lines.end(), [&](LineSide s) { return there.count(s.line) == 0; });
        bool stays = false; // as it was, without being open: another flowed where it would have
        if (parted && flows && face != planar::outside) {
            stays = flowed[static_cast<std::size_t>(face)] != 0;
            flowed[static_cast<std::size_t>(face)] = 1;
            open = false;
        }
        if (stays) {
            drop.leaks.clear();
        } else if (open) {
            out.parted += parted && a.drop()->leaks.empty();
            drop.leaks = leaksOf(a.paths, lines, tolerance);
            if (drop.leaks.empty()) drop.leaks.push_back(drop.seed); // the lines lie there still, and enclose nothing
            out.opened += a.drop()->leaks.empty();
        } else {
            outline = map.outline(std::vector<int>{face});
            for (curve::Path& p : outline) curve::markKinds(p);
            if (!(a.paths == outline)) drop.seed = curve::innerPoint(outline);
            drop.lines = linesOf[static_cast<std::size_t>(face)];
            drop.leaks.clear();
            out.closed += !a.drop()->leaks.empty();
        }
        const bool same = drop == *a.drop() && a.paths == outline;
        if (same && a.made == key) continue;
        out.moved += !same;
        now.setDerived(std::move(outline), shared(std::move(drop)), key);
        changed.push_back(drops[k]->id);
        next.push_back(std::move(now));
    }
    if (changed.empty()) return out;
    // Locked layers too: what follows is not what a hand does.
    std::map<Id, std::size_t> at;
    for (std::size_t k = 0; k < changed.size(); ++k) at[changed[k]] = k;
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where&) {
        const auto mine = at.find(i->id);
        if (mine == at.end()) return Rebuild::below();
        Item moved = *i;
        moved.is = std::move(next[mine->second]);
        return Rebuild::by(shared(std::move(moved)));
    });
    return out;
}

std::vector<Leak> leaks(const Document& d)
{
    std::vector<Leak> out;
    eachArtwork(d, seen, [&](const Item& i, const Artwork& a, const Where&) {
        if (!a.drop()) return;
        for (const Vec2 at : a.drop()->leaks) out.push_back({i.id, at});
    });
    return out;
}

} // namespace softrope::art
