#include "app/tools/shade/scatter_acts.h"

#include "app/tools/colour/ink_hand.h"
#include "art/shades.h"

namespace softrope::app {

shade::Scatter scatterInHand(Bench& bench)
{
    shade::Scatter s;
    s.mark = static_cast<shade::Mark>(bench.setting(settings::scatterMark));
    s.spacing = bench.setting(settings::scatterSpacing);
    s.least = bench.setting(settings::scatterLeast);
    s.most = std::max(s.least, bench.setting(settings::scatterMost));
    s.turn = static_cast<shade::Turn>(bench.setting(settings::scatterTurn));
    s.fall = static_cast<shade::Fall>(bench.setting(settings::scatterFall));
    s.fade = bench.setting(settings::scatterFade) / 100;
    // Of a shape of one's own: the first other thing that is picked.
    if (s.mark == shade::Mark::own) s.own = bench.session().ownMark;
    return s;
}

void usePreset(Bench& bench, shade::Mark mark)
{
    struct Preset {
        double spacing, least, most;
        shade::Turn turn;
    };
    constexpr Preset presets[] = {{12, 2, 4, shade::Turn::anyhow},  {14, 3, 5, shade::Turn::light},  {7, 1, 2.5, shade::Turn::anyhow},
                                  {18, 5, 11, shade::Turn::anyhow}, {26, 6, 12, shade::Turn::fixed}, {30, 12, 18, shade::Turn::anyhow}};
    const Preset& p = presets[static_cast<std::size_t>(mark)];
    bench.setSetting(settings::scatterMark, static_cast<int>(mark));
    bench.setSetting(settings::scatterSpacing, p.spacing);
    bench.setSetting(settings::scatterLeast, p.least);
    bench.setSetting(settings::scatterMost, p.most);
    bench.setSetting(settings::scatterTurn, static_cast<int>(p.turn));
}

void scatterInto(Bench& bench, const std::vector<art::Id>& areas, const shade::Scatter& how)
{
    if (how.mark == shade::Mark::own && how.own.empty()) {
        bench.say(tr("Pick a shape and take it as the mark first, on the card."));
        return;
    }
    const art::Paint paint = paintInHand(bench);
    const art::Taken t = art::withScatter(bench.document(), areas, how, paint, tr("Scatter").toStdString());
    if (t.items.empty()) {
        bench.say(refusalText(t.why));
        return;
    }
    art::Selection s = bench.selection();
    s.items = t.items;
    s.nodes.clear();
    bench.session().take(t.document, s, tr("Scatter"));
    // Few are there already, many are worked out in the background.
    std::size_t marks = 0;
    for (const art::Id id : t.items)
        if (const art::Item* i = bench.document().item(id); i && i->artwork()) marks += i->artwork()->paths->size();
    bench.say(marks ? tr("%n mark(s) scattered. Kind, size and seed can be changed on the card.", nullptr, static_cast<int>(marks))
                    : tr("The marks are being scattered. Kind, size and seed can be changed on the card."));
}

} // namespace softrope::app
