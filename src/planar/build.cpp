#include "planar/build.h"

#include "planar/arrange.h"
#include "planar/gaps.h"
#include "planar/kept.h"
#include "planar/snap.h"
#include "planar/untangle.h"

#include <algorithm>
#include <tuple>

namespace softrope::planar {

using namespace curve;

namespace {

constexpr double moved = 3; // px: a gap or thin area that was chosen is found again so near

bool sameGap(const Bridge& a, const Bridge& b)
{
    const auto near = [](Vec2 p, Vec2 q) { return distance(p, q) <= moved; };
    return (near(a.from, b.from) && near(a.to, b.to)) || (near(a.from, b.to) && near(a.to, b.from));
}

// Of the gaps wider than what counts as closed, those that were chosen; looked for again, since lines move.
void addChosen(std::vector<Bridge>& closed, const std::vector<const Strand*>& strands, const std::vector<Between>& between, const std::vector<Bridge>& chosen,
               double touch)
{
    if (chosen.empty()) return;
    double widest = 0;
    for (const Bridge& c : chosen) widest = std::max(widest, c.width);
    for (const Bridge& b : bridges(strands, between, widest + moved, touch)) {
        const auto same = [&](const Bridge& o) { return sameGap(b, o); };
        if (std::any_of(chosen.begin(), chosen.end(), same) && std::none_of(closed.begin(), closed.end(), same)) closed.push_back(b);
    }
}

} // namespace

struct Builder::Store {
    KeptStrands lines, bridged; // of the paths, and of what closes their gaps
    KeptMeetings among, across; // of the lines among themselves, and of bridges with all
    KeptReaches reaches;
    std::vector<Vec2> tangles; // where the last map was mended
    Tolerances tol;
    bool closing = false;
    std::size_t crowded = 0; // so many paths were too many on one another to tell them apart as finely as others

    // A graph that may still be tangled, and the gaps closed in it.
    struct Attempt {
        Graph graph;
        std::vector<Bridge> closed;
        bool planar = false;
    };
    Attempt attempt(const Paths& paths, const BuildOptions& options, const Tolerances& within);
    std::vector<Bridge> closedGaps(const std::vector<const Strand*>& strands, const std::vector<Between>& between, const Change& change,
                                   const BuildOptions& options);
};

Builder::Builder() : store(std::make_unique<Store>()) {}
Builder::~Builder() = default;
Builder::Builder(Builder&&) noexcept = default;
Builder& Builder::operator=(Builder&&) noexcept = default;

MapPtr Builder::build(const Paths& paths, const BuildOptions& options)
{
    Store& s = *store;
    Box all;
    for (const Path& p : paths)
        if (isFinite(p)) all.add(bounds(p));
    const Tolerances tol = tolerancesFor(all);
    if (paths.size() < s.crowded) s.crowded = 0;
    const auto touching = [&tol](double times) {
        Tolerances t = tol;
        t.touch *= times;
        return t;
    };
    const auto mapOf = [&](Store::Attempt&& a, double times) {
        Tolerances kept = touching(std::max(1.0, times));
        kept.sliverWidth = std::max(kept.sliverWidth, options.sliverWidth);
        return std::make_shared<const Map>(std::move(a.graph), std::move(a.closed), kept, options.kept, moved);
    };
    // Dozens of curves a little off one another are one curve within some hundredths of a pixel; in the end whatever comes out is taken.
    constexpr double wider = 8, widest = 64;
    try {
        for (double times = s.crowded > 0 ? wider : 1;; times *= wider) {
            Store::Attempt a = s.attempt(paths, options, touching(times));
            if (a.planar) return mapOf(std::move(a), times);
            // Which of them touch which is not clear where many lie on one another; where they cross is, as far as rounding goes. Shapes
            // have no ends that must stay on what they touch, and what is left between two that touched is thinner than a sliver.
            if (times == 1 && options.closePaths)
                for (const double finer : {1e-2, 1e-4})
                    if (Store::Attempt b = s.attempt(paths, options, touching(finer)); b.planar) return mapOf(std::move(b), finer);
            if (std::optional<Graph> graph = snapped(a.graph, touching(times), times < widest)) {
                a.graph = std::move(*graph);
                return mapOf(std::move(a), times);
            }
            s.crowded = paths.size();
        }
    } catch (...) {
        s = Store(); // what is kept may be of two drawings
        throw;
    }
}

std::vector<Bridge> Builder::Store::closedGaps(const std::vector<const Strand*>& strands, const std::vector<Between>& between, const Change& change,
                                               const BuildOptions& options)
{
    std::vector<Bridge> closed;
    if (options.gap > 0) {
        reaches.update(strands, change, options.gap);
        closed = bridges(strands, between, options.gap, tol.touch, &reaches);
    } else {
        reaches.clear();
    }
    const auto staysOpen = [&](const Bridge& b) {
        return std::any_of(options.open.begin(), options.open.end(), [&](const Bridge& o) { return sameGap(b, o); });
    };
    closed.erase(std::remove_if(closed.begin(), closed.end(), staysOpen), closed.end());
    addChosen(closed, strands, between, options.closed, tol.touch);
    return closed;
}

Builder::Store::Attempt Builder::Store::attempt(const Paths& paths, const BuildOptions& options, const Tolerances& within)
{
    if (within.touch != tol.touch || options.closePaths != closing) {
        lines.clear();
        bridged.clear();
        among.clear();
        across.clear();
        reaches.clear();
        tol = within;
        closing = options.closePaths;
    }
    Change change = lines.take(paths, 0, closing);
    std::vector<const Strand*> strands;
    for (std::size_t k = 0; k < lines.size(); ++k) strands.push_back(&lines[k]);
    among.update(strands, change, 0, tol.touch);
    std::vector<Between> between;
    among.list(between);

    std::vector<Bridge> closed = closedGaps(strands, between, change, options);
    Paths straights;
    for (const Bridge& b : closed) straights.push_back(polyline({b.from, b.to}, false));
    const Change ofBridges = bridged.take(straights, static_cast<int>(paths.size()), false);
    for (const int p : ofBridges.place) change.place.push_back(p < 0 ? -1 : static_cast<int>(paths.size()) + p);
    change.fresh.insert(change.fresh.end(), ofBridges.fresh.begin(), ofBridges.fresh.end());
    for (std::size_t k = 0; k < bridged.size(); ++k) strands.push_back(&bridged[k]);
    across.update(strands, change, paths.size(), tol.touch);
    const auto first = static_cast<std::ptrdiff_t>(between.size());
    across.list(between);
    std::inplace_merge(between.begin(), between.begin() + first, between.end(),
                       [](const Between& x, const Between& y) { return std::tie(x.i, x.j) < std::tie(y.i, y.j); });
    Arranged arranged = arrange(strands, between, tol);
    const bool planar = arranged.planar || untangle(arranged.graph, tol.touch, tangles);
    return {std::move(arranged.graph), std::move(closed), planar};
}

MapPtr build(const Paths& paths, const BuildOptions& options)
{
    return Builder().build(paths, options);
}

} // namespace softrope::planar
