#include "art/history.h"

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

std::size_t bytesOf(const tone::Mesh& m)
{
    return m.points.size() * sizeof(curve::Vec2) + m.faces.size() * (sizeof(std::vector<int>) + 4 * sizeof(int)) + m.colours.size() * sizeof(pixel::Rgba);
}

// Counts what has not been seen yet, by identity.
class Scale {
public:
    void see(const Document& d)
    {
        for (const LayerPtr& l : d.layers)
            if (seen_.insert(l.get()).second)
                for (const ItemPtr& i : l->items) see(i);
    }
    std::size_t weigh(const Document& d)
    {
        bytes_ = sizeof(Document) + d.layers.size() * sizeof(LayerPtr) + d.inks.size() * sizeof(Ink) + d.guides.size() * sizeof(Guide);
        for (const LayerPtr& l : d.layers) {
            if (!seen_.insert(l.get()).second) continue;
            bytes_ += sizeof(Layer) + l->items.size() * sizeof(ItemPtr);
            for (const ItemPtr& i : l->items) add(i);
        }
        return bytes_;
    }

private:
    std::unordered_set<const void*> seen_;
    std::size_t bytes_ = 0;

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
        if (const Artwork* a = i.artwork()) {
            if (a->fill.gradient) act(a->fill.gradient.get(), sizeof(Gradient) + a->fill.gradient->stops.size() * sizeof(GradientStop));
            if (const Hand* h = a->hand()) act(h, h->samples.size() * sizeof(HandSample));
            if (const Rounding* r = a->rounding()) act(r, bytesOf(r->before));
            if (const Combined* c = a->combined()) {
                std::size_t n = 0;
                for (const Artwork& part : c->parts) n += sizeof(Artwork) + bytesOf(part.paths);
                act(c, n);
            }
            if (const Drop* d = a->drop()) act(d, d->lines.size() * sizeof(LineSide));
        }
        if (const Group* g = i.group()) {
            if (const ToneStack* t = g->tones()) act(t, sizeof(ToneStack) + t->stack.patches.size() * 512 + t->stack.pushes.size() * 512);
            if (const Facets* f = g->facets()) act(f, bytesOf(f->plan.outline) + f->plan.chords.size() * sizeof(tone::Chord));
            if (const MeshPieces* m = g->mesh()) act(m, bytesOf(m->mesh) + m->painted.size() * sizeof(PaintedPiece));
        }
        if (const Reference* r = i.reference())
            if (r->picture) act(r->picture.get(), r->picture->bytes.size());
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
