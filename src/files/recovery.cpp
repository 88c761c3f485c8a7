#include "files/recovery.h"

#include "files/svg.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <csignal>
#include <cstdlib>
#include <ctime>
#include <filesystem>
#include <fstream>
#include <unistd.h>

namespace softrope::files {

namespace fs = std::filesystem;

std::string stateFolder()
{
    const char* state = std::getenv("XDG_STATE_HOME");
    if (state && state[0] == '/') return std::string(state) + "/soft-rope";
    const char* home = std::getenv("HOME");
    return std::string(home ? home : "/tmp") + "/.local/state/soft-rope";
}

namespace {

std::string recoveryFolder()
{
    return stateFolder() + "/recovery";
}

// A process is told from a later one of the same number by when it started (field 22 of /proc/PID/stat).
std::string startOf(long pid)
{
    std::ifstream in("/proc/" + std::to_string(pid) + "/stat");
    std::string text((std::istreambuf_iterator<char>(in)), {});
    const auto paren = text.rfind(')');
    if (paren == std::string::npos) return {};
    std::istringstream fields(text.substr(paren + 1));
    std::string f;
    for (int i = 0; i < 20 && fields >> f; ++i) {}
    return f;
}

bool alive(long pid, const std::string& start)
{
    return pid > 0 && ::kill(static_cast<pid_t>(pid), 0) == 0 && startOf(pid) == start;
}

std::string clock(long long seconds)
{
    const std::time_t t = seconds;
    std::tm tm{};
    localtime_r(&t, &tm);
    char text[32];
    std::strftime(text, sizeof text, "%Y-%m-%d %H:%M:%S", &tm);
    return text;
}

} // namespace

Recovery::Recovery(std::string id) : id_(std::move(id))
{
    static std::atomic<int> count{0};
    if (id_.empty()) id_ = std::to_string(::getpid()) + '-' + startOf(::getpid()) + '-' + std::to_string(count++);
}

FileResult Recovery::write(const art::Document& d, const std::string& original, const std::vector<std::byte>& picture)
{
    const std::string folder = recoveryFolder() + '/' + id_;
    std::error_code e;
    fs::create_directories(folder, e);
    if (e) return {"Autosave has no folder: " + e.message() + "."};
    if (FileResult r = saveAtomically(folder + "/piece.svg", writeWorkingSvg(d)); !r.ok()) return r;
    if (!picture.empty()) saveAtomically(folder + "/piece.png", picture);
    const long long now = std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    const nlohmann::json about{{"pid", ::getpid()}, {"start", startOf(::getpid())}, {"original", original}, {"title", d.title}, {"seconds", now}};
    return saveAtomically(folder + "/about.json", about.dump(1, ' ', false, nlohmann::json::error_handler_t::replace));
}

void Recovery::clear()
{
    std::error_code e;
    fs::remove_all(recoveryFolder() + '/' + id_, e);
}

std::vector<RecoveryEntry> leftBehind()
{
    std::vector<RecoveryEntry> found;
    std::error_code e;
    for (const fs::directory_entry& folder : fs::directory_iterator(recoveryFolder(), e)) {
        std::ifstream in(folder.path() / "about.json");
        const nlohmann::json about = nlohmann::json::parse(in, nullptr, false);
        if (!about.is_object() || !fs::exists(folder.path() / "piece.svg", e)) continue;
        const auto textOf = [&](const char* key) { return about.contains(key) && about[key].is_string() ? about[key].get<std::string>() : std::string(); };
        const long pid = about.contains("pid") && about["pid"].is_number_integer() ? about["pid"].get<long>() : 0;
        if (alive(pid, textOf("start"))) continue;
        RecoveryEntry r;
        r.id = folder.path().filename().string();
        r.original = textOf("original");
        r.title = textOf("title");
        r.seconds = about.contains("seconds") && about["seconds"].is_number_integer() ? about["seconds"].get<long long>() : 0;
        r.when = clock(r.seconds);
        r.document = (folder.path() / "piece.svg").string();
        if (fs::exists(folder.path() / "piece.png", e)) r.picture = (folder.path() / "piece.png").string();
        found.push_back(r);
    }
    std::sort(found.begin(), found.end(), [](const RecoveryEntry& a, const RecoveryEntry& b) { return a.seconds > b.seconds; });
    return found;
}

void discard(const RecoveryEntry& entry)
{
    if (entry.id.empty() || entry.id.find('/') != std::string::npos) return;
    std::error_code e;
    fs::remove_all(recoveryFolder() + '/' + entry.id, e);
}

} // namespace softrope::files
