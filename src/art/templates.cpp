#include "art/templates.h"

#include "art/edits.h"
#include "words/said.h"

#include <algorithm>

namespace softrope::art {

namespace {

constexpr double mm = 96 / 25.4; // px (CSS Values and Units 3, 6.2)

Item guideCircle(const Sheet& sheet, double share, const std::string& name)
{
    Item i;
    i.name = name;
    Artwork a;
    a.setPaths({curve::circle({sheet.width / 2, sheet.height / 2}, share * std::min(sheet.width, sheet.height) / 2)});
    a.guide = true;
    i.is = std::move(a);
    return i;
}

} // namespace

const std::vector<Template>& templates()
{
    using words::marked;
    static const std::vector<Template> all{
        {"square", marked("Square"), marked("1080 × 1080 px"), 1080, 1080, Unit::px},
        {"wide", marked("Wide"), marked("1920 × 1080 px"), 1920, 1080, Unit::px},
        {"a4", marked("A4"), marked("210 × 297 mm"), 210 * mm, 297 * mm, Unit::mm},
        {"shirt", marked("Shirt front"), marked("300 × 400 mm"), 300 * mm, 400 * mm, Unit::mm, 300},
        {"badge", marked("Round badge"), marked("58 mm across"), 1080, 1080, Unit::px, 58, 0, true},
        {"icon", marked("Icon"), marked("24 × 24 px"), 24, 24, Unit::px, 0, 1.5},
    };
    return all;
}

const Template* templateNamed(std::string_view id)
{
    const auto& all = templates();
    const auto found = std::find_if(all.begin(), all.end(), [&](const Template& t) { return id == t.id; });
    return found == all.end() ? nullptr : &*found;
}

Document fromTemplate(const Template& t)
{
    Document d = newDocument();
    d.sheet.width = t.width;
    d.sheet.height = t.height;
    d.sheet.unit = t.unit;
    d.proofing.width = t.real;
    if (!t.round) return d;
    const Id lines = d.layers.front()->id;
    const Added guides = withNewLayer(d, words::said("Edge"));
    d = withItems(guides.document, guides.id,
                  {guideCircle(d.sheet, 1, words::said("Edge of the badge")), guideCircle(d.sheet, 0.9, words::said("Keep within"))})
            .document;
    d = withLayer(d, guides.id, [](Layer& l) { l.locked = true; });
    // The layer that is drawn on stays on top.
    const auto at = std::find_if(d.layers.begin(), d.layers.end(), [&](const LayerPtr& l) { return l->id == lines; });
    std::rotate(at, at + 1, d.layers.end());
    return d;
}

} // namespace softrope::art
