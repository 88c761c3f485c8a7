#include "tone/reach_under.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace softrope::tone {

using pixel::Lab;

namespace {

constexpr double shown = 0.25; // of what lies under an edge on an edge, at most: a pixel that both cover by half
// Nodes that a px of hair is worth, by a step of CIELAB. More would be bought with more edges under edges, and show more in the end.
constexpr double nodesOfHair = 0.06;

// Rounds of filling ways of one length, of which the first gain most; on very many regions the last take for ever.
constexpr std::size_t veryMany = 5000;
constexpr int mostPhases = 24, mostOfVeryMany = 6;

// How far a colour lies from the mixtures of two others.
double fromMixture(Lab c, Lab a, Lab b)
{
    const float l = b.l - a.l, x = b.a - a.a, y = b.b - a.b, n = l * l + x * x + y * y;
    const float cl = c.l - a.l, cx = c.a - a.a, cy = c.b - a.b, t = n > 0 ? std::clamp((cl * l + cx * x + cy * y) / n, 0.0F, 1.0F) : 0;
    return std::hypot(cl - t * l, cx - t * x, cy - t * y);
}

class Reaching {
public:
    Reaching(const RegionMap& map, const std::vector<Lab>& colours, const PaintingOrder& groups, Meeting meeting)
        : map_(map), colours_(colours), groups_(groups), meeting_(meeting), bordersOf_(bordersByRegion(map)),
          groupOf_(map.regions.size(), 0), state_{std::vector<char>(groups.size(), 0), std::vector<int>(map.regions.size(), -1),
                                                  std::vector<int>(map.borders.size(), -1)},
          seed_(map.regions.size(), 0), level_(map.regions.size(), -1), next_(map.regions.size(), 0), left_(2 * map.borders.size()),
          counted_(map.borders.size(), 0)
    {
        for (std::size_t k = 0; k < groups.size(); ++k)
            for (const int r : groups[k]) groupOf_[at(r)] = k;
    }

    // What has been painted so far.
    struct State {
        std::vector<char> painted; // by group
        std::vector<int> under;    // by region: the label it shows, -1 = the ground
        std::vector<int> across;   // by border: the label of the last shape that covered both sides, -1 = none
    };
    const State& state() const { return state_; }
    void goBack(const State& s) { state_ = s; }

    struct Laid {
        std::vector<int> regions;
        double cost = 0;
    };
    // Paints a group.
    Laid lay(std::size_t group)
    {
        now_ = group;
        ++shape_;
        std::vector<int> seeds = groups_[group];
        for (const int r : seeds) seed_[at(r)] = 1;
        for (const int r : groups_[group])
            for (const int b : bordersOf_[at(r)])
                if (const int other = beside(b, r); !ended(other) && !seed_[at(other)] && (bare(b) || meeting_ == Meeting::under)) {
                    seed_[at(other)] = 1;
                    seeds.push_back(other);
                }
        // (What is reached is a shape that holds at any time.)
        const int most = map_.regions.size() > veryMany ? mostOfVeryMany : mostPhases;
        for (int phase = 0; levels(seeds) && phase < most; ++phase) push(seeds);
        for (const int r : seeds) seed_[at(r)] = 0;
        // What can still be reached lies on the shape's side of the cut.
        Laid laid{reached_, 0};
        for (const int r : reached_)
            for (const int b : bordersOf_[at(r)])
                if (const int other = beside(b, r); other == beyond || level_[at(other)] < 0) laid.cost += costOf(b);
        for (const int r : reached_) {
            state_.under[at(r)] = label();
            for (const int b : bordersOf_[at(r)])
                if (const int other = beside(b, r); other != beyond && level_[at(other)] >= 0) state_.across[at(b)] = label();
        }
        state_.painted[group] = 1;
        return laid;
    }

private:
    const RegionMap& map_;
    const std::vector<Lab>& colours_;
    const PaintingOrder& groups_;
    Meeting meeting_;
    std::vector<std::vector<int>> bordersOf_;
    std::vector<std::size_t> groupOf_;
    State state_;
    std::vector<char> seed_;        // has to be covered by the shape in hand
    std::vector<int> level_;        // steps from the nearest seed, -1 = not reached
    std::vector<std::size_t> next_; // by region: the first border that is still worth trying
    std::vector<double> left_;      // what may still flow, from the left of each border to its right and back; good where `counted_` says so
    std::vector<unsigned> counted_; // by border: for which shape
    std::vector<int> reached_, path_;
    std::size_t now_ = 0; // the group in hand
    unsigned shape_ = 0;  // how many have been

    static std::size_t at(int i) { return static_cast<std::size_t>(i); }
    int label() const { return map_.regions[at(groups_[now_].front())].label; }
    int beside(int border, int region) const
    {
        const Border& b = map_.borders[at(border)];
        return b.left == region ? b.right : b.left;
    }
    // Where the shape in hand has to end.
    bool ended(int region) const { return region == beyond || state_.painted[groupOf_[at(region)]]; }
    bool own(int region) const { return groupOf_[at(region)] == now_; }

    // How far what shows of a label at a border is from a mixture of both sides.
    double hairOf(int label, const Border& b) const
    {
        const Lab left = colours_[map_.regions[at(b.left)].label], right = colours_[map_.regions[at(b.right)].label];
        return shown * fromMixture(colours_[at(label)], left, right);
    }
    // Whether the ground would show there.
    bool bare(int border) const
    {
        const Border& b = map_.borders[at(border)];
        return state_.under[at(b.left)] < 0 || state_.under[at(b.right)] < 0 || state_.across[at(border)] < 0;
    }

    // What it costs if the shape ends at a border: its nodes, and the hair that is seen there. Between the shape and what is painted later that
    // is what lies under both; between what was painted earlier and later, other than the shape, it is the shape itself.
    double costOf(int border) const
    {
        const Border& b = map_.borders[at(border)];
        const auto nodes = static_cast<double>(nodesOf(b));
        if (b.left == beyond || b.right == beyond) return nodes;
        double hair = 0;
        if (own(b.left) != own(b.right)) {
            if (ended(own(b.left) ? b.right : b.left)) return nodes;
            for (const int u : {state_.under[at(b.left)], state_.under[at(b.right)], state_.across[at(border)]})
                if (u >= 0) hair = std::max(hair, hairOf(u, b));
        } else if (ended(b.left) != ended(b.right)) {
            hair = hairOf(label(), b);
        }
        return nodes + nodesOfHair * static_cast<double>(b.points.size()) * hair;
    }
    // The way across a border from a region.
    std::size_t way(int border, int region)
    {
        if (counted_[at(border)] != shape_) {
            counted_[at(border)] = shape_;
            left_[2 * at(border)] = left_[2 * at(border) + 1] = costOf(border);
        }
        return 2 * at(border) + (map_.borders[at(border)].left == region ? 0 : 1);
    }

    // How many steps everything is from the seeds; whether there is still a way to where the shape has to end.
    bool levels(const std::vector<int>& seeds)
    {
        for (const int r : reached_) level_[at(r)] = -1;
        reached_ = seeds;
        for (const int r : reached_) level_[at(r)] = 0;
        bool open = false;
        for (std::size_t i = 0; i < reached_.size(); ++i) {
            const int r = reached_[i];
            next_[at(r)] = 0;
            for (const int b : bordersOf_[at(r)]) {
                if (left_[way(b, r)] <= 0) continue;
                const int other = beside(b, r);
                if (ended(other)) {
                    open = open || !seed_[at(r)]; // (what a seed shares with what ends the shape is drawn in any case)
                } else if (level_[at(other)] < 0) {
                    level_[at(other)] = level_[at(r)] + 1;
                    reached_.push_back(other);
                }
            }
        }
        return open;
    }

    // Fills the ways that lead outwards level by level.
    void push(const std::vector<int>& seeds)
    {
        for (const int s : seeds)
            while (pushOne(s)) {}
    }
    bool pushOne(int seed)
    {
        path_.clear();
        int r = seed;
        while (true) {
            const std::vector<int>& borders = bordersOf_[at(r)];
            int onward = -1;
            bool end = false;
            for (std::size_t& k = next_[at(r)]; k < borders.size(); ++k) {
                if (left_[way(borders[k], r)] <= 0) continue;
                const int other = beside(borders[k], r);
                end = ended(other) && !seed_[at(r)];
                if (end || (!ended(other) && level_[at(other)] == level_[at(r)] + 1)) {
                    onward = borders[k];
                    break;
                }
            }
            if (onward < 0) { // a dead end: back
                if (path_.empty()) return false;
                r = beside(path_.back(), r);
                path_.pop_back();
                ++next_[at(r)];
                continue;
            }
            path_.push_back(onward);
            if (end) break;
            r = beside(onward, r);
        }
        double most = 1e300;
        r = seed;
        for (const int b : path_) {
            most = std::min(most, left_[way(b, r)]);
            r = beside(b, r);
        }
        r = seed;
        for (const int b : path_) {
            const std::size_t w = way(b, r);
            left_[w] -= most;
            left_[w ^ 1] += most;
            r = beside(b, r);
        }
        return true;
    }
};

} // namespace

std::vector<std::vector<int>> reachesUnder(const RegionMap& map, const std::vector<Lab>& colours, const PaintingOrder& order, Meeting meeting)
{
    Reaching reaching(map, colours, order, meeting);
    std::vector<std::vector<int>> out;
    out.reserve(order.size());
    for (std::size_t k = 0; k < order.size(); ++k) out.push_back(reaching.lay(k).regions);
    return out;
}

PaintingOrder changedOver(const RegionMap& map, const std::vector<Lab>& colours, const PaintingOrder& order)
{
    Reaching reaching(map, colours, order, Meeting::mayShow);
    const Reaching::State bare = reaching.state();
    std::vector<std::size_t> now(order.size());
    std::iota(now.begin(), now.end(), std::size_t{0});
    constexpr int most = 8; // times through all of it: what comes after that gains next to nothing
    bool better = true;
    for (int round = 0; round < most && better; ++round) {
        better = false;
        reaching.goBack(bare);
        for (std::size_t k = 0; k + 1 < now.size(); ++k) {
            const Reaching::State before = reaching.state();
            const double first = reaching.lay(now[k]).cost;
            const Reaching::State after = reaching.state();
            const double asIs = first + reaching.lay(now[k + 1]).cost;
            reaching.goBack(before);
            const double second = reaching.lay(now[k + 1]).cost;
            const Reaching::State instead = reaching.state();
            constexpr double gain = 0.5; // nodes
            const bool change = second + reaching.lay(now[k]).cost < asIs - gain;
            if (change) std::swap(now[k], now[k + 1]);
            reaching.goBack(change ? instead : after);
            better = better || change;
        }
    }
    PaintingOrder out;
    for (const std::size_t k : now) out.push_back(order[k]);
    return out;
}

} // namespace softrope::tone
