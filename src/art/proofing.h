// What the document keeps about its proof and delivery.
#pragma once

#include "curve/vec.h"

#include <cstdint>
#include <string>
#include <vector>

namespace softrope::art {

// A finding of the proof that is meant so.
struct Meant {
    std::string kind;       // proof/finding.h
    std::uint64_t item = 0; // 0 = of the whole
    curve::Vec2 at;         // sheet px
    friend bool operator==(const Meant&, const Meant&) = default;
};

struct Proofing {
    std::string process; // id of the process card; empty = none
    double width = 0;    // mm: of the finished piece; 0 = as the process has it
    std::string plan;    // of the delivery, as JSON; empty = none yet
    std::vector<Meant> meant;
    friend bool operator==(const Proofing&, const Proofing&) = default;
};

} // namespace softrope::art
