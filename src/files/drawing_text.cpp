#include "files/drawing_text.h"

#include "files/text.h"

#include <zlib.h>

#include <cstring>
#include <map>
#include <vector>

namespace softrope::files {

std::optional<std::string> unpacked(std::string_view bytes)
{
    if (bytes.substr(0, 2) != "\x1f\x8b") return std::string(bytes);
    constexpr std::size_t most = std::size_t{512} << 20;
    z_stream z{};
    constexpr int gzip = 15 + 16; // the largest window, in gzip's own frame
    if (inflateInit2(&z, gzip) != Z_OK) return std::nullopt;
    std::string out;
    std::vector<char> part(std::size_t{1} << 16);
    z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(bytes.data())); // it is not written to
    z.avail_in = static_cast<uInt>(bytes.size());
    int state = Z_OK;
    while (state == Z_OK && out.size() <= most) {
        z.next_out = reinterpret_cast<Bytef*>(part.data());
        z.avail_out = static_cast<uInt>(part.size());
        state = inflate(&z, Z_NO_FLUSH);
        out.append(part.data(), part.size() - z.avail_out);
    }
    inflateEnd(&z);
    if (state != Z_STREAM_END) return std::nullopt;
    return out;
}

namespace {

using Entities = std::map<std::string, std::string, std::less<>>;

// Of the internal subset of a document type, and where the document goes on after it.
Entities declaredIn(std::string_view text, std::size_t& end)
{
    Entities out;
    end = 0;
    const auto type = text.find("<!DOCTYPE");
    if (type == std::string_view::npos) return out;
    const auto open = text.find('[', type), close = text.find('>', type);
    if (open == std::string_view::npos || close < open) return out;
    std::size_t at = open + 1;
    while (at < text.size() && text[at] != ']') {
        if (text.compare(at, 4, "<!--") == 0) {
            at = std::min(text.find("-->", at), text.size());
            continue;
        }
        if (text.compare(at, 8, "<!ENTITY") != 0) {
            ++at;
            continue;
        }
        std::size_t k = at + 8;
        const auto blanks = [&] {
            while (k < text.size() && isSpace(text[k])) ++k;
        };
        blanks();
        const std::size_t name = k;
        while (k < text.size() && !isSpace(text[k]) && text[k] != '>') ++k;
        const std::string_view called = text.substr(name, k - name);
        blanks();
        const char quote = k < text.size() ? text[k] : 0;
        if (called != "%" && (quote == '"' || quote == '\'')) { // others lie elsewhere
            const std::size_t to = text.find(quote, k + 1);
            if (to == std::string_view::npos) break;
            out.emplace(called, text.substr(k + 1, to - k - 1)); // the first binds
            k = to + 1;
        }
        at = text.find('>', k);
        if (at == std::string_view::npos) break;
        ++at;
    }
    const auto done = text.find(']', at);
    if (done != std::string_view::npos) end = done;
    return out;
}

void expand(std::string_view text, const Entities& entities, int depth, std::size_t& left, std::string& out)
{
    constexpr int deepest = 4;
    std::size_t from = 0;
    for (std::size_t at = text.find('&'); at != std::string_view::npos; at = text.find('&', at + 1)) {
        const std::size_t end = text.find(';', at);
        if (end == std::string_view::npos) break;
        const auto found = end - at > 64 ? entities.end() : entities.find(text.substr(at + 1, end - at - 1));
        if (found == entities.end() || depth >= deepest || found->second.size() > left) continue;
        out.append(text.substr(from, at - from));
        left -= found->second.size();
        expand(found->second, entities, depth + 1, left, out);
        from = end + 1;
        at = end;
    }
    out.append(text.substr(from));
}

constexpr const char* svgNamespace = "http://www.w3.org/2000/svg";
constexpr const char* xlinkNamespace = "http://www.w3.org/1999/xlink";

bool isText(pugi::xml_node n)
{
    const char* colon = std::strchr(n.name(), ':');
    const char* name = colon ? colon + 1 : n.name();
    return std::strcmp(name, "text") == 0 || std::strcmp(name, "tspan") == 0 || std::strcmp(name, "textPath") == 0 || std::strcmp(name, "a") == 0;
}

bool blank(const char* text)
{
    while (*text && isSpace(*text)) ++text;
    return !*text;
}

} // namespace

std::optional<std::string> withEntities(std::string_view text)
{
    std::size_t end = 0;
    const Entities entities = declaredIn(text, end);
    if (entities.empty() || end == 0) return std::nullopt;
    std::size_t left = 64 * 1024;
    std::string out(text.substr(0, end));
    expand(text.substr(end), entities, 0, left, out);
    return out;
}

void tidy(pugi::xml_document& xml)
{
    const pugi::xml_node root = xml.document_element();
    // Prefixes are bound at the root, as all programs do; others further in count as well, wherever they are used.
    std::string svg, xlink;
    std::vector<pugi::xml_node> open{root};
    const auto prefixOf = [](const char* attribute) { return std::strncmp(attribute, "xmlns:", 6) == 0 ? std::string(attribute + 6) + ':' : std::string(); };
    while (!open.empty()) {
        const pugi::xml_node n = open.back();
        open.pop_back();
        for (const pugi::xml_attribute a : n.attributes()) {
            if (std::strncmp(a.name(), "xmlns:", 6) != 0) continue;
            if (std::strcmp(a.value(), svgNamespace) == 0) svg = prefixOf(a.name());
            if (std::strcmp(a.value(), xlinkNamespace) == 0 && std::strcmp(a.name(), "xmlns:xlink") != 0) xlink = prefixOf(a.name());
        }
        if (!svg.empty() && std::strncmp(n.name(), svg.c_str(), svg.size()) == 0) pugi::xml_node(n).set_name(std::string(n.name() + svg.size()).c_str());
        if (!xlink.empty())
            for (pugi::xml_attribute a : n.attributes())
                if (std::strncmp(a.name(), xlink.c_str(), xlink.size()) == 0) a.set_name(("xlink:" + std::string(a.name() + xlink.size())).c_str());
        const bool words = isText(n);
        for (pugi::xml_node c = n.last_child(); c;) {
            const pugi::xml_node before = c.previous_sibling();
            if (c.type() == pugi::node_element)
                open.push_back(c);
            else if (!words && c.type() == pugi::node_pcdata && blank(c.value()))
                pugi::xml_node(n).remove_child(c);
            c = before;
        }
    }
}

} // namespace softrope::files
