#include "art/edits.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "files/about.h"
#include "files/bytes.h"
#include "files/island.h"
#include "files/path_data.h"
#include "files/recipes.h"
#include "files/stages.h"
#include "files/svg.h"
#include "files/word_text.h"
#include "files/xml.h"

#include <pugixml.hpp>

#include <algorithm>
#include <cmath>
#include <sstream>

namespace softrope::files {

using art::Artwork;
using art::Item;

namespace {

const char* unitName(art::Unit u)
{
    return u == art::Unit::mm ? "mm" : u == art::Unit::in ? "in" : "px";
}
double inUnit(double px, art::Unit u)
{
    return u == art::Unit::mm ? px * 25.4 / 96 : u == art::Unit::in ? px / 96 : px;
}

class Writer {
public:
    Writer(const art::Document& d, bool working, int decimals, const PictureLink& link = {}, WordsAs words = WordsAs::outlines)
        : d_(d), working_(working), decimals_(std::max(decimals, neededFor(d.sheet))), link_(link), words_(words)
    {
    }
    // Decimals that tell a twenty-thousandth of a sheet: the usual three are too coarse on one of a few px.
    static int neededFor(const art::Sheet& s) { return static_cast<int>(std::ceil(std::log10(20000 / std::max({s.width, s.height, 1e-3})))); }

    std::string run()
    {
        pugi::xml_node declaration = xml_.append_child(pugi::node_declaration);
        declaration.append_attribute("version") = "1.0";
        declaration.append_attribute("encoding") = "UTF-8";
        root_ = xml_.append_child("svg");
        root_.append_attribute("xmlns") = "http://www.w3.org/2000/svg";
        const bool links = working_;
        if (links) root_.append_attribute("xmlns:xlink") = "http://www.w3.org/1999/xlink";
        if (working_) root_.append_attribute("xmlns:rope") = ropeNamespace;
        root_.append_attribute("version") = "1.1";
        set(root_, "width", num(inUnit(d_.sheet.width, d_.sheet.unit)) + unitName(d_.sheet.unit));
        set(root_, "height", num(inUnit(d_.sheet.height, d_.sheet.unit)) + unitName(d_.sheet.unit));
        set(root_, "viewBox", "0 0 " + num(d_.sheet.width) + ' ' + num(d_.sheet.height));
        if (working_) {
            set(root_, "rope:version", "2");
            set(root_, "rope:next-id", std::to_string(d_.nextId));
            set(root_, "rope:sheet", num(d_.sheet.width) + ' ' + num(d_.sheet.height));
            if (!d_.sheet.hasBackground && !(d_.sheet.background == art::Colour{255, 255, 255})) set(root_, "rope:background", art::text(d_.sheet.background));
        }
        defs_ = root_.append_child("defs");
        if (working_) {
            inks();
            light();
            for (const art::NamedLook& l : d_.looks) look(l);
        }
        if (!d_.title.empty()) root_.append_child("title").text().set(d_.title.c_str());
        writeAbout(root_, d_.title, d_.about);
        if (d_.sheet.hasBackground) {
            pugi::xml_node r = root_.append_child("rect");
            if (working_) set(r, "rope:is", "background");
            set(r, "width", num(d_.sheet.width));
            set(r, "height", num(d_.sheet.height));
            set(r, "fill", art::text(d_.sheet.background));
        }
        for (const art::LayerPtr& l : d_.layers) layer(*l);
        if (working_)
            for (const art::Guide& g : d_.guides) {
                pugi::xml_node n = root_.append_child("rope:guide");
                set(n, "id", std::to_string(g.id));
                set(n, "through", num(g.through.x) + ' ' + num(g.through.y));
                set(n, "angle", num(g.angle));
            }
        if (working_) proofing();
        if (working_)
            for (const art::Shared<art::Stage>& s : d_.stages) writeStage(root_, *s, d_, link_);
        if (!defs_.first_child()) root_.remove_child(defs_);
        std::ostringstream out;
        xml_.save(out, " ", pugi::format_default, pugi::encoding_utf8);
        return withIslands(out.str());
    }

private:
    const art::Document& d_;
    bool working_;
    int decimals_;
    PictureLink link_;
    WordsAs words_;
    pugi::xml_document xml_;
    pugi::xml_node root_, defs_;
    int gradients_ = 0;

    int clips_ = 0, blurs_ = 0, islands_ = 0;
    std::vector<std::string> whole_; // islands, to be put in place of their marks
    static constexpr const char* islandMark = "island ";

    std::string withIslands(const std::string& text) const
    {
        if (whole_.empty()) return text;
        std::string out;
        const std::string open = std::string("<!--") + islandMark;
        std::size_t from = 0;
        for (std::size_t at = text.find(open); at != std::string::npos; at = text.find(open, from)) {
            const std::size_t end = text.find("-->", at);
            out.append(text, from, at - from).append(whole_.at(std::stoul(text.substr(at + open.size(), end - at - open.size()))));
            from = end + 3;
        }
        return out.append(text, from);
    }

    std::string num(double v) const { return number(v, working_ ? exact : decimals_); }

    void proofing()
    {
        const art::Proofing& p = d_.proofing;
        if (p == art::Proofing{}) return;
        pugi::xml_node n = root_.append_child("rope:proofing");
        if (!p.process.empty()) set(n, "process", p.process);
        if (p.width > 0) set(n, "width", num(p.width));
        if (!p.plan.empty()) set(n, "plan", p.plan);
        for (const art::Meant& m : p.meant) {
            pugi::xml_node one = n.append_child("rope:meant");
            set(one, "kind", m.kind);
            set(one, "item", std::to_string(m.item));
            set(one, "at", num(m.at.x) + ' ' + num(m.at.y));
        }
    }

    std::string matrix(const curve::Affine& m) const
    {
        std::string out = "matrix(";
        for (const double v : {m.a, m.b, m.c, m.d, m.e}) out += num(v) + ' ';
        return out + num(m.f) + ')';
    }

    void layer(const art::Layer& l)
    {
        if (!working_ && (!l.shown || l.opacity <= 0)) return;
        pugi::xml_node g = root_.append_child("g");
        set(g, "id", "layer-" + std::to_string(l.id));
        if (working_) {
            set(g, "rope:layer", std::to_string(l.id));
            set(g, "rope:name", l.name);
            if (l.locked) set(g, "rope:locked", "true");
            if (!l.shown) set(g, "display", "none");
        }
        if (l.opacity < 1) set(g, "opacity", num(l.opacity));
        if (!working_ && !l.name.empty()) g.append_child("title").text().set(l.name.c_str());
        if (working_ && l.mirror) set(g, "rope:mirror", num(l.mirror->through.x) + ' ' + num(l.mirror->through.y) + ' ' + num(l.mirror->angle));
        for (const art::ItemPtr& i : working_ ? l.items : art::shownHalf(l)) item(g, *i);
        // The mirrored half is worked out again when it is read here.
        if (l.mirror) {
            const std::vector<art::ItemPtr> other = art::mirroredItems(l);
            if (!working_)
                for (const art::ItemPtr& i : other) item(g, *i);
            else if (!other.empty())
                plainly(g, [&](Writer& plain, pugi::xml_node to) {
                    for (const art::ItemPtr& i : other) plain.item(to, *i);
                });
        }
        if (!working_ && !drawn(g)) root_.remove_child(g);
    }

    static bool drawn(pugi::xml_node g) { return g.child("path") || g.child("g") || g.child("text"); }

    // What is shown for other viewers and worked out again when it is read here.
    template <class Act> void plainly(pugi::xml_node g, const Act& act)
    {
        Writer plain(d_, false, 3);
        pugi::xml_node other = g.append_child("g");
        set(other, "rope:derived", "true");
        plain.root_ = root_;
        plain.defs_ = defs_;
        plain.gradients_ = gradients_;
        plain.clips_ = clips_;
        plain.blurs_ = blurs_;
        plain.islands_ = islands_;
        plain.whole_ = std::move(whole_);
        act(plain, other);
        gradients_ = plain.gradients_;
        clips_ = plain.clips_;
        blurs_ = plain.blurs_;
        islands_ = plain.islands_;
        whole_ = std::move(plain.whole_);
        if (!other.first_child()) g.remove_child(other);
    }

    void item(pugi::xml_node g, const Item& i)
    {
        if (!working_ && (!i.shown || i.opacity <= 0)) return;
        std::visit(art::Each{[&](const Artwork& a) {
                                 if (a.inside.empty())
                                     artwork(g, i, a);
                                 else
                                     parent(g, i, a);
                             },
                             [&](const art::Reference& r) {
                                 if (working_) reference(g, i, r);
                             },
                             [&](const art::Group& group) { this->group(g, i, group); }, [&](const art::Island& k) { island(g, i, k); }},
                   i.is);
    }

    void group(pugi::xml_node g, const Item& i, const art::Group& group)
    {
        pugi::xml_node n = g.append_child("g");
        if (working_) set(n, "rope:group", "true");
        common(n, i);
        if (working_) {
            recipes::write(n, *group.live, part(i));
            if (group.made) set(n, "rope:made", std::to_string(group.made));
        }
        for (const art::ItemPtr& c : group.items) item(n, *c);
        if (!working_ && !drawn(n)) g.remove_child(n);
    }

    // The drawing stands in its place when the rest is text: nothing may be put between its words. Its names are made its own.
    void island(pugi::xml_node g, const Item& i, const art::Island& k)
    {
        if (!working_ && k.source->box.empty()) return;
        pugi::xml_node n = g.append_child("g");
        common(n, i);
        set(n, "transform", matrix(k.place));
        const std::string names = "island-" + std::to_string(working_ ? i.id : ++islands_) + '-';
        if (working_) {
            set(n, "rope:island", k.source->what);
            set(n, "rope:names", names);
            const curve::Box& b = k.source->box;
            if (!b.empty()) set(n, "rope:box", num(b.min.x) + ' ' + num(b.min.y) + ' ' + num(b.max.x) + ' ' + num(b.max.y));
        }
        n.append_child(pugi::node_comment).set_value((islandMark + std::to_string(whole_.size())).c_str());
        whole_.push_back(namedAnew(k.source->xml, names, true));
    }

    // An area with things inside: its fill, then those clipped by it, then its line.
    void parent(pugi::xml_node g, const Item& i, const Artwork& a)
    {
        if (!working_ && a.guide) return;
        pugi::xml_node n = g.append_child("g");
        if (working_) set(n, "rope:parent", "true");
        common(n, i);
        Item bare;
        bare.id = i.id;
        Artwork fill = a;
        fill.inside.clear();
        const bool strokes = a.stroke.colour && a.stroke.width > 0;
        const auto line = [&] {
            if (!strokes) return;
            Artwork only = a;
            only.inside.clear();
            only.fill = {};
            only.fill.colour.reset();
            if (working_)
                plainly(n, [&](Writer& plain, pugi::xml_node to) { plain.artwork(to, bare, only); });
            else
                artwork(n, bare, only);
        };
        if (a.stroke.behind) line();
        if (working_) {
            artwork(n, bare, fill, true);
        } else if (a.fill.colour) {
            fill.stroke = {};
            fill.stroke.colour.reset();
            artwork(n, bare, fill);
        }
        const std::string name = "clip-" + std::to_string(++clips_);
        pugi::xml_node clip = defs_.append_child("clipPath");
        set(clip, "id", name);
        pugi::xml_node shape = clip.append_child("path");
        if (a.fill.evenOdd) set(shape, "clip-rule", "evenodd");
        set(shape, "d", pathData(a.paths, working_ ? exact : decimals_));
        pugi::xml_node clipped = n.append_child("g");
        if (working_) set(clipped, "rope:inside", "true");
        set(clipped, "clip-path", "url(#" + name + ')');
        for (const art::ItemPtr& c : a.inside) item(clipped, *c);
        if (!a.stroke.behind) line();
    }

    void common(pugi::xml_node n, const Item& i)
    {
        if (working_) {
            set(n, "rope:item", std::to_string(i.id));
            set(n, "rope:name", i.name);
            if (i.locked) set(n, "rope:locked", "true");
            if (!i.shown) {
                set(n, "rope:shown", "false");
                set(n, "display", "none");
            }
            if (i.blur > 0) set(n, "rope:blur", num(i.blur));
            if (i.look) set(n, "rope:look", std::to_string(i.look));
        }
        if (!i.reference()) {
            const Artwork* a = i.artwork();
            const double opacity = i.opacity * (a && overlapFades(*a) ? a->fill.opacity : 1);
            if (opacity < 1) set(n, "opacity", num(opacity));
            if (working_ && opacity != i.opacity) set(n, "rope:opacity", num(i.opacity));
        }
        effects(n, i);
    }

    void effects(pugi::xml_node n, const Item& i)
    {
        std::string style;
        if (i.blend != art::Blend::normal) style = std::string("mix-blend-mode:") + art::cssName(i.blend);
        // What blends inside it stays inside it.
        if (const auto& below = art::childrenOf(i);
            std::any_of(below.begin(), below.end(), [](const art::ItemPtr& c) { return c->blend != art::Blend::normal; }))
            style += std::string(style.empty() ? "" : ";") + "isolation:isolate";
        if (!style.empty()) set(n, "style", style);
        if (i.blur > 0) set(n, "filter", "url(#" + blur(i) + ')');
    }

    // A rim of half-clear paint over itself would show: the fill's opacity is then that of the whole element.
    static bool overlapFades(const Artwork& a) { return reachesUnder(a) && a.fill.opacity < 1 && a.inside.empty(); }
    static bool reachesUnder(const Artwork& a)
    {
        if (!(a.fill.overlap > 0) || !a.fill.colour || a.stroke.colour) return false;
        if (!a.fill.gradient) return true;
        const auto& stops = a.fill.gradient->stops;
        return std::all_of(stops.begin(), stops.end(), [](const art::GradientStop& s) { return s.opacity >= 1; });
    }

    std::string blur(const Item& i)
    {
        const std::string name = "blur-" + std::to_string(++blurs_);
        pugi::xml_node f = defs_.append_child("filter");
        set(f, "id", name);
        set(f, "filterUnits", "userSpaceOnUse");
        const curve::Box b = art::bounds(i); // with the reach of the blur
        set(f, "x", num(b.min.x));
        set(f, "y", num(b.min.y));
        set(f, "width", num(b.width()));
        set(f, "height", num(b.height()));
        set(f, "color-interpolation-filters", "sRGB");
        set(f.append_child("feGaussianBlur"), "stdDeviation", num(i.blur));
        return name;
    }

    recipes::PartWriter part(const Item& i)
    {
        return [this, &i](pugi::xml_node n, const Artwork& a) {
            Item bare;
            bare.id = i.id;
            bare.name = i.name;
            artwork(n, bare, a);
        };
    }

    // `held`: the line is drawn by another element, above what lies inside.
    void artwork(pugi::xml_node g, const Item& i, const Artwork& a, bool held = false)
    {
        const std::string data = pathData(a.paths, working_ ? exact : decimals_);
        if ((data.empty() || a.guide) && !working_) return;
        const bool swells = a.stroke.swell && a.stroke.colour;
        if (swells && !working_) {
            swelled(g, i, a);
            return;
        }
        const std::optional<WordLines> words = words_ == WordsAs::text && !working_ && !held && a.inside.empty() ? wordLines(d_, a) : std::nullopt;
        pugi::xml_node n = g.append_child(words ? "text" : "path");
        Item traits = i;
        traits.is = a; // what its opacity means depends on the paint
        if (held)
            set(n, "rope:held", "true");
        else
            common(n, traits);
        const std::string fill = a.fill.colour && a.fill.gradient ? "url(#" + gradient(*a.fill.gradient) + ')'
                                 : a.fill.colour                  ? art::text(*a.fill.colour)
                                                                  : "none";
        set(n, "fill", fill);
        const bool fades = overlapFades(a) && !held;
        if (a.fill.opacity < 1) set(n, fades ? "rope:fill-opacity" : "fill-opacity", num(a.fill.opacity));
        if (a.fill.evenOdd) set(n, "fill-rule", "evenodd");
        const bool hidden = held || swells;
        if (reachesUnder(a)) {
            set(n, "stroke", fill);
            set(n, "stroke-width", num(2 * a.fill.overlap));
            set(n, "stroke-linejoin", "round");
        } else if (a.stroke.colour || working_) {
            const std::string line = a.stroke.colour && a.stroke.gradient ? "url(#" + gradient(*a.stroke.gradient) + ')'
                                     : a.stroke.colour                    ? art::text(*a.stroke.colour)
                                                                          : "none";
            set(n, "stroke", hidden ? "none" : line);
            if (working_ && a.stroke.gradient && a.stroke.colour) {
                set(n, "rope:stroke", art::text(*a.stroke.colour));
                set(n, "rope:stroke-gradient", "gradient-" + std::to_string(gradients_));
            }
            set(n, "stroke-width", num(a.stroke.width));
            if (a.stroke.opacity < 1) set(n, "stroke-opacity", num(a.stroke.opacity));
            set(n, "stroke-linecap", a.stroke.cap == art::Cap::round ? "round" : a.stroke.cap == art::Cap::square ? "square" : "butt");
            set(n, "stroke-linejoin", a.stroke.join == art::Join::round ? "round" : a.stroke.join == art::Join::mitre ? "miter" : "bevel");
            dashes(n, a.stroke);
        }
        if (a.stroke.behind && (a.stroke.colour || working_)) { // no attribute of SVG 1.1
            pugi::xml_attribute style = n.attribute("style");
            if (!style) style = n.append_attribute("style");
            const std::string before = style.value();
            style.set_value(((before.empty() ? "" : before + ';') + "paint-order:stroke").c_str());
        }
        if (working_) {
            if (a.fill.ink.ink) set(n, "rope:fill-ink", text(a.fill.ink));
            if (a.stroke.ink.ink) set(n, "rope:stroke-ink", text(a.stroke.ink));
            if (a.fill.gradient && a.fill.colour) set(n, "rope:fill-colour", art::text(*a.fill.colour));
            if (a.fill.lit != art::Lit::none) set(n, "rope:lit", a.fill.lit == art::Lit::warm ? "warm" : "cool");
            if (a.fill.overlap > 0) {
                set(n, "rope:overlap", num(a.fill.overlap) + ' ' + num(a.stroke.width));
                if (a.stroke.colour) set(n, "rope:lined", "true");
                if (reachesUnder(a)) {
                    line(n, a.stroke);
                    dashes(n, a.stroke);
                }
            }
            if (a.guide) {
                set(n, "rope:guide", "true");
                if (i.shown) set(n, "display", "none");
            }
            if (a.openMeant) set(n, "rope:open-meant", "true");
            if (a.stroke.keepsWidth) set(n, "rope:keeps-width", "true");
            set(n, "rope:kinds", kindsOf(a.paths));
            recipes::write(n, *a.live, part(i));
            if (a.made) set(n, "rope:made", std::to_string(a.made));
            if (a.stroke.swell) {
                std::string beads = num(a.stroke.swell->taperStart) + ' ' + num(a.stroke.swell->taperEnd);
                for (const curve::SwellBead& b : a.stroke.swell->beads) beads += ' ' + num(b.along) + ' ' + num(b.width);
                set(n, "rope:swell", beads);
            }
            if (!a.inside.empty()) { // of a part that is kept: no viewer looks here
                pugi::xml_node below = n.append_child("rope:inside");
                for (const art::ItemPtr& c : a.inside) item(below, *c);
            }
        }
        if (words) {
            writeWords(n, *words, decimals_);
            return;
        }
        set(n, "d", data);
        if (working_ && a.stroke.colour && hidden && !a.stroke.gradient) set(n, "rope:stroke", art::text(*a.stroke.colour));
        if (swells && !held) { // for other viewers; worked out again when it is read here
            pugi::xml_node shown = a.stroke.behind ? g.insert_child_before("path", n) : g.append_child("path");
            set(shown, "rope:derived", "true");
            if (!i.shown) set(shown, "display", "none");
            outline(shown, i, a);
        }
    }

    void dashes(pugi::xml_node n, const art::Stroke& s) const
    {
        if (s.mitreLimit != art::Stroke{}.mitreLimit) set(n, "stroke-miterlimit", num(s.mitreLimit));
        if (s.dashes.empty()) return;
        std::string text;
        for (const double d : s.dashes) text += (text.empty() ? "" : " ") + num(d);
        set(n, "stroke-dasharray", text);
        if (s.dashFrom != 0) set(n, "stroke-dashoffset", num(s.dashFrom));
    }

    // A line that is not drawn, kept for the day it is: its looks beside those that paint the rim.
    static void line(pugi::xml_node n, const art::Stroke& s)
    {
        const art::Stroke plain;
        if (s.opacity == plain.opacity && s.cap == plain.cap && s.join == plain.join) return;
        set(n, "rope:line", files::num(s.opacity) + ' ' + std::to_string(static_cast<int>(s.cap)) + ' ' + std::to_string(static_cast<int>(s.join)));
    }

    void inks()
    {
        for (const art::Ink& i : d_.inks) {
            pugi::xml_node n = root_.append_child("rope:ink");
            set(n, "id", std::to_string(i.id));
            set(n, "name", i.name);
            set(n, "colour", art::text(i.colour));
            if (i.meaning != art::Meaning::paint) set(n, "meaning", i.meaning == art::Meaning::willBeDark ? "dark" : "light");
        }
    }

    void light()
    {
        if (d_.light == art::Light{}) return;
        pugi::xml_node n = root_.append_child("rope:light");
        set(n, "angle", num(d_.light.angle));
        set(n, "height", num(d_.light.height));
        set(n, "strength", num(d_.light.strength));
        set(n, "warm", art::text(d_.light.warm));
        set(n, "cool", art::text(d_.light.cool));
        if (d_.light.warmInk.ink) set(n, "warm-ink", text(d_.light.warmInk));
        if (d_.light.coolInk.ink) set(n, "cool-ink", text(d_.light.coolInk));
    }

    // Fill and line are those of an artwork that is nowhere.
    void look(const art::NamedLook& l)
    {
        pugi::xml_node n = root_.append_child("rope:named-look");
        set(n, "id", std::to_string(l.id));
        set(n, "name", l.name);
        if (l.blend) set(n, "blend", art::cssName(*l.blend));
        if (l.opacity) set(n, "opacity", num(*l.opacity));
        if (l.blur) set(n, "blur", num(*l.blur));
        if (!l.fill && !l.line) return;
        Artwork a;
        a.stroke = l.line.value_or(art::Stroke{});
        if (!l.line) a.stroke.colour.reset();
        if (l.fill) a.fill = *l.fill;
        Item bare;
        artwork(n, bare, a);
        if (l.fill) set(n, "fills", "true");
        if (l.line) set(n, "lines", "true");
    }

    // Its name. In the unit of the gradient itself, placed by a transform: that covers every slant.
    std::string gradient(const art::Gradient& g)
    {
        const bool linear = g.kind == art::Gradient::Kind::linear;
        const std::string name = "gradient-" + std::to_string(++gradients_);
        pugi::xml_node n = defs_.append_child(linear ? "linearGradient" : "radialGradient");
        set(n, "id", name);
        set(n, "gradientUnits", "userSpaceOnUse");
        if (linear) {
            for (const auto& [key, v] : {std::pair{"x1", "0"}, {"y1", "0"}, {"x2", "1"}, {"y2", "0"}}) set(n, key, v);
        } else {
            for (const auto& [key, v] : {std::pair{"cx", "0"}, {"cy", "0"}, {"r", "1"}}) set(n, key, v);
            if (!(g.focus == curve::Vec2{})) {
                set(n, "fx", number(g.focus.x, working_ ? exact : 4));
                set(n, "fy", number(g.focus.y, working_ ? exact : 4));
            }
        }
        const curve::Affine& m = g.place;
        set(n, "gradientTransform", matrix(m));
        if (g.spread != art::Gradient::Spread::pad) set(n, "spreadMethod", g.spread == art::Gradient::Spread::reflect ? "reflect" : "repeat");
        if (working_ && g.byLight) set(n, "rope:by-light", "true");
        for (const art::GradientStop& s : g.stops) {
            pugi::xml_node stop = n.append_child("stop");
            set(stop, "offset", number(s.at, working_ ? exact : 4));
            set(stop, "stop-color", art::text(s.colour));
            if (s.opacity < 1) set(stop, "stop-opacity", number(s.opacity, working_ ? exact : 4));
            if (working_ && s.ink.ink) set(stop, "rope:ink", text(s.ink));
        }
        return name;
    }

    // The swelled line as the area it covers.
    void outline(pugi::xml_node n, const Item& i, const Artwork& a)
    {
        set(n, "fill", a.stroke.gradient ? "url(#" + gradient(*a.stroke.gradient) + ')' : art::text(*a.stroke.colour));
        if (working_)
            effects(n, i);
        else
            common(n, i);
        const double opacity = a.stroke.opacity * (working_ ? i.opacity : 1);
        if (opacity < 1) set(n, "fill-opacity", num(opacity));
        set(n, "d", pathData(art::swelledOutlines(a), working_ ? 3 : decimals_));
    }
    void swelled(pugi::xml_node g, const Item& i, const Artwork& a)
    {
        if (!a.fill.colour) {
            outline(g.append_child("path"), i, a);
            return;
        }
        // Line and area fade and blend as one.
        pugi::xml_node n = g.append_child("g");
        common(n, i);
        Item bare;
        Artwork area = a;
        area.stroke = {};
        area.stroke.colour.reset();
        if (a.stroke.behind) outline(n.append_child("path"), bare, a);
        artwork(n, bare, area);
        if (!a.stroke.behind) outline(n.append_child("path"), bare, a);
    }

    // Other programs show the file's picture, not the squared page: what lays three of the paper's corners where they belong.
    static curve::Affine ontoPage(const art::Reference& r)
    {
        if (!r.paper) return {};
        const pixel::PageSize size = art::pictureSize(r);
        const auto& c = *r.paper;
        const curve::Affine fromPage{
            (c[1].x - c[0].x) / size.width, (c[1].y - c[0].y) / size.width, (c[3].x - c[0].x) / size.height, (c[3].y - c[0].y) / size.height, c[0].x, c[0].y};
        return curve::inverse(fromPage).value_or(curve::Affine{});
    }

    void reference(pugi::xml_node g, const Item& i, const art::Reference& r)
    {
        if (!r.picture) return;
        pugi::xml_node n = g.append_child("image");
        common(n, i);
        const curve::Affine m = art::placement(r) * ontoPage(r);
        set(n, "transform", matrix(m));
        set(n, "width", std::to_string(r.picture->width));
        set(n, "height", std::to_string(r.picture->height));
        if (i.opacity >= 1) set(n, "opacity", num(r.dim));
        set(n, "rope:opacity", num(i.opacity));
        set(n, "rope:place", num(r.centre.x) + ' ' + num(r.centre.y) + ' ' + num(r.scale) + ' ' + num(r.turn));
        if (r.paper) {
            std::string corners;
            for (const pixel::Corner& c : *r.paper) corners += (corners.empty() ? "" : " ") + num(c.x) + ' ' + num(c.y);
            set(n, "rope:paper", corners);
        }
        if (!r.crop.empty()) set(n, "rope:crop", num(r.crop.min.x) + ' ' + num(r.crop.min.y) + ' ' + num(r.crop.max.x) + ' ' + num(r.crop.max.y));
        set(n, "rope:light", num(r.flattenLight) + ' ' + num(r.liftPaper) + ' ' + num(r.dim));
        if (const std::string elsewhere = link_ ? link_(*r.picture) : std::string(); !elsewhere.empty()) {
            set(n, "xlink:href", elsewhere);
            set(n, "rope:format", r.picture->format);
        } else {
            set(n, "xlink:href", "data:image/" + r.picture->format + ";base64," + base64(r.picture->bytes));
        }
    }
};

} // namespace

std::string writeWorkingSvg(const art::Document& d)
{
    return Writer(d, true, 3).run();
}
std::string writeWorkingSvg(const art::Document& d, const PictureLink& link)
{
    return Writer(d, true, 3, link).run();
}
std::string writeCleanSvg(const art::Document& d, int decimals, WordsAs words)
{
    return Writer(d, false, decimals, {}, words).run();
}

} // namespace softrope::files
