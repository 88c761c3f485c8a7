#include "trace/skeleton_graph.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace softrope::trace {

namespace {

using curve::Vec2;

constexpr std::array<int, 8> stepX{1, 0, -1, 0, 1, -1, -1, 1};
constexpr std::array<int, 8> stepY{0, 1, 0, -1, 1, 1, -1, -1};

// Follows the pixels of a skeleton. A neighbour across a corner does not count where a pixel beside it leads there too.
class Walk {
public:
    explicit Walk(const Skeleton& s) : s_(s), place_(s.on.width, s.on.height, -1), used_(s.on.width, s.on.height, 0) {}

    SkeletonGraph graph()
    {
        for (int y = 0; y < s_.on.height; ++y)
            for (int x = 0; x < s_.on.width; ++x)
                if (s_.on.at(x, y)) all_.emplace_back(x, y);
        markMeetings();
        for (const auto& [x, y] : all_)
            if (place_.at(x, y) >= 0) leave(x, y);
        for (const auto& [x, y] : all_)
            if (place_.at(x, y) < 0 && !used_.at(x, y)) ring(x, y);
        return std::move(out_);
    }

private:
    bool on(int x, int y) const { return s_.on.inside(x, y) && s_.on.at(x, y); }
    bool linked(int x, int y, std::size_t k) const
    {
        const int nx = x + stepX[k], ny = y + stepY[k];
        if (!on(nx, ny)) return false;
        return k < 4 || (!on(nx, y) && !on(x, ny));
    }
    int degree(int x, int y) const
    {
        int n = 0;
        for (std::size_t k = 0; k < 8; ++k) n += linked(x, y, k) ? 1 : 0;
        return n;
    }
    static Vec2 centre(int x, int y) { return {x + 0.5, y + 0.5}; }

    // Neighbouring pixels where lines meet are one meeting; its place is their mean, its disc the largest of theirs.
    void markMeetings()
    {
        for (const auto& [x, y] : all_) {
            if (place_.at(x, y) >= 0) continue;
            const int n = degree(x, y);
            if (n == 2) continue;
            const int id = static_cast<int>(out_.meetings.size());
            Meeting m;
            std::vector<std::pair<int, int>> todo{{x, y}};
            place_.at(x, y) = id;
            double count = 0;
            while (!todo.empty()) {
                const auto [px, py] = todo.back();
                todo.pop_back();
                m.at += centre(px, py);
                m.radius = std::max(m.radius, static_cast<double>(s_.radius.at(px, py)));
                ++count;
                if (n < 3) break;
                for (std::size_t k = 0; k < 8; ++k) {
                    const int qx = px + stepX[k], qy = py + stepY[k];
                    if (linked(px, py, k) && place_.at(qx, qy) < 0 && degree(qx, qy) > 2) {
                        place_.at(qx, qy) = id;
                        todo.emplace_back(qx, qy);
                    }
                }
            }
            m.at = m.at / count;
            out_.meetings.push_back(std::move(m));
        }
    }

    void add(Branch&& b)
    {
        const int id = static_cast<int>(out_.branches.size());
        if (b.from >= 0) {
            out_.meetings[static_cast<std::size_t>(b.from)].branches.push_back(id);
            out_.meetings[static_cast<std::size_t>(b.to)].branches.push_back(id);
        }
        out_.branches.push_back(std::move(b));
    }

    void take(Branch& b, int x, int y)
    {
        b.points.push_back(centre(x, y));
        b.radius.push_back(s_.radius.at(x, y));
        used_.at(x, y) = 1;
    }

    void leave(int x, int y)
    {
        const int from = place_.at(x, y);
        for (std::size_t k = 0; k < 8; ++k) {
            if (!linked(x, y, k)) continue;
            int px = x, py = y, cx = x + stepX[k], cy = y + stepY[k];
            if (place_.at(cx, cy) == from || used_.at(cx, cy)) continue;
            Branch b;
            b.from = from;
            b.points.push_back(centre(x, y));
            b.radius.push_back(s_.radius.at(x, y));
            while (place_.at(cx, cy) < 0) {
                take(b, cx, cy);
                const int fromX = px, fromY = py;
                px = cx;
                py = cy;
                bool moved = false;
                for (std::size_t d = 0; d < 8 && !moved; ++d) {
                    const int nx = px + stepX[d], ny = py + stepY[d];
                    if (!linked(px, py, d) || (nx == fromX && ny == fromY)) continue;
                    if (place_.at(nx, ny) < 0 && used_.at(nx, ny)) continue;
                    cx = nx;
                    cy = ny;
                    moved = true;
                }
                if (!moved) break;
            }
            b.to = place_.at(cx, cy) >= 0 ? place_.at(cx, cy) : from;
            // Two ends side by side are found from both: keep the first.
            if (b.points.size() == 1 && b.to < from) continue;
            b.points.push_back(centre(cx, cy));
            b.radius.push_back(s_.radius.at(cx, cy));
            add(std::move(b));
        }
    }

    void ring(int x, int y)
    {
        Branch b;
        take(b, x, y);
        for (bool moved = true; moved;) {
            moved = false;
            for (std::size_t d = 0; d < 8 && !moved; ++d) {
                const int nx = x + stepX[d], ny = y + stepY[d];
                if (!linked(x, y, d) || used_.at(nx, ny)) continue;
                x = nx;
                y = ny;
                take(b, x, y);
                moved = true;
            }
        }
        add(std::move(b));
    }

    const Skeleton& s_;
    std::vector<std::pair<int, int>> all_; // the skeleton's pixels, row after row
    pixel::Raster<int> place_;
    pixel::Raster<std::uint8_t> used_;
    SkeletonGraph out_;
};

void reverse(Branch& b)
{
    std::reverse(b.points.begin(), b.points.end());
    std::reverse(b.radius.begin(), b.radius.end());
    std::swap(b.from, b.to);
}

void forget(Meeting& m, int branch)
{
    const auto at = std::find(m.branches.begin(), m.branches.end(), branch);
    if (at != m.branches.end()) m.branches.erase(at);
}

// A place where just two branch ends are left is no place: they become one branch, or a ring.
void dissolve(SkeletonGraph& g, int meeting)
{
    Meeting& m = g.meetings[static_cast<std::size_t>(meeting)];
    if (m.branches.size() != 2) return;
    const int ia = m.branches[0], ib = m.branches[1];
    Branch& a = g.branches[static_cast<std::size_t>(ia)];
    if (ia == ib) {
        a.from = a.to = -1;
        if (a.points.size() > 1) {
            a.points.pop_back();
            a.radius.pop_back();
        }
        m.branches.clear();
        return;
    }
    Branch& b = g.branches[static_cast<std::size_t>(ib)];
    if (a.to != meeting) reverse(a);
    if (b.from != meeting) reverse(b);
    a.points.insert(a.points.end(), b.points.begin() + 1, b.points.end());
    a.radius.insert(a.radius.end(), b.radius.begin() + 1, b.radius.end());
    a.to = b.to;
    b.gone = true;
    m.branches.clear();
    Meeting& end = g.meetings[static_cast<std::size_t>(a.to)];
    std::replace(end.branches.begin(), end.branches.end(), ib, ia);
}

void remove(SkeletonGraph& g, int branch)
{
    Branch& b = g.branches[static_cast<std::size_t>(branch)];
    b.gone = true;
    forget(g.meetings[static_cast<std::size_t>(b.from)], branch);
    forget(g.meetings[static_cast<std::size_t>(b.to)], branch);
}

// How much of a branch that ends free is a line of its own: its length beyond the base's disc over which it does not just
// taper off as the bisector of an outer corner does. Plus the protrusion of its tip.
struct Spur {
    double protrusion = 0, base = 0;
};
std::optional<Spur> spurOf(const SkeletonGraph& g, const Branch& b)
{
    if (b.ring() || b.gone || b.from == b.to) return std::nullopt;
    const Meeting& from = g.meetings[static_cast<std::size_t>(b.from)];
    const Meeting& to = g.meetings[static_cast<std::size_t>(b.to)];
    const bool freeFrom = from.branches.size() == 1, freeTo = to.branches.size() == 1;
    if (freeFrom == freeTo) return std::nullopt;
    const Meeting& base = freeTo ? from : to;
    const std::size_t n = b.points.size();
    const std::size_t tip = freeTo ? n - 1 : 0;
    // Tapering at the rate of a corner's bisector does not count as length.
    double held = 0;
    for (std::size_t i = 0; i + 1 < n; ++i) {
        const std::size_t at = freeTo ? i : n - 1 - i, next = freeTo ? i + 1 : n - 2 - i;
        if (distance(b.points[next], base.at) < base.radius) continue;
        const std::size_t ahead = freeTo ? std::min(n - 1, at + 4) : (at >= 4 ? at - 4 : 0);
        const double run = distance(b.points[at], b.points[ahead]);
        const double slope = run > 0 ? (b.radius[at] - b.radius[ahead]) / run : 0;
        if (slope < 0.22) held += distance(b.points[at], b.points[next]);
    }
    const double reach = distance(b.points[tip], base.at) + b.radius[tip] - base.radius;
    return Spur{std::min(reach, held + b.radius[tip]), base.radius};
}

} // namespace

double lengthOf(const std::vector<Vec2>& points)
{
    double sum = 0;
    for (std::size_t i = 1; i < points.size(); ++i) sum += distance(points[i - 1], points[i]);
    return sum;
}

SkeletonGraph graphOf(const Skeleton& skeleton)
{
    return Walk(skeleton).graph();
}

void prune(SkeletonGraph& g, double atLeast, double share)
{
    const auto measureOf = [&](const Branch& b) {
        const auto spur = spurOf(g, b);
        return spur ? spur->protrusion / std::max(atLeast, share * spur->base) : 1;
    };
    // Shortest first, looked at again before each is taken: what loses a neighbour may have become part of a longer line.
    for (bool again = true; again;) {
        again = false;
        std::vector<std::pair<double, int>> spurs;
        for (std::size_t i = 0; i < g.branches.size(); ++i)
            if (const double m = measureOf(g.branches[i]); m < 1) spurs.emplace_back(m, static_cast<int>(i));
        std::sort(spurs.begin(), spurs.end());
        for (const auto& [measure, i] : spurs) {
            const Branch& b = g.branches[static_cast<std::size_t>(i)];
            if (measureOf(b) >= 1) continue;
            const int from = b.from, to = b.to;
            remove(g, i);
            dissolve(g, from);
            dissolve(g, to);
            again = true;
        }
    }
}

void drawTogether(SkeletonGraph& g, double share)
{
    for (bool again = true; again;) {
        again = false;
        for (std::size_t i = 0; i < g.branches.size(); ++i) {
            const Branch& b = g.branches[i];
            if (b.gone || b.ring() || b.from == b.to) continue;
            Meeting& a = g.meetings[static_cast<std::size_t>(b.from)];
            Meeting& c = g.meetings[static_cast<std::size_t>(b.to)];
            if (a.branches.size() < 3 || c.branches.size() < 3) continue;
            if (lengthOf(b.points) > share * std::max(a.radius, c.radius) + 1.5) continue;
            const int from = b.from, to = b.to;
            remove(g, static_cast<int>(i));
            const double wa = static_cast<double>(a.branches.size()), wc = static_cast<double>(c.branches.size());
            a.at = (a.at * wa + c.at * wc) / (wa + wc);
            a.radius = std::max(a.radius, c.radius);
            for (const int k : c.branches) {
                Branch& other = g.branches[static_cast<std::size_t>(k)];
                if (other.from == to) other.from = from;
                if (other.to == to) other.to = from;
                a.branches.push_back(k);
            }
            c.branches.clear();
            again = true;
        }
    }
}

} // namespace softrope::trace
