#include "pixel/paper.h"

#include <opencv2/imgproc.hpp>

#include <algorithm>
#include <cmath>
#include <limits>

namespace softrope::pixel {

namespace {

using Point = cv::Point2d;

// Tuned on pages of the scanner stand-in and on pages seen askew (tests/pixel/paper_test.cpp).
namespace tuned {
constexpr double small = 600;        // px of the longer side in which the paper is looked for first
constexpr double leastShare = 0.12;  // of the picture that is paper
constexpr double leastFilled = 0.88; // of the quadrangle that is light
constexpr double wide = 0.02;        // of the picture: so far to either side its edge is looked for again
constexpr double middle = 0.9;       // of each side that speaks for it; corners are often bent
constexpr double leastStep = 10;     // grey values between paper and what is round it
} // namespace tuned

double cross(Point a, Point b)
{
    return a.x * b.y - a.y * b.x;
}

struct Line {
    Point at, along;
};

std::optional<Point> meeting(const Line& a, const Line& b)
{
    const double d = cross(a.along, b.along);
    if (std::abs(d) < 0.05) return std::nullopt;
    return a.at + a.along * (cross(b.at - a.at, b.along) / d);
}

// The outline of what is light, as four points; nothing when it is no quadrangle.
std::optional<std::array<Point, 4>> roughCorners(const cv::Mat& small)
{
    cv::Mat calm, light;
    cv::GaussianBlur(small, calm, {0, 0}, 2);
    cv::threshold(calm, light, 0, 255, cv::THRESH_BINARY | cv::THRESH_OTSU);
    // Drawn lines are filled, threads to other light things cut.
    const int reach = std::max(3, small.cols / 60);
    cv::Mat disc = cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1});
    cv::copyMakeBorder(light, light, reach, reach, reach, reach, cv::BORDER_CONSTANT, 0);
    cv::morphologyEx(light, light, cv::MORPH_CLOSE, disc);
    cv::morphologyEx(light, light, cv::MORPH_OPEN, disc);
    std::vector<std::vector<cv::Point>> outlines;
    cv::findContours(light, outlines, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
    const auto largest =
        std::max_element(outlines.begin(), outlines.end(), [](const auto& a, const auto& b) { return cv::contourArea(a) < cv::contourArea(b); });
    if (largest == outlines.end()) return std::nullopt;
    const double area = cv::contourArea(*largest);
    if (area < tuned::leastShare * small.total()) return std::nullopt;
    std::vector<cv::Point> hull, four;
    cv::convexHull(*largest, hull);
    for (double slack = 0.01; slack < 0.12; slack += 0.005) {
        cv::approxPolyDP(hull, four, slack * cv::arcLength(hull, true), true);
        if (four.size() <= 4) break;
    }
    if (four.size() != 4 || area < tuned::leastFilled * cv::contourArea(four)) return std::nullopt;
    std::array<Point, 4> out;
    for (std::size_t i = 0; i < 4; ++i) out[i] = Point(four[i].x - reach + 0.5, four[i].y - reach + 0.5);
    if (cross(out[1] - out[0], out[2] - out[1]) < 0) std::reverse(out.begin(), out.end());
    // From the corner nearest the top left on.
    const auto first = std::min_element(out.begin(), out.end(), [](Point a, Point b) { return a.x + a.y < b.x + b.y; });
    std::rotate(out.begin(), first, out.end());
    return out;
}

// The side again, on the steepest places across it; nothing where it lies along the picture's border or shows no edge. `found` counts those.
std::optional<Line> sideAgain(const cv::Mat& grey, Point from, Point to)
{
    const Point way = to - from;
    const double length = std::hypot(way.x, way.y);
    if (length < 16) return std::nullopt;
    const Point along = way / length, out(along.y, -along.x); // out of a quadrangle that runs clockwise
    const int reach = std::max(6, static_cast<int>(tuned::wide * std::max(grey.cols, grey.rows))), places = 160;
    std::vector<cv::Point2f> on;
    for (int i = 0; i < places; ++i) {
        const double share = 0.5 + tuned::middle * ((i + 0.5) / places - 0.5);
        const Point at = from + way * share;
        const auto value = [&](double d) {
            const Point p = at + out * d;
            const int x = static_cast<int>(std::floor(p.x)), y = static_cast<int>(std::floor(p.y));
            return x < 0 || y < 0 || x >= grey.cols || y >= grey.rows ? -1.0 : static_cast<double>(grey.at<std::uint8_t>(y, x));
        };
        double best = tuned::leastStep, where = 0;
        for (int k = -reach; k <= reach; ++k) {
            const double a = value(k - 2), b = value(k + 2), c = value(k - 1), d = value(k + 1);
            if (a < 0 || b < 0) continue;
            const double step = (a + c - b - d) / 2; // light inside, dark outside
            if (step > best) {
                best = step;
                where = k;
            }
        }
        if (best <= tuned::leastStep) continue;
        // Between the two values the edge stands where the middle one is passed.
        on.emplace_back(at + out * where);
    }
    if (on.size() < places / 4) return std::nullopt;
    cv::Vec4f line;
    cv::fitLine(on, line, cv::DIST_WELSCH, 0, 0.01, 0.001);
    return Line{Point(line[2], line[3]), Point(line[0], line[1])};
}

cv::Mat toPicture(const Corners& c, double width, double height)
{
    const cv::Point2f page[4] = {
        {0, 0}, {static_cast<float>(width), 0}, {static_cast<float>(width), static_cast<float>(height)}, {0, static_cast<float>(height)}};
    cv::Point2f there[4];
    for (std::size_t i = 0; i < 4; ++i) there[i] = {static_cast<float>(c[i].x), static_cast<float>(c[i].y)};
    return cv::getPerspectiveTransform(page, there);
}

} // namespace

std::optional<Corners> paperCorners(const Grey& grey)
{
    if (grey.width < 32 || grey.height < 32) return std::nullopt;
    const cv::Mat whole(grey.height, grey.width, CV_8U, const_cast<std::uint8_t*>(grey.data.data()));
    const double scale = std::min(1.0, tuned::small / std::max(grey.width, grey.height));
    cv::Mat less, calm;
    cv::resize(whole, less, {}, scale, scale, cv::INTER_AREA);
    const auto rough = roughCorners(less);
    if (!rough) return std::nullopt;
    cv::GaussianBlur(whole, calm, {0, 0}, std::max(0.8, 0.7 / scale));
    std::array<Line, 4> sides;
    int seen = 0;
    for (std::size_t i = 0; i < 4; ++i) {
        const Point from = (*rough)[i] / scale, to = (*rough)[(i + 1) % 4] / scale;
        const auto side = sideAgain(calm, from, to);
        sides[i] = side ? *side : Line{from, to - from};
        seen += side ? 1 : 0;
    }
    // A page that fills the picture has no edges to go by.
    if (seen < 2) return std::nullopt;
    Corners out;
    for (std::size_t i = 0; i < 4; ++i) {
        const auto at = meeting(sides[(i + 3) % 4], sides[i]);
        if (!at) return std::nullopt;
        out[i] = {at->x, at->y};
    }
    if (!isPage(out)) return std::nullopt;
    return out;
}

bool isPage(const Corners& c)
{
    for (std::size_t i = 0; i < 4; ++i) {
        const Point a(c[i].x, c[i].y), b(c[(i + 1) % 4].x, c[(i + 1) % 4].y), d(c[(i + 2) % 4].x, c[(i + 2) % 4].y);
        const double side = std::hypot(b.x - a.x, b.y - a.y);
        if (!std::isfinite(side) || side < 16 || side > 1e6 || !(cross(b - a, d - b) > 0)) return false;
    }
    return true;
}

PageSize squareSize(const Corners& c, int width, int height)
{
    const auto length = [&](std::size_t i, std::size_t j) { return std::hypot(c[i].x - c[j].x, c[i].y - c[j].y); };
    const double across = std::max(length(0, 1), length(3, 2)), down = std::max(length(0, 3), length(1, 2));
    double ratio = across / down;
    // Homogeneous places about the picture's middle, in its size.
    const double unit = std::max(width, height);
    const auto place = [&](std::size_t i) { return cv::Vec3d((c[i].x - width / 2.0) / unit, (c[i].y - height / 2.0) / unit, 1); };
    const cv::Vec3d m1 = place(0), m2 = place(1), m3 = place(3), m4 = place(2);
    const double k2 = m1.cross(m4).dot(m3) / m2.cross(m4).dot(m3), k3 = m1.cross(m4).dot(m2) / m3.cross(m4).dot(m2);
    const cv::Vec3d n2 = k2 * m2 - m1, n3 = k3 * m3 - m1;
    constexpr double seenAskew = 0.02; // less, and the sides are parallel but for the hand: the lengths say more
    if (std::abs(n2[2]) > seenAskew && std::abs(n3[2]) > seenAskew) {
        const double focal2 = -(n2[0] * n3[0] + n2[1] * n3[1]) / (n2[2] * n3[2]);
        if (focal2 > 0.1 && focal2 < 100) {
            const double found =
                std::sqrt(((n2[0] * n2[0] + n2[1] * n2[1]) / focal2 + n2[2] * n2[2]) / ((n3[0] * n3[0] + n3[1] * n3[1]) / focal2 + n3[2] * n3[2]));
            if (std::isfinite(found) && found > 0.2 * ratio && found < 5 * ratio) ratio = found;
        }
    } else if (std::abs(n2[2]) > seenAskew || std::abs(n3[2]) > seenAskew) {
        // Askew about one axis only: the length of the lens is not to be had from that; a usual one is taken (its picture as wide as 1.1 of it).
        constexpr double focal2 = 1 / (1.1 * 1.1);
        ratio = std::sqrt(((n2[0] * n2[0] + n2[1] * n2[1]) / focal2 + n2[2] * n2[2]) / ((n3[0] * n3[0] + n3[1] * n3[1]) / focal2 + n3[2] * n3[2]));
    }
    // As many px as the larger sides have.
    const double most = std::max(across, down * ratio);
    constexpr int largest = 30000;
    const auto whole = [](double v) { return static_cast<int>(std::clamp(std::round(v), 1.0, static_cast<double>(largest))); };
    return {whole(most), whole(most / ratio)};
}

Picture squared(const Picture& picture, const Corners& c)
{
    if (picture.empty() || !isPage(c)) return picture;
    const PageSize size = squareSize(c, picture.width, picture.height);
    Picture out(size.width, size.height);
    const cv::Mat from(picture.height, picture.width, CV_8UC4, const_cast<Rgba*>(picture.data.data()));
    cv::Mat to(size.height, size.width, CV_8UC4, out.data.data());
    // Pixel centres lie at halves for us, at whole numbers for the library.
    const cv::Mat half = (cv::Mat_<double>(3, 3) << 1, 0, 0.5, 0, 1, 0.5, 0, 0, 1), back = (cv::Mat_<double>(3, 3) << 1, 0, -0.5, 0, 1, -0.5, 0, 0, 1);
    const cv::Mat map = back * toPicture(c, size.width, size.height) * half;
    cv::warpPerspective(from, to, map, to.size(), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_REPLICATE);
    return out;
}

Corner fromSquared(const Corners& c, int width, int height, Corner place)
{
    const PageSize size = squareSize(c, width, height);
    const cv::Mat m = toPicture(c, size.width, size.height);
    const auto row = [&](int r) { return m.at<double>(r, 0) * place.x + m.at<double>(r, 1) * place.y + m.at<double>(r, 2); };
    const double w = row(2);
    return {row(0) / w, row(1) / w};
}

} // namespace softrope::pixel
