#include "render/render.h"

#include "art/edits.h"
#include "art/kept.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "render/blur.h"
#include "render/handles.h"
#include "render/island.h"
#include "render/page.h"
#include "render/paint_reference.h"
#include "render/path_seen.h"

#include <cairo-pdf.h>
#include <cairo.h>
#include <tbb/parallel_for.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <numeric>

namespace softrope::render {

using art::Artwork;
using curve::Affine;
using curve::Box;
using curve::Vec2;

namespace {

void setColour(cairo_t* cr, art::Colour c, double opacity)
{
    cairo_set_source_rgba(cr, c.r / 255.0, c.g / 255.0, c.b / 255.0, opacity);
}

// What the clip lets through, with a px round it.
Box seenOn(cairo_t* cr)
{
    double x0 = 0, y0 = 0, x1 = 0, y1 = 0;
    cairo_clip_extents(cr, &x0, &y0, &x1, &y1);
    return Box{{x0, y0}, {x1, y1}}.grown(1 / std::max(1e-9, curve::meanScale(toDevice(cr))));
}

// PDF pages keep all of it.
void trace(cairo_t* cr, const curve::Paths& paths)
{
    if (cairo_surface_get_type(cairo_get_target(cr)) == CAIRO_SURFACE_TYPE_IMAGE)
        traceSeen(cr, paths, seenOn(cr), As::area);
    else
        tracePaths(cr, paths);
}

// The paint of a fill or a line as the source; colours between stops are mixed without premultiplying, as SVG has it and Cairo does.
template <typename Painted> void setPaint(cairo_t* cr, const Painted& fill, double opacity)
{
    if (!fill.gradient || fill.gradient->stops.empty()) {
        setColour(cr, *fill.colour, fill.opacity * opacity);
        return;
    }
    const art::Gradient& g = *fill.gradient;
    const auto toUnit = curve::inverse(g.place);
    if (!toUnit) { // flattened to nothing: the last colour fills all
        setColour(cr, g.stops.back().colour, g.stops.back().opacity * fill.opacity * opacity);
        return;
    }
    cairo_pattern_t* p =
        g.kind == art::Gradient::Kind::linear ? cairo_pattern_create_linear(0, 0, 1, 0) : cairo_pattern_create_radial(g.focus.x, g.focus.y, 0, 0, 0, 1);
    for (const art::GradientStop& s : g.stops)
        cairo_pattern_add_color_stop_rgba(p, s.at, s.colour.r / 255.0, s.colour.g / 255.0, s.colour.b / 255.0, s.opacity * fill.opacity * opacity);
    cairo_pattern_set_extend(p, g.spread == art::Gradient::Spread::pad       ? CAIRO_EXTEND_PAD
                                : g.spread == art::Gradient::Spread::reflect ? CAIRO_EXTEND_REFLECT
                                                                             : CAIRO_EXTEND_REPEAT);
    cairo_matrix_t m;
    cairo_matrix_init(&m, toUnit->a, toUnit->b, toUnit->c, toUnit->d, toUnit->e, toUnit->f);
    cairo_pattern_set_matrix(p, &m);
    cairo_set_source(cr, p);
    cairo_pattern_destroy(p);
}

// The lines of a half that is not there yet.
void paintGhost(cairo_t* cr, const Artwork& a, const Options::Ghost& ghost)
{
    const double dashes[] = {9 * ghost.px, 5 * ghost.px};
    cairo_save(cr);
    trace(cr, a.paths);
    cairo_set_dash(cr, dashes, 2, 0);
    cairo_set_line_cap(cr, CAIRO_LINE_CAP_BUTT);
    cairo_set_line_width(cr, std::clamp(a.stroke.width, 1.2 * ghost.px, 4.5 * ghost.px));
    setColour(cr, ghost.colour, 1);
    cairo_stroke(cr);
    cairo_restore(cr);
}

bool opaqueStops(const art::Fill& f)
{
    return !f.gradient || std::all_of(f.gradient->stops.begin(), f.gradient->stops.end(), [](const art::GradientStop& s) { return s.opacity >= 1; });
}

// The outline of a swelled line costs: kept for lines painted again.
std::shared_ptr<const curve::Paths> outlinesOf(const art::ItemPtr& item)
{
    static art::Kept<art::Item, curve::Paths> kept(512);
    return kept.of(item, [](const art::Item& i) { return art::swelledOutlines(*i.artwork()); });
}

void paintFill(cairo_t* cr, const Artwork& a, double opacity, bool overlaps)
{
    trace(cr, a.paths);
    cairo_set_fill_rule(cr, a.fill.evenOdd ? CAIRO_FILL_RULE_EVEN_ODD : CAIRO_FILL_RULE_WINDING);
    setPaint(cr, a.fill, opacity);
    if (!overlaps) {
        cairo_fill(cr);
        return;
    }
    cairo_fill_preserve(cr);
    cairo_set_line_width(cr, 2 * a.fill.overlap); // reaches under its neighbours
    cairo_set_line_join(cr, CAIRO_LINE_JOIN_ROUND);
    cairo_stroke(cr);
}

// Cairo refuses sequences without length, and would draw nothing from then on; of millions of dashes it would make as many pieces: those are
// drawn as an even line.
void setDashes(cairo_t* cr, const Artwork& a)
{
    constexpr double most = 200000;
    const art::Stroke& s = a.stroke;
    const double all = std::accumulate(s.dashes.begin(), s.dashes.end(), 0.0);
    const bool good = std::all_of(s.dashes.begin(), s.dashes.end(), [](double d) { return d >= 0 && std::isfinite(d); });
    if (!good || !(all > 0) || !std::isfinite(all)) return;
    double reach = 0; // the length of the handles is at least that of the line
    for (const curve::Path& p : *a.paths)
        for (std::size_t k = 0; k < p.pieceCount(); ++k) {
            const curve::Cubic c = p.piece(k);
            reach += distance(c.p0, c.p1) + distance(c.p1, c.p2) + distance(c.p2, c.p3);
        }
    if (reach / all * static_cast<double>(s.dashes.size()) <= most) cairo_set_dash(cr, s.dashes.data(), static_cast<int>(s.dashes.size()), s.dashFrom);
}

void paintStroke(cairo_t* cr, const art::ItemPtr& item, double opacity)
{
    const Artwork& a = *item->artwork();
    setPaint(cr, a.stroke, opacity);
    if (a.stroke.swell) {
        cairo_new_path(cr);
        trace(cr, *outlinesOf(item));
        cairo_set_fill_rule(cr, CAIRO_FILL_RULE_WINDING);
        cairo_fill(cr);
        return;
    }
    double width = a.stroke.width;
    if (const Box seen = seenOn(cr); width > 4 * std::hypot(seen.width(), seen.height())) {
        // One much wider than all there is to see covers it: wider still is the same, and Cairo goes round its corners in as many steps.
        Box all = a.extent;
        all.add(seen.min);
        all.add(seen.max);
        width = std::min(width, 4 * std::hypot(all.width(), all.height()));
    }
    if (a.stroke.dashes.empty() && cairo_surface_get_type(cairo_get_target(cr)) == CAIRO_SURFACE_TYPE_IMAGE)
        traceSeen(cr, a.paths, seenOn(cr).grown(width * std::max(1.0, a.stroke.mitreLimit)), As::line);
    else
        tracePaths(cr, a.paths);
    cairo_set_line_width(cr, width);
    cairo_set_line_cap(cr, a.stroke.cap == art::Cap::round    ? CAIRO_LINE_CAP_ROUND
                           : a.stroke.cap == art::Cap::square ? CAIRO_LINE_CAP_SQUARE
                                                              : CAIRO_LINE_CAP_BUTT);
    cairo_set_line_join(cr, a.stroke.join == art::Join::round   ? CAIRO_LINE_JOIN_ROUND
                            : a.stroke.join == art::Join::mitre ? CAIRO_LINE_JOIN_MITER
                                                                : CAIRO_LINE_JOIN_BEVEL);
    cairo_set_miter_limit(cr, a.stroke.mitreLimit);
    setDashes(cr, a);
    cairo_stroke(cr);
    cairo_set_dash(cr, nullptr, 0, 0);
}

cairo_operator_t operatorOf(art::Blend b)
{
    static constexpr cairo_operator_t operators[] = {
        CAIRO_OPERATOR_OVER,       CAIRO_OPERATOR_MULTIPLY,       CAIRO_OPERATOR_SCREEN,      CAIRO_OPERATOR_OVERLAY,
        CAIRO_OPERATOR_DARKEN,     CAIRO_OPERATOR_LIGHTEN,        CAIRO_OPERATOR_COLOR_DODGE, CAIRO_OPERATOR_COLOR_BURN,
        CAIRO_OPERATOR_HARD_LIGHT, CAIRO_OPERATOR_SOFT_LIGHT,     CAIRO_OPERATOR_DIFFERENCE,  CAIRO_OPERATOR_EXCLUSION,
        CAIRO_OPERATOR_HSL_HUE,    CAIRO_OPERATOR_HSL_SATURATION, CAIRO_OPERATOR_HSL_COLOR,   CAIRO_OPERATOR_HSL_LUMINOSITY};
    return operators[static_cast<std::size_t>(b)];
}

// Walks the tree of a document with a Cairo context.
class Painter {
public:
    Painter(cairo_t* cr, const art::Document& d, const Options& o)
        : cr_(cr), d_(d), o_(o), vectors_(cairo_surface_get_type(cairo_get_target(cr)) == CAIRO_SURFACE_TYPE_PDF)
    {
        double x0 = 0, y0 = 0, x1 = 0, y1 = 0;
        cairo_clip_extents(cr, &x0, &y0, &x1, &y1);
        clip_ = {{x0, y0}, {x1, y1}};
    }

    void layer(const art::Layer& l)
    {
        if (!l.shown || l.opacity <= 0 || l.items.empty()) return;
        const bool group = l.opacity < 1 && (l.items.size() + (l.mirror ? 1 : 0) > 1 || blends(l.items));
        if (group) cairo_push_group(cr_);
        const double opacity = group ? 1 : l.opacity;
        for (const art::ItemPtr& i : art::shownHalf(l)) item(i, opacity);
        if (o_.artwork && l.mirror)
            for (const art::ItemPtr& i : art::mirroredItems(l)) {
                if (o_.ghost)
                    ghost(i);
                else
                    item(i, opacity);
            }
        if (!group) return;
        cairo_pop_group_to_source(cr_);
        cairo_paint_with_alpha(cr_, l.opacity);
    }

private:
    cairo_t* cr_;
    const art::Document& d_;
    const Options& o_;
    bool vectors_;
    Box clip_;

    bool leftOut(const art::Item& i) const { return !i.shown || i.opacity <= 0 || o_.without.count(i.id) != 0 || (o_.cancelled && o_.cancelled()); }

    // Whether a thing is painted by more than one stroke of the brush, so that it has to fade as one.
    static bool composed(const art::Item& i)
    {
        return std::visit(art::Each{[](const Artwork& a) {
                                        const bool fills = a.fill.colour.has_value(), strokes = a.stroke.colour.has_value() && a.stroke.width > 0;
                                        return (fills && strokes) || (fills && a.fill.overlap > 0) || !a.inside.empty();
                                    },
                                    [](const art::Reference&) { return false; },
                                    [](const art::Group& g) { return g.items.size() > 1 || (!g.items.empty() && composed(*g.items.front())); },
                                    [](const art::Island&) { return true; }},
                          i.is);
    }
    // What blends with what lies below it must not reach out of the thing it lies in.
    static bool blends(const std::vector<art::ItemPtr>& items)
    {
        return std::any_of(items.begin(), items.end(), [](const art::ItemPtr& i) { return i->shown && i->blend != art::Blend::normal; });
    }

    void item(const art::ItemPtr& i, double opacity)
    {
        if (leftOut(*i)) return;
        const Artwork* a = i->artwork();
        if ((a || i->island()) && !o_.artwork) return;
        if (a && a->guide) return;
        if (i->reference()) {
            if (!o_.references) return;
            cairo_save(cr_);
            if (!o_.referencesBeyondSheet) {
                cairo_rectangle(cr_, 0, 0, d_.sheet.width, d_.sheet.height);
                cairo_clip(cr_);
            }
            paintReference(cr_, *i->reference(), i->opacity * opacity * i->reference()->dim * o_.veil, o_);
            cairo_restore(cr_);
            return;
        }
        // Mitred corners reach beyond the bounds, by at most the mitre limit.
        const Box b = art::bounds(*i).grown(a && a->stroke.colour && a->stroke.join == art::Join::mitre ? 0.5 * a->stroke.mitreLimit * a->stroke.width : 0);
        if (b.empty() || !b.meets(clip_)) return;
        const double alpha = i->opacity * opacity;
        if (i->blur > 0) {
            blurred(i, b, alpha);
            return;
        }
        const bool group = i->blend != art::Blend::normal || (alpha < 1 && composed(*i)) || blends(art::childrenOf(*i));
        if (!group) {
            content(i, alpha);
            return;
        }
        if (a && plainFill(*a) && (alpha >= 1 || i->blend < art::Blend::hue)) {
            // One fill blends by itself. Hue, saturation, colour and luminosity of clear paint are too coarse so, of 8 bits a channel.
            cairo_set_operator(cr_, operatorOf(i->blend));
            paintFill(cr_, *a, alpha, false);
            cairo_set_operator(cr_, CAIRO_OPERATOR_OVER);
            return;
        }
        // No larger than it needs to be: a sheet with hundreds of shades has hundreds of these.
        cairo_save(cr_);
        const double px = 2 / std::max(1e-6, curve::meanScale(toDevice(cr_)));
        const Box part = b.grown(px);
        cairo_rectangle(cr_, part.min.x, part.min.y, part.width(), part.height());
        cairo_clip(cr_);
        cairo_push_group(cr_);
        content(i, 1);
        cairo_pop_group_to_source(cr_);
        cairo_set_operator(cr_, operatorOf(i->blend));
        cairo_paint_with_alpha(cr_, alpha);
        cairo_restore(cr_);
    }

    static bool plainFill(const Artwork& a)
    {
        return a.fill.colour && !a.fill.gradient && !(a.stroke.colour && a.stroke.width > 0) && a.inside.empty() && !(a.fill.overlap > 0);
    }

    void content(const art::ItemPtr& i, double opacity)
    {
        std::visit(art::Each{[&](const Artwork& a) { artwork(i, a, opacity); }, [](const art::Reference&) {},
                             [&](const art::Group& g) {
                                 for (const art::ItemPtr& c : g.items) item(c, opacity);
                             },
                             [&](const art::Island& k) { paintIsland(cr_, k); }}, // it fades as one: never with an opacity here
                   i->is);
    }

    void artwork(const art::ItemPtr& i, const Artwork& a, double opacity)
    {
        const bool strokes = a.stroke.colour.has_value() && a.stroke.width > 0;
        if (strokes && a.stroke.behind) paintStroke(cr_, i, opacity);
        if (a.fill.colour) {
            // A rim of half-clear paint over itself would show: such a fill fades as one.
            const bool overlaps = a.fill.overlap > 0 && !strokes && opaqueStops(a.fill);
            const double alpha = a.fill.opacity * opacity;
            if (overlaps && alpha < 1) {
                Artwork whole = a;
                whole.fill.opacity = 1;
                cairo_push_group(cr_);
                paintFill(cr_, whole, 1, true);
                cairo_pop_group_to_source(cr_);
                cairo_paint_with_alpha(cr_, alpha);
            } else {
                paintFill(cr_, a, opacity, overlaps);
            }
        }
        if (!a.inside.empty()) {
            cairo_save(cr_);
            trace(cr_, a.paths);
            cairo_set_fill_rule(cr_, a.fill.evenOdd ? CAIRO_FILL_RULE_EVEN_ODD : CAIRO_FILL_RULE_WINDING);
            cairo_clip(cr_);
            for (const art::ItemPtr& c : a.inside) item(c, opacity);
            cairo_restore(cr_);
        }
        if (strokes && !a.stroke.behind) paintStroke(cr_, i, opacity);
    }

    // Painted into an image of its own, blurred there, and laid down. On a screen the image's pixels are the screen's; in a PDF it is
    // the one thing that is no vector.
    void blurred(const art::ItemPtr& i, const Box& bounds, double alpha)
    {
        // What is blurred widely is as smooth in fewer pixels.
        constexpr double wide = 16; // px
        const Affine whole = vectors_ ? curve::scaling(pdfDensity, pdfDensity) : toDevice(cr_);
        const double coarse = std::max(1.0, i->blur * curve::meanScale(whole) / wide);
        const Affine now = curve::scaling(1 / coarse, 1 / coarse) * whole;
        const double reach = 3 * i->blur;
        Box part{{std::max(bounds.min.x, clip_.min.x - reach), std::max(bounds.min.y, clip_.min.y - reach)},
                 {std::min(bounds.max.x, clip_.max.x + reach), std::min(bounds.max.y, clip_.max.y + reach)}};
        if (part.empty()) return;
        Box device;
        for (const Vec2 p : {part.min, Vec2{part.max.x, part.min.y}, part.max, Vec2{part.min.x, part.max.y}}) device.add(now * p);
        const double x0 = std::floor(device.min.x) - 1, y0 = std::floor(device.min.y) - 1;
        const double w = std::ceil(device.max.x) + 1 - x0, h = std::ceil(device.max.y) + 1 - y0;
        if (!(w > 0 && h > 0 && w < 32000 && h < 32000)) return;
        SurfaceHandle image(cairo_image_surface_create(CAIRO_FORMAT_ARGB32, static_cast<int>(w), static_cast<int>(h)));
        if (!image.good()) return;
        {
            ContextHandle c(image.surface);
            const cairo_matrix_t m = matrix(curve::translation({-x0, -y0}) * now);
            cairo_set_matrix(c.cr, &m);
            Painter inner(c.cr, d_, o_);
            inner.content(i, 1);
        }
        cairo_surface_flush(image.surface);
        const int stride = cairo_image_surface_get_stride(image.surface) / 4;
        blur(reinterpret_cast<std::uint32_t*>(cairo_image_surface_get_data(image.surface)), static_cast<int>(w), static_cast<int>(h), stride,
             i->blur * curve::meanScale(now));
        cairo_surface_mark_dirty(image.surface);
        cairo_save(cr_);
        if (vectors_)
            cairo_scale(cr_, 1 / pdfDensity, 1 / pdfDensity);
        else
            cairo_identity_matrix(cr_);
        cairo_scale(cr_, coarse, coarse);
        cairo_set_operator(cr_, operatorOf(i->blend));
        cairo_set_source_surface(cr_, image.surface, x0, y0);
        cairo_pattern_set_filter(cairo_get_source(cr_), CAIRO_FILTER_BILINEAR);
        cairo_paint_with_alpha(cr_, alpha);
        cairo_restore(cr_);
    }

    void ghost(const art::ItemPtr& i)
    {
        if (leftOut(*i) || !art::bounds(*i).meets(clip_)) return;
        if (const Artwork* a = i->artwork(); a && !a->guide) paintGhost(cr_, *a, *o_.ghost);
        for (const art::ItemPtr& c : art::childrenOf(*i)) ghost(c);
    }
};

} // namespace

void paint(cairo_t* cr, const art::Document& d, const Options& o)
{
    if (o.background && d.sheet.hasBackground) {
        cairo_rectangle(cr, 0, 0, d.sheet.width, d.sheet.height);
        setColour(cr, d.sheet.background, 1);
        cairo_fill(cr);
    }
    Painter painter(cr, d, o);
    for (const art::LayerPtr& l : d.layers) painter.layer(*l);
}

Surface renderView(const art::Document& d, const Affine& view, int width, int height, const Options& o)
{
    Surface s;
    if (width <= 0 || height <= 0) return s;
    s.width = width;
    s.height = height;
    s.pixels.assign(static_cast<std::size_t>(width) * static_cast<std::size_t>(height), 0);
    // In bands, one a core: each walks the tree and passes over what lies outside of it.
    constexpr int least = 200; // px: below that the walk costs more than the painting
    const int bands = std::clamp(height / least, 1, tbb::this_task_arena::max_concurrency());
    std::atomic<bool> good = true;
    tbb::parallel_for(0, bands, [&](int k) {
        const int top = height * k / bands, bottom = height * (k + 1) / bands;
        std::uint32_t* first = s.pixels.data() + static_cast<std::size_t>(top) * static_cast<std::size_t>(width);
        SurfaceHandle image(cairo_image_surface_create_for_data(reinterpret_cast<unsigned char*>(first), CAIRO_FORMAT_ARGB32, width, bottom - top, width * 4));
        if (!image.good()) {
            good = false;
            return;
        }
        {
            ContextHandle c(image.surface);
            const cairo_matrix_t m = matrix(curve::translation({0, -1.0 * top}) * view);
            cairo_set_matrix(c.cr, &m);
            paint(c.cr, d, o);
        }
        cairo_surface_flush(image.surface);
    });
    if (!good) return {};
    return s;
}

int usualWidth(const art::Sheet& sheet)
{
    constexpr double most = 8192;
    const double shrink = std::min(1.0, most / std::max(sheet.width, sheet.height));
    return std::max(1, static_cast<int>(std::lround(sheet.width * shrink)));
}

pixel::Picture renderSheet(const art::Document& d, int width, const Options& o)
{
    width = std::clamp(width, 1, 30000);
    const double scale = width / d.sheet.width;
    const int height = std::clamp(static_cast<int>(std::lround(d.sheet.height * scale)), 1, 30000);
    const Surface s = renderView(d, curve::scaling(scale, scale), width, height, o);
    if (s.width == 0) return {};
    pixel::Picture p(width, height);
    for (std::size_t i = 0; i < s.pixels.size(); ++i) {
        const std::uint32_t v = s.pixels[i], a = v >> 24;
        const auto straight = [&](std::uint32_t c) { return static_cast<std::uint8_t>(a == 0 ? 0 : std::min(255U, (c * 255 + a / 2) / a)); };
        p.data[i] = {straight((v >> 16) & 255), straight((v >> 8) & 255), straight(v & 255), static_cast<std::uint8_t>(a)};
    }
    return p;
}

std::vector<std::byte> renderPdf(const art::Document& d, const Options& o)
{
    return renderPdf(d, Page{}, o);
}

} // namespace softrope::render
