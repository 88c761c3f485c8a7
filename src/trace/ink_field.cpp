#include "trace/ink_field.h"

#include "pixel/lighting.h"
#include "pixel/threshold.h"

#include <opencv2/imgproc.hpp>

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

// A few hundred thousand values spread over the picture stand for all of it.
template <class F> float medianOver(const cv::Mat& m, F value)
{
    const std::size_t all = m.total(), stride = std::max<std::size_t>(1, all / 300000);
    std::vector<float> v;
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
    for (int y = 0; y < weak.rows; ++y)
        for (int x = 0; x < weak.cols; ++x) out.at<unsigned char>(y, x) = keep[static_cast<std::size_t>(labels.at<int>(y, x))] ? 255 : 0;
    return out;
}

// Typical width of a mark: its area over half its outline's length is robust against breaks and crossings, but ends
// count; the ridge of the distance map does not care for ends.
double typicalWidth(const cv::Mat& mask)
{
    cv::Mat far, top;
    cv::distanceTransform(mask, far, cv::DIST_L2, cv::DIST_MASK_PRECISE);
    cv::dilate(far, top, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    std::vector<float> ridge;
    for (int y = 0; y < far.rows; ++y)
        for (int x = 0; x < far.cols; ++x)
            if (far.at<float>(y, x) > 0.9F && far.at<float>(y, x) >= top.at<float>(y, x)) ridge.push_back(far.at<float>(y, x));
    return std::max(1.0, 2.0 * median(ridge) - 0.8);
}

// Fills what lies between passes: places a disc of that size cannot enter, if they are long. What such a disc leaves in
// the angle between two lines is small against it, and stays paper.
void gather(cv::Mat& mask, double reach)
{
    const int r = static_cast<int>(std::lround(reach / 2));
    if (r < 1) return;
    // In a frame, so that the picture's edge does not count as line.
    cv::Mat framed, closed;
    cv::copyMakeBorder(mask, framed, 2 * r, 2 * r, 2 * r, 2 * r, cv::BORDER_CONSTANT, 0);
    cv::morphologyEx(framed, closed, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * r + 1, 2 * r + 1}));
    const cv::Mat filled = closed(cv::Rect(2 * r, 2 * r, mask.cols, mask.rows)) & ~mask;
    cv::Mat labels, stats, centres;
    cv::connectedComponentsWithStats(filled, labels, stats, centres, 4, CV_32S);
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x) {
            const int k = labels.at<int>(y, x);
            if (k > 0 && stats.at<int>(k, cv::CC_STAT_AREA) > 0.9 * r * r) mask.at<unsigned char>(y, x) = 255;
        }
    // Enclosed paper that narrow lies between passes too, however short it is.
    const cv::Mat paper = 255 - mask;
    cv::Mat far;
    const int n = cv::connectedComponentsWithStats(paper, labels, stats, centres, 4, CV_32S);
    cv::distanceTransform(paper, far, cv::DIST_L2, cv::DIST_MASK_PRECISE);
    std::vector<float> widest(static_cast<std::size_t>(n), 0);
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x) {
            float& w = widest[static_cast<std::size_t>(labels.at<int>(y, x))];
            w = std::max(w, far.at<float>(y, x));
        }
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x) {
            const int k = labels.at<int>(y, x);
            if (k > 0 && 2 * widest[static_cast<std::size_t>(k)] < 0.7 * reach) mask.at<unsigned char>(y, x) = 255;
        }
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
    cv::Mat labels, far;
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
    cv::distanceTransform(mask, far, cv::DIST_L2, cv::DIST_MASK_3);
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

// Typical grey value in the middle of the thinnest marks: solid parts and a dark margin say nothing about the lines.
double thinMarksLevel(const pixel::Grey& grey, const pixel::Levels& l)
{
    const cv::Mat g(grey.height, grey.width, CV_8U, const_cast<std::uint8_t*>(grey.data.data()));
    const cv::Mat mask = g < l.cut;
    cv::Mat far, top;
    cv::distanceTransform(mask, far, cv::DIST_L2, cv::DIST_MASK_3);
    cv::dilate(far, top, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    std::vector<std::pair<float, float>> middle; // radius and value
    for (std::size_t i = 0; i < far.total(); ++i)
        if (far.ptr<float>()[i] > 0.9F && far.ptr<float>()[i] >= top.ptr<float>()[i]) middle.emplace_back(far.ptr<float>()[i], static_cast<float>(g.data[i]));
    if (middle.size() < 20) return l.dark;
    const auto fifth = middle.begin() + static_cast<long>(middle.size() / 5);
    std::nth_element(middle.begin(), fifth, middle.end());
    const float limit = 3 * fifth->first;
    std::vector<float> values;
    for (const auto& [radius, value] : middle)
        if (radius <= limit) values.push_back(value);
    return median(values);
}

InkField ofInk(Field darkness, double dark, double light, double noise)
{
    InkField out;
    out.medium = Medium::ink;
    out.cover = std::move(darkness);
    cv::Mat m = view(out.cover);
    const double sigma = noise < 0.004 ? 0.5 : 0.8;
    cv::GaussianBlur(m, m, {0, 0}, sigma, sigma, cv::BORDER_REPLICATE);
    // Ink is as dark as it is in the middle of the lines: what a threshold calls ink holds their soft edges too.
    cv::Mat mask = m > (dark + light) / 2, far, top;
    cv::distanceTransform(mask, far, cv::DIST_L2, cv::DIST_MASK_3);
    cv::dilate(far, top, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    std::vector<float> middle;
    const std::size_t stride = std::max<std::size_t>(1, far.total() / 20000000);
    for (std::size_t i = 0; i < far.total(); i += stride)
        if (far.ptr<float>()[i] > 0.5F && far.ptr<float>()[i] >= top.ptr<float>()[i]) middle.push_back(m.ptr<float>()[i]);
    const double ink = middle.size() > 20 ? std::max<double>(median(middle), light + 0.6 * (dark - light)) : dark;
    m = (m - light) / (ink - light);
    out.grain = noise < 0.004 ? 1 : 1.6;
    return out;
}

InkField ofPencil(Field soft, const InkFieldOptions& options)
{
    InkField out;
    out.medium = Medium::pencil;
    out.grain = 3;
    cv::Mat m = view(soft);
    constexpr double before = 1.3, after = 0.8;
    out.softened = std::hypot(before, after);
    cv::GaussianBlur(m, m, {0, 0}, before, before, cv::BORDER_REPLICATE);
    const float paper = medianOver(m, [](float v) { return v; });
    const float rough = 1.48F * medianOver(m, [&](float v) { return std::abs(v - paper); });
    const cv::Mat weak = m > paper + std::max(4.5F * rough, 0.05F), firm = m > paper + std::max(8 * rough, 0.12F);
    cv::Mat mask = touching(weak, firm, 30);
    if (options.cancelled && options.cancelled()) return out;

    // The edge of a mark is where it is half as dark as marks are near by.
    cv::Mat inside, peak, share;
    m.copyTo(inside, mask);
    inside -= paper;
    cv::max(inside, 0, inside);
    cv::dilate(inside, peak, cv::getStructuringElement(cv::MORPH_ELLIPSE, {7, 7}));
    cv::GaussianBlur(peak, peak, {0, 0}, 3);
    cv::Mat any, anyMask;
    mask.convertTo(any, CV_32F, 1.0 / 255);
    cv::dilate(any, any, cv::getStructuringElement(cv::MORPH_ELLIPSE, {7, 7}));
    cv::GaussianBlur(any, any, {0, 0}, 3);
    cv::max(any, 0.05, any);
    peak /= any;
    cv::max(peak, 0.06, peak);
    share = inside / peak;
    cv::Mat marks = share > 0.42;
    out.pass = typicalWidth(marks);
    cv::Mat gathered = marks.clone();
    gather(gathered, 1.7 * out.pass * options.gather);
    const cv::Mat gaps = gathered & ~marks;
    out.filled = pixel::Raster<std::uint8_t>(soft.width, soft.height);
    gaps.copyTo(cv::Mat(soft.height, soft.width, CV_8U, out.filled.data.data()));
    cv::min(share, 1.0, share);
    // Filled parts are line; the edges that remain outside keep their grey values.
    share.setTo(1.0, gaps);
    cv::GaussianBlur(share, share, {0, 0}, after);
    out.cover = Field(soft.width, soft.height);
    share *= 0.5 / 0.42;
    share.copyTo(view(out.cover));
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
    cv::GaussianBlur(m, smooth, {0, 0}, 2);
    cv::absdiff(m, smooth, smooth);
    const double noise = 1.48 * medianOver(smooth, [](float v) { return v; });
    smooth.release();
    // Pencil: in the middle of the thin marks it is nearer to grey than to black.
    const bool pencil = options.medium == Medium::pencil || (options.medium == Medium::find && thinMarksLevel(even, l) > 0.27 * l.light);
    if (pencil) return ofPencil(std::move(darkness), options);
    return ofInk(std::move(darkness), 1 - l.dark / 255, 1 - l.light / 255, noise);
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
