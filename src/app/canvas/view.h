// How the sheet is looked at: zoom, place, and which of reference and artwork shows. Never changes the document.
#pragma once

#include "curve/affine.h"
#include "curve/box.h"

#include <QPointF>
#include <QRectF>

#include <algorithm>

namespace softrope::app {

enum class Show { over, beside, alone };

struct View {
    double zoom = 1;              // screen px per sheet px
    curve::Vec2 centre{540, 540}; // sheet px in the middle of the pane
    Show show = Show::over;
    double veil = 1; // 0..1
    bool referenceHidden = false;
    bool peekReference = false, peekArtwork = false, squint = false;

    static constexpr double least = 0.02, most = 128;

    curve::Affine toScreen(const QRectF& pane) const
    {
        return curve::translation({pane.center().x(), pane.center().y()}) * curve::scaling(zoom, zoom) * curve::translation(-centre);
    }
    curve::Vec2 toSheet(const QRectF& pane, QPointF p) const { return centre + curve::Vec2{p.x() - pane.center().x(), p.y() - pane.center().y()} / zoom; }
    // Zooms so that the sheet point under the pointer stays there.
    void zoomAt(const QRectF& pane, QPointF p, double factor)
    {
        const curve::Vec2 held = toSheet(pane, p);
        zoom = std::clamp(zoom * factor, least, most);
        centre = held - curve::Vec2{p.x() - pane.center().x(), p.y() - pane.center().y()} / zoom;
    }
    void fit(const QRectF& pane, const curve::Box& box, double margin = 24)
    {
        if (box.empty() || pane.isEmpty()) return;
        const double w = std::max(1.0, pane.width() - 2 * margin), h = std::max(1.0, pane.height() - 2 * margin);
        zoom = std::clamp(std::min(w / std::max(box.width(), 1e-6), h / std::max(box.height(), 1e-6)), least, most);
        centre = box.centre();
    }
};

} // namespace softrope::app
