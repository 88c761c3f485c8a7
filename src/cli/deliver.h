// Delivery on the command line.
#pragma once

#include <string>

namespace softrope::cli {

struct DeliverArgs {
    std::string in, plan, out, date;
    double width = 0;
    bool replace = false;
};
int deliver(const DeliverArgs& a);

} // namespace softrope::cli
