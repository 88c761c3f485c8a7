// How much of a picture that was cut off is there.
#pragma once

#include <cstddef>
#include <string>
#include <vector>

namespace softrope::files {

// Rows of pixels that the bytes hold of a JPEG or PNG, when they end too early; -1 when all is there, or for other formats. Only what
// is cut off is decoded for it. By the libraries' own warnings: libjpeg tells of a premature end (ITU-T T.81), a PNG's rows are
// counted as they are unpacked (W3C PNG, 3rd edition). Interlaced pictures count as many rows as are there in their last pass.
int loadedRows(const std::vector<std::byte>& bytes, const std::string& format);

} // namespace softrope::files
