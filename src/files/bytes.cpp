#include "files/bytes.h"
#include "words/said.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>

namespace softrope::files {

namespace {

constexpr std::string_view alphabet = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";

std::string nameOf(const std::string& path)
{
    return std::filesystem::path(path).filename().string();
}

std::string because(const std::string& what, int error)
{
    if (error == ENOSPC || error == EDQUOT || error == EFBIG) return words::said("%1: the disk is full.", {what});
    if (error == EACCES || error == EPERM || error == EROFS) return words::said("%1: writing is not allowed there.", {what});
    return what + ": " + std::strerror(error) + ".";
}

// What new files are not to allow. umask(2) can only be asked by setting it, which other threads would see; proc(5) tells it.
mode_t umaskNow()
{
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.rfind("Umask:", 0) == 0) return static_cast<mode_t>(std::strtoul(line.c_str() + 6, nullptr, 8));
    return 022;
}

} // namespace

std::vector<std::byte> bytesOf(std::string_view text)
{
    std::vector<std::byte> out(text.size());
    std::transform(text.begin(), text.end(), out.begin(), [](char c) { return static_cast<std::byte>(c); });
    return out;
}

std::string base64(const std::vector<std::byte>& bytes)
{
    std::string out;
    out.reserve((bytes.size() + 2) / 3 * 4);
    for (std::size_t i = 0; i < bytes.size(); i += 3) {
        unsigned v = std::to_integer<unsigned>(bytes[i]) << 16;
        if (i + 1 < bytes.size()) v |= std::to_integer<unsigned>(bytes[i + 1]) << 8;
        if (i + 2 < bytes.size()) v |= std::to_integer<unsigned>(bytes[i + 2]);
        out += alphabet[v >> 18];
        out += alphabet[(v >> 12) & 63];
        out += i + 1 < bytes.size() ? alphabet[(v >> 6) & 63] : '=';
        out += i + 2 < bytes.size() ? alphabet[v & 63] : '=';
    }
    return out;
}

std::optional<std::vector<std::byte>> fromBase64(std::string_view text)
{
    std::array<int, 256> value;
    value.fill(-1);
    for (std::size_t i = 0; i < alphabet.size(); ++i) value[static_cast<unsigned char>(alphabet[i])] = static_cast<int>(i);
    std::vector<std::byte> out;
    out.reserve(text.size() / 4 * 3);
    unsigned bits = 0;
    int held = 0;
    for (const char c : text) {
        if (c == '=' || c == '\n' || c == '\r' || c == ' ' || c == '\t') continue;
        const int v = value[static_cast<unsigned char>(c)];
        if (v < 0) return std::nullopt;
        bits = (bits << 6) | static_cast<unsigned>(v);
        held += 6;
        if (held >= 8) {
            held -= 8;
            out.push_back(static_cast<std::byte>((bits >> held) & 255));
        }
    }
    return out;
}

TextResult readText(const std::string& path, std::size_t most)
{
    TextResult r;
    std::error_code e;
    if (!std::filesystem::exists(path, e)) {
        r.problem = words::said("There is no file %1.", {nameOf(path)});
        return r;
    }
    if (std::filesystem::is_directory(path, e)) {
        r.problem = words::said("%1 is a folder.", {nameOf(path)});
        return r;
    }
    std::ifstream in(path, std::ios::binary);
    if (!in) {
        r.problem = words::said("%1 cannot be opened.", {nameOf(path)});
        return r;
    }
    char buffer[1 << 16];
    while (in.read(buffer, sizeof buffer) || in.gcount() > 0) {
        r.text.append(buffer, static_cast<std::size_t>(in.gcount()));
        if (r.text.size() > most) {
            r = {};
            r.problem = words::said("%1 is too large to open.", {nameOf(path)});
            return r;
        }
    }
    return r;
}

FileResult saveAtomically(const std::string& path, std::string_view content)
{
    std::error_code e;
    std::filesystem::path target = path;
    if (std::filesystem::is_symlink(target, e)) target = std::filesystem::weakly_canonical(target, e);
    const std::string failed = words::said("%1 was not saved", {nameOf(path)});
    std::string temporary = target.string() + ".part-XXXXXX";
    const int fd = ::mkstemp(temporary.data());
    if (fd < 0) return {because(failed, errno)};
    struct stat was {};
    const mode_t mode = ::stat(target.c_str(), &was) == 0 ? was.st_mode & 07777 : 0666 & ~umaskNow();
    const auto giveUp = [&](int error) {
        ::close(fd);
        ::unlink(temporary.c_str());
        return FileResult{because(failed, error)};
    };
    std::size_t done = 0;
    while (done < content.size()) {
        const ssize_t n = ::write(fd, content.data() + done, content.size() - done);
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return giveUp(errno);
        done += static_cast<std::size_t>(n);
    }
    if (::fchmod(fd, mode) != 0 || ::fsync(fd) != 0) return giveUp(errno);
    ::close(fd);
    if (::rename(temporary.c_str(), target.c_str()) != 0) {
        const int error = errno;
        ::unlink(temporary.c_str());
        return {because(failed, error)};
    }
    // The rename itself must reach the disk too.
    const std::string folder = target.has_parent_path() ? target.parent_path().string() : ".";
    if (const int dir = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY); dir >= 0) {
        ::fsync(dir);
        ::close(dir);
    }
    return {};
}

FileResult saveAtomically(const std::string& path, const std::vector<std::byte>& content)
{
    return saveAtomically(path, std::string_view(reinterpret_cast<const char*>(content.data()), content.size()));
}

} // namespace softrope::files
