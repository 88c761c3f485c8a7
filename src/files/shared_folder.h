// Where the program finds what ships with it, and where it keeps what is one's own.
#pragma once

#include <string>

namespace softrope::files {

// $XDG_DATA_HOME/soft-rope/NAME, or ~/.local/share/soft-rope/NAME; there or not.
std::string ownFolder(const std::string& name);
// Beside the program where it was built, or in share/soft-rope where it is installed; empty when it is nowhere.
std::string shippedFolder(const std::string& name);

} // namespace softrope::files
