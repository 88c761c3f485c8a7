#include "files/part_folder.h"

#include "files/shared_folder.h"
#include "files/svg.h"
#include "words/said.h"

#include <pugixml.hpp>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <sstream>

namespace softrope::files {

namespace fs = std::filesystem;

namespace {

constexpr std::size_t largest = 50'000'000; // bytes: more is no part

std::string lower(std::string text)
{
    for (char& c : text)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return text;
}

std::vector<std::string> wordsOf(const std::string& text)
{
    std::vector<std::string> out;
    std::istringstream in(text);
    for (std::string word; in >> word;) out.push_back(word);
    return out;
}

std::string idFor(const std::string& name)
{
    const std::string out = plainName(name);
    return out.empty() ? "part" : out;
}

// Title and description stand at the head of the file: that is read alone, and what was read of it before it breaks off counts.
bool readHead(Part& part)
{
    constexpr std::size_t head = 65536;
    std::ifstream in(part.file, std::ios::binary);
    std::string text(head, '\0');
    in.read(text.data(), static_cast<std::streamsize>(head));
    text.resize(static_cast<std::size_t>(in.gcount()));
    pugi::xml_document xml;
    const pugi::xml_parse_result parsed = xml.load_buffer(text.data(), text.size());
    const pugi::xml_node svg = xml.child("svg");
    if (!parsed && text.size() < head) return false;
    if (!svg) return false;
    part.name = svg.child("title").text().get();
    if (part.name.empty()) part.name = part.id;
    part.tags = wordsOf(svg.child("desc").text().get());
    return true;
}

void listIn(const std::string& folder, bool ships, PartList& list)
{
    std::error_code trouble;
    if (folder.empty()) return;
    for (const auto& entry : fs::directory_iterator(folder, trouble)) {
        const fs::path& p = entry.path();
        if (p.extension() != ".svg" || !entry.is_regular_file(trouble)) continue;
        Part part;
        part.id = p.stem().string();
        part.file = p.string();
        part.ships = ships;
        if (partOf(list, part.id)) continue;
        if (readHead(part))
            list.parts.push_back(std::move(part));
        else
            list.trouble.push_back(p.filename().string());
    }
}

KeptPart written(const std::string& id, const std::string& text)
{
    std::error_code trouble;
    fs::create_directories(ownParts(), trouble);
    const FileResult r = saveAtomically(ownParts() + '/' + id + ".svg", text);
    return {id, r.problem};
}

} // namespace

std::string ownParts()
{
    return ownFolder("parts");
}

std::string shippedParts()
{
    return shippedFolder("parts");
}

bool Part::matches(const std::string& words) const
{
    std::string all = lower(name);
    for (const std::string& t : tags) all += ' ' + lower(t);
    const std::vector<std::string> wanted = wordsOf(lower(words));
    return std::all_of(wanted.begin(), wanted.end(), [&](const std::string& w) { return all.find(w) != std::string::npos; });
}

PartList listParts()
{
    PartList out;
    listIn(ownParts(), false, out);
    listIn(shippedParts(), true, out);
    std::sort(out.parts.begin(), out.parts.end(), [](const Part& a, const Part& b) { return lower(a.name) < lower(b.name); });
    return out;
}

const Part* partOf(const PartList& list, const std::string& id)
{
    const auto at = std::find_if(list.parts.begin(), list.parts.end(), [&](const Part& p) { return p.id == id; });
    return at == list.parts.end() ? nullptr : &*at;
}

std::string partText(art::Document part, const std::string& name, const std::vector<std::string>& tags)
{
    part.title = name;
    pugi::xml_document xml;
    xml.load_string(writeWorkingSvg(part).c_str());
    pugi::xml_node svg = xml.child("svg");
    std::string all;
    for (const std::string& t : tags) all += (all.empty() ? "" : " ") + t;
    if (!all.empty()) svg.insert_child_after("desc", svg.child("title")).text().set(all.c_str());
    std::ostringstream out;
    xml.save(out, " ", pugi::format_default, pugi::encoding_utf8);
    return out.str();
}

std::optional<Part> findPart(const std::string& id)
{
    if (id.empty() || id.front() == '.' || id.find('/') != std::string::npos) return std::nullopt;
    std::error_code trouble;
    for (const bool ships : {false, true}) {
        Part part;
        part.id = id;
        part.file = (ships ? shippedParts() : ownParts()) + '/' + id + ".svg";
        part.ships = ships;
        if (fs::is_regular_file(part.file, trouble) && readHead(part)) return part;
    }
    return std::nullopt;
}

OpenedPart readPart(const Part& part)
{
    const TextResult text = readText(part.file, largest);
    if (!text.ok()) return {{}, text.problem};
    SvgResult r = readSvg(text.text);
    if (!r.ok()) return {{}, r.problem};
    r.document.title = part.name;
    return {std::move(r.document), {}};
}

KeptPart keepPart(const art::Document& part, const std::string& name, const std::vector<std::string>& tags)
{
    if (wordsOf(name).empty()) return {{}, words::said("A part needs a name.")};
    const std::string plain = idFor(name);
    std::string id = plain;
    std::error_code trouble;
    for (int k = 2; findPart(id) || fs::exists(ownParts() + '/' + id + ".svg", trouble); ++k) id = plain + '-' + std::to_string(k);
    return written(id, partText(part, name, tags));
}

KeptPart changePart(const Part& part, const art::Document& now)
{
    if (!part.ships)
        if (const FileResult kept = putEarlier(part.file); !kept.ok()) return {{}, kept.problem};
    return written(part.id, partText(now, part.name, part.tags));
}

KeptPart renamePart(const Part& part, const std::string& name, const std::vector<std::string>& tags)
{
    if (wordsOf(name).empty()) return {{}, words::said("A part needs a name.")};
    const OpenedPart was = readPart(part);
    if (!was.ok()) return {{}, was.problem};
    return written(part.id, partText(was.document, name, tags));
}

FileResult removePart(const Part& part)
{
    if (part.ships) return {words::said("Parts that come with the program stay.")};
    if (FileResult kept = putEarlier(part.file); !kept.ok()) return kept;
    std::error_code trouble;
    fs::remove(part.file, trouble);
    return trouble ? FileResult{words::said("The part cannot be removed: %1.", {trouble.message()})} : FileResult{};
}

} // namespace softrope::files
