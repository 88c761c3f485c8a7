// The commands over areas: combine and areas.
#pragma once

#include <string>

namespace softrope::cli {

struct CombineArgs {
    std::string in, out, operation;
};
int combine(const CombineArgs& a);

struct AreasArgs {
    std::string in, out;
    double gap = 0; // px
};
int areas(const AreasArgs& a);

} // namespace softrope::cli
