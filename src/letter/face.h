// A typeface ready for use: which characters it has, its measures, and the outlines of its glyphs.
#pragma once

#include "curve/path.h"

#include <cstdint>
#include <memory>
#include <string>

struct hb_font_t;

namespace softrope::letter {

using GlyphId = std::uint32_t;

// Where a face is, and where on its axes.
struct FacePlace {
    std::string file;
    int index = 0;                // of the face in a collection
    double weight = 0, width = 0; // axes of a variable face; 0 = as it stands
    friend auto operator<=>(const FacePlace&, const FacePlace&) = default;
};

// Immutable but for its store of outlines, which has a lock: any thread.
class Face {
public:
    // Null when the file cannot be read or is no OpenType face with outlines.
    static std::shared_ptr<const Face> open(const FacePlace& place);
    ~Face();
    Face(const Face&) = delete;
    Face& operator=(const Face&) = delete;

    bool has(char32_t character) const;
    // Whether its layout tables offer the feature ("smcp").
    bool offers(const char* feature) const;
    double ascent() const { return ascent_; }   // em, above the baseline
    double descent() const { return descent_; } // em, below it: positive
    int unitsPerEm() const { return unitsPerEm_; }
    // In em, y down, the origin on the baseline. Cubics as they are in the face, quadratics raised exactly (degree elevation, Farin 2002,
    // 5.1). Empty for a space, and for a glyph that is a picture only.
    std::shared_ptr<const curve::Paths> outline(GlyphId glyph) const;
    // In the face's units, for shaping. Only to be read.
    hb_font_t* font() const { return font_; }

private:
    Face() = default;
    struct Store;
    hb_font_t* font_ = nullptr;
    std::unique_ptr<Store> store_;
    int unitsPerEm_ = 1000;
    double ascent_ = 0.8, descent_ = 0.2;
};

} // namespace softrope::letter
