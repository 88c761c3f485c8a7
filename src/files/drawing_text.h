// The text of a drawing made ready to be read: unpacked, its own entities put in, its elements without prefix.
#pragma once

#include <pugixml.hpp>

#include <optional>
#include <string>
#include <string_view>

namespace softrope::files {

// Of a packed drawing (.svgz, RFC 1952); nothing when it is broken or larger than 512 MB unpacked. Text that is not packed is given as it is.
std::optional<std::string> unpacked(std::string_view bytes);

// The entities that the document type declares itself in place of their names (XML 1.0, 4.4), to a depth of 4 and 64 kB in all: beyond, and
// where they lie elsewhere, the names stay. Nothing when it declares none.
std::optional<std::string> withEntities(std::string_view text);

// Elements of SVG lose the prefix that the file gives them, attributes of XLink get "xlink:", whatever they are called in the file
// (Namespaces in XML 1.0). White space between elements goes, but not between words.
void tidy(pugi::xml_document& xml);

} // namespace softrope::files
