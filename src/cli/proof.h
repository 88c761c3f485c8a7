// The proof on the command line.
#pragma once

#include <string>

namespace softrope::cli {

struct ProofArgs {
    std::string in, out, process;
    double gap = -1, line = -1, width = 0; // negative = as the process says
    bool mend = false;
};
// Findings as JSON on standard output (on standard error when the drawing goes there). `faultsFound` when there are any; of a mended
// drawing, when any are left.
int proof(const ProofArgs& a);
int processes();

} // namespace softrope::cli
