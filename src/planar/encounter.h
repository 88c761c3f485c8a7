// Two strands while it is found out where they meet, and what has been found so far. The steps, in this order: ends and corners
// on the other strand, common runs between those, then crossings and touches of each pair of pieces.
#pragma once

#include "planar/meet.h"

#include <utility>
#include <vector>

namespace softrope::planar {

struct Encounter {
    const Strand &a, &b;
    double touch;
    bool itself; // a and b are one strand
    Meeting found{};

    const Piece& pieceA(int i) const { return a.pieces[static_cast<std::size_t>(i)]; }
    const Piece& pieceB(int i) const { return b.pieces[static_cast<std::size_t>(i)]; }

    void add(int i, int j, double s, double t, curve::Vec2 p, bool touches = false)
    {
        if (itself && sameJoint(i, j, p)) return;
        found.contacts.push_back({i, j, s, t, p, -1, -1, touches});
    }

    // The joint of two pieces that follow each other is no contact.
    bool sameJoint(int i, int j, curve::Vec2 p) const
    {
        const int n = static_cast<int>(a.pieces.size());
        const auto follows = [&](int k, int l) { return l == k + 1 || (a.closed && k == n - 1 && l == 0); };
        return (follows(i, j) && distance(pieceA(i).curve.p3, p) < touch) || (follows(j, i) && distance(pieceA(i).curve.p0, p) < touch);
    }
};

using SpanPair = std::pair<const Span*, const Span*>;

void meetNodes(Encounter& e);
// Places that a pair of pieces shares, with nothing but touch between: they run together. Wants the nodes found.
void findRuns(Encounter& e);
// Crossings and touches of the spans in `pairs`, which are put in order of their pieces.
void meetPieces(Encounter& e, std::vector<SpanPair>& pairs);

} // namespace softrope::planar
