#include "art/paint.h"

#include <array>

namespace softrope::art {

namespace {

constexpr std::array<const char*, blends> names{"normal",     "multiply",   "screen",     "overlay",   "darken", "lighten",    "color-dodge", "color-burn",
                                                "hard-light", "soft-light", "difference", "exclusion", "hue",    "saturation", "color",       "luminosity"};

} // namespace

const char* cssName(Blend b)
{
    return names[static_cast<std::size_t>(b)];
}

std::optional<Blend> blendFrom(std::string_view cssName)
{
    for (std::size_t k = 0; k < names.size(); ++k)
        if (cssName == names[k]) return static_cast<Blend>(k);
    return std::nullopt;
}

} // namespace softrope::art
