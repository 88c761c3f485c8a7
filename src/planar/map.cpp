#include "planar/map.h"

#include "curve/foot.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <limits>
#include <numeric>

namespace softrope::planar {

using namespace curve;

namespace {

Cubic moved(const Cubic& c, Vec2 by)
{
    return {c.p0 + by, c.p1 + by, c.p2 + by, c.p3 + by};
}

// Crossings of the ray from p towards +x with the polyline, for the even-odd rule.
bool crosses(Vec2 a, Vec2 b, Vec2 p)
{
    if ((a.y <= p.y) == (b.y <= p.y)) return false;
    return a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y) > p.x;
}

} // namespace

Map::Map(Graph graph, std::vector<Bridge> bridges, const Tolerances& tol, const std::vector<curve::Vec2>& kept, double near)
    : graph_(std::move(graph)), bridges_(std::move(bridges)), tolerances_(tol)
{
    measure();
    nest();
    absorb(kept, near);
}

const BoxIndex& Map::index() const
{
    std::call_once(index_->once, [this] {
        std::vector<Box> boxes(faces_.size());
        for (std::size_t f = 1; f < faces_.size(); ++f) boxes[f] = faces_[f].box; // the outside has none
        index_->boxes = BoxIndex(boxes);
    });
    return index_->boxes;
}

void Map::measure()
{
    ofCycle_.assign(graph_.cycleStart.size(), {});
    edgeLength_.resize(graph_.edges.size());
    struct Measured {
        double under;
        Box box;
    };
    std::vector<Measured> edges(graph_.edges.size());
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, edges.size(), 1024), [&](const tbb::blocked_range<std::size_t>& some) {
        for (std::size_t e = some.begin(); e < some.end(); ++e) {
            const Cubic c = moved(graph_.curveOf(graph_.edges[e]), -graph_.origin);
            // Closed at the shared vertices, which may be off the curve's own ends by the touch distance.
            const Vec2 a = graph_.vertices[static_cast<std::size_t>(graph_.edges[e].from)] - graph_.origin,
                       b = graph_.vertices[static_cast<std::size_t>(graph_.edges[e].to)] - graph_.origin;
            edges[e].under = areaUnder(c) + 0.5 * (cross(a, c.p0) + cross(c.p3, b));
            edgeLength_[e] = roughLength(c);
            for (const Vec2 p : {c.p0, c.p1, c.p2, c.p3}) edges[e].box.add(p + graph_.origin);
        }
    });
    for (std::size_t e = 0; e < edges.size(); ++e) {
        Measures& left = ofCycle_[static_cast<std::size_t>(graph_.cycle[2 * e])];
        Measures& right = ofCycle_[static_cast<std::size_t>(graph_.cycle[2 * e + 1])];
        left.area += edges[e].under;
        right.area -= edges[e].under;
        left.box.add(edges[e].box);
        right.box.add(edges[e].box);
        if (&left == &right) continue;
        left.border += edgeLength_[e];
        right.border += edgeLength_[e];
    }
}

// The outer cycle of a component is the one with the least (most negative) area; all others bound faces. Each component
// lies in the smallest face of another one that holds a vertex of it, or outside.
void Map::nest()
{
    const std::size_t cycles = graph_.cycleStart.size();
    std::vector<int> outer(static_cast<std::size_t>(graph_.components), -1);
    for (std::size_t c = 0; c < cycles; ++c) {
        int& o = outer[static_cast<std::size_t>(graph_.component[c])];
        if (o < 0 || ofCycle_[c].area < ofCycle_[static_cast<std::size_t>(o)].area) o = static_cast<int>(c);
    }
    faces_.assign(1, {});
    faces_.reserve(cycles + 1);
    faces_[outside].area = std::numeric_limits<double>::infinity();
    faceOfCycle_.assign(cycles, -1);
    for (std::size_t c = 0; c < cycles; ++c) {
        if (outer[static_cast<std::size_t>(graph_.component[c])] == static_cast<int>(c)) continue;
        faceOfCycle_[c] = static_cast<int>(faces_.size());
        Face& f = faces_.emplace_back();
        f.area = ofCycle_[c].area;
        f.box = ofCycle_[c].box;
        f.outer = static_cast<int>(c);
    }
    std::vector<int> in(outer.size(), outside);
    if (graph_.components > 1) {
        // The smallest that holds a place is looked for among those whose box does.
        std::vector<Box> boxes(faces_.size());
        for (std::size_t f = 1; f < faces_.size(); ++f) boxes[f] = faces_[f].box;
        const BoxIndex boxed(boxes);
        tbb::parallel_for(tbb::blocked_range<std::size_t>(0, outer.size(), 64), [&](const tbb::blocked_range<std::size_t>& some) {
            std::vector<int> round;
            for (std::size_t k = some.begin(); k < some.end(); ++k) {
                const Vec2 p = graph_.vertices[static_cast<std::size_t>(graph_.start(graph_.cycleStart[static_cast<std::size_t>(outer[k])]))];
                round.clear();
                boxed.at(p, [&](int f) {
                    const int cycle = faces_[static_cast<std::size_t>(f)].outer;
                    if (graph_.component[static_cast<std::size_t>(cycle)] != static_cast<int>(k)) round.push_back(f);
                });
                std::sort(round.begin(), round.end(), [&](int a, int b) {
                    const double x = faces_[static_cast<std::size_t>(a)].area, y = faces_[static_cast<std::size_t>(b)].area;
                    return x != y ? x < y : a < b;
                });
                const auto holder = std::find_if(round.begin(), round.end(), [&](int f) { return holds(faces_[static_cast<std::size_t>(f)].outer, p); });
                if (holder != round.end()) in[k] = *holder;
            }
        });
    }
    for (std::size_t k = 0; k < outer.size(); ++k) {
        const auto c = static_cast<std::size_t>(outer[k]);
        faceOfCycle_[c] = in[k];
        Face& f = faces_[static_cast<std::size_t>(in[k])];
        f.holes.push_back(outer[k]);
        if (in[k] != outside) f.area += ofCycle_[c].area;
        if (in[k] == outside) f.box.add(ofCycle_[c].box);
    }
}

bool Map::holds(int cycle, Vec2 p) const
{
    bool in = false;
    std::vector<Vec2> line;
    int h = graph_.cycleStart[static_cast<std::size_t>(cycle)];
    const int first = h;
    do {
        const Edge& e = graph_.edge(h);
        const Vec2 a = graph_.vertices[static_cast<std::size_t>(e.from)], b = graph_.vertices[static_cast<std::size_t>(e.to)];
        const Source& s = graph_.source(e, 0);
        if (graph_.piece(s).line) {
            in ^= crosses(a, b, p);
        } else {
            const Cubic c = graph_.curveOf(e);
            Box box;
            for (const Vec2 q : {c.p0, c.p1, c.p2, c.p3, a, b}) box.add(q);
            if (p.y >= box.min.y && p.y <= box.max.y && p.x <= box.max.x) {
                line.clear();
                flatten(c, 0.2 * tolerances_.touch, line);
                line.back() = b;
                Vec2 from = a;
                for (const Vec2 to : line) {
                    in ^= crosses(from, to, p);
                    from = to;
                }
            }
        }
        h = graph_.next[static_cast<std::size_t>(h)];
    } while (h != first);
    return in;
}

int Map::at(Vec2 p) const
{
    int best = outside;
    double least = std::numeric_limits<double>::infinity();
    index().at(p, [&](int f) {
        const int outer = faces_[static_cast<std::size_t>(f)].outer;
        const double area = ofCycle_[static_cast<std::size_t>(outer)].area;
        if (area >= least || !holds(outer, p)) return;
        least = area;
        best = f;
    });
    return faces_[static_cast<std::size_t>(best)].joined;
}

// Smallest first; what it joins may itself have been absorbed already.
void Map::absorb(const std::vector<Vec2>& kept, double near)
{
    const std::size_t n = faces_.size();
    std::vector<std::pair<double, int>> thin; // smallest first
    std::vector<int> joined(n);
    std::iota(joined.begin(), joined.end(), 0);
    for (std::size_t f = 0; f < n; ++f) {
        if (f == outside) continue;
        double perimeter = 0; // two cycles of one face share no edge
        for (std::size_t k = 0; k < faces_[f].cycles(); ++k) perimeter += ofCycle_[static_cast<std::size_t>(faces_[f].cycle(k))].border;
        faces_[f].width = perimeter > 0 ? 2 * faces_[f].area / perimeter : 0;
        if (std::any_of(kept.begin(), kept.end(), [&](Vec2 p) { return distance(p, faces_[f].box.centre()) <= near; })) continue;
        if (faces_[f].area < tolerances_.sliverArea || faces_[f].width < tolerances_.sliverWidth) thin.emplace_back(faces_[f].area, static_cast<int>(f));
    }
    std::sort(thin.begin(), thin.end());
    const auto root = [&](int f) {
        while (joined[static_cast<std::size_t>(f)] != f) f = joined[static_cast<std::size_t>(f)];
        return f;
    };
    // Members of a joined group share its borders: a chain from each face through those that joined it.
    std::vector<int> follower(n, -1), last(n);
    std::iota(last.begin(), last.end(), 0);
    std::vector<std::pair<int, double>> border;
    for (const auto& [area, f] : thin) {
        if (root(f) != f) continue;
        border.clear();
        for (int m = f; m >= 0; m = follower[static_cast<std::size_t>(m)])
            for (std::size_t k = 0; k < faces_[static_cast<std::size_t>(m)].cycles(); ++k) {
                int h = graph_.cycleStart[static_cast<std::size_t>(faces_[static_cast<std::size_t>(m)].cycle(k))];
                const int first = h;
                do {
                    const int other = root(faceOf(twin(h)));
                    if (other != f) {
                        auto known = std::find_if(border.begin(), border.end(), [&](const auto& b) { return b.first == other; });
                        if (known == border.end()) known = border.insert(border.end(), {other, 0.0});
                        known->second += edgeLength_[static_cast<std::size_t>(h / 2)];
                    }
                    h = graph_.next[static_cast<std::size_t>(h)];
                } while (h != first);
            }
        if (border.empty()) continue;
        const int to = std::max_element(border.begin(), border.end(), [](const auto& a, const auto& b) { return a.second < b.second; })->first;
        joined[static_cast<std::size_t>(f)] = to;
        follower[static_cast<std::size_t>(last[static_cast<std::size_t>(to)])] = f;
        last[static_cast<std::size_t>(to)] = last[static_cast<std::size_t>(f)];
    }
    for (std::size_t f = 0; f < n; ++f) faces_[f].joined = root(static_cast<int>(f));
}

std::vector<int> Map::areas() const
{
    std::vector<int> all;
    for (std::size_t f = 1; f < faces_.size(); ++f)
        if (faces_[f].joined == static_cast<int>(f)) all.push_back(static_cast<int>(f));
    return all;
}

std::vector<int> Map::slivers() const
{
    std::vector<int> all;
    for (std::size_t f = 1; f < faces_.size(); ++f)
        if (faces_[f].joined != static_cast<int>(f) && faces_[f].width > 5 * tolerances_.touch) all.push_back(static_cast<int>(f));
    return all;
}

void Map::walk(const std::function<void(int, int)>& cross, const std::function<void(int)>& arrive) const
{
    const auto through = [&](int half, bool back) {
        // From the left of `half` to its right: a path that runs along takes one away.
        const Edge& e = graph_.edge(half);
        for (int k = 0; k < e.count; ++k) {
            const Source& s = graph_.source(e, k);
            const bool along = (s.t0 < s.t1) == ((half & 1) == 0);
            cross(graph_.piece(s).path, along != back ? -1 : 1);
        }
    };
    struct Step {
        int face;
        int entered; // the half-edge crossed to come here, -1 at the outside
        std::size_t cycle = 0;
        int half = -1;
    };
    std::vector<char> seen(faces_.size(), 0);
    std::vector<Step> way{{outside, -1}};
    seen[outside] = 1;
    arrive(outside);
    while (!way.empty()) {
        Step& s = way.back();
        const Face& face = faces_[static_cast<std::size_t>(s.face)];
        if (s.cycle == face.cycles()) {
            if (s.entered >= 0) through(s.entered, true);
            way.pop_back();
            continue;
        }
        const int first = graph_.cycleStart[static_cast<std::size_t>(face.cycle(s.cycle))];
        const int h = s.half < 0 ? first : s.half;
        s.half = graph_.next[static_cast<std::size_t>(h)];
        if (s.half == first) {
            s.half = -1;
            ++s.cycle;
        }
        const int to = faceOf(twin(h));
        if (seen[static_cast<std::size_t>(to)]) continue;
        seen[static_cast<std::size_t>(to)] = 1;
        through(h, false);
        arrive(to);
        way.push_back({to, h});
    }
}

} // namespace softrope::planar
