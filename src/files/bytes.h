// Small things every file format needs: base64, whole files, safe saving.
#pragma once

#include <cstddef>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace softrope::files {

std::vector<std::byte> bytesOf(std::string_view text);
std::string base64(const std::vector<std::byte>& bytes);
// White space is skipped (RFC 2045); nothing when other foreign characters are found.
std::optional<std::vector<std::byte>> fromBase64(std::string_view text);

struct FileResult {
    std::string problem; // empty when all went well, else a sentence for the user
    bool ok() const { return problem.empty(); }
};
struct TextResult {
    std::string text;
    std::string problem;
    bool ok() const { return problem.empty(); }
};
TextResult readText(const std::string& path, std::size_t most = 1'000'000'000);

// Writes beside the target, syncs, and renames over it: whatever happens, the target holds either the old content or the
// new. A symbolic link is followed; permissions of an existing file are kept.
FileResult saveAtomically(const std::string& path, std::string_view content);
FileResult saveAtomically(const std::string& path, const std::vector<std::byte>& content);

} // namespace softrope::files
