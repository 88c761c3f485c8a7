// The proof: every fault of a drawing, found and where possible mended. Knows geometry and what processes can hold; knows nothing of
// windows and files.
#pragma once

#include "proof/finding.h"
#include "proof/process.h"

#include <functional>
#include <memory>

namespace softrope::proof {

// Finds faults again and again as a drawing changes: what an edit did not touch, nor anything near it, is not looked at anew. One
// thread at a time.
class Proofer {
public:
    Proofer();
    ~Proofer();
    Proofer(const Proofer&) = delete;
    Proofer& operator=(const Proofer&) = delete;
    // In the order of the sheet, top to bottom in each kind, safe mends first. Without those that were said to be meant
    // (Content::proofing). Empty when cancelled.
    std::vector<Finding> findings(const art::Document& d, const Limits& l, const std::function<bool()>& cancelled = {});

private:
    struct Kept;
    std::unique_ptr<Kept> kept_;
};
// The same once.
std::vector<Finding> findings(const art::Document& d, const Limits& l, const std::function<bool()>& cancelled = {});

} // namespace softrope::proof
