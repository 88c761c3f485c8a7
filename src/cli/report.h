// What tracing many pictures gave, to look at: one self-contained HTML page with pictures before and after.
#pragma once

#include "cli/folder.h"

#include <string>

namespace softrope::cli {

// Pictures are read and drawings drawn anew, small, one at a time.
std::string reportPage(const FolderDone& done, const std::string& folder, As as);

} // namespace softrope::cli
