#include "art/build.h"
#include "art/edits.h"
#include "files/bytes.h"
#include "files/path_data.h"
#include "files/recipes.h"
#include "files/svg.h"

#include <pugixml.hpp>

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
    Writer(const art::Document& d, bool working, int decimals) : d_(d), working_(working), decimals_(decimals) {}

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
            set(root_, "rope:version", "1");
            set(root_, "rope:next-id", std::to_string(d_.nextId));
            set(root_, "rope:sheet", num(d_.sheet.width) + ' ' + num(d_.sheet.height));
            if (!d_.sheet.hasBackground && !(d_.sheet.background == art::Colour{255, 255, 255})) set(root_, "rope:background", art::text(d_.sheet.background));
        }
        defs_ = root_.append_child("defs");
        if (working_) inks();
        if (!d_.title.empty()) root_.append_child("title").text().set(d_.title.c_str());
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
        if (!defs_.first_child()) root_.remove_child(defs_);
        std::ostringstream out;
        xml_.save(out, " ", pugi::format_default, pugi::encoding_utf8);
        return out.str();
    }

private:
    const art::Document& d_;
    bool working_;
    int decimals_;
    pugi::xml_document xml_;
    pugi::xml_node root_, defs_;
    int gradients_ = 0;

    std::string num(double v) const { return number(v, working_ ? exact : decimals_); }
    static void set(pugi::xml_node n, const char* name, const std::string& v) { n.append_attribute(name) = v.c_str(); }

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
        if (working_ && l.tones) recipes::write(g, *l.tones);
        if (working_ && l.facets) recipes::write(g, *l.facets);
        if (working_ && l.mirror) set(g, "rope:mirror", num(l.mirror->through.x) + ' ' + num(l.mirror->through.y) + ' ' + num(l.mirror->angle));
        for (const art::ItemPtr& i : l.items) {
            if (const Artwork* a = i->artwork())
                artwork(g, *i, *a);
            else if (working_)
                reference(g, *i, *i->reference());
        }
        // The mirrored half is worked out again when it is read here.
        for (const Item& i : art::mirroredItems(l)) {
            if (!working_) {
                artwork(g, i, *i.artwork());
                continue;
            }
            Writer plain(d_, false, 3);
            pugi::xml_node other = g.append_child("g");
            set(other, "rope:derived", "true");
            plain.root_ = root_;
            plain.defs_ = defs_;
            plain.gradients_ = gradients_;
            plain.artwork(other, i, *i.artwork());
            gradients_ = plain.gradients_;
            if (!other.first_child()) g.remove_child(other);
        }
        if (!working_ && !g.child("path")) root_.remove_child(g);
    }

    void common(pugi::xml_node n, const Item& i)
    {
        if (working_) {
            set(n, "rope:item", std::to_string(i.id));
            set(n, "rope:name", i.name);
        }
        if (i.opacity < 1) set(n, "opacity", num(i.opacity));
    }

    void artwork(pugi::xml_node g, const Item& i, const Artwork& a)
    {
        const std::string data = pathData(a.paths, working_ ? exact : decimals_);
        if ((data.empty() || a.guide) && !working_) return;
        const bool swells = a.stroke.swell && a.stroke.colour;
        if (swells && !working_) {
            swelled(g, i, a);
            return;
        }
        pugi::xml_node n = g.append_child("path");
        common(n, i);
        const std::string fill = a.fill.colour && a.fill.gradient ? "url(#" + gradient(*a.fill.gradient) + ')'
                                 : a.fill.colour                  ? art::text(*a.fill.colour)
                                                                  : "none";
        set(n, "fill", fill);
        if (a.fill.opacity < 1) set(n, "fill-opacity", num(a.fill.opacity));
        if (a.fill.evenOdd) set(n, "fill-rule", "evenodd");
        const bool overlaps = a.fill.overlap > 0 && a.fill.colour && !a.stroke.colour;
        if (overlaps) { // reaches under its neighbours
            set(n, "stroke", fill);
            set(n, "stroke-width", num(2 * a.fill.overlap));
            set(n, "stroke-linejoin", "round");
            if (a.fill.opacity < 1) set(n, "stroke-opacity", num(a.fill.opacity));
        } else if (a.stroke.colour || working_) {
            set(n, "stroke", a.stroke.colour && !swells ? art::text(*a.stroke.colour) : "none");
            set(n, "stroke-width", num(a.stroke.width));
            if (a.stroke.opacity < 1) set(n, "stroke-opacity", num(a.stroke.opacity));
            set(n, "stroke-linecap", a.stroke.cap == art::Cap::round ? "round" : "butt");
            set(n, "stroke-linejoin", a.stroke.join == art::Join::round ? "round" : a.stroke.join == art::Join::mitre ? "miter" : "bevel");
        }
        if (working_) {
            if (a.fill.ink.ink) set(n, "rope:fill-ink", use(a.fill.ink));
            if (a.stroke.ink.ink) set(n, "rope:stroke-ink", use(a.stroke.ink));
            if (a.fill.gradient && a.fill.colour) set(n, "rope:fill-colour", art::text(*a.fill.colour));
            if (a.drop) drop(n, *a.drop);
            if (a.fill.overlap > 0) set(n, "rope:overlap", num(a.fill.overlap) + ' ' + num(a.stroke.width));
            if (a.guide) {
                set(n, "rope:guide", "true");
                set(n, "display", "none");
            }
            if (a.combined) combined(n, i, *a.combined);
            if (a.stroke.keepsWidth) set(n, "rope:keeps-width", "true");
            std::string kinds;
            for (const curve::Path& p : a.paths) {
                for (const curve::Node& node : p.nodes) kinds += node.kind == curve::NodeKind::smooth ? 's' : 'c';
                kinds += ' ';
            }
            set(n, "rope:kinds", kinds);
            if (a.drawn) drawn(n, *a.drawn);
            if (a.rounding) rounding(n, *a.rounding);
            if (a.stroke.swell) {
                std::string text = num(a.stroke.swell->taperStart) + ' ' + num(a.stroke.swell->taperEnd);
                for (const curve::SwellBead& b : a.stroke.swell->beads) text += ' ' + num(b.along) + ' ' + num(b.width);
                set(n, "rope:swell", text);
            }
        }
        set(n, "d", data);
        if (swells) { // for other viewers; worked out again when it is read here
            set(n, "rope:stroke", art::text(*a.stroke.colour));
            pugi::xml_node shown = g.append_child("path");
            set(shown, "rope:derived", "true");
            outline(shown, i, a);
        }
    }

    static std::string use(art::InkUse u) { return std::to_string(u.ink) + ' ' + std::to_string(u.tint); }

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
        }
        const curve::Affine& m = g.place;
        set(n, "gradientTransform", "matrix(" + num(m.a) + ' ' + num(m.b) + ' ' + num(m.c) + ' ' + num(m.d) + ' ' + num(m.e) + ' ' + num(m.f) + ')');
        for (const art::GradientStop& s : g.stops) {
            pugi::xml_node stop = n.append_child("stop");
            set(stop, "offset", number(s.at, working_ ? exact : 4));
            set(stop, "stop-color", art::text(s.colour));
            if (s.opacity < 1) set(stop, "stop-opacity", number(s.opacity, working_ ? exact : 4));
            if (working_ && s.ink.ink) set(stop, "rope:ink", use(s.ink));
        }
        return name;
    }

    void drop(pugi::xml_node n, const art::Drop& d)
    {
        set(n, "rope:drop", num(d.seed.x) + ' ' + num(d.seed.y));
        std::string text;
        for (const art::LineSide& s : d.lines) text += (s.left ? "" : "-") + std::to_string(s.line) + ' ';
        set(n, "rope:drop-lines", text);
        text.clear();
        for (const curve::Vec2 p : d.leaks) text += num(p.x) + ' ' + num(p.y) + ' ';
        if (!text.empty()) set(n, "rope:drop-leaks", text);
    }

    // The parts of a live shape, kept inside it where no viewer looks.
    void combined(pugi::xml_node n, const Item& i, const art::Combined& c)
    {
        static const char* const names[] = {"union", "difference", "intersection", "exclude"};
        pugi::xml_node parts = n.append_child("rope:parts");
        set(parts, "operation", names[static_cast<std::size_t>(c.operation)]);
        for (const Artwork& a : c.parts) artwork(parts, i, a);
    }

    // The swelled line as the area it covers.
    void outline(pugi::xml_node n, const Item& i, const Artwork& a)
    {
        set(n, "fill", art::text(*a.stroke.colour));
        const double opacity = a.stroke.opacity * i.opacity;
        if (opacity < 1) set(n, "fill-opacity", num(opacity));
        set(n, "d", pathData(*art::swelledOutlines(a), working_ ? 3 : decimals_));
    }
    void swelled(pugi::xml_node g, const Item& i, const Artwork& a)
    {
        if (a.fill.colour) {
            Artwork area = a;
            area.stroke = {};
            artwork(g, i, area);
        }
        outline(g.append_child("path"), i, a);
    }

    void rounding(pugi::xml_node n, const art::Rounding& r)
    {
        set(n, "rope:sharp", pathData(r.before, exact));
        std::string text;
        for (std::size_t p = 0; p < r.radii.size(); ++p)
            for (const curve::CornerRadius& c : r.radii[p]) text += std::to_string(p) + ' ' + std::to_string(c.node) + ' ' + num(c.radius) + ' ';
        set(n, "rope:radii", text);
    }

    void drawn(pugi::xml_node n, const art::Drawn& d)
    {
        set(n, "rope:slack", num(d.slack));
        set(n, "rope:steadying", num(d.steadying));
        set(n, "rope:grain", num(d.grain));
        std::string text;
        for (const art::HandSample& s : d.samples) {
            for (const double v : {s.at.x, s.at.y}) text += num(v) + ' ';
            for (const float v : {s.pressure, s.tiltX, s.tiltY, s.time}) text += num(static_cast<double>(v)) + ' ';
        }
        set(n, "rope:samples", text);
    }

    void reference(pugi::xml_node g, const Item& i, const art::Reference& r)
    {
        if (!r.picture) return;
        pugi::xml_node n = g.append_child("image");
        common(n, i);
        const curve::Affine m = art::placement(r);
        set(n, "transform", "matrix(" + num(m.a) + ' ' + num(m.b) + ' ' + num(m.c) + ' ' + num(m.d) + ' ' + num(m.e) + ' ' + num(m.f) + ')');
        set(n, "width", std::to_string(r.picture->width));
        set(n, "height", std::to_string(r.picture->height));
        if (i.opacity >= 1) set(n, "opacity", num(r.dim));
        set(n, "rope:opacity", num(i.opacity));
        set(n, "rope:place", num(r.centre.x) + ' ' + num(r.centre.y) + ' ' + num(r.scale) + ' ' + num(r.turn));
        if (!r.crop.empty()) set(n, "rope:crop", num(r.crop.min.x) + ' ' + num(r.crop.min.y) + ' ' + num(r.crop.max.x) + ' ' + num(r.crop.max.y));
        set(n, "rope:light", num(r.flattenLight) + ' ' + num(r.liftPaper) + ' ' + num(r.dim));
        set(n, "xlink:href", "data:image/" + r.picture->format + ";base64," + base64(r.picture->bytes));
    }
};

} // namespace

std::string writeWorkingSvg(const art::Document& d)
{
    return Writer(d, true, 3).run();
}
std::string writeCleanSvg(const art::Document& d, int decimals)
{
    return Writer(d, false, decimals).run();
}

} // namespace softrope::files
