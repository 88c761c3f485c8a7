#include "files/svg_artwork.h"

#include "art/inks.h"
#include "files/gradients.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>

namespace softrope::files {

using art::Artwork;
using curve::Affine;
using curve::Path;
using curve::Paths;

namespace {

// The line's attributes paint the rim of the fill: the line itself, which is not drawn, is told apart from them.
void rim(pugi::xml_node n, art::Stroke& s)
{
    const art::Stroke plain;
    s.opacity = plain.opacity;
    s.cap = plain.cap;
    s.join = plain.join;
    const auto v = numbers(n.attribute("rope:line").value());
    if (v.size() != 3) return;
    s.opacity = std::clamp(v[0], 0.0, 1.0);
    s.cap = v[1] > 0 ? art::Cap::flat : art::Cap::round;
    s.join = static_cast<art::Join>(static_cast<int>(std::clamp(v[2], 0.0, 2.0)));
}

std::optional<curve::Swell> swellFrom(const std::vector<double>& v)
{
    if (v.size() < 4) return std::nullopt;
    curve::Swell s;
    s.taperStart = v[0];
    s.taperEnd = v[1];
    for (std::size_t i = 2; i + 1 < v.size(); i += 2) s.beads.push_back({v[i], v[i + 1]});
    return curve::tidied(std::move(s));
}

} // namespace

Artwork artworkOf(Reading& reading, pugi::xml_node n, Paths paths, const Style& s, const Affine& m, const recipes::PartReader& part)
{
    Artwork a;
    Paths onSheet;
    for (Path& p : paths)
        if (!p.empty()) onSheet.push_back(m == Affine{} ? std::move(p) : curve::transformed(p, m));
    a.setPaths(std::move(onSheet));
    const auto paint = [&](const Style::Paint& p) -> std::optional<art::Colour> {
        if (!p.server.empty()) reading.missed.add(words::marked("%n gradient(s) or pattern(s) (painted grey)"));
        return p.colour;
    };
    if (const auto g = s.fill.server.empty() ? art::Shared<art::Gradient>() : gradientOf(reading.named, s.fill.server, curve::bounds(a.paths), m, s)) {
        a.fill.gradient = g;
        a.fill.colour = art::colourAt(*g, 0.5).colour;
        if (const auto c = art::colourFrom(n.attribute("rope:fill-colour").value())) a.fill.colour = c;
    } else {
        a.fill.colour = paint(s.fill);
    }
    a.fill.ink = inkUse(n.attribute("rope:fill-ink").value());
    if (const std::string lit = n.attribute("rope:lit").value(); !lit.empty()) a.fill.lit = lit == "warm" ? art::Lit::warm : art::Lit::cool;
    a.stroke.ink = inkUse(n.attribute("rope:stroke-ink").value());
    a.fill.opacity = one(n, "rope:fill-opacity", s.fillOpacity);
    a.fill.evenOdd = s.evenOdd;
    // A fill that reaches under its neighbours is drawn with a line of its own paint.
    a.stroke.colour = n.attribute("rope:overlap") && !n.attribute("rope:lined") ? std::nullopt : paint(s.stroke);
    a.stroke.width = s.strokeWidth * curve::meanScale(m);
    a.stroke.opacity = s.strokeOpacity;
    a.stroke.cap = s.cap;
    a.stroke.join = s.join;
    a.stroke.behind = s.lineFirst;
    if (s.dashed && a.stroke.colour) reading.missed.add(words::marked("%n dash pattern(s) (drawn solid)"));
    a.stroke.keepsWidth = flagged(n, "rope:keeps-width");
    if (n.attribute("rope:stroke")) a.stroke.colour = art::colourFrom(n.attribute("rope:stroke").value());
    if (n.attribute("rope:swell")) a.stroke.swell = swellFrom(numbers(n.attribute("rope:swell").value()));
    if (const auto v = numbers(n.attribute("rope:overlap").value()); v.size() == 2) {
        a.fill.overlap = v[0];
        a.stroke.width = v[1];
        if (a.fill.colour && !flagged(n, "rope:lined")) rim(n, a.stroke);
    }
    a.guide = flagged(n, "rope:guide");
    a.openMeant = flagged(n, "rope:open-meant");
    art::Recipe live = recipes::read(n, a.paths, part);
    if (!std::holds_alternative<std::monostate>(live)) a.setDerived(Paths(a.paths), std::move(live), n.attribute("rope:made").as_ullong(0));
    return a;
}

} // namespace softrope::files
