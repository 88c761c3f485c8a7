#include "app/window/sight_line.h"

#include "app/theme/theme.h"
#include "app/tools/hand_keys.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>

#include <cmath>
#include <functional>
#include <vector>

namespace softrope::app {

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
    over_->setToolTip(tr("The artwork over the reference; the keys go to the next view"));
    beside_->setToolTip(tr("Reference and artwork side by side, moving together"));
    alone_->setToolTip(tr("The artwork alone"));
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
    veilName_ = label(tr("Veil"), "control", false);
    middle_->layout()->addWidget(veilName_);
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
    areas_->setToolTip(tr("Every area that the lines enclose, lightly filled"));
    tellKeysOf(areas_, "show-areas");
    mirror_ = new Pill("mirror", tr("Mirror"), "M", Pill::Kind::segment);
    mirror_->setToolTip(tr("The layer drawn on is mirrored at an axis"));
    tellKeysOf(mirror_, "mirror");
    for (Pill* p : {over_, beside_, alone_}) tellKeysOf(p, "next-view");
    lines_ = new Pill("line", tr("Lines on top"), {}, Pill::Kind::segment);
    lines_->setToolTip(tr("The drawn lines are seen above the areas"));
    tellKeysOf(lines_, "lines-on-top");
    connect(lines_, &QAbstractButton::clicked, this, &SightLine::linesWanted);
    marks_ = new Pill("proof", tr("Marks"), {}, Pill::Kind::segment);
    marks_->setToolTip(tr("Findings of the proof, numbered as in the list"));
    tellKeysOf(marks_, "proof-marks");
    connect(marks_, &QAbstractButton::clicked, this, &SightLine::marksWanted);
    for (Pill* pill : {areas_, mirror_, lines_, marks_}) {
        pill->setCheckable(true);
        look_->layout()->addWidget(pill);
    }
    marks_->setChecked(true);
    connect(areas_, &QAbstractButton::clicked, this, &SightLine::areasWanted);
    connect(mirror_, &QAbstractButton::clicked, this, &SightLine::mirrorWanted);
    peek_ = new Pill("peek", tr("Peek"), {}, Pill::Kind::segment);
    squint_ = new Pill("squint", tr("Squint"), {}, Pill::Kind::segment);
    tellHeldKeys();
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
    lines_->setChecked(canvas_.setting(settings::linesOnTop));
    figure_->setText(v.referenceHidden ? tr("hidden") : QString("%1 %").arg(std::lround(v.veil * 100)));
}

void SightLine::setStep(StepId step)
{
    areas_->setVisible(step == StepId::build);
    mirror_->setVisible(step == StepId::trace || step == StepId::build);
    lines_->setVisible(step == StepId::colour || step == StepId::shade);
    marks_->setVisible(step == StepId::proof);
    look_->setVisible(mirror_->isVisibleTo(look_) || lines_->isVisibleTo(look_) || marks_->isVisibleTo(look_));
    refresh();
    layOut(parentWidget()->width());
}

void SightLine::setMarksShown(bool on)
{
    marks_->setChecked(on);
}

void SightLine::setAreasShown(bool on)
{
    areas_->setChecked(on);
}

// Words go one after the other until all has room, the least missed first; what is left are the pictures, and their tips.
void SightLine::layOut(int width)
{
    constexpr int gap = 8;
    const int room = width - 24;
    const std::vector<std::function<void(bool)>> falls{
        [this](bool on) {
            peek_->setWordsShown(on);
            squint_->setWordsShown(on);
        },
        [this](bool on) { figure_->setVisible(on); },
        [this](bool on) {
            areas_->setWordsShown(on);
            mirror_->setWordsShown(on);
            lines_->setWordsShown(on);
            marks_->setWordsShown(on);
        },
        [this](bool on) { veilName_->setVisible(on); },
        [this](bool on) {
            for (Pill* p : {over_, beside_, alone_}) p->setWordsShown(on);
        },
    };
    for (const auto& fall : falls) fall(true);
    const auto taken = [&] {
        int sum = 0;
        for (QWidget* group : {left_, middle_, look_, right_}) {
            if (!group->isVisibleTo(this)) continue;
            group->layout()->activate();
            group->adjustSize();
            sum += group->width() + gap;
        }
        return sum - gap;
    };
    for (auto fall = falls.begin(); fall != falls.end() && taken() > room; ++fall) (*fall)(false);
    taken();
    setGeometry(12, 8, room, 34);
    left_->move(0, 0);
    middle_->move(left_->width() + gap, 0);
    look_->move((middle_->isVisibleTo(this) ? middle_->geometry().right() + 1 : left_->width()) + gap, 0);
    right_->move(room - right_->width(), 0);
    QRegion shape(left_->geometry());
    shape += right_->geometry();
    if (middle_->isVisibleTo(this)) shape += middle_->geometry();
    if (look_->isVisibleTo(this)) shape += look_->geometry();
    setMask(shape);
}

void SightLine::tellHeldKeys()
{
    const QString peek(QLatin1Char(handKeys().peek)), squint(QLatin1Char(handKeys().squint));
    peek_->setKey(peek);
    squint_->setKey(squint);
    peek_->setToolTip(tr("Only the reference, while held (%1; Alt+%1 only the artwork). Click to stay.").arg(peek));
    squint_->setToolTip(tr("Blurred, as through half-closed eyes, while held (%1). Click to stay.").arg(squint));
}

} // namespace softrope::app
