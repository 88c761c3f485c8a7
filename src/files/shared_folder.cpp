#include "files/shared_folder.h"

#include "words/said.h"

#include <chrono>
#include <cstdlib>
#include <filesystem>

namespace softrope::files {

namespace fs = std::filesystem;

std::string ownFolder(const std::string& name)
{
    const char* data = std::getenv("XDG_DATA_HOME");
    if (data && data[0] == '/') return std::string(data) + "/soft-rope/" + name;
    const char* home = std::getenv("HOME");
    return std::string(home ? home : "/tmp") + "/.local/share/soft-rope/" + name;
}

std::string shippedFolder(const std::string& name)
{
    std::error_code trouble;
    const auto program = fs::read_symlink("/proc/self/exe", trouble).parent_path();
    for (const char* place : {"share/", "", "../share/soft-rope/"}) {
        const auto folder = fs::weakly_canonical(program / (place + name), trouble);
        if (!trouble && fs::is_directory(folder, trouble)) return folder.string();
    }
    return {};
}

std::string plainName(const std::string& name)
{
    std::string out;
    for (char c : name) {
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
        const bool plain = (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || static_cast<unsigned char>(c) >= 0x80;
        if (plain)
            out += c;
        else if (!out.empty() && out.back() != '-')
            out += '-';
    }
    constexpr std::size_t most = 80;
    if (out.size() > most) {
        std::size_t end = most;
        while (end > 0 && (static_cast<unsigned char>(out[end]) & 0xC0) == 0x80) --end; // not within a character
        out.resize(end);
    }
    while (!out.empty() && out.back() == '-') out.pop_back();
    return out;
}

FileResult putEarlier(const std::string& file)
{
    std::error_code trouble;
    const fs::path from = file, folder = from.parent_path() / "earlier";
    fs::create_directories(folder, trouble);
    const auto now = std::chrono::duration_cast<std::chrono::milliseconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    fs::copy_file(from, folder / (from.stem().string() + '-' + std::to_string(now) + from.extension().string()), fs::copy_options::overwrite_existing, trouble);
    return trouble ? FileResult{words::said("What was there cannot be kept: %1.", {trouble.message()})} : FileResult{};
}

} // namespace softrope::files
