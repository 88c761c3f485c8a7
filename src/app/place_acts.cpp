#include "app/place_acts.h"

#include "app/task.h"
#include "art/edits.h"
#include "pixel/skew.h"

#include <algorithm>
#include <cmath>
namespace softrope::app {

using curve::Box;
using curve::Vec2;

art::Document withReferenceChanged(const art::Document& d, art::Id item, const std::function<void(art::Reference&)>& change)
{
    const art::Layer* l = d.layerOf(item);
    if (!l) return d;
    return art::withLayer(d, l->id, [&](art::Layer& copy) {
        for (art::ItemPtr& i : copy.items) {
            if (i->id != item || !i->reference()) continue;
            auto changed = std::make_shared<art::Item>(*i);
            change(std::get<art::Reference>(changed->is));
            i = changed;
        }
    });
}

const art::Item* referenceInHand(const art::Document& d, const art::Selection& s, std::optional<Vec2> under)
{
    for (const art::Id id : s.items)
        if (const art::Item* i = d.item(id); i && i->reference()) return i;
    const art::Item* any = nullptr;
    for (auto l = d.layers.rbegin(); l != d.layers.rend(); ++l) {
        if (!(*l)->shown) continue;
        for (auto i = (*l)->items.rbegin(); i != (*l)->items.rend(); ++i) {
            const art::Reference* r = (*i)->reference();
            if (!r) continue;
            const auto back = curve::inverse(art::placement(*r));
            if (under && back && art::shownPart(*r).contains(*back * *under)) return i->get();
            if (!any) any = i->get();
        }
    }
    return any;
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
        bench.say("The picture is still being read. Try again in a moment.");
        return;
    }
    bench.say("Looking for level and upright lines…");
    // Large scans take a moment: the bench stays usable meanwhile.
    inBackground<pixel::Skew>(
        &bench.session(), {}, [picture](const Progress&) { return pixel::skewOf(pixel::greyOf(*picture)); },
        [&bench, item](pixel::Skew skew) {
            if (!bench.document().item(item)) return;
            if (skew.confidence < 0.05) {
                bench.say("No level or upright line was found in the picture. Draw along one instead.");
                return;
            }
            bench.session().take(withReferenceChanged(bench.document(), item, [&](art::Reference& r) { r.turn = -skew.angle; }), "Straighten");
            bench.say(QString("Straightened: the page lay %1° off. Ctrl+Z turns it back.").arg(curve::degrees(skew.angle), 0, 'f', 1));
        });
}

ShownPixels shownPixels(const pixel::Picture& p, const art::Reference& r)
{
    const curve::Box box = art::shownPart(r);
    const int x0 = std::clamp(static_cast<int>(std::floor(box.min.x)), 0, p.width), y0 = std::clamp(static_cast<int>(std::floor(box.min.y)), 0, p.height);
    const int x1 = std::clamp(static_cast<int>(std::ceil(box.max.x)), x0, p.width), y1 = std::clamp(static_cast<int>(std::ceil(box.max.y)), y0, p.height);
    ShownPixels out{{}, {static_cast<double>(x0), static_cast<double>(y0)}};
    if (x0 == 0 && y0 == 0 && x1 == p.width && y1 == p.height) {
        out.pixels = p;
        return out;
    }
    out.pixels = pixel::Picture(x1 - x0, y1 - y0);
    for (int y = y0; y < y1; ++y) std::copy(p.row(y) + x0, p.row(y) + x1, out.pixels.row(y - y0));
    return out;
}

} // namespace softrope::app
