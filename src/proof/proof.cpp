#include "proof/proof.h"

#include "art/tree.h"
#include "curve/foot.h"
#include "proof/ends.h"
#include "proof/near.h"
#include "proof/nodes.h"
#include "proof/whole.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <unordered_map>
#include <unordered_set>

namespace softrope::proof {

using curve::Box;

namespace {

// Which boxes meet which: by a sweep along x.
std::vector<std::vector<std::size_t>> neighbours(const std::vector<Box>& boxes)
{
    std::vector<std::size_t> order(boxes.size());
    for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return boxes[a].min.x < boxes[b].min.x; });
    std::vector<std::vector<std::size_t>> out(boxes.size());
    std::vector<std::size_t> open;
    for (const std::size_t i : order) {
        if (boxes[i].empty()) continue;
        open.erase(std::remove_if(open.begin(), open.end(), [&](std::size_t k) { return boxes[k].max.x < boxes[i].min.x; }), open.end());
        for (const std::size_t k : open)
            if (boxes[k].min.y <= boxes[i].max.y && boxes[i].min.y <= boxes[k].max.y) {
                out[i].push_back(k);
                out[k].push_back(i);
            }
        open.push_back(i);
    }
    for (auto& list : out) std::sort(list.begin(), list.end());
    return out;
}

bool isMeant(const art::Document& d, const Finding& f)
{
    constexpr double sameFault = 3; // px: as the drawing is worked on, a fault may shift a little
    return std::any_of(d.proofing.meant.begin(), d.proofing.meant.end(), [&](const art::Meant& m) {
        return m.kind == nameOf(f.kind) && (f.items.empty() ? 0 : f.items.front()) == m.item && distance(m.at, f.at) <= sameFault;
    });
}

// A break in the border of an area that has no line itself: where lines under which it was made meet, the border goes on along another one.
bool mayFollowLines(const Thing& t, const Finding& f)
{
    return f.kind == Fault::kink && !t.artwork->stroke.colour;
}

// Two lines of others go through the place, or end there.
bool linesMeetAt(curve::Vec2 p, std::size_t self, const std::vector<Thing>& things, const Grid& grid, const Sizes& sizes)
{
    const double within = 0.1 * sizes.unit;
    int first = -1;
    bool two = false;
    grid.near(p, within, [&](const Grid::Straight& s) {
        const auto thing = static_cast<std::size_t>(s.thing);
        if (thing == self || !things[thing].artwork->stroke.colour || s.thing == first || curve::distanceToSegment(p, s.a, s.b) > within) return;
        two = two || first >= 0;
        first = s.thing;
    });
    return two;
}

} // namespace

struct Proofer::Kept {
    // Held so that what is remembered by its address stays itself.
    art::Document before;
    Limits limits;
    struct Alone {
        std::shared_ptr<const Shape> shape;
        std::vector<Finding> faults;
    };
    std::unordered_map<const art::Item*, Alone> alone;
    struct Among {
        std::vector<const art::Item*> about; // itself first
        std::vector<Finding> faults;
    };
    std::unordered_map<const art::Item*, Among> among;
};

Proofer::Proofer() : kept_(std::make_unique<Kept>()) {}
Proofer::~Proofer() = default;

std::vector<Finding> Proofer::findings(const art::Document& d, const Limits& asked, const std::function<bool()>& cancelled)
{
    Limits l = asked;
    l.sizes = sizesFor(d.sheet);
    const auto stopped = [&] { return cancelled && cancelled(); };
    Kept& kept = *kept_;
    if (!(kept.limits == l)) {
        if (!(kept.limits.sizes == l.sizes)) kept.alone.clear();
        kept.among.clear();
        kept.limits = l;
    }
    std::vector<Thing> things;
    art::eachArtwork(d, art::seen, [&](const art::Item& i, const art::Artwork& a, const art::Where& w) {
        if (a.guide) return;
        Thing t;
        t.item = &i;
        t.artwork = &a;
        t.parent = w.parent ? w.parent->id : w.layer->id;
        t.workable = !w.locked && !w.derived;
        t.plain = !w.derived && !a.combined() && !a.drop() && !a.crescent() && !a.scatter() && !a.lettering();
        things.push_back(t);
    });

    std::vector<Finding> found;
    const auto take = [&](const Thing& t, Finding f) {
        f.items = {t.item->id};
        if (!t.workable) f.mending = Mending::none;
        found.push_back(std::move(f));
    };

    // Each by itself.
    std::vector<Kept::Alone> alone(things.size());
    tbb::parallel_for(std::size_t{0}, things.size(), [&](std::size_t k) {
        if (stopped()) return;
        if (const auto known = kept.alone.find(things[k].item); known != kept.alone.end()) {
            alone[k] = known->second;
            return;
        }
        alone[k].shape = std::make_shared<const Shape>(shapeOf(*things[k].artwork));
        alone[k].faults = nodeFaults(*things[k].artwork, l.sizes);
    });
    if (stopped()) return {};
    std::vector<Box> boxes;
    const double reach = reachOf(l);
    for (std::size_t k = 0; k < things.size(); ++k) {
        Thing& t = things[k];
        t.shape = alone[k].shape;
        boxes.push_back(t.shape->box.grown(reach));
        if (t.plain)
            for (const Finding& f : alone[k].faults)
                if (!mayFollowLines(t, f)) take(t, f);
        // A line says itself how thin it is.
        if (const art::Stroke& s = t.artwork->stroke; l.line > 0 && s.colour && !t.artwork->paths->empty()) {
            double width = s.width;
            if (s.swell) {
                double widest = 0;
                for (const curve::SwellBead& b : s.swell->beads) widest = std::max(widest, b.width);
                width *= widest;
            }
            const curve::Path& p = t.artwork->paths->front();
            if (width < l.line && p.pieceCount() > 0 && !withoutLength(p)) {
                Finding f;
                f.kind = Fault::thinPart;
                f.at = p.pieceCount() % 2 ? curve::at(p.piece(p.pieceCount() / 2), 0.5) : p.nodes[p.nodes.size() / 2].at;
                f.on = {p.nodes.front().at, p.nodes.back().at};
                f.size = width;
                f.wanted = l.line;
                f.items = {t.item->id};
                found.push_back(std::move(f));
            }
        }
    }

    // Of what lies there twice only the uppermost is measured against others: it is what is seen.
    const std::vector<Finding> doubles = doubleFaults(things, l.sizes);
    std::unordered_set<art::Id> under;
    for (const Finding& f : doubles) under.insert(f.items.front());
    const auto nothing = std::make_shared<const Shape>();
    for (std::size_t k = 0; k < things.size(); ++k)
        if (under.count(things[k].item->id)) {
            things[k].shape = nothing;
            boxes[k] = {};
        }
    // Each among those near it.
    const Grid grid(things, reach);
    for (std::size_t k = 0; k < things.size(); ++k)
        if (things[k].plain)
            for (const Finding& f : alone[k].faults)
                if (mayFollowLines(things[k], f) && !linesMeetAt(f.at, k, things, grid, l.sizes)) take(things[k], f);
    const auto about = neighbours(boxes);
    std::vector<Kept::Among> among(things.size());
    tbb::parallel_for(std::size_t{0}, things.size(), [&](std::size_t k) {
        if (stopped()) return;
        Kept::Among& mine = among[k];
        mine.about.push_back(things[k].item);
        for (const std::size_t n : about[k]) mine.about.push_back(things[n].item);
        if (const auto known = kept.among.find(things[k].item); known != kept.among.end() && known->second.about == mine.about) {
            mine.faults = known->second.faults;
            return;
        }
        mine.faults = nearFaults(things, k, about[k], grid, l);
    });
    if (stopped()) return {};
    for (const Kept::Among& a : among) found.insert(found.end(), a.faults.begin(), a.faults.end());

    for (auto part : {endFaults(d, things, grid, l.sizes), doubles, leftFaults(d), colourFaults(d, l), wordFaults(d, l), smallFaults(d, l.smallest)})
        found.insert(found.end(), part.begin(), part.end());

    kept.alone.clear();
    kept.among.clear();
    for (std::size_t k = 0; k < things.size(); ++k) {
        kept.alone.emplace(things[k].item, std::move(alone[k]));
        if (!under.count(things[k].item->id)) kept.among.emplace(things[k].item, std::move(among[k]));
    }
    kept.before = d;

    found.erase(std::remove_if(found.begin(), found.end(), [&](const Finding& f) { return isMeant(d, f); }), found.end());
    std::stable_sort(found.begin(), found.end(), [](const Finding& a, const Finding& b) {
        const auto rank = [](const Finding& f) { return f.mending == Mending::safe ? 0 : f.mending == Mending::asked ? 1 : 2; };
        return std::make_tuple(rank(a), a.kind, a.at.y, a.at.x) < std::make_tuple(rank(b), b.kind, b.at.y, b.at.x);
    });
    return found;
}

std::vector<Finding> findings(const art::Document& d, const Limits& l, const std::function<bool()>& cancelled)
{
    return Proofer().findings(d, l, cancelled);
}

} // namespace softrope::proof
