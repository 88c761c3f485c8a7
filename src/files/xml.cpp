#include "files/xml.h"

#include "files/path_data.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace softrope::files {

using curve::Vec2;

std::string num(double v)
{
    return number(v, exact);
}

std::string list(const std::vector<Vec2>& points)
{
    std::string text;
    for (const Vec2 p : points) text += num(p.x) + ' ' + num(p.y) + ' ';
    return text;
}

std::vector<Vec2> points(const char* text)
{
    const auto v = numbers(text);
    std::vector<Vec2> out;
    for (std::size_t k = 0; k + 1 < v.size(); k += 2) out.push_back({v[k], v[k + 1]});
    return out;
}

double one(pugi::xml_node n, const char* name, double otherwise)
{
    const auto v = numbers(n.attribute(name).value());
    return v.empty() ? otherwise : v[0];
}

bool flagged(pugi::xml_node n, const char* name)
{
    return std::strcmp(n.attribute(name).value(), "true") == 0;
}

std::string text(const curve::Affine& m)
{
    std::string out;
    for (const double v : {m.a, m.b, m.c, m.d, m.e, m.f}) out += (out.empty() ? "" : " ") + num(v);
    return out;
}

std::string localName(pugi::xml_node n)
{
    std::string name = n.name();
    const auto colon = name.find(':');
    if (colon == std::string::npos) return name;
    const std::string prefix = name.substr(0, colon);
    return prefix == "svg" || prefix == "rope" ? name.substr(colon + 1) : "";
}

const char* hrefOf(pugi::xml_node n)
{
    return n.attribute("xlink:href") ? n.attribute("xlink:href").value() : n.attribute("href").value();
}

std::string text(art::InkUse use)
{
    return std::to_string(use.ink) + ' ' + std::to_string(use.tint);
}

art::InkUse inkUse(const char* text)
{
    const auto v = numbers(text);
    if (v.size() != 2 || v[0] < 1 || v[0] > 1e15) return {};
    return {static_cast<art::Id>(v[0]), static_cast<int>(std::clamp(v[1], -3.0, 3.0))};
}

std::string kindsOf(const curve::Paths& paths)
{
    std::string kinds;
    for (const curve::Path& p : paths) {
        for (const curve::Node& node : p.nodes) kinds += node.kind == curve::NodeKind::smooth ? 's' : 'c';
        kinds += ' ';
    }
    return kinds;
}

void setKinds(curve::Paths& paths, const char* k)
{
    if (!*k) return;
    for (curve::Path& p : paths) {
        for (curve::Node& node : p.nodes)
            if (*k == 's' || *k == 'c') node.kind = *k++ == 's' ? curve::NodeKind::smooth : curve::NodeKind::corner;
        if (*k == ' ') ++k;
    }
}

void setPaths(pugi::xml_node n, const char* name, const curve::Paths& paths)
{
    set(n, name, pathData(paths, exact));
    set(n, "kinds", kindsOf(paths));
}

curve::Paths pathsOf(pugi::xml_node n, const char* name)
{
    curve::Paths paths = parsePathData(n.attribute(name).value()).paths;
    setKinds(paths, n.attribute("kinds").value());
    return paths;
}

} // namespace softrope::files
