#include "files/svg_items.h"

#include "art/edits.h"
#include "art/lettering.h"
#include "art/line_outline.h"
#include "art/tree.h"
#include "curve/similarity.h"
#include "files/basic_shapes.h"
#include "files/clip_paths.h"
#include "files/island.h"
#include "files/markers.h"
#include "files/path_data.h"
#include "files/svg_artwork.h"
#include "files/svg_image.h"
#include "files/view_box.h"
#include "files/xml.h"
#include "render/island.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstring>

namespace softrope::files {

using art::Artwork;
using art::Id;
using art::Item;
using art::ItemPtr;
using curve::Affine;
using curve::Path;
using curve::Paths;
using List = Items::List;

namespace {

constexpr int deepest = 200;         // groups inside groups; more is refused rather than followed
constexpr int deepestItems = 16;     // groups that stay groups; deeper ones are flattened
constexpr int mostAgain = 300000;    // elements shown again: a hostile file asks for billions
constexpr std::size_t mostUses = 20; // uses inside uses
constexpr const char* usesLeft = words::marked("%n use(s) of another element");

bool anyBlends(const List& items)
{
    return std::any_of(items.begin(), items.end(), [](const ItemPtr& i) { return i->blend != art::Blend::normal; });
}

// Where the element's x and y put what it shows.
Affine cornerOf(pugi::xml_node n, const Lengths& by)
{
    return curve::translation({by.across(n.attribute("x").value()).value_or(0), by.down(n.attribute("y").value()).value_or(0)});
}

// The deviation of a filter that is one Gaussian blur; less than nothing for others.
double blurOf(pugi::xml_node filter)
{
    const pugi::xml_node first = filter.first_child();
    if (localName(filter) != "filter" || !first || first.next_sibling() || localName(first) != "feGaussianBlur") return -1;
    const std::string_view in = first.attribute("in").value();
    if ((!in.empty() && in != "SourceGraphic") || std::strcmp(filter.attribute("primitiveUnits").value(), "objectBoundingBox") == 0) return -1;
    for (const char* own : {"x", "y", "width", "height"}) // a region of its own
        if (first.attribute(own)) return -1;
    const auto sigma = numbers(first.attribute("stdDeviation").value());
    if (sigma.empty() || (sigma.size() > 1 && sigma[0] != sigma[1])) return -1;
    return sigma[0];
}

// Whether the filter's region cuts off what its blur of the shape gives (SVG 1.1, 15.5: a tenth of the bounds all round unless it is said
// otherwise). Of groups it is not known.
bool cutOff(pugi::xml_node n, pugi::xml_node filter, double sigma, const Lengths& by)
{
    const auto paths = pathsOfShape(n, by);
    if (!paths || sigma <= 0) return false;
    const curve::Box b = curve::bounds(*paths);
    if (b.empty()) return false;
    const bool own = std::strcmp(filter.attribute("filterUnits").value(), "userSpaceOnUse") == 0;
    const Lengths unit{1, 1, by.font};
    const auto at = [&](const char* name, double otherwise, double whole) {
        const char* text = filter.attribute(name).value();
        return own ? by.of(text, whole).value_or(otherwise * whole) : unit.of(text, 1).value_or(otherwise);
    };
    const double x = at("x", -0.1, by.width), y = at("y", -0.1, by.height), w = at("width", 1.2, by.width), h = at("height", 1.2, by.height);
    const curve::Box region =
        own ? curve::Box{{x, y}, {x + w, y + h}}
            : curve::Box{{b.min.x + x * b.width(), b.min.y + y * b.height()}, {b.min.x + (x + w) * b.width(), b.min.y + (y + h) * b.height()}};
    const curve::Box needed = b.grown(2 * sigma); // what lies further out is hardly seen
    return !(region.contains(needed.min) && region.contains(needed.max));
}

} // namespace

void Items::children(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
{
    if (depth > deepest) {
        reading_.missed.add(words::marked("%n group(s) too deeply nested"));
        return;
    }
    for (const pugi::xml_node c : n.children())
        if (c.type() == pugi::node_element) element(c, style, m, to, depth);
}

recipes::PartReader Items::partReader()
{
    return [this](pugi::xml_node n) {
        Style style;
        style.apply(n);
        return ours(n, style, {});
    };
}

// Paths of our own, whose nodes' kinds are told beside them.
Artwork Items::ours(pugi::xml_node n, const Style& style, const Affine& m)
{
    Paths paths = parsePathData(n.attribute("d").value()).paths;
    setKinds(paths, n.attribute("rope:kinds").value());
    return artwork(n, std::move(paths), style, m);
}

// What the element says of the item itself. Its effects are taken out of the style: they are not inherited.
Item Items::traitsOf(pugi::xml_node n, Style& style, const Affine& m)
{
    Item i;
    i.name = n.attribute("rope:name") ? n.attribute("rope:name").value() : n.attribute("id").value();
    i.locked = flagged(n, "rope:locked");
    i.opacity = style.opacity;
    i.look = std::min<Id>(n.attribute("rope:look").as_ullong(0), Ids::most);
    if (const auto o = numbers(n.attribute("rope:opacity").value()); o.size() == 1) i.opacity = std::clamp(o[0], 0.0, 1.0);
    i.blend = style.blend;
    i.shown = reading_.working ? std::strcmp(n.attribute("rope:shown").value(), "false") != 0 : !style.leftOut;
    if (!style.filter.empty()) {
        const double own = one(n, "rope:blur", -1);
        const double sigma = own >= 0 ? own : blurOf(reading_.named.find(style.filter)) * curve::meanScale(m);
        if (std::isfinite(sigma) && sigma >= 0)
            i.blur = std::min(sigma, art::mostBlur);
        else
            reading_.missed.add(words::marked("%n filter(s) (drawn without)"));
    }
    style.opacity = 1;
    style.blend = art::Blend::normal;
    style.filter.clear();
    style.leftOut = false;
    return i;
}

Artwork Items::artwork(pugi::xml_node n, Paths paths, const Style& s, const Affine& m)
{
    Artwork a = artworkOf(reading_, n, std::move(paths), s, m, partReader());
    if (const pugi::xml_node below = n.child("rope:inside")) {
        List inside;
        const bool was = std::exchange(inPart_, true);
        children(below, {}, {}, inside, 1);
        inPart_ = was;
        a.inside = std::move(inside);
    }
    return a;
}

void Items::put(pugi::xml_node n, Item i, List& to)
{
    const Id given = n.attribute("rope:item").as_ullong(0);
    i.id = inPart_ ? std::min<Id>(given, Ids::most) : reading_.ids.free(given);
    to.push_back(art::shared(std::move(i)));
}

void Items::element(pugi::xml_node n, Style style, const Affine& parent, List& to, int depth)
{
    if (flagged(n, "rope:derived")) return; // shown for others, worked out again here
    const std::string name = localName(n);
    for (const char* said :
         {"",       "defs",     "style",  "script", "symbol", "marker",   "mask",      "pattern",  "tones",  "facets",         "mesh",
          "repeat", "part-use", "inside", "title",  "desc",   "metadata", "namedview", "clipPath", "filter", "linearGradient", "radialGradient"})
        if (name == said) return;
    if (!using_.empty() && ++again_ > mostAgain) return; // said of the use
    // Not inherited: each element has its own.
    style.filter.clear();
    style.clip.clear();
    style.mask.clear();
    style.isolated = false;
    style.evenWidth = false;
    style.apply(n);
    if (n.attribute("rope:guide")) style.leftOut = false;
    round_.push_back(n);
    drawn(n, style, parent, to, depth);
    round_.pop_back();
}

void Items::drawn(pugi::xml_node n, const Style& style, const Affine& parent, List& to, int depth)
{
    const Affine m = parent * transformOf(n.attribute("transform").value());
    const std::optional<Clip> clip = style.clip.empty() || depth > deepestItems ? std::nullopt : clipOf(reading_.named, n, style, m);
    words_ = localName(n) == "text" ? textLines(n, style, m, apart_ ? Typefaces::nearest : Typefaces::asked) : std::nullopt;
    const std::string what = apart_ ? std::string() : beyond(n, style, clip.has_value());
    if (!what.empty() && island(n, style, parent, what, to)) return;
    if (!style.mask.empty()) reading_.missed.add(words::marked("%n mask(s) (drawn without)"));
    if (!style.clip.empty() && !clip) reading_.missed.add(words::marked("%n clip path(s) (drawn without)"));
    if (clip)
        clipped(n, *clip, style, m, to, depth);
    else
        unclipped(n, style, m, to, depth);
}

// -- islands --------------------------------------------------------------------------------------------------------------------------

std::string Items::beyond(pugi::xml_node n, const Style& style, bool clips) const
{
    std::string out;
    if (reading_.working) return out;
    const auto add = [&](const char* what) { out += (out.empty() ? "" : " ") + std::string(what); };
    const auto is = [&](const std::string& named, const char* kind) { return !named.empty() && localName(reading_.named.find(named)) == kind; };
    const std::string name = localName(n);
    if (is(style.mask, "mask")) add("mask");
    if (!style.filter.empty()) {
        const pugi::xml_node filter = reading_.named.find(style.filter);
        const double sigma = blurOf(filter);
        if (sigma < 0 || cutOff(n, filter, sigma, style.lengths)) add("filter");
    }
    if (is(style.clip, "clipPath") && !clips) add("clip-path");
    if (name == "text" && !words_) add("text");
    if (name == "image" && std::strncmp(hrefOf(n), "data:", 5) == 0) add("image");
    const bool line = name == "path" || name == "line" || name == "polyline" || name == "polygon";
    if (line || name == "rect" || name == "circle" || name == "ellipse") {
        if (is(style.fill.server, "pattern") || is(style.stroke.server, "pattern")) add("pattern");
        // Of arcs, which are several pieces here, the corners are not known any more.
        if (line && is(style.markers[1], "marker") && std::strpbrk(n.attribute("d").value(), "Aa")) add("marker");
    }
    return out;
}

bool Items::island(pugi::xml_node n, const Style& style, const Affine& parent, const std::string& what, List& to)
{
    constexpr std::size_t mostBytes = std::size_t{128} << 20;
    std::optional<std::string> xml;
    if (islandBytes_ < mostBytes) xml = islandOf(reading_.named, n, {round_.begin(), round_.end() - 1}, style.lengths);
    curve::Box sheet; // in the units of the part
    if (const auto back = curve::inverse(parent))
        for (const double x : {0.0, reading_.document.sheet.width})
            for (const double y : {0.0, reading_.document.sheet.height}) sheet.add(*back * curve::Vec2{x, y});
    const std::optional<curve::Box> box = xml ? render::islandBox(*xml, sheet) : std::nullopt;
    if (!box) {
        reading_.missed.add(words::marked("%n part(s) that cannot be kept whole (drawn as far as it goes)"));
        return false;
    }
    if (box->empty()) return true; // it paints nothing
    if (!art::withinReach(curve::transformed(curve::rectangle(box->min, box->max), parent))) {
        reading_.missed.add(words::marked("%n shape(s) with numbers out of range"));
        return true;
    }
    islandBytes_ += xml->size();
    art::Island k;
    k.place = parent;
    k.source = art::shared(art::IslandSource{std::move(*xml), *box, what});
    Item i;
    i.name = n.attribute("id").value();
    i.blend = style.blend;
    i.is = std::move(k);
    reading_.missed.add(words::marked("%n part(s) kept whole: %1"), what);
    put(n, std::move(i), to);
    return true;
}

// One of ours.
void Items::ownIsland(pugi::xml_node n, const Style& style, const Affine& m, List& to)
{
    Style own = style;
    Item i = traitsOf(n, own, m);
    const pugi::xml_node svg = n.child("svg");
    const auto box = numbers(n.attribute("rope:box").value());
    if (!svg) {
        reading_.missed.add(words::marked("%n broken part(s) kept whole"));
        return;
    }
    art::IslandSource s;
    s.xml = namedAnew(rawText(svg), n.attribute("rope:names").value(), false);
    if (box.size() == 4) s.box = {{box[0], box[1]}, {box[2], box[3]}};
    s.what = n.attribute("rope:island").value();
    i.is = art::Island{art::shared(std::move(s)), m};
    put(n, std::move(i), to);
}

void Items::unclipped(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
{
    const std::string name = localName(n);
    bool fault = false;
    if (name == "g" && n.attribute("rope:island")) {
        ownIsland(n, style, m, to);
    } else if (name == "g" || name == "a" || name == "switch") {
        group(n, style, m, to, depth);
    } else if (name == "use") {
        use(n, style, m, to, depth);
    } else if (name == "svg") {
        innerView(n, style, m, to, depth);
    } else if (name == "image") {
        if (auto r = referenceOf(reading_, n, m)) {
            Style own = style;
            Item i = traitsOf(n, own, m);
            i.is = std::move(*r);
            put(n, std::move(i), to);
        }
    } else if (auto paths = pathsOfShape(n, style.lengths, &fault)) {
        if (fault) reading_.missed.add(words::marked("%n path(s) broken off at a fault"));
        setKinds(*paths, n.attribute("rope:kinds").value());
        if (!reading_.working && marked(n, *paths, style, m, to, depth)) return;
        lined(n, std::move(*paths), style, m, to);
    } else if (name == "text" && text(n, style, m, to, depth)) {
        return;
    } else if (!style.hidden && !style.leftOut) {
        if (name == "text")
            reading_.missed.add(words::marked("%n text(s)"));
        else
            reading_.missed.add(words::marked("%n %1 element(s)"), name);
    }
}

// Lettering; of several lines a group.
bool Items::text(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
{
    auto lines = std::exchange(words_, std::nullopt);
    if (!lines) return false;
    Style s = style;
    Item i = traitsOf(n, s, m);
    List set;
    for (TextLine& line : *lines) {
        auto paths = art::letteringPaths(line.lettering, {});
        if (!paths || paths->empty()) continue;
        if (!std::all_of(paths->begin(), paths->end(), art::withinReach)) {
            reading_.missed.add(words::marked("%n shape(s) with numbers out of range"));
            continue;
        }
        if (line.standsIn) reading_.missed.add(words::marked("%n line(s) of words set in %1"), line.lettering.type.family);
        Item one;
        one.name = art::nameOf(line.lettering);
        one.shown = !line.style.hidden;
        one.id = reading_.ids.next();
        Artwork a = artwork(n, {}, line.style, m);
        a.setDerived(std::move(*paths), art::shared(std::move(line.lettering)), 0);
        one.is = std::move(a);
        set.push_back(art::shared(std::move(one)));
    }
    if (set.empty()) return true;
    if (set.size() == 1) { // what is said of the whole is said of it
        Item one = *set.front();
        one.opacity = i.opacity;
        one.blend = i.blend;
        one.blur = i.blur;
        one.shown = one.shown && i.shown;
        to.push_back(art::shared(std::move(one)));
        return true;
    }
    together(n, std::move(i), std::move(set), {}, style.isolated, to, depth);
    return true;
}

void Items::shape(pugi::xml_node n, Paths paths, Style s, const Affine& m, List& to)
{
    Item i = traitsOf(n, s, m);
    if (!reading_.working && s.hidden) i.shown = false;
    Artwork a = artwork(n, std::move(paths), s, m);
    // Ours stays: a live part that gives nothing now may give something again.
    if (a.paths.empty() && !n.attribute("rope:item")) return;
    i.is = std::move(a);
    put(n, std::move(i), to);
}

void Items::lined(pugi::xml_node n, Paths paths, const Style& style, const Affine& m, List& to)
{
    const bool line = (style.stroke.colour || !style.stroke.server.empty()) && style.strokeWidth > 0;
    if (line && !reading_.working && !curve::keepsShapes(m, 1e-3) && !style.evenWidth)
        stretched(n, paths, style, m, to);
    else
        shape(n, std::move(paths), style, m, to);
}

// The line and what stands on it as one group (SVG 1.1, 11.6.2).
bool Items::marked(pugi::xml_node n, const Paths& paths, const Style& style, const Affine& m, List& to, int depth)
{
    const std::string name = localName(n);
    if (name != "path" && name != "line" && name != "polyline" && name != "polygon") return false;
    std::array<pugi::xml_node, 3> markers;
    bool any = false;
    for (std::size_t k = 0; k < 3; ++k) {
        const pugi::xml_node found = style.markers[k].empty() ? pugi::xml_node() : reading_.named.find(style.markers[k]);
        if (localName(found) != "marker" || std::find(using_.begin(), using_.end(), found) != using_.end()) continue;
        markers[k] = found;
        any = true;
    }
    if (!any || style.hidden) return false;
    Style s = style;
    Item i = traitsOf(n, s, m);
    List both;
    lined(n, paths, s, m, both);
    for (const MarkerPlace& at : markerPlaces(paths)) {
        const pugi::xml_node marker = markers[static_cast<std::size_t>(at.at)];
        if (!marker || again_ > mostAgain) continue;
        using_.push_back(marker);
        markerAt(marker, at, style, m, both, depth + 1);
        using_.pop_back();
    }
    together(n, std::move(i), std::move(both), {}, false, to, depth);
    return true;
}

void Items::markerAt(pugi::xml_node marker, const MarkerPlace& at, const Style& on, const Affine& m, List& to, int depth)
{
    // It inherits from where it stands in the file, not from the line.
    std::vector<pugi::xml_node> round;
    for (pugi::xml_node a = marker; a && a.type() == pugi::node_element; a = a.parent()) round.push_back(a);
    Style style;
    style.sheet = on.sheet;
    style.lengths = on.lengths;
    for (auto a = round.rbegin(); a != round.rend(); ++a) style.apply(*a);
    style.opacity = 1;
    style.blend = art::Blend::normal;
    style.leftOut = style.hidden = false;
    const auto says = [&](const char* name, double otherwise, double whole) {
        return on.lengths.of(marker.attribute(name).value(), whole).value_or(otherwise);
    };
    const double w = says("markerWidth", 3, on.lengths.width), h = says("markerHeight", 3, on.lengths.height);
    const curve::Vec2 ref{says("refX", 0, w), says("refY", 0, h)};
    const double unit = std::strcmp(marker.attribute("markerUnits").value(), "userSpaceOnUse") == 0 ? 1 : on.strokeWidth;
    const std::string orient = marker.attribute("orient").value();
    double angle = at.angle;
    if (orient == "auto-start-reverse" && at.at == MarkerPlace::At::start) angle += curve::pi;
    if (orient.rfind("auto", 0) != 0) {
        const auto fixed = numbers(orient.c_str());
        angle = fixed.empty() ? 0 : curve::radians(fixed.front());
    }
    const Affine place =
        m * curve::translation(at.point) * curve::rotation(angle) * curve::scaling(unit, unit) * curve::translation(-(fittedView(marker, w, h) * ref));
    const std::vector<pugi::xml_node> was = std::exchange(round_, {round.rbegin(), round.rend()});
    frame(marker, w, h, style, place, to, depth);
    round_ = was;
}

void Items::stretched(pugi::xml_node n, const Paths& paths, Style s, const Affine& m, List& to)
{
    // The line is worked out at about its size on the sheet, so that it is as exact there; a hairline larger, what is very large smaller.
    const double onSheet = std::max(1e-9, curve::meanScale(m));
    const curve::Box bounds = curve::bounds(paths);
    const double extent = bounds.empty() ? 0 : std::max(bounds.width(), bounds.height()), largest = 2000 / std::max(1e-9, extent);
    const double scale = std::min(std::max(1.0, 4 / std::max(1e-9, s.strokeWidth * onSheet)) * onSheet, std::max(onSheet, largest));
    // A hairline, whose unevenness nobody sees; and what no outline is worth its nodes of.
    const art::Sheet& sheet = reading_.document.sheet;
    if (s.strokeWidth * onSheet < 5e-4 * std::max(sheet.width, sheet.height) || extent * scale > 1e6 || !std::isfinite(scale)) {
        shape(n, paths, std::move(s), m, to);
        return;
    }
    Item i = traitsOf(n, s, m);
    if (s.hidden) i.shown = false;
    const Affine size = curve::scaling(scale, scale), rest = m * curve::scaling(1 / scale, 1 / scale);
    Artwork area = artwork(n, paths, s, size);
    Artwork line = area;
    curve::Paths covered = area.stroke.colour ? art::lineOutlines(area) : curve::Paths{};
    area.stroke = {};
    area.stroke.colour.reset();
    area = art::transformed(std::move(area), rest);
    line.fill = {};
    line.fill.colour = line.stroke.colour;
    line.fill.gradient = line.stroke.gradient;
    line.fill.opacity = line.stroke.opacity;
    line.stroke = {};
    line.stroke.colour.reset();
    line.setPaths(std::move(covered));
    line = art::transformed(std::move(line), rest);
    List both;
    const auto add = [&](Artwork a) {
        if (a.paths->empty() || !a.fill.colour) return;
        if (!std::all_of(a.paths->begin(), a.paths->end(), art::withinReach)) {
            reading_.missed.add(words::marked("%n shape(s) with numbers out of range"));
            return;
        }
        Item one;
        one.is = std::move(a);
        one.id = reading_.ids.next();
        both.push_back(art::shared(std::move(one)));
    };
    if (s.lineFirst) add(line);
    add(std::move(area));
    if (!s.lineFirst) add(std::move(line));
    together(n, std::move(i), std::move(both), {}, false, to, 0);
}

// -- groups ---------------------------------------------------------------------------------------------------------------------------

// A group of any file. Plain ones that hold one thing are dissolved, and so are those too deep to be kept or without which things
// would blend otherwise.
void Items::group(pugi::xml_node n, Style style, const Affine& m, List& to, int depth)
{
    Item i = traitsOf(n, style, m);
    if (flagged(n, "rope:parent")) {
        parent(n, std::move(i), style, m, to, depth);
        return;
    }
    const bool ours = flagged(n, "rope:group");
    art::GroupRecipe live = ours ? recipes::readGroup(n, partReader()) : art::GroupRecipe{};
    List items;
    if (localName(n) == "switch")
        chosen(n, style, m, items, depth + 1);
    else
        children(n, style, m, items, depth + 1);
    together(n, std::move(i), std::move(items), std::move(live), style.isolated, to, depth);
}

// Of a switch: the first that asks for nothing we cannot do (SVG 1.1, 5.8.2).
void Items::chosen(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
{
    for (const pugi::xml_node c : n.children()) {
        if (c.type() != pugi::node_element || localName(c).empty()) continue;
        const std::string_view languages = c.attribute("systemLanguage").value();
        if (c.attribute("requiredExtensions") || localName(c) == "foreignObject") continue;
        if (c.attribute("systemLanguage") && languages.find("en") == std::string_view::npos) continue;
        element(c, style, m, to, depth);
        return;
    }
}

void Items::together(pugi::xml_node n, Item i, List items, art::GroupRecipe live, bool isolated, List& to, int depth)
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
        reading_.missed.add(words::marked("%n group(s) nested deeper than %1 (flattened)"), std::to_string(deepestItems));
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
void Items::parent(pugi::xml_node n, Item i, const Style& style, const Affine& m, List& to, int depth)
{
    List others, inside;
    std::optional<Artwork> area;
    for (const pugi::xml_node c : n.children()) {
        if (flagged(c, "rope:held") && !area) {
            Style own = style;
            own.apply(c);
            area = ours(c, own, m);
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

// -- clip paths -----------------------------------------------------------------------------------------------------------------------

// A foreign group or shape with a clip path: what is in it lies inside an area without paint.
void Items::clipped(pugi::xml_node n, const Clip& clip, const Style& style, const Affine& m, List& to, int depth)
{
    // It is clipped first and blended then: the blend is the area's.
    Style own = style;
    own.clip.clear();
    own.blend = art::Blend::normal;
    List inside;
    unclipped(n, own, m, inside, depth + 1);
    if (inside.empty()) return;
    if (style.isolates())
        clipInto(clip, std::move(inside), style.blend, to);
    else
        clipAll(clip, std::move(inside), to);
}

// What is given lies inside an area without paint.
void Items::clipInto(Clip clip, List in, art::Blend blend, List& to)
{
    Artwork a;
    a.setPaths(std::move(clip.paths));
    a.stroke.colour.reset();
    a.fill.evenOdd = clip.evenOdd;
    a.inside = std::move(in);
    Item i;
    i.name = "Clip";
    i.is = std::move(a);
    i.blend = blend;
    i.id = reading_.ids.next();
    to.push_back(art::shared(std::move(i)));
}

// What blends in a clip blends with what lies under the whole, which an area keeps in: each such thing has an area of its own.
void Items::clipAll(const Clip& clip, List inside, List& to)
{
    List plain;
    const auto soFar = [&] {
        if (!plain.empty()) clipInto(clip, std::exchange(plain, {}), art::Blend::normal, to);
    };
    for (const ItemPtr& i : inside) {
        if (i->blend == art::Blend::normal) {
            plain.push_back(i);
            continue;
        }
        soFar();
        Item alone = *i;
        alone.blend = art::Blend::normal;
        clipInto(clip, {art::shared(std::move(alone))}, i->blend, to);
    }
    soFar();
}

// -- elements shown again, and views within the view (SVG 1.1, 5.6, 7.7 to 7.9) -------------------------------------------------------

void Items::use(pugi::xml_node n, Style style, const Affine& m, List& to, int depth)
{
    const pugi::xml_node target = reading_.named.referredBy(n);
    if (!target) {
        if (const char* elsewhere = hrefOf(n); *elsewhere && *elsewhere != '#') reading_.missed.add(usesLeft);
        return; // of what is not there nothing is shown
    }
    if (again_ > mostAgain || using_.size() >= mostUses || std::find(using_.begin(), using_.end(), target) != using_.end()) {
        reading_.missed.add(usesLeft);
        return;
    }
    using_.push_back(target);
    Item i = traitsOf(n, style, m);
    List items;
    if (const std::string name = localName(target); name == "symbol" || name == "svg") {
        Style own = style;
        own.apply(target);
        view(target, n, own, m * cornerOf(n, style.lengths), items, depth);
    } else {
        element(target, style, m * cornerOf(n, style.lengths), items, depth + 1);
    }
    using_.pop_back();
    together(n, std::move(i), std::move(items), {}, style.isolated, to, depth);
}

void Items::innerView(pugi::xml_node n, Style style, const Affine& m, List& to, int depth)
{
    Item i = traitsOf(n, style, m);
    List items;
    view(n, n, style, m * cornerOf(n, style.lengths), items, depth);
    together(n, std::move(i), std::move(items), {}, style.isolated, to, depth);
}

// What the target shows in its view box, as large as `sized` says or else the target itself.
void Items::view(pugi::xml_node target, pugi::xml_node sized, const Style& style, const Affine& m, List& to, int depth)
{
    const auto side = [&](const char* a, double whole) {
        for (const pugi::xml_node n : {sized, target})
            if (const auto v = style.lengths.of(n.attribute(a).value(), whole)) return *v;
        return whole;
    };
    frame(target, side("width", style.lengths.width), side("height", style.lengths.height), style, m, to, depth);
}

void Items::frame(pugi::xml_node target, double w, double h, const Style& style, const Affine& m, List& to, int depth)
{
    if (!(w > 0 && h > 0)) return;
    Style inside = style;
    const auto box = viewBoxOf(target);
    inside.lengths.width = box ? box->width : w;
    inside.lengths.height = box ? box->height : h;
    List items;
    children(target, inside, m * fittedView(target, w, h), items, depth + 1);
    // It shows through its frame, where it reaches beyond.
    const Path edge = curve::transformed(curve::rectangle({0, 0}, {w, h}), m);
    const curve::Box inner = curve::bounds(edge).grown(0.01);
    const bool within = std::all_of(items.begin(), items.end(), [&](const ItemPtr& i) {
        const curve::Box b = art::bounds(*i);
        return b.empty() || (inner.contains(b.min) && inner.contains(b.max));
    });
    if (within || propertyOf(target, "overflow", style.sheet) == "visible")
        to.insert(to.end(), items.begin(), items.end());
    else
        clipAll({{edge}, false}, std::move(items), to);
}

} // namespace softrope::files
