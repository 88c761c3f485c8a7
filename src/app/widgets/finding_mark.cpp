#include "app/widgets/finding_mark.h"

#include "app/theme/theme.h"

#include <QPainter>
#include <QPainterPath>

namespace softrope::app {

void paintMark(QPainter& p, QPointF at, bool kite, int number, bool inHand)
{
    const QColor line = kite ? marks().tagFinding : colours().warn;
    QPainterPath shape;
    if (kite) {
        const double h = 16;
        shape.moveTo(at + QPointF(0, -h));
        shape.lineTo(at + QPointF(h, 0));
        shape.lineTo(at + QPointF(0, h));
        shape.lineTo(at + QPointF(-h, 0));
        shape.closeSubpath();
    } else {
        shape.addEllipse(at, 13, 13);
    }
    p.setPen(QPen(marks().halo, 4.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.setBrush(inHand ? line : marks().halo);
    p.drawPath(shape);
    p.setPen(QPen(line, 1.75, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.drawPath(shape);
    p.setFont(typeface("small", true));
    p.setPen(inHand ? marks().tagText : line);
    p.drawText(QRectF(at.x() - 14, at.y() - 9, 28, 18), Qt::AlignCenter, QString::number(number));
}

} // namespace softrope::app
