#include "letter/layout.h"

#include "letter/faces.h"
#include "letter/utf8.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace softrope::letter {

using curve::Affine;
using curve::Vec2;

namespace {

// Left and right of what is seen of a line, em from its pen's start.
struct Ink {
    double left = std::numeric_limits<double>::infinity(), right = -std::numeric_limits<double>::infinity();
    bool any() const { return left <= right; }
};
Ink inkOf(const ShapedLine& s)
{
    Ink out;
    for (const Glyph& g : s.glyphs) {
        const curve::Box b = curve::bounds(*g.face->outline(g.id));
        if (b.empty()) continue;
        out.left = std::min(out.left, g.pen + g.dx + b.min.x);
        out.right = std::max(out.right, g.pen + g.dx + b.max.x);
    }
    return out;
}

void spreadTo(ShapedLine& s, double width, bool closes)
{
    std::size_t gaps = 0;
    for (std::size_t k = 0; k + 1 < s.glyphs.size(); ++k) gaps += s.glyphs[k].spaceAfter;
    if (gaps == 0) return;
    const double more = (width - s.width) / static_cast<double>(gaps + closes);
    double moved = 0;
    for (std::size_t k = 0; k < s.glyphs.size(); ++k) {
        s.glyphs[k].pen += moved;
        if (!s.glyphs[k].spaceAfter || k + 1 == s.glyphs.size()) continue;
        s.glyphs[k].advance += more;
        moved += more;
    }
    s.width = width - closes * more;
}

// The line's stops: at the edges of clusters, and evenly within those of several letters (ligatures).
void addStops(const Layout& l, std::size_t line, std::size_t first, const std::string& words, std::vector<Stop>& to)
{
    const Line& its = l.lines[line];
    std::vector<Stop> made;
    for (std::size_t k = first; k < l.letters.size();) {
        // All glyphs of the cluster.
        std::size_t end = k + 1;
        while (end < l.letters.size() && l.letters[end].from == l.letters[k].from) ++end;
        const Letter &a = l.letters[k], &b = l.letters[end - 1];
        const double left = a.pen, right = b.pen + b.advance;
        std::vector<std::size_t> starts;
        for (const Character& c : characters(std::string_view(words).substr(a.from, a.to - a.from)))
            if (c.at == 0 || (c.code != 0x200D && !(c.code >= 0x300 && c.code < 0x370) && !(c.code >= 0xFE00 && c.code < 0xFE10)))
                starts.push_back(a.from + c.at);
        // Where marks hang on a letter the cluster is one; only ligatures are parted, of which each letter has a share.
        const auto parts = static_cast<double>(starts.size());
        const bool indivisible = end - k > 1;
        for (std::size_t n = 0; n < (indivisible ? 1 : starts.size()); ++n) {
            const double share = static_cast<double>(n) / parts;
            made.push_back({starts[n], line, a.glyph.rightToLeft ? right - share * (right - left) : left + share * (right - left)});
        }
        k = end;
    }
    std::sort(made.begin(), made.end(), [](const Stop& x, const Stop& y) { return x.at < y.at; });
    made.push_back({its.to, line, its.rightToLeft ? its.left : its.left + its.width});
    for (const Stop& s : made)
        if (to.empty() || to.back().at != s.at || to.back().line != line) to.push_back(s);
}

} // namespace

std::optional<Layout> layout(const std::string& words, const Type& asked, const Spread& spread)
{
    const Type type = bounded(asked);
    const auto face = faceOf(type);
    if (!face) return std::nullopt;
    Layout out;
    out.size = type.size;
    out.ascent = face->ascent() * type.size;
    out.descent = face->descent() * type.size;
    for (std::size_t from = 0;;) {
        const std::size_t end = std::min(words.find('\n', from), words.size());
        ShapedLine s = shaped(std::string_view(words).substr(from, end - from), type, face);
        if (spread.to > 0 && std::isfinite(spread.to)) spreadTo(s, spread.to / type.size, spread.closes);
        const Ink ink = inkOf(s);
        const double width = s.width * type.size;
        Line line;
        line.from = from;
        line.to = end;
        line.rightToLeft = s.rightToLeft;
        line.baseline = static_cast<double>(out.lines.size()) * type.leading * type.size;
        line.width = width;
        const bool seen = type.byInk && ink.any();
        const double left = seen ? ink.left * type.size : 0, right = seen ? ink.right * type.size : width;
        const bool toLeft = type.align == (s.rightToLeft ? Align::end : Align::start);
        line.left = type.align == Align::centre ? -(left + right) / 2 : toLeft ? 0 : -width;
        line.inkLeft = line.left + (ink.any() ? ink.left * type.size : 0);
        line.inkRight = line.left + (ink.any() ? ink.right * type.size : 0);
        const std::size_t first = out.letters.size();
        for (Glyph& g : s.glyphs) {
            Letter l;
            l.line = out.lines.size();
            l.from = from + g.from;
            l.to = from + g.to;
            l.pen = line.left + g.pen * type.size;
            l.advance = g.advance * type.size;
            l.glyph = std::move(g);
            out.letters.push_back(std::move(l));
        }
        out.missing.insert(out.missing.end(), s.missing.begin(), s.missing.end());
        out.lines.push_back(line);
        addStops(out, out.lines.size() - 1, first, words, out.stops);
        if (end == words.size()) break;
        from = end + 1;
    }
    return out;
}

std::optional<double> sizeForWidth(const std::string& words, const Type& type, double width)
{
    Type one = bounded(type);
    one.size = 1000;
    const auto l = layout(words, one);
    if (!l || !(width > 0)) return std::nullopt;
    double widest = 0;
    for (const Line& line : l->lines) widest = std::max(widest, line.inkRight - line.inkLeft);
    if (!(widest > 0)) return std::nullopt;
    return std::clamp(1000 * width / widest, 0.5, 20000.0);
}

// -- rails ----------------------------------------------------------------------------------------------------------------------------

Rail Rail::straight(const Affine& place)
{
    Rail r;
    r.place_ = place;
    return r;
}

Rail Rail::arc(const Affine& centre, double radius, double angle, bool inside)
{
    Rail r;
    r.kind_ = Kind::arc;
    r.place_ = centre;
    r.radius_ = radius;
    r.angle_ = angle;
    r.over_ = inside;
    return r;
}

Rail Rail::along(curve::Path path, double start, bool over, double shift, bool mirrored)
{
    Rail r;
    r.kind_ = Kind::along;
    r.path_.emplace(std::move(path));
    r.start_ = start;
    r.over_ = over;
    r.shift_ = shift;
    r.mirrored_ = mirrored;
    return r;
}

Affine Rail::at(Vec2 p) const
{
    switch (kind_) {
    case Kind::straight: return place_ * curve::translation(p);
    case Kind::arc: {
        const double radius = over_ ? radius_ + p.y : radius_ - p.y;
        // A baseline through the centre has no way along it.
        const double turn = std::abs(radius) > 1e-6 ? p.x / radius : 0;
        const double a = over_ ? angle_ - turn : angle_ + turn;
        const Affine standing = curve::rotation(over_ ? a - curve::pi / 2 : a + curve::pi / 2);
        return place_ * curve::translation(radius * curve::direction(a)) * standing;
    }
    case Kind::along: break;
    }
    const curve::OnWay w = path_->at(start_ + (over_ ? -p.x : p.x));
    const Vec2 way = over_ ? -w.tangent : w.tangent;
    const Vec2 down = mirrored_ ? -perpendicular(way) : perpendicular(way); // +y turned from +x
    const Vec2 at = w.at + (p.y - shift_) * down;
    return {way.x, way.y, down.x, down.y, at.x, at.y};
}

double Rail::nearest(Vec2 sheet, double y, double least, double most) const
{
    if (kind_ == Kind::straight) {
        const auto back = curve::inverse(place_);
        return std::clamp(back ? (*back * sheet).x : 0, least, most);
    }
    // Coarsely, then between the neighbours of the best.
    constexpr int steps = 400;
    double best = least, closest = std::numeric_limits<double>::infinity();
    const auto off = [&](double x) {
        const Affine m = at({x, y});
        return distance(Vec2{m.e, m.f}, sheet);
    };
    for (int k = 0; k <= steps; ++k) {
        const double x = least + (most - least) * k / steps;
        if (const double d = off(x); d < closest) {
            closest = d;
            best = x;
        }
    }
    double low = std::max(least, best - (most - least) / steps), high = std::min(most, best + (most - least) / steps);
    for (int k = 0; k < 40; ++k) {
        const double a = low + (high - low) / 3, b = high - (high - low) / 3;
        (off(a) < off(b) ? high : low) = off(a) < off(b) ? b : a;
    }
    return (low + high) / 2;
}

std::vector<curve::Paths> lettersOn(const Layout& l, const Rail& rail)
{
    std::vector<curve::Paths> out;
    out.reserve(l.letters.size());
    for (const Letter& letter : l.letters) {
        const auto outline = letter.glyph.face->outline(letter.glyph.id);
        if (outline->empty()) continue;
        // Stands by the middle of its advance.
        const double half = letter.advance / 2, baseline = l.lines[letter.line].baseline;
        const Affine m = rail.at({letter.pen + half, baseline}) * curve::translation({letter.glyph.dx * l.size - half, letter.glyph.dy * l.size}) *
                         curve::scaling(l.size, l.size);
        curve::Paths paths;
        paths.reserve(outline->size());
        for (const curve::Path& p : *outline) paths.push_back(curve::transformed(p, m));
        out.push_back(std::move(paths));
    }
    return out;
}

curve::Paths outlinesOn(const Layout& l, const Rail& rail)
{
    curve::Paths out;
    for (curve::Paths& letter : lettersOn(l, rail)) std::move(letter.begin(), letter.end(), std::back_inserter(out));
    return out;
}

// -- the caret ------------------------------------------------------------------------------------------------------------------------

std::size_t lineOf(const Layout& l, std::size_t at)
{
    for (std::size_t k = 0; k < l.lines.size(); ++k)
        if (at <= l.lines[k].to) return k;
    return l.lines.size() - 1;
}

const Stop* stopOf(const Layout& l, std::size_t at)
{
    const Stop* last = nullptr;
    for (const Stop& s : l.stops) {
        if (s.at > at) break;
        last = &s;
    }
    return last;
}

std::size_t stopAt(const Layout& l, Vec2 p)
{
    std::size_t line = 0;
    for (std::size_t k = 1; k < l.lines.size(); ++k) {
        // Half-way between the middles of the lines' letters.
        const double edge = (l.lines[k - 1].baseline + l.lines[k].baseline) / 2 - 0.3 * l.size;
        if (p.y > edge) line = k;
    }
    std::size_t best = l.lines[line].to;
    double least = std::numeric_limits<double>::infinity();
    for (const Stop& s : l.stops)
        if (s.line == line && std::abs(s.x - p.x) < least) {
            least = std::abs(s.x - p.x);
            best = s.at;
        }
    return best;
}

} // namespace softrope::letter
