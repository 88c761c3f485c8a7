#include "files/recovery.h"

#include "art/tree.h"
#include "words/said.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <csignal>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <ctime>
#include <filesystem>
#include <fstream>
#include <optional>
#include <sys/stat.h>
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

namespace {

// FNV-1a (Fowler, Noll, Vo), 64 bit, and the length: two pictures of a piece with the same name by chance are not to be expected.
std::string nameOf(const art::PictureFile& p)
{
    std::uint64_t h = 14695981039346656037ULL;
    for (const std::byte b : p.bytes) h = (h ^ std::to_integer<std::uint64_t>(b)) * 1099511628211ULL;
    char text[64];
    std::snprintf(text, sizeof text, "%016llx-%zu", static_cast<unsigned long long>(h), p.bytes.size());
    return text;
}

} // namespace

FileResult Recovery::write(const art::Document& d, const std::string& original, const std::vector<std::byte>& picture)
{
    const fs::path folder = recoveryFolder() + '/' + id_;
    std::error_code e;
    fs::create_directories(folder / "pictures", e);
    if (e) return {words::said("Autosave has no folder: %1.", {e.message()})};
    written_ = 0;
    std::map<std::shared_ptr<const art::PictureFile>, std::string> used;
    FileResult trouble;
    // The document shares its pictures: what points to one keeps it alive while its name is known.
    std::map<const art::PictureFile*, std::shared_ptr<const art::PictureFile>> owners;
    art::eachItem(d, {true, true, false, true}, [&](const art::Item& i, const art::Where&) {
        if (i.reference() && i.reference()->picture) owners[i.reference()->picture.get()] = i.reference()->picture.pointer();
    });
    const std::string text = writeWorkingSvg(d, [&](const art::PictureFile& p) {
        const auto& owner = owners[&p];
        std::string& name = used[owner];
        if (name.empty()) {
            const auto known = names_.find(owner);
            name = known != names_.end() ? known->second : nameOf(p);
            const fs::path file = folder / "pictures" / name;
            if (!fs::exists(file, e) || fs::file_size(file, e) != p.bytes.size()) {
                if (FileResult r = saveAtomically(file.string(), p.bytes); !r.ok()) trouble = r;
                written_ += p.bytes.size();
            }
        }
        return "pictures/" + name;
    });
    names_ = std::move(used);
    if (!trouble.ok()) return trouble;
    if (FileResult r = saveAtomically((folder / "piece.svg").string(), text); !r.ok()) return r;
    if (!picture.empty()) saveAtomically((folder / "piece.png").string(), picture);
    const long long now = std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    const nlohmann::json about{{"pid", ::getpid()}, {"start", startOf(::getpid())}, {"original", original}, {"title", d.title}, {"seconds", now}};
    const std::string line = about.dump(1, ' ', false, nlohmann::json::error_handler_t::replace);
    written_ += text.size() + picture.size() + line.size();
    // Pictures go after the piece that no longer needs them is there.
    for (const fs::directory_entry& f : fs::directory_iterator(folder / "pictures", e)) {
        const std::string name = f.path().filename().string();
        if (std::none_of(names_.begin(), names_.end(), [&](const auto& n) { return n.second == name; })) fs::remove(f.path(), e);
    }
    return saveAtomically((folder / "about.json").string(), line);
}

void Recovery::clear()
{
    std::error_code e;
    fs::remove_all(recoveryFolder() + '/' + id_, e);
}

namespace {

struct Owner {
    long pid = 0;
    std::string start;
};

// Nothing for a broken entry.
std::optional<RecoveryEntry> entryIn(const fs::path& folder, Owner* owner = nullptr)
{
    std::error_code e;
    std::ifstream in(folder / "about.json");
    const nlohmann::json about = nlohmann::json::parse(in, nullptr, false);
    if (!about.is_object() || !fs::exists(folder / "piece.svg", e)) return std::nullopt;
    const auto textOf = [&](const char* key) { return about.contains(key) && about[key].is_string() ? about[key].get<std::string>() : std::string(); };
    const auto numberOf = [&](const char* key) { return about.contains(key) && about[key].is_number_integer() ? about[key].get<long long>() : 0; };
    if (owner) *owner = {static_cast<long>(numberOf("pid")), textOf("start")};
    RecoveryEntry r;
    r.folder = folder.string();
    r.original = textOf("original");
    r.title = textOf("title");
    r.seconds = numberOf("seconds");
    r.when = clock(r.seconds);
    if (fs::exists(folder / "piece.png", e)) r.picture = (folder / "piece.png").string();
    return r;
}

// Seconds since the epoch at which a file was last written; 0 when there is none.
long long writtenAt(const std::string& path)
{
    struct stat s {};
    return !path.empty() && ::stat(path.c_str(), &s) == 0 ? static_cast<long long>(s.st_mtime) : 0;
}

void newestFirst(std::vector<RecoveryEntry>& list)
{
    std::sort(list.begin(), list.end(), [](const RecoveryEntry& a, const RecoveryEntry& b) { return a.seconds > b.seconds; });
}

std::string asideFolder()
{
    return stateFolder() + "/aside";
}

} // namespace

std::vector<RecoveryEntry> leftBehind()
{
    std::vector<RecoveryEntry> found;
    std::error_code e;
    for (const fs::directory_entry& folder : fs::directory_iterator(recoveryFolder(), e)) {
        Owner owner;
        const auto r = entryIn(folder.path(), &owner);
        if (!r || alive(owner.pid, owner.start)) continue;
        // The file was saved after this was kept, and the program ended before the entry went.
        if (writtenAt(r->original) > r->seconds)
            putAside(*r);
        else
            found.push_back(*r);
    }
    newestFirst(found);
    return found;
}

SvgResult readKept(const RecoveryEntry& entry)
{
    const TextResult text = readText(entry.folder + "/piece.svg");
    if (!text.ok()) {
        SvgResult r;
        r.problem = text.problem;
        return r;
    }
    return readSvg(text.text, [&](const std::string& link) -> std::optional<std::vector<std::byte>> {
        const std::string name = fs::path(link).filename().string();
        if (link != "pictures/" + name) return std::nullopt; // nothing from elsewhere
        const TextResult bytes = readText(entry.folder + "/pictures/" + name);
        if (!bytes.ok()) return std::nullopt;
        const auto* from = reinterpret_cast<const std::byte*>(bytes.text.data());
        return std::vector<std::byte>(from, from + bytes.text.size());
    });
}

void discard(const RecoveryEntry& entry)
{
    // Only what is one of ours is ever taken away.
    const fs::path folder = entry.folder, in = folder.parent_path();
    if (entry.folder.empty() || (in != recoveryFolder() && in != asideFolder())) return;
    std::error_code e;
    fs::remove_all(folder, e);
}

FileResult putAside(const RecoveryEntry& entry)
{
    std::error_code e;
    fs::create_directories(asideFolder(), e);
    if (!e) fs::rename(entry.folder, fs::path(asideFolder()) / fs::path(entry.folder).filename(), e);
    if (e) return {words::said("It could not be put aside: %1.", {e.message()})};
    // The days are counted from now.
    fs::last_write_time(fs::path(asideFolder()) / fs::path(entry.folder).filename() / "about.json", fs::file_time_type::clock::now(), e);
    return {};
}

std::vector<RecoveryEntry> aside(long long now)
{
    std::vector<RecoveryEntry> found;
    std::error_code e;
    for (const fs::directory_entry& folder : fs::directory_iterator(asideFolder(), e)) {
        const auto r = entryIn(folder.path());
        if (!r) continue;
        if (now - writtenAt((folder.path() / "about.json").string()) > daysAside * 86400LL)
            discard(*r);
        else
            found.push_back(*r);
    }
    newestFirst(found);
    return found;
}

} // namespace softrope::files
