// Words as text of SVG 1.1 (chapter 10): straight lines as they are typed; on curves each letter is text of its own in a group, because
// few programs know text on a path or letters that are turned one by one.
#pragma once

#include "art/document.h"

#include <pugixml.hpp>

#include <optional>
#include <string>
#include <vector>

namespace softrope::files {

struct WordLines {
    struct Line {
        std::string words;
        double x = 0, y = 0;
        bool middle = false;                // x is its middle, not where it begins
        std::vector<curve::Affine> letters; // on a curve: where each lies on the sheet
    };
    std::vector<Line> lines;
    curve::Affine place; // from their plane to the sheet
    letter::Type type;
};
// Nothing where outlines must stand for them.
std::optional<WordLines> wordLines(const art::Document& d, const art::Artwork& a);
// Into a `text` element that has its paint.
void writeWords(pugi::xml_node text, const WordLines& words, int decimals);

} // namespace softrope::files
