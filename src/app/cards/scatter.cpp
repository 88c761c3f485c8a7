// Scatter: its marks, and where they thin out.
#include "app/canvas/canvas.h"
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "art/shades.h"

#include <cmath>

namespace softrope::app {

namespace {

class ScatterPage : public CardPage {
public:
    explicit ScatterPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.step == StepId::shade && c.picked == Context::Picked::line && !c.nodes && scatter(c.item); }
    Key key(const Context& c) const override { return {qulonglong(c.item)}; }
    void build(Fields& f, const Context& c) override
    {
        const art::Id id = c.item;
        f.heading("scatter", QString::fromStdString(session_.document().item(id)->name));
        f.chips([this, id] {
            const art::Item* i = session_.document().item(id);
            return i && i->artwork()
                       ? tr("%n mark(s), seed %1", nullptr, static_cast<int>(i->artwork()->paths->size())).arg(scatter(id) ? scatter(id)->seed : 0)
                       : QString();
        });
        const auto change = [this, id](const std::function<void(shade::Scatter&)>& act, const QString& name) {
            const art::Edited e = art::withScatterChanged(session_.document(), {id}, act);
            if (e.done())
                session_.take(e.document, name, "scatter " + name);
            else
                canvas_.say(refusalText(e.why));
        };
        f.segments(
            tr("Marks"), {{tr("Dots"), {}}, {tr("Strokes"), {}}, {tr("Grain"), {}}, {tr("Chips"), {}}, {tr("Drops"), {}}, {tr("Own"), {}}},
            [this, id] { return scatter(id) ? static_cast<int>(scatter(id)->mark) : -1; },
            [this, change](int k) {
                if (k == static_cast<int>(shade::Mark::own) && session_.ownMark.empty()) {
                    canvas_.say(tr("Pick a shape and take it as the mark first, on the card."));
                    return;
                }
                change(
                    [&](shade::Scatter& s) {
                        s.mark = static_cast<shade::Mark>(k);
                        if (s.mark == shade::Mark::own && s.own.empty()) s.own = session_.ownMark;
                    },
                    tr("Kind of marks"));
            });
        const auto number = [&](const QString& name, double least, double shade::Scatter::*field) {
            f.number(
                name, {least, 1000, 1, tr("px")}, [this, id, field] { return scatter(id) ? scatter(id)->*field : 0; },
                [change, name, field](double v) { change([&](shade::Scatter& s) { s.*field = v; }, name); });
        };
        number(tr("Spacing"), 0.5, &shade::Scatter::spacing);
        number(tr("Smallest"), 0.1, &shade::Scatter::least);
        number(tr("Largest"), 0.1, &shade::Scatter::most);
        f.segments(
            tr("Turned"),
            {{tr("Anyhow"), tr("At random")},
             {tr("One way"), tr("All alike")},
             {tr("Light"), tr("Towards the light")},
             {tr("Outline"), tr("Along the outline")}},
            [this, id] { return scatter(id) ? static_cast<int>(scatter(id)->turn) : -1; },
            [change](int k) { change([k](shade::Scatter& s) { s.turn = static_cast<shade::Turn>(k); }, tr("Turn of marks")); });
        f.segments(
            tr("They thin out"),
            {{tr("Nowhere"), {}},
             {tr("To a side"), tr("Away from one side")},
             {tr("To the light"), tr("Fewer where it is lit")},
             {tr("Inwards"), tr("Away from the edge")}},
            [this, id] { return scatter(id) ? static_cast<int>(scatter(id)->fall) : -1; },
            [change](int k) { change([k](shade::Scatter& s) { s.fall = static_cast<shade::Fall>(k); }, tr("Fall of marks")); });
        f.settingSlider(
            tr("over"), 0.02, 1, 0, [this, id] { return scatter(id) ? scatter(id)->fade : 1; },
            [change](double v) { change([v](shade::Scatter& s) { s.fade = v; }, tr("Reach of the fall")); },
            [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
        f.number(
            tr("Way"), {-360, 360, 1, "°"}, [this, id] { return scatter(id) ? std::round(-curve::degrees(scatter(id)->angle) * 10) / 10 : 0; },
            [change](double v) { change([v](shade::Scatter& s) { s.angle = -curve::radians(v); }, tr("Way of marks")); });
        f.buttonRow({{{}, tr("Shuffle"), tr("Other places, by another seed"), [change] { change([](shade::Scatter& s) { ++s.seed; }, tr("Shuffle")); }},
                     {{}, tr("Set"), tr("Plain shapes from now on"), "set-shape"}});
        f.rule();
        lookChoice(f);
        effectFields(f);
    }

private:
    const shade::Scatter* scatter(art::Id id) const
    {
        const art::Item* i = session_.document().item(id);
        return i && i->artwork() ? i->artwork()->scatter() : nullptr;
    }
};

} // namespace

std::unique_ptr<CardPage> makeScatterPage(CardDesk& at)
{
    return std::make_unique<ScatterPage>(at);
}

} // namespace softrope::app
