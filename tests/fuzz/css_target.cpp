// Style sheets, declarations, colours, lengths and transforms.
#include "files/css.h"
#include "files/css_colour.h"
#include "files/svg_style.h"
#include "fuzz/target.h"

#include <pugixml.hpp>

#include <cmath>

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const std::string_view text = fuzz::textOf(data, size);
    static pugi::xml_document xml;
    static const bool once = xml.load_string("<svg id='a' class='b c'><g id='d'><path class='b' style='fill:red'/></g></svg>");
    fuzz::must(once, "the document is there");
    files::StyleSheet sheet;
    sheet.add(text);
    for (const pugi::xml_node n : {xml.child("svg"), xml.child("svg").child("g"), xml.child("svg").child("g").child("path")}) {
        files::Style s;
        s.sheet = &sheet;
        s.apply(n);
        fuzz::must(std::isfinite(s.strokeWidth) && s.strokeWidth >= 0, "widths are numbers");
        fuzz::must(s.fillOpacity >= 0 && s.fillOpacity <= 1, "opacities are shares");
    }
    (void)files::declarationsIn(text);
    if (const auto c = files::cssColourFrom(text)) fuzz::must(c->opacity >= 0 && c->opacity <= 1, "a colour's opacity is a share");
    if (const auto l = files::Lengths{}.other(text)) fuzz::must(std::isfinite(*l), "lengths are finite");
    (void)files::lengthsIn(text, {});
    (void)files::transformOf(text);
    return 0;
}
