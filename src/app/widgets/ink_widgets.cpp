#include "app/widgets/ink_widgets.h"

#include "app/theme/theme.h"

#include <QColorDialog>
#include <QContextMenuEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

void focusFrame(QPainter& p, const QRectF& r)
{
    p.setPen(QPen(colours().focusRing, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(r.adjusted(1, 1, -1, -1), 5, 5);
}

} // namespace

QColor qColour(art::Colour c)
{
    return {c.r, c.g, c.b};
}
art::Colour artColour(const QColor& c)
{
    return {static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())};
}

// -- a row an ink -----------------------------------------------------------------------------------------------------------------

InkRow::InkRow(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::TabFocus);
    setFixedHeight(38);
    setToolTip(tr("Click: take in hand. Double click the swatch to mix it, the name to change it (F2). Delete drops it"));
}

void InkRow::setInk(const art::Ink& ink, const art::InkShare& share, bool inHand, const QString& key)
{
    colour_ = qColour(ink.colour);
    name_ = QString::fromStdString(ink.name);
    meaning_ = ink.meaning;
    use_ = share.areas == 0 && share.lines == 0 ? tr("not used")
           : share.areas == 0                   ? tr("%n line(s)", nullptr, static_cast<int>(share.lines))
                              : tr("%n area(s)", nullptr, static_cast<int>(share.areas)) + QString(" · %1 %").arg(std::lround(100 * share.share));
    inHand_ = inHand;
    key_ = key;
    setAccessibleName(name_);
    setAccessibleDescription(use_ + (inHand ? tr(", in hand") : QString()));
    update();
}

void InkRow::rename()
{
    auto* field = new QLineEdit(name_, this);
    field->setFont(typeface("control", true));
    field->setGeometry(56, 2, width() - 100, 22);
    field->selectAll();
    field->show();
    field->setFocus();
    connect(field, &QLineEdit::editingFinished, this, [this, field] {
        field->deleteLater();
        if (field->text() != name_ && !field->text().trimmed().isEmpty()) emit renamed(field->text().trimmed());
    });
}

void InkRow::mix()
{
    const QColor c = QColorDialog::getColor(colour_, window(), name_);
    if (c.isValid()) emit mixed(c);
}

void InkRow::mouseDoubleClickEvent(QMouseEvent* e)
{
    e->position().x() < 52 ? mix() : rename();
}
void InkRow::contextMenuEvent(QContextMenuEvent* e)
{
    emit menuWanted(e->globalPos());
}
void InkRow::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_F2)
        rename();
    else if (e->key() == Qt::Key_Menu || e->key() == Qt::Key_Delete)
        emit menuWanted(mapToGlobal(rect().center()));
    else if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        click();
    else
        QAbstractButton::keyPressEvent(e);
}

void InkRow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    if (inHand_) {
        p.setPen(QPen(c.accent, 1.5));
        p.setBrush(c.cardInset);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
    } else if (underMouse()) {
        p.setPen(Qt::NoPen);
        p.setBrush(c.hover);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
    }
    p.setPen(QPen(c.lineStrong, 1));
    p.setBrush(colour_);
    const QRectF box(8, 6, 40, 26);
    p.drawRoundedRect(box, 3, 3);
    if (meaning_ != art::Meaning::paint) { // told apart without colour: filled below for dark, above for light
        QPolygonF half;
        if (meaning_ == art::Meaning::willBeDark)
            half << box.bottomLeft() << box.bottomRight() << box.topRight();
        else
            half << box.topLeft() << box.topRight() << box.bottomLeft();
        p.setBrush(meaning_ == art::Meaning::willBeDark ? QColor(Qt::black) : QColor(Qt::white));
        p.drawPolygon(half);
    }
    double right = width() - 8;
    if (!key_.isEmpty()) {
        p.setFont(typeface("key"));
        const QRectF frame(right - 26, 11, 26, 16);
        p.setPen(QPen(c.lineStrong, 1));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(frame, 3, 3);
        p.setPen(c.text);
        p.drawText(frame, Qt::AlignCenter, key_);
        right -= 32;
    }
    if (inHand_) {
        p.setFont(typeface("small"));
        const QString text = tr("in hand");
        const double w = QFontMetricsF(p.font()).horizontalAdvance(text) + 12;
        p.setPen(QPen(c.accent, 1));
        p.drawRoundedRect(QRectF(right - w, 10, w, 18), 4, 4);
        p.setPen(c.accent);
        p.drawText(QRectF(right - w, 10, w, 18), Qt::AlignCenter, text);
        right -= w + 6;
    }
    p.setPen(c.text);
    p.setFont(typeface("control", true));
    const double room = right - 56;
    p.drawText(QRectF(56, 3, room, 17), Qt::AlignVCenter, QFontMetricsF(p.font()).elidedText(name_, Qt::ElideRight, room));
    p.setPen(c.textMuted);
    p.setFont(typeface("small"));
    p.drawText(QRectF(56, 19, room, 15), Qt::AlignVCenter, QFontMetricsF(p.font()).elidedText(use_, Qt::ElideRight, room));
    if (hasFocus()) focusFrame(p, rect());
}

// -- a palette as a strip --------------------------------------------------------------------------------------------------------------

PaletteStrip::PaletteStrip(const QString& name, std::vector<QColor> list, const QStringList& inks, QWidget* parent)
    : QAbstractButton(parent), colours_(std::move(list))
{
    setText(name);
    setAccessibleName(name);
    setAccessibleDescription(inks.join(", "));
    setToolTip(inks.join(", "));
    setFocusPolicy(Qt::TabFocus);
    setFixedHeight(26);
}

void PaletteStrip::enterEvent(QEnterEvent*)
{
    update();
    emit looked(true);
}
void PaletteStrip::leaveEvent(QEvent*)
{
    update();
    emit looked(false);
}
void PaletteStrip::focusInEvent(QFocusEvent* e)
{
    QAbstractButton::focusInEvent(e);
    if (e->reason() != Qt::MouseFocusReason) emit looked(true);
}
void PaletteStrip::focusOutEvent(QFocusEvent* e)
{
    QAbstractButton::focusOutEvent(e);
    emit looked(false);
}
void PaletteStrip::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        click();
    else
        QAbstractButton::keyPressEvent(e);
}

void PaletteStrip::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    if (underMouse()) {
        p.setPen(Qt::NoPen);
        p.setBrush(c.hover);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 5, 5);
    }
    const double words = std::min(104.0, 0.45 * width());
    p.setPen(c.text);
    p.setFont(typeface("small"));
    p.drawText(QRectF(6, 0, words - 8, height()), Qt::AlignVCenter, QFontMetricsF(p.font()).elidedText(text(), Qt::ElideRight, words - 8));
    const QRectF strip(words, 4, width() - words - 6, height() - 8);
    QPainterPath round;
    round.addRoundedRect(strip, 3, 3);
    p.save();
    p.setClipPath(round);
    const double each = strip.width() / static_cast<double>(std::max<std::size_t>(1, colours_.size()));
    for (std::size_t k = 0; k < colours_.size(); ++k)
        p.fillRect(QRectF(strip.left() + each * static_cast<double>(k), strip.top(), each + 0.5, strip.height()), colours_[k]);
    p.restore();
    p.setPen(QPen(c.lineStrong, 1));
    p.setBrush(Qt::NoBrush);
    p.drawPath(round);
    if (hasFocus()) focusFrame(p, rect());
}

// -- steps --------------------------------------------------------------------------------------------------------------------------

ColourSteps::ColourSteps(const QString& name, QWidget* parent) : QWidget(parent)
{
    setAccessibleName(name);
    setFixedHeight(26);
    setFocusPolicy(Qt::TabFocus);
}

void ColourSteps::setColours(const std::vector<QColor>& list, const QStringList& names, int picked)
{
    colours_ = list;
    names_ = names;
    picked_ = picked;
    focused_ = std::clamp(focused_, 0, std::max(0, static_cast<int>(list.size()) - 1));
    setAccessibleDescription(names_.value(picked));
    update();
}

int ColourSteps::at(QPointF p) const
{
    if (colours_.empty()) return -1;
    return std::clamp(static_cast<int>(p.x() * static_cast<double>(colours_.size()) / width()), 0, static_cast<int>(colours_.size()) - 1);
}

void ColourSteps::mousePressEvent(QMouseEvent* e)
{
    const int k = at(e->position());
    if (k < 0) return;
    focused_ = k;
    e->modifiers() & Qt::ShiftModifier ? emit kept(k) : emit taken(k);
}
void ColourSteps::keyPressEvent(QKeyEvent* e)
{
    const int n = static_cast<int>(colours_.size());
    if (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right) {
        focused_ = std::clamp(focused_ + (e->key() == Qt::Key_Right ? 1 : -1), 0, std::max(0, n - 1));
        setAccessibleDescription(names_.value(focused_));
        update();
    } else if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Space) && n > 0)
        e->modifiers() & Qt::ShiftModifier ? emit kept(focused_) : emit taken(focused_);
    else
        QWidget::keyPressEvent(e);
}
bool ColourSteps::event(QEvent* e)
{
    if (e->type() == QEvent::ToolTip) {
        const int k = at(static_cast<QHelpEvent*>(e)->pos());
        QToolTip::showText(static_cast<QHelpEvent*>(e)->globalPos(), k >= 0 ? tr("%1. Shift keeps it as an ink").arg(names_.value(k)) : QString(), this);
        return true;
    }
    return QWidget::event(e);
}

void ColourSteps::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double n = static_cast<double>(colours_.size()), w = width() / std::max(1.0, n);
    for (std::size_t k = 0; k < colours_.size(); ++k) {
        const QRectF box(static_cast<double>(k) * w + 3, 4, w - 6, height() - 8);
        p.setPen(QPen(colours().lineStrong, 1));
        p.setBrush(colours_[k]);
        p.drawRect(box);
        if (static_cast<int>(k) != picked_) continue;
        p.setPen(QPen(colours().accent, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(box.adjusted(-2, -2, 2, 2));
    }
    if (hasFocus()) focusFrame(p, QRectF(focused_ * w - 1, 0, w, height()));
}

// -- tones --------------------------------------------------------------------------------------------------------------------------

ToneRows::ToneRows(QWidget* parent) : QWidget(parent)
{
    setToolTip(tr("Click a swatch to mix the tone's paint, Shift and click for the mean of what lies there; by keys Enter, and Delete for the mean"));
    setAccessibleName(tr("Tones"));
    setFocusPolicy(Qt::StrongFocus);
}

void ToneRows::setRows(std::vector<Row> rows)
{
    const bool other = rows.size() != rows_.size();
    rows_ = std::move(rows);
    setFixedHeight(sizeHint().height());
    if (other) updateGeometry();
    update();
}

QSize ToneRows::sizeHint() const
{
    return {200, static_cast<int>(rows_.size()) * 21 + 2};
}

void ToneRows::mousePressEvent(QMouseEvent* e)
{
    const int k = static_cast<int>(e->position().y() / 21);
    if (k < 0 || k >= static_cast<int>(rows_.size())) return;
    if (e->position().x() > 34) {
        emit pressed(k);
        return;
    }
    if (e->modifiers() & Qt::ShiftModifier) {
        emit mixed(k, {});
        return;
    }
    mix(k);
}

void ToneRows::mix(int k)
{
    const Row& r = rows_[static_cast<std::size_t>(k)];
    const QColor c = QColorDialog::getColor(r.colour, window(), r.name);
    if (c.isValid()) emit mixed(k, c);
}

void ToneRows::keyPressEvent(QKeyEvent* e)
{
    const int last = static_cast<int>(rows_.size()) - 1;
    if (last < 0) return QWidget::keyPressEvent(e);
    focused_ = std::clamp(focused_, 0, last);
    switch (e->key()) {
    case Qt::Key_Up: takeTold(std::max(0, focused_ - 1)); break;
    case Qt::Key_Down: takeTold(std::min(last, focused_ + 1)); break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_Space: mix(focused_); break;
    case Qt::Key_Delete:
    case Qt::Key_Backspace: emit mixed(focused_, {}); break;
    default: QWidget::keyPressEvent(e);
    }
}

void ToneRows::takeTold(double row)
{
    focused_ = static_cast<int>(row);
    emit pressed(focused_);
    update();
}

QString ToneRows::toldText() const
{
    if (rows_.empty()) return tr("no tones");
    const Row& r = rows_[static_cast<std::size_t>(std::clamp(focused_, 0, static_cast<int>(rows_.size()) - 1))];
    return tr("%1, %2, %3 %").arg(r.name, r.colour.name()).arg(std::lround(100 * r.share));
}

void ToneRows::focusInEvent(QFocusEvent* e)
{
    QWidget::focusInEvent(e);
    update();
}
void ToneRows::focusOutEvent(QFocusEvent* e)
{
    QWidget::focusOutEvent(e);
    update();
}

void ToneRows::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    if (hasFocus() && focused_ < static_cast<int>(rows_.size())) {
        p.setPen(QPen(c.focusRing, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(0.5, focused_ * 21 + 0.5, width() - 1, 20), 4, 4);
    }
    for (std::size_t k = 0; k < rows_.size(); ++k) {
        const Row& r = rows_[k];
        const double y = static_cast<double>(k) * 21;
        p.setPen(QPen(c.lineStrong, r.chosen ? 2 : 1));
        p.setBrush(r.colour);
        p.drawRoundedRect(QRectF(1.5, y + 3, 25, 15), 3, 3);
        p.setPen(c.text);
        p.setFont(typeface("control"));
        p.drawText(QRectF(36, y, width() - 150, 21), Qt::AlignVCenter, r.name);
        const double bar = 70, left = width() - bar - 40;
        p.fillRect(QRectF(left, y + 8, bar, 5), c.cardInset);
        p.fillRect(QRectF(left, y + 8, bar * std::clamp(r.share, 0.0, 1.0), 5), c.hemp);
        p.drawText(QRectF(width() - 40, y, 38, 21), Qt::AlignVCenter | Qt::AlignRight, QString("%1 %").arg(std::lround(100 * r.share)));
    }
}

// -- stops --------------------------------------------------------------------------------------------------------------------------

namespace {
constexpr double band = 22, inset = 9;
}

StopBand::StopBand(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(46);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Gradient stops"));
    setToolTip(tr("Drag a stop along; off the band drops it. Click the band to add one, double click a stop to mix it. Left and right move it"));
}

void StopBand::setGradient(const art::Gradient& g)
{
    if (dragging_) return;
    gradient_ = g;
    picked_ = std::clamp(picked_, 0, std::max(0, static_cast<int>(g.stops.size()) - 1));
    update();
}

double StopBand::xOf(double at) const
{
    return inset + at * (width() - 2 * inset);
}

int StopBand::stopAt(double x) const
{
    int best = -1;
    double least = 9;
    for (std::size_t k = 0; k < gradient_.stops.size(); ++k)
        if (const double d = std::abs(xOf(gradient_.stops[k].at) - x); d < least) {
            least = d;
            best = static_cast<int>(k);
        }
    return best;
}

void StopBand::move(double at, bool done)
{
    auto& stops = gradient_.stops;
    if (stops.empty()) return;
    const auto k = static_cast<std::size_t>(picked_);
    const double low = k > 0 ? stops[k - 1].at : 0, high = k + 1 < stops.size() ? stops[k + 1].at : 1;
    stops[k].at = std::clamp(at, low, high);
    update();
    emit changed(stops, done);
}

void StopBand::drop()
{
    auto& stops = gradient_.stops;
    if (stops.size() <= 2) return;
    stops.erase(stops.begin() + picked_);
    picked_ = std::max(0, picked_ - 1);
    update();
    emit changed(stops, true);
}

void StopBand::mousePressEvent(QMouseEvent* e)
{
    const double x = e->position().x();
    if (const int k = stopAt(x); k >= 0) {
        picked_ = k;
        dragging_ = true;
        off_ = false;
        emit pickedChanged();
    } else if (gradient_.stops.size() < 24 && e->position().y() < band + 4) {
        const double at = std::clamp((x - inset) / (width() - 2 * inset), 0.0, 1.0);
        auto& stops = gradient_.stops;
        const art::GradientStop stop = art::colourAt(gradient_, at);
        const auto place = std::lower_bound(stops.begin(), stops.end(), at, [](const art::GradientStop& s, double v) { return s.at < v; });
        picked_ = static_cast<int>(place - stops.begin());
        art::GradientStop made = stop;
        made.at = at;
        made.ink = {};
        stops.insert(place, made);
        emit changed(stops, true);
        emit pickedChanged();
    }
    update();
}
void StopBand::mouseMoveEvent(QMouseEvent* e)
{
    if (!dragging_) return;
    off_ = e->position().y() > height() + 22 || e->position().y() < -22;
    move((e->position().x() - inset) / (width() - 2 * inset), false);
}
void StopBand::mouseReleaseEvent(QMouseEvent*)
{
    if (!dragging_) return;
    dragging_ = false;
    if (off_ && gradient_.stops.size() > 2)
        drop();
    else
        emit changed(gradient_.stops, true);
}
void StopBand::mouseDoubleClickEvent(QMouseEvent* e)
{
    const int k = stopAt(e->position().x());
    if (k < 0) return;
    dragging_ = false;
    picked_ = k;
    art::GradientStop& s = gradient_.stops[static_cast<std::size_t>(k)];
    const QColor c = QColorDialog::getColor(qColour(s.colour), window(), tr("Stop"));
    if (!c.isValid()) return;
    s.colour = artColour(c);
    s.ink = {};
    emit changed(gradient_.stops, true);
}
QString StopBand::toldText() const
{
    if (gradient_.stops.empty()) return tr("no stop");
    const art::GradientStop& s = gradient_.stops[static_cast<std::size_t>(picked_)];
    return tr("stop %1 of %2 at %3 %, %4").arg(picked_ + 1).arg(gradient_.stops.size()).arg(std::lround(100 * s.at)).arg(qColour(s.colour).name());
}

std::optional<Told::Number> StopBand::toldNumber() const
{
    if (gradient_.stops.empty()) return std::nullopt;
    return Number{gradient_.stops[static_cast<std::size_t>(picked_)].at, 0, 1, 0.01};
}

void StopBand::keyPressEvent(QKeyEvent* e)
{
    if (gradient_.stops.empty()) return QWidget::keyPressEvent(e);
    const double by = e->modifiers() & Qt::ShiftModifier ? 0.1 : 0.01, now = gradient_.stops[static_cast<std::size_t>(picked_)].at;
    if (e->key() == Qt::Key_Left)
        move(now - by, true);
    else if (e->key() == Qt::Key_Right)
        move(now + by, true);
    else if (e->key() == Qt::Key_Up || e->key() == Qt::Key_Down) {
        picked_ = std::clamp(picked_ + (e->key() == Qt::Key_Up ? 1 : -1), 0, static_cast<int>(gradient_.stops.size()) - 1);
        update();
        emit pickedChanged();
    } else if (e->key() == Qt::Key_Delete)
        drop();
    else
        QWidget::keyPressEvent(e);
}

void StopBand::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    const QRectF box(inset, 1, width() - 2 * inset, band);
    // What is behind shows through where stops are: two greys as ground would say "empty"; paper and hemp lines do.
    p.fillRect(box, c.sheetTrue);
    p.fillRect(box, QBrush(c.hemp, Qt::BDiagPattern));
    QLinearGradient g(box.topLeft(), box.topRight());
    for (const art::GradientStop& s : gradient_.stops) {
        QColor q = qColour(s.colour);
        q.setAlphaF(static_cast<float>(s.opacity));
        g.setColorAt(std::clamp(s.at, 0.0, 1.0), q);
    }
    p.fillRect(box, g);
    p.setPen(QPen(c.lineStrong, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(box);
    for (std::size_t k = 0; k < gradient_.stops.size(); ++k) {
        const bool mine = static_cast<int>(k) == picked_;
        const double x = xOf(gradient_.stops[k].at);
        p.setPen(QPen(mine ? c.accent : c.text, mine ? 2 : 1.5));
        p.drawLine(QPointF(x, band - 4), QPointF(x, band + 6));
        p.setBrush(mine && off_ && dragging_ ? Qt::NoBrush : QBrush(qColour(gradient_.stops[k].colour)));
        p.drawEllipse(QPointF(x, band + 13), mine ? 7 : 6, mine ? 7 : 6);
    }
    if (hasFocus()) focusFrame(p, rect());
}

} // namespace softrope::app
