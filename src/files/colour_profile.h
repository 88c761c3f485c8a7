// Colours that pictures keep in a space of their own, brought to sRGB (ICC.1:2010; the colour management is Little CMS's).
#pragma once

#include "pixel/raster.h"

#include <cstddef>
#include <functional>
#include <string>
#include <vector>

namespace softrope::files {

// The profile that a JPEG (APP2 segments, ICC.1:2010 annex B.4) or PNG (chunk iCCP) brings; empty for none, for one that is broken, and for
// other formats. At most 8 MB.
std::vector<std::byte> profileIn(const std::vector<std::byte>& bytes, const std::string& format);

// Colours of a picture with such a profile in place; alpha stays. False, and nothing done, where the profile is none for RGB or grey, or
// changes nothing that could be seen.
bool toSrgb(pixel::Picture& picture, const std::vector<std::byte>& profile);

// True for a JPEG of four inks (CMYK or YCCK).
bool hasFourInks(const std::vector<std::byte>& jpeg);
// Such a JPEG seen through its profile, not turned; empty when the profile is none for four inks, the file cannot be read, or it was stopped.
pixel::Picture fromFourInks(const std::vector<std::byte>& jpeg, const std::vector<std::byte>& profile, const std::function<bool()>& cancelled = {});

} // namespace softrope::files
