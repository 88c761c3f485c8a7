// Typefaces that the checks use: from Debian's packages (packaging/packages.txt), and those that ship.
#pragma once

#include "letter/faces.h"

namespace letters {

inline softrope::letter::Type type(const std::string& family, double size = 100, double weight = 400)
{
    softrope::letter::Type t;
    t.family = family;
    t.size = size;
    t.weight = weight;
    t.align = softrope::letter::Align::start;
    return t;
}

} // namespace letters
