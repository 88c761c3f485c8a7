// The fitter's working form of a curve: nodes with tangent angles, pieces with handle lengths, each piece in charge of
// a run of samples. Smoothness is built in: a smooth node has one angle, a straight gives its direction to the smooth
// nodes at its ends. `settle` moves everything inside a window to the least-squares optimum of the orthogonal distances.
//
// Source of the method: Gauss-Newton orthogonal distance regression (Boggs, Byrd, Schnabel 1987; for Bézier curves
// Borges and Pastva 2002), with Levenberg-Marquardt damping (Marquardt 1963).
#pragma once

#include "curve/path.h"
#include "curve/samples.h"

namespace softrope::curve {

struct ChainNode {
    Vec2 at;
    double in = 0, out = 0; // directions of travel, radians; equal at a smooth node
    bool smooth = true;
    bool pinned = false; // the position is not to move: ends of an open line, measured needles
    long sample = 0;     // index of the sample it stands for
    double found = 0;    // the turn a corner was found with, radians
    bool sure = false;   // a corner that was measured (corners.h): not to be explained away
    friend bool operator==(const ChainNode&, const ChainNode&) = default;
};

struct ChainPiece {
    double a = 0, b = 0; // handle lengths at its start and its end, px
    bool line = false;
    friend bool operator==(const ChainPiece&, const ChainPiece&) = default;
};

struct Chain {
    std::vector<ChainNode> nodes;
    std::vector<ChainPiece> pieces; // piece k runs from node k to node k + 1 (wrapping when closed)
    bool closed = false;

    std::size_t next(std::size_t k) const { return (k + 1) % nodes.size(); }
    Cubic cubic(std::size_t k) const;
    friend bool operator==(const Chain&, const Chain&) = default;
};

struct ChainSource {
    const Samples& samples;
    std::vector<float> weight; // 0 where the source has rounded a corner off, else 1
};

struct PieceError {
    double furthest = 0; // px
    double sumOfSquares = 0;
    long count = 0;
    long worst = 0; // sample index
};
// Distance of the piece's samples from it; samples of weight 0 are left out unless `all`.
PieceError errorOf(const Chain& chain, std::size_t piece, const ChainSource& source, bool all = false);

// First and last sample index of a piece, unwrapped (last >= first).
struct Run {
    long first = 0, last = 0;
};
Run runOf(const Chain& chain, std::size_t piece, const Samples& s);

// What evenness weighs beside closeness when a chain is settled. The terms are in px, so that they compare with distances.
//
// Sources: the change of curvature along the curve as what the eye takes for unevenness (minimum-variation curves, Moreton and
// Sequin 1992); one-sided pieces by keeping both handles on one side of the chord (a cubic whose control polygon is convex has no
// inflection: Stone and DeRose 1989, A geometric characterization of parametric cubic curves).
struct Fairness {
    std::vector<signed char> side; // by piece: it bends to one side alone, as convexity() (gradient.h) has it; 0 = as it likes
    std::vector<double> share;     // by piece, 0..1: of what follows; all of it where there is none
    double jump = 0;               // px that a jump from none to all of the curvature at a smooth node weighs like
    double change = 0;             // px that a change of curvature by one radian along a piece weighs like
};

// Settles the `count` pieces from `first` on; the two outer nodes stay, all between may move.
void settle(Chain& chain, std::size_t first, std::size_t count, const ChainSource& source, int rounds = 12, const Fairness* fairness = nullptr);

// Handles on their nodes become exact straights; angles and handle lengths become handles.
Path toPath(const Chain& chain);

} // namespace softrope::curve
