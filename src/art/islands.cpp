#include "art/islands.h"

#include "art/edits.h"
#include "art/tree.h"

namespace softrope::art {

namespace {

const Item* islandIn(const Document& d, Id id)
{
    const Item* i = d.item(id);
    return i && i->island() ? i : nullptr;
}

} // namespace

Taken withIslandApart(const Document& d, Id island, const std::vector<Item>& items)
{
    const Item* was = islandIn(d, island);
    if (!was || items.empty()) return {d, {}, Refusal::doesNotFit};
    if (const Refusal why = refusalOf(d, {island}); why != Refusal::none) return {d, {}, why};
    Document next = d;
    std::vector<ItemPtr> inside;
    for (const Item& i : items) inside.push_back(shared(withFreshIds(i, next.nextId)));
    Item whole = *was;
    if (items.size() == 1 && whole.blend == Blend::normal && whole.blur <= 0 && whole.opacity >= 1 && whole.shown) {
        Item one = *inside.front();
        one.id = whole.id;
        one.locked = whole.locked;
        if (!whole.name.empty()) one.name = whole.name;
        whole = std::move(one);
    } else {
        Group g;
        g.setItems(std::move(inside));
        whole.is = std::move(g);
    }
    Document out = rebuilt(next, [&](const ItemPtr& i, const Where&) { return i->id == island ? Rebuild::by(shared(Item(whole))) : Rebuild::below(); });
    out.nextId = next.nextId;
    return {std::move(out), {island}, Refusal::none};
}

Added withIslandTraced(const Document& d, Id island, Shared<PictureFile> picture, double density)
{
    const Item* was = islandIn(d, island);
    if (!was || !picture || !(density > 0)) return {d, 0, Refusal::doesNotFit};
    const curve::Box box = bounds(*was);
    Added out = withReference(d, std::move(picture), was->name.empty() ? was->island()->source->what : was->name);
    const Edited hidden = withTraits(out.document, {island}, {.shown = false});
    if (hidden.done()) out.document = hidden.document;
    const Id id = out.id;
    out.document = rebuilt(out.document, [&](const ItemPtr& i, const Where&) {
        if (i->id != id) return Rebuild::below();
        Item placed = *i;
        Reference r = *placed.reference();
        r.centre = box.centre();
        r.scale = 1 / density;
        placed.is = std::move(r);
        return Rebuild::by(shared(std::move(placed)));
    });
    return out;
}

} // namespace softrope::art
