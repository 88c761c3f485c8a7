#include "curve/unknowns.h"

#include <algorithm>
#include <cmath>
#include <iterator>

namespace softrope::curve {

namespace {

// By up to half a radian, to 1e-13: there the series end soon.
Vec2 turned(Vec2 d, double angle)
{
    const double q = angle * angle;
    const double cosine = 1 - q / 2 * (1 - q / 12 * (1 - q / 30 * (1 - q / 56 * (1 - q / 90 * (1 - q / 132)))));
    const double sine = angle * (1 - q / 6 * (1 - q / 20 * (1 - q / 42 * (1 - q / 72 * (1 - q / 110)))));
    return {d.x * cosine - d.y * sine, d.x * sine + d.y * cosine};
}

} // namespace

Unknowns::Unknowns(Chain& chain, std::size_t first, std::size_t count)
    : chain_(chain), first_(first % chain.nodes.size()), slots_(count + 1), handle_(count, -1), shapes_(count)
{
    for (std::size_t j = 0; j <= count; ++j) {
        const ChainNode& n = node(j);
        in_.push_back(direction(n.in));
        out_.push_back(n.out == n.in ? in_.back() : direction(n.out));
    }
    // Node by node along the line, so that only near ones meet.
    for (std::size_t j = 0; j <= count; ++j) {
        place(j);
        if (j == count || piece(j).line) continue;
        handle_[j] = size_;
        size_ += 2;
    }
    measureReach();
}

void Unknowns::measureReach()
{
    struct Extent {
        int least, most;
    };
    Extent before{size_, -1};
    for (std::size_t j = 0; j < pieces(); ++j) {
        Extent own{size_, -1};
        for (const Link& link : linksOf(j))
            for (int k = 0; k < link.count; ++k) own = {std::min(own.least, link.slot[k]), std::max(own.most, link.slot[k])};
        const Extent both{std::min(own.least, before.least), std::max(own.most, before.most)};
        for (std::size_t k = 0; k < 2; ++k) {
            const Extent& e = k == 0 ? own : both;
            if (e.most > e.least) reach_[k] = std::max(reach_[k], static_cast<std::size_t>(e.most - e.least));
        }
        before = own;
    }
}

void Unknowns::begin(Equations& equations, bool neighbours) const
{
    equations.pieces.assign(pieces(), {});
    equations.all.reset(static_cast<std::size_t>(size_), reach_[neighbours ? 1 : 0]);
}

void Unknowns::gather(Equations& equations) const
{
    struct Entry {
        Mover mover;
        std::size_t slot;
        double factor;
    };
    for (std::size_t j = 0; j < pieces(); ++j) {
        const Links links = linksOf(j);
        std::array<Entry, movers * std::size(Link{}.slot)> entries;
        std::size_t count = 0;
        for (std::size_t m = 0; m < movers; ++m)
            for (int k = 0; k < links[m].count; ++k) entries[count++] = {static_cast<Mover>(m), static_cast<std::size_t>(links[m].slot[k]), links[m].factor[k]};
        const PieceEquations& own = equations.pieces[j];
        for (std::size_t i = 0; i < count; ++i) {
            const Entry& e = entries[i];
            equations.all.gradient(e.slot) += e.factor * own.gradient[e.mover];
            equations.all.normal(e.slot, e.slot) += e.factor * e.factor * own.normal[e.mover][e.mover];
            for (std::size_t k = 0; k < i; ++k) {
                const Entry& o = entries[k];
                const double share = e.factor * o.factor * own.normal[e.mover][o.mover];
                if (e.slot == o.slot)
                    equations.all.normal(e.slot, e.slot) += 2 * share;
                else
                    equations.all.normal(std::max(e.slot, o.slot), std::min(e.slot, o.slot)) += share;
            }
        }
    }
}

void Unknowns::place(std::size_t j)
{
    const ChainNode& n = node(j);
    const bool outer = j == 0 || j == pieces();
    Slots& slot = slots_[j];
    if (!outer && !n.pinned) {
        slot.at = size_;
        size_ += 2;
    }
    const bool lineBefore = j > 0 && piece(j - 1).line, lineAfter = j < pieces() && piece(j).line;
    if (n.smooth) {
        // At the window's rim the tangent belongs to the outside too, unless the open line ends here.
        if (outer) return;
        if (lineBefore)
            slot.outFromLine = true;
        else if (lineAfter)
            slot.inFromLine = true;
        else
            slot.in = slot.out = size_++;
        return;
    }
    if (j > 0 && !lineBefore) slot.in = size_++;
    if (j < pieces() && !lineAfter) slot.out = size_++;
}

void Unknowns::linkAngle(Link& link, std::size_t j, bool outgoing) const
{
    const Slots& slot = slots_[j];
    const int own = outgoing ? slot.out : slot.in;
    if (own >= 0) {
        link.add(own, 1);
        return;
    }
    if (!(outgoing ? slot.outFromLine : slot.inFromLine)) return;
    const std::size_t u = outgoing ? j - 1 : j, v = u + 1;
    const Vec2 d = node(v).at - node(u).at;
    const double len = std::max(length(d), 1e-6);
    const Vec2 side = perpendicular(d / len) / len;
    if (slots_[v].at >= 0) {
        link.add(slots_[v].at, side.x);
        link.add(slots_[v].at + 1, side.y);
    }
    if (slots_[u].at >= 0) {
        link.add(slots_[u].at, -side.x);
        link.add(slots_[u].at + 1, -side.y);
    }
}

Links Unknowns::linksOf(std::size_t j) const
{
    Links l;
    if (slots_[j].at >= 0) {
        l[x0].add(slots_[j].at, 1);
        l[y0].add(slots_[j].at + 1, 1);
    }
    if (slots_[j + 1].at >= 0) {
        l[x3].add(slots_[j + 1].at, 1);
        l[y3].add(slots_[j + 1].at + 1, 1);
    }
    if (piece(j).line) return l;
    l[handleA].add(handle_[j], 1);
    l[handleB].add(handle_[j] + 1, 1);
    linkAngle(l[angleOut], j, true);
    linkAngle(l[angleIn], j + 1, false);
    return l;
}

void Unknowns::apply(const std::vector<double>& steps)
{
    constexpr double reach = 4; // px a node may move in one step
    const auto step = [&](int k) { return steps[static_cast<std::size_t>(k)]; };
    for (std::size_t j = 0; j <= pieces(); ++j) {
        const Slots& slot = slots_[j];
        ChainNode& n = node(j);
        if (slot.at >= 0) {
            const Vec2 move{step(slot.at), step(slot.at + 1)};
            const double len = length(move);
            n.at += len > reach ? move * (reach / len) : move;
        }
        const auto turn = [&](Vec2& d, int k) { d = turned(d, std::clamp(step(k), -0.5, 0.5)); };
        if (slot.in >= 0 && slot.in == slot.out) {
            turn(in_[j], slot.in);
            out_[j] = in_[j];
        } else {
            if (slot.in >= 0) turn(in_[j], slot.in);
            if (slot.out >= 0) turn(out_[j], slot.out);
        }
    }
    for (std::size_t j = 0; j < pieces(); ++j) {
        if (piece(j).line) continue;
        const double chord = distance(node(j).at, node(j + 1).at);
        const double least = std::min(0.05 * chord, 1.0), most = 1.0 * chord + 0.5;
        piece(j).a = std::clamp(piece(j).a + step(handle_[j]), least, most);
        piece(j).b = std::clamp(piece(j).b + step(handle_[j] + 1), least, most);
    }
}

void Unknowns::alignLines()
{
    for (std::size_t j = 0; j < pieces(); ++j) {
        if (!piece(j).line) continue;
        const Vec2 way = node(j + 1).at - node(j).at;
        const double len = length(way);
        const Vec2 d = len > 0 ? way / len : Vec2{1, 0};
        out_[j] = in_[j + 1] = d;
        if (j > 0 && node(j).smooth) in_[j] = d;
        if (j + 1 < pieces() && node(j + 1).smooth) out_[j + 1] = d;
    }
}

void Unknowns::lay()
{
    alignLines();
    for (std::size_t j = 0; j < pieces(); ++j) {
        const Vec2 u = node(j).at, v = node(j + 1).at;
        const ChainPiece& p = piece(j);
        const Vec2 out = out_[j], in = in_[j + 1];
        shapes_[j] = {p.line ? straight(u, v) : Cubic{u, u + out * p.a, v - in * p.b, v}, out, in, p.a, p.b, p.line};
    }
}

void Unknowns::handAnglesBack()
{
    for (std::size_t j = 0; j <= pieces(); ++j) {
        ChainNode& n = node(j);
        const bool lineBefore = j > 0 && piece(j - 1).line, lineAfter = j < pieces() && piece(j).line, inside = j > 0 && j < pieces();
        const bool smooth = n.smooth && inside;
        const bool in = slots_[j].in >= 0 || lineBefore || (smooth && lineAfter), out = slots_[j].out >= 0 || lineAfter || (smooth && lineBefore);
        if (in) n.in = angleOf(in_[j]);
        if (out) n.out = in && in_[j] == out_[j] ? n.in : angleOf(out_[j]);
    }
}

void Unknowns::save(Saved& to) const
{
    to.places.clear();
    to.pieces.clear();
    for (std::size_t j = 0; j <= pieces(); ++j) to.places.push_back(node(j).at);
    for (std::size_t j = 0; j < pieces(); ++j) to.pieces.push_back(piece(j));
    to.in = in_;
    to.out = out_;
}

void Unknowns::restore(const Saved& s)
{
    for (std::size_t j = 0; j <= pieces(); ++j) node(j).at = s.places[j];
    for (std::size_t j = 0; j < pieces(); ++j) piece(j) = s.pieces[j];
    in_ = s.in;
    out_ = s.out;
}

} // namespace softrope::curve
