#include "app/widgets/histogram.h"

#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {
constexpr int bars = 64;
constexpr double margin = 8, axis = 20;
} // namespace

HistogramBars::HistogramBars(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(74);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Cut"));
    setToolTip(tr("What is darker than the flag is traced. Drag it, or press left and right"));
}

void HistogramBars::setValues(const pixel::Histogram& h)
{
    bars_.assign(bars, 0);
    for (std::size_t v = 0; v < h.size(); ++v) bars_[v / 4] += static_cast<double>(h[v]);
    // The paper would dwarf the rest: heights go with the root.
    double most = 0;
    for (double& b : bars_) most = std::max(most, b = std::sqrt(b));
    for (double& b : bars_) b = most > 0 ? b / most : 0;
    update();
}

void HistogramBars::setCut(double cut)
{
    cut_ = std::clamp(cut, 0.0, 255.0);
    setAccessibleDescription(tr("%1 of 255").arg(std::lround(cut_)));
    update();
}

void HistogramBars::move(double cut)
{
    setCut(cut);
    emit cutMoved(cut_);
}

void HistogramBars::byPointer(double x)
{
    move(255 * (x - margin) / std::max(1.0, width() - 2 * margin));
}

void HistogramBars::mousePressEvent(QMouseEvent* e)
{
    byPointer(e->position().x());
}
void HistogramBars::mouseMoveEvent(QMouseEvent* e)
{
    if (e->buttons() & Qt::LeftButton) byPointer(e->position().x());
}
void HistogramBars::keyPressEvent(QKeyEvent* e)
{
    const double by = e->modifiers() & Qt::ShiftModifier ? 10 : 1;
    if (e->key() == Qt::Key_Left)
        move(cut_ - by);
    else if (e->key() == Qt::Key_Right)
        move(cut_ + by);
    else
        QWidget::keyPressEvent(e);
}

void HistogramBars::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const double wide = width() - 2 * margin, base = height() - axis;
    p.setPen(Qt::NoPen);
    p.setBrush(c.cardInset);
    p.drawRoundedRect(QRectF(0.5, 0.5, width() - 1, base + 3), 5, 5);
    for (std::size_t i = 0; i < bars_.size(); ++i) {
        const double tall = bars_[i] * (base - 6);
        if (tall < 0.5) continue;
        const int grey = static_cast<int>(i) * 4 + 2;
        const QRectF r(margin + wide * static_cast<double>(i) / bars, base - tall, wide / bars - 0.6, tall);
        p.setPen(QPen(c.lineStrong, 0.5));
        p.setBrush(QColor(grey, grey, grey));
        p.drawRect(r);
    }
    p.setPen(QPen(c.lineStrong, 1));
    p.drawLine(QPointF(margin, base + 0.5), QPointF(width() - margin, base + 0.5));
    const double x = margin + wide * cut_ / 255;
    p.setPen(QPen(c.accent, 1.5));
    p.drawLine(QPointF(x, 4), QPointF(x, base));
    const QString text = QString::number(std::lround(cut_));
    p.setFont(typeface("small"));
    const double half = QFontMetricsF(p.font()).horizontalAdvance(text) / 2 + 6;
    const double left = std::clamp(x - half, 0.0, width() - 2 * half);
    QPolygonF flag;
    flag << QPointF(x, base + 1) << QPointF(std::min(x + 4, width() - 1.0), base + 5) << QPointF(left + 2 * half, base + 5)
         << QPointF(left + 2 * half, height() - 1) << QPointF(left, height() - 1) << QPointF(left, base + 5) << QPointF(std::max(0.0, x - 4), base + 5);
    p.setBrush(c.accent);
    p.setPen(Qt::NoPen);
    p.drawPolygon(flag);
    p.setPen(c.onAccent);
    p.drawText(QRectF(left, base + 4, 2 * half, axis - 5), Qt::AlignCenter, text);
    if (hasFocus()) {
        p.setPen(QPen(c.focusRing, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 5, 5);
    }
}

} // namespace softrope::app
