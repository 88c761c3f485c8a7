// Gradients of SVG (1.1, 13.2), ours and those of others.
#pragma once

#include "art/document.h"
#include "files/svg_style.h"

#include <pugixml.hpp>

#include <map>
#include <memory>
#include <string>

namespace softrope::files {

class Gradients {
public:
    // All linear and radial gradients below the node, wherever they stand.
    void gather(pugi::xml_node root);
    // The gradient of that name on a shape with these bounds (sheet px), `toSheet` mapping the shape's user space to the sheet. Nothing when there is none of
    // that name, or it has no stops.
    art::Shared<art::Gradient> make(const std::string& name, const curve::Box& bounds, const curve::Affine& toSheet, const Style& style) const;

private:
    std::map<std::string, pugi::xml_node> byName_;
};

} // namespace softrope::files
