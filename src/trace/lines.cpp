#include "trace/lines.h"

#include "curve/fit.h"
#include "trace/distance_map.h"
#include "trace/level_lines.h"
#include "trace/skeleton_graph.h"
#include "trace/strokes.h"
#include "trace/thinning.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

namespace softrope::trace {

namespace {

using curve::Vec2;
using Mask = pixel::Raster<std::uint8_t>;

Mask maskOf(const pixel::Raster<float>& field)
{
    Mask m(field.width, field.height);
    std::transform(field.data.begin(), field.data.end(), m.data.begin(), [](float v) { return static_cast<std::uint8_t>(v > 0.5F ? 255 : 0); });
    return m;
}

cv::Mat view(Mask& m)
{
    return {m.height, m.width, CV_8U, m.data.data()};
}

// Specks go, pinholes are filled: neither is a line, and both tear a skeleton.
void tidy(Mask& mask, pixel::Raster<float>& field, double speck, double hole)
{
    cv::Mat m = view(mask), labels, stats, centres;
    const auto pass = [&](const cv::Mat& what, int connectivity, double smallest, std::uint8_t to, float value) {
        const int n = cv::connectedComponentsWithStats(what, labels, stats, centres, connectivity, CV_32S);
        std::vector<char> small(static_cast<std::size_t>(n), 0);
        bool any = false;
        for (int k = 1; k < n; ++k)
            if (stats.at<int>(k, cv::CC_STAT_AREA) < smallest) any = true, small[static_cast<std::size_t>(k)] = 1;
        if (!any) return;
        tbb::parallel_for(0, m.rows, [&](int y) {
            const int* l = labels.ptr<int>(y);
            for (int x = 0; x < m.cols; ++x)
                if (small[static_cast<std::size_t>(l[x])]) {
                    m.at<std::uint8_t>(y, x) = to;
                    field.at(x, y) = value;
                }
        });
    };
    pass(m, 8, speck, 0, 0.0F);
    const cv::Mat paper = 255 - m;
    pass(paper, 4, hole, 255, 1.0F);
}

double medianOf(std::vector<float> v)
{
    if (v.empty()) return 0;
    const auto mid = v.begin() + static_cast<long>(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid;
}

// Half the typical width of the lines, from the ridge of the distance map.
double typicalRadius(const cv::Mat& far)
{
    std::vector<float> ridge;
    alongRidge(far, 0.9F, [&](int, int, float d) { ridge.push_back(d); });
    return medianOf(std::move(ridge));
}

// Parts of the mask about some cores that lie `inside` px from its edge, each with its greatest distance from the edge.
struct Parts {
    cv::Rect where;
    cv::Mat labels, stats; // of what lies in `where`; 0 = none
    std::vector<float> widest;
    int count() const { return stats.rows; }
    double width(int k) const { return 2 * widest[static_cast<std::size_t>(k)]; }
    int area(int k) const { return stats.at<int>(k, cv::CC_STAT_AREA); }
    double reach(int k) const { return std::hypot(stats.at<int>(k, cv::CC_STAT_WIDTH), stats.at<int>(k, cv::CC_STAT_HEIGHT)); }
    // As long as four times its width, or as heavy as a band of that length.
    bool isLine(int k) const
    {
        const double w = width(k);
        return area(k) > 4 * w * w || (reach(k) > 5 * w && area(k) > 0.7 * reach(k) * w);
    }
    bool isRound(int k) const { return area(k) < 1.6 * width(k) * width(k) && reach(k) < 1.6 * width(k); }
};
Parts partsAbout(const cv::Mat& core, const cv::Mat& far, const cv::Mat& mask, double inside)
{
    Parts p;
    const int about = static_cast<int>(std::ceil(inside)) + 2;
    p.where = cv::boundingRect(core);
    p.where = cv::Rect(p.where.x - about, p.where.y - about, p.where.width + 2 * about, p.where.height + 2 * about) & cv::Rect(0, 0, mask.cols, mask.rows);
    cv::Mat centres;
    const cv::Mat grown = (distanceMap(255 - core(p.where)) <= inside + 0.5) & (mask(p.where) > 0);
    const int n = cv::connectedComponentsWithStats(grown, p.labels, p.stats, centres, 8, CV_32S);
    p.widest.assign(static_cast<std::size_t>(n), 0);
    for (int y = 0; y < p.where.height; ++y) {
        const int* l = p.labels.ptr<int>(y);
        const float* f = far.ptr<float>(y + p.where.y) + p.where.x;
        for (int x = 0; x < p.where.width; ++x)
            if (l[x] > 0) p.widest[static_cast<std::size_t>(l[x])] = std::max(p.widest[static_cast<std::size_t>(l[x])], f[x]);
    }
    return p;
}

// A line about as thick as what counts as thick is so here and there only: it is told by all of it.
void leaveOutThickLines(cv::Mat& core, const cv::Mat& far, const cv::Mat& mask, double thick)
{
    constexpr double nearly = 0.7;
    const Parts p = partsAbout(far > nearly * thick, far, mask, nearly * thick);
    std::vector<char> line(static_cast<std::size_t>(p.count()), 0);
    for (int k = 1; k < p.count(); ++k) line[static_cast<std::size_t>(k)] = p.isLine(k);
    for (int y = 0; y < p.where.height; ++y)
        for (int x = 0; x < p.where.width; ++x)
            if (line[static_cast<std::size_t>(p.labels.at<int>(y, x))]) core.at<unsigned char>(y + p.where.y, x + p.where.x) = 0;
}

// Parts much thicker than the lines, unless they are themselves long and evenly thick. They are taken out of the mask.
Mask takeAreas(Mask& mask, const Mask& notSolid, double times, double atLeast)
{
    Mask none;
    const cv::Mat m = view(mask);
    cv::Mat solid;
    if (!notSolid.empty()) solid = m & ~cv::Mat(mask.height, mask.width, CV_8U, const_cast<std::uint8_t*>(notSolid.data.data()));
    const cv::Mat far = distanceMap(notSolid.empty() ? m : solid);
    solid.release();
    const double radius = std::max(1.5, typicalRadius(far)), thick = std::max(times * radius, atLeast);
    cv::Mat core = far > thick;
    if (cv::countNonZero(core) == 0) return none;
    leaveOutThickLines(core, far, m, thick);
    if (cv::countNonZero(core) == 0) return none;
    const Parts p = partsAbout(core, far, m, thick);
    std::vector<char> area(static_cast<std::size_t>(p.count()), 0);
    for (int k = 1; k < p.count(); ++k) area[static_cast<std::size_t>(k)] = !p.isLine(k) && !p.isRound(k); // (round as a dot)
    if (std::find(area.begin(), area.end(), 1) == area.end()) return none;
    Mask out(mask.width, mask.height);
    for (int y = 0; y < p.where.height; ++y)
        for (int x = 0; x < p.where.width; ++x)
            if (area[static_cast<std::size_t>(p.labels.at<int>(y, x))]) out.at(x + p.where.x, y + p.where.y) = 255;
    for (std::size_t i = 0; i < mask.data.size(); ++i)
        if (out.data[i]) mask.data[i] = 0;
    return out;
}

std::vector<curve::Paths> areasOf(const Mask& areas, const pixel::Raster<float>& field, const LinesOptions& options)
{
    std::vector<curve::Paths> out;
    if (areas.empty()) return out;
    Mask wide = areas;
    cv::dilate(view(wide), view(wide), cv::getStructuringElement(cv::MORPH_ELLIPSE, {3, 3}));
    pixel::Grey g(field.width, field.height);
    for (std::size_t i = 0; i < g.data.size(); ++i)
        g.data[i] = wide.data[i] ? static_cast<std::uint8_t>(std::lround(255 * (1 - std::clamp(field.data[i], 0.0F, 1.0F)))) : 255;
    curve::FitOptions fitting;
    fitting.slack = options.slack;
    fitting.strict = false;
    fitting.even = 0.25;
    std::vector<LevelLine> all = levelLines(g, 127.5, 12);
    std::sort(all.begin(), all.end(), [](const LevelLine& a, const LevelLine& b) { return a.area > b.area; });
    for (const LevelLine& l : all) {
        curve::Path p = curve::fit(l.points, true, fitting).path;
        if (l.area > 0 || out.empty())
            out.push_back({std::move(p)});
        else
            out.back().push_back(std::move(p));
    }
    return out;
}

// Mean distance of the edge from the place, in sixteen directions.
double dotRadius(const pixel::Raster<float>& field, Vec2 at, double guess)
{
    double sum = 0;
    int n = 0;
    for (int k = 0; k < 16; ++k) {
        const double d = edgeAlong(field, at, curve::direction(k * curve::pi / 8), 3 * guess + 3);
        if (d < 0) continue;
        sum += d;
        ++n;
    }
    return n > 0 ? sum / n : guess;
}

// Takes marks no longer than wide out of the graph.
curve::Paths takeDots(SkeletonGraph& g, const pixel::Raster<float>& field, double smallest)
{
    curve::Paths out;
    const auto dot = [&](Vec2 at, double guess) {
        const double r = dotRadius(field, at, guess);
        if (2 * r >= smallest) out.push_back(curve::circle(at, r));
    };
    // All places on lines, from left to right.
    std::vector<Vec2> onLines;
    for (const Branch& b : g.branches) onLines.insert(onLines.end(), b.points.begin(), b.points.end());
    std::sort(onLines.begin(), onLines.end(), [](Vec2 a, Vec2 b) { return a.x < b.x; });
    const auto alone = [&](Vec2 at) {
        constexpr double near = 1.5; // px
        const auto from = std::lower_bound(onLines.begin(), onLines.end(), at.x - near, [](Vec2 p, double x) { return p.x < x; });
        for (auto p = from; p != onLines.end() && p->x < at.x + near; ++p)
            if (distance(*p, at) < near) return false;
        return true;
    };
    for (const Meeting& m : g.meetings)
        if (m.branches.empty() && m.radius > 0 && sample(field, m.at.x, m.at.y) > 0.5F && alone(m.at)) dot(m.at, m.radius);
    for (Branch& b : g.branches) {
        if (b.gone || b.ring() || b.from == b.to) continue;
        if (g.meetings[static_cast<std::size_t>(b.from)].branches.size() != 1 || g.meetings[static_cast<std::size_t>(b.to)].branches.size() != 1) continue;
        const double widest = *std::max_element(b.radius.begin(), b.radius.end());
        const double across = lengthOf(b.points) + b.radius.front() + b.radius.back();
        if (across > 1.35 * 2 * widest + 1) continue;
        b.gone = true;
        dot(lerp(b.points.front(), b.points.back(), 0.5), widest);
    }
    return out;
}

std::vector<double> swellOf(const RawStroke& s)
{
    if (s.widths.size() < 16) return {};
    // Means over stretches of about two widths; worth keeping when they differ by more than grain does.
    const std::size_t parts = std::clamp<std::size_t>(s.widths.size() / static_cast<std::size_t>(std::max(8.0, 2 * s.width)), 2, 64);
    std::vector<double> out;
    for (std::size_t k = 0; k < parts; ++k) {
        const std::size_t a = k * s.widths.size() / parts, b = (k + 1) * s.widths.size() / parts;
        double sum = 0;
        for (std::size_t i = a; i < b; ++i) sum += s.widths[i];
        out.push_back(sum / static_cast<double>(b - a));
    }
    const auto [least, most] = std::minmax_element(out.begin(), out.end());
    if (*most - *least < std::max(0.18 * s.width, 1.0)) out.clear();
    return out;
}

Stroke fitted(const RawStroke& raw, const InkField& field, const LinesOptions& options)
{
    curve::FitOptions f;
    f.slack = options.slack;
    f.grain = field.grain;
    f.rounding = 0.5 + 0.3 * raw.width;
    f.spacing = 1;
    f.strict = false;
    f.even = field.medium == Medium::pencil ? 0.5 : 0.35;
    f.cancelled = options.cancelled;
    const curve::Fit fit = curve::fit(raw.points, raw.closed, f);
    Stroke s;
    s.path = fit.path;
    s.furthest = fit.furthest;
    double sum = 0;
    for (const double w : raw.widths) sum += w;
    s.width = raw.widths.empty() ? raw.width : sum / static_cast<double>(raw.widths.size());
    s.widths = swellOf(raw);
    s.roundEnds = raw.roundness > 0.4;
    return s;
}

constexpr double hair = 0.5; // px: no line is drawn thinner

// Softening widens a mark: of marks with a soft profile the squares of widths add up. What it added to a single pass it
// added to every width.
void freeOfSoftening(std::vector<RawStroke>& strokes, double softened)
{
    if (softened <= 0) return;
    std::vector<double> all;
    for (const RawStroke& s : strokes) all.insert(all.end(), s.widths.begin(), s.widths.end());
    if (all.empty()) return;
    const auto fifth = all.begin() + static_cast<long>(all.size() / 5);
    std::nth_element(all.begin(), fifth, all.end());
    const double single = *fifth, added = single - std::sqrt(std::max(1.0, single * single - 4 * softened * softened));
    for (RawStroke& s : strokes) {
        for (double& w : s.widths) w = std::max(hair, w - added);
        s.width = std::max(hair, s.width - added);
    }
}

// A line that is hardly wider than the blur is paler in its middle than its ink, and seems as wide as the blur. What darkens the paper across it is
// as much as without the blur: it is as wide as ink that lies wide would have to be for that. (Wide lines that are pale have pale ink.)
void freeOfBlur(std::vector<RawStroke>& strokes, const InkField& field)
{
    if (field.narrow <= 0) return;
    constexpr double sharp = 1.42; // times as wide: of such a line the blur leaves the width as it is
    constexpr double held = 1.06;  // of its height times its width at half of it, that a Gaussian profile holds
    const auto freed = [&](double width, double dark) {
        const double wide = std::clamp((width / field.narrow - 1) / (sharp - 1), 0.0, 1.0);
        return std::max(std::min(width, hair), width * std::lerp(std::min(1.0, held * dark), 1.0, wide));
    };
    const auto darkAt = [&](Vec2 p) {
        const int x = static_cast<int>(p.x), y = static_cast<int>(p.y);
        const std::uint8_t was = field.lifted.inside(x, y) ? field.lifted.at(x, y) : std::uint8_t{0};
        return field.share * (was == 0 ? 1 : was / 255.0);
    };
    for (RawStroke& s : strokes) {
        // (Hardly a point has no width.)
        for (std::size_t k = 0; k < s.widths.size(); ++k)
            s.widths[k] = freed(s.widths[k], darkAt(s.points[k * (s.points.size() - 1) / std::max<std::size_t>(1, s.widths.size() - 1)]));
        s.width = s.widths.empty() ? freed(s.width, darkAt(s.points[s.points.size() / 2])) : medianOf({s.widths.begin(), s.widths.end()});
    }
}

// Ends that run into another line are put exactly on its fitted path.
void settleEnds(std::vector<Stroke>& strokes, const std::vector<RawStroke>& raw, double reach)
{
    for (std::size_t i = 0; i < strokes.size(); ++i) {
        for (const bool atStart : {true, false}) {
            if (!(atStart ? raw[i].startMeets : raw[i].endMeets) || strokes[i].path.nodes.size() < 2) continue;
            curve::Node& end = atStart ? strokes[i].path.nodes.front() : strokes[i].path.nodes.back();
            std::optional<curve::Place> best;
            for (std::size_t k = 0; k < strokes.size(); ++k) {
                if (k == i || strokes[k].path.nodes.size() < 2 || !bounds(strokes[k].path).grown(reach).contains(end.at)) continue;
                const auto p = nearest(strokes[k].path, end.at);
                if (p && p->distance < reach && (!best || p->distance < best->distance)) best = p;
            }
            if (!best) continue;
            const Vec2 by = best->point - end.at;
            end.at += by;
            end.in += by;
            end.out += by;
        }
    }
}

} // namespace

Lines lines(const pixel::Grey& grey, const LinesOptions& options)
{
    Lines out;
    const auto stopped = [&] { return options.cancelled && options.cancelled(); };
    const auto tell = [&](double share) {
        if (options.progress) options.progress(share);
    };
    InkFieldOptions from;
    from.medium = options.medium;
    from.gather = options.gather;
    from.cancelled = options.cancelled;
    InkField field = inkField(grey, from);
    out.medium = field.medium;
    if (stopped() || grey.empty()) return {};
    tell(0.3);
    Mask mask = maskOf(field.cover);
    tidy(mask, field.cover, 7, 10);
    const Mask areas = takeAreas(mask, field.filled, options.areaFrom, 2 * field.pass);
    const Skeleton skeleton = thinned(mask);
    if (stopped()) return {};
    tell(0.5);
    SkeletonGraph graph = graphOf(skeleton);
    prune(graph, 1.7, 0.55);
    drawTogether(graph, 1.0);
    out.dots = takeDots(graph, field.cover, options.smallestDot);
    StrokeOptions how;
    how.pass = field.pass;
    std::vector<RawStroke> raw = strokesOf(graph, field.cover, how);
    raw.erase(
        std::remove_if(raw.begin(), raw.end(),
                       [&](const RawStroke& s) { return s.points.size() < 2 || (!s.startMeets && !s.endMeets && lengthOf(s.points) < options.shortest); }),
        raw.end());
    if (stopped()) return {};
    tell(0.7);
    freeOfSoftening(raw, field.softened);
    freeOfBlur(raw, field);
    out.strokes.resize(raw.size());
    tbb::parallel_for(std::size_t{0}, raw.size(), [&](std::size_t i) { out.strokes[i] = fitted(raw[i], field, options); });
    settleEnds(out.strokes, raw, 2 * options.slack + 1);
    out.areas = areasOf(areas, field.cover, options);
    tell(1);
    return stopped() ? Lines{} : out;
}

} // namespace softrope::trace
