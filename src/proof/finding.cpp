#include "proof/finding.h"

#include "words/said.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

namespace softrope::proof {

using words::counted;
using words::marked;

namespace {

struct Named {
    Fault kind;
    const char* name;
    const char* absence; // marked for the translators; nothing for what is looked for in some drawings only
};

const std::array<Named, kinds>& names()
{
    static const std::array<Named, kinds> all = {{
        {Fault::endsApart, "ends-apart", marked("no gaps at ends")},
        {Fault::endsUnjoined, "ends-unjoined", marked("all ends joined")},
        {Fault::doubledNode, "doubled-node", marked("no doubled nodes")},
        {Fault::doubledShape, "doubled-shape", marked("no doubles")},
        {Fault::strayPoint, "stray-point", marked("no stray points")},
        {Fault::needlessNode, "needless-node", marked("no needless nodes")},
        {Fault::kink, "kink", marked("no kinks")},
        {Fault::sliver, "sliver", marked("no slivers")},
        {Fault::overshoot, "overshoot", marked("no overshoots")},
        {Fault::narrowGap, "narrow-gap", nullptr},
        {Fault::thinPart, "thin-part", nullptr},
        {Fault::hiddenLeft, "hidden-left", marked("nothing hidden")},
        {Fault::openFill, "open-fill", marked("all fills closed")},
        {Fault::selfCrossing, "self-crossing", marked("no self-crossings")},
        {Fault::seam, "seam", nullptr},
        {Fault::noInk, "no-ink", marked("all colours are inks")},
        {Fault::tooManyInks, "too-many-inks", nullptr},
        {Fault::liveWords, "live-words", marked("no live words")},
        {Fault::missingFace, "missing-face", nullptr},
        {Fault::pictureShown, "picture-shown", nullptr},
        {Fault::referenceLeft, "reference-left", nullptr},
        {Fault::keptWhole, "kept-whole", nullptr},
        {Fault::againstLight, "against-light", nullptr},
        {Fault::notFlat, "not-flat", nullptr},
        {Fault::manyNodes, "many-nodes", nullptr},
        {Fault::lostSmall, "lost-small", nullptr},
        {Fault::smallText, "small-text", nullptr},
    }};
    return all;
}

std::string number(double v)
{
    char text[32];
    const double a = std::abs(v);
    std::snprintf(text, sizeof text, a >= 10 ? "%.0f" : a >= 0.095 ? "%.1f" : "%.2f", v);
    return text;
}

std::string length(double px, double mm)
{
    if (mm > 0) return words::said("%1 mm", {number(px * mm)});
    return words::said("%1 px", {number(px)});
}

} // namespace

Sizes Sizes::times(double k) const
{
    Sizes s = *this;
    for (double* v : {&s.unit, &s.samePlace, &s.nearlyMeet, &s.doubled, &s.needless, &s.kinkPiece, &s.sliverWidth, &s.sliverLength, &s.leastOvershoot,
                      &s.mostOvershoot, &s.abuts})
        *v *= k;
    s.leastLoop *= k * k;
    return s;
}

Sizes sizesFor(const art::Sheet& sheet)
{
    constexpr double usual = 200; // px
    const double side = std::max(sheet.width, sheet.height);
    return side > 0 && side < usual ? Sizes{}.times(side / usual) : Sizes{};
}

const char* nameOf(Fault k)
{
    return names()[static_cast<std::size_t>(k)].name;
}

std::string absenceOf(Fault k)
{
    const char* text = names()[static_cast<std::size_t>(k)].absence;
    return text ? words::said(text) : std::string();
}

std::string said(const Finding& f, double mm)
{
    switch (f.kind) {
    case Fault::endsApart: return words::said("Ends stop %1 short of each other", {length(f.size, mm)});
    case Fault::endsUnjoined: return words::said("Two ends meet and are not joined");
    case Fault::doubledNode: return words::said("Two nodes in one place");
    case Fault::doubledShape: return words::said("The same shape twice");
    case Fault::strayPoint: return words::said("A point that shows nothing");
    case Fault::needlessNode: return words::said("A node that is not needed");
    case Fault::kink: return words::said("Kink of %1°", {number(f.size)});
    case Fault::sliver: return words::said("Sliver of ground, %1 wide", {length(f.size, mm)});
    case Fault::overshoot: return words::said("End runs %1 over the line", {length(f.size, mm)});
    case Fault::narrowGap: return words::said("Gap of %1, needs %2", {length(f.size, mm), length(f.wanted, mm)});
    case Fault::thinPart: return words::said("%1 thin, needs %2", {length(f.size, mm), length(f.wanted, mm)});
    case Fault::hiddenLeft: return words::said("Hidden, and still there");
    case Fault::openFill: return words::said("Filled, but open by %1", {length(f.size, mm)});
    case Fault::selfCrossing: return words::said("The outline crosses itself");
    case Fault::seam: return words::said("Two colours abut for %1 without overlap", {length(f.size, mm)});
    case Fault::noInk: return words::said("%1 is no ink; nearest is %2 (ΔE00 %3)", {f.colour, f.ink, number(f.size)});
    case Fault::tooManyInks:
        return words::said("%1 colours, the process takes %2", {std::to_string(std::lround(f.size)), std::to_string(std::lround(f.wanted))});
    case Fault::liveWords: return words::said("Words that are still live");
    case Fault::missingFace: return words::said("The typeface %1 is not here", {f.ink});
    case Fault::pictureShown: return words::said("A reference still shows");
    case Fault::referenceLeft: return words::said("A reference is left over");
    case Fault::keptWhole: return words::said("Kept whole: left out of one ink, line and flat variants");
    case Fault::againstLight: return words::said("Shade against the light");
    case Fault::notFlat: return words::said("Not one flat colour");
    case Fault::manyNodes: return counted("%n node(s), many more than it needs", std::lround(f.size));
    case Fault::lostSmall: return words::said("Lost at %1 px", {number(f.wanted)});
    case Fault::smallText: return words::said("Letters of %1, need %2", {length(f.size, mm), length(f.wanted, mm)});
    }
    return {};
}

std::string repairOf(const Finding& f)
{
    if (f.mending == Mending::none) return {};
    switch (f.kind) {
    case Fault::endsApart:
    case Fault::endsUnjoined: return words::said("Join");
    case Fault::doubledNode: return words::said("Merge");
    case Fault::kink: return words::said("Smooth");
    case Fault::sliver:
    case Fault::openFill: return words::said("Close");
    case Fault::overshoot: return words::said("Trim");
    case Fault::selfCrossing: return words::said("Unite");
    case Fault::seam: return words::said("Overlap");
    case Fault::noInk: return words::said("Take %1", {f.ink});
    case Fault::liveWords: return words::said("Outline");
    case Fault::againstLight: return words::said("Turn");
    case Fault::manyNodes: return words::said("Reduce");
    default: return words::said("Take out");
    }
}

} // namespace softrope::proof
