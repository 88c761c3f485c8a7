// The recipes of live layers in the working file: one element each at the head of the layer's group.
#pragma once

#include "art/document.h"

#include <pugixml.hpp>

#include <memory>

namespace softrope::files::recipes {

void write(pugi::xml_node group, const art::ToneLayer& tones);
void write(pugi::xml_node group, const art::FacetLayer& facets);
// Nothing when the group has none, or it cannot be read.
std::shared_ptr<const art::ToneLayer> readTones(pugi::xml_node group);
std::shared_ptr<const art::FacetLayer> readFacets(pugi::xml_node group);

} // namespace softrope::files::recipes
