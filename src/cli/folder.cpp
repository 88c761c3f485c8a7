#include "cli/folder.h"

#include "cli/streams.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <filesystem>
#include <map>
#include <mutex>
#include <optional>
#include <set>
#include <thread>

namespace softrope::cli {

namespace fs = std::filesystem;

namespace {

constexpr const char* bookName = "trace.json";

bool isPicture(const fs::path& file)
{
    static const std::set<std::string> kinds{".png", ".jpg", ".jpeg", ".webp", ".tif", ".tiff", ".bmp", ".gif"};
    std::string kind = file.extension().string();
    for (char& c : kind) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return kinds.count(kind) > 0;
}

std::string wholePath(const std::string& name)
{
    std::error_code e;
    const fs::path whole = fs::weakly_canonical(name, e);
    return e ? name : whole.string();
}

// Of a file that is not there: empty.
std::optional<Stamp> stampOf(const fs::path& file)
{
    std::error_code e;
    const auto size = fs::file_size(file, e);
    if (e) return std::nullopt;
    const auto time = fs::last_write_time(file, e);
    if (e) return std::nullopt;
    return Stamp{size, std::chrono::duration_cast<std::chrono::nanoseconds>(time.time_since_epoch()).count()};
}

Json toJson(const Stamp& s)
{
    return Json{s.size, s.time};
}
std::optional<Stamp> stampFrom(const Json& all, const char* name)
{
    const auto v = all.find(name);
    if (v == all.end() || !v->is_array() || v->size() != 2 || !(*v)[0].is_number_unsigned() || !(*v)[1].is_number_integer()) return std::nullopt;
    return Stamp{(*v)[0].get<std::uintmax_t>(), (*v)[1].get<std::int64_t>()};
}

// What earlier runs made, by the name of the drawing. A book that cannot be read is none: then what lies in the folder is not ours.
std::map<std::string, Json> readBook(const fs::path& folder)
{
    std::map<std::string, Json> book;
    const files::TextResult text = files::readText((folder / bookName).string());
    if (!text.ok()) return book;
    const Json all = Json::parse(text.text, nullptr, false);
    if (!all.is_object() || !all.contains("pictures") || !all["pictures"].is_array()) return book;
    for (const Json& e : all["pictures"])
        if (e.is_object() && e.contains("drawing") && e["drawing"].is_string()) book[e["drawing"].get<std::string>()] = e;
    return book;
}

template <typename T> T number(const Json& e, const char* name, T otherwise)
{
    const auto v = e.find(name);
    return v != e.end() && v->is_number() ? v->get<T>() : otherwise;
}

// As the book has it, where picture, settings and drawing are still those.
bool upToDate(FolderEntry& e, const Json& known, const fs::path& folder)
{
    const auto picture = known.find("picture"), settings = known.find("settings");
    if (picture == known.end() || *picture != e.picture || settings == known.end() || *settings != e.settings) return false;
    if (stampFrom(known, "picture_stamp") != std::optional(e.pictureStamp)) return false;
    const auto drawing = stampOf(folder / e.drawing);
    if (!drawing || stampFrom(known, "drawing_stamp") != drawing) return false;
    e.drawingStamp = *drawing;
    e.skipped = true;
    e.width = number(known, "width", 0);
    e.height = number(known, "height", 0);
    e.paths = number(known, "paths", std::size_t{0});
    e.nodes = number(known, "nodes", std::size_t{0});
    e.furthest = number(known, "furthest", -1.0);
    e.seconds = number(known, "seconds", 0.0);
    if (const auto partly = known.find("partly"); partly != known.end() && partly->is_string()) e.partly = partly->get<std::string>();
    return true;
}

void traceOne(FolderEntry& e, const FolderJob& job, const std::map<std::string, Json>& book)
{
    const fs::path folder(job.folder), drawing = folder / e.drawing;
    const auto begun = std::chrono::steady_clock::now();
    const auto stamp = stampOf(e.picture);
    if (!stamp) {
        e.problem = "there is no such file.";
        return;
    }
    e.pictureStamp = *stamp;
    const auto known = book.find(e.drawing);
    if (known != book.end() && !job.again && upToDate(e, known->second, folder)) return;
    if (const auto there = stampOf(drawing); there && !job.replace && (known == book.end() || stampFrom(known->second, "drawing_stamp") != there)) {
        e.inTheWay = true;
        e.problem = e.drawing + " is there already and " + (known == book.end() ? "was not made here" : "was changed since") + "; --replace writes over it.";
        return;
    }
    files::PictureResult p = files::readPictureFile(e.picture, job.cancelled);
    if (job.cancelled && job.cancelled()) return;
    if (!p.ok()) {
        e.problem = p.problem;
        return;
    }
    e.partly = p.partly;
    e.width = p.picture.width;
    e.height = p.picture.height;
    Traced found = traced(std::move(p.picture), job.as, job.knobs, job.cancelled);
    if (job.cancelled && job.cancelled()) return;
    e.paths = found.paths;
    e.nodes = found.nodes;
    e.furthest = found.furthest;
    const std::string text = files::writeCleanSvg(onPicture(e.width, e.height, layerOf(job.as), std::move(found.items)));
    if (const files::FileResult w = files::saveAtomically(drawing.string(), text); !w.ok()) {
        e.problem = w.problem;
        return;
    }
    e.drawingStamp = stampOf(drawing).value_or(Stamp{});
    e.seconds = std::max(1e-3, std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count());
}

// No two pictures get one drawing: the second moth is moth-2.svg.
std::vector<FolderEntry> entriesFor(const FolderJob& job)
{
    std::vector<FolderEntry> all;
    std::set<std::string> taken;
    for (const std::string& name : job.pictures) {
        FolderEntry e;
        e.picture = wholePath(name);
        e.settings = toJson(job.as, job.knobs);
        e.settings["as"] = nameOf(job.as);
        const std::string stem = fs::path(name).stem().string();
        e.drawing = stem + ".svg";
        for (int k = 2; !taken.insert(e.drawing).second; ++k) e.drawing = stem + "-" + std::to_string(k) + ".svg";
        all.push_back(std::move(e));
    }
    return all;
}

} // namespace

std::vector<std::string> picturesIn(const std::vector<std::string>& names)
{
    std::vector<std::string> all;
    std::set<std::string> seen;
    const auto add = [&](const std::string& file) {
        if (seen.insert(wholePath(file)).second) all.push_back(file);
    };
    for (const std::string& name : names) {
        std::error_code e;
        if (!fs::is_directory(name, e)) {
            add(name);
            continue;
        }
        std::vector<std::string> inside;
        for (fs::directory_iterator i(name, e), end; !e && i != end; i.increment(e))
            if (isPicture(i->path()) && i->is_regular_file(e)) inside.push_back(i->path().string());
        std::sort(inside.begin(), inside.end());
        for (const std::string& file : inside) add(file);
    }
    return all;
}

Json toJson(const FolderEntry& e)
{
    Json j{{"picture", e.picture}, {"drawing", e.drawing}};
    if (!e.problem.empty()) {
        j["problem"] = e.problem;
        return j;
    }
    if (!e.partly.empty()) j["partly"] = e.partly;
    j["skipped"] = e.skipped;
    j["width"] = e.width;
    j["height"] = e.height;
    j["paths"] = e.paths;
    j["nodes"] = e.nodes;
    if (e.furthest >= 0) j["furthest"] = std::round(e.furthest * 1000) / 1000;
    j["seconds"] = std::round(e.seconds * 1000) / 1000;
    return j;
}

FolderDone traceFolder(const FolderJob& job)
{
    FolderDone out;
    std::error_code error;
    fs::create_directories(job.folder, error);
    if (!fs::is_directory(job.folder, error)) {
        out.problem = job.folder + " is no folder and cannot be made one.";
        return out;
    }
    std::map<std::string, Json> book = readBook(job.folder);
    const std::map<std::string, Json> before = book;
    std::vector<FolderEntry> entries = entriesFor(job);
    std::vector<char> through(entries.size(), 0);
    std::atomic<std::size_t> next{0};
    std::size_t count = 0;
    std::mutex telling;
    const auto work = [&] {
        for (std::size_t k = next++; k < entries.size(); k = next++) {
            if (job.cancelled && job.cancelled()) return;
            try {
                traceOne(entries[k], job, before);
            } catch (const std::bad_alloc&) {
                entries[k].problem = "there is not enough memory for this picture.";
            } catch (const std::exception& e) {
                entries[k].problem = std::string("stopped: ") + e.what();
            }
            // What was finished in time counts, even when it is not wanted any more.
            if (job.cancelled && job.cancelled() && !entries[k].done()) return;
            const std::lock_guard lock(telling);
            through[k] = 1;
            ++count;
            if (job.told) job.told(entries[k], count);
        }
    };
    std::vector<std::thread> workers;
    for (unsigned k = 1; k < std::min<std::size_t>(job.workers, entries.size()); ++k) workers.emplace_back(work);
    work();
    for (std::thread& t : workers) t.join();
    for (std::size_t k = 0; k < entries.size(); ++k) {
        if (!through[k]) continue;
        FolderEntry& e = entries[k];
        if (e.done()) {
            Json known = toJson(e);
            known.erase("skipped");
            known["settings"] = e.settings;
            known["picture_stamp"] = toJson(e.pictureStamp);
            known["drawing_stamp"] = toJson(e.drawingStamp);
            book[e.drawing] = std::move(known);
        }
        out.entries.push_back(std::move(e));
    }
    Json all{{"pictures", Json::array()}};
    for (auto& [name, e] : book) all["pictures"].push_back(std::move(e));
    const files::FileResult kept =
        files::saveAtomically((fs::path(job.folder) / bookName).string(), all.dump(1, ' ', false, Json::error_handler_t::replace) + "\n");
    if (!kept.ok()) out.problem = kept.problem;
    return out;
}

} // namespace softrope::cli
