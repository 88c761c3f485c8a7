#include "app/window/course.h"

#include "app/theme/theme.h"
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace softrope::app {

Course::Course(QWidget* parent) : QWidget(parent), knots_(steps().size())
{
    setFixedHeight(62);
    setMouseTracking(true);
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(tr("Course"));
}

namespace {

int indexOf(StepId id)
{
    return static_cast<int>(std::find_if(steps().begin(), steps().end(), [id](const auto& s) { return s->id == id; }) - steps().begin());
}

} // namespace

void Course::setCurrent(StepId id)
{
    current_ = indexOf(id);
    setAccessibleDescription(tr("%1, current, %2").arg(step(id).name(), knots_[static_cast<std::size_t>(current_)].text));
    update();
}

void Course::setState(StepId id, const CourseState& state)
{
    CourseState& known = knots_[static_cast<std::size_t>(indexOf(id))];
    if (known.knot == state.knot && known.text == state.text) return;
    known = state;
    setCurrent(current());
}

const CourseState& Course::state(StepId id) const
{
    return knots_[static_cast<std::size_t>(indexOf(id))];
}

QPointF Course::knotAt(int i) const
{
    // On very wide windows the knots stay within reach of each other.
    const double n = static_cast<double>(knots_.size());
    const double gap = std::min(width() / n, 460.0);
    return {width() / 2.0 + (i - (n - 1) / 2) * gap, height() < 60 ? 14.0 : 15.0};
}

int Course::under(QPointF p) const
{
    for (int i = 0; i < static_cast<int>(knots_.size()); ++i)
        if (std::abs(p.x() - knotAt(i).x()) <= 80) return i;
    return -1;
}

void Course::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    p.fillRect(rect(), c.desk);
    p.setPen(QPen(c.line, 1));
    p.drawLine(QPointF(0, height() - 0.5), QPointF(width(), height() - 0.5));
    // The rope up to the current knot, sagging between knots, with slanting gaps; a dotted thread after it.
    const QPointF sag(0, 6);
    const auto sagging = [&](QPointF a, QPointF b) {
        QPainterPath path(a);
        path.quadTo((a + b) / 2 + sag, b);
        return path;
    };
    const auto rope = [&](QPointF a, QPointF b) {
        p.setPen(QPen(c.rope, 4.5, Qt::SolidLine, Qt::RoundCap));
        p.drawPath(sagging(a, b));
        p.setPen(QPen(c.ropeGap, 1.3));
        // So flat that its parameter goes with its length.
        const double length = QLineF(a, b).length();
        QList<QLineF> gaps;
        for (double s = 3; s < length; s += 5) {
            const double t = s / length;
            const QPointF at = a + t * (b - a) + 2 * t * (1 - t) * sag;
            gaps.append({at + QPointF(-1.4, 2.6), at + QPointF(1.4, -2.6)});
        }
        p.drawLines(gaps);
    };
    const int last = static_cast<int>(knots_.size()) - 1;
    QPointF from(0, knotAt(0).y());
    for (int i = 0; i <= last + 1; ++i) {
        const QPointF to = i > last ? QPointF(width(), knotAt(0).y()) : knotAt(i);
        if (i <= current_) {
            rope(from, to);
        } else {
            p.setPen(QPen(c.lineStrong, 1.5, Qt::DotLine));
            p.drawPath(sagging(from, to));
        }
        from = to;
    }
    for (int i = 0; i <= last; ++i) {
        const CourseState& k = knots_[static_cast<std::size_t>(i)];
        const QPointF at = knotAt(i);
        const bool now = i == current_;
        p.setPen(Qt::NoPen);
        p.setBrush(c.desk);
        p.drawEllipse(at, now ? 14 : 8, now ? 14 : 8);
        if (now) {
            p.setPen(QPen(c.accent, 1.75));
            p.setBrush(Qt::NoBrush);
            p.drawEllipse(at, 13, 13);
        }
        const QColor ink = now ? c.accent : c.text;
        const double r = now ? 8 : 6;
        switch (k.knot) {
        case CourseState::Knot::notBegun:
            p.setPen(QPen(ink, 1.75));
            p.setBrush(c.card);
            p.drawEllipse(at, 5, 5);
            break;
        case CourseState::Knot::underWay:
            p.setPen(QPen(ink, 1.75));
            p.setBrush(c.card);
            p.drawEllipse(at, r, r);
            p.setBrush(ink);
            p.setPen(Qt::NoPen);
            p.drawChord(QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r), 180 * 16, 180 * 16);
            break;
        case CourseState::Knot::settled:
            p.setPen(Qt::NoPen);
            p.setBrush(ink);
            p.drawEllipse(at, r, r);
            p.setPen(QPen(c.desk, 1.75, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            p.drawPolyline(QPolygonF({at + QPointF(-3, 0), at + QPointF(-0.8, 2.4), at + QPointF(3.2, -2.4)}));
            break;
        case CourseState::Knot::needsLook:
            p.setPen(QPen(c.accent, 1.75));
            p.setBrush(c.card);
            p.drawPolygon(QPolygonF({at + QPointF(0, -9), at + QPointF(7, 0), at + QPointF(0, 9), at + QPointF(-7, 0)}));
            p.setPen(QPen(c.accent, 2, Qt::SolidLine, Qt::RoundCap));
            p.drawLine(at + QPointF(0, -3.5), at + QPointF(0, 0.5));
            p.drawPoint(at + QPointF(0, 3.5));
            break;
        }
        const bool low = height() < 60;
        const QString number = QString::number(i + 1);
        const QString name = steps()[static_cast<std::size_t>(i)]->name();
        const QFont small = typeface("small"), step = typeface("step", now);
        const double nameWidth = QFontMetricsF(step).horizontalAdvance(name), numberWidth = QFontMetricsF(small).horizontalAdvance(number);
        // Where there is little height the current step has its state beside its name, the others only their names.
        const double room = width() / static_cast<double>(knots_.size()) - 8;
        const QString state = low && now ? QFontMetricsF(small).elidedText(k.text, Qt::ElideRight, room - numberWidth - nameWidth - 22) : QString();
        const double stateWidth = state.isEmpty() ? 0 : QFontMetricsF(small).horizontalAdvance(state) + 10;
        const double left = at.x() - (numberWidth + 6 + nameWidth + stateWidth) / 2;
        const double y = low ? 28 : 29;
        p.setFont(small);
        p.setPen(c.textMuted);
        p.drawText(QRectF(left, y, numberWidth + 1, 17), Qt::AlignVCenter, number);
        p.setFont(step);
        p.setPen(now ? c.accent : hovered_ == i ? c.teal : c.text);
        p.drawText(QRectF(left + numberWidth + 6, y, nameWidth + 2, 17), Qt::AlignVCenter, name);
        if (!state.isEmpty()) {
            p.setFont(small);
            p.setPen(c.text);
            p.drawText(QRectF(left + numberWidth + 6 + nameWidth + 10, y, stateWidth, 17), Qt::AlignVCenter, state);
        }
        if (!low) {
            p.setFont(small);
            p.setPen(now ? c.text : c.textMuted);
            p.drawText(QRectF(at.x() - 110, 45, 220, 15), Qt::AlignCenter, k.text);
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(c.focusRing, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(knotAt(current_).x() - 80, 1, 160, height() - 3), 6, 6);
    }
}

void Course::mousePressEvent(QMouseEvent* e)
{
    const int i = under(e->position());
    if (i < 0) return;
    if (knots_[static_cast<std::size_t>(i)].knot == CourseState::Knot::needsLook && e->position().y() > 44)
        emit lookedFor(steps()[static_cast<std::size_t>(i)]->id);
    else
        emit chosen(steps()[static_cast<std::size_t>(i)]->id);
}
void Course::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Left && current_ > 0)
        emit chosen(steps()[static_cast<std::size_t>(current_) - 1]->id);
    else if (e->key() == Qt::Key_Right && current_ + 1 < static_cast<int>(knots_.size()))
        emit chosen(steps()[static_cast<std::size_t>(current_) + 1]->id);
    else
        QWidget::keyPressEvent(e);
}
void Course::mouseMoveEvent(QMouseEvent* e)
{
    hovered_ = under(e->position());
    setCursor(hovered_ >= 0 ? Qt::PointingHandCursor : Qt::ArrowCursor);
    update();
}
void Course::leaveEvent(QEvent*)
{
    hovered_ = -1;
    update();
}

} // namespace softrope::app
