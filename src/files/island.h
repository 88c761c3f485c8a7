// Parts of foreign drawings that the document has no notion of, cut out as drawings of their own.
#pragma once

#include "art/document.h"
#include "files/lengths.h"
#include "files/svg_reading.h"

#include <pugixml.hpp>

#include <optional>
#include <string>
#include <vector>

namespace softrope::files {

// The element as a drawing in itself: with what it inherits from the elements `round` it (outermost first), what style sheets say of it, and
// all it refers to. Its units are those of the user space round it; shares are of the `view`. What other programs keep beside the drawing
// is left behind. Nothing when it became too large: a hostile file has one part refer to another many times over.
std::optional<std::string> islandOf(const Named& named, pugi::xml_node n, const std::vector<pugi::xml_node>& round, const Lengths& view);

// The same drawing with `prefix` before each name in it and wherever one is referred to; or with that prefix taken away again, which
// gives the drawing back letter by letter.
std::string namedAnew(const std::string& xml, const std::string& prefix, bool add);

// Text of a drawing as islands keep it.
std::string rawText(pugi::xml_node n);

} // namespace softrope::files
