// Work on many lines at once, the longest first, so that none is left to one processor at the end while the others wait.
#pragma once

#include <tbb/parallel_for.h>

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <numeric>
#include <vector>

namespace softrope::curve {

// Calls work(k) once for each k below `count`, side by side; sizeOf(k) says how long each takes, in any unit.
template <class SizeOf, class Work> void longestFirst(std::size_t count, SizeOf sizeOf, Work work)
{
    std::vector<std::size_t> order(count);
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return sizeOf(a) > sizeOf(b); });
    // Taken in turn: a range that is halved would give one half of the order to each processor.
    std::atomic<std::size_t> next{0};
    tbb::parallel_for(std::size_t{0}, count, [&](std::size_t) { work(order[next++]); });
}

} // namespace softrope::curve
