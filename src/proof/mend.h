// Mending what the proof found. Nothing moves by more than the finding's size, but for kinks, where curves turn and nodes stay; what
// cannot be mended any more (the drawing has changed) is passed over.
#pragma once

#include "proof/proof.h"

namespace softrope::proof {

struct Mended {
    art::Document document;
    std::vector<std::pair<Fault, int>> done; // how many of each kind, most first
    int total() const;
};
// These and no others.
Mended mended(const art::Document& d, const std::vector<Finding>& findings);
// Over and over until nothing of that is found any more (a cut end may leave two that meet): safe mends only, or also the asked
// ones; a line is reduced only when that is asked for by itself.
Mended mendedWhole(const art::Document& d, const Limits& l, bool asked, const std::function<bool()>& cancelled = {});
// "3 kinks smoothed, 2 ends joined".
std::string said(const Mended& m);

} // namespace softrope::proof
