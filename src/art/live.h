// Live parts: the closed set of functions that every recipe has, and working out what is not up to date.
//
// A new recipe gives each of these a case; all are reached by std::visit, so the compiler lists what is missing. Writing and
// reading are the same for files (files/recipes.h).
#pragma once

#include "art/edited.h"
#include "pixel/raster.h"
#include "planar/map.h"

#include <functional>
#include <map>
#include <memory>
#include <vector>

namespace softrope::art {

// FNV-1a (Fowler, Noll, Vo), 64 bit, over the values that a part depends on.
class Hash {
public:
    void add(const void* bytes, std::size_t count);
    void add(double v) { add(&v, sizeof v); }
    void add(curve::Vec2 v);
    void add(const curve::Path& p);
    // Never 0.
    Key key() const { return h_ ? h_ : 1; }

private:
    std::uint64_t h_ = 14695981039346656037ULL;
};

// Which ids things have now: after a copy within a document, or in another document.
struct Remap {
    std::map<Id, Id> items, inks;
    bool elsewhere = false; // another document: what is not among them was left behind
    // 0 = left behind.
    Id item(Id id) const;
    Id ink(Id id) const;
};

using PaintVisitor = std::function<void(std::optional<Colour>&, InkUse&)>;

// -- the closed set -----------------------------------------------------------------------------------------------------------

// Items that it is made from.
std::vector<Id> sourcesOf(const Recipe& r);
std::vector<Id> sourcesOf(const GroupRecipe& r);
Recipe transformed(const Recipe& r, const curve::Affine& m);
GroupRecipe transformed(const GroupRecipe& r, const curve::Affine& m);
// With other ids; nothing (the part is set) when something it is made from was left behind.
Recipe remapped(const Recipe& r, const Remap& ids);
GroupRecipe remapped(const GroupRecipe& r, const Remap& ids);
// Every paint it keeps.
void eachPaint(Recipe& r, const PaintVisitor& act);
void eachPaint(GroupRecipe& r, const PaintVisitor& act);
// The paths or items that it gives by itself; nothing for recipes with sources, which are worked out by `derived`.
std::optional<curve::Paths> give(const Recipe& r, const Artwork& now);
std::optional<std::vector<ItemPtr>> give(const GroupRecipe& r, const Group& now);

// -- items --------------------------------------------------------------------------------------------------------------------

// All paints of an artwork (fill, line, stops, those of its recipe), and of all that is in an item.
void eachPaint(Artwork& a, const PaintVisitor& act);
void eachPaint(Fill& f, const PaintVisitor& act);
Item withEachPaint(const Item& item, const PaintVisitor& act);
// A fill or a line that lies elsewhere now.
Fill transformed(Fill f, const curve::Affine& m);
Stroke transformed(Stroke s, const curve::Affine& m);
// Fresh ids for it and all in it; `ids` learns which became which.
Item withIdsOf(const Item& item, Id& next, Remap& ids);
// Recipes and inks by their new ids.
Item withSourcesOf(const Item& item, const Remap& ids);
// Both.
Item remapped(const Item& item, Id& next, Remap& ids);

// -- working out ----------------------------------------------------------------------------------------------------------------

struct DrawnLines;
// What working out may ask for; each is asked for only when something needs it.
struct Ingredients {
    // The picture of a reference, lit as it asks for; nothing while there is none.
    std::function<std::shared_ptr<const pixel::Picture>(const Reference&)> picture;
    double gap = 2, thinnest = 1; // px: what areas count as closed, and as slivers
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};
// What an item has to be made from now; 0 for what is made from nothing else, or cannot be made now (its source is gone).
Key keyOf(const Document& d, const Item& item, double gap = 2);
// Live items that are not what their sources would give now, newest first.
std::vector<Id> stale(const Document& d, double gap = 2);
// One part worked out, to be put into a document in which it is still made from the same.
struct WorkedOut {
    Id item = 0;
    Key key = 0;
    std::vector<Item> items; // of a group
};
// May be slow; any thread. Nothing when it cannot be made now (no picture, cancelled), or is made together with others: colour drops
// follow the map of areas (drops.h).
std::optional<WorkedOut> make(const Document& d, Id item, const Ingredients& from);
// Unchanged when it would be made from something else by now.
Document withMade(const Document& d, WorkedOut made);
// All of them worked out, in place. Deriving again changes nothing.
Document derived(const Document& d, const Ingredients& from);
// Every part made anew from its recipe, as if none had ever been made: gives an equal document when all is well.
Document derivedAnew(const Document& d, const Ingredients& from);

} // namespace softrope::art
