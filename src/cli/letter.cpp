#include "cli/letter.h"

#include "art/lettering.h"
#include "cli/streams.h"
#include "letter/faces.h"

#include <cmath>
#include <iostream>
#include <sstream>

namespace softrope::cli {

namespace {

struct Arc {
    curve::Vec2 centre;
    double radius, degrees;
};
std::optional<Arc> arcFrom(std::string text)
{
    for (char& c : text)
        if (c == ',') c = ' ';
    std::istringstream in(text);
    Arc a{};
    std::string more;
    if (!(in >> a.centre.x >> a.centre.y >> a.radius >> a.degrees) || in >> more) return std::nullopt;
    if (!isFinite(a.centre) || !std::isfinite(a.radius + a.degrees) || !(a.radius > 0)) return std::nullopt;
    return a;
}

// A new line is written as \n on a command line.
std::string withLines(const std::string& text)
{
    std::string out;
    for (std::size_t k = 0; k < text.size(); ++k) {
        const bool line = text[k] == '\\' && k + 1 < text.size() && text[k + 1] == 'n';
        out += line ? '\n' : text[k];
        k += line;
    }
    return out;
}

} // namespace

int letter(const LetterArgs& a)
{
    art::Lettering l;
    l.words = withLines(a.words);
    l.type.family = a.face;
    l.type.size = a.size;
    l.type.weight = a.weight;
    l.type.tracking = a.tracking;
    l.type.leading = a.leading;
    l.type.italic = a.italic;
    l.type.smallCaps = a.smallCaps;
    l.type.align = a.align == "centre" ? letter::Align::centre : a.align == "end" ? letter::Align::end : letter::Align::start;
    l.over = a.inside;
    if (!a.arc.empty()) {
        const auto arc = arcFrom(a.arc);
        if (!arc) return fail(badUse, "--arc takes four numbers, CX,CY,R,START, with R above 0.");
        l.way = art::Lettering::Way::arc;
        l.place = curve::translation(arc->centre);
        l.radius = arc->radius;
        l.angle = curve::radians(arc->degrees);
    }
    if (!art::hasTypeface(l)) return fail(badInput, "the typeface \"" + a.face + "\" is not on this machine; soft-rope-cli faces lists those that are.");
    art::Document d = art::newDocument();
    art::Fill fill;
    fill.colour = art::Colour{0, 0, 0};
    const art::Added made = art::withLettering(d, d.layers.back()->id, l, fill);
    const auto laid = art::layoutOf(l, {});
    const art::Item* words = made.document.item(made.id);
    if (!words || !laid || words->artwork()->paths->empty()) return fail(badInput, "the words show nothing.");
    if (!laid->missing.empty()) std::cerr << "soft-rope-cli: no typeface here has " << laid->missing.size() << " of the characters.\n";
    // Straight words stand at the sheet's corner; on an arc they lie where they were put.
    d = made.document;
    curve::Box b = curve::bounds(words->artwork()->paths);
    if (a.arc.empty()) {
        d = art::transformed(d, {made.id}, curve::translation(-b.min));
        b = {{0, 0}, b.max - b.min};
    }
    d.sheet.width = std::max(1.0, std::ceil(b.max.x));
    d.sheet.height = std::max(1.0, std::ceil(b.max.y));
    return write(a.out, a.working ? files::writeWorkingSvg(d) : files::writeCleanSvg(d));
}

int faces()
{
    for (const letter::Family& f : letter::families()) {
        std::cout << f.name;
        for (const letter::Listed& face : f.faces) std::cout << '\t' << (face.style.empty() ? "variable" : face.style);
        std::cout << '\n';
    }
    return std::cout.flush() ? done : badOutput;
}

} // namespace softrope::cli
