#include "planar/map.h"
#include "planar/tracer.h"

#include <algorithm>

namespace softrope::planar {

using namespace curve;

namespace {

// Closed runs of half-edges for which `borders` holds, begun in the given faces.
template <class Borders> void traceInto(Paths& paths, const Map& map, const std::vector<int>& begin, std::vector<char>& done, Borders borders)
{
    const Graph& g = map.graph();
    std::vector<int> loop;
    for (const int f : begin) {
        const Face& face = map.faces()[static_cast<std::size_t>(f)];
        for (std::size_t k = 0; k < face.cycles(); ++k) {
            const int first = g.cycleStart[static_cast<std::size_t>(face.cycle(k))];
            int around = first;
            do {
                if (!done[static_cast<std::size_t>(around)] && borders(around)) {
                    loop.clear();
                    int h = around;
                    do {
                        done[static_cast<std::size_t>(h)] = 1;
                        loop.push_back(h);
                        h = g.next[static_cast<std::size_t>(h)];
                        while (!borders(h)) h = g.next[static_cast<std::size_t>(twin(h))];
                    } while (h != around);
                    Path p = pathAlong(g, loop, true, map.tolerances().touch);
                    if (!p.nodes.empty()) paths.push_back(std::move(p));
                }
                around = g.next[static_cast<std::size_t>(around)];
            } while (around != first);
        }
    }
}

} // namespace

Paths Map::outline(const std::vector<char>& chosen) const
{
    const auto in = [&](int half) { return chosen[static_cast<std::size_t>(areaOf(half))] != 0; };
    std::vector<int> begin;
    for (std::size_t f = 0; f < faces_.size(); ++f)
        if (chosen[static_cast<std::size_t>(faces_[f].joined)]) begin.push_back(static_cast<int>(f));
    std::vector<char> done(graph_.edges.size() * 2, 0);
    Paths paths;
    traceInto(paths, *this, begin, done, [&](int half) { return in(half) && !in(twin(half)); });
    return paths;
}

Paths Map::outline(const std::vector<int>& areas) const
{
    std::vector<char> chosen(faces_.size(), 0);
    for (const int f : areas) chosen[static_cast<std::size_t>(f)] = 1;
    return outline(chosen);
}

std::vector<Paths> Map::outlines(const std::vector<int>& areas) const
{
    std::vector<std::vector<int>> members(faces_.size());
    for (std::size_t f = 0; f < faces_.size(); ++f) members[static_cast<std::size_t>(faces_[f].joined)].push_back(static_cast<int>(f));
    // A half-edge borders one area only, so one record of what is done serves all.
    std::vector<char> done(graph_.edges.size() * 2, 0);
    std::vector<Paths> all(areas.size());
    for (std::size_t k = 0; k < areas.size(); ++k)
        traceInto(all[k], *this, members[static_cast<std::size_t>(areas[k])], done,
                  [&](int half) { return areaOf(half) == areas[k] && areaOf(twin(half)) != areas[k]; });
    return all;
}

} // namespace softrope::planar
