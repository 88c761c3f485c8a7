#include "tone/components.h"

#include <tbb/parallel_for.h>

#include <algorithm>

namespace softrope::tone {

Components componentsOf(const Labels& labels)
{
    Components out;
    const int w = labels.width, h = labels.height;
    out.id = pixel::Raster<int>(w, h);
    if (labels.empty()) return out;
    struct Run {
        int from, to; // [from, to)
        int parent;
        std::uint8_t label;
    };
    std::vector<Run> runs;
    std::vector<std::size_t> rows(static_cast<std::size_t>(h) + 1, 0);
    const auto find = [&runs](int r) {
        while (runs[static_cast<std::size_t>(r)].parent != r) {
            int& parent = runs[static_cast<std::size_t>(r)].parent;
            parent = runs[static_cast<std::size_t>(parent)].parent;
            r = parent;
        }
        return r;
    };
    for (int y = 0; y < h; ++y) {
        rows[static_cast<std::size_t>(y)] = runs.size();
        const std::uint8_t* row = labels.row(y);
        for (int x = 0; x < w;) {
            const int from = x;
            while (++x < w && row[x] == row[from]) {}
            runs.push_back({from, x, static_cast<int>(runs.size()), row[from]});
        }
        if (y == 0) continue;
        std::size_t up = rows[static_cast<std::size_t>(y) - 1], here = rows[static_cast<std::size_t>(y)];
        const std::size_t upEnd = here, hereEnd = runs.size();
        while (up < upEnd && here < hereEnd) {
            if (runs[up].label == runs[here].label && runs[up].from < runs[here].to && runs[here].from < runs[up].to) {
                // The earlier one stays the root, so that numbers follow the order of meeting.
                const int a = find(static_cast<int>(up)), b = find(static_cast<int>(here));
                runs[static_cast<std::size_t>(std::max(a, b))].parent = std::min(a, b);
            }
            runs[up].to < runs[here].to ? ++up : ++here;
        }
    }
    rows[static_cast<std::size_t>(h)] = runs.size();
    std::vector<int> number(runs.size());
    for (std::size_t r = 0; r < runs.size(); ++r) {
        const auto root = static_cast<std::size_t>(find(static_cast<int>(r)));
        if (root == r) {
            number[r] = static_cast<int>(out.label.size());
            out.label.push_back(runs[r].label);
            out.pixels.push_back(0);
        }
        number[r] = number[root];
        out.pixels[static_cast<std::size_t>(number[r])] += static_cast<std::size_t>(runs[r].to - runs[r].from);
    }
    tbb::parallel_for(0, h, [&](int y) {
        int* row = out.id.row(y);
        for (std::size_t r = rows[static_cast<std::size_t>(y)]; r < rows[static_cast<std::size_t>(y) + 1]; ++r)
            std::fill(row + runs[r].from, row + runs[r].to, number[r]);
    });
    return out;
}

} // namespace softrope::tone
