#include "art/snap.h"

#include "art/near.h"
#include "planar/meet.h"
#include "planar/tolerances.h"
#include "words/said.h"

#include <algorithm>

namespace softrope::art {

using curve::Cubic;
using curve::Vec2;

const char* text(SnapReason reason)
{
    switch (reason) {
    case SnapReason::none: return "";
    case SnapReason::node: return words::marked("node");
    case SnapReason::end: return words::marked("open end");
    case SnapReason::crossing: return words::marked("crossing");
    case SnapReason::line: return words::marked("on the line");
    case SnapReason::guide: return words::marked("guide");
    case SnapReason::aid: return words::marked("composition aid");
    case SnapReason::sheetCentre: return words::marked("sheet centre");
    case SnapReason::sheetEdge: return words::marked("sheet edge");
    }
    return "";
}

namespace {

class Catcher {
public:
    explicit Catcher(const SnapRequest& r) : r_(r) {}
    void offer(Vec2 p, SnapReason reason, double rank, Id item = 0)
    {
        const double d = distance(p, r_.point);
        if (d > r_.reach) return;
        const double cost = rank + d / r_.reach;
        if (cost >= best_) return;
        best_ = cost;
        snap_ = {p, reason, item};
    }
    Snap result() const { return best_ < 1e300 ? snap_ : Snap{r_.point, SnapReason::none, 0}; }

private:
    const SnapRequest& r_;
    double best_ = 1e300;
    Snap snap_;
};

bool near(const Cubic& c, Vec2 p, double reach)
{
    curve::Box b;
    for (const Vec2 q : {c.p0, c.p1, c.p2, c.p3}) b.add(q);
    return b.grown(reach).contains(p);
}

} // namespace

Snap snapped(const Document& d, const SnapRequest& r)
{
    Catcher best(r);
    struct Near {
        Cubic piece;
        Id item;
    };
    std::vector<Near> pieces;
    // What is left out is so with all that lies in it.
    const auto leftOut = [&](const std::vector<Id>& way) {
        return !r.without.empty() &&
               std::any_of(way.begin(), way.end(), [&](Id id) { return std::find(r.without.begin(), r.without.end(), id) != r.without.end(); });
    };
    const auto offer = [&](const Item& i, const std::vector<Id>& way) {
        if (leftOut(way)) return;
        const Artwork* a = i.artwork();
        for (const curve::Path& p : a->paths) {
            if (r.toNodes)
                for (std::size_t k = 0; k < p.nodes.size(); ++k) {
                    const bool end = !p.closed && (k == 0 || k + 1 == p.nodes.size());
                    best.offer(p.nodes[k].at, end ? SnapReason::end : SnapReason::node, end ? 0 : 0.5, i.id);
                }
            if (r.toLines)
                for (std::size_t k = 0; k < p.pieceCount(); ++k)
                    if (const Cubic c = p.piece(k); near(c, r.point, r.reach)) pieces.push_back({c, i.id});
        }
    };
    for (const LayerPtr& l : d.layers)
        if (l->shown) eachNear(l, r.point, r.reach, offer);
    // Where a hundred pieces lie within reach, no crossing can be meant.
    constexpr std::size_t most = 60;
    if (pieces.size() > most) pieces.erase(pieces.begin() + most, pieces.end());
    std::vector<planar::Strand> strands;
    for (const Near& n : pieces) {
        best.offer(curve::nearest(n.piece, r.point).point, SnapReason::line, 4, n.item);
        strands.push_back(planar::strandOf({{{n.piece.p0, n.piece.p0, n.piece.p1}, {n.piece.p3, n.piece.p2, n.piece.p3}}, false}, 0));
    }
    for (std::size_t i = 0; i < strands.size(); ++i)
        for (std::size_t k = i + 1; k < strands.size(); ++k)
            for (const planar::Contact& c : planar::meet(strands[i], strands[k], planar::Tolerances{}.touch).contacts) {
                // Neighbours of one line meet at their node: that is no crossing.
                if (c.nodeA >= 0 && c.nodeB >= 0) continue;
                best.offer(c.at, SnapReason::crossing, 1.5, pieces[i].item);
            }
    if (r.toGuides) {
        for (std::size_t i = 0; i < d.guides.size(); ++i) {
            const Guide& g = d.guides[i];
            const Vec2 u = curve::direction(g.angle);
            best.offer(g.through + u * dot(r.point - g.through, u), SnapReason::guide, 3);
            for (std::size_t k = i + 1; k < d.guides.size(); ++k) {
                const Vec2 v = curve::direction(d.guides[k].angle);
                const double den = cross(u, v);
                if (std::abs(den) < 1e-9) continue;
                best.offer(g.through + u * (cross(d.guides[k].through - g.through, v) / den), SnapReason::crossing, 2);
            }
        }
    }
    if (r.aids && r.toGuides) {
        for (const Vec2 p : r.aids->points) best.offer(p, SnapReason::aid, 2);
        for (const curve::Path& p : r.aids->lines)
            if (const auto near = curve::nearest(p, r.point)) best.offer(near->point, SnapReason::aid, 3.5);
    }
    if (r.toSheet) best.offer({d.sheet.width / 2, d.sheet.height / 2}, SnapReason::sheetCentre, 2);
    return best.result();
}

} // namespace softrope::art
