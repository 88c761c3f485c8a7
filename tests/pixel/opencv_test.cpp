// Pixel work against OpenCV's own functions, called here as a reference.
#include "pixel/skew.h"
#include "pixel/threshold.h"

#include <catch2/catch.hpp>

#include <opencv2/imgproc.hpp>

#include <cmath>

using namespace softrope::pixel;

namespace {

Grey blotches(unsigned seed)
{
    Grey g(160, 120);
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x) {
            seed = seed * 1664525u + 1013904223u;
            const double noise = (static_cast<double>(seed >> 8) / (1 << 24) - 0.5) * 50;
            const double base = std::hypot(x - 80, y - 60) < 20 + seed % 20 ? 70 : 170 + 20 * std::sin(x / 9.0);
            g.at(x, y) = static_cast<std::uint8_t>(std::clamp(base + noise, 0.0, 255.0));
        }
    return g;
}

} // namespace

TEST_CASE("Otsu's cut is OpenCV's, up to the plateau where cuts are equal")
{
    for (const unsigned seed : {1u, 7u, 99u, 1234u}) {
        Grey g = blotches(seed);
        cv::Mat m(g.height, g.width, CV_8U, g.data.data()), out;
        const double theirs = cv::threshold(m, out, 0, 255, cv::THRESH_BINARY | cv::THRESH_OTSU);
        const int ours = otsu(histogram(g));
        long between = 0;
        for (const std::uint8_t v : g.data) between += (v > std::min<double>(ours, theirs)) && (v <= std::max<double>(ours, theirs));
        INFO(ours << " and " << theirs);
        CHECK(between <= static_cast<long>(g.data.size() / 500));
    }
}

TEST_CASE("a page turned by OpenCV is found to be turned by that much")
{
    cv::Mat page(700, 900, CV_8U, cv::Scalar(235));
    for (int i = 0; i < 12; ++i) cv::line(page, {120, 90 + i * 45}, {780, 90 + i * 45}, cv::Scalar(60), 2, cv::LINE_AA);
    for (int i = 0; i < 5; ++i) cv::rectangle(page, {150 + i * 120, 110}, {220 + i * 120, 600}, cv::Scalar(90), 2, cv::LINE_AA);
    for (const double degrees : {-8.0, -2.5, 0.7, 4.0, 10.0}) {
        cv::Mat turned;
        // OpenCV counts angles against the clock on screen; ours run with it.
        cv::warpAffine(page, turned, cv::getRotationMatrix2D({450, 350}, -degrees, 1), page.size(), cv::INTER_LINEAR, cv::BORDER_CONSTANT, cv::Scalar(235));
        Grey g(turned.cols, turned.rows);
        std::copy(turned.datastart, turned.dataend, g.data.begin());
        const Skew s = skewOf(g);
        INFO(degrees);
        CHECK(s.angle * 180 / CV_PI == Approx(degrees).margin(0.1));
        CHECK(s.confidence > 0.3);
    }
}
