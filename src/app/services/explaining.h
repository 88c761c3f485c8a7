// Whether the program explains itself unasked: moving pictures over the tools, the hint beside them. For the first pieces it does; after
// that nobody needs it, and who wants it all the same says so.
#pragma once

namespace softrope::app {

constexpr int piecesExplained = 5;

// As it was said, else while fewer pieces than that have been worked on.
bool explains();
void setExplains(bool on);
// A piece was worked on that had not been before.
void countPiece();

} // namespace softrope::app
