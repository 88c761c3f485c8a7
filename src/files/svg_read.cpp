#include "art/edits.h"
#include "art/inks.h"
#include "art/tree.h"
#include "curve/polygon.h"
#include "files/bytes.h"
#include "files/css.h"
#include "files/gradients.h"
#include "files/path_data.h"
#include "files/recipes.h"
#include "files/svg.h"
#include "files/svg_style.h"
#include "files/xml.h"
#include "words/said.h"

#include <pugixml.hpp>

#include <algorithm>
#include <cstring>
#include <map>
#include <set>

namespace softrope::files {

using art::Artwork;
using art::Id;
using art::Item;
using art::ItemPtr;
using curve::Affine;
using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

constexpr const char* clipLeft = words::marked("%n clip path(s) (drawn without)");
constexpr const char* rulesLeft = words::marked("%n rule(s) of style sheets");

constexpr int deepest = 200;     // groups inside groups; more is refused rather than followed
constexpr int deepestItems = 16; // groups that stay groups; deeper ones are flattened

using List = std::vector<ItemPtr>;

class Reader {
public:
    Reader(SvgResult& out, const PictureOpener& open) : out_(out), d_(out.document), pictureOf_(open) {}

    void run(pugi::xml_node svg)
    {
        out_.working = !svg.attribute("rope:version").empty();
        Style style;
        if (out_.working) {
            sheetOfOurs(svg);
        } else {
            sheet(svg);
        }
        gradients_.gather(svg);
        nameAll(svg);
        for (int k = 0; k < sheetOfStyles_.leftOut(); ++k) miss(rulesLeft);
        if (!sheetOfStyles_.empty()) style.sheet = &sheetOfStyles_;
        style.apply(svg);
        for (const pugi::xml_node n : svg.children()) {
            const std::string name = localName(n);
            if (name == "g" && (out_.working ? n.attribute("rope:layer") : canBeLayer(n)))
                layer(n, style);
            else if (name == "guide" && out_.working)
                guide(n);
            else if (name == "ink" && out_.working)
                ink(n);
            else if (name == "light" && out_.working)
                light(n);
            else if (name == "named-look" && out_.working)
                look(n);
            else if (name == "rect" && std::strcmp(n.attribute("rope:is").value(), "background") == 0)
                background(n);
            else if (name == "title")
                d_.title = n.text().get();
            else
                loose(n, style);
        }
        if (d_.layers.empty()) {
            d_.layers.emplace_back(newLayer(art::newDocument().layers.front()->name));
        }
        if (out_.working) d_.nextId = std::max<Id>(d_.nextId, std::min<Id>(svg.attribute("rope:next-id").as_ullong(1), mostId));
        for (const auto& [what, n] : missed_) out_.leftOut.push_back(words::counted(what.first, n, {what.second}));
    }

private:
    SvgResult& out_;
    art::Document& d_;
    const PictureOpener& pictureOf_;
    Affine toSheet_;
    std::map<std::pair<const char*, std::string>, int> missed_; // how it is told, with a name in it, and how often
    Gradients gradients_;

    // Elements that others refer to. By hand, not by recursion: hostile files nest deeply.
    std::map<std::string, pugi::xml_node> named_;
    void nameAll(pugi::xml_node root)
    {
        std::vector<pugi::xml_node> open{root};
        while (!open.empty()) {
            const pugi::xml_node n = open.back();
            open.pop_back();
            const std::string name = localName(n);
            if (*n.attribute("id").value()) named_.emplace(n.attribute("id").value(), n);
            if (name == "style") styled(n);
            // The first is taken next: of style sheets the later one wins.
            for (pugi::xml_node c = n.last_child(); c; c = c.previous_sibling())
                if (c.type() == pugi::node_element) open.push_back(c);
        }
    }
    StyleSheet sheetOfStyles_;
    void styled(pugi::xml_node n)
    {
        const std::string type = n.attribute("type").value(), media = n.attribute("media").value();
        if ((!type.empty() && type != "text/css") || (!media.empty() && media != "all" && media != "screen")) return;
        std::string css;
        for (const pugi::xml_node c : n.children())
            if (c.type() == pugi::node_pcdata || c.type() == pugi::node_cdata) css += c.value();
        sheetOfStyles_.add(css);
    }

    bool inPart_ = false; // of a part that a recipe keeps: what lies in it has the ids of what it was made from

    void miss(const char* what, const std::string& name = {}) { ++missed_[{what, name}]; }

    // A sheet of no size, or of none that is a number, is none.
    static double side(double v) { return std::isfinite(v) && v > 0 ? std::clamp(v, 1.0, 100000.0) : 1080; }

    void sheetOfOurs(pugi::xml_node svg)
    {
        const auto size = numbers(svg.attribute("rope:sheet").value());
        if (size.size() == 2) {
            d_.sheet.width = side(size[0]);
            d_.sheet.height = side(size[1]);
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
        d_.sheet.width = side(w && *w > 0 ? *w : hasBox ? box[2] : 1080);
        d_.sheet.height = side(h && *h > 0 ? *h : hasBox ? box[3] : 1080);
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
        d_.guides.push_back({free(n.attribute("id").as_ullong(0)), {p[0], p[1]}, one(n, "angle", 0)});
    }

    void light(pugi::xml_node n)
    {
        art::Light l;
        l.angle = std::clamp(one(n, "angle", l.angle), -1e3, 1e3);
        l.height = std::clamp(one(n, "height", l.height), 0.0, 1.0);
        l.strength = std::clamp(one(n, "strength", l.strength), 0.0, 1.0);
        l.warm = art::colourFrom(n.attribute("warm").value()).value_or(l.warm);
        l.cool = art::colourFrom(n.attribute("cool").value()).value_or(l.cool);
        l.warmInk = inkUse(n.attribute("warm-ink").value());
        l.coolInk = inkUse(n.attribute("cool-ink").value());
        d_.light = l;
    }

    void look(pugi::xml_node n)
    {
        art::NamedLook l;
        l.id = std::min<Id>(n.attribute("id").as_ullong(0), mostId);
        l.name = n.attribute("name").value();
        if (l.id == 0 || d_.look(l.id)) return;
        l.id = free(l.id);
        if (n.attribute("blend")) l.blend = art::blendFrom(n.attribute("blend").value());
        if (n.attribute("opacity")) l.opacity = std::clamp(one(n, "opacity", 1), 0.0, 1.0);
        if (n.attribute("blur")) l.blur = std::clamp(one(n, "blur", 0), 0.0, art::mostBlur);
        if (const pugi::xml_node path = n.child("path")) {
            Style s;
            s.apply(path);
            const Artwork a = artworkOf(path, {}, s, {});
            if (flagged(n, "fills")) l.fill = a.fill;
            if (flagged(n, "lines")) l.line = a.stroke;
        }
        d_.looks.push_back(std::move(l));
    }

    void ink(pugi::xml_node n)
    {
        const Id id = n.attribute("id").as_ullong(0);
        const std::string meaning = n.attribute("meaning").value();
        const auto c = art::colourFrom(n.attribute("colour").value());
        if (!c || d_.ink(id)) return;
        d_.inks.push_back({free(id), n.attribute("name").value(), *c,
                           meaning == "dark"    ? art::Meaning::willBeDark
                           : meaning == "light" ? art::Meaning::willBeLight
                                                : art::Meaning::paint});
    }

    std::shared_ptr<art::Layer> newLayer(const std::string& name, Id id = 0)
    {
        auto l = std::make_shared<art::Layer>();
        l->id = free(id);
        l->name = name;
        return l;
    }

    // A layer has opacity and nothing else: a group with more is a thing on a layer.
    bool canBeLayer(pugi::xml_node n) const
    {
        Style own;
        own.sheet = &sheetOfStyles_;
        own.apply(n);
        return own.filter.empty() && own.clip.empty() && own.blend == art::Blend::normal && !own.isolated;
    }

    void layer(pugi::xml_node n, Style style)
    {
        std::string name = n.attribute("rope:name").value();
        if (name.empty()) name = n.child("title").text().get();
        if (name.empty()) name = n.attribute("id").value();
        if (name.empty()) name = words::said("Layer %1", {std::to_string(d_.layers.size() + 1)});
        auto l = newLayer(name, n.attribute("rope:layer").as_ullong(0));
        l->locked = flagged(n, "rope:locked");
        style.apply(n);
        l->shown = !style.hidden;
        style.hidden = false;
        l->opacity = style.opacity;
        style.opacity = 1;
        if (const auto v = numbers(n.attribute("rope:mirror").value()); v.size() == 3) l->mirror = mirror::Axis{{v[0], v[1]}, v[2]};
        const Affine m = toSheet_ * transformOf(n.attribute("transform").value());
        open_ = nullptr;
        art::GroupRecipe live = out_.working ? recipes::readGroup(n, reader()) : art::GroupRecipe{};
        List items;
        children(n, style, m, items, 1);
        if (std::holds_alternative<std::monostate>(live))
            l->items = std::move(items);
        else
            ofOldLayer(n, *l, std::move(items), std::move(live));
        d_.layers.push_back(l);
    }

    // Before groups, a live part was a whole layer: it becomes one thing on a plain one.
    void ofOldLayer(pugi::xml_node n, art::Layer& l, List items, art::GroupRecipe live)
    {
        Item one;
        one.id = nextFree();
        one.name = l.name;
        art::Key made = 0;
        if (auto* t = std::get_if<art::Shared<art::ToneStack>>(&live)) {
            one.name = "Tones";
            made = n.child("rope:tones").attribute("made").as_ullong(0);
            one.locked = l.locked && !(*t)->set;
            if (!(*t)->set) l.locked = false;
        }
        if (auto* m = std::get_if<art::Shared<art::MeshPieces>>(&live)) {
            // Pieces painted by hand were told by their colour.
            art::MeshPieces pieces = **m;
            for (std::size_t f = 0; f < pieces.mesh.faces.size() && f < items.size(); ++f) {
                const Artwork* a = items[f]->artwork();
                const pixel::Rgba own = pieces.mesh.colours[f];
                if (!a || a->paths.empty() || (!a->fill.ink.ink && !a->fill.gradient && a->fill.colour == art::Colour{own.r, own.g, own.b})) continue;
                art::Fill fill = a->fill;
                fill.overlap = 0;
                pieces.painted.push_back({curve::innerPoint(a->paths), std::move(fill)});
            }
            live = art::shared(std::move(pieces));
        }
        art::Group g;
        g.setDerived(std::move(items), std::move(live), made);
        one.is = std::move(g);
        l.items.push_back(art::shared(std::move(one)));
    }

    // Things beside the groups are gathered on a layer of their own, in their place in the order.
    void loose(pugi::xml_node n, const Style& style)
    {
        if (n.type() != pugi::node_element) return;
        List found;
        element(n, style, toSheet_, found, 0);
        if (found.empty()) return;
        if (!open_) {
            open_ = newLayer("Artwork");
            d_.layers.emplace_back(open_);
        }
        open_->items.insert(open_->items.end(), found.begin(), found.end());
    }
    std::shared_ptr<art::Layer> open_; // the last layer, while loose things go on it

    void children(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
    {
        if (depth > deepest) {
            miss(words::marked("%n group(s) too deeply nested"));
            return;
        }
        for (const pugi::xml_node c : n.children())
            if (c.type() == pugi::node_element) element(c, style, m, to, depth);
    }

    recipes::PartReader reader()
    {
        return [this](pugi::xml_node n) {
            Style style;
            style.apply(n);
            Paths p = parsePathData(n.attribute("d").value()).paths;
            setKinds(p, n.attribute("rope:kinds").value());
            return artworkOf(n, std::move(p), style, {});
        };
    }

    // What the element says of the item itself. Its effects are taken out of the style: they are not inherited.
    Item traitsOf(pugi::xml_node n, Style& style, const Affine& m)
    {
        Item i;
        i.name = n.attribute("rope:name") ? n.attribute("rope:name").value() : n.attribute("id").value();
        i.locked = flagged(n, "rope:locked");
        i.opacity = style.opacity;
        i.look = std::min<Id>(n.attribute("rope:look").as_ullong(0), mostId);
        if (const auto o = numbers(n.attribute("rope:opacity").value()); o.size() == 1) i.opacity = std::clamp(o[0], 0.0, 1.0);
        i.blend = style.blend;
        i.shown = out_.working ? std::strcmp(n.attribute("rope:shown").value(), "false") != 0 : !style.hidden;
        if (!style.filter.empty()) {
            const double own = one(n, "rope:blur", -1);
            const double sigma = own >= 0 ? own : blurOf(style.filter) * curve::meanScale(m);
            if (std::isfinite(sigma) && sigma >= 0)
                i.blur = std::min(sigma, art::mostBlur);
            else
                miss(words::marked("%n filter(s) (drawn without)"));
        }
        style.opacity = 1;
        style.blend = art::Blend::normal;
        style.filter.clear();
        style.hidden = false;
        return i;
    }

    // The deviation of a filter that is one Gaussian blur; less than nothing for others.
    double blurOf(const std::string& name) const
    {
        const auto at = named_.find(name);
        if (at == named_.end() || localName(at->second) != "filter") return -1;
        const pugi::xml_node first = at->second.first_child();
        if (!first || first.next_sibling() || localName(first) != "feGaussianBlur") return -1;
        const auto sigma = numbers(first.attribute("stdDeviation").value());
        if (sigma.empty() || (sigma.size() > 1 && sigma[0] != sigma[1])) return -1;
        return sigma[0];
    }

    // A clip path of one shape, on the sheet; nothing for others.
    std::optional<std::pair<Paths, bool>> clipOf(const std::string& name, const Affine& m) const
    {
        const auto at = named_.find(name);
        if (at == named_.end() || localName(at->second) != "clipPath" || std::strcmp(at->second.attribute("clipPathUnits").value(), "objectBoundingBox") == 0)
            return std::nullopt;
        const pugi::xml_node shape = at->second.first_child();
        if (!shape || shape.next_sibling() || shape.attribute("clip-path") || at->second.attribute("clip-path")) return std::nullopt;
        std::optional<Paths> paths;
        if (localName(shape) == "path")
            paths = parsePathData(shape.attribute("d").value()).paths;
        else
            paths = basicShape(localName(shape), shape);
        if (!paths || paths->empty()) return std::nullopt;
        const Affine to = m * transformOf(at->second.attribute("transform").value()) * transformOf(shape.attribute("transform").value());
        for (Path& p : *paths) {
            p = curve::transformed(p, to);
            p.closed = true;
        }
        return std::pair{std::move(*paths), propertyOf(shape, "clip-rule", &sheetOfStyles_) == "evenodd"};
    }

    // A group of any file. Plain ones that hold one thing are dissolved, and so are those too deep to be kept or without which things
    // would blend otherwise.
    void group(pugi::xml_node n, Style style, const Affine& m, List& to, int depth)
    {
        Item i = traitsOf(n, style, m);
        if (flagged(n, "rope:parent")) {
            parent(n, std::move(i), style, m, to, depth);
            return;
        }
        const bool ours = flagged(n, "rope:group");
        art::GroupRecipe live = ours ? recipes::readGroup(n, reader()) : art::GroupRecipe{};
        List items;
        children(n, style, m, items, depth + 1);
        together(n, std::move(i), std::move(items), std::move(live), style.isolated, to, depth);
    }

    void together(pugi::xml_node n, Item i, List items, art::GroupRecipe live, bool isolated, List& to, int depth)
    {
        const bool ours = flagged(n, "rope:group");
        const bool liveOne = !std::holds_alternative<std::monostate>(live);
        const bool plain = i.shown && i.opacity >= 1 && i.blend == art::Blend::normal && i.blur <= 0;
        // What blends in a plain group blends with what lies under it, which a group of ours keeps in.
        if (!ours && (items.empty() || (plain && !isolated && (items.size() == 1 || anyBlends(items))))) {
            to.insert(to.end(), items.begin(), items.end());
            return;
        }
        if (depth > deepestItems && !liveOne) {
            miss(words::marked("%n group(s) nested deeper than %1 (flattened)"), std::to_string(deepestItems));
            for (const ItemPtr& c : items) {
                Item flat = *c;
                flat.opacity *= i.opacity;
                flat.shown = flat.shown && i.shown;
                to.push_back(art::shared(std::move(flat)));
            }
            return;
        }
        art::Group g;
        g.setDerived(std::move(items), std::move(live), n.attribute("rope:made").as_ullong(0));
        i.is = std::move(g);
        put(n, std::move(i), to);
    }

    // One of our own: an element for the area, one for what lies inside.
    void parent(pugi::xml_node n, Item i, const Style& style, const Affine& m, List& to, int depth)
    {
        List others, inside;
        std::optional<Artwork> area;
        for (const pugi::xml_node c : n.children()) {
            if (flagged(c, "rope:held") && !area) {
                Style own = style;
                own.apply(c);
                Paths paths = parsePathData(c.attribute("d").value()).paths;
                setKinds(paths, c.attribute("rope:kinds").value());
                area = artworkOf(c, std::move(paths), own, m);
            } else if (flagged(c, "rope:inside")) {
                children(c, style, m, inside, depth + 1);
            } else if (c.type() == pugi::node_element) {
                element(c, style, m, others, depth + 1);
            }
        }
        // Changed elsewhere: what is there stays.
        to.insert(to.end(), others.begin(), others.end());
        if (!area) {
            to.insert(to.end(), inside.begin(), inside.end());
            return;
        }
        area->inside = std::move(inside);
        i.is = std::move(*area);
        put(n, std::move(i), to);
    }

    // A foreign group or shape with a clip path: what is in it lies inside an area without paint.
    bool clipped(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
    {
        if (style.clip.empty()) return false;
        const auto clip = clipOf(style.clip, m);
        if (!clip) {
            miss(clipLeft);
            return false;
        }
        if (depth > deepestItems) {
            miss(clipLeft);
            return false;
        }
        // It is clipped first and blended then: the blend is the area's.
        Style own = style;
        own.clip.clear();
        own.blend = art::Blend::normal;
        List inside;
        unclipped(n, own, m, inside, depth + 1);
        const auto area = [&](List in, art::Blend blend) { clipInto(Paths(clip->first), clip->second, std::move(in), blend, to); };
        if (style.isolates() || !anyBlends(inside)) {
            if (!inside.empty()) area(std::move(inside), style.blend);
            return true;
        }
        // What blends in it blends with what lies under the whole, which an area keeps in: each has an area of its own.
        List plain;
        for (const ItemPtr& i : inside) {
            if (i->blend == art::Blend::normal) {
                plain.push_back(i);
                continue;
            }
            if (!plain.empty()) area(std::exchange(plain, {}), art::Blend::normal);
            Item alone = *i;
            alone.blend = art::Blend::normal;
            area({art::shared(std::move(alone))}, i->blend);
        }
        if (!plain.empty()) area(std::move(plain), art::Blend::normal);
        return true;
    }

    // What is given lies inside an area without paint.
    void clipInto(Paths paths, bool evenOdd, List in, art::Blend blend, List& to)
    {
        Artwork a;
        a.setPaths(std::move(paths));
        a.stroke.colour.reset();
        a.fill.evenOdd = evenOdd;
        a.inside = std::move(in);
        Item i;
        i.name = "Clip";
        i.is = std::move(a);
        i.blend = blend;
        i.id = nextFree();
        to.push_back(art::shared(std::move(i)));
    }

    // -- other elements shown again, and views within the view (SVG 1.1, 5.6, 7.7 to 7.9) --

    static constexpr int mostAgain = 300000; // elements shown again: a hostile file asks for billions
    int again_ = 0;
    std::vector<pugi::xml_node> using_; // those that are being shown again: none shows itself

    void use(pugi::xml_node n, Style style, const Affine& m, List& to, int depth)
    {
        const std::string_view h = hrefOf(n);
        const auto at = h.empty() || h.front() != '#' ? named_.end() : named_.find(std::string(h.substr(1)));
        if (at == named_.end()) {
            if (!h.empty() && h.front() != '#') miss(words::marked("%n use(s) of another element"));
            return; // of what is not there nothing is shown
        }
        const pugi::xml_node target = at->second;
        if (again_ > mostAgain || using_.size() > 20 || std::find(using_.begin(), using_.end(), target) != using_.end()) {
            miss(words::marked("%n use(s) of another element"));
            return;
        }
        using_.push_back(target);
        Item i = traitsOf(n, style, m);
        List items;
        const auto v = [&](const char* a) { return lengthPx(n.attribute(a).value()).value_or(0); };
        const Affine there = m * curve::translation({v("x"), v("y")});
        if (const std::string name = localName(target); name == "symbol" || name == "svg") {
            Style own = style;
            own.opacity = 1;
            own.apply(target);
            view(target, n, own, there, items, depth);
        } else {
            element(target, style, there, items, depth + 1);
        }
        using_.pop_back();
        together(n, std::move(i), std::move(items), {}, style.isolated, to, depth);
    }

    // A view within the view: of the target's view box, as large as `sized` says or else the target itself.
    void view(pugi::xml_node target, pugi::xml_node sized, const Style& style, const Affine& m, List& to, int depth)
    {
        const auto side_ = [&](const char* a, double whole) {
            for (const pugi::xml_node n : {sized, target})
                if (const auto v = lengthPx(n.attribute(a).value())) return *v;
            return whole;
        };
        const double w = side_("width", d_.sheet.width), h = side_("height", d_.sheet.height);
        if (!(w > 0 && h > 0)) return;
        Affine in = m;
        const auto box = numbers(target.attribute("viewBox").value());
        if (box.size() == 4 && box[2] > 0 && box[3] > 0) {
            double sx = w / box[2], sy = h / box[3];
            const std::string fit = target.attribute("preserveAspectRatio").value();
            if (fit.substr(0, 4) != "none") sx = sy = fit.find("slice") != std::string::npos ? std::max(sx, sy) : std::min(sx, sy);
            const auto placed = [&](const char* least, const char* most) {
                return fit.find(least) != std::string::npos ? 0.0 : fit.find(most) != std::string::npos ? 1.0 : 0.5;
            };
            in = m * curve::translation({placed("xMin", "xMax") * (w - sx * box[2]), placed("YMin", "YMax") * (h - sy * box[3])}) * curve::scaling(sx, sy) *
                 curve::translation({-box[0], -box[1]});
        }
        List items;
        children(target, style, in, items, depth + 1);
        // It shows through its frame, where it reaches beyond.
        const Path frame = curve::transformed(curve::rectangle({0, 0}, {w, h}), m);
        const curve::Box inner = curve::bounds(frame).grown(0.01);
        const bool within = std::all_of(items.begin(), items.end(), [&](const ItemPtr& i) {
            const curve::Box b = art::bounds(*i);
            return b.empty() || (inner.contains(b.min) && inner.contains(b.max));
        });
        if (within || propertyOf(target, "overflow", style.sheet) == "visible" || anyBlends(items))
            to.insert(to.end(), items.begin(), items.end());
        else
            clipInto({frame}, false, std::move(items), art::Blend::normal, to);
    }

    static bool anyBlends(const List& items)
    {
        return std::any_of(items.begin(), items.end(), [](const ItemPtr& i) { return i->blend != art::Blend::normal; });
    }

    void element(pugi::xml_node n, Style style, const Affine& parent, List& to, int depth)
    {
        if (flagged(n, "rope:derived")) return; // shown for others, worked out again here
        const std::string name = localName(n);
        for (const char* said : {"", "defs", "style", "symbol", "tones", "facets", "mesh", "inside", "title", "desc", "metadata", "namedview", "clipPath",
                                 "filter", "linearGradient", "radialGradient"})
            if (name == said) return;
        if (!using_.empty() && ++again_ > mostAgain) return; // said of the use
        // Not inherited: each element has its own.
        style.filter.clear();
        style.clip.clear();
        style.isolated = false;
        style.apply(n);
        if (n.attribute("rope:guide")) style.hidden = false;
        const Affine m = parent * transformOf(n.attribute("transform").value());
        if (const std::string mask = propertyOf(n, "mask", style.sheet); !mask.empty() && mask != "none") miss(words::marked("%n mask(s) (drawn without)"));
        if (!clipped(n, style, m, to, depth)) unclipped(n, style, m, to, depth);
    }

    void unclipped(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
    {
        const std::string name = localName(n);
        if (name == "g" || name == "a" || name == "switch") {
            group(n, style, m, to, depth);
        } else if (name == "use") {
            use(n, style, m, to, depth);
        } else if (name == "svg") {
            Style own = style;
            Item i = traitsOf(n, own, m);
            List items;
            const auto v = [&](const char* a) { return lengthPx(n.attribute(a).value()).value_or(0); };
            view(n, n, own, m * curve::translation({v("x"), v("y")}), items, depth);
            together(n, std::move(i), std::move(items), {}, style.isolated, to, depth);
        } else if (name == "path") {
            ParsedPaths p = parsePathData(n.attribute("d").value());
            if (p.fault) miss(words::marked("%n path(s) broken off at a fault"));
            setKinds(p.paths, n.attribute("rope:kinds").value());
            add(n, std::move(p.paths), style, m, to);
        } else if (name == "image") {
            image(n, m, to, style);
        } else if (const auto shape = basicShape(name, n)) {
            if (!shape->empty()) add(n, *shape, style, m, to);
        } else if (!style.hidden) {
            name == "text" ? miss(words::marked("%n text(s)"))

                           : miss(words::marked("%n %1 element(s)"), name);
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

    void add(pugi::xml_node n, Paths paths, Style s, const Affine& m, List& to)
    {
        Item i = traitsOf(n, s, m);
        Artwork a = artworkOf(n, std::move(paths), s, m);
        // Ours stays: a live part that gives nothing now may give something again.
        if (a.paths.empty() && !n.attribute("rope:item")) return;
        i.is = std::move(a);
        put(n, std::move(i), to);
    }

    Artwork artworkOf(pugi::xml_node n, Paths paths, const Style& s, const Affine& m)
    {
        Artwork a;
        Paths onSheet;
        for (Path& p : paths)
            if (!p.empty()) onSheet.push_back(m == Affine{} ? std::move(p) : curve::transformed(p, m));
        a.setPaths(std::move(onSheet));
        const auto paint = [&](const Style::Paint& p) -> std::optional<art::Colour> {
            if (!p.server.empty()) miss(words::marked("%n gradient(s) or pattern(s) (painted grey)"));
            return p.colour;
        };
        if (const auto g = s.fill.server.empty() ? art::Shared<art::Gradient>() : gradients_.make(s.fill.server, curve::bounds(a.paths), m, s)) {
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
        if (s.dashed && a.stroke.colour) miss(words::marked("%n dash pattern(s) (drawn solid)"));
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
        art::Recipe live = recipes::read(n, a.paths, reader());
        if (!std::holds_alternative<std::monostate>(live)) a.setDerived(Paths(a.paths), std::move(live), n.attribute("rope:made").as_ullong(0));
        if (const pugi::xml_node below = n.child("rope:inside")) {
            List inside;
            const bool was = std::exchange(inPart_, true);
            children(below, {}, {}, inside, 1);
            inPart_ = was;
            a.inside = std::move(inside);
        }
        return a;
    }

    // The line's attributes paint the rim of the fill: the line itself, which is not drawn, is told apart from them.
    static void rim(pugi::xml_node n, art::Stroke& s)
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

    static std::optional<curve::Swell> swellFrom(const std::vector<double>& v)
    {
        if (v.size() < 4) return std::nullopt;
        curve::Swell s;
        s.taperStart = v[0];
        s.taperEnd = v[1];
        for (std::size_t i = 2; i + 1 < v.size(); i += 2) s.beads.push_back({v[i], v[i + 1]});
        return curve::tidied(std::move(s));
    }

    void put(pugi::xml_node n, Item i, List& to)
    {
        const Id given = n.attribute("rope:item").as_ullong(0);
        i.id = inPart_ ? std::min<Id>(given, mostId) : free(given);
        to.push_back(art::shared(std::move(i)));
    }

    // Ids only grow: things under construction are not in the document yet. Damaged and hostile files have an id twice.
    std::set<Id> used_;
    static constexpr Id mostId = Id{1} << 53;
    Id free(Id wanted)
    {
        const Id id = wanted != 0 && wanted < mostId && used_.insert(wanted).second ? wanted : nextFree();
        d_.nextId = std::max(d_.nextId, id + 1);
        return id;
    }
    Id nextFree()
    {
        while (!used_.insert(d_.nextId).second) ++d_.nextId;
        return d_.nextId++;
    }

    void image(pugi::xml_node n, const Affine& m, List& to, Style style)
    {
        const std::string_view h = hrefOf(n);
        const auto comma = h.find(";base64,");
        const bool within = h.rfind("data:image/", 0) == 0 && comma != std::string_view::npos;
        if (!within && !pictureOf_) {
            miss(words::marked("%n linked picture(s)"));
            return;
        }
        auto bytes = within ? fromBase64(h.substr(comma + 8)) : pictureOf_(std::string(h));
        if (!bytes || bytes->empty()) {
            miss(words::marked("%n broken picture(s)"));
            return;
        }
        auto picture = std::make_shared<art::PictureFile>();
        picture->format = within ? std::string(h.substr(11, comma - 11)) : n.attribute("rope:format").value();
        picture->bytes = std::move(*bytes);
        const double w = n.attribute("width").as_double(), ht = n.attribute("height").as_double();
        picture->width = static_cast<int>(std::clamp(w, 1.0, 100000.0));
        picture->height = static_cast<int>(std::clamp(ht, 1.0, 100000.0));
        art::Reference r;
        r.picture = picture;
        const auto place = numbers(n.attribute("rope:place").value());
        if (place.size() == 4) {
            r.centre = {place[0], place[1]};
            r.scale = place[2];
            r.turn = place[3];
            const auto paper = numbers(n.attribute("rope:paper").value());
            if (paper.size() == 8) {
                pixel::Corners c;
                for (std::size_t k = 0; k < 4; ++k) c[k] = {paper[2 * k], paper[2 * k + 1]};
                if (pixel::isPage(c)) r.paper = c;
            }
            const auto crop = numbers(n.attribute("rope:crop").value());
            if (crop.size() == 4) r.crop = {{crop[0], crop[1]}, {crop[2], crop[3]}};
            const auto light = numbers(n.attribute("rope:light").value());
            if (light.size() == 3) {
                r.flattenLight = light[0];
                r.liftPaper = light[1];
                r.dim = light[2];
            }
        } else {
            const Vec2 centre = m * Vec2{n.attribute("x").as_double() + w / 2, n.attribute("y").as_double() + ht / 2};
            r.centre = centre;
            r.scale = curve::meanScale(m);
            r.turn = std::atan2(m.b, m.a);
            r.dim = 1;
        }
        Item i = traitsOf(n, style, m);
        i.is = std::move(r);
        put(n, std::move(i), to);
    }
};

} // namespace

SvgResult readSvg(std::string_view text)
{
    return readSvg(text, PictureOpener{});
}

SvgResult readSvg(std::string_view text, const PictureOpener& open)
{
    SvgResult out;
    pugi::xml_document xml;
    const pugi::xml_parse_result parsed = xml.load_buffer(text.data(), text.size());
    pugi::xml_node svg = xml.child("svg");
    if (!svg) svg = xml.child("svg:svg");
    if (!parsed) {
        out.problem = text.empty() ? words::said("The file is empty.")
                                   : words::said("The file is broken: %1 at byte %2.", {parsed.description(), std::to_string(parsed.offset)});
        return out;
    }
    if (!svg) {
        out.problem = words::said("The file is not an SVG drawing.");
        return out;
    }
    Reader(out, open).run(svg);
    return out;
}

} // namespace softrope::files
