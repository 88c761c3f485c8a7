// The commands over closed shapes and halves: combine, areas, mirror and flatten.
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

struct FlattenArgs {
    std::string in, out;
    int steps = 12;
    bool inks = false;
    double slack = 0.3, overlap = 0.6; // px
};
int flatten(const FlattenArgs& a);

} // namespace softrope::cli
