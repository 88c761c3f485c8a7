#include "art/line_outline.h"

#include "curve/dashes.h"
#include "curve/swell.h"
#include "planar/combine.h"

#include <algorithm>
#include <cmath>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

// What fills the outer side of a corner: a tip, or where that would reach too far or the join is bevelled, a triangle.
Path cornerFill(Vec2 at, Vec2 in, Vec2 out, const Stroke& stroke)
{
    const double bend = turn(in, out), side = bend > 0 ? -1 : 1; // the outer one
    const double width = stroke.width;
    const Vec2 a = at + side * 0.5 * width * perpendicular(in), b = at + side * 0.5 * width * perpendicular(out);
    std::vector<Vec2> ring{at, a, b};
    const double sharp = 1 / std::max(1e-9, std::abs(std::cos(bend / 2)));
    if (stroke.join == Join::mitre && sharp <= stroke.mitreLimit)
        ring = {at, a, at + 0.5 * width * sharp * unit(side * (perpendicular(in) + perpendicular(out))), b};
    return curve::polyline(ring, true);
}

// The outline of an even line whose corners are not round: what lies between them, each with flat ends, and what fills the corners.
void addCornered(const Path& p, const Stroke& stroke, Paths& to)
{
    const curve::Swell even = curve::tidied({});
    const std::size_t n = p.nodes.size();
    std::vector<std::size_t> corners;
    const auto put = [&](Path part) { to.push_back(curve::area(part) < 0 ? reversed(part) : std::move(part)); }; // all turn one way: none cancels another
    for (std::size_t k = 0; k < n; ++k) {
        if (!p.closed && (k == 0 || k + 1 == n)) continue;
        const Vec2 in = endTangent(p.piece((k + n - 1) % n)), out = startTangent(p.piece(k));
        if (in == Vec2{} || out == Vec2{} || std::abs(turn(in, out)) < 0.02) continue;
        corners.push_back(k);
        put(cornerFill(p.nodes[k].at, in, out, stroke));
    }
    if (p.closed && corners.empty()) {
        for (Path& o : curve::swelledOutline(p, stroke.width, even, false, 0.02, true)) to.push_back(std::move(o)); // its two edges turn each their way
        return;
    }
    if (!p.closed) {
        corners.insert(corners.begin(), 0);
        corners.push_back(n - 1);
        if (stroke.cap == Cap::round)
            for (const std::size_t end : {std::size_t{0}, n - 1}) put(curve::circle(p.nodes[end].at, stroke.width / 2));
    } else {
        corners.push_back(corners.front() + n);
    }
    for (std::size_t k = 0; k + 1 < corners.size(); ++k) {
        Path run;
        for (std::size_t at = corners[k]; at <= corners[k + 1]; ++at) run.nodes.push_back(p.nodes[at % n]);
        for (Path& o : curve::swelledOutline(run, stroke.width, even, false, 0.02, true)) put(std::move(o));
    }
}

// A line without length is a dot where its ends are round or square.
Path dot(Vec2 at, const Stroke& s)
{
    const double r = s.width / 2;
    return s.cap == Cap::round ? curve::circle(at, r) : curve::rectangle(at - Vec2{r, r}, at + Vec2{r, r});
}

// Its ends drawn on straight.
Path withEndsLonger(Path p, double by)
{
    const Vec2 in = startTangent(p.piece(0)), out = endTangent(p.piece(p.pieceCount() - 1));
    p.nodes.insert(p.nodes.begin(), curve::cornerAt(p.nodes.front().at - by * in));
    p.nodes.push_back(curve::cornerAt(p.nodes.back().at + by * out));
    return p;
}

} // namespace

Paths lineOutlines(const Artwork& a)
{
    Paths out;
    const Stroke& s = a.stroke;
    if (!(s.width > 0)) return out;
    const Paths cut = s.dashes.empty() ? Paths{} : curve::dashed(a.paths, s.dashes, s.dashFrom);
    const auto put = [&](const Path& line) {
        for (Path& o : curve::swelledOutline(line, s.width, s.swell.value_or(curve::tidied({})), s.cap == Cap::round, 0.02, true)) out.push_back(std::move(o));
    };
    for (const Path& p : s.dashes.empty() ? *a.paths : cut) {
        if (p.empty()) continue;
        if (!(curve::arcLength(p) > 0)) {
            if (s.cap != Cap::flat && p.nodes.size() > 1) out.push_back(dot(p.nodes.front().at, s));
            continue;
        }
        const Path& line = s.cap == Cap::square && !p.closed && !s.swell ? withEndsLonger(p, s.width / 2) : p;
        if (s.join != Join::round && !s.swell && line.nodes.size() > 1)
            addCornered(line, s, out);
        else
            put(line);
    }
    return out;
}

Paths lineArea(const Artwork& a)
{
    if (!a.stroke.colour) return {};
    const Paths outlines = lineOutlines(a);
    return outlines.empty() ? outlines : planar::combine({{outlines, false}}, planar::Operation::unite);
}

} // namespace softrope::art
