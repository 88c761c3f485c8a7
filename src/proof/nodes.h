// Faults within one path: doubled and needless nodes, slight breaks, paths that show nothing. Found, and mended.
#pragma once

#include "proof/finding.h"

namespace softrope::proof {

// Of an artwork by itself; `items` is left empty.
std::vector<Finding> nodeFaults(const art::Artwork& a, const Sizes& sizes = {});

// Whether the path shows nothing: no piece has a length.
bool withoutLength(const curve::Path& p);
// The node and the one after it become one, with the outer handles of both; the end of an open path stays where it is.
curve::Path withDoubleMerged(const curve::Path& p, std::size_t node);
// The path without the node when that can go unseen: the outline stays within `sizes.needless` of what it was.
std::optional<curve::Path> withNeedlessGone(const curve::Path& p, std::size_t node, const Sizes& sizes = {});
// The one piece that stands for two, when their joint can go unseen; nothing else. A joint of straights must lie between their far
// ends; of curves it is the piece that de Casteljau's split (1959) would have cut into these two.
std::optional<curve::Cubic> asOne(const curve::Cubic& a, const curve::Cubic& b, double within);
// The break at the node, degrees, when it is a kink: between pieces longer than `sizes.kinkPiece`, at least one of them bent, and in the
// range of `sizes`.
std::optional<double> kinkAt(const curve::Path& p, std::size_t node, const Sizes& sizes = {});
// Smooth there, by turning that handle (or both) with which the two pieces bend most evenly; nodes stay.
curve::Path withKinkSmoothed(const curve::Path& p, std::size_t node);

} // namespace softrope::proof
