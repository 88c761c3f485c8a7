#include "planar/build.h"

#include "planar/arrange.h"
#include "planar/box_index.h"
#include "planar/gaps.h"
#include "planar/snap.h"
#include "planar/untangle.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cstring>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

std::uint64_t contentOf(const Path& p)
{
    std::uint64_t h = p.closed ? 0x9E3779B97F4A7C15ull : 1;
    for (const Node& n : p.nodes)
        for (const double v : {n.at.x, n.at.y, n.in.x, n.in.y, n.out.x, n.out.y}) {
            std::uint64_t bits = 0;
            std::memcpy(&bits, &v, sizeof bits);
            h = (h ^ bits) * 0x100000001B3ull;
            h ^= h >> 29;
        }
    return h;
}

constexpr std::uint64_t pairKey(std::uint32_t a, std::uint32_t b)
{
    return static_cast<std::uint64_t>(a) << 32 | b;
}

constexpr double moved = 3; // px: a gap or thin area that was chosen is found again so near

bool sameGap(const Bridge& a, const Bridge& b)
{
    const auto near = [](Vec2 p, Vec2 q) { return distance(p, q) <= moved; };
    return (near(a.from, b.from) && near(a.to, b.to)) || (near(a.from, b.to) && near(a.to, b.from));
}

// Of the gaps wider than what counts as closed, those that were chosen; looked for again, since lines move.
void addChosen(std::vector<Bridge>& closed, const std::vector<const Strand*>& strands, const std::vector<Between>& between, const std::vector<Bridge>& chosen,
               double touch)
{
    if (chosen.empty()) return;
    double widest = 0;
    for (const Bridge& c : chosen) widest = std::max(widest, c.width);
    for (const Bridge& b : bridges(strands, between, widest + moved, touch)) {
        const auto same = [&](const Bridge& o) { return sameGap(b, o); };
        if (std::any_of(chosen.begin(), chosen.end(), same) && std::none_of(closed.begin(), closed.end(), same)) closed.push_back(b);
    }
}

} // namespace

struct Builder::Store {
    struct Entry {
        std::uint32_t id = 0;
        Path path;
        Strand strand;
    };
    std::vector<std::shared_ptr<Entry>> entries;         // in order of the paths, bridges last
    std::unordered_map<std::uint64_t, Meeting> meetings; // of pairs with anything in common, by their ids
    std::uint32_t nextId = 1;
    Tolerances tol;
    bool closing = false;
    std::size_t crowded = 0; // so many paths were too many on one another to tell them apart as finely as others

    // Nothing where they are crowded, if `limited`.
    MapPtr map(const Paths& paths, const BuildOptions& options, const Tolerances& within, bool limited);

    // Strands for the paths: those of before where the content is the same. Gives which are new.
    std::vector<char> take(const Paths& paths, std::vector<std::shared_ptr<Entry>>& now)
    {
        std::unordered_multimap<std::uint64_t, std::shared_ptr<Entry>> before;
        std::vector<char> used(entries.size(), 0);
        now.resize(paths.size());
        std::vector<char> fresh(paths.size(), 0);
        // Most stay in their place.
        for (std::size_t k = 0; k < paths.size() && k < entries.size(); ++k)
            if (entries[k]->path == paths[k]) {
                now[k] = entries[k];
                used[k] = 1;
            }
        for (std::size_t k = 0; k < entries.size(); ++k)
            if (!used[k]) before.emplace(contentOf(entries[k]->path), entries[k]);
        for (std::size_t k = 0; k < paths.size(); ++k) {
            if (now[k]) continue;
            const auto [from, to] = before.equal_range(contentOf(paths[k]));
            const auto same = std::find_if(from, to, [&](const auto& e) { return e.second->path == paths[k]; });
            if (same != to) {
                now[k] = same->second;
                before.erase(same);
            } else {
                now[k] = std::make_shared<Entry>(Entry{nextId++, paths[k], strandOf(paths[k], 0, closing)});
                fresh[k] = 1;
            }
            // Kept strands may have moved to another index.
        }
        for (std::size_t k = 0; k < now.size(); ++k)
            for (Piece& p : now[k]->strand.pieces) p.path = static_cast<int>(k);
        return fresh;
    }

    void meetAll(const std::vector<std::shared_ptr<Entry>>& all, const std::vector<char>& fresh)
    {
        // Those whose boxes may meet another's, by where they begin along x.
        std::vector<Box> boxes(all.size());
        std::vector<std::size_t> byLeft(all.size());
        double widest = 0;
        for (std::size_t i = 0; i < all.size(); ++i) {
            boxes[i] = all[i]->strand.box.grown(tol.touch);
            byLeft[i] = i;
            if (!boxes[i].empty()) widest = std::max(widest, boxes[i].width());
        }
        std::sort(byLeft.begin(), byLeft.end(), [&](std::size_t a, std::size_t b) { return boxes[a].min.x < boxes[b].min.x; });
        std::vector<std::vector<std::pair<std::uint64_t, Meeting>>> found(all.size());
        tbb::parallel_for(std::size_t{0}, all.size(), [&](std::size_t i) {
            if (!fresh[i]) return;
            Meeting own = meetItself(all[i]->strand, tol.touch);
            if (!own.contacts.empty()) found[i].emplace_back(pairKey(all[i]->id, all[i]->id), std::move(own));
            const auto from =
                std::lower_bound(byLeft.begin(), byLeft.end(), boxes[i].min.x - widest, [&](std::size_t k, double x) { return boxes[k].min.x < x; });
            for (auto at = from; at != byLeft.end() && boxes[*at].min.x <= boxes[i].max.x; ++at) {
                const std::size_t j = *at;
                if (j == i || (fresh[j] && j < i)) continue;
                const Strand &a = all[std::min(i, j)]->strand, &b = all[std::max(i, j)]->strand;
                if (!a.box.grown(tol.touch).meets(b.box)) continue;
                Meeting m = meet(a, b, tol.touch);
                if (!m.contacts.empty()) found[i].emplace_back(pairKey(all[std::min(i, j)]->id, all[std::max(i, j)]->id), std::move(m));
            }
        });
        for (auto& ofOne : found)
            for (auto& [key, m] : ofOne) meetings[key] = std::move(m);
    }

    // A meeting kept for (b, a) serves (a, b) with its sides changed.
    static Meeting turned(const Meeting& m)
    {
        Meeting t = m;
        for (Contact& c : t.contacts) {
            std::swap(c.a, c.b);
            std::swap(c.s, c.t);
            std::swap(c.nodeA, c.nodeB);
        }
        for (Run& r : t.runs) {
            r = r.t0 < r.t1 ? Run{r.b, r.a, r.t0, r.t1, r.s0, r.s1} : Run{r.b, r.a, r.t1, r.t0, r.s1, r.s0};
        }
        return t;
    }

    std::vector<Between> list(const std::vector<std::shared_ptr<Entry>>& all)
    {
        std::unordered_map<std::uint32_t, int> place;
        for (std::size_t k = 0; k < all.size(); ++k) place[all[k]->id] = static_cast<int>(k);
        std::vector<Between> between;
        std::vector<std::pair<std::uint64_t, Meeting>> turnedOnes;
        for (auto it = meetings.begin(); it != meetings.end();) {
            const auto a = place.find(static_cast<std::uint32_t>(it->first >> 32)), b = place.find(static_cast<std::uint32_t>(it->first));
            if (a == place.end() || b == place.end()) {
                it = meetings.erase(it);
                continue;
            }
            if (a->second > b->second) {
                turnedOnes.push_back({pairKey(b->first, a->first), turned(it->second)});
                it = meetings.erase(it);
                continue;
            }
            between.push_back({a->second, b->second, &it->second});
            ++it;
        }
        if (!turnedOnes.empty()) {
            for (auto& t : turnedOnes) meetings[t.first] = std::move(t.second);
            between.clear();
            for (const auto& [key, m] : meetings) between.push_back({place[static_cast<std::uint32_t>(key >> 32)], place[static_cast<std::uint32_t>(key)], &m});
        }
        // The same input gives the same map, whatever was kept.
        std::sort(between.begin(), between.end(), [](const Between& x, const Between& y) { return std::tie(x.i, x.j) < std::tie(y.i, y.j); });
        return between;
    }
};

Builder::Builder() : store(std::make_unique<Store>()) {}
Builder::~Builder() = default;
Builder::Builder(Builder&&) noexcept = default;
Builder& Builder::operator=(Builder&&) noexcept = default;

MapPtr Builder::build(const Paths& paths, const BuildOptions& options)
{
    Store& s = *store;
    Box all;
    for (const Path& p : paths)
        if (isFinite(p)) all.add(bounds(p));
    const Tolerances tol = tolerancesFor(all);
    if (paths.size() < s.crowded) s.crowded = 0;
    // Dozens of curves a little off one another are one curve within some hundredths of a pixel; in the end whatever comes out is taken.
    constexpr double wider = 8, widest = 64;
    for (double times = s.crowded > 0 ? wider : 1;; times *= wider) {
        Tolerances t = tol;
        t.touch *= times;
        if (MapPtr map = s.map(paths, options, t, times < widest)) return map;
        s.crowded = paths.size();
    }
}

MapPtr Builder::Store::map(const Paths& paths, const BuildOptions& options, const Tolerances& within, bool limited)
{
    if (within.touch != tol.touch || options.closePaths != closing) {
        entries.clear();
        meetings.clear();
        tol = within;
        closing = options.closePaths;
    }
    std::vector<std::shared_ptr<Entry>> now;
    const std::vector<char> fresh = take(paths, now);
    meetAll(now, fresh);
    entries = now;
    std::vector<Between> between = list(now);
    std::vector<const Strand*> strands;
    for (const auto& e : now) strands.push_back(&e->strand);

    std::vector<Bridge> closed;
    std::vector<Strand> bridgeStrands;
    std::vector<Meeting> bridgeMeetings;
    if (options.gap > 0 || !options.closed.empty()) {
        if (options.gap > 0) closed = bridges(strands, between, options.gap, tol.touch);
        const auto staysOpen = [&](const Bridge& b) {
            return std::any_of(options.open.begin(), options.open.end(), [&](const Bridge& o) { return sameGap(b, o); });
        };
        closed.erase(std::remove_if(closed.begin(), closed.end(), staysOpen), closed.end());
        addChosen(closed, strands, between, options.closed, tol.touch);
        bridgeStrands.reserve(closed.size());
        for (const Bridge& b : closed)
            bridgeStrands.push_back(strandOf(polyline({b.from, b.to}, false), static_cast<int>(paths.size() + bridgeStrands.size())));
        for (const Strand& b : bridgeStrands) strands.push_back(&b);
        std::vector<Box> boxes;
        for (const Strand* one : strands) boxes.push_back(one->box.grown(tol.touch));
        const BoxIndex boxed(boxes);
        std::vector<std::vector<std::pair<int, Meeting>>> found(closed.size());
        tbb::parallel_for(std::size_t{0}, closed.size(), [&](std::size_t k) {
            const std::size_t j = paths.size() + k;
            boxed.meeting(strands[j]->box, [&](int i) {
                if (static_cast<std::size_t>(i) >= j) return;
                Meeting m = meet(*strands[static_cast<std::size_t>(i)], *strands[j], tol.touch);
                if (!m.contacts.empty()) found[k].emplace_back(i, std::move(m));
            });
        });
        std::size_t all = 0;
        for (const auto& ofOne : found) all += ofOne.size();
        bridgeMeetings.reserve(all);
        for (std::size_t k = 0; k < found.size(); ++k)
            for (auto& [i, m] : found[k]) {
                bridgeMeetings.push_back(std::move(m));
                between.push_back({i, static_cast<int>(paths.size() + k), &bridgeMeetings.back()});
            }
        std::sort(between.begin(), between.end(), [](const Between& x, const Between& y) { return std::tie(x.i, x.j) < std::tie(y.i, y.j); });
    }
    Tolerances kept = tol;
    if (options.sliverWidth > kept.sliverWidth) kept.sliverWidth = options.sliverWidth;
    Arranged arranged = arrange(strands, between, tol);
    if (!arranged.planar && !untangle(arranged.graph, tol.touch)) {
        std::optional<Graph> graph = snapped(arranged.graph, tol, limited);
        if (!graph) return nullptr;
        arranged.graph = std::move(*graph);
    }
    return std::make_shared<const Map>(std::move(arranged.graph), std::move(closed), kept, options.kept, moved);
}

MapPtr build(const Paths& paths, const BuildOptions& options)
{
    return Builder().build(paths, options);
}

} // namespace softrope::planar
