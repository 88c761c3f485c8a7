#include "planar/graph.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/parallel_invoke.h>

#include <numeric>

namespace softrope::planar {

using namespace curve;

Cubic Graph::curveOf(const Edge& e) const
{
    const Source& s = source(e, 0);
    const Cubic& c = piece(s).curve;
    return s.t0 <= s.t1 ? part(c, s.t0, s.t1) : reversed(part(c, s.t1, s.t0));
}

void gatherTurns(Graph& g)
{
    const std::size_t n = g.vertices.size();
    g.turnStart.assign(n + 1, 0);
    for (const Edge& e : g.edges) {
        ++g.turnStart[static_cast<std::size_t>(e.from) + 1];
        ++g.turnStart[static_cast<std::size_t>(e.to) + 1];
    }
    std::partial_sum(g.turnStart.begin(), g.turnStart.end(), g.turnStart.begin());
    g.turn.resize(g.edges.size() * 2);
    std::vector<int> fill(g.turnStart.begin(), g.turnStart.end() - 1);
    for (int h = 0; h < static_cast<int>(g.edges.size()) * 2; ++h) g.turn[static_cast<std::size_t>(fill[static_cast<std::size_t>(g.start(h))]++)] = h;
}

namespace {

void linkRound(Graph& g)
{
    // Round the area at the left: from the target, the outgoing half-edge just before the way back.
    g.next.assign(g.edges.size() * 2, -1);
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, g.vertices.size(), 4096), [&](const tbb::blocked_range<std::size_t>& some) {
        for (std::size_t v = some.begin(); v < some.end(); ++v) {
            const int from = g.turnStart[v], to = g.turnStart[v + 1];
            for (int k = from; k < to; ++k) {
                const int before = k == from ? to - 1 : k - 1;
                g.next[static_cast<std::size_t>(twin(g.turn[static_cast<std::size_t>(k)]))] = g.turn[static_cast<std::size_t>(before)];
            }
        }
    });
}

void findCycles(Graph& g)
{
    const std::size_t halves = g.edges.size() * 2;
    g.cycle.assign(halves, -1);
    g.cycleStart.clear();
    for (std::size_t h = 0; h < halves; ++h) {
        if (g.cycle[h] >= 0) continue;
        const int id = static_cast<int>(g.cycleStart.size());
        g.cycleStart.push_back(static_cast<int>(h));
        for (int k = static_cast<int>(h); g.cycle[static_cast<std::size_t>(k)] < 0; k = g.next[static_cast<std::size_t>(k)])
            g.cycle[static_cast<std::size_t>(k)] = id;
    }
}

// The component of each vertex; -1 where no edge is. Gives how many vertices have one.
std::size_t findComponents(Graph& g, std::vector<int>& of)
{
    of.assign(g.vertices.size(), -1);
    g.components = 0;
    std::vector<int> stack;
    std::size_t used = 0;
    for (std::size_t v = 0; v < g.vertices.size(); ++v) {
        if (of[v] >= 0 || g.turnStart[v] == g.turnStart[v + 1]) continue;
        stack.push_back(static_cast<int>(v));
        of[v] = g.components;
        while (!stack.empty()) {
            const auto u = static_cast<std::size_t>(stack.back());
            stack.pop_back();
            ++used;
            for (int k = g.turnStart[u]; k < g.turnStart[u + 1]; ++k) {
                const int w = g.target(g.turn[static_cast<std::size_t>(k)]);
                if (of[static_cast<std::size_t>(w)] >= 0) continue;
                of[static_cast<std::size_t>(w)] = g.components;
                stack.push_back(w);
            }
        }
        ++g.components;
    }
    return used;
}

} // namespace

bool link(Graph& g)
{
    std::vector<int> component;
    std::size_t used = 0;
    tbb::parallel_invoke(
        [&] {
            linkRound(g);
            findCycles(g);
        },
        [&] { used = findComponents(g, component); });
    g.component.resize(g.cycleStart.size());
    for (std::size_t c = 0; c < g.cycleStart.size(); ++c) g.component[c] = component[static_cast<std::size_t>(g.start(g.cycleStart[c]))];
    return static_cast<std::int64_t>(used) - static_cast<std::int64_t>(g.edges.size()) + static_cast<std::int64_t>(g.cycleStart.size()) == 2 * g.components;
}

} // namespace softrope::planar
