#include "app/widgets/light_dial.h"

#include "app/theme/theme.h"
#include "curve/vec.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

// As it is spoken of: 0 to the right, 90 up.
double spoken(double angle)
{
    const double d = std::fmod(-curve::degrees(angle) + 720, 360);
    return d;
}

} // namespace

LightDial::LightDial(QWidget* parent) : QWidget(parent)
{
    setAccessibleName(tr("Way of the light"));
    setToolTip(tr("Drag the bead to where the light comes from; near the middle it stands high. Arrow keys turn and raise it"));
    setFocusPolicy(Qt::StrongFocus);
    setFixedSize(sizeHint());
}

void LightDial::setLight(const art::Light& light)
{
    light_ = light;
    update();
}

QString LightDial::toldText() const
{
    return tr("%1 degrees, height %2 %").arg(std::lround(spoken(light_.angle))).arg(std::lround(100 * light_.height));
}

std::optional<Told::Number> LightDial::toldNumber() const
{
    return Number{spoken(light_.angle), 0, 360, 3};
}

void LightDial::takeTold(double degrees)
{
    light_.angle = -curve::radians(degrees);
    update();
    emit turned(light_, true);
}

QPointF LightDial::bead() const
{
    const double r = (1 - 0.8 * light_.height) * reach();
    return middle() + r * QPointF(std::cos(light_.angle), std::sin(light_.angle));
}

void LightDial::put(QPointF at)
{
    const QPointF v = at - middle();
    const double r = std::hypot(v.x(), v.y());
    if (r > 1) light_.angle = std::atan2(v.y(), v.x());
    light_.height = std::clamp((1 - r / reach()) / 0.8, 0.0, 1.0);
    update();
}

void LightDial::mousePressEvent(QMouseEvent* e)
{
    dragging_ = true;
    put(e->position());
    emit turned(light_, false);
}
void LightDial::mouseMoveEvent(QMouseEvent* e)
{
    if (!dragging_) return;
    put(e->position());
    emit turned(light_, false);
}
void LightDial::mouseReleaseEvent(QMouseEvent*)
{
    if (!dragging_) return;
    dragging_ = false;
    emit turned(light_, true);
}

void LightDial::keyPressEvent(QKeyEvent* e)
{
    const double by = curve::radians(e->modifiers() & Qt::ShiftModifier ? 15 : 3);
    switch (e->key()) {
    case Qt::Key_Left: light_.angle -= by; break;
    case Qt::Key_Right: light_.angle += by; break;
    case Qt::Key_Up: light_.height = std::min(1.0, light_.height + 0.05); break;
    case Qt::Key_Down: light_.height = std::max(0.0, light_.height - 0.05); break;
    default: QWidget::keyPressEvent(e); return;
    }
    update();
    emit turned(light_, true);
}

void LightDial::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    p.setPen(QPen(c.lineStrong, 1));
    p.setBrush(c.cardInset);
    p.drawEllipse(middle(), reach() + 5, reach() + 5);
    // A ball as the light would shade it.
    const double r = 0.42 * reach();
    const QPointF towards = 0.5 * r * (1 - 0.7 * light_.height) * QPointF(std::cos(light_.angle), std::sin(light_.angle));
    QRadialGradient shade(middle() + towards, 1.6 * r);
    shade.setColorAt(0, QColor(light_.warm.r, light_.warm.g, light_.warm.b));
    shade.setColorAt(1, QColor(light_.cool.r, light_.cool.g, light_.cool.b));
    p.setPen(Qt::NoPen);
    p.setBrush(shade);
    p.drawEllipse(middle(), r, r);
    const QPointF at = bead();
    p.setPen(QPen(c.teal, 1.5));
    p.drawLine(at, middle() + 0.9 * r / std::max(1.0, std::hypot(at.x() - middle().x(), at.y() - middle().y())) * (at - middle()));
    p.setBrush(QColor(light_.warm.r, light_.warm.g, light_.warm.b));
    p.drawEllipse(at, 6, 6);
    if (!hasFocus()) return;
    p.setPen(QPen(c.focusRing, 2));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(middle(), reach() + 5, reach() + 5);
}

} // namespace softrope::app
