#include "app/cards/card.h"

#include "app/cards/card_parts.h"
#include "app/services/areas.h"
#include "app/services/survey.h"
#include "app/services/tracer.h"
#include "app/theme/theme.h"
#include "app/tools/gathering.h"
#include "app/tools/place/place_acts.h"
#include "app/tools/tone/tone_desk.h"
#include "art/edits.h"
#include "curve/edit.h"
#include "curve/reduce.h"
#include "curve/tolerances.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QResizeEvent>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

Card::Card(Session& session, Canvas& canvas, Tracer& tracer, Areas& areas, ToneDesk& desk, Survey& survey, QWidget* parent)
    : QWidget(parent), session_(session), canvas_(canvas), tracer_(tracer), areas_(areas), desk_(desk), survey_(survey), reducing_(session.jobs(), this)
{
    setAccessibleName(tr("Card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(1, 1, 1, 1);
    column->setSpacing(0);
    area_ = new QScrollArea;
    area_->setFrameShape(QFrame::NoFrame);
    area_->setWidgetResizable(true);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(area_, 1);
    bottom_ = new QWidget;
    bottom_->setFixedHeight(48);
    auto* row = new QHBoxLayout(bottom_);
    row->setContentsMargins(14, 4, 14, 6);
    bottomText_ = label({}, "small", false);
    bottomText_->setWordWrap(true);
    bottomAct_ = new Pill({}, {});
    row->addWidget(bottomText_, 1);
    row->addWidget(bottomAct_);
    column->addWidget(bottom_);
    connect(bottomAct_, &QAbstractButton::clicked, this, [this] {
        const auto run = bottomRun_;
        if (run) run();
    });
    // While the tracer works, the bottom row follows its progress.
    auto* beat = new QTimer(this);
    beat->setInterval(80);
    connect(beat, &QTimer::timeout, this, [this, beat] {
        if (!tracer_.working() && !desk_.working()) beat->stop();
        updateBottom();
    });
    connect(&desk_, &ToneDesk::changed, this, [this, beat] {
        if (step_ != StepId::tone) return;
        refresh();
        if (desk_.working()) beat->start();
    });
    connect(&tracer_, &Tracer::changed, this, [this, beat] {
        refresh();
        if (tracer_.working()) beat->start();
    });
    connect(&survey_, &Survey::changed, this, [this] { updateBottom(); });
    connect(&areas_, &Areas::changed, this, [this] {
        if (step_ == StepId::build || step_ == StepId::colour) refresh();
    });
    for (const char* id : {"carve", "follow"})
        if (auto* hand = dynamic_cast<Gathering*>(canvas_.toolNamed(id))) hand->onChange([this] { refresh(); });
    rebuild();
}

// What stood side by side may stand below each other now.
void Card::resizeEvent(QResizeEvent* e)
{
    if (e->size().width() != e->oldSize().width()) QTimer::singleShot(0, this, &Card::rebuild);
}

int Card::roomAcross() const
{
    const QMargins m = column_->contentsMargins();
    return area_->viewport()->width() - m.left() - m.right() - area_->verticalScrollBar()->sizeHint().width();
}

void Card::setStep(StepId step)
{
    step_ = step;
    rebuild();
}

void Card::setTask(const QString& name, double progress, std::function<void()> stop)
{
    task_ = name;
    taskProgress_ = progress;
    taskStop_ = std::move(stop);
    updateBottom();
    update();
}

QString Card::contextNow() const
{
    const auto& s = session_.selection();
    if (coloursNow() && !pickedPicture()) return colourContext();
    if (tonesNow() && !pickedPicture())
        if (const QString tone = toneContext(); !tone.isEmpty()) return tone;
    if (s.items.size() > 1) return step_ == StepId::build ? "several build" : "several";
    if (const art::Item* i = pickedLine(session_)) {
        const art::Artwork& a = *i->artwork();
        return QString("line %1 %2 %3 %4").arg(i->id).arg(openCount(a) > 0).arg(a.hand() != nullptr).arg(!s.nodes.empty()) + (a.rounding() ? " round" : "") +
               (a.combined() ? " live" : "") + (step_ == StepId::build ? " build" : "");
    }
    if (const art::Group* g = pickedGroup()) return QString("group %1 %2").arg(s.items.front()).arg(g->derived());
    if (s.items.size() == 1) return QString("reference %1").arg(s.items.front());
    if (step_ == StepId::place && !(canvas_.tool() && canvas_.tool()->id() == "axis")) {
        const art::Item* r = referenceInHand(session_.document(), s);
        return QString("place %1").arg(r ? r->id : 0);
    }
    if (tracesNow()) return traceContext();
    if (canvas_.tool() && canvas_.tool()->id() == "axis") return QString("axis %1").arg(mirrored());
    if (buildsNow()) return QString("build %1 %2").arg(canvas_.tool()->id()).arg(mirrored());
    return "tool " + (canvas_.tool() ? canvas_.tool()->id() : QString());
}

bool Card::pickedPicture() const
{
    const auto& items = session_.selection().items;
    const art::Item* i = items.size() == 1 ? session_.document().item(items.front()) : nullptr;
    return i && i->reference();
}

bool Card::mirrored() const
{
    const art::Layer* l = session_.document().layer(session_.selection().layer);
    return l && l->mirror;
}

void Card::refresh()
{
    if (contextNow() != context_) {
        rebuild();
        return;
    }
    for (const auto& u : updaters_) u();
    updateBottom();
}

void Card::rebuild()
{
    context_ = contextNow();
    updaters_.clear();
    auto* body = new QWidget;
    column_ = new QVBoxLayout(body);
    column_->setContentsMargins(14, 11, 12, 12);
    column_->setSpacing(7);
    if (context_.startsWith("line"))
        buildLine();
    else if (context_.startsWith("tone"))
        buildTone();
    else if (context_.startsWith("colour"))
        buildColour();
    else if (context_.startsWith("several"))
        buildSeveral();
    else if (context_.startsWith("axis")) {
        heading("mirror-line", tr("Axis"));
        mirrorSection();
    } else if (context_.startsWith("build"))
        buildBuild();
    else if (context_.startsWith("group"))
        buildGroup(session_.selection().items.front());
    else if (context_.startsWith("reference"))
        buildReference(session_.selection().items.front());
    else if (context_.startsWith("place"))
        buildPlace();
    else if (context_.startsWith("trace"))
        buildTrace();
    else
        buildTool();
    column_->addStretch();
    // The old body may hold the widget whose signal is being handled: it is let go later.
    if (QWidget* old = area_->takeWidget()) old->deleteLater();
    area_->setWidget(body);
    body_ = body;
    for (const auto& u : updaters_) u();
    updateBottom();
}

// -- parts --------------------------------------------------------------------------------------------------------

void Card::heading(const QString& iconName, const QString& name, std::function<void(QString)> rename)
{
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* icon = new QLabel;
    icon->setPixmap(iconPixmap(iconName, colours().accent, 20, 2));
    row->addWidget(icon);
    if (rename) {
        auto* field = new QLineEdit(name);
        field->setFont(typeface("title"));
        field->setFrame(false);
        field->setStyleSheet("QLineEdit { background: transparent; border: none; padding: 0; } QLineEdit:focus { border-bottom: 2px solid " +
                             colours().focusRing.name() + "; }");
        field->setToolTip(tr("Click to rename"));
        field->setAccessibleName(tr("Name"));
        connect(field, &QLineEdit::editingFinished, this, [field, rename] {
            if (field->isModified()) {
                field->setModified(false);
                rename(field->text());
            }
        });
        row->addWidget(field, 1);
    } else {
        row->addWidget(label(name, "title", false), 1);
    }
    column_->addLayout(row);
}

void Card::chips(std::function<QString()> text)
{
    auto* l = label({}, "small");
    l->setWordWrap(true);
    column_->addWidget(l);
    updaters_.push_back([l, text] { l->setText(text()); });
}

QWidget* Card::row(const QString& text, QWidget* field, QWidget* more)
{
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(7);
    QLabel* l = label(text, "control");
    l->setBuddy(field);
    field->setAccessibleName(text);
    r->addWidget(l);
    r->addStretch();
    r->addWidget(field);
    if (more) r->addWidget(more);
    if (auto* second = qobject_cast<NumberField*>(more)) second->setAccessibleName(tr("%1, second").arg(text));
    column_->addWidget(w);
    return w;
}

Card::SliderRow Card::sliderRow(const QString& name, double least, double most, double sag, const QString& accessibleName)
{
    auto* head = new QWidget;
    auto* r = new QHBoxLayout(head);
    r->setContentsMargins(0, 0, 0, 0);
    QLabel* what = label(name, "small");
    what->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    r->addWidget(what, 1);
    SliderRow row{new Slider(least, most, sag), label({}, "control", false)};
    r->addWidget(row.figure);
    column_->addWidget(head);
    row.slider->setAccessibleName(accessibleName.isEmpty() ? name : accessibleName);
    if (sag > 0) row.slider->setFixedHeight(30);
    column_->addWidget(row.slider);
    return row;
}

void Card::rule()
{
    auto* line = new QWidget;
    line->setFixedHeight(1);
    line->setStyleSheet("background: " + colours().line.name());
    column_->addWidget(line);
}

void Card::lookFields(std::function<art::Stroke()> get, std::function<void(const std::function<void(art::Stroke&)>&, const QString&)> set, bool ends)
{
    swellFields(get, set);
    auto* weight = new NumberField(0.1, 1000, 2);
    weight->setFixedWidth(66);
    row(tr("Weight"), weight, label(tr("px"), "small"));
    connect(weight, &NumberField::changed, this, [set](double v) { set([v](art::Stroke& s) { s.width = v; }, "Weight"); });
    auto* colour = new Swatch;
    row(tr("Colour"), colour);
    connect(colour, &Swatch::picked, this, [set](const QColor& c) {
        set(
            [c](art::Stroke& s) {
                s.colour = art::Colour{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())};
                s.ink = {}; // picked by hand: of no ink
            },
            "Line colour");
    });
    auto* opacity = new NumberField(0, 100, 0, "%");
    opacity->setFixedWidth(66);
    row(tr("Opacity"), opacity);
    connect(opacity, &NumberField::changed, this, [set](double v) { set([v](art::Stroke& s) { s.opacity = v / 100; }, "Line opacity"); });
    const auto choice = [this](const std::vector<std::pair<QString, QString>>& options, std::function<int()> now, std::function<void(int)> take,
                               const QString& name) {
        auto* w = new QWidget;
        auto* r = new QHBoxLayout(w);
        r->setContentsMargins(0, 0, 0, 0);
        r->setSpacing(2);
        std::vector<Pill*> pills;
        for (std::size_t i = 0; i < options.size(); ++i) {
            auto* pill = new Pill(options[i].first, options[i].first.isEmpty() ? options[i].second : QString(), {}, Pill::Kind::segment);
            pill->setToolTip(options[i].second);
            pill->setAccessibleName(options[i].second);
            pill->setCheckable(true);
            r->addWidget(pill);
            pills.push_back(pill);
            connect(pill, &QAbstractButton::clicked, this, [take, i] { take(static_cast<int>(i)); });
        }
        row(name, w);
        updaters_.push_back([pills, now] {
            for (std::size_t i = 0; i < pills.size(); ++i) pills[i]->setChecked(now() == static_cast<int>(i));
        });
    };
    if (ends)
        choice(
            {{"end-round", tr("Round ends")}, {"end-blunt", tr("Flat ends")}}, [get] { return static_cast<int>(get().cap); },
            [set](int i) { set([i](art::Stroke& s) { s.cap = static_cast<art::Cap>(i); }, "Ends"); }, tr("Ends"));
    choice(
        {{"", tr("Round")}, {"", tr("Sharp")}, {"", tr("Bevel")}}, [get] { return static_cast<int>(get().join); },
        [set](int i) { set([i](art::Stroke& s) { s.join = static_cast<art::Join>(i); }, "Corners"); }, tr("Corners"));
    auto* keeps = new QCheckBox(tr("Keeps its width when scaled"));
    keeps->setFont(typeface("small"));
    column_->addWidget(keeps);
    connect(keeps, &QCheckBox::clicked, this, [set](bool on) { set([on](art::Stroke& s) { s.keepsWidth = on; }, "Keep width"); });
    updaters_.push_back([=] {
        const art::Stroke s = get();
        weight->setValue(s.width);
        opacity->setValue(s.opacity * 100);
        colour->setColour(s.colour ? QColor(s.colour->r, s.colour->g, s.colour->b) : QColor());
        keeps->setChecked(s.keepsWidth);
    });
}

void Card::nextLineFields(bool ends)
{
    column_->addWidget(label(tr("The next line"), "small"));
    lookFields([this] { return canvas_.look(); },
               [this](const std::function<void(art::Stroke&)>& change, const QString&) {
                   change(canvas_.look());
                   refresh();
               },
               ends);
}

void Card::alignRow()
{
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(4);
    auto* centre = new Pill({}, tr("Centre on sheet"));
    r->addWidget(centre);
    r->addStretch();
    connect(centre, &QAbstractButton::clicked, this, [this] {
        const auto items = session_.selection().items;
        const art::Document d = art::alignedToSheet(art::alignedToSheet(session_.document(), items, art::Side::centre), items, art::Side::middle);
        session_.take(d, "Centre on sheet");
    });
    column_->addWidget(w);
}

// -- tool ---------------------------------------------------------------------------------------------------------

void Card::buildTool()
{
    Tool* t = canvas_.tool();
    if (!t) return;
    if (!context_.startsWith("trace")) heading(t->icon(), t->name());
    if (t->id() == "rope") ropeSettings();
    if (t->id() == "freehand" || t->id() == "redraw") {
        settingSlider(
            tr("Slack"), settings::freehandSlack.least, 8, 6, [this] { return canvas_.setting(settings::freehandSlack); },
            [this](double v) { canvas_.setSetting(settings::freehandSlack, v); }, pxText);
        settingSlider(
            tr("Steadying"), settings::freehandSteadying.least, settings::freehandSteadying.most, 0,
            [this] { return canvas_.setting(settings::freehandSteadying); }, [this](double v) { canvas_.setSetting(settings::freehandSteadying, v); },
            [](double v) { return QString("%1 %").arg(std::lround(v * 100)); });
        auto* note = label(tr("Slack is in screen px here: zoom in to draw finer."), "small");
        note->setWordWrap(true);
        column_->addWidget(note);
        rule();
    }
    nextLineFields(true);
    auto* snap = new QCheckBox(tr("Snap to lines and guides"));
    snap->setFont(typeface("small"));
    snap->setToolTip(tr("Ctrl suspends it while held"));
    snap->setChecked(canvas_.snapping());
    column_->addWidget(snap);
    connect(snap, &QCheckBox::clicked, this, [this](bool on) { canvas_.setSnapping(on); });
}

// -- bottom row ---------------------------------------------------------------------------------------------------

void Card::updateBottom()
{
    bottomRun_ = {};
    QString text, act;
    if (!task_.isEmpty()) {
        text = taskProgress_ >= 0 ? QString("%1, %2 %").arg(task_).arg(std::lround(taskProgress_ * 100)) : task_;
        act = tr("Stop");
        bottomRun_ = taskStop_;
    } else if (context_.startsWith("trace") && tracer_.active()) {
        traceBottom(text, act);
    } else if (context_.startsWith("group")) {
        groupBottom(text, act);
    } else if (context_.startsWith("reference") || (context_.startsWith("place") && context_ != "place 0")) {
        const art::Item* i = referenceInHand(session_.document(), session_.selection());
        const art::Layer* l = i ? session_.document().layerOf(i->id) : nullptr;
        if (l) {
            const art::Id layer = l->id, item = i->id;
            text = l->locked ? tr("Locked: it cannot be moved by accident.") : tr("Free to move.");
            act = l->locked ? tr("Unlock") : tr("Dim and lock");
            bottomRun_ = [this, layer, item, locked = l->locked] {
                art::Document d = session_.document();
                if (!locked) d = withReferenceChanged(d, item, [](art::Reference& r) { r.dim = std::min(r.dim, 0.5); });
                d = art::withLayer(d, layer, [&](art::Layer& changed) { changed.locked = !locked; });
                art::Selection s = session_.selection();
                s.items = locked ? std::vector<art::Id>{item} : std::vector<art::Id>{};
                session_.take(d, s, locked ? "Unlock" : "Dim and lock");
                if (locked) canvas_.takeTool("place");
            };
        }
    } else if (context_.startsWith("tone") && (toneBottom(text, act), !act.isEmpty())) {
        // Set above.
    } else if (context_.startsWith("colour") && (colourBottom(text, act), !act.isEmpty())) {
        // Set above.
    } else if (context_.startsWith("build") && (buildBottom(text, act), !act.isEmpty())) {
        // Set above.
    } else if (step_ == StepId::trace || step_ == StepId::build) {
        const auto ends = survey_.now().ends;
        const auto gap = survey_.now().gap;
        if (gap && gap->width <= 4 * curve::joinReach) {
            text = gap->width < 0.05 ? tr("%1 ends are open; two meet and are not joined.").arg(ends.size())
                                     : tr("%1 ends are open; two are %2 apart.").arg(ends.size()).arg(pxText(gap->width));
            act = tr("Close gap");
            bottomRun_ = [this, gap] {
                session_.take(art::withEndsJoined(session_.document(), gap->first, gap->second), "Join ends");
                canvas_.say("Joined 2 ends. Ctrl+Z takes it apart.");
            };
        } else if (!ends.empty()) {
            text = ends.size() == 1 ? tr("1 end is open on this sheet") : tr("%1 ends are open on this sheet").arg(ends.size());
            act = tr("Show next");
            bottomRun_ = [this, ends] { emit asksToShow(ends[nextEnd_++ % ends.size()].at); };
        }
    }
    bottom_->setVisible(!act.isEmpty());
    bottomText_->setText(text);
    if (bottomAct_->text() != act) {
        bottomAct_->setText(act);
        bottomAct_->setAccessibleName(act);
        bottomAct_->updateGeometry();
    }
    update();
}

void Card::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5);
    p.setPen(QPen(colours().line, 1));
    p.setBrush(colours().card);
    p.drawRoundedRect(r, 8, 8);
    if (!bottom_->isVisible()) return;
    QPainterPath shape;
    shape.addRoundedRect(r, 8, 8);
    p.setClipPath(shape);
    const QRectF row(0, bottom_->geometry().top(), width(), height() - bottom_->geometry().top());
    p.fillRect(row, colours().cardInset);
    if (!task_.isEmpty() || (context_.startsWith("trace") && tracer_.working()) || (context_.startsWith("tone") && desk_.working()))
        p.fillRect(QRectF(row.left(), row.top(), row.width() * std::clamp(taskProgress_, 0.02, 1.0), 3), colours().teal);
}

} // namespace softrope::app
