// What the files of a stack share: levels beside L*, and rasters as OpenCV sees them.
#pragma once

#include "pixel/raster.h"

#include <opencv2/core.hpp>

namespace softrope::tone {

constexpr float perL = 2.55F; // levels to one unit of L*

// The same memory; `type` as OpenCV names it (CV_8U, CV_32F).
template <class T> cv::Mat matOf(pixel::Raster<T>& r, int type)
{
    return {r.height, r.width, type, r.data.data()};
}

} // namespace softrope::tone
