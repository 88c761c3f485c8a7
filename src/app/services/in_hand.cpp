#include "app/services/in_hand.h"

#include "art/tree.h"

namespace softrope::app {

using curve::Vec2;

const art::Item* referenceInHand(const art::Document& d, const art::Selection& s, std::optional<Vec2> under)
{
    for (const art::Id id : s.items)
        if (const art::Item* i = d.item(id); i && i->reference()) return i;
    // The topmost under the place, else the topmost.
    const art::Item *any = nullptr, *there = nullptr;
    art::eachItem(d, art::seen, [&](const art::Item& i, const art::Where&) {
        const art::Reference* r = i.reference();
        if (!r) return;
        any = &i;
        const auto back = curve::inverse(art::placement(*r));
        if (under && back && art::shownPart(*r).contains(*back * *under)) there = &i;
    });
    return there ? there : any;
}

} // namespace softrope::app
