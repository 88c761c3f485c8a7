// Facets: flat or softly shaded pieces with straight borders, cut from an outline or laid over a picture as a mesh.
#pragma once

#include "curve/path.h"
#include "pixel/raster.h"

#include <cstdint>
#include <functional>
#include <vector>

namespace softrope::tone {

// -- an outline cut by straights ----------------------------------------------------------------------------------------------
struct Chord {
    curve::Vec2 from, to;
    friend bool operator==(const Chord&, const Chord&) = default;
};
constexpr int shades = 4; // dark, middle, light, and a spare one between dark and middle
// A piece whose shade and direction are settled, until all are shuffled; locked ones then too.
struct Held {
    curve::Vec2 at;  // a place inside the piece
    int shade = 0;   // 0 dark, 1 middle, 2 light, 3 the spare one
    double turn = 0; // radians: direction of its gradient
    bool locked = true;
    friend bool operator==(const Held&, const Held&) = default;
};
struct FacetPlan {
    curve::Paths outline; // closed
    std::vector<Chord> chords;
    std::uint32_t seed = 1;
    std::vector<Held> held;
    friend bool operator==(const FacetPlan&, const FacetPlan&) = default;
};
struct Facet {
    curve::Paths outline;
    double area = 0;   // px2
    curve::Vec2 inner; // a place well inside
    bool tiny = false; // much smaller than the rest: less than a quarter of the median
    bool held = false, locked = false;
    int shade = 0;
    double turn = 0;         // radians
    std::vector<int> beside; // pieces that share a border with it
};

// Where chords may end: the outline's corners and, on long smooth stretches, points along it.
std::vector<curve::Vec2> chordEnds(const curve::Paths& outline, const std::vector<Chord>& chords);
// Chords that cut the outline into about `pieces` of similar size: the largest piece is cut, by the chord from corner to corner
// (or to a point along its border) that leaves the most even and least slender halves, until there are enough. The seed varies
// choices that are about as good.
std::vector<Chord> proposeChords(const curve::Paths& outline, int pieces, std::uint32_t seed);
// The pieces, shaded: neighbours differ in shade where that is possible, shades are spread evenly over the area, directions
// vary by the seed and differ between neighbours by at least 40 degrees where possible.
std::vector<Facet> facetsOf(const FacetPlan& plan);

// -- a mesh over a picture ----------------------------------------------------------------------------------------------------
struct Mesh {
    std::vector<curve::Vec2> points;
    std::vector<std::vector<int>> faces; // corners in order, turning from x to y; simple polygons
    std::vector<pixel::Rgba> colours;    // by face
    friend bool operator==(const Mesh&, const Mesh&) = default;
    friend bool operator!=(const Mesh& a, const Mesh& b) { return !(a == b); }
};
enum class PieceColour { mean, median };
struct MeshOptions {
    int count = 300;     // pieces, about
    double detail = 0.7; // 0 = pieces of one size, 1 = much finer where there is detail
    PieceColour colour = PieceColour::mean;
    std::uint32_t seed = 1;
    std::function<bool()> cancelled;
    std::function<void(double)> progress; // 0..1
};
// A mesh of triangles that follows the picture's edges. Empty for an empty picture or when cancelled.
Mesh meshOf(const pixel::Picture& picture, const MeshOptions& options);
// The colour of the picture under a face: mean or median in OKLab.
pixel::Rgba colourUnder(const pixel::Picture& picture, const std::vector<curve::Vec2>& polygon, PieceColour how);
// The face as a closed path, its borders drawn in by half the gap; empty when nothing is left of it.
curve::Path outlineOf(const Mesh& mesh, int face, double gap);
int faceAt(const Mesh& mesh, curve::Vec2 p);                  // -1 = none
int pointNear(const Mesh& mesh, curve::Vec2 p, double reach); // -1 = none

// Hand edits; a mesh given back unchanged says that it cannot be done: a face would fold over, the faces have no border in
// common, the cut does not run from border to border.
Mesh withPointMoved(const Mesh& mesh, int point, curve::Vec2 to);
Mesh withFacesMerged(const Mesh& mesh, int one, int other);
// Cuts the face by the straight between two places on its border (near corners are taken).
Mesh withFaceSplit(const Mesh& mesh, int face, curve::Vec2 from, curve::Vec2 to);

} // namespace softrope::tone
