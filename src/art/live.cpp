#include "art/live.h"

#include "art/combine.h"
#include "art/drops.h"
#include "art/edits.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/lettering.h"
#include "art/repeat.h"
#include "art/shades.h"
#include "art/tones.h"
#include "art/tree.h"

#include "planar/build.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace softrope::art {

using curve::Affine;
using curve::Vec2;

void Hash::add(const void* bytes, std::size_t count)
{
    const auto* b = static_cast<const unsigned char*>(bytes);
    for (std::size_t k = 0; k < count; ++k) h_ = (h_ ^ b[k]) * 1099511628211ULL;
}

void Hash::add(Vec2 v)
{
    add(v.x);
    add(v.y);
}

void Hash::add(const curve::Path& p)
{
    for (const curve::Node& n : p.nodes)
        for (const Vec2 v : {n.at, n.in, n.out}) add(v);
    add(static_cast<double>(p.nodes.size()) + 0.5 * p.closed);
}

Id Remap::item(Id id) const
{
    const auto at = items.find(id);
    return at != items.end() ? at->second : elsewhere ? 0 : id;
}

Id Remap::ink(Id id) const
{
    const auto at = inks.find(id);
    return at != inks.end() ? at->second : elsewhere ? 0 : id;
}

// -- sources ------------------------------------------------------------------------------------------------------------------

std::vector<Id> sourcesOf(const Recipe& r)
{
    using Ids = std::vector<Id>;
    return std::visit(Each{[](std::monostate) { return Ids{}; }, [](const Shared<Hand>&) { return Ids{}; }, [](const Shared<Rounding>&) { return Ids{}; },
                           [](const Shared<Combined>&) { return Ids{}; },
                           [](const Shared<Drop>& d) {
                               std::set<Id> lines;
                               for (const LineSide& s : d->lines) lines.insert(s.line);
                               return Ids(lines.begin(), lines.end());
                           },
                           [](const Shared<Crescent>& c) { return c->source ? Ids{c->source} : Ids{}; }, [](const Shared<shade::Scatter>&) { return Ids{}; },
                           [](const Shared<Lettering>& l) { return l->way == Lettering::Way::along && l->line ? Ids{l->line} : Ids{}; }},
                      r);
}

std::vector<Id> sourcesOf(const GroupRecipe& r)
{
    using Ids = std::vector<Id>;
    return std::visit(Each{[](std::monostate) { return Ids{}; }, [](const Shared<ToneStack>& t) { return Ids{t->reference}; },
                           [](const Shared<Facets>&) { return Ids{}; }, [](const Shared<MeshPieces>&) { return Ids{}; },
                           [](const Shared<Repeat>& row) { return row->way == Repeat::Way::along && row->line ? Ids{row->line} : Ids{}; },
                           [](const Shared<PartUse>&) { return Ids{}; }},
                      r);
}

// -- moved --------------------------------------------------------------------------------------------------------------------

Fill transformed(Fill f, const Affine& m)
{
    if (f.gradient) {
        Gradient g = *f.gradient;
        g.place = m * g.place;
        f.gradient = shared(std::move(g));
    }
    return f;
}

Stroke transformed(Stroke s, const Affine& m)
{
    if (s.gradient) {
        Gradient g = *s.gradient;
        g.place = m * g.place;
        s.gradient = shared(std::move(g));
    }
    if (s.keepsWidth) return s;
    const double scale = curve::meanScale(m);
    s.width *= scale;
    for (double& d : s.dashes) d *= scale;
    s.dashFrom *= scale;
    if (std::none_of(s.dashes.begin(), s.dashes.end(), [](double d) { return d > 0; })) {
        s.dashes.clear();
        s.dashFrom = 0;
    }
    return s;
}

namespace {

std::vector<PaintedPiece> transformed(std::vector<PaintedPiece> painted, const Affine& m)
{
    for (PaintedPiece& p : painted) p = {m * p.at, transformed(std::move(p.fill), m)};
    return painted;
}

} // namespace

Recipe transformed(const Recipe& r, const Affine& m)
{
    const double scale = curve::meanScale(m);
    return std::visit(Each{[](std::monostate) { return Recipe{}; },
                           [&](const Shared<Hand>& h) {
                               Hand out = *h;
                               for (HandSample& s : out.samples) s.at = m * s.at;
                               out.slack *= scale;
                               out.grain *= scale;
                               return Recipe{shared(std::move(out))};
                           },
                           [&](const Shared<Rounding>& old) {
                               Rounding out = *old;
                               for (curve::Path& p : out.before) p = curve::transformed(p, m);
                               for (auto& path : out.radii)
                                   for (curve::CornerRadius& c : path) c.radius *= scale;
                               return Recipe{shared(std::move(out))};
                           },
                           [&](const Shared<Combined>& c) {
                               Combined out = *c;
                               for (Artwork& part : out.parts) part = transformed(std::move(part), m);
                               return Recipe{shared(std::move(out))};
                           },
                           [&](const Shared<Drop>& d) {
                               Drop out = *d;
                               out.seed = m * out.seed;
                               return Recipe{shared(std::move(out))};
                           },
                           [&](const Shared<Crescent>& c) {
                               Crescent out = *c;
                               out.angle = curve::angleOf(linear(m, curve::direction(out.angle)));
                               out.width *= scale;
                               out.from *= scale;
                               return Recipe{shared(std::move(out))};
                           },
                           [&](const Shared<shade::Scatter>& s) {
                               shade::Scatter out = *s;
                               out.frame = m * out.frame;
                               return Recipe{shared(std::move(out))};
                           },
                           [&](const Shared<Lettering>& l) {
                               // Sizes are told in sheet px: what the place would scale goes into them.
                               Lettering out = *l;
                               letter::Type grown = out.type;
                               grown.size *= scale;
                               const double by = letter::bounded(grown).size / out.type.size;
                               out.type.size *= by;
                               out.shift *= by;
                               out.radius *= by;
                               out.place = m * out.place * curve::scaling(1 / by, 1 / by);
                               out.was = curve::transformed(out.was, m);
                               if (determinant(m) < 0) out.mirrored = !out.mirrored;
                               return Recipe{shared(std::move(out))};
                           }},
                      r);
}

GroupRecipe transformed(const GroupRecipe& r, const Affine& m)
{
    return std::visit(Each{[](std::monostate) { return GroupRecipe{}; }, [](const Shared<ToneStack>& t) { return GroupRecipe{t}; },
                           [&](const Shared<Facets>& f) {
                               Facets out = *f;
                               for (curve::Path& p : out.plan.outline) p = curve::transformed(p, m);
                               for (tone::Chord& c : out.plan.chords) c = {m * c.from, m * c.to};
                               for (tone::Held& h : out.plan.held) {
                                   const Vec2 way = m * (h.at + Vec2{std::cos(h.turn), std::sin(h.turn)}) - m * h.at;
                                   h.at = m * h.at;
                                   h.turn = std::atan2(way.y, way.x);
                               }
                               out.painted = transformed(std::move(out.painted), m);
                               return GroupRecipe{shared(std::move(out))};
                           },
                           [&](const Shared<MeshPieces>& p) {
                               return GroupRecipe{shared(MeshPieces{transformed(p->mesh, m), p->gap * curve::meanScale(m), transformed(p->painted, m)})};
                           },
                           [&](const Shared<Repeat>& row) { return GroupRecipe{shared(transformed(*row, m))}; },
                           [&](const Shared<PartUse>& use) {
                               return GroupRecipe{shared(PartUse{use->part, m * use->place})};
                           }},
                      r);
}

// -- other ids ----------------------------------------------------------------------------------------------------------------

Recipe remapped(const Recipe& r, const Remap& ids)
{
    return std::visit(Each{[&](const auto& same) { return Recipe{same}; },
                           [&](const Shared<Drop>& d) -> Recipe {
                               Drop out = *d;
                               for (LineSide& s : out.lines)
                                   if (!(s.line = ids.item(s.line))) return {};
                               return shared(std::move(out));
                           },
                           [&](const Shared<Crescent>& c) -> Recipe {
                               if (!c->source) return c;
                               Crescent out = *c;
                               if (!(out.source = ids.item(c->source))) return {};
                               return shared(std::move(out));
                           },
                           [&](const Shared<Lettering>& l) -> Recipe {
                               Lettering out = *l;
                               if (l->line) out.line = ids.item(l->line); // left behind: it stands as it stood
                               return shared(std::move(out));
                           }},
                      r);
}

GroupRecipe remapped(const GroupRecipe& r, const Remap& ids)
{
    return std::visit(Each{[&](const auto& same) { return GroupRecipe{same}; },
                           [&](const Shared<ToneStack>& t) -> GroupRecipe {
                               ToneStack out = *t;
                               if (!(out.reference = ids.item(t->reference))) return {};
                               return shared(std::move(out));
                           },
                           [&](const Shared<Repeat>& row) -> GroupRecipe {
                               Repeat out = *row;
                               if (row->line) out.line = ids.item(row->line); // left behind: they stand as they stood
                               return shared(std::move(out));
                           }},
                      r);
}

// -- paints -------------------------------------------------------------------------------------------------------------------

namespace {

// Of a fill or a line.
template <typename Painted> void eachPaintOf(Painted& p, const PaintVisitor& act)
{
    act(p.colour, p.ink);
    if (!p.gradient) return;
    Gradient g = *p.gradient;
    for (GradientStop& s : g.stops) {
        std::optional<Colour> c = s.colour;
        act(c, s.ink);
        s.colour = c.value_or(s.colour);
    }
    if (g == *p.gradient) return;
    p.colour = colourAt(g, 0.5).colour; // the one that stands for it
    p.gradient = shared(std::move(g));
}

} // namespace

void eachPaint(Fill& f, const PaintVisitor& act)
{
    eachPaintOf(f, act);
}

void eachPaint(Recipe& r, const PaintVisitor& act)
{
    std::visit(Each{[](std::monostate) {}, [](Shared<Hand>&) {}, [](Shared<Rounding>&) {},
                    [&](Shared<Combined>& c) {
                        Combined out = *c;
                        for (Artwork& part : out.parts) eachPaint(part, act);
                        if (!(out == *c)) c = shared(std::move(out));
                    },
                    [](Shared<Drop>&) {}, [](Shared<Crescent>&) {}, [](Shared<shade::Scatter>&) {}, [](Shared<Lettering>&) {}},
               r);
}

void eachPaint(GroupRecipe& r, const PaintVisitor& act)
{
    std::visit(Each{[](std::monostate) {}, [](Shared<ToneStack>&) {},
                    [&](Shared<Facets>& f) {
                        Facets out = *f;
                        eachShade(out, act);
                        for (PaintedPiece& p : out.painted) eachPaint(p.fill, act);
                        if (!(out == *f)) f = shared(std::move(out));
                    },
                    [&](Shared<MeshPieces>& p) {
                        MeshPieces out = *p;
                        for (PaintedPiece& one : out.painted) eachPaint(one.fill, act);
                        if (!(out == *p)) p = shared(std::move(out));
                    },
                    [](Shared<Repeat>&) {}, [](Shared<PartUse>&) {}},
               r);
}

void eachPaint(Artwork& a, const PaintVisitor& act)
{
    eachPaint(a.fill, act);
    eachPaintOf(a.stroke, act);
    if (std::holds_alternative<std::monostate>(*a.live)) return;
    Recipe r = a.live;
    eachPaint(r, act);
    if (!(r == *a.live)) a.setDerived(curve::Paths(a.paths), std::move(r), a.made);
}

namespace {

std::vector<ItemPtr> mappedItems(const std::vector<ItemPtr>& items, const std::function<Item(const Item&)>& act)
{
    std::vector<ItemPtr> out;
    out.reserve(items.size());
    for (const ItemPtr& i : items) {
        Item next = act(*i);
        out.push_back(next == *i ? i : shared(std::move(next)));
    }
    return out;
}

} // namespace

Item withEachPaint(const Item& item, const PaintVisitor& act)
{
    Item out = item;
    const auto below = [&act](const Item& i) { return withEachPaint(i, act); };
    std::visit(Each{[&](Artwork& a) {
                        eachPaint(a, act);
                        a.inside = mappedItems(a.inside, below);
                    },
                    [](Reference&) {}, [](Island&) {},
                    [&](Group& g) {
                        GroupRecipe r = g.live;
                        eachPaint(r, act);
                        g.setDerived(mappedItems(g.items, below), std::move(r), g.made);
                    }},
               out.is);
    return out;
}

Item withIdsOf(const Item& item, Id& next, Remap& ids)
{
    Item out = item;
    out.id = next++;
    ids.items[item.id] = out.id;
    const auto below = [&](const Item& i) { return withIdsOf(i, next, ids); };
    if (const auto& children = childrenOf(item); !children.empty()) out = withChildren(out, mappedItems(children, below));
    return out;
}

namespace {

Item withRecipesOf(const Item& item, const Remap& ids)
{
    Item out = item;
    const auto below = [&](const Item& i) { return withRecipesOf(i, ids); };
    std::visit(Each{[&](Artwork& a) {
                        if (Recipe r = remapped(*a.live, ids); !(r == *a.live)) {
                            const Key made = std::holds_alternative<std::monostate>(r) ? 0 : a.made; // left behind: plain
                            a.setDerived(curve::Paths(a.paths), std::move(r), made);
                        }
                        a.inside = mappedItems(a.inside, below);
                    },
                    [](Reference&) {}, [](Island&) {}, [&](Group& g) { g.setDerived(mappedItems(g.items, below), remapped(*g.live, ids), g.made); }},
               out.is);
    if (ids.elsewhere) out.look = 0; // its looks are not there
    return out;
}

} // namespace

Item withSourcesOf(const Item& item, const Remap& ids)
{
    const Item out = withRecipesOf(item, ids);
    if (ids.inks.empty() && !ids.elsewhere) return out;
    // All paints in it at once: one that was given its new ink may not be asked again.
    return withEachPaint(out, [&](std::optional<Colour>&, InkUse& use) {
        if (!use.ink) return;
        use.ink = ids.ink(use.ink);
        if (!use.ink) use = {};
    });
}

Item remapped(const Item& item, Id& next, Remap& ids)
{
    return withSourcesOf(withIdsOf(item, next, ids), ids);
}

// -- given by itself ------------------------------------------------------------------------------------------------------------

std::optional<curve::Paths> give(const Recipe& r, const Artwork& now)
{
    using Given = std::optional<curve::Paths>;
    return std::visit(Each{[](std::monostate) { return Given{}; },
                           [&](const Shared<Hand>& h) -> Given {
                               if (now.paths.size() != 1) return std::nullopt;
                               return curve::Paths{fitStroke(*h, now.paths.front().closed).path};
                           },
                           [](const Shared<Rounding>& old) -> Given {
                               curve::Paths out;
                               for (std::size_t p = 0; p < old->before.size(); ++p) out.push_back(curve::withRoundCorners(old->before[p], old->radii[p]).path);
                               return out;
                           },
                           [](const Shared<Combined>& c) -> Given { return outlineOf(*c); }, [](const Shared<Drop>&) { return Given{}; },
                           [](const Shared<Crescent>&) { return Given{}; }, [](const Shared<shade::Scatter>&) { return Given{}; },
                           [](const Shared<Lettering>& l) -> Given { return l->way == Lettering::Way::along ? Given{} : letteringPaths(*l, l->was); }},
                      r);
}

std::optional<std::vector<ItemPtr>> give(const GroupRecipe& r, const Group& now)
{
    using Given = std::optional<std::vector<ItemPtr>>;
    return std::visit(Each{[](std::monostate) { return Given{}; }, [](const Shared<ToneStack>&) { return Given{}; },
                           [&](const Shared<Facets>& f) -> Given { return piecesOf(*f, now.items); },
                           [&](const Shared<MeshPieces>& m) -> Given { return piecesOf(*m, now.items); },
                           [&](const Shared<Repeat>& row) -> Given { return repeated(*row, now.items); }, [](const Shared<PartUse>&) { return Given{}; }},
                      r);
}

// -- worked out from sources ------------------------------------------------------------------------------------------------------

namespace {

Key toneKeyOf(const Document& d, const ToneStack& t)
{
    const Item* source = t.set ? nullptr : d.item(t.reference);
    const Reference* r = source ? source->reference() : nullptr;
    return r && r->picture ? toneKey(t, *r) : 0;
}

// `lines`: the key of all lines, asked for only by what follows them.
Key keyOf(const Document& d, const Item& item, const std::function<Key()>& lines, const std::function<const Artwork*()>& area)
{
    const auto shaded = [&](const Artwork& a) {
        const Artwork* in = area();
        return in ? shadeKey(d, a, *in) : Key{0};
    };
    return std::visit(Each{[&](const Artwork& a) {
                               return std::visit(Each{[](std::monostate) { return Key{0}; }, [](const Shared<Hand>&) { return Key{0}; },
                                                      [](const Shared<Rounding>&) { return Key{0}; }, [](const Shared<Combined>&) { return Key{0}; },
                                                      [&](const Shared<Drop>&) { return lines(); }, [&](const Shared<Crescent>&) { return shaded(a); },
                                                      [&](const Shared<shade::Scatter>&) { return shaded(a); },
                                                      [&](const Shared<Lettering>& l) { return hasTypeface(*l) ? letteringKey(d, *l) : Key{0}; }},
                                                 *a.live);
                           },
                           [](const Reference&) { return Key{0}; },
                           [&](const Group& g) {
                               return std::visit(Each{[](std::monostate) { return Key{0}; }, [&](const Shared<ToneStack>& t) { return toneKeyOf(d, *t); },
                                                      [](const Shared<Facets>&) { return Key{0}; }, [](const Shared<MeshPieces>&) { return Key{0}; },
                                                      [](const Shared<PartUse>&) { return Key{0}; },
                                                      [](const Shared<Repeat>&) { return Key{0}; }}, // all together, by withRepeatsFollowed
                                                 *g.live);
                           },
                           [](const Island&) { return Key{0}; }},
                      item.is);
}

// The nearest area round an item.
const Artwork* areaRound(const Document& d, Id item)
{
    const std::vector<const Item*> round = d.ancestorsOf(item);
    for (auto i = round.rbegin(); i != round.rend(); ++i)
        if ((*i)->artwork()) return (*i)->artwork();
    return nullptr;
}

Key madeOf(const Item& item)
{
    return std::visit(Each{[](const Artwork& a) { return a.made; }, [](const Reference&) { return Key{0}; }, [](const Group& g) { return g.made; },
                           [](const Island&) { return Key{0}; }},
                      item.is);
}

} // namespace

Key keyOf(const Document& d, const Item& item, double gap)
{
    return keyOf(
        d, item, [&] { return linesKey(drawnLines(d), gap); }, [&] { return areaRound(d, item.id); });
}

std::vector<Id> stale(const Document& d, double gap)
{
    std::vector<Id> out;
    std::optional<Key> all;
    const auto lines = [&] {
        if (!all) all = linesKey(drawnLines(d), gap);
        return *all;
    };
    eachItem(d, {}, [&](const Item& i, const Where&) {
        const bool shade = i.artwork() && (i.artwork()->crescent() || i.artwork()->scatter());
        if (shade) return; // with the areas they lie in, below
        if (const Key k = keyOf(d, i, lines, [] { return nullptr; }); k && k != madeOf(i)) out.push_back(i.id);
    });
    for (const Shade& s : staleShades(d)) out.push_back(s.item->id);
    std::sort(out.rbegin(), out.rend());
    return out;
}

std::optional<WorkedOut> make(const Document& d, Id item, const Ingredients& from)
{
    const Item* i = d.item(item);
    const Group* g = i ? i->group() : nullptr;
    if (!g) return std::nullopt;
    using Result = std::optional<WorkedOut>;
    return std::visit(Each{[](std::monostate) { return Result{}; },
                           [&](const Shared<ToneStack>& t) -> Result {
                               const Key key = toneKeyOf(d, *t);
                               if (!key) return std::nullopt;
                               const Reference& r = *d.item(t->reference)->reference();
                               const auto picture = from.picture ? from.picture(r) : nullptr;
                               if (!picture || (from.cancelled && from.cancelled())) return std::nullopt;
                               tone::TonesOptions o;
                               o.cancelled = from.cancelled;
                               o.progress = from.progress;
                               WorkedOut made{item, key, toneShapes(*t, r, picture, o)};
                               if (from.cancelled && from.cancelled()) return std::nullopt;
                               return made;
                           },
                           [](const Shared<Facets>&) { return Result{}; }, [](const Shared<MeshPieces>&) { return Result{}; },
                           [](const Shared<Repeat>&) { return Result{}; }, [](const Shared<PartUse>&) { return Result{}; }},
                      *g->live);
}

Document withMade(const Document& d, WorkedOut made)
{
    const Item* now = d.item(made.item);
    if (!now || !now->group() || keyOf(d, *now) != made.key || now->group()->made == made.key) return d;
    Id next = d.nextId;
    std::vector<ItemPtr> items;
    for (Item& i : made.items) {
        i.id = next++;
        items.push_back(shared(std::move(i)));
    }
    Document out = rebuilt(d, [&](const ItemPtr& i, const Where&) {
        if (i->id != made.item) return Rebuild::below();
        Item changed = *i;
        Group& g = std::get<Group>(changed.is);
        GroupRecipe recipe = g.live;
        g.setDerived(std::move(items), std::move(recipe), made.key);
        return Rebuild::by(shared(std::move(changed)));
    });
    out.nextId = next;
    return out;
}

namespace {

// Repeats, shades and words: each may follow another, words on a crescent, a cast by words, both in what is repeated.
Document followed(Document d, const std::function<bool()>& cancelled)
{
    constexpr int rounds = 8; // circles end there
    for (int k = 0; k < rounds; ++k) {
        d = withLetteringFollowed(withShadesFollowed(withRepeatsFollowed(d), cancelled));
        if ((cancelled && cancelled()) || (staleShades(d).empty() && !repeatsWait(d))) return d;
    }
    return d;
}

} // namespace

Document derived(const Document& d, const Ingredients& from)
{
    Document out = withLetteringFollowed(d);
    bool drops = false;
    for (const Id id : stale(out, from.gap)) {
        if (from.cancelled && from.cancelled()) return out;
        if (auto made = make(out, id, from))
            out = withMade(out, std::move(*made));
        else
            drops = drops || (out.item(id)->artwork() && out.item(id)->artwork()->drop());
    }
    if (!drops) return followed(std::move(out), from.cancelled);
    // All drops together: two do not go to one area.
    const DrawnLines lines = drawnLines(out);
    planar::BuildOptions o;
    o.gap = from.gap;
    o.sliverWidth = from.thinnest;
    return followed(withDropsFollowed(out, *planar::build(lines.paths, o), lines, from.gap).document, from.cancelled);
}

namespace {

Item madeAnew(const Item& item)
{
    Item out = item;
    std::visit(Each{[](Artwork& a) {
                        if (auto paths = give(*a.live, a)) a.setDerived(std::move(*paths), Recipe(a.live), a.made);
                        if (a.drop() || a.crescent() || a.scatter() || (a.lettering() && a.made)) a.setDerived(curve::Paths(a.paths), Recipe(a.live), 0);
                        a.inside = mappedItems(a.inside, madeAnew);
                    },
                    [](Reference&) {}, [](Island&) {},
                    [](Group& g) {
                        if (auto items = give(*g.live, g))
                            g.setDerived(std::move(*items), GroupRecipe(g.live), g.made);
                        else
                            g.setDerived(mappedItems(g.items, madeAnew), GroupRecipe(g.live), g.tones() && g.derived() ? 0 : g.made);
                    }},
               out.is);
    return out;
}

} // namespace

Document derivedAnew(const Document& d, const Ingredients& from)
{
    Document out = d;
    for (LayerPtr& l : out.layers) {
        Layer copy = *l;
        copy.items = mappedItems(copy.items, madeAnew);
        if (!(copy == *l)) l = shared(std::move(copy));
    }
    return derived(out, from);
}

} // namespace softrope::art
