#include "planar/map.h"

#include "curve/foot.h"

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
    const std::size_t cycles = graph_.cycleStart.size();
    cycleArea_.assign(cycles, 0);
    cycleBox_.assign(cycles, {});
    edgeLength_.resize(graph_.edges.size());
    for (std::size_t e = 0; e < graph_.edges.size(); ++e) {
        const Cubic c = moved(graph_.curveOf(graph_.edges[e]), -graph_.origin);
        // Closed at the shared vertices, which may be off the curve's own ends by the touch distance.
        const Vec2 a = graph_.vertices[static_cast<std::size_t>(graph_.edges[e].from)] - graph_.origin,
                   b = graph_.vertices[static_cast<std::size_t>(graph_.edges[e].to)] - graph_.origin;
        const double under = areaUnder(c) + 0.5 * (cross(a, c.p0) + cross(c.p3, b));
        edgeLength_[e] = roughLength(c);
        Box box;
        for (const Vec2 p : {c.p0, c.p1, c.p2, c.p3}) box.add(p + graph_.origin);
        const auto left = static_cast<std::size_t>(graph_.cycle[2 * e]), right = static_cast<std::size_t>(graph_.cycle[2 * e + 1]);
        cycleArea_[left] += under;
        cycleArea_[right] -= under;
        cycleBox_[left].add(box);
        cycleBox_[right].add(box);
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
        if (o < 0 || cycleArea_[c] < cycleArea_[static_cast<std::size_t>(o)]) o = static_cast<int>(c);
    }
    faces_.assign(1, {});
    faces_[outside].area = std::numeric_limits<double>::infinity();
    faceOfCycle_.assign(cycles, -1);
    std::vector<int> bySize;
    for (std::size_t c = 0; c < cycles; ++c) {
        if (outer[static_cast<std::size_t>(graph_.component[c])] == static_cast<int>(c)) continue;
        faceOfCycle_[c] = static_cast<int>(faces_.size());
        Face f;
        f.area = cycleArea_[c];
        f.box = cycleBox_[c];
        f.cycles.push_back(static_cast<int>(c));
        bySize.push_back(static_cast<int>(faces_.size()));
        faces_.push_back(std::move(f));
    }
    if (graph_.components > 1)
        std::sort(bySize.begin(), bySize.end(),
                  [&](int a, int b) { return faces_[static_cast<std::size_t>(a)].area < faces_[static_cast<std::size_t>(b)].area; });
    // The smallest that holds a place is looked for among those whose box does.
    std::vector<int> rank(faces_.size(), 0);
    for (std::size_t k = 0; k < bySize.size(); ++k) rank[static_cast<std::size_t>(bySize[k])] = static_cast<int>(k);
    std::vector<Box> boxes(faces_.size());
    for (const int f : bySize) boxes[static_cast<std::size_t>(f)] = cycleBox_[static_cast<std::size_t>(faces_[static_cast<std::size_t>(f)].cycles.front())];
    const BoxIndex boxed = graph_.components > 1 ? BoxIndex(boxes) : BoxIndex();
    std::vector<int> round;
    for (int k = 0; k < graph_.components; ++k) {
        const int c = outer[static_cast<std::size_t>(k)];
        const Vec2 p = graph_.vertices[static_cast<std::size_t>(graph_.start(graph_.cycleStart[static_cast<std::size_t>(c)]))];
        int in = outside;
        if (graph_.components > 1) {
            round.clear();
            boxed.at(p, [&](int f) { round.push_back(f); });
            std::sort(round.begin(), round.end(), [&](int a, int b) { return rank[static_cast<std::size_t>(a)] < rank[static_cast<std::size_t>(b)]; });
            for (const int f : round) {
                const int cycle = faces_[static_cast<std::size_t>(f)].cycles.front();
                if (f == outside || graph_.component[static_cast<std::size_t>(cycle)] == k || !holds(cycle, p)) continue;
                in = f;
                break;
            }
        }
        faceOfCycle_[static_cast<std::size_t>(c)] = in;
        faces_[static_cast<std::size_t>(in)].cycles.push_back(c);
        if (in != outside) faces_[static_cast<std::size_t>(in)].area += cycleArea_[static_cast<std::size_t>(c)];
        if (in == outside) faces_[outside].box.add(cycleBox_[static_cast<std::size_t>(c)]);
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
        const int outer = faces_[static_cast<std::size_t>(f)].cycles.front();
        const double area = cycleArea_[static_cast<std::size_t>(outer)];
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
    std::vector<double> perimeter(n, 0);
    for (std::size_t e = 0; e < graph_.edges.size(); ++e) {
        const int left = faceOf(static_cast<int>(2 * e)), right = faceOf(static_cast<int>(2 * e + 1));
        if (left == right) continue;
        perimeter[static_cast<std::size_t>(left)] += edgeLength_[e];
        perimeter[static_cast<std::size_t>(right)] += edgeLength_[e];
    }
    std::vector<int> thin;
    for (std::size_t f = 0; f < n; ++f) {
        faces_[f].joined = static_cast<int>(f);
        if (f == outside) continue;
        faces_[f].width = perimeter[f] > 0 ? 2 * faces_[f].area / perimeter[f] : 0;
        if (std::any_of(kept.begin(), kept.end(), [&](Vec2 p) { return distance(p, faces_[f].box.centre()) <= near; })) continue;
        if (faces_[f].area < tolerances_.sliverArea || faces_[f].width < tolerances_.sliverWidth) thin.push_back(static_cast<int>(f));
    }
    std::sort(thin.begin(), thin.end(), [&](int a, int b) {
        const double x = faces_[static_cast<std::size_t>(a)].area, y = faces_[static_cast<std::size_t>(b)].area;
        return x != y ? x < y : a < b;
    });
    const auto root = [&](int f) {
        while (faces_[static_cast<std::size_t>(f)].joined != f) f = faces_[static_cast<std::size_t>(f)].joined;
        return f;
    };
    // Members of a joined group share its borders.
    std::vector<std::vector<int>> members(n);
    for (const int f : thin) {
        if (root(f) != f) continue;
        std::vector<int> group{f};
        group.insert(group.end(), members[static_cast<std::size_t>(f)].begin(), members[static_cast<std::size_t>(f)].end());
        std::vector<std::pair<int, double>> border;
        for (const int m : group)
            for (const int c : faces_[static_cast<std::size_t>(m)].cycles) {
                int h = graph_.cycleStart[static_cast<std::size_t>(c)];
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
        faces_[static_cast<std::size_t>(f)].joined = to;
        members[static_cast<std::size_t>(to)].insert(members[static_cast<std::size_t>(to)].end(), group.begin(), group.end());
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
        if (s.cycle == face.cycles.size()) {
            if (s.entered >= 0) through(s.entered, true);
            way.pop_back();
            continue;
        }
        const int first = graph_.cycleStart[static_cast<std::size_t>(face.cycles[s.cycle])];
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
