#include "proof/nodes.h"

#include "curve/edit.h"
#include "planar/meet.h"

#include <algorithm>
#include <cmath>

namespace softrope::proof {

using curve::Cubic;
using curve::Path;
using curve::Vec2;

namespace {

double span(const Cubic& c)
{
    return distance(c.p0, c.p1) + distance(c.p1, c.p2) + distance(c.p2, c.p3);
}

// Distance of the point from the curve near t, by a few Newton steps on (B - p) . B' = 0.
double offCurve(const Cubic& c, Vec2 p, double t)
{
    for (int i = 0; i < 4; ++i) {
        const Vec2 b = at(c, t) - p, d1 = derivative(c, t), d2 = secondDerivative(c, t);
        const double g = dot(b, d1), h = dot(d1, d1) + dot(b, d2);
        if (std::abs(h) < 1e-12) break;
        t = std::clamp(t - g / h, 0.0, 1.0);
    }
    return distance(at(c, t), p);
}

// The largest distance of the two pieces from the one, the joint lying at about `u`; more than `enough` is not told exactly.
double offTwo(const Cubic& one, const Cubic& a, const Cubic& b, double u, double enough)
{
    double most = 0;
    constexpr int steps = 8;
    for (const int k : {8, 4, 12, 2, 6, 10, 14, 1, 3, 5, 7, 9, 11, 13, 15}) {
        const bool first = k <= steps;
        const double t = first ? static_cast<double>(k) / steps : static_cast<double>(k - steps) / steps;
        const Vec2 p = first ? at(a, t) : at(b, t);
        most = std::max(most, offCurve(one, p, first ? u * t : u + (1 - u) * t));
        if (most > enough) return most;
    }
    return most;
}

} // namespace

std::optional<Cubic> asOne(const Cubic& a, const Cubic& b, double within)
{
    const bool straightA = isStraight(a), straightB = isStraight(b);
    if (straightA != straightB) return std::nullopt;
    if (straightA) {
        const Vec2 along = b.p3 - a.p0, joint = a.p3 - a.p0;
        const double l2 = squaredLength(along);
        if (!(l2 > 0)) return std::nullopt;
        const double t = dot(joint, along) / l2;
        if (t <= 0 || t >= 1 || std::abs(cross(joint, along)) > within * std::sqrt(l2)) return std::nullopt;
        return curve::straight(a.p0, b.p3);
    }
    const Vec2 in = a.p3 - a.p2, out = b.p1 - b.p0;
    const double la = length(in), lb = length(out);
    if (la + lb <= 0 || (la > 0 && lb > 0 && dot(in, out) < 0.9 * la * lb)) return std::nullopt;
    double u = la / (la + lb);
    if (la == 0 || lb == 0) u = span(a) / (span(a) + span(b));
    // The inverse of de Casteljau's split; exact when the two were cut from one.
    const Cubic one{a.p0, a.p0 + (a.p1 - a.p0) / u, b.p3 + (b.p2 - b.p3) / (1 - u), b.p3};
    return offTwo(one, a, b, u, within) < within ? std::optional(one) : std::nullopt;
}

namespace {

// The piece for the two at the node, when the node can go unseen.
std::optional<Cubic> withoutSeen(const Path& p, std::size_t i, const Sizes& sizes)
{
    const std::size_t n = p.nodes.size();
    if (!p.closed && (i == 0 || i + 1 >= n)) return std::nullopt;
    if (n < (p.closed ? 4 : 3)) return std::nullopt;
    const Cubic a = p.piece((i + n - 1) % n), b = p.piece(i);
    if (distance(a.p0, a.p3) <= sizes.doubled || distance(b.p0, b.p3) <= sizes.doubled) return std::nullopt;
    return asOne(a, b, sizes.needless);
}

} // namespace

bool withoutLength(const Path& p)
{
    for (std::size_t i = 0; i < p.pieceCount(); ++i)
        if (span(p.piece(i)) > 1e-9) return false;
    return true;
}

std::optional<double> kinkAt(const Path& p, std::size_t i, const Sizes& sizes)
{
    const std::size_t n = p.nodes.size();
    if (n < 2 || i >= n || (!p.closed && (i == 0 || i + 1 == n))) return std::nullopt;
    const Cubic a = p.piece((i + n - 1) % n), b = p.piece(i);
    if (isStraight(a) && isStraight(b)) return std::nullopt;
    // The way past the handles is no shorter than the piece.
    if (span(a) <= sizes.kinkPiece || span(b) <= sizes.kinkPiece) return std::nullopt;
    const double turned = std::abs(curve::degrees(turn(endTangent(a), startTangent(b))));
    if (turned < sizes.leastKink || turned > sizes.mostKink) return std::nullopt;
    if (arcLength(a) <= sizes.kinkPiece || arcLength(b) <= sizes.kinkPiece) return std::nullopt;
    return turned;
}

namespace {

// How unevenly the two pieces bend: the change of curvature along each (Moreton and Sequin 1992), and its jump where they meet, made
// free of size.
double unevenness(const Cubic& a, const Cubic& b)
{
    double sum = 0;
    for (const Cubic* c : {&a, &b}) {
        constexpr int steps = 24;
        double before = curvature(*c, 0);
        Vec2 was = c->p0;
        const double l = arcLength(*c);
        for (int k = 1; k <= steps; ++k) {
            const double t = static_cast<double>(k) / steps, now = curvature(*c, t);
            const Vec2 p = at(*c, t);
            if (const double ds = distance(was, p); ds > 0 && std::isfinite(now) && std::isfinite(before))
                sum += (now - before) * (now - before) / ds * l * l * l;
            before = now;
            was = p;
        }
    }
    const double jump = curvature(b, 0) - curvature(a, 1), l = arcLength(a) + arcLength(b);
    return sum + (std::isfinite(jump) ? jump * jump * l * l : 0);
}

// The piece leaving its start in another direction, its end as it was: both handle lengths by least squares of the distance from what it
// was (Schneider 1990), so that it moves as little as may be.
Cubic leaving(const Cubic& c, Vec2 along)
{
    const Vec2 end = -endTangent(c);
    double aa = 0, ab = 0, bb = 0, ra = 0, rb = 0;
    for (int k = 1; k < 16; ++k) {
        const double t = k / 16.0, s = 1 - t, b1 = 3 * s * s * t, b2 = 3 * s * t * t;
        const Vec2 rest = at(c, t) - (s * s * s + b1) * c.p0 - (t * t * t + b2) * c.p3;
        aa += b1 * b1;
        ab += b1 * b2 * dot(along, end);
        bb += b2 * b2;
        ra += b1 * dot(rest, along);
        rb += b2 * dot(rest, end);
    }
    const double det = aa * bb - ab * ab, third = distance(c.p0, c.p3) / 3;
    double alpha = det > 0 ? (ra * bb - rb * ab) / det : third, beta = det > 0 ? (rb * aa - ra * ab) / det : third;
    const double least = 0.05 * third;
    alpha = std::clamp(alpha, least, 4 * third);
    beta = std::clamp(beta, least, 4 * third);
    return {c.p0, c.p0 + alpha * along, c.p3 + beta * end, c.p3};
}

} // namespace

Path withKinkSmoothed(const Path& p, std::size_t i)
{
    const std::size_t n = p.nodes.size();
    const Cubic a = p.piece((i + n - 1) % n), b = p.piece(i);
    const Vec2 in = endTangent(a), out = startTangent(b), mid = unit(in + out);
    const auto turned = [&](Vec2 along) {
        Path q = p;
        curve::Node& node = q.nodes[i];
        if (!isStraight(a)) node.in = node.at - along * distance(node.in, node.at);
        if (!isStraight(b)) node.out = node.at + along * distance(node.out, node.at);
        node.kind = curve::NodeKind::smooth;
        return q;
    };
    // A straight, or a piece without a handle there, says where both must go.
    const bool inFixed = isStraight(a) || a.p2 == a.p3, outFixed = isStraight(b) || b.p0 == b.p1;
    if (inFixed && outFixed) {
        Path q = p;
        curve::Node& node = q.nodes[i];
        if (!isStraight(b)) {
            const Cubic c = leaving(b, in);
            node.out = c.p1;
            q.nodes[(i + 1) % n].in = c.p2;
        } else {
            const Cubic c = curve::reversed(leaving(curve::reversed(a), -out));
            node.in = c.p2;
            q.nodes[(i + n - 1) % n].out = c.p1;
        }
        node.kind = curve::NodeKind::smooth;
        return q;
    }
    if (inFixed) return turned(in);
    if (outFixed) return turned(out);
    Path best = p;
    double least = 1e300;
    for (const Vec2 along : {in, out, mid}) {
        Path q = turned(along);
        const double e = unevenness(q.piece((i + n - 1) % n), q.piece(i));
        if (e < least) {
            least = e;
            best = std::move(q);
        }
    }
    return best;
}

Path withDoubleMerged(const Path& p, std::size_t i)
{
    const std::size_t n = p.nodes.size();
    if (n < 3 || i >= n || (!p.closed && i + 1 == n)) return p;
    Path out = p;
    const std::size_t next = (i + 1) % n;
    const curve::Node &a = p.nodes[i], &b = p.nodes[next];
    const bool keepsSecond = (!p.closed && next + 1 == n) || next == 0;
    curve::Node one = keepsSecond ? b : a;
    one.in = a.in == a.at ? one.at : a.in;
    one.out = b.out == b.at ? one.at : b.out;
    const bool smooth = length(one.at - one.in) > 0 && length(one.out - one.at) > 0 && std::abs(turn(one.at - one.in, one.out - one.at)) < curve::radians(0.5);
    one.kind = smooth ? curve::NodeKind::smooth : curve::NodeKind::corner;
    out.nodes[keepsSecond ? next : i] = one;
    out.nodes.erase(out.nodes.begin() + static_cast<std::ptrdiff_t>(keepsSecond ? i : next));
    return out;
}

std::optional<Path> withNeedlessGone(const Path& p, std::size_t i, const Sizes& sizes)
{
    const auto one = i < p.nodes.size() ? withoutSeen(p, i, sizes) : std::nullopt;
    if (!one) return std::nullopt;
    Path out = p;
    const std::size_t n = out.nodes.size();
    out.nodes[(i + n - 1) % n].out = one->p1;
    out.nodes[(i + 1) % n].in = one->p2;
    out.nodes.erase(out.nodes.begin() + static_cast<std::ptrdiff_t>(i));
    return out;
}

namespace {

// Area of the smaller of the two loops that meet at the crossing, px^2.
double loopAt(const planar::Strand& s, planar::Contact c)
{
    if (c.a > c.b || (c.a == c.b && c.s > c.t)) {
        std::swap(c.a, c.b);
        std::swap(c.s, c.t);
    }
    double loop = 0, all = 0;
    for (int k = 0; k < static_cast<int>(s.pieces.size()); ++k) {
        const Cubic& piece = s.pieces[static_cast<std::size_t>(k)].curve;
        all += areaUnder(piece);
        if (k < c.a || k > c.b) continue;
        loop += areaUnder(part(piece, k == c.a ? c.s : 0, k == c.b ? c.t : 1));
    }
    return std::min(std::abs(loop), std::abs(all - loop));
}

// Pieces so short, on the screen and against the whole, that a hand would not have made them.
bool crowded(const Path& p, double unit)
{
    constexpr double piece = 2.5, share = 0.012; // px; of the diagonal
    const auto n = static_cast<double>(p.nodes.size());
    if (n < 30) return false;
    const curve::Box box = curve::bounds(p);
    const double each = curve::arcLength(p) / n;
    return each < piece * unit && each < share * std::hypot(box.width(), box.height());
}

} // namespace

std::vector<Finding> nodeFaults(const art::Artwork& a, const Sizes& sizes)
{
    std::vector<Finding> found;
    const bool filled = a.fill.colour.has_value();
    for (std::size_t k = 0; k < a.paths.size(); ++k) {
        const Path& p = a.paths[k];
        const std::size_t n = p.nodes.size();
        const auto add = [&](Fault kind, std::size_t node, double size, Mending m = Mending::safe) -> Finding& {
            Finding f;
            f.kind = kind;
            f.at = n ? p.nodes[node].at : Vec2{};
            f.size = size;
            f.path = k;
            f.node = node;
            f.mending = m;
            found.push_back(std::move(f));
            return found.back();
        };
        if (!curve::isFinite(p)) continue;
        if (withoutLength(p)) {
            // A line of no length with round ends is a dot, and meant.
            if (!(a.stroke.colour && a.stroke.cap == art::Cap::round && p.pieceCount() > 0)) add(Fault::strayPoint, 0, 0);
            continue;
        }
        for (std::size_t i = 0; i < p.pieceCount(); ++i)
            if (const double d = distance(p.nodes[i].at, p.nodes[(i + 1) % n].at); n > 2 && d <= sizes.doubled) add(Fault::doubledNode, i, d);
        for (std::size_t i = 0; i < n; ++i) {
            if (withoutSeen(p, i, sizes)) add(Fault::needlessNode, i, sizes.needless);
            if (const auto kink = kinkAt(p, i, sizes)) add(Fault::kink, i, *kink);
        }
        if (crowded(p, sizes.unit)) add(Fault::manyNodes, n / 2, static_cast<double>(n), Mending::asked);
        if (!filled) continue;
        if (!p.closed && n > 2)
            if (const double gap = distance(p.nodes.front().at, p.nodes.back().at); gap > sizes.nearlyMeet) {
                Finding& f = add(Fault::openFill, n - 1, gap, a.stroke.colour ? Mending::asked : Mending::safe);
                f.at = lerp(p.nodes.front().at, p.nodes.back().at, 0.5);
            }
        const planar::Strand strand = planar::strandOf(p, 0, true);
        const planar::Meeting meeting = planar::meetItself(strand, planar::Tolerances{}.touch);
        for (const planar::Contact& c : meeting.contacts) {
            if (c.touches || c.nodeA >= 0 || c.nodeB >= 0 || loopAt(strand, c) < sizes.leastLoop) continue;
            Finding& f = add(Fault::selfCrossing, 0, 0, a.stroke.colour ? Mending::asked : Mending::safe);
            f.at = c.at;
            break;
        }
    }
    return found;
}

} // namespace softrope::proof
