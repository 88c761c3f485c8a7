// The tone stack: a picture cut into tones at chosen levels of lightness, with local changes. A recipe; all lengths in picture
// px, so it stays with the picture wherever that lies.
//
// Level = CIELAB lightness L* on a scale of 0..255 (L* times 2.55): even steps of it look even.
#pragma once

#include "tone/region_map.h"
#include "tone/tones.h"

#include <array>
#include <memory>
#include <optional>

namespace softrope::tone {

// A place where the picture counts as lighter or darker before it is cut.
struct Patch {
    curve::Path outline; // closed
    double strength = 0; // levels; positive = lighter
    double soft = 0;     // px over which it fades out, inwards from the outline
    friend bool operator==(const Patch&, const Patch&) = default;
};
// A border pushed: along the way the picture takes that tone.
struct Push {
    std::vector<curve::Vec2> way;
    double radius = 0; // px
    int tone = 0;
    friend bool operator==(const Push&, const Push&) = default;
};
// Areas that lie wholly within `radius` of the way go to their neighbours.
struct Sweep {
    std::vector<curve::Vec2> way;
    double radius = 0; // px
    friend bool operator==(const Sweep&, const Sweep&) = default;
};

struct Stack {
    std::vector<double> cuts;                      // levels, ascending; one tone more than cuts
    std::vector<pixel::Rgba> colours;              // 2..16: cut by colour, each px goes to the nearest of these; the cuts do not count then
    std::vector<std::optional<pixel::Rgba>> paint; // by tone; nothing = the mean colour of what lies in it
    double slack = 1;                              // px
    double smallest = 40;                          // px2
    curve::Path bound;                             // closed: nothing outside it is cut; empty = the whole picture
    std::vector<Patch> patches;
    std::vector<Push> pushes;
    std::vector<Sweep> sweeps;
    friend bool operator==(const Stack&, const Stack&) = default;
};

// Tones that the stack cuts into: one a colour, or one more than cuts.
std::size_t toneCount(const Stack& stack);

// The same recipe on a picture whose corner lies elsewhere.
Stack shifted(Stack stack, curve::Vec2 by);

using LevelCounts = std::array<double, 256>;

// The levels of a picture, at full size or smaller.
struct Levels {
    pixel::Raster<float> level; // 0..255
    pixel::Picture colours;     // opaque, same size
    double shrink = 1;          // picture px to one px here
};
// Not more than about `most` px: larger pictures are made smaller by a whole factor, each px the mean of its block.
Levels levelsOf(const pixel::Picture& picture, double most = 1e12);
// Of all px, or of those where `within` is not 0.
LevelCounts countsOf(const pixel::Raster<float>& level, const pixel::Raster<std::uint8_t>* within = nullptr);

// -- by colour ------------------------------------------------------------------------------------------------------------------
constexpr std::size_t mostColours = 16;
// The stack cut by so many colours of the picture, its paints and pushes gone; and by lightness again, as many tones as there were.
Stack withColours(const Levels& levels, Stack stack, int count);
Stack withoutColours(const Levels& levels, Stack stack);
// One colour more, nearest to nothing that is there; as it was when there are `mostColours`.
Stack withColourAdded(Stack stack, pixel::Rgba colour);
// The tone of colour k is two: those of its px that differ most apart. As it was when they are all alike.
Stack withColourSplit(const Levels& levels, Stack stack, std::size_t k);
// Two tones are one, in their mean, each by how much it covers (`shares` as of the last look, may be empty); the paint is that of `into`.
// Never fewer than two.
Stack withColoursMerged(Stack stack, std::size_t into, std::size_t gone, const std::vector<double>& shares);

// -- by lightness ---------------------------------------------------------------------------------------------------------------
// The cuts between `tones` groups of the counts with the least spread within the groups: exactly, by dynamic programming (Fisher
// 1958, "On grouping for maximum homogeneity"); for two groups it is Otsu's cut (1979). Fewer cuts when there are fewer levels.
std::vector<double> cutsFor(const LevelCounts& counts, int tones);
// The cut below which that share (0..1) of the counts lies: one half gives as much dark as light.
double cutForShare(const LevelCounts& counts, double darkShare);
// Share of the counts below the cut.
double darkShare(const LevelCounts& counts, double cut);

// 255 inside the closed outline (picture px), for a raster of `levels`' size.
pixel::Raster<std::uint8_t> maskOf(const Levels& levels, const curve::Paths& outline);
// The level of each px after the patches.
pixel::Raster<float> patched(const Levels& levels, const Stack& stack);
// The same of other levels in the same place, taken over.
pixel::Raster<float> patched(pixel::Raster<float> level, const Levels& levels, const Stack& stack);
constexpr std::uint8_t outOfBounds = 255;
// The tone of each px, at once: what a preview shows while a cut is dragged. Outside the bound: outOfBounds. `after` are the levels
// after the patches, where they are known already.
Labels quickTones(const Levels& levels, const Stack& stack, const pixel::Raster<float>* after = nullptr);
// Paint of each tone: as chosen, or the mean colour in CIELAB of its px.
std::vector<pixel::Rgba> paintsOf(const Levels& levels, const Labels& tones, const Stack& stack);
// The same with what the clean-up does: half-tones of edges form no bands, borders are calm, specks gone.
Labels carefulTones(const Levels& levels, const Stack& stack, const std::function<bool()>& cancelled = {});

// The shapes of a stack, as `separate` gives them; borders between neighbouring tones lie where the level is that of the cut.
// Empty when cancelled.
Tones separate(const pixel::Picture& picture, const Stack& stack, const TonesOptions& options = {});

} // namespace softrope::tone
