// Hand work on nodes, handles and pieces. Every function takes a path and gives the changed one; an index out of range
// gives the path back unchanged.
#pragma once

#include "curve/path.h"

namespace softrope::curve {

// Splits the piece at the place; the curve stays exactly as it was.
struct Inserted {
    Path path;
    std::size_t node = 0;
};
Inserted withNodeAt(const Path& path, const Place& place);

// Handles put on one line through the node: the direction is the mean of the two (that of the straight, where one side
// is straight without a handle), lengths are kept; a missing handle gets a third of its piece.
Path smoothed(const Path& path, std::size_t node);
// A corner keeps its handles where they are and lets them go their own ways.
Path cornered(const Path& path, std::size_t node);

// Moves the node with its handles.
Path withNodeMoved(const Path& path, std::size_t node, Vec2 by);
enum class HandleSide { in, out };
// Moves one handle to `to`; at a smooth node the other keeps its length and turns along, unless `broken`, which makes
// the node a corner.
Path withHandleMoved(const Path& path, std::size_t node, HandleSide side, Vec2 to, bool broken = false);

// Bends the piece so that its point at t goes through `through`, both ends held, with the least change of its two
// handles (sum of squares). Smooth neighbours stay smooth by turning along.
Path bent(const Path& path, std::size_t piece, double t, Vec2 through);
// Takes both handles of the piece away; its end nodes become corners.
Path straightened(const Path& path, std::size_t piece);

// Node `gone` is merged into node `kept`: they meet half-way. Neighbours along the path, or the two ends of an open path
// (which closes it).
Path merged(const Path& path, std::size_t kept, std::size_t gone);

// The closed path opened at the node: it becomes both ends.
Path openedAt(const Path& path, std::size_t node);
// The piece taken out: a closed path opens, an open one falls in two (one when the piece was its first or last).
Paths withoutPiece(const Path& path, std::size_t piece);

// Marks each node: smooth where its two sides go on in one direction (within about half a degree) and at least one of them is
// curved, corner elsewhere.
void markKinds(Path& path);

} // namespace softrope::curve
