#include "curve/prune.h"

#include "curve/seed.h"
#include "curve/windows.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <optional>

namespace softrope::curve {

namespace {

// Tuned on the outlines and the reducing figures of docs/quality.md (fonts and icons drawn clean, as scans and in two levels):
// the fewest nodes at which no figure of distance and no corner got worse. Shares are of the slack unless said otherwise.
namespace tuned {
constexpr double fillOfSlack = 0.97;      // a try may use this much: what settles afterwards still has to fit in
constexpr double fillOfNoise = 1.15;      // a piece's mean may exceed the line's own noise by this: its samples are few
constexpr double hopelessInFew = 7;       // a removal that starts farther off than this never settled into the slack ...
constexpr double hopelessInMany = 4;      // ... and in longer chains, where there are other nodes to go, sooner
constexpr std::size_t few = 12;           // pieces
constexpr double nearEnough = 2;          // after the first round: a second one brought no more than half off
constexpr double longStraight = 40;       // grains: a straight as long as this was meant as one
constexpr double asNearAsStraight = 1.15; // rms of the curve that swallows a shorter straight, of what stood before
constexpr double asNearAsMany = 1.1;      // rms of one piece for a whole stretch, of the many before
constexpr double insideStraight = 0.6;    // and how far it may stray
constexpr double grainOfDoubt = 0.01;     // of the grain: below this, differences of rms are rounding of the samples
constexpr double tangentReach = 3;        // grains to either side that say where a line is going
constexpr double astrayTurn = 50;         // degrees between a corner's turn and the one it was found with
constexpr double sharpTurn = 75;          // degrees: sharper ones were meant
constexpr double doubtful = 1.4;          // of the angle from which corners are kept: below, the smooth node gets
constexpr double smoothIfDoubtful = 1.5;  // this much more of the corner's rms,
constexpr double smoothElse = 1.1;        // else this much,
constexpr double stub = 0.04;             // of its piece's chord: a handle as short as this is none
constexpr double smoothFurthest = 0.5;    // and may stray this far, or by smoothElse more than the corner
} // namespace tuned

class Pruner : private ChainWindows {
public:
    Pruner(Chain& chain, const ChainSource& source, const FitOptions& o, double noise) : ChainWindows(chain, source), o_(o), noise_(noise) {}

    void run()
    {
        sweep(10);
        mend();
        softenCorners();
        removeNodes();
        takeWholeStretches();
        softenCorners();
        sweep(8);
        mend();
    }

private:
    const FitOptions& o_;
    double noise_;

    bool stopped() const { return o_.cancelled && o_.cancelled(); }

    bool good(const Quality& q) const
    {
        return q.furthest <= tuned::fillOfSlack * o_.slack && q.worstMean <= std::max(o_.even * o_.slack, tuned::fillOfNoise * noise_);
    }

    // Every node gets its turn in the middle of a window.
    void sweep(int rounds)
    {
        const std::size_t m = pieces();
        if (m <= 6) {
            for (int pass = 0; pass < 2; ++pass) settleAround(pass == 0 ? 0 : size() / 2, 6, rounds);
            return;
        }
        for (std::size_t k = 0; k < size(); k += 3) settleAround(k, 3, rounds);
    }

    void settleAround(std::size_t k, std::size_t reach, int rounds)
    {
        const Span w = around(k, reach, chain_);
        settle(chain_, w.first, w.count, source_, rounds);
    }

    // Splits the worst pieces until all are within slack.
    void mend()
    {
        for (int round = 0; round < 6; ++round) {
            bool whole = true;
            for (std::size_t k = 0; k < pieces() && !stopped(); ++k) {
                const PieceError e = errorOf(chain_, k, source_);
                if (e.furthest <= o_.slack) continue;
                const Run run = runOf(chain_, k, source_.samples);
                if (run.last - run.first < 6) continue;
                whole = false;
                split(k, std::clamp(e.worst, run.first + 2, run.last - 2));
                settleAround((k + 1) % size(), 2, 10);
            }
            if (whole) break;
        }
    }

    void split(std::size_t k, long sample)
    {
        const Samples& s = source_.samples;
        const Run run = runOf(chain_, k, s);
        const long w = std::max(1L, std::min({std::lround(tuned::tangentReach * o_.grain / s.step), sample - run.first, run.last - sample}));
        const LocalFit f = localParabola(s, sample - w, sample + w, static_cast<double>(sample));
        ChainNode n;
        n.at = f.point;
        n.in = n.out = angleOf(f.tangent);
        n.sample = s.closed ? s.wrapped(sample) : sample;
        const std::size_t j = chain_.next(k);
        const SpanFit a = fitSpan(s, {run.first, sample}, chain_.nodes[k].at, chain_.nodes[k].out, n.at, n.in);
        const SpanFit b = fitSpan(s, {sample, run.last}, n.at, n.out, chain_.nodes[j].at, chain_.nodes[j].in);
        chain_.pieces[k] = {a.a, a.b, false};
        chain_.pieces.insert(chain_.pieces.begin() + static_cast<long>(k) + 1, ChainPiece{b.a, b.b, false});
        chain_.nodes.insert(chain_.nodes.begin() + static_cast<long>(k) + 1, n);
    }

    // A window without node k, settled, and its quality.
    struct Trial {
        Span window;
        std::size_t gone = 0; // place of the node in the window
        Chain before, part;
        Quality quality;
    };
    // Where the window lies now; nothing for a node that cannot go.
    std::optional<Trial> windowOf(std::size_t k) const
    {
        const std::size_t n = size();
        if (chain_.closed ? n <= 2 : (k == 0 || k + 1 == n)) return std::nullopt;
        Trial t;
        t.window = around(k, 3, chain_);
        t.gone = (k + n - t.window.first) % n;
        if (t.gone == 0 || t.gone >= t.window.count) return std::nullopt;
        t.before = cutOut(t.window);
        return t;
    }
    std::optional<Trial> without(std::size_t k) const
    {
        auto found = windowOf(k);
        if (!found) return std::nullopt;
        const std::size_t m = pieces();
        Trial& t = *found;
        t.part = t.before;
        const Samples& s = source_.samples;
        const ChainNode &u = t.part.nodes[t.gone - 1], &v = t.part.nodes[t.gone + 1];
        const SpanFit f = fitSpan(s, {u.sample, v.sample}, u.at, u.out, v.at, v.in);
        // A piece twice as long errs many times as much: what is hopeless is not settled to find out.
        if (f.furthest > (m < tuned::few ? tuned::hopelessInFew : tuned::hopelessInMany) * o_.slack) return std::nullopt;
        t.part.pieces[t.gone - 1] = {f.a, f.b, false};
        t.part.pieces.erase(t.part.pieces.begin() + static_cast<long>(t.gone));
        t.part.nodes.erase(t.part.nodes.begin() + static_cast<long>(t.gone));
        const Span all{0, t.part.pieces.size()};
        settle(t.part, 0, all.count, source_, 10);
        t.quality = quality(t.part, all);
        // Worth a second round, with the samples handed out anew, only when it is near enough.
        if (t.quality.furthest < tuned::nearEnough * o_.slack) {
            settle(t.part, 0, all.count, source_, 6);
            t.quality = quality(t.part, all);
        }
        return found;
    }

    // What taking the node out costs, and how it went: kept, because it is often done next.
    struct Cost {
        double much = never;
        std::optional<Trial> trial;
        static constexpr double never = 1e9;
    };
    Cost costOf(std::size_t k) const
    {
        const ChainNode& n = chain_.nodes[k];
        if (!n.smooth || stopped()) return {};
        const std::size_t m = pieces();
        bool line = false;
        for (const std::size_t p : {k % m, (k + m - 1) % m}) {
            if (!chain_.pieces[p].line) continue;
            line = true;
            if (distance(chain_.nodes[p].at, chain_.nodes[chain_.next(p)].at) > tuned::longStraight * o_.grain) return {};
        }
        auto t = without(k);
        if (!t || !good(t->quality)) return {};
        if (line) {
            // A straight gives way only when it was none: the curve that swallows it must be about as near.
            const Quality now = quality(chain_, around(k, 3, chain_));
            if (t->quality.rms() > tuned::asNearAsStraight * now.rms() + tuned::grainOfDoubt * o_.grain ||
                t->quality.furthest > tuned::insideStraight * o_.slack)
                return {};
        }
        const double much = t->quality.furthest / o_.slack + 2 * t->quality.rms() / o_.slack;
        return {much, std::move(t)};
    }
    // The trial as it would go now: nodes farther off may have gone since.
    std::optional<Trial> redone(std::size_t k, Cost& c) const
    {
        auto now = windowOf(k);
        if (!now || !c.trial || !(now->before == c.trial->before)) return without(k);
        c.trial->window = now->window;
        return std::move(c.trial);
    }

    void removeNodes()
    {
        // Each looks at the chain only: they are tried side by side.
        std::vector<Cost> cost(size());
        tbb::parallel_for(std::size_t{0}, size(), [&](std::size_t k) { cost[k] = costOf(k); });
        while (size() > 2) {
            const auto least = std::min_element(cost.begin(), cost.end(), [](const Cost& a, const Cost& b) { return a.much < b.much; });
            const std::size_t k = static_cast<std::size_t>(least - cost.begin());
            if (least->much >= Cost::never || stopped()) return;
            auto t = redone(k, *least);
            if (!t) return;
            putBack(t->window, t->part, t->gone);
            cost.erase(least);
            const std::size_t n = size();
            // Only the neighbours that shared its window and moved much are worth asking again.
            std::array<std::size_t, 5> again{};
            std::size_t count = 0;
            for (std::size_t j = 0; j < std::min<std::size_t>(5, n); ++j) {
                if (!chain_.closed && (k + j < 2 || k + j - 2 >= n)) continue;
                again[count++] = (k + n + j - 2) % n;
            }
            tbb::parallel_for(std::size_t{0}, count, [&](std::size_t j) { cost[again[j]] = costOf(again[j]); });
        }
    }

    // A slight bow must not stay a row of short straights: where one piece lies as near as all between two corners, it is taken.
    void takeWholeStretches()
    {
        std::size_t first = 0;
        while (first + 1 < size() && !stopped()) {
            std::size_t last = first + 1;
            while (last + 1 < size() && chain_.nodes[last].smooth) ++last;
            const bool whole =
                (!chain_.nodes[first].smooth || (!chain_.closed && first == 0)) && (!chain_.nodes[last].smooth || (!chain_.closed && last + 1 == size()));
            const Span w{first, last - first};
            first = last;
            if (!whole || w.count < 3) continue;
            Chain part = cutOut(w);
            const Quality now = quality(part, {0, w.count});
            ChainNode from = part.nodes.front(), to = part.nodes.back();
            const SpanFit f = fitSpan(source_.samples, {from.sample, to.sample}, from.at, from.out, to.at, to.in);
            part.nodes = {from, to};
            part.pieces = {{f.a, f.b, false}};
            part.nodes[0].smooth = part.nodes[1].smooth = false;
            settle(part, 0, 1, source_, 20);
            const Quality one = quality(part, {0, 1});
            if (!good(one) || one.rms() > tuned::asNearAsMany * now.rms() + tuned::grainOfDoubt * o_.grain) continue;
            const auto at = [](auto& v, std::size_t k) { return v.begin() + static_cast<long>(k); };
            chain_.nodes[w.first].out = part.nodes[0].out;
            chain_.nodes[w.first + w.count].in = part.nodes[1].in;
            chain_.pieces[w.first] = part.pieces[0];
            chain_.nodes.erase(at(chain_.nodes, w.first + 1), at(chain_.nodes, w.first + w.count));
            chain_.pieces.erase(at(chain_.pieces, w.first + 1), at(chain_.pieces, w.first + w.count));
            first = w.first + 1;
        }
    }

    // A corner of small turn that a smooth node explains as well was none.
    void softenCorners()
    {
        const std::size_t n = size();
        for (std::size_t k = 0; k < n && !stopped(); ++k) {
            const ChainNode& c = chain_.nodes[k];
            if (c.smooth || c.sure || (!chain_.closed && (k == 0 || k + 1 == n))) continue;
            const double angle = std::abs(turn(direction(c.in), direction(c.out)));
            // A turn far from the one it was found with is the settling's, not the line's.
            const bool astray = c.found > 0 && std::abs(angle - c.found) > radians(tuned::astrayTurn);
            if (angle > radians(tuned::sharpTurn) && !astray) continue;
            const std::size_t m = pieces();
            const bool l0 = chain_.pieces[(k + m - 1) % m].line, l1 = chain_.pieces[k % m].line;
            if (l0 && l1) continue;
            const Span w = around(k, 2, chain_);
            const std::size_t place = (k + n - w.first) % n;
            if (place == 0 || place >= w.count) continue;
            Chain part = cutOut(w);
            ChainNode& t = part.nodes[place];
            const long reach = std::max(2L, std::lround(tuned::tangentReach * o_.grain / source_.samples.step));
            const LocalFit local = localParabola(source_.samples, t.sample - reach, t.sample + reach, static_cast<double>(t.sample));
            t.smooth = true;
            t.in = t.out = l0 ? t.in : l1 ? t.out : angleOf(local.tangent);
            if (astray) t.at = local.point;
            settle(part, 0, w.count, source_, 10);
            settle(part, 0, w.count, source_, 6);
            const Quality soft = quality(part, {0, w.count}, true), hard = quality(chain_, w);
            const double bar = angle < tuned::doubtful * o_.cornerFrom ? tuned::smoothIfDoubtful : tuned::smoothElse;
            const bool asGood = soft.rms() <= bar * hard.rms() + 2 * tuned::grainOfDoubt * o_.grain &&
                                soft.furthest <= std::max(tuned::smoothFurthest * o_.slack, tuned::smoothElse * hard.furthest);
            // A smooth node with hardly a handle is a corner in hiding.
            const auto stub = [&](std::size_t piece, double handle) {
                return !part.pieces[piece].line && handle < tuned::stub * distance(part.nodes[piece].at, part.nodes[piece + 1].at);
            };
            if (angle > 0.7 * o_.cornerFrom && (stub(place - 1, part.pieces[place - 1].b) || stub(place, part.pieces[place].a))) continue;
            const bool blunt = angle < o_.cornerFrom;
            if (asGood || ((blunt || astray) && soft.furthest <= tuned::fillOfSlack * o_.slack)) putBack(w, part, std::nullopt);
        }
    }
};

} // namespace

void prune(Chain& chain, const ChainSource& source, const FitOptions& options, double noise)
{
    Pruner(chain, source, options, noise).run();
}

} // namespace softrope::curve
