#include "tone/calm.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::tone {

using pixel::Picture;
using pixel::Rgba;

bool isOpaque(const Picture& p)
{
    return std::all_of(p.data.begin(), p.data.end(), [](Rgba c) { return c.a == 255; });
}

Picture opaque(const Picture& p)
{
    Picture out(p.width, p.height);
    for (std::size_t k = 0; k < p.data.size(); ++k) {
        const Rgba c = p.data[k];
        const auto mix = [&](std::uint8_t v) { return static_cast<std::uint8_t>((v * c.a + 255 * (255 - c.a) + 127) / 255); };
        out.data[k] = c.a == 255 ? c : Rgba{mix(c.r), mix(c.g), mix(c.b), 255};
    }
    return out;
}

LabPicture labPicture(const Picture& p)
{
    LabPicture out(p.width, p.height);
    tbb::parallel_for(0, p.height, [&](int y) {
        for (int x = 0; x < p.width; ++x) out.at(x, y) = pixel::quickLabOf(p.at(x, y));
    });
    return out;
}

Picture seenAt(const Picture& p, double pixels)
{
    const double scale = std::sqrt(pixels / (static_cast<double>(p.width) * p.height));
    if (p.empty() || !(scale < 1)) return p;
    Picture out(std::max(1, static_cast<int>(std::lround(p.width * scale))), std::max(1, static_cast<int>(std::lround(p.height * scale))));
    const cv::Mat from(p.height, p.width, CV_8UC4, const_cast<Rgba*>(p.data.data()));
    cv::Mat to(out.height, out.width, CV_8UC4, out.data.data());
    cv::resize(from, to, to.size(), 0, 0, cv::INTER_AREA);
    return out;
}

LabPicture evenly(const LabPicture& p)
{
    // The integral of 1 / S_L over the lightness, and of 1 / S_C = 1 / (1 + 0.045 C) over the chroma.
    constexpr int steps = 1000;
    static const std::array<float, steps + 1> lightness = [] {
        std::array<float, steps + 1> t{};
        double sum = 0;
        for (std::size_t k = 1; k <= steps; ++k) {
            const double l = (static_cast<double>(k) - 0.5) * 100 / steps, off = (l - 50) * (l - 50);
            sum += 100.0 / steps / (1 + 0.015 * off / std::sqrt(20 + off));
            t[k] = static_cast<float>(sum);
        }
        return t;
    }();
    LabPicture out(p.width, p.height);
    tbb::parallel_for(0, p.height, [&](int y) {
        for (int x = 0; x < p.width; ++x) {
            const pixel::Lab c = p.at(x, y);
            const float chroma = std::hypot(c.a, c.b), k = chroma > 1e-3F ? std::log1p(0.045F * chroma) / (0.045F * chroma) : 1;
            out.at(x, y) = {lightness[static_cast<std::size_t>(std::clamp(c.l, 0.0F, 100.0F) * steps / 100)], c.a * k, c.b * k};
        }
    });
    return out;
}

Picture calmed(const Picture& p, double noise, bool flat)
{
    cv::Mat rgb(p.height, p.width, CV_8UC3), out;
    const cv::Mat four(p.height, p.width, CV_8UC4, const_cast<Rgba*>(p.data.data()));
    cv::cvtColor(four, rgb, cv::COLOR_RGBA2RGB);
    if (static_cast<double>(p.width) * p.height > 4e6) {
        cv::medianBlur(rgb, out, 5);
    } else {
        // Noise is in CIELAB units; a step of one is about 2.5 of 255.
        cv::bilateralFilter(rgb, out, flat ? 5 : 7, flat ? std::clamp(12 * noise, 15.0, 60.0) : 10.0, flat ? 1.5 : 2.2);
        if (flat && noise > 0.6) {
            cv::Mat again;
            cv::bilateralFilter(out, again, 5, std::clamp(8 * noise, 12.0, 45.0), 1.5);
            out = again;
        }
    }
    Picture calm(p.width, p.height);
    cv::Mat to(p.height, p.width, CV_8UC4, calm.data.data());
    cv::cvtColor(out, to, cv::COLOR_RGB2RGBA);
    return calm;
}

} // namespace softrope::tone
