// Words set in lines, and the lines laid on the sheet: straight, along a path, or round a centre.
//
// A layout lies in a plane of its own, px, y down: the first baseline is y = 0, and x = 0 is where the lines are aligned. A rail says where
// on the sheet a place of that plane lies; letters stay whole and stand upright on it, each by the middle of its advance, as SVG 2
// (11.8.3, text on a path) has it.
#pragma once

#include "curve/measured.h"
#include "letter/shape.h"
#include "letter/type.h"

#include <optional>
#include <string>
#include <vector>

namespace softrope::letter {

struct Letter {
    Glyph glyph;
    std::size_t line = 0;
    std::size_t from = 0, to = 0; // bytes of the words
    double pen = 0, advance = 0;  // px, in the layout
};
// Where the caret may stand: before the byte `at`.
struct Stop {
    std::size_t at = 0;
    std::size_t line = 0;
    double x = 0; // px
};
struct Line {
    std::size_t from = 0, to = 0;     // bytes of the words, without the line's end
    double baseline = 0;              // px
    double left = 0, width = 0;       // px: by advance
    double inkLeft = 0, inkRight = 0; // px: what is seen of it; equal when nothing is
    bool rightToLeft = false;
};
struct Layout {
    std::vector<Letter> letters;              // line by line, from left to right
    std::vector<Stop> stops;                  // by their place in the words
    std::vector<Line> lines;                  // one at least
    double ascent = 0, descent = 0, size = 0; // px
    std::vector<char32_t> missing;            // characters that no face has
};
// Each line may be spread to a length by the space between its letters; round a closed way, space comes after the last one too.
struct Spread {
    double to = 0; // px; 0 = as it comes
    bool closes = false;
};
// Nothing when the family is not here.
// 2,000 letters take below 10 ms (bench_letter) once their outlines are known.
std::optional<Layout> layout(const std::string& words, const Type& type, const Spread& spread = {});

// The size at which the widest line is so wide, by what is seen; nothing when nothing is seen, or the family is not here.
std::optional<double> sizeForWidth(const std::string& words, const Type& type, double width);

class Rail {
public:
    // Placed as it lies.
    static Rail straight(const curve::Affine& place);
    // Baselines on circles round the origin of a place on the sheet: the first of `radius` px, x = 0 at `angle` (radians, clockwise from the x axis on the
    // screen). Outside, letters stand with their heads away from the centre and run clockwise; inside, towards it and counterclockwise. Later lines come nearer
    // to the centre outside, farther from it inside. Measured on each baseline's own circle.
    static Rail arc(const curve::Affine& centre, double radius, double angle, bool inside);
    // x = 0 at `start` px along the path; letters stand on its left side going along it, `shift` px away, or when turned over on the other
    // side, running back.
    static Rail along(curve::Path path, double start, bool over, double shift, bool mirrored = false);

    // What brings a thing at the origin, upright, to that place of the layout.
    curve::Affine at(curve::Vec2 p) const;
    // The place of the layout that lies nearest on the sheet, among x from `least` to `most` and at the height y of the line.
    double nearest(curve::Vec2 sheet, double y, double least, double most) const;

private:
    enum class Kind { straight, arc, along } kind_ = Kind::straight;
    curve::Affine place_;
    double radius_ = 1, angle_ = 0, start_ = 0, shift_ = 0;
    bool over_ = false, mirrored_ = false; // inside, turned over
    std::optional<curve::Measured> path_;
};

// The outlines of each letter on the sheet; none for spaces.
std::vector<curve::Paths> lettersOn(const Layout& l, const Rail& rail);
// All of them in one list.
curve::Paths outlinesOn(const Layout& l, const Rail& rail);

// What the caret may go to from a place in the words, and where a point of the layout falls.
std::size_t stopAt(const Layout& l, curve::Vec2 p);
const Stop* stopOf(const Layout& l, std::size_t at);
// The line that holds the place.
std::size_t lineOf(const Layout& l, std::size_t at);

} // namespace softrope::letter
