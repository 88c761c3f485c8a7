#include "app/tools/place/place_acts.h"

#include "app/services/jobs.h"
#include "art/edits.h"
#include "art/tree.h"
#include "pixel/skew.h"

#include <algorithm>
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

void cropTo(art::Reference& r, const Box& part)
{
    const curve::Affine before = art::placement(r);
    r.crop = part;
    r.centre = before * art::shownPart(r).centre();
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
