#include "files/css_colour.h"

#include "files/text.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <string>
#include <vector>

namespace softrope::files {

namespace {

struct Part {
    double value = 0;
    std::string_view unit; // "", "%", "deg" ...
};

// "a, b, c" or "a b c / d".
std::optional<std::vector<Part>> partsOf(std::string_view inside)
{
    std::vector<Part> out;
    while (true) {
        while (!inside.empty() && (isSpace(inside.front()) || inside.front() == ',' || inside.front() == '/')) inside.remove_prefix(1);
        if (inside.empty()) return out;
        if (inside.front() == '+') inside.remove_prefix(1);
        Part p;
        const auto [end, e] = std::from_chars(inside.data(), inside.data() + inside.size(), p.value);
        if (e != std::errc() || !std::isfinite(p.value) || out.size() == 4) return std::nullopt;
        inside.remove_prefix(static_cast<std::size_t>(end - inside.data()));
        std::size_t n = 0;
        while (n < inside.size() && (std::isalpha(static_cast<unsigned char>(inside[n])) != 0 || inside[n] == '%')) ++n;
        p.unit = inside.substr(0, n);
        inside.remove_prefix(n);
        out.push_back(p);
    }
}

std::uint8_t channel(double v)
{
    return static_cast<std::uint8_t>(std::lround(std::clamp(v, 0.0, 255.0)));
}

// Of a colour given by hue in degrees, saturation and lightness 0..1 (CSS Color Level 4, 7.1).
art::Colour fromHsl(double hue, double s, double l)
{
    hue = std::fmod(hue, 360);
    if (hue < 0) hue += 360;
    s = std::clamp(s, 0.0, 1.0);
    l = std::clamp(l, 0.0, 1.0);
    const auto f = [&](double n) {
        const double k = std::fmod(n + hue / 30, 12);
        return 255 * (l - s * std::min(l, 1 - l) * std::max(-1.0, std::min({k - 3, 9 - k, 1.0})));
    };
    return {channel(f(0)), channel(f(8)), channel(f(4))};
}

double degrees(const Part& p)
{
    constexpr double pi = 3.14159265358979323846;
    return p.unit == "turn" ? p.value * 360 : p.unit == "rad" ? p.value * 180 / pi : p.unit == "grad" ? p.value * 0.9 : p.value;
}

std::optional<CssColour> fromFunction(std::string_view name, std::string_view inside)
{
    const auto parts = partsOf(inside);
    if (!parts || parts->size() < 3) return std::nullopt;
    const std::vector<Part>& p = *parts;
    CssColour out;
    if (p.size() == 4) out.opacity = std::clamp(p[3].unit == "%" ? p[3].value / 100 : p[3].value, 0.0, 1.0);
    if (name == "hsl" || name == "hsla") {
        out.colour = fromHsl(degrees(p[0]), p[1].value / 100, p[2].value / 100);
        return out;
    }
    const auto v = [&](std::size_t k) { return channel(p[k].unit == "%" ? p[k].value * 2.55 : p[k].value); };
    out.colour = {v(0), v(1), v(2)};
    return out;
}

std::optional<CssColour> fromHex(std::string_view digits)
{
    std::string six;
    if (digits.size() == 4)
        for (const char c : digits) six += std::string(2, c);
    else if (digits.size() == 8)
        six = digits;
    else
        return std::nullopt;
    unsigned alpha = 0;
    const auto [end, e] = std::from_chars(six.data() + 6, six.data() + 8, alpha, 16);
    if (e != std::errc() || end != six.data() + 8) return std::nullopt;
    const auto c = art::colourFrom('#' + six.substr(0, 6));
    if (!c) return std::nullopt;
    return CssColour{*c, alpha / 255.0};
}

} // namespace

std::optional<CssColour> cssColourFrom(std::string_view given)
{
    std::string t(trimmed(given));
    std::transform(t.begin(), t.end(), t.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    if (t == "transparent") return CssColour{{0, 0, 0}, 0};
    if (!t.empty() && t.front() == '#' && (t.size() == 5 || t.size() == 9)) return fromHex(std::string_view(t).substr(1));
    if (const auto open = t.find('('); open != std::string::npos && t.back() == ')') {
        const std::string name = t.substr(0, open);
        if (name == "rgb" || name == "rgba" || name == "hsl" || name == "hsla")
            return fromFunction(name, std::string_view(t).substr(open + 1, t.size() - open - 2));
    }
    if (t == "rebeccapurple") return CssColour{{0x66, 0x33, 0x99}, 1}; // the one keyword that SVG 1.1 does not have
    if (const auto c = art::colourFrom(t)) return CssColour{*c, 1};
    // SVG 1.1 writes "icc-color(...)" after a colour that stands for it.
    if (const auto blank = t.find(" icc-color("); blank != std::string::npos) return cssColourFrom(std::string_view(t).substr(0, blank));
    return std::nullopt;
}

} // namespace softrope::files
