#include "files/view_box.h"

#include "files/path_data.h"

#include <pugixml.hpp>

#include <algorithm>
#include <string_view>

namespace softrope::files {

std::optional<ViewBox> viewBoxOf(pugi::xml_node n)
{
    const auto v = numbers(n.attribute("viewBox").value());
    if (v.size() != 4 || !(v[2] > 0 && v[3] > 0)) return std::nullopt;
    return ViewBox{v[0], v[1], v[2], v[3]};
}

curve::Affine fittedView(pugi::xml_node n, double width, double height)
{
    const auto box = viewBoxOf(n);
    if (!box) return {};
    const std::string_view fit = n.attribute("preserveAspectRatio").value();
    const auto says = [&](const char* word) { return fit.find(word) != std::string_view::npos; };
    double sx = width / box->width, sy = height / box->height;
    if (!says("none")) sx = sy = says("slice") ? std::max(sx, sy) : std::min(sx, sy);
    const auto share = [&](const char* least, const char* most) { return says(least) ? 0.0 : says(most) ? 1.0 : 0.5; };
    return curve::translation({share("xMin", "xMax") * (width - sx * box->width), share("YMin", "YMax") * (height - sy * box->height)}) *
           curve::scaling(sx, sy) * curve::translation({-box->x, -box->y});
}

} // namespace softrope::files
