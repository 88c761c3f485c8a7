#include "app/cards/card.h"
#include "app/services/frame_meter.h"

#include "app/services/areas.h"
#include "app/services/proofing.h"
#include "app/services/survey.h"
#include "app/services/tracer.h"
#include "app/theme/theme.h"
#include "app/tools/gathering.h"
#include "app/tools/tone/tone_desk.h"
#include "art/edits.h"
#include "curve/tolerances.h"
#include "words/said.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QResizeEvent>
#include <QScrollBar>
#include <QTimer>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {
constexpr int beat = 80; // ms between two looks at the progress
}

Card::Card(Session& session, Canvas& canvas, Tracer& tracer, Areas& areas, ToneDesk& tones, Survey& survey, Proofing& proofing, QWidget* parent)
    : QWidget(parent), at_{session, canvas, tracer, areas, tones, survey, proofing}
{
    at_.refresh = [this] { refresh(); };
    at_.rebuild = [this] { rebuild(); };
    at_.run = [this](const char* id) { emit asksToRun(id); };
    at_.show = [this](curve::Vec2 place) { emit asksToShow(place); };
    at_.takeTrace = [this] { emit asksToTakeTrace(); };
    at_.choosePicture = [this] { emit asksForPicture(); };
    at_.paste = [this] { emit asksForPaste(); };
    pages_ = makePages(at_);

    setAccessibleName(tr("Card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(1, 1, 1, 1);
    column->setSpacing(0);
    area_ = new QScrollArea;
    area_->setFrameShape(QFrame::NoFrame);
    area_->setWidgetResizable(true);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* holder = new QWidget(area_->viewport());
    bodies_ = new QVBoxLayout(holder);
    bodies_->setContentsMargins(0, 0, 0, 0);
    area_->setWidget(holder);
    column->addWidget(area_, 1);
    bottom_ = new QWidget;
    row_ = new QBoxLayout(QBoxLayout::LeftToRight, bottom_);
    row_->setContentsMargins(14, 4, 14, 6);
    bottomText_ = label({}, "small", false);
    bottomText_->setWordWrap(true);
    bottomAct_ = new Pill({}, {});
    row_->addWidget(bottomText_, 1);
    row_->addWidget(bottomAct_);
    column->addWidget(bottom_);
    connect(bottomAct_, &QAbstractButton::clicked, this, [this] {
        const auto run = shown_.run;
        if (run) run();
    });
    // While something is worked out, the bottom row follows its progress.
    auto* follow = new QTimer(this);
    follow->setInterval(beat);
    connect(follow, &QTimer::timeout, this, [this, follow] {
        if (!at_.tracer.working() && !at_.tones.working()) follow->stop();
        updateBottom();
    });
    connect(&tones, &ToneDesk::changed, this, [this, follow] {
        if (step_ != StepId::tone) return;
        refresh();
        if (at_.tones.working()) follow->start();
    });
    connect(&tracer, &Tracer::changed, this, [this, follow] {
        refresh();
        if (at_.tracer.working()) follow->start();
    });
    connect(&survey, &Survey::changed, this, [this] { updateBottom(); });
    for (const auto signal : {&Proofing::changed, &Proofing::inHandChanged})
        connect(&proofing, signal, this, [this] {
            if (step_ == StepId::proof) refresh();
        });
    connect(&areas, &Areas::changed, this, [this] {
        if (step_ == StepId::build || step_ == StepId::colour) refresh();
    });
    for (const char* id : {"carve", "follow"})
        if (auto* hand = dynamic_cast<Gathering*>(canvas.toolNamed(id))) hand->onChange([this] { refresh(); });
    rebuild();
}

// What stood side by side may stand below each other now.
void Card::resizeEvent(QResizeEvent* e)
{
    if (e->size().width() == e->oldSize().width()) return;
    QTimer::singleShot(0, this, [this] {
        if (width() != builtFor_) rebuild();
    });
}

// By then it has its size.
void Card::showEvent(QShowEvent*)
{
    QTimer::singleShot(0, this, [this] {
        if (stale_) rebuild();
    });
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
}

CardPage* Card::pageFor(const Context& c) const
{
    return std::find_if(pages_.begin(), pages_.end(), [&](const auto& p) { return p->wants(c); })->get(); // the last wants all
}

void Card::refresh()
{
    const FrameMeter::Part spent(words::marked("card"));
    const Context c = contextOf(at_, step_);
    CardPage* const page = pageFor(c);
    if (stale_ || page != page_ || page->key(c) != key_) {
        rebuild();
        return;
    }
    fields_->update();
    updateBottom();
}

void Card::rebuild()
{
    // Many things change before it is seen for the first time.
    stale_ = !isVisible();
    if (stale_) return;
    builtFor_ = width();
    const Context c = contextOf(at_, step_);
    page_ = pageFor(c);
    key_ = page_->key(c);
    constexpr int margins = 26; // left and right of the fields
    // The old body may hold the widget whose signal is being handled: it is let go later.
    if (fields_) {
        QWidget* old = fields_->body();
        bodies_->removeWidget(old);
        old->hide();
        old->deleteLater();
    }
    fields_ = std::make_unique<Fields>(at_, area_->width() - margins - area_->verticalScrollBar()->sizeHint().width(), area_->widget());
    page_->build(*fields_, c);
    fields_->stretch();
    bodies_->addWidget(fields_->body());
    fields_->body()->show();
    fields_->update();
    updateBottom();
}

// -- bottom row ---------------------------------------------------------------------------------------------------

Bottom Card::bottomNow()
{
    if (!task_.isEmpty())
        return {taskProgress_ >= 0 ? tr("%1, %2 %").arg(task_).arg(std::lround(taskProgress_ * 100)) : task_, tr("Stop"), taskStop_,
                std::max(0.0, taskProgress_)};
    const Context c = contextOf(at_, step_);
    if (!page_ || !page_->wants(c)) return {}; // the page is about to be changed
    Bottom b = page_->bottom(c);
    return b.act.isEmpty() && (step_ == StepId::trace || step_ == StepId::build) ? openEnds() : b;
}

Bottom Card::openEnds()
{
    const auto ends = at_.survey.now().ends;
    const auto gap = at_.survey.now().gap;
    if (gap && gap->width <= 4 * curve::joinReach)
        return {gap->width < 0.05 ? tr("%1 ends are open; two meet and are not joined.").arg(ends.size())
                                  : tr("%1 ends are open; two are %2 apart.").arg(ends.size()).arg(pxText(gap->width)),
                tr("Close gap"), [this, gap] {
                    at_.session.take(art::withEndsJoined(at_.session.document(), gap->first, gap->second), tr("Join ends"));
                    at_.canvas.say(tr("Joined 2 ends. Ctrl+Z takes it apart."));
                }};
    if (ends.empty()) return {};
    return {tr("%n end(s) open on this sheet", nullptr, static_cast<int>(ends.size())), tr("Show next"),
            [this, ends] { emit asksToShow(ends[nextEnd_++ % ends.size()].at); }};
}

void Card::updateBottom()
{
    shown_ = bottomNow();
    bottom_->setVisible(!shown_.act.isEmpty());
    bottomText_->setText(shown_.text);
    if (bottomAct_->text() != shown_.act) {
        bottomAct_->setText(shown_.act);
        bottomAct_->setAccessibleName(shown_.act);
        bottomAct_->updateGeometry();
    }
    // The act stands below its words where they have no room beside it.
    constexpr int low = 48, high = 76, leastText = 70, twoLines = 32;
    const QMargins m = row_->contentsMargins();
    const int all = width() - 2 - m.left() - m.right(), beside = all - row_->spacing() - bottomAct_->sizeHint().width();
    const bool below = beside < leastText || bottomText_->heightForWidth(beside) > twoLines;
    row_->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    const int stacked = m.top() + bottomText_->heightForWidth(all) + row_->spacing() + bottomAct_->sizeHint().height() + m.bottom();
    bottom_->setFixedHeight(below ? std::max(high, stacked) : low);
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
    if (shown_.progress >= 0) p.fillRect(QRectF(row.left(), row.top(), row.width() * std::clamp(shown_.progress, 0.02, 1.0), 3), colours().teal);
}

} // namespace softrope::app
