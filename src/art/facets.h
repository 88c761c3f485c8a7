// Edits of facet layers: an outline cut into shaded pieces, or a mesh of flat pieces over a picture.
#pragma once

#include "art/document.h"
#include "art/edits.h"

namespace softrope::art {

// A layer of pieces above the item's own, shaded by the tints of the ink (or of the item's fill colour when there is none): dark,
// middle and light, each a gradient between two steps of the tint scale that are two apart (common practice, no source).
Added withFacets(const Document& d, Id item, const tone::FacetPlan& plan, Id ink);
// The plan changed: pieces anew.
Document withFacetPlan(const Document& d, Id layer, const tone::FacetPlan& plan);
Document withFacetInk(const Document& d, Id layer, Id ink);
// One piece changes its shade and direction, all others stay as they are; a locked one is left out when all are shuffled.
Document withFacetHeld(const Document& d, Id layer, std::size_t piece, int shade, double turn, bool locked);
// Shades and directions anew, those of locked pieces left alone.
Document withFacetsShuffled(const Document& d, Id layer, std::uint32_t seed);
// The pieces as they are now, in the order of the layer's items.
std::vector<tone::Facet> facetsOn(const Layer& layer);

// A layer of a mesh in sheet px. `nearestInk`: each piece takes the ink of the palette that looks most like it (CIEDE2000).
Added withMesh(const Document& d, const tone::Mesh& mesh, double gap, bool nearestInk, Id above = 0);
Document withMeshChanged(const Document& d, Id layer, const tone::Mesh& mesh, double gap);
tone::Mesh transformed(tone::Mesh mesh, const curve::Affine& m);

} // namespace softrope::art
