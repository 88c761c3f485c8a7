#include "art/weight.h"

#include "art/tree.h"

#include <algorithm>

namespace softrope::art {

namespace {

std::size_t bytesOf(const curve::Paths& paths)
{
    std::size_t n = paths.capacity() * sizeof(curve::Path);
    for (const curve::Path& p : paths) n += p.nodes.capacity() * sizeof(curve::Node);
    return n;
}

// What each recipe holds beside itself.
std::size_t bytesOf(const Hand& h)
{
    return h.samples.size() * sizeof(HandSample);
}
std::size_t bytesOf(const Rounding& r)
{
    return bytesOf(r.before) + r.radii.size() * sizeof(curve::CornerRadius);
}
std::size_t bytesOf(const Combined& c)
{
    std::size_t n = 0;
    for (const Artwork& part : c.parts) n += sizeof(Artwork) + bytesOf(part.paths);
    return n;
}
std::size_t bytesOf(const Drop& d)
{
    return (d.lines.size() + d.leaks.size()) * sizeof(LineSide);
}
std::size_t bytesOf(const Crescent&)
{
    return 0;
}
std::size_t bytesOf(const Lettering& l)
{
    return l.words.size() + l.type.family.size() + l.was.nodes.size() * sizeof(curve::Node);
}
std::size_t bytesOf(const shade::Scatter& s)
{
    return bytesOf(s.own);
}
std::size_t bytesOf(const ToneStack& t)
{
    std::size_t n = t.stack.cuts.size() * sizeof(double);
    for (const tone::Patch& p : t.stack.patches) n += sizeof p + p.outline.nodes.size() * sizeof(curve::Node);
    for (const tone::Push& p : t.stack.pushes) n += sizeof p + p.way.size() * sizeof(curve::Vec2);
    for (const tone::Sweep& p : t.stack.sweeps) n += sizeof p + p.way.size() * sizeof(curve::Vec2);
    return n;
}
std::size_t bytesOf(const Facets& f)
{
    return bytesOf(f.plan.outline) + f.plan.chords.size() * sizeof(tone::Chord) + f.painted.size() * sizeof(PaintedPiece);
}
std::size_t bytesOf(const MeshPieces& m)
{
    return m.mesh.points.size() * sizeof(curve::Vec2) + m.mesh.faces.size() * (sizeof(std::vector<int>) + 4 * sizeof(int) + sizeof(pixel::Rgba)) +
           m.painted.size() * sizeof(PaintedPiece);
}

std::size_t bytesOf(const Repeat& r)
{
    return r.was.nodes.size() * sizeof(curve::Node) + r.last.size() * sizeof(ItemPtr); // what it gave is shared with its group
}

std::size_t bytesOf(const PartUse& u)
{
    return u.part.size();
}

// What an item shares by pointer: recipes, gradients, pictures.
template <class Act> void eachPart(const Item& i, const Act& act)
{
    const Each recipe{[](std::monostate) {}, [&act](const auto& r) { act(r.get(), sizeof *r + bytesOf(*r)); }};
    std::visit(Each{[&](const Artwork& a) {
                        if (a.stroke.gradient) act(a.stroke.gradient.get(), sizeof(Gradient) + a.stroke.gradient->stops.size() * sizeof(GradientStop));
                        if (a.fill.gradient) act(a.fill.gradient.get(), sizeof(Gradient) + a.fill.gradient->stops.size() * sizeof(GradientStop));
                        std::visit(recipe, *a.live);
                    },
                    [&](const Reference& r) {
                        if (r.picture) act(r.picture.get(), r.picture->bytes.size());
                    },
                    [&](const Group& g) { std::visit(recipe, *g.live); },
                    [&](const Island& k) { act(k.source.get(), sizeof(IslandSource) + k.source->xml.size()); }},
               i.is);
}

} // namespace

void Weight::know(const ItemPtr& i)
{
    if (!seen_.insert(i.get()).second) return;
    knowAlone(*i);
    for (const ItemPtr& c : childrenOf(*i)) know(c);
}

void Weight::knowAlone(const Item& i)
{
    eachPart(i, [this](const void* p, std::size_t) { seen_.insert(p); });
}

void Weight::add(const ItemPtr& i)
{
    if (!seen_.insert(i.get()).second) return;
    addAlone(*i);
    for (const ItemPtr& c : childrenOf(*i)) add(c);
}

void Weight::addAlone(const Item& i)
{
    bytes_ += sizeof(Item) + i.name.size() + childrenOf(i).size() * sizeof(ItemPtr);
    if (const Artwork* a = i.artwork()) bytes_ += bytesOf(a->paths);
    eachPart(i, [this](const void* p, std::size_t n) {
        if (seen_.insert(p).second) bytes_ += n;
    });
}

void Weight::know(const LayerPtr& l)
{
    if (!seen_.insert(l.get()).second) return;
    for (const ItemPtr& i : l->items) know(i);
}

void Weight::add(const LayerPtr& l)
{
    if (!seen_.insert(l.get()).second) return;
    bytes_ += sizeof(Layer) + l->items.size() * sizeof(ItemPtr);
    for (const ItemPtr& i : l->items) add(i);
}

void Weight::know(const Shared<Stage>& s)
{
    seen_.insert(s.get());
}

void Weight::add(const Shared<Stage>& s)
{
    if (!seen_.insert(s.get()).second) return;
    bytes_ += sizeof(Stage);
    for (const LayerPtr& l : s->content.layers) add(l);
}

namespace {

// Documents differ in few layers: only those are looked at.
std::vector<LayerPtr> onlyIn(const Document& d, const Document& other)
{
    std::unordered_set<const Layer*> theirs;
    for (const LayerPtr& l : other.layers) theirs.insert(l.get());
    std::vector<LayerPtr> out = d.layers;
    std::erase_if(out, [&](const LayerPtr& l) { return theirs.count(l.get()) != 0; });
    return out;
}

} // namespace

std::size_t bytesApart(const Document& d, const Document& other)
{
    Weight w;
    // What is kept beside the work was weighed when it was kept.
    for (const Shared<Stage>& s : other.stages) w.know(s);
    for (const LayerPtr& l : onlyIn(other, d)) w.know(l);
    w.knowLayers(other); // nor are they looked into where a stage keeps them
    for (const LayerPtr& l : onlyIn(d, other)) w.add(l);
    for (const Shared<Stage>& s : d.stages) w.add(s);
    return w.bytes() + sizeof(Document) + d.layers.size() * sizeof(LayerPtr) + d.inks.size() * sizeof(Ink) + d.guides.size() * sizeof(Guide);
}

} // namespace softrope::art
