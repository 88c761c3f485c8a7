#include "files/word_text.h"

#include "art/lettering.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>
#include <cmath>

namespace softrope::files {

using art::Lettering;

namespace {

std::size_t characters(const std::string& utf8)
{
    std::size_t n = 0;
    for (const char c : utf8) n += (static_cast<unsigned char>(c) & 0xC0) != 0x80;
    return n;
}

std::string matrix(const curve::Affine& m, int decimals)
{
    std::string out = "matrix(";
    for (const double v : {m.a, m.b, m.c, m.d}) out += number(v, std::max(6, decimals)) + ' ';
    return out + number(m.e, decimals) + ' ' + number(m.f, decimals) + ')';
}

// The first character of the rest.
std::string taken(const std::string& utf8, std::size_t& at)
{
    std::size_t end = at + 1;
    while (end < utf8.size() && (static_cast<unsigned char>(utf8[end]) & 0xC0) == 0x80) ++end;
    const std::string out = utf8.substr(at, end - at);
    at = end;
    return out;
}

} // namespace

std::optional<WordLines> wordLines(const art::Document& d, const art::Artwork& a)
{
    const Lettering* l = a.lettering();
    if (!l || l->mirrored || !art::hasTypeface(*l)) return std::nullopt;
    const curve::Path& path = art::lineOf(d, *l);
    const auto laid = art::layoutOf(*l, path);
    if (!laid || !laid->missing.empty()) return std::nullopt;
    WordLines out;
    out.type = l->type;
    const bool straight = l->way == Lettering::Way::straight;
    if (straight && determinant(l->place) < 0) return std::nullopt;
    const letter::Rail rail = art::railOf(*l, path);
    if (straight) out.place = l->place * curve::translation({0, -l->shift});
    for (std::size_t k = 0; k < laid->lines.size(); ++k) {
        const letter::Line& line = laid->lines[k];
        WordLines::Line one;
        one.words = l->words.substr(line.from, line.to - line.from);
        if (one.words.empty()) continue;
        if (straight) {
            // Where a line from the right begins, programs do not agree on; all know its middle.
            one.middle = line.rightToLeft;
            one.x = one.middle ? line.left + line.width / 2 : line.left;
            one.y = line.baseline;
            out.lines.push_back(std::move(one));
            continue;
        }
        // A letter a character, or its joined forms would come apart.
        std::size_t next = line.from;
        for (const letter::Letter& each : laid->letters) {
            if (each.line != k) continue;
            if (line.rightToLeft || each.from != next || characters(l->words.substr(each.from, each.to - each.from)) != 1) return std::nullopt;
            next = each.to;
            const curve::Affine at = rail.at({each.pen + each.advance / 2, line.baseline}) * curve::translation({-each.advance / 2, 0});
            if (determinant(at) < 0) return std::nullopt;
            one.letters.push_back(at);
        }
        if (next != line.to) return std::nullopt;
        out.lines.push_back(std::move(one));
    }
    return out.lines.empty() ? std::nullopt : std::optional(std::move(out));
}

void writeWords(pugi::xml_node text, const WordLines& words, int decimals)
{
    const letter::Type& t = words.type;
    text.remove_attribute("fill-rule"); // of outlines
    set(text, "font-family", '\'' + t.family + '\'');
    set(text, "font-size", number(t.size, decimals));
    set(text, "font-weight", std::to_string(static_cast<int>(std::lround(t.weight / 100) * 100)));
    if (t.italic) set(text, "font-style", "italic");
    if (t.smallCaps) set(text, "font-variant", "small-caps");
    // No attributes of SVG 1.1: who knows them goes by them.
    std::string style = text.attribute("style").value();
    for (const auto& [off, how] : {std::pair{!t.kerning, "font-kerning:none"}, {!t.ligatures, "font-variant-ligatures:none"}})
        if (off) style += (style.empty() ? "" : ";") + std::string(how);
    if (!style.empty() && !text.attribute("style")) text.append_attribute("style");
    if (!style.empty()) text.attribute("style").set_value(style.c_str());
    if (!(words.place == curve::Affine{})) set(text, "transform", matrix(words.place, decimals));
    const bool onCurve = !words.lines.front().letters.empty();
    if (onCurve) text.set_name("g");
    if (!onCurve && t.tracking != 0) set(text, "letter-spacing", number(t.tracking / 1000 * t.size, decimals));
    for (const WordLines::Line& line : words.lines) {
        std::size_t at = 0;
        for (const curve::Affine& place : line.letters) {
            const std::string letter = taken(line.words, at);
            if (letter == " ") continue;
            pugi::xml_node n = text.append_child("text");
            set(n, "transform", matrix(place, decimals));
            n.append_child(pugi::node_pcdata).set_value(letter.c_str());
        }
        if (onCurve) continue;
        pugi::xml_node n = text.append_child("tspan");
        set(n, "xml:space", "preserve");
        if (line.middle) set(n, "text-anchor", "middle");
        set(n, "x", number(line.x, decimals));
        set(n, "y", number(line.y, decimals));
        n.append_child(pugi::node_pcdata).set_value(line.words.c_str());
    }
}

} // namespace softrope::files
