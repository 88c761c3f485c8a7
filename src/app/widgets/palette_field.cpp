#include "app/widgets/palette_field.h"

#include "app/theme/theme.h"
#include "pixel/ink_colours.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

constexpr double mostChroma = 0.3; // of OKLCH, at the rim

pixel::OkLch lchOf(const QColor& c)
{
    return pixel::okLchOf({static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue()), 255});
}
QColor colourOf(const pixel::OkLch& c)
{
    const pixel::Rgba q = pixel::shown(c);
    return {q.r, q.g, q.b};
}

} // namespace

PaletteField::PaletteField(QWidget* parent) : QWidget(parent)
{
    setAccessibleName(tr("Colours of the stack"));
    setToolTip(tr("Drag a colour on the disc; onto another it merges. A double click splits it, the wheel makes it lighter, Delete takes it out"));
    setFocusPolicy(Qt::StrongFocus);
    setFixedHeight(sizeHint().height());
}

void PaletteField::setColours(const std::vector<QColor>& list, const std::vector<double>& shares)
{
    shares_ = shares;
    focused_ = std::clamp(focused_, 0, std::max(0, static_cast<int>(list.size()) - 1));
    if (held_ < 0) colours_ = list;
    update();
}

QString PaletteField::toldText() const
{
    if (colours_.empty()) return {};
    return tr("colour %1 of %2, %3").arg(focused_ + 1).arg(colours_.size()).arg(colours_[static_cast<std::size_t>(focused_)].name());
}

std::optional<Told::Number> PaletteField::toldNumber() const
{
    return Number{static_cast<double>(focused_), 0, std::max(0.0, static_cast<double>(colours_.size()) - 1), 1};
}

void PaletteField::takeTold(double bead)
{
    focused_ = std::clamp(static_cast<int>(bead), 0, std::max(0, static_cast<int>(colours_.size()) - 1));
    update();
}

double PaletteField::sizeOf(std::size_t k) const
{
    return 6 + 9 * std::sqrt(k < shares_.size() ? std::clamp(shares_[k], 0.0, 1.0) : 0.1);
}

QPointF PaletteField::beadAt(std::size_t k) const
{
    const pixel::OkLch c = lchOf(colours_[k]);
    return middle() + std::min(1.0, c.c / mostChroma) * reach() * QPointF(std::cos(c.h), -std::sin(c.h));
}

int PaletteField::under(QPointF p, int without) const
{
    int best = -1;
    double least = 1e9;
    for (std::size_t k = 0; k < colours_.size(); ++k) {
        const QPointF v = beadAt(k) - p;
        const double d = std::hypot(v.x(), v.y()) - sizeOf(k);
        if (static_cast<int>(k) != without && d < std::min(least, 3.0)) {
            least = d;
            best = static_cast<int>(k);
        }
    }
    return best;
}

QColor PaletteField::at(QPointF p, const QColor& of) const
{
    const QPointF v = p - middle();
    pixel::OkLch c = lchOf(of);
    c.c = std::min(1.0, std::hypot(v.x(), v.y()) / reach()) * mostChroma;
    c.h = std::atan2(-v.y(), v.x());
    return colourOf(c);
}

QColor PaletteField::lighter(const QColor& of, double by) const
{
    pixel::OkLch c = lchOf(of);
    c.l = std::clamp(c.l + by, 0.0, 1.0);
    return colourOf(c);
}

void PaletteField::mousePressEvent(QMouseEvent* e)
{
    held_ = under(e->position());
    if (held_ >= 0) focused_ = held_;
    update();
}
void PaletteField::mouseMoveEvent(QMouseEvent* e)
{
    if (held_ < 0) return;
    QColor& c = colours_[static_cast<std::size_t>(held_)];
    c = at(e->position(), c);
    update();
    emit moved(held_, c, false);
}
void PaletteField::mouseReleaseEvent(QMouseEvent* e)
{
    if (held_ < 0) return;
    const int held = held_, onto = under(e->position(), held);
    held_ = -1;
    if (onto >= 0)
        emit merged(onto, held);
    else
        emit moved(held, colours_[static_cast<std::size_t>(held)], true);
}
void PaletteField::mouseDoubleClickEvent(QMouseEvent* e)
{
    const int k = under(e->position());
    held_ = -1;
    if (k >= 0) emit split(k);
}
void PaletteField::wheelEvent(QWheelEvent* e)
{
    const int k = under(e->position());
    if (k < 0) {
        e->ignore(); // the card scrolls
        return;
    }
    focused_ = k;
    emit moved(k, lighter(colours_[static_cast<std::size_t>(k)], e->angleDelta().y() > 0 ? 0.02 : -0.02), true);
}

void PaletteField::keyPressEvent(QKeyEvent* e)
{
    if (colours_.empty()) return;
    const auto k = static_cast<std::size_t>(focused_);
    const int n = static_cast<int>(colours_.size());
    const double step = e->modifiers() & Qt::ShiftModifier ? 8 : 2;
    const auto by = [&](QPointF v) { emit moved(focused_, at(beadAt(k) + step * v, colours_[k]), true); };
    switch (e->key()) {
    case Qt::Key_PageDown: focused_ = (focused_ + 1) % n; break;
    case Qt::Key_PageUp: focused_ = (focused_ + n - 1) % n; break;
    case Qt::Key_Left: by({-1, 0}); break;
    case Qt::Key_Right: by({1, 0}); break;
    case Qt::Key_Up: by({0, -1}); break;
    case Qt::Key_Down: by({0, 1}); break;
    case Qt::Key_Plus: emit moved(focused_, lighter(colours_[k], 0.02), true); break;
    case Qt::Key_Minus: emit moved(focused_, lighter(colours_[k], -0.02), true); break;
    case Qt::Key_Return: emit split(focused_); break;
    case Qt::Key_Delete: {
        int nearest = -1;
        double least = 1e9;
        for (int o = 0; o < n; ++o) {
            const QPointF v = beadAt(static_cast<std::size_t>(o)) - beadAt(k);
            if (o != focused_ && std::hypot(v.x(), v.y()) < least) {
                least = std::hypot(v.x(), v.y());
                nearest = o;
            }
        }
        if (nearest >= 0) emit merged(nearest, focused_);
        break;
    }
    default: QWidget::keyPressEvent(e); return;
    }
    update();
}

void PaletteField::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const int side = static_cast<int>(2 * reach());
    const double ratio = devicePixelRatioF();
    if (disc_.width() != static_cast<int>(side * ratio)) {
        // Hues round, chroma outwards, at one lightness.
        disc_ = QImage(QSize(side, side) * ratio, QImage::Format_ARGB32_Premultiplied);
        disc_.fill(Qt::transparent);
        const double r = 0.5 * disc_.width();
        for (int y = 0; y < disc_.height(); ++y)
            for (int x = 0; x < disc_.width(); ++x) {
                const double u = (x + 0.5 - r) / r, v = (y + 0.5 - r) / r, d = std::hypot(u, v);
                if (d <= 1) disc_.setPixelColor(x, y, colourOf({0.78, 0.5 * d * mostChroma, std::atan2(-v, u)}));
            }
        disc_.setDevicePixelRatio(ratio);
    }
    p.drawImage(middle() - QPointF(0.5 * side, 0.5 * side), disc_);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(c.lineStrong, 1));
    p.drawEllipse(middle(), reach(), reach());
    for (std::size_t k = 0; k < colours_.size(); ++k) {
        const bool mine = static_cast<int>(k) == focused_;
        p.setPen(QPen(mine ? c.accent : c.text, mine ? 2.5 : 1.25));
        p.setBrush(colours_[k]);
        p.drawEllipse(beadAt(k), sizeOf(k), sizeOf(k));
    }
    if (!hasFocus()) return;
    p.setPen(QPen(c.focusRing, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
}

} // namespace softrope::app
