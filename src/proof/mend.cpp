#include "proof/mend.h"

#include "art/edits.h"
#include "art/inks.h"
#include "art/shades.h"
#include "art/tree.h"
#include "curve/edit.h"
#include "curve/reduce.h"
#include "planar/combine.h"
#include "proof/close.h"
#include "proof/ends.h"
#include "proof/nodes.h"
#include "words/said.h"

#include <algorithm>
#include <map>
#include <unordered_map>

namespace softrope::proof {

using curve::Path;
using curve::Vec2;

namespace {

bool smoothThere(const curve::Node& n)
{
    return n.in != n.at && n.out != n.at && std::abs(turn(n.at - n.in, n.out - n.at)) < curve::radians(0.5);
}

curve::Node jointOf(const curve::Node& before, const curve::Node& after)
{
    curve::Node n;
    n.at = lerp(before.at, after.at, 0.5);
    n.in = n.at + (before.in - before.at);
    n.out = n.at + (after.out - after.at);
    n.kind = smoothThere(n) ? curve::NodeKind::smooth : curve::NodeKind::corner;
    return n;
}

// Artwork while it is mended: changed copies, and what goes. One document is built in the end.
class Bench {
public:
    explicit Bench(const art::Document& d) : d_(d) {}

    // Nothing for what is gone, not artwork, locked or derived.
    curve::Paths* paths(art::Id id)
    {
        if (gone_.count(id)) return nullptr;
        if (const auto known = paths_.find(id); known != paths_.end()) return &known->second;
        const art::Item* i = d_.item(id);
        if (!i || !i->artwork() || art::lockedBy(d_, id)) return nullptr;
        return &paths_.emplace(id, i->artwork()->paths).first->second;
    }
    const art::Artwork& artwork(art::Id id) const { return *d_.item(id)->artwork(); }
    void overlap(art::Id id, double px) { overlaps_[id] = std::max(overlaps_[id], px); }
    void remove(art::Id id) { gone_[id] = true; }

    bool join(const Finding& f);
    bool close(const Finding& f);

    art::Document built() const
    {
        return art::rebuilt(d_, [&](const art::ItemPtr& i, const art::Where& w) {
            if (w.derived) return art::Rebuild::stay();
            if (gone_.count(i->id)) return art::Rebuild::gone();
            const auto p = paths_.find(i->id);
            const auto o = overlaps_.find(i->id);
            if (p == paths_.end() && o == overlaps_.end()) return art::Rebuild::below();
            art::Item changed = *i;
            auto& a = std::get<art::Artwork>(changed.is);
            if (p != paths_.end() && !(a.paths == p->second)) a.setPaths(p->second);
            if (o != overlaps_.end()) a.fill.overlap = o->second;
            return art::Rebuild::changed(art::shared(std::move(changed)));
        });
    }

private:
    const art::Document& d_;
    std::unordered_map<art::Id, curve::Paths> paths_;
    std::unordered_map<art::Id, double> overlaps_;
    std::unordered_map<art::Id, bool> gone_;
    std::unordered_map<art::Id, std::vector<art::Id>> groups_; // what was joined to what

    struct End {
        art::Id item = 0;
        std::size_t path = 0;
        bool atStart = false;
    };
    std::optional<End> endAt(Vec2 at, const std::vector<art::Id>& among, const std::optional<End>& not_)
    {
        for (const art::Id id : among) {
            const curve::Paths* all = paths(id);
            if (!all) continue;
            for (std::size_t k = 0; k < all->size(); ++k) {
                const Path& p = (*all)[k];
                if (p.closed || p.nodes.size() < 2) continue;
                for (const bool start : {true, false}) {
                    if (not_ && not_->item == id && not_->path == k && not_->atStart == start) continue;
                    if (distance((start ? p.nodes.front() : p.nodes.back()).at, at) < 1e-9) return End{id, k, start};
                }
            }
        }
        return std::nullopt;
    }
};

bool Bench::join(const Finding& f)
{
    std::vector<art::Id> among;
    for (const art::Id id : f.items) {
        among.push_back(id);
        if (const auto g = groups_.find(id); g != groups_.end()) among.insert(among.end(), g->second.begin(), g->second.end());
    }
    const auto a = endAt(f.on[0], among, {});
    const auto b = a ? endAt(f.on[1], among, a) : std::nullopt;
    if (!b) return false;
    curve::Paths& mine = *paths(a->item);
    if (a->item == b->item && a->path == b->path) {
        Path& p = mine[a->path];
        p.nodes.front() = jointOf(p.nodes.back(), p.nodes.front());
        p.nodes.pop_back();
        p.closed = true;
        return true;
    }
    Path first = mine[a->path], second = (*paths(b->item))[b->path];
    if (a->atStart) first = curve::reversed(first);
    if (!b->atStart) second = curve::reversed(second);
    first.nodes.back() = jointOf(first.nodes.back(), second.nodes.front());
    first.nodes.insert(first.nodes.end(), second.nodes.begin() + 1, second.nodes.end());
    mine[a->path] = std::move(first);
    curve::Paths& other = *paths(b->item);
    other.erase(other.begin() + static_cast<std::ptrdiff_t>(b->path));
    if (a->item != b->item) {
        if (other.empty()) remove(b->item);
        // Ends of the one are looked for in the other from now on.
        std::vector<art::Id> all = groups_[a->item];
        const std::vector<art::Id> theirs = groups_[b->item];
        all.insert(all.end(), theirs.begin(), theirs.end());
        for (const art::Id id : {a->item, b->item}) all.push_back(id);
        std::sort(all.begin(), all.end());
        all.erase(std::unique(all.begin(), all.end()), all.end());
        for (const art::Id id : all) groups_[id] = all;
    }
    return true;
}

bool Bench::close(const Finding& f)
{
    if (f.items.size() < 2) return false;
    curve::Paths *upper = paths(f.items[0]), *lower = paths(f.items[1]);
    if (!upper || !lower || f.on.size() < 4) return false;
    auto closed = withSliverClosed(*upper, *lower, f.on.front(), f.at, f.on.back(), sizesFor(d_.sheet).unit);
    if (!closed) return false;
    *upper = std::move(*closed);
    return true;
}

// The node of that path that lies there.
std::optional<std::size_t> nodeAt(const curve::Paths& paths, const Finding& f)
{
    if (f.path >= paths.size()) return std::nullopt;
    const auto& nodes = paths[f.path].nodes;
    std::optional<std::size_t> best;
    for (std::size_t i = 0; i < nodes.size(); ++i)
        if (distance(nodes[i].at, f.at) < 1e-9) {
            best = i;
            if (i == f.node) return i; // of several in one place the one that was found
        }
    return best;
}

// Whatever it is, hidden or not; what is locked stays.
art::Edited withoutWhatIs(const art::Document& d, const std::vector<art::Id>& items)
{
    for (const art::Id id : items)
        if (!d.item(id) || art::lockedBy(d, id)) return {d, art::Refusal::locked};
    return art::rebuilt(d, [&](const art::ItemPtr& i, const art::Where&) {
        return std::find(items.begin(), items.end(), i->id) != items.end() ? art::Rebuild::gone() : art::Rebuild::below();
    });
}

} // namespace

int Mended::total() const
{
    int n = 0;
    for (const auto& [kind, count] : done) n += count;
    return n;
}

Mended mended(const art::Document& d, const std::vector<Finding>& findings)
{
    Bench bench(d);
    const Sizes sizes = sizesFor(d.sheet);
    std::map<Fault, int> done;
    const auto each = [&](std::initializer_list<Fault> kinds_, const std::function<bool(const Finding&)>& act) {
        for (const Finding& f : findings)
            if (f.mending != Mending::none && !f.items.empty() && std::find(kinds_.begin(), kinds_.end(), f.kind) != kinds_.end() && act(f)) ++done[f.kind];
    };
    // First what goes by the number of a node or path, then what changes these.
    each({Fault::doubledNode, Fault::needlessNode, Fault::kink}, [&](const Finding& f) {
        curve::Paths* p = bench.paths(f.items[0]);
        const auto node = p ? nodeAt(*p, f) : std::nullopt;
        if (!node) return false;
        Path& path = (*p)[f.path];
        if (f.kind == Fault::doubledNode) {
            const Path merged = withDoubleMerged(path, *node);
            if (merged.nodes.size() == path.nodes.size()) return false;
            path = merged;
        } else if (f.kind == Fault::needlessNode) {
            auto less = withNeedlessGone(path, *node, sizes);
            if (!less) return false;
            path = std::move(*less);
        } else {
            if (!kinkAt(path, *node, sizes)) return false;
            path = withKinkSmoothed(path, *node);
        }
        return true;
    });
    each({Fault::overshoot, Fault::openFill, Fault::manyNodes}, [&](const Finding& f) {
        curve::Paths* p = bench.paths(f.items[0]);
        if (!p || f.path >= p->size()) return false;
        Path& path = (*p)[f.path];
        if (f.kind == Fault::openFill) {
            path.closed = true;
        } else if (f.kind == Fault::manyNodes) {
            curve::ReduceOptions o;
            o.slack = 0.25 * sizes.unit;
            const curve::Reduced r = curve::reduce(path, o);
            if (r.path.nodes.size() >= path.nodes.size()) return false;
            path = r.path;
        } else {
            const bool start = distance(path.nodes.front().at, f.at) < 1e-9;
            if (f.on.empty() || (!start && distance(path.nodes.back().at, f.at) > 1e-9)) return false;
            path = cutOffAt(path, start, f.on[0]);
        }
        return true;
    });
    each({Fault::sliver}, [&](const Finding& f) { return bench.close(f); });
    each({Fault::endsUnjoined, Fault::endsApart}, [&](const Finding& f) { return f.on.size() == 2 && bench.join(f); });
    each({Fault::selfCrossing}, [&](const Finding& f) {
        curve::Paths* p = bench.paths(f.items[0]);
        if (!p) return false;
        curve::Paths one = planar::combine({{*p, bench.artwork(f.items[0]).fill.evenOdd}}, planar::Operation::unite);
        if (one.empty()) return false;
        *p = std::move(one);
        return true;
    });
    each({Fault::seam}, [&](const Finding& f) {
        if (!bench.paths(f.items[0])) return false;
        bench.overlap(f.items[0], f.wanted);
        return true;
    });
    // From the last, so that numbers of paths hold.
    for (auto f = findings.rbegin(); f != findings.rend(); ++f) {
        if (f->kind != Fault::strayPoint || f->mending == Mending::none) continue;
        curve::Paths* p = bench.paths(f->items[0]);
        if (!p) continue;
        for (std::size_t k = p->size(); k-- > 0;)
            if (withoutLength((*p)[k]) && (*p)[k].nodes.size() && distance((*p)[k].nodes[0].at, f->at) < 1e-9) {
                p->erase(p->begin() + static_cast<std::ptrdiff_t>(k));
                ++done[f->kind];
                break;
            }
        if (p->empty()) bench.remove(f->items[0]);
    }
    each({Fault::doubledShape}, [&](const Finding& f) {
        if (!bench.paths(f.items[0])) return false;
        bench.remove(f.items[0]);
        return true;
    });

    Mended out{bench.built(), {}};
    const auto take = [&](const Finding& f, const art::Edited& e) {
        if (!e.done() || e.document == out.document) return;
        out.document = e.document;
        ++done[f.kind];
    };
    for (const Finding& f : findings) {
        if (f.mending == Mending::none || f.items.empty()) continue;
        switch (f.kind) {
        case Fault::hiddenLeft:
        case Fault::pictureShown:
        case Fault::referenceLeft: take(f, withoutWhatIs(out.document, f.items)); break;
        case Fault::liveWords: take(f, art::withSet(out.document, f.items)); break;
        case Fault::againstLight: take(f, art::withTurnedToLight(out.document, f.items)); break;
        case Fault::noInk:
            for (const art::Ink& k : out.document.inks)
                if (k.name == f.ink) {
                    const auto c = art::colourFrom(f.colour);
                    if (c) take(f, art::withPaintReplaced(out.document, {*c, {}}, art::paintOf(out.document, {k.id, 0}), art::Part::both));
                    break;
                }
            break;
        default: break;
        }
    }
    out.done.assign(done.begin(), done.end());
    std::stable_sort(out.done.begin(), out.done.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    return out;
}

Mended mendedWhole(const art::Document& d, const Limits& l, bool asked, const std::function<bool()>& cancelled)
{
    Mended all{d, {}};
    std::map<Fault, int> done;
    Proofer proofer;
    constexpr int rounds = 8;
    for (int round = 0; round < rounds; ++round) {
        std::vector<Finding> found = proofer.findings(all.document, l, cancelled);
        found.erase(std::remove_if(found.begin(), found.end(),
                                   [&](const Finding& f) {
                                       return f.kind == Fault::manyNodes || (f.mending != Mending::safe && !(asked && f.mending == Mending::asked));
                                   }),
                    found.end());
        if (found.empty()) break;
        const Mended m = mended(all.document, found);
        if (m.done.empty()) break;
        all.document = m.document;
        for (const auto& [kind, n] : m.done) done[kind] += n;
    }
    all.done.assign(done.begin(), done.end());
    std::stable_sort(all.done.begin(), all.done.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    return all;
}

std::string said(const Mended& m)
{
    std::string text;
    for (const auto& [kind, n] : m.done) {
        if (!text.empty()) text += ", ";
        switch (kind) {
        case Fault::endsApart:
        case Fault::endsUnjoined: text += words::counted("%n pair(s) of ends joined", n); break;
        case Fault::doubledNode: text += words::counted("%n doubled node(s) merged", n); break;
        case Fault::doubledShape: text += words::counted("%n double(s) taken out", n); break;
        case Fault::strayPoint: text += words::counted("%n stray point(s) taken out", n); break;
        case Fault::needlessNode: text += words::counted("%n needless node(s) taken out", n); break;
        case Fault::kink: text += words::counted("%n kink(s) smoothed", n); break;
        case Fault::sliver: text += words::counted("%n sliver(s) closed", n); break;
        case Fault::overshoot: text += words::counted("%n end(s) trimmed", n); break;
        case Fault::hiddenLeft: text += words::counted("%n hidden thing(s) taken out", n); break;
        case Fault::openFill: text += words::counted("%n fill(s) closed", n); break;
        case Fault::selfCrossing: text += words::counted("%n outline(s) united with themselves", n); break;
        case Fault::seam: text += words::counted("%n seam(s) overlapped", n); break;
        case Fault::noInk: text += words::counted("%n colour(s) replaced by an ink", n); break;
        case Fault::liveWords: text += words::counted("%n lettering(s) outlined", n); break;
        case Fault::againstLight: text += words::counted("%n shade(s) turned to the light", n); break;
        case Fault::manyNodes: text += words::counted("%n line(s) reduced", n); break;
        default: text += words::counted("%n reference(s) taken out", n); break;
        }
    }
    return text;
}

} // namespace softrope::proof
