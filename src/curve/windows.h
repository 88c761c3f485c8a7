// Stretches of a chain looked at by themselves: how near they lie, and trying something on them that may be thrown away.
#pragma once

#include "curve/chain.h"

#include <cmath>
#include <optional>

namespace softrope::curve {

struct Quality {
    double furthest = 0; // px
    double sum = 0;
    long count = 0;
    double worstMean = 0; // largest root mean square of a piece
    void add(const PieceError& e);
    double rms() const { return count > 0 ? std::sqrt(sum / static_cast<double>(count)) : 0; }
};

class ChainWindows {
protected:
    ChainWindows(Chain& chain, const ChainSource& source) : chain_(chain), source_(source) {}

    Chain& chain_;
    const ChainSource& source_;

    std::size_t size() const { return chain_.nodes.size(); }
    std::size_t pieces() const { return chain_.pieces.size(); }

    // `count` pieces from `first` on.
    struct Span {
        std::size_t first = 0, count = 0;
    };
    // The window of `reach` pieces to either side of node k, widened so that it does not end on a straight's smooth end.
    Span around(std::size_t k, std::size_t reach, const Chain& c) const;
    Quality quality(const Chain& c, Span w, bool all = false) const;
    // The window as an open chain of its own, so that trying something costs nothing but the window.
    Chain cutOut(Span w) const;
    // Puts a window back that has lost the node at place `gone`, or none.
    void putBack(Span w, const Chain& part, std::optional<std::size_t> gone);
};

} // namespace softrope::curve
