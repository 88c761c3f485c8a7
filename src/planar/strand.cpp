#include "planar/strand.h"

namespace softrope::planar {

using namespace curve;

namespace {

constexpr double mostTurn = 0.2; // radians: half the range of directions on a span

Box hull(const Cubic& c)
{
    Box b;
    for (const Vec2 p : {c.p0, c.p1, c.p2, c.p3}) b.add(p);
    return b;
}

// Largest angle between the chord and the legs of the control polygon, a little over; pi when a leg runs back.
double turnOf(const Cubic& c, Vec2 along)
{
    double most = 0;
    for (const Vec2 leg : {c.p1 - c.p0, c.p2 - c.p1, c.p3 - c.p2}) {
        if (squaredLength(leg) == 0) continue;
        const double ahead = dot(along, leg);
        if (!(ahead > 0)) return pi;
        most = std::max(most, std::abs(cross(along, leg)) / ahead); // the tangent: a little more than the angle
    }
    return most;
}

// A straight travelled evenly: t is the share of its length.
Cubic evenStraight(Vec2 a, Vec2 b)
{
    return {a, lerp(a, b, 1.0 / 3), lerp(a, b, 2.0 / 3), b};
}

void cutUp(const Piece& piece, int index, double t0, double t1, int depth, std::vector<Span>& into)
{
    Span s = spanOf(piece, index, t0, t1);
    if (s.turn <= mostTurn || depth == 0) {
        into.push_back(s);
        return;
    }
    const double mid = 0.5 * (t0 + t1);
    cutUp(piece, index, t0, mid, depth - 1, into);
    cutUp(piece, index, mid, t1, depth - 1, into);
}

} // namespace

Span spanOf(const Piece& piece, int index, double t0, double t1)
{
    Span s;
    s.piece = index;
    s.t0 = t0;
    s.t1 = t1;
    s.curve = t0 == 0 && t1 == 1 ? piece.curve : part(piece.curve, t0, t1);
    s.box = hull(s.curve);
    s.along = unit(s.curve.p3 - s.curve.p0);
    s.turn = piece.line ? 0 : turnOf(s.curve, s.along);
    return s;
}

Strand strandOf(const Path& path, int index, bool closing)
{
    Strand strand;
    strand.closed = path.closed || closing;
    if (!isFinite(path)) return strand;
    const auto add = [&](const Cubic& c) {
        if (c.p0 == c.p3 && c.p1 == c.p0 && c.p2 == c.p0) return; // no length
        strand.pieces.push_back({isStraight(c) ? evenStraight(c.p0, c.p3) : c, index, isStraight(c)});
        strand.box.add(hull(c));
    };
    for (std::size_t i = 0; i < path.pieceCount(); ++i) add(path.piece(i));
    if (closing && !path.closed && path.nodes.size() > 1) add(straight(path.nodes.back().at, path.nodes.front().at));
    for (std::size_t i = 0; i < strand.pieces.size(); ++i) cutUp(strand.pieces[i], static_cast<int>(i), 0, 1, 12, strand.spans);
    return strand;
}

} // namespace softrope::planar
