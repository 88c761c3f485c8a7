// The document: an immutable value with shared structure.
//
// A tree: layers at the top, items in them, items in groups and inside areas, to any depth. Everything is held by pointers to
// constants; an edit builds the few nodes on its way and shares the rest, so a document is cheap to copy and any thread may
// read it. Ids are unique within a document and never used again.
//
// What is worked out (a recipe's paths, a live group's items) is kept beside its recipe, and each has two doors: by hand, where
// the recipe goes, and derived, where it stays. Nobody else writes them, so what a person drew is never inside what is derived.
#pragma once

#include "art/light.h"
#include "art/paint.h"
#include "art/proofing.h"
#include "art/recipe.h"
#include "curve/path.h"
#include "mirror/axis.h"
#include "pixel/paper.h"

#include <cstddef>
#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace softrope::art {

enum class Unit { px, mm, in };

struct Sheet {
    double width = 1080, height = 1080; // px
    Unit unit = Unit::px;               // how sizes are shown
    Colour background{255, 255, 255};
    bool hasBackground = false; // off: nothing is painted behind the artwork on export
    friend bool operator==(const Sheet&, const Sheet&) = default;
};

struct Item;
using ItemPtr = Shared<Item>;

// A line or an area: paths with one look, and what lies inside it.
struct Artwork {
    Guarded<curve::Paths, Artwork> paths;
    Stroke stroke;
    Fill fill;
    bool guide = false;     // serves other lines only: shown on the bench, never delivered
    bool openMeant = false; // its open ends are no fault
    // Painted after the fill and before the line, clipped to the area. Sheet px, like everything.
    std::vector<ItemPtr> inside;
    Guarded<curve::Box, Artwork> extent; // bounds of the paths, without the line's width: asked far more often than they change
    Guarded<Recipe, Artwork> live;       // what the paths are made from; nothing for a plain shape
    Key made = 0;                        // of what the paths were made from, for recipes with sources

    // A hand changed the paths: the recipe goes, unless they are what they were.
    void setPaths(curve::Paths p);
    // The recipe gave them.
    void setDerived(curve::Paths p, Recipe r, Key made = 0);
    // Plain paths from now on.
    void set();

    const Hand* hand() const;
    const Rounding* rounding() const;
    const Combined* combined() const;
    const Drop* drop() const;
    const Crescent* crescent() const;
    const shade::Scatter* scatter() const;
    const Lettering* lettering() const;
    friend bool operator==(const Artwork&, const Artwork&) = default;
};

// Items that are one: moved, shown, locked, blended together. A live one holds what its recipe gives.
struct Group {
    Guarded<std::vector<ItemPtr>, Group> items; // bottom first
    Guarded<GroupRecipe, Group> live;
    Key made = 0;

    // A hand changed what lies in it: a recipe goes (a tone stack that is set stays as the way back).
    void setItems(std::vector<ItemPtr> i);
    void setDerived(std::vector<ItemPtr> i, GroupRecipe r, Key made = 0);
    void set();

    const ToneStack* tones() const;
    const Facets* facets() const;
    const MeshPieces* mesh() const;
    const Repeat* repeat() const;
    const PartUse* use() const;
    // Whether its items are what a recipe gives, so that hands keep off them. Those of a repeat or a part may be changed.
    bool derived() const;
    friend bool operator==(const Group&, const Group&) = default;
};

// The bytes of a picture as they came; decoding happens outside the document.
struct PictureFile {
    std::vector<std::byte> bytes;
    std::string format; // "png", "jpeg", ...
    int width = 0, height = 0;
    friend bool operator==(const PictureFile&, const PictureFile&) = default;
};

// A picture to work from. Its own px (after squaring and cropping) are mapped to the sheet by centre, scale and turn.
struct Reference {
    Shared<PictureFile> picture;
    std::optional<pixel::Corners> paper; // px of the file: the page in it, shown squarely in place of the whole
    curve::Vec2 centre;                  // sheet px
    double scale = 1;                    // sheet px per picture px
    double turn = 0;                     // radians
    curve::Box crop;                     // picture px; empty = all of it
    double flattenLight = 0;             // 0..1
    double liftPaper = 0;                // 0..1
    double dim = 0.5;                    // 0..1: how strongly it shows on the sheet
    friend bool operator==(const Reference&, const Reference&) = default;
};
// Of the picture as it is shown: the file's, or that of the squared page.
pixel::PageSize pictureSize(const Reference& r);
// What of the picture is used, picture px.
curve::Box shownPart(const Reference& r);
// From picture px to sheet px.
curve::Affine placement(const Reference& r);
// The four corners on the sheet, in order round the picture.
std::vector<curve::Vec2> frame(const Reference& r);

// What an island keeps: a whole SVG drawing in itself, drawn by nothing but itself.
struct IslandSource {
    std::string xml;
    curve::Box box;   // what it paints, in its own units; empty when nothing
    std::string what; // what in it the document has no notion of: names of SVG elements and properties, "mask filter"
    friend bool operator==(const IslandSource&, const IslandSource&) = default;
};

// Part of a foreign drawing that the document has no notion of, kept as it came.
struct Island {
    Shared<IslandSource> source; // there always is one
    curve::Affine place;         // from its units to the sheet
    friend bool operator==(const Island&, const Island&) = default;
};

// The corners of what it paints on the sheet, in order round it; none when it paints nothing.
std::vector<curve::Vec2> frame(const Island& island);

// A kind of item is a line in this variant: whoever must decide about it does so by std::visit, and the compiler names the place.
using Kind = std::variant<Artwork, Reference, Group, Island>;

struct Item {
    Id id = 0;
    std::string name;
    bool shown = true, locked = false;
    double opacity = 1; // 0..1
    Blend blend = Blend::normal;
    double blur = 0; // px: standard deviation, 0..mostBlur
    Id look = 0;     // the named look it wears; 0 = its own (looks.h)
    Kind is;

    const Artwork* artwork() const { return std::get_if<Artwork>(&is); }
    const Reference* reference() const { return std::get_if<Reference>(&is); }
    const Group* group() const { return std::get_if<Group>(&is); }
    const Island* island() const { return std::get_if<Island>(&is); }
    friend bool operator==(const Item&, const Item&) = default;
};
// What lies in it: a group's items, or what is inside an area.
const std::vector<ItemPtr>& childrenOf(const Item& item);

struct Layer {
    Id id = 0;
    std::string name;
    bool shown = true;
    bool locked = false;
    double opacity = 1;
    std::vector<ItemPtr> items;         // bottom first
    std::optional<mirror::Axis> mirror; // what lies on the layer shows on both sides of it, until the halves are welded
    friend bool operator==(const Layer&, const Layer&) = default;
};
using LayerPtr = Shared<Layer>;

// A straight that is no artwork: things snap to it.
struct Guide {
    Id id = 0;
    curve::Vec2 through;
    double angle = 0; // radians
    friend bool operator==(const Guide&, const Guide&) = default;
};

// How things look, kept by name. What is left out stays each thing's own.
struct NamedLook {
    Id id = 0;
    std::string name;
    std::optional<Blend> blend;
    std::optional<double> opacity, blur;
    std::optional<Fill> fill; // flat: a gradient lies where it lies
    std::optional<Stroke> line;
    friend bool operator==(const NamedLook&, const NamedLook&) = default;
};

struct Stage;

// What is said of a piece besides its title; written into what is exported.
struct About {
    std::string author, licence, description; // of the licence its name or address
    friend bool operator==(const About&, const About&) = default;
};

// What a document holds: two are equal when this is.
struct Content {
    std::string title;
    About about;
    Sheet sheet;
    std::vector<LayerPtr> layers; // bottom first
    std::vector<Guide> guides;
    std::vector<art::Ink> inks;
    std::vector<NamedLook> looks;
    Light light;
    std::vector<Shared<Stage>> stages; // kept beside the work, oldest first
    Proofing proofing;
    friend bool operator==(const Content&, const Content&) = default;
};

// How the document was once, under a name (stages.h). Shares with it all that has not changed since.
struct Stage {
    Id id = 0;
    std::string name;
    std::int64_t kept = 0; // s since 1970
    Content content;       // without stages
    friend bool operator==(const Stage&, const Stage&) = default;
};

struct Document : Content {
    Id nextId = 1; // never given out yet; does not count when documents are compared

    const Layer* layer(Id id) const;
    const Item* item(Id id) const;
    ItemPtr itemPtr(Id id) const;
    // The layer the item lies on, at whatever depth.
    const Layer* layerOf(Id item) const;
    // The group or area it lies in; nothing when it lies on the layer itself.
    const Item* parentOf(Id item) const;
    // Those round it, outermost first.
    std::vector<const Item*> ancestorsOf(Id item) const;
    const Ink* ink(Id id) const;
    const NamedLook* look(Id id) const;
    friend bool operator==(const Document& a, const Document& b) { return static_cast<const Content&>(a) == static_cast<const Content&>(b); }
};

// What is picked: items, or nodes of one of them.
struct NodeRef {
    std::size_t path = 0, node = 0;
    friend bool operator==(const NodeRef&, const NodeRef&) = default;
    friend auto operator<=>(const NodeRef&, const NodeRef&) = default;
};
struct Selection {
    std::vector<Id> items;
    std::vector<NodeRef> nodes; // of the only picked item
    Id layer = 0;               // the layer being drawn on
    bool has(Id id) const;
    bool has(NodeRef n) const;
    friend bool operator==(const Selection&, const Selection&) = default;
};
// Without what the document no longer holds; the layer is one that exists.
Selection pruned(const Selection& s, const Document& d);

// Bounds of what is drawn, line width and blur included; of all shown items, or those picked.
curve::Box bounds(const Item& item);
curve::Box bounds(const Document& d);
curve::Box bounds(const Document& d, const std::vector<Id>& items);
// Nodes of all artwork, at any depth.
std::size_t nodeCount(const Document& d);
std::size_t nodeCount(const Item& item);
// A document with one layer for artwork.
Document newDocument(Sheet sheet = {});

} // namespace softrope::art
