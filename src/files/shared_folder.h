// Where the program finds what ships with it, and where it keeps what is one's own.
#pragma once

#include "files/bytes.h"

#include <string>

namespace softrope::files {

// $XDG_DATA_HOME/soft-rope/NAME, or ~/.local/share/soft-rope/NAME; there or not.
std::string ownFolder(const std::string& name);
// Beside the program where it was built, or in share/soft-rope where it is installed; empty when it is nowhere.
std::string shippedFolder(const std::string& name);
// The name as it may stand in a file's anywhere: small letters, digits, hyphens between them; other scripts keep their bytes. 80 bytes
// at most; empty when nothing is left.
std::string plainName(const std::string& name);
// A copy of the file in "earlier" beside it, with the time in its name.
FileResult putEarlier(const std::string& file);

} // namespace softrope::files
