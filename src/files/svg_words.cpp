#include "files/svg_words.h"

#include "art/lettering.h"
#include "curve/similarity.h"
#include "files/text.h"
#include "files/xml.h"
#include "letter/faces.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace softrope::files {

using curve::Affine;
using curve::Vec2;

namespace {

// Characters of one look, with what is said of where the first of them stands.
struct Run {
    std::string words;
    Style style;
    std::optional<double> x, y;
    double dx = 0, dy = 0; // px further
    bool kept = false;     // its blanks are
};

// Lists of several places are of single letters.
bool oneLength(pugi::xml_node n, const char* name, const Lengths& by, bool across, std::optional<double>& to)
{
    const pugi::xml_attribute a = n.attribute(name);
    if (!a) return true;
    const std::string_view text = trimmed(a.value());
    if (text.find_first_of(", \t\n\r") != std::string_view::npos) return false;
    if (const auto v = across ? by.across(text) : by.down(text)) to = *v;
    return true;
}

bool blanksKept(pugi::xml_node n)
{
    for (; n; n = n.parent())
        if (const pugi::xml_attribute a = n.attribute("xml:space")) return std::strcmp(a.value(), "preserve") == 0;
    return false;
}

class Gatherer {
public:
    bool gather(pugi::xml_node n, const Style& style, bool shown)
    {
        for (const char* beyond : {"rotate", "textLength"})
            if (n.attribute(beyond)) return false;
        if (style.type.beyond) return false;
        std::optional<double> dx, dy;
        if (!oneLength(n, "x", style.lengths, true, x_) || !oneLength(n, "y", style.lengths, false, y_) || !oneLength(n, "dx", style.lengths, true, dx) ||
            !oneLength(n, "dy", style.lengths, false, dy))
            return false;
        dx_ += dx.value_or(0);
        dy_ += dy.value_or(0);
        for (const pugi::xml_node c : n.children()) {
            if (c.type() == pugi::node_pcdata || c.type() == pugi::node_cdata) {
                if (shown) add(c.value(), style, blanksKept(n));
                continue;
            }
            if (c.type() != pugi::node_element) continue;
            const std::string name = localName(c);
            if (name == "title" || name == "desc" || name.empty()) continue;
            if (name != "tspan" && name != "a") return false;
            Style own = style;
            own.apply(c);
            if (!gather(c, own, shown && !own.leftOut)) return false;
        }
        return true;
    }
    std::vector<Run> runs() && { return std::move(runs_); }

private:
    std::vector<Run> runs_;
    std::optional<double> x_, y_; // of what comes next
    double dx_ = 0, dy_ = 0;

    // Blanks by SVG 1.1, 10.15.
    void add(const char* text, const Style& style, bool kept)
    {
        std::string words;
        for (const char* c = text; *c; ++c) {
            if (!kept && (*c == '\n' || *c == '\r')) continue;
            const char it = *c == '\t' || *c == '\n' || *c == '\r' ? ' ' : *c;
            if (!kept && it == ' ' && (words.empty() ? afterBlank() : words.back() == ' ')) continue;
            words += it;
        }
        if (words.empty()) return;
        runs_.push_back({std::move(words), style, x_, y_, dx_, dy_, kept});
        x_.reset();
        y_.reset();
        dx_ = dy_ = 0;
    }
    bool afterBlank() const { return runs_.empty() || (!runs_.back().kept && runs_.back().words.back() == ' '); }
};

struct Chosen {
    std::string family;
    bool standsIn = false;
};

// The first of the families asked for that is here; or what the machine puts in the place of the first.
std::optional<Chosen> familyOf(const std::string& asked, Typefaces by)
{
    std::string first;
    std::string_view rest = asked;
    while (!rest.empty()) {
        const auto comma = rest.find(',');
        std::string_view one = trimmed(rest.substr(0, comma));
        rest = comma == std::string_view::npos ? std::string_view{} : rest.substr(comma + 1);
        if (one.size() >= 2 && (one.front() == '\'' || one.front() == '"') && one.back() == one.front()) one = one.substr(1, one.size() - 2);
        if (one.empty()) continue;
        if (letter::family(std::string(one))) return Chosen{std::string(one)};
        // What the machine puts in the first one's place may be none of the others.
        if (by == Typefaces::asked) return std::nullopt;
        if (first.empty()) first = one;
    }
    const auto other = by == Typefaces::nearest ? letter::standIn(first) : std::nullopt;
    return other ? std::optional(Chosen{*other, true}) : std::nullopt;
}

// Whether the family has the face itself: programs thicken and slant letters where it has not.
bool hasFace(const letter::Type& t)
{
    const auto at = letter::listedOf(t);
    if (!at) return false;
    const letter::Listed& f = letter::family(t.family)->faces[*at];
    return f.italic == t.italic && t.weight >= f.lightest - 50 && t.weight <= f.heaviest + 50;
}

// How a run is set. The size is about that on the sheet: a drawing in metres has type of some thousandths.
struct Setting {
    letter::Type type;
    bool standsIn = false;
};
std::optional<Setting> settingOf(const Style& s, double scale, Typefaces by)
{
    const auto chosen = familyOf(s.type.family, by);
    if (!chosen) return std::nullopt;
    letter::Type t;
    t.family = chosen->family;
    t.weight = s.type.weight;
    t.italic = s.type.italic;
    t.size = s.lengths.font * scale;
    if (!(t.size >= 0.5 && t.size <= 20000)) return std::nullopt;
    t.tracking = s.type.spacing / s.lengths.font * 1000;
    t.align = letter::Align::start;
    t.byInk = false;
    t.kerning = s.type.kerning;
    t.ligatures = s.type.ligatures && s.type.spacing == 0; // CSS Text Level 3, 8.2: no ligatures between letters set apart
    t.smallCaps = s.type.smallCaps;
    if (by == Typefaces::asked && !hasFace(t)) return std::nullopt;
    const auto face = letter::faceOf(t);
    if (!face || (t.smallCaps && by == Typefaces::asked && !face->offers("smcp"))) return std::nullopt;
    return Setting{t, chosen->standsIn};
}

bool samePaint(const Style::Paint& a, const Style::Paint& b)
{
    return a.colour == b.colour && a.opacity == b.opacity;
}
bool sameLook(const TextLine& a, const TextLine& b)
{
    return a.lettering.type == b.lettering.type && a.standsIn == b.standsIn && samePaint(a.style.fill, b.style.fill) &&
           samePaint(a.style.stroke, b.style.stroke) && a.style.strokeWidth == b.style.strokeWidth && a.style.fillOpacity == b.style.fillOpacity &&
           a.style.strokeOpacity == b.style.strokeOpacity && a.style.hidden == b.style.hidden;
}

class Setter {
    using Anchor = Style::Type::Anchor;

public:
    Setter(const Affine& m, Typefaces by) : m_(m), scale_(std::max(1e-12, curve::meanScale(m))), by_(by) {}

    bool set(const std::vector<Run>& runs)
    {
        for (std::size_t k = 0; k < runs.size();) {
            std::size_t end = k + 1;
            while (end < runs.size() && !runs[end].x && !runs[end].y) ++end;
            if (!chunk(runs, k, end)) return false;
            k = end;
        }
        return true;
    }
    std::vector<TextLine> lines() &&
    {
        join();
        return std::move(lines_);
    }

private:
    Affine m_;
    double scale_;
    Typefaces by_;
    Vec2 pen_{0, 0};
    std::vector<TextLine> lines_;
    std::vector<Vec2> at_; // of each line, in user space

    // By advance, blanks included. Where lines from the right begin, programs do not agree on: their middle alone is sure.
    std::optional<double> widthOf(const std::string& words, const letter::Type& t, bool byMiddle) const
    {
        if (words.empty()) return 0;
        const auto laid = letter::layout(words, t);
        if (!laid || !laid->missing.empty() || (laid->lines.front().rightToLeft && !byMiddle)) return std::nullopt;
        return laid->lines.front().width / scale_;
    }

    // What stands together, from one place that is said to the next.
    bool chunk(const std::vector<Run>& runs, std::size_t from, std::size_t to)
    {
        if (runs[from].x) pen_.x = *runs[from].x;
        if (runs[from].y) pen_.y = *runs[from].y;
        struct Placed {
            Setting set;
            double width = 0; // px of the user space
        };
        std::vector<Placed> placed;
        double all = 0;
        const bool alone = to - from == 1;
        for (std::size_t k = from; k < to; ++k) {
            const Style& s = runs[k].style;
            if (!s.fill.server.empty() || !s.stroke.server.empty()) return false;
            const auto set = settingOf(s, scale_, by_);
            if (!set) return false;
            const auto width = widthOf(runs[k].words, set->type, alone && s.type.anchor == Anchor::middle);
            if (!width) return false;
            placed.push_back({*set, *width});
            all += *width + (k > from ? runs[k].dx : 0);
        }
        const Anchor anchor = runs[from].style.type.anchor;
        pen_ = pen_ + Vec2{runs[from].dx, 0};
        const double shift = anchor == Anchor::middle ? all / 2 : anchor == Anchor::end ? all : 0;
        pen_.x -= shift;
        for (std::size_t k = from; k < to; ++k) {
            const Run& r = runs[k];
            pen_ = pen_ + Vec2{k > from ? r.dx : 0, r.dy};
            const Placed& p = placed[k - from];
            if (!run(r, p.set, alone ? anchor : Anchor::start)) return false;
            pen_.x += p.width;
        }
        return true;
    }

    // The pen is at the run's left end.
    bool run(const Run& r, const Setting& set, Anchor anchor)
    {
        TextLine out;
        out.lettering.words = trimmed(r.words);
        if (out.lettering.words.empty()) return true;
        out.style = r.style;
        out.style.evenOdd = false;
        out.lettering.type = set.type;
        out.standsIn = set.standsIn;
        // Blanks before and after count in the place of a line, and are no words.
        const std::string untilWords = r.words.substr(0, r.words.find(out.lettering.words.front()));
        const auto before = widthOf(untilWords, set.type, false), own = widthOf(out.lettering.words, set.type, true);
        if (!before || !own) return false;
        Vec2 at = pen_ + Vec2{*before, 0};
        if (anchor == Anchor::middle) {
            out.lettering.type.align = letter::Align::centre;
            at.x += *own / 2;
        } else if (anchor == Anchor::end) {
            out.lettering.type.align = letter::Align::end;
            at.x += *own;
        }
        out.lettering.place = m_ * curve::translation(at) * curve::scaling(1 / scale_, 1 / scale_);
        lines_.push_back(std::move(out));
        at_.push_back(at);
        return true;
    }

    // Lines of one look, one below the other at even distances, are one lettering.
    void join()
    {
        std::vector<TextLine> out;
        for (std::size_t k = 0; k < lines_.size();) {
            TextLine all = lines_[k];
            std::size_t end = k + 1;
            if (end < lines_.size() && below(k, end)) {
                const double step = at_[end].y - at_[k].y;
                while (end < lines_.size() && below(end - 1, end) && std::abs(at_[end].y - at_[end - 1].y - step) <= 1e-3 * step) {
                    all.lettering.words += '\n' + lines_[end].lettering.words;
                    ++end;
                }
                all.lettering.type.leading = step * scale_ / all.lettering.type.size;
            }
            out.push_back(std::move(all));
            k = end;
        }
        lines_ = std::move(out);
    }
    bool below(std::size_t a, std::size_t b) const
    {
        const double size = lines_[a].lettering.type.size / scale_, step = at_[b].y - at_[a].y;
        return std::abs(at_[a].x - at_[b].x) <= 1e-3 * size && step >= 0.5 * size && step <= 3 * size && sameLook(lines_[a], lines_[b]);
    }
};

} // namespace

std::optional<std::vector<TextLine>> textLines(pugi::xml_node n, const Style& style, const Affine& m, Typefaces by)
{
    // An uneven scale stretches lines too.
    if ((style.stroke.colour || !style.stroke.server.empty()) && !curve::keepsShapes(m, 1e-3)) return std::nullopt;
    if (!std::isfinite(m.a + m.b + m.c + m.d + m.e + m.f) || std::abs(determinant(m)) < 1e-18) return std::nullopt;
    Gatherer g;
    if (!g.gather(n, style, true)) return std::nullopt;
    std::vector<Run> runs = std::move(g).runs();
    // The last blank of all is none.
    if (!runs.empty() && !runs.back().kept && runs.back().words.back() == ' ') runs.back().words.pop_back();
    if (!runs.empty() && runs.back().words.empty()) runs.pop_back();
    Setter s(m, by);
    if (!s.set(runs)) return std::nullopt;
    return std::move(s).lines();
}

} // namespace softrope::files
