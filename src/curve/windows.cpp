#include "curve/windows.h"

#include <algorithm>
#include <cmath>

namespace softrope::curve {

void Quality::add(const PieceError& e)
{
    furthest = std::max(furthest, e.furthest);
    sum += e.sumOfSquares;
    count += e.count;
    if (e.count > 0) worstMean = std::max(worstMean, std::sqrt(e.sumOfSquares / static_cast<double>(e.count)));
}

ChainWindows::Span ChainWindows::around(std::size_t k, std::size_t reach, const Chain& c) const
{
    const std::size_t n = c.nodes.size(), m = c.pieces.size();
    if (m == 0) return {};
    if (c.closed) {
        std::size_t count = std::min(2 * reach, m);
        std::size_t first = (k + m - std::min(reach, m / 2 + (m % 2))) % m;
        if (2 * reach >= m) first = (k + m - m / 2) % m;
        for (int grow = 0; grow < 3 && count < m; ++grow) {
            const std::size_t end = (first + count) % n;
            if (c.nodes[end].smooth && c.pieces[(first + count - 1) % m].line)
                ++count;
            else
                break;
        }
        for (int grow = 0; grow < 3 && count < m; ++grow) {
            if (c.nodes[first].smooth && c.pieces[first].line) {
                first = (first + m - 1) % m;
                ++count;
            } else {
                break;
            }
        }
        return {first, count};
    }
    std::size_t first = k > reach ? k - reach : 0, end = std::min(m, k + reach);
    while (first > 0 && c.nodes[first].smooth && c.pieces[first].line) --first;
    while (end < m && c.nodes[end].smooth && c.pieces[end - 1].line) ++end;
    return {first, end - first};
}

Quality ChainWindows::quality(const Chain& c, Span w, bool all) const
{
    Quality q;
    for (std::size_t j = 0; j < w.count; ++j) q.add(errorOf(c, (w.first + j) % c.pieces.size(), source_, all));
    return q;
}

Chain ChainWindows::cutOut(Span w) const
{
    Chain out;
    const std::size_t n = size(), m = pieces();
    const long whole = source_.samples.count();
    long last = -1;
    for (std::size_t j = 0; j <= w.count; ++j) {
        ChainNode c = chain_.nodes[(w.first + j) % n];
        while (c.sample <= last) c.sample += whole; // unwrapped: samples only grow along the window
        last = c.sample;
        out.nodes.push_back(c);
        if (j < w.count) out.pieces.push_back(chain_.pieces[(w.first + j) % m]);
    }
    return out;
}

void ChainWindows::putBack(Span w, const Chain& part, std::optional<std::size_t> gone)
{
    const std::size_t n = size(), m = pieces();
    const Samples& s = source_.samples;
    std::size_t from = 0;
    for (std::size_t j = 0; j <= w.count; ++j) {
        if (gone && j == *gone) continue;
        const ChainNode& c = part.nodes[from];
        ChainNode& to = chain_.nodes[(w.first + j) % n];
        if (j > 0 && j < w.count) {
            to = c;
            to.sample = s.closed ? s.wrapped(c.sample) : c.sample;
        } else if (j == 0 && !to.smooth) {
            to.out = c.out;
        } else if (j == w.count && !to.smooth) {
            to.in = c.in;
        }
        ++from;
    }
    from = 0;
    for (std::size_t j = 0; j < w.count; ++j) {
        if (gone && j == *gone) continue; // the piece after the node that went is swallowed by the one before
        chain_.pieces[(w.first + j) % m] = part.pieces[from++];
    }
    if (gone) {
        const std::size_t k = (w.first + *gone) % n;
        chain_.nodes.erase(chain_.nodes.begin() + static_cast<long>(k));
        chain_.pieces.erase(chain_.pieces.begin() + static_cast<long>(k % m));
    }
}

} // namespace softrope::curve
