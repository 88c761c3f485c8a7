// Frames: simple shapes that hold a composition together, and fitting things into a shape.
#pragma once

#include "art/edited.h"
#include "curve/path.h"

#include <optional>
#include <vector>

namespace softrope::art {

// A dome stands on its straight side; the shield has a straight top and runs to a point (a polygon); the square's corners are round.
enum class Frame { circle, dome, shield, square };
inline constexpr int frames = 4;
// `size`: px, the width; `centre`: the middle of its bounds.
curve::Path framePath(Frame frame, curve::Vec2 centre, double size);

// Around what is seen of the things, as small as it may be with `margin` px between, and behind the lowest of them; without things a
// shape over four fifths of the sheet, at the bottom of the layer.
Added withFrame(const Document& d, Id layer, Frame frame, const std::vector<Id>& items, double margin, const Fill& fill, const std::string& name);

// How things are fitted into a shape.
struct Fitting {
    enum class Size { within, over, keep }; // all of them is seen; they cover the shape; as they are
    enum class Then { stay, clip, cut };    // nothing more; put inside the shape; cut off along it for good
    double margin = 0;                      // px between what is seen of them and the shape
    Size size = Size::within;
    Then then = Then::clip;
};
// Moved and evenly scaled together, as large as the shape and the margin allow (found by a pattern search over the place, Hooke and
// Jeeves 1961, with the scale bisected). Refused when the shape is none, is one of the things, or leaves no room.
Taken withFitted(const Document& d, const std::vector<Id>& items, Id shape, const Fitting& how);
// Cut off along a closed shape: what of areas and lines lies in it stays. Words, shades and other live parts become plain shapes.
Taken withCutTo(const Document& d, const std::vector<Id>& items, Id shape);
// The same along a straight: what lies on the side of the things' middle stays.
Taken withCutAtStraight(const Document& d, const std::vector<Id>& items, curve::Vec2 through, double angle);

// All things together brought to a size of what is seen, px, about their middle; one of the two, or both. `evenly`: the other side goes
// along. `each`: every thing by itself. Lines that keep their width are reckoned with.
Edited withSize(const Document& d, const std::vector<Id>& items, std::optional<double> width, std::optional<double> height, bool evenly, bool each);

} // namespace softrope::art
