#include "art/flatten.h"

#include "art/edits.h"
#include "art/flatten_regions.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "curve/edit.h"
#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "planar/build.h"
#include "planar/combine.h"
#include "words/said.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

// -- which face lies in what -----------------------------------------------------------------------------------------------------------

struct Faces {
    planar::MapPtr map;
    std::vector<std::vector<std::uint32_t>> regions; // of each face, ascending
    std::vector<Vec2> inner;                         // a place in each
};

Vec2 innerOf(const planar::Map& map, int face, const std::vector<int>& halves)
{
    // Beside the middle of one of its edges, as near as need be.
    const planar::Face& f = map.faces()[static_cast<std::size_t>(face)];
    for (const double share : {0.4, 0.15, 0.04, 0.01})
        for (const int h : halves) {
            const curve::Cubic c = map.curveOf(h / 2);
            const Vec2 at = curve::at(c, 0.5), way = unit(curve::derivative(c, 0.5));
            const Vec2 left = (h & 1 ? -1.0 : 1.0) * perpendicular(way);
            const Vec2 p = at + share * std::max(f.width, 1e-6) * left;
            if (map.at(p) == face) return p;
        }
    return halves.empty() ? f.box.centre() : curve::at(map.curveOf(halves.front() / 2), 0.5);
}

Faces facesOf(const Painting& painting)
{
    Faces out;
    Paths all;
    std::vector<std::uint32_t> regionOf; // of each path; `none` for the lines that only part
    constexpr std::uint32_t none = 0xFFFFFFFFU;
    for (std::size_t r = 0; r < painting.regions.size(); ++r)
        for (Path p : painting.regions[r].outlines) {
            p.closed = true;
            all.push_back(std::move(p));
            regionOf.push_back(static_cast<std::uint32_t>(r));
        }
    for (const Path& p : painting.partings) {
        all.push_back(p);
        regionOf.push_back(none);
    }
    out.map = planar::build(all);
    const std::size_t n = out.map->faces().size();
    out.regions.resize(n);
    std::vector<int> winding(painting.regions.size(), 0);
    std::vector<std::uint32_t> in; // ascending
    const auto full = [&](std::uint32_t r) { return painting.regions[r].evenOdd ? (winding[r] & 1) != 0 : winding[r] != 0; };
    out.map->walk(
        [&](int path, int step) {
            const std::uint32_t r = regionOf[static_cast<std::size_t>(path)];
            if (r == none) return;
            const bool before = full(r);
            winding[r] += step;
            if (before == full(r)) return;
            const auto at = std::lower_bound(in.begin(), in.end(), r);
            if (before)
                in.erase(at);
            else
                in.insert(at, r);
        },
        [&](int face) { out.regions[static_cast<std::size_t>(face)] = in; });
    std::vector<std::vector<int>> halves(n);
    for (int h = 0; h < static_cast<int>(out.map->graph().edges.size()) * 2; ++h) halves[static_cast<std::size_t>(out.map->areaOf(h))].push_back(h);
    out.inner.resize(n);
    if (n > 1) out.map->at({0, 0}); // builds its index once, before it is asked from many threads
    tbb::parallel_for(std::size_t{1}, n, [&](std::size_t f) {
        if (out.map->faces()[f].joined == static_cast<int>(f) && !out.regions[f].empty()) out.inner[f] = innerOf(*out.map, static_cast<int>(f), halves[f]);
    });
    return out;
}

// -- neighbours reach under each other ---------------------------------------------------------------------------------------------------

// A strip along the half-edge, on its right, `wide` px; from nothing where it must not reach round its end.
Path stripAlong(const planar::Map& map, int half, double wide, bool fromStart, bool toEnd)
{
    curve::Cubic c = map.curveOf(half / 2);
    if (half & 1) c = reversed(c);
    const Vec2 a = fromStart ? -wide * perpendicular(startTangent(c)) : Vec2{}, b = toEnd ? -wide * perpendicular(endTangent(c)) : Vec2{};
    if (!fromStart && !toEnd) {
        // A lens, wide in its middle only.
        const Vec2 n = -4.0 / 3 * wide * unit(perpendicular(curve::derivative(c, 0.5)));
        Path lens;
        lens.closed = true;
        lens.nodes = {{c.p0, c.p1, c.p1 + n, curve::NodeKind::corner}, {c.p3, c.p2 + n, c.p2, curve::NodeKind::corner}};
        return lens;
    }
    Path p;
    p.closed = true;
    p.nodes = {{c.p0, c.p0, c.p0 + a, curve::NodeKind::corner},
               {c.p0 + a, c.p0 + a, c.p1 + a, curve::NodeKind::corner},
               {c.p3 + b, c.p2 + b, c.p3 + b, curve::NodeKind::corner},
               {c.p3, c.p3, c.p2, curve::NodeKind::corner}};
    p.nodes[0].out = p.nodes[0].at;
    p.nodes[0].in = c.p1;
    p.nodes[3].out = c.p2;
    return p;
}

struct Area {
    Colour colour;
    Paths outline;
    double size = 0;
    curve::Box box;
};

// Each outer outline with the holes in it.
std::vector<Paths> apart(const Paths& outlines)
{
    std::vector<Paths> out;
    std::vector<curve::Box> boxes;
    for (const Path& p : outlines)
        if (area(p) > 0) {
            out.push_back({p});
            boxes.push_back(curve::bounds(p));
        }
    for (const Path& p : outlines) {
        if (area(p) > 0) continue;
        const curve::Box b = curve::bounds(p);
        std::size_t best = out.size();
        double least = 0;
        for (std::size_t k = 0; k < out.size(); ++k) {
            const double size = std::abs(area(out[k].front()));
            if (!boxes[k].grown(1e-6).contains(b.min) || !boxes[k].grown(1e-6).contains(b.max) || (best < out.size() && size >= least)) continue;
            // Its hole touches it from within: a place on the hole lies in it or on it.
            const Vec2 p0 = curve::at(p.piece(0), 0.5);
            if (!curve::insidePaths({out[k].front()}, p0) && nearest(out[k].front(), p0)->distance > 1e-6) continue;
            best = k;
            least = size;
        }
        if (best < out.size()) out[best].push_back(p);
    }
    return out;
}

// -- the steps ---------------------------------------------------------------------------------------------------------------------------

using Stopped = std::function<bool()>;

// The colour of each face, as the brush would leave it there; the nearest ink's where only inks are wanted.
std::vector<std::optional<Colour>> coloursOf(const Document& d, const Painting& painting, const Faces& faces, const FlattenOptions& options)
{
    std::vector<std::pair<pixel::Lab, Colour>> inks;
    if (options.inks)
        for (const Ink& i : d.inks)
            if (i.meaning == Meaning::paint) inks.emplace_back(pixel::labOf({i.colour.r, i.colour.g, i.colour.b, 255}), i.colour);
    const planar::Map& map = *faces.map;
    std::vector<std::optional<Colour>> out(map.faces().size());
    tbb::parallel_for(std::size_t{1}, out.size(), [&](std::size_t f) {
        if (map.faces()[f].joined != static_cast<int>(f) || faces.regions[f].empty()) return;
        out[f] = colourAt(painting, faces.regions[f], faces.inner[f], options);
        if (!out[f] || inks.empty()) return;
        const pixel::Lab lab = pixel::labOf({out[f]->r, out[f]->g, out[f]->b, 255});
        out[f] = std::min_element(inks.begin(), inks.end(), [&](const auto& a, const auto& b) {
                     return pixel::ciede2000(a.first, lab) < pixel::ciede2000(b.first, lab);
                 })->second;
    });
    return out;
}

std::uint32_t keyOf(Colour c)
{
    return static_cast<std::uint32_t>(c.r) << 16 | static_cast<std::uint32_t>(c.g) << 8 | c.b;
}

// Faces of one colour are one area wherever they touch. Large ones first: what is painted later lies on the rim of what was painted before.
std::vector<Area> areasOf(const planar::Map& map, const std::vector<std::optional<Colour>>& colourOf, std::size_t& colours, const Stopped& stopped)
{
    std::map<std::uint32_t, std::vector<int>> byColour;
    for (std::size_t f = 1; f < colourOf.size(); ++f)
        if (colourOf[f]) byColour[keyOf(*colourOf[f])].push_back(static_cast<int>(f));
    colours = byColour.size();
    std::vector<std::vector<int>> lists;
    for (auto& [key, list] : byColour) lists.push_back(std::move(list));
    std::vector<std::vector<Area>> made(lists.size());
    tbb::parallel_for(std::size_t{0}, lists.size(), [&](std::size_t k) {
        if (stopped()) return;
        for (Paths& outline : apart(map.outline(lists[k]))) {
            Area a{*colourOf[static_cast<std::size_t>(lists[k].front())], std::move(outline), 0, {}};
            for (const Path& p : a.outline) a.size += area(p);
            a.box = curve::bounds(a.outline);
            made[k].push_back(std::move(a));
        }
    });
    std::vector<Area> out;
    for (auto& list : made) std::move(list.begin(), list.end(), std::back_inserter(out));
    std::stable_sort(out.begin(), out.end(), [](const Area& a, const Area& b) { return a.size > b.size; });
    return out;
}

// Which area each face went into, by a place in it; -1 for none.
std::vector<int> areaOfFaces(const Faces& faces, const std::vector<std::optional<Colour>>& colourOf, const std::vector<Area>& areas)
{
    std::vector<int> out(colourOf.size(), -1);
    std::map<std::uint32_t, std::vector<int>> ofColour;
    for (std::size_t k = 0; k < areas.size(); ++k) ofColour[keyOf(areas[k].colour)].push_back(static_cast<int>(k));
    tbb::parallel_for(std::size_t{1}, out.size(), [&](std::size_t f) {
        if (!colourOf[f]) return;
        const auto& candidates = ofColour.at(keyOf(*colourOf[f]));
        for (const int k : candidates) {
            const Area& a = areas[static_cast<std::size_t>(k)];
            if (candidates.size() > 1 && !(a.box.contains(faces.inner[f]) && curve::insidePaths(a.outline, faces.inner[f]))) continue;
            out[f] = k;
            return;
        }
    });
    return out;
}

// What each area has to reach under those that are painted later, `overlap` px: strips along the borders it shares with them, and discs
// where several meet.
std::vector<Paths> stripsOf(const planar::Map& map, const std::vector<int>& areaOfFace, std::size_t areas, double overlap)
{
    constexpr double least = 1e-3, share = 0.45; // of what the neighbour is wide: no strip shows on its other side
    std::vector<Paths> out(areas);
    const planar::Graph& g = map.graph();
    const auto face = [&](int half) { return static_cast<std::size_t>(map.areaOf(half)); };
    // The lowest area at each corner, -1 where nothing is painted beside it.
    std::vector<int> lowest;
    for (std::size_t v = 0; v + 1 < g.turnStart.size(); ++v) {
        int lowestHere = static_cast<int>(areas);
        for (int t = g.turnStart[v]; t < g.turnStart[v + 1]; ++t) lowestHere = std::min(lowestHere, areaOfFace[face(g.turn[static_cast<std::size_t>(t)])]);
        lowest.push_back(lowestHere);
    }
    for (int h = 0; h < static_cast<int>(g.edges.size()) * 2; ++h) {
        const int mine = areaOfFace[face(h)], next = areaOfFace[face(planar::twin(h))];
        if (mine < 0 || next < 0 || mine >= next) continue; // reaches under what is painted later only
        const double wide = std::min(overlap, share * map.faces()[face(planar::twin(h))].width);
        const bool first = lowest[static_cast<std::size_t>(g.start(h))] == mine, last = lowest[static_cast<std::size_t>(g.target(h))] == mine;
        if (wide > least) out[static_cast<std::size_t>(mine)].push_back(stripAlong(map, h, wide, first, last));
    }
    for (std::size_t v = 0; v < lowest.size(); ++v) {
        if (lowest[v] < 0 || g.turnStart[v + 1] - g.turnStart[v] < 3) continue;
        double thinnest = overlap;
        for (int t = g.turnStart[v]; t < g.turnStart[v + 1]; ++t)
            thinnest = std::min(thinnest, share * map.faces()[face(g.turn[static_cast<std::size_t>(t)])].width);
        const int h = g.turn[static_cast<std::size_t>(g.turnStart[v])];
        const curve::Cubic c = map.curveOf(h / 2);
        if (thinnest > least) out[static_cast<std::size_t>(lowest[v])].push_back(curve::circle(h & 1 ? c.p3 : c.p0, thinnest));
    }
    return out;
}

Document documentOf(const Document& d, std::vector<Area> areas)
{
    Document out = d;
    out.layers.clear();
    out.guides.clear();
    out.looks.clear();
    auto layer = std::make_shared<Layer>();
    layer->id = out.nextId++;
    layer->name = words::said("Flat");
    for (Area& a : areas) {
        Item i;
        i.id = out.nextId++;
        Artwork work;
        for (Path& p : a.outline) curve::markKinds(p);
        work.setPaths(std::move(a.outline));
        work.stroke.colour.reset();
        work.fill.colour = a.colour;
        for (const Ink& ink : d.inks)
            if (ink.colour == a.colour) work.fill.ink = {ink.id, 0};
        i.is = std::move(work);
        layer->items.push_back(shared(std::move(i)));
    }
    out.layers.push_back(layer);
    return out;
}

} // namespace

Flattened flattened(const Document& d, const FlattenOptions& options)
{
    Flattened out;
    const Stopped stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double share) {
        if (options.progress) options.progress(share);
    };
    const Painting painting = paintingOf(d, options, out.notes);
    tell(0.3);
    if (stopped()) return {};
    const Faces faces = facesOf(painting);
    tell(0.6);
    if (stopped()) return {};
    const std::vector<std::optional<Colour>> colourOf = coloursOf(d, painting, faces, options);
    tell(0.75);
    std::vector<Area> areas = areasOf(*faces.map, colourOf, out.colours, stopped);
    if (stopped()) return {};
    tell(0.85);
    if (options.overlap > 0) {
        const std::vector<Paths> strips = stripsOf(*faces.map, areaOfFaces(faces, colourOf, areas), areas.size(), options.overlap);
        tbb::parallel_for(std::size_t{0}, areas.size(), [&](std::size_t k) {
            if (strips[k].empty() || stopped()) return;
            Paths all = areas[k].outline;
            all.insert(all.end(), strips[k].begin(), strips[k].end());
            if (Paths whole = planar::combine({{std::move(all), false}}, planar::Operation::unite); !whole.empty()) areas[k].outline = std::move(whole);
        });
    }
    if (stopped()) return {};
    out.areas = areas.size();
    out.document = documentOf(d, std::move(areas));
    tell(1);
    return out;
}

} // namespace softrope::art
