#include "mirror/weld.h"

#include "curve/edit.h"
#include "curve/fair_span.h"
#include "mirror/half_axis.h"

#include <algorithm>

namespace softrope::mirror {

using namespace curve;

namespace {

// Parameters at which the piece meets the axis: the distance from it is a cubic Bézier function, cut at its extremes so
// that each stretch has one sign change at most.
std::vector<double> meets(const Cubic& c, const Axis& axis)
{
    double d[4] = {offsetFrom(axis, c.p0), offsetFrom(axis, c.p1), offsetFrom(axis, c.p2), offsetFrom(axis, c.p3)};
    for (double& v : d)
        if (std::abs(v) < 1e-9) v = 0; // on it, but for rounding: an end there is no crossing
    const auto value = [&](double t) {
        const double s = 1 - t;
        return s * s * s * d[0] + 3 * s * s * t * d[1] + 3 * s * t * t * d[2] + t * t * t * d[3];
    };
    std::vector<double> ends{0, 1};
    for (const double t : quadraticRoots(d[3] - 3 * d[2] + 3 * d[1] - d[0], 2 * (d[2] - 2 * d[1] + d[0]), d[1] - d[0]))
        if (t > 0 && t < 1) ends.push_back(t);
    std::sort(ends.begin(), ends.end());
    std::vector<double> found;
    for (std::size_t k = 0; k + 1 < ends.size(); ++k) {
        double lo = ends[k], hi = ends[k + 1];
        const double a = value(lo), b = value(hi);
        if (!((a < 0 && b > 0) || (a > 0 && b < 0))) continue;
        for (int m = 0; m < 100 && hi - lo > 1e-16; ++m) {
            const double mid = 0.5 * (lo + hi);
            ((value(mid) < 0) == (a < 0) ? lo : hi) = mid;
        }
        found.push_back(0.5 * (lo + hi));
    }
    return found;
}

// On the axis to the last bit that rounding leaves.
void putOnAxis(Node& n, const Axis& axis)
{
    const Vec2 foot = footOn(axis, n.at), by = foot - n.at;
    n.at = foot;
    n.in += by;
    n.out += by;
}

struct Welder {
    const Axis& axis;
    const WeldOptions& options;
    Affine image;
    Welded result{};

    std::size_t source = 0; // of what is in hand

    void put(Path p)
    {
        result.paths.push_back(std::move(p));
        result.sources.push_back(source);
    }
    struct Part {
        Path path;
        std::size_t source = 0;
    };

    bool near(Vec2 p) const { return std::abs(offsetFrom(axis, p)) <= options.tolerance; }

    double sideOf(const Path& path) const
    {
        double sum = 0;
        for (std::size_t k = 0; k < path.pieceCount(); ++k) {
            const Cubic c = path.piece(k);
            for (const double t : {0.125, 0.375, 0.625, 0.875}) sum += offsetFrom(axis, at(c, t)) * arcLength(c);
        }
        return sum;
    }

    // A line along the axis is its own mirror image.
    bool liesOnAxis(const Path& path) const
    {
        if (path.closed) return false;
        for (std::size_t k = 0; k < path.pieceCount(); ++k)
            for (const double t : {0.0, 0.25, 0.5, 0.75, 1.0})
                if (!near(at(path.piece(k), t))) return false;
        return arcLength(path) > 4 * options.tolerance;
    }
    Path onAxis(Path path) const
    {
        for (Node& n : path.nodes) {
            n.at = footOn(axis, n.at);
            n.in = footOn(axis, n.in);
            n.out = footOn(axis, n.out);
        }
        return path;
    }

    // Every place of a lies within reach of b, and the other way round.
    static bool alike(const Path& a, const Path& b, double reach)
    {
        const auto within = [reach](const Path& x, const Path& y) {
            for (std::size_t k = 0; k < x.pieceCount(); ++k)
                for (const double t : {0.0, 0.25, 0.5, 0.75, 1.0})
                    if (const auto n = nearest(y, at(x.piece(k), t)); !n || n->distance > reach) return false;
            return true;
        };
        return bounds(a).grown(reach).meets(bounds(b)) && within(a, b) && within(b, a);
    }

    // Lines of the emptier side that are another's mirror image already go.
    void dropDoubled(std::vector<Part>& all)
    {
        double left = 0, right = 0;
        std::vector<char> isLeft;
        for (const Part& p : all) {
            isLeft.push_back(sideOf(p.path) > 0);
            (isLeft.back() ? left : right) += arcLength(p.path);
        }
        const bool keepLeft = left >= right;
        std::vector<Part> kept;
        for (std::size_t k = 0; k < all.size(); ++k) {
            bool doubled = false;
            if (static_cast<bool>(isLeft[k]) != keepLeft) {
                const Path other = transformed(all[k].path, image);
                for (std::size_t m = 0; m < all.size() && !doubled; ++m)
                    doubled = static_cast<bool>(isLeft[m]) == keepLeft && alike(other, all[m].path, 1.5 * options.tolerance);
            }
            if (doubled)
                ++result.dropped;
            else
                kept.push_back(all[k]);
        }
        all = std::move(kept);
    }

    // The parts of the path on its side, with their ends on the axis where it was cut.
    Paths parts(const Path& path)
    {
        // Nodes at all crossings.
        Path with;
        with.closed = path.closed;
        with.nodes = path.nodes;
        for (std::size_t k = with.pieceCount(); k-- > 0;) {
            const std::vector<double> ts = meets(with.piece(k), axis);
            for (auto t = ts.rbegin(); t != ts.rend(); ++t) {
                const double later = t == ts.rbegin() ? *t : *t / *(t - 1);
                const Inserted in = withNodeAt(with, {k, later, {}, 0});
                with = in.path;
                putOnAxis(with.nodes[in.node], axis);
            }
        }
        const double side = sideOf(path) >= 0 ? 1 : -1;
        const std::size_t n = with.pieceCount();
        // A piece belongs to the other side when its middle does, or when it runs along the axis between two nodes near it.
        std::vector<char> kept(n, 0);
        for (std::size_t k = 0; k < n; ++k) {
            const Cubic c = with.piece(k);
            const double middle = offsetFrom(axis, at(c, 0.5)) * side;
            const bool alongAxis = path.closed && near(c.p0) && near(c.p3) && near(at(c, 0.25)) && near(at(c, 0.5)) && near(at(c, 0.75)) &&
                                   std::abs(dot(c.p3 - c.p0, along(axis))) > 2 * std::abs(cross(c.p3 - c.p0, along(axis)));
            kept[k] = middle > 0 && !alongAxis;
        }
        const auto keptCount = static_cast<std::size_t>(std::count(kept.begin(), kept.end(), 1));
        if (keptCount == n) return {with};
        if (keptCount == 0) return {};
        result.cut += static_cast<std::size_t>(n - keptCount > 0);
        Paths out;
        // Begin after a piece that goes, so that runs do not wrap.
        std::size_t start = 0;
        if (with.closed)
            while (kept[start] || !kept[(start + 1) % n]) ++start;
        for (std::size_t m = 0; m < n; ++m) {
            const std::size_t k = with.closed ? (start + 1 + m) % n : m;
            if (!kept[k]) continue;
            const std::size_t before = (k + n - 1) % n;
            const bool begins = with.closed ? !kept[before] || m == 0 : m == 0 || !kept[k - 1];
            if (begins) out.push_back(Path{{with.nodes[k]}, false});
            out.back().nodes.push_back(with.nodes[(k + 1) % with.nodes.size()]);
        }
        for (Path& p : out) {
            p.nodes.front().in = p.nodes.front().at;
            p.nodes.back().out = p.nodes.back().at;
        }
        return out;
    }

    bool smoothAt(Vec2 p, bool otherwise) const
    {
        for (const Seam& s : options.chosen)
            if (distance(s.at, p) <= options.tolerance) return s.smooth;
        return otherwise;
    }

    // The end's own handle made square to the axis, its length kept; false where the line meets the axis at a slant.
    bool square(Path& path, bool last) const
    {
        Node& n = last ? path.nodes.back() : path.nodes.front();
        const Cubic c = last ? path.piece(path.pieceCount() - 1) : path.piece(0);
        const Vec2 away = last ? -endTangent(c) : startTangent(c); // from the axis into the path
        const Vec2 normal = perpendicular(along(axis));
        const Vec2 wanted = dot(away, normal) >= 0 ? normal : -normal;
        if (away == Vec2{}) return false;
        if (!smoothAt(n.at, std::abs(turn(away, wanted)) <= (isStraight(c) ? options.straightWithin : options.smoothWithin))) return false;
        Vec2& handle = last ? n.in : n.out;
        double reach = distance(handle, n.at);
        if (reach == 0) {
            // A straight that stands square needs no handle; others bend over a third of their length.
            if (std::abs(turn(away, wanted)) < 1e-9) return true;
            reach = distance(c.p0, c.p3) / 3;
            if (isStraight(c)) (last ? path.nodes[path.nodes.size() - 2].out : path.nodes[1].in) = lerp(c.p0, c.p3, last ? 1.0 / 3 : 2.0 / 3);
        }
        handle = n.at + reach * wanted;
        if (!isStraight(c) && std::abs(turn(away, wanted)) > 1e-9) lean(path, last, c, reach);
        return true;
    }

    // The end piece, whose handle at the axis has been turned, as near as may be to what was drawn and even with the piece before it. (At the axis
    // its image goes on with the same curvature.) The handle keeps most of its length: what was drawn with a slant would come nearest with none, and
    // the seam be a corner.
    static void lean(Path& path, bool last, const Cubic& drawn, double reach)
    {
        constexpr int looks = 64;
        constexpr double slack = 1; // px
        std::vector<Vec2> points;
        for (int k = 0; k <= looks; ++k) points.push_back(at(drawn, static_cast<double>(k) / looks));
        const Samples s = evenly(points, false, std::max(1e-6, arcLength(drawn) / looks));
        if (s.count() < 8) return;
        const std::size_t piece = last ? path.pieceCount() - 1 : 0;
        const Cubic c = path.piece(piece);
        const double least = 0.7 * std::min(reach, 0.6 * distance(c.p0, c.p3));
        const SpanFit f = fairSpan(s, {0, s.count() - 1}, c.p0, angleOf(startTangent(c)), c.p3, angleOf(endTangent(c)), meetingOf(path, piece, piece + 1),
                                   slack, last ? Vec2{0, least} : Vec2{least, 0});
        path.nodes[piece].out = c.p0 + startTangent(c) * f.a;
        path.nodes[piece + 1].in = c.p3 - endTangent(c) * f.b;
    }

    // The mirror image, travelled backwards.
    Path back(const Path& p) const { return reversed(transformed(p, image)); }

    // Half and image joined at the half's end: half, then image.
    static Path joined(const Path& half, const Path& image_, bool smooth)
    {
        Path p = half;
        p.nodes.back().out = image_.nodes.front().out;
        p.nodes.back().kind = smooth ? NodeKind::smooth : NodeKind::corner;
        p.nodes.insert(p.nodes.end(), image_.nodes.begin() + 1, image_.nodes.end());
        return p;
    }

    // A smooth seam whose two pieces one symmetric piece draws as well: the height of its handles follows from the height
    // at the axis, (y0 + 3 y1) / 4.
    void withoutNeedlessSeam(Path& p, std::size_t seam) const
    {
        const std::size_t n = p.nodes.size();
        if (n < 3 || (!p.closed && (seam == 0 || seam + 1 == n))) return;
        const std::size_t a = (seam + n - 1) % n, b = (seam + 1) % n;
        const Cubic first = p.piece(a), second = p.piece(seam);
        const Vec2 u = along(axis);
        Cubic one;
        if (isStraight(first) && isStraight(second)) {
            one = straight(first.p0, second.p3);
        } else {
            const Vec2 d = startTangent(first);
            const double rise = dot(d, u), need = 4.0 / 3 * dot(p.nodes[seam].at - first.p0, u);
            double reach = 0;
            if (std::abs(rise) > 1e-6)
                reach = need / rise;
            else if (std::abs(need) < 1e-9)
                reach = distance(first.p0, second.p3) / 3;
            if (!(reach > 0) || reach > 2 * distance(first.p0, second.p3)) return;
            one = {first.p0, first.p0 + reach * d, second.p3 - reach * endTangent(second), second.p3};
        }
        for (int k = 1; k < 32; ++k)
            if (nearest(one, at(first, k / 32.0)).distance > 0.01) return;
        p.nodes[a].out = one.p1;
        p.nodes[b].in = one.p2;
        p.nodes.erase(p.nodes.begin() + static_cast<std::ptrdiff_t>(seam));
    }

    void take(Path part)
    {
        if (part.closed || part.nodes.size() < 2) {
            put(part);
            put(transformed(part, image));
            ++result.copied;
            return;
        }
        const bool front = near(part.nodes.front().at), end = near(part.nodes.back().at);
        if (!front && !end) {
            put(part);
            put(transformed(part, image));
            ++result.copied;
            return;
        }
        if (!end) part = reversed(part); // an end on the axis comes last
        const bool both = front && end;
        putOnAxis(part.nodes.back(), axis);
        const bool smoothEnd = square(part, true);
        bool smoothFront = false;
        if (both) {
            putOnAxis(part.nodes.front(), axis);
            smoothFront = square(part, false);
        }
        result.seams.push_back({part.nodes.back().at, smoothEnd});
        if (both) result.seams.push_back({part.nodes.front().at, smoothFront});
        Path whole = joined(part, back(part), smoothEnd);
        ++result.joined;
        if (smoothEnd) ++result.smooth;
        const std::size_t seam = part.nodes.size() - 1;
        if (both) {
            // The image ends where the half began.
            whole.nodes.front().in = whole.nodes.back().in;
            whole.nodes.front().kind = smoothFront ? NodeKind::smooth : NodeKind::corner;
            whole.nodes.pop_back();
            whole.closed = true;
            ++result.joined;
            if (smoothFront) ++result.smooth;
        }
        if (smoothEnd) withoutNeedlessSeam(whole, seam);
        if (both && smoothFront) withoutNeedlessSeam(whole, 0);
        put(std::move(whole));
    }
};

} // namespace

Welded weld(const Paths& paths, const Axis& axis, const WeldOptions& options)
{
    Welder w{axis, options, reflection(axis)};
    std::vector<Welder::Part> parts;
    constexpr double handWobble = 0.008; // of the drawing's size
    const Box box = bounds(paths);
    const double size = box.empty() ? 0 : std::hypot(box.width(), box.height());
    for (std::size_t k = 0; k < paths.size(); ++k) {
        const Path& p = paths[k];
        if (!isFinite(p) || p.nodes.empty()) continue;
        w.source = k;
        if (drawnAsAxis(p, axis, paths, std::max(options.tolerance, handWobble * size))) {
            ++w.result.axisLines;
            continue;
        }
        if (w.liesOnAxis(p)) {
            w.put(w.onAxis(p));
            continue;
        }
        for (Path& part : w.parts(p)) parts.push_back({std::move(part), k});
    }
    w.dropDoubled(parts);
    for (Welder::Part& part : parts) {
        w.source = part.source;
        w.take(std::move(part.path));
    }
    return std::move(w.result);
}

Paths keptSide(const Path& path, const Axis& axis, double beyond)
{
    constexpr double crosses = 0.5; // px on either side
    if (!isFinite(path) || path.pieceCount() == 0) return {path};
    double least = 0, most = 0;
    for (const Node& n : path.nodes)
        for (const Vec2 p : {n.at, n.in, n.out}) {
            const double off = offsetFrom(axis, p);
            least = std::min(least, off);
            most = std::max(most, off);
        }
    if (least > -crosses || most < crosses) return {path};
    WeldOptions exact;
    exact.tolerance = 1e-6;
    Welder w{axis, exact, reflection(axis)};
    if (w.liesOnAxis(path)) return {path};
    Paths parts = w.parts(path);
    const double side = w.sideOf(path) >= 0 ? 1 : -1;
    const Vec2 over = -side * beyond * perpendicular(along(axis));
    for (Path& p : parts) {
        if (p.closed || p.nodes.size() < 2 || beyond <= 0) continue;
        const Vec2 start = p.nodes.front().at, end = p.nodes.back().at;
        if (w.near(start)) p.nodes.insert(p.nodes.begin(), cornerAt(start + over));
        if (w.near(end)) p.nodes.push_back(cornerAt(end + over));
    }
    return parts.empty() ? Paths{path} : parts;
}

Paths mirrored(const Paths& paths, const Axis& axis)
{
    Paths out;
    const Affine m = reflection(axis);
    for (const Path& p : paths) out.push_back(transformed(p, m));
    return out;
}

} // namespace softrope::mirror
