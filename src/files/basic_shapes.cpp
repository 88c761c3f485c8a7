#include "files/basic_shapes.h"

#include "curve/figures.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <pugixml.hpp>

#include <algorithm>
#include <string_view>

namespace softrope::files {

using curve::Paths;
using curve::Vec2;

std::optional<Paths> pathsOfShape(pugi::xml_node n, const Lengths& by, bool* fault)
{
    const std::string name = localName(n);
    if (name == "path") {
        ParsedPaths p = parsePathData(n.attribute("d").value());
        if (fault) *fault = p.fault.has_value();
        return std::move(p.paths);
    }
    const auto v = [&](std::string_view a) {
        const char* text = n.attribute(a.data()).value();
        const bool across = a.front() == 'x' || a == "width" || a == "cx" || a == "rx", down = a.front() == 'y' || a == "height" || a == "cy" || a == "ry";
        return (across ? by.across(text) : down ? by.down(text) : by.other(text)).value_or(0);
    };
    // "auto" and what is not said are as the other one (SVG 2, 7.4).
    const auto given = [&](const char* a) { return n.attribute(a) && std::string_view(n.attribute(a).value()) != "auto"; };
    if (name == "rect") {
        const double x = v("x"), y = v("y"), w = v("width"), h = v("height");
        if (!(w > 0 && h > 0)) return Paths{};
        double rx = v("rx"), ry = v("ry");
        if (!given("rx")) rx = ry;
        if (!given("ry")) ry = rx;
        rx = std::clamp(rx, 0.0, w / 2);
        ry = std::clamp(ry, 0.0, h / 2);
        if (rx <= 0 || ry <= 0) return Paths{curve::rectangle({x, y}, {x + w, y + h})};
        const auto f = [](double q) { return number(q, exact); };
        const std::string arc = "A" + f(rx) + ' ' + f(ry) + " 0 0 1 ";
        return parsePathData("M" + f(x + rx) + ' ' + f(y) + "H" + f(x + w - rx) + arc + f(x + w) + ' ' + f(y + ry) + "V" + f(y + h - ry) + arc + f(x + w - rx) +
                             ' ' + f(y + h) + "H" + f(x + rx) + arc + f(x) + ' ' + f(y + h - ry) + "V" + f(y + ry) + arc + f(x + rx) + ' ' + f(y) + "Z")
            .paths;
    }
    if (name == "circle") return v("r") > 0 ? Paths{curve::circle({v("cx"), v("cy")}, v("r"))} : Paths{};
    if (name == "ellipse") {
        const double rx = given("rx") ? v("rx") : v("ry"), ry = given("ry") ? v("ry") : rx;
        return rx > 0 && ry > 0 ? Paths{curve::ellipse({v("cx"), v("cy")}, rx, ry)} : Paths{};
    }
    if (name == "line") return Paths{curve::polyline({{v("x1"), v("y1")}, {v("x2"), v("y2")}}, false)};
    if (name == "polyline" || name == "polygon") {
        const auto c = numbers(n.attribute("points").value());
        std::vector<Vec2> points;
        for (std::size_t i = 0; i + 1 < c.size(); i += 2) points.push_back({c[i], c[i + 1]});
        if (points.empty()) return Paths{};
        return Paths{curve::polyline(points, name == "polygon")};
    }
    return std::nullopt;
}

} // namespace softrope::files
