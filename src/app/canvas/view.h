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
    double turn = 0;              // radians, clockwise: as paper lies turned under the hand
    Show show = Show::over;
    double veil = 1; // 0..1
    bool referenceHidden = false;
    bool peekReference = false, peekArtwork = false, squint = false;

    static constexpr double least = 0.02, most = 128;

    curve::Affine toScreen(const QRectF& pane) const
    {
        const curve::Affine there = turn == 0 ? curve::scaling(zoom, zoom) : curve::rotation(turn) * curve::scaling(zoom, zoom);
        return curve::translation({pane.center().x(), pane.center().y()}) * there * curve::translation(-centre);
    }
    curve::Vec2 toSheet(const QRectF& pane, QPointF p) const { return centre + onSheet({p.x() - pane.center().x(), p.y() - pane.center().y()}); }
    // A way on the screen as it is on the sheet.
    curve::Vec2 onSheet(curve::Vec2 screen) const { return (turn == 0 ? screen : linear(curve::rotation(-turn), screen)) / zoom; }
    // What is seen follows the hand.
    void pan(curve::Vec2 screen) { centre -= onSheet(screen); }
    // Zooms, or turns, so that the sheet point under the pointer stays there.
    void zoomAt(const QRectF& pane, QPointF p, double factor)
    {
        const curve::Vec2 held = toSheet(pane, p);
        zoom = std::clamp(zoom * factor, least, most);
        hold(pane, p, held);
    }
    void turnAt(const QRectF& pane, QPointF p, double by)
    {
        const curve::Vec2 held = toSheet(pane, p);
        turn = std::remainder(turn + by, 2 * curve::pi);
        constexpr double upright = 0.008; // radians: a hand cannot tell it from none
        if (std::abs(turn) < upright) turn = 0;
        hold(pane, p, held);
    }
    void fit(const QRectF& pane, const curve::Box& box, double margin = 24)
    {
        if (box.empty() || pane.isEmpty()) return;
        const double w = std::max(1.0, pane.width() - 2 * margin), h = std::max(1.0, pane.height() - 2 * margin);
        const double c = std::abs(std::cos(turn)), s = std::abs(std::sin(turn));
        const double wide = c * box.width() + s * box.height(), high = s * box.width() + c * box.height();
        zoom = std::clamp(std::min(w / std::max(wide, 1e-6), h / std::max(high, 1e-6)), least, most);
        centre = box.centre();
    }

private:
    void hold(const QRectF& pane, QPointF p, curve::Vec2 held) { centre = held - onSheet({p.x() - pane.center().x(), p.y() - pane.center().y()}); }
};

} // namespace softrope::app
