// The scanner stand-in: lays a page on the glass a little crooked, lights it unevenly, and reads it with noise. The same
// seed returns the same picture.
#pragma once

#include "curve/affine.h"
#include "demo/pages.h"

#include <functional>

namespace softrope::demo {

struct ScanOptions {
    int dotsPerInch = 150;  // 150 or 300; the page is 11.25 in wide (1080 px at 96)
    std::uint64_t seed = 1; // decides turn, place, shadow and grain
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};

struct Scan {
    pixel::Picture picture; // empty when stopped
    curve::Affine fromPage; // page px to picture px: where everything truly lies
    double turn = 0;        // radians the page is crooked by
};

Scan scan(const Page& page, const ScanOptions& options);

} // namespace softrope::demo
