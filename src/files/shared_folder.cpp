#include "files/shared_folder.h"

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

} // namespace softrope::files
