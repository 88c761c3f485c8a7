#include "files/svg_style.h"

#include "files/css.h"
#include "files/css_colour.h"
#include "files/text.h"

#include <pugixml.hpp>

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <vector>

namespace softrope::files {

namespace {

std::optional<double> plain(std::string_view s)
{
    s = trimmed(s);
    if (!s.empty() && s.front() == '+') s.remove_prefix(1);
    double v = 0;
    const auto [end, e] = std::from_chars(s.data(), s.data() + s.size(), v);
    if (e != std::errc() || !std::isfinite(v)) return std::nullopt;
    const std::string_view rest = trimmed(s.substr(static_cast<std::size_t>(end - s.data())));
    if (rest == "%") return v / 100;
    return v;
}

double share(std::string_view s)
{
    return std::clamp(plain(s).value_or(1), 0.0, 1.0);
}

} // namespace

curve::Affine transformOf(std::string_view text)
{
    curve::Affine m;
    while (true) {
        const auto open = text.find('(');
        const auto close = open == std::string_view::npos ? open : text.find(')', open);
        if (close == std::string_view::npos) return m;
        std::string_view name = trimmed(text.substr(0, open));
        while (!name.empty() && (name.front() == ',' || isSpace(name.front()))) name.remove_prefix(1);
        std::vector<double> v;
        std::string_view inside = text.substr(open + 1, close - open - 1);
        while (!inside.empty()) {
            if (inside.front() == '+') inside.remove_prefix(1);
            if (inside.empty()) break;
            double x = 0;
            const auto [end, e] = std::from_chars(inside.data(), inside.data() + inside.size(), x);
            if (e == std::errc()) {
                v.push_back(std::isfinite(x) ? x : 0);
                inside.remove_prefix(static_cast<std::size_t>(end - inside.data()));
            } else {
                inside.remove_prefix(1);
            }
        }
        const auto at = [&](std::size_t i, double otherwise) { return i < v.size() ? v[i] : otherwise; };
        if (name == "matrix" && v.size() == 6)
            m = m * curve::Affine{v[0], v[1], v[2], v[3], v[4], v[5]};
        else if (name == "translate")
            m = m * curve::translation({at(0, 0), at(1, 0)});
        else if (name == "scale")
            m = m * curve::scaling(at(0, 1), at(1, at(0, 1)));
        else if (name == "rotate")
            m = m * curve::about({at(1, 0), at(2, 0)}, curve::rotation(curve::radians(at(0, 0))));
        else if (name == "skewX")
            m = m * curve::Affine{1, 0, std::tan(curve::radians(at(0, 0))), 1, 0, 0};
        else if (name == "skewY")
            m = m * curve::Affine{1, std::tan(curve::radians(at(0, 0))), 0, 1, 0, 0};
        text.remove_prefix(close + 1);
    }
}

namespace {

// "url(#name)", or "" for none and what is no name in this file.
std::string nameOf(std::string_view value)
{
    const auto from = value.find('#'), to = value.find(')');
    if (value.rfind("url(", 0) != 0 || from == std::string_view::npos || to == std::string_view::npos || from > to) return {};
    std::string name(trimmed(value.substr(from + 1, to - from - 1)));
    while (!name.empty() && (name.back() == '"' || name.back() == '\'')) name.pop_back();
    return name;
}

} // namespace

Style::Paint Style::paint(std::string_view value, const Paint& before) const
{
    if (value == "none") return {};
    if (value == "inherit") return before;
    if (value == "currentColor" || value == "currentcolor") return {current, {}, currentOpacity};
    if (value.rfind("url(", 0) == 0) {
        const std::string found = nameOf(value), name = found.empty() ? "?" : found;
        // What stands behind is painted where there is no such gradient or pattern (SVG 1.1, 11.2).
        const auto end = value.find(')');
        Paint behind = end == std::string_view::npos ? Paint{} : paint(trimmed(value.substr(end + 1)), {});
        return {behind.colour, name, behind.opacity};
    }
    if (const auto c = cssColourFrom(value)) return {c->colour, {}, c->opacity};
    return before;
}

namespace {

// Keywords by common practice (CSS Fonts Level 4, 2.5); shares are of the size around.
double fontSize(std::string_view value, double around)
{
    constexpr std::array<std::pair<std::string_view, double>, 7> named{
        {{"xx-small", 9}, {"x-small", 10}, {"small", 13}, {"medium", 16}, {"large", 18}, {"x-large", 24}, {"xx-large", 32}}};
    for (const auto& [name, px] : named)
        if (value == name) return px;
    if (value == "larger") return around * 1.2;
    if (value == "smaller") return around / 1.2;
    const double px = Lengths{0, 0, around}.of(value, around).value_or(around);
    return px >= 0 ? px : around;
}

} // namespace

namespace {

// Numbers and names of CSS Fonts Level 4, 2.2; bolder and lighter by its table.
double fontWeight(std::string_view value, double around)
{
    if (value == "normal") return 400;
    if (value == "bold") return 700;
    if (value == "bolder") return around < 350 ? 400 : around < 550 ? 700 : 900;
    if (value == "lighter") return around < 550 ? 100 : around < 750 ? 400 : 700;
    const double w = plain(value).value_or(around);
    return w >= 1 && w <= 1000 ? w : around;
}

// What type there is, as far as lettering has it; false where it has not.
bool setType(Style::Type& t, const Lengths& by, std::string_view name, std::string_view value)
{
    using Anchor = Style::Type::Anchor;
    if (name == "font-family")
        t.family = value;
    else if (name == "font-weight")
        t.weight = fontWeight(value, t.weight);
    else if (name == "font-style")
        t.italic = value == "italic" || value.rfind("oblique", 0) == 0;
    else if (name == "font-variant" || name == "font-variant-caps") {
        t.smallCaps = value == "small-caps";
        return t.smallCaps || value == "normal";
    } else if (name == "text-anchor")
        t.anchor = value == "middle" ? Anchor::middle : value == "end" ? Anchor::end : Anchor::start;
    else if (name == "letter-spacing")
        t.spacing = value == "normal" ? 0 : by.other(value).value_or(t.spacing);
    else if (name == "font-kerning")
        t.kerning = value != "none";
    else if (name == "font-variant-ligatures")
        t.ligatures = value != "none";
    else // the initial values of the others
        return value == "normal" || value == "none" || value == "auto" || value == "baseline" || value == "alphabetic" || value == "0" || value == "0px" ||
               value == "ltr" || value == "lr" || value == "lr-tb" || value == "horizontal-tb" || value == "embed";
    return true;
}

// What letters are set by; the last are those that lettering knows the initial value of alone.
constexpr std::array<std::string_view, 22> typeNames{"font-family",
                                                     "font-weight",
                                                     "font-style",
                                                     "font-variant",
                                                     "font-variant-caps",
                                                     "text-anchor",
                                                     "letter-spacing",
                                                     "font-kerning",
                                                     "font-variant-ligatures",
                                                     "font",
                                                     "font-stretch",
                                                     "font-size-adjust",
                                                     "font-feature-settings",
                                                     "font-variation-settings",
                                                     "word-spacing",
                                                     "text-decoration",
                                                     "writing-mode",
                                                     "direction",
                                                     "unicode-bidi",
                                                     "baseline-shift",
                                                     "alignment-baseline",
                                                     "dominant-baseline"};

bool ofType(std::string_view name)
{
    return std::find(typeNames.begin(), typeNames.end(), name) != typeNames.end();
}

} // namespace

void Style::set(std::string_view name, std::string_view value)
{
    value = trimmed(value);
    if (value == "inherit") return;
    if (name == "fill")
        fill = paint(value, fill);
    else if (name == "stroke")
        stroke = paint(value, stroke);
    else if (name == "color") {
        if (const auto c = cssColourFrom(value)) {
            current = c->colour;
            currentOpacity = c->opacity;
        }
    } else if (name == "fill-opacity")
        fillOpacity = share(value);
    else if (name == "stroke-opacity")
        strokeOpacity = share(value);
    else if (name == "opacity")
        opacity *= share(value);
    else if (name == "font-size")
        lengths.font = fontSize(value, lengths.font);
    else if (name == "mask")
        mask = value == "none" ? std::string() : nameOf(value);
    else if (name == "mix-blend-mode")
        blend = art::blendFrom(value).value_or(art::Blend::normal);
    else if (name == "isolation")
        isolated = value == "isolate";
    else if (name == "filter")
        filter = value == "none" ? std::string() : nameOf(value).empty() || value.find(')') + 1 != value.size() ? "?" : nameOf(value); // one of several is none
    else if (name == "clip-path")
        clip = value == "none" ? std::string() : nameOf(value).empty() ? "?" : nameOf(value);
    else if (name == "stroke-width")
        strokeWidth = std::max(0.0, lengths.other(value).value_or(strokeWidth));
    else if (name == "fill-rule")
        evenOdd = value == "evenodd";
    else if (name == "stroke-linecap")
        cap = value == "round" ? art::Cap::round : value == "square" ? art::Cap::square : art::Cap::flat;
    else if (name == "stroke-linejoin")
        join = value == "round" ? art::Join::round : value == "bevel" ? art::Join::bevel : art::Join::mitre;
    else if (name == "paint-order") // what is not named comes after, in the order fill, stroke, markers (SVG 2, 13.8)
        lineFirst = value.find("stroke") < value.find("fill");
    else if (name == "stroke-dasharray")
        dashes = value == "none" ? std::vector<double>{} : lengthsIn(value, lengths).value_or(std::vector<double>{});
    else if (name == "stroke-dashoffset")
        dashFrom = lengths.other(value).value_or(dashFrom);
    else if (name == "stroke-miterlimit")
        mitreLimit = std::max(1.0, plain(value).value_or(mitreLimit));
    else if (name == "vector-effect")
        evenWidth = value == "non-scaling-stroke";
    else if (name == "marker")
        for (std::string& m : markers) m = nameOf(value);
    else if (name == "marker-start")
        markers[0] = nameOf(value);
    else if (name == "marker-mid")
        markers[1] = nameOf(value);
    else if (name == "marker-end")
        markers[2] = nameOf(value);
    else if (name == "display")
        leftOut = leftOut || value == "none";
    else if (name == "visibility")
        hidden = value == "hidden" || value == "collapse";
}

std::vector<Declaration> declaredOf(pugi::xml_node n, const StyleSheet* sheet)
{
    const std::vector<Declaration> own = declarationsIn(n.attribute("style").value());
    const std::vector<Declaration> ruled = sheet ? sheet->of(n) : std::vector<Declaration>{};
    std::vector<Declaration> out;
    out.reserve(ruled.size() + own.size());
    for (const bool important : {false, true})
        for (const auto* from : {&ruled, &own})
            std::copy_if(from->begin(), from->end(), std::back_inserter(out), [important](const Declaration& d) { return d.important == important; });
    return out;
}

namespace {

// Tells `told` everything that is said of the element, the weakest first.
template <typename Told> void eachSaid(pugi::xml_node n, const StyleSheet* sheet, const Told& told)
{
    for (const pugi::xml_attribute a : n.attributes()) told(a.name(), a.value());
    for (const Declaration& d : declaredOf(n, sheet)) told(d.name, d.value);
}

// Those that Style::set knows. What others are told by comes first: currentColor and em on the same element mean the new ones.
constexpr std::array<std::string_view, 27> known{"font-size",
                                                 "paint-order",
                                                 "color",
                                                 "fill",
                                                 "stroke",
                                                 "fill-opacity",
                                                 "stroke-opacity",
                                                 "opacity",
                                                 "mix-blend-mode",
                                                 "isolation",
                                                 "filter",
                                                 "clip-path",
                                                 "mask",
                                                 "stroke-width",
                                                 "fill-rule",
                                                 "stroke-linecap",
                                                 "stroke-linejoin",
                                                 "stroke-miterlimit",
                                                 "stroke-dasharray",
                                                 "stroke-dashoffset",
                                                 "vector-effect",
                                                 "marker",
                                                 "marker-start",
                                                 "marker-mid",
                                                 "marker-end",
                                                 "display",
                                                 "visibility"};

} // namespace

std::string propertyOf(pugi::xml_node n, std::string_view name, const StyleSheet* sheet)
{
    std::string_view out;
    eachSaid(n, sheet, [&](std::string_view of, std::string_view value) {
        if (of == name) out = value;
    });
    return std::string(trimmed(out));
}

void Style::apply(pugi::xml_node n)
{
    std::array<std::string_view, known.size()> said{};
    std::vector<std::pair<std::string_view, std::string_view>> ofWords;
    eachSaid(n, sheet, [&](std::string_view name, std::string_view value) {
        if (ofType(name)) ofWords.emplace_back(name, trimmed(value));
        if (name == "marker") // a shorthand: those said before it are over
            for (const std::string_view one : {"marker-start", "marker-mid", "marker-end"})
                said[static_cast<std::size_t>(std::find(known.begin(), known.end(), one) - known.begin())] = {};
        const auto at = std::find(known.begin(), known.end(), name);
        if (at != known.end()) said[static_cast<std::size_t>(at - known.begin())] = value;
    });
    for (std::size_t k = 0; k < known.size(); ++k)
        if (!said[k].empty()) set(known[k], said[k]);
    // By the size of the type, which is known now.
    for (const auto& [name, value] : ofWords)
        if (value != "inherit") type.beyond = !setType(type, lengths, name, value) || type.beyond;
}

} // namespace softrope::files
