// Regions that are not worth their border are given up, the least worth first.
//
// What a region is worth is what the picture would lose by it taking a neighbour's colour (squared CIELAB distances, summed over it); what
// it costs is the border that would go. Small things that stand out stay, texture goes, whatever their sizes. Region merging for the
// piecewise constant Mumford and Shah functional (Koepfler, Lopez and Morel 1994), with the colours fixed.
#pragma once

#include "tone/labels.h"

namespace softrope::tone {

// `price`: CIELAB squared that a px of border may cost; `each`: px of border that a region counts for by being there at all.
void mergeRegions(Labels& labels, const LabPicture& picture, const std::vector<pixel::Lab>& colours, double price, double each);

} // namespace softrope::tone
