// SVG, in and out.
//
// The working file is SVG with what SVG cannot say in attributes of our own namespace; a clean export is SVG 1.1 and
// nothing else. Reading copes with foreign files and lists what it had to leave out.
#pragma once

#include "art/document.h"

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace softrope::files {

inline constexpr const char* ropeNamespace = "urn:soft-rope:1";

// Everything, exactly: reading it back gives an equal document.
std::string writeWorkingSvg(const art::Document& d);
// The same with pictures that lie elsewhere: `link` gives what stands for each (no "data:" address), or nothing for one that is to be
// written. For keeping work often.
using PictureLink = std::function<std::string(const art::PictureFile&)>;
std::string writeWorkingSvg(const art::Document& d, const PictureLink& link);
// Shown artwork only, no references, plain SVG 1.1 valid against its DTD. Words are their outlines, or text that can still be edited
// and looks as here where the typeface is: straight lines as they are typed, others letter by letter. What cannot be said so (scripts
// whose letters join, on a curve; mirrored words; a face that is not here) stays outlines.
enum class WordsAs { outlines, text };
std::string writeCleanSvg(const art::Document& d, int decimals = 3, WordsAs words = WordsAs::outlines);

struct SvgResult {
    art::Document document;
    std::vector<std::string> leftOut; // "2 texts", "1 gradient (painted grey)"
    std::string problem;              // a sentence for the user; the document is then empty
    bool working = false;             // it was one of our own working files
    bool ok() const { return problem.empty(); }
};
// Understands paths, basic shapes, groups, transforms, fills, strokes, opacity, viewBox and embedded pictures.
SvgResult readSvg(std::string_view text);
// `open` gives the bytes of a picture that lies elsewhere, by what stands for it; nothing when there are none.
using PictureOpener = std::function<std::optional<std::vector<std::byte>>(const std::string& link)>;
SvgResult readSvg(std::string_view text, const PictureOpener& open);

// Every path element of the file reduced in place (curve/reduce.h); all else in the file stays as it is. `slack` is in
// units of the root's viewBox; transforms on the way are allowed for.
struct ReducedSvg {
    std::string text;
    std::string problem;
    std::size_t nodesBefore = 0, nodesAfter = 0;
    double furthest = 0; // root units
    bool ok() const { return problem.empty(); }
};
ReducedSvg reduceSvg(std::string_view text, double slack);

} // namespace softrope::files
