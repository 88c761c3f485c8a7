#include "render/blur.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <vector>

namespace softrope::render {

namespace {

using Line = std::vector<std::array<float, 4>>;

std::array<float, 4> channels(std::uint32_t v)
{
    return {static_cast<float>(v & 255), static_cast<float>((v >> 8) & 255), static_cast<float>((v >> 16) & 255), static_cast<float>(v >> 24)};
}

std::uint32_t packed(const std::array<float, 4>& c)
{
    std::uint32_t v = 0;
    for (std::size_t k = 4; k-- > 0;) v = v << 8 | static_cast<std::uint32_t>(std::clamp(std::lround(c[k]), 0L, 255L));
    return v;
}

void convolve(const Line& from, Line& to, const std::vector<float>& kernel)
{
    const int n = static_cast<int>(from.size()), r = static_cast<int>(kernel.size() / 2);
    for (int i = 0; i < n; ++i) {
        std::array<float, 4> sum{};
        for (int k = std::max(-r, -i); k <= std::min(r, n - 1 - i); ++k)
            for (std::size_t c = 0; c < 4; ++c) sum[c] += kernel[static_cast<std::size_t>(k + r)] * from[static_cast<std::size_t>(i + k)][c];
        to[static_cast<std::size_t>(i)] = sum;
    }
}

// The mean of the pixels from i - left to i + right.
void box(const Line& from, Line& to, int left, int right)
{
    const int n = static_cast<int>(from.size());
    std::array<double, 4> sum{};
    const auto put = [&](int i, double sign) {
        if (i < 0 || i >= n) return;
        for (std::size_t c = 0; c < 4; ++c) sum[c] += sign * from[static_cast<std::size_t>(i)][c];
    };
    for (int i = -left; i <= right; ++i) put(i, 1);
    const double share = 1.0 / (left + right + 1);
    for (int i = 0; i < n; ++i) {
        for (std::size_t c = 0; c < 4; ++c) to[static_cast<std::size_t>(i)][c] = static_cast<float>(sum[c] * share);
        put(i - left, -1);
        put(i + right + 1, 1);
    }
}

void blurLine(Line& line, Line& spare, double sigma, const std::vector<float>& kernel)
{
    if (!kernel.empty()) {
        convolve(line, spare, kernel);
        line.swap(spare);
        return;
    }
    const int d = static_cast<int>(std::floor(sigma * 3 * std::sqrt(2 * std::numbers::pi) / 4 + 0.5));
    if (d % 2) {
        for (int k = 0; k < 3; ++k) {
            box(line, spare, d / 2, d / 2);
            line.swap(spare);
        }
        return;
    }
    // Two of even size, off to either side, and one of the odd size above.
    box(line, spare, d / 2, d / 2 - 1);
    box(spare, line, d / 2 - 1, d / 2);
    box(line, spare, d / 2, d / 2);
    line.swap(spare);
}

} // namespace

void blur(std::uint32_t* pixels, int width, int height, int stride, double sigma)
{
    if (!(sigma > 0) || width <= 0 || height <= 0) return;
    std::vector<float> kernel;
    if (sigma < 2) {
        const int r = std::max(1, static_cast<int>(std::ceil(3 * sigma)));
        float sum = 0;
        for (int k = -r; k <= r; ++k) sum += kernel.emplace_back(static_cast<float>(std::exp(-0.5 * k * k / (sigma * sigma))));
        for (float& v : kernel) v /= sum;
    }
    Line line(static_cast<std::size_t>(width)), spare(static_cast<std::size_t>(width));
    const auto at = [&](int x, int y) -> std::uint32_t& { return pixels[static_cast<std::ptrdiff_t>(y) * stride + x]; };
    for (int y = 0; y < height; ++y) {
        for (int x = 0; x < width; ++x) line[static_cast<std::size_t>(x)] = channels(at(x, y));
        blurLine(line, spare, sigma, kernel);
        for (int x = 0; x < width; ++x) at(x, y) = packed(line[static_cast<std::size_t>(x)]);
    }
    line.resize(static_cast<std::size_t>(height));
    spare.resize(static_cast<std::size_t>(height));
    for (int x = 0; x < width; ++x) {
        for (int y = 0; y < height; ++y) line[static_cast<std::size_t>(y)] = channels(at(x, y));
        blurLine(line, spare, sigma, kernel);
        for (int y = 0; y < height; ++y) at(x, y) = packed(line[static_cast<std::size_t>(y)]);
    }
}

} // namespace softrope::render
