// What is said of a piece (title, author, licence, description) as SVG metadata: RDF with the Dublin Core terms (SVG 1.1, 21; DCMI Metadata
// Terms; ccREL for the licence).
#pragma once

#include "art/document.h"

#include <pugixml.hpp>

#include <string>

namespace softrope::files {

// As a child of the root; nothing where there is nothing to say but the title.
void writeAbout(pugi::xml_node root, const std::string& title, const art::About& about);
// From a metadata element, whatever its prefixes; what is there already stays where it says nothing. An author may stand in an agent or a
// list; of several, all are named.
void readAbout(pugi::xml_node metadata, std::string& title, art::About& about);

} // namespace softrope::files
