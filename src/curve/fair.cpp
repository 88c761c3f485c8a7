#include "curve/fair.h"

#include "curve/gradient.h"
#include "curve/hidden_corners.h"
#include "curve/seed.h"
#include "curve/windows.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <cmath>
#include <optional>

namespace softrope::curve {

namespace {

// Tuned on the outlines and the reducing figures of docs/quality.md, by evenness beside closeness. Shares are of the slack unless
// said otherwise.
namespace tuned {
constexpr double worse = 1.08;          // of the root mean square before, that evenness may cost ...
constexpr double room = 0.09;           // ... and of the slack beside it
constexpr double fill = 0.97;           // of the slack, that the furthest sample may lie off
constexpr double atCorners = 3;         // of the slack, that samples rounded off at corners may lie off, or as far as before
constexpr double asFar = 0.1;           // of the slack: what lies so little farther off lies as far as before
constexpr double cornerTurn = 25;       // degrees that a corner may open or close
constexpr double cornerMove = 0.5;      // grains that it may move
constexpr std::size_t mostPieces = 300; // a line of more was not drawn to be even
constexpr long leastSamples = 16;       // of a piece that may get a node more
constexpr double firmBend = 2;          // grains that a piece bends that may ...
constexpr double firmSlack = 4;         // ... and slacks
constexpr double weakBend = 1.3;        // a bend whose height is less than this may be the samples' noise
constexpr double againstSide = 3;       // slacks: where a piece bends more to the other side, no try to bend it all to one left it near enough
constexpr double weakLobe = 2;          // of an S that may be a straight and a bend: how far it bends beside a corner,
constexpr double beyondTurning = 1.8;   // how far the straight reaches, of the way to where the S turns over,
constexpr double leastStraight = 6;     // and how long it is at least, grains
constexpr double jump = 1;              // Fairness::jump, of the slack
constexpr double change = 0.04;         // Fairness::change, of the slack
} // namespace tuned

class Fairer : private ChainWindows {
public:
    Fairer(Chain& chain, const ChainSource& source, const FitOptions& o) : ChainWindows(chain, source), o_(o) {}

    void run()
    {
        if (pieces() == 0 || pieces() > tuned::mostPieces) return;
        showHiddenCorners(chain_, source_, o_);
        turnRingToExtremes();
        side_.assign(pieces(), 0);
        for (std::size_t k = 0; k < pieces(); ++k) {
            before_.push_back(errorOf(chain_, k, source_));
            furthest_.push_back(errorOf(chain_, k, source_, true).furthest);
        }
        for (const ChainNode& n : chain_.nodes) {
            turns_.push_back(n.out - n.in);
            places_.push_back(n.at);
        }
        smooth();
        for (int round = 0; round < 3; ++round) {
            const int turned = takeSides() + turnWeakBends();
            if (turned == 0 || stopped()) break;
            changed_ = true;
        }
        addNodes();
        if (changed_) smooth();
        // Evenness may have drawn a short handle in, and the other over it. (Where every point counts, a fold may be meant.)
        if (!o_.strict) closeFolds(chain_, source_, o_);
    }

private:
    const FitOptions& o_;
    bool changed_ = false; // since it was smoothed
    std::vector<signed char> side_;
    std::vector<PieceError> before_; // by piece
    std::vector<double> furthest_;   // by piece, samples at corners counted
    std::vector<double> turns_;      // by node
    std::vector<Vec2> places_;       // by node
    // What a try to turn a piece depends on.
    struct Surroundings {
        Chain part;
        std::vector<signed char> side;
        friend bool operator==(const Surroundings&, const Surroundings&) = default;
    };
    std::vector<std::optional<Surroundings>> inVain_; // by piece: where a try to bend it to one side failed, for good while all is as it was

    bool stopped() const { return o_.cancelled && o_.cancelled(); }

    // A ring of few pieces gets its nodes where it is furthest left, right, up and down, as designers set them, if that lies as near.
    void turnRingToExtremes()
    {
        constexpr std::size_t corners = 4;
        if (!chain_.closed || pieces() > 6 || pieces() < (o_.slack > o_.grain ? corners : corners - 1)) return; // a loose ring keeps its few
        for (std::size_t k = 0; k < size(); ++k)
            if (!chain_.nodes[k].smooth || chain_.pieces[k].line) return;
        const Samples& s = source_.samples;
        std::array<long, corners> at{};
        for (long i = 1; i < s.count(); ++i) {
            if (s[i].x > s[at[0]].x) at[0] = i;
            if (s[i].y > s[at[1]].y) at[1] = i;
            if (s[i].x < s[at[2]].x) at[2] = i;
            if (s[i].y < s[at[3]].y) at[3] = i;
        }
        std::sort(at.begin(), at.end());
        Chain ring;
        ring.closed = true;
        const long reach = std::max(3L, s.count() / 40);
        for (const long i : at) {
            if (!ring.nodes.empty() && i - ring.nodes.back().sample < 2 * reach) return;
            const LocalFit local = localParabola(s, i - reach, i + reach, static_cast<double>(i));
            ChainNode n;
            n.at = local.point;
            // Exactly level or upright there.
            n.in = n.out = std::round(angleOf(local.tangent) / (pi / 2)) * (pi / 2);
            n.sample = i;
            ring.nodes.push_back(n);
        }
        for (std::size_t k = 0; k < corners; ++k) {
            const ChainNode &u = ring.nodes[k], &v = ring.nodes[(k + 1) % corners];
            const SpanFit f = fitSpan(s, {u.sample, k + 1 < corners ? v.sample : v.sample + s.count()}, u.at, u.out, v.at, v.in);
            ring.pieces.push_back({f.a, f.b, false});
        }
        Chain was = chain_;
        const Quality before = quality(chain_, {0, pieces()});
        chain_ = std::move(ring);
        for (std::size_t k = 0; k < corners; ++k) settle(chain_, k, corners, source_, 10);
        const Quality now = quality(chain_, {0, corners});
        const bool asNear =
            now.furthest <= std::max(tuned::fill * o_.slack, before.furthest) && now.rms() <= std::hypot(tuned::worse * before.rms(), tuned::room * o_.slack);
        if (!asNear) chain_ = std::move(was);
    }

    // The side to which all of it bends; 0 where it bends to both.
    static int sideOf(const Cubic& c)
    {
        const auto h = convexity(c);
        const auto [least, most] = std::minmax_element(h.begin(), h.end());
        return *least > 0 ? 1 : *most < 0 ? -1 : 0;
    }
    // How far the piece bends from its chord, px.
    static double bendOf(const Cubic& c)
    {
        const auto h = convexity(c);
        return 0.75 * std::max(std::abs(h[0]), std::abs(h[1]));
    }
    // How far it bends to the other side.
    static double bendAgainst(const Cubic& c, int side)
    {
        const auto h = convexity(c);
        return 0.75 * std::max({0.0, -side * h[0], -side * h[1]});
    }
    double bend(std::size_t k) const { return bendOf(chain_.cubic(k)); }

    // How a piece of a window lies now, and whether its corners and the samples beside them are about where they were.
    struct Lying {
        PieceError error;
        bool strayed = false; // samples that its corners have rounded off
        bool corner = false;  // the corner it begins with has opened, closed or moved
    };
    Lying lying(Span w, const Chain& part, std::size_t j) const
    {
        Lying l;
        const PieceError all = errorOf(part, j, source_, true);
        l.error = countsWhole(part, j) ? all : errorOf(part, j, source_);
        l.strayed = all.furthest > std::max(furthest_[(w.first + j) % pieces()] + tuned::asFar * o_.slack, tuned::atCorners * o_.slack);
        const ChainNode& n = part.nodes[j];
        const std::size_t node = (w.first + j) % size();
        l.corner = !n.smooth && (std::abs(std::remainder(n.out - n.in - turns_[node], 2 * pi)) > radians(tuned::cornerTurn) ||
                                 distance(n.at, places_[node]) > tuned::cornerMove * o_.grain);
        return l;
    }
    bool costsTooMuch(const Quality& before, double furthest, double rms) const
    {
        return furthest > std::max(tuned::fill * o_.slack, before.furthest) || rms > std::hypot(tuned::worse * before.rms(), tuned::room * o_.slack);
    }

    // Whether the window as a whole lies as near as it did at first, up to what evenness may cost.
    bool nearEnough(Span w, const Chain& part) const
    {
        Quality before, now;
        for (std::size_t j = 0; j < w.count; ++j) {
            const Lying l = lying(w, part, j);
            if (l.strayed || l.corner) return false;
            before.add(before_[(w.first + j) % pieces()]);
            now.add(l.error);
        }
        return !costsTooMuch(before, now.furthest, now.rms());
    }

    // Whether all its samples count, those at corners too.
    bool countsWhole(const Chain& part, std::size_t k) const
    {
        const Samples& s = source_.samples;
        const Run run = runOf(part, k, s);
        for (long i = run.first; i <= run.last; ++i)
            if (source_.weight[static_cast<std::size_t>(s.wrapped(i))] == 0) return false;
        return true;
    }

    Fairness weights(Span w, double share) const
    {
        Fairness f;
        for (std::size_t j = 0; j < w.count; ++j) f.side.push_back(side_[(w.first + j) % pieces()]);
        f.jump = share * tuned::jump * o_.slack;
        f.change = share * tuned::change * o_.slack;
        return f;
    }

    // Where in the window evenness costs too much: by piece.
    std::vector<bool> tooFar(Span w, const Chain& part) const
    {
        std::vector<PieceError> now;
        std::vector<bool> out(w.count, false);
        for (std::size_t j = 0; j < w.count; ++j) {
            const Lying l = lying(w, part, j);
            now.push_back(l.error);
            if (l.strayed || l.corner) out[j] = true;
            if (l.corner && j > 0) out[j - 1] = true;
        }
        // Nodes move along the line, and errors from one piece to the next with them: neighbours are looked at together.
        for (std::size_t j = 0; j < w.count; ++j) {
            Quality before, after;
            for (std::size_t k = j > 0 ? j - 1 : 0; k < std::min(j + 2, w.count); ++k) {
                before.add(before_[(w.first + k) % pieces()]);
                after.add(now[k]);
            }
            if (costsTooMuch(before, now[j].furthest, after.rms())) out[j] = true;
        }
        return out;
    }

    // Evenly bent as much as closeness allows it, piece by piece; whether it could be done.
    bool even(Span w, int tries = 6)
    {
        constexpr double less = 0.35, lessBeside = 0.7; // of the weight, where it cost too much, and beside that
        constexpr double none = 0.02;
        Chain part = cutOut(w);
        Fairness f = weights(w, 1);
        f.share.assign(w.count, 1);
        for (int k = 0; k < tries && !stopped(); ++k) {
            settle(part, 0, w.count, source_, 10, &f);
            const std::vector<bool> far = tooFar(w, part);
            if (std::none_of(far.begin(), far.end(), [](bool b) { return b; })) {
                putBack(w, part, std::nullopt);
                return true;
            }
            const std::vector<double> was = f.share;
            // A straight is as even as can be: what moves it is what lies beside it.
            const auto farStraight = [&](std::size_t j) { return far[j] && part.pieces[j].line; };
            for (std::size_t j = 0; j < w.count; ++j) {
                const bool after = j > 0, before = j + 1 < w.count;
                if (far[j] || (after && farStraight(j - 1)) || (before && farStraight(j + 1)))
                    f.share[j] *= less;
                else if ((after && far[j - 1]) || (before && far[j + 1]))
                    f.share[j] *= lessBeside;
                if (f.share[j] < none) f.share[j] = 0;
            }
            if (f.share == was) break; // there is nothing left to give up
        }
        return false;
    }

    void smooth()
    {
        constexpr std::size_t reach = 5;
        if (chain_.closed && pieces() <= 2 * reach) {
            // Where a ring is cut open nothing moves: at a corner, else once here and once there.
            std::size_t cut = 0;
            while (cut < size() && chain_.nodes[cut].smooth) ++cut;
            if (cut < size()) {
                even(around((cut + size() / 2) % size(), reach, chain_));
                return;
            }
            for (std::size_t k = 0; k < 4; ++k) even(around(k * size() / 4, reach, chain_));
            return;
        }
        for (std::size_t k = 0; k < size() && !stopped(); k += reach) even(around(k, reach, chain_));
    }

    // The piece bends to one side alone, if that leaves it near enough.
    bool oneSided(std::size_t k, int side)
    {
        if (bendAgainst(chain_.cubic(k), side) > tuned::againstSide * o_.slack) return false;
        const signed char was = side_[k];
        side_[k] = static_cast<signed char>(side);
        // With room to give way first; else without moving the neighbours' neighbours. The first that goes is taken; most do not, so that
        // they are tried side by side.
        struct Try {
            std::size_t reach;
            double share;
            Span window;
            Chain part;
        };
        std::array<Try, 4> tries{{{3, 0.4, {}, {}}, {3, 0, {}, {}}, {1, 0.4, {}, {}}, {1, 0, {}, {}}}};
        std::atomic<std::size_t> goes{tries.size()};
        tbb::parallel_for(std::size_t{0}, tries.size(), [&](std::size_t n) {
            if (goes < n) return;
            Try& t = tries[n];
            t.window = around(k, t.reach, chain_);
            t.part = cutOut(t.window);
            const Fairness f = weights(t.window, t.share);
            settle(t.part, 0, t.window.count, source_, 20, &f);
            const std::size_t at = (k + pieces() - t.window.first) % pieces();
            if (at >= t.window.count || sideOf(t.part.cubic(at)) != side || !nearEnough(t.window, t.part)) return;
            std::size_t first = goes;
            while (n < first && !goes.compare_exchange_weak(first, n)) {}
        });
        if (goes < tries.size()) {
            putBack(tries[goes].window, tries[goes].part, std::nullopt);
            return true;
        }
        side_[k] = was;
        return false;
    }

    Surroundings surroundingsOf(std::size_t k) const
    {
        const Span w = around(k, 3, chain_);
        return {cutOut(w), weights(w, 0).side};
    }

    // Pieces that bend to both sides without need come to bend to one; those that do already keep to it.
    int takeSides()
    {
        int changed = 0;
        inVain_.resize(pieces());
        for (std::size_t k = 0; k < pieces(); ++k) {
            if (chain_.pieces[k].line || stopped()) continue;
            side_[k] = static_cast<signed char>(sideOf(chain_.cubic(k)));
            if (side_[k] != 0) continue;
            Surroundings now = surroundingsOf(k);
            if (inVain_[k] && *inVain_[k] == now) continue;
            const auto h = convexity(chain_.cubic(k));
            const int first = h[0] + h[1] > 0 ? 1 : -1;
            if (oneSided(k, first) || oneSided(k, -first))
                ++changed;
            else
                inVain_[k] = std::move(now);
        }
        return changed;
    }

    // A weak bend between two to the other side is turned over to theirs.
    int turnWeakBends()
    {
        int changed = 0;
        for (std::size_t k = 0; k < pieces(); ++k) {
            if (chain_.pieces[k].line || side_[k] == 0 || bend(k) > tuned::weakBend * o_.slack || stopped()) continue;
            const bool before = neighbour(k, -1) == -side_[k], after = neighbour(k, 1) == -side_[k];
            if (!before && !after) continue;
            changed += oneSided(k, -side_[k]);
        }
        return changed;
    }

    // Where the curvature is greatest inside the piece, away from its ends; nothing where it only grows or only falls.
    static std::optional<double> innerMaximum(const Cubic& c)
    {
        constexpr int looks = 24;
        constexpr double clearly = 1.02;
        double k[looks + 1];
        for (int i = 0; i <= looks; ++i) k[i] = std::abs(curvature(c, 0.02 + 0.96 * i / looks));
        std::optional<double> best;
        double most = 0;
        for (int i = 1; i < looks; ++i)
            if (k[i] > clearly * k[i - 1] && k[i] > clearly * k[i + 1] && k[i] > most) {
                most = k[i];
                best = 0.02 + 0.96 * i / looks;
            }
        return best;
    }

    void split(std::size_t k, double t)
    {
        const Samples& s = source_.samples;
        const Run run = runOf(chain_, k, s);
        const Halves halves = curve::split(chain_.cubic(k), t);
        long sample = run.first + 2;
        for (long i = run.first + 2; i <= run.last - 2; ++i)
            if (distance(s[i], halves.first.p3) < distance(s[sample], halves.first.p3)) sample = i;
        ChainNode n;
        n.at = halves.first.p3;
        n.in = n.out = angleOf(derivative(chain_.cubic(k), t));
        n.sample = s.closed ? s.wrapped(sample) : sample;
        const auto after = [k](auto& v, auto value) { v.insert(v.begin() + static_cast<long>(k) + 1, value); };
        const ChainPiece first{distance(halves.first.p0, halves.first.p1), distance(halves.first.p2, halves.first.p3), false};
        const ChainPiece second{distance(halves.second.p0, halves.second.p1), distance(halves.second.p2, halves.second.p3), false};
        chain_.pieces[k] = first;
        after(chain_.pieces, second);
        after(chain_.nodes, n);
        after(turns_, 0.0);
        after(places_, n.at);
        after(side_, side_[k]);
        for (const std::size_t j : {k, k + 1}) {
            if (j > k) {
                after(before_, errorOf(chain_, j, source_));
                after(furthest_, errorOf(chain_, j, source_, true).furthest);
            } else {
                before_[j] = errorOf(chain_, j, source_);
                furthest_[j] = errorOf(chain_, j, source_, true).furthest;
            }
        }
    }

    struct State {
        Chain chain;
        std::vector<signed char> side;
        std::vector<PieceError> before;
        std::vector<double> furthest, turns;
        std::vector<Vec2> places;
    };

    State state() const { return {chain_, side_, before_, furthest_, turns_, places_}; }
    void giveBack(State& was)
    {
        chain_ = std::move(was.chain);
        side_ = std::move(was.side);
        before_ = std::move(was.before);
        furthest_ = std::move(was.furthest);
        turns_ = std::move(was.turns);
        places_ = std::move(was.places);
    }

    // Where the piece bends neither way, between its ends.
    static double inflectionOf(const Cubic& c)
    {
        constexpr int looks = 48;
        const bool first = curvature(c, 0.01) > 0;
        for (int i = 1; i < looks; ++i)
            if (const double t = 0.01 + 0.98 * i / looks; (curvature(c, t) > 0) != first) return t;
        return 0.5;
    }

    // A straight that leaves a corner and runs into a bend is fitted by one S, as near as can be: if the lobe at the corner is weak, a straight
    // and a piece that bends to one side are what was meant, if they lie as near.
    bool straightAtCorner(std::size_t k)
    {
        const Cubic c = chain_.cubic(k);
        const double turning = inflectionOf(c);
        const bool atStart = turning < 0.5;
        const ChainNode& corner = chain_.nodes[atStart ? k : chain_.next(k)];
        const Halves lobes = curve::split(c, turning);
        if (corner.smooth || bendOf(atStart ? lobes.first : lobes.second) > tuned::weakLobe * o_.slack) return false;
        const double share = std::min(0.6, tuned::beyondTurning * (atStart ? turning : 1 - turning));
        const double at = atStart ? share : 1 - share;
        if (distance(curve::at(c, at), corner.at) < tuned::leastStraight * o_.grain) return false;
        State was = state();
        split(k, at);
        const std::size_t straight = atStart ? k : k + 1, bent = atStart ? k + 1 : k;
        const auto strong = convexity(atStart ? lobes.second : lobes.first);
        const int side = strong[0] + strong[1] > 0 ? 1 : -1;
        chain_.pieces[straight] = {0, 0, true};
        side_[straight] = 0;
        side_[bent] = static_cast<signed char>(side);
        for (const double weight : {0.4, 0.0}) {
            const Span w = around(k + 1, 3, chain_);
            Chain tried = cutOut(w);
            const Fairness f = weights(w, weight);
            settle(tried, 0, w.count, source_, 20, &f);
            const std::size_t place = (bent + pieces() - w.first) % pieces();
            if (place >= w.count || sideOf(tried.cubic(place)) != side || !nearEnough(w, tried)) continue;
            putBack(w, tried, std::nullopt);
            return true;
        }
        giveBack(was);
        return false;
    }

    // Nodes where designers put them: in a bend that one piece cannot make evenly.
    void addNodes()
    {
        if (o_.slack > o_.grain) return; // who lets a line stray wants few nodes
        for (std::size_t k = 0; k < pieces() && !stopped(); ++k) {
            if (chain_.pieces[k].line) continue;
            const Cubic c = chain_.cubic(k);
            const Run run = runOf(chain_, k, source_.samples);
            if (run.last - run.first < tuned::leastSamples) continue;
            const auto h = convexity(c);
            const bool bothSides = sideOf(c) == 0;
            if (bothSides && straightAtCorner(k)) {
                changed_ = true;
                ++k;
                continue;
            }
            if (bothSides && h[0] * h[1] < 0) continue; // a true S
            const std::optional<double> peak = bothSides ? std::optional<double>(0.5) : innerMaximum(c);
            if (!peak || bend(k) < std::max(tuned::firmBend * o_.grain, tuned::firmSlack * o_.slack)) continue;
            State was = state();
            split(k, *peak);
            const int side = h[0] + h[1] > 0 ? 1 : -1;
            const bool goes = bothSides ? (side_[k] = side_[k + 1] = 0, oneSided(k, side) && oneSided(k + 1, side)) : even(around(k + 1, 2, chain_), 1);
            if (goes && !innerMaximum(chain_.cubic(k)) && !innerMaximum(chain_.cubic(k + 1))) {
                changed_ = true;
                ++k;
                continue;
            }
            giveBack(was);
        }
    }

    // The side to which the smooth neighbour bends; 0 for none.
    int neighbour(std::size_t k, int way) const
    {
        const std::size_t n = pieces();
        if (!chain_.closed && (way < 0 ? k == 0 : k + 1 == n)) return 0;
        const std::size_t other = (k + n + static_cast<std::size_t>(way < 0 ? n - 1 : 1)) % n;
        const ChainNode& between = chain_.nodes[way < 0 ? k : chain_.next(k)];
        return between.smooth && !chain_.pieces[other].line ? side_[other] : 0;
    }
};

} // namespace

void makeFair(Chain& chain, const ChainSource& source, const FitOptions& options)
{
    Fairer(chain, source, options).run();
}

} // namespace softrope::curve
