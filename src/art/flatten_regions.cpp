#include "art/flatten_regions.h"

#include "art/blending.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/line_outline.h"
#include "art/mirrored.h"
#include "art/tree.h"
#include "curve/fit.h"
#include "curve/polygon.h"
#include "pixel/colour_space.h"
#include "planar/combine.h"
#include "trace/level_lines.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace softrope::art {

using curve::Path;
using curve::Paths;
using curve::Vec2;
using Node = Painting::Node;

// -- gradients ------------------------------------------------------------------------------------------------------------------------

double shareAt(const Gradient& g, Vec2 at)
{
    const auto back = curve::inverse(g.place);
    if (!back) return 1;
    const Vec2 p = *back * at;
    if (g.kind == Gradient::Kind::linear) return p.x;
    // On the circle of radius t about focus (1 - t): SVG 1.1, 13.2.3.
    const Vec2 d = p - g.focus;
    const double a = 1 - squaredLength(g.focus), b = dot(d, g.focus), c = squaredLength(d);
    return a > 1e-12 ? (b + std::sqrt(std::max(0.0, b * b + a * c))) / a : length(p);
}

std::vector<double> stepsOf(const Gradient& g, int steps)
{
    constexpr int parts = 256;
    std::vector<double> along{0};
    const auto overBoth = [&](double t) {
        const GradientStop s = colourAt(g, t);
        std::array<pixel::Lab, 2> out;
        for (int k = 0; k < 2; ++k) {
            const double ground = 255 * k;
            const auto over = [&](std::uint8_t c) {
                return static_cast<std::uint8_t>(std::lround(s.opacity * static_cast<double>(c) + (1 - s.opacity) * ground));
            };
            out[static_cast<std::size_t>(k)] = pixel::labOf({over(s.colour.r), over(s.colour.g), over(s.colour.b), 255});
        }
        return out;
    };
    auto last = overBoth(0);
    for (int k = 1; k <= parts; ++k) {
        const auto now = overBoth(static_cast<double>(k) / parts);
        along.push_back(along.back() + std::sqrt(static_cast<double>(pixel::squaredDistance(now[0], last[0]) + pixel::squaredDistance(now[1], last[1]))));
        last = now;
    }
    std::vector<double> out;
    if (along.back() < 0.5) return out; // all of one colour
    for (int k = 1; k < steps; ++k) {
        const double wanted = along.back() * k / steps;
        const auto at = std::lower_bound(along.begin(), along.end(), wanted);
        const auto i = static_cast<std::size_t>(at - along.begin());
        const double step = along[i] - along[i - 1], part = step > 0 ? (wanted - along[i - 1]) / step : 0;
        out.push_back((static_cast<double>(i - 1) + part) / parts);
    }
    return out;
}

namespace {

// The lines between the steps, as far as they cross the bounds.
void addPartings(const Gradient& g, const std::vector<double>& cuts, const curve::Box& bounds, Paths& to)
{
    const auto back = curve::inverse(g.place);
    if (!back || bounds.empty()) return;
    curve::Box local;
    const curve::Box grown = bounds.grown(1);
    for (const Vec2 p : {grown.min, grown.max, Vec2{grown.min.x, grown.max.y}, Vec2{grown.max.x, grown.min.y}}) local.add(*back * p);
    for (const double t : cuts) {
        if (g.kind == Gradient::Kind::linear) {
            if (t <= local.min.x || t >= local.max.x) continue;
            to.push_back(curve::polyline({g.place * Vec2{t, local.min.y}, g.place * Vec2{t, local.max.y}}, false));
        } else if (t > 1e-4) {
            to.push_back(transformed(curve::circle((1 - t) * g.focus, t), g.place));
        }
    }
}

// -- blur ---------------------------------------------------------------------------------------------------------------------------

// How much of each px the outlines cover (even-odd, holes included), by 4 x 4 places; 0..255.
pixel::Grey coverage(const Paths& outlines, const curve::Affine& toPx, int width, int height)
{
    constexpr int fine = 4;
    std::vector<std::vector<Vec2>> rings;
    for (const Path& p : outlines) rings.push_back(curve::flatten(transformed(p, curve::scaling(fine, fine) * toPx), 0.1));
    std::vector<int> hits(static_cast<std::size_t>(width) * static_cast<std::size_t>(height), 0);
    std::vector<double> crossings;
    for (int row = 0; row < height * fine; ++row) {
        const double y = row + 0.5;
        crossings.clear();
        for (const auto& ring : rings)
            for (std::size_t k = 0; k < ring.size(); ++k) {
                const Vec2 a = ring[k], b = ring[(k + 1) % ring.size()];
                if ((a.y <= y) == (b.y <= y)) continue;
                crossings.push_back(a.x + (y - a.y) / (b.y - a.y) * (b.x - a.x));
            }
        std::sort(crossings.begin(), crossings.end());
        for (std::size_t k = 0; k + 1 < crossings.size(); k += 2) {
            const int from = std::clamp(static_cast<int>(std::ceil(crossings[k] - 0.5)), 0, width * fine);
            const int to = std::clamp(static_cast<int>(std::ceil(crossings[k + 1] - 0.5)), 0, width * fine);
            for (int x = from; x < to; ++x) ++hits[static_cast<std::size_t>(row / fine) * static_cast<std::size_t>(width) + static_cast<std::size_t>(x / fine)];
        }
    }
    pixel::Grey out(width, height);
    for (std::size_t k = 0; k < hits.size(); ++k) out.data[k] = static_cast<std::uint8_t>(std::lround(255.0 * hits[k] / (fine * fine)));
    return out;
}

// A separable Gaussian; kernels reach three deviations, as far as a picture of 8 bits can tell.
pixel::Grey blurred(const pixel::Grey& from, double sigma)
{
    const int reach = static_cast<int>(std::ceil(3 * sigma));
    std::vector<double> kernel;
    double sum = 0;
    for (int k = -reach; k <= reach; ++k) {
        kernel.push_back(std::exp(-0.5 * k * k / (sigma * sigma)));
        sum += kernel.back();
    }
    for (double& v : kernel) v /= sum;
    std::vector<double> across(from.data.size(), 0);
    const auto index = [&](int x, int y) { return static_cast<std::size_t>(y) * static_cast<std::size_t>(from.width) + static_cast<std::size_t>(x); };
    for (int y = 0; y < from.height; ++y)
        for (int x = 0; x < from.width; ++x)
            for (int k = std::max(-reach, -x); k <= std::min(reach, from.width - 1 - x); ++k)
                across[index(x, y)] += kernel[static_cast<std::size_t>(k + reach)] * static_cast<double>(from.at(x + k, y));
    pixel::Grey out(from.width, from.height);
    for (int y = 0; y < from.height; ++y)
        for (int x = 0; x < from.width; ++x) {
            double v = 0;
            for (int k = std::max(-reach, -y); k <= std::min(reach, from.height - 1 - y); ++k)
                v += kernel[static_cast<std::size_t>(k + reach)] * across[index(x, y + k)];
            out.at(x, y) = static_cast<std::uint8_t>(std::lround(std::clamp(v, 0.0, 255.0)));
        }
    return out;
}

// Where the blurred outline is more than each of the levels (0..1, ascending) opaque.
std::vector<Paths> levelsOfBlur(const Paths& outlines, double sigma, const std::vector<double>& levels, double slack)
{
    constexpr double pxPerSigma = 4, mostSide = 3000;
    const curve::Box box = curve::bounds(outlines).grown(3.2 * sigma + 1);
    if (box.empty()) return std::vector<Paths>(levels.size());
    double scale = pxPerSigma / sigma;
    scale = std::min(scale, mostSide / std::max(box.width(), box.height()));
    const int width = std::max(2, static_cast<int>(std::ceil(box.width() * scale))), height = std::max(2, static_cast<int>(std::ceil(box.height() * scale)));
    const curve::Affine toPx = curve::scaling(scale, scale) * curve::translation(-box.min), back = *curve::inverse(toPx);
    pixel::Grey field = blurred(coverage(outlines, toPx, width, height), std::max(0.3, sigma * scale));
    for (std::uint8_t& v : field.data) v = static_cast<std::uint8_t>(255 - v); // dark is what level lines go round
    std::vector<Paths> out;
    for (const double level : levels) {
        Paths here;
        for (const trace::LevelLine& l : trace::levelLines(field, 255 * (1 - level), 2, 255)) {
            curve::FitOptions o;
            o.slack = std::max(0.15, slack * scale);
            o.cornerFrom = curve::pi; // a blur has none
            o.quick = true;           // steps of a dozen levels each: few enough nodes as it is
            here.push_back(transformed(curve::fit(l.points, true, o).path, back));
        }
        out.push_back(std::move(here));
    }
    return out;
}

// -- the tree --------------------------------------------------------------------------------------------------------------------------

class Collector {
public:
    Collector(const FlattenOptions& options, Painting& out) : options_(options), out_(out) {}

    std::size_t pictures = 0, islands = 0;

    void item(const Item& i, double opacity, double blur, std::vector<Node>& to)
    {
        if (!i.shown || i.opacity <= 0) return;
        blur = std::hypot(blur, i.blur); // one after the other (variances add)
        std::visit(Each{[&](const Artwork& a) { artwork(i, a, opacity, blur, to); }, [&](const Reference&) { ++pictures; }, [&](const Island&) { ++islands; },
                        [&](const Group& g) {
                            Node n = nodeOf(i, opacity);
                            for (const ItemPtr& c : *g.items) item(*c, 1, blur, n.children);
                            if (!n.children.empty()) to.push_back(std::move(n));
                        }},
                   i.is);
    }

private:
    const FlattenOptions& options_;
    Painting& out_;

    static Node nodeOf(const Item& i, double opacity)
    {
        Node n;
        n.opacity = i.opacity * opacity;
        n.blend = i.blend;
        return n;
    }

    std::uint32_t region(Paths outlines, bool evenOdd)
    {
        out_.regions.push_back({std::move(outlines), evenOdd});
        return static_cast<std::uint32_t>(out_.regions.size() - 1);
    }

    void leaf(Paths outlines, bool evenOdd, const Fill& fill, double blur, std::vector<Node>& to)
    {
        Node n;
        n.leaf = true;
        n.fill = fill;
        if (fill.gradient && fill.gradient->stops.size() > 1) {
            n.cuts = stepsOf(*fill.gradient, options_.steps);
            addPartings(*fill.gradient, n.cuts, curve::bounds(outlines).grown(3 * blur), out_.partings);
        }
        constexpr double sharp = 0.05; // px
        if (blur < sharp) {
            n.on = {region(std::move(outlines), evenOdd)};
        } else {
            const Paths clean = planar::combine({{std::move(outlines), evenOdd}}, planar::Operation::unite);
            std::vector<double> levels;
            for (int k = 0; k < options_.steps; ++k) levels.push_back((k + 0.5) / options_.steps);
            for (Paths& level : levelsOfBlur(clean, blur, levels, options_.slack)) n.on.push_back(region(std::move(level), true));
        }
        to.push_back(std::move(n));
    }

    void artwork(const Item& i, const Artwork& a, double opacity, double blur, std::vector<Node>& to)
    {
        if (a.guide || a.paths->empty()) return;
        Node n = nodeOf(i, opacity);
        const auto line = [&] {
            Paths covered = lineArea(a);
            if (covered.empty()) return;
            Fill f;
            f.colour = a.stroke.colour;
            f.opacity = a.stroke.opacity;
            f.gradient = a.stroke.gradient;
            leaf(std::move(covered), false, f, blur, n.children);
        };
        if (a.stroke.behind) line();
        if (a.fill.colour) leaf(a.paths, a.fill.evenOdd, a.fill, blur, n.children);
        if (!a.inside.empty()) {
            // What lies inside is laid on the fill by itself: only clipped.
            const std::size_t before = n.children.size();
            for (const ItemPtr& c : a.inside) item(*c, 1, blur, n.children);
            if (n.children.size() > before) {
                const std::uint32_t clip = region(a.paths, a.fill.evenOdd);
                for (std::size_t k = before; k < n.children.size(); ++k) n.children[k].clip.push_back(clip);
            }
        }
        if (!a.stroke.behind) line();
        if (!n.children.empty()) to.push_back(std::move(n));
    }
};

} // namespace

Painting paintingOf(const Document& d, const FlattenOptions& options, std::vector<std::string>& notes)
{
    Painting out;
    Collector c(options, out);
    if (d.sheet.hasBackground) {
        Item ground;
        Artwork a;
        a.setPaths({curve::rectangle({0, 0}, {d.sheet.width, d.sheet.height})});
        a.stroke.colour.reset();
        a.fill.colour = d.sheet.background;
        ground.is = std::move(a);
        c.item(ground, 1, 0, out.nodes);
    }
    for (const LayerPtr& l : d.layers) {
        if (!l->shown || l->opacity <= 0) continue;
        Node layer;
        layer.opacity = l->opacity;
        for (const ItemPtr& i : shownHalf(*l)) c.item(*i, 1, 0, layer.children);
        for (const ItemPtr& i : mirroredItems(*l)) c.item(*i, 1, 0, layer.children);
        if (layer.children.empty()) continue;
        // A layer that hides nothing blends straight into what lies below it.
        if (l->opacity >= 1)
            std::move(layer.children.begin(), layer.children.end(), std::back_inserter(out.nodes));
        else
            out.nodes.push_back(std::move(layer));
    }
    if (c.pictures) notes.push_back(words::counted("%n picture(s) left out", static_cast<long long>(c.pictures)));
    if (c.islands) notes.push_back(words::counted("%n part(s) kept whole left out", static_cast<long long>(c.islands)));
    return out;
}

namespace {

struct At {
    const Painting& painting;
    const std::vector<std::uint32_t>& regions;
    Vec2 place;

    bool in(std::uint32_t region) const { return std::binary_search(regions.begin(), regions.end(), region); }

    Premixed leaf(const Node& n) const
    {
        double cover = 0;
        if (n.on.size() == 1)
            cover = in(n.on.front()) ? 1 : 0;
        else // in so many of the steps
            cover = static_cast<double>(std::count_if(n.on.begin(), n.on.end(), [&](std::uint32_t r) { return in(r); })) / static_cast<double>(n.on.size());
        if (cover <= 0) return {};
        Colour c = n.fill.colour.value_or(Colour{0, 0, 0});
        double alpha = n.fill.opacity * cover;
        if (const auto& g = n.fill.gradient; g && !g->stops.empty()) {
            const std::vector<double>& cuts = n.cuts;
            const double t = shareAt(*g, place);
            const auto k = static_cast<std::size_t>(std::upper_bound(cuts.begin(), cuts.end(), t) - cuts.begin());
            // The middle of its step; of the first and last the very ends where the gradient goes on beyond them.
            const double low = k ? cuts[k - 1] : 0, high = k < cuts.size() ? cuts[k] : 1;
            const GradientStop s = colourAt(*g, t <= 0 && cuts.empty() ? 0 : 0.5 * (low + high));
            c = s.colour;
            alpha *= s.opacity;
        }
        return premixed(c, alpha);
    }

    // The node laid on what is there.
    void lay(const Node& n, Premixed& ground) const
    {
        for (const std::uint32_t r : n.clip)
            if (!in(r)) return;
        if (n.leaf) {
            ground = blended(ground, leaf(n), n.blend, n.opacity);
            return;
        }
        if (n.children.empty()) return;
        Premixed own;
        for (const Node& c : n.children) lay(c, own);
        ground = blended(ground, own, n.blend, n.opacity);
    }
};

} // namespace

std::optional<Colour> colourAt(const Painting& painting, const std::vector<std::uint32_t>& regions, Vec2 at, const FlattenOptions& options)
{
    const At here{painting, regions, at};
    Premixed out = options.onGround ? premixed(options.ground, 1) : Premixed{};
    for (const Node& n : painting.nodes) here.lay(n, out);
    if (out.a < 0.5 / 255) return std::nullopt;
    return over(out, options.ground);
}

} // namespace softrope::art
