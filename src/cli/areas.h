// The commands over closed shapes and halves: combine, areas and mirror.
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

struct MirrorArgs {
    std::string in, out, axis = "auto";
    double weld = 3; // px
};
int mirror(const MirrorArgs& a);

} // namespace softrope::cli
