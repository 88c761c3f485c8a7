// Recorded strokes, as the tablet stand-in plays them: JSON, {"strokes": [[{"x", "y", "pressure", "tilt-x", "tilt-y", "time"}, ...], ...]}.
#pragma once

#include "art/recipe.h"

#include <string>
#include <string_view>
#include <vector>

namespace softrope::files {

struct StrokesResult {
    std::vector<std::vector<art::HandSample>> strokes; // each of two samples or more
    std::string problem;                               // empty when all went well
    bool ok() const { return problem.empty(); }
};

// Samples whose place is no number are left out; a missing pressure is half, a missing time 1/120 s after the last. `name` is for the
// messages.
StrokesResult readStrokes(std::string_view json, const std::string& name);

} // namespace softrope::files
