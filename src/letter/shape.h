// One line of words shaped: the glyphs that stand for it, in the order they stand. HarfBuzz shapes; runs are parted by direction (Unicode
// Bidirectional Algorithm, UAX #9, by FriBidi), script (UAX #24) and by the face that has the characters.
#pragma once

#include "letter/face.h"
#include "letter/type.h"

#include <string_view>
#include <vector>

namespace softrope::letter {

// Em of the size, y down.
struct Glyph {
    std::shared_ptr<const Face> face;
    GlyphId id = 0;
    double pen = 0;               // where it stands
    double advance = 0;           // how far the pen goes on, tracking included
    double dx = 0, dy = 0;        // off the pen
    std::size_t from = 0, to = 0; // bytes of the line that it stands for, with those it shares them with
    bool rightToLeft = false;
    bool spaceAfter = false; // tracking may widen what follows
};
struct ShapedLine {
    std::vector<Glyph> glyphs;     // from left to right
    double width = 0;              // em
    bool rightToLeft = false;      // the line as a whole
    std::vector<char32_t> missing; // characters that no face has; their places show the face's sign for it
};
// UTF-8; what is none becomes U+FFFD. `face` is the one chosen; others stand in for characters that it lacks.
ShapedLine shaped(std::string_view line, const Type& type, const std::shared_ptr<const Face>& face);

} // namespace softrope::letter
