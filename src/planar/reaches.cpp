#include "planar/reaches.h"

#include "curve/cubic.h"

#include <algorithm>

namespace softrope::planar {

using namespace curve;

Place nearestOn(const Strand& s, Vec2 p, double reach)
{
    Place best;
    for (const Span& v : s.spans) {
        if (!v.box.grown(std::min(reach, best.distance)).contains(p)) continue;
        const NearestOnCubic n = nearest(v.curve, p);
        if (n.distance < best.distance && n.distance <= reach) best = {n.distance, n.point};
    }
    return best;
}

void KeptReaches::update(const std::vector<const Strand*>& strands, const Change& change, double gap_)
{
    boxed.reset();
    std::vector<int> fresh;
    for (std::size_t k = 0; k < change.fresh.size(); ++k)
        if (change.fresh[k]) fresh.push_back(static_cast<int>(k));
    if (gap_ != gap || 4 * fresh.size() > strands.size()) all.clear();
    gap = gap_;
    std::vector<std::vector<End>> now(strands.size());
    for (std::size_t k = 0; k < all.size(); ++k)
        if (change.place[k] >= 0) now[static_cast<std::size_t>(change.place[k])] = std::move(all[k]);
    all = std::move(now);
    for (std::size_t k = 0; k < all.size(); ++k)
        for (End& e : all[k]) {
            for (Reach& r : e.within) r.strand = change.place[static_cast<std::size_t>(r.strand)];
            e.within.erase(std::remove_if(e.within.begin(), e.within.end(), [](const Reach& r) { return r.strand < 0; }), e.within.end());
            const Vec2 p = strands[k]->node(e.node);
            for (const int f : fresh) {
                const Strand& other = *strands[static_cast<std::size_t>(f)];
                if (!other.box.grown(gap).contains(p)) continue;
                if (const Place near = nearestOn(other, p, gap); near.distance <= gap) e.within.push_back({f, near});
            }
            std::sort(e.within.begin(), e.within.end(), [](const Reach& a, const Reach& b) { return a.strand < b.strand; });
        }
}

const std::vector<KeptReaches::Reach>& KeptReaches::of(const std::vector<const Strand*>& strands, int strand, int node)
{
    std::vector<End>& ends = all[static_cast<std::size_t>(strand)];
    const auto known = std::find_if(ends.begin(), ends.end(), [&](const End& e) { return e.node == node; });
    if (known != ends.end()) return known->within;
    if (!boxed) {
        std::vector<Box> boxes;
        boxes.reserve(strands.size());
        for (const Strand* s : strands) boxes.push_back(s->box.grown(gap));
        boxed.emplace(boxes);
    }
    End end{node, {}};
    const Vec2 p = strands[static_cast<std::size_t>(strand)]->node(node);
    boxed->at(p, [&](int other) {
        if (other == strand) return;
        if (const Place near = nearestOn(*strands[static_cast<std::size_t>(other)], p, gap); near.distance <= gap) end.within.push_back({other, near});
    });
    std::sort(end.within.begin(), end.within.end(), [](const Reach& a, const Reach& b) { return a.strand < b.strand; });
    ends.push_back(std::move(end));
    return ends.back().within;
}

} // namespace softrope::planar
