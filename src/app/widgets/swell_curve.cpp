#include "app/widgets/swell_curve.h"

#include "app/theme/theme.h"
#include "app/theme/words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QSettings>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {
constexpr double margin = 10, tallest = 2; // the graph shows shares up to twice the weight
constexpr std::size_t none = static_cast<std::size_t>(-1);
} // namespace

SwellCurve::SwellCurve(QWidget* parent) : QWidget(parent), swell_(curve::tidied({}))
{
    setFixedHeight(78);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Swell"));
    setToolTip(tr("Width along the line. Drag a bead up, down or along; click the shape for a new one; drag one off to remove it.\n"
                  "Keys: left and right pick a bead, up and down change its width, Insert adds, Delete removes"));
}

void SwellCurve::setSwell(const curve::Swell& s)
{
    if (held_ < 0) swell_ = curve::tidied(s);
    picked_ = std::clamp(picked_, 0, static_cast<int>(swell_.beads.size()) - 1);
    update();
}

QPointF SwellCurve::beadAt(std::size_t i) const
{
    const curve::SwellBead& b = swell_.beads[i];
    return {margin + b.along * (width() - 2 * margin), height() / 2.0 - std::min(b.width, tallest) / tallest * (height() / 2.0 - margin)};
}

std::size_t SwellCurve::under(QPointF p) const
{
    for (std::size_t i = 0; i < swell_.beads.size(); ++i)
        if (QLineF(p, beadAt(i)).length() <= 11) return i;
    return none;
}

void SwellCurve::tell(curve::Swell s)
{
    swell_ = curve::tidied(std::move(s));
    update();
    emit changed(swell_);
}

void SwellCurve::mousePressEvent(QMouseEvent* e)
{
    if (e->button() != Qt::LeftButton) return;
    std::size_t i = under(e->position());
    if (i == none) {
        if (swell_.beads.size() >= curve::mostBeads) return;
        const double along = std::clamp((e->position().x() - margin) / (width() - 2 * margin), 0.0, 1.0);
        curve::Swell s = swell_;
        curve::Swell plain = swell_;
        plain.taperStart = plain.taperEnd = 0;
        s.beads.push_back({along, curve::widthAt(plain, along)});
        tell(std::move(s));
        for (std::size_t k = 0; k < swell_.beads.size(); ++k)
            if (std::abs(swell_.beads[k].along - along) < 1e-9) i = k;
    }
    if (i == none) return;
    held_ = picked_ = static_cast<int>(i);
    update();
}

void SwellCurve::mouseMoveEvent(QMouseEvent* e)
{
    if (held_ < 0) return;
    const auto i = static_cast<std::size_t>(held_);
    const QPointF p = e->position();
    curve::Swell s = swell_;
    if ((p.y() < -24 || p.y() > height() + 24) && s.beads.size() > 1) { // dragged off
        s.beads.erase(s.beads.begin() + held_);
        held_ = -1;
        picked_ = 0;
        tell(std::move(s));
        return;
    }
    const double room = 1e-3, before = i > 0 ? s.beads[i - 1].along + room : 0, after = i + 1 < s.beads.size() ? s.beads[i + 1].along - room : 1;
    s.beads[i] = {std::clamp((p.x() - margin) / (width() - 2 * margin), before, after),
                  std::clamp((height() / 2.0 - p.y()) / (height() / 2.0 - margin) * tallest, 0.0, 4.0)};
    tell(std::move(s));
}

void SwellCurve::mouseReleaseEvent(QMouseEvent*)
{
    held_ = -1;
    emit settled();
}

QString SwellCurve::toldText() const
{
    if (swell_.beads.empty()) return tr("even");
    const curve::SwellBead& b = swell_.beads[static_cast<std::size_t>(picked_)];
    return tr("bead %1 of %2: %3 % of the width at %4 % of the length")
        .arg(picked_ + 1)
        .arg(swell_.beads.size())
        .arg(std::lround(100 * b.width))
        .arg(std::lround(100 * b.along));
}

std::optional<Told::Number> SwellCurve::toldNumber() const
{
    if (swell_.beads.empty()) return std::nullopt;
    return Number{swell_.beads[static_cast<std::size_t>(picked_)].width, 0, 3, 0.05};
}

void SwellCurve::takeTold(double width)
{
    if (swell_.beads.empty()) return;
    curve::Swell s = swell_;
    s.beads[static_cast<std::size_t>(picked_)].width = width;
    tell(std::move(s));
    emit settled();
}

void SwellCurve::keyPressEvent(QKeyEvent* e)
{
    curve::Swell s = swell_;
    auto& bead = s.beads[static_cast<std::size_t>(picked_)];
    const double by = e->modifiers() & Qt::ShiftModifier ? 0.2 : 0.05;
    switch (e->key()) {
    case Qt::Key_Left: picked_ = std::max(0, picked_ - 1); break;
    case Qt::Key_Right: picked_ = std::min(static_cast<int>(s.beads.size()) - 1, picked_ + 1); break;
    case Qt::Key_Up: bead.width += by; break;
    case Qt::Key_Down: bead.width -= by; break;
    case Qt::Key_Insert:
        if (s.beads.size() < curve::mostBeads) {
            const double to =
                picked_ + 1 < static_cast<int>(s.beads.size()) ? s.beads[static_cast<std::size_t>(picked_) + 1].along : (bead.along < 1 ? 1.0 : 0.0);
            const double along = (bead.along + to) / 2;
            s.beads.push_back({along, curve::widthAt(s, along)});
        }
        break;
    case Qt::Key_Delete:
    case Qt::Key_Backspace:
        if (s.beads.size() > 1) s.beads.erase(s.beads.begin() + picked_);
        picked_ = 0;
        break;
    default: QWidget::keyPressEvent(e); return;
    }
    if (!(s == swell_)) {
        tell(std::move(s));
        emit settled();
    }
    update();
}

void SwellCurve::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    p.setPen(Qt::NoPen);
    p.setBrush(c.cardInset);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
    const double mid = height() / 2.0, half = mid - margin, wide = width() - 2 * margin;
    QPainterPath shape;
    const int n = std::max(2, static_cast<int>(wide));
    std::vector<double> w;
    for (int i = 0; i <= n; ++i) w.push_back(std::min(tallest, curve::widthAt(swell_, static_cast<double>(i) / n)) / tallest * half);
    shape.moveTo(margin, mid - w[0]);
    for (int i = 1; i <= n; ++i) shape.lineTo(margin + wide * i / n, mid - w[static_cast<std::size_t>(i)]);
    for (int i = n; i >= 0; --i) shape.lineTo(margin + wide * i / n, mid + w[static_cast<std::size_t>(i)]);
    p.setBrush(c.text);
    p.drawPath(shape);
    p.setPen(QPen(c.lineStrong, 1, Qt::DashLine));
    p.drawLine(QPointF(margin, mid - half / tallest), QPointF(width() - margin, mid - half / tallest));
    for (std::size_t i = 0; i < swell_.beads.size(); ++i) {
        const bool on = static_cast<int>(i) == picked_ && (hasFocus() || held_ >= 0);
        p.setPen(QPen(on ? c.accent : c.text, 2));
        p.setBrush(on ? c.accent : c.card);
        p.drawEllipse(beadAt(i), 5.5, 5.5);
    }
    if (hasFocus()) {
        p.setPen(QPen(c.focusRing, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 5, 5);
    }
}

// -- library ------------------------------------------------------------------------------------------------------

std::vector<NamedSwell> swellLibrary()
{
    std::vector<NamedSwell> out{{tr("Belly"), {{{0, 0.35}, {0.5, 1.3}, {1, 0.35}}, 0, 0}, false},
                                {tr("Fading"), {{{0, 1.2}, {1, 0.15}}, 0, 0}, false},
                                {tr("Growing"), {{{0, 0.15}, {1, 1.2}}, 0, 0}, false},
                                {tr("Pointed"), {{{0.5, 1}}, 0.3, 0.3}, false},
                                {tr("Waist"), {{{0, 1.1}, {0.5, 0.5}, {1, 1.1}}, 0, 0}, false}};
    QSettings kept;
    constexpr int most = 500; // the file says how many there are, and is not to be trusted
    const int n = std::min(kept.beginReadArray("swells"), most);
    for (int i = 0; i < n; ++i) {
        kept.setArrayIndex(i);
        NamedSwell s{kept.value("name").toString(), {}, true};
        const QStringList v = kept.value("beads").toString().split(' ', Qt::SkipEmptyParts);
        if (s.name.isEmpty() || v.size() < 4) continue;
        s.swell.taperStart = v[0].toDouble();
        s.swell.taperEnd = v[1].toDouble();
        for (qsizetype k = 2; k + 1 < v.size(); k += 2) s.swell.beads.push_back({v[k].toDouble(), v[k + 1].toDouble()});
        s.swell = curve::tidied(s.swell);
        out.push_back(s);
    }
    kept.endArray();
    return out;
}

namespace {

void write(const std::vector<NamedSwell>& own)
{
    QSettings kept;
    kept.remove("swells");
    kept.beginWriteArray("swells");
    int i = 0;
    for (const NamedSwell& s : own) {
        if (!s.own) continue;
        kept.setArrayIndex(i++);
        kept.setValue("name", s.name);
        QString v = QString("%1 %2").arg(s.swell.taperStart).arg(s.swell.taperEnd);
        for (const curve::SwellBead& b : s.swell.beads) v += QString(" %1 %2").arg(b.along).arg(b.width);
        kept.setValue("beads", v);
    }
    kept.endArray();
}

} // namespace

void keepSwell(const QString& name, const curve::Swell& s)
{
    std::vector<NamedSwell> all = swellLibrary();
    all.erase(std::remove_if(all.begin(), all.end(), [&](const NamedSwell& n) { return n.own && n.name == name; }), all.end());
    all.push_back({name, s, true});
    write(all);
}

void dropSwell(const QString& name)
{
    std::vector<NamedSwell> all = swellLibrary();
    all.erase(std::remove_if(all.begin(), all.end(), [&](const NamedSwell& n) { return n.own && n.name == name; }), all.end());
    write(all);
}

} // namespace softrope::app
