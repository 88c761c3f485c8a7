// Marks scattered in a shape: dots, strokes, grain, chips, drops, or a shape of one's own.
#pragma once

#include "planar/combine.h"

#include <cstdint>

namespace softrope::shade {

enum class Mark { dots, strokes, grain, chips, drops, own };
enum class Turn { anyhow, fixed, light, outline };
// Where marks grow fewer and smaller: nowhere, away from one side, away from the light, away from the edge.
enum class Fall { none, side, light, edge };

constexpr std::size_t mostMarks = 20000;

struct Scatter {
    Mark mark = Mark::dots;
    double spacing = 12;        // px between middles, at least
    double least = 2, most = 4; // px: sizes of the marks
    Turn turn = Turn::anyhow;
    double angle = 0; // radians: of fixed turns, and the side that marks fall away from
    Fall fall = Fall::none;
    double fade = 1; // 0..1: share of the shape over which they do
    std::uint32_t seed = 1;
    curve::Paths own;    // of Mark::own: any size, about its own middle
    curve::Affine frame; // what the shape was moved and turned by since: the marks go with it
    friend bool operator==(const Scatter&, const Scatter&) = default;
};

// Outlines of the marks with their middles in the shape, `mostMarks` at most. `towardsLight`: radians, for what goes by the light.
// The same shape and seed give the same marks, and so they are after any move, turn or size of the shape with its frame.
curve::Paths scattered(const planar::Shape& shape, const Scatter& how, double towardsLight);
// About how many marks a shape with these bounds will have if it fills them.
double marksExpected(const Scatter& how, const curve::Box& bounds);

} // namespace softrope::shade
