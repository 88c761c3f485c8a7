// The program's version, as the change log's newest entry has it.
#pragma once

#include <string_view>

namespace softrope::words {

std::string_view version(); // "0.2.0"

} // namespace softrope::words
