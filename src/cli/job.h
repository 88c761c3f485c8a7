// A whole job without a screen, from a recipe: a picture is put on the sheet, cleaned, traced, mirrored, filled, inked, proofed and written.
//
//     {"picture": "page.jpg", "sheet": {"width": 1080, "height": 1080}, "title": "Moth",
//      "steps": [{"do": "clean"}, {"do": "lines", "medium": "pencil"}, {"do": "mirror", "axis": "auto", "weld": 4},
//                {"do": "areas", "gap": 6}, {"do": "inks", "palette": "Lantern row"}, {"do": "deliver", "out": "for-the-client"}]}
//
// Names of files are meant from the recipe's folder. What each step takes is said in the manual (packaging/manual) and by stepKinds().
#pragma once

#include "cli/facts.h"

#include <nlohmann/json.hpp>

#include <functional>
#include <string>
#include <vector>

namespace softrope::cli {

// For manual and messages: what a step does, and its members with what they mean.
struct StepKind {
    std::string name, does;
    std::vector<std::pair<std::string, std::string>> members;
};
const std::vector<StepKind>& stepKinds();

struct JobAsked {
    std::string folder;   // of the recipe
    bool replace = false; // files that are there are written over
    bool check = false;   // nothing is done: only whether the recipe is right
    std::function<bool()> cancelled = {};
    std::function<void(const std::string&)> told = {}; // a line after each step
};
struct JobDone {
    int code = 0; // streams.h
    std::string problem;
    Json steps = Json::array(); // {"do", "seconds", and what the step found}
};
// The recipe is read to its end before anything is done: a wrong one changes nothing.
JobDone runJob(const std::string& recipe, const std::string& name, const JobAsked& asked);

} // namespace softrope::cli
