#include "files/lengths.h"

#include "files/text.h"

#include <array>
#include <charconv>
#include <cmath>
#include <utility>

namespace softrope::files {

namespace {

struct Measure {
    double value = 0;
    std::string_view unit;
};

std::optional<Measure> measureOf(std::string_view text)
{
    text = trimmed(text);
    if (!text.empty() && text.front() == '+') text.remove_prefix(1);
    Measure m;
    const auto [end, e] = std::from_chars(text.data(), text.data() + text.size(), m.value);
    if (e != std::errc() || !std::isfinite(m.value)) return std::nullopt;
    m.unit = trimmed(text.substr(static_cast<std::size_t>(end - text.data())));
    return m;
}

std::optional<double> absolute(const Measure& m)
{
    constexpr std::array<std::pair<std::string_view, double>, 8> units{
        {{"", 1}, {"px", 1}, {"in", 96}, {"mm", 96 / 25.4}, {"cm", 96 / 2.54}, {"pt", 96.0 / 72}, {"pc", 16}, {"Q", 96 / 101.6}}};
    for (const auto& [name, px] : units)
        if (m.unit == name) return m.value * px;
    return std::nullopt;
}

} // namespace

std::optional<double> lengthPx(std::string_view text)
{
    const auto m = measureOf(text);
    return m ? absolute(*m) : std::nullopt;
}

std::optional<double> Lengths::of(std::string_view text, double whole) const
{
    const auto m = measureOf(text);
    if (!m) return std::nullopt;
    if (m->unit == "%") return m->value / 100 * whole;
    if (m->unit == "em") return m->value * font;
    if (m->unit == "ex" || m->unit == "ch") return m->value * font / 2; // where the typeface is not asked (CSS Values 4, 6.1)
    if (m->unit == "rem") return m->value * 16;
    return absolute(*m);
}

std::optional<double> Lengths::other(std::string_view text) const
{
    return of(text, std::sqrt((width * width + height * height) / 2));
}

std::optional<std::vector<double>> lengthsIn(std::string_view text, const Lengths& by)
{
    std::vector<double> out;
    while (true) {
        while (!text.empty() && (isSpace(text.front()) || text.front() == ',')) text.remove_prefix(1);
        if (text.empty()) return out;
        std::size_t n = 0;
        while (n < text.size() && !isSpace(text[n]) && text[n] != ',') ++n;
        const auto v = by.other(text.substr(0, n));
        if (!v) return std::nullopt;
        out.push_back(*v);
        text.remove_prefix(n);
    }
}

} // namespace softrope::files
