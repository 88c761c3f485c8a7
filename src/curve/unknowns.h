// What may move of a window of a chain, and what each of its pieces hangs on: the unknowns that settling solves for.
#pragma once

#include "curve/chain.h"

#include <Eigen/Core>

#include <array>
#include <vector>

namespace softrope::curve {

// Of a least-squares step: normal * step = gradient. The matrix is symmetric; its lower half counts.
struct Equations {
    Eigen::MatrixXd normal;
    Eigen::VectorXd gradient;
};

// A piece moves with eight things: the two ends, the two handle lengths, the two angles.
enum Mover { x0, y0, x3, y3, handleA, handleB, angleOut, angleIn, movers };

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
    std::size_t index(std::size_t j) const { return (first_ + j) % chain_.nodes.size(); }
    ChainNode& node(std::size_t j) { return chain_.nodes[index(j)]; }
    const ChainNode& node(std::size_t j) const { return chain_.nodes[index(j)]; }
    ChainPiece& piece(std::size_t j) { return chain_.pieces[index(j)]; }
    const ChainPiece& piece(std::size_t j) const { return chain_.pieces[index(j)]; }
    Cubic cubic(std::size_t j) const { return chain_.cubic(index(j)); }
    const Chain& chain() const { return chain_; }

    // Where the node's x is among the unknowns, its y after it; -1 when it stays.
    int placeOf(std::size_t j) const { return slots_[j].at; }
    // Where the first handle length of a piece that is no straight is, the second after it.
    int handlesOf(std::size_t j) const { return handle_[j]; }
    Links linksOf(std::size_t j) const;

    // A step, as far as a single one may go.
    void apply(const Eigen::VectorXd& step);
    // Lines hand their direction to the smooth nodes at their ends.
    void alignLines();

    struct Saved {
        std::vector<ChainNode> nodes;
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
    int size_ = 0;

    void place(std::size_t j);
    void linkAngle(Link& link, std::size_t j, bool outgoing) const;
};

} // namespace softrope::curve
