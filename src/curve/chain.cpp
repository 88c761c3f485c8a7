#include "curve/chain.h"

#include "curve/foot.h"
#include "curve/powers.h"

#include <algorithm>

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

PieceError errorOf(const Chain& chain, std::size_t k, const ChainSource& source, bool all)
{
    PieceError e;
    const Samples& s = source.samples;
    const Run run = runOf(chain, k, s);
    const Cubic c = chain.cubic(k);
    const Powers powers(c);
    const long n = run.last - run.first;
    const long stride = std::max(1L, n / 96);
    double t = 0;
    for (long i = run.first; i <= run.last; i += stride) {
        const auto w = static_cast<std::size_t>(s.wrapped(i));
        if (!all && source.weight[w] == 0) continue;
        double d = 0;
        if (chain.pieces[k].line) {
            d = distanceToSegment(s[i], c.p0, c.p3);
        } else {
            const double guess = n > 0 ? static_cast<double>(i - run.first) / static_cast<double>(n) : 0.5;
            t = foot(powers, s[i], i == run.first ? guess : std::clamp(t + static_cast<double>(stride) / static_cast<double>(std::max(1L, n)), 0.0, 1.0), 5);
            d = quickLength(powers.at(t) - s[i]);
            if (d > 0.2) {
                // A doubtful foot is tried again from the even guess.
                const double u = foot(powers, s[i], guess, 8);
                const double d2 = quickLength(powers.at(u) - s[i]);
                if (d2 < d) {
                    d = d2;
                    t = u;
                }
            }
        }
        e.sumOfSquares += d * d;
        ++e.count;
        if (d > e.furthest) {
            e.furthest = d;
            e.worst = i;
        }
    }
    // The other way round, cheaply: a curve much longer than its samples' line wanders off between them.
    if (!chain.pieces[k].line) {
        constexpr int chords = 8;
        double curveLength = 0;
        Vec2 from = c.p0;
        for (int i = 1; i <= chords; ++i) {
            const Vec2 to = powers.at(static_cast<double>(i) / chords);
            curveLength += distance(from, to);
            from = to;
        }
        const double walked = static_cast<double>(n) * s.step;
        if (curveLength > 1.1 * walked + 2 * s.step) {
            e.furthest = std::max(e.furthest, curveLength - walked);
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
