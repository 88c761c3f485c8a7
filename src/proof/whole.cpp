#include "proof/whole.h"

#include "art/lettering.h"
#include "art/shades.h"
#include "art/tree.h"
#include "pixel/colour_space.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace softrope::proof {

using curve::Vec2;

namespace {

Finding over(Fault k, const curve::Box& box, art::Id item, Mending m)
{
    Finding f;
    f.kind = k;
    f.at = box.empty() ? Vec2{} : box.centre();
    f.items = {item};
    f.mending = m;
    return f;
}

bool sameLook(const art::Item& a, const art::Item& b)
{
    const art::Artwork &x = *a.artwork(), &y = *b.artwork();
    const auto fill = [](const art::Fill& f) { return std::tie(f.colour, f.opacity, f.gradient, f.overlap); };
    const auto line = [](const art::Stroke& s) { return std::tie(s.colour, s.opacity, s.cap, s.join, s.mitreLimit, s.dashes, s.gradient, s.behind, s.swell); };
    return a.opacity == 1 && b.opacity == 1 && a.blend == art::Blend::normal && b.blend == art::Blend::normal && a.blur == b.blur &&
           fill(x.fill) == fill(y.fill) && x.fill.opacity == 1 && line(x.stroke) == line(y.stroke) &&
           (!x.stroke.colour || std::abs(x.stroke.width - y.stroke.width) < 1e-3);
}

bool nearTo(const curve::Paths& paths, const curve::Paths& of, const Sizes& sizes)
{
    for (const curve::Path& p : of)
        for (std::size_t i = 0; i < p.pieceCount(); ++i)
            for (const double t : {0.0, 0.33, 0.67}) {
                const Vec2 q = at(p.piece(i), t);
                bool on = false;
                for (const curve::Path& other : paths)
                    if (const auto n = curve::nearest(other, q); n && n->distance <= sizes.doubled) on = true;
                if (!on) return false;
            }
    return true;
}

bool sameShape(const Thing& a, const Thing& b, const Sizes& sizes)
{
    const curve::Paths &x = a.artwork->paths, &y = b.artwork->paths;
    if (x.size() != y.size()) return false;
    double lx = 0, ly = 0;
    for (const Contour& c : a.shape->contours) lx += c.length();
    for (const Contour& c : b.shape->contours) ly += c.length();
    if (std::abs(lx - ly) > 0.002 * lx + 0.5 * sizes.unit) return false;
    return nearTo(x, y, sizes) && nearTo(y, x, sizes);
}

} // namespace

std::vector<Finding> doubleFaults(const std::vector<Thing>& things, const Sizes& sizes)
{
    std::vector<Finding> found;
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < things.size(); ++i)
        if (!things[i].shape->box.empty() && things[i].plain) order.push_back(i);
    const auto boxOf = [&](std::size_t i) -> const curve::Box& { return things[i].shape->box; };
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return boxOf(a).min.x < boxOf(b).min.x; });
    std::set<std::size_t> gone;
    for (std::size_t i = 0; i < order.size(); ++i)
        for (std::size_t k = i + 1; k < order.size() && boxOf(order[k]).min.x - boxOf(order[i]).min.x <= sizes.doubled; ++k) {
            const std::size_t low = std::min(order[i], order[k]), high = std::max(order[i], order[k]);
            const curve::Box &a = boxOf(low), &b = boxOf(high);
            if (std::abs(a.min.y - b.min.y) > sizes.doubled || distance(a.max, b.max) > 2 * sizes.doubled) continue;
            if (gone.count(low) || things[low].parent != things[high].parent || !sameLook(*things[low].item, *things[high].item)) continue;
            if (!sameShape(things[low], things[high], sizes)) continue;
            gone.insert(low);
            // With something inside, it is more than its outline.
            const bool may = things[low].workable && things[low].artwork->inside.empty();
            Finding f = over(Fault::doubledShape, b, things[low].item->id, may ? Mending::safe : Mending::none);
            f.items.push_back(things[high].item->id);
            found.push_back(std::move(f));
        }
    return found;
}

std::vector<Finding> leftFaults(const art::Document& d)
{
    std::vector<Finding> found;
    // A hidden layer is one thing that is left.
    for (const art::LayerPtr& l : d.layers) {
        if (l->shown) continue;
        Finding f = over(Fault::hiddenLeft, {}, 0, l->locked ? Mending::none : Mending::asked);
        f.items.clear();
        curve::Box box;
        for (const art::ItemPtr& i : l->items) {
            if (i->reference()) continue;
            f.items.push_back(i->id);
            box.add(art::bounds(*i));
        }
        if (f.items.empty()) continue;
        f.at = box.empty() ? Vec2{} : box.centre();
        found.push_back(std::move(f));
    }
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where& w) {
        const bool locked = w.locked;
        if (i.reference()) {
            const bool shows = w.shown && !locked;
            curve::Box box;
            for (const Vec2 p : art::frame(*i.reference())) box.add(p);
            found.push_back(over(shows ? Fault::pictureShown : Fault::referenceLeft, box, i.id, locked ? Mending::none : Mending::asked));
            return;
        }
        if (i.island() && w.shown) found.push_back(over(Fault::keptWhole, art::bounds(i), i.id, Mending::none));
        const bool within = w.parent && !w.parent->shown;
        if (w.shown || w.derived || within || (i.artwork() && i.artwork()->guide)) return;
        if (i.shown || !w.layer->shown) return; // something further out is hidden, and said
        const curve::Box box = art::bounds(i);
        found.push_back(over(Fault::hiddenLeft, box, i.id, locked ? Mending::none : Mending::asked));
    });
    for (const art::Id id : art::againstLight(d))
        if (const art::Item* i = d.item(id)) {
            Finding f = over(Fault::againstLight, art::bounds(*i), id, i->artwork() && i->artwork()->crescent() ? Mending::asked : Mending::none);
            found.push_back(std::move(f));
        }
    return found;
}

std::vector<Finding> colourFaults(const art::Document& d, const Limits& l)
{
    std::vector<Finding> found;
    struct Used {
        art::Id item = 0;
        curve::Box box;
        std::size_t times = 0;
        bool bare = false; // somewhere it came from no ink
    };
    std::map<std::string, Used> used;
    std::map<art::Id, bool> flat;
    art::eachArtwork(d, art::seen, [&](const art::Item& i, const art::Artwork& a, const art::Where& w) {
        if (a.guide || a.paths->empty()) return;
        const auto take = [&](const std::optional<art::Colour>& c, const art::InkUse& ink, bool lit) {
            if (!c) return;
            Used& u = used[art::text(*c)];
            ++u.times;
            if (ink.ink == 0 && !lit) {
                if (!u.bare) {
                    u.item = i.id;
                    u.box = art::bounds(i);
                }
                u.bare = true;
            } else if (!u.item) {
                u.item = i.id;
                u.box = art::bounds(i);
            }
        };
        const bool lit = a.fill.lit != art::Lit::none;
        if (a.fill.gradient)
            for (const art::GradientStop& s : a.fill.gradient->stops) take(s.colour, s.ink, lit);
        else
            take(a.fill.colour, a.fill.ink, lit);
        if (a.stroke.gradient)
            for (const art::GradientStop& s : a.stroke.gradient->stops) take(s.colour, s.ink, false);
        else
            take(a.stroke.colour, a.stroke.ink, false);
        if (!l.flat) return;
        const art::Id outer = w.parent && w.parent->blur > 0 ? w.parent->id : i.id;
        const bool see = i.opacity < 1 || (a.fill.colour && a.fill.opacity < 1) || (a.stroke.colour && a.stroke.opacity < 1);
        if (a.fill.gradient || a.stroke.gradient || i.blur > 0 || i.blend != art::Blend::normal || see || (w.parent && w.parent->blur > 0)) flat[outer] = false;
    });
    if (l.flat)
        art::eachItem(d, art::seen, [&](const art::Item& i, const art::Where&) {
            if (i.island()) flat[i.id] = false;
        });
    for (const auto& [id, is] : flat)
        if (const art::Item* i = d.item(id)) found.push_back(over(Fault::notFlat, art::bounds(*i), id, Mending::none));
    if (!d.inks.empty())
        for (const auto& [text, u] : used) {
            if (!u.bare) continue;
            const auto c = art::colourFrom(text);
            if (!c || std::any_of(d.inks.begin(), d.inks.end(), [&](const art::Ink& k) { return k.colour == *c; })) continue;
            const pixel::Lab lab = pixel::labOf({c->r, c->g, c->b, 255});
            const art::Ink* nearest = nullptr;
            double off = 1e300;
            for (const art::Ink& k : d.inks)
                if (const double e = pixel::ciede2000(lab, pixel::labOf({k.colour.r, k.colour.g, k.colour.b, 255})); e < off) {
                    off = e;
                    nearest = &k;
                }
            Finding f = over(Fault::noInk, u.box, u.item, Mending::asked);
            f.size = off;
            f.colour = text;
            f.ink = nearest->name;
            found.push_back(std::move(f));
        }
    if (l.inks > 0 && static_cast<int>(used.size()) > l.inks) {
        // The one that is used least is the first to do without.
        const auto least = std::min_element(used.begin(), used.end(), [](const auto& a, const auto& b) { return a.second.times < b.second.times; });
        Finding f = over(Fault::tooManyInks, least->second.box, least->second.item, Mending::none);
        f.size = static_cast<double>(used.size());
        f.wanted = l.inks;
        f.colour = least->first;
        found.push_back(std::move(f));
    }
    return found;
}

std::vector<Finding> wordFaults(const art::Document& d, const Limits& l)
{
    std::vector<Finding> found;
    for (const art::Item* i : art::letterings(d)) {
        const art::Lettering& words = *i->artwork()->lettering();
        const curve::Box box = art::bounds(*i);
        const bool here = art::hasTypeface(words);
        if (!here) {
            Finding f = over(Fault::missingFace, box, i->id, Mending::none);
            f.ink = words.type.family;
            found.push_back(std::move(f));
        }
        found.push_back(over(Fault::liveWords, box, i->id, art::lockedBy(d, i->id) ? Mending::none : Mending::asked));
        if (l.text > 0 && words.type.size < l.text) {
            Finding f = over(Fault::smallText, box, i->id, Mending::none);
            f.size = words.type.size;
            f.wanted = l.text;
            found.push_back(std::move(f));
        }
    }
    return found;
}

std::vector<Finding> smallFaults(const art::Document& d, int width)
{
    std::vector<Finding> found;
    if (width <= 0 || !(d.sheet.width > 0)) return found;
    const double scale = width / d.sheet.width;
    const int high = std::max(1, static_cast<int>(std::lround(d.sheet.height * scale)));
    std::vector<const art::Item*> tried;
    art::eachArtwork(d, art::seen, [&](const art::Item& i, const art::Artwork& a, const art::Where& w) {
        if (a.guide || a.paths->empty() || w.derived || tried.size() >= 200) return;
        const curve::Box box = art::bounds(i);
        if (!box.empty() && std::min(box.width(), box.height()) * scale < 2.5 && std::max(box.width(), box.height()) * scale < 12) tried.push_back(&i);
    });
    if (tried.empty()) return found;
    render::Options o;
    o.references = false;
    const curve::Affine view = curve::scaling(scale, scale);
    const auto shown = [&](const std::unordered_set<art::Id>& without) {
        render::Options with = o;
        with.without = without;
        return render::renderView(d, view, width, high, with);
    };
    const auto onWhite = [](std::uint32_t p) {
        const std::uint32_t rest = 255 - (p >> 24);
        return pixel::Rgba{static_cast<std::uint8_t>(((p >> 16) & 255) + rest), static_cast<std::uint8_t>(((p >> 8) & 255) + rest),
                           static_cast<std::uint8_t>((p & 255) + rest), 255};
    };
    const render::Surface all = shown({});
    for (const art::Item* i : tried) {
        const render::Surface less = shown({i->id});
        double most = 0;
        for (std::size_t k = 0; k < all.pixels.size() && k < less.pixels.size(); ++k)
            if (all.pixels[k] != less.pixels[k])
                most = std::max(most, pixel::ciede2000(pixel::quickLabOf(onWhite(all.pixels[k])), pixel::quickLabOf(onWhite(less.pixels[k]))));
        constexpr double noticed = 2; // common practice: about the least difference that is noticed side by side
        if (most >= noticed) continue;
        Finding f = over(Fault::lostSmall, art::bounds(*i), i->id, Mending::none);
        f.size = most;
        f.wanted = width;
        found.push_back(std::move(f));
    }
    return found;
}

} // namespace softrope::proof
