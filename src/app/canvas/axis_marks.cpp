#include "app/canvas/axis_marks.h"

#include "app/theme/theme.h"

#include <cmath>

namespace softrope::app {

using curve::Vec2;

std::pair<Vec2, Vec2> axisGrips(const art::Document& d, const mirror::Axis& a)
{
    // Where it leaves the sheet, a little inside; for an axis beside the sheet, half a sheet to both sides.
    const Vec2 u = mirror::along(a), middle = mirror::footOn(a, {d.sheet.width / 2, d.sheet.height / 2});
    const auto reach = [&](Vec2 way) {
        double t = 1e300;
        if (way.x > 1e-9) t = std::min(t, (d.sheet.width - middle.x) / way.x);
        if (way.x < -1e-9) t = std::min(t, -middle.x / way.x);
        if (way.y > 1e-9) t = std::min(t, (d.sheet.height - middle.y) / way.y);
        if (way.y < -1e-9) t = std::min(t, -middle.y / way.y);
        return t > 20 && t < 1e300 ? 0.94 * t : 0.5 * std::max(d.sheet.width, d.sheet.height);
    };
    return {middle - reach(-u) * u, middle + reach(u) * u};
}

void paintLikelyAxis(Marks& m, const art::Document& d, const mirror::FoundAxis& f)
{
    const auto [from, to] = axisGrips(d, f.axis);
    QPen pen(marks().axis, 1);
    pen.setDashPattern({2, 6});
    m.painter().setPen(pen);
    m.painter().drawLine(m.at(from), m.at(to));
    m.chip(lerp(from, to, 0.12), QStringLiteral("%1 %").arg(std::lround(100 * f.confidence)));
}

void paintAxis(Marks& m, const art::Document& d, const mirror::Axis& a)
{
    const auto [from, to] = axisGrips(d, a);
    QPainter& p = m.painter();
    QPen pen(marks().axis, 1.5);
    pen.setDashPattern({16 / 1.5, 5 / 1.5});
    const QPointF u = m.at(to) - m.at(from);
    p.setPen(pen);
    p.drawLine(m.at(from) - u * 0.06, m.at(to) + u * 0.06);
    for (const Vec2 end : {from, to}) {
        const QPointF c = m.at(end);
        QPainterPath diamond(c + QPointF(0, -7));
        diamond.lineTo(c + QPointF(6, 0));
        diamond.lineTo(c + QPointF(0, 7));
        diamond.lineTo(c + QPointF(-6, 0));
        diamond.closeSubpath();
        p.setPen(QPen(marks().halo, 4));
        p.setBrush(Qt::NoBrush);
        p.drawPath(diamond);
        p.setPen(QPen(marks().axis, 1.75));
        p.setBrush(marks().nodeFill);
        p.drawPath(diamond);
    }
}

} // namespace softrope::app
