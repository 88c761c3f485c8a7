// Stages in a working file: each a working file of its own, as text in an element that no other program draws. What is as it is now
// is named there instead of being written again, pictures too.
#pragma once

#include "art/stages.h"
#include "files/svg.h"

#include <pugixml.hpp>

#include <optional>

namespace softrope::files {

void writeStage(pugi::xml_node root, const art::Stage& stage, const art::Document& now, const PictureLink& link);
// `now`: what was read so far of the file, its layers among it. Nothing when it cannot be read.
std::optional<art::Stage> readStage(pugi::xml_node n, const art::Document& now, const PictureOpener& open);
// As readSvg.
struct ReadingOptions {
    bool stages = true; // a stage has none
    bool apart = false; // what the document has no notion of is painted without it rather than kept whole
};
SvgResult readSvg(std::string_view text, const PictureOpener& open, const ReadingOptions& o);

} // namespace softrope::files
