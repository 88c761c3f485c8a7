#include "files/clip_paths.h"

#include "files/basic_shapes.h"
#include "files/xml.h"
#include "planar/combine.h"

#include <cstring>

namespace softrope::files {

using curve::Affine;
using curve::Path;
using curve::Paths;

namespace {

constexpr std::size_t mostNodes = 4000; // united: more take too long to be waited for

bool isNot(const std::string& value)
{
    return value.empty() || value == "none";
}

// One child of a clip path; nothing when it is no plain area.
std::optional<Clip> areaOf(const Named& named, pugi::xml_node n, Affine to, const Style& style)
{
    const auto says = [&](pugi::xml_node of, const char* property) { return propertyOf(of, property, &named.styles()); };
    to = to * transformOf(n.attribute("transform").value());
    pugi::xml_node shape = n;
    if (localName(n) == "use") { // straight to a shape (SVG 1.1, 14.3.5)
        shape = named.referredBy(n);
        if (!shape) return Clip{};
        to = to * curve::translation({style.lengths.across(n.attribute("x").value()).value_or(0), style.lengths.down(n.attribute("y").value()).value_or(0)}) *
             transformOf(shape.attribute("transform").value());
        if (!isNot(says(n, "clip-path"))) return std::nullopt;
    }
    if (says(n, "display") == "none" || says(shape, "display") == "none" || says(shape, "visibility") == "hidden") return Clip{};
    if (!isNot(says(shape, "clip-path"))) return std::nullopt;
    std::optional<Paths> paths = pathsOfShape(shape, style.lengths);
    if (!paths) return std::nullopt;
    for (Path& p : *paths) {
        p = curve::transformed(p, to);
        if (!p.closed && p.nodes.size() > 2 && p.nodes.front().at == p.nodes.back().at) {
            p.nodes.front().in = p.nodes.back().in;
            p.nodes.pop_back();
        }
        p.closed = true;
    }
    std::string rule = says(shape, "clip-rule");
    if (rule.empty() && shape != n) rule = says(n, "clip-rule");
    if (rule.empty()) rule = says(n.parent(), "clip-rule");
    return Clip{std::move(*paths), rule == "evenodd"};
}

// The element's bounds in its user space; nothing for groups.
std::optional<Affine> boundsOf(pugi::xml_node n, const Style& style)
{
    const auto paths = pathsOfShape(n, style.lengths);
    if (!paths) return std::nullopt;
    const curve::Box b = curve::bounds(*paths);
    if (b.empty() || !(b.width() > 0 && b.height() > 0)) return std::nullopt;
    return Affine{b.width(), 0, 0, b.height(), b.min.x, b.min.y};
}

} // namespace

std::optional<Clip> clipOf(const Named& named, pugi::xml_node element, const Style& style, const Affine& m)
{
    const pugi::xml_node n = named.find(style.clip);
    if (localName(n) != "clipPath" || !isNot(propertyOf(n, "clip-path", &named.styles()))) return std::nullopt;
    Affine to = m * transformOf(n.attribute("transform").value());
    if (std::strcmp(n.attribute("clipPathUnits").value(), "objectBoundingBox") == 0) {
        const auto unit = boundsOf(element, style);
        if (!unit) return std::nullopt;
        to = to * *unit;
    }
    std::vector<planar::Shape> areas;
    std::size_t nodes = 0;
    for (const pugi::xml_node c : n.children()) {
        const std::string name = localName(c);
        if (c.type() != pugi::node_element || name.empty() || name == "title" || name == "desc" || name == "metadata") continue;
        std::optional<Clip> area = areaOf(named, c, to, style);
        if (!area) return std::nullopt;
        if (area->paths.empty()) continue;
        nodes += curve::nodeCount(area->paths);
        areas.push_back({std::move(area->paths), area->evenOdd});
    }
    if (areas.empty()) return Clip{};
    if (areas.size() == 1) return Clip{std::move(areas.front().contours), areas.front().evenOdd};
    if (nodes > mostNodes) return std::nullopt;
    return Clip{planar::combine(areas, planar::Operation::unite), true};
}

} // namespace softrope::files
