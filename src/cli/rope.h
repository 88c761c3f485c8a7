// The command that lays a rope through holds.
#pragma once

#include "curve/tolerances.h"

#include <string>

namespace softrope::cli {

struct RopeArgs {
    std::string in, holds, out, follow = "edge";
    double slack = curve::defaultSlack; // px
};
int rope(const RopeArgs& a);

} // namespace softrope::cli
