#include "trace/laying.h"

#include "trace/second_look.h"

#include <algorithm>

namespace softrope::trace {

using curve::Vec2;

std::vector<Vec2> straightWay(Vec2 a, Vec2 b)
{
    std::vector<Vec2> out;
    const int n = std::max(1, static_cast<int>(distance(a, b)));
    for (int i = 0; i <= n; ++i) out.push_back(lerp(a, b, static_cast<double>(i) / n));
    return out;
}

RopeWay wayBetween(const std::shared_ptr<const EdgeMap>& map, Vec2 a, Vec2 b, std::shared_ptr<const SideColours> sides, std::size_t budget)
{
    LiveWire wire(map, a, std::move(sides), b);
    if (auto found = wire.to(b, budget)) return {std::move(*found), false};
    return {straightWay(a, b), false};
}

LaidWay joined(const std::vector<RopeWay>& ways, bool closed)
{
    LaidWay out;
    for (const RopeWay& w : ways) {
        std::size_t skip = out.points.empty() ? 0 : 1;
        if (!out.points.empty() && !w.byHand && !out.byHand.back()) {
            const Retraced back = retraced(out.points, w.points);
            out.points.resize(out.points.size() - back.fromEnd);
            out.byHand.resize(out.points.size());
            skip += back.fromStart;
        }
        for (std::size_t i = skip; i < w.points.size(); ++i) {
            out.points.push_back(w.points[i]);
            out.byHand.push_back(w.byHand ? 1 : 0);
        }
    }
    if (closed && out.points.size() > 1) {
        out.points.pop_back();
        out.byHand.pop_back();
    }
    return out;
}

namespace {

constexpr SideReach holdReach{4, 16};   // holds lie beside the edge, and soft edges are wide
constexpr std::size_t holdStretch = 14; // px to either side of a hold that speak for it

void learnAbout(const EdgeMap& map, Vec2 at, Vec2 along, std::vector<Colour3>& left, std::vector<Colour3>& right)
{
    const Vec2 across = perpendicular(along);
    const auto far = static_cast<int>(holdStretch);
    for (int j = -far; j <= far; ++j) addSides(map, at + along * j, across, holdReach, left, right);
}

// The hold a way begins with, and where the rope goes there.
struct Hold {
    Vec2 at, along;
};
Hold holdBefore(const std::vector<RopeWay>& ways, std::size_t w, bool closed)
{
    const std::size_t n = ways.size();
    const Vec2 at = w < n ? ways[w].points.front() : ways.back().points.back();
    Vec2 from = at, to = at;
    if (w > 0 || closed) {
        const auto& before = ways[(w + n - 1) % n].points;
        from = before[before.size() - 1 - std::min(before.size() - 1, holdStretch)];
    }
    if (w < n || closed) {
        const auto& after = ways[w % n].points;
        to = after[std::min(after.size() - 1, holdStretch)];
    }
    return {at, unit(to - from)};
}

} // namespace

std::shared_ptr<const SideColours> learntAtEnd(const EdgeMap& map, const std::vector<Vec2>& row)
{
    if (map.follow != Follow::edge || row.size() < 2 * holdStretch) return nullptr;
    std::vector<Colour3> left, right;
    constexpr std::size_t most = 60;
    for (std::size_t i = row.size() - std::min(row.size(), most); i + 1 < row.size(); ++i) {
        const std::size_t a = i > 4 ? i - 4 : 0, b = std::min(row.size() - 1, i + 4);
        addSides(map, row[i], perpendicular(unit(row[b] - row[a])), holdReach, left, right);
    }
    return std::make_shared<const SideColours>(left, right);
}

std::vector<RopePoint> laidRope(const std::shared_ptr<const EdgeMap>& map, std::vector<RopeWay> ways, bool closed)
{
    if (map->follow == Follow::edge)
        for (int round = 0; round < 2; ++round) {
            std::vector<RopeWay> again;
            for (std::size_t w = 0; w < ways.size(); ++w) {
                if (ways[w].byHand) {
                    again.push_back(ways[w]);
                    continue;
                }
                std::vector<Colour3> left, right;
                for (const std::size_t k : {w, w + 1}) {
                    const Hold hold = holdBefore(ways, closed ? k % ways.size() : k, closed);
                    learnAbout(*map, hold.at, hold.along, left, right);
                }
                again.push_back(wayBetween(map, ways[w].points.front(), ways[w].points.back(), std::make_shared<const SideColours>(left, right)));
            }
            ways = std::move(again);
        }
    const LaidWay laid = joined(ways, closed);
    const std::vector<RopePoint> rope = settled(*map, laid.points, laid.byHand, closed);
    return map->follow == Follow::edge ? refinedTwice(*map, rope, ways, closed) : rope;
}

std::vector<RopePoint> ropeThrough(const std::shared_ptr<const EdgeMap>& map, std::vector<Vec2> holds, bool closed, double snap)
{
    if (!map || holds.size() < 2) return {};
    for (Vec2& h : holds) h = strongestNear(*map, h, snap);
    std::vector<RopeWay> ways;
    for (std::size_t k = 0; k + (closed ? 0 : 1) < holds.size(); ++k) ways.push_back(wayBetween(map, holds[k], holds[(k + 1) % holds.size()]));
    return laidRope(map, std::move(ways), closed);
}

} // namespace softrope::trace
