// The delivery sheet: a page that shows what was delivered; more of them where there are many inks.
#pragma once

#include "deliver/plan.h"

namespace softrope::deliver {

struct SheetPage {
    std::string date;
    double mmPerPx = 25.4 / 96;
};
// A4 pages (210 x 297 mm at 96 px to the inch): the mark large with its clear space, the variants, the sizes it will be seen at, the inks
// with sRGB, OKLCH (Ottosson 2020) and CMYK (by removal of the common grey, without a profile: for a first idea only), date and page.
std::vector<art::Document> deliverySheet(const art::Document& d, const Plan& plan, const SheetPage& page, const std::function<bool()>& cancelled = {});

} // namespace softrope::deliver
