#include "curve/hidden_corners.h"

#include "curve/seed.h"
#include "curve/windows.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

namespace {

namespace tuned {
constexpr double longPiece = 12;        // grains from end to end, and
constexpr long leastLong = 20;          // samples, of a piece that may be straight:
constexpr double bowed = 1.5;           // slacks that its handles lie off its chord at most,
constexpr double unexplained = 1.08;    // of its mean square, that of the straight,
constexpr double straightWorse = 1.03;  // and of the root mean square about it
constexpr double scrap = 1;             // grains: so short a curve between two straights is a node
constexpr double folded = 4;            // grains: a longer curve may set out or arrive against its chord
constexpr double zigzag = 100;          // degrees: with a corner sharper than this beside it a piece is folded still
constexpr double forFold = 1.2;         // slacks that may be used to be rid of it, where not every point counts
constexpr double stub = 0.03;           // of the chord: a handle as short as this is none
constexpr double tight = 0.4;           // curvature times grain: a bend as tight as this is a corner's
constexpr double turnShare = 0.8;       // of FitOptions::cornerFrom, that a hidden corner turns by at least
constexpr double straightFill = 0.7;    // of the slack that its straight may use
constexpr double curveFill = 0.97;      // ... and its curve
constexpr double worse = 1.15;          // of the root mean square before, that it may cost ...
constexpr double grains = 0.02;         // ... and grains beside it
constexpr double hook = 9;              // grains: a hook is no longer
constexpr long leastSamples = 8;        // of the piece that a hook gives way to
constexpr double slides[] = {0.3, 0.5}; // of the piece beyond, that the hook's end may slide along
} // namespace tuned

class HiddenCorners : private ChainWindows {
public:
    HiddenCorners(Chain& chain, const ChainSource& source, const FitOptions& o) : ChainWindows(chain, source), o_(o) {}

    void run()
    {
        for (std::size_t k = 0; k < pieces() && !stopped(); ++k) straighten(k);
        for (std::size_t k = 0; k < size() && !stopped(); ++k) closeScrap(k);
        for (std::size_t k = 0; k < size() && !stopped(); ++k) showCorner(k);
        for (std::size_t k = 0; k < size() && !stopped(); ++k) straightenHooks(k);
        unfold();
    }
    void unfold()
    {
        for (std::size_t k = 0; k < pieces() && !stopped(); ++k) unfold(k);
    }
    void closeFolds()
    {
        for (std::size_t k = 0; k < size() && !stopped(); ++k) closeScrap(k);
        unfold();
    }

private:
    const FitOptions& o_;

    bool stopped() const { return o_.cancelled && o_.cancelled(); }
    bool isEnd(std::size_t k) const { return !chain_.closed && (k == 0 || k + 1 == size()); }
    bool isTight(const Cubic& c, double t) const { return !(std::abs(curvature(c, t)) < tuned::tight / o_.grain); }
    bool asNear(const Quality& now, const Quality& was) const { return now.rms() <= tuned::worse * was.rms() + tuned::grains * o_.grain; }

    // A long piece whose bend explains nothing that a straight does not.
    void straighten(std::size_t k)
    {
        const std::size_t n = size(), m = pieces();
        const Cubic c = chain_.cubic(k);
        const double chord = distance(c.p0, c.p3);
        if (chain_.pieces[k].line || chord < tuned::longPiece * o_.grain) return;
        const Vec2 across = perpendicular(c.p3 - c.p0) / chord;
        if (std::max(std::abs(dot(across, c.p1 - c.p0)), std::abs(dot(across, c.p2 - c.p0))) > tuned::bowed * o_.slack) return;
        const std::size_t end = chain_.next(k);
        const bool alone = m < 2, first = !chain_.closed && k == 0, last = !chain_.closed && k + 1 == m;
        if (alone || (!first && chain_.nodes[k].smooth && chain_.pieces[(k + m - 1) % m].line) ||
            (!last && chain_.nodes[end].smooth && chain_.pieces[end % m].line))
            return;
        const PieceError bent = errorOf(chain_, k, source_);
        if (bent.count < tuned::leastLong) return;
        const Span w = around(k, 2, chain_);
        const std::size_t place = (k + n - w.first) % n;
        if (place >= w.count) return;
        Chain part = cutOut(w);
        const Quality was = quality(part, {0, w.count});
        part.pieces[place].line = true;
        settle(part, 0, w.count, source_, 10);
        const PieceError flat = errorOf(part, place, source_);
        const Quality now = quality(part, {0, w.count});
        const auto meanSquare = [](const PieceError& e) { return e.count > 0 ? e.sumOfSquares / static_cast<double>(e.count) : 0; };
        if (now.furthest > std::max(tuned::straightFill * o_.slack, was.furthest) || meanSquare(flat) > tuned::unexplained * meanSquare(bent)) return;
        if (now.rms() <= tuned::straightWorse * was.rms()) putBack(w, part, std::nullopt);
    }

    // A curve so short that nothing tells it from a node, between two straights or folded over: node k begins it.
    void closeScrap(std::size_t k)
    {
        const std::size_t n = size(), m = pieces();
        if (n <= 3 || (!chain_.closed && (k == 0 || k + 2 >= n))) return;
        const std::size_t end = (k + 1) % n, before = (k + m - 1) % m, after = end % m;
        const Cubic scrap = chain_.cubic(k % m);
        if (chain_.pieces[k % m].line || distance(scrap.p0, scrap.p3) > tuned::scrap * o_.grain) return;
        if (!(chain_.pieces[before].line && chain_.pieces[after].line) && !isFolded(scrap)) return;
        if (chain_.nodes[k].pinned || chain_.nodes[end].pinned) return;
        const Span w = around(end, 3, chain_);
        const std::size_t place = (end + n - w.first) % n;
        if (place < 2 || place >= w.count) return;
        Chain part = cutOut(w);
        ChainNode& node = part.nodes[place - 1];
        const ChainNode& other = part.nodes[place];
        node.at = lerp(node.at, other.at, 0.5);
        node.out = other.out;
        node.sure = node.sure || other.sure;
        node.found = std::max(node.found, other.found);
        node.smooth = std::abs(turn(direction(node.in), direction(node.out))) < o_.cornerFrom && !part.pieces[place - 2].line && !part.pieces[place].line;
        if (node.smooth) node.in = node.out = angleOf(direction(node.in) + direction(node.out));
        part.nodes.erase(part.nodes.begin() + static_cast<long>(place));
        part.pieces.erase(part.pieces.begin() + static_cast<long>(place - 1));
        settle(part, 0, part.pieces.size(), source_, 12);
        const double most = (o_.strict ? 1 : tuned::forFold) * o_.slack;
        if (quality(part, {0, part.pieces.size()}).furthest <= most) putBack(w, part, place);
    }
    // Whether a curve runs back along its chord: its slope there is a polynomial with these coefficients, which is somewhere less than none.
    bool isFolded(const Cubic& c) const
    {
        const Vec2 chord = c.p3 - c.p0;
        const double out = dot(c.p1 - c.p0, chord), middle = dot(c.p2 - c.p1, chord), in = dot(c.p3 - c.p2, chord);
        const bool aside = out < 0 || in < 0, between = middle < 0 && middle * middle > out * in;
        // A longer one may set out or arrive against its chord, as more than half a circle does.
        return length(chord) > tuned::folded * o_.grain ? between && !aside : between || aside;
    }

    // What is folded over and no scrap, without its fold: straight, or with handles that reach a third of the way.
    void unfold(std::size_t k)
    {
        if (chain_.pieces[k].line || !isFolded(chain_.cubic(k))) return;
        const std::size_t n = size();
        const Span w = around(k, 2, chain_);
        const std::size_t place = (k + n - w.first) % n;
        if (place >= w.count) return;
        const Quality was = quality(cutOut(w), {0, w.count});
        for (const bool line : {false, true}) {
            Chain part = cutOut(w);
            ChainNode &u = part.nodes[place], &v = part.nodes[place + 1];
            const double chord = distance(u.at, v.at), way = angleOf(v.at - u.at);
            part.pieces[place] = {chord / 3, chord / 3, line};
            if (!u.smooth) u.out = way;
            if (!v.smooth) v.in = way;
            settle(part, 0, w.count, source_, 12);
            const Quality now = quality(part, {0, w.count});
            const auto sharp = [](const ChainNode& at) { return std::abs(turn(direction(at.in), direction(at.out))) > radians(tuned::zigzag); };
            if ((!line && isFolded(part.cubic(place))) || sharp(part.nodes[place]) || sharp(part.nodes[place + 1])) continue;
            if (now.furthest > std::max(was.furthest, o_.slack) || !asNear(now, was)) continue;
            putBack(w, part, std::nullopt);
            return;
        }
    }

    // A smooth node with hardly a handle, before a piece that is as good as straight.
    void showCorner(std::size_t k)
    {
        const std::size_t n = size(), m = pieces();
        if (!chain_.nodes[k].smooth || isEnd(k)) return;
        for (const std::size_t piece : {k % m, (k + m - 1) % m}) {
            const ChainPiece& p = chain_.pieces[piece];
            if (p.line) continue;
            const bool after = piece == k % m;
            const double chord = distance(chain_.nodes[piece].at, chain_.nodes[chain_.next(piece)].at);
            if ((after ? p.a : p.b) > tuned::stub * chord) continue;
            const Span w = around(k, 1, chain_);
            const std::size_t place = (k + n - w.first) % n;
            if (place == 0 || place >= w.count) continue;
            Chain part = cutOut(w);
            part.nodes[place].smooth = false;
            part.pieces[after ? place : place - 1].line = true;
            settle(part, 0, w.count, source_, 12);
            const double angle = std::abs(turn(direction(part.nodes[place].in), direction(part.nodes[place].out)));
            if (angle < tuned::turnShare * o_.cornerFrom) continue;
            const Quality now = quality(part, {0, w.count});
            if (now.furthest > tuned::straightFill * o_.slack || !asNear(now, quality(chain_, w))) continue;
            putBack(w, part, std::nullopt);
            return;
        }
    }

    // On both sides of the corner.
    void straightenHooks(std::size_t k)
    {
        if (chain_.nodes[k].smooth) return;
        for (const bool after : {true, false}) {
            if (size() <= 3 || k >= size()) return;
            if (chain_.closed || (after ? k + 2 < size() : k >= 2)) straightenHook(k, after);
        }
    }

    void straightenHook(std::size_t k, bool after)
    {
        const std::size_t n = size(), m = pieces();
        const std::size_t end = after ? (k + 1) % n : (k + n - 1) % n; // the hook's other end
        const std::size_t hook = after ? k % m : end, beyond = after ? end % m : (end + m - 1) % m;
        if (!chain_.nodes[end].smooth || chain_.pieces[hook].line || chain_.pieces[beyond].line) return;
        const Cubic c = chain_.cubic(hook);
        if (distance(c.p0, c.p3) > tuned::hook * o_.grain || !(isTight(c, 0) || isTight(c, 1))) return;
        const Span w = around(end, 3, chain_);
        const std::size_t place = (end + n - w.first) % n;
        if (place == 0 || place >= w.count) return;
        const std::size_t corner = after ? place - 1 : place + 1, far = after ? place + 1 : place - 1;
        const Chain before = cutOut(w);
        const Quality was = quality(before, {0, w.count});
        if (std::abs(before.nodes[far].sample - before.nodes[place].sample) < tuned::leastSamples) return;

        // The corner may have been none.
        if (corner > 0 && corner < w.count && withoutCorner(w, before, corner, was)) return;
        // Without it, or with its end further along the line.
        Chain part = before;
        aim(part, corner, far, after);
        const std::size_t from = std::min(corner, far), to = std::max(corner, far);
        part.pieces[from] = refitted(part, from, to);
        part.pieces.erase(part.pieces.begin() + static_cast<long>(place));
        part.nodes.erase(part.nodes.begin() + static_cast<long>(place));
        if (settled(part, from, was)) {
            putBack(w, part, place);
            return;
        }
        for (const double slide : tuned::slides) {
            part = before;
            ChainNode& s = part.nodes[place];
            s.sample += std::lround(slide * static_cast<double>(part.nodes[far].sample - s.sample));
            const long reach = std::max(2L, std::lround(3 * o_.grain / source_.samples.step));
            const LocalFit local = localParabola(source_.samples, s.sample - reach, s.sample + reach, static_cast<double>(s.sample));
            s.at = local.point;
            s.in = s.out = angleOf(local.tangent);
            aim(part, corner, place, after);
            part.pieces[place - 1] = refitted(part, place - 1, place);
            part.pieces[place] = refitted(part, place, place + 1);
            if (settled(part, after ? corner : place, was)) {
                putBack(w, part, std::nullopt);
                return;
            }
        }
    }

    // A smooth line past the corner, if all samples allow it, those beside it as well.
    bool withoutCorner(Span w, const Chain& before, std::size_t corner, const Quality& was)
    {
        if (before.nodes[corner].sure || before.pieces[corner - 1].line || before.pieces[corner].line) return false;
        Chain part = before;
        part.pieces[corner - 1] = refitted(part, corner - 1, corner + 1);
        part.pieces.erase(part.pieces.begin() + static_cast<long>(corner));
        part.nodes.erase(part.nodes.begin() + static_cast<long>(corner));
        const Span all{0, part.pieces.size()};
        settle(part, 0, all.count, source_, 16);
        if (quality(part, all, true).furthest > tuned::curveFill * o_.slack || !asNear(quality(part, all), was)) return false;
        putBack(w, part, corner);
        return true;
    }

    // The corner's side towards another node, along the chord.
    static void aim(Chain& part, std::size_t corner, std::size_t at, bool after)
    {
        ChainNode& c = part.nodes[corner];
        (after ? c.out : c.in) = after ? angleOf(part.nodes[at].at - c.at) : angleOf(c.at - part.nodes[at].at);
    }
    ChainPiece refitted(const Chain& part, std::size_t from, std::size_t to) const
    {
        const ChainNode &u = part.nodes[from], &v = part.nodes[to];
        const SpanFit f = fitSpan(source_.samples, {u.sample, v.sample}, u.at, u.out, v.at, v.in);
        return {f.a, f.b, false};
    }
    // Whether the part comes to lie as near as it was, without a hook on the piece.
    bool settled(Chain& part, std::size_t piece, const Quality& was) const
    {
        settle(part, 0, part.pieces.size(), source_, 16);
        settle(part, 0, part.pieces.size(), source_, 8);
        const Cubic c = part.cubic(piece);
        const Quality now = quality(part, {0, part.pieces.size()});
        return !isTight(c, 0) && !isTight(c, 1) && now.furthest <= std::max(tuned::curveFill * o_.slack, was.furthest) && asNear(now, was);
    }
};

} // namespace

void showHiddenCorners(Chain& chain, const ChainSource& source, const FitOptions& options)
{
    if (!chain.pieces.empty()) HiddenCorners(chain, source, options).run();
}

void closeFolds(Chain& chain, const ChainSource& source, const FitOptions& options)
{
    if (!chain.pieces.empty()) HiddenCorners(chain, source, options).closeFolds();
}

} // namespace softrope::curve
