#include "art/repeat.h"

#include "art/arrange.h"
#include "art/edits.h"
#include "art/live.h"
#include "art/tree.h"
#include "curve/measured.h"

#include <algorithm>
#include <cmath>
#include <tuple>
#include <unordered_set>

namespace softrope::art {

using curve::Affine;
using curve::Box;
using curve::Path;
using curve::Vec2;

bool operator==(const Repeat& a, const Repeat& b)
{
    const auto numbers = [](const Repeat& r) {
        return std::tie(r.way, r.place, r.count, r.angle, r.columns, r.rows, r.step, r.stagger, r.from, r.to, r.upright, r.alternate, r.line, r.outline, r.was);
    };
    return numbers(a) == numbers(b);
}

// -- where they lie -----------------------------------------------------------------------------------------------------------------

namespace {

constexpr double wholeTurn = 2 * curve::pi, nearlyWhole = 1e-9;

bool goesRound(const Repeat& r)
{
    return std::abs(r.angle) >= wholeTurn - nearlyWhole;
}

const Affine mirrored = curve::scaling(-1, 1);

Affine frameAt(const curve::OnWay& p)
{
    return curve::translation(p.at) * curve::rotation(curve::angleOf(p.tangent));
}

// In the plane.
std::vector<Affine> roundPoses(const Repeat& r, Vec2 middle)
{
    std::vector<Affine> out;
    const double step = r.angle / (goesRound(r) ? r.count : r.count - 1);
    // Mirrored across the ray through its own middle, or, upright, across the vertical.
    const double ray = length(middle) > 1e-9 ? curve::angleOf(middle) : -curve::pi / 2;
    const Affine acrossRay = curve::rotation(ray) * curve::scaling(1, -1) * curve::rotation(-ray);
    for (int k = 0; k < r.count; ++k) {
        const Affine turn = curve::rotation(k * step);
        const bool turned = r.alternate && k % 2 == 1;
        if (r.upright)
            out.push_back(curve::translation(turn * middle) * (turned ? mirrored : Affine{}) * curve::translation(-middle));
        else
            out.push_back(turned ? turn * acrossRay : turn);
    }
    return out;
}

std::vector<Affine> rowPoses(const Repeat& r, Vec2 middle)
{
    std::vector<Affine> out;
    for (int row = 0; row < r.rows; ++row)
        for (int column = 0; column < r.columns; ++column) {
            const double half = r.stagger && row % 2 == 1 ? 0.5 : 0;
            const Vec2 by{(column + half) * r.step.x, row * r.step.y};
            out.push_back(curve::translation(by) * (r.alternate && (row + column) % 2 == 1 ? curve::about(middle, mirrored) : Affine{}));
        }
    return out;
}

std::vector<Affine> wayPoses(const Repeat& r)
{
    const curve::Measured way(r.was);
    const bool closedUp = r.was.closed && r.to - r.from >= 1 - nearlyWhole;
    const double each = (r.to - r.from) * way.length() / (closedUp ? r.count : r.count - 1);
    const auto poseAt = [&](int k) {
        curve::OnWay p = way.at(r.from * way.length() + k * each);
        if (r.upright) p.tangent = {1, 0};
        return frameAt(p);
    };
    std::vector<Affine> out;
    const Affine back = inverse(poseAt(0)).value_or(Affine{});
    for (int k = 0; k < r.count; ++k) out.push_back(poseAt(k) * (r.alternate && k % 2 == 1 ? mirrored : Affine{}) * back);
    return out;
}

// Of the line's start: where the first stands.
curve::OnWay startOf(const Repeat& r)
{
    const curve::Measured way(r.was);
    return way.at(r.from * way.length());
}

} // namespace

Repeat bounded(Repeat r)
{
    const auto within = [](double v, double low, double high, double otherwise) { return std::isfinite(v) ? std::clamp(v, low, high) : otherwise; };
    r.count = std::clamp(r.count, 2, mostRepeats);
    r.columns = std::clamp(r.columns, 1, mostRows);
    r.rows = std::clamp(r.rows, 1, mostRows);
    r.angle = within(r.angle, -wholeTurn, wholeTurn, wholeTurn);
    if (std::abs(r.angle) < 1e-3) r.angle = wholeTurn;
    constexpr double far = 1e6;
    r.step = {within(r.step.x, -far, far, 0), within(r.step.y, -far, far, 0)};
    r.from = within(r.from, 0, 1, 0);
    r.to = within(r.to, 0, 1, 1);
    if (r.to <= r.from) std::tie(r.from, r.to) = std::pair(0.0, 1.0);
    const Affine& m = r.place;
    const bool sound = std::isfinite(m.a + m.b + m.c + m.d + m.e + m.f) && std::abs(determinant(m)) > 1e-12;
    if (!sound) r.place = {};
    return r;
}

std::size_t countOf(const Repeat& r)
{
    return static_cast<std::size_t>(r.way == Repeat::Way::grid ? r.columns * r.rows : r.count);
}

std::vector<Affine> posesOf(const Repeat& r, const Box& first)
{
    const Vec2 middle = first.centre();
    std::vector<Affine> out = r.way == Repeat::Way::round ? roundPoses(r, middle) : r.way == Repeat::Way::grid ? rowPoses(r, middle) : wayPoses(r);
    const Affine back = inverse(r.place).value_or(Affine{});
    for (Affine& m : out) m = r.place * m * back;
    out.front() = {};
    return out;
}

Box planeBounds(const Repeat& r, const Item& first)
{
    const Box b = bounds(transformed(first, inverse(r.place).value_or(Affine{})));
    return b.empty() ? Box{{}, {}} : b; // of nothing: round its own centre
}

Vec2 centreOf(const Repeat& r)
{
    return r.place * Vec2{};
}

double radiusOf(const Repeat& r, const Item& first)
{
    return distance(r.place * planeBounds(r, first).centre(), centreOf(r));
}

Repeat transformed(const Repeat& r, const Affine& m)
{
    Repeat out = r;
    if (r.way != Repeat::Way::along) {
        out.place = m * r.place;
        return out;
    }
    out.was = curve::transformed(r.was, m);
    if (const auto back = inverse(m)) out.place = m * r.place * *back;
    return out;
}

Repeat besideLine(const Repeat& r, const Affine& m, const Path& line)
{
    Repeat out = r;
    out.place = r.place * m; // taken along it was m P m^-1, and alone it is m P
    out.was = line;
    return out;
}

// -- like the first -----------------------------------------------------------------------------------------------------------------

namespace {

bool sameTree(const Item& a, const Item& b)
{
    const auto &mine = childrenOf(a), &theirs = childrenOf(b);
    if (a.is.index() != b.is.index() || mine.size() != theirs.size()) return false;
    return std::equal(mine.begin(), mine.end(), theirs.begin(), [](const ItemPtr& x, const ItemPtr& y) { return sameTree(*x, *y); });
}

void collect(const Item& i, std::unordered_set<Id>& ids, std::unordered_set<Id>& sources)
{
    ids.insert(i.id);
    std::vector<Id> from;
    if (const Artwork* a = i.artwork()) from = sourcesOf(*a->live);
    if (const Group* g = i.group()) from = sourcesOf(*g->live);
    sources.insert(from.begin(), from.end());
    for (const ItemPtr& c : childrenOf(i)) collect(*c, ids, sources);
}

// What a tree is made from outside itself has no say in copies of it.
void leaveOutside(const Item& tree, Remap& ids)
{
    std::unordered_set<Id> own, sources;
    collect(tree, own, sources);
    for (const Id s : sources)
        if (!own.count(s)) ids.items[s] = 0;
}

// The ids of `from` for those of `to`, which is of the same make.
void pair(const Item& from, const Item& to, Remap& ids)
{
    ids.items[from.id] = to.id;
    for (std::size_t k = 0; k < childrenOf(from).size(); ++k) pair(*childrenOf(from)[k], *childrenOf(to)[k], ids);
}

Item withIds(const Item& item, const Remap& ids)
{
    Item out = item;
    out.id = ids.item(item.id);
    if (childrenOf(item).empty()) return out;
    std::vector<ItemPtr> children;
    for (const ItemPtr& c : childrenOf(item)) children.push_back(shared(withIds(*c, ids)));
    return withChildren(out, std::move(children));
}

// What is a copy's own.
Item withOwn(Item copy, const Item& now)
{
    copy.name = now.name;
    copy.shown = now.shown;
    copy.locked = now.locked;
    return copy;
}

// Shades whose area is not in the copy are what they are in the first: that area would have them all in one place.
Item withLooseShadesSet(Item item)
{
    if (auto* a = std::get_if<Artwork>(&item.is)) {
        if (a->crescent() || a->scatter()) a->set();
        return item;
    }
    if (!item.group()) return item;
    std::vector<ItemPtr> children;
    for (const ItemPtr& c : *item.group()->items) children.push_back(shared(withLooseShadesSet(*c)));
    return withChildren(item, std::move(children));
}

// As the first, there; with the ids of `now` where it is of the same make, else with fresh ones.
Item copyOf(const Item& first, const Affine& there, const Item* now, Id& next)
{
    Item copy = withLooseShadesSet(transformed(first, there));
    Remap ids;
    leaveOutside(first, ids);
    if (now && sameTree(first, *now)) {
        pair(first, *now, ids);
        return withOwn(withSourcesOf(withIds(copy, ids), ids), *now);
    }
    copy = remapped(copy, next, ids);
    if (!now) return copy;
    copy.id = now->id;
    return withOwn(std::move(copy), *now);
}

// Recipes that something else has a say in: what they give is no act of a hand.
bool followsOthers(const Artwork& a)
{
    const Lettering* l = a.lettering();
    return a.crescent() || a.scatter() || a.drop() || (l && l->way == Lettering::Way::along);
}

// But for ids, and what goes with them.
bool sameRecipe(const Recipe& a, const Recipe& b)
{
    if (a.index() != b.index()) return false;
    return std::visit(Each{[](std::monostate) { return true; }, [](const Shared<Drop>&) { return true; },
                           [&](const Shared<Crescent>& c) {
                               Crescent x = *c, y = *std::get<Shared<Crescent>>(b);
                               x.source = y.source = 0;
                               return x == y;
                           },
                           [&](const Shared<Lettering>& l) {
                               Lettering x = *l, y = *std::get<Shared<Lettering>>(b);
                               x.line = y.line = 0;
                               x.was = y.was = {};
                               return x == y;
                           },
                           [&](const auto& same) { return same == std::get<std::decay_t<decltype(same)>>(b); }},
                      a);
}

bool sameDrawing(const Artwork& a, const Artwork& b)
{
    return sameRecipe(a.live, b.live) && (followsOthers(a) || *a.paths == *b.paths);
}

bool sameLooks(const Artwork& a, const Artwork& b)
{
    return a.stroke == b.stroke && a.fill == b.fill && a.guide == b.guide && a.openMeant == b.openMeant;
}

bool sameRecipe(const Group& a, const Group& b)
{
    if (!a.repeat() || !b.repeat()) return *a.live == *b.live;
    Repeat x = *a.repeat(), y = *b.repeat();
    x.line = y.line = 0;
    return x == y;
}

// What counts as a change: everything but the ids, or only what a hand does.
enum class Eye { all, hand };

// Whether it is as it was given. `top`: what is a copy's own does not count.
bool untouched(const ItemPtr& now, const ItemPtr& given, Eye eye = Eye::hand, bool top = true)
{
    if (now.same(given)) return true;
    const Item &a = *now, &b = *given;
    if (!sameTree(a, b)) return false;
    if (a.opacity != b.opacity || a.blend != b.blend || a.blur != b.blur || a.look != b.look) return false;
    if (!top && (a.shown != b.shown || a.locked != b.locked || a.name != b.name)) return false;
    const bool all = eye == Eye::all;
    const bool same = std::visit(Each{[&](const Artwork& x) {
                                          const Artwork& y = *b.artwork();
                                          return sameLooks(x, y) && sameDrawing(x, y) && (!all || *x.paths == *y.paths);
                                      },
                                      [&](const Reference& x) { return x == *b.reference(); }, [&](const Group& x) { return sameRecipe(x, *b.group()); },
                                      [&](const Island& x) { return x == *b.island(); }},
                                 a.is);
    if (!same) return false;
    if (!all && a.group() && a.group()->derived()) return true;
    const auto &mine = childrenOf(a), &theirs = childrenOf(b);
    return std::equal(mine.begin(), mine.end(), theirs.begin(), [eye](const ItemPtr& x, const ItemPtr& y) { return untouched(x, y, eye, false); });
}

// The first, with what a hand changed in a copy. `back` leads from the copy to the first. All three are of one make.
Item carriedBack(const Item& first, const ItemPtr& given, const ItemPtr& now, const Affine& back, bool top = true)
{
    Item out = first;
    if (untouched(now, given, Eye::hand, top)) return out;
    const Item &a = *now, &b = *given;
    if (a.opacity != b.opacity) out.opacity = a.opacity;
    if (a.blend != b.blend) out.blend = a.blend;
    if (a.blur != b.blur) out.blur = a.blur;
    if (a.look != b.look) out.look = a.look;
    if (!top) {
        if (a.shown != b.shown) out.shown = a.shown;
        if (a.locked != b.locked) out.locked = a.locked;
        if (a.name != b.name) out.name = a.name;
    }
    std::visit(Each{[&](Artwork& mine) {
                        Artwork changed = *a.artwork();
                        changed.inside.clear();
                        const bool drawn = !sameDrawing(changed, *b.artwork()), looks = !sameLooks(changed, *b.artwork());
                        changed = transformed(std::move(changed), back);
                        if (looks) {
                            mine.stroke = changed.stroke;
                            mine.fill = changed.fill;
                            mine.guide = changed.guide;
                            mine.openMeant = changed.openMeant;
                        }
                        if (drawn) mine.setDerived(changed.paths, Recipe(changed.live), changed.made);
                    },
                    [&](Reference& mine) {
                        if (a != b) mine = *transformed(a, back).reference();
                    },
                    [&](Island& mine) {
                        if (a != b) mine = *transformed(a, back).island();
                    },
                    [&](Group& mine) {
                        if (!sameRecipe(*a.group(), *b.group())) mine.setDerived(mine.items, GroupRecipe(transformed(a, back).group()->live), 0);
                    }},
               out.is);
    if (childrenOf(first).empty()) return out;
    std::vector<ItemPtr> children;
    for (std::size_t k = 0; k < childrenOf(first).size(); ++k)
        children.push_back(shared(carriedBack(*childrenOf(first)[k], childrenOf(b)[k], childrenOf(a)[k], back, false)));
    return withChildren(out, std::move(children));
}

} // namespace

// -- worked out ---------------------------------------------------------------------------------------------------------------------

namespace {

Key keyOfRepeat(const Repeat& r)
{
    Hash h;
    const Affine& m = r.place;
    for (const double v : {static_cast<double>(r.way), m.a, m.b, m.c, m.d, m.e, m.f, r.upright + 2.0 * r.alternate + 4.0 * r.stagger}) h.add(v);
    switch (r.way) {
    case Repeat::Way::round:
        h.add(r.count);
        h.add(r.angle);
        break;
    case Repeat::Way::grid:
        h.add(r.columns);
        h.add(r.rows);
        h.add(r.step);
        break;
    case Repeat::Way::along:
        h.add(r.count);
        h.add(Vec2{r.from, r.to});
        h.add(r.was);
        break;
    }
    return h.key();
}

const Path* lineNow(const Document& d, const Repeat& r)
{
    if (r.way != Repeat::Way::along || !r.line) return nullptr;
    const Item* i = d.item(r.line);
    const Artwork* a = i ? i->artwork() : nullptr;
    return a && r.outline < a->paths->size() && a->paths->at(r.outline).nodes.size() > 1 ? &a->paths->at(r.outline) : nullptr;
}

// What a hand took away or put in its place ends the repeat.
bool holdsTogether(const Group& g)
{
    const Repeat& r = *g.repeat();
    if (g.items.empty()) return false;
    if (r.last.empty()) return g.items.size() == countOf(r) || g.items.size() == 1;
    if (r.last.size() != g.items.size()) return false;
    std::unordered_set<Id> ids;
    for (const ItemPtr& i : r.last) ids.insert(i->id);
    // Copied with all in it, it has other ids throughout.
    const auto known = std::count_if(g.items.begin(), g.items.end(), [&](const ItemPtr& i) { return ids.count(i->id) != 0; });
    if (known == 0) return true;
    return std::equal(g.items.begin(), g.items.end(), r.last.begin(), [](const ItemPtr& x, const ItemPtr& y) { return x->id == y->id; });
}

bool waits(const Document& d, const Group& g)
{
    const Repeat& r = *g.repeat();
    if (!holdsTogether(g) || g.items.size() != countOf(r)) return true;
    if (!r.last.empty() && g.made != keyOfRepeat(r)) return true; // as read from a file, it is what it was
    if (const Path* line = lineNow(d, r); line && *line != r.was) return true;
    for (std::size_t k = 0; k < r.last.size(); ++k)
        if (!untouched(g.items[k], r.last[k], k == 0 ? Eye::all : Eye::hand)) return true;
    return false;
}

Group followed(const Document& d, Group g, Id& next)
{
    if (!holdsTogether(g)) {
        g.set();
        return g;
    }
    Repeat r = bounded(*g.repeat());
    Item first = *g.items.front();
    // What was changed since: of the first itself, else of one of the others.
    if (!r.last.empty() && untouched(g.items.front(), r.last.front())) {
        const Box at = planeBounds(r, *r.last.front());
        std::vector<Affine> poses;
        for (std::size_t k = 1; k < g.items.size(); ++k) {
            if (untouched(g.items[k], r.last[k])) continue;
            // Against where it was given; a number that changed meanwhile comes after.
            if (poses.empty()) poses = posesOf(r, at);
            if (k >= poses.size()) break;
            const auto back = inverse(poses[k]);
            if (!back) break;
            if (sameTree(first, *g.items[k]) && sameTree(*r.last[k], *g.items[k]))
                first = carriedBack(first, r.last[k], g.items[k], *back);
            else
                first = copyOf(*g.items[k], *back, &first, next);
            break;
        }
    }
    if (const Path* line = lineNow(d, r); line && *line != r.was) {
        // The first goes along with the start of its line.
        const auto frame = [](const Repeat& of) {
            curve::OnWay p = startOf(of);
            if (of.upright) p.tangent = {1, 0};
            return of.place * frameAt(p);
        };
        const auto back = inverse(frame(r));
        r.was = *line;
        if (back) first = transformed(std::move(first), frame(r) * *back);
    }
    const std::vector<Affine> poses = posesOf(r, planeBounds(r, first));
    std::vector<ItemPtr> items;
    for (std::size_t k = 0; k < poses.size(); ++k) {
        const ItemPtr* now = k < g.items.size() ? &g.items[k] : nullptr;
        Item one = k == 0 ? first : copyOf(first, poses[k], now ? now->get() : nullptr, next);
        items.push_back(now && one == **now ? *now : shared(std::move(one)));
    }
    r.last = items;
    const Key key = keyOfRepeat(r);
    g.setDerived(std::move(items), shared(std::move(r)), key);
    return g;
}

// Those in others first.
ItemPtr followed(const Document& d, const ItemPtr& item, Id& next)
{
    const std::vector<ItemPtr>& children = childrenOf(*item);
    if (children.empty()) return item;
    std::vector<ItemPtr> below;
    bool same = true;
    for (const ItemPtr& c : children) {
        below.push_back(followed(d, c, next));
        same = same && below.back().same(c);
    }
    ItemPtr out = same ? item : ItemPtr(shared(withChildren(*item, std::move(below))));
    const Group* g = out->group();
    if (!g || !g->repeat() || !waits(d, *g)) return out;
    Item one = *out;
    one.is = followed(d, *g, next);
    return shared(std::move(one));
}

} // namespace

bool repeatsWait(const Document& d)
{
    bool any = false;
    eachItem(d, {}, [&](const Item& i, const Where&) { any = any || (i.group() && i.group()->repeat() && waits(d, *i.group())); });
    return any;
}

Document withRepeatsFollowed(const Document& d)
{
    if (!repeatsWait(d)) return d;
    Document out = d;
    for (LayerPtr& l : out.layers) {
        std::vector<ItemPtr> items;
        bool same = true;
        for (const ItemPtr& i : l->items) {
            items.push_back(followed(d, i, out.nextId));
            same = same && items.back().same(i);
        }
        if (same) continue;
        Layer copy = *l;
        copy.items = std::move(items);
        l = shared(std::move(copy));
    }
    return out;
}

std::vector<ItemPtr> repeated(const Repeat& r, const std::vector<ItemPtr>& now)
{
    if (now.empty()) return now;
    const std::vector<Affine> poses = posesOf(r, planeBounds(r, *now.front()));
    std::vector<ItemPtr> out;
    Id none = 0;
    for (std::size_t k = 0; k < now.size(); ++k) {
        const bool given = k > 0 && k < poses.size() && sameTree(*now[k], *now.front());
        out.push_back(given ? ItemPtr(shared(copyOf(*now.front(), poses[k], now[k].get(), none))) : now[k]);
    }
    return out;
}

Key settleRepeat(GroupRecipe& live, const Group& before, const std::vector<ItemPtr>& now, const Affine& m)
{
    const Repeat& old = *before.repeat();
    Repeat r = *std::get<Shared<Repeat>>(live);
    const auto same = [](const ItemPtr& x, const ItemPtr& y) { return x.same(y); };
    if (std::equal(old.last.begin(), old.last.end(), before.items.begin(), before.items.end(), same))
        r.last = now;
    else
        for (ItemPtr& i : r.last) i = shared(transformed(*i, m));
    const Key key = before.made == keyOfRepeat(old) ? keyOfRepeat(r) : before.made;
    live = shared(std::move(r));
    return key;
}

// -- edits ----------------------------------------------------------------------------------------------------------------------------

Added withRepeat(const Document& d, const std::vector<Id>& items, Repeat r, const std::string& name)
{
    std::vector<Id> picked = outermost(d, items);
    Document out = d;
    if (picked.size() > 1) {
        const Added group = withGroup(d, picked);
        if (!group.id) return {d, 0, group.why};
        out = group.document;
        picked = {group.id};
    }
    if (picked.empty() || !out.item(picked.front())) return {d, 0, Refusal::nothingPicked};
    r.last.clear();
    Item first = *out.item(picked.front());
    if (r.way == Repeat::Way::along) {
        if (const Path* line = lineNow(d, r)) r.was = *line;
        std::unordered_set<Id> ids, sources;
        collect(first, ids, sources);
        if (ids.count(r.line) || r.was.nodes.size() < 2 || !(curve::arcLength(r.was) > 1e-6)) return {d, 0, Refusal::doesNotFit};
    } else {
        r.line = 0;
        r.was = {};
    }
    r = bounded(std::move(r));
    if (r.way == Repeat::Way::along) {
        const curve::OnWay start = startOf(r);
        const Vec2 middle = bounds(first).centre();
        const Affine turn = r.upright ? Affine{} : curve::about(middle, curve::rotation(curve::angleOf(start.tangent)));
        first = transformed(std::move(first), curve::translation(r.place * start.at - middle) * turn);
    }
    const Id id = out.nextId++;
    const Edited made = withItemsChanged(out, picked, [&](Item& i) {
        Group g;
        g.setDerived({shared(first)}, shared(r));
        Item round;
        round.name = name;
        round.is = std::move(g);
        i = std::move(round);
    });
    if (!made.done()) return {d, 0, made.why};
    // The group took the place and with it the id of the first: they change names.
    const Id of = picked.front();
    out = rebuilt(made.document, [&](const ItemPtr& i, const Where&) {
        if (i->id != of) return Rebuild::below();
        Item round = *i;
        round.id = id;
        return Rebuild::by(shared(std::move(round)));
    });
    return {withRepeatsFollowed(out), id, Refusal::none};
}

Edited withRepeatChanged(const Document& d, Id item, const std::function<void(Repeat&)>& change)
{
    const Item* now = d.item(item);
    if (!now || !now->group() || !now->group()->repeat() || now->group()->items.empty()) return {d, now ? Refusal::doesNotFit : Refusal::nothingPicked};
    const Edited out = withItemsChanged(d, {item}, [&](Item& i) {
        Group& g = std::get<Group>(i.is);
        const Repeat before = *g.repeat();
        Repeat r = before;
        change(r);
        r = bounded(std::move(r));
        std::vector<ItemPtr> items = g.items;
        if (r.last.empty()) r.last = items; // as it was read
        if (r.way == Repeat::Way::along) {
            if (const Path* line = lineNow(d, r)) r.was = *line;
            if (r.was.nodes.size() < 2) return;
            // It stands on its line in its own way: there now, and turned with it or not.
            const bool there = before.way == Repeat::Way::along;
            const curve::OnWay start = startOf(r), from = there ? startOf(before) : curve::OnWay{bounds(*items.front()).centre(), {1, 0}};
            const auto frame = [](const curve::OnWay& p, bool upright) { return frameAt({p.at, upright ? Vec2{1, 0} : p.tangent}); };
            const Affine now_ = (there ? before.place : Affine{}) * frame(from, there ? before.upright : true);
            if (!there) r.place = {};
            if (const auto back = inverse(now_)) items.front() = shared(transformed(*items.front(), r.place * frame(start, r.upright) * *back));
        }
        g.setDerived(std::move(items), shared(std::move(r)), 0);
    });
    return {withRepeatsFollowed(out.document), out.why};
}

Edited withRepeatRadius(const Document& d, Id item, double radius)
{
    const Item* now = d.item(item);
    const Repeat* r = now && now->group() ? now->group()->repeat() : nullptr;
    if (!r || r->way != Repeat::Way::round || now->group()->items.empty() || !std::isfinite(radius))
        return {d, now ? Refusal::doesNotFit : Refusal::nothingPicked};
    const Item& first = *now->group()->items.front();
    const Vec2 centre = centreOf(*r), middle = r->place * planeBounds(*r, first).centre();
    const double reach = distance(centre, middle);
    if (!(reach > 1e-6)) return {d, Refusal::doesNotFit};
    const Edited out = transformed(d, {first.id}, curve::translation((middle - centre) * (std::max(radius, 0.0) / reach - 1)));
    return {withRepeatsFollowed(out.document), out.why};
}

} // namespace softrope::art
