// Edits of live pieces: an outline cut into shaded facets, or a mesh of flat pieces over a picture. Each is one item, a group that
// holds its pieces.
#pragma once

#include "art/edits.h"
#include "art/live.h"

namespace softrope::art {

// Facets above the item, on its layer, shaded by the tints of the ink (or of the item's fill colour when there is none): dark,
// middle and light, each a gradient between two steps of the tint scale that are two apart (common practice, no source).
Added withFacets(const Document& d, Id item, const tone::FacetPlan& plan, Id ink);
// The plan changed: pieces anew.
Edited withFacetPlan(const Document& d, Id facets, const tone::FacetPlan& plan);
Edited withFacetInk(const Document& d, Id facets, Id ink);
// One piece changes its shade and direction, all others stay as they are; a locked one is left out when all are shuffled.
Edited withFacetHeld(const Document& d, Id facets, std::size_t piece, int shade, double turn, bool locked);
// Shades and directions anew, those of locked pieces left alone.
Edited withFacetsShuffled(const Document& d, Id facets, std::uint32_t seed);
// The pieces as they are now, in the order of the group's items.
std::vector<tone::Facet> facetsOf(const Group& group);

// A mesh in sheet px, on a layer of its own above `above` (on top when that is 0). `nearestInk`: each piece takes the ink of the
// palette that looks most like it (CIEDE2000).
Added withMesh(const Document& d, const tone::Mesh& mesh, double gap, bool nearestInk, Id above = 0);
Edited withMeshChanged(const Document& d, Id pieces, const tone::Mesh& mesh, double gap);
tone::Mesh transformed(tone::Mesh mesh, const curve::Affine& m);

// A piece of a live group takes another fill: its recipe keeps it. The document unchanged when it is no such piece.
Edited withPieceFilled(const Document& d, Id piece, const std::function<void(Fill&)>& change);

// What the recipes give, with the ids of the pieces before as far as there are any, and 0 for more.
std::vector<ItemPtr> piecesOf(const Facets& f, const std::vector<ItemPtr>& before);
std::vector<ItemPtr> piecesOf(const MeshPieces& m, const std::vector<ItemPtr>& before);
// The tints of the shades, told the ink and step each is from.
void eachShade(Facets& f, const PaintVisitor& act);

} // namespace softrope::art
