#include "files/svg_items.h"

#include "art/tree.h"
#include "files/basic_shapes.h"
#include "files/path_data.h"
#include "files/svg_artwork.h"
#include "files/svg_image.h"
#include "files/view_box.h"
#include "files/xml.h"

#include <algorithm>
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
Affine cornerOf(pugi::xml_node n)
{
    return curve::translation({lengthPx(n.attribute("x").value()).value_or(0), lengthPx(n.attribute("y").value()).value_or(0)});
}

// The deviation of a filter that is one Gaussian blur; less than nothing for others.
double blurOf(pugi::xml_node filter)
{
    const pugi::xml_node first = filter.first_child();
    if (localName(filter) != "filter" || !first || first.next_sibling() || localName(first) != "feGaussianBlur") return -1;
    const auto sigma = numbers(first.attribute("stdDeviation").value());
    if (sigma.empty() || (sigma.size() > 1 && sigma[0] != sigma[1])) return -1;
    return sigma[0];
}

// A clip path of one shape, on the sheet; nothing for others.
std::optional<Items::Clip> clipOf(const Named& named, const std::string& name, const Affine& m)
{
    const pugi::xml_node n = named.find(name), shape = n.first_child();
    if (localName(n) != "clipPath" || std::strcmp(n.attribute("clipPathUnits").value(), "objectBoundingBox") == 0) return std::nullopt;
    if (!shape || shape.next_sibling() || shape.attribute("clip-path") || n.attribute("clip-path")) return std::nullopt;
    std::optional<Paths> paths = pathsOfShape(shape);
    if (!paths || paths->empty()) return std::nullopt;
    const Affine to = m * transformOf(n.attribute("transform").value()) * transformOf(shape.attribute("transform").value());
    for (Path& p : *paths) {
        p = curve::transformed(p, to);
        p.closed = true;
    }
    return Items::Clip{std::move(*paths), propertyOf(shape, "clip-rule", &named.styles()) == "evenodd"};
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
    i.shown = reading_.working ? std::strcmp(n.attribute("rope:shown").value(), "false") != 0 : !style.hidden;
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
    style.hidden = false;
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
    for (const char* said : {"", "defs", "style", "symbol", "tones", "facets", "mesh", "repeat", "part-use", "inside", "title", "desc", "metadata", "namedview", "clipPath", "filter",
                             "linearGradient", "radialGradient"})
        if (name == said) return;
    if (!using_.empty() && ++again_ > mostAgain) return; // said of the use
    // Not inherited: each element has its own.
    style.filter.clear();
    style.clip.clear();
    style.isolated = false;
    style.apply(n);
    if (n.attribute("rope:guide")) style.hidden = false;
    const Affine m = parent * transformOf(n.attribute("transform").value());
    if (const std::string mask = propertyOf(n, "mask", style.sheet); !mask.empty() && mask != "none")
        reading_.missed.add(words::marked("%n mask(s) (drawn without)"));
    if (!clipped(n, style, m, to, depth)) unclipped(n, style, m, to, depth);
}

void Items::unclipped(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
{
    const std::string name = localName(n);
    bool fault = false;
    if (name == "g" || name == "a" || name == "switch") {
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
    } else if (auto paths = pathsOfShape(n, &fault)) {
        if (fault) reading_.missed.add(words::marked("%n path(s) broken off at a fault"));
        setKinds(*paths, n.attribute("rope:kinds").value());
        shape(n, std::move(*paths), style, m, to);
    } else if (!style.hidden) {
        if (name == "text")
            reading_.missed.add(words::marked("%n text(s)"));
        else
            reading_.missed.add(words::marked("%n %1 element(s)"), name);
    }
}

void Items::shape(pugi::xml_node n, Paths paths, Style s, const Affine& m, List& to)
{
    Item i = traitsOf(n, s, m);
    Artwork a = artwork(n, std::move(paths), s, m);
    // Ours stays: a live part that gives nothing now may give something again.
    if (a.paths.empty() && !n.attribute("rope:item")) return;
    i.is = std::move(a);
    put(n, std::move(i), to);
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
    children(n, style, m, items, depth + 1);
    together(n, std::move(i), std::move(items), std::move(live), style.isolated, to, depth);
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
bool Items::clipped(pugi::xml_node n, const Style& style, const Affine& m, List& to, int depth)
{
    if (style.clip.empty()) return false;
    const auto clip = clipOf(reading_.named, style.clip, m);
    if (!clip || depth > deepestItems) {
        reading_.missed.add(words::marked("%n clip path(s) (drawn without)"));
        return false;
    }
    // It is clipped first and blended then: the blend is the area's.
    Style own = style;
    own.clip.clear();
    own.blend = art::Blend::normal;
    List inside;
    unclipped(n, own, m, inside, depth + 1);
    if (inside.empty()) return true;
    if (style.isolates())
        clipInto(*clip, std::move(inside), style.blend, to);
    else
        clipAll(*clip, std::move(inside), to);
    return true;
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
        view(target, n, own, m * cornerOf(n), items, depth);
    } else {
        element(target, style, m * cornerOf(n), items, depth + 1);
    }
    using_.pop_back();
    together(n, std::move(i), std::move(items), {}, style.isolated, to, depth);
}

void Items::innerView(pugi::xml_node n, Style style, const Affine& m, List& to, int depth)
{
    Item i = traitsOf(n, style, m);
    List items;
    view(n, n, style, m * cornerOf(n), items, depth);
    together(n, std::move(i), std::move(items), {}, style.isolated, to, depth);
}

// What the target shows in its view box, as large as `sized` says or else the target itself.
void Items::view(pugi::xml_node target, pugi::xml_node sized, const Style& style, const Affine& m, List& to, int depth)
{
    const auto side = [&](const char* a, double whole) {
        for (const pugi::xml_node n : {sized, target})
            if (const auto v = lengthPx(n.attribute(a).value())) return *v;
        return whole;
    };
    const art::Sheet& sheet = reading_.document.sheet;
    const double w = side("width", sheet.width), h = side("height", sheet.height);
    if (!(w > 0 && h > 0)) return;
    List items;
    children(target, style, m * fittedView(target, w, h), items, depth + 1);
    // It shows through its frame, where it reaches beyond.
    const Path frame = curve::transformed(curve::rectangle({0, 0}, {w, h}), m);
    const curve::Box inner = curve::bounds(frame).grown(0.01);
    const bool within = std::all_of(items.begin(), items.end(), [&](const ItemPtr& i) {
        const curve::Box b = art::bounds(*i);
        return b.empty() || (inner.contains(b.min) && inner.contains(b.max));
    });
    if (within || propertyOf(target, "overflow", style.sheet) == "visible")
        to.insert(to.end(), items.begin(), items.end());
    else
        clipAll({{frame}, false}, std::move(items), to);
}

} // namespace softrope::files
