#include "curve/polygon.h"
#include "files/about.h"
#include "files/drawing_text.h"
#include "files/path_data.h"
#include "files/recipes.h"
#include "files/stages.h"
#include "files/svg.h"
#include "files/svg_items.h"
#include "files/view_box.h"
#include "files/xml.h"

#include <pugixml.hpp>

#include <algorithm>
#include <cmath>
#include <cstring>

namespace softrope::files {

using art::Artwork;
using art::Id;
using art::Item;
using art::ItemPtr;
using curve::Affine;

namespace {

using List = Items::List;

// The document: its sheet, its layers, and what belongs to all of it.
class Reader {
public:
    // `stages`: those that are kept beside the work are read; there are none in one of them.
    Reader(SvgResult& out, pugi::xml_node svg, const PictureOpener& open, const ReadingOptions& o)
        : out_(out), d_(out.document), opener_(open), stages_(o.stages),
          named_(svg), reading_{out.document, named_, open, !svg.attribute("rope:version").empty()}
    {
        out_.working = reading_.working;
        if (o.apart) items_.takeApart();
    }

    void run(pugi::xml_node svg)
    {
        Style style;
        if (reading_.working) {
            sheetOfOurs(svg);
        } else {
            sheet(svg);
        }
        for (int k = 0; k < styles_.leftOut(); ++k) reading_.missed.add(words::marked("%n rule(s) of style sheets"));
        if (!styles_.empty()) style.sheet = &styles_;
        style.apply(svg);
        const auto box = viewBoxOf(svg);
        style.lengths.width = box ? box->width : d_.sheet.width;
        style.lengths.height = box ? box->height : d_.sheet.height;
        items_.within(svg);
        for (const pugi::xml_node n : svg.children()) {
            const std::string name = localName(n);
            if (name == "g" && (reading_.working ? n.attribute("rope:layer") : canBeLayer(n)))
                layer(n, style);
            else if (name == "guide" && reading_.working)
                guide(n);
            else if (name == "ink" && reading_.working)
                ink(n);
            else if (name == "light" && reading_.working)
                light(n);
            else if (name == "named-look" && reading_.working)
                look(n);
            else if (name == "proofing" && reading_.working)
                proofing(n);
            else if (name == "stage" && reading_.working)
                stage(n);
            else if (name == "rect" && std::strcmp(n.attribute("rope:is").value(), "background") == 0)
                background(n);
            else if (name == "title")
                d_.title = n.text().get();
            else if (name == "metadata")
                readAbout(n, d_.title, d_.about);
            else
                loose(n, style);
        }
        if (d_.layers.empty()) {
            d_.layers.emplace_back(newLayer(art::newDocument().layers.front()->name));
        }
        if (reading_.working) d_.nextId = std::max<Id>(d_.nextId, std::min<Id>(svg.attribute("rope:next-id").as_ullong(1), Ids::most));
        out_.leftOut = reading_.missed.said();
    }

private:
    SvgResult& out_;
    art::Document& d_;
    const PictureOpener& opener_;
    bool stages_;
    const Named named_;
    const StyleSheet& styles_ = named_.styles();
    Reading reading_;
    Items items_{reading_};
    Affine toSheet_;

    void stage(pugi::xml_node n)
    {
        if (!stages_ || d_.stages.size() >= art::mostStages) return;
        if (auto s = readStage(n, d_, opener_)) {
            s->id = reading_.ids.free(s->id);
            d_.stages.push_back(art::shared(std::move(*s)));
        } else {
            reading_.missed.add(words::marked("%n broken stage(s)"));
        }
    }

    void proofing(pugi::xml_node n)
    {
        art::Proofing& p = d_.proofing;
        p.process = n.attribute("process").value();
        p.width = std::clamp(one(n, "width", 0), 0.0, 1e5);
        p.plan = n.attribute("plan").value();
        for (const pugi::xml_node m : n.children()) {
            const auto at = numbers(m.attribute("at").value());
            if (at.size() == 2) p.meant.push_back({m.attribute("kind").value(), m.attribute("item").as_ullong(0), {at[0], at[1]}});
        }
    }

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
        const auto box = viewBoxOf(svg);
        const auto w = lengthPx(svg.attribute("width").value()), h = lengthPx(svg.attribute("height").value());
        // With one side said, the other follows (CSS Images Level 3, 5.1).
        const double ratio = box ? box->width / box->height : 1;
        const bool wide = w && *w > 0, high = h && *h > 0;
        d_.sheet.width = side(wide ? *w : high && box ? *h * ratio : box ? box->width : 1080);
        d_.sheet.height = side(high ? *h : wide && box ? *w / ratio : box ? box->height : 1080);
        const std::string width = svg.attribute("width").value();
        if (width.find("mm") != std::string::npos) d_.sheet.unit = art::Unit::mm;
        if (width.find("in") != std::string::npos) d_.sheet.unit = art::Unit::in;
        toSheet_ = fittedView(svg, d_.sheet.width, d_.sheet.height);
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
        d_.guides.push_back({reading_.ids.free(n.attribute("id").as_ullong(0)), {p[0], p[1]}, one(n, "angle", 0)});
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
        l.id = std::min<Id>(n.attribute("id").as_ullong(0), Ids::most);
        l.name = n.attribute("name").value();
        if (l.id == 0 || d_.look(l.id)) return;
        l.id = reading_.ids.free(l.id);
        if (n.attribute("blend")) l.blend = art::blendFrom(n.attribute("blend").value());
        if (n.attribute("opacity")) l.opacity = std::clamp(one(n, "opacity", 1), 0.0, 1.0);
        if (n.attribute("blur")) l.blur = std::clamp(one(n, "blur", 0), 0.0, art::mostBlur);
        if (const pugi::xml_node path = n.child("path")) {
            Style s;
            s.apply(path);
            const Artwork a = items_.ours(path, s, {});
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
        d_.inks.push_back({reading_.ids.free(id), n.attribute("name").value(), *c,
                           meaning == "dark"    ? art::Meaning::willBeDark
                           : meaning == "light" ? art::Meaning::willBeLight
                                                : art::Meaning::paint});
    }

    std::shared_ptr<art::Layer> newLayer(const std::string& name, Id id = 0)
    {
        auto l = std::make_shared<art::Layer>();
        l->id = reading_.ids.free(id);
        l->name = name;
        return l;
    }

    // A layer has opacity and nothing else: a group with more is a thing on a layer.
    bool canBeLayer(pugi::xml_node n) const
    {
        Style own;
        own.sheet = &styles_;
        own.apply(n);
        return own.filter.empty() && own.clip.empty() && own.mask.empty() && own.blend == art::Blend::normal && !own.isolated;
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
        l->shown = !style.leftOut;
        style.leftOut = false;
        l->opacity = style.opacity;
        style.opacity = 1;
        if (const auto v = numbers(n.attribute("rope:mirror").value()); v.size() == 3) l->mirror = mirror::Axis{{v[0], v[1]}, v[2]};
        const Affine m = toSheet_ * transformOf(n.attribute("transform").value());
        open_ = nullptr;
        art::GroupRecipe live = reading_.working ? recipes::readGroup(n, items_.partReader()) : art::GroupRecipe{};
        List items;
        items_.within(n);
        items_.children(n, style, m, items, 1);
        items_.leave();
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
        one.id = reading_.ids.next();
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
        items_.element(n, style, toSheet_, found, 0);
        if (found.empty()) return;
        if (!open_) {
            open_ = newLayer("Artwork");
            d_.layers.emplace_back(open_);
        }
        open_->items.insert(open_->items.end(), found.begin(), found.end());
    }
    std::shared_ptr<art::Layer> open_; // the last layer, while loose things go on it
};

} // namespace

SvgResult readSvg(std::string_view text)
{
    return readSvg(text, PictureOpener{});
}

SvgResult readSvg(std::string_view text, const PictureOpener& open)
{
    return readSvg(text, open, ReadingOptions{});
}

SvgResult readSvg(std::string_view text, const PictureOpener& open, const ReadingOptions& o)
{
    SvgResult out;
    pugi::xml_document xml;
    const std::optional<std::string> plain = unpacked(text);
    if (!plain) {
        out.problem = words::said("The file is packed, and broken.");
        return out;
    }
    const std::optional<std::string> expanded = withEntities(*plain);
    const std::string& whole = expanded ? *expanded : *plain;
    // White space counts between words only: without words it is not even read.
    const bool spaced = whole.find("text") != std::string::npos;
    const pugi::xml_parse_result parsed = xml.load_buffer(whole.data(), whole.size(), pugi::parse_default | (spaced ? pugi::parse_ws_pcdata : 0));
    if (parsed) tidy(xml);
    const pugi::xml_node svg = xml.child("svg");
    if (!parsed) {
        out.problem = text.empty() ? words::said("The file is empty.")
                                   : words::said("The file is broken: %1 at byte %2.", {parsed.description(), std::to_string(parsed.offset)});
        return out;
    }
    if (!svg) {
        out.problem = words::said("The file is not an SVG drawing.");
        return out;
    }
    Reader(out, svg, open, o).run(svg);
    return out;
}

} // namespace softrope::files
