// How pictures are traced from the command line: one at a time (outline, lines, tones), by the folder (trace), or within a job (make).
#pragma once

#include "art/document.h"
#include "cli/facts.h"
#include "pixel/raster.h"

#include <functional>
#include <string>
#include <vector>

namespace CLI {
class App;
}

namespace softrope::cli {

enum class As { shapes, lines, tones };
const char* nameOf(As as);
constexpr const char* pictureKinds = "PNG, JPEG, WebP, TIFF, BMP or GIF; - reads standard input";

// What can be set of each; trace/outline.h, trace/lines.h and tone/tones.h say what they do.
struct Knobs {
    double slack = -1; // px; negative = slackOf()
    std::string threshold = "auto";
    double speck = 8, hole = 8; // px2
    bool lightOnDark = false, extremes = false;
    std::string medium = "auto";
    double gather = 1, shortest = 6; // px
    bool swell = false;
    int count = 8;
    double crisp = -1, smallest = -1;
    bool lightness = false;
};
double slackOf(As as); // px
// The options of one kind; `slack` among them.
void addSlack(CLI::App& c, Knobs& k, As as);
void addShapeKnobs(CLI::App& c, Knobs& k);
void addLineKnobs(CLI::App& c, Knobs& k);
void addToneKnobs(CLI::App& c, Knobs& k);
// Those that matter to the kind, by the names of their options.
Json toJson(As as, const Knobs& k);
// From such an object, members left out staying as they are. A sentence for the user where one is unknown or out of range, else empty.
std::string readKnobs(const Json& from, As as, Knobs& k);

struct Traced {
    std::vector<art::Item> items;
    std::size_t paths = 0, nodes = 0;
    double furthest = -1;    // px, of a measured place from its path; negative = not measured
    std::size_t colours = 0; // of tones
};
// Nothing when cancelled. `toSheet` places what is found; slack and `furthest` are the picture's px all the same. The picture is given away: of
// a large one only the greys are kept where they are enough.
Traced traced(pixel::Picture picture, As as, const Knobs& k, const std::function<bool()>& cancelled = {}, const curve::Affine& toSheet = {});
const char* layerOf(As as); // the name of the layer they lie on

} // namespace softrope::cli
