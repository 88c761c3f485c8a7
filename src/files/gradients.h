// Gradients of SVG (1.1, 13.2), ours and those of others.
#pragma once

#include "art/document.h"
#include "files/svg_style.h"

#include <map>
#include <memory>
#include <string>

namespace softrope::files {

class Named;

// Those of one drawing. What each says is gathered once, however many shapes are painted with it.
class Gradients {
public:
    explicit Gradients(const Named& named) : named_(named) {}
    // The gradient of that name on a shape with these bounds in its user space, which `toSheet` maps to the sheet. Nothing when there is none
    // of that name, or it has no stops.
    art::Shared<art::Gradient> of(const std::string& name, const curve::Box& bounds, const curve::Affine& toSheet, const Style& style);

    // Whether the gradient of that name, once asked for, is measured by the bounds of the shape it paints.
    bool isByBounds(const std::string& name) const;

private:
    struct Said;
    const Named& named_;
    std::map<std::string, std::shared_ptr<const Said>> said_; // nothing where there is none

    std::shared_ptr<const Said> gathered(const std::string& name, const StyleSheet* sheet) const;
};

} // namespace softrope::files
