#include "files/recipes.h"

#include "art/repeat.h"
#include "art/tree.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>
#include <cmath>
#include <sstream>
#include <tuple>

namespace softrope::files::recipes {

using curve::Vec2;

namespace {

curve::Path pathOf(pugi::xml_node n, const char* name)
{
    curve::Paths paths = pathsOf(n, name);
    return paths.empty() ? curve::Path{} : std::move(paths.front());
}

std::vector<std::string> wordsOf(const std::string& text)
{
    std::vector<std::string> out;
    std::istringstream in(text);
    for (std::string word; in >> word;) out.push_back(word);
    return out;
}

// -- of groups --------------------------------------------------------------------------------------------------------------------

void writeTones(pugi::xml_node group, const art::ToneStack& t)
{
    pugi::xml_node n = group.append_child("rope:tones");
    set(n, "reference", std::to_string(t.reference));
    if (t.set) set(n, "set", "true");
    std::string text;
    for (const double c : t.stack.cuts) text += num(c) + ' ';
    set(n, "cuts", text);
    text.clear();
    for (const auto& p : t.stack.paint) text += (p ? art::text({p->r, p->g, p->b}) : "mean") + ' ';
    set(n, "paint", text);
    if (!t.stack.colours.empty()) {
        text.clear();
        for (const pixel::Rgba c : t.stack.colours) text += art::text({c.r, c.g, c.b}) + ' ';
        set(n, "colours", text);
    }
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

art::GroupRecipe readTones(pugi::xml_node n)
{
    auto t = std::make_shared<art::ToneStack>();
    t->reference = n.attribute("reference").as_ullong(0);
    t->set = flagged(n, "set");
    t->stack.cuts = numbers(n.attribute("cuts").value());
    for (double& c : t->stack.cuts) c = std::clamp(c, 0.0, 255.0);
    std::sort(t->stack.cuts.begin(), t->stack.cuts.end());
    if (t->stack.cuts.size() > 15) t->stack.cuts.resize(15);
    for (const std::string& word : wordsOf(n.attribute("colours").value()))
        if (const auto c = art::colourFrom(word); c && t->stack.colours.size() < tone::mostColours) t->stack.colours.push_back({c->r, c->g, c->b, 255});
    if (t->stack.colours.size() < 2) t->stack.colours.clear();
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
    return art::Shared<art::ToneStack>(t);
}

void writePainted(pugi::xml_node n, const std::vector<art::PaintedPiece>& painted, const PartWriter& part)
{
    for (const art::PaintedPiece& p : painted) {
        pugi::xml_node c = n.append_child("rope:painted");
        set(c, "at", num(p.at.x) + ' ' + num(p.at.y));
        art::Artwork a;
        a.stroke.colour.reset();
        a.fill = p.fill;
        part(c, a);
    }
}

std::vector<art::PaintedPiece> readPainted(pugi::xml_node n, const PartReader& part)
{
    std::vector<art::PaintedPiece> out;
    for (const pugi::xml_node c : n.children("rope:painted")) {
        const auto at = points(c.attribute("at").value());
        if (at.size() == 1 && c.child("path")) out.push_back({at[0], part(c.child("path")).fill});
    }
    return out;
}

void writeFacets(pugi::xml_node group, const art::Facets& f, const PartWriter& part)
{
    pugi::xml_node n = group.append_child("rope:facets");
    set(n, "ink", std::to_string(f.ink));
    std::string text;
    for (const art::Colour c : f.shades) text += art::text(c) + ' ';
    set(n, "shades", text);
    set(n, "seed", std::to_string(f.plan.seed));
    setPaths(n, "outline", f.plan.outline);
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
    writePainted(n, f.painted, part);
}

void writeMesh(pugi::xml_node group, const art::MeshPieces& m, const PartWriter& part)
{
    pugi::xml_node n = group.append_child("rope:mesh");
    set(n, "gap", num(m.gap));
    set(n, "points", list(m.mesh.points));
    for (std::size_t k = 0; k < m.mesh.faces.size(); ++k) {
        pugi::xml_node c = n.append_child("rope:face");
        std::string corners;
        for (const int p : m.mesh.faces[k]) corners += std::to_string(p) + ' ';
        set(c, "corners", corners);
        const pixel::Rgba q = m.mesh.colours[k];
        set(c, "colour", art::text({q.r, q.g, q.b}));
    }
    writePainted(n, m.painted, part);
}

art::GroupRecipe readMesh(pugi::xml_node n, const PartReader& part)
{
    art::MeshPieces m;
    m.gap = std::clamp(one(n, "gap", 0), 0.0, 1e4);
    m.mesh.points = points(n.attribute("points").value());
    for (const pugi::xml_node c : n.children("rope:face")) {
        std::vector<int> face;
        bool good = true;
        for (const double v : numbers(c.attribute("corners").value())) {
            good = good && v >= 0 && v < static_cast<double>(m.mesh.points.size());
            face.push_back(good ? static_cast<int>(v) : 0);
        }
        const art::Colour colour = art::colourFrom(c.attribute("colour").value()).value_or(art::Colour{128, 128, 128});
        if (!good || face.size() < 3) return {}; // a mesh with holes in its numbering is none; its pieces stay as shapes
        m.mesh.faces.push_back(std::move(face));
        m.mesh.colours.push_back({colour.r, colour.g, colour.b, 255});
    }
    if (m.mesh.faces.empty()) return {};
    m.painted = readPainted(n, part);
    return art::shared(std::move(m));
}

art::GroupRecipe readFacets(pugi::xml_node n, const PartReader& part)
{
    // Before groups there was one element for both.
    if (n.child("rope:face")) return readMesh(n, part);
    art::Facets f;
    f.ink = n.attribute("ink").as_ullong(0);
    const std::string shades = n.attribute("shades").value();
    for (std::size_t at = 0; at < shades.size();) {
        const auto end = std::min(shades.find(' ', at), shades.size());
        if (const auto c = art::colourFrom(shades.substr(at, end - at))) f.shades.push_back(*c);
        at = end + 1;
    }
    f.plan.seed = n.attribute("seed").as_uint(1);
    if (n.attribute("outline")) f.plan.outline = pathsOf(n, "outline");
    const std::vector<Vec2> chords = points(n.attribute("chords").value());
    for (std::size_t k = 0; k + 1 < chords.size(); k += 2) f.plan.chords.push_back({chords[k], chords[k + 1]});
    for (const pugi::xml_node c : n.children("rope:held")) {
        const auto at = points(c.attribute("at").value());
        if (at.size() == 1)
            f.plan.held.push_back({at[0], std::clamp(c.attribute("shade").as_int(), 0, tone::shades - 1), one(c, "turn", 0), flagged(c, "locked")});
    }
    if (f.plan.outline.empty() || f.shades.size() != 2 * tone::shades) return {};
    f.painted = readPainted(n, part);
    return art::shared(std::move(f));
}

// -- of artwork -----------------------------------------------------------------------------------------------------------------

void writeHand(pugi::xml_node n, const art::Hand& h)
{
    set(n, "rope:slack", num(h.slack));
    set(n, "rope:steadying", num(h.steadying));
    set(n, "rope:grain", num(h.grain));
    std::string text;
    for (const art::HandSample& s : h.samples) {
        for (const double v : {s.at.x, s.at.y}) text += num(v) + ' ';
        for (const float v : {s.pressure, s.tiltX, s.tiltY, s.time}) text += num(static_cast<double>(v)) + ' ';
    }
    set(n, "rope:samples", text);
}

art::Recipe readHand(pugi::xml_node n)
{
    const auto v = numbers(n.attribute("rope:samples").value());
    if (v.size() < 12 || v.size() % 6 != 0) return {};
    art::Hand h;
    h.slack = one(n, "rope:slack", 1);
    h.steadying = one(n, "rope:steadying", 0.3);
    h.grain = one(n, "rope:grain", 1);
    for (std::size_t i = 0; i < v.size(); i += 6)
        h.samples.push_back(
            {{v[i], v[i + 1]}, static_cast<float>(v[i + 2]), static_cast<float>(v[i + 3]), static_cast<float>(v[i + 4]), static_cast<float>(v[i + 5])});
    return art::shared(std::move(h));
}

void writeRounding(pugi::xml_node n, const art::Rounding& r)
{
    set(n, "rope:sharp", pathData(r.before, exact));
    set(n, "rope:sharp-kinds", kindsOf(r.before));
    std::string text;
    for (std::size_t p = 0; p < r.radii.size(); ++p)
        for (const curve::CornerRadius& c : r.radii[p]) text += std::to_string(p) + ' ' + std::to_string(c.node) + ' ' + num(c.radius) + ' ';
    set(n, "rope:radii", text);
}

art::Recipe readRounding(pugi::xml_node n, const curve::Paths& paths)
{
    art::Rounding r;
    r.before = parsePathData(n.attribute("rope:sharp").value()).paths;
    setKinds(r.before, n.attribute("rope:sharp-kinds").value());
    if (r.before.size() != paths.size()) return {};
    r.radii.resize(r.before.size());
    const auto v = numbers(n.attribute("rope:radii").value());
    for (std::size_t i = 0; i + 2 < v.size(); i += 3)
        if (v[i] >= 0 && v[i] < static_cast<double>(r.radii.size()) && v[i + 1] >= 0 && v[i + 1] < 1e9)
            r.radii[static_cast<std::size_t>(v[i])].push_back({static_cast<std::size_t>(v[i + 1]), v[i + 2]});
    for (std::size_t p = 0; p < r.before.size(); ++p) {
        const curve::Path given = curve::withRoundCorners(r.before[p], r.radii[p]).path;
        if (given.nodes.size() != paths[p].nodes.size()) return {};
        for (std::size_t k = 0; k < given.nodes.size(); ++k)
            if (distance(given.nodes[k].at, paths[p].nodes[k].at) > 1e-3) return {};
    }
    return art::shared(std::move(r));
}

constexpr const char* operations[] = {"union", "difference", "intersection", "exclude"};

// The parts of a live shape, kept inside it where no viewer looks.
void writeCombined(pugi::xml_node n, const art::Combined& c, const PartWriter& part)
{
    pugi::xml_node parts = n.append_child("rope:parts");
    set(parts, "operation", operations[static_cast<std::size_t>(c.operation)]);
    for (const art::Artwork& a : c.parts) part(parts, a);
}

art::Recipe readCombined(pugi::xml_node parts, const PartReader& part)
{
    art::Combined c;
    const std::string name = parts.attribute("operation").value();
    for (int k = 0; k < 4; ++k)
        if (name == operations[k]) c.operation = static_cast<planar::Operation>(k);
    for (const pugi::xml_node n : parts.children("path"))
        if (!flagged(n, "rope:derived")) c.parts.push_back(part(n));
    if (c.parts.size() < 2) return {};
    return art::shared(std::move(c));
}

void writeDrop(pugi::xml_node n, const art::Drop& d)
{
    set(n, "rope:drop", num(d.seed.x) + ' ' + num(d.seed.y));
    std::string text;
    for (const art::LineSide& s : d.lines) text += (s.left ? "" : "-") + std::to_string(s.line) + ' ';
    set(n, "rope:drop-lines", text);
    if (!d.leaks.empty()) set(n, "rope:drop-leaks", list(d.leaks));
}

art::Recipe readDrop(pugi::xml_node n)
{
    const auto seed = points(n.attribute("rope:drop").value());
    if (seed.size() != 1) return {};
    art::Drop d;
    d.seed = seed[0];
    for (const double v : numbers(n.attribute("rope:drop-lines").value())) d.lines.push_back({static_cast<art::Id>(std::min(std::abs(v), 1e15)), v > 0});
    d.leaks = points(n.attribute("rope:drop-leaks").value());
    return art::shared(std::move(d));
}

constexpr const char* crescents[] = {"rim", "band", "cast"};

void writeCrescent(pugi::xml_node n, const art::Crescent& c)
{
    set(n, "rope:crescent", crescents[static_cast<std::size_t>(c.kind)]);
    set(n, "rope:shift", num(c.angle) + ' ' + num(c.width) + ' ' + num(c.from));
    if (c.byLight) set(n, "rope:by-light", "true");
    if (c.against) set(n, "rope:against", "true");
    if (c.source) set(n, "rope:source", std::to_string(c.source));
}

art::Recipe readCrescent(pugi::xml_node n)
{
    art::Crescent c;
    const std::string kind = n.attribute("rope:crescent").value();
    for (int k = 0; k < 3; ++k)
        if (kind == crescents[k]) c.kind = static_cast<art::Crescent::Kind>(k);
    const auto v = numbers(n.attribute("rope:shift").value());
    if (v.size() != 3) return {};
    c.angle = std::clamp(v[0], -1e3, 1e3);
    c.width = std::clamp(v[1], 0.0, 1e5);
    c.from = std::clamp(v[2], 0.0, c.width);
    c.byLight = flagged(n, "rope:by-light");
    c.against = flagged(n, "rope:against");
    c.source = std::min<art::Id>(n.attribute("rope:source").as_ullong(0), 1000000000000000ULL);
    return art::shared(std::move(c));
}

constexpr const char* marks[] = {"dots", "strokes", "grain", "chips", "drops", "own"};
constexpr const char* turns[] = {"anyhow", "fixed", "light", "outline"};
constexpr const char* falls[] = {"none", "side", "light", "edge"};

void writeScatter(pugi::xml_node artwork, const shade::Scatter& s)
{
    pugi::xml_node n = artwork.append_child("rope:scatter");
    set(n, "mark", marks[static_cast<std::size_t>(s.mark)]);
    set(n, "spacing", num(s.spacing));
    set(n, "sizes", num(s.least) + ' ' + num(s.most));
    set(n, "turn", turns[static_cast<std::size_t>(s.turn)]);
    set(n, "angle", num(s.angle));
    set(n, "fall", falls[static_cast<std::size_t>(s.fall)]);
    set(n, "fade", num(s.fade));
    set(n, "seed", std::to_string(s.seed));
    const curve::Affine& m = s.frame;
    set(n, "frame", num(m.a) + ' ' + num(m.b) + ' ' + num(m.c) + ' ' + num(m.d) + ' ' + num(m.e) + ' ' + num(m.f));
    if (!s.own.empty()) setPaths(n, "own", s.own);
}

template <class Enum, std::size_t Count> Enum named(const char* const (&names)[Count], const std::string& name)
{
    for (std::size_t k = 0; k < Count; ++k)
        if (name == names[k]) return static_cast<Enum>(k);
    return static_cast<Enum>(0);
}

art::Recipe readScatter(pugi::xml_node n)
{
    shade::Scatter s;
    s.mark = named<shade::Mark>(marks, n.attribute("mark").value());
    s.spacing = std::clamp(one(n, "spacing", 12), 0.1, 1e5);
    if (const auto sizes = numbers(n.attribute("sizes").value()); sizes.size() == 2) {
        s.least = std::clamp(sizes[0], 0.01, 1e4);
        s.most = std::clamp(sizes[1], s.least, 1e4);
    }
    s.turn = named<shade::Turn>(turns, n.attribute("turn").value());
    s.angle = std::clamp(one(n, "angle", 0), -1e3, 1e3);
    s.fall = named<shade::Fall>(falls, n.attribute("fall").value());
    s.fade = std::clamp(one(n, "fade", 1), 0.0, 1.0);
    s.seed = n.attribute("seed").as_uint(1);
    if (const auto m = numbers(n.attribute("frame").value()); m.size() == 6) s.frame = {m[0], m[1], m[2], m[3], m[4], m[5]};
    if (n.attribute("own")) s.own = pathsOf(n, "own");
    return art::shared(std::move(s));
}

std::string mapText(const curve::Affine& m)
{
    return num(m.a) + ' ' + num(m.b) + ' ' + num(m.c) + ' ' + num(m.d) + ' ' + num(m.e) + ' ' + num(m.f);
}

void readMap(pugi::xml_node n, curve::Affine& m)
{
    if (const auto v = numbers(n.attribute("place").value()); v.size() == 6) m = {v[0], v[1], v[2], v[3], v[4], v[5]};
}

// The line something stands on: its id and which of its paths.
template <class T> void readLine(pugi::xml_node n, T& to)
{
    const auto line = numbers(n.attribute("line").value());
    if (line.size() == 2 && line[0] >= 0 && line[1] >= 0) {
        to.line = static_cast<art::Id>(std::min(line[0], 1e15));
        to.outline = static_cast<std::size_t>(std::min(line[1], 1e9));
    }
    to.was = pathOf(n, "was");
}

template <class T> void writeLine(pugi::xml_node n, const T& from)
{
    set(n, "line", std::to_string(from.line) + ' ' + std::to_string(from.outline));
    setPaths(n, "was", {from.was});
}

constexpr const char* repeatWays[] = {"round", "along", "grid"};

void writeRepeat(pugi::xml_node group, const art::Repeat& r)
{
    pugi::xml_node n = group.append_child("rope:repeat");
    set(n, "way", repeatWays[static_cast<std::size_t>(r.way)]);
    set(n, "place", mapText(r.place));
    set(n, "count", std::to_string(r.count));
    set(n, "angle", num(r.angle));
    set(n, "grid", std::to_string(r.columns) + ' ' + std::to_string(r.rows) + ' ' + num(r.step.x) + ' ' + num(r.step.y));
    set(n, "part", num(r.from) + ' ' + num(r.to));
    for (const auto& [name, on] : {std::pair{"stagger", r.stagger}, {"upright", r.upright}, {"alternate", r.alternate}})
        if (on) set(n, name, "true");
    if (r.way == art::Repeat::Way::along) writeLine(n, r);
}

void writeUse(pugi::xml_node group, const art::PartUse& u)
{
    pugi::xml_node n = group.append_child("rope:part-use");
    set(n, "part", u.part);
    set(n, "place", mapText(u.place));
}

art::GroupRecipe readUse(pugi::xml_node n)
{
    art::PartUse u;
    u.part = n.attribute("part").value();
    readMap(n, u.place);
    const curve::Affine& m = u.place;
    if (u.part.empty() || !std::isfinite(m.a + m.b + m.c + m.d + m.e + m.f)) return {};
    return art::shared(std::move(u));
}

art::GroupRecipe readRepeat(pugi::xml_node n)
{
    art::Repeat r;
    r.way = named<art::Repeat::Way>(repeatWays, n.attribute("way").value());
    readMap(n, r.place);
    r.count = n.attribute("count").as_int(r.count);
    r.angle = one(n, "angle", r.angle);
    if (const auto v = numbers(n.attribute("grid").value()); v.size() == 4) {
        r.columns = static_cast<int>(std::clamp(v[0], 1.0, 1.0 * art::mostRows));
        r.rows = static_cast<int>(std::clamp(v[1], 1.0, 1.0 * art::mostRows));
        r.step = {v[2], v[3]};
    }
    if (const auto v = numbers(n.attribute("part").value()); v.size() == 2) std::tie(r.from, r.to) = std::pair(v[0], v[1]);
    r.stagger = flagged(n, "stagger");
    r.upright = flagged(n, "upright");
    r.alternate = flagged(n, "alternate");
    if (r.way == art::Repeat::Way::along) {
        readLine(n, r);
        if (r.was.nodes.size() < 2) return {};
    }
    return art::shared(art::bounded(std::move(r)));
}

constexpr const char* ways[] = {"straight", "arc", "along"};
constexpr const char* aligns[] = {"start", "centre", "end"};
constexpr const char* sizeUnits[] = {"px", "pt", "mm"};

void writeLettering(pugi::xml_node artwork, const art::Lettering& l)
{
    pugi::xml_node n = artwork.append_child("rope:lettering");
    set(n, "words", l.words);
    const letter::Type& t = l.type;
    set(n, "family", t.family);
    set(n, "face", num(t.weight) + ' ' + num(t.width));
    if (t.italic) set(n, "italic", "true");
    set(n, "size", num(t.size));
    set(n, "unit", sizeUnits[static_cast<std::size_t>(t.unit)]);
    set(n, "spacing", num(t.tracking) + ' ' + num(t.leading));
    set(n, "align", aligns[static_cast<std::size_t>(t.align)]);
    for (const auto& [name, on] : {std::pair{"by-ink", t.byInk}, {"kerning", t.kerning}, {"ligatures", t.ligatures}})
        if (!on) set(n, name, "false");
    if (t.smallCaps) set(n, "small-caps", "true");
    if (t.oldFigures) set(n, "old-figures", "true");
    set(n, "way", ways[static_cast<std::size_t>(l.way)]);
    set(n, "place", mapText(l.place));
    set(n, "arc", num(l.radius) + ' ' + num(l.angle));
    if (l.over) set(n, "over", "true");
    if (l.mirrored) set(n, "mirrored", "true");
    if (l.spread != 0) set(n, "spread", num(l.spread));
    if (l.shift != 0) set(n, "shift", num(l.shift));
    set(n, "start", num(l.start));
    if (l.way == art::Lettering::Way::along) writeLine(n, l);
}

art::Recipe readLettering(pugi::xml_node n)
{
    art::Lettering l;
    constexpr std::size_t most = 100000; // bytes: far more than any sheet holds
    l.words = n.attribute("words").value();
    if (l.words.size() > most) return {};
    letter::Type& t = l.type;
    t.family = n.attribute("family").value();
    if (const auto v = numbers(n.attribute("face").value()); v.size() == 2) std::tie(t.weight, t.width) = std::pair(v[0], v[1]);
    t.italic = flagged(n, "italic");
    t.size = one(n, "size", t.size);
    t.unit = named<letter::SizeUnit>(sizeUnits, n.attribute("unit").value());
    if (const auto v = numbers(n.attribute("spacing").value()); v.size() == 2) std::tie(t.tracking, t.leading) = std::pair(v[0], v[1]);
    t.align = named<letter::Align>(aligns, n.attribute("align").value());
    t.byInk = n.attribute("by-ink").as_bool(true);
    t.kerning = n.attribute("kerning").as_bool(true);
    t.ligatures = n.attribute("ligatures").as_bool(true);
    t.smallCaps = flagged(n, "small-caps");
    t.oldFigures = flagged(n, "old-figures");
    t = letter::bounded(t);
    l.way = named<art::Lettering::Way>(ways, n.attribute("way").value());
    readMap(n, l.place);
    if (const auto v = numbers(n.attribute("arc").value()); v.size() == 2) {
        l.radius = std::clamp(v[0], -1e6, 1e6);
        l.angle = std::clamp(v[1], -1e3, 1e3);
    }
    l.over = flagged(n, "over");
    l.mirrored = flagged(n, "mirrored");
    l.spread = std::clamp(one(n, "spread", 0), 0.0, 100.0);
    l.shift = std::clamp(one(n, "shift", 0), -1e6, 1e6);
    l.start = std::clamp(one(n, "start", 0.5), 0.0, 1.0);
    if (l.way == art::Lettering::Way::along) {
        readLine(n, l);
        if (l.was.empty()) return {};
    }
    return art::shared(std::move(l));
}

} // namespace

// -- by kind --------------------------------------------------------------------------------------------------------------------

void write(pugi::xml_node artwork, const art::Recipe& recipe, const PartWriter& part)
{
    std::visit(art::Each{[](std::monostate) {}, [&](const art::Shared<art::Hand>& h) { writeHand(artwork, *h); },
                         [&](const art::Shared<art::Rounding>& r) { writeRounding(artwork, *r); },
                         [&](const art::Shared<art::Combined>& c) { writeCombined(artwork, *c, part); },
                         [&](const art::Shared<art::Drop>& d) { writeDrop(artwork, *d); },
                         [&](const art::Shared<art::Crescent>& c) { writeCrescent(artwork, *c); },
                         [&](const art::Shared<shade::Scatter>& s) { writeScatter(artwork, *s); },
                         [&](const art::Shared<art::Lettering>& l) { writeLettering(artwork, *l); }},
               recipe);
}

void write(pugi::xml_node group, const art::GroupRecipe& recipe, const PartWriter& part)
{
    std::visit(art::Each{[](std::monostate) {}, [&](const art::Shared<art::ToneStack>& t) { writeTones(group, *t); },
                         [&](const art::Shared<art::Facets>& f) { writeFacets(group, *f, part); },
                         [&](const art::Shared<art::MeshPieces>& m) { writeMesh(group, *m, part); },
                         [&](const art::Shared<art::Repeat>& r) { writeRepeat(group, *r); },
                         [&](const art::Shared<art::PartUse>& u) { writeUse(group, *u); }},
               recipe);
}

art::Recipe read(pugi::xml_node artwork, const curve::Paths& paths, const PartReader& part)
{
    if (artwork.attribute("rope:samples")) return readHand(artwork);
    if (artwork.attribute("rope:sharp")) return readRounding(artwork, paths);
    if (const pugi::xml_node parts = artwork.child("rope:parts")) return readCombined(parts, part);
    if (artwork.attribute("rope:drop")) return readDrop(artwork);
    if (artwork.attribute("rope:crescent")) return readCrescent(artwork);
    if (const pugi::xml_node s = artwork.child("rope:scatter")) return readScatter(s);
    if (const pugi::xml_node l = artwork.child("rope:lettering")) return readLettering(l);
    return {};
}

art::GroupRecipe readGroup(pugi::xml_node group, const PartReader& part)
{
    if (const pugi::xml_node n = group.child("rope:tones")) return readTones(n);
    if (const pugi::xml_node n = group.child("rope:facets")) return readFacets(n, part);
    if (const pugi::xml_node n = group.child("rope:mesh")) return readMesh(n, part);
    if (const pugi::xml_node n = group.child("rope:repeat")) return readRepeat(n);
    if (const pugi::xml_node n = group.child("rope:part-use")) return readUse(n);
    return {};
}

} // namespace softrope::files::recipes
