#include "tone/stack.h"

#include "curve/foot.h"

#include "pixel/shrink.h"
#include "tone/calm.h"
#include "tone/components.h"
#include "tone/fill.h"
#include "tone/level_matrix.h"
#include "tone/shapes.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::tone {

using curve::Vec2;
using pixel::Picture;
using pixel::Raster;
using pixel::Rgba;

namespace {

std::uint8_t toneOf(float level, const std::vector<double>& cuts)
{
    std::uint8_t k = 0;
    while (k < cuts.size() && static_cast<double>(level) >= cuts[k]) ++k;
    return k;
}

// Acts on each px within `radius` picture px of the way.
template <class Act> void along(const std::vector<Vec2>& way, double radius, const Levels& l, Act act)
{
    const double r = std::max(0.5, radius / l.shrink);
    for (std::size_t k = 0; k < way.size(); ++k) {
        const Vec2 a = way[k] / l.shrink, b = way[std::min(k + 1, way.size() - 1)] / l.shrink;
        const int x0 = std::max(0, static_cast<int>(std::min(a.x, b.x) - r - 1)), y0 = std::max(0, static_cast<int>(std::min(a.y, b.y) - r - 1));
        const int x1 = std::min(l.level.width - 1, static_cast<int>(std::max(a.x, b.x) + r + 1)),
                  y1 = std::min(l.level.height - 1, static_cast<int>(std::max(a.y, b.y) + r + 1));
        for (int y = y0; y <= y1; ++y)
            for (int x = x0; x <= x1; ++x)
                if (curve::distanceToSegment({x + 0.5, y + 0.5}, a, b) <= r) act(x, y);
    }
}

std::vector<pixel::Lab> labsOf(const std::vector<Rgba>& colours)
{
    std::vector<pixel::Lab> out;
    for (const Rgba c : colours) out.push_back(pixel::labOf(c));
    return out;
}

// The colours with the lightness that patches made of theirs.
LabPicture labOf(const Picture& colours, const Raster<float>& level, const Raster<float>& after)
{
    LabPicture out = labPicture(colours);
    if (&level == &after) return out;
    tbb::parallel_for(0, out.height, [&](int y) {
        for (int x = 0; x < out.width; ++x) out.at(x, y).l += (after.at(x, y) - level.at(x, y)) / 2.55F;
    });
    return out;
}

void push(Labels& tones, const Levels& levels, const Stack& stack)
{
    for (const Push& p : stack.pushes) {
        const auto tone = static_cast<std::uint8_t>(std::min(static_cast<std::size_t>(std::max(0, p.tone)), toneCount(stack) - 1));
        along(p.way, p.radius, levels, [&](int x, int y) { tones.at(x, y) = tone; });
    }
}

void limit(Labels& tones, const Levels& levels, const Stack& stack)
{
    if (stack.bound.nodes.size() < 2) return;
    const Raster<std::uint8_t> in = maskOf(levels, {stack.bound});
    for (std::size_t k = 0; k < in.data.size(); ++k)
        if (!in.data[k]) tones.data[k] = outOfBounds;
}

// Half-tones of an edge are passed through: where the level climbs steeply from one calm tone to another, what lies between
// belongs to either side of the middle. A shade that changes slowly is left alone.
Labels withoutBands(const Labels& tones, const Raster<float>& level, double steep)
{
    constexpr int reach = 7;
    Labels out = tones;
    const int w = tones.width, h = tones.height;
    const auto slope = [&](int x, int y) {
        const int l = std::max(0, x - 1), r = std::min(w - 1, x + 1), u = std::max(0, y - 1), d = std::min(h - 1, y + 1);
        return Vec2{static_cast<double>(level.at(r, y) - level.at(l, y)) / std::max(1, r - l),
                    static_cast<double>(level.at(x, d) - level.at(x, u)) / std::max(1, d - u)};
    };
    tbb::parallel_for(0, h, [&](int y) {
        for (int x = 0; x < w; ++x) {
            const Vec2 g = slope(x, y);
            const double square = dot(g, g);
            if (square < steep * steep) continue;
            const double n = std::sqrt(square);
            // Uphill and downhill until it is calm.
            std::uint8_t ends[2] = {tones.at(x, y), tones.at(x, y)};
            float levels[2] = {level.at(x, y), level.at(x, y)};
            bool calm[2] = {false, false};
            for (const int side : {0, 1}) {
                const Vec2 way = (side ? 1.0 : -1.0) / n * g;
                for (int k = 1; k <= reach; ++k) {
                    const int u = static_cast<int>(std::lround(x + k * way.x)), v = static_cast<int>(std::lround(y + k * way.y));
                    if (!tones.inside(u, v)) break;
                    ends[side] = tones.at(u, v);
                    levels[side] = level.at(u, v);
                    const Vec2 s = slope(u, v);
                    if (dot(s, s) < 0.16 * square || dot(s, g) < 0) {
                        calm[side] = true;
                        break;
                    }
                }
            }
            if (!calm[0] || !calm[1] || ends[1] < ends[0] + 2) continue;
            out.at(x, y) = level.at(x, y) > (levels[0] + levels[1]) / 2 ? ends[1] : ends[0];
        }
    });
    return out;
}

// Ragged borders calm down: a px takes the tone of most of its neighbours when its level is near the cut between them.
void calmBorders(Labels& tones, const Raster<float>& level, const std::vector<double>& cuts, double within)
{
    for (int round = 0; round < 3; ++round) {
        const Labels before = tones;
        tbb::parallel_for(1, tones.height - 1, [&](int y) {
            for (int x = 1; x + 1 < tones.width; ++x) {
                const std::uint8_t mine = before.at(x, y);
                int like = 0;
                std::array<int, 17> of{};
                for (int v = -1; v <= 1; ++v)
                    for (int u = -1; u <= 1; ++u)
                        if (u || v) {
                            const std::uint8_t k = before.at(x + u, y + v);
                            like += k == mine;
                            if (k < of.size()) ++of[k];
                        }
                if (like >= 4) continue;
                const auto most = static_cast<std::uint8_t>(std::max_element(of.begin(), of.end()) - of.begin());
                if (most == mine || of[most] < 5 - (like < 2)) continue;
                const std::size_t cut = std::min<std::size_t>(std::min(most, mine), cuts.size() - 1);
                if (std::abs(static_cast<double>(level.at(x, y)) - cuts[cut]) < within || like < 2) tones.at(x, y) = most;
            }
        });
    }
}

// Levels that stand for the tones: their means, or the middle between cuts.
std::vector<pixel::Lab> tonesAsGrey(const Labels& tones, const Raster<float>& level, const std::vector<double>& cuts)
{
    std::vector<double> sum(cuts.size() + 1, 0), n(cuts.size() + 1, 0);
    for (std::size_t k = 0; k < tones.data.size(); ++k)
        if (tones.data[k] < sum.size()) {
            sum[tones.data[k]] += static_cast<double>(level.data[k]);
            n[tones.data[k]] += 1;
        }
    std::vector<pixel::Lab> out;
    for (std::size_t k = 0; k < sum.size(); ++k) {
        const double low = k ? cuts[k - 1] : 0, high = k < cuts.size() ? cuts[k] : 255;
        out.push_back({static_cast<float>((n[k] > 0 ? sum[k] / n[k] : (low + high) / 2) / 2.55), 0, 0});
    }
    return out;
}

void sweep(Labels& tones, const Levels& levels, const Stack& stack)
{
    if (stack.sweeps.empty()) return;
    Raster<std::uint8_t> touched(tones.width, tones.height, 0);
    for (const Sweep& s : stack.sweeps) along(s.way, s.radius, levels, [&](int x, int y) { touched.at(x, y) = 1; });
    // An area goes when all of it was touched.
    const Components all = componentsOf(tones);
    std::vector<std::size_t> hit(all.pixels.size(), 0);
    for (std::size_t k = 0; k < touched.data.size(); ++k)
        if (touched.data[k]) ++hit[static_cast<std::size_t>(all.id.data[k])];
    std::vector<std::array<double, 17>> around(all.pixels.size());
    const auto goes = [&](int id) { return hit[static_cast<std::size_t>(id)] == all.pixels[static_cast<std::size_t>(id)]; };
    for (int y = 0; y < tones.height; ++y)
        for (int x = 0; x < tones.width; ++x) {
            const int id = all.id.at(x, y);
            if (!goes(id)) continue;
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                if (!tones.inside(x + dx, y + dy) || goes(all.id.at(x + dx, y + dy))) continue;
                const std::uint8_t other = tones.at(x + dx, y + dy);
                if (other < around[0].size()) around[static_cast<std::size_t>(id)][other] += 1;
            }
        }
    for (std::size_t k = 0; k < tones.data.size(); ++k) {
        const auto id = static_cast<std::size_t>(all.id.data[k]);
        if (!goes(static_cast<int>(id)) || tones.data[k] == outOfBounds) continue;
        const auto best = std::max_element(around[id].begin(), around[id].end());
        if (*best > 0) tones.data[k] = static_cast<std::uint8_t>(best - around[id].begin());
    }
}

} // namespace

std::size_t toneCount(const Stack& stack)
{
    return stack.colours.empty() ? stack.cuts.size() + 1 : stack.colours.size();
}

Stack shifted(Stack s, Vec2 by)
{
    const auto path = [by](curve::Path& p) {
        for (curve::Node& n : p.nodes)
            for (Vec2* v : {&n.at, &n.in, &n.out}) *v += by;
    };
    path(s.bound);
    for (Patch& p : s.patches) path(p.outline);
    for (Push& p : s.pushes)
        for (Vec2& v : p.way) v += by;
    for (Sweep& p : s.sweeps)
        for (Vec2& v : p.way) v += by;
    return s;
}

Labels quickTones(const Levels& levels, const Stack& stack, const Raster<float>* after)
{
    Labels out(levels.level.width, levels.level.height);
    const Raster<float> made = after || stack.patches.empty() ? Raster<float>() : patched(levels, stack);
    const Raster<float>& level = after ? *after : stack.patches.empty() ? levels.level : made;
    if (!stack.colours.empty()) {
        out = nearestLabels(labOf(levels.colours, levels.level, level), labsOf(stack.colours));
        push(out, levels, stack);
        limit(out, levels, stack);
        return out;
    }
    std::array<std::uint8_t, 1024> tone{}; // quarter levels
    for (std::size_t v = 0; v < tone.size(); ++v) tone[v] = toneOf((static_cast<float>(v) + 0.5F) / 4, stack.cuts);
    tbb::parallel_for(0, out.height, [&](int y) {
        for (int x = 0; x < out.width; ++x) out.at(x, y) = tone[static_cast<std::size_t>(std::clamp(level.at(x, y) * 4, 0.0F, 1023.0F))];
    });
    push(out, levels, stack);
    limit(out, levels, stack);
    return out;
}

std::vector<Rgba> paintsOf(const Levels& levels, const Labels& tones, const Stack& stack)
{
    struct Sum {
        double l = 0, a = 0, b = 0, n = 0;
    };
    std::vector<Sum> sums(toneCount(stack));
    const std::size_t step = std::max<std::size_t>(1, tones.data.size() / 60000); // a sample is enough for a mean
    for (std::size_t k = 0; k < tones.data.size(); k += step) {
        if (tones.data[k] >= sums.size()) continue;
        const pixel::Lab c = pixel::quickLabOf(levels.colours.data[k]);
        Sum& s = sums[tones.data[k]];
        s.l += c.l;
        s.a += c.a;
        s.b += c.b;
        s.n += 1;
    }
    std::vector<Rgba> out;
    for (std::size_t k = 0; k < sums.size(); ++k) {
        const Sum& s = sums[k];
        const bool cut = stack.colours.empty();
        const double low = cut && k ? stack.cuts[k - 1] : 0, high = cut && k < stack.cuts.size() ? stack.cuts[k] : 255;
        if (k < stack.paint.size() && stack.paint[k])
            out.push_back(*stack.paint[k]);
        else if (s.n > 0)
            out.push_back(pixel::rgbOf(pixel::Lab{static_cast<float>(s.l / s.n), static_cast<float>(s.a / s.n), static_cast<float>(s.b / s.n)}));
        else if (!cut)
            out.push_back(stack.colours[k]);
        else
            out.push_back(pixel::rgbOf(pixel::Lab{static_cast<float>((low + high) / 2 / 2.55), 0, 0}));
    }
    return out;
}

namespace {

// Where the level changes slowly a border would follow the grain, and what JPEG made of it: there a wider mean counts, at edges none.
// Done in bands, so that what it takes besides the picture is little.
void calmSlopes(cv::Mat& level, double noise)
{
    constexpr int bandRows = 256, halo = 4; // rows that the small blur (3) and the slope (1) look beyond
    const double sigma = std::clamp(std::sqrt(static_cast<double>(level.total())) / 150, 2.5, 9.0);
    cv::Mat small; // the wider mean, at a fourth of the size where that is as good
    cv::Mat wide;
    if (sigma > 4) {
        cv::resize(level, small, {}, 0.25, 0.25, cv::INTER_AREA);
        cv::GaussianBlur(small, small, {}, sigma / 4);
        cv::resize(small, wide, level.size(), 0, 0, cv::INTER_LINEAR);
    } else {
        cv::GaussianBlur(level, wide, {}, sigma);
    }
    const auto edge = static_cast<float>(1.8 + 1.5 * noise); // levels to the px that make an edge
    cv::Mat above;                                           // the rows before the band, as they were
    for (int y0 = 0; y0 < level.rows; y0 += bandRows) {
        const int y1 = std::min(level.rows, y0 + bandRows), below = std::min(level.rows, y1 + halo);
        cv::Mat band, narrow, dx, dy;
        const cv::Mat mine = level.rowRange(y0, below);
        if (above.empty())
            mine.copyTo(band);
        else
            cv::vconcat(above, mine, band);
        const int skip = above.rows;
        above = band.rowRange(std::max(0, skip + y1 - y0 - halo), skip + y1 - y0).clone();
        cv::GaussianBlur(band, narrow, cv::Size(7, 7), 1.6);
        cv::Sobel(narrow, dx, CV_32F, 1, 0, 3, 1 / 8.0);
        cv::Sobel(narrow, dy, CV_32F, 0, 1, 3, 1 / 8.0);
        tbb::parallel_for(y0, y1, [&](int y) {
            float* row = level.ptr<float>(y);
            const float *mean = wide.ptr<float>(y), *across = dx.ptr<float>(y - y0 + skip), *down = dy.ptr<float>(y - y0 + skip);
            for (int x = 0; x < level.cols; ++x) {
                const float steep = std::sqrt(across[x] * across[x] + down[x] * down[x]) / edge;
                const float off = std::abs(row[x] - mean[x]) / (4 * edge);
                const float keep = std::clamp(std::max(steep, off) - 0.5F, 0.0F, 1.0F);
                row[x] = mean[x] + keep * (row[x] - mean[x]);
            }
        });
    }
}

// Levels without noise, edges kept.
Raster<float> calmLevels(const Raster<float>& given, double noise)
{
    Raster<float> out = given;
    cv::Mat from(given.height, given.width, CV_32F, const_cast<float*>(given.data.data()));
    cv::Mat to = matOf(out, CV_32F);
    if (static_cast<double>(from.total()) > 4e6) {
        cv::medianBlur(from, to, 5);
    } else if (noise > 0.2) {
        cv::bilateralFilter(from, to, 7, std::clamp(2.55 * 6 * noise, 8.0, 60.0), 2.0);
        if (noise > 1.2) {
            cv::Mat again;
            cv::bilateralFilter(to, again, 7, std::clamp(2.55 * 4 * noise, 8.0, 50.0), 2.0);
            again.copyTo(to);
        }
    }
    if (noise > 0.05) calmSlopes(to, noise);
    return out;
}

struct Careful {
    Labels tones;
    Raster<float> level; // calm, after the patches
};

Careful byColour(const Levels& levels, const Stack& stack, double noise, const std::function<bool()>& stopped)
{
    constexpr double settling = 20; // CIELAB squared that a px of ragged border may cost, where colours lie well apart
    Careful out;
    out.level = patched(levels, stack);
    const Picture calm = calmed(levels.colours, noise, false);
    if (stopped()) return {};
    const LabPicture lab = labOf(calm, levels.level, out.level);
    const std::vector<pixel::Lab> colours = labsOf(stack.colours);
    out.tones = nearestLabels(lab, colours);
    float apart = 1e12F;
    for (std::size_t a = 0; a < colours.size(); ++a)
        for (std::size_t b = 0; b < a; ++b) apart = std::min(apart, pixel::squaredDistance(colours[a], colours[b]));
    settleLabels(out.tones, lab, colours, std::min(settling, 0.15 * static_cast<double>(apart)), 3);
    if (stopped()) return {};
    push(out.tones, levels, stack);
    sweepSpecks(out.tones, lab, colours, stack.smallest / (levels.shrink * levels.shrink));
    sweep(out.tones, levels, stack);
    limit(out.tones, levels, stack);
    return out;
}

Careful carefully(const Levels& levels, const Stack& stack, const std::function<bool()>& cancelled)
{
    Careful out;
    if (levels.level.empty()) return out;
    const auto stopped = [&] { return cancelled && cancelled(); };
    const double noise = noiseOf(levels.level, perL);
    if (!stack.colours.empty()) return byColour(levels, stack, noise, stopped);
    Raster<float> calm = calmLevels(levels.level, noise);
    if (stopped()) return {};
    out.level = patched(std::move(calm), levels, stack);
    out.tones = Labels(out.level.width, out.level.height);
    tbb::parallel_for(0, out.tones.height, [&](int y) {
        for (int x = 0; x < out.tones.width; ++x) out.tones.at(x, y) = toneOf(out.level.at(x, y), stack.cuts);
    });
    if (stack.cuts.size() > 1) out.tones = withoutBands(out.tones, out.level, std::max(9.0, 8 * noise));
    if (stopped()) return {};
    if (!stack.cuts.empty()) calmBorders(out.tones, out.level, stack.cuts, 3 + 4 * noise);
    push(out.tones, levels, stack);
    sweepSpecks(out.tones, out.level, perL, tonesAsGrey(out.tones, out.level, stack.cuts), stack.smallest / (levels.shrink * levels.shrink));
    sweep(out.tones, levels, stack);
    limit(out.tones, levels, stack);
    return out;
}

} // namespace

Labels carefulTones(const Levels& levels, const Stack& stack, const std::function<bool()>& cancelled)
{
    return carefully(levels, stack, cancelled).tones;
}

Tones separate(const Picture& picture, const Stack& stack, const TonesOptions& options)
{
    Tones result;
    if (picture.empty()) return result;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double share) {
        if (options.progress) options.progress(share);
    };
    Levels levels = levelsOf(picture);
    tell(0.15);
    const Careful c = carefully(levels, stack, options.cancelled);
    levels.level = {}; // the calm ones count from here on
    if (stopped() || c.tones.empty()) return {};
    tell(0.5);
    result.colours = paintsOf(levels, c.tones, stack);
    const std::size_t tones = result.colours.size();
    result.shares.assign(tones, 0);
    double counted = 0;
    for (const std::uint8_t k : c.tones.data)
        if (k < tones) {
            result.shares[k] += 1;
            counted += 1;
        }
    for (double& s : result.shares) s /= std::max(1.0, counted);
    // What lies out of bounds is a region of its own for the map, and then as good as beyond the picture.
    Labels labels = c.tones;
    std::vector<Rgba> colours = result.colours;
    for (std::uint8_t& k : labels.data)
        if (k == outOfBounds) k = static_cast<std::uint8_t>(tones);
    colours.push_back({255, 255, 255, 255});
    const bool byLevel = stack.colours.empty();
    const std::vector<pixel::Lab> grey = byLevel ? tonesAsGrey(c.tones, c.level, stack.cuts) : std::vector<pixel::Lab>{};
    RegionMapOptions o;
    o.gradual = !byLevel;
    o.slack = stack.slack;
    o.blur = 1;
    o.quick = static_cast<double>(picture.width) * picture.height > 3e6;
    o.cancelled = options.cancelled;
    if (byLevel)
        o.crossing = [&](int x0, int y0, int x1, int y1) {
            const std::size_t a = labels.at(x0, y0), b = labels.at(x1, y1);
            if (a >= tones || b >= tones) return 0.5;
            const std::size_t low = std::min(a, b), high = std::max(a, b);
            const double cut = high == low + 1 ? stack.cuts[low] : 2.55 * (static_cast<double>(grey[low].l) + static_cast<double>(grey[high].l)) / 2;
            const double from = static_cast<double>(c.level.at(x0, y0)), to = static_cast<double>(c.level.at(x1, y1));
            if ((from < cut) == (to < cut)) return 0.5;
            return (cut - from) / (to - from);
        };
    RegionMap map = mapRegions(labels, levels.colours, colours, o);
    if (stopped()) return {};
    tell(0.9);
    std::vector<Border> kept;
    for (Border& b : map.borders) {
        for (int* side : {&b.left, &b.right})
            if (*side != beyond && map.regions[static_cast<std::size_t>(*side)].label == tones) *side = beyond;
        if (b.left != b.right) kept.push_back(std::move(b));
    }
    map.borders = std::move(kept);
    for (const Region& r : map.regions) result.regions += r.label != tones;
    result.shapes = shapesOf(map, colours, true);
    result.nodes = nodesOf(result.shapes);
    tell(1);
    return result;
}

} // namespace softrope::tone
