// The page of whole-picture tracing.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/tracer.h"
#include "app/theme/theme.h"
#include "app/widgets/histogram.h"

#include <QHBoxLayout>

#include <array>
#include <cmath>

namespace softrope::app {

namespace {
using What = TraceSettings::What;
}

namespace {

class TracePage : public CardPage {
public:
    explicit TracePage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override
    {
        return c.step == StepId::trace && c.picked == Context::Picked::nothing && (c.holds("pick") || c.holds("part")) && (tracer_.active() || c.picture);
    }
    Key key(const Context&) const override { return {tracer_.active(), int(tracer_.settings().what)}; }
    void build(Fields& f, const Context&) override
    {
        f.heading("tone-steps", tr("Trace the picture"));
        f.segments(
            {},
            {{tr("Shapes"), tr("Dark shapes become areas"), "trace-shapes"},
             {tr("Lines"), tr("Ink and pencil lines become strokes"), "trace-lines"},
             {tr("Tones"), tr("The picture becomes few flat colour areas that abut"), "trace-tones"}},
            [this] { return tracer_.active() ? static_cast<int>(tracer_.settings().what) : -1; }, [this](int i) { tracer_.begin(static_cast<What>(i)); });
        if (!tracer_.active()) {
            auto* note = label(tr("Shown on the sheet first; nothing changes until you take it."), "small");
            note->setWordWrap(true);
            f.add(note);
            f.rule();
            toolFields(f);
            return;
        }
        const auto change = [this](const std::function<void(TraceSettings&)>& act) {
            TraceSettings s = tracer_.settings();
            act(s);
            tracer_.set(s);
        };
        const auto number = [&f](const QString& name, double most, const QString& unit, std::function<double()> get, std::function<void(double)> set) {
            auto* field = new NumberField(0, most, 1);
            field->setFixedWidth(66);
            f.row(name, field, label(unit, "small"));
            QObject::connect(field, &NumberField::changed, [set](double v) { set(v); });
            f.follow([field, get] { field->setValue(get()); });
        };
        if (tracer_.settings().what == What::shapes) {
            auto* bars = new HistogramBars;
            f.add(bars);
            QObject::connect(bars, &HistogramBars::cutMoved, [change](double v) { change([v](TraceSettings& s) { s.cut = v; }); });
            f.follow([this, bars] {
                bars->setValues(tracer_.histogram());
                bars->setCut(tracer_.settings().cut.value_or(tracer_.cutUsed()));
            });
            f.tickBox(
                tr("Find the cut by itself"), {}, [this] { return !tracer_.settings().cut; },
                [this, change](bool on) { change([this, on](TraceSettings& s) { s.cut = on ? std::nullopt : std::optional<double>(tracer_.cutUsed()); }); });
            f.tickBox(
                tr("Light shapes on dark ground"), {}, [this] { return tracer_.settings().lightOnDark; },
                [change](bool on) { change([on](TraceSettings& s) { s.lightOnDark = on; }); });
            number(
                tr("Smallest speck"), 1e6, tr("px²"), [this] { return tracer_.settings().smallestSpeck; },
                [change](double v) { change([v](TraceSettings& s) { s.smallestSpeck = v; }); });
            number(
                tr("Smallest hole"), 1e6, tr("px²"), [this] { return tracer_.settings().smallestHole; },
                [change](double v) { change([v](TraceSettings& s) { s.smallestHole = v; }); });
            f.settingSlider(
                tr("Smoothing"), 0, 6, 0, [this] { return tracer_.settings().smoothing; },
                [change](double v) { change([v](TraceSettings& s) { s.smoothing = v; }); }, pxText);
        } else if (tracer_.settings().what == What::tones) {
            f.segments(
                tr("How many"),
                {{"2", tr("Two tones")}, {"3", tr("Three tones")}, {"5", tr("Five tones")}, {"8", tr("Eight tones")}, {"16", tr("Sixteen tones")}},
                [this] {
                    const int n = tracer_.settings().count;
                    return n == 2 ? 0 : n == 3 ? 1 : n == 5 ? 2 : n == 8 ? 3 : n == 16 ? 4 : -1;
                },
                [change](int i) { change([i](TraceSettings& s) {
                                      s.count = std::array{2, 3, 5, 8, 16}[static_cast<std::size_t>(i)];
                                  }); });
            f.settingSlider(
                tr("Any number"), 2, 16, 0, [this] { return static_cast<double>(tracer_.settings().count); },
                [change](double v) { change([v](TraceSettings& s) { s.count = static_cast<int>(std::lround(v)); }); },
                [](double v) { return QString::number(std::lround(v)); });
            f.settingSlider(
                tr("Calm to crisp"), 0, 1, 0, [this] { return tracer_.settings().crisp < 0 ? 0.5 : tracer_.settings().crisp; },
                [change](double v) { change([v](TraceSettings& s) { s.crisp = std::round(v * 20) / 20; }); },
                [this](double v) { return tracer_.settings().crisp < 0 ? tr("by itself") : QString("%1 %").arg(std::lround(100 * v)); });
            f.tickBox(
                tr("As crisp as the picture's grain allows"), tr("What stands out stays, texture goes"), [this] { return tracer_.settings().crisp < 0; },
                [change](bool on) { change([on](TraceSettings& s) { s.crisp = on ? -1 : 0.5; }); });
            f.tickBox(
                tr("By lightness alone"), {}, [this] { return tracer_.settings().lightness; },
                [change](bool on) { change([on](TraceSettings& s) { s.lightness = on; }); });
            number(
                tr("Smallest area"), 1e6, tr("px²"), [this] { return std::max(0.0, tracer_.settings().smallestTone); },
                [change](double v) { change([v](TraceSettings& s) { s.smallestTone = v > 0 ? v : -1; }); });
        } else {
            f.segments(
                tr("Drawn with"),
                {{tr("Find"), tr("Tell ink from pencil by itself")},
                 {tr("Ink"), tr("Dark, even lines alone; paler ones are left out")},
                 {tr("Pencil"), tr("Pale, grainy lines, several passes")}},
                [this] { return static_cast<int>(tracer_.settings().medium); },
                [change](int i) { change([i](TraceSettings& s) { s.medium = static_cast<trace::Medium>(i); }); });
            f.settingSlider(
                tr("Passes that become one line"), 0, 3, 0, [this] { return tracer_.settings().gather; },
                [change](double v) { change([v](TraceSettings& s) { s.gather = v; }); }, [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
            f.tickBox(
                tr("Keep how the width varies"), {}, [this] { return tracer_.settings().swell; },
                [change](bool on) { change([on](TraceSettings& s) { s.swell = on; }); });
            number(
                tr("Shortest line"), 1e5, tr("px"), [this] { return tracer_.settings().shortest; },
                [change](double v) { change([v](TraceSettings& s) { s.shortest = v; }); });
        }
        f.settingSlider(
            tr("Slack: how far it may stray"), 0.1, 4, 6, [this] { return tracer_.settings().slack; },
            [change](double v) { change([v](TraceSettings& s) { s.slack = v; }); }, pxText);
        auto* count = label({}, "control", false);
        f.add(count);
        f.follow([this, count] {
            const bool shapes = tracer_.settings().what != What::lines;
            const std::size_t wanted = tracer_.wantedCount(), all = tracer_.found().size();
            QString text = shapes ? tr("%n shape(s)", nullptr, static_cast<int>(wanted)) : tr("%n line(s)", nullptr, static_cast<int>(wanted));
            if (wanted != all) text += tr(" of %1").arg(all);
            count->setText(tr("%1, %2 nodes").arg(text).arg(tracer_.nodeCount()));
        });
        auto* part = new Pill({}, tr("Only a part"));
        part->setToolTip(tr("Drag a frame, Shift-drag round it, click lines to leave them out"));
        tellKeysOf(part, "tool-part");
        part->setCheckable(true);
        auto* leave = new Pill({}, tr("Leave"));
        leave->setToolTip(tr("Drop the preview"));
        tellKeysOf(leave, "leave-trace");
        f.flow({part, leave}, 6);
        QObject::connect(part, &QAbstractButton::clicked, [this] { canvas_.takeTool(canvas_.tool()->id() == "part" ? "pick" : "part"); });
        QObject::connect(leave, &QAbstractButton::clicked, [this] {
            tracer_.end();
            canvas_.takeTool("pick");
        });
        f.follow([this, part] { part->setChecked(canvas_.tool() && canvas_.tool()->id() == "part"); });
    }
    Bottom bottom(const Context&) override
    {
        Bottom b;
        if (!tracer_.active()) return b;
        const bool shapes = tracer_.settings().what != What::lines;
        if (tracer_.working()) {
            b.progress = tracer_.progress();
            b.text = tr("Tracing, %1 %").arg(std::lround(100 * tracer_.progress()));
            b.act = tr("Stop");
            b.run = [this] { tracer_.stop(); };
        } else if (tracer_.wantedCount() > 0) {
            b.text = tr("Lands on the layer being drawn on.");
            b.act = shapes ? tr("Take shapes") : tr("Take lines");
            b.run = [this] { at_.takeTrace(); };
        } else {
            b.text = tr("Nothing was found with these settings.");
            b.act = tr("Leave");
            b.run = [this] { tracer_.end(); };
        }
        return b;
    }
};

} // namespace

std::unique_ptr<CardPage> makeTracePage(CardDesk& at)
{
    return std::make_unique<TracePage>(at);
}

} // namespace softrope::app
