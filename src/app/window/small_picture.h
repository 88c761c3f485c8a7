// Small pictures of whole documents, for lists of them.
#pragma once

#include "app/theme/images.h"
#include "art/document.h"
#include "art/light.h"
#include "render/render.h"

#include <QIcon>
#include <QImage>
#include <QPixmap>

#include <algorithm>
#include <functional>
#include <memory>

namespace softrope::app {

using PictureOf = std::function<std::shared_ptr<const pixel::Picture>(const art::Reference&)>;

// The sheet within that size; any thread. References only with `pictures`.
inline QImage smallPicture(const art::Document& d, QSize size, const PictureOf& pictures = {})
{
    const double scale = std::min(size.width() / d.sheet.width, size.height() / d.sheet.height);
    const int w = std::max(1, static_cast<int>(d.sheet.width * scale)), h = std::max(1, static_cast<int>(d.sheet.height * scale));
    render::Options o;
    o.references = static_cast<bool>(pictures);
    o.background = true;
    o.pictures = pictures;
    const render::Surface s = render::renderView(d, curve::scaling(scale, scale), w, h, o);
    if (s.width == 0) return {};
    return imageOf(s);
}

// Not tinted where it is picked: its colours are what one looks at.
inline QIcon plainIcon(const QPixmap& p)
{
    QIcon out(p);
    out.addPixmap(p, QIcon::Selected);
    return out;
}

} // namespace softrope::app
