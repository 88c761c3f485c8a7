#include "files/svg_artwork.h"

#include "art/edits.h"
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
    if (v.size() < 3) return;
    s.opacity = std::clamp(v[0], 0.0, 1.0);
    s.cap = static_cast<art::Cap>(static_cast<int>(std::clamp(v[1], 0.0, 2.0)));
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

// Neither upright nor lying, by more than some 3 degrees.
bool isTurned(const Affine& m)
{
    const auto askew = [](double x, double y) { return std::min(std::abs(x), std::abs(y)) > 0.05 * std::hypot(x, y); };
    return askew(m.a, m.b) || askew(m.c, m.d);
}

} // namespace

Artwork artworkOf(Reading& reading, pugi::xml_node n, Paths paths, const Style& s, const Affine& m, const recipes::PartReader& part)
{
    Artwork a;
    const curve::Box own = curve::bounds(paths);
    Paths onSheet;
    bool beyond = false;
    for (Path& p : paths) {
        if (p.empty()) continue;
        Path on = m == Affine{} ? std::move(p) : curve::transformed(p, m);
        if (art::withinReach(on))
            onSheet.push_back(std::move(on));
        else
            beyond = true;
    }
    if (beyond) reading.missed.add(words::marked("%n shape(s) with numbers out of range"));
    a.setPaths(std::move(onSheet));
    const auto paint = [&](const Style::Paint& p, auto& to) {
        to.colour = p.colour;
        if (p.server.empty()) return;
        if (const auto g = reading.gradients.of(p.server, own, m, s)) {
            to.gradient = g;
            to.colour = art::colourAt(*g, 0.5).colour;
            if (!reading.working && isTurned(m) && reading.gradients.isByBounds(p.server))
                reading.missed.add(words::marked("%n gradient(s) over the bounds of a turned shape (some programs measure those larger)"));
        } else if (localName(reading.named.find(p.server)) == "pattern") {
            reading.missed.add(words::marked("%n pattern(s) (painted grey)"));
            to.colour = art::Colour{128, 128, 128};
        }
    };
    paint(s.fill, a.fill);
    if (const auto c = art::colourFrom(n.attribute("rope:fill-colour").value())) a.fill.colour = c;
    a.fill.ink = inkUse(n.attribute("rope:fill-ink").value());
    if (const std::string lit = n.attribute("rope:lit").value(); !lit.empty()) a.fill.lit = lit == "warm" ? art::Lit::warm : art::Lit::cool;
    a.stroke.ink = inkUse(n.attribute("rope:stroke-ink").value());
    a.fill.opacity = one(n, "rope:fill-opacity", s.fillOpacity * s.fill.opacity);
    a.fill.evenOdd = s.evenOdd;
    // A fill that reaches under its neighbours is drawn with a line of its own paint.
    if (n.attribute("rope:overlap") && !n.attribute("rope:lined"))
        a.stroke.colour.reset();
    else
        paint(s.stroke, a.stroke);
    const double scale = s.evenWidth ? 1 : curve::meanScale(m);
    a.stroke.width = std::min(s.strokeWidth * scale, art::farthest);
    a.stroke.opacity = s.strokeOpacity * s.stroke.opacity;
    a.stroke.cap = s.cap;
    a.stroke.join = s.join;
    a.stroke.mitreLimit = s.mitreLimit;
    a.stroke.behind = s.lineFirst;
    // A sequence with something less than nothing in it, or of nothing, is none (SVG 1.1, 11.4).
    if (std::all_of(s.dashes.begin(), s.dashes.end(), [](double d) { return d >= 0; }) &&
        std::any_of(s.dashes.begin(), s.dashes.end(), [](double d) { return d > 0; })) {
        a.stroke.dashes = s.dashes;
        for (double& d : a.stroke.dashes) d = std::min(d * scale, art::farthest);
        a.stroke.dashFrom = std::clamp(s.dashFrom * scale, -art::farthest, art::farthest);
        // Shrunk to nothing.
        if (std::none_of(a.stroke.dashes.begin(), a.stroke.dashes.end(), [](double d) { return d > 0; })) {
            a.stroke.dashes.clear();
            a.stroke.dashFrom = 0;
        }
    }
    a.stroke.keepsWidth = flagged(n, "rope:keeps-width");
    if (n.attribute("rope:stroke")) a.stroke.colour = art::colourFrom(n.attribute("rope:stroke").value());
    if (const char* hidden = n.attribute("rope:stroke-gradient").value(); *hidden)
        if (const auto g = reading.gradients.of(hidden, own, m, s)) a.stroke.gradient = g;
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
