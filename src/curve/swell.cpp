#include "curve/swell.h"

#include "curve/fit.h"
#include "curve/quick_fit.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::curve {

Swell tidied(Swell s)
{
    s.beads.erase(std::remove_if(s.beads.begin(), s.beads.end(), [](const SwellBead& b) { return !std::isfinite(b.along) || !std::isfinite(b.width); }),
                  s.beads.end());
    for (SwellBead& b : s.beads) b = {std::clamp(b.along, 0.0, 1.0), std::clamp(b.width, 0.0, 4.0)};
    std::stable_sort(s.beads.begin(), s.beads.end(), [](const SwellBead& a, const SwellBead& b) { return a.along < b.along; });
    s.beads.erase(std::unique(s.beads.begin(), s.beads.end(), [](const SwellBead& a, const SwellBead& b) { return b.along - a.along < 1e-6; }), s.beads.end());
    if (s.beads.empty()) s.beads.push_back({0.5, 1});
    if (s.beads.size() > mostBeads) s.beads.resize(mostBeads);
    s.taperStart = std::isfinite(s.taperStart) ? std::clamp(s.taperStart, 0.0, 1.0) : 0;
    s.taperEnd = std::isfinite(s.taperEnd) ? std::clamp(s.taperEnd, 0.0, 1.0) : 0;
    return s;
}

namespace {

// Slopes at the beads that keep each stretch monotone.
double slopeAt(const std::vector<SwellBead>& b, std::size_t k)
{
    if (b.size() < 2) return 0;
    const auto rise = [&](std::size_t i) { return (b[i + 1].width - b[i].width) / (b[i + 1].along - b[i].along); };
    if (k == 0 || k + 1 == b.size()) return 0; // level at the ends
    const double before = rise(k - 1), after = rise(k);
    if (before * after <= 0) return 0;
    const double h0 = b[k].along - b[k - 1].along, h1 = b[k + 1].along - b[k].along;
    // Weighted harmonic mean: within the region of monotonicity.
    return (h0 + h1) * 3 / ((2 * h1 + h0) / before + (h1 + 2 * h0) / after);
}

} // namespace

double widthAt(const Swell& s, double along)
{
    const auto& b = s.beads;
    double w = 1;
    if (!b.empty()) {
        if (along <= b.front().along) {
            w = b.front().width;
        } else if (along >= b.back().along) {
            w = b.back().width;
        } else {
            std::size_t k = 0;
            while (b[k + 1].along < along) ++k;
            const double h = b[k + 1].along - b[k].along, t = (along - b[k].along) / h, u = 1 - t;
            w = b[k].width * u * u * (1 + 2 * t) + h * slopeAt(b, k) * u * u * t + b[k + 1].width * t * t * (3 - 2 * t) - h * slopeAt(b, k + 1) * t * t * u;
        }
    }
    // An end runs out like a quarter of an ellipse: full for most of the way, then quickly to a point.
    const auto taper = [](double from, double over) {
        if (over <= 0 || from >= over) return 1.0;
        const double u = 1 - std::max(0.0, from) / over;
        return std::sqrt(std::max(0.0, 1 - u * u));
    };
    return std::max(0.0, w) * taper(along, s.taperStart) * taper(1 - along, s.taperEnd);
}

namespace {

struct Section {
    Vec2 at, along;
    double radius = 0, slope = 0; // px, px per px
    double s = 0;                 // px along the line
};

class Outline {
public:
    Outline(const Path& line, double weight, const Swell& swell, bool roundEnds, double slack, bool quick)
        : line_(line), weight_(weight), swell_(tidied(swell)), round_(roundEnds), slack_(slack), quick_(quick)
    {
    }

    Paths make()
    {
        sections();
        if (all_.size() < 2) return {};
        const std::vector<Vec2> left = edge(1), right = edge(-1);
        if (left.size() < 2 || right.size() < 2) return {};
        if (line_.closed) return {fitted(left, true), reversed(fitted(right, true))};
        Path out = fitted(left, false);
        cap(out, all_.back(), right.back(), false);
        append(out, reversed(fitted(right, false)));
        cap(out, all_.front(), left.front(), true);
        out.closed = true;
        // The last node came back to the first.
        if (out.nodes.size() > 2 && distance(out.nodes.back().at, out.nodes.front().at) < 1e-6) {
            out.nodes.front().in = out.nodes.back().in;
            out.nodes.pop_back();
        }
        return {out};
    }

private:
    const Path& line_;
    double weight_;
    Swell swell_;
    bool round_;
    double slack_;
    bool quick_;
    std::vector<Section> all_;
    double length_ = 0;

    double radiusAt(double s) const { return std::max(0.01, 0.5 * weight_ * widthAt(swell_, length_ > 0 ? s / length_ : 0)); }

    void sections()
    {
        struct Raw {
            Vec2 at, in, out;
            double s;
        };
        std::vector<Raw> raw;
        double s = 0;
        for (std::size_t k = 0; k < line_.pieceCount(); ++k) {
            const Cubic c = line_.piece(k);
            const double len = arcLength(c);
            if (len < 1e-9) continue;
            // Close enough that an outline within the slack can be read off them, also in bends and tapers.
            const double step = std::clamp(0.2 * std::sqrt(std::max(1.0, weight_)), 0.25, 2.0);
            const int n = std::clamp(static_cast<int>(std::ceil(len / step)), 8, 20000);
            double before = s;
            Vec2 last = c.p0;
            for (int i = 0; i <= n; ++i) {
                const double t = static_cast<double>(i) / n;
                const Vec2 p = at(c, t);
                before += distance(last, p);
                last = p;
                const Vec2 along = tangentAt(c, t);
                if (i == 0 && !raw.empty()) {
                    raw.back().out = along;
                    continue;
                }
                raw.push_back({p, along, along, before});
            }
            s = before;
        }
        length_ = s;
        if (raw.size() < 2 || length_ < 1e-6) return;
        if (line_.closed) { // the last one is the first
            raw.front().in = raw.back().in;
            raw.pop_back();
        }
        const double h = std::max(1e-3, length_ * 1e-4);
        for (const Raw& r : raw) {
            const double slope =
                (radiusAt(std::min(length_, r.s + h)) - radiusAt(std::max(0.0, r.s - h))) / (std::min(length_, r.s + h) - std::max(0.0, r.s - h));
            const double bend = turn(r.in, r.out);
            // A corner is turned through step by step: its outer side becomes round.
            const int steps = std::max(1, static_cast<int>(std::ceil(std::abs(bend) / 0.12)));
            for (int i = std::abs(bend) > 1e-6 ? 0 : steps; i <= steps; ++i) {
                const double a = angleOf(r.in) + bend * i / steps;
                all_.push_back({r.at, direction(a), radiusAt(r.s), std::clamp(slope, -0.98, 0.98), r.s});
            }
        }
    }

    Vec2 edgePoint(const Section& c, double side) const
    {
        const Vec2 across = perpendicular(c.along) * side;
        return c.at + (across * std::sqrt(1 - c.slope * c.slope) - c.along * c.slope) * c.radius;
    }

    // Edge points of one side that lie in no other disc along the line near by.
    std::vector<Vec2> edge(double side) const
    {
        std::vector<Vec2> out;
        const long n = static_cast<long>(all_.size());
        for (long i = 0; i < n; ++i) {
            const Section& c = all_[static_cast<std::size_t>(i)];
            const Vec2 p = edgePoint(c, side);
            const double reach = 4 * std::max(c.radius, 0.5 * weight_) + 2;
            bool covered = false;
            for (const long by : {1L, -1L})
                for (long j = i + by, k = 0; k < n && !covered; j += by, ++k) {
                    if (!line_.closed && (j < 0 || j >= n)) break;
                    const Section& o = all_[static_cast<std::size_t>(((j % n) + n) % n)];
                    double apart = std::abs(o.s - c.s);
                    if (line_.closed) apart = std::min(apart, length_ - apart);
                    if (apart > reach) break;
                    covered = distance(o.at, p) < o.radius * (1 - 1e-6) - 0.02;
                }
            if (!covered && (out.empty() || distance(out.back(), p) > 1e-4)) out.push_back(p);
        }
        return out;
    }

    Path fitted(const std::vector<Vec2>& points, bool closed) const
    {
        FitOptions o;
        o.slack = slack_;
        o.grain = 0.5;
        o.rounding = 0.2;
        o.spacing = std::clamp(0.1 * weight_, 0.25, 1.0);
        o.fair = false; // the line that it runs beside is even already
        if (!quick_) return fit(points, closed, o).path;
        return quickFit(points, closed, o).path;
    }

    static void append(Path& path, const Path& more)
    {
        if (more.nodes.empty()) return;
        const bool same = !path.nodes.empty() && distance(path.nodes.back().at, more.nodes.front().at) < 1e-6;
        if (same) {
            path.nodes.back().out = more.nodes.front().out;
            path.nodes.insert(path.nodes.end(), more.nodes.begin() + 1, more.nodes.end());
        } else {
            path.nodes.insert(path.nodes.end(), more.nodes.begin(), more.nodes.end());
        }
    }

    // From the end of the outline so far round the end of the line to `to`.
    void cap(Path& path, const Section& end, Vec2 to, bool atStart) const
    {
        Node& from = path.nodes.back();
        from.kind = NodeKind::corner;
        from.out = from.at;
        if (!round_ || end.radius < 0.3) {
            path.nodes.push_back(cornerAt(to));
            return;
        }
        // The envelope's cap: an arc about the end of the line that turns away from where the line comes from.
        const Vec2 outwards = atStart ? -end.along : end.along;
        const Vec2 a = from.at - end.at, b = to - end.at;
        double sweep = turn(a, b);
        if (turn(a, outwards) * sweep < 0) sweep += sweep > 0 ? -2 * pi : 2 * pi;
        const int parts = std::max(2, static_cast<int>(std::ceil(std::abs(sweep) / (pi / 2) - 1e-6)));
        const double each = sweep / parts, reach = 4.0 / 3 * std::tan(each / 4);
        for (int i = 0; i < parts; ++i) {
            const Vec2 p = path.nodes.back().at - end.at;
            const Vec2 q = i + 1 == parts ? b : Vec2{p.x * std::cos(each) - p.y * std::sin(each), p.x * std::sin(each) + p.y * std::cos(each)};
            path.nodes.back().out = path.nodes.back().at + perpendicular(p) * reach;
            path.nodes.push_back({end.at + q, end.at + q - perpendicular(q) * reach, end.at + q, i + 1 == parts ? NodeKind::corner : NodeKind::smooth});
        }
    }
};

} // namespace

Paths swelledOutline(const Path& line, double weight, const Swell& swell, bool roundEnds, double slack, bool quick)
{
    if (!(weight > 0) || !isFinite(line)) return {};
    return Outline(line, weight, swell, roundEnds, slack, quick).make();
}

Swell swellOf(const std::vector<double>& widths, double weight)
{
    Swell out;
    const std::size_t n = widths.size();
    if (n == 0 || !(weight > 0)) return tidied(out);
    const auto mean = [&](double from, double to) {
        const auto a = static_cast<std::size_t>(std::clamp(from, 0.0, 1.0) * static_cast<double>(n - 1));
        const auto b = std::max(a, static_cast<std::size_t>(std::clamp(to, 0.0, 1.0) * static_cast<double>(n - 1)));
        double sum = 0;
        for (std::size_t i = a; i <= b; ++i) sum += widths[i];
        return sum / static_cast<double>(b - a + 1) / weight;
    };
    for (std::size_t k = 0; k < mostBeads; ++k) {
        const double at = static_cast<double>(k) / (mostBeads - 1);
        out.beads.push_back({at, mean(at - 0.04, at + 0.04)});
    }
    // Beads that their neighbours would give anyway are not needed.
    for (bool again = true; again && out.beads.size() > 2;) {
        again = false;
        for (std::size_t k = 1; k + 1 < out.beads.size(); ++k) {
            Swell without = out;
            without.beads.erase(without.beads.begin() + static_cast<long>(k));
            if (std::abs(widthAt(without, out.beads[k].along) - out.beads[k].width) < 0.04) {
                out = without;
                again = true;
                break;
            }
        }
    }
    return tidied(out);
}

} // namespace softrope::curve
