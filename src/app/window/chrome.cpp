#include "app/window/chrome.h"

#include "app/theme/theme.h"
#include "art/edits.h"
#include "render/render.h"

#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace softrope::app {

// -- course -------------------------------------------------------------------------------------------------------

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
    knots_[static_cast<std::size_t>(indexOf(id))] = state;
    setCurrent(current());
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
    const auto sagging = [&](QPointF a, QPointF b) {
        QPainterPath path(a);
        path.quadTo((a + b) / 2 + QPointF(0, 6), b);
        return path;
    };
    const auto rope = [&](const QPainterPath& path) {
        p.setPen(QPen(c.rope, 4.5, Qt::SolidLine, Qt::RoundCap));
        p.drawPath(path);
        p.setPen(QPen(c.ropeGap, 1.3));
        const double length = path.length();
        for (double s = 3; s < length; s += 5) {
            const double t = path.percentAtLength(s);
            const QPointF at = path.pointAtPercent(t);
            p.drawLine(at + QPointF(-1.4, 2.6), at + QPointF(1.4, -2.6));
        }
    };
    const int last = static_cast<int>(knots_.size()) - 1;
    QPointF from(0, knotAt(0).y());
    for (int i = 0; i <= last + 1; ++i) {
        const QPointF to = i > last ? QPointF(width(), knotAt(0).y()) : knotAt(i);
        if (i <= current_) {
            rope(sagging(from, to));
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

// -- sight line ---------------------------------------------------------------------------------------------------

namespace {

// A group of buttons on one small card.
class Group : public QWidget {
public:
    explicit Group(QWidget* parent) : QWidget(parent)
    {
        auto* row = new QHBoxLayout(this);
        row->setContentsMargins(2, 2, 2, 2);
        row->setSpacing(1);
        setFixedHeight(34);
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(colours().line, 1));
        p.setBrush(colours().card);
        p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
    }
};

} // namespace

SightLine::SightLine(Canvas& canvas) : QWidget(&canvas), canvas_(canvas)
{
    setAttribute(Qt::WA_NoMousePropagation);
    left_ = new Group(this);
    middle_ = new Group(this);
    right_ = new Group(this);
    over_ = new Pill("view-over", tr("Over"), {}, Pill::Kind::segment);
    beside_ = new Pill("view-beside", tr("Beside"), {}, Pill::Kind::segment);
    alone_ = new Pill("view-alone", tr("Alone"), {}, Pill::Kind::segment);
    over_->setToolTip(tr("The artwork over the reference (V goes to the next view)"));
    beside_->setToolTip(tr("Reference and artwork side by side, moving together (V)"));
    alone_->setToolTip(tr("The artwork alone (V)"));
    const auto show = [this](Pill* pill, Show s) {
        pill->setCheckable(true);
        left_->layout()->addWidget(pill);
        connect(pill, &QAbstractButton::clicked, this, [this, s] {
            View v = canvas_.view();
            v.show = s;
            canvas_.setView(v);
            refresh();
        });
    };
    show(over_, Show::over);
    show(beside_, Show::beside);
    show(alone_, Show::alone);
    QLabel* icon = iconLabel("reference", 16);
    icon->setContentsMargins(8, 0, 2, 0);
    veil_ = new Slider(0, 1, 0);
    veil_->setFixedWidth(124);
    veil_->setAccessibleName(tr("Veil"));
    veil_->setToolTip(tr("How strongly the reference shows through ([ and ])"));
    figure_ = label("100 %", "control", false);
    figure_->setFixedWidth(46);
    figure_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    middle_->layout()->addWidget(icon);
    middle_->layout()->addWidget(label(tr("Veil"), "control", false));
    middle_->layout()->addWidget(veil_);
    middle_->layout()->addWidget(figure_);
    middle_->layout()->setContentsMargins(2, 2, 10, 2);
    connect(veil_, &Slider::moved, this, [this](double v) {
        View view = canvas_.view();
        view.veil = v;
        view.referenceHidden = false;
        canvas_.setView(view);
        refresh();
    });
    look_ = new Group(this);
    areas_ = new Pill("split", tr("Areas"), {}, Pill::Kind::segment);
    areas_->setToolTip(tr("Every area that the lines enclose, lightly filled (Ctrl+Shift+A)"));
    mirror_ = new Pill("mirror", tr("Mirror"), "M", Pill::Kind::segment);
    mirror_->setToolTip(tr("The layer drawn on is mirrored at an axis (M)"));
    for (Pill* pill : {areas_, mirror_}) {
        pill->setCheckable(true);
        look_->layout()->addWidget(pill);
    }
    connect(areas_, &QAbstractButton::clicked, this, &SightLine::areasWanted);
    connect(mirror_, &QAbstractButton::clicked, this, &SightLine::mirrorWanted);
    peek_ = new Pill("peek", tr("Peek"), "W", Pill::Kind::segment);
    squint_ = new Pill("squint", tr("Squint"), "Q", Pill::Kind::segment);
    peek_->setToolTip(tr("Only the reference, while held (W; Alt+W only the artwork). Click to stay."));
    squint_->setToolTip(tr("Blurred, as through half-closed eyes, while held (Q). Click to stay."));
    for (Pill* pill : {peek_, squint_}) {
        pill->setCheckable(true);
        right_->layout()->addWidget(pill);
    }
    connect(peek_, &QAbstractButton::clicked, this, [this](bool on) {
        View v = canvas_.view();
        v.peekReference = on;
        v.peekArtwork = false;
        canvas_.setView(v);
    });
    connect(squint_, &QAbstractButton::clicked, this, [this](bool on) {
        View v = canvas_.view();
        v.squint = on;
        canvas_.setView(v);
    });
    connect(&canvas, &Canvas::viewChanged, this, &SightLine::refresh);
    refresh();
}

void SightLine::refresh()
{
    const View& v = canvas_.view();
    over_->setChecked(v.show == Show::over);
    beside_->setChecked(v.show == Show::beside);
    alone_->setChecked(v.show == Show::alone);
    peek_->setChecked(v.peekReference || v.peekArtwork);
    squint_->setChecked(v.squint);
    veil_->setValue(v.referenceHidden ? 0 : v.veil);
    middle_->setVisible(v.show == Show::over);
    const art::Layer* drawn = canvas_.session().document().layer(canvas_.session().selection().layer);
    mirror_->setChecked(drawn && drawn->mirror);
    figure_->setText(v.referenceHidden ? tr("hidden") : QString("%1 %").arg(std::lround(v.veil * 100)));
}

void SightLine::setStep(StepId step)
{
    areas_->setVisible(step == StepId::build);
    look_->setVisible(step == StepId::trace || step == StepId::build);
    layOut(parentWidget()->width());
}

void SightLine::setAreasShown(bool on)
{
    areas_->setChecked(on);
}

void SightLine::layOut(int width)
{
    const int room = width - 24;
    const bool wide = room > (look_->isVisibleTo(this) ? 900 : 700);
    peek_->setWordsShown(wide);
    squint_->setWordsShown(wide);
    figure_->setVisible(room > (look_->isVisibleTo(this) ? 820 : 600));
    areas_->setWordsShown(room > 760);
    mirror_->setWordsShown(room > 760);
    look_->adjustSize();
    setGeometry(12, 8, room, 34);
    left_->adjustSize();
    middle_->adjustSize();
    right_->adjustSize();
    left_->move(0, 0);
    middle_->move(left_->width() + 8, 0);
    look_->move((middle_->isVisibleTo(this) ? middle_->geometry().right() + 1 : left_->width()) + 8, 0);
    right_->move(room - right_->width(), 0);
    QRegion shape(left_->geometry());
    shape += right_->geometry();
    if (middle_->isVisibleTo(this)) shape += middle_->geometry();
    if (look_->isVisibleTo(this)) shape += look_->geometry();
    setMask(shape);
}

// -- tray ---------------------------------------------------------------------------------------------------------

Tray::Tray(Canvas& canvas, QWidget* parent) : QWidget(parent), canvas_(canvas)
{
    setFixedHeight(68);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 3, 14, 3);
    row->setSpacing(2);
    hint_ = new QLabel;
    hint_->setProperty("muted", true);
    hint_->setFont(typeface("small"));
    hint_->setTextFormat(Qt::RichText);
    hint_->setWordWrap(true);
    hint_->setMinimumWidth(60);
    row->addWidget(hint_, 1);
    connect(&canvas, &Canvas::toolChanged, this, &Tray::showTool);
    setStep(StepId::place);
}

void Tray::setStep(StepId id_)
{
    step_ = id_;
    const Step& here = step(id_);
    auto* outer = static_cast<QHBoxLayout*>(layout());
    delete row_;
    tiles_.clear();
    row_ = new QWidget(this);
    auto* row = new QHBoxLayout(row_);
    row->setContentsMargins(0, 0, 14, 0);
    row->setSpacing(2);
    std::vector<QString> ids{"pick"};
    const auto tools = here.tools();
    ids.insert(ids.end(), tools.begin(), tools.end());
    for (const QString& id : ids) {
        const Tool* t = canvas_.toolNamed(id);
        if (!t) continue;
        const QString key = here.keyOf(id);
        auto* tile = new Tile(t->icon(), t->name(), key);
        tile->setToolTip(QString("%1 (%2)").arg(t->name(), key));
        tile->setFixedSize(tileWidth_, 56);
        row->addWidget(tile);
        tiles_[id] = tile;
        connect(tile, &QAbstractButton::clicked, this, [this, id] {
            canvas_.takeTool(id);
            showTool();
        });
        if (id == "pick") {
            auto* line = new QWidget;
            line->setFixedSize(13, 44);
            line->setObjectName("divider");
            line->setStyleSheet(QString("#divider { border-right: 1px solid %1; margin-right: 6px; }").arg(colours().line.name()));
            row->addWidget(line);
        }
    }
    outer->insertWidget(0, row_);
    showTool();
}

void Tray::setTileWidth(int width)
{
    tileWidth_ = width;
    for (auto& [id, tile] : tiles_) tile->setFixedSize(width, std::min(56, height() - 8));
}

void Tray::setHintShown(bool shown)
{
    hint_->setVisible(shown);
}

void Tray::showTool()
{
    const Tool* t = canvas_.tool();
    if (!t) return;
    for (auto& [id, tile] : tiles_) tile->setChecked(id == t->id());
    hint_->setText(t->hint());
    QPalette p = hint_->palette();
    p.setColor(QPalette::WindowText, colours().textMuted);
    hint_->setPalette(p);
}

void Tray::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.fillRect(rect(), colours().desk);
    p.setPen(QPen(colours().line, 1));
    p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
}

// -- reading strip ------------------------------------------------------------------------------------------------

ReadingStrip::ReadingStrip(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(28);
    setAccessibleName(tr("Readings"));
    timer_.setSingleShot(true);
    timer_.setInterval(6000);
    connect(&timer_, &QTimer::timeout, this, [this] {
        message_.clear();
        run_ = {};
        update();
    });
}

void ReadingStrip::setReadings(std::vector<Reading> readings, const QString& zoom)
{
    readings_ = std::move(readings);
    zoom_ = zoom;
    update();
}

void ReadingStrip::tell(const QString& text)
{
    message_ = text;
    act_.clear();
    run_ = {};
    timer_.start();
    update();
}

void ReadingStrip::say(const QString& text, const QString& act, std::function<void()> run)
{
    tell(text);
    act_ = act;
    run_ = std::move(run);
    said_ << text;
}

void ReadingStrip::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Palette& c = colours();
    p.fillRect(rect(), c.desk);
    p.setPen(QPen(c.line, 1));
    p.drawLine(QPointF(0, 0.5), QPointF(width(), 0.5));
    const QFont f = typeface("small"), strong = typeface("control");
    const QFontMetricsF mf(f), ms(strong);
    const double h = height();
    const double zoomWidth = ms.horizontalAdvance(zoom_) + 40;
    p.drawPixmap(QPointF(width() - zoomWidth + 8, h / 2 - 8), iconPixmap("zoom", c.text, 16, devicePixelRatioF()));
    p.setFont(strong);
    p.setPen(c.text);
    p.drawText(QRectF(width() - zoomWidth + 28, 0, zoomWidth - 28, h), Qt::AlignVCenter, zoom_);
    const double end = width() - zoomWidth - 8;
    double x = 14;
    if (!message_.isEmpty()) {
        p.setFont(f);
        const QString shown = mf.elidedText(message_, Qt::ElideRight, end - x - 90);
        p.drawText(QRectF(x, 0, end - x, h), Qt::AlignVCenter, shown);
        x += mf.horizontalAdvance(shown) + 12;
        actBox_ = {};
        if (run_) {
            actBox_ = QRectF(x, 4, ms.horizontalAdvance(act_) + 18, h - 8);
            p.setPen(QPen(c.lineStrong, 1));
            p.setBrush(c.card);
            p.drawRoundedRect(actBox_, 4, 4);
            p.setPen(c.text);
            p.setFont(strong);
            p.drawText(actBox_, Qt::AlignCenter, act_);
        }
        return;
    }
    for (std::size_t i = 0; i < readings_.size(); ++i) {
        const Reading& r = readings_[i];
        double w = 0;
        if (!r.icon.isEmpty()) w += 22;
        if (!r.before.isEmpty()) w += mf.horizontalAdvance(r.before) + 5;
        w += ms.horizontalAdvance(r.figure);
        if (!r.after.isEmpty()) w += mf.horizontalAdvance(r.after) + 5;
        if (x + w > end) break; // whole readings only, dropped from the right
        if (!r.icon.isEmpty()) {
            p.drawPixmap(QPointF(x, h / 2 - 8), iconPixmap(r.icon, c.text, 16, devicePixelRatioF()));
            x += 22;
        }
        const auto put = [&](const QString& text, const QFont& font, const QFontMetricsF& m, const QColor& ink) {
            p.setFont(font);
            p.setPen(ink);
            p.drawText(QRectF(x, 0, m.horizontalAdvance(text) + 2, h), Qt::AlignVCenter, text);
            x += m.horizontalAdvance(text) + 5;
        };
        if (!r.before.isEmpty()) put(r.before, f, mf, c.textMuted);
        put(r.figure, strong, ms, c.text);
        if (!r.after.isEmpty()) put(r.after, f, mf, c.textMuted);
        x += 8;
        p.setPen(QPen(c.line, 1));
        p.drawLine(QPointF(x, 7), QPointF(x, h - 7));
        x += 14;
    }
}

void ReadingStrip::mousePressEvent(QMouseEvent* e)
{
    if (run_ && actBox_.contains(e->position())) doOffered();
}

bool ReadingStrip::doOffered()
{
    if (!run_) return false;
    const auto act = run_;
    message_.clear();
    run_ = {};
    act();
    update();
    return true;
}

QString ReadingStrip::toldText() const
{
    if (!message_.isEmpty()) return act_.isEmpty() ? message_ : tr("%1 %2 is offered.").arg(message_, act_);
    QStringList all;
    for (const Reading& r : readings_) all << QStringList{r.before, r.figure, r.after}.join(' ').simplified();
    return all.join(", ");
}

} // namespace softrope::app
