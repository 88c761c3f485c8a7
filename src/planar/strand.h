// A path made ready for the map: its pieces, and its spans, stretches so short that they turn by little.
//
// The directions of travel on a span all lie within `turn` of its chord's. Two spans whose ranges of direction do not
// overlap (modulo a half turn) meet at most once, because two meetings would give them a common chord; that makes clear
// crossings cheap and leaves only nearly parallel spans to be searched (cf. Sederberg and Meyers 1988).
#pragma once

#include "curve/path.h"

#include <vector>

namespace softrope::planar {

struct Piece {
    curve::Cubic curve; // of a straight: with its handles at the thirds, so that t is the share of its length
    int path = 0;       // index of the input path
    bool line = false;
};

struct Span {
    int piece = 0; // of its strand
    double t0 = 0, t1 = 1;
    curve::Cubic curve;
    curve::Box box; // of the control points
    curve::Vec2 along;
    double turn = 0; // radians
};
Span spanOf(const Piece& piece, int index, double t0, double t1);

struct Strand {
    std::vector<Piece> pieces;
    std::vector<Span> spans; // in order of travel
    bool closed = false;
    curve::Box box;

    int nodeCount() const { return static_cast<int>(pieces.size()) + (closed || pieces.empty() ? 0 : 1); }
    curve::Vec2 node(int i) const { return i < static_cast<int>(pieces.size()) ? pieces[static_cast<std::size_t>(i)].curve.p0 : pieces.back().curve.p3; }
};

// Pieces without length and paths that are not finite are left out. `closing` adds the chord that closes an open path.
Strand strandOf(const curve::Path& path, int index, bool closing = false);

} // namespace softrope::planar
