#include "app/tools/place/place_acts.h"

#include "app/services/jobs.h"
#include "art/edits.h"
#include "art/tree.h"
#include "pixel/skew.h"

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

void cropTo(art::Reference& r, const Box& part)
{
    const curve::Affine before = art::placement(r);
    r.crop = part;
    r.centre = before * art::shownPart(r).centre();
}

void setPaper(art::Reference& r, const std::optional<pixel::Corners>& paper)
{
    // Where the page lies on the sheet now: of a picture not yet squared, its corners; of a squared one, all of it.
    const curve::Affine on = art::placement(r);
    const pixel::PageSize before = art::pictureSize(r);
    Vec2 centre = on * Vec2{before.width / 2.0, before.height / 2.0};
    double wide = before.width * r.scale;
    if (paper && !r.paper) {
        std::array<Vec2, 4> at;
        for (std::size_t k = 0; k < 4; ++k) at[k] = on * Vec2{(*paper)[k].x, (*paper)[k].y};
        centre = 0.25 * (at[0] + at[1] + at[2] + at[3]);
        wide = std::max(distance(at[0], at[1]), distance(at[3], at[2]));
    } else if (!paper && r.paper && r.picture) {
        // Back to what it was: the page as wide on the whole picture as it is now.
        const pixel::Corners& c = *r.paper;
        const double across = std::max(std::hypot(c[1].x - c[0].x, c[1].y - c[0].y), std::hypot(c[2].x - c[3].x, c[2].y - c[3].y));
        wide *= r.picture->width / std::max(1.0, across);
    }
    r.paper = paper;
    r.crop = {};
    r.turn = 0;
    r.centre = centre;
    r.scale = wide / std::max(1, art::pictureSize(r).width);
}

namespace {

struct FoundPage {
    std::optional<pixel::Corners> corners;
    pixel::Skew skew;
};

void lookForPage(Bench& bench, art::Id item, const std::function<void(const art::Reference&, const FoundPage&)>& then)
{
    const art::Item* i = bench.document().item(item);
    if (!i || !i->reference()) return;
    bench.say(tr("Looking for the paper…"));
    bench.session().jobs().run<FoundPage>(
        Lane::working, &bench.session(),
        [r = *i->reference(), shelf = &bench.session().pictures()](const Progress&) {
            FoundPage found;
            const auto picture = shelf->asCame(r);
            if (!picture) return found;
            const pixel::Grey grey = pixel::greyOf(*picture);
            found.corners = pixel::paperCorners(grey);
            if (!found.corners) found.skew = pixel::skewOf(grey);
            return found;
        },
        [&bench, item, then](const std::optional<FoundPage>& found) {
            const art::Item* now = bench.document().item(item);
            if (found && now && now->reference()) then(*now->reference(), *found);
        });
}

} // namespace

void cleanPage(Bench& bench, art::Id item)
{
    lookForPage(bench, item, [&bench, item](const art::Reference&, const FoundPage& found) {
        constexpr double sure = 0.05, inset = 0.004, flat = 1, white = 0.9;
        const bool fresh = std::all_of(bench.document().layers.begin(), bench.document().layers.end(), [](const art::LayerPtr& l) {
            return std::all_of(l->items.begin(), l->items.end(), [](const art::ItemPtr& i) { return i->reference() != nullptr; });
        });
        const art::Sheet sheet = bench.document().sheet;
        const auto clean = [&](art::Reference& r) {
            if (found.corners) {
                setPaper(r, found.corners);
                const pixel::PageSize size = art::pictureSize(r);
                const double in = inset * std::max(size.width, size.height);
                r.crop = {{in, in}, {size.width - in, size.height - in}};
                if (fresh) { // nothing lies on it yet: the page is laid on the sheet
                    r.centre = {sheet.width / 2, sheet.height / 2};
                    r.scale = std::min(sheet.width / r.crop.width(), sheet.height / r.crop.height());
                }
            } else if (found.skew.confidence >= sure) {
                r.turn = -found.skew.angle;
            }
            r.flattenLight = flat;
            r.liftPaper = white;
        };
        bench.session().take(withReferenceChanged(bench.document(), item, clean), tr("Clean the page"));
        bench.say(found.corners ? tr("Cleaned: square to the paper, light evened, paper white. Each can be changed on the card.")
                                : tr("No edge of the paper was seen: straightened, light evened, paper white. Each can be changed on the card."));
    });
}

void findPaper(Bench& bench, art::Id item)
{
    lookForPage(bench, item, [&bench, item](const art::Reference&, const FoundPage& found) {
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
