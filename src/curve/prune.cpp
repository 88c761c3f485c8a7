#include "curve/prune.h"

#include "curve/seed.h"

#include <algorithm>
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
constexpr double insideStraight = 0.6;    // and how far it may stray
constexpr double grainOfDoubt = 0.01;     // of the grain: below this, differences of rms are rounding of the samples
constexpr double tangentReach = 3;        // grains to either side that say where a line is going
constexpr double astrayTurn = 50;         // degrees between a corner's turn and the one it was found with
constexpr double sharpTurn = 75;          // degrees: sharper ones were meant
constexpr double doubtful = 1.4;          // of the angle from which corners are kept: below, the smooth node gets
constexpr double smoothIfDoubtful = 1.5;  // this much more of the corner's rms,
constexpr double smoothElse = 1.1;        // else this much,
constexpr double smoothFurthest = 0.5;    // and may stray this far, or by smoothElse more than the corner
} // namespace tuned

struct Quality {
    double furthest = 0;
    double sum = 0;
    long count = 0;
    double worstMean = 0; // largest root mean square of a piece
    double rms() const { return count > 0 ? std::sqrt(sum / static_cast<double>(count)) : 0; }
};

class Pruner {
public:
    Pruner(Chain& chain, const ChainSource& source, const FitOptions& o, double noise) : chain_(chain), source_(source), o_(o), noise_(noise) {}

    void run()
    {
        sweep(10);
        mend();
        softenCorners();
        removeNodes();
        softenCorners();
        sweep(8);
        mend();
    }

private:
    Chain& chain_;
    const ChainSource& source_;
    const FitOptions& o_;
    double noise_;

    std::size_t size() const { return chain_.nodes.size(); }
    std::size_t pieces() const { return chain_.pieces.size(); }
    bool stopped() const { return o_.cancelled && o_.cancelled(); }

    // The window of `reach` pieces to either side of node k, widened so that it does not end on a straight's smooth end.
    struct Span {
        std::size_t first = 0, count = 0;
    };
    Span around(std::size_t k, std::size_t reach, const Chain& c) const
    {
        const std::size_t n = c.nodes.size(), m = c.pieces.size();
        if (m == 0) return {};
        if (c.closed) {
            std::size_t count = std::min(2 * reach, m);
            std::size_t first = (k + m - std::min(reach, m / 2 + (m % 2))) % m;
            if (2 * reach >= m) first = (k + m - m / 2) % m;
            for (int grow = 0; grow < 3 && count < m; ++grow) {
                const std::size_t end = (first + count) % n;
                if (c.nodes[end].smooth && c.pieces[(first + count - 1) % m].line)
                    ++count;
                else
                    break;
            }
            for (int grow = 0; grow < 3 && count < m; ++grow) {
                if (c.nodes[first].smooth && c.pieces[first].line) {
                    first = (first + m - 1) % m;
                    ++count;
                } else {
                    break;
                }
            }
            return {first, count};
        }
        std::size_t first = k > reach ? k - reach : 0, end = std::min(m, k + reach);
        while (first > 0 && c.nodes[first].smooth && c.pieces[first].line) --first;
        while (end < m && c.nodes[end].smooth && c.pieces[end - 1].line) ++end;
        return {first, end - first};
    }

    Quality quality(const Chain& c, Span w, bool all = false) const
    {
        Quality q;
        for (std::size_t j = 0; j < w.count; ++j) {
            const PieceError e = errorOf(c, (w.first + j) % c.pieces.size(), source_, all);
            q.furthest = std::max(q.furthest, e.furthest);
            q.sum += e.sumOfSquares;
            q.count += e.count;
            if (e.count > 0) q.worstMean = std::max(q.worstMean, std::sqrt(e.sumOfSquares / static_cast<double>(e.count)));
        }
        return q;
    }

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

    // The window of a chain as an open chain of its own, so that trying something costs nothing but the window.
    Chain cutOut(Span w) const
    {
        Chain out;
        const std::size_t n = size(), m = pieces();
        const long whole = source_.samples.count();
        long last = -1;
        for (std::size_t j = 0; j <= w.count; ++j) {
            ChainNode c = chain_.nodes[(w.first + j) % n];
            while (c.sample <= last) c.sample += whole; // unwrapped: samples only grow along the window
            last = c.sample;
            out.nodes.push_back(c);
            if (j < w.count) out.pieces.push_back(chain_.pieces[(w.first + j) % m]);
        }
        return out;
    }

    // Puts a window back that has lost `lost` nodes at place `at` (0 or 1 of them).
    void putBack(Span w, const Chain& part, std::optional<std::size_t> gone)
    {
        const std::size_t n = size(), m = pieces();
        const Samples& s = source_.samples;
        std::size_t from = 0;
        for (std::size_t j = 0; j <= w.count; ++j) {
            if (gone && j == *gone) continue;
            const ChainNode& c = part.nodes[from];
            ChainNode& to = chain_.nodes[(w.first + j) % n];
            if (j > 0 && j < w.count) {
                to = c;
                to.sample = s.closed ? s.wrapped(c.sample) : c.sample;
            } else if (j == 0 && !to.smooth) {
                to.out = c.out;
            } else if (j == w.count && !to.smooth) {
                to.in = c.in;
            }
            ++from;
        }
        from = 0;
        for (std::size_t j = 0; j < w.count; ++j) {
            if (gone && j == *gone) continue; // the piece after the node that went is swallowed by the one before
            chain_.pieces[(w.first + j) % m] = part.pieces[from++];
        }
        if (gone) {
            const std::size_t k = (w.first + *gone) % n;
            chain_.nodes.erase(chain_.nodes.begin() + static_cast<long>(k));
            chain_.pieces.erase(chain_.pieces.begin() + static_cast<long>(k % m));
        }
    }

    // A window without node k, settled, and its quality.
    struct Trial {
        Span window;
        std::size_t gone = 0; // place of the node in the window
        Chain part;
        Quality quality;
    };
    std::optional<Trial> without(std::size_t k) const
    {
        const std::size_t n = size(), m = pieces();
        if (chain_.closed ? n <= 2 : (k == 0 || k + 1 == n)) return std::nullopt;
        Trial t;
        t.window = around(k, 3, chain_);
        t.gone = (k + n - t.window.first) % n;
        if (t.gone == 0 || t.gone >= t.window.count) return std::nullopt;
        t.part = cutOut(t.window);
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
        return t;
    }

    double costOf(std::size_t k) const
    {
        constexpr double never = 1e9;
        const ChainNode& n = chain_.nodes[k];
        if (!n.smooth) return never;
        const std::size_t m = pieces();
        const bool line = chain_.pieces[k % m].line || chain_.pieces[(k + m - 1) % m].line;
        const auto t = without(k);
        if (!t || !good(t->quality)) return never;
        if (line) {
            for (const std::size_t p : {k % m, (k + m - 1) % m})
                if (chain_.pieces[p].line && distance(chain_.nodes[p].at, chain_.nodes[chain_.next(p)].at) > tuned::longStraight * o_.grain) return never;
            // A straight gives way only when it was none: the curve that swallows it must be about as near.
            const Quality now = quality(chain_, around(k, 3, chain_));
            if (t->quality.rms() > tuned::asNearAsStraight * now.rms() + tuned::grainOfDoubt * o_.grain ||
                t->quality.furthest > tuned::insideStraight * o_.slack)
                return never;
        }
        return t->quality.furthest / o_.slack + 2 * t->quality.rms() / o_.slack;
    }

    void removeNodes()
    {
        std::vector<double> cost(size());
        for (std::size_t k = 0; k < size(); ++k) {
            if (stopped()) return;
            cost[k] = costOf(k);
        }
        while (size() > 2) {
            const std::size_t k = static_cast<std::size_t>(std::min_element(cost.begin(), cost.end()) - cost.begin());
            if (cost[k] >= 1e9 || stopped()) return;
            auto t = without(k);
            if (!t) return;
            putBack(t->window, t->part, t->gone);
            cost.erase(cost.begin() + static_cast<long>(k));
            const std::size_t n = size();
            // Only the neighbours that shared its window and moved much are worth asking again.
            for (std::size_t j = 0; j < std::min<std::size_t>(5, n); ++j) {
                if (!chain_.closed && k + j < 2) continue;
                const std::size_t i = (k + n + j - 2) % n;
                if (!chain_.closed && k + j - 2 >= n) continue;
                cost[i] = costOf(i);
            }
        }
    }

    // A corner of small turn that a smooth node explains as well was none.
    void softenCorners()
    {
        const std::size_t n = size();
        for (std::size_t k = 0; k < n && !stopped(); ++k) {
            const ChainNode& c = chain_.nodes[k];
            if (c.smooth || (!chain_.closed && (k == 0 || k + 1 == n))) continue;
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
