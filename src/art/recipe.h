// Recipes: what live parts are made from. There is one notion of them for all: an item keeps its recipe beside what the recipe
// gave, and is worked out again when what the recipe depends on changes (live.h).
//
// A recipe of an artwork gives its paths; one of a group gives the items in it. To add one: a struct here or in a header of its
// own, its line in the variant, and the functions that live.h asks for; the compiler names each that is missing.
#pragma once

#include "art/paint.h"
#include "art/shared.h"
#include "curve/path.h"
#include "curve/round.h"
#include "letter/type.h"
#include "planar/combine.h"
#include "shade/scatter.h"
#include "tone/facets.h"
#include "tone/stack.h"

#include <cstdint>
#include <string>
#include <variant>
#include <vector>

namespace softrope::art {

struct Artwork;
struct Item;

// What all that a live part depends on comes to (FNV-1a, 64 bit); 0 = not made yet.
using Key = std::uint64_t;

// -- of artwork -----------------------------------------------------------------------------------------------------------------

// What the hand did: kept with a freehand line so that its slack can be changed later.
struct HandSample {
    curve::Vec2 at;             // sheet px
    float pressure = 1;         // 0..1
    float tiltX = 0, tiltY = 0; // degrees
    float time = 0;             // s from the start of the stroke
    friend bool operator==(const HandSample&, const HandSample&) = default;
};
struct Hand {
    std::vector<HandSample> samples;
    double slack = 1;       // px
    double steadying = 0.3; // 0..1
    double grain = 1;       // px: one screen pixel in sheet px when it was drawn
    friend bool operator==(const Hand&, const Hand&) = default;
};

// Corners that are kept round: the paths with their corners sharp, and the radius of each.
struct Rounding {
    curve::Paths before;
    std::vector<std::vector<curve::CornerRadius>> radii; // one list for each path
    friend bool operator==(const Rounding&, const Rounding&) = default;
};

// A combination whose parts stay as they were drawn and can be moved. Lowest part first.
struct Combined {
    planar::Operation operation = planar::Operation::unite;
    std::vector<Artwork> parts;
    friend bool operator==(const Combined&, const Combined&) = default;
};

// One side of a line: what lies to the left of it, going along it, or to the right.
struct LineSide {
    Id line = 0;
    bool left = true;
    friend bool operator==(const LineSide&, const LineSide&) = default;
};
// A colour placed in an area that lines enclose: it follows them (drops.h).
struct Drop {
    curve::Vec2 seed;               // px: well inside the area
    std::vector<LineSide> lines;    // what encloses it
    std::vector<curve::Vec2> leaks; // px: where the outline is open now; the area is the last one that was closed
    friend bool operator==(const Drop&, const Drop&) = default;
};

// Light or shade along the edge of the area it lies in, or what another thing casts on it (shades.h).
struct Crescent {
    // A rim: the area without itself shifted. A band leaves out a thinner rim. A cast is the source shifted, as far as it falls on the area.
    enum class Kind { rim, band, cast };
    Kind kind = Kind::rim;
    double angle = 0;     // radians: the side it lies on; of a cast, the side it falls from
    double width = 12;    // px: of the shift
    double from = 0;      // px: of the rim that a band leaves out
    bool byLight = true;  // the side is that of the light
    bool against = false; // or rather the far one: a core shade
    Id source = 0;        // of a cast
    friend bool operator==(const Crescent&, const Crescent&) = default;
};

// Words, and how and where they are set; the paths are their letters' outlines (lettering.h).
struct Lettering {
    enum class Way { straight, arc, along };
    std::string words; // UTF-8, lines parted by \n
    letter::Type type;
    Way way = Way::straight;
    curve::Affine place;           // from the layout's plane to the sheet: straight, and round the centre at its origin
    double radius = 200;           // px: of an arc's first baseline
    double angle = -curve::pi / 2; // radians, clockwise from the x axis: where on an arc the words are aligned
    bool over = false;             // inside the arc; on the other side of the line
    double spread = 0;             // what each line is spread to: radians of an arc, else a share of the line's length (0..1); 0 = as set
    double shift = 0;              // px above the line
    double start = 0.5;            // share of the line's length at which the words are aligned
    Id line = 0;                   // the line they stand on
    std::size_t outline = 0;       // which of its paths
    curve::Path was;               // how that lay last: the words outlive it
    bool mirrored = false;
    friend bool operator==(const Lettering&, const Lettering&) = default;
};

using Recipe =
    std::variant<std::monostate, Shared<Hand>, Shared<Rounding>, Shared<Combined>, Shared<Drop>, Shared<Crescent>, Shared<shade::Scatter>, Shared<Lettering>>;

// -- of groups ------------------------------------------------------------------------------------------------------------------

// A separation of a picture into tones (tones.h). Once `set` the shapes are artwork like any other; the recipe stays as the way
// back.
struct ToneStack {
    Id reference = 0;
    tone::Stack stack;
    bool set = false;
    friend bool operator==(const ToneStack&, const ToneStack&) = default;
};

// The paint a hand gave to one piece; it stays with the piece that holds the place.
struct PaintedPiece {
    curve::Vec2 at; // px: inside the piece
    Fill fill;
    friend bool operator==(const PaintedPiece&, const PaintedPiece&) = default;
};
// An outline cut by chords into shaded pieces (facets.h).
struct Facets {
    tone::FacetPlan plan;
    std::vector<Colour> shades; // the tints the gradients run between: a pair a shade
    Id ink = 0;                 // where the shades are from
    std::vector<PaintedPiece> painted;
    friend bool operator==(const Facets&, const Facets&) = default;
};
// Straight pieces laid over a picture, each in the colour beneath it (facets.h). Sheet px.
struct MeshPieces {
    tone::Mesh mesh;
    double gap = 0; // px between the pieces
    std::vector<PaintedPiece> painted;
    friend bool operator==(const MeshPieces&, const MeshPieces&) = default;
};

// One thing again and again (repeat.h). The first thing in the group is the one that the others are like, wherever it lies; any of
// them may be changed by hand.
struct Repeat {
    enum class Way { round, along, grid };
    Way way = Way::round;
    curve::Affine place;            // from the repeat's plane to the sheet: the centre lies at its origin, a grid along its axes
    int count = 8;                  // 2..360: round and along
    double angle = 2 * curve::pi;   // radians, from the first to the last; a whole turn is shared evenly
    int columns = 3, rows = 3;      // 1..100 each
    curve::Vec2 step{120, 120};     // of the plane: from column to column, from row to row
    bool stagger = false;           // each second row half a step on
    double from = 0, to = 1;        // shares of the line between which they stand
    bool upright = false;           // all lie like the first; else they turn with the way
    bool alternate = false;         // each second one mirrored
    Id line = 0;                    // the line they stand on
    std::size_t outline = 0;        // which of its paths
    curve::Path was;                // how that lay last: they outlive it
    std::vector<Shared<Item>> last; // what it gave: tells what a hand has changed since. Empty: nothing yet.
    // What it gave is no part of what it is.
    friend bool operator==(const Repeat& a, const Repeat& b);
};

// A copy of a part that is kept elsewhere (parts.h). It knows where it is from; its things are its own.
struct PartUse {
    std::string part;    // the part's name in its folder
    curve::Affine place; // from the part's sheet to this one
    friend bool operator==(const PartUse&, const PartUse&) = default;
};

using GroupRecipe = std::variant<std::monostate, Shared<ToneStack>, Shared<Facets>, Shared<MeshPieces>, Shared<Repeat>, Shared<PartUse>>;

} // namespace softrope::art
