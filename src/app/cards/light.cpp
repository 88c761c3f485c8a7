// The light of the sheet, and what the tools of the Shade step do next.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/survey.h"
#include "app/theme/theme.h"
#include "app/tools/shade/light_preview.h"
#include "app/tools/shade/scatter_acts.h"
#include "app/tools/shade/shade_hand.h"
#include "app/widgets/ink_widgets.h"
#include "app/widgets/light_dial.h"
#include "art/lights.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include <cmath>

namespace softrope::app {

void lightFields(Fields& f, const std::shared_ptr<LightPreview>& preview)
{
    CardDesk& at = f.at;
    const auto light = [&at] { return at.session.document().light; };
    const auto take = [&at](const art::Light& l, const QString& name, const QString& burst = {}) {
        if (l == at.session.document().light) return;
        at.session.take(art::withLight(at.session.document(), l), name, burst);
    };
    f.note(tr("The sheet's light"));
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(10);
    auto* dial = new LightDial;
    r->addWidget(dial);
    auto* names = new QVBoxLayout;
    names->setSpacing(6);
    auto* warm = new Swatch;
    auto* cool = new Swatch;
    for (const auto& [swatch, name] : {std::pair{warm, tr("warm")}, {cool, tr("cool")}}) {
        auto* row = new QHBoxLayout;
        row->setSpacing(6);
        swatch->setAccessibleName(name);
        row->addWidget(swatch);
        row->addWidget(label(name, "control", false));
        row->addStretch();
        names->addLayout(row);
    }
    r->addLayout(names, 1);
    f.add(w);
    QObject::connect(dial, &LightDial::turned, [take, preview](const art::Light& l, bool done) {
        if (!done) {
            preview->show(l);
            return;
        }
        preview->end();
        take(l, tr("Turn light"), "light");
    });
    QObject::connect(warm, &Swatch::picked, [take, light](const QColor& c) {
        art::Light l = light();
        l.warm = artColour(c);
        l.warmInk = {};
        take(l, tr("Warm light"));
    });
    QObject::connect(cool, &Swatch::picked, [take, light](const QColor& c) {
        art::Light l = light();
        l.cool = artColour(c);
        l.coolInk = {};
        take(l, tr("Cool shadow"));
    });
    f.buttonRow({{{},
                  tr("Cool from warm"),
                  tr("A shadow colour that suits the warm one: of the far hue, darker"),
                  [take, light] {
                      art::Light l = light();
                      l.cool = art::coolFor(l.warm);
                      l.coolInk = {};
                      take(l, tr("Cool shadow"));
                  }},
                 {{}, tr("Warm from ink"), tr("The ink in hand is the warm colour of the light"), "light-from-ink"}});
    f.settingSlider(
        tr("Strength"), 0, 1, 0, [light] { return light().strength; },
        [take, light](double v) {
            art::Light l = light();
            l.strength = std::round(v * 100) / 100;
            take(l, tr("Strength of light"), "strength");
        },
        [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
    f.follow([dial, warm, cool, light] {
        const art::Light l = light();
        dial->setLight(l);
        warm->setColour(qColour(l.warm));
        cool->setColour(qColour(l.cool));
    });
}

void nextCrescentFields(Fields& f)
{
    CardDesk& at = f.at;
    f.segments(
        tr("The next one is"),
        {{tr("Edge"), tr("Along the edge: lit on the lit side, a core shade on the far one")},
         {tr("Band"), tr("A core shade that leaves a thin edge")},
         {tr("Cast"), tr("What one thing throws on another")}},
        [&at] { return at.canvas.setting(settings::crescentKind); },
        [&at](int k) {
            at.canvas.setSetting(settings::crescentKind, k);
            at.refresh();
        });
    f.settingField(tr("Width by a click"), settings::crescentWidth);
    f.settingField(tr("A band leaves"), settings::bandFrom);
    f.rule();
}

void nextScatterFields(Fields& f)
{
    CardDesk& at = f.at;
    f.segments(
        tr("Marks"),
        {{tr("Dots"), tr("Round marks")},
         {tr("Strokes"), tr("Short strokes, along the light")},
         {tr("Grain"), tr("Small uneven grains")},
         {tr("Chips"), tr("Chips of glass")},
         {tr("Drops"), tr("Tears, all one way")},
         {tr("Own"), tr("The shape that was taken as the mark")}},
        [&at] { return at.canvas.setting(settings::scatterMark); },
        [&at](int k) {
            usePreset(at.canvas, static_cast<shade::Mark>(k));
            at.refresh();
        });
    f.settingField(tr("Spacing"), settings::scatterSpacing);
    f.settingField(tr("Smallest"), settings::scatterLeast);
    f.settingField(tr("Largest"), settings::scatterMost);
    f.rule();
}

namespace {

void againstFields(Fields& f)
{
    CardDesk& at = f.at;
    f.chips([&at] {
        const int n = static_cast<int>(at.survey.now().against.size());
        return n == 0 ? tr("Every shade goes with the light.") : tr("%n shade(s) ignore the light.", nullptr, n);
    });
    f.buttonRow({{"light", tr("Show next"), tr("The next shade whose side is not that of the light"), "next-against"},
                 {{}, tr("Turn them"), tr("Crescents among them follow the light from now on"), "turn-to-light"}});
    f.buttonRow(
        {{"gradient", tr("Backdrop"), tr("A ground of the light's complement, lighter towards the light, on a layer under everything"), "light-backdrop"}});
}

class LightPage : public CardPage {
public:
    explicit LightPage(CardDesk& at) : CardPage(at), preview_(std::make_shared<LightPreview>(at.session, at.canvas)) {}
    bool wants(const Context& c) const override { return c.step == StepId::shade && c.picked == Context::Picked::nothing; }
    Key key(const Context& c) const override { return Key{c.tool ? c.tool->id() : QString()} + looksKey(session_.document()); }
    void build(Fields& f, const Context& c) override
    {
        f.heading("light", tr("Light and shade"));
        if (c.holds("crescent")) nextCrescentFields(f);
        if (c.holds("scatter")) nextScatterFields(f);
        if (c.holds("pen") || c.holds("freehand")) f.note(tr("Pick an area first: strokes are cut off along its border and stay in it."));
        lookChoice(f);
        f.rule();
        lightFields(f, preview_);
        f.rule();
        againstFields(f);
        lookList(f);
        f.buttonRow({{"facets", tr("Flatten"), tr("Blends, blur and gradients worked out into flat areas, on a new layer above"), "flatten"}});
    }

private:
    std::shared_ptr<LightPreview> preview_;
};

} // namespace

std::unique_ptr<CardPage> makeLightPage(CardDesk& at)
{
    return std::make_unique<LightPage>(at);
}

} // namespace softrope::app
