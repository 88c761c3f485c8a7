#include "tone/calm.h"

#include <opencv2/imgproc.hpp>
#include <tbb/parallel_for.h>

#include <algorithm>

namespace softrope::tone {

using pixel::Picture;
using pixel::Rgba;

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
