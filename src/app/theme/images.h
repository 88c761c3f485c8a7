// Pictures of the core as those of the toolkit. Copies: the core's may go.
#pragma once

#include "pixel/raster.h"
#include "render/render.h"

#include <QImage>

namespace softrope::app {

inline QImage imageOf(const pixel::Picture& p)
{
    return QImage(reinterpret_cast<const uchar*>(p.data.data()), p.width, p.height, static_cast<qsizetype>(p.width) * 4, QImage::Format_RGBA8888).copy();
}
inline QImage imageOf(const render::Surface& s)
{
    return QImage(reinterpret_cast<const uchar*>(s.pixels.data()), s.width, s.height, static_cast<qsizetype>(s.width) * 4, QImage::Format_ARGB32_Premultiplied)
        .copy();
}

} // namespace softrope::app
