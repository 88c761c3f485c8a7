#include "curve/unknowns.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

Unknowns::Unknowns(Chain& chain, std::size_t first, std::size_t count) : chain_(chain), first_(first), slots_(count + 1), handle_(count, -1)
{
    for (std::size_t j = 0; j <= count; ++j) place(j);
    for (std::size_t j = 0; j < count; ++j)
        if (!piece(j).line) {
            handle_[j] = size_;
            size_ += 2;
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

void Unknowns::apply(const Eigen::VectorXd& step)
{
    constexpr double reach = 4; // px a node may move in one step
    for (std::size_t j = 0; j <= pieces(); ++j) {
        const Slots& slot = slots_[j];
        ChainNode& n = node(j);
        if (slot.at >= 0) {
            const Vec2 move{step(slot.at), step(slot.at + 1)};
            const double len = length(move);
            n.at += len > reach ? move * (reach / len) : move;
        }
        const auto turned = [&](int k) { return std::clamp(step(k), -0.5, 0.5); };
        if (slot.in >= 0 && slot.in == slot.out) {
            n.in = n.out = n.in + turned(slot.in);
        } else {
            if (slot.in >= 0) n.in += turned(slot.in);
            if (slot.out >= 0) n.out += turned(slot.out);
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
        const double a = angleOf(node(j + 1).at - node(j).at);
        node(j).out = a;
        node(j + 1).in = a;
        if (j > 0 && node(j).smooth) node(j).in = a;
        if (j + 1 < pieces() && node(j + 1).smooth) node(j + 1).out = a;
    }
}

void Unknowns::save(Saved& to) const
{
    to.nodes.clear();
    to.pieces.clear();
    for (std::size_t j = 0; j <= pieces(); ++j) to.nodes.push_back(node(j));
    for (std::size_t j = 0; j < pieces(); ++j) to.pieces.push_back(piece(j));
}

void Unknowns::restore(const Saved& s)
{
    for (std::size_t j = 0; j <= pieces(); ++j) node(j) = s.nodes[j];
    for (std::size_t j = 0; j < pieces(); ++j) piece(j) = s.pieces[j];
}

} // namespace softrope::curve
