#include "app/canvas/carried.h"

#include "app/canvas/marks.h"
#include "art/arrange.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>
#include <memory>

namespace softrope::app {

using curve::Affine;
using curve::Box;
using curve::Vec2;

namespace {

constexpr double largest = 4000; // px of a picture's side: what lies beyond is painted when it comes into sight

Box mapped(const Affine& m, const Box& b)
{
    Box out;
    if (b.empty()) return out;
    for (const Vec2 p : {b.min, Vec2{b.max.x, b.min.y}, b.max, Vec2{b.min.x, b.max.y}}) out.add(m * p);
    return out;
}

Box common(const Box& a, const Box& b)
{
    return {{std::max(a.min.x, b.min.x), std::max(a.min.y, b.min.y)}, {std::min(a.max.x, b.max.x), std::min(a.max.y, b.max.y)}};
}

} // namespace

bool Carried::take(const std::vector<art::Id>& items)
{
    if (items == items_ && of_ == session_.document()) return false;
    drop();
    items_ = items;
    of_ = session_.document();
    only_ = art::fragmentOf(of_, items);
    box_ = art::bounds(only_);
    return true;
}

void Carried::drop()
{
    ++turn_;
    items_.clear();
    of_ = only_ = {};
    image_ = {};
    by_ = {};
    working_ = false;
}

Box Carried::box() const
{
    return mapped(by_, box_);
}

void Carried::want(const Affine& toScreen, const Box& seen, double ratio)
{
    const double scale = curve::meanScale(toScreen) * ratio;
    const double room = std::max(seen.width(), seen.height());
    Box part = common(box_.grown(1), seen.grown(0.5 * room));
    if (part.empty()) return;
    const double most = largest / std::max(scale, 1e-9);
    if (part.width() > most || part.height() > most) part = common(part, Box{seen.centre(), seen.centre()}.grown(most / 2));
    if (part.empty()) return;
    const Affine toImage = curve::scaling(scale, scale) * curve::translation(-part.min);
    const int w = std::max(1, static_cast<int>(std::ceil(part.width() * scale))), h = std::max(1, static_cast<int>(std::ceil(part.height() * scale)));
    working_ = true;
    render::Options o;
    o.references = true;
    o.background = false;
    o.pictures = [shelf = &session_.pictures()](const art::Reference& r) { return shelf->get(r); };
    session_.jobs().run<QImage>(
        Lane::drawing, this,
        [d = only_, toImage, w, h, o](const Progress&) {
            const render::Surface s = render::renderView(d, toImage, w, h, o);
            if (s.pixels.empty()) return QImage();
            return QImage(reinterpret_cast<const uchar*>(s.pixels.data()), s.width, s.height, static_cast<qsizetype>(s.width) * 4,
                          QImage::Format_ARGB32_Premultiplied)
                .copy();
        },
        [this, toImage, part, turn = turn_](const std::optional<QImage>& made) {
            if (turn != turn_) return;
            working_ = false;
            if (!made || made->isNull()) return;
            image_ = *made;
            toImage_ = toImage;
            covered_ = part;
            emit ready();
        },
        Jobs::For::anyPiece);
}

void Carried::paint(QPainter& p, const QRectF& pane, const Affine& toScreen, double ratio)
{
    const auto back = curve::inverse(toScreen * by_);
    if (!back) return;
    // What of them is in sight, as they lie in the document.
    const Box seen = mapped(*back, {{pane.left(), pane.top()}, {pane.right(), pane.bottom()}});
    const Box needed = common(seen, box_);
    const bool sharp = std::abs(curve::meanScale(toImage_) / (curve::meanScale(toScreen) * ratio) - 1) < 1e-6;
    const bool whole = needed.empty() || (!image_.isNull() && covered_.contains(needed.min) && covered_.contains(needed.max));
    if (!working_ && (!sharp || !whole)) want(toScreen, seen, ratio);
    if (image_.isNull()) {
        Marks m(p, toScreen, pane);
        const Box b = box();
        m.line({curve::rectangle(b.min, b.max)}, marks().geometry, 2, Qt::DashLine);
        return;
    }
    const auto fromImage = curve::inverse(toImage_);
    if (!fromImage) return;
    const Affine m = toScreen * by_ * *fromImage;
    p.save();
    p.setTransform(QTransform(m.a, m.b, m.c, m.d, m.e, m.f), true);
    p.setRenderHint(QPainter::SmoothPixmapTransform, std::abs(m.a - std::round(m.a)) > 1e-6 || m.b != 0);
    p.drawImage(QPointF(0, 0), image_);
    p.restore();
}

} // namespace softrope::app
