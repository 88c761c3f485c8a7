#include "art/facets.h"

#include "art/edits.h"
#include "art/inks.h"
#include "art/kept.h"
#include "art/tree.h"
#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "words/said.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::art {

using curve::Vec2;

namespace {

constexpr std::array<std::pair<int, int>, tone::shades> shadeSteps{{{-3, -1}, {-1, 1}, {1, 3}, {-2, 0}}};
constexpr double underNeighbours = 0.4; // px a piece reaches beyond its border

std::vector<Colour> shadesOf(Colour base)
{
    std::vector<Colour> out;
    for (const auto& [from, to] : shadeSteps) {
        out.push_back(tintOf(base, from));
        out.push_back(tintOf(base, to));
    }
    return out;
}

Gradient gradientOf(const tone::Facet& f, const Facets& of)
{
    const Vec2 way{std::cos(f.turn), std::sin(f.turn)};
    double low = 1e300, high = -1e300;
    for (const curve::Path& p : f.outline)
        for (const Vec2 v : curve::flatten(p, 1)) {
            low = std::min(low, dot(v - f.inner, way));
            high = std::max(high, dot(v - f.inner, way));
        }
    const double n = std::max(high - low, 1e-6);
    const Vec2 from = f.inner + low * way;
    Gradient g;
    g.place = {n * way.x, n * way.y, -n * way.y, n * way.x, from.x, from.y};
    const auto s = static_cast<std::size_t>(f.shade);
    const auto stop = [&](double at, std::size_t k) {
        return GradientStop{at, of.shades[2 * s + k], 1, of.ink ? InkUse{of.ink, k ? shadeSteps[s].second : shadeSteps[s].first} : InkUse{}};
    };
    g.stops = {stop(0, 0), stop(1, 1)};
    return g;
}

// The paint a hand gave to the piece that holds its place.
const Fill* paintedIn(const std::vector<PaintedPiece>& painted, const curve::Paths& outline)
{
    const curve::Box box = curve::bounds(outline);
    for (const PaintedPiece& p : painted)
        if (box.contains(p.at) && curve::insidePaths(outline, p.at)) return &p.fill;
    return nullptr;
}

ItemPtr pieceOf(curve::Paths outline, Fill fill, const std::vector<PaintedPiece>& painted, const char* name, std::size_t k, const std::vector<ItemPtr>& before)
{
    Artwork a;
    a.stroke.colour.reset();
    a.fill = std::move(fill);
    if (const Fill* by = painted.empty() ? nullptr : paintedIn(painted, outline)) {
        const double overlap = a.fill.overlap;
        a.fill = *by;
        a.fill.overlap = overlap;
    }
    a.setPaths(std::move(outline));
    Item i;
    i.id = k < before.size() ? before[k]->id : 0;
    i.name = words::said(name, {std::to_string(k + 1)});
    i.is = std::move(a);
    return shared(std::move(i));
}

curve::Paths outlineOf(const tone::Mesh& mesh, std::size_t face, double gap)
{
    curve::Path p = tone::outlineOf(mesh, static_cast<int>(face), gap);
    return p.empty() ? curve::Paths{} : curve::Paths{std::move(p)};
}

// The recipe changed: its pieces with it.
Edited withRecipe(const Document& d, Id group, const std::function<bool(GroupRecipe&)>& change)
{
    Document out = d;
    bool fits = false;
    Edited e = withItemChanged(d, group, [&](Item& i) {
        Group* g = std::get_if<Group>(&i.is);
        if (!g) return;
        GroupRecipe r = g->live;
        if (!(fits = change(r))) return;
        auto items = give(r, *g);
        if (!items) return;
        for (ItemPtr& p : *items)
            if (p->id == 0) {
                Item fresh = *p;
                fresh.id = out.nextId++;
                p = shared(std::move(fresh));
            }
        g->setDerived(std::move(*items), std::move(r));
    });
    if (!e.done()) return e;
    if (!fits) return {d, Refusal::doesNotFit};
    e.document.nextId = std::max(e.document.nextId, out.nextId);
    return e;
}

template <class T> Edited changed(const Document& d, Id group, const std::function<void(T&)>& change)
{
    return withRecipe(d, group, [&](GroupRecipe& r) {
        const auto* now = std::get_if<Shared<T>>(&r);
        if (!now) return false;
        T next = **now;
        change(next);
        r = shared(std::move(next));
        return true;
    });
}

Added withLiveGroup(const Document& d, Id layer, GroupRecipe r, const char* name)
{
    Group g;
    g.setDerived({}, std::move(r));
    Item i;
    i.name = name;
    i.is = std::move(g);
    Added out = withItem(d, layer, std::move(i));
    if (out.id) out.document = withRecipe(out.document, out.id, [](GroupRecipe&) { return true; });
    return out;
}

} // namespace

std::vector<ItemPtr> piecesOf(const Facets& f, const std::vector<ItemPtr>& before)
{
    std::vector<ItemPtr> out;
    if (f.shades.size() != 2 * tone::shades) return out;
    for (const tone::Facet& piece : tone::facetsOf(f.plan)) {
        Fill fill;
        fill.gradient = shared(gradientOf(piece, f));
        fill.colour = colourAt(*fill.gradient, 0.5).colour;
        fill.overlap = underNeighbours;
        out.push_back(pieceOf(piece.outline, std::move(fill), f.painted, words::marked("Facet %1"), out.size(), before));
    }
    return out;
}

std::vector<ItemPtr> piecesOf(const MeshPieces& m, const std::vector<ItemPtr>& before)
{
    std::vector<ItemPtr> out;
    for (std::size_t f = 0; f < m.mesh.faces.size(); ++f) {
        Fill fill;
        const pixel::Rgba c = m.mesh.colours[f];
        fill.colour = Colour{c.r, c.g, c.b};
        if (m.gap <= 0) fill.overlap = underNeighbours;
        out.push_back(pieceOf(outlineOf(m.mesh, f, m.gap), std::move(fill), m.painted, words::marked("Piece %1"), f, before));
    }
    return out;
}

void eachShade(Facets& f, const PaintVisitor& act)
{
    const Id ink = f.ink;
    for (std::size_t k = 0; k < f.shades.size() && k < 2 * tone::shades; ++k) {
        const auto& [from, to] = shadeSteps[k / 2];
        std::optional<Colour> c = f.shades[k];
        InkUse use{ink, ink ? (k % 2 ? to : from) : 0};
        act(c, use);
        f.shades[k] = c.value_or(f.shades[k]);
        f.ink = use.ink;
    }
}

Added withFacets(const Document& d, Id item, const tone::FacetPlan& plan, Id ink)
{
    const Layer* on = d.layerOf(item);
    const Item* i = d.item(item);
    if (!on || !i || !i->artwork()) return {d, 0, Refusal::nothingPicked};
    if (plan.outline.empty()) return {d, 0, Refusal::doesNotFit};
    Facets f;
    f.plan = plan;
    const Ink* named = d.ink(ink);
    f.ink = named ? ink : 0;
    f.shades = shadesOf(named ? named->colour : i->artwork()->fill.colour.value_or(i->artwork()->stroke.colour.value_or(Colour{120, 120, 120})));
    const Added above = withNewLayer(d, "Facets", on->id);
    return withLiveGroup(above.document, above.id, shared(std::move(f)), "Facets");
}

Edited withFacetPlan(const Document& d, Id facets, const tone::FacetPlan& plan)
{
    return changed<Facets>(d, facets, [&](Facets& f) { f.plan = plan; });
}

Edited withFacetInk(const Document& d, Id facets, Id ink)
{
    const Ink* named = d.ink(ink);
    if (!named) return {d, Refusal::nothingPicked};
    return changed<Facets>(d, facets, [&](Facets& f) {
        f.ink = ink;
        f.shades = shadesOf(named->colour);
    });
}

std::vector<tone::Facet> facetsOf(const Group& group)
{
    // Tools and cards ask again and again for the same group.
    static Kept<Facets, std::vector<tone::Facet>> kept(4);
    const auto* f = std::get_if<Shared<Facets>>(&*group.live);
    if (!f) return {};
    return *kept.of(*f, [](const Facets& of) { return tone::facetsOf(of.plan); });
}

Edited withFacetHeld(const Document& d, Id facets, std::size_t piece, int shade, double turn, bool locked)
{
    const Item* now = d.item(facets);
    if (!now || !now->group()) return {d, Refusal::nothingPicked};
    const std::vector<tone::Facet> pieces = facetsOf(*now->group());
    if (piece >= pieces.size()) return {d, Refusal::nothingPicked};
    return changed<Facets>(d, facets, [&](Facets& f) {
        f.plan.held.clear();
        for (std::size_t k = 0; k < pieces.size(); ++k)
            f.plan.held.push_back(k == piece ? tone::Held{pieces[k].inner, std::clamp(shade, 0, tone::shades - 1), turn, locked}
                                             : tone::Held{pieces[k].inner, pieces[k].shade, pieces[k].turn, pieces[k].locked});
        // The shade chosen now goes over a paint given before.
        std::erase_if(f.painted, [&](const PaintedPiece& p) { return curve::insidePaths(pieces[piece].outline, p.at); });
    });
}

Edited withFacetsShuffled(const Document& d, Id facets, std::uint32_t seed)
{
    return changed<Facets>(d, facets, [&](Facets& f) {
        f.plan.seed = seed;
        std::erase_if(f.plan.held, [](const tone::Held& h) { return !h.locked; });
    });
}

namespace {

Vec2 middleOf(const tone::Mesh& mesh, std::size_t face)
{
    return curve::innerPoint(outlineOf(mesh, face, 0));
}

// Where the painted pieces lie in the changed mesh: the same piece when none came or went, else the piece with the same corners,
// else whatever lies there now.
std::vector<PaintedPiece> followed(const MeshPieces& before, const tone::Mesh& mesh)
{
    std::vector<PaintedPiece> out;
    for (const PaintedPiece& p : before.painted) {
        const int face = tone::faceAt(before.mesh, p.at);
        if (face < 0) continue;
        const auto was = static_cast<std::size_t>(face);
        Vec2 at = p.at;
        if (before.mesh.faces.size() == mesh.faces.size()) {
            at = middleOf(mesh, was);
        } else if (const auto same = std::find(mesh.faces.begin(), mesh.faces.end(), before.mesh.faces[was]); same != mesh.faces.end()) {
            at = middleOf(mesh, static_cast<std::size_t>(same - mesh.faces.begin()));
        } else {
            // A piece that was split keeps its paint on both sides.
            for (std::size_t f = 0; f < mesh.faces.size(); ++f)
                if (std::find(before.mesh.faces.begin(), before.mesh.faces.end(), mesh.faces[f]) == before.mesh.faces.end() &&
                    tone::faceAt(before.mesh, middleOf(mesh, f)) == face)
                    out.push_back({middleOf(mesh, f), p.fill});
            continue;
        }
        out.push_back({at, p.fill});
    }
    return out;
}

} // namespace

Added withMesh(const Document& d, const tone::Mesh& mesh, double gap, bool nearestInk, Id above)
{
    if (mesh.faces.empty()) return {d, 0, Refusal::doesNotFit};
    MeshPieces m{mesh, gap, {}};
    if (nearestInk)
        for (std::size_t f = 0; f < mesh.faces.size(); ++f) {
            const pixel::Rgba c = mesh.colours[f];
            double least = 1e300;
            const Ink* nearest = nullptr;
            for (const Ink& ink : d.inks) {
                if (ink.meaning != Meaning::paint) continue;
                const double off = pixel::ciede2000(pixel::labOf({c.r, c.g, c.b, 255}), pixel::labOf({ink.colour.r, ink.colour.g, ink.colour.b, 255}));
                if (off >= least) continue;
                least = off;
                nearest = &ink;
            }
            if (!nearest) break;
            Fill fill;
            fill.colour = nearest->colour;
            fill.ink = {nearest->id, 0};
            m.painted.push_back({middleOf(mesh, f), std::move(fill)});
        }
    const Added layer = withNewLayer(d, "Pieces", above);
    return withLiveGroup(layer.document, layer.id, shared(std::move(m)), "Pieces");
}

Edited withMeshChanged(const Document& d, Id pieces, const tone::Mesh& mesh, double gap)
{
    return changed<MeshPieces>(d, pieces, [&](MeshPieces& m) {
        m.painted = followed(m, mesh);
        m.mesh = mesh;
        m.gap = gap;
    });
}

Edited withPieceFilled(const Document& d, Id piece, const std::function<void(Fill&)>& change)
{
    const Item* group = d.parentOf(piece);
    const Item* i = d.item(piece);
    if (!group || !group->group() || !i->artwork() || !(group->group()->facets() || group->group()->mesh())) return {d, Refusal::doesNotFit};
    const Artwork& now = *i->artwork();
    if (now.paths.empty()) return {d, Refusal::doesNotFit};
    Fill fill = now.fill;
    change(fill);
    if (fill == now.fill) return d;
    fill.overlap = 0; // the recipe's own
    const auto paint = [&](std::vector<PaintedPiece>& painted) {
        std::erase_if(painted, [&](const PaintedPiece& p) { return curve::insidePaths(now.paths, p.at); });
        painted.push_back({curve::innerPoint(now.paths), fill});
    };
    if (group->group()->facets()) return changed<Facets>(d, group->id, [&](Facets& f) { paint(f.painted); });
    return changed<MeshPieces>(d, group->id, [&](MeshPieces& m) { paint(m.painted); });
}

tone::Mesh transformed(tone::Mesh mesh, const curve::Affine& m)
{
    for (Vec2& p : mesh.points) p = m * p;
    if (m.a * m.d - m.b * m.c < 0)
        for (auto& f : mesh.faces) std::reverse(f.begin(), f.end());
    return mesh;
}

} // namespace softrope::art
