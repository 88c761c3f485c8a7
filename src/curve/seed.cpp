#include "curve/seed.h"

#include "curve/fibres.h"
#include "curve/wide.h"

#include <algorithm>
#include <array>

namespace softrope::curve {

namespace {

constexpr std::size_t lanes = Fibres::lanes, mostLooks = 28; // a whole number of lanes

// Samples of a span and where they are taken to lie along it, filled up to a whole number of lanes with some that weigh nothing.
struct SpanSamples {
    std::array<double, mostLooks> x, y, t, weight;
    std::size_t count = 0;
};

// What least squares ask of two handles along u and v.
struct HandleSums {
    double first = 0, both = 0, second = 0; // of the products of their bases
    Vec2 toFirst, toSecond;                 // what is left to explain, by basis
};

SOFT_ROPE_WIDE void sumHandles(const SpanSamples& s, Vec2 from, Vec2 to, HandleSums& out)
{
    double sums[7][lanes] = {};
    for (std::size_t k = 0; k < s.count; k += lanes)
        for (std::size_t l = 0; l < lanes; ++l) {
            const double q = s.t[k + l], p = 1 - q, w = s.weight[k + l];
            const double b0 = p * p * (p + 3 * q), b1 = 3 * p * p * q, b2 = 3 * p * q * q, b3 = q * q * (q + 3 * p);
            const double rx = s.x[k + l] - from.x * b0 - to.x * b3, ry = s.y[k + l] - from.y * b0 - to.y * b3;
            const double w1 = w * b1, w2 = w * b2;
            sums[0][l] += w1 * b1;
            sums[1][l] += w1 * b2;
            sums[2][l] += w2 * b2;
            sums[3][l] += w1 * rx;
            sums[4][l] += w1 * ry;
            sums[5][l] += w2 * rx;
            sums[6][l] += w2 * ry;
        }
    const auto whole = [&](std::size_t k) { return (sums[k][0] + sums[k][1]) + (sums[k][2] + sums[k][3]); };
    out = {whole(0), whole(1), whole(2), {whole(3), whole(4)}, {whole(5), whole(6)}};
}

} // namespace

SpanFit fitSpan(const Samples& s, Run run, Vec2 from, double fromAngle, Vec2 to, double toAngle)
{
    const Vec2 u = direction(fromAngle), v = -direction(toAngle);
    const double chord = distance(from, to), across = dot(u, v);
    SpanFit f{chord / 3, chord / 3, 0};
    const long n = run.last - run.first;
    const auto count = static_cast<std::size_t>(std::clamp(n - 1, 0L, static_cast<long>(mostLooks)));
    if (count == 0) return f;
    SpanSamples looked;
    looked.count = Fibres::whole(count);
    for (std::size_t k = 0; k < looked.count; ++k) {
        const long along = n * (static_cast<long>(std::min(k, count - 1)) + 1) / (static_cast<long>(count) + 1);
        const Vec2 p = s[run.first + along];
        looked.t[k] = static_cast<double>(along) / static_cast<double>(n);
        looked.x[k] = p.x;
        looked.y[k] = p.y;
        looked.weight[k] = k < count ? 1 : 0;
    }
    for (int round = 0; round < 5; ++round) {
        HandleSums sums;
        sumHandles(looked, from, to, sums);
        const double c00 = sums.first + 1e-9, c01 = across * sums.both, c11 = sums.second + 1e-9, x0 = dot(u, sums.toFirst), x1 = dot(v, sums.toSecond);
        const double det = c00 * c11 - c01 * c01;
        if (det > 1e-12 * c00 * c11) {
            f.a = (x0 * c11 - x1 * c01) / det;
            f.b = (c00 * x1 - c01 * x0) / det;
        }
        f.a = std::clamp(f.a, 0.02 * chord, 1.0 * chord + 0.5);
        f.b = std::clamp(f.b, 0.02 * chord, 1.0 * chord + 0.5);
        moveFeet(Powers({from, from + u * f.a, to + v * f.b, to}), looked.x.data(), looked.y.data(), looked.t.data(), looked.count, 1);
    }
    std::array<double, mostLooks> squares;
    squaredDistances(Powers({from, from + u * f.a, to + v * f.b, to}), looked.x.data(), looked.y.data(), looked.t.data(), looked.count, squares.data());
    f.furthest = std::sqrt(*std::max_element(squares.begin(), squares.begin() + static_cast<std::ptrdiff_t>(count)));
    return f;
}

namespace {

class Sower {
public:
    Sower(const Samples& s, const FitOptions& o, double noise, double daring) : s_(s), o_(o), noise_(noise), daring_(daring), lines_(s)
    {
        half_ = std::max(2L, std::lround(2.5 * std::max(o.grain, 0.6 * o.slack) / s.step));
    }

    Seed run(const std::vector<Corner>& corners)
    {
        Seed seed;
        seed.chain.closed = s_.closed;
        seed.weight.assign(s_.points.size(), 1.0F);
        chain_ = &seed.chain;
        const long n = s_.count();
        std::vector<Corner> stops = corners;
        const bool loop = s_.closed && stops.empty();
        if (loop) {
            smoothLoop();
            chain_ = nullptr;
            return seed;
        }
        for (std::size_t k = 0; k < corners.size(); ++k) fadeOut(corners, k, seed.weight);
        if (!s_.closed) {
            stops.insert(stops.begin(), endOfLine(0, 1));
            stops.push_back(endOfLine(n - 1, -1));
        }
        for (std::size_t k = 0; k + (s_.closed ? 0 : 1) < stops.size(); ++k) {
            const Corner& from = stops[k];
            Corner to = stops[(k + 1) % stops.size()];
            if (to.index <= from.index) to.index += n;
            stretch(from, to);
        }
        if (!s_.closed) node(stops.back().point, stops.back(), false);
        for (ChainNode& c : seed.chain.nodes) c.sample = s_.closed ? s_.wrapped(c.sample) : c.sample;
        // Two straights hold the tip between them by themselves.
        const std::vector<ChainPiece>& pieces = seed.chain.pieces;
        for (std::size_t k = 0; k < pieces.size(); ++k)
            if (pieces[k].line && pieces[(k + pieces.size() - 1) % pieces.size()].line) seed.chain.nodes[k].pinned = false;
        if (!s_.closed) seed.chain.nodes.front().pinned = seed.chain.nodes.back().pinned = true;
        chain_ = nullptr;
        return seed;
    }

private:
    const Samples& s_;
    const FitOptions& o_;
    double noise_;
    double daring_;
    LineSums lines_;
    long half_;
    Chain* chain_ = nullptr;

    Corner endOfLine(long i, long dir) const
    {
        Corner c;
        c.index = i;
        c.point = s_[i];
        const long w = std::min(2 * half_, s_.count() - 1);
        const LocalFit f = localParabola(s_, dir > 0 ? 0 : i - w, dir > 0 ? w : i, static_cast<double>(i));
        c.inAngle = c.outAngle = angleOf(f.tangent);
        return c;
    }

    // The sharper the corner, the further the source's rounding reaches along its sides; close neighbours share the room.
    void fadeOut(const std::vector<Corner>& corners, std::size_t k, std::vector<float>& weight) const
    {
        const Corner& c = corners[k];
        const long n = s_.count();
        constexpr double clear = 0.3; // of that about a measured corner, whose samples have been moved to where its sides were
        const long reach = std::lround((c.measured ? clear : 1) * o_.rounding * (1 + c.turn / pi) / s_.step);
        const auto room = [&](long gap) { return std::min(reach, std::max(0L, (gap * 3) / 10)); };
        const bool first = k == 0, last = k + 1 == corners.size();
        const long before = first ? (s_.closed ? c.index + n - corners.back().index : c.index) : c.index - corners[k - 1].index;
        const long after = last ? (s_.closed ? corners.front().index + n - c.index : n - 1 - c.index) : corners[k + 1].index - c.index;
        for (long i = c.index - room(before == 0 ? n : before); i <= c.index + room(after == 0 ? n : after); ++i)
            if (s_.closed || (i >= 0 && i < n)) weight[static_cast<std::size_t>(s_.wrapped(i))] = 0;
    }

    void node(Vec2 at, const Corner& c, bool smooth)
    {
        ChainNode n;
        n.at = at;
        n.in = c.inAngle;
        n.out = c.outAngle;
        n.smooth = smooth;
        n.sample = c.index;
        n.found = smooth ? 0 : c.turn;
        n.sure = !smooth && c.measured;
        constexpr double needle = 125; // degrees: about the tips of sharper ones there are no samples to hold them
        n.pinned = n.sure && c.turn > radians(needle);
        chain_->nodes.push_back(n);
    }

    // A smooth place at sample i, its tangent read off a window that stays inside lo..hi.
    Corner smoothAt(long i, long lo, long hi) const
    {
        const long w = std::max(1L, std::min({half_, i - lo, hi - i}));
        const LocalFit f = localParabola(s_, i - w, i + w, static_cast<double>(i));
        Corner c;
        c.index = i;
        c.point = f.point;
        c.inAngle = c.outAngle = angleOf(f.tangent);
        return c;
    }

    // From one corner (or end) to the next.
    void stretch(const Corner& from, const Corner& to)
    {
        node(from.point, from, false);
        const double chord = distance(from.point, to.point);
        if (to.index - from.index < 3 || lies(from.point, to.point, from.index, to.index)) {
            chain_->pieces.push_back({chord / 3, chord / 3, true});
            return;
        }
        Corner here = from;
        const std::vector<Run> runs = o_.straights ? straightRuns(from.index, to.index) : std::vector<Run>{};
        for (const Run& r : runs) {
            const LineSums::Line line = lines_.over(r.first, r.last);
            Corner a, b;
            a.index = r.first;
            b.index = r.last;
            a.point = line.centre + line.along * dot(s_[r.first] - line.centre, line.along);
            b.point = line.centre + line.along * dot(s_[r.last] - line.centre, line.along);
            a.inAngle = a.outAngle = b.inAngle = b.outAngle = angleOf(line.along);
            const long tail = std::lround(2.5 * std::max(o_.rounding, o_.grain) / s_.step);
            if (r.first - here.index > tail) {
                curves(here, a);
                node(a.point, a, true);
            } else if (here.index != from.index) {
                // Two straights with hardly anything between them: a small curve takes up the turn.
                if (r.first > here.index) {
                    curves(here, a);
                    node(a.point, a, true);
                } else {
                    continue;
                }
            }
            chain_->pieces.push_back({0, 0, true});
            if (to.index - r.last <= tail) return;
            node(b.point, b, true);
            here = b;
        }
        curves(here, to);
    }

    // Every sample lies near the chord: the stretch is a straight.
    bool lies(Vec2 a, Vec2 b, long first, long last) const
    {
        const double len = distance(a, b);
        if (len < 1e-9) return false;
        const Vec2 n = perpendicular(b - a) / len;
        const double within = o_.slack * o_.straightWithin;
        const long skip = std::min(std::lround(o_.rounding / s_.step), (last - first) / 4);
        double sum = 0;
        for (long i = first + skip; i <= last - skip; ++i) {
            const double d = dot(n, s_[i] - a);
            const double along = dot(s_[i] - a, b - a) / len;
            if (std::abs(d) > within || along < -within || along > len + within) return false;
            sum += d * d;
        }
        return std::sqrt(sum / static_cast<double>(last - first - 2 * skip + 1)) <= 0.7 * within;
    }

    bool isStraightRun(long first, long last, double tolerance) const
    {
        const LineSums::Line line = lines_.over(first, last);
        if (line.rms > tolerance) return false;
        const Vec2 n = perpendicular(line.along);
        // A steady bend shows as ends to one side and the middle to the other.
        const long q = std::max(1L, (last - first) / 6);
        const auto off = [&](long a, long b) { return dot(n, lines_.over(a, b).centre - line.centre); };
        const double bow = 0.5 * (off(first, first + q) + off(last - q, last)) - off((first + last - q) / 2, (first + last + q) / 2);
        return std::abs(bow) <= 1.2 * tolerance && std::abs(off(first, first + q)) < 1.6 * tolerance && std::abs(off(last - q, last)) < 1.6 * tolerance;
    }

    std::vector<Run> straightRuns(long first, long last) const
    {
        const double tolerance = std::clamp(1.2 * noise_ + 0.04 * o_.grain, 0.02 * o_.grain, 0.4 * o_.slack);
        // Where the samples lie far apart against the grain, a run still needs enough of them to be told.
        const long least = std::max(12L, std::lround(24 * o_.grain / s_.step)), hop = std::max(1L, least / 6);
        std::vector<Run> runs;
        long i = first;
        while (i + least <= last) {
            if (!isStraightRun(i, i + least, tolerance)) {
                i += hop;
                continue;
            }
            long end = i + least, jump = least;
            while (jump >= 1) {
                if (end + jump <= last && isStraightRun(i, end + jump, tolerance)) {
                    end += jump;
                    jump *= 2;
                } else {
                    jump /= 2;
                }
            }
            long begin = i;
            const long floor = runs.empty() ? first : runs.back().last;
            for (long back = hop; back >= 1; back /= 2)
                while (begin - back >= floor && isStraightRun(begin - back, end, tolerance)) begin -= back;
            runs.push_back({begin, end});
            i = end + 1;
        }
        return runs;
    }

    // The longest cubics that fit, one after the other; the node at `from` stands already, the one at `to` does not.
    void curves(Corner from, const Corner& to)
    {
        const double limit = daring_ * o_.slack;
        const long lo = from.index, hi = to.index;
        const long least = std::max(2L, std::lround(3 * o_.grain / s_.step));
        while (true) {
            const auto fits = [&](long j, Corner& end, SpanFit& f) {
                end = j >= hi ? to : smoothAt(j, lo, hi);
                f = fitSpan(s_, {from.index, end.index}, from.point, from.outAngle, end.point, end.inAngle);
                return f.furthest <= limit;
            };
            Corner end, tried;
            SpanFit f, g;
            if (fits(hi, tried, g)) {
                chain_->pieces.push_back({g.a, g.b, false});
                return;
            }
            long reach = std::min(hi - 1, from.index + least), jump = least;
            fits(reach, end, f);
            while (jump >= 1) {
                if (reach + jump < hi && fits(reach + jump, tried, g)) {
                    reach += jump;
                    end = tried;
                    f = g;
                    jump *= 2;
                } else {
                    jump /= 2;
                }
            }
            // A last crumb is shared out evenly.
            if (hi - reach < 2 * least && reach - from.index > 4 * least) {
                reach -= least;
                fits(reach, end, f);
            }
            chain_->pieces.push_back({f.a, f.b, false});
            node(end.point, end, true);
            from = end;
            if (hi - from.index < 2) {
                chain_->pieces.push_back({distance(from.point, to.point) / 3, distance(from.point, to.point) / 3, false});
                return;
            }
        }
    }

    // A closed line without corners: straights first if there are any, else begun where it bends least.
    void smoothLoop()
    {
        const long n = s_.count();
        long start = 0;
        double least = 1e300;
        const long w = std::min(2 * half_, n / 4);
        for (long i = 0; i < n; i += std::max(1L, n / 200)) {
            const double bend = std::abs(localParabola(s_, i - w, i + w, static_cast<double>(i)).bend);
            if (bend < least) {
                least = bend;
                start = i;
            }
        }
        Corner from = smoothAt(start, start - n, start + n);
        Corner to = from;
        to.index += n;
        const std::size_t first = chain_->nodes.size();
        // Half-way is a stop of its own, so that the loop never collapses into one piece.
        Corner mid = smoothAt(start + n / 2, start, start + n);
        stretch(from, mid);
        chain_->nodes[first].smooth = true;
        const std::size_t second = chain_->nodes.size();
        stretch(mid, to);
        chain_->nodes[second].smooth = true;
        const std::size_t count = chain_->nodes.size();
        for (const std::size_t k : {first, second}) {
            // Between two straights the start becomes part of one of them later; a smooth node needs one angle.
            ChainNode& c = chain_->nodes[k];
            if (chain_->pieces[k].line && chain_->pieces[(k + count - 1) % count].line) c.smooth = false;
        }
        for (ChainNode& c : chain_->nodes) c.sample = s_.wrapped(c.sample);
    }
};

} // namespace

Seed seed(const Samples& s, const std::vector<Corner>& corners, const FitOptions& options, double noise, double daring)
{
    return Sower(s, options, noise, daring).run(corners);
}

} // namespace softrope::curve
