#include "curve/edit.h"

#include <algorithm>

namespace softrope::curve {

namespace {

std::size_t previous(const Path& p, std::size_t i)
{
    return (i + p.nodes.size() - 1) % p.nodes.size();
}
std::size_t following(const Path& p, std::size_t i)
{
    return (i + 1) % p.nodes.size();
}
bool hasBefore(const Path& p, std::size_t i)
{
    return p.nodes.size() > 1 && (p.closed || i > 0);
}
bool hasAfter(const Path& p, std::size_t i)
{
    return p.nodes.size() > 1 && (p.closed || i + 1 < p.nodes.size());
}

// Turns the other handle of a smooth node to face the one that moved.
void alignOther(Node& n, HandleSide moved)
{
    Vec2& other = moved == HandleSide::in ? n.out : n.in;
    const Vec2 lead = (moved == HandleSide::in ? n.in : n.out) - n.at;
    const double len = distance(n.at, other);
    if (len > 0 && squaredLength(lead) > 0) other = n.at - unit(lead) * len;
}

} // namespace

Inserted withNodeAt(const Path& path, const Place& place)
{
    if (place.piece >= path.pieceCount()) return {path, 0};
    Inserted out{path, place.piece + 1};
    const Cubic c = path.piece(place.piece);
    Node n;
    if (isStraight(c)) {
        n = cornerAt(at(c, place.t));
    } else {
        const Halves h = split(c, std::clamp(place.t, 0.0, 1.0));
        n = {h.first.p3, h.first.p2, h.second.p1, NodeKind::smooth};
        out.path.nodes[place.piece].out = h.first.p1;
        out.path.nodes[following(path, place.piece)].in = h.second.p2;
    }
    out.path.nodes.insert(out.path.nodes.begin() + static_cast<long>(place.piece) + 1, n);
    return out;
}

Path smoothed(const Path& path, std::size_t i)
{
    if (i >= path.nodes.size()) return path;
    Path out = path;
    Node& n = out.nodes[i];
    n.kind = NodeKind::smooth;
    if (!hasBefore(path, i) || !hasAfter(path, i)) return out;
    const Cubic before = path.piece(previous(path, i)), after = path.piece(i);
    const Vec2 u = endTangent(before), v = startTangent(after);
    Vec2 d = unit(u + v);
    if (squaredLength(d) == 0) d = perpendicular(u);
    // Beside a straight the tangent is the straight's; between two straights both sides bend.
    if (isStraight(before) && !isStraight(after)) d = u;
    if (isStraight(after) && !isStraight(before)) d = v;
    const auto reach = [](double handle, const Cubic& c) { return handle > 0 ? handle : distance(c.p0, c.p3) / 3; };
    const bool keepIn = isStraight(before) && !isStraight(after), keepOut = isStraight(after) && !isStraight(before);
    if (!keepIn) n.in = n.at - d * reach(distance(n.at, n.in), before);
    if (!keepOut) n.out = n.at + d * reach(distance(n.at, n.out), after);
    return out;
}

Path cornered(const Path& path, std::size_t i)
{
    if (i >= path.nodes.size()) return path;
    Path out = path;
    out.nodes[i].kind = NodeKind::corner;
    return out;
}

Path withNodeMoved(const Path& path, std::size_t i, Vec2 by)
{
    if (i >= path.nodes.size()) return path;
    Path out = path;
    Node& n = out.nodes[i];
    n.at += by;
    n.in += by;
    n.out += by;
    return out;
}

Path withHandleMoved(const Path& path, std::size_t i, HandleSide side, Vec2 to, bool broken)
{
    if (i >= path.nodes.size()) return path;
    Path out = path;
    Node& n = out.nodes[i];
    (side == HandleSide::in ? n.in : n.out) = to;
    if (broken)
        n.kind = NodeKind::corner;
    else if (n.kind == NodeKind::smooth)
        alignOther(n, side);
    return out;
}

Path bent(const Path& path, std::size_t piece, double t, Vec2 through)
{
    if (piece >= path.pieceCount()) return path;
    Path out = path;
    Node &a = out.nodes[piece], &b = out.nodes[following(path, piece)];
    Cubic c = path.piece(piece);
    t = std::clamp(t, 0.05, 0.95);
    if (isStraight(c)) {
        // The same straight with handles at its thirds runs evenly: the place on it keeps its share of the length.
        t = std::clamp(t * t * (3 - 2 * t), 0.05, 0.95);
        c = {c.p0, lerp(c.p0, c.p3, 1.0 / 3), lerp(c.p0, c.p3, 2.0 / 3), c.p3};
    }
    const Vec2 off = through - at(c, t);
    const double b1 = 3 * (1 - t) * (1 - t) * t, b2 = 3 * (1 - t) * t * t;
    const double norm = b1 * b1 + b2 * b2;
    a.out = c.p1 + off * (b1 / norm);
    b.in = c.p2 + off * (b2 / norm);
    if (a.kind == NodeKind::smooth) alignOther(a, HandleSide::out);
    if (b.kind == NodeKind::smooth) alignOther(b, HandleSide::in);
    return out;
}

Path straightened(const Path& path, std::size_t piece)
{
    if (piece >= path.pieceCount()) return path;
    Path out = path;
    Node &a = out.nodes[piece], &b = out.nodes[following(path, piece)];
    a.out = a.at;
    b.in = b.at;
    a.kind = b.kind = NodeKind::corner;
    return out;
}

Path merged(const Path& path, std::size_t kept, std::size_t gone)
{
    const std::size_t n = path.nodes.size();
    if (kept >= n || gone >= n || kept == gone || n < 3) return path;
    Path out = path;
    std::size_t first = kept, second = gone;
    if (following(path, second) == first) std::swap(first, second);
    const bool ends = !path.closed && ((first == n - 1 && second == 0) || (first == 0 && second == n - 1));
    if (following(path, first) != second && !ends) return path;
    if (ends) {
        first = n - 1;
        second = 0;
    }
    const Node u = path.nodes[first], v = path.nodes[second];
    const Vec2 meet = lerp(u.at, v.at, 0.5);
    Node m{meet, u.in + (meet - u.at), v.out + (meet - v.at), NodeKind::corner};
    const Vec2 p = m.at - m.in, q = m.out - m.at;
    if (squaredLength(p) > 0 && squaredLength(q) > 0 && std::abs(turn(p, q)) < 0.02) m.kind = NodeKind::smooth;
    out.nodes[first] = m;
    out.nodes.erase(out.nodes.begin() + static_cast<long>(second));
    if (ends) out.closed = true;
    return out;
}

Path openedAt(const Path& path, std::size_t i)
{
    if (!path.closed || i >= path.nodes.size()) return path;
    Path out;
    for (std::size_t k = 0; k <= path.nodes.size(); ++k) out.nodes.push_back(path.nodes[(i + k) % path.nodes.size()]);
    out.nodes.front().kind = out.nodes.back().kind = NodeKind::corner;
    out.nodes.front().in = out.nodes.front().at;
    out.nodes.back().out = out.nodes.back().at;
    return out;
}

Paths withoutPiece(const Path& path, std::size_t piece)
{
    if (piece >= path.pieceCount()) return {path};
    if (path.closed) {
        Path open = openedAt(path, following(path, piece));
        // Opened after the piece, it is the last one: its end is dropped.
        open.nodes.pop_back();
        if (!open.nodes.empty()) open.nodes.back().out = open.nodes.back().at;
        if (open.nodes.size() < 2) return {};
        return {open};
    }
    Paths out;
    Path head, tail;
    head.nodes.assign(path.nodes.begin(), path.nodes.begin() + static_cast<long>(piece) + 1);
    tail.nodes.assign(path.nodes.begin() + static_cast<long>(piece) + 1, path.nodes.end());
    for (Path* p : {&head, &tail}) {
        if (p->nodes.size() < 2) continue;
        p->nodes.front().in = p->nodes.front().at;
        p->nodes.back().out = p->nodes.back().at;
        p->nodes.front().kind = p->nodes.back().kind = NodeKind::corner;
        out.push_back(*p);
    }
    return out;
}

void markKinds(Path& path)
{
    for (std::size_t i = 0; i < path.nodes.size(); ++i) {
        Node& n = path.nodes[i];
        n.kind = NodeKind::corner;
        const bool rim = !path.closed && (i == 0 || i + 1 == path.nodes.size());
        if (rim || path.nodes.size() < 2) continue;
        const std::size_t before = (i + path.nodes.size() - 1) % path.nodes.size();
        const Cubic a = path.piece(before), b = path.piece(i);
        if (isStraight(a) && isStraight(b)) continue;
        const Vec2 u = endTangent(a), v = startTangent(b);
        if (std::abs(turn(u, v)) < 0.01) n.kind = NodeKind::smooth;
    }
}

} // namespace softrope::curve
