#include "mirror/half_axis.h"

#include "curve/curve.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <utility>

namespace softrope::mirror {

using namespace curve;

namespace {

// Tuned on 40 made-up half drawings, 40 whole ones and 20 lopsided ones (tests/mirror/half_axis_test.cpp).
namespace tuned {
constexpr double near = 0.012;     // of the drawing's size: what lies on a line drawn by hand
constexpr double hop = 0.12;       // of the size: a line that ends so near another goes on with it, over what a tracer could not part
constexpr double straight = 0.004; // of the drawing's size: root mean square of a drawn axis off the straight
constexpr double beyond = 0.015;   // share of the drawing that may lie beyond its axis
constexpr double alike = 14;       // degrees a stretch on the axis may run off it
constexpr double steep = 30;       // degrees at which a line at least meets its axis
constexpr double longest = 0.7;    // of the drawing's length along it that an axis spans at least
constexpr double covered = 0.75;   // of a drawn axis that was really drawn
constexpr double round = 0.7;      // of how far the drawing reaches, that its outlines do
constexpr double margin = 0.06;    // of the page that the other half may stand over
} // namespace tuned

struct Sample {
    Vec2 at, along;
    double weight = 0; // px of line
    std::size_t line = 0;
};

struct End {
    Vec2 at, out; // where the line would go on
    std::size_t line = 0;
};

struct Drawing {
    std::vector<Sample> samples;
    std::vector<End> ends;
    Box box;
    double size = 0, ink = 0; // px: diagonal, length of all lines

    Drawing(const Paths& lines)
    {
        for (const Path& p : lines) ink += arcLength(p);
        if (!(ink > 0) || !std::isfinite(ink)) return;
        const double step = std::max(ink / 4000, 1e-6);
        for (const Path& p : lines) {
            for (std::size_t k = 0; k < p.pieceCount(); ++k) {
                const Cubic c = p.piece(k);
                const double length = arcLength(c);
                const int n = std::max(1, static_cast<int>(length / step));
                for (int m = 0; m < n; ++m) {
                    const double t = (m + 0.5) / n;
                    samples.push_back({curve::at(c, t), unit(tangentAt(c, t)), length / n, static_cast<std::size_t>(&p - lines.data())});
                    box.add(samples.back().at);
                }
            }
        }
        size = std::hypot(box.width(), box.height());
        for (const Path& p : lines) {
            if (p.closed || p.nodes.size() < 2) continue;
            // The way a line runs out, over a stretch rather than at its very tip.
            const double length = arcLength(p), look = std::min(0.03 * size, 0.3 * length);
            const auto inner = [&](bool first) {
                double walked = 0;
                const std::size_t n = p.pieceCount();
                for (std::size_t i = 0; i < n; ++i) {
                    const Cubic c = first ? p.piece(i) : reversed(p.piece(n - 1 - i));
                    const double l = arcLength(c);
                    if (walked + l >= look && l > 0) return curve::at(c, std::clamp((look - walked) / l, 0.0, 1.0));
                    walked += l;
                }
                return first ? p.nodes.back().at : p.nodes.front().at;
            };
            ends.push_back({p.nodes.front().at, unit(p.nodes.front().at - inner(true)), static_cast<std::size_t>(&p - lines.data())});
            ends.push_back({p.nodes.back().at, unit(p.nodes.back().at - inner(false)), static_cast<std::size_t>(&p - lines.data())});
        }
    }
};

// A line, with the side on which the drawing lies: along + a quarter turn points to it.
struct Support {
    Vec2 through, along;
    double score = 0;
    double offset(Vec2 p) const { return cross(along, p - through); }
    double place(Vec2 p) const { return dot(p - through, along); }
};

// Through these places, by total least squares (Pearson 1901), running as before.
Support fitted(const Support& s, const std::vector<Vec2>& at, const std::vector<double>& weight)
{
    Vec2 mean;
    double all = 0;
    for (std::size_t i = 0; i < at.size(); ++i) {
        mean += at[i] * weight[i];
        all += weight[i];
    }
    if (at.size() < 2 || !(all > 0)) return s;
    mean = mean / all;
    double xx = 0, xy = 0, yy = 0;
    for (std::size_t i = 0; i < at.size(); ++i) {
        const Vec2 d = at[i] - mean;
        xx += weight[i] * d.x * d.x;
        xy += weight[i] * d.x * d.y;
        yy += weight[i] * d.y * d.y;
    }
    Support out = s;
    out.through = mean;
    out.along = direction(0.5 * std::atan2(2 * xy, xx - yy));
    if (dot(out.along, s.along) < 0) out.along = -out.along;
    return out;
}

// Whether more than this share of the drawing lies beyond the line by more than `near` px.
bool muchBeyond(const Drawing& d, const Support& s, double near, double share)
{
    double left = share * d.ink;
    for (const Sample& p : d.samples)
        if (s.offset(p.at) < -near && (left -= p.weight) < 0) return true;
    return false;
}

struct Span {
    double from = 1e300, to = -1e300;
    void add(double v)
    {
        from = std::min(from, v);
        to = std::max(to, v);
    }
    double length() const { return std::max(0.0, to - from); }
};

// How far the drawing reaches along the line, what lies on it left out.
Span reachOf(const Drawing& d, const Support& s, double near)
{
    Span out;
    for (const Sample& p : d.samples)
        if (s.offset(p.at) > near) out.add(s.place(p.at));
    return out;
}

double roomFor(const Drawing& d, const Support& s, const std::optional<Box>& page)
{
    if (!page) return 1;
    const Affine m = reflection({s.through, angleOf(s.along)});
    const double margin = tuned::margin * std::max(page->width(), page->height());
    double out = 0;
    for (const Sample& p : d.samples) {
        const Vec2 q = m * p.at;
        if (q.x < page->min.x - margin || q.y < page->min.y - margin || q.x > page->max.x + margin || q.y > page->max.y + margin) out += p.weight;
    }
    return std::clamp(1 - 2.5 * out / d.ink, 0.0, 1.0);
}

// A long straight with nothing beyond it.
std::optional<Support> drawnAxis(const Drawing& d, Support s, double near, const std::optional<Box>& page)
{
    const double alike = std::sin(radians(tuned::alike));
    std::vector<Vec2> at;
    std::vector<double> weight;
    Span span;
    for (int round = 0; round < 4; ++round) {
        at.clear();
        weight.clear();
        span = {};
        const double within = round == 0 ? 2 * near : near;
        for (const Sample& p : d.samples)
            if (std::abs(s.offset(p.at)) <= within && std::abs(cross(p.along, s.along)) <= alike) {
                at.push_back(p.at);
                weight.push_back(p.weight);
            }
        if (at.size() < 8) return std::nullopt;
        s = fitted(s, at, weight);
    }
    double off = 0, all = 0;
    for (std::size_t i = 0; i < at.size(); ++i) {
        span.add(s.place(at[i]));
        off += weight[i] * s.offset(at[i]) * s.offset(at[i]);
        all += weight[i];
    }
    if (std::sqrt(off / all) > tuned::straight * d.size) return std::nullopt;
    const Span rest = reachOf(d, s, 2 * near);
    if (rest.length() < 0.05 * d.size || span.length() < tuned::longest * rest.length() || muchBeyond(d, s, 2 * near, tuned::beyond)) return std::nullopt;
    constexpr std::size_t cells = 60;
    std::array<bool, cells> seen{};
    for (const Vec2 p : at) seen[std::min(cells - 1, static_cast<std::size_t>(cells * (s.place(p) - span.from) / span.length()))] = true;
    const double covered = static_cast<double>(std::count(seen.begin(), seen.end(), true)) / cells;
    if (covered < tuned::covered) return std::nullopt;
    // An axis stands out beyond what was drawn at it, or other lines run up to it from the side; the base of a thing does neither.
    const double out = 0.01 * d.size;
    const int standsOut = (span.from < rest.from - out ? 1 : 0) + (span.to > rest.to + out ? 1 : 0);
    int meet = 0;
    for (const End& e : d.ends)
        if (std::abs(s.offset(e.at)) <= 3 * near && std::abs(cross(e.out, s.along)) > std::sin(radians(tuned::steep)) && s.place(e.at) > span.from + out &&
            s.place(e.at) < span.to - out)
            ++meet;
    const double sure = standsOut == 2 ? 1 : standsOut == 1 || meet >= 1 ? 0.85 : 0.5;
    s.score = covered * std::min(1.0, span.length() / rest.length()) * sure * (0.5 + 0.5 * roomFor(d, s, page));
    return s;
}

// True when the line that ends there leads, on over lines that begin where it ends, to another end on the same row; adds these lines.
bool comesBack(const Drawing& d, std::size_t end, const std::vector<char>& onRow, double reach, std::vector<std::size_t>& over)
{
    constexpr int mostLines = 6;
    const double touching = 0.2 * reach;
    for (int k = 0; k < mostLines; ++k) {
        over.push_back(d.ends[end].line);
        const std::size_t far = end ^ 1U; // ends come in pairs
        if (onRow[far]) return true;
        std::size_t next = d.ends.size();
        double least = reach;
        for (std::size_t i = 0; i < d.ends.size(); ++i) {
            if (i == far || i == end) continue;
            const Vec2 gap = d.ends[i].at - d.ends[far].at;
            const bool ahead = length(gap) < touching || dot(unit(gap), d.ends[far].out) > 0.2;
            if (!ahead || length(gap) >= least) continue;
            least = length(gap);
            next = i;
        }
        if (next == d.ends.size()) return false;
        end = next;
    }
    return false;
}

// Ends of lines in a row with nothing beyond.
std::optional<Support> openEnds(const Drawing& d, Support s, double near, const std::optional<Box>& page)
{
    std::vector<Vec2> at;
    std::vector<char> onRow(d.ends.size());
    double flattest = 1;
    for (int round = 0; round < 3; ++round) {
        at.clear();
        std::fill(onRow.begin(), onRow.end(), 0);
        flattest = 1;
        for (std::size_t i = 0; i < d.ends.size(); ++i) {
            const End& e = d.ends[i];
            if (std::abs(s.offset(e.at)) > near || s.offset(e.at + e.out) > s.offset(e.at)) continue;
            const double rise = std::abs(cross(e.out, s.along));
            if (rise < std::sin(radians(tuned::steep))) continue;
            at.push_back(e.at);
            onRow[i] = 1;
            flattest = std::min(flattest, rise);
        }
        if (at.size() < 2) return std::nullopt;
        s = fitted(s, at, std::vector<double>(at.size(), 1));
    }
    // The outermost lines come back to the row: outlines to be gone on with, not just lines that happen to end there.
    std::size_t first = d.ends.size(), last = first;
    Span span, all;
    for (std::size_t i = 0; i < d.ends.size(); ++i) {
        if (!onRow[i]) continue;
        if (first == d.ends.size() || s.place(d.ends[i].at) < s.place(d.ends[first].at)) first = i;
        if (last == d.ends.size() || s.place(d.ends[i].at) > s.place(d.ends[last].at)) last = i;
        span.add(s.place(d.ends[i].at));
    }
    std::vector<std::size_t> outlines;
    if (!comesBack(d, first, onRow, tuned::hop * d.size, outlines) || !comesBack(d, last, onRow, tuned::hop * d.size, outlines)) return std::nullopt;
    // And go round the drawing: nothing reaches much further than they.
    double theirs = 0, furthest = 0;
    for (const Sample& p : d.samples) {
        furthest = std::max(furthest, s.offset(p.at));
        if (std::find(outlines.begin(), outlines.end(), p.line) != outlines.end()) theirs = std::max(theirs, s.offset(p.at));
    }
    if (theirs < tuned::round * furthest) return std::nullopt;
    for (const Sample& p : d.samples) all.add(s.place(p.at));
    if (span.length() < tuned::longest * all.length() || muchBeyond(d, s, 1.5 * near, tuned::beyond)) return std::nullopt;
    // What else lies along the line speaks against it.
    double along = 0;
    for (const Sample& p : d.samples) {
        if (std::abs(s.offset(p.at)) > near) continue;
        bool atEnd = false;
        for (const Vec2 e : at) atEnd = atEnd || distance(p.at, e) < 4 * near;
        if (!atEnd) along += p.weight;
    }
    if (along > 0.1 * all.length()) return std::nullopt;
    const double count = at.size() == 2 ? 0.75 : at.size() == 3 ? 0.9 : 1;
    s.score = count * std::min(1.0, span.length() / all.length()) * (0.7 + 0.3 * flattest) * (0.6 + 0.4 * roomFor(d, s, page));
    return s;
}

} // namespace

std::vector<FoundAxis> halfAxes(const Paths& lines, const std::optional<Box>& page)
{
    const Drawing d(lines);
    std::vector<FoundAxis> out;
    if (d.samples.size() < 16 || !(d.size > 0)) return out;
    const double near = tuned::near * d.size;
    std::vector<std::pair<Support, FoundAs>> found;
    const auto look = [&](const Support& from) {
        if (const auto s = drawnAxis(d, from, near, page)) found.emplace_back(*s, FoundAs::drawnLine);
        if (const auto s = openEnds(d, from, near, page)) found.emplace_back(*s, FoundAs::openEnds);
    };
    // Supporting lines in every direction: where all but what may lie beyond lies on one side.
    std::vector<std::pair<double, double>> offsets(d.samples.size());
    for (int degree = 0; degree < 360; degree += 2) {
        Support s{d.box.centre(), direction(radians(degree))};
        for (std::size_t i = 0; i < d.samples.size(); ++i) offsets[i] = {s.offset(d.samples[i].at), d.samples[i].weight};
        // Only the outermost are looked at: the rest is put in order when they turn out to be too few.
        std::size_t inOrder = offsets.size() / 8;
        const auto order = [&](std::size_t from, std::size_t to) {
            const auto at = [&](std::size_t k) { return offsets.begin() + static_cast<std::ptrdiff_t>(k); };
            std::nth_element(at(from), at(to), offsets.end());
            std::sort(at(from), at(to));
        };
        order(0, inOrder);
        // The outermost place where much lies in one row: a drawn axis; and the outermost place at all.
        double passed = 0, most = 0, best = offsets.front().first;
        for (std::size_t i = 0, j = 0; i < offsets.size() && passed <= tuned::beyond * d.ink; ++i) {
            double sum = 0;
            while (true) {
                if (j == inOrder && j < offsets.size()) order(std::exchange(inOrder, offsets.size()), offsets.size());
                if (j == offsets.size() || offsets[j].first >= offsets[i].first + near) break;
                ++j;
            }
            for (std::size_t k = i; k < j; ++k) sum += offsets[k].second;
            if (sum > most) {
                most = sum;
                best = offsets[i].first + near / 2;
            }
            passed += offsets[i].second;
        }
        s.through = s.through + perpendicular(s.along) * best;
        if (most > 0.3 * std::min(d.box.width(), d.box.height())) look(s);
    }
    // Lines through two ends far from one another.
    for (std::size_t i = 0; i < std::min<std::size_t>(d.ends.size(), 120); ++i)
        for (std::size_t j = 0; j < std::min<std::size_t>(d.ends.size(), 120); ++j) {
            if (i == j || distance(d.ends[i].at, d.ends[j].at) < 0.25 * d.size) continue;
            const Support s{d.ends[i].at, unit(d.ends[j].at - d.ends[i].at)};
            if (muchBeyond(d, s, 2 * near, 3 * tuned::beyond)) continue;
            if (const auto fit = openEnds(d, s, near, page)) found.emplace_back(*fit, FoundAs::openEnds);
        }
    std::sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.first.score > b.first.score; });
    for (const auto& [s, as] : found) {
        constexpr double least = 0.2;
        constexpr std::size_t most = 4;
        const Axis axis{s.through, lineAngle(angleOf(s.along))};
        const bool known = std::any_of(out.begin(), out.end(), [&, at = s.through](const FoundAxis& f) {
            return std::abs(lineAngle(f.axis.angle - axis.angle)) < radians(4) && std::abs(offsetFrom(f.axis, at)) < 0.04 * d.size;
        });
        if (known || s.score < least || out.size() == most) continue;
        out.push_back({axis, s.score, as});
    }
    return out;
}

std::vector<FoundAxis> findAxes(const Paths& lines, const std::vector<EdgePoint>& edges, const std::optional<Box>& page)
{
    std::vector<FoundAxis> out = halfAxes(lines, page);
    const std::optional<FoundAxis> symmetry = findAxis(edges);
    if (!symmetry) return out;
    constexpr double clear = 0.6, clearer = 0.2;
    const auto at = std::find_if(out.begin(), out.end(), [&](const FoundAxis& f) {
        return f.confidence < (f.confidence >= clear ? symmetry->confidence - clearer : symmetry->confidence);
    });
    out.insert(at, *symmetry);
    return out;
}

bool drawnAsAxis(const Path& line, const Axis& axis, const Paths& drawing, double tolerance)
{
    if (line.closed || line.nodes.size() < 2) return false;
    const Vec2 way = along(axis);
    const double step = std::max(tolerance, 1e-6);
    const auto onAxis = [&](Vec2 p) { return std::abs(offsetFrom(axis, p)) <= tolerance; };
    const std::vector<Vec2> own = flatten(line, 0.25 * step);
    if (!std::all_of(own.begin(), own.end(), onAxis)) return false;
    Span self;
    for (const Vec2 p : own) self.add(dot(p, way));
    // A tracer may have led part of it on into other lines: all stretches along the axis count together.
    constexpr double alongIt = 0.9; // of a stretch's length
    std::vector<std::pair<double, double>> stretches;
    Span others;
    for (const Path& p : drawing) {
        const std::vector<Vec2> at = flatten(p, 0.25 * step);
        for (std::size_t k = 0; k < at.size(); ++k) {
            if (!onAxis(at[k])) others.add(dot(at[k], way));
            if (k == 0 || !onAxis(at[k]) || !onAxis(at[k - 1])) continue;
            const double a = dot(at[k - 1], way), b = dot(at[k], way);
            if (std::abs(b - a) >= alongIt * distance(at[k - 1], at[k])) stretches.emplace_back(std::min(a, b), std::max(a, b));
        }
    }
    std::sort(stretches.begin(), stretches.end());
    double covered = 0, until = -std::numeric_limits<double>::infinity();
    for (const auto& [a, b] : stretches) {
        covered += std::max(0.0, b - std::max(a, until));
        until = std::max(until, b);
    }
    constexpr double nearly = 0.85, mostly = 0.5;
    return others.length() > 0 && covered >= nearly * others.length() && self.length() >= mostly * others.length();
}

} // namespace softrope::mirror
