// An area with its shades, or several things, in the Shade step.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/survey.h"
#include "app/tools/shade/light_preview.h"
#include "app/tools/shade/shade_hand.h"
#include "app/widgets/widgets.h"
#include "art/shades.h"
#include "art/tree.h"

#include <algorithm>

namespace softrope::app {

namespace {

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
        if (c.holds("crescent")) nextCrescentFields(f);
        if (c.holds("scatter")) nextScatterFields(f);
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

} // namespace

std::unique_ptr<CardPage> makeShadedPage(CardDesk& at)
{
    return std::make_unique<ShadedPage>(at);
}

} // namespace softrope::app
