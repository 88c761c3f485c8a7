#include "curve/chain.h"

#include "curve/fibres.h"
#include "curve/foot.h"
#include "curve/powers.h"

#include <algorithm>
#include <array>

namespace softrope::curve {

Cubic Chain::cubic(std::size_t k) const
{
    const ChainNode &u = nodes[k], &v = nodes[next(k)];
    if (pieces[k].line) return straight(u.at, v.at);
    return {u.at, u.at + direction(u.out) * pieces[k].a, v.at - direction(v.in) * pieces[k].b, v.at};
}

Run runOf(const Chain& chain, std::size_t k, const Samples& s)
{
    Run r{chain.nodes[k].sample, chain.nodes[chain.next(k)].sample};
    if (chain.closed && r.last <= r.first) r.last += s.count();
    return r;
}

namespace {

// The samples of a piece that count, not more than a few of each stretch of a long one.
struct Counted {
    static constexpr long most = 96; // a piece of fewer than twice as many samples is looked at whole
    std::array<double, 2 * most> x, y, t;
    std::array<long, 2 * most> sample;
    std::size_t count = 0;
    double apart = 0; // of neighbours, as a share of the piece
};

Counted counted(Run run, const ChainSource& source, bool all)
{
    Counted c;
    const Samples& s = source.samples;
    const long n = run.last - run.first, stride = std::max(1L, n / Counted::most);
    const double share = 1 / static_cast<double>(std::max(1L, n));
    c.apart = static_cast<double>(stride) * share;
    for (long i = run.first; i <= run.last; i += stride) {
        const auto w = static_cast<std::size_t>(s.wrapped(i));
        if (!all && source.weight[w] == 0) continue;
        c.x[c.count] = s.points[w].x;
        c.y[c.count] = s.points[w].y;
        c.t[c.count] = n > 0 ? static_cast<double>(i - run.first) * share : 0.5;
        c.sample[c.count++] = i;
    }
    for (std::size_t k = c.count; k > 0 && k < Fibres::whole(c.count); ++k) {
        c.x[k] = c.x[k - 1];
        c.y[k] = c.y[k - 1];
        c.t[k] = c.t[k - 1];
    }
    return c;
}

// How far the piece goes back beyond its end at sample `from` before it sets out for the one at `to`, px: no sample tells of that.
double hookOf(const Powers& c, const Samples& s, long from, long to)
{
    const Vec2 way = unit(s[from + (to - from) / 8] - s[from]), end = c.at(from < to ? 0 : 1);
    double back = 0;
    for (const double t : {0.03, 0.07, 0.12, 0.2}) back = std::max(back, -dot(c.at(from < to ? t : 1 - t) - end, way));
    return back;
}

} // namespace

PieceError errorOf(const Chain& chain, std::size_t k, const ChainSource& source, bool all)
{
    constexpr int steps = 6;         // from an even guess
    constexpr double doubtful = 0.2; // px: a foot as far off may be the wrong one
    PieceError e;
    const Run run = runOf(chain, k, source.samples);
    const Cubic c = chain.cubic(k);
    const Powers powers(c);
    Counted near = counted(run, source, all);
    const bool line = chain.pieces[k].line;
    if (!line) moveFeet(powers, near.x.data(), near.y.data(), near.t.data(), Fibres::whole(near.count), steps);
    std::array<double, 2 * Counted::most> squares;
    if (!line) squaredDistances(powers, near.x.data(), near.y.data(), near.t.data(), Fibres::whole(near.count), squares.data());
    double furthest = 0; // squared
    for (std::size_t i = 0; i < near.count; ++i) {
        const Vec2 p{near.x[i], near.y[i]};
        double& off = squares[i];
        if (line) {
            const double d = distanceToSegment(p, c.p0, c.p3);
            off = d * d;
        } else if (off > doubtful * doubtful) {
            // Tried again from where the one before ended.
            const double t = foot(powers, p, i > 0 ? std::min(near.t[i - 1] + near.apart, 1.0) : near.t[i], 8);
            const double other = squaredLength(powers.at(t) - p);
            if (other < off) {
                off = other;
                near.t[i] = t;
            }
        }
        e.sumOfSquares += off;
        if (off > furthest) {
            furthest = off;
            e.worst = near.sample[i];
        }
    }
    e.count = static_cast<long>(near.count);
    e.furthest = std::sqrt(furthest);
    // The other way round, cheaply: a curve much longer than its samples' line wanders off between them.
    if (!line) {
        constexpr int chords = 8;
        double curveLength = 0;
        Vec2 from = c.p0;
        for (int i = 1; i <= chords; ++i) {
            const Vec2 to = powers.at(static_cast<double>(i) / chords);
            curveLength += distance(from, to);
            from = to;
        }
        const double step = source.samples.step;
        const auto tooLong = [&](double walked) { return curveLength > 1.1 * walked + 2 * step; };
        double walked = static_cast<double>(run.last - run.first) * step;
        // (Beside a tip that was drawn on beyond a blur they lie further apart than elsewhere.)
        if (tooLong(walked)) {
            walked = 0;
            for (long i = run.first; i < run.last; ++i) walked += distance(source.samples[i], source.samples[i + 1]);
        }
        if (tooLong(walked)) {
            e.furthest = std::max(e.furthest, curveLength - walked);
            e.worst = (run.first + run.last) / 2;
        }
        const double hook = std::max(hookOf(powers, source.samples, run.first, run.last), hookOf(powers, source.samples, run.last, run.first));
        if (hook > e.furthest) {
            e.furthest = hook;
            e.worst = (run.first + run.last) / 2;
        }
    }
    return e;
}

Path toPath(const Chain& chain)
{
    Path path;
    path.closed = chain.closed;
    const std::size_t n = chain.nodes.size();
    for (std::size_t k = 0; k < n; ++k) {
        const ChainNode& c = chain.nodes[k];
        Node node = cornerAt(c.at);
        const bool hasIn = chain.closed || k > 0, hasOut = chain.closed || k + 1 < n;
        if (hasIn) {
            const ChainPiece& p = chain.pieces[(k + chain.pieces.size() - 1) % chain.pieces.size()];
            if (!p.line) node.in = c.at - direction(c.in) * p.b;
        }
        if (hasOut && !chain.pieces[k].line) node.out = c.at + direction(c.out) * chain.pieces[k].a;
        node.kind = c.smooth && hasIn && hasOut ? NodeKind::smooth : NodeKind::corner;
        path.nodes.push_back(node);
    }
    return path;
}

} // namespace softrope::curve
