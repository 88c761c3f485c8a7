// What may move of a window of a chain, and what each of its pieces hangs on: the unknowns that settling solves for.
#pragma once

#include "curve/banded.h"
#include "curve/chain.h"

#include <array>
#include <vector>

namespace softrope::curve {

// A piece moves with eight things: the two ends, and the length and the angle of each handle.
enum Mover { x0, y0, x3, y3, handleA, angleOut, handleB, angleIn, movers };
using Moves = std::array<double, movers>;

// A piece as it lies.
struct Shape {
    Cubic here;
    Vec2 out, in;        // directions of travel at its ends, unit
    double a = 0, b = 0; // handle lengths, px
    bool line = false;
};

// What a piece's own terms say of its moves.
struct PieceEquations {
    std::array<Moves, movers> normal{}; // symmetric: what is below the diagonal counts
    Moves gradient{};
    // A term that ought to be zero and grows so with each move.
    void add(const Moves& slope, double value, double weight)
    {
        for (std::size_t a = 0; a < movers; ++a) {
            const double share = weight * slope[a];
            gradient[a] -= share * value;
            for (std::size_t b = 0; b < movers; ++b) normal[a][b] += share * slope[b];
        }
    }
};

// Of a least-squares step: by piece, and by the unknowns that the pieces' moves hang on.
struct Equations {
    std::vector<PieceEquations> pieces;
    BandedEquations all;
};

// Each of these hangs on at most four unknowns of the window (an angle taken from a straight hangs on the straight's ends).
struct Link {
    int slot[4];
    double factor[4];
    int count = 0;
    void add(int to, double k)
    {
        slot[count] = to;
        factor[count++] = k;
    }
};
using Links = std::array<Link, movers>;

class Unknowns {
public:
    // Of the `count` pieces from `first` on; the two outer nodes stay.
    Unknowns(Chain& chain, std::size_t first, std::size_t count);

    int size() const { return size_; }
    std::size_t pieces() const { return handle_.size(); }
    // By their place in the window.
    std::size_t index(std::size_t j) const
    {
        const std::size_t k = first_ + j, n = chain_.nodes.size();
        return k < n ? k : k - n;
    }
    ChainNode& node(std::size_t j) { return chain_.nodes[index(j)]; }
    const ChainNode& node(std::size_t j) const { return chain_.nodes[index(j)]; }
    ChainPiece& piece(std::size_t j) { return chain_.pieces[index(j)]; }
    const ChainPiece& piece(std::size_t j) const { return chain_.pieces[index(j)]; }
    // As it lay when `lay` was called last.
    const Shape& shape(std::size_t j) const { return shapes_[j]; }
    const Chain& chain() const { return chain_; }

    // Where the node's x is among the unknowns, its y after it; -1 when it stays.
    int placeOf(std::size_t j) const { return slots_[j].at; }
    // Where the first handle length of a piece that is no straight is, the second after it.
    int handlesOf(std::size_t j) const { return handle_[j]; }
    Links linksOf(std::size_t j) const;

    // All zero, with room for terms of one piece, or of two that are neighbours.
    void begin(Equations& equations, bool neighbours) const;
    // Puts what the pieces say into what is said of the unknowns.
    void gather(Equations& equations) const;

    // A step, as far as a single one may go.
    void apply(const std::vector<double>& steps);
    // Lines hand their direction to the smooth nodes at their ends; the shapes are as the nodes and handles are now.
    void lay();
    // Directions are turned here, and written into the chain at the end: what it holds are angles, and sines are dear.
    void handAnglesBack();

    struct Saved {
        std::vector<Vec2> places, in, out;
        std::vector<ChainPiece> pieces;
    };
    void save(Saved& to) const;
    void restore(const Saved& s);

private:
    // Where each unknown of a node sits; -1 = held.
    struct Slots {
        int at = -1;
        int in = -1, out = -1;
        bool inFromLine = false, outFromLine = false; // the angle is that of the line before / after
    };
    Chain& chain_;
    std::size_t first_;
    std::vector<Slots> slots_; // by node
    std::vector<int> handle_;  // by piece
    std::vector<Shape> shapes_;
    std::vector<Vec2> in_, out_; // directions of travel by node, unit
    int size_ = 0;
    std::array<std::size_t, 2> reach_{}; // between unknowns that share terms of one piece, of two neighbours

    void place(std::size_t j);
    void measureReach();
    void alignLines();
    void linkAngle(Link& link, std::size_t j, bool outgoing) const;
};

} // namespace softrope::curve
