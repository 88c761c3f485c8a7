#include "art/facets.h"

#include "art/inks.h"
#include "pixel/colour_space.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <mutex>

namespace softrope::art {

using curve::Vec2;

namespace {

constexpr std::array<std::pair<int, int>, tone::shades> shadeSteps{{{-3, -1}, {-1, 1}, {1, 3}, {-2, 0}}};

std::vector<Colour> shadesOf(Colour base)
{
    std::vector<Colour> out;
    for (const auto& [from, to] : shadeSteps) {
        out.push_back(tintOf(base, from));
        out.push_back(tintOf(base, to));
    }
    return out;
}

Gradient gradientOf(const tone::Facet& f, const FacetLayer& layer)
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
        return GradientStop{at, layer.shades[2 * s + k], 1, layer.ink ? InkUse{layer.ink, k ? shadeSteps[s].second : shadeSteps[s].first} : InkUse{}};
    };
    g.stops = {stop(0, 0), stop(1, 1)};
    return g;
}

// The fill of the piece that face `f` of the changed mesh was, or came from, when it is not the mesh's own colour.
const Fill* paintedByHand(const Layer& before, const FacetLayer& after, std::size_t f)
{
    const tone::Mesh& mesh = before.facets->mesh;
    std::size_t was = f;
    if (mesh.faces.size() != after.mesh.faces.size()) {
        const auto same = std::find(mesh.faces.begin(), mesh.faces.end(), after.mesh.faces[f]);
        Vec2 middle;
        for (const int p : after.mesh.faces[f]) middle += after.mesh.points[static_cast<std::size_t>(p)] / static_cast<double>(after.mesh.faces[f].size());
        const int under = same != mesh.faces.end() ? static_cast<int>(same - mesh.faces.begin()) : tone::faceAt(mesh, middle);
        if (under < 0) return nullptr;
        was = static_cast<std::size_t>(under);
    }
    if (was >= before.items.size() || was >= mesh.colours.size() || !before.items[was]->artwork()) return nullptr;
    const Fill& fill = before.items[was]->artwork()->fill;
    const pixel::Rgba own = mesh.colours[was];
    return fill.ink.ink || fill.gradient || fill.colour != Colour{own.r, own.g, own.b} ? &fill : nullptr;
}

Document withPieces(const Document& d, Id layer, const std::function<void(FacetLayer&)>& change)
{
    const Layer* now = d.layer(layer);
    if (!now || !now->facets) return d;
    auto next = std::make_shared<FacetLayer>(*now->facets);
    change(*next);
    std::vector<Artwork> pieces;
    if (!next->mesh.faces.empty()) {
        for (std::size_t f = 0; f < next->mesh.faces.size(); ++f) {
            Artwork a;
            const curve::Path p = tone::outlineOf(next->mesh, static_cast<int>(f), next->gap);
            if (!p.empty()) a.paths = {p};
            a.stroke.colour.reset();
            const pixel::Rgba c = next->mesh.colours[f];
            a.fill.colour = Colour{c.r, c.g, c.b};
            if (next->gap <= 0) a.fill.overlap = 0.4;
            if (const Fill* was = paintedByHand(*now, *next, f)) {
                a.fill.colour = was->colour;
                a.fill.ink = was->ink;
                a.fill.gradient = was->gradient;
            }
            pieces.push_back(std::move(a));
        }
    } else {
        for (const tone::Facet& f : tone::facetsOf(next->plan)) {
            Artwork a;
            a.paths = f.outline;
            a.stroke.colour.reset();
            a.fill.gradient = std::make_shared<const Gradient>(gradientOf(f, *next));
            a.fill.colour = colourAt(*a.fill.gradient, 0.5).colour;
            a.fill.overlap = 0.4;
            pieces.push_back(std::move(a));
        }
    }
    // In the place of the old ones, with the ids of those as far as there are any.
    Document out = d;
    std::vector<ItemPtr> items;
    for (std::size_t k = 0; k < pieces.size(); ++k) {
        auto i = std::make_shared<Item>();
        i->id = k < now->items.size() ? now->items[k]->id : out.nextId++;
        i->name = (next->mesh.faces.empty() ? "Facet " : "Piece ") + std::to_string(k + 1);
        i->is = std::move(pieces[k]);
        items.push_back(i);
    }
    return withLayer(out, layer, [&](Layer& l) {
        l.items = std::move(items);
        l.facets = next;
    });
}

Added withFacetLayer(const Document& d, Id above, FacetLayer layer)
{
    Added out = withNewLayer(d, "Facets", above);
    out.document = withLayer(out.document, out.id, [&](Layer& l) { l.facets = std::make_shared<const FacetLayer>(std::move(layer)); });
    out.document = withPieces(out.document, out.id, [](FacetLayer&) {});
    return out;
}

} // namespace

Added withFacets(const Document& d, Id item, const tone::FacetPlan& plan, Id ink)
{
    const Layer* on = d.layerOf(item);
    const Item* i = d.item(item);
    if (!on || !i || !i->artwork() || plan.outline.empty()) return {d, 0};
    FacetLayer l;
    l.plan = plan;
    const Ink* named = d.ink(ink);
    l.ink = named ? ink : 0;
    l.shades = shadesOf(named ? named->colour : i->artwork()->fill.colour.value_or(i->artwork()->stroke.colour.value_or(Colour{120, 120, 120})));
    return withFacetLayer(d, on->id, std::move(l));
}

Document withFacetPlan(const Document& d, Id layer, const tone::FacetPlan& plan)
{
    return withPieces(d, layer, [&](FacetLayer& l) { l.plan = plan; });
}

Document withFacetInk(const Document& d, Id layer, Id ink)
{
    const Ink* named = d.ink(ink);
    if (!named) return d;
    return withPieces(d, layer, [&](FacetLayer& l) {
        l.ink = ink;
        l.shades = shadesOf(named->colour);
    });
}

namespace {

// The pieces of plans that were asked for last: tools and cards ask again and again.
std::shared_ptr<const std::vector<tone::Facet>> piecesOf(const tone::FacetPlan& plan)
{
    struct Kept {
        tone::FacetPlan plan;
        std::shared_ptr<const std::vector<tone::Facet>> pieces;
    };
    static std::mutex mutex;
    static std::vector<Kept> kept;
    constexpr std::size_t most = 4;
    {
        const std::lock_guard lock(mutex);
        for (const Kept& k : kept)
            if (k.plan == plan) return k.pieces;
    }
    auto pieces = std::make_shared<const std::vector<tone::Facet>>(tone::facetsOf(plan));
    const std::lock_guard lock(mutex);
    if (kept.size() == most) kept.erase(kept.begin());
    kept.push_back({plan, pieces});
    return pieces;
}

} // namespace

std::vector<tone::Facet> facetsOn(const Layer& layer)
{
    return layer.facets && layer.facets->mesh.faces.empty() ? *piecesOf(layer.facets->plan) : std::vector<tone::Facet>{};
}

Document withFacetHeld(const Document& d, Id layer, std::size_t piece, int shade, double turn, bool locked)
{
    const Layer* now = d.layer(layer);
    if (!now) return d;
    const std::vector<tone::Facet> pieces = facetsOn(*now);
    if (piece >= pieces.size()) return d;
    return withPieces(d, layer, [&](FacetLayer& l) {
        l.plan.held.clear();
        for (std::size_t k = 0; k < pieces.size(); ++k)
            l.plan.held.push_back(k == piece ? tone::Held{pieces[k].inner, std::clamp(shade, 0, tone::shades - 1), turn, locked}
                                             : tone::Held{pieces[k].inner, pieces[k].shade, pieces[k].turn, pieces[k].locked});
    });
}

Document withFacetsShuffled(const Document& d, Id layer, std::uint32_t seed)
{
    return withPieces(d, layer, [&](FacetLayer& l) {
        l.plan.seed = seed;
        auto& held = l.plan.held;
        held.erase(std::remove_if(held.begin(), held.end(), [](const tone::Held& h) { return !h.locked; }), held.end());
    });
}

Added withMesh(const Document& d, const tone::Mesh& mesh, double gap, bool nearestInk, Id above)
{
    if (mesh.faces.empty()) return {d, 0};
    FacetLayer l;
    l.mesh = mesh;
    l.gap = gap;
    Added out = withFacetLayer(d, above, std::move(l));
    if (!nearestInk || d.inks.empty()) return out;
    out.document = withLayer(out.document, out.id, [&](Layer& on) {
        for (ItemPtr& i : on.items) {
            Artwork a = *i->artwork();
            const Colour c = a.fill.colour.value_or(Colour{});
            double least = 1e300;
            for (const Ink& ink : d.inks) {
                if (ink.meaning != Meaning::paint) continue;
                const double off = pixel::ciede2000(pixel::labOf({c.r, c.g, c.b, 255}), pixel::labOf({ink.colour.r, ink.colour.g, ink.colour.b, 255}));
                if (off >= least) continue;
                least = off;
                a.fill.colour = ink.colour;
                a.fill.ink = {ink.id, 0};
            }
            auto item = std::make_shared<Item>(*i);
            item->is = std::move(a);
            i = item;
        }
    });
    return out;
}

Document withMeshChanged(const Document& d, Id layer, const tone::Mesh& mesh, double gap)
{
    return withPieces(d, layer, [&](FacetLayer& l) {
        l.mesh = mesh;
        l.gap = gap;
    });
}

tone::Mesh transformed(tone::Mesh mesh, const curve::Affine& m)
{
    for (Vec2& p : mesh.points) p = m * p;
    if (m.a * m.d - m.b * m.c < 0)
        for (auto& f : mesh.faces) std::reverse(f.begin(), f.end());
    return mesh;
}

} // namespace softrope::art
