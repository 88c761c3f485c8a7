#include "files/island.h"

#include "files/path_data.h"
#include "files/svg_style.h"
#include "files/text.h"
#include "files/xml.h"

#include <algorithm>
#include <array>
#include <set>
#include <sstream>
#include <string_view>

namespace softrope::files {

namespace {

constexpr std::size_t mostBytes = std::size_t{64} << 20;
constexpr std::size_t mostElements = 200000;
constexpr int deepest = 200; // elements in elements: librsvg follows them by recursion

// Properties that are inherited (SVG 1.1, appendix N; CSS): all an element can take from those round it.
constexpr std::array<std::string_view, 47> inherited{"clip-rule",
                                                     "color",
                                                     "color-interpolation",
                                                     "color-interpolation-filters",
                                                     "color-rendering",
                                                     "direction",
                                                     "fill",
                                                     "fill-opacity",
                                                     "fill-rule",
                                                     "font",
                                                     "font-family",
                                                     "font-feature-settings",
                                                     "font-kerning",
                                                     "font-size",
                                                     "font-size-adjust",
                                                     "font-stretch",
                                                     "font-style",
                                                     "font-variant",
                                                     "font-weight",
                                                     "glyph-orientation-horizontal",
                                                     "glyph-orientation-vertical",
                                                     "image-rendering",
                                                     "kerning",
                                                     "letter-spacing",
                                                     "line-height",
                                                     "marker",
                                                     "marker-end",
                                                     "marker-mid",
                                                     "marker-start",
                                                     "paint-order",
                                                     "shape-rendering",
                                                     "stroke",
                                                     "stroke-dasharray",
                                                     "stroke-dashoffset",
                                                     "stroke-linecap",
                                                     "stroke-linejoin",
                                                     "stroke-miterlimit",
                                                     "stroke-opacity",
                                                     "stroke-width",
                                                     "text-anchor",
                                                     "text-orientation",
                                                     "text-rendering",
                                                     "unicode-bidi",
                                                     "visibility",
                                                     "white-space",
                                                     "word-spacing",
                                                     "writing-mode"};

bool isInherited(std::string_view name)
{
    return std::find(inherited.begin(), inherited.end(), name) != inherited.end();
}

// Names of other programs' attributes and elements; "xlink:" and "xml:" belong to the drawing.
bool foreign(std::string_view name)
{
    const auto colon = name.find(':');
    if (colon == std::string_view::npos) return name.rfind("on", 0) == 0; // acts of scripts
    const std::string_view prefix = name.substr(0, colon);
    return prefix != "xlink" && prefix != "xml";
}

using Act = std::function<std::string(std::string_view name)>;

// A value with every url(#name) in it changed.
std::string withUrls(std::string_view value, const Act& act)
{
    std::string out;
    while (true) {
        const auto at = value.find("url(");
        if (at == std::string_view::npos) return out.append(value);
        const auto hash = value.find('#', at), end = value.find(')', at);
        const auto between = hash == std::string_view::npos ? value : value.substr(at + 4, hash - at - 4);
        const bool plain =
            hash != std::string_view::npos && end != std::string_view::npos && hash < end && between.find_first_not_of(" \t\"'") == std::string_view::npos;
        if (!plain) {
            out.append(value.substr(0, at + 4));
            value.remove_prefix(at + 4);
            continue;
        }
        std::size_t to = end;
        while (to > hash + 1 && (isSpace(value[to - 1]) || value[to - 1] == '"' || value[to - 1] == '\'')) --to;
        out.append(value.substr(0, hash + 1)).append(act(value.substr(hash + 1, to - hash - 1)));
        value.remove_prefix(to);
    }
}

bool isHref(std::string_view name)
{
    return name == "href" || name == "xlink:href";
}

// Every element at and below, without recursion: hostile files nest deeply.
template <class Do> void eachElement(pugi::xml_node root, const Do& act)
{
    std::vector<pugi::xml_node> open{root};
    while (!open.empty()) {
        const pugi::xml_node n = open.back();
        open.pop_back();
        act(n);
        for (pugi::xml_node c = n.last_child(); c; c = c.previous_sibling())
            if (c.type() == pugi::node_element) open.push_back(c);
    }
}

void rename(pugi::xml_node root, const Act& act)
{
    eachElement(root, [&](pugi::xml_node n) {
        for (pugi::xml_attribute a : n.attributes()) {
            const std::string_view name = a.name(), value = a.value();
            if (name == "id")
                a.set_value(act(value).c_str());
            else if (isHref(name) && value.size() > 1 && value.front() == '#')
                a.set_value(('#' + act(value.substr(1))).c_str());
            else if (value.find("url(") != std::string_view::npos)
                a.set_value(withUrls(value, act).c_str());
        }
    });
}

class Cutter {
public:
    Cutter(const Named& named, const Lengths& view) : named_(named)
    {
        root_ = xml_.append_child("svg");
        set(root_, "xmlns", "http://www.w3.org/2000/svg");
        set(root_, "xmlns:xlink", "http://www.w3.org/1999/xlink");
        set(root_, "width", number(view.width, exact));
        set(root_, "height", number(view.height, exact));
        set(root_, "viewBox", "0 0 " + number(view.width, exact) + ' ' + number(view.height, exact));
        set(root_, "overflow", "visible");
        defs_ = root_.append_child("defs");
    }

    bool cut(pugi::xml_node n, const std::vector<pugi::xml_node>& round)
    {
        if (!take(n, wrapped(root_, round))) return false;
        // What it refers to, and what that refers to.
        while (!wanted_.empty()) {
            const std::string name = std::move(wanted_.back());
            wanted_.pop_back();
            const pugi::xml_node target = named_.find(name);
            if (!target || there_.count(name)) continue;
            std::vector<pugi::xml_node> above;
            for (pugi::xml_node a = target.parent(); a && a.type() == pugi::node_element; a = a.parent()) above.push_back(a);
            std::reverse(above.begin(), above.end());
            if (!take(target, wrapped(defs_, above))) return false;
        }
        if (!defs_.first_child()) root_.remove_child(defs_);
        return true;
    }
    std::string text() const { return rawText(root_); }

private:
    const Named& named_;
    pugi::xml_document xml_;
    pugi::xml_node root_, defs_;
    std::set<std::string, std::less<>> there_;
    std::vector<std::string> wanted_;
    std::size_t elements_ = 0, bytes_ = 0;

    // Groups that say what is inherited, one for each element round it: shares and em are of the one further out.
    pugi::xml_node wrapped(pugi::xml_node to, const std::vector<pugi::xml_node>& round)
    {
        for (const pugi::xml_node n : round) {
            std::string style;
            const auto say = [&](std::string_view name, std::string_view value) {
                style.append(style.empty() ? "" : ";").append(name).append(":").append(value);
            };
            for (const pugi::xml_attribute a : n.attributes())
                if (isInherited(a.name()) && *a.value()) say(a.name(), a.value());
            for (const Declaration& d : declaredOf(n, &named_.styles()))
                if (isInherited(d.name)) say(d.name, d.value);
            const char* space = n.attribute("xml:space").value();
            if (style.empty() && !*space) continue;
            to = to.append_child("g");
            if (!style.empty()) set(to, "style", style);
            if (*space) set(to, "xml:space", space);
            look(style);
        }
        return to;
    }

    void look(std::string_view value)
    {
        if (value.find("url(") == std::string_view::npos) return;
        (void)withUrls(value, [this](std::string_view name) {
            wanted_.emplace_back(name);
            return std::string(name);
        });
    }

    // Depth first: what lies side by side stays in order, words among elements too.
    bool take(pugi::xml_node from, pugi::xml_node to)
    {
        struct Open {
            pugi::xml_node from, to;
            int depth = 0;
        };
        std::vector<Open> open{{from, to}};
        while (!open.empty()) {
            Open o = open.back();
            open.pop_back();
            if (o.from.type() != pugi::node_element) {
                bytes_ += std::char_traits<char>::length(o.from.value());
                o.to.append_child(pugi::node_pcdata).set_value(o.from.value());
                continue;
            }
            if (++elements_ > mostElements || bytes_ > mostBytes || o.depth > deepest) return false;
            pugi::xml_node made = o.to.append_child(localName(o.from).c_str());
            attributes(o.from, made);
            for (pugi::xml_node c = o.from.last_child(); c; c = c.previous_sibling())
                if (kept(c)) open.push_back({c, made, o.depth + 1});
        }
        return true;
    }

    // Style sheets are told on the elements; editors' own things are nobody's; scripts are not run.
    static bool kept(pugi::xml_node n)
    {
        if (n.type() != pugi::node_element) return n.type() == pugi::node_pcdata || n.type() == pugi::node_cdata;
        const std::string name = localName(n);
        return !name.empty() && name != "style" && name != "metadata" && name != "script" && name != "namedview";
    }

    void attributes(pugi::xml_node from, pugi::xml_node to)
    {
        const bool ruled = !named_.styles().empty();
        for (const pugi::xml_attribute a : from.attributes()) {
            const std::string_view name = a.name(), value = a.value();
            if (name == "xmlns" || name == "class" || foreign(name) || (ruled && name == "style")) continue;
            to.append_attribute(a.name()) = a.value();
            bytes_ += name.size() + value.size();
            if (name == "id") there_.emplace(value);
            if (isHref(name) && value.size() > 1 && value.front() == '#') wanted_.emplace_back(value.substr(1));
            look(value);
        }
        if (!ruled) return;
        std::string style;
        for (const Declaration& d : declaredOf(from, &named_.styles())) style.append(style.empty() ? "" : ";").append(d.name).append(":").append(d.value);
        if (style.empty()) return;
        set(to, "style", style);
        bytes_ += style.size();
        look(style);
    }
};

} // namespace

std::string rawText(pugi::xml_node n)
{
    std::ostringstream out;
    n.print(out, "", pugi::format_raw, pugi::encoding_utf8);
    return out.str();
}

std::optional<std::string> islandOf(const Named& named, pugi::xml_node n, const std::vector<pugi::xml_node>& round, const Lengths& view)
{
    Cutter c(named, view);
    if (!c.cut(n, round)) return std::nullopt;
    return c.text();
}

std::string namedAnew(const std::string& xml, const std::string& prefix, bool add)
{
    pugi::xml_document d;
    if (prefix.empty() || !d.load_buffer(xml.data(), xml.size(), pugi::parse_default | pugi::parse_ws_pcdata)) return xml;
    rename(d.document_element(), [&](std::string_view name) {
        if (add) return prefix + std::string(name);
        return std::string(name.substr(0, prefix.size()) == prefix ? name.substr(prefix.size()) : name);
    });
    return rawText(d.document_element());
}

} // namespace softrope::files
