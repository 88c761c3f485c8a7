// How far inside a mask its pixels lie, and the ridge of that: the middle of lines.
#pragma once

#include <opencv2/core.hpp>

#include <algorithm>

namespace softrope::trace {

// How far each pixel of a mask (CV_8U, 0 = outside) lies from the nearest pixel outside of it, px from centre to centre; 0 outside.
// Nothing lies beyond the picture's edge. Where the mask holds the whole picture: `beyondAll`.
// Exact (Meijster, Roerdink and Hesselink, "A general algorithm for computing distance transforms in linear time", 2000; the lower
// envelope as in Felzenszwalb and Huttenlocher, 2012). What lies beyond the ends of a run of mask pixels in its row is never nearer
// than those ends: rows are worked out a run at a time, which on a page of lines is next to nothing.
cv::Mat distanceMap(const cv::Mat& mask);
constexpr float beyondAll = 1e6F;

// Calls each(x, y, distance) for every pixel more than `over` px deep with none deeper about it: the ridge of the map, row by row.
template <class Each> void alongRidge(const cv::Mat& far, float over, Each each)
{
    for (int y = 0; y < far.rows; ++y) {
        const float* f = far.ptr<float>(y);
        for (int x = 0; x < far.cols; ++x) {
            if (f[x] <= over) continue;
            bool deepest = true;
            for (int j = std::max(0, y - 1); deepest && j <= std::min(far.rows - 1, y + 1); ++j)
                for (int i = std::max(0, x - 1); i <= std::min(far.cols - 1, x + 1); ++i) deepest = deepest && far.ptr<float>(j)[i] <= f[x];
            if (deepest) each(x, y, f[x]);
        }
    }
}

} // namespace softrope::trace
