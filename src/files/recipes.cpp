#include "files/recipes.h"

#include "files/path_data.h"

#include <algorithm>
#include <cmath>
#include <cstring>

namespace softrope::files::recipes {

using curve::Vec2;

namespace {

std::string num(double v)
{
    return number(v, exact);
}

void set(pugi::xml_node n, const char* name, const std::string& v)
{
    n.append_attribute(name) = v.c_str();
}

std::string list(const std::vector<Vec2>& points)
{
    std::string text;
    for (const Vec2 p : points) text += num(p.x) + ' ' + num(p.y) + ' ';
    return text;
}

std::vector<Vec2> points(const char* text)
{
    const auto v = numbers(text);
    std::vector<Vec2> out;
    for (std::size_t k = 0; k + 1 < v.size(); k += 2) out.push_back({v[k], v[k + 1]});
    return out;
}

double one(pugi::xml_node n, const char* name, double otherwise)
{
    const auto v = numbers(n.attribute(name).value());
    return v.empty() ? otherwise : v[0];
}

// Kinds of the nodes go along, as path data does not tell them.
void setPaths(pugi::xml_node n, const char* name, const curve::Paths& paths)
{
    set(n, name, pathData(paths, exact));
    std::string kinds;
    for (const curve::Path& p : paths)
        for (const curve::Node& node : p.nodes) kinds += node.kind == curve::NodeKind::smooth ? 's' : 'c';
    set(n, "kinds", kinds);
}
curve::Paths pathsOf(pugi::xml_node n, const char* name)
{
    curve::Paths paths = parsePathData(n.attribute(name).value()).paths;
    const char* k = n.attribute("kinds").value();
    for (curve::Path& p : paths)
        for (curve::Node& node : p.nodes)
            if (*k) node.kind = *k++ == 's' ? curve::NodeKind::smooth : curve::NodeKind::corner;
    return paths;
}
curve::Path pathOf(pugi::xml_node n, const char* name)
{
    curve::Paths paths = pathsOf(n, name);
    return paths.empty() ? curve::Path{} : std::move(paths.front());
}

} // namespace

void write(pugi::xml_node group, const art::ToneLayer& t)
{
    pugi::xml_node n = group.append_child("rope:tones");
    set(n, "reference", std::to_string(t.reference));
    if (t.set) set(n, "set", "true");
    set(n, "made", std::to_string(t.made));
    std::string text;
    for (const double c : t.stack.cuts) text += num(c) + ' ';
    set(n, "cuts", text);
    text.clear();
    for (const auto& p : t.stack.paint) text += (p ? art::text({p->r, p->g, p->b}) : "mean") + ' ';
    set(n, "paint", text);
    set(n, "slack", num(t.stack.slack));
    set(n, "smallest", num(t.stack.smallest));
    if (!t.stack.bound.empty()) setPaths(n.append_child("rope:bound"), "d", {t.stack.bound});
    for (const tone::Patch& p : t.stack.patches) {
        pugi::xml_node c = n.append_child("rope:patch");
        set(c, "strength", num(p.strength));
        set(c, "soft", num(p.soft));
        setPaths(c, "d", {p.outline});
    }
    for (const tone::Push& p : t.stack.pushes) {
        pugi::xml_node c = n.append_child("rope:push");
        set(c, "way", list(p.way));
        set(c, "radius", num(p.radius));
        set(c, "tone", std::to_string(p.tone));
    }
    for (const tone::Sweep& p : t.stack.sweeps) {
        pugi::xml_node c = n.append_child("rope:sweep");
        set(c, "way", list(p.way));
        set(c, "radius", num(p.radius));
    }
}

std::shared_ptr<const art::ToneLayer> readTones(pugi::xml_node group)
{
    const pugi::xml_node n = group.child("rope:tones");
    if (!n) return nullptr;
    auto t = std::make_shared<art::ToneLayer>();
    t->reference = n.attribute("reference").as_ullong(0);
    t->set = std::strcmp(n.attribute("set").value(), "true") == 0;
    t->made = n.attribute("made").as_ullong(0);
    t->stack.cuts = numbers(n.attribute("cuts").value());
    for (double& c : t->stack.cuts) c = std::clamp(c, 0.0, 255.0);
    std::sort(t->stack.cuts.begin(), t->stack.cuts.end());
    if (t->stack.cuts.size() > 15) t->stack.cuts.resize(15);
    const std::string paint = n.attribute("paint").value();
    for (std::size_t at = 0; at < paint.size();) {
        const auto end = std::min(paint.find(' ', at), paint.size());
        if (end > at) {
            const auto c = art::colourFrom(paint.substr(at, end - at));
            t->stack.paint.push_back(c ? std::optional<pixel::Rgba>(pixel::Rgba{c->r, c->g, c->b, 255}) : std::nullopt);
        }
        at = end + 1;
    }
    if (t->stack.paint.size() > 16) t->stack.paint.resize(16);
    t->stack.slack = std::clamp(one(n, "slack", 1), 0.05, 100.0);
    t->stack.smallest = std::clamp(one(n, "smallest", 40), 0.0, 1e9);
    if (const pugi::xml_node b = n.child("rope:bound")) t->stack.bound = pathOf(b, "d");
    for (const pugi::xml_node c : n.children("rope:patch")) {
        tone::Patch p{pathOf(c, "d"), std::clamp(one(c, "strength", 0), -255.0, 255.0), std::clamp(one(c, "soft", 0), 0.0, 1e5)};
        if (p.outline.nodes.size() > 1) t->stack.patches.push_back(std::move(p));
    }
    for (const pugi::xml_node c : n.children("rope:push"))
        t->stack.pushes.push_back(
            {points(c.attribute("way").value()), std::clamp(one(c, "radius", 0), 0.0, 1e4), std::clamp(c.attribute("tone").as_int(), 0, 15)});
    for (const pugi::xml_node c : n.children("rope:sweep"))
        t->stack.sweeps.push_back({points(c.attribute("way").value()), std::clamp(one(c, "radius", 0), 0.0, 1e4)});
    return t;
}

void write(pugi::xml_node group, const art::FacetLayer& f)
{
    pugi::xml_node n = group.append_child("rope:facets");
    set(n, "ink", std::to_string(f.ink));
    std::string text;
    for (const art::Colour c : f.shades) text += art::text(c) + ' ';
    set(n, "shades", text);
    set(n, "gap", num(f.gap));
    set(n, "seed", std::to_string(f.plan.seed));
    if (!f.plan.outline.empty()) setPaths(n, "outline", f.plan.outline);
    std::vector<Vec2> chords;
    for (const tone::Chord& c : f.plan.chords) {
        chords.push_back(c.from);
        chords.push_back(c.to);
    }
    set(n, "chords", list(chords));
    for (const tone::Held& h : f.plan.held) {
        pugi::xml_node c = n.append_child("rope:held");
        set(c, "at", num(h.at.x) + ' ' + num(h.at.y));
        set(c, "shade", std::to_string(h.shade));
        set(c, "turn", num(h.turn));
        if (h.locked) set(c, "locked", "true");
    }
    if (f.mesh.faces.empty()) return;
    set(n, "points", list(f.mesh.points));
    for (std::size_t k = 0; k < f.mesh.faces.size(); ++k) {
        pugi::xml_node c = n.append_child("rope:face");
        std::string corners;
        for (const int p : f.mesh.faces[k]) corners += std::to_string(p) + ' ';
        set(c, "corners", corners);
        const pixel::Rgba q = f.mesh.colours[k];
        set(c, "colour", art::text({q.r, q.g, q.b}));
    }
}

std::shared_ptr<const art::FacetLayer> readFacets(pugi::xml_node group)
{
    const pugi::xml_node n = group.child("rope:facets");
    if (!n) return nullptr;
    auto f = std::make_shared<art::FacetLayer>();
    f->ink = n.attribute("ink").as_ullong(0);
    f->gap = std::clamp(one(n, "gap", 0), 0.0, 1e4);
    const std::string shades = n.attribute("shades").value();
    for (std::size_t at = 0; at < shades.size();) {
        const auto end = std::min(shades.find(' ', at), shades.size());
        if (const auto c = art::colourFrom(shades.substr(at, end - at))) f->shades.push_back(*c);
        at = end + 1;
    }
    f->plan.seed = n.attribute("seed").as_uint(1);
    if (n.attribute("outline")) f->plan.outline = pathsOf(n, "outline");
    const std::vector<Vec2> chords = points(n.attribute("chords").value());
    for (std::size_t k = 0; k + 1 < chords.size(); k += 2) f->plan.chords.push_back({chords[k], chords[k + 1]});
    for (const pugi::xml_node c : n.children("rope:held")) {
        const auto at = points(c.attribute("at").value());
        if (at.size() == 1)
            f->plan.held.push_back({at[0], std::clamp(c.attribute("shade").as_int(), 0, tone::shades - 1), one(c, "turn", 0),
                                    std::strcmp(c.attribute("locked").value(), "true") == 0});
    }
    f->mesh.points = points(n.attribute("points").value());
    for (const pugi::xml_node c : n.children("rope:face")) {
        std::vector<int> face;
        bool good = true;
        for (const double v : numbers(c.attribute("corners").value())) {
            good = good && v >= 0 && v < static_cast<double>(f->mesh.points.size());
            face.push_back(good ? static_cast<int>(v) : 0);
        }
        const art::Colour colour = art::colourFrom(c.attribute("colour").value()).value_or(art::Colour{128, 128, 128});
        if (!good || face.size() < 3) return nullptr; // a mesh with holes in its numbering is none; its pieces stay as shapes
        f->mesh.faces.push_back(std::move(face));
        f->mesh.colours.push_back({colour.r, colour.g, colour.b, 255});
    }
    if (f->mesh.faces.empty() && (f->plan.outline.empty() || f->shades.size() != 2 * tone::shades)) return nullptr;
    return f;
}

} // namespace softrope::files::recipes
