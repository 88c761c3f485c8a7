#include "art/ends.h"

#include "art/tree.h"
#include "planar/box_index.h"

#include <algorithm>

namespace softrope::art {

using curve::Vec2;

namespace {

constexpr double least = 0.1; // px: what has no line of its own has a border, as good as drawn to

// All pieces that an end may lie on, found by place.
class Pieces {
public:
    explicit Pieces(const Document& d)
    {
        eachArtwork(d, {.hidden = false, .locked = true, .derived = false, .inside = false}, [&](const Item& i, const Artwork& a, const Where&) {
            const double half = std::max(least, a.stroke.colour ? 0.5 * a.stroke.width : 0.0);
            for (std::size_t k = 0; k < a.paths.size(); ++k)
                for (std::size_t p = 0; p < a.paths[k].pieceCount(); ++p) {
                    const curve::Cubic c = a.paths[k].piece(p);
                    curve::Box b;
                    for (const Vec2 q : {c.p0, c.p1, c.p2, c.p3}) b.add(q);
                    boxes_.push_back(b.grown(half));
                    pieces_.push_back({i.id, k, p, a.paths[k].pieceCount(), c, half, a.paths[k].closed});
                }
        });
        index_ = planar::BoxIndex(boxes_);
    }
    std::optional<Vec2> foot(const OpenEnd& e) const
    {
        std::optional<Vec2> best;
        double nearest_ = 1e300;
        index_.at(e.at, [&](int n) {
            const Piece& p = pieces_[static_cast<std::size_t>(n)];
            // Of its own path, what begins at the end itself says nothing.
            if (p.item == e.item && p.path == e.path && p.piece == (e.atStart ? 0 : p.count - 1)) return;
            const curve::NearestOnCubic f = curve::nearest(p.curve, e.at);
            if (f.distance > p.half || f.distance >= nearest_) return;
            // Two ends side by side are a gap, not an end on a line.
            if (!p.closed && ((p.piece == 0 && distance(f.point, p.curve.p0) <= p.half) || (p.piece + 1 == p.count && distance(f.point, p.curve.p3) <= p.half)))
                return;
            nearest_ = f.distance;
            best = f.point;
        });
        return best;
    }

private:
    struct Piece {
        Id item = 0;
        std::size_t path = 0, piece = 0, count = 0;
        curve::Cubic curve;
        double half = 0;
        bool closed = false;
    };
    std::vector<curve::Box> boxes_;
    std::vector<Piece> pieces_;
    planar::BoxIndex index_;
};

bool meant(const Document& d, Id item)
{
    const Item* i = d.item(item);
    return i && i->artwork() && i->artwork()->openMeant;
}

} // namespace

std::vector<OpenEnd> allEnds(const Document& d)
{
    std::vector<OpenEnd> ends;
    eachArtwork(d, {.hidden = false, .locked = false, .derived = false, .inside = false}, [&](const Item& i, const Artwork& a, const Where&) {
        for (std::size_t k = 0; k < a.paths.size(); ++k) {
            const curve::Path& p = a.paths[k];
            if (p.closed || p.empty()) continue;
            ends.push_back({i.id, k, true, p.nodes.front().at});
            if (p.nodes.size() > 1) ends.push_back({i.id, k, false, p.nodes.back().at});
        }
    });
    return ends;
}

std::vector<OpenEnd> openEnds(const Document& d)
{
    std::vector<OpenEnd> ends = allEnds(d);
    if (ends.empty()) return ends;
    const Pieces pieces(d);
    Id last = 0;
    bool lastMeant = false; // ends of one item follow each other
    ends.erase(std::remove_if(ends.begin(), ends.end(),
                              [&](const OpenEnd& e) {
                                  if (e.item != last) {
                                      last = e.item;
                                      lastMeant = meant(d, e.item);
                                  }
                                  return lastMeant || pieces.foot(e).has_value();
                              }),
               ends.end());
    return ends;
}

std::vector<EndOnLine> endsOnLines(const Document& d)
{
    std::vector<EndOnLine> out;
    const std::vector<OpenEnd> ends = allEnds(d);
    if (ends.empty()) return out;
    const Pieces pieces(d);
    for (const OpenEnd& e : ends)
        if (const auto foot = pieces.foot(e)) out.push_back({e, *foot});
    return out;
}

} // namespace softrope::art
