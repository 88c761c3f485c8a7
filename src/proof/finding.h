// A fault of a drawing, as the proof reports it, and the limits it is measured against.
#pragma once

#include "art/document.h"

#include <string>
#include <vector>

namespace softrope::proof {

enum class Fault {
    endsApart,     // two open ends that nearly meet
    endsUnjoined,  // two open ends in one place
    doubledNode,   // neighbouring nodes in one place
    doubledShape,  // the same outline twice with the same look
    strayPoint,    // a path that shows nothing
    needlessNode,  // a node that could go unseen
    kink,          // a slight break in a curve
    sliver,        // a hairline of ground between two areas
    overshoot,     // an end that runs on over the line it meets
    narrowGap,     // two areas of one colour nearer than the process can keep apart
    thinPart,      // thinner than the process can hold
    hiddenLeft,    // not shown, and still there
    openFill,      // filled and not closed
    selfCrossing,  // a filled outline that crosses itself
    seam,          // two colours abut where the process needs them to overlap
    noInk,         // a colour that is no ink of the document
    tooManyInks,   // more colours than the process takes
    liveWords,     // words that are not outlines yet
    missingFace,   // words whose typeface is not here
    pictureShown,  // a reference that shows
    referenceLeft, // a reference that is hidden or locked
    keptWhole,     // part of a foreign drawing: variants of one ink, of lines and of flat areas go without it
    againstLight,  // a shade on the wrong side
    notFlat,       // gradient, blur, blend or see-through where the process takes flat colour
    manyNodes,     // far more nodes than the shape asks for
    lostSmall,     // not to be seen at the smallest size
    smallText      // letters too small to be read
};
constexpr int kinds = 27;
// "ends-apart", as files and the command line write it.
const char* nameOf(Fault k);

// Whether the proof can mend it: `safe` mends lose nothing and go with "Mend all"; `asked` ones take something away that was made on
// purpose perhaps, and are done one by one.
enum class Mending { none, asked, safe };

struct Finding {
    Fault kind = Fault::kink;
    curve::Vec2 at;              // sheet px, where it is seen best
    std::vector<curve::Vec2> on; // for what is long: further places along it
    double size = 0;             // px; degrees of a kink; number of inks or nodes; CIEDE2000 of a colour
    double wanted = 0;           // what it should be at least (or most), in the same unit; 0 where nothing is said
    std::vector<art::Id> items;  // the one that is mended first
    Mending mending = Mending::none;
    std::size_t path = 0, node = 0; // of the first item, where the fault is at a node (for ends: the node that ends the path)
    std::string colour, ink;        // the colour that is no ink, and the nearest ink
    friend bool operator==(const Finding&, const Finding&) = default;
};
// What is wrong, in a sentence: "Ends stop 1.8 px short of each other". Sizes in px, or in mm where `mm` (mm a px) is above 0.
std::string said(const Finding& f, double mm = 0);
// What the repair does, in one or two words: "Join", "Smooth"; empty where there is none.
std::string repairOf(const Finding& f);
// The kind by itself, for a chip: "no kinks". Only kinds that are looked for in every drawing.
std::string absenceOf(Fault k);

// What makes a fault one, sheet px (breaks in degrees, loops in px^2).
struct Sizes {
    double unit = 1;                            // of the other lengths that measuring needs
    double samePlace = 0.01;                    // ends no further apart are in one place
    double nearlyMeet = 3;                      // ends nearer than this should meet
    double doubled = 0.05;                      // nodes, and outlines, no further apart are the same
    double needless = 0.05;                     // a node may go when its outline moves by less
    double leastKink = 3, mostKink = 15;        // less is not seen, more is meant
    double kinkPiece = 10;                      // shorter pieces are detail
    double sliverWidth = 0.5, sliverLength = 8; // a narrower strip of ground is none that was meant; a shorter one is not seen
    double leastOvershoot = 0.5, mostOvershoot = 6;
    double leastLoop = 1; // smaller loops of an outline are not seen
    double abuts = 0.02;  // borders nearer than this are one
    // For drawings that are smaller by k.
    Sizes times(double k) const;
    friend bool operator==(const Sizes&, const Sizes&) = default;
};
// As above down to a sheet of 200 px; below that all lengths go with its larger side, or an icon drawn on a sheet of one px would be taken
// for a speck.
Sizes sizesFor(const art::Sheet& sheet);

// What is looked for, in sheet px. 0 = that is not asked.
struct Limits {
    double gap = 0;     // narrowest gap between areas of one colour
    double line = 0;    // thinnest line or part
    double overlap = 0; // how far colours that abut must overlap
    int inks = 0;       // most colours
    bool flat = false;  // no gradients, blur, blends, or see-through
    double text = 0;    // smallest em of letters
    int smallest = 0;   // px of the smallest picture made from the sheet
    Sizes sizes;        // set by the proof, from the sheet
    friend bool operator==(const Limits&, const Limits&) = default;
};

} // namespace softrope::proof
