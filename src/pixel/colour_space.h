// Colour spaces: sRGB (IEC 61966-2-1), CIELAB under D65 (CIE 15), OKLab (Ottosson 2020), and the CIEDE2000 difference.
#pragma once

#include "pixel/raster.h"

namespace softrope::pixel {

// L 0..100, a and b about -128..127.
struct Lab {
    float l = 0, a = 0, b = 0;
    friend bool operator==(const Lab&, const Lab&) = default;
};
// L 0..1, a and b about -0.4..0.4.
struct OkLab {
    double l = 0, a = 0, b = 0;
};

Lab labOf(Rgba c);
Lab quickLabOf(Rgba c); // from a table, within 0.05 of labOf: for whole pictures
Rgba rgbOf(Lab c);      // nearest in sRGB, opaque
OkLab okLabOf(Rgba c);
OkLab quickOkLabOf(Rgba c); // from a table, within 0.001 of okLabOf for all but the darkest: for whole pictures
Rgba rgbOf(OkLab c);

// Euclidean distance in CIELAB (CIE76), squared.
inline float squaredDistance(Lab x, Lab y)
{
    const float l = x.l - y.l, a = x.a - y.a, b = x.b - y.b;
    return l * l + a * a + b * b;
}
// Sharma, Wu and Dalal (2005), "The CIEDE2000 color-difference formula: implementation notes".
double ciede2000(Lab x, Lab y);

} // namespace softrope::pixel
