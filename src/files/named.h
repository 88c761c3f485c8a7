// What the elements of a drawing refer to: other elements by their names, and the rules of its style sheets.
#pragma once

#include "files/css.h"

#include <pugixml.hpp>

#include <map>
#include <string>
#include <string_view>

namespace softrope::files {

class Named {
public:
    // Looks through everything at and below the root, once.
    explicit Named(pugi::xml_node root);
    // The element of that id, the first of several; an empty node where there is none.
    pugi::xml_node find(std::string_view id) const;
    // What href or xlink:href of the element means within the file; an empty node where that is nothing, or lies elsewhere.
    pugi::xml_node referredBy(pugi::xml_node n) const;
    const StyleSheet& styles() const { return styles_; }

private:
    std::map<std::string, pugi::xml_node, std::less<>> byId_;
    StyleSheet styles_;

    void style(pugi::xml_node n);
};

} // namespace softrope::files
