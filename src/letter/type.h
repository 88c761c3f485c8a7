// How words are set: the typeface and the measures of the setting.
#pragma once

#include <string>

namespace softrope::letter {

enum class Align { start, centre, end }; // of lines that run right to left, start is the right
enum class SizeUnit { px, pt, mm };      // how the size is shown

struct Type {
    std::string family;  // as the machine names it; empty = the first that ships
    double weight = 400; // 1..1000, OpenType's usWeightClass
    double width = 100;  // 50..200 %, OpenType's wdth axis
    bool italic = false;
    double size = 96; // px of the em, 0.5..20000
    SizeUnit unit = SizeUnit::px;
    double tracking = 0;  // 1/1000 em between letters, -500..5000
    double leading = 1.2; // times the size from baseline to baseline, 0.1..10
    Align align = Align::centre;
    bool byInk = true; // lines are centred by what is seen of them, not by their advance
    bool kerning = true, ligatures = true;
    bool smallCaps = false, oldFigures = false; // where the face has them
    friend bool operator==(const Type&, const Type&) = default;
};
// Everything within its range; what is no number becomes the default.
Type bounded(Type t);

} // namespace softrope::letter
