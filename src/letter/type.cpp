#include "letter/type.h"

#include <algorithm>
#include <cmath>

namespace softrope::letter {

Type bounded(Type t)
{
    const Type plain;
    const auto keep = [](double& v, double least, double most, double otherwise) { v = std::isfinite(v) ? std::clamp(v, least, most) : otherwise; };
    keep(t.weight, 1, 1000, plain.weight);
    keep(t.width, 50, 200, plain.width);
    keep(t.size, 0.5, 20000, plain.size);
    keep(t.tracking, -500, 5000, plain.tracking);
    keep(t.leading, 0.1, 10, plain.leading);
    return t;
}

} // namespace softrope::letter
