#include "curve/dashes.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace softrope::curve {

namespace {

// How far along the piece a length reaches: by bisection on exact lengths, to a millionth of the piece. Of straights it is a share.
double parameterAt(const Cubic& c, double length, double whole)
{
    if (isStraight(c)) return length / whole;
    double low = 0, high = 1;
    for (int k = 0; k < 22; ++k) {
        const double mid = 0.5 * (low + high);
        (arcLength(part(c, 0, mid)) < length ? low : high) = mid;
    }
    return 0.5 * (low + high);
}

// Straights stay straights.
Cubic between(const Cubic& c, double t0, double t1)
{
    return isStraight(c) ? straight(c.p0 + t0 * (c.p3 - c.p0), c.p0 + t1 * (c.p3 - c.p0)) : part(c, t0, t1);
}

void add(Path& to, const Cubic& c)
{
    if (to.empty()) to.nodes.push_back(cornerAt(c.p0));
    to.nodes.back().out = c.p1;
    Node end = cornerAt(c.p3);
    end.in = c.p2;
    to.nodes.push_back(end);
}

// Where in the sequence a path begins.
struct Turn {
    std::size_t at = 0;
    double left = 0;
    bool drawn = true;
};

Turn startOf(const std::vector<double>& dashes, double from, double whole)
{
    Turn t;
    from = std::fmod(from, whole * (dashes.size() % 2 ? 2 : 1));
    if (from < 0) from += whole * (dashes.size() % 2 ? 2 : 1);
    t.left = dashes.front();
    while (from > 0 && from >= t.left) {
        from -= t.left;
        t.at = (t.at + 1) % dashes.size();
        t.left = dashes[t.at];
        t.drawn = !t.drawn;
    }
    t.left -= from;
    return t;
}

bool cut(const Path& path, const std::vector<double>& dashes, Turn turn, std::size_t most, Paths& to)
{
    const std::size_t before = to.size();
    const bool drawnAtStart = turn.drawn;
    Path now;
    const auto over = [&] {
        if (!now.empty()) to.push_back(std::move(now));
        now = {};
    };
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        const Cubic c = path.piece(k);
        const double whole = arcLength(c);
        if (!(whole > 0)) continue;
        double done = 0, t0 = 0;
        while (whole - done > turn.left) {
            done += turn.left;
            const double t1 = std::clamp(parameterAt(c, done, whole), t0, 1.0);
            if (turn.drawn) {
                add(now, between(c, t0, t1));
                over();
            }
            if (to.size() - before > most) return false;
            t0 = t1;
            turn.at = (turn.at + 1) % dashes.size();
            turn.left = dashes[turn.at];
            turn.drawn = !turn.drawn;
        }
        turn.left -= whole - done;
        if (turn.drawn) add(now, t0 > 0 ? between(c, t0, 1) : c);
    }
    const bool goesOn = path.closed && drawnAtStart && !now.empty() && to.size() > before;
    if (goesOn) {
        Path& first = to[before];
        for (std::size_t k = 0; k < first.pieceCount(); ++k) add(now, first.piece(k));
        first = std::move(now);
    } else if (path.closed && to.size() == before && !now.empty()) {
        to.push_back(path); // one dash all round
    } else {
        over();
    }
    return true;
}

} // namespace

Paths dashed(const Paths& paths, const std::vector<double>& dashes, double from, std::size_t most)
{
    const double whole = std::accumulate(dashes.begin(), dashes.end(), 0.0);
    if (!(whole > 0) || !std::isfinite(whole) || !std::isfinite(from) || std::any_of(dashes.begin(), dashes.end(), [](double v) { return !(v >= 0); }))
        return paths;
    Paths out;
    const Turn start = startOf(dashes, from, whole);
    for (const Path& p : paths) {
        const std::size_t before = out.size();
        if (arcLength(p) / whole * static_cast<double>(dashes.size()) <= 2.0 * static_cast<double>(most) && cut(p, dashes, start, most, out)) continue;
        out.resize(before);
        out.push_back(p);
    }
    return out;
}

} // namespace softrope::curve
