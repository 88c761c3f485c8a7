#include "art/history.h"

#include "art/tree.h"

#include <algorithm>
#include <unordered_set>

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

// Counts what has not been seen yet, by identity.
class Scale {
public:
    void see(const Document& d)
    {
        // What is kept beside the work was weighed when it was kept.
        for (const Shared<Stage>& s : d.stages) seen_.insert(s.get());
        for (const LayerPtr& l : d.layers)
            if (seen_.insert(l.get()).second)
                for (const ItemPtr& i : l->items) see(i);
    }
    // Its layers are not looked into where a stage keeps them.
    void know(const Document& d)
    {
        for (const LayerPtr& l : d.layers) seen_.insert(l.get());
    }
    std::size_t weigh(const Document& d)
    {
        bytes_ = sizeof(Document) + d.layers.size() * sizeof(LayerPtr) + d.inks.size() * sizeof(Ink) + d.guides.size() * sizeof(Guide);
        weighLayers(d);
        for (const Shared<Stage>& s : d.stages)
            if (seen_.insert(s.get()).second) {
                bytes_ += sizeof(Stage);
                weighLayers(s->content);
            }
        return bytes_;
    }

private:
    std::unordered_set<const void*> seen_;
    std::size_t bytes_ = 0;

    void weighLayers(const Content& d)
    {
        for (const LayerPtr& l : d.layers) {
            if (!seen_.insert(l.get()).second) continue;
            bytes_ += sizeof(Layer) + l->items.size() * sizeof(ItemPtr);
            for (const ItemPtr& i : l->items) add(i);
        }
    }
    void see(const ItemPtr& i)
    {
        if (!seen_.insert(i.get()).second) return;
        eachPart(*i, [this](const void* p, std::size_t) { seen_.insert(p); });
        for (const ItemPtr& c : childrenOf(*i)) see(c);
    }
    void add(const ItemPtr& i)
    {
        if (!seen_.insert(i.get()).second) return;
        bytes_ += sizeof(Item) + i->name.size() + childrenOf(*i).size() * sizeof(ItemPtr);
        if (const Artwork* a = i->artwork()) bytes_ += bytesOf(a->paths);
        eachPart(*i, [this](const void* p, std::size_t n) {
            if (seen_.insert(p).second) bytes_ += n;
        });
        for (const ItemPtr& c : childrenOf(*i)) add(c);
    }
    // What an item shares by pointer: recipes, gradients, pictures.
    template <class Act> static void eachPart(const Item& i, const Act& act)
    {
        const Each recipe{[](std::monostate) {}, [&act](const auto& r) { act(r.get(), sizeof *r + bytesOf(*r)); }};
        std::visit(Each{[&](const Artwork& a) {
                            if (a.stroke.gradient)
                                act(a.stroke.gradient.get(), sizeof(Gradient) + a.stroke.gradient->stops.size() * sizeof(GradientStop));
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
};

// Documents differ in few layers: only those are looked at.
Document onlyApart(const Document& d, const Document& other)
{
    std::unordered_set<const Layer*> theirs;
    for (const LayerPtr& l : other.layers) theirs.insert(l.get());
    Document out = d;
    std::erase_if(out.layers, [&](const LayerPtr& l) { return theirs.count(l.get()) != 0; });
    return out;
}

} // namespace

std::size_t bytesApart(const Document& d, const Document& other)
{
    Scale scale;
    scale.see(onlyApart(other, d));
    scale.know(other);
    return scale.weigh(onlyApart(d, other));
}

History::History(State start)
{
    steps_.push_back({std::move(start), {}, {}, {}, 0});
}

void History::weigh(std::size_t step)
{
    bytes_ -= steps_[step].bytes;
    steps_[step].bytes = step == 0 ? 0 : bytesApart(steps_[step].state.document, steps_[step - 1].state.document);
    bytes_ += steps_[step].bytes;
}

void History::trim()
{
    while (bytes_ > limit_ && at_ > 1) {
        bytes_ -= steps_[1].bytes; // the next one becomes the first: it is not counted
        steps_.pop_front();
        steps_.front().bytes = 0;
        --at_;
        ++dropped_;
    }
}

void History::setLimit(std::size_t bytes)
{
    limit_ = bytes;
    trim();
}

void History::take(State next, const std::string& name, const std::string& burst)
{
    next.selection = pruned(next.selection, next.document);
    if (next.document == now().document) {
        pick(next.selection);
        return;
    }
    while (steps_.size() > at_ + 1) {
        bytes_ -= steps_.back().bytes;
        steps_.pop_back();
    }
    if (open_ && !burst.empty() && at_ > 0 && steps_[at_].burst == burst) {
        steps_[at_].state = std::move(next);
        weigh(at_);
        return;
    }
    const Selection before = now().selection;
    steps_.push_back({std::move(next), before, name, burst, 0});
    ++at_;
    open_ = true;
    weigh(at_);
    trim();
}

void History::derive(const Document& d)
{
    State& s = steps_[at_].state;
    s.document = d;
    s.selection = pruned(s.selection, d);
    weigh(at_);
}

void History::pick(const Selection& selection)
{
    steps_[at_].state.selection = pruned(selection, now().document);
}

bool History::undo()
{
    if (!canUndo()) return false;
    const Selection before = steps_[at_].before;
    --at_;
    steps_[at_].state.selection = pruned(before, steps_[at_].state.document);
    open_ = false;
    return true;
}

bool History::redo()
{
    if (!canRedo()) return false;
    ++at_;
    open_ = false;
    return true;
}

} // namespace softrope::art
