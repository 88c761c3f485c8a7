// The distance map, against OpenCV's exact one, called here as a reference, and against what can be counted by hand.
#include "trace/distance_map.h"

#include <catch2/catch.hpp>

#include <opencv2/imgproc.hpp>

#include <random>
#include <utility>

using namespace softrope::trace;

namespace {

// Bars, discs and specks at random: some on light ground, some cut out of dark ground.
cv::Mat pageOf(int width, int height, unsigned seed)
{
    std::mt19937 random(seed);
    const auto upTo = [&](int n) { return std::uniform_int_distribution<int>(0, n - 1)(random); };
    cv::Mat m(height, width, CV_8U, cv::Scalar(seed % 2 ? 255 : 0));
    for (int k = 0; k < 25; ++k) {
        const cv::Point a(upTo(width), upTo(height)), b(upTo(width), upTo(height));
        const cv::Scalar value(upTo(2) ? 255 : 0);
        if (k % 3 == 0) cv::circle(m, a, upTo(30), value, cv::FILLED);
        if (k % 3 == 1) cv::line(m, a, b, value, 1 + upTo(9));
        if (k % 3 == 2) m.at<unsigned char>(a) = static_cast<unsigned char>(value[0]);
    }
    return m;
}

} // namespace

TEST_CASE("Distances are OpenCV's exact ones, for thin marks and for thick ones")
{
    for (const auto& [width, height] : {std::pair{311, 203}, {64, 2100}, {2100, 64}, {1, 90}, {90, 1}})
        for (unsigned seed = 1; seed < 9; ++seed) {
            const cv::Mat mask = pageOf(width, height, seed);
            if (cv::countNonZero(mask) == width * height) continue; // there OpenCV says something else
            cv::Mat want;
            cv::distanceTransform(mask, want, cv::DIST_L2, cv::DIST_MASK_PRECISE);
            CAPTURE(width, height, seed);
            CHECK(cv::norm(distanceMap(mask), want, cv::NORM_INF) < 1e-4);
        }
}

TEST_CASE("A single pixel outside is as far as Pythagoras says, and nothing is beyond the picture")
{
    cv::Mat mask(50, 70, CV_8U, cv::Scalar(1));
    CHECK(cv::countNonZero(distanceMap(mask) == beyondAll) == 50 * 70);
    mask.at<unsigned char>(10, 20) = 0;
    const cv::Mat far = distanceMap(mask);
    for (int y = 0; y < 50; ++y)
        for (int x = 0; x < 70; ++x) REQUIRE(far.at<float>(y, x) == Approx(std::hypot(x - 20, y - 10)));
    CHECK(distanceMap(cv::Mat()).empty());
}

TEST_CASE("The ridge of a bar is its middle row")
{
    cv::Mat mask(30, 60, CV_8U, cv::Scalar(0));
    mask(cv::Rect(5, 10, 50, 7)).setTo(255);
    int n = 0;
    alongRidge(distanceMap(mask), 2.0F, [&](int x, int y, float d) {
        ++n;
        CHECK(y == 13);
        CHECK(d == 4);
        CHECK((x >= 8 && x <= 51));
    });
    CHECK(n == 44);
}
