#include "proof/process.h"

#include <algorithm>

namespace softrope::proof {

double mmPerPx(const art::Document& d, const Process& p)
{
    const double width = d.proofing.width > 0 ? d.proofing.width : p.width;
    if (width > 0 && d.sheet.width > 0) return width / d.sheet.width;
    return 25.4 / 96; // CSS Values and Units 3, section 6.2
}

Limits limitsOf(const art::Document& d, const Process& p)
{
    const double mm = mmPerPx(d, p);
    Limits l;
    l.gap = p.gap / mm;
    l.line = p.line / mm;
    l.overlap = p.overlap / mm;
    l.text = p.text / mm;
    l.inks = p.inks;
    l.flat = p.flat;
    if (!p.sizes.empty()) l.smallest = *std::min_element(p.sizes.begin(), p.sizes.end());
    return l;
}

} // namespace softrope::proof
