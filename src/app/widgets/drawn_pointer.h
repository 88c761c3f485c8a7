// A pointer that is drawn, for what is shown instead of done.
#pragma once

#include "app/theme/theme.h"

#include <QPainter>

namespace softrope::app {

// Its tip there; `size` 1 = as large as a desktop's. Pressed it wears a ring.
inline void paintPointer(QPainter& p, QPointF tip, double size, bool pressed)
{
    if (pressed) {
        QColor ring = colours().accent;
        p.setPen(QPen(ring, 2 * size));
        ring.setAlphaF(0.22F);
        p.setBrush(ring);
        p.drawEllipse(tip, 7 * size, 7 * size);
    }
    QPolygonF arrow;
    for (const QPointF& v : {QPointF(0, 0), QPointF(0, 22), QPointF(6, 17), QPointF(10, 26), QPointF(14, 24), QPointF(10, 16), QPointF(17, 16)})
        arrow << v * size + tip;
    p.setPen(QPen(Qt::white, 1.6 * size));
    p.setBrush(marks().artLine);
    p.drawPolygon(arrow);
}

} // namespace softrope::app
