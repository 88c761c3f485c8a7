// Sheets to begin with: sizes that people draw for, with what is known of them.
#pragma once

#include "art/document.h"

#include <string_view>
#include <vector>

namespace softrope::art {

struct Template {
    const char* id;
    const char* name;     // English; words::said() gives it in the language in force
    const char* size;     // as it is said
    double width, height; // px of the sheet
    Unit unit;
    double real = 0; // mm the finished piece is wide; 0 = as the sheet
    double line = 0; // px of the lines one draws on it; 0 = as they are in hand
    bool round = false;
};
const std::vector<Template>& templates();
const Template* templateNamed(std::string_view id); // null where there is none

// An empty piece on such a sheet. A round one has its edge, and a line a tenth within it, as guides on a locked layer of their own.
Document fromTemplate(const Template& t);

} // namespace softrope::art
