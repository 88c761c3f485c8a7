// Pictures in a drawing.
#pragma once

#include "curve/affine.h"
#include "files/svg_reading.h"

#include <optional>

namespace softrope::files {

// An image element as a reference, placed on the sheet by `m` or, in our own files, as it was placed here. Nothing for a picture that lies
// elsewhere and is not to be had, or is broken; that is said.
std::optional<art::Reference> referenceOf(Reading& reading, pugi::xml_node n, const curve::Affine& m);

} // namespace softrope::files
