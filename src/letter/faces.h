// The typefaces of this machine, and those that ship with the program (fontconfig finds them).
#pragma once

#include "letter/face.h"
#include "letter/type.h"

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

namespace softrope::letter {

// One face of a family, as it is listed.
struct Listed {
    std::string style;                                                    // "Bold Italic"
    double weight = 400, width = 100;                                     // OpenType's; of a variable face the middle of its axis
    double lightest = 400, heaviest = 400, narrowest = 100, widest = 100; // the ends of its axes
    bool italic = false, variable = false, ships = false;
    FacePlace place;
};
struct Family {
    std::string name;
    std::vector<Listed> faces; // upright first, light to heavy
    bool ships() const
    {
        return std::any_of(faces.begin(), faces.end(), [](const Listed& f) { return f.ships; });
    }
};

// Typefaces of a folder are found from now on as well. To be called before the first question, or the lists are read anew. Those of the
// program need no call: they are found beside it where it was built, or where it is installed ("../share/soft-rope/faces").
void addFaces(const std::string& folder);
// By name; only those with outlines that can be shaped. The first call may take a second while fontconfig reads its store; any thread.
const std::vector<Family>& families();
const Family* family(const std::string& name);
// The family that this machine puts in the place of one that is not here ("sans-serif"); nothing when it has none with outlines.
std::optional<std::string> standIn(const std::string& name);

// The face of the family nearest to what is asked (weight, width, slant), its axes set; null when no such family is here.
std::shared_ptr<const Face> faceOf(const Type& type);
// Which of its family's faces that is, by its place in the list; nothing when no such family is here.
std::optional<std::size_t> listedOf(const Type& type);
// Any face that has the character, as near as possible; null when there is none.
std::shared_ptr<const Face> faceFor(char32_t character, const Type& type);

} // namespace softrope::letter
