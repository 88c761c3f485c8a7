#include "trace/ink_field.h"

#include "pixel/lighting.h"
#include "pixel/threshold.h"
#include "trace/distance_map.h"
#include "trace/pale_ink.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <vector>

namespace softrope::trace {

namespace {

using Field = pixel::Raster<float>;

cv::Mat view(Field& f)
{
    return {f.height, f.width, CV_32F, f.data.data()};
}

float median(std::vector<float>& v)
{
    if (v.empty()) return 0;
    const auto mid = v.begin() + static_cast<long>(v.size() / 2);
    std::nth_element(v.begin(), mid, v.end());
    return *mid;
}

// Strips of rows side by side: each filter reads beyond its own strip in the source, so that the result is that of the whole at once.
template <class Filter> void inStrips(const cv::Mat& from, cv::Mat& to, Filter filter)
{
    constexpr int strip = 256;
    to.create(from.size(), from.type());
    tbb::parallel_for(0, (from.rows + strip - 1) / strip, [&](int k) {
        const cv::Range rows(k * strip, std::min(from.rows, (k + 1) * strip));
        cv::Mat part = to.rowRange(rows);
        filter(from.rowRange(rows), part);
    });
}
void blurred(const cv::Mat& from, cv::Mat& to, double sigma)
{
    inStrips(from, to, [sigma](const cv::Mat& f, cv::Mat& t) { cv::GaussianBlur(f, t, {0, 0}, sigma); });
}
void dilated(const cv::Mat& from, cv::Mat& to, const cv::Mat& shape)
{
    inStrips(from, to, [&shape](const cv::Mat& f, cv::Mat& t) { cv::dilate(f, t, shape); });
}
void eroded(const cv::Mat& from, cv::Mat& to, const cv::Mat& shape)
{
    inStrips(from, to, [&shape](const cv::Mat& f, cv::Mat& t) { cv::erode(f, t, shape); });
}

// A few hundred thousand values spread over the picture stand for all of it.
template <class F> float medianOver(const cv::Mat& m, F value)
{
    const std::size_t all = m.total(), stride = std::max<std::size_t>(1, all / 300000);
    std::vector<float> v;
    v.reserve(all / stride + 1);
    for (std::size_t i = 0; i < all; i += stride) v.push_back(value(m.ptr<float>()[i]));
    return median(v);
}

// Marks of the first mask that touch a mark of the second.
cv::Mat touching(const cv::Mat& weak, const cv::Mat& firm, int smallest)
{
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(weak, labels, stats, centres, 8, CV_32S);
    std::vector<char> keep(static_cast<std::size_t>(n), 0);
    for (int y = 0; y < weak.rows; ++y) {
        const int* l = labels.ptr<int>(y);
        const unsigned char* f = firm.ptr(y);
        for (int x = 0; x < weak.cols; ++x)
            if (f[x] && l[x] > 0) keep[static_cast<std::size_t>(l[x])] = 1;
    }
    for (int k = 1; k < n; ++k)
        if (stats.at<int>(k, cv::CC_STAT_AREA) < smallest) keep[static_cast<std::size_t>(k)] = 0;
    cv::Mat out(weak.size(), CV_8U);
    tbb::parallel_for(0, weak.rows, [&](int y) {
        const int* l = labels.ptr<int>(y);
        std::transform(l, l + weak.cols, out.ptr(y), [&](int k) { return static_cast<unsigned char>(keep[static_cast<std::size_t>(k)] ? 255 : 0); });
    });
    return out;
}

// Typical width of a mark: its area over half its outline's length is robust against breaks and crossings, but ends
// count; the ridge of the distance map does not care for ends.
double typicalWidth(const cv::Mat& mask)
{
    std::vector<float> ridge;
    alongRidge(distanceMap(mask), 0.9F, [&](int, int, float d) { ridge.push_back(d); });
    return std::max(1.0, 2.0 * median(ridge) - 0.8);
}

// Pixels of the mask at least so far, px, from all that is not in it: where a distance map would say so, for a fraction of its time.
cv::Mat fartherThan(const cv::Mat& mask, double distance)
{
    const int r = static_cast<int>(std::ceil(distance)) - 1; // a pixel `distance` away or more does not count any longer
    cv::Mat disc(2 * r + 1, 2 * r + 1, CV_8U), out;
    for (int y = -r; y <= r; ++y)
        for (int x = -r; x <= r; ++x) disc.at<unsigned char>(y + r, x + r) = x * x + y * y < distance * distance;
    // (Beyond the picture's edge there is nothing to be near to.)
    eroded(mask, out, disc);
    return out;
}

// Fills what lies between passes: places a disc of that size cannot enter, if they are long. What such a disc leaves in
// the angle between two lines is small against it, and stays paper.
void gather(cv::Mat& mask, double reach)
{
    const int r = static_cast<int>(std::lround(reach / 2));
    if (r < 1) return;
    // In a frame, so that the picture's edge does not count as line.
    cv::Mat framed, grown, closed;
    cv::copyMakeBorder(mask, framed, 2 * r, 2 * r, 2 * r, 2 * r, cv::BORDER_CONSTANT, 0);
    const cv::Mat disc = cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * r + 1, 2 * r + 1});
    dilated(framed, grown, disc);
    eroded(grown, closed, disc);
    const cv::Mat filled = closed(cv::Rect(2 * r, 2 * r, mask.cols, mask.rows)) & ~mask;
    cv::Mat labels, stats, centres;
    cv::connectedComponentsWithStats(filled, labels, stats, centres, 4, CV_32S);
    tbb::parallel_for(0, mask.rows, [&](int y) {
        const int* l = labels.ptr<int>(y);
        unsigned char* m = mask.ptr(y);
        for (int x = 0; x < mask.cols; ++x)
            if (l[x] > 0 && stats.at<int>(l[x], cv::CC_STAT_AREA) > 0.9 * r * r) m[x] = 255;
    });
    // Enclosed paper that narrow lies between passes too, however short it is: no disc that wide fits in anywhere.
    const cv::Mat paper = 255 - mask, wide = fartherThan(paper, 0.35 * reach);
    const int n = cv::connectedComponents(paper, labels, 4, CV_32S);
    std::vector<char> open(static_cast<std::size_t>(n), 0);
    for (int y = 0; y < mask.rows; ++y) {
        const int* l = labels.ptr<int>(y);
        const unsigned char* w = wide.ptr(y);
        for (int x = 0; x < mask.cols; ++x)
            if (w[x]) open[static_cast<std::size_t>(l[x])] = 1;
    }
    tbb::parallel_for(0, mask.rows, [&](int y) {
        const int* l = labels.ptr<int>(y);
        unsigned char* m = mask.ptr(y);
        for (int x = 0; x < mask.cols; ++x)
            if (l[x] > 0 && !open[static_cast<std::size_t>(l[x])]) m[x] = 255;
    });
}

// A dark margin round the page (the bed of a scanner, a table under a photographed sheet) is no drawing, and would draw every
// threshold to itself: thick dark parts that lie along much of the picture's edge become paper.
// Expects even light.
void leaveOutMargin(pixel::Grey& even)
{
    const pixel::Histogram h = pixel::histogram(even);
    const pixel::Levels l = pixel::levels(h, pixel::otsu(h));
    cv::Mat g(even.height, even.width, CV_8U, even.data.data());
    const cv::Mat mask = g < l.cut;
    cv::Mat labels;
    const int n = cv::connectedComponents(mask, labels, 8, CV_32S);
    std::vector<double> onEdge(static_cast<std::size_t>(n), 0), widest(static_cast<std::size_t>(n), 0);
    for (int x = 0; x < g.cols; ++x)
        for (const int y : {0, g.rows - 1}) ++onEdge[static_cast<std::size_t>(labels.at<int>(y, x))];
    for (int y = 0; y < g.rows; ++y)
        for (const int x : {0, g.cols - 1}) ++onEdge[static_cast<std::size_t>(labels.at<int>(y, x))];
    const auto along = [&](std::size_t k) { return k > 0 && onEdge[k] > 0.4 * std::min(g.rows, g.cols); };
    bool any = false;
    for (std::size_t k = 1; k < onEdge.size(); ++k) any = any || along(k);
    if (!any) return;
    const cv::Mat far = distanceMap(mask);
    std::vector<float> rest; // half widths of everything else
    for (int y = 0; y < g.rows; ++y)
        for (int x = 0; x < g.cols; ++x) {
            const auto k = static_cast<std::size_t>(labels.at<int>(y, x));
            widest[k] = std::max(widest[k], static_cast<double>(far.at<float>(y, x)));
            if (k > 0 && !along(k)) rest.push_back(far.at<float>(y, x));
        }
    const double thick = std::max(3.0, 2.5 * median(rest));
    cv::Mat margin(g.size(), CV_8U, cv::Scalar(0));
    for (int y = 0; y < g.rows; ++y)
        for (int x = 0; x < g.cols; ++x) {
            const auto k = static_cast<std::size_t>(labels.at<int>(y, x));
            if (along(k) && widest[k] > thick) margin.at<std::uint8_t>(y, x) = 255;
        }
    // Its soft edge and the shadow of the page go with it.
    const int reach = std::clamp(std::min(g.rows, g.cols) / 120, 3, 15);
    cv::dilate(margin, margin, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1}));
    g.setTo(l.light, margin);
}

// No picture from a scanner or a camera has less noise (of the darkness).
bool isScanned(double noise)
{
    return noise >= 0.004;
}

InkField ofInk(Field darkness, double dark, double light, double noise, bool palerToo)
{
    InkField out;
    out.medium = Medium::ink;
    out.cover = std::move(darkness);
    cv::Mat m = view(out.cover);
    const bool scanned = isScanned(noise);
    const double sigma = scanned ? 0.8 : 0.5;
    cv::GaussianBlur(m, m, {0, 0}, sigma, sigma, cv::BORDER_REPLICATE);
    // Ink is as dark as it is in the middle of the lines: what a threshold calls ink holds their soft edges too.
    std::vector<float> middle;
    alongRidge(distanceMap(m > (dark + light) / 2), 0.5F, [&](int x, int y, float) { middle.push_back(m.at<float>(y, x)); });
    const double ink = middle.size() > 20 ? std::max<double>(median(middle), light + 0.6 * (dark - light)) : dark;
    if (middle.size() > 20) {
        // Where all lines are thin the darkest places are as pale as they, or a little darker: then it is ink as ink is.
        constexpr double nearlyAll = 0.98, usual = 0.8; // (of black ink scanned: common practice, no source)
        const auto deep = middle.begin() + static_cast<long>(nearlyAll * static_cast<double>(middle.size()));
        std::nth_element(middle.begin(), deep, middle.end());
        out.share = std::clamp((ink - light) / (std::max<double>(*deep, scanned ? usual : 0) - light), 0.0, 1.0);
    }
    constexpr double pixel = 0.3, lens = 1; // px of standard deviation: of a picture drawn by a program, of a scanner's
    out.narrow = 2.6 * std::hypot(sigma, scanned ? lens : pixel);
    m = (m - light) / (ink - light);
    if (palerToo) out.lifted = liftPaleInk(out.cover, noise / (ink - light));
    out.grain = scanned ? 1.6 : 1;
    return out;
}

InkField ofPencil(Field soft, const InkFieldOptions& options)
{
    InkField out;
    out.medium = Medium::pencil;
    out.grain = 3;
    cv::Mat m = view(soft);
    constexpr double before = 1.3, after = 0.8;
    constexpr double lens = 0.7; // a scanner's or a camera's, about (common practice, no source)
    out.softened = std::hypot(before, after, lens);
    cv::GaussianBlur(m, m, {0, 0}, before, before, cv::BORDER_REPLICATE);
    const float paper = medianOver(m, [](float v) { return v; });
    const float rough = 1.48F * medianOver(m, [&](float v) { return std::abs(v - paper); });
    cv::Mat mask = touching(m > paper + std::max(4.5F * rough, 0.05F), m > paper + std::max(8 * rough, 0.12F), 30);
    if (options.cancelled && options.cancelled()) return out;

    // The edge of a mark is where it is half as dark as marks are near by. (What is not needed any more is let go at once: on a large page
    // each of these takes tens of megabytes.)
    cv::Mat inside, peak;
    m.copyTo(inside, mask);
    out.cover = std::move(soft);
    m = view(out.cover);
    inside -= paper;
    cv::max(inside, 0, inside);
    const cv::Mat near = cv::getStructuringElement(cv::MORPH_ELLIPSE, {7, 7});
    dilated(inside, peak, near);
    blurred(peak, m, 3);
    cv::Mat any;
    mask.convertTo(peak, CV_32F, 1.0 / 255);
    dilated(peak, any, near);
    blurred(any, peak, 3);
    any.release();
    cv::max(peak, 0.05, peak);
    m /= peak;
    peak.release();
    cv::max(m, 0.06, m);
    cv::divide(inside, m, m);
    inside.release();
    cv::Mat& share = m;
    cv::Mat marks = share > 0.42;
    out.pass = typicalWidth(marks);
    cv::Mat gathered = marks.clone();
    gather(gathered, 1.7 * out.pass * options.gather);
    const cv::Mat gaps = gathered & ~marks;
    out.filled = pixel::Raster<std::uint8_t>(out.cover.width, out.cover.height);
    gaps.copyTo(cv::Mat(gaps.rows, gaps.cols, CV_8U, out.filled.data.data()));
    cv::min(share, 1.0, share);
    // Filled parts are line; the edges that remain outside keep their grey values.
    share.setTo(1.0, gaps);
    cv::GaussianBlur(share, share, {0, 0}, after);
    share *= 0.5 / 0.42;
    return out;
}

} // namespace

InkField inkField(const pixel::Grey& grey, const InkFieldOptions& options)
{
    // (A field of a large page is large: there are no more at once than are needed.)
    const auto none = [&] {
        InkField empty;
        empty.cover = Field(grey.width, grey.height);
        return empty;
    };
    if (grey.empty()) return none();
    const pixel::PaperField paper = pixel::paperField(grey);
    pixel::Grey even = paper.unevenness > 0.02 ? pixel::flattened(grey, paper, 1, 250) : grey;
    leaveOutMargin(even);
    const pixel::Histogram h = pixel::histogram(even);
    const pixel::Levels l = pixel::levels(h, pixel::otsu(h));
    if (l.light - l.dark < 8) return none();
    Field darkness(grey.width, grey.height);
    std::transform(even.data.begin(), even.data.end(), darkness.data.begin(), [](std::uint8_t v) { return static_cast<float>(255 - v) / 255; });
    cv::Mat m = view(darkness), smooth;
    blurred(m, smooth, 2);
    cv::absdiff(m, smooth, smooth);
    const double noise = 1.48 * medianOver(smooth, [](float v) { return v; });
    smooth.release();
    const Medium medium = options.medium == Medium::find ? mediumOf(even, l, isScanned(noise)) : options.medium;
    even = {};
    if (medium == Medium::pencil) return ofPencil(std::move(darkness), options);
    return ofInk(std::move(darkness), 1 - l.dark / 255, 1 - l.light / 255, noise, options.medium == Medium::find);
}

float sample(const Field& field, double x, double y)
{
    x -= 0.5;
    y -= 0.5;
    const int i = static_cast<int>(std::floor(x)), j = static_cast<int>(std::floor(y));
    if (i < 0 || j < 0 || i + 1 >= field.width || j + 1 >= field.height) {
        const int k = static_cast<int>(std::lround(x)), r = static_cast<int>(std::lround(y));
        return field.inside(k, r) ? field.at(k, r) : 0.0F;
    }
    const auto fx = static_cast<float>(x - i), fy = static_cast<float>(y - j);
    const float* a = field.row(j) + i;
    const float* b = field.row(j + 1) + i;
    return (a[0] * (1 - fx) + a[1] * fx) * (1 - fy) + (b[0] * (1 - fx) + b[1] * fx) * fy;
}

} // namespace softrope::trace
