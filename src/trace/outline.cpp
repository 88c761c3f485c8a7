#include "trace/outline.h"

#include "curve/apex.h"
#include "curve/fit.h"
#include "curve/longest_first.h"
#include "curve/polygon.h"
#include "pixel/lighting.h"
#include "pixel/threshold.h"
#include "trace/level_lines.h"
#include "trace/stair_tips.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <atomic>

namespace softrope::trace {

namespace {

using curve::Vec2;

pixel::Grey blurred(const pixel::Grey& grey, double sigma)
{
    pixel::Grey out(grey.width, grey.height);
    const cv::Mat from(grey.height, grey.width, CV_8U, const_cast<std::uint8_t*>(grey.data.data()));
    cv::Mat to(out.height, out.width, CV_8U, out.data.data());
    cv::GaussianBlur(from, to, cv::Size(0, 0), sigma, sigma, cv::BORDER_REPLICATE);
    return out;
}

// Share of pixels that are neither ink nor paper; next to none in a picture of two values.
double middling(const pixel::Histogram& h, const pixel::Levels& l)
{
    double all = 0, between = 0;
    const double margin = 0.12 * (l.light - l.dark);
    for (std::size_t v = 0; v < 256; ++v) {
        const auto n = static_cast<double>(h[v]);
        all += n;
        if (static_cast<double>(v) > l.dark + margin && static_cast<double>(v) < l.light - margin) between += n;
    }
    return all > 0 ? between / all : 0;
}

double sample(const pixel::Grey& g, Vec2 p)
{
    const double x = std::clamp(p.x - 0.5, 0.0, g.width - 1.0), y = std::clamp(p.y - 0.5, 0.0, g.height - 1.0);
    const int i = std::min(static_cast<int>(x), std::max(0, g.width - 2)), j = std::min(static_cast<int>(y), std::max(0, g.height - 2));
    const int i1 = std::min(i + 1, g.width - 1), j1 = std::min(j + 1, g.height - 1);
    const double fx = x - i, fy = y - j;
    return (g.at(i, j) * (1 - fx) + g.at(i1, j) * fx) * (1 - fy) + (g.at(i, j1) * (1 - fx) + g.at(i1, j1) * fx) * fy;
}

// Standard deviation of the blur, from the steepness across the lines: a Gaussian edge of contrast C has the slope
// C / (sigma sqrt(2 pi)) at its middle.
double blurOf(const pixel::Grey& g, const std::vector<LevelLine>& lines, double contrast)
{
    std::vector<double> sigma;
    for (const LevelLine& line : lines) {
        const std::size_t n = line.points.size(), stride = std::max<std::size_t>(1, n / 200);
        if (n < 24) continue;
        for (std::size_t i = 0; i < n && sigma.size() < 20000; i += stride) {
            const Vec2 across = perpendicular(unit(line.points[(i + 4) % n] - line.points[(i + n - 4) % n]));
            const double slope = std::abs(sample(g, line.points[i] + across) - sample(g, line.points[i] - across)) / 2;
            if (slope > 1) sigma.push_back(contrast / (slope * 2.5066));
        }
    }
    if (sigma.empty()) return 0.5;
    std::nth_element(sigma.begin(), sigma.begin() + static_cast<long>(sigma.size() / 2), sigma.end());
    return std::clamp(sigma[sigma.size() / 2], 0.3, 6.0);
}

// The blur for which the slope was taken over so wide a step: between two points a pixel to either side the edge rises by erf(1 / (sigma sqrt 2))
// of its contrast, less than its slope at the middle says.
double trueBlur(double seen)
{
    const double rise = 2 / (seen * 2.5066);
    double least = 0.05, most = seen;
    for (int i = 0; i < 40; ++i) (std::erf(1 / ((least + most) / 2 * std::sqrt(2.0))) > rise ? least : most) = (least + most) / 2;
    return least;
}

// Each hole goes to the smallest outer line round it.
std::vector<Silhouette> grouped(const std::vector<LevelLine>& lines, const std::vector<curve::Path>& paths)
{
    std::vector<std::size_t> outer, holes;
    for (std::size_t i = 0; i < lines.size(); ++i) (lines[i].area > 0 ? outer : holes).push_back(i);
    std::sort(outer.begin(), outer.end(), [&](std::size_t a, std::size_t b) { return lines[a].area < lines[b].area; });
    std::vector<curve::Box> boxes;
    std::vector<Silhouette> out;
    for (const std::size_t i : outer) {
        curve::Box b;
        for (const Vec2 p : lines[i].points) b.add(p);
        boxes.push_back(b);
        out.push_back({{paths[i]}});
    }
    for (const std::size_t h : holes) {
        const Vec2 p = lines[h].points.front();
        for (std::size_t k = 0; k < outer.size(); ++k) {
            if (lines[outer[k]].area < -lines[h].area || !boxes[k].contains(p) || !curve::insidePolygon(lines[outer[k]].points, p)) continue;
            out[k].paths.push_back(paths[h]);
            break;
        }
    }
    // Largest first: the order people expect in a list, and the order that paints well.
    std::reverse(out.begin(), out.end());
    return out;
}

} // namespace

Outline outline(const pixel::Grey& picture, const OutlineOptions& options)
{
    Outline result;
    if (picture.empty()) return result;
    // (Of a large page there are no more copies than are needed.)
    pixel::Grey own;
    const auto now = [&]() -> const pixel::Grey& { return own.empty() ? picture : own; };
    if (options.lightOnDark) {
        own = picture;
        for (std::uint8_t& v : own.data) v = static_cast<std::uint8_t>(255 - v);
    }
    if (!options.cut) {
        const pixel::PaperField field = pixel::paperField(now());
        if (field.unevenness > 0.02) own = pixel::flattened(now(), field, 1, 250);
    }
    const pixel::Histogram h = pixel::histogram(now());
    const double wanted = options.cut ? (options.lightOnDark ? 255 - *options.cut : *options.cut) : pixel::otsu(h);
    const pixel::Levels l = pixel::levels(h, static_cast<int>(std::clamp(wanted, 0.0, 254.0)));
    result.cut = options.cut ? wanted : l.cut;
    if (l.light - l.dark < 8) return result;
    const bool stairs = middling(h, l) < 0.002;
    const double smoothing = std::max(options.smoothing, stairs ? 1.2 : 0.0);
    if (smoothing > 0.2) own = blurred(now(), smoothing);
    if (options.progress) options.progress(0.2);

    std::vector<LevelLine> lines = levelLines(now(), result.cut, std::min({1.0, options.smallestSpeck, options.smallestHole}), l.light, options.cancelled);
    lines.erase(std::remove_if(lines.begin(), lines.end(),
                               [&](const LevelLine& line) { return line.area > 0 ? line.area < options.smallestSpeck : -line.area < options.smallestHole; }),
                lines.end());
    result.blur = blurOf(now(), lines, l.light - l.dark);
    if (options.progress) options.progress(0.4);

    curve::FitOptions fitting;
    // A sharp picture knows its edge better than the slack asks; a blurred or stepped one does not, and nodes that follow its
    // every turn would follow its grain.
    const bool sharp = result.blur < 1.0 && !stairs;
    fitting.slack = (sharp ? 0.75 : 1.0) * options.slack;
    fitting.grain = std::clamp(result.blur / 0.6, 1.0, 4.0);
    fitting.rounding = 0.55 + 1.3 * result.blur;
    // Of a picture in two values it is our own blur.
    fitting.blur = trueBlur(result.blur);
    // Its steps hide more: a tip is read as a round of up to four times the blur.
    fitting.smallestRound = std::max(3.4, (stairs ? 4.2 : 2.5) * fitting.blur);
    fitting.spacing = 0.5;
    fitting.straightWithin = 0.5;
    fitting.even = sharp ? 0.33 : 0.25;
    fitting.strict = false;
    fitting.extremes = options.extremes;
    fitting.cancelled = options.cancelled;
    std::vector<curve::Path> paths(lines.size());
    std::vector<double> off(lines.size(), 0);
    std::atomic<std::size_t> done{0};
    curve::longestFirst(
        lines.size(), [&](std::size_t i) { return lines[i].points.size(); },
        [&](std::size_t i) {
            if (options.cancelled && options.cancelled()) return;
            curve::Fit f = curve::fit(lines[i].points, true, fitting);
            // (A round is taken hold of where it bends most.)
            paths[i] = curve::withApexNodes(f.path, fitting.slack);
            off[i] = f.furthest;
            const std::size_t n = ++done;
            if (options.progress && (n & 31) == 0) options.progress(0.4 + 0.6 * static_cast<double>(n) / static_cast<double>(lines.size()));
        });
    if (stairs)
        for (curve::Path& p : paths) followTips(p, picture, options.lightOnDark ? 255 - result.cut : result.cut);
    for (const double d : off) result.furthest = std::max(result.furthest, d);
    result.silhouettes = grouped(lines, paths);
    for (const Silhouette& s : result.silhouettes) result.nodes += curve::nodeCount(s.paths);
    return result;
}

} // namespace softrope::trace
