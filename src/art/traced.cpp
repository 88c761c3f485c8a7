#include "art/traced.h"

#include <algorithm>

#include "art/edits.h"
#include "words/said.h"

#include <cmath>

namespace softrope::art {

namespace {

double scaleOf(const curve::Affine& m)
{
    return std::sqrt(std::abs(m.a * m.d - m.b * m.c));
}

Item area(const curve::Paths& paths, const curve::Affine& m, Colour ink, const std::string& name)
{
    Artwork work;
    curve::Paths onSheet;
    for (const curve::Path& p : paths) onSheet.push_back(transformed(p, m));
    work.setPaths(std::move(onSheet));
    work.fill.colour = ink;
    Item i;
    i.name = name;
    i.is = std::move(work);
    return i;
}

} // namespace

std::vector<Item> itemsOf(const trace::Outline& outline, const curve::Affine& toSheet, Colour ink)
{
    std::vector<Item> out;
    for (const trace::Silhouette& s : outline.silhouettes) out.push_back(area(s.paths, toSheet, ink, "Silhouette"));
    return out;
}

std::vector<Item> itemsOf(const trace::Lines& lines, const curve::Affine& toSheet, Colour ink, bool swell)
{
    std::vector<Item> out;
    for (const curve::Paths& a : lines.areas) out.push_back(area(a, toSheet, ink, "Area"));
    const double scale = scaleOf(toSheet);
    for (const trace::Stroke& s : lines.strokes) {
        Artwork work;
        work.setPaths({transformed(s.path, toSheet)});
        work.stroke.colour = ink;
        work.stroke.width = s.width * scale;
        if (swell && !s.widths.empty()) work.stroke.swell = curve::swellOf(s.widths, s.width);
        work.stroke.cap = s.roundEnds ? Cap::round : Cap::flat;
        Item i;
        i.name = "Line";
        i.is = std::move(work);
        out.push_back(std::move(i));
    }
    for (const curve::Path& d : lines.dots) out.push_back(area({d}, toSheet, ink, "Dot"));
    return out;
}

std::vector<Item> itemsOf(const tone::Tones& tones, const curve::Affine& toSheet)
{
    std::vector<Item> items;
    std::vector<int> count(tones.colours.size(), 0);
    for (const tone::ToneShape& s : tones.shapes) {
        Item i;
        const auto which = static_cast<std::size_t>(std::find(tones.colours.begin(), tones.colours.end(), s.colour) - tones.colours.begin());
        i.name = words::said("Tone %1", {std::to_string(which + 1)}) + (which < count.size() && ++count[which] > 1 ? "." + std::to_string(count[which]) : "");
        Artwork a;
        curve::Paths outline;
        for (const curve::Path& p : s.outline) outline.push_back(curve::transformed(p, toSheet));
        a.setPaths(std::move(outline));
        a.stroke.colour.reset();
        a.fill.colour = Colour{s.colour.r, s.colour.g, s.colour.b};
        i.is = std::move(a);
        items.push_back(std::move(i));
    }
    return items;
}

} // namespace softrope::art
