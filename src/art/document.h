// The document: an immutable value with shared structure.
//
// Layers and items are held by pointers to constants; an edit builds the few that change and shares the rest, so a
// document is cheap to copy and any thread may read it. Ids are unique within a document and never used again.
#pragma once

#include "art/paint.h"
#include "curve/path.h"
#include "curve/round.h"
#include "curve/swell.h"
#include "mirror/axis.h"
#include "planar/combine.h"
#include "tone/facets.h"
#include "tone/stack.h"

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
    friend bool operator==(const Sheet& a, const Sheet& b)
    {
        return a.width == b.width && a.height == b.height && a.unit == b.unit && a.background == b.background && a.hasBackground == b.hasBackground;
    }
};

enum class Cap { round, flat };
enum class Join { round, mitre, bevel };

struct Stroke {
    std::optional<Colour> colour; // nothing = no line
    InkUse ink;                   // where the colour is from
    double width = 10;            // px
    double opacity = 1;
    Cap cap = Cap::round;
    Join join = Join::round;
    bool keepsWidth = false;           // the width stays when the item is scaled
    std::optional<curve::Swell> swell; // shares of the width along each path; nothing = even
    friend bool operator==(const Stroke& a, const Stroke& b)
    {
        return a.colour == b.colour && a.ink == b.ink && a.width == b.width && a.opacity == b.opacity && a.cap == b.cap && a.join == b.join &&
               a.keepsWidth == b.keepsWidth && a.swell == b.swell;
    }
};

struct Fill {
    std::optional<Colour> colour; // nothing = no fill; with a gradient the colour that stands for it where one is wanted
    InkUse ink;                   // where the colour is from
    double opacity = 1;
    bool evenOdd = false;
    double overlap = 0;                       // px the fill reaches beyond its border, under its neighbours, so that no hairline shows between them
    std::shared_ptr<const Gradient> gradient; // in place of the colour
    friend bool operator==(const Fill& a, const Fill& b)
    {
        return a.colour == b.colour && a.ink == b.ink && a.opacity == b.opacity && a.evenOdd == b.evenOdd && a.overlap == b.overlap &&
               (a.gradient == b.gradient || (a.gradient && b.gradient && *a.gradient == *b.gradient));
    }
};

// What the hand did: kept with a freehand line so that its slack can be changed later.
struct HandSample {
    curve::Vec2 at;             // sheet px
    float pressure = 1;         // 0..1
    float tiltX = 0, tiltY = 0; // degrees
    float time = 0;             // s from the start of the stroke
    friend bool operator==(const HandSample& a, const HandSample& b)
    {
        return a.at == b.at && a.pressure == b.pressure && a.tiltX == b.tiltX && a.tiltY == b.tiltY && a.time == b.time;
    }
};

struct Drawn {
    std::vector<HandSample> samples;
    double slack = 1;       // px
    double steadying = 0.3; // 0..1
    double grain = 1;       // px: one screen pixel in sheet px when it was drawn
    friend bool operator==(const Drawn& a, const Drawn& b)
    {
        return a.slack == b.slack && a.steadying == b.steadying && a.grain == b.grain && a.samples == b.samples;
    }
};

// Corners that are kept round: the paths before, and the radius of each of their corners. Live until the paths are changed
// otherwise.
struct Rounding {
    curve::Paths before;
    std::vector<std::vector<curve::CornerRadius>> radii; // one list for each path
    friend bool operator==(const Rounding& a, const Rounding& b) { return a.before == b.before && a.radii == b.radii; }
};

struct Combined;

// One side of a line: what lies to the left of it, going along it, or to the right.
struct LineSide {
    Id line = 0;
    bool left = true;
    friend bool operator==(LineSide a, LineSide b) { return a.line == b.line && a.left == b.left; }
};
// A colour placed in an area that lines enclose: it follows them (drops.h).
struct Drop {
    curve::Vec2 seed;               // px: well inside the area
    std::vector<LineSide> lines;    // what encloses it
    std::vector<curve::Vec2> leaks; // px: where the outline is open now; the area is the last one that was closed
    friend bool operator==(const Drop& a, const Drop& b) { return a.seed == b.seed && a.lines == b.lines && a.leaks == b.leaks; }
};

// A line or an area: paths with one look.
struct Artwork {
    curve::Paths paths;
    Stroke stroke;
    Fill fill;
    bool guide = false;                       // serves other lines only: shown on the bench, never delivered
    std::shared_ptr<const Drawn> drawn;       // only while the path is still what was fitted to it
    std::shared_ptr<const Rounding> rounding; // only while the paths are what it gives
    std::shared_ptr<const Combined> combined; // only while the paths are what it gives
    std::shared_ptr<const Drop> drop;         // only while the paths are to follow the lines round it
};

// A live combination: the parts stay as they were drawn, and can be moved, until it is set. Lowest part first.
struct Combined {
    planar::Operation operation = planar::Operation::unite;
    std::vector<Artwork> parts;
};
bool operator==(const Artwork& a, const Artwork& b);
bool operator==(const Combined& a, const Combined& b);

// A live tone separation: what lies on the layer is worked out from the picture (tones.h). Once set the layer is artwork like
// any other; the recipe stays as the way back.
struct ToneLayer {
    Id reference = 0;
    tone::Stack stack;
    bool set = false;
    std::uint64_t made = 0; // key of what the layer's items were made from; 0 = not yet (toneKey)
    friend bool operator==(const ToneLayer& a, const ToneLayer& b)
    {
        return a.reference == b.reference && a.stack == b.stack && a.set == b.set && a.made == b.made;
    }
};

// A layer of facets (facets.h): either an outline cut by chords, or a mesh over a picture. The items are its pieces, in order.
struct FacetLayer {
    tone::FacetPlan plan;
    tone::Mesh mesh;
    double gap = 0;             // px between the pieces of a mesh
    std::vector<Colour> shades; // the ink's tints the gradients run between: a pair a shade
    Id ink = 0;
    friend bool operator==(const FacetLayer& a, const FacetLayer& b)
    {
        return a.plan == b.plan && a.mesh == b.mesh && a.gap == b.gap && a.shades == b.shades && a.ink == b.ink;
    }
};

// The bytes of a picture as they came; decoding happens outside the document.
struct PictureFile {
    std::vector<std::byte> bytes;
    std::string format; // "png", "jpeg", ...
    int width = 0, height = 0;
};

// A picture to work from. Its own px (after cropping) are mapped to the sheet by centre, scale and turn.
struct Reference {
    std::shared_ptr<const PictureFile> picture;
    curve::Vec2 centre;      // sheet px
    double scale = 1;        // sheet px per picture px
    double turn = 0;         // radians
    curve::Box crop;         // picture px; empty = all of it
    double flattenLight = 0; // 0..1
    double liftPaper = 0;    // 0..1
    double dim = 0.5;        // 0..1: how strongly it shows on the sheet
};
bool operator==(const Reference& a, const Reference& b);
// What of the picture is used, picture px.
curve::Box shownPart(const Reference& r);
// From picture px to sheet px.
curve::Affine placement(const Reference& r);
// The four corners on the sheet, in order round the picture.
std::vector<curve::Vec2> frame(const Reference& r);

struct Item {
    Id id = 0;
    std::string name;
    double opacity = 1;
    std::variant<Artwork, Reference> is;

    const Artwork* artwork() const { return std::get_if<Artwork>(&is); }
    const Reference* reference() const { return std::get_if<Reference>(&is); }
};
bool operator==(const Item& a, const Item& b);
using ItemPtr = std::shared_ptr<const Item>;

struct Layer {
    Id id = 0;
    std::string name;
    bool shown = true;
    bool locked = false;
    double opacity = 1;
    std::vector<ItemPtr> items;         // bottom first
    std::optional<mirror::Axis> mirror; // what lies on the layer shows on both sides of it, until the halves are welded
    std::shared_ptr<const ToneLayer> tones;
    std::shared_ptr<const FacetLayer> facets;
};
bool operator==(const Layer& a, const Layer& b);
using LayerPtr = std::shared_ptr<const Layer>;

// A straight that is no artwork: things snap to it.
struct Guide {
    Id id = 0;
    curve::Vec2 through;
    double angle = 0; // radians
    friend bool operator==(const Guide& a, const Guide& b) { return a.id == b.id && a.through == b.through && a.angle == b.angle; }
};

struct Document {
    std::string title;
    Sheet sheet;
    std::vector<LayerPtr> layers; // bottom first
    std::vector<Guide> guides;
    std::vector<art::Ink> inks;
    Id nextId = 1;

    const Layer* layer(Id id) const;
    const Item* item(Id id) const;
    ItemPtr itemPtr(Id id) const;
    const Layer* layerOf(Id item) const;
    const Ink* ink(Id id) const;
};
// Equal content; ids count, the next free id does not.
bool operator==(const Document& a, const Document& b);
inline bool operator!=(const Document& a, const Document& b)
{
    return !(a == b);
}

// What is picked: items, or nodes of one of them.
struct NodeRef {
    std::size_t path = 0, node = 0;
    friend bool operator==(NodeRef a, NodeRef b) { return a.path == b.path && a.node == b.node; }
    friend bool operator<(NodeRef a, NodeRef b) { return a.path != b.path ? a.path < b.path : a.node < b.node; }
};
struct Selection {
    std::vector<Id> items;
    std::vector<NodeRef> nodes; // of the only picked item
    Id layer = 0;               // the layer being drawn on
    bool has(Id id) const;
    bool has(NodeRef n) const;
    friend bool operator==(const Selection& a, const Selection& b) { return a.items == b.items && a.nodes == b.nodes && a.layer == b.layer; }
};
// Without what the document no longer holds; the layer is one that exists.
Selection pruned(const Selection& s, const Document& d);

// Bounds of what is drawn, line width included; of all shown items, or those picked.
curve::Box bounds(const Item& item);
curve::Box bounds(const Document& d);
curve::Box bounds(const Document& d, const std::vector<Id>& items);
std::size_t nodeCount(const Document& d);
// Ends of open paths on shown layers.
struct OpenEnd {
    Id item = 0;
    std::size_t path = 0;
    bool atStart = false;
    curve::Vec2 at;
};
std::vector<OpenEnd> openEnds(const Document& d);

// A document with one layer for artwork.
Document newDocument(Sheet sheet = {});

} // namespace softrope::art
