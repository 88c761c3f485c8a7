// What is painted, as regions of the plane and the tree of how they are laid over each other. Inner to flattening.
#pragma once

#include "art/flatten.h"

namespace softrope::art {

struct Painting {
    // An area that something is painted on, or that clips.
    struct Region {
        curve::Paths outlines;
        bool evenOdd = false;
    };
    std::vector<Region> regions;
    curve::Paths partings; // lines between the steps of gradients

    // Painted in order. A leaf lays its fill on one region; a group composes its children by itself first.
    struct Node {
        std::vector<std::uint32_t> on;   // of a leaf: one region; of a blur: its steps, each within the last
        std::vector<std::uint32_t> clip; // regions that all must hold the place
        Fill fill;
        std::vector<double> cuts; // of its gradient: where the steps change
        double opacity = 1;
        Blend blend = Blend::normal;
        bool leaf = false;
        std::vector<Node> children;
    };
    std::vector<Node> nodes;
};

// Notes say what is left out.
Painting paintingOf(const Document& d, const FlattenOptions& options, std::vector<std::string>& notes);
// What the brush leaves at a place that lies in these regions (ascending); nothing where nothing is painted.
std::optional<Colour> colourAt(const Painting& painting, const std::vector<std::uint32_t>& regions, curve::Vec2 at, const FlattenOptions& options);

// Where a gradient changes from one of so many steps to the next, 0..1 ascending: evenly by what is seen (CIELAB over black and white).
std::vector<double> stepsOf(const Gradient& g, int steps);
// The share of the way along the gradient at a place of the sheet; not clamped.
double shareAt(const Gradient& g, curve::Vec2 at);

} // namespace softrope::art
