#include "app/widgets/cut_bars.h"

#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {
constexpr int bars = 64;
constexpr double margin = 10, below = 32;
constexpr double apart = 1; // levels between two cuts, at least
} // namespace

CutBars::CutBars(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(112);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Cuts"));
    setToolTip(tr("Drag a flag. Left and right move the picked one, up and down pick another, a double click adds one, Delete takes it away"));
}

void CutBars::setValues(const tone::LevelCounts& counts, const std::vector<pixel::Rgba>& paints)
{
    bars_.assign(bars, 0);
    for (std::size_t v = 0; v < counts.size(); ++v) bars_[v / 4] += counts[v];
    // A plain ground would dwarf the rest: heights go with the root.
    double most = 0;
    for (double& b : bars_) most = std::max(most, b = std::sqrt(b));
    for (double& b : bars_) b = most > 0 ? b / most : 0;
    paints_ = paints;
    update();
}

void CutBars::setCuts(const std::vector<double>& cuts)
{
    // The hand knows better, unless what it holds has changed under it.
    if (dragged_ >= 0 && cuts == cuts_) return;
    dragged_ = -1;
    cuts_ = cuts;
    picked_ = std::clamp(picked_, 0, std::max(0, static_cast<int>(cuts_.size()) - 1));
    describe();
    update();
}

void CutBars::pick(int cut)
{
    if (cut < 0 || cut >= static_cast<int>(cuts_.size())) return;
    picked_ = cut;
    describe();
    update();
    emit pickedChanged();
}

std::optional<Told::Number> CutBars::toldNumber() const
{
    if (cuts_.empty()) return std::nullopt;
    return Number{cuts_[static_cast<std::size_t>(picked_)], 0, 255, 1};
}

void CutBars::takeTold(double level)
{
    if (!cuts_.empty()) move(level, true);
}

void CutBars::describe()
{
    if (cuts_.empty()) return setAccessibleDescription(tr("no cut"));
    setAccessibleDescription(tr("cut %1 of %2 at %3 of 255").arg(picked_ + 1).arg(cuts_.size()).arg(std::lround(cuts_[static_cast<std::size_t>(picked_)])));
}

double CutBars::xOf(double level) const
{
    return margin + (width() - 2 * margin) * level / 255;
}
double CutBars::levelOf(double x) const
{
    return 255 * (x - margin) / std::max(1.0, width() - 2 * margin);
}

void CutBars::move(double level, bool done)
{
    if (cuts_.empty()) return;
    const auto k = static_cast<std::size_t>(picked_);
    const double low = k > 0 ? cuts_[k - 1] + apart : 0, high = k + 1 < cuts_.size() ? cuts_[k + 1] - apart : 255;
    cuts_[k] = std::clamp(level, low, std::max(low, high));
    describe();
    update();
    emit moved(cuts_, done);
}

void CutBars::mousePressEvent(QMouseEvent* e)
{
    if (cuts_.empty() || e->button() != Qt::LeftButton) return;
    int best = 0;
    for (std::size_t k = 0; k < cuts_.size(); ++k)
        if (std::abs(xOf(cuts_[k]) - e->position().x()) < std::abs(xOf(cuts_[static_cast<std::size_t>(best)]) - e->position().x())) best = static_cast<int>(k);
    pick(best);
    if (std::abs(xOf(cuts_[static_cast<std::size_t>(best)]) - e->position().x()) < 14) dragged_ = best;
}
void CutBars::mouseMoveEvent(QMouseEvent* e)
{
    if (dragged_ >= 0 && (e->buttons() & Qt::LeftButton)) move(levelOf(e->position().x()), false);
}
void CutBars::mouseReleaseEvent(QMouseEvent*)
{
    if (dragged_ < 0) return;
    dragged_ = -1;
    emit moved(cuts_, true);
}
void CutBars::mouseDoubleClickEvent(QMouseEvent* e)
{
    if (cuts_.size() >= 15) return;
    const double level = std::clamp(levelOf(e->position().x()), 1.0, 254.0);
    const auto at = std::lower_bound(cuts_.begin(), cuts_.end(), level);
    for (const double c : cuts_)
        if (std::abs(c - level) < 4) return; // on a flag
    picked_ = static_cast<int>(at - cuts_.begin());
    cuts_.insert(at, level);
    emit moved(cuts_, true);
}

void CutBars::keyPressEvent(QKeyEvent* e)
{
    const double by = e->modifiers() & Qt::ShiftModifier ? 10 : e->modifiers() & Qt::AltModifier ? 0.1 : 1;
    if (cuts_.empty()) return QWidget::keyPressEvent(e);
    const double now = cuts_[static_cast<std::size_t>(picked_)];
    if (e->key() == Qt::Key_Left)
        move(now - by, true);
    else if (e->key() == Qt::Key_Right)
        move(now + by, true);
    else if (e->key() == Qt::Key_Up)
        pick(std::min(picked_ + 1, static_cast<int>(cuts_.size()) - 1));
    else if (e->key() == Qt::Key_Down)
        pick(std::max(picked_ - 1, 0));
    else if ((e->key() == Qt::Key_Delete || e->key() == Qt::Key_Backspace) && cuts_.size() > 1) {
        cuts_.erase(cuts_.begin() + picked_);
        picked_ = std::min(picked_, static_cast<int>(cuts_.size()) - 1);
        emit moved(cuts_, true);
    } else
        QWidget::keyPressEvent(e);
}

void CutBars::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const double wide = width() - 2 * margin, base = height() - below;
    p.setPen(Qt::NoPen);
    p.setBrush(c.cardInset);
    p.drawRoundedRect(QRectF(0.5, 0.5, width() - 1, base + 2), 5, 5);
    for (std::size_t i = 0; i < bars_.size(); ++i) {
        const double tall = bars_[i] * (base - 6);
        if (tall < 0.5) continue;
        const double level = static_cast<double>(i) * 4 + 2;
        std::size_t tone = 0;
        while (tone < cuts_.size() && level >= cuts_[tone]) ++tone;
        const int grey = static_cast<int>(level);
        p.setPen(QPen(c.lineStrong, 0.5));
        p.setBrush(tone < paints_.size() ? QColor(paints_[tone].r, paints_[tone].g, paints_[tone].b) : QColor(grey, grey, grey));
        p.drawRect(QRectF(margin + wide * static_cast<double>(i) / bars, base - tall, wide / bars - 0.6, tall));
    }
    p.setPen(QPen(c.lineStrong, 1));
    p.drawLine(QPointF(margin, base + 0.5), QPointF(width() - margin, base + 0.5));
    p.setFont(typeface("small"));
    double free = -100; // figures do not run into each other
    for (std::size_t k = 0; k < cuts_.size(); ++k) {
        const double x = xOf(cuts_[k]);
        const bool mine = static_cast<int>(k) == picked_;
        p.setPen(QPen(mine ? c.accent : c.text, 1.5));
        p.drawLine(QPointF(x, 2), QPointF(x, base));
        const double s = mine ? 6.5 : 5.5;
        QPolygonF flag;
        flag << QPointF(x, base + 1) << QPointF(x + s, base + 7) << QPointF(x + s, base + 15) << QPointF(x - s, base + 15) << QPointF(x - s, base + 7);
        p.setBrush(mine ? c.accent : c.card);
        p.drawPolygon(flag);
        const QString text = QString::number(std::lround(cuts_[k]));
        const double half = QFontMetricsF(p.font()).horizontalAdvance(text) / 2;
        if (x - half > free || mine) {
            p.drawText(QRectF(x - 20, base + 16, 40, 16), Qt::AlignCenter, text);
            free = x + half + 2;
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(c.focusRing, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 5, 5);
    }
}

} // namespace softrope::app
