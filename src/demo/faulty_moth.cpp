// The moth in ink as it comes from a hurried evening: what the proof is there for.
#include "art/edits.h"
#include "art/inks.h"
#include "art/tree.h"
#include "curve/edit.h"
#include "demo/night_market.h"
#include "proof/mend.h"

#include <algorithm>
#include <cmath>

namespace softrope::demo {

using curve::Path;
using curve::Vec2;

namespace {

// Of what is closed or open, the longest first.
std::vector<art::Id> longest(const art::Document& d, bool closed, bool filled)
{
    std::vector<std::pair<double, art::Id>> all;
    art::eachArtwork(d, art::workable, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
        if (!a.paths->empty() && a.paths->front().closed == closed && a.fill.colour.has_value() == filled && !a.guide)
            all.emplace_back(-curve::arcLength(a.paths->front()), i.id);
    });
    std::sort(all.begin(), all.end());
    std::vector<art::Id> ids;
    for (const auto& [length, id] : all) ids.push_back(id);
    return ids;
}

art::Document changed(const art::Document& d, art::Id id, const std::function<void(Path&)>& change)
{
    curve::Paths paths = d.item(id)->artwork()->paths;
    change(paths.front());
    return art::withPaths(d, id, std::move(paths)).document;
}

} // namespace

art::Document nightMarketFaultyMoth()
{
    art::Document d = nightMarketInks();
    d.title = "Moth for the stall";
    // Plain shapes, clean to begin with.
    std::vector<art::Id> all;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) { all.push_back(i.id); });
    d = art::withSet(d, all).document;
    std::vector<art::Id> hidden;
    for (const art::LayerPtr& l : d.layers)
        if (!l->shown) hidden.push_back(l->id);
    for (const art::Id id : hidden) {
        d = art::withLayer(d, id, [](art::Layer& l) { l.locked = false; });
        d = art::withoutLayer(d, id).document;
    }
    // The lines get their ink.
    const art::Ink soot = *std::find_if(d.inks.begin(), d.inks.end(), [](const art::Ink& i) { return i.name == "Soot"; });
    art::eachArtwork(art::Document(d), {}, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
        if (!a.stroke.colour) return;
        d = art::withArtworkChanged(d, {i.id}, [&](art::Artwork& w) {
                w.stroke.colour = soot.colour;
                w.stroke.ink = {soot.id, 0};
            }).document;
    });
    d = proof::mendedWhole(d, {}, false).document;

    const std::vector<art::Id> outlines = longest(d, true, false), areas = longest(d, true, true), lines = longest(d, false, false);
    // 1  An outline that stops 1.8 px short of itself, at a node that lies on no other line.
    const art::Document whole = d;
    for (std::size_t node = 0; node < whole.item(outlines.at(0))->artwork()->paths->front().nodes.size(); ++node) {
        d = changed(whole, outlines.at(0), [node](Path& p) {
            p = curve::openedAt(p, node);
            const curve::Cubic last = p.piece(p.pieceCount() - 1);
            const curve::Cubic rest = split(last, 1 - 1.8 / curve::arcLength(last)).first;
            p.nodes[p.nodes.size() - 2].out = rest.p1;
            p.nodes.back().in = rest.p2;
            p.nodes.back().at = p.nodes.back().out = rest.p3;
        });
        const auto found = proof::findings(d, {});
        if (std::any_of(found.begin(), found.end(), [](const proof::Finding& f) { return f.kind == proof::Fault::endsApart; })) break;
    }
    // 2  A slight break in the edge of an area.
    d = changed(d, areas.at(1), [](Path& p) {
        for (std::size_t i = 0; i < p.nodes.size(); ++i) {
            curve::Node& n = p.nodes[i];
            const double before = distance(n.in, n.at), after = distance(n.at, n.out);
            if (before < 20 || after < 20 || std::abs(turn(n.at - n.in, n.out - n.at)) > 0.01) continue;
            n.out = n.at + after * curve::direction(curve::angleOf(n.out - n.at) + curve::radians(7));
            n.kind = curve::NodeKind::corner;
            break;
        }
    });
    // 3, 4  Two nodes in one place, and one that is not needed.
    d = changed(d, areas.at(0), [&](Path& p) {
        const std::size_t k = p.nodes.size() / 2;
        curve::Node twin = p.nodes[k];
        twin.in = twin.at;
        p.nodes[k].out = p.nodes[k].at;
        p.nodes.insert(p.nodes.begin() + static_cast<std::ptrdiff_t>(k) + 1, twin);
    });
    d = changed(d, areas.at(2), [&](Path& p) {
        const std::size_t piece = p.pieceCount() / 2;
        p = curve::withNodeAt(p, {piece, 0.4, at(p.piece(piece), 0.4), 0}).path;
    });
    // 5  An area that lies there twice.
    d = art::withCopies(d, {areas.at(3)}).document;
    // 6  A vein that runs on over its outline.
    art::Item vein = *d.item(lines.at(0));
    vein.name = "Vein";
    const Path& outline = d.item(outlines.at(1))->artwork()->paths->front();
    const curve::Cubic piece = outline.piece(outline.pieceCount() / 2);
    const Vec2 edge = at(piece, 0.5), middle = curve::bounds(outline).centre();
    Vec2 in = perpendicular(unit(tangentAt(piece, 0.5)));
    if (dot(in, middle - edge) < 0) in = -in;
    std::get<art::Artwork>(vein.is).setPaths({curve::polyline({edge + 60.0 * in, edge - 3.2 * in}, false)});
    d = art::withItem(d, d.layerOf(lines.at(0))->id, std::move(vein)).document;
    // 7  A point that shows nothing.
    art::Item stray;
    art::Artwork point;
    Path one;
    one.nodes = {curve::cornerAt({160, 180})};
    point.setPaths({one});
    point.fill.colour = soot.colour;
    point.stroke.colour.reset();
    stray.name = "Point";
    stray.is = std::move(point);
    d = art::withItem(d, 0, std::move(stray)).document;
    // To look at: a colour that is no ink.
    const art::Id odd = areas.at(areas.size() - 1);
    d = art::withFills(d, {odd}, [](art::Fill& f) {
            f.colour = art::Colour{0xd9, 0x96, 0x33};
            f.ink = {};
            f.gradient.reset();
        }).document;
    d.proofing.process = "screen-print-shirt";
    return d;
}

} // namespace softrope::demo
