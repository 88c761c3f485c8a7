// Attributes of working files: the one set of helpers that all writers and readers share.
#pragma once

#include "art/paint.h"
#include "curve/path.h"

#include <pugixml.hpp>

#include <string>
#include <vector>

namespace softrope::files {

inline void set(pugi::xml_node n, const char* name, const std::string& v)
{
    n.append_attribute(name) = v.c_str();
}
// As many digits as make it the same number again.
std::string num(double v);
std::string list(const std::vector<curve::Vec2>& points);
std::vector<curve::Vec2> points(const char* text);
// The first number of an attribute.
double one(pugi::xml_node n, const char* name, double otherwise);
bool flagged(pugi::xml_node n, const char* name);
// "1 0 0 1 0 0".
std::string text(const curve::Affine& m);
// The element's name without "svg:"; "rope:" counts as ours too. Other programs' own elements say nothing that we could draw: "".
std::string localName(pugi::xml_node n);
// What it refers to: "#name" of href or xlink:href.
const char* hrefOf(pugi::xml_node n);

// "12 -1": an ink and a step of its tint scale.
std::string text(art::InkUse use);
art::InkUse inkUse(const char* text);

// Path data as exact as it gets, and beside it the kinds of the nodes, which path data does not tell.
void setPaths(pugi::xml_node n, const char* name, const curve::Paths& paths);
curve::Paths pathsOf(pugi::xml_node n, const char* name);
std::string kindsOf(const curve::Paths& paths);
void setKinds(curve::Paths& paths, const char* kinds);

} // namespace softrope::files
