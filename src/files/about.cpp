#include "files/about.h"

#include <cstring>

namespace softrope::files {

namespace {

constexpr std::size_t mostText = 20'000; // bytes of each

bool isAddress(const std::string& text)
{
    return (text.rfind("http://", 0) == 0 || text.rfind("https://", 0) == 0) && text.find_first_of(" \n\t") == std::string::npos;
}

std::string trimmed(const std::string& text)
{
    const auto from = text.find_first_not_of(" \t\r\n");
    if (from == std::string::npos) return {};
    return text.substr(from, std::min(mostText, text.find_last_not_of(" \t\r\n") - from + 1));
}

// All text below, items of lists parted by commas.
std::string allText(pugi::xml_node n)
{
    std::string out;
    for (const pugi::xml_node c : n.children()) {
        const std::string text = c.type() == pugi::node_pcdata || c.type() == pugi::node_cdata ? trimmed(c.value()) : allText(c);
        if (!text.empty()) out += (out.empty() ? "" : ", ") + text;
    }
    return out.substr(0, mostText);
}

// Prefixes are anybody's choice.
template <class Named> std::string afterColon(Named n)
{
    const char* colon = std::strrchr(n.name(), ':');
    return colon ? colon + 1 : n.name();
}

std::string resourceOf(pugi::xml_node n)
{
    for (const pugi::xml_attribute a : n.attributes())
        if (afterColon(a) == "resource") return trimmed(a.value());
    return {};
}

} // namespace

void writeAbout(pugi::xml_node root, const std::string& title, const art::About& about)
{
    if (about == art::About{}) return;
    pugi::xml_node rdf = root.append_child("metadata").append_child("rdf:RDF");
    rdf.append_attribute("xmlns:rdf") = "http://www.w3.org/1999/02/22-rdf-syntax-ns#";
    rdf.append_attribute("xmlns:dc") = "http://purl.org/dc/elements/1.1/";
    rdf.append_attribute("xmlns:cc") = "http://creativecommons.org/ns#";
    pugi::xml_node work = rdf.append_child("cc:Work");
    work.append_attribute("rdf:about") = "";
    work.append_child("dc:format").text().set("image/svg+xml");
    work.append_child("dc:type").append_attribute("rdf:resource") = "http://purl.org/dc/dcmitype/StillImage";
    if (!title.empty()) work.append_child("dc:title").text().set(title.c_str());
    if (!about.author.empty()) work.append_child("dc:creator").append_child("cc:Agent").append_child("dc:title").text().set(about.author.c_str());
    if (!about.description.empty()) work.append_child("dc:description").text().set(about.description.c_str());
    if (isAddress(about.licence))
        work.append_child("cc:license").append_attribute("rdf:resource") = about.licence.c_str();
    else if (!about.licence.empty())
        work.append_child("dc:rights").text().set(about.licence.c_str());
}

void readAbout(pugi::xml_node metadata, std::string& title, art::About& about)
{
    for (const pugi::xml_node rdf : metadata.children()) {
        if (afterColon(rdf) != "RDF") continue;
        for (const pugi::xml_node work : rdf.children()) {
            if (const std::string kind = afterColon(work); kind != "Work" && kind != "Description") continue;
            std::string rights;
            for (const pugi::xml_node n : work.children()) {
                const std::string name = afterColon(n), text = allText(n);
                if (name == "title" && title.empty()) title = text;
                if (name == "creator" && about.author.empty()) about.author = text;
                if (name == "description" && about.description.empty()) about.description = text;
                if (name == "license" && about.licence.empty()) about.licence = resourceOf(n).empty() ? text : resourceOf(n);
                if (name == "rights") rights = text;
            }
            if (about.licence.empty()) about.licence = rights;
        }
    }
}

} // namespace softrope::files
