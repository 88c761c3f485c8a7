// Variants of a mark, worked out from it: one ink, reversed, lines only, flat. Each can be corrected by hand: a stage of the document
// that bears the variant's name is used in its place.
#pragma once

#include "art/document.h"

#include <functional>
#include <string>

namespace softrope::deliver {

enum class Variant { full, oneInk, reversed, lineOnly, flat };
constexpr Variant variants[] = {Variant::full, Variant::oneInk, Variant::reversed, Variant::lineOnly, Variant::flat};
// "one-ink", in files and on the command line; nothing for what is none.
const char* idOf(Variant v);
std::optional<Variant> variantFrom(const std::string& id);
// "One ink", as it is shown; the stage of that name is the variant corrected by hand.
std::string nameOf(Variant v);

struct Inking {
    art::Colour ink{0x1d, 0x2b, 0x2a};   // of one ink, and of the ground that reversed stands on
    art::Colour paper{0xff, 0xff, 0xff}; // what is under one ink, and the ink of reversed
    double cut = -1;                     // 0..1 in OKLab lightness: darker areas take ink; negative = found by itself
    double gap = 2;                      // px kept clear between a line and an area of its own colour
    double weight = 3;                   // px of the lines of "line only", and of rims that reversed needs
    friend bool operator==(const Inking&, const Inking&) = default;
};
// The lightness at which the fills fall apart best into dark and light ones, weighed by their area (Otsu 1979); 0..1.
double cutOf(const art::Document& d);

// The variant, as a document of its own: sheet and title as they were, no references, no guides, no hidden things.
//   one ink    areas darker than the cut, and all lines, in the ink; the rest is paper. Lines over inked areas, and inked areas
//              over inked ones of another colour, are kept apart by a clear gap. All of it united to plain areas, so that a cutter can take it.
//   reversed   on the ink as ground: light areas in the paper's colour, so that what was a highlight still is one; lines, words and
//              thin marks stand off from what lies under them; other dark areas without a line of their own get a rim, or they would be lost in
//              the ground.
//   line only  outlines of areas, and lines, at one weight; what lies under an area stays hidden. Shades are left out.
//   flat       blends, gradients and blur worked out into flat areas (art/flatten.h).
art::Document variantOf(const art::Document& d, Variant v, const Inking& how, const std::function<bool()>& cancelled = {});
// What looks the same on its ground and takes no time: areas and lines that lie over one another, not united. For pictures.
art::Document paintedVariant(const art::Document& d, Variant v, const Inking& how);
// Whether a stage corrected by hand takes its place.
bool isCorrected(const art::Document& d, Variant v);

} // namespace softrope::deliver
