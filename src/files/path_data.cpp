#include "files/path_data.h"

#include "curve/edit.h"

#include <charconv>
#include <cmath>
#include <cstring>

namespace softrope::files {

using curve::Node;
using curve::NodeKind;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

constexpr double sameNode = 1e-6; // units: where a closed path ends this near its start, both are one node

class Scanner {
public:
    explicit Scanner(std::string_view d) : d_(d) {}

    std::size_t offset() const { return i_; }
    bool atEnd()
    {
        skip();
        return i_ >= d_.size();
    }
    std::optional<char> command()
    {
        skip();
        if (i_ < d_.size() && std::isalpha(static_cast<unsigned char>(d_[i_])) && d_[i_] != 'e' && d_[i_] != 'E') return d_[i_++];
        return std::nullopt;
    }
    std::optional<double> number()
    {
        skip();
        const char* from = d_.data() + i_;
        const char* end = d_.data() + d_.size();
        if (from < end && *from == '+') ++from;
        double v = 0;
        const auto [p, e] = std::from_chars(from, end, v);
        if (e != std::errc() || !std::isfinite(v) || std::abs(v) > 1e12) return std::nullopt;
        i_ = static_cast<std::size_t>(p - d_.data());
        return v;
    }
    std::optional<bool> flag()
    {
        skip();
        if (i_ < d_.size() && (d_[i_] == '0' || d_[i_] == '1')) return d_[i_++] == '1';
        return std::nullopt;
    }
    bool numberNext()
    {
        skip();
        if (i_ >= d_.size()) return false;
        const char c = d_[i_];
        return (c >= '0' && c <= '9') || c == '-' || c == '+' || c == '.';
    }

private:
    std::string_view d_;
    std::size_t i_ = 0;

    void skip()
    {
        while (i_ < d_.size() && (std::isspace(static_cast<unsigned char>(d_[i_])) || d_[i_] == ',')) ++i_;
    }
};

class Reader {
public:
    explicit Reader(std::string_view d) : scan_(d) {}

    ParsedPaths run()
    {
        char command = 0;
        while (!scan_.atEnd()) {
            const std::size_t start = scan_.offset();
            if (const auto c = scan_.command()) {
                command = *c;
                if (!started_ && command != 'M' && command != 'm') return stop(start);
            } else if (!scan_.numberNext() || command == 0 || command == 'Z' || command == 'z') {
                return stop(start);
            } else if (command == 'M') {
                command = 'L';
            } else if (command == 'm') {
                command = 'l';
            }
            if (!act(command)) return stop(start);
        }
        finish(false);
        return std::move(result_);
    }

private:
    Scanner scan_;
    ParsedPaths result_;
    Path path_;
    Vec2 here_, start_, lastCubic_, lastQuadratic_;
    char last_ = 0;
    bool started_ = false;

    ParsedPaths stop(std::size_t at)
    {
        finish(false);
        result_.fault = at;
        return std::move(result_);
    }

    void finish(bool closed)
    {
        if (path_.nodes.empty()) return;
        path_.closed = closed;
        if (closed && path_.nodes.size() > 1 && distance(path_.nodes.front().at, path_.nodes.back().at) < sameNode) {
            path_.nodes.front().in = path_.nodes.back().in + (path_.nodes.front().at - path_.nodes.back().at);
            path_.nodes.pop_back();
        }
        curve::markKinds(path_);
        result_.paths.push_back(std::move(path_));
        path_ = {};
    }

    std::optional<Vec2> point(bool relative)
    {
        const auto x = scan_.number(), y = x ? scan_.number() : std::nullopt;
        if (!y) return std::nullopt;
        return Vec2{*x, *y} + (relative ? here_ : Vec2{});
    }

    // After Z, drawing goes on from the start of the closed subpath.
    void ensure()
    {
        if (path_.nodes.empty()) path_.nodes.push_back(curve::cornerAt(here_));
    }
    void cubicTo(Vec2 a, Vec2 b, Vec2 p)
    {
        ensure();
        path_.nodes.back().out = a;
        Node n = curve::cornerAt(p);
        n.in = b;
        path_.nodes.push_back(n);
        here_ = p;
    }
    void lineTo(Vec2 p) { cubicTo(here_, p, p); }

    bool act(char command)
    {
        const bool relative = std::islower(static_cast<unsigned char>(command)) != 0;
        const char kind = static_cast<char>(std::toupper(static_cast<unsigned char>(command)));
        bool ok = true;
        switch (kind) {
        case 'M':
            if (const auto p = point(relative)) {
                finish(false);
                here_ = start_ = *p;
                started_ = true;
                path_.nodes.push_back(curve::cornerAt(*p));
            } else {
                ok = false;
            }
            break;
        case 'L':
            if (const auto p = point(relative))
                lineTo(*p);
            else
                ok = false;
            break;
        case 'H':
        case 'V':
            if (const auto v = scan_.number()) {
                Vec2 p = here_;
                double& axis = kind == 'H' ? p.x : p.y;
                axis = relative ? axis + *v : *v;
                lineTo(p);
            } else {
                ok = false;
            }
            break;
        case 'C':
        case 'S': ok = cubic(kind, relative); break;
        case 'Q':
        case 'T': ok = quadratic(kind, relative); break;
        case 'A': ok = arc(relative); break;
        case 'Z':
            finish(true);
            here_ = start_;
            break;
        default: ok = false;
        }
        last_ = kind;
        return ok;
    }

    bool cubic(char kind, bool relative)
    {
        Vec2 a = (last_ == 'C' || last_ == 'S') ? here_ * 2 - lastCubic_ : here_;
        if (kind == 'C') {
            const auto given = point(relative);
            if (!given) return false;
            a = *given;
        }
        const auto b = point(relative), p = b ? point(relative) : std::nullopt;
        if (!p) return false;
        lastCubic_ = *b;
        cubicTo(a, *b, *p);
        return true;
    }

    bool quadratic(char kind, bool relative)
    {
        Vec2 q = (last_ == 'Q' || last_ == 'T') ? here_ * 2 - lastQuadratic_ : here_;
        if (kind == 'Q') {
            const auto given = point(relative);
            if (!given) return false;
            q = *given;
        }
        const auto p = point(relative);
        if (!p) return false;
        lastQuadratic_ = q;
        cubicTo(lerp(here_, q, 2.0 / 3), lerp(*p, q, 2.0 / 3), *p);
        return true;
    }

    bool arc(bool relative)
    {
        const auto rx0 = scan_.number(), ry0 = rx0 ? scan_.number() : std::nullopt, turn0 = ry0 ? scan_.number() : std::nullopt;
        if (!turn0) return false;
        const auto large = scan_.flag(), sweep = large ? scan_.flag() : std::nullopt;
        if (!sweep) return false;
        const auto end = point(relative);
        if (!end) return false;
        double rx = std::abs(*rx0), ry = std::abs(*ry0);
        if (rx == 0 || ry == 0 || *end == here_) {
            lineTo(*end);
            return true;
        }
        // From end points to centre (SVG 1.1, F.6.5), radii enlarged when they cannot reach (F.6.6).
        const double phi = curve::radians(*turn0);
        const curve::Affine back = curve::rotation(-phi);
        const Vec2 h = back * ((here_ - *end) * 0.5);
        const double enlarged = std::max(1.0, std::hypot(h.x / rx, h.y / ry));
        rx *= enlarged;
        ry *= enlarged;
        // On the unit circle, where radii of any size leave the numbers as they are.
        const Vec2 u{h.x / rx, h.y / ry};
        const double den = dot(u, u);
        if (!(den > 0) || !std::isfinite(den) || !std::isfinite(rx) || !std::isfinite(ry)) {
            lineTo(*end);
            return true;
        }
        const double k = (*large == *sweep ? -1 : 1) * std::sqrt(std::max(0.0, 1 - den) / den);
        const Vec2 centre{k * u.y, -k * u.x};
        const double from = std::atan2(u.y - centre.y, u.x - centre.x);
        double delta = std::atan2(-u.y - centre.y, -u.x - centre.x) - from;
        if (*sweep && delta < 0) delta += 2 * curve::pi;
        if (!*sweep && delta > 0) delta -= 2 * curve::pi;
        const curve::Affine unitToHere = curve::translation((here_ + *end) * 0.5) * curve::rotation(phi) * curve::scaling(rx, ry) * curve::translation(centre);
        const int n = std::max(1, static_cast<int>(std::ceil(std::abs(delta) / (curve::pi / 2) - 1e-9)));
        const double step = delta / n, reach = 4.0 / 3 * std::tan(step / 4);
        for (int i = 0; i < n; ++i) {
            const double t0 = from + i * step, t1 = t0 + step;
            const Vec2 p = curve::direction(t0), q = curve::direction(t1);
            const Vec2 last = i + 1 == n ? *end : unitToHere * q;
            cubicTo(unitToHere * (p + perpendicular(p) * reach), unitToHere * (q - perpendicular(q) * reach), last);
        }
        return true;
    }
};

} // namespace

ParsedPaths parsePathData(std::string_view d)
{
    return Reader(d).run();
}

std::vector<double> numbers(const char* text)
{
    std::vector<double> out;
    const char* p = text;
    const char* end = p + std::strlen(p);
    while (p < end) {
        double v = 0;
        const auto [next, e] = std::from_chars(*p == '+' ? p + 1 : p, end, v);
        if (e == std::errc() && next != p) {
            if (std::isfinite(v)) out.push_back(v);
            p = next;
        } else {
            ++p;
        }
    }
    return out;
}

std::string number(double v, int decimals)
{
    char buffer[64];
    const auto [end, e] = decimals == exact ? std::to_chars(buffer, buffer + sizeof buffer, v)
                                            : std::to_chars(buffer, buffer + sizeof buffer, v, std::chars_format::fixed, decimals);
    if (e != std::errc() || !std::isfinite(v)) return "0";
    std::string s(buffer, end);
    if (decimals == exact) return s;
    if (s.find('.') != std::string::npos) {
        while (s.back() == '0') s.pop_back();
        if (s.back() == '.') s.pop_back();
    }
    return s == "-0" ? "0" : s;
}

std::string pathData(const Paths& paths, int decimals)
{
    std::string d;
    const auto put = [&](Vec2 p) { d += number(p.x, decimals) + ' ' + number(p.y, decimals); };
    for (const Path& path : paths) {
        if (path.empty()) continue;
        d += 'M';
        put(path.nodes.front().at);
        for (std::size_t i = 0; i < path.pieceCount(); ++i) {
            const curve::Cubic c = path.piece(i);
            const bool last = path.closed && i + 1 == path.pieceCount();
            if (curve::isStraight(c)) {
                // Z draws the closing straight; of no length, it would be taken for one node.
                if (last && distance(c.p0, c.p3) >= sameNode) break;
                d += 'L';
                put(c.p3);
                continue;
            }
            d += 'C';
            put(c.p1);
            d += ' ';
            put(c.p2);
            d += ' ';
            put(c.p3);
        }
        if (path.closed) d += 'Z';
    }
    return d;
}

} // namespace softrope::files
