// What is delivered, in which variants and formats, under which names. Kept with the document as JSON.
#pragma once

#include "deliver/variants.h"

#include <string>
#include <string_view>
#include <vector>

namespace softrope::deliver {

enum class Scope { sheet, picked, layers };
enum class Format { svg, svgText, pdf, eps, png };
constexpr Format formats[] = {Format::svg, Format::svgText, Format::pdf, Format::eps, Format::png};
const char* idOf(Format f); // "svg", "svg-text", "pdf", "eps", "png"

struct Plan {
    std::vector<Variant> variants{Variant::full, Variant::oneInk, Variant::reversed};
    std::vector<Format> formats{Format::svg, Format::pdf, Format::png};
    Scope scope = Scope::sheet;
    std::vector<int> pngWidths{1024}; // px
    std::vector<int> iconSizes;       // px: square pictures, the mark in the middle
    bool ground = false;              // pictures and pages on the paper's colour; else on nothing
    double bleed = 0;                 // mm round pages
    bool cropMarks = false;
    bool sheet = true; // the delivery sheet
    // {title}, {variant}, {layer} and {date} are replaced; an empty part goes with the hyphen before it.
    std::string names = "{title}-{layer}-{variant}";
    Inking inking;
    friend bool operator==(const Plan&, const Plan&) = default;
};
std::string planText(const Plan& p);
struct PlanResult {
    Plan plan;
    std::string problem; // a sentence for the user
    bool ok() const { return problem.empty(); }
};
// What is left out stays as above. Unknown variants and formats, and numbers out of range, are refused.
PlanResult readPlan(std::string_view json, const std::string& name);
// The plan the document keeps; the usual one when it keeps none, or none that can be read.
Plan planOf(const art::Document& d);

} // namespace softrope::deliver
