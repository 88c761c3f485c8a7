#include "pixel/lighting.h"
#include "pixel/threshold.h"

#include <catch2/catch.hpp>

#include <cmath>

using namespace softrope::pixel;

TEST_CASE("Otsu's cut parts two even tones in the middle of the gap")
{
    Grey g(100, 100, 200);
    for (int y = 0; y < 30; ++y)
        for (int x = 0; x < 100; ++x) g.at(x, y) = 40;
    const int cut = otsu(histogram(g));
    CHECK(cut == (40 + 199) / 2);
    const Levels l = levels(histogram(g), cut);
    CHECK(l.dark == Approx(40).margin(0.51));
    CHECK(l.light == Approx(200).margin(0.51));
    CHECK(l.cut == Approx(120).margin(1));
}

TEST_CASE("Otsu's cut has the largest variance between classes of all cuts")
{
    Histogram h{};
    for (std::size_t v = 0; v < 256; ++v)
        h[v] = static_cast<std::uint64_t>(1000 * std::exp(-std::pow((double(v) - 70) / 25, 2)) + 600 * std::exp(-std::pow((double(v) - 190) / 18, 2)));
    const auto between = [&](int cut) {
        double w0 = 0, w1 = 0, m0 = 0, m1 = 0;
        for (int v = 0; v < 256; ++v) {
            const auto n = static_cast<double>(h[static_cast<std::size_t>(v)]);
            (v <= cut ? w0 : w1) += n;
            (v <= cut ? m0 : m1) += n * v;
        }
        return w0 > 0 && w1 > 0 ? w0 * w1 * std::pow(m0 / w0 - m1 / w1, 2) : 0;
    };
    const int cut = otsu(h);
    for (int v = 0; v < 255; ++v) CHECK(between(v) <= between(cut) * (1 + 1e-9));
}

TEST_CASE("a picture of one value has no cut that matters, and nothing breaks")
{
    CHECK(otsu(histogram(Grey(5, 5, 128))) == 127);
    CHECK(otsu(histogram(Grey())) == 127);
    CHECK(paperField(Grey()).level.width == 1);
}

TEST_CASE("uneven light on paper is found and divided out")
{
    Grey g(400, 300);
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x) {
            const double light = 0.65 + 0.35 * x / g.width;
            const bool ink = (x / 20) % 5 == 0 && y > 60 && y < 240;
            g.at(x, y) = static_cast<std::uint8_t>(std::lround((ink ? 50 : 240) * light));
        }
    const PaperField field = paperField(g);
    CHECK(field.unevenness > 0.25);
    const Grey even = flattened(g, field, 1, 250);
    int low = 255, high = 0;
    for (int x = 30; x < 390; ++x)
        if ((x / 20) % 5 == 2) {
            low = std::min<int>(low, even.at(x, 150));
            high = std::max<int>(high, even.at(x, 150));
        }
    CHECK(high - low < 14);
    CHECK(flattened(g, field, 0) == g);
}

TEST_CASE("an evenly lit page is left alone")
{
    Grey g(200, 200, 255);
    for (int i = 40; i < 160; ++i)
        for (int k = 40; k < 160; ++k) g.at(i, k) = 0;
    CHECK(paperField(g).unevenness < 0.01);
}

TEST_CASE("grey of a transparent picture is that of white paper")
{
    Picture p(2, 1, Rgba{0, 0, 0, 0});
    p.at(1, 0) = {255, 0, 0, 255};
    CHECK(greyOf(p).at(0, 0) == 255);
    CHECK(greyOf(p).at(1, 0) == 76); // 0.299 * 255, ITU-R BT.601
}
