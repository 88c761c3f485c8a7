#include "art/lettering.h"

#include "art/combine.h"
#include "art/edits.h"
#include "art/live.h"
#include "art/tree.h"
#include "letter/faces.h"
#include "planar/combine.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

const Path* liveLine(const Document& d, const Lettering& l)
{
    const Item* source = l.line ? d.item(l.line) : nullptr;
    const Artwork* a = source ? source->artwork() : nullptr;
    return a && l.outline < a->paths->size() && !a->paths->at(l.outline).empty() ? &a->paths->at(l.outline) : nullptr;
}

letter::Spread spreadOf(const Lettering& l, const Path& line)
{
    constexpr double whole = 1 - 1e-6;
    if (l.way == Lettering::Way::arc) return {std::abs(l.spread * l.radius), l.spread >= 2 * curve::pi * whole};
    if (l.way == Lettering::Way::along) return {l.spread * curve::arcLength(line), line.closed && l.spread >= whole};
    return {};
}

// Worked out as it stands now; false when it cannot be.
bool workOut(const Document& d, Artwork& a, Lettering l)
{
    l.type = letter::bounded(std::move(l.type));
    if (l.way != Lettering::Way::along) { // what no line needs is not kept
        l.line = 0;
        l.outline = 0;
        l.was = {};
    }
    if (const Path* line = l.way == Lettering::Way::along ? liveLine(d, l) : nullptr) l.was = *line;
    auto paths = letteringPaths(l, l.was);
    if (!paths) return false;
    const Key key = letteringKey(d, l);
    a.setDerived(std::move(*paths), shared(std::move(l)), key);
    return true;
}

} // namespace

std::string nameOf(const Lettering& l)
{
    std::string out = l.words.substr(0, l.words.find('\n'));
    constexpr std::size_t most = 32;
    if (out.size() > most) {
        std::size_t end = most;
        while (end > 0 && (static_cast<unsigned char>(out[end]) & 0xC0) == 0x80) --end; // not within a character
        out = out.substr(0, end) + "\u2026";
    }
    return out.empty() ? words::said("Words") : out;
}

Added withLettering(const Document& d, Id layer, const Lettering& l, const Fill& fill)
{
    Item i;
    i.name = nameOf(l);
    Artwork a;
    a.stroke.colour.reset();
    a.fill = fill;
    if (!workOut(d, a, l)) return {d, 0, Refusal::noTypeface};
    i.is = std::move(a);
    return withItem(d, layer, std::move(i));
}

Edited withLetteringChanged(const Document& d, const std::vector<Id>& items, const std::function<void(Lettering&)>& change)
{
    bool any = false, missing = false;
    Edited out = withItemsChanged(d, items, [&](Item& i) {
        Artwork* a = std::get_if<Artwork>(&i.is);
        const Lettering* now = a ? a->lettering() : nullptr;
        if (!now) return;
        any = true;
        Lettering l = *now;
        change(l);
        if (l == *now) return;
        const bool named = i.name == nameOf(*now);
        std::string name = nameOf(l);
        if (!workOut(d, *a, std::move(l))) {
            missing = true;
            return;
        }
        if (named) i.name = std::move(name);
    });
    if (!any && out.done()) out.why = Refusal::doesNotFit;
    if (missing && out.document == d) out.why = Refusal::noTypeface;
    return out;
}

namespace {

// What becomes of each lettering among the items.
Taken withLetters(const Document& d, const std::vector<Id>& items, const std::function<std::optional<Item>(const Item&, const Lettering&, Id& next)>& act)
{
    Taken out{d, {}, Refusal::nothingPicked};
    const std::vector<Id> wanted = outermost(d, items);
    Id next = d.nextId;
    out.document = rebuilt(d, [&](const ItemPtr& i, const Where& w) {
        if (std::find(wanted.begin(), wanted.end(), i->id) == wanted.end()) return Rebuild::below();
        const Lettering* l = i->artwork() ? i->artwork()->lettering() : nullptr;
        if (!l || w.locked || w.derived) {
            out.why = w.locked ? Refusal::locked : w.derived ? Refusal::derived : Refusal::doesNotFit;
            return Rebuild::stay();
        }
        auto made = act(*i, *l, next);
        if (!made) {
            out.why = Refusal::noTypeface;
            return Rebuild::stay();
        }
        out.items.push_back(made->id);
        return Rebuild::by(shared(std::move(*made)));
    });
    out.document.nextId = next;
    if (!out.items.empty()) out.why = Refusal::none;
    return out;
}

} // namespace

Taken withLettersApart(const Document& d, const std::vector<Id>& items)
{
    return withLetters(d, items, [&](const Item& i, const Lettering& l, Id& next) -> std::optional<Item> {
        const Path& line = lineOf(d, l);
        const auto laid = layoutOf(l, line);
        if (!laid) return std::nullopt;
        // Their names are what they stand for; glyphs that show nothing are left out of both lists.
        std::vector<std::string> names;
        for (const letter::Letter& one : laid->letters)
            if (!one.glyph.face->outline(one.glyph.id)->empty()) names.push_back(l.words.substr(one.from, one.to - one.from));
        std::vector<ItemPtr> pieces;
        std::vector<Paths> outlines = letter::lettersOn(*laid, railOf(l, line));
        for (std::size_t k = 0; k < outlines.size(); ++k) {
            Item piece;
            piece.id = next++;
            piece.name = names[k];
            Artwork a = *i.artwork();
            a.inside.clear();
            a.setPaths(std::move(outlines[k]));
            piece.is = std::move(a);
            pieces.push_back(shared(std::move(piece)));
        }
        Item out = i;
        Group g;
        g.setItems(std::move(pieces));
        out.is = std::move(g);
        return out;
    });
}

Taken withLettersUnited(const Document& d, const std::vector<Id>& items)
{
    return withLetters(d, items, [&](const Item& i, const Lettering&, Id&) -> std::optional<Item> {
        Item out = i;
        Artwork& a = std::get<Artwork>(out.is);
        std::vector<planar::Shape> one{{a.paths, a.fill.evenOdd}};
        Paths united = planar::combine(one, planar::Operation::unite);
        a.setPaths(united.empty() ? Paths(a.paths) : std::move(united));
        return out;
    });
}

std::optional<double> sizeForWidth(const Lettering& l, double width)
{
    return letter::sizeForWidth(l.words, l.type, width);
}

// -- asked ----------------------------------------------------------------------------------------------------------------------------

std::vector<const Item*> letterings(const Document& d)
{
    std::vector<const Item*> out;
    eachArtwork(d, {}, [&](const Item& i, const Artwork& a, const Where&) {
        if (a.lettering()) out.push_back(&i);
    });
    return out;
}

bool hasTypeface(const Lettering& l)
{
    return letter::family(l.type.family) != nullptr;
}

const Path& lineOf(const Document& d, const Lettering& l)
{
    const Path* line = liveLine(d, l);
    return line ? *line : l.was;
}

std::optional<letter::Layout> layoutOf(const Lettering& l, const Path& line)
{
    return letter::layout(l.words, l.type, spreadOf(l, line));
}

letter::Rail railOf(const Lettering& l, const Path& line)
{
    switch (l.way) {
    case Lettering::Way::straight: break;
    case Lettering::Way::arc: return letter::Rail::arc(l.place, l.radius + (l.over ? -l.shift : l.shift), l.angle, l.over);
    case Lettering::Way::along: return letter::Rail::along(line, l.start * curve::arcLength(line), l.over, l.shift, l.mirrored);
    }
    return letter::Rail::straight(l.place * curve::translation({0, -l.shift}));
}

Lettering slid(Lettering l, const Path& line, Vec2 by)
{
    const curve::Measured m(line);
    if (!(m.length() > 0)) return l;
    const curve::Affine here = letter::Rail::along(line, l.start * m.length(), l.over, 0, l.mirrored).at({});
    const double along = dot(by, {here.a, here.b});
    l.start += (l.over ? -along : along) / m.length();
    l.start = line.closed ? l.start - std::floor(l.start) : std::clamp(l.start, 0.0, 1.0);
    l.shift -= dot(by, {here.c, here.d});
    return l;
}

// -- worked out -----------------------------------------------------------------------------------------------------------------------

Key letteringKey(const Document& d, const Lettering& l)
{
    if (l.way != Lettering::Way::along) return 0;
    // What else it depends on changes by edits alone, which work it out.
    Hash h;
    h.add(lineOf(d, l));
    return h.key();
}

std::optional<Paths> letteringPaths(const Lettering& l, const Path& line)
{
    const auto laid = layoutOf(l, line);
    if (!laid) return std::nullopt;
    return letter::outlinesOn(*laid, railOf(l, line));
}

namespace {

bool waits(const Document& d, const Artwork& a)
{
    const Lettering* l = a.lettering();
    if (!l) return false;
    const Key key = letteringKey(d, *l);
    return key && key != a.made && hasTypeface(*l);
}

} // namespace

bool letteringWaits(const Document& d)
{
    bool any = false;
    eachArtwork(d, {}, [&](const Item&, const Artwork& a, const Where&) { any = any || waits(d, a); });
    return any;
}

Document withLetteringFollowed(const Document& d)
{
    if (!letteringWaits(d)) return d;
    // Words may stand on words: a few rounds settle them, circles end there.
    constexpr int rounds = 8;
    Document out = d;
    for (int k = 0; k < rounds && letteringWaits(out); ++k)
        out = rebuilt(out, [now = out](const ItemPtr& i, const Where&) {
            if (!i->artwork() || !waits(now, *i->artwork())) return Rebuild::below();
            Item changed = *i;
            Artwork& a = std::get<Artwork>(changed.is);
            if (!workOut(now, a, *i->artwork()->lettering())) return Rebuild::below();
            return Rebuild::changed(shared(std::move(changed)));
        });
    return out;
}

} // namespace softrope::art
