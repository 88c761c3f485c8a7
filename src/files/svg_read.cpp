#include "art/inks.h"
#include "files/bytes.h"
#include "files/gradients.h"
#include "files/path_data.h"
#include "files/recipes.h"
#include "files/svg.h"
#include "files/svg_style.h"

#include <pugixml.hpp>

#include <algorithm>
#include <cstring>
#include <map>
#include <set>

namespace softrope::files {

using art::Artwork;
using art::Id;
using art::Item;
using curve::Affine;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

constexpr int deepest = 200; // groups inside groups; more is refused rather than followed

bool flagged(pugi::xml_node n, const char* name)
{
    return std::strcmp(n.attribute(name).value(), "true") == 0;
}

class Reader {
public:
    explicit Reader(SvgResult& out) : out_(out), d_(out.document) {}

    void run(pugi::xml_node svg)
    {
        out_.working = !svg.attribute("rope:version").empty();
        Style style;
        if (out_.working) {
            sheetOfOurs(svg);
        } else {
            sheet(svg);
        }
        style.apply(svg);
        gradients_.gather(svg);
        for (const pugi::xml_node n : svg.children()) {
            const std::string name = localName(n);
            if (name == "g" && (!out_.working || n.attribute("rope:layer")))
                layer(n, style);
            else if (name == "guide" && out_.working)
                guide(n);
            else if (name == "ink" && out_.working)
                ink(n);
            else if (name == "rect" && std::strcmp(n.attribute("rope:is").value(), "background") == 0)
                background(n);
            else if (name == "title")
                d_.title = n.text().get();
            else
                loose(n, style);
        }
        if (d_.layers.empty()) {
            const Id next = d_.nextId;
            const art::Document fresh = art::newDocument(d_.sheet);
            auto l = std::make_shared<art::Layer>(*fresh.layers.front());
            l->id = next;
            d_.layers.push_back(l);
            d_.nextId = next + 1;
        }
        if (out_.working) d_.nextId = std::max<Id>(d_.nextId, svg.attribute("rope:next-id").as_ullong(1));
        for (const auto& [what, n] : missed_) out_.leftOut.push_back(std::to_string(n) + ' ' + what + (n > 1 && what.back() != ')' ? "s" : ""));
    }

private:
    SvgResult& out_;
    art::Document& d_;
    Affine toSheet_;
    std::map<std::string, int> missed_;
    Gradients gradients_;

    static std::string localName(pugi::xml_node n)
    {
        std::string name = n.name();
        const auto colon = name.find(':');
        if (colon == std::string::npos) return name;
        const std::string prefix = name.substr(0, colon);
        // Other programs' own elements say nothing that we could draw.
        return prefix == "svg" ? name.substr(colon + 1) : prefix == "rope" ? name.substr(colon + 1) : "";
    }
    void miss(const std::string& what) { ++missed_[what]; }

    void sheetOfOurs(pugi::xml_node svg)
    {
        const auto size = numbers(svg.attribute("rope:sheet").value());
        if (size.size() == 2) {
            d_.sheet.width = size[0];
            d_.sheet.height = size[1];
        }
        const std::string width = svg.attribute("width").value();
        if (width.size() > 2) {
            const std::string unit = width.substr(width.size() - 2);
            d_.sheet.unit = unit == "mm" ? art::Unit::mm : unit == "in" ? art::Unit::in : art::Unit::px;
        }
        if (const auto c = art::colourFrom(svg.attribute("rope:background").value())) d_.sheet.background = *c;
    }

    void sheet(pugi::xml_node svg)
    {
        const auto box = numbers(svg.attribute("viewBox").value());
        const bool hasBox = box.size() == 4 && box[2] > 0 && box[3] > 0;
        const auto w = lengthPx(svg.attribute("width").value()), h = lengthPx(svg.attribute("height").value());
        d_.sheet.width = w && *w > 0 ? *w : hasBox ? box[2] : 1080;
        d_.sheet.height = h && *h > 0 ? *h : hasBox ? box[3] : 1080;
        d_.sheet.width = std::clamp(d_.sheet.width, 1.0, 100000.0);
        d_.sheet.height = std::clamp(d_.sheet.height, 1.0, 100000.0);
        const std::string width = svg.attribute("width").value();
        if (width.find("mm") != std::string::npos) d_.sheet.unit = art::Unit::mm;
        if (width.find("in") != std::string::npos) d_.sheet.unit = art::Unit::in;
        if (!hasBox) return;
        const double sx = d_.sheet.width / box[2], sy = d_.sheet.height / box[3];
        if (std::strcmp(svg.attribute("preserveAspectRatio").value(), "none") == 0) {
            toSheet_ = curve::scaling(sx, sy) * curve::translation({-box[0], -box[1]});
            return;
        }
        const double s = std::min(sx, sy);
        toSheet_ = curve::translation({(d_.sheet.width - s * box[2]) / 2, (d_.sheet.height - s * box[3]) / 2}) * curve::scaling(s, s) *
                   curve::translation({-box[0], -box[1]});
    }

    void background(pugi::xml_node n)
    {
        if (const auto c = art::colourFrom(n.attribute("fill").value())) {
            d_.sheet.background = *c;
            d_.sheet.hasBackground = true;
        }
    }

    void guide(pugi::xml_node n)
    {
        const auto p = numbers(n.attribute("through").value());
        if (p.size() != 2) return;
        const Id id = n.attribute("id").as_ullong(d_.nextId);
        d_.guides.push_back({id, {p[0], p[1]}, numbers(n.attribute("angle").value()).empty() ? 0 : numbers(n.attribute("angle").value())[0]});
        d_.nextId = std::max(d_.nextId, id + 1);
    }

    void ink(pugi::xml_node n)
    {
        const Id id = n.attribute("id").as_ullong(d_.nextId);
        const std::string meaning = n.attribute("meaning").value();
        const auto c = art::colourFrom(n.attribute("colour").value());
        if (!c || d_.ink(id)) return;
        d_.inks.push_back({id, n.attribute("name").value(), *c,
                           meaning == "dark"    ? art::Meaning::willBeDark
                           : meaning == "light" ? art::Meaning::willBeLight
                                                : art::Meaning::paint});
        d_.nextId = std::max(d_.nextId, id + 1);
    }

    std::shared_ptr<art::Layer> newLayer(const std::string& name, Id id = 0)
    {
        auto l = std::make_shared<art::Layer>();
        l->id = id != 0 && !d_.layer(id) ? id : d_.nextId;
        d_.nextId = std::max(d_.nextId, l->id + 1);
        l->name = name;
        return l;
    }

    void layer(pugi::xml_node n, Style style)
    {
        std::string name = n.attribute("rope:name").value();
        if (name.empty()) name = n.child("title").text().get();
        if (name.empty()) name = n.attribute("id").value();
        if (name.empty()) name = "Layer " + std::to_string(d_.layers.size() + 1);
        auto l = newLayer(name, n.attribute("rope:layer").as_ullong(0));
        l->locked = flagged(n, "rope:locked");
        style.apply(n);
        l->shown = !style.hidden;
        style.hidden = false;
        l->opacity = style.opacity;
        style.opacity = 1;
        if (const auto v = numbers(n.attribute("rope:mirror").value()); v.size() == 3) l->mirror = mirror::Axis{{v[0], v[1]}, v[2]};
        l->tones = recipes::readTones(n);
        l->facets = recipes::readFacets(n);
        const Affine m = toSheet_ * transformOf(n.attribute("transform").value());
        children(n, style, m, *l, 1);
        d_.layers.push_back(l);
    }

    // Things beside the groups are gathered on a layer of their own, in their place in the order.
    void loose(pugi::xml_node n, const Style& style)
    {
        if (n.type() != pugi::node_element) return;
        std::shared_ptr<art::Layer> l;
        const bool goOn = !d_.layers.empty() && loose_ == d_.layers.back()->id;
        if (goOn)
            l = std::make_shared<art::Layer>(*d_.layers.back());
        else
            l = newLayer("Artwork");
        const std::size_t before = l->items.size();
        element(n, style, toSheet_, *l, 0);
        if (l->items.size() == before) return;
        loose_ = l->id;
        if (goOn)
            d_.layers.back() = l;
        else
            d_.layers.push_back(l);
    }
    Id loose_ = 0;

    void children(pugi::xml_node n, const Style& style, const Affine& m, art::Layer& l, int depth)
    {
        if (depth > deepest) {
            miss("group too deeply nested");
            return;
        }
        for (const pugi::xml_node c : n.children())
            if (c.type() == pugi::node_element) element(c, style, m, l, depth);
    }

    void element(pugi::xml_node n, Style style, const Affine& parent, art::Layer& l, int depth)
    {
        if (flagged(n, "rope:derived")) return; // shown for others, worked out again here
        const std::string name = localName(n);
        if (name.empty() || name == "tones" || name == "facets" || name == "title" || name == "desc" || name == "metadata" || name == "defs" ||
            name == "namedview") {
            if (name == "defs")
                for (const pugi::xml_node c : n.children())
                    if (localName(c) == "style") miss("style sheet");
            return;
        }
        style.apply(n);
        if (flagged(n, "rope:guide")) style.hidden = false;
        if (style.hidden) {
            miss("hidden thing");
            return;
        }
        const Affine m = parent * transformOf(n.attribute("transform").value());
        for (const char* effect : {"mask", "clip-path", "filter"})
            if (n.attribute(effect) && std::strcmp(n.attribute(effect).value(), "none") != 0) miss(std::string(effect) + " (drawn without)");
        if (name == "g" || name == "a" || name == "svg" || name == "switch") {
            children(n, style, m, l, depth + 1);
        } else if (name == "path") {
            ParsedPaths p = parsePathData(n.attribute("d").value());
            if (p.fault) miss("path broken off at a fault");
            kinds(n, p.paths);
            add(n, std::move(p.paths), style, m, l);
        } else if (name == "image") {
            image(n, m, l, style);
        } else if (const auto shape = basicShape(name, n)) {
            if (!shape->empty()) add(n, *shape, style, m, l);
        } else {
            miss(name == "text" ? "text" : name == "use" ? "use of another element" : name == "style" ? "style sheet" : name + " element");
        }
    }

    static void kinds(pugi::xml_node n, Paths& paths)
    {
        const char* k = n.attribute("rope:kinds").value();
        if (!*k) return;
        for (Path& p : paths) {
            for (curve::Node& node : p.nodes) {
                if (*k == 's' || *k == 'c') node.kind = *k++ == 's' ? curve::NodeKind::smooth : curve::NodeKind::corner;
            }
            if (*k == ' ') ++k;
        }
    }

    static std::optional<Paths> basicShape(const std::string& name, pugi::xml_node n)
    {
        const auto v = [&](const char* a) { return lengthPx(n.attribute(a).value()).value_or(0); };
        if (name == "rect") {
            const double x = v("x"), y = v("y"), w = v("width"), h = v("height");
            if (!(w > 0 && h > 0)) return Paths{};
            double rx = v("rx"), ry = v("ry");
            if (!n.attribute("rx")) rx = ry;
            if (!n.attribute("ry")) ry = rx;
            rx = std::clamp(rx, 0.0, w / 2);
            ry = std::clamp(ry, 0.0, h / 2);
            if (rx <= 0 || ry <= 0) return Paths{curve::rectangle({x, y}, {x + w, y + h})};
            const auto f = [](double q) { return number(q, exact); };
            const std::string arc = "A" + f(rx) + ' ' + f(ry) + " 0 0 1 ";
            return parsePathData("M" + f(x + rx) + ' ' + f(y) + "H" + f(x + w - rx) + arc + f(x + w) + ' ' + f(y + ry) + "V" + f(y + h - ry) + arc +
                                 f(x + w - rx) + ' ' + f(y + h) + "H" + f(x + rx) + arc + f(x) + ' ' + f(y + h - ry) + "V" + f(y + ry) + arc + f(x + rx) + ' ' +
                                 f(y) + "Z")
                .paths;
        }
        if (name == "circle") return v("r") > 0 ? Paths{curve::circle({v("cx"), v("cy")}, v("r"))} : Paths{};
        if (name == "ellipse") return v("rx") > 0 && v("ry") > 0 ? Paths{curve::ellipse({v("cx"), v("cy")}, v("rx"), v("ry"))} : Paths{};
        if (name == "line") return Paths{curve::polyline({{v("x1"), v("y1")}, {v("x2"), v("y2")}}, false)};
        if (name == "polyline" || name == "polygon") {
            const auto c = numbers(n.attribute("points").value());
            std::vector<Vec2> points;
            for (std::size_t i = 0; i + 1 < c.size(); i += 2) points.push_back({c[i], c[i + 1]});
            if (points.empty()) return Paths{};
            return Paths{curve::polyline(points, name == "polygon")};
        }
        return std::nullopt;
    }

    void add(pugi::xml_node n, Paths paths, const Style& s, const Affine& m, art::Layer& l)
    {
        Artwork a = artworkOf(n, std::move(paths), s, m);
        if (!a.paths.empty() || a.combined) put(n, std::move(a), s.opacity, l);
    }

    Artwork artworkOf(pugi::xml_node n, Paths paths, const Style& s, const Affine& m)
    {
        Artwork a;
        for (Path& p : paths)
            if (!p.empty()) a.paths.push_back(m == Affine{} ? std::move(p) : curve::transformed(p, m));
        const auto paint = [&](const Style::Paint& p) -> std::optional<art::Colour> {
            if (!p.server.empty()) miss("gradient or pattern (painted grey)");
            return p.colour;
        };
        if (const auto g = s.fill.server.empty() ? nullptr : gradients_.make(s.fill.server, curve::bounds(a.paths), m, s)) {
            a.fill.gradient = g;
            a.fill.colour = art::colourAt(*g, 0.5).colour;
            if (const auto c = art::colourFrom(n.attribute("rope:fill-colour").value())) a.fill.colour = c;
        } else {
            a.fill.colour = paint(s.fill);
        }
        a.fill.ink = inkUse(n.attribute("rope:fill-ink").value());
        a.stroke.ink = inkUse(n.attribute("rope:stroke-ink").value());
        a.fill.opacity = s.fillOpacity;
        a.fill.evenOdd = s.evenOdd;
        // A fill that reaches under its neighbours is drawn with a line of its own paint.
        a.stroke.colour = n.attribute("rope:overlap") ? std::nullopt : paint(s.stroke);
        a.stroke.width = s.strokeWidth * curve::meanScale(m);
        a.stroke.opacity = s.strokeOpacity;
        a.stroke.cap = s.cap;
        a.stroke.join = s.join;
        if (s.dashed && a.stroke.colour) miss("dash pattern (drawn solid)");
        a.stroke.keepsWidth = flagged(n, "rope:keeps-width");
        if (n.attribute("rope:samples")) a.drawn = drawnOf(n);
        if (n.attribute("rope:stroke")) a.stroke.colour = art::colourFrom(n.attribute("rope:stroke").value());
        if (n.attribute("rope:swell")) a.stroke.swell = swellFrom(numbers(n.attribute("rope:swell").value()));
        if (n.attribute("rope:sharp")) a.rounding = roundingOf(n, a);
        if (const auto v = numbers(n.attribute("rope:overlap").value()); v.size() == 2) {
            a.fill.overlap = v[0];
            const art::InkUse line = a.stroke.ink;
            a.stroke = {};
            a.stroke.ink = line;
            a.stroke.colour.reset();
            a.stroke.width = v[1];
        }
        a.guide = flagged(n, "rope:guide");
        if (n.attribute("rope:drop")) a.drop = dropOf(n);
        if (const pugi::xml_node parts = n.child("rope:parts")) a.combined = combinedOf(parts);
        return a;
    }

    static std::shared_ptr<const art::Drop> dropOf(pugi::xml_node n)
    {
        const auto seed = numbers(n.attribute("rope:drop").value()), leaks = numbers(n.attribute("rope:drop-leaks").value());
        if (seed.size() != 2) return nullptr;
        auto d = std::make_shared<art::Drop>();
        d->seed = {seed[0], seed[1]};
        for (const double v : numbers(n.attribute("rope:drop-lines").value())) d->lines.push_back({static_cast<Id>(std::min(std::abs(v), 1e15)), v > 0});
        for (std::size_t k = 0; k + 1 < leaks.size(); k += 2) d->leaks.push_back({leaks[k], leaks[k + 1]});
        return d;
    }

    std::shared_ptr<const art::Combined> combinedOf(pugi::xml_node parts)
    {
        auto c = std::make_shared<art::Combined>();
        const std::string name = parts.attribute("operation").value();
        using planar::Operation;
        c->operation = name == "difference"     ? Operation::difference
                       : name == "intersection" ? Operation::intersection
                       : name == "exclude"      ? Operation::exclude
                                                : Operation::unite;
        for (const pugi::xml_node n : parts.children("path")) {
            if (flagged(n, "rope:derived")) continue;
            Style style;
            style.apply(n);
            Paths p = parsePathData(n.attribute("d").value()).paths;
            kinds(n, p);
            c->parts.push_back(artworkOf(n, std::move(p), style, {}));
        }
        if (c->parts.size() < 2) return nullptr;
        return c;
    }

    static std::optional<curve::Swell> swellFrom(const std::vector<double>& v)
    {
        if (v.size() < 4) return std::nullopt;
        curve::Swell s;
        s.taperStart = v[0];
        s.taperEnd = v[1];
        for (std::size_t i = 2; i + 1 < v.size(); i += 2) s.beads.push_back({v[i], v[i + 1]});
        return curve::tidied(std::move(s));
    }

    // Only when it gives the paths that are there: they may have been changed elsewhere.
    static std::shared_ptr<const art::Rounding> roundingOf(pugi::xml_node n, const Artwork& a)
    {
        auto r = std::make_shared<art::Rounding>();
        r->before = parsePathData(n.attribute("rope:sharp").value()).paths;
        if (r->before.size() != a.paths.size()) return nullptr;
        r->radii.resize(r->before.size());
        const auto v = numbers(n.attribute("rope:radii").value());
        for (std::size_t i = 0; i + 2 < v.size(); i += 3)
            if (v[i] >= 0 && v[i] < static_cast<double>(r->radii.size()) && v[i + 1] >= 0 && v[i + 1] < 1e9)
                r->radii[static_cast<std::size_t>(v[i])].push_back({static_cast<std::size_t>(v[i + 1]), v[i + 2]});
        for (std::size_t p = 0; p < r->before.size(); ++p) {
            const curve::Path given = curve::withRoundCorners(r->before[p], r->radii[p]).path;
            if (given.nodes.size() != a.paths[p].nodes.size()) return nullptr;
            for (std::size_t k = 0; k < given.nodes.size(); ++k)
                if (distance(given.nodes[k].at, a.paths[p].nodes[k].at) > 1e-3) return nullptr;
        }
        return r;
    }

    static std::shared_ptr<const art::Drawn> drawnOf(pugi::xml_node n)
    {
        const auto v = numbers(n.attribute("rope:samples").value());
        if (v.size() < 12 || v.size() % 6 != 0) return nullptr;
        auto d = std::make_shared<art::Drawn>();
        const auto one = [&](const char* a, double otherwise) {
            const auto x = numbers(n.attribute(a).value());
            return x.empty() ? otherwise : x[0];
        };
        d->slack = one("rope:slack", 1);
        d->steadying = one("rope:steadying", 0.3);
        d->grain = one("rope:grain", 1);
        for (std::size_t i = 0; i < v.size(); i += 6)
            d->samples.push_back(
                {{v[i], v[i + 1]}, static_cast<float>(v[i + 2]), static_cast<float>(v[i + 3]), static_cast<float>(v[i + 4]), static_cast<float>(v[i + 5])});
        return d;
    }

    template <class T> void put(pugi::xml_node n, T what, double opacity, art::Layer& l)
    {
        auto i = std::make_shared<Item>();
        const Id id = n.attribute("rope:item").as_ullong(0);
        i->id = id != 0 && used_.insert(id).second ? id : nextFree();
        d_.nextId = std::max(d_.nextId, i->id + 1);
        i->name = n.attribute("rope:name") ? n.attribute("rope:name").value() : n.attribute("id").value();
        i->opacity = opacity;
        i->is = std::move(what);
        l.items.push_back(i);
    }
    std::set<Id> used_;
    Id nextFree()
    {
        // Layers under construction are not in the document yet: ids only grow.
        const Id id = d_.nextId++;
        used_.insert(id);
        return id;
    }

    void image(pugi::xml_node n, const Affine& m, art::Layer& l, const Style& style)
    {
        const char* href = n.attribute("xlink:href") ? n.attribute("xlink:href").value() : n.attribute("href").value();
        const std::string_view h = href;
        const auto comma = h.find(";base64,");
        if (h.rfind("data:image/", 0) != 0 || comma == std::string_view::npos) {
            miss("linked picture");
            return;
        }
        auto bytes = fromBase64(h.substr(comma + 8));
        if (!bytes || bytes->empty()) {
            miss("broken picture");
            return;
        }
        auto picture = std::make_shared<art::PictureFile>();
        picture->format = h.substr(11, comma - 11);
        picture->bytes = std::move(*bytes);
        const double w = n.attribute("width").as_double(), ht = n.attribute("height").as_double();
        picture->width = static_cast<int>(std::clamp(w, 1.0, 100000.0));
        picture->height = static_cast<int>(std::clamp(ht, 1.0, 100000.0));
        art::Reference r;
        r.picture = picture;
        const auto place = numbers(n.attribute("rope:place").value());
        double opacity = style.opacity;
        if (place.size() == 4) {
            r.centre = {place[0], place[1]};
            r.scale = place[2];
            r.turn = place[3];
            const auto crop = numbers(n.attribute("rope:crop").value());
            if (crop.size() == 4) r.crop = {{crop[0], crop[1]}, {crop[2], crop[3]}};
            const auto light = numbers(n.attribute("rope:light").value());
            if (light.size() == 3) {
                r.flattenLight = light[0];
                r.liftPaper = light[1];
                r.dim = light[2];
            }
            const auto o = numbers(n.attribute("rope:opacity").value());
            opacity = o.empty() ? 1 : o[0];
        } else {
            const Vec2 centre = m * Vec2{n.attribute("x").as_double() + w / 2, n.attribute("y").as_double() + ht / 2};
            r.centre = centre;
            r.scale = curve::meanScale(m);
            r.turn = std::atan2(m.b, m.a);
            r.dim = 1;
        }
        put(n, std::move(r), opacity, l);
    }
};

} // namespace

SvgResult readSvg(std::string_view text)
{
    SvgResult out;
    pugi::xml_document xml;
    const pugi::xml_parse_result parsed = xml.load_buffer(text.data(), text.size());
    pugi::xml_node svg = xml.child("svg");
    if (!svg) svg = xml.child("svg:svg");
    if (!parsed) {
        out.problem = text.empty() ? "The file is empty."
                                   : "The file is broken: " + std::string(parsed.description()) + " at byte " + std::to_string(parsed.offset) + ".";
        return out;
    }
    if (!svg) {
        out.problem = "The file is not an SVG drawing.";
        return out;
    }
    Reader(out).run(svg);
    return out;
}

} // namespace softrope::files
