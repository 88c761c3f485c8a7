#include "app/tools/place/place_acts.h"

#include "app/services/jobs.h"
#include "art/edits.h"
#include "art/tree.h"

#include <algorithm>
#include <array>
#include <cmath>
namespace softrope::app {

using curve::Box;
using curve::Vec2;

art::Document withReferenceChanged(const art::Document& d, art::Id item, const std::function<void(art::Reference&)>& change)
{
    // Locked or not: the lock keeps clicks from it, not the step that is there for it.
    return art::rebuilt(d, [&](const art::ItemPtr& i, const art::Where&) {
        if (i->id != item || !i->reference()) return art::Rebuild::below();
        art::Item changed = *i;
        change(std::get<art::Reference>(changed.is));
        return art::Rebuild::by(art::shared(std::move(changed)));
    });
}

void turnBy(art::Reference& r, double by)
{
    r.turn += by;
}

namespace {

void lookForPage(Bench& bench, art::Id item, const std::function<void(const art::Reference&, const art::FoundPage&)>& then)
{
    const art::Item* i = bench.document().item(item);
    if (!i || !i->reference()) return;
    bench.say(tr("Looking for the paper…"));
    bench.session().jobs().run<art::FoundPage>(
        Lane::working, &bench.session(),
        [r = *i->reference(), shelf = &bench.session().pictures()](const Progress&) {
            const auto picture = shelf->asCame(r);
            return picture ? art::findPage(*picture) : art::FoundPage{};
        },
        [&bench, item, then](const std::optional<art::FoundPage>& found) {
            const art::Item* now = bench.document().item(item);
            if (found && now && now->reference()) then(*now->reference(), *found);
        });
}

} // namespace

void cleanPage(Bench& bench, art::Id item)
{
    lookForPage(bench, item, [&bench, item](const art::Reference&, const art::FoundPage& found) {
        const bool fresh = std::all_of(bench.document().layers.begin(), bench.document().layers.end(), [](const art::LayerPtr& l) {
            return std::all_of(l->items.begin(), l->items.end(), [](const art::ItemPtr& i) { return i->reference() != nullptr; });
        });
        const art::Sheet sheet = bench.document().sheet;
        const auto clean = [&](art::Reference& r) {
            art::squareTo(r, found, fresh ? std::optional(sheet) : std::nullopt); // nothing lies on it yet: the page is laid on the sheet
            r.flattenLight = art::cleanLight;
            r.liftPaper = art::cleanLift;
        };
        bench.session().take(withReferenceChanged(bench.document(), item, clean), tr("Clean the page"));
        bench.say(found.corners ? tr("Cleaned: square to the paper, light evened, paper white. Each can be changed on the card.")
                                : tr("No edge of the paper was seen: straightened, light evened, paper white. Each can be changed on the card."));
    });
}

void findPaper(Bench& bench, art::Id item)
{
    lookForPage(bench, item, [&bench, item](const art::Reference&, const art::FoundPage& found) {
        if (!found.corners) {
            bench.say(tr("No edge of the paper was seen. Drag the corners to where they are."));
            return;
        }
        bench.session().take(withReferenceChanged(bench.document(), item, [&](art::Reference& r) { setPaper(r, found.corners); }), tr("Square to the paper"));
        bench.say(tr("The picture is square to the paper."));
    });
}

void straightenByItself(Bench& bench, art::Id item)
{
    const art::Item* i = bench.document().item(item);
    if (!i || !i->reference()) return;
    const auto picture = bench.session().pictures().original(*i->reference());
    if (!picture) {
        bench.say(tr("The picture is still being read. Try again in a moment."));
        return;
    }
    bench.say(tr("Looking for level and upright lines…"));
    // Large scans take a moment: the bench stays usable meanwhile.
    bench.session().jobs().run<pixel::Skew>(
        Lane::working, &bench.session(), [picture](const Progress&) { return pixel::skewOf(pixel::greyOf(*picture)); },
        [&bench, item](const std::optional<pixel::Skew>& found) {
            if (!found || !bench.document().item(item)) return;
            const pixel::Skew skew = *found;
            if (skew.confidence < 0.05) {
                bench.say(tr("No level or upright line was found in the picture. Draw along one instead."));
                return;
            }
            bench.session().take(withReferenceChanged(bench.document(), item, [&](art::Reference& r) { r.turn = -skew.angle; }), tr("Straighten"));
            bench.say(tr("Straightened: the page lay %1° off. Ctrl+Z turns it back.").arg(curve::degrees(skew.angle), 0, 'f', 1));
        });
}

} // namespace softrope::app
