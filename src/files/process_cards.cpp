#include "files/process_cards.h"

#include "files/shared_folder.h"
#include "words/said.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <filesystem>

namespace softrope::files {

namespace fs = std::filesystem;
using Json = nlohmann::ordered_json;

namespace {

constexpr double most = 1e5;
constexpr std::size_t largest = 1'000'000; // bytes

// Those that ship are told in the language in force: what stands in their files is said here for the translators.
[[maybe_unused]] constexpr const char* toTranslate[] = {
    words::marked("Screen print on a shirt"),
    words::marked("Spot inks through a mesh onto cloth."),
    words::marked("Enamel badge"),
    words::marked("Wells of enamel between raised metal lines."),
    words::marked("Vinyl cutter"),
    words::marked("One colour of film, cut and weeded by hand."),
    words::marked("Web icon"),
    words::marked("Pictures of a few sizes on screens."),
    words::marked("Letterpress"),
    words::marked("A raised plate pressed into soft paper."),
};

void listIn(const std::string& folder, bool ships, ProcessList& list)
{
    std::error_code trouble;
    if (folder.empty()) return;
    for (const auto& entry : fs::directory_iterator(folder, trouble)) {
        const fs::path& p = entry.path();
        if (p.extension() != ".json" || !entry.is_regular_file(trouble)) continue;
        const std::string id = p.stem().string();
        if (std::any_of(list.cards.begin(), list.cards.end(), [&](const proof::Process& c) { return c.id == id; })) continue;
        const TextResult text = readText(p.string(), largest);
        ProcessResult r = text.ok() ? readProcess(text.text, p.filename().string()) : ProcessResult{{}, text.problem};
        if (!r.ok()) {
            list.trouble.push_back(r.problem);
            continue;
        }
        r.process.id = id;
        r.process.ships = ships;
        if (ships) {
            r.process.name = words::said(r.process.name.c_str());
            r.process.about = words::said(r.process.about.c_str());
        }
        list.cards.push_back(std::move(r.process));
    }
}

} // namespace

std::string ownProcesses()
{
    return ownFolder("processes");
}

std::string shippedProcesses()
{
    return shippedFolder("processes");
}

ProcessList listProcesses()
{
    ProcessList list;
    listIn(ownProcesses(), false, list);
    listIn(shippedProcesses(), true, list);
    std::sort(list.cards.begin(), list.cards.end(),
              [](const proof::Process& a, const proof::Process& b) { return std::tie(a.name, a.id) < std::tie(b.name, b.id); });
    return list;
}

ProcessResult readProcess(std::string_view json, const std::string& name)
{
    ProcessResult out;
    const Json j = Json::parse(json, nullptr, false);
    const auto broken = [&](const std::string& what) { out.problem = words::said("%1 is no process card: %2", {name, what}); };
    if (!j.is_object()) {
        broken(words::said("it is not a JSON object."));
        return out;
    }
    proof::Process& p = out.process;
    const auto text = [&](const char* key) { return j.contains(key) && j[key].is_string() ? j[key].get<std::string>() : std::string(); };
    p.name = text("name");
    p.about = text("about");
    const auto number = [&](const char* key) {
        if (!j.contains(key)) return 0.0;
        const double v = j[key].is_number() ? j[key].get<double>() : -1;
        if (!(v >= 0 && v <= most) && out.problem.empty()) broken(words::said("%1 must be a number from 0 to 100,000.", {key}));
        return std::clamp(v, 0.0, most);
    };
    p.line = number("line_mm");
    p.gap = number("gap_mm");
    p.overlap = number("overlap_mm");
    p.bleed = number("bleed_mm");
    p.text = number("text_mm");
    p.width = number("width_mm");
    p.inks = static_cast<int>(number("inks"));
    p.flat = j.contains("flat") && j["flat"].is_boolean() && j["flat"].get<bool>();
    if (j.contains("sizes_px") && j["sizes_px"].is_array())
        for (const auto& v : j["sizes_px"])
            if (v.is_number() && v.get<double>() >= 1 && v.get<double>() <= 30000 && p.sizes.size() < 32) p.sizes.push_back(v.get<int>());
    if (p.name.empty() && out.problem.empty()) broken(words::said("it has no name."));
    if (!out.ok()) p = {};
    return out;
}

ProcessResult findProcess(const std::string& idOrFile)
{
    const ProcessList list = listProcesses();
    for (const proof::Process& p : list.cards)
        if (p.id == idOrFile) return {p, {}};
    std::error_code trouble;
    if (!fs::is_regular_file(idOrFile, trouble)) {
        std::string all;
        for (const proof::Process& p : list.cards) all += (all.empty() ? "" : ", ") + p.id;
        return {{}, words::said("There is no process card %1. There are: %2.", {idOrFile, all})};
    }
    const TextResult text = readText(idOrFile, largest);
    if (!text.ok()) return {{}, text.problem};
    ProcessResult r = readProcess(text.text, idOrFile);
    r.process.id = fs::path(idOrFile).stem().string();
    return r;
}

std::string processText(const proof::Process& p)
{
    Json j;
    j["name"] = p.name;
    if (!p.about.empty()) j["about"] = p.about;
    const auto put = [&](const char* key, double v) {
        if (v > 0) j[key] = v;
    };
    put("line_mm", p.line);
    put("gap_mm", p.gap);
    put("overlap_mm", p.overlap);
    put("bleed_mm", p.bleed);
    put("text_mm", p.text);
    put("width_mm", p.width);
    if (p.inks > 0) j["inks"] = p.inks;
    j["flat"] = p.flat;
    if (!p.sizes.empty()) j["sizes_px"] = p.sizes;
    return j.dump(2, ' ', false, Json::error_handler_t::replace) + '\n';
}

FileResult keepProcess(const proof::Process& p)
{
    if (p.id.empty() || p.id.find('/') != std::string::npos || p.id.front() == '.') return {words::said("%1 is no name for a file.", {p.id})};
    std::error_code trouble;
    fs::create_directories(ownProcesses(), trouble);
    return saveAtomically((fs::path(ownProcesses()) / (p.id + ".json")).string(), processText(p));
}

FileResult removeProcess(const proof::Process& p)
{
    if (p.ships) return {words::said("%1 ships with the program and stays.", {p.name})};
    const fs::path file = fs::path(ownProcesses()) / (p.id + ".json");
    if (FileResult kept = putEarlier(file.string()); !kept.ok()) return kept;
    std::error_code trouble;
    fs::remove(file, trouble);
    if (trouble) return {words::said("%1 could not be removed: %2", {file.string(), trouble.message()})};
    return {};
}

} // namespace softrope::files
