// The recipes of live parts in the working file. A recipe of an artwork adds to the artwork's element, one of a group is an element
// at the head of the group's.
#pragma once

#include "art/document.h"

#include <pugixml.hpp>

#include <functional>

namespace softrope::files::recipes {

// Artwork that a recipe keeps is written and read as any other.
using PartWriter = std::function<void(pugi::xml_node, const art::Artwork&)>;
using PartReader = std::function<art::Artwork(pugi::xml_node)>;

void write(pugi::xml_node artwork, const art::Recipe& recipe, const PartWriter& part);
void write(pugi::xml_node group, const art::GroupRecipe& recipe, const PartWriter& part);
// Nothing when there is none, it cannot be read, or it does not give the paths that are there: they may have been changed elsewhere.
art::Recipe read(pugi::xml_node artwork, const curve::Paths& paths, const PartReader& part);
art::GroupRecipe readGroup(pugi::xml_node group, const PartReader& part);

} // namespace softrope::files::recipes
