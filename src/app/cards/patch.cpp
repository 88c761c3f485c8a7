// The page of the patch of a tone stack that is in hand.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/tools/tone/tone_desk.h"

#include <cmath>

namespace softrope::app {

namespace {

class PatchPage : public CardPage {
public:
    explicit PatchPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override
    {
        return c.step == StepId::tone && c.tool && c.picked != Context::Picked::several && c.picked != Context::Picked::picture &&
               c.picked != Context::Picked::line && c.holds("patch") && desk_.patch() >= 0;
    }
    Key key(const Context&) const override { return {desk_.patch()}; }
    void build(Fields& f, const Context&) override
    {
        f.heading("tone-patch", tr("Patch"));
        const auto patch = [this]() -> const tone::Patch* {
            return desk_.patch() >= 0 ? &desk_.stack()->patches[static_cast<std::size_t>(desk_.patch())] : nullptr;
        };
        const auto change = [this](const std::function<void(tone::Patch&)>& act, const QString& name, const QString& burst) {
            if (desk_.patch() < 0) return;
            tone::Stack s = *desk_.stack();
            act(s.patches[static_cast<std::size_t>(desk_.patch())]);
            desk_.take(std::move(s), name, burst);
        };
        f.chips([patch] {
            const tone::Patch* p = patch();
            return !p                 ? QString()
                   : p->strength == 0 ? tr("changes nothing")
                   : p->strength > 0  ? tr("%1 levels lighter").arg(std::lround(p->strength))
                                      : tr("%1 levels darker").arg(-std::lround(p->strength));
        });
        f.settingSlider(
            tr("Darker or lighter"), -120, 120, 0, [patch] { return patch() ? patch()->strength : 0; },
            [change](double v) { change([v](tone::Patch& p) { p.strength = std::round(v); }, tr("Patch strength"), "patch-strength"); },
            [](double v) { return QString("%1%2").arg(v > 0 ? "+" : "").arg(std::lround(v)); });
        const auto scale = [this] { return std::max(1e-9, curve::meanScale(desk_.toSheet())); };
        f.settingSlider(
            tr("Soft edge"), 0, 120, 0, [patch, scale] { return patch() ? patch()->soft * scale() : 0; },
            [change, scale](double v) { change([v, scale](tone::Patch& p) { p.soft = v / scale(); }, tr("Soft edge"), "patch-soft"); }, pxText);
        f.note(tr("Drag up or down inside the patch for its strength. Up and Down change it by one level."));
        f.buttonRow({{{}, tr("Drop patch"), tr("The picture counts as it is there (Delete)"), [this] { desk_.dropPatch(); }},
                     {{}, tr("To the stack"), tr("Lets go of the patch (Esc)"), [this] { desk_.pickPatch(-1); }}});
    }
    Bottom bottom(const Context&) override { return toneBottom(at_, true); }
};

} // namespace

std::unique_ptr<CardPage> makePatchPage(CardDesk& at)
{
    return std::make_unique<PatchPage>(at);
}

} // namespace softrope::app
