#include "pixel/lighting.h"

#include "pixel/threshold.h"

#include <opencv2/imgproc.hpp>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::pixel {

float PaperField::at(double x, double y) const
{
    const double u = std::clamp(x / tile - 0.5, 0.0, level.width - 1.0), v = std::clamp(y / tile - 0.5, 0.0, level.height - 1.0);
    const int i = std::min(static_cast<int>(u), level.width - 1), j = std::min(static_cast<int>(v), level.height - 1);
    const int i1 = std::min(i + 1, level.width - 1), j1 = std::min(j + 1, level.height - 1);
    const auto fx = static_cast<float>(u - i), fy = static_cast<float>(v - j);
    const float top = level.at(i, j) * (1 - fx) + level.at(i1, j) * fx;
    const float bottom = level.at(i, j1) * (1 - fx) + level.at(i1, j1) * fx;
    return top * (1 - fy) + bottom * fy;
}

namespace {

struct Tile {
    Histogram h{};
    std::uint64_t all = 0; // px
};
Tile tileAt(const Grey& g, int x0, int y0, int tile)
{
    Tile t;
    const int x1 = std::min(g.width, x0 + tile), y1 = std::min(g.height, y0 + tile);
    for (int y = y0; y < y1; ++y)
        for (const std::uint8_t *v = g.row(y) + x0, *end = g.row(y) + x1; v != end; ++v) ++t.h[*v];
    t.all = static_cast<std::uint64_t>(x1 - x0) * static_cast<std::uint64_t>(y1 - y0);
    return t;
}

// Median of the light pixels of a tile, or a negative value when it has too few of them.
float tilePaper(const Tile& tile, int cut)
{
    const auto& [h, all] = tile;
    std::uint64_t light = 0;
    for (int v = cut + 1; v < 256; ++v) light += h[static_cast<std::size_t>(v)];
    if (light * 5 < all) return -1;
    // Soft ink edges pull the light values down: the upper middle is the paper.
    std::uint64_t seen = 0;
    for (int v = 255; v > cut; --v) {
        seen += h[static_cast<std::size_t>(v)];
        if (seen * 5 >= light * 2) return static_cast<float>(v);
    }
    return -1;
}

// Tiles without paper take the mean of those beside them, ring by ring.
void fillIn(Raster<float>& level, float fallback)
{
    bool open = true;
    for (int round = 0; open && round < level.width + level.height; ++round) {
        open = false;
        const Raster<float> before = level;
        for (int y = 0; y < level.height; ++y)
            for (int x = 0; x < level.width; ++x) {
                if (before.at(x, y) >= 0) continue;
                float sum = 0;
                int n = 0;
                for (int dy = -1; dy <= 1; ++dy)
                    for (int dx = -1; dx <= 1; ++dx)
                        if (before.inside(x + dx, y + dy) && before.at(x + dx, y + dy) >= 0) {
                            sum += before.at(x + dx, y + dy);
                            ++n;
                        }
                if (n > 0)
                    level.at(x, y) = sum / static_cast<float>(n);
                else
                    open = true;
            }
    }
    for (float& v : level.data)
        if (v < 0) v = fallback;
}

// How light it is at each tile, drawn lines and dark shapes of a few tiles left out: an upper value of each, closed (Serra 1982).
cv::Mat brightness(const Raster<Tile>& tiles)
{
    cv::Mat m(tiles.height, tiles.width, CV_32F);
    for (int y = 0; y < m.rows; ++y)
        for (int x = 0; x < m.cols; ++x) {
            const auto& [h, all] = tiles.at(x, y);
            std::uint64_t seen = 0;
            int v = 255;
            while (v > 0 && (seen += h[static_cast<std::size_t>(v)]) * 4 < all) --v;
            m.at<float>(y, x) = static_cast<float>(v);
        }
    cv::morphologyEx(m, m, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_RECT, {7, 7}), {-1, -1}, 1, cv::BORDER_REFLECT);
    return m;
}

} // namespace

PaperField paperField(const Grey& grey, int tile)
{
    PaperField field;
    field.tile = std::max(4, tile);
    field.level = Raster<float>(std::max(1, (grey.width + field.tile - 1) / field.tile), std::max(1, (grey.height + field.tile - 1) / field.tile), -1.0F);
    if (grey.empty()) return field;
    const Histogram h = histogram(grey);
    const int cut = otsu(h);
    const Levels l = levels(h, cut);
    // One cut for the whole would part a shadowed side of the paper from its light one: each place has its own, below what is light there.
    // What stays far darker than the light of the whole, over more than a few tiles, is no paper.
    Raster<Tile> tiles(field.level.width, field.level.height);
    tbb::parallel_for(0, tiles.height, [&](int y) {
        for (int x = 0; x < tiles.width; ++x) tiles.at(x, y) = tileAt(grey, x * field.tile, y * field.tile, field.tile);
    });
    const cv::Mat bright = brightness(tiles);
    constexpr double belowLight = 0.8, noPaper = 0.55;
    const double whole = std::max(l.light, static_cast<double>(cut));
    for (int y = 0; y < field.level.height; ++y)
        for (int x = 0; x < field.level.width; ++x) {
            const double here = bright.at<float>(y, x);
            field.level.at(x, y) = here < noPaper * whole ? -1 : tilePaper(tiles.at(x, y), static_cast<int>(belowLight * here));
        }
    fillIn(field.level, static_cast<float>(l.light));
    cv::Mat m(field.level.height, field.level.width, CV_32F, field.level.data.data());
    if (field.level.width > 2 && field.level.height > 2) {
        cv::Mat calm;
        cv::medianBlur(m, calm, 3);
        cv::GaussianBlur(calm, m, cv::Size(0, 0), 1.2, 1.2, cv::BORDER_REPLICATE);
    }
    const auto [low, high] = std::minmax_element(field.level.data.begin(), field.level.data.end());
    field.unevenness = *high > 0 ? (*high - *low) / *high : 0;
    return field;
}

Grey flattened(const Grey& grey, const PaperField& field, double strength, double paper)
{
    Grey out(grey.width, grey.height);
    const auto k = static_cast<float>(std::clamp(strength, 0.0, 1.0)), whole = static_cast<float>(paper);
    // PaperField::at for every px, with what a row and a column share worked out once.
    struct Between {
        int before, after;
        float share; // of the one after
    };
    const auto between = [&](int px, int tiles) {
        const double u = std::clamp((px + 0.5) / field.tile - 0.5, 0.0, tiles - 1.0);
        const int i = std::min(static_cast<int>(u), tiles - 1);
        return Between{i, std::min(i + 1, tiles - 1), static_cast<float>(u - i)};
    };
    std::vector<Between> columns(static_cast<std::size_t>(grey.width));
    for (int x = 0; x < grey.width; ++x) columns[static_cast<std::size_t>(x)] = between(x, field.level.width);
    tbb::parallel_for(tbb::blocked_range<int>(0, grey.height, 16), [&](const tbb::blocked_range<int>& rows) {
        std::vector<float> level(static_cast<std::size_t>(field.level.width));
        for (int y = rows.begin(); y < rows.end(); ++y) {
            const Between b = between(y, field.level.height);
            const float *up = field.level.row(b.before), *down = field.level.row(b.after);
            for (std::size_t i = 0; i < level.size(); ++i) level[i] = up[i] * (1 - b.share) + down[i] * b.share;
            const std::uint8_t* from = grey.row(y);
            std::uint8_t* to = out.row(y);
            for (int x = 0; x < grey.width; ++x) {
                const Between& c = columns[static_cast<std::size_t>(x)];
                const float at = level[static_cast<std::size_t>(c.before)] * (1 - c.share) + level[static_cast<std::size_t>(c.after)] * c.share;
                const auto v = static_cast<float>(from[x]);
                const float even = v * whole / std::max(1.0F, at);
                to[x] = static_cast<std::uint8_t>(std::clamp(v + (even - v) * k, 0.0F, 255.0F) + 0.5F);
            }
        }
    });
    return out;
}

Grey stretched(const Grey& grey, double dark, double light)
{
    Grey out(grey.width, grey.height);
    const double span = std::max(1.0, light - dark);
    std::array<std::uint8_t, 256> table{};
    for (std::size_t v = 0; v < 256; ++v) table[v] = static_cast<std::uint8_t>(std::clamp(std::lround(255 * (static_cast<double>(v) - dark) / span), 0L, 255L));
    std::transform(grey.data.begin(), grey.data.end(), out.data.begin(), [&](std::uint8_t v) { return table[v]; });
    return out;
}

} // namespace softrope::pixel
