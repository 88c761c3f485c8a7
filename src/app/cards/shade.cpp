// The pages of the Shade step: the light and the looks; an area with its shades; a crescent; scatter.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/survey.h"
#include "app/theme/theme.h"
#include "app/tools/shade/light_preview.h"
#include "app/tools/shade/scatter_acts.h"
#include "app/tools/shade/shade_hand.h"
#include "app/widgets/ink_widgets.h"
#include "app/widgets/light_dial.h"
#include "art/edits.h"
#include "art/lights.h"
#include "art/tree.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QVBoxLayout>
#include <QWidgetAction>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using Kind = art::Crescent::Kind;

const art::Item* pickedShade(const Session& s)
{
    const art::Item* i = pickedLine(s);
    return i && s.document().parentOf(i->id) ? i : nullptr;
}

// -- the light ---------------------------------------------------------------------------------------------------------------------

void lightFields(Fields& f, const std::shared_ptr<LightPreview>& preview)
{
    CardDesk& at = f.at;
    const auto light = [&at] { return at.session.document().light; };
    const auto take = [&at](const art::Light& l, const QString& name, const QString& burst = {}) {
        if (l == at.session.document().light) return;
        at.session.take(art::withShadesFollowed(art::withLight(at.session.document(), l)), name, burst);
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

// Looks: which new shades get; picked ones are given it.
void lookChoice(Fields& f)
{
    CardDesk& at = f.at;
    std::vector<Option> options;
    const char* const commands[] = {nullptr, "look-shadow", "look-light", "look-rim"};
    for (int k = 0; k < looksToChoose; ++k)
        options.push_back(
            {lookName(k), k == 0 ? tr("A light one on the lit side, a shadow on the far one") : tr("New shades, and those picked, wear it"), commands[k]});
    f.segments(
        tr("Look of shades"), options,
        [&at] {
            const art::Item* i = pickedShade(at.session);
            const art::NamedLook* worn = i ? at.session.document().look(i->look) : nullptr;
            if (worn)
                for (int k = 1; k < looksToChoose; ++k)
                    if (worn->name == lookName(k).toStdString()) return k;
            return i || at.session.shadeLook ? -1 : at.canvas.setting(settings::shadeLook);
        },
        [&at](int k) {
            at.session.shadeLook = 0;
            at.canvas.setSetting(settings::shadeLook, k);
            const auto items = at.session.selection().items;
            std::vector<art::Id> shades;
            for (const art::Id id : items)
                if (at.session.document().parentOf(id)) shades.push_back(id);
            if (k > 0 && !shades.empty()) {
                const art::Added look = art::withReadyLook(at.session.document(), art::readyLooks[static_cast<std::size_t>(k - 1)]);
                const art::Edited e = art::withLook(look.document, shades, look.id);
                if (e.done())
                    at.session.take(e.document, tr("Look %1").arg(lookName(k)));
                else
                    at.canvas.say(refusalText(e.why));
            }
            at.refresh();
        });
}

// The document's own list of looks: each with its wearers, in hand by a click, changed once for all.
QVariantList looksKey(const art::Document& d)
{
    QVariantList key;
    for (const art::NamedLook& l : d.looks) key << qulonglong(l.id);
    return key;
}
void lookList(Fields& f)
{
    CardDesk& at = f.at;
    const art::Document& d = at.session.document();
    if (d.looks.empty()) return;
    f.note(tr("Looks of this piece"));
    for (const art::NamedLook& named : d.looks) {
        const art::Id id = named.id;
        auto* pill = new Pill({}, {}, {}, Pill::Kind::segment);
        pill->setCheckable(true);
        pill->setToolTip(tr("Click: worn by what is picked, else by new shades. Right click: more"));
        pill->setContextMenuPolicy(Qt::CustomContextMenu);
        f.add(pill);
        QObject::connect(pill, &QAbstractButton::clicked, [&at, id] {
            at.session.shadeLook = id;
            const auto items = at.session.selection().items;
            if (!items.empty()) {
                const art::Edited e = art::withLook(at.session.document(), items, id);
                if (e.done()) at.session.take(e.document, tr("Look"));
            }
            at.refresh();
        });
        QObject::connect(pill, &QWidget::customContextMenuRequested, [&at, id, pill](const QPoint& p) {
            QMenu menu;
            const art::NamedLook* look = at.session.document().look(id);
            if (!look) return;
            auto* name = new QLineEdit(QString::fromStdString(look->name), &menu);
            name->setToolTip(tr("What the look is called"));
            name->setAccessibleName(name->toolTip());
            auto* field = new QWidgetAction(&menu);
            field->setDefaultWidget(name);
            menu.addAction(field);
            QObject::connect(name, &QLineEdit::returnPressed, [&at, &menu, name, id] {
                const std::string wanted = name->text().trimmed().toStdString();
                menu.close();
                if (wanted.empty()) return;
                at.session.take(art::withLookChanged(at.session.document(), id, [&](art::NamedLook& l) { l.name = wanted; }), tr("Rename look"));
                at.refresh();
            });
            menu.addSeparator();
            menu.addAction(tr("Pick all that wear it"), [&at, id] { at.session.pickItems(art::wearersOf(at.session.document(), id)); });
            menu.addAction(tr("As the picked one is now"), [&at, id] {
                const auto items = at.session.selection().items;
                const art::Item* i = items.size() == 1 ? at.session.document().item(items.front()) : nullptr;
                if (!i) return;
                const art::Document changed = art::withLookChanged(at.session.document(), id, [&](art::NamedLook& l) {
                    if (l.blend) l.blend = i->blend;
                    if (l.opacity) l.opacity = i->opacity;
                    if (l.blur) l.blur = i->blur;
                    if (l.fill && i->artwork() && !i->artwork()->fill.gradient) l.fill = i->artwork()->fill;
                    if (l.line && i->artwork()) l.line = i->artwork()->stroke;
                });
                at.session.take(art::withLook(changed, items, id), tr("Change look"));
            });
            menu.addAction(tr("Drop it; what wears it keeps its looks"),
                           [&at, id] { at.session.take(art::withoutLook(at.session.document(), id), tr("Drop look")); });
            menu.exec(pill->mapToGlobal(p));
        });
        f.follow([&at, pill, id] {
            const art::NamedLook* l = at.session.document().look(id);
            if (!l) return;
            const int n = static_cast<int>(art::wearersOf(at.session.document(), id).size());
            pill->setText(tr("%1 · worn by %n shade(s)", nullptr, n).arg(QString::fromStdString(l->name)));
            pill->setAccessibleName(pill->text());
            const art::Item* one = pickedShade(at.session);
            pill->setChecked(one ? one->look == id : at.session.shadeLook == id);
        });
    }
}

void lookOfPicked(Fields& f)
{
    CardDesk& at = f.at;
    f.chips([&at] {
        const art::Item* i = pickedLine(at.session);
        const art::NamedLook* l = i ? at.session.document().look(i->look) : nullptr;
        return l ? tr("Wears %1; changed here, it lets go of it.").arg(QString::fromStdString(l->name)) : tr("Wears no look: it is its own.");
    });
    f.buttonRow({{{}, tr("Keep as a look"), tr("Its blend, opacity, blur and fill, by name"), "keep-look"},
                 {{}, tr("Let go"), tr("It keeps what it looks like, and no longer follows"), "let-look-go"}});
}

class LightPage : public CardPage {
public:
    explicit LightPage(CardDesk& at) : CardPage(at), preview_(std::make_shared<LightPreview>(at.session, at.canvas)) {}
    bool wants(const Context& c) const override { return c.step == StepId::shade && c.picked == Context::Picked::nothing; }
    Key key(const Context& c) const override { return Key{c.tool ? c.tool->id() : QString()} + looksKey(session_.document()); }
    void build(Fields& f, const Context& c) override
    {
        f.heading("light", tr("Light and shade"));
        if (c.holds("crescent")) crescentFields(f);
        if (c.holds("scatter")) scatterFields(f);
        if (c.holds("pen") || c.holds("freehand")) f.note(tr("Pick an area first: strokes are cut off along its border and stay in it."));
        lookChoice(f);
        f.rule();
        lightFields(f, preview_);
        f.rule();
        againstFields(f);
        lookList(f);
        f.buttonRow({{"facets", tr("Flatten"), tr("Blends, blur and gradients worked out into flat areas, on a new layer above"), "flatten"}});
    }

    static void crescentFields(Fields& f)
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
    static void scatterFields(Fields& f)
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

private:
    std::shared_ptr<LightPreview> preview_;
};

// -- an area, or several ----------------------------------------------------------------------------------------------------------

class ShadedPage : public CardPage {
public:
    explicit ShadedPage(CardDesk& at) : CardPage(at), preview_(std::make_shared<LightPreview>(at.session, at.canvas)) {}
    bool wants(const Context& c) const override
    {
        if (c.step != StepId::shade || c.nodes) return false;
        if (c.picked == Context::Picked::several) return true;
        const art::Item* i = c.picked == Context::Picked::line ? session_.document().item(c.item) : nullptr;
        return i && i->artwork() && !i->artwork()->crescent() && !i->artwork()->scatter();
    }
    Key key(const Context& c) const override
    {
        Key k{qulonglong(c.item), c.tool ? c.tool->id() : QString()};
        for (const art::Id id : shades()) k << qulonglong(id);
        return k + looksKey(session_.document());
    }
    void build(Fields& f, const Context& c) override
    {
        const art::Item* one = c.picked == Context::Picked::line ? session_.document().item(c.item) : nullptr;
        const bool isShade = one && session_.document().parentOf(one->id);
        f.heading("crescent", one ? one->name.empty() ? tr("Area") : QString::fromStdString(one->name) : tr("Several things"));
        f.chips([this, one] {
            const int n = static_cast<int>(shades().size());
            return one ? tr("%n shade(s) inside", nullptr, n) : tr("%1 picked · %n shade(s) inside", nullptr, n).arg(session_.selection().items.size());
        });
        for (const art::Id id : shades()) shadeRow(f, id);
        f.buttonRow({{"crescent", tr("Edge light"), tr("Along the lit edge, by the light"), "edge-light"},
                     {"crescent", tr("Core shade"), tr("Along the far edge, by the light"), "core-shade"}});
        f.buttonRow({{"scatter", tr("Scatter"), tr("Marks as they were last, inside"), "scatter-picked"},
                     {"gradient", tr("Fade"), tr("The fill runs out along the light"), "fade"}});
        if (c.holds("crescent")) LightPage::crescentFields(f);
        if (c.holds("scatter")) LightPage::scatterFields(f);
        if (c.holds("gradient"))
            f.tickBox(
                tr("The drag makes it fade out"), tr("Its own colour, from full to nothing"), [this] { return canvas_.setting(settings::gradientFades); },
                [this](bool on) { canvas_.setSetting(settings::gradientFades, on); });
        lookChoice(f);
        if (isShade || c.picked == Context::Picked::several) {
            lookOfPicked(f);
            effectFields(f);
        }
        f.buttonRow({{"light", tr("By the light"), tr("Its gradient lies along the light from now on"), "gradient-by-light"},
                     {"scatter", tr("Take as mark"), tr("Scatter is made of this shape"), "take-mark"}});
        f.rule();
        lightFields(f, preview_);
        lookList(f);
    }
    Bottom bottom(const Context&) override
    {
        Bottom b;
        const int n = static_cast<int>(at_.survey.now().against.size());
        b.text = at_.survey.now().shades == 0 ? tr("No shades yet.")
                 : n == 0                     ? tr("All shades follow the light.")
                                              : tr("%n shade(s) ignore the light.", nullptr, n);
        b.act = n == 0 ? tr("Add core shade") : tr("Show next");
        b.run = [this, n] { at_.run(n == 0 ? "core-shade" : "next-against"); };
        return b;
    }

private:
    std::shared_ptr<LightPreview> preview_;

    std::vector<art::Id> shades() const
    {
        std::vector<art::Id> out;
        for (const art::Id id : session_.selection().items)
            if (const art::Item* i = session_.document().item(id); i && i->artwork())
                for (const art::ItemPtr& s : i->artwork()->inside) out.push_back(s->id);
        if (out.size() > 12) out.resize(12);
        std::reverse(out.begin(), out.end()); // topmost first
        return out;
    }

    void shadeRow(Fields& f, art::Id id)
    {
        auto* pill = new Pill({}, {}, {}, Pill::Kind::segment);
        pill->setToolTip(tr("Picks the shade"));
        f.add(pill);
        QObject::connect(pill, &QAbstractButton::clicked, [this, id] { session_.pickItems({id}); });
        f.follow([this, pill, id] {
            const art::Item* i = session_.document().item(id);
            if (!i) return;
            const art::Artwork* a = i->artwork();
            const art::NamedLook* look = session_.document().look(i->look);
            QStringList words{i->name.empty() ? tr("Shade") : QString::fromStdString(i->name)};
            if (a && a->crescent()) words << pxText(a->crescent()->width);
            if (look) words << QString::fromStdString(look->name);
            if (a && a->crescent() && a->crescent()->byLight) words << tr("by the light");
            if (!i->shown) words << tr("hidden");
            pill->setText(words.join(" · "));
            pill->setAccessibleName(pill->text());
            pill->setIconName(a && a->scatter() ? "scatter" : "crescent");
        });
    }
};

// -- one crescent ------------------------------------------------------------------------------------------------------------------

class CrescentPage : public CardPage {
public:
    explicit CrescentPage(CardDesk& at) : CardPage(at), preview_(std::make_shared<LightPreview>(at.session, at.canvas)) {}
    bool wants(const Context& c) const override { return c.step == StepId::shade && c.picked == Context::Picked::line && !c.nodes && crescent(c.item); }
    Key key(const Context& c) const override { return Key{qulonglong(c.item), int(crescent(c.item)->kind)} + looksKey(session_.document()); }
    void build(Fields& f, const Context& c) override
    {
        const art::Id id = c.item;
        const Kind kind = crescent(id)->kind;
        f.heading("crescent", QString::fromStdString(session_.document().item(id)->name),
                  [this, id](const QString& name) { session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), tr("Rename")); });
        f.chips([this, id] {
            const art::Item* area = session_.document().parentOf(id);
            return area ? tr("inside %1").arg(area->name.empty() ? tr("an area") : QString::fromStdString(area->name))
                        : tr("inside nothing: it stays as it is");
        });
        const auto change = [this, id](const std::function<void(art::Crescent&)>& act, const QString& name, const QString& burst = {}) {
            const art::Edited e = art::withCrescentsChanged(session_.document(), {id}, act);
            if (e.done())
                session_.take(e.document, name, burst);
            else
                canvas_.say(refusalText(e.why));
        };
        const auto number = [&](const QString& name, double most, const QString& unit, const std::function<double(const art::Crescent&)>& get,
                                const std::function<void(art::Crescent&, double)>& set) {
            auto* field = new NumberField(unit == "°" ? -360 : 0, most, 1, unit == "°" ? unit : QString());
            field->setFixedWidth(70);
            f.row(name, field, unit == "°" ? nullptr : label(unit, "small"));
            QObject::connect(field, &NumberField::changed, [change, set, name](double v) { change([&](art::Crescent& k) { set(k, v); }, name); });
            f.follow([this, id, field, get] {
                if (const art::Crescent* k = crescent(id)) field->setValue(get(*k));
            });
        };
        number(
            tr("Width"), 1e5, tr("px"), [](const art::Crescent& k) { return k.width; }, [](art::Crescent& k, double v) { k.width = v; });
        if (kind == Kind::band)
            number(
                tr("It leaves"), 1e5, tr("px"), [](const art::Crescent& k) { return k.from; }, [](art::Crescent& k, double v) { k.from = v; });
        f.tickBox(
            tr("Follows the light"), tr("Its side turns with the sheet's light"), [this, id] { return crescent(id) && crescent(id)->byLight; },
            [this, change](bool on) {
                const art::Light light = session_.document().light;
                change(
                    [on, light](art::Crescent& k) {
                        if (!on) k.angle = art::sideOf(k, light);
                        k.byLight = on;
                    },
                    on ? tr("Follow the light") : tr("Keep its side"));
            });
        if (kind != Kind::cast)
            f.tickBox(
                tr("On the far side"), tr("Away from the light: a core shade"),
                [this, id] { return crescent(id) && crescent(id)->byLight && crescent(id)->against; },
                [change](bool on) {
                    change(
                        [on](art::Crescent& k) {
                            k.byLight = true;
                            k.against = on;
                        },
                        tr("Other side"));
                });
        number(
            tr("Side"), 360, "°",
            [this](const art::Crescent& k) { return std::round(std::fmod(-curve::degrees(art::sideOf(k, session_.document().light)) + 720, 360) * 10) / 10; },
            [](art::Crescent& k, double v) {
                k.byLight = false;
                k.angle = -curve::radians(v);
            });
        f.rule();
        lookChoice(f);
        lookOfPicked(f);
        effectFields(f);
        f.buttonRow({{"gradient", tr("Fade"), tr("It runs out along the light"), "fade"}, {{}, tr("Set"), tr("A plain shape from now on"), "set-shape"}});
        f.rule();
        lightFields(f, preview_);
        lookList(f);
    }

private:
    std::shared_ptr<LightPreview> preview_;
    const art::Crescent* crescent(art::Id id) const
    {
        const art::Item* i = session_.document().item(id);
        return i && i->artwork() ? i->artwork()->crescent() : nullptr;
    }
};

// -- scatter -----------------------------------------------------------------------------------------------------------------------

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
        const auto number = [&](const QString& name, double least, double most, double shade::Scatter::*field) {
            auto* n = new NumberField(least, most, 1);
            n->setFixedWidth(70);
            f.row(name, n, label(tr("px"), "small"));
            QObject::connect(n, &NumberField::changed, [change, name, field](double v) { change([&](shade::Scatter& s) { s.*field = v; }, name); });
            f.follow([this, id, n, field] {
                if (const shade::Scatter* s = scatter(id)) n->setValue(s->*field);
            });
        };
        number(tr("Spacing"), 0.5, 1000, &shade::Scatter::spacing);
        number(tr("Smallest"), 0.1, 1000, &shade::Scatter::least);
        number(tr("Largest"), 0.1, 1000, &shade::Scatter::most);
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
        auto* angle = new NumberField(-360, 360, 1, "°");
        angle->setFixedWidth(84);
        f.row(tr("Way"), angle);
        QObject::connect(angle, &NumberField::changed,
                         [change](double v) { change([v](shade::Scatter& s) { s.angle = -curve::radians(v); }, tr("Way of marks")); });
        f.follow([this, id, angle] {
            if (const shade::Scatter* s = scatter(id)) angle->setValue(std::round(-curve::degrees(s->angle) * 10) / 10);
        });
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

std::unique_ptr<CardPage> makeLightPage(CardDesk& at)
{
    return std::make_unique<LightPage>(at);
}
std::unique_ptr<CardPage> makeShadedPage(CardDesk& at)
{
    return std::make_unique<ShadedPage>(at);
}
std::unique_ptr<CardPage> makeCrescentPage(CardDesk& at)
{
    return std::make_unique<CrescentPage>(at);
}
std::unique_ptr<CardPage> makeScatterPage(CardDesk& at)
{
    return std::make_unique<ScatterPage>(at);
}

} // namespace softrope::app
