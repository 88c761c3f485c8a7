// Ctrl+C while long work runs: it is asked to end, and what is done is kept.
#pragma once

namespace softrope::cli {

// From now on the first interrupt or request to end is taken down; a second one ends the program as usual.
void watchInterrupts();
bool interrupted();

} // namespace softrope::cli
