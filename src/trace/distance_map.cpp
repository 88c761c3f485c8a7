#include "trace/distance_map.h"

#include <tbb/parallel_for.h>

#include <cmath>
#include <vector>

namespace softrope::trace {

namespace {

// In each column: how far up or down the next pixel outside lies.
void measureColumns(const cv::Mat& mask, cv::Mat& far)
{
    constexpr int wide = 1024; // columns at a time: long enough for rows to be read in one go
    tbb::parallel_for(0, (mask.cols + wide - 1) / wide, [&](int k) {
        const int from = k * wide, to = std::min(mask.cols, from + wide);
        const auto row = [&](int y, auto above) {
            const unsigned char* m = mask.ptr(y);
            float* f = far.ptr<float>(y);
            for (int x = from; x < to; ++x) f[x] = m[x] ? above(x) + 1 : 0.0F;
        };
        row(0, [](int) { return beyondAll; });
        for (int y = 1; y < mask.rows; ++y) {
            const float* up = far.ptr<float>(y - 1);
            row(y, [up](int x) { return up[x]; });
        }
        for (int y = mask.rows - 2; y >= 0; --y) {
            const float* down = far.ptr<float>(y + 1);
            float* f = far.ptr<float>(y);
            for (int x = from; x < to; ++x) f[x] = std::min(f[x], down[x] + 1);
        }
    });
}

// The lower envelope of the parabolas that stand on the columns of a run.
class Envelope {
public:
    // Turns what each column says of itself, f[0..n), into the distances to the nearest pixel outside in any column. The pixels before
    // and behind the run are outside if there are any.
    void measure(float* f, int n, bool outsideBefore, bool outsideBehind)
    {
        feet_.clear();
        if (outsideBefore) add(-1, 0);
        for (int x = 0; x < n; ++x)
            if (f[x] < beyondAll) add(x, double{f[x]} * f[x]);
        if (outsideBehind) add(n, 0);
        if (feet_.empty()) {
            std::fill(f, f + n, beyondAll);
            return;
        }
        std::size_t k = 0;
        for (int x = 0; x < n; ++x) {
            while (k + 1 < feet_.size() && feet_[k + 1].from < x) ++k;
            const double d = x - feet_[k].at;
            f[x] = std::sqrt(static_cast<float>(d * d + feet_[k].height));
        }
    }

private:
    struct Foot {
        int at;
        double height; // px^2
        double from;   // it is the lowest from here on
    };
    void add(int at, double height)
    {
        double from = -2;
        while (!feet_.empty()) {
            const Foot& last = feet_.back();
            from = (height + double{1} * at * at - last.height - double{1} * last.at * last.at) / (2.0 * (at - last.at));
            if (from > last.from) break;
            feet_.pop_back();
            from = -2;
        }
        feet_.push_back({at, height, from});
    }

    std::vector<Foot> feet_;
};

} // namespace

cv::Mat distanceMap(const cv::Mat& mask)
{
    cv::Mat far(mask.size(), CV_32F);
    if (mask.empty()) return far;
    measureColumns(mask, far);
    constexpr int strip = 64; // rows at a time
    tbb::parallel_for(0, (mask.rows + strip - 1) / strip, [&](int k) {
        Envelope envelope;
        for (int y = k * strip; y < std::min(mask.rows, (k + 1) * strip); ++y) {
            const unsigned char* m = mask.ptr(y);
            for (int x = 0; x < mask.cols; ++x) {
                if (!m[x]) continue;
                const int from = x;
                while (x < mask.cols && m[x]) ++x;
                envelope.measure(far.ptr<float>(y) + from, x - from, from > 0, x < mask.cols);
            }
        }
    });
    return far;
}

} // namespace softrope::trace
