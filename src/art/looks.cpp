#include "art/looks.h"

#include "art/edits.h"
#include "art/lights.h"
#include "art/live.h"
#include "art/tree.h"
#include "words/said.h"

#include <algorithm>

namespace softrope::art {

namespace {

std::string freeName(const Document& d, const std::string& wanted)
{
    const auto taken = [&](const std::string& n) { return std::any_of(d.looks.begin(), d.looks.end(), [&](const NamedLook& l) { return l.name == n; }); };
    const std::string base = wanted.empty() ? words::said("Look") : wanted;
    std::string name = base;
    for (int k = 2; taken(name); ++k) name = base + ' ' + std::to_string(k);
    return name;
}

// Everything that wears the look, dressed anew.
Document redressed(const Document& d, Id look)
{
    const NamedLook* l = d.look(look);
    if (!l) return d;
    return rebuilt(d, [&](const ItemPtr& i, const Where&) {
        if (i->look != look) return Rebuild::below();
        Item next = dressed(*i, *l, d.light);
        return next == *i ? Rebuild::below() : Rebuild::changed(shared(std::move(next)));
    });
}

} // namespace

Item dressed(Item item, const NamedLook& look, const Light& light)
{
    item.look = look.id;
    item.blend = look.blend.value_or(item.blend);
    item.opacity = look.opacity.value_or(item.opacity);
    item.blur = look.blur.value_or(item.blur);
    if (Artwork* a = std::get_if<Artwork>(&item.is)) {
        if (look.fill) {
            // How it fills (its rule, what it reaches under) is the thing's own.
            const bool evenOdd = a->fill.evenOdd;
            const double overlap = a->fill.overlap;
            a->fill = litBy(*look.fill, light);
            a->fill.evenOdd = evenOdd;
            a->fill.overlap = overlap;
        }
        if (look.line) a->stroke = *look.line;
    }
    return item;
}

bool wears(const Item& item, const NamedLook& look, const Light& light)
{
    return dressed(item, look, light) == item;
}

Added withLookKept(const Document& d, Id item, const std::string& name, const LookParts& parts)
{
    const Item* i = d.item(item);
    if (!i) return {d, 0, Refusal::nothingPicked};
    Added out{d, d.nextId};
    NamedLook look;
    look.id = out.document.nextId++;
    look.name = freeName(d, name);
    if (parts.blend) look.blend = i->blend;
    if (parts.opacity) look.opacity = i->opacity;
    if (parts.blur) look.blur = i->blur;
    if (const Artwork* a = i->artwork()) {
        // A gradient lies where it lies: a look of many things has colours only.
        if (parts.fill && !a->fill.gradient) look.fill = a->fill;
        if (parts.line) look.line = a->stroke;
        if (look.line) look.line->gradient.reset();
    }
    out.document.looks.push_back(std::move(look));
    // The item is the first to wear it.
    if (const Edited worn = withLook(out.document, {item}, out.id); worn.done()) out.document = worn.document;
    return out;
}

std::string nameOf(Ready look)
{
    switch (look) {
    case Ready::shadow: return words::said("Shadow");
    case Ready::light: return words::said("Light");
    case Ready::rim: return words::said("Rim");
    }
    return {};
}

Added withReadyLook(const Document& d, Ready look)
{
    const std::string name = nameOf(look);
    for (const NamedLook& l : d.looks)
        if (l.name == name) return {d, l.id};
    Added out{d, d.nextId};
    NamedLook made;
    made.id = out.document.nextId++;
    made.name = name;
    Fill fill;
    fill.lit = look == Ready::shadow ? Lit::cool : Lit::warm;
    fill = litBy(fill, d.light);
    made.fill = fill;
    made.blend = look == Ready::shadow ? Blend::multiply : Blend::screen;
    made.opacity = look == Ready::shadow ? 0.6 : look == Ready::light ? 0.5 : 0.8;
    made.blur = look == Ready::rim ? 6 : 0;
    out.document.looks.push_back(std::move(made));
    return out;
}

Document withLookChanged(const Document& d, Id look, const std::function<void(NamedLook&)>& change)
{
    Document out = d;
    for (NamedLook& l : out.looks) {
        if (l.id != look) continue;
        const std::string before = l.name;
        change(l);
        l.id = look;
        if (l.name.empty()) l.name = before;
        if (l.opacity) l.opacity = std::clamp(*l.opacity, 0.0, 1.0);
        if (l.blur) l.blur = std::clamp(*l.blur, 0.0, mostBlur);
    }
    return redressed(out, look);
}

Document withoutLook(const Document& d, Id look)
{
    Document out = d;
    std::erase_if(out.looks, [&](const NamedLook& l) { return l.id == look; });
    return rebuilt(out, [&](const ItemPtr& i, const Where&) {
        if (i->look != look) return Rebuild::below();
        Item next = *i;
        next.look = 0;
        return Rebuild::changed(shared(std::move(next)));
    });
}

Edited withLook(const Document& d, const std::vector<Id>& items, Id look)
{
    const NamedLook* l = d.look(look);
    if (!l) return {d, Refusal::nothingPicked};
    return withItemsChanged(d, items, [&](Item& i) { i = dressed(std::move(i), *l, d.light); });
}

Edited withLookLetGo(const Document& d, const std::vector<Id>& items)
{
    return withItemsChanged(d, items, [](Item& i) { i.look = 0; });
}

std::vector<Id> wearersOf(const Document& d, Id look)
{
    std::vector<Id> out;
    eachItem(d, {}, [&](const Item& i, const Where&) {
        if (look != 0 && i.look == look) out.push_back(i.id);
    });
    return out;
}

} // namespace softrope::art
