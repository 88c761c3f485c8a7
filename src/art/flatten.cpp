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
#include <map>
#include <numeric>

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

} // namespace

Flattened flattened(const Document& d, const FlattenOptions& options)
{
    Flattened out;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double share) {
        if (options.progress) options.progress(share);
    };
    const Painting painting = paintingOf(d, options, out.notes);
    tell(0.3);
    if (stopped()) return {};
    const Faces faces = facesOf(painting);
    tell(0.6);
    if (stopped()) return {};

    // The colour of each face: as the brush would leave it there.
    const planar::Map& map = *faces.map;
    const std::size_t n = map.faces().size();
    std::vector<std::optional<Colour>> colourOf(n);
    std::vector<std::pair<pixel::Lab, Colour>> inks;
    if (options.inks)
        for (const Ink& i : d.inks)
            if (i.meaning == Meaning::paint) inks.emplace_back(pixel::labOf({i.colour.r, i.colour.g, i.colour.b, 255}), i.colour);
    tbb::parallel_for(std::size_t{1}, n, [&](std::size_t f) {
        if (map.faces()[f].joined != static_cast<int>(f) || faces.regions[f].empty()) return;
        const std::optional<Colour> c = colourAt(painting, faces.regions[f], faces.inner[f], options);
        if (!c) return;
        colourOf[f] = c;
        if (inks.empty()) return;
        const pixel::Lab lab = pixel::labOf({c->r, c->g, c->b, 255});
        colourOf[f] = std::min_element(inks.begin(), inks.end(), [&](const auto& a, const auto& b) {
                          return pixel::ciede2000(a.first, lab) < pixel::ciede2000(b.first, lab);
                      })->second;
    });
    tell(0.75);

    // Faces of one colour are one, however they hang together.
    std::map<std::tuple<int, int, int>, std::vector<int>> byColour;
    for (std::size_t f = 1; f < n; ++f)
        if (colourOf[f]) byColour[{colourOf[f]->r, colourOf[f]->g, colourOf[f]->b}].push_back(static_cast<int>(f));
    std::vector<std::pair<Colour, std::vector<int>>> colours;
    for (auto& [key, list] : byColour)
        colours.emplace_back(
            Colour{static_cast<std::uint8_t>(std::get<0>(key)), static_cast<std::uint8_t>(std::get<1>(key)), static_cast<std::uint8_t>(std::get<2>(key))},
            std::move(list));
    std::vector<std::vector<Area>> made(colours.size());
    tbb::parallel_for(std::size_t{0}, colours.size(), [&](std::size_t k) {
        if (stopped()) return;
        for (Paths& outline : apart(map.outline(colours[k].second))) {
            Area a{colours[k].first, std::move(outline), 0, {}};
            for (const Path& p : a.outline) a.size += area(p);
            a.box = curve::bounds(a.outline);
            made[k].push_back(std::move(a));
        }
    });
    if (stopped()) return {};
    std::vector<Area> areas;
    for (auto& list : made) std::move(list.begin(), list.end(), std::back_inserter(areas));
    // Large ones first: what is painted later lies on the rim of what was painted before.
    std::stable_sort(areas.begin(), areas.end(), [](const Area& a, const Area& b) { return a.size > b.size; });
    tell(0.85);

    if (options.overlap > 0) {
        // Which area a face went into, by a place in it.
        std::vector<int> areaOfFace(n, -1);
        std::map<std::tuple<int, int, int>, std::vector<int>> ofColour;
        for (std::size_t k = 0; k < areas.size(); ++k) ofColour[{areas[k].colour.r, areas[k].colour.g, areas[k].colour.b}].push_back(static_cast<int>(k));
        tbb::parallel_for(std::size_t{1}, n, [&](std::size_t f) {
            if (!colourOf[f]) return;
            const auto& candidates = ofColour.at({colourOf[f]->r, colourOf[f]->g, colourOf[f]->b});
            for (const int k : candidates) {
                const Area& a = areas[static_cast<std::size_t>(k)];
                if (candidates.size() == 1 || (a.box.contains(faces.inner[f]) && curve::insidePaths(a.outline, faces.inner[f]))) {
                    areaOfFace[f] = k;
                    return;
                }
            }
        });
        std::vector<Paths> strips(areas.size());
        // The lowest area at each corner, -1 where nothing is painted beside it.
        const planar::Graph& g = map.graph();
        std::vector<int> lowest;
        for (std::size_t v = 0; v + 1 < g.turnStart.size(); ++v) {
            int least = static_cast<int>(areas.size());
            for (int t = g.turnStart[v]; t < g.turnStart[v + 1]; ++t)
                least = std::min(least, areaOfFace[static_cast<std::size_t>(map.areaOf(g.turn[static_cast<std::size_t>(t)]))]);
            lowest.push_back(least);
        }
        for (int h = 0; h < static_cast<int>(map.graph().edges.size()) * 2; ++h) {
            const auto mine = static_cast<std::size_t>(map.areaOf(h)), next = static_cast<std::size_t>(map.areaOf(planar::twin(h)));
            const int a = areaOfFace[mine], b = areaOfFace[next];
            if (a < 0 || b < 0 || a >= b) continue; // reaches under what is painted later only
            const double wide = std::min(options.overlap, 0.45 * map.faces()[next].width);
            const bool first = lowest[static_cast<std::size_t>(g.start(h))] == a, last = lowest[static_cast<std::size_t>(g.target(h))] == a;
            if (wide > 1e-3) strips[static_cast<std::size_t>(a)].push_back(stripAlong(map, h, wide, first, last));
        }
        // Where several meet, the lowest lies under all of them.
        for (std::size_t v = 0; v < lowest.size(); ++v) {
            if (lowest[v] < 0 || g.turnStart[v + 1] - g.turnStart[v] < 3) continue;
            double thinnest = options.overlap;
            for (int t = g.turnStart[v]; t < g.turnStart[v + 1]; ++t)
                thinnest = std::min(thinnest, 0.45 * map.faces()[static_cast<std::size_t>(map.areaOf(g.turn[static_cast<std::size_t>(t)]))].width);
            const int h = g.turn[static_cast<std::size_t>(g.turnStart[v])];
            const curve::Cubic c = map.curveOf(h / 2);
            if (thinnest > 1e-3) strips[static_cast<std::size_t>(lowest[v])].push_back(curve::circle(h & 1 ? c.p3 : c.p0, thinnest));
        }
        tbb::parallel_for(std::size_t{0}, areas.size(), [&](std::size_t k) {
            if (strips[k].empty() || stopped()) return;
            Paths all = areas[k].outline;
            all.insert(all.end(), strips[k].begin(), strips[k].end());
            if (Paths whole = planar::combine({{std::move(all), false}}, planar::Operation::unite); !whole.empty()) areas[k].outline = std::move(whole);
        });
    }
    if (stopped()) return {};

    out.document = d;
    out.document.layers.clear();
    out.document.guides.clear();
    out.document.looks.clear();
    auto layer = std::make_shared<Layer>();
    layer->id = out.document.nextId++;
    layer->name = words::said("Flat");
    for (Area& a : areas) {
        Item i;
        i.id = out.document.nextId++;
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
    out.document.layers.push_back(layer);
    out.areas = areas.size();
    out.colours = colours.size();
    tell(1);
    return out;
}

} // namespace softrope::art
