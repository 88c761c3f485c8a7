#include "planar/untangle.h"

#include "planar/turns.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <unordered_map>
#include <unordered_set>

namespace softrope::planar {

using namespace curve;

namespace {

// Euler's count for some of the edges, each vertex with the order it has in the whole graph.
class Part {
public:
    explicit Part(const Graph& g_) : g(g_), in(g.edges.size(), 0), next(g.edges.size() * 2, -1), seen(g.edges.size() * 2, 0), parent(g.vertices.size(), -1) {}

    bool planar(const std::vector<int>& edges)
    {
        ++stamp;
        for (const int e : edges) in[static_cast<std::size_t>(e)] = stamp;
        std::vector<int> vertices;
        for (const int e : edges)
            for (const int v : {g.edges[static_cast<std::size_t>(e)].from, g.edges[static_cast<std::size_t>(e)].to})
                if (parent[static_cast<std::size_t>(v)] < 0) {
                    parent[static_cast<std::size_t>(v)] = v;
                    vertices.push_back(v);
                }
        std::int64_t components = static_cast<std::int64_t>(vertices.size()), cycles = 0;
        for (const int e : edges) {
            const int a = root(g.edges[static_cast<std::size_t>(e)].from), b = root(g.edges[static_cast<std::size_t>(e)].to);
            if (a == b) continue;
            parent[static_cast<std::size_t>(a)] = b;
            --components;
        }
        for (const int v : vertices) orderAt(static_cast<std::size_t>(v));
        for (const int e : edges)
            for (const int h : {2 * e, 2 * e + 1}) {
                if (seen[static_cast<std::size_t>(h)] == stamp) continue;
                ++cycles;
                for (int k = h; seen[static_cast<std::size_t>(k)] != stamp; k = next[static_cast<std::size_t>(k)]) seen[static_cast<std::size_t>(k)] = stamp;
            }
        const auto v = static_cast<std::int64_t>(vertices.size()), n = static_cast<std::int64_t>(edges.size());
        for (const int k : vertices) parent[static_cast<std::size_t>(k)] = -1;
        return v - n + cycles == 2 * components;
    }

private:
    int root(int v)
    {
        while (parent[static_cast<std::size_t>(v)] != v) {
            int& up = parent[static_cast<std::size_t>(v)];
            up = parent[static_cast<std::size_t>(up)];
            v = up;
        }
        return v;
    }
    void orderAt(std::size_t v)
    {
        int first = -1, before = -1;
        for (int k = g.turnStart[v]; k < g.turnStart[v + 1]; ++k) {
            const int h = g.turn[static_cast<std::size_t>(k)];
            if (in[static_cast<std::size_t>(h / 2)] != stamp) continue;
            if (before >= 0) next[static_cast<std::size_t>(twin(h))] = before;
            if (first < 0) first = h;
            before = h;
        }
        if (first >= 0) next[static_cast<std::size_t>(twin(first))] = before;
    }

    const Graph& g;
    int stamp = 0;
    std::vector<int> in, next, seen, parent;
};

// Edges with both ends in one tile; tiles overlap by half, so that what is small lies within one of them.
class Tiles {
public:
    // All of them, or those that hold one of the places.
    Tiles(const Graph& g, double side, const std::vector<Vec2>* at = nullptr)
    {
        std::unordered_set<std::int64_t> wanted;
        if (at)
            for (const Vec2 p : *at) each(p - g.origin, p - g.origin, side, [&](std::int64_t key) { wanted.insert(key); });
        for (std::size_t e = 0; e < g.edges.size(); ++e) {
            const Vec2 a = g.vertices[static_cast<std::size_t>(g.edges[e].from)] - g.origin, b = g.vertices[static_cast<std::size_t>(g.edges[e].to)] - g.origin;
            each(a, b, side, [&](std::int64_t key) {
                if (!at || wanted.count(key)) tiles[key].push_back(static_cast<int>(e));
            });
        }
    }
    std::unordered_map<std::int64_t, std::vector<int>> tiles;

private:
    // The tiles that hold both.
    template <class Act> static void each(Vec2 a, Vec2 b, double side, Act act)
    {
        const auto [x0, x1] = sharedHalves(a.x, b.x, side);
        const auto [y0, y1] = sharedHalves(a.y, b.y, side);
        for (std::int64_t y = y0; y <= y1; ++y)
            for (std::int64_t x = x0; x <= x1; ++x) act(x * 0x100000001LL + y);
    }
    // Tile k reaches over halves k and k + 1.
    static std::pair<std::int64_t, std::int64_t> sharedHalves(double a, double b, double side)
    {
        const auto half = [&](double v) { return static_cast<std::int64_t>(std::floor(2 * v / side)); };
        const std::int64_t i = half(a), k = half(b);
        return {std::max(i, k) - 1, std::min(i, k)};
    }
};

// The least part of a wrong one that is wrong by itself.
std::vector<int> core(Part& part, std::vector<int> edges)
{
    // Halves first, then one by one.
    for (std::size_t step = edges.size() / 2; step > 0; step /= 2)
        for (std::size_t from = 0; from < edges.size();) {
            std::vector<int> rest(edges.begin(), edges.begin() + static_cast<std::ptrdiff_t>(from));
            rest.insert(rest.end(), edges.begin() + static_cast<std::ptrdiff_t>(std::min(edges.size(), from + step)), edges.end());
            if (!rest.empty() && !part.planar(rest))
                edges = std::move(rest);
            else
                from += step;
        }
    return edges;
}

double extentOf(const Graph& g, int edge)
{
    const Cubic c = g.curveOf(g.edges[static_cast<std::size_t>(edge)]);
    return std::max({distance(c.p0, c.p1), distance(c.p0, c.p2), distance(c.p0, c.p3)});
}

// Both run from one vertex to the other, never further than `within` apart: between them lies nothing.
bool doubled(const Graph& g, int e, int f, double within)
{
    const Edge &a = g.edges[static_cast<std::size_t>(e)], &b = g.edges[static_cast<std::size_t>(f)];
    const bool along = a.from == b.from && a.to == b.to, against = a.from == b.to && a.to == b.from;
    if (a.from == a.to || !(along || against)) return false;
    const Cubic c = g.curveOf(a), d = g.curveOf(b);
    for (const double t : {0.1, 0.3, 0.5, 0.7, 0.9})
        if (nearest(d, at(c, t)).distance > within) return false;
    return true;
}

// One edge, with the sources of both.
void makeOne(Graph& g, int e, int f)
{
    Edge& a = g.edges[static_cast<std::size_t>(e)];
    Edge& b = g.edges[static_cast<std::size_t>(f)];
    const bool against = a.from != b.from;
    const int first = static_cast<int>(g.sources.size());
    for (int k = 0; k < a.count; ++k) g.sources.push_back(Source(g.source(a, k)));
    for (int k = 0; k < b.count; ++k) {
        const Source s = g.source(b, k);
        g.sources.push_back(against ? Source{s.piece, s.t1, s.t0} : s);
    }
    a.first = first;
    a.count += b.count;
    b.count = 0;
}

// Makes one vertex of the ends of each of these edges; they are gone then, and so are others that this leaves without length.
void drawTogether(Graph& g, const std::vector<int>& edges, double shortest)
{
    std::vector<int> to(g.vertices.size());
    std::iota(to.begin(), to.end(), 0);
    const auto end = [&](int v) {
        while (to[static_cast<std::size_t>(v)] != v) v = to[static_cast<std::size_t>(v)];
        return v;
    };
    // The lower number stays: corners and ends come before crossings.
    for (const int e : edges) {
        const int a = end(g.edges[static_cast<std::size_t>(e)].from), b = end(g.edges[static_cast<std::size_t>(e)].to);
        to[static_cast<std::size_t>(std::max(a, b))] = std::min(a, b);
    }
    std::vector<Edge> kept;
    kept.reserve(g.edges.size());
    for (std::size_t e = 0; e < g.edges.size(); ++e) {
        Edge edge = g.edges[e];
        if (edge.count == 0) continue; // it is one with another now
        const bool loop = edge.from == edge.to;
        edge.from = end(edge.from);
        edge.to = end(edge.to);
        if (edge.from == edge.to && !loop && extentOf(g, static_cast<int>(e)) < 3 * shortest) continue;
        kept.push_back(edge);
    }
    g.edges = std::move(kept);
}

// What is wrong in the tiles: edges to be drawn together, and pairs that are one.
struct Wrong {
    std::vector<int> together;
    std::vector<std::pair<int, int>> pairs;

    bool none() const { return together.empty() && pairs.empty(); }
    // Adds the places where something is wrong.
    void lookIn(const Graph& g, const Tiles& tiles, double shortest, std::vector<Vec2>& places)
    {
        Part part(g);
        for (const auto& [key, edges] : tiles.tiles) {
            if (part.planar(edges)) continue;
            const std::vector<int> wrong = core(part, edges);
            const std::size_t before = together.size();
            for (const int e : wrong)
                if (extentOf(g, e) < shortest) together.push_back(e);
            for (std::size_t i = 0; together.size() == before && i < wrong.size(); ++i)
                for (std::size_t k = i + 1; k < wrong.size(); ++k)
                    if (doubled(g, wrong[i], wrong[k], shortest)) pairs.emplace_back(wrong[i], wrong[k]);
            if (!wrong.empty()) places.push_back(g.vertices[static_cast<std::size_t>(g.edges[static_cast<std::size_t>(wrong.front())].from)]);
        }
    }
};

void mend(Graph& g, const Wrong& wrong, double shortest)
{
    for (const auto& [e, f] : wrong.pairs)
        if (g.edges[static_cast<std::size_t>(e)].count > 0 && g.edges[static_cast<std::size_t>(f)].count > 0) makeOne(g, e, f);
    drawTogether(g, wrong.together, shortest);
    orderTurns(g);
}

} // namespace

bool untangle(Graph& g, double touch, std::vector<Vec2>& places)
{
    constexpr std::size_t inATile = 60; // edges, about
    constexpr int rounds = 4;
    const double shortest = 4 * touch;
    const std::vector<Vec2> known = std::move(places);
    places.clear();
    for (int round = known.empty() ? 0 : -1; round < rounds; ++round) {
        Box box;
        for (const Vec2 v : g.vertices) box.add(v);
        const double whole = 2 * std::max(box.width(), box.height()) + 1;
        // Small tiles find nearly all; what only shows in wider ones is looked for in those.
        const double small = std::min(whole, whole / std::max(1.0, std::sqrt(static_cast<double>(g.edges.size()) / inATile)));
        Wrong wrong;
        if (round < 0) {
            wrong.lookIn(g, Tiles(g, small, &known), shortest, places);
            if (wrong.none()) continue;
        }
        for (double side = small; wrong.none(); side *= 4) {
            wrong.lookIn(g, Tiles(g, std::min(side, whole)), shortest, places);
            if (side >= whole) break;
        }
        if (wrong.none()) return false;
        mend(g, wrong, shortest);
        if (link(g)) return true;
    }
    return false;
}

} // namespace softrope::planar
