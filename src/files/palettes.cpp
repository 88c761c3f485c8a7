#include "files/palettes.h"

#include "files/path_data.h"
#include "files/text.h"
#include "pixel/ink_colours.h"
#include "words/said.h"

#include <nlohmann/json.hpp>

#include <algorithm>
#include <cctype>
#include <cmath>
#include <map>
#include <numbers>
#include <optional>
#include <set>

namespace softrope::files {

using art::Colour;

namespace {

using std::numbers::pi;

// "Night sky" as a CSS name: letters and digits, all else a dash.
std::string dashed(const std::string& name)
{
    std::string out;
    for (const char c : name) {
        const auto u = static_cast<unsigned char>(c);
        if (std::isalnum(u) || u >= 128)
            out += static_cast<char>(u < 128 ? std::tolower(u) : u);
        else if (!out.empty() && out.back() != '-')
            out += '-';
    }
    while (!out.empty() && out.back() == '-') out.pop_back();
    return out.empty() ? "ink" : out;
}

std::string words(std::string name)
{
    std::replace(name.begin(), name.end(), '-', ' ');
    std::replace(name.begin(), name.end(), '_', ' ');
    name = trimmed(name);
    if (!name.empty()) name[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(name[0])));
    return name;
}

template <class T> std::string uniqueName(const std::string& wanted, const T& taken)
{
    if (!taken.count(wanted)) return wanted;
    for (int k = 2;; ++k)
        if (const std::string n = wanted + '-' + std::to_string(k); !taken.count(n)) return n;
}

Colour colourOf(pixel::Rgba c)
{
    return {c.r, c.g, c.b};
}

// CSS Color Module Level 4, 7: hue in degrees, the others 0..1.
Colour fromHsl(double h, double s, double l)
{
    s = std::clamp(s, 0.0, 1.0);
    l = std::clamp(l, 0.0, 1.0);
    const auto part = [&](double n) {
        const double k = std::fmod(std::fmod(n + h / 30, 12) + 12, 12);
        return static_cast<std::uint8_t>(std::lround(255 * (l - s * std::min(l, 1 - l) * std::max(-1.0, std::min({k - 3, 9 - k, 1.0})))));
    };
    return {part(0), part(8), part(4)};
}

std::optional<Colour> functionColour(const std::string& value)
{
    const auto open = value.find('(');
    if (open == std::string::npos) return std::nullopt;
    const std::string name(trimmed(std::string_view(value).substr(0, open)));
    std::string inside = value.substr(open + 1);
    const auto v = numbers(inside.c_str());
    if (v.size() < 3) return std::nullopt;
    const auto percent = [&](std::size_t which) { // whether that number is followed by a percent sign
        std::size_t at = 0;
        for (std::size_t k = 0; k <= which; ++k) {
            at = inside.find_first_of("0123456789", at);
            if (at == std::string::npos) return false;
            at = inside.find_first_not_of("0123456789.eE+-", at);
            if (at == std::string::npos) return false;
        }
        return inside[at] == '%';
    };
    if (name == "hsl" || name == "hsla") return fromHsl(v[0], v[1] / 100, v[2] / 100);
    if (name == "oklch") return colourOf(pixel::shown({percent(0) ? v[0] / 100 : v[0], percent(1) ? v[1] * 0.004 : v[1], v[2] * pi / 180}));
    if (name == "rgb" || name == "rgba") {
        const auto part = [&](std::size_t k) { return static_cast<std::uint8_t>(std::lround(std::clamp(percent(k) ? v[k] * 2.55 : v[k], 0.0, 255.0))); };
        return Colour{part(0), part(1), part(2)};
    }
    return std::nullopt;
}

std::optional<Colour> cssColour(const std::string& value)
{
    // Hex with opacity: the opacity is not an ink's.
    if (value.size() == 9 && value[0] == '#') return art::colourFrom(value.substr(0, 7));
    if (value.size() == 5 && value[0] == '#') return art::colourFrom(value.substr(0, 4));
    if (const auto c = functionColour(value)) return c;
    return art::colourFrom(value);
}

// Texts without their comments.
std::string withoutComments(std::string_view text)
{
    std::string out;
    for (std::size_t at = 0; at < text.size();) {
        const auto open = text.find("/*", at);
        out += text.substr(at, open - at);
        if (open == std::string_view::npos) break;
        const auto close = text.find("*/", open + 2);
        if (close == std::string_view::npos) break;
        at = close + 2;
    }
    return out;
}

void take(PaletteResult& r, const std::string& name, Colour c)
{
    if (r.colours.size() < mostInks)
        r.colours.push_back({name, c});
    else if (const std::string rest = words::said("all after the first %1", {std::to_string(mostInks)}); r.leftOut.empty() || r.leftOut.back() != rest)
        r.leftOut.push_back(rest);
}

void verdict(PaletteResult& r)
{
    if (r.colours.empty() && r.problem.empty()) r.problem = words::said("There are no colours in the file.");
}

} // namespace

PaletteResult readPalette(std::string_view text)
{
    const std::string start(trimmed(text.substr(0, 200)));
    if (!start.empty() && start[0] == '{') return readTokenPalette(text);
    return readCssPalette(text);
}

PaletteResult readCssPalette(std::string_view given)
{
    PaletteResult out;
    const std::string text = withoutComments(given);
    std::vector<std::string> order;
    std::map<std::string, std::string> values;
    for (std::size_t at = text.find("--"); at != std::string::npos; at = text.find("--", at)) {
        const bool begins = at == 0 || isSpace(text[at - 1]) || text[at - 1] == ';' || text[at - 1] == '{';
        const auto colon = text.find(':', at), brace = text.find_first_of("{};", at);
        if (!begins || colon == std::string::npos || (brace != std::string::npos && brace < colon)) {
            at += 2;
            continue;
        }
        const auto end = std::min(text.find_first_of(";}", colon), text.size());
        const std::string name(trimmed(std::string_view(text).substr(at + 2, colon - at - 2)));
        if (!name.empty() && !values.count(name)) order.push_back(name);
        if (!name.empty()) values[name] = trimmed(std::string_view(text).substr(colon + 1, end - colon - 1)); // the last one holds
        at = end;
    }
    for (const std::string& name : order) {
        std::string value = values[name];
        std::set<std::string> seen{name};
        while (value.rfind("var(", 0) == 0) {
            std::string other(trimmed(std::string_view(value).substr(4, value.find_first_of(",)") - 4)));
            if (other.rfind("--", 0) == 0) other = other.substr(2);
            if (!values.count(other) || !seen.insert(other).second) break;
            value = values[other];
        }
        if (const auto c = cssColour(value))
            take(out, words(name), *c);
        else
            out.leftOut.push_back(words(name));
    }
    verdict(out);
    return out;
}

namespace {

using Json = nlohmann::ordered_json;

std::optional<Colour> tokenColour(const Json& v)
{
    if (v.is_string()) return cssColour(v.get<std::string>());
    if (!v.is_object()) return std::nullopt;
    const auto part = v.find("components");
    if (part != v.end() && part->is_array() && part->size() == 3) {
        double c[3] = {};
        bool good = true;
        for (std::size_t k = 0; k < 3; ++k) {
            const Json& p = (*part)[k];
            if (p.is_number())
                c[k] = p.get<double>();
            else
                good = good && p.is_string() && p.get<std::string>() == "none"; // stands for 0
            good = good && std::isfinite(c[k]);
        }
        const std::string space = v.value("colorSpace", "");
        if (good && space == "srgb") {
            const auto byte = [](double x) { return static_cast<std::uint8_t>(std::lround(255 * std::clamp(x, 0.0, 1.0))); };
            return Colour{byte(c[0]), byte(c[1]), byte(c[2])};
        }
        if (good && space == "oklch") return colourOf(pixel::shown({c[0], c[1], c[2] * pi / 180}));
        if (good && space == "hsl") return fromHsl(c[0], c[1] / 100, c[2] / 100);
    }
    if (const auto hex = v.find("hex"); hex != v.end() && hex->is_string()) return cssColour(hex->get<std::string>());
    return std::nullopt;
}

struct Tokens {
    std::vector<std::pair<std::string, const Json*>> colours; // path and value
    std::map<std::string, const Json*> all;

    void gather(const Json& group, const std::string& path, std::string type, int depth)
    {
        if (depth > 60) return;
        if (const auto t = group.find("$type"); t != group.end() && t->is_string()) type = t->get<std::string>();
        if (const auto v = group.find("$value"); v != group.end()) {
            all[path] = &*v;
            if (type == "color") colours.push_back({path, &*v});
            return;
        }
        for (auto at = group.begin(); at != group.end(); ++at)
            if (at.key().rfind('$', 0) != 0 && at->is_object()) gather(*at, path.empty() ? at.key() : path + '.' + at.key(), type, depth + 1);
    }
};

} // namespace

PaletteResult readTokenPalette(std::string_view text)
{
    PaletteResult out;
    const Json json = Json::parse(text, nullptr, false);
    if (json.is_discarded() || !json.is_object()) {
        out.problem = words::said("The file is not a palette: its JSON is broken.");
        return out;
    }
    Tokens tokens;
    tokens.gather(json, {}, {}, 0);
    for (const auto& [path, given] : tokens.colours) {
        const Json* value = given;
        std::set<const Json*> seen;
        while (value->is_string() && seen.insert(value).second) {
            const auto name = value->get<std::string>();
            if (name.size() < 3 || name.front() != '{' || name.back() != '}') break;
            const auto at = tokens.all.find(name.substr(1, name.size() - 2));
            if (at == tokens.all.end()) break;
            value = at->second;
        }
        const std::string name = words(path.substr(path.rfind('.') + 1));
        if (const auto c = tokenColour(*value))
            take(out, name, *c);
        else
            out.leftOut.push_back(name);
    }
    verdict(out);
    return out;
}

std::string writeCssPalette(const std::vector<NamedColour>& colours)
{
    std::string out = ":root {\n";
    std::set<std::string> taken;
    for (const NamedColour& c : colours) {
        const std::string name = uniqueName(dashed(c.name), taken);
        taken.insert(name);
        out += "  --" + name + ": " + art::text(c.colour) + ";\n";
    }
    return out + "}\n";
}

std::string writeTokenPalette(const std::vector<NamedColour>& colours)
{
    Json json;
    json["$type"] = "color";
    std::set<std::string> taken;
    for (const NamedColour& c : colours) {
        const std::string name = uniqueName(dashed(c.name), taken);
        taken.insert(name);
        const auto part = [](std::uint8_t v) { return std::round(v / 255.0 * 1e4) / 1e4; };
        json[name]["$value"] = {{"colorSpace", "srgb"}, {"components", {part(c.colour.r), part(c.colour.g), part(c.colour.b)}}, {"hex", art::text(c.colour)}};
    }
    return json.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

} // namespace softrope::files
