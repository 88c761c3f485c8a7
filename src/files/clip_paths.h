// Clip paths of SVG (1.1, 14.3) as areas.
#pragma once

#include "curve/affine.h"
#include "curve/path.h"
#include "files/named.h"
#include "files/svg_style.h"

#include <optional>

namespace softrope::files {

struct Clip {
    curve::Paths paths; // closed; none clips all away
    bool evenOdd = false;
};
// The area that the clip path of the element's style leaves of it, on the sheet; `m` maps the user space of the element there. Several shapes
// are united. Nothing when there is none of that name, and for those that are no plain areas: with words in them, clipped themselves, of
// very many nodes, or in units of a group's bounds.
std::optional<Clip> clipOf(const Named& named, pugi::xml_node n, const Style& style, const curve::Affine& m);

} // namespace softrope::files
