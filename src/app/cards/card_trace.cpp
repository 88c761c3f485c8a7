// The card of whole-picture tracing, and the rope's settings.
#include "app/cards/card.h"
#include "app/services/tracer.h"
#include "app/theme/theme.h"
#include "app/tools/place/place_acts.h"
#include "app/widgets/histogram.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include <array>
#include <cmath>

namespace softrope::app {

namespace {
using What = TraceSettings::What;
}

bool Card::tracesNow() const
{
    if (step_ != StepId::trace || !session_.selection().items.empty() || !canvas_.tool()) return false;
    const QString id = canvas_.tool()->id();
    if (id != "pick" && id != "part") return false;
    return tracer_.active() || referenceInHand(session_.document(), session_.selection());
}

QString Card::traceContext() const
{
    return QString("trace %1 %2").arg(tracer_.active()).arg(static_cast<int>(tracer_.settings().what));
}

void Card::segments(const QString& name, const std::vector<std::pair<QString, QString>>& options, std::function<int()> now, std::function<void(int)> take)
{
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(2);
    std::vector<Pill*> pills;
    for (std::size_t i = 0; i < options.size(); ++i) {
        auto* pill = new Pill({}, options[i].first, {}, Pill::Kind::segment);
        pill->setCheckable(true);
        pill->setToolTip(options[i].second);
        pill->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        r->addWidget(pill);
        pills.push_back(pill);
        connect(pill, &QAbstractButton::clicked, this, [take, i] { take(static_cast<int>(i)); });
    }
    if (!name.isEmpty()) column_->addWidget(label(name, "small"));
    column_->addWidget(w);
    updaters_.push_back([pills, now] {
        for (std::size_t i = 0; i < pills.size(); ++i) pills[i]->setChecked(now() == static_cast<int>(i));
    });
}

void Card::settingSlider(const QString& name, double least, double most, double sag, std::function<double()> get, std::function<void(double)> set,
                         std::function<QString(double)> text)
{
    const SliderRow s = sliderRow(name, least, most, sag);
    Slider* const slider = s.slider;
    QLabel* const figure = s.figure;
    slider->setWords(text);
    connect(slider, &Slider::moved, this, [this, set](double v) {
        set(v);
        refresh();
    });
    connect(slider, &Slider::settled, this, [this] { session_.endBurst(); }); // one drag, one step back
    updaters_.push_back([slider, figure, get, text] {
        slider->setValue(get());
        figure->setText(text(get()));
    });
}

void Card::buildTrace()
{
    heading("tone-steps", tr("Trace the picture"));
    segments(
        {},
        {{tr("Shapes"), tr("Dark shapes become areas (Ctrl+T)")},
         {tr("Lines"), tr("Ink and pencil lines become strokes (Ctrl+L)")},
         {tr("Tones"), tr("The picture becomes few flat colour areas that abut (Ctrl+Shift+L)")}},
        [this] { return tracer_.active() ? static_cast<int>(tracer_.settings().what) : -1; }, [this](int i) { tracer_.begin(static_cast<What>(i)); });
    if (!tracer_.active()) {
        auto* note = label(tr("Shown on the sheet first; nothing changes until you take it."), "small");
        note->setWordWrap(true);
        column_->addWidget(note);
        rule();
        buildTool();
        return;
    }
    const auto change = [this](const std::function<void(TraceSettings&)>& act) {
        TraceSettings s = tracer_.settings();
        act(s);
        tracer_.set(s);
    };
    const auto number = [this](const QString& name, double most, const QString& unit, std::function<double()> get, std::function<void(double)> set) {
        auto* field = new NumberField(0, most, 1);
        field->setFixedWidth(66);
        row(name, field, label(unit, "small"));
        connect(field, &NumberField::changed, this, [set](double v) { set(v); });
        updaters_.push_back([field, get] { field->setValue(get()); });
    };
    if (tracer_.settings().what == What::shapes) {
        auto* bars = new HistogramBars;
        column_->addWidget(bars);
        connect(bars, &HistogramBars::cutMoved, this, [change](double v) { change([v](TraceSettings& s) { s.cut = v; }); });
        updaters_.push_back([this, bars] {
            bars->setValues(tracer_.histogram());
            bars->setCut(tracer_.settings().cut.value_or(tracer_.cutUsed()));
        });
        auto* own = new QCheckBox(tr("Find the cut by itself"));
        own->setFont(typeface("small"));
        auto* light = new QCheckBox(tr("Light shapes on dark ground"));
        light->setFont(typeface("small"));
        column_->addWidget(own);
        column_->addWidget(light);
        connect(own, &QCheckBox::clicked, this,
                [this, change](bool on) { change([this, on](TraceSettings& s) { s.cut = on ? std::nullopt : std::optional<double>(tracer_.cutUsed()); }); });
        connect(light, &QCheckBox::clicked, this, [change](bool on) { change([on](TraceSettings& s) { s.lightOnDark = on; }); });
        updaters_.push_back([this, own, light] {
            own->setChecked(!tracer_.settings().cut);
            light->setChecked(tracer_.settings().lightOnDark);
        });
        number(
            tr("Smallest speck"), 1e6, tr("px²"), [this] { return tracer_.settings().smallestSpeck; },
            [change](double v) { change([v](TraceSettings& s) { s.smallestSpeck = v; }); });
        number(
            tr("Smallest hole"), 1e6, tr("px²"), [this] { return tracer_.settings().smallestHole; },
            [change](double v) { change([v](TraceSettings& s) { s.smallestHole = v; }); });
        settingSlider(
            tr("Smoothing"), 0, 6, 0, [this] { return tracer_.settings().smoothing; },
            [change](double v) { change([v](TraceSettings& s) { s.smoothing = v; }); }, pxText);
    } else if (tracer_.settings().what == What::tones) {
        segments(
            tr("How many"), {{"2", tr("Two tones")}, {"3", tr("Three tones")}, {"5", tr("Five tones")}, {"8", tr("Eight tones")}, {"16", tr("Sixteen tones")}},
            [this] {
                const int n = tracer_.settings().count;
                return n == 2 ? 0 : n == 3 ? 1 : n == 5 ? 2 : n == 8 ? 3 : n == 16 ? 4 : -1;
            },
            [change](int i) { change([i](TraceSettings& s) {
                                  s.count = std::array{2, 3, 5, 8, 16}[static_cast<std::size_t>(i)];
                              }); });
        settingSlider(
            tr("Any number"), 2, 16, 0, [this] { return static_cast<double>(tracer_.settings().count); },
            [change](double v) { change([v](TraceSettings& s) { s.count = static_cast<int>(std::lround(v)); }); },
            [](double v) { return QString::number(std::lround(v)); });
        auto* light = new QCheckBox(tr("By lightness alone"));
        light->setFont(typeface("small"));
        column_->addWidget(light);
        connect(light, &QCheckBox::clicked, this, [change](bool on) { change([on](TraceSettings& s) { s.lightness = on; }); });
        updaters_.push_back([this, light] { light->setChecked(tracer_.settings().lightness); });
        number(
            tr("Smallest area"), 1e6, tr("px²"), [this] { return std::max(0.0, tracer_.settings().smallestTone); },
            [change](double v) { change([v](TraceSettings& s) { s.smallestTone = v > 0 ? v : -1; }); });
    } else {
        segments(
            tr("Drawn with"),
            {{tr("Find"), tr("Tell ink from pencil by itself")}, {tr("Ink"), tr("Dark, even lines")}, {tr("Pencil"), tr("Pale, grainy lines, several passes")}},
            [this] { return static_cast<int>(tracer_.settings().medium); },
            [change](int i) { change([i](TraceSettings& s) { s.medium = static_cast<trace::Medium>(i); }); });
        settingSlider(
            tr("Passes that become one line"), 0, 3, 0, [this] { return tracer_.settings().gather; },
            [change](double v) { change([v](TraceSettings& s) { s.gather = v; }); }, [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
        auto* swell = new QCheckBox(tr("Keep how the width varies"));
        swell->setFont(typeface("small"));
        column_->addWidget(swell);
        connect(swell, &QCheckBox::clicked, this, [change](bool on) { change([on](TraceSettings& s) { s.swell = on; }); });
        updaters_.push_back([this, swell] { swell->setChecked(tracer_.settings().swell); });
        number(
            tr("Shortest line"), 1e5, tr("px"), [this] { return tracer_.settings().shortest; },
            [change](double v) { change([v](TraceSettings& s) { s.shortest = v; }); });
    }
    settingSlider(
        tr("Slack: how far it may stray"), 0.1, 4, 6, [this] { return tracer_.settings().slack; },
        [change](double v) { change([v](TraceSettings& s) { s.slack = v; }); }, pxText);
    auto* count = label({}, "control", false);
    column_->addWidget(count);
    updaters_.push_back([this, count] {
        const bool shapes = tracer_.settings().what != What::lines;
        const std::size_t wanted = tracer_.wantedCount(), all = tracer_.found().size();
        QString text = shapes ? tr("%n shape(s)", nullptr, static_cast<int>(wanted)) : tr("%n line(s)", nullptr, static_cast<int>(wanted));
        if (wanted != all) text += tr(" of %1").arg(all);
        count->setText(tr("%1, %2 nodes").arg(text).arg(tracer_.nodeCount()));
    });
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(6);
    auto* part = new Pill({}, tr("Only a part"));
    part->setToolTip(tr("Drag a frame, Shift-drag round it, click lines to leave them out (Shift+A)"));
    part->setCheckable(true);
    auto* leave = new Pill({}, tr("Leave"));
    leave->setToolTip(tr("Drop the preview (Ctrl+Shift+T)"));
    r->addWidget(part);
    r->addStretch();
    r->addWidget(leave);
    column_->addWidget(w);
    connect(part, &QAbstractButton::clicked, this, [this] { canvas_.takeTool(canvas_.tool()->id() == "part" ? "pick" : "part"); });
    connect(leave, &QAbstractButton::clicked, this, [this] {
        tracer_.end();
        canvas_.takeTool("pick");
    });
    updaters_.push_back([this, part] { part->setChecked(canvas_.tool() && canvas_.tool()->id() == "part"); });
}

void Card::traceBottom(QString& text, QString& act)
{
    const bool shapes = tracer_.settings().what != What::lines;
    if (tracer_.working()) {
        taskProgress_ = tracer_.progress();
        text = tr("Tracing, %1 %").arg(std::lround(100 * tracer_.progress()));
        act = tr("Stop");
        bottomRun_ = [this] { tracer_.stop(); };
    } else if (tracer_.wantedCount() > 0) {
        text = tr("Lands on the layer being drawn on.");
        act = shapes ? tr("Take shapes") : tr("Take lines");
        bottomRun_ = [this] { emit asksToTakeTrace(); };
    } else {
        text = tr("Nothing was found with these settings.");
        act = tr("Leave");
        bottomRun_ = [this] { tracer_.end(); };
    }
}

void Card::ropeSettings()
{
    segments(
        tr("Lies on"), {{tr("Edges"), tr("Where light meets dark")}, {tr("Lines"), tr("Along the middle of dark lines")}},
        [this] { return canvas_.setting(settings::ropeLine) ? 1 : 0; },
        [this](int i) {
            canvas_.setSetting(settings::ropeLine, i);
            refresh();
        });
    settingSlider(
        tr("Finest detail"), 0.5, 5, 0, [this] { return canvas_.setting(settings::ropeWidth); },
        [this](double v) { canvas_.setSetting(settings::ropeWidth, v); }, pxText);
    settingSlider(
        tr("Slack"), 0.1, 4, 6, [this] { return canvas_.setting(settings::ropeSlack); }, [this](double v) { canvas_.setSetting(settings::ropeSlack, v); },
        pxText);
    rule();
}

} // namespace softrope::app
