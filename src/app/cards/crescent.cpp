// One crescent, band or cast shade.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/tools/shade/light_preview.h"
#include "art/edits.h"
#include "art/shades.h"

#include <cmath>

namespace softrope::app {

namespace {

using Kind = art::Crescent::Kind;

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
        const auto number = [&](const QString& name, const NumberRange& range, const std::function<double(const art::Crescent&)>& get,
                                const std::function<void(art::Crescent&, double)>& set) {
            f.number(
                name, range, [this, id, get] { return crescent(id) ? get(*crescent(id)) : 0; },
                [change, set, name](double v) { change([&](art::Crescent& k) { set(k, v); }, name); });
        };
        number(
            tr("Width"), {0, 1e5, 1, tr("px")}, [](const art::Crescent& k) { return k.width; }, [](art::Crescent& k, double v) { k.width = v; });
        if (kind == Kind::band)
            number(
                tr("It leaves"), {0, 1e5, 1, tr("px")}, [](const art::Crescent& k) { return k.from; }, [](art::Crescent& k, double v) { k.from = v; });
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
            tr("Side"), {-360, 360, 1, "°"},
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

} // namespace

std::unique_ptr<CardPage> makeCrescentPage(CardDesk& at)
{
    return std::make_unique<CrescentPage>(at);
}

} // namespace softrope::app
