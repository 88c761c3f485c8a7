#include "tone/facets.h"

#include "curve/polygon.h"
#include "planar/build.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <random>
#include <set>

namespace softrope::tone {

using curve::Path;
using curve::Paths;
using curve::Vec2;

namespace {

constexpr double snapping = 0.5; // px: chords that end this near the border reach it

struct Corner {
    Vec2 at;
    bool sharp = false; // a corner of the outline, or an end of an earlier chord
};
using Ring = std::vector<Corner>;

double angleBetween(double a, double b)
{
    return std::abs(std::remainder(a - b, 2 * curve::pi));
}

// Corners, and between them points about `step` px apart.
Ring ringOf(const Path& path, double step)
{
    Ring ring;
    for (std::size_t k = 0; k < path.pieceCount(); ++k) {
        const curve::Cubic c = path.piece(k);
        if (!ring.empty() && distance(ring.back().at, c.p0) < 1e-9) ring.pop_back();
        ring.push_back({c.p0, path.nodes[k].kind == curve::NodeKind::corner});
        const auto parts = static_cast<int>(std::clamp(distance(c.p0, c.p3) / step, 1.0, 64.0));
        for (int i = 1; i < parts; ++i) ring.push_back({at(c, static_cast<double>(i) / parts), false});
    }
    return ring;
}

std::vector<Vec2> placesOf(const Ring& ring)
{
    std::vector<Vec2> out;
    for (const Corner& c : ring) out.push_back(c.at);
    return out;
}

double around(const std::vector<Vec2>& ring)
{
    double n = 0;
    for (std::size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++) n += distance(ring[i], ring[j]);
    return n;
}

bool crosses(Vec2 a, Vec2 b, Vec2 c, Vec2 d)
{
    const double s = cross(b - a, c - a), t = cross(b - a, d - a), u = cross(d - c, a - c), v = cross(d - c, b - c);
    return s * t < 0 && u * v < 0;
}

// Whether the chord runs inside the ring from one of its corners to the other.
bool runsInside(const std::vector<Vec2>& ring, std::size_t i, std::size_t j)
{
    const Vec2 a = ring[i], b = ring[j];
    for (std::size_t k = 0, l = ring.size() - 1; k < ring.size(); l = k++)
        if (k != i && k != j && l != i && l != j && crosses(a, b, ring[k], ring[l])) return false;
    for (const double t : {0.02, 0.25, 0.5, 0.75, 0.98})
        if (!insidePolygon(ring, lerp(a, b, t))) return false;
    return true;
}

// Round is 1, slender near 0.
double roundness(const std::vector<Vec2>& ring)
{
    const double n = around(ring);
    return n > 0 ? 4 * curve::pi * std::abs(curve::polygonArea(ring)) / (n * n) : 0;
}

} // namespace

std::vector<Vec2> chordEnds(const Paths& outline, const std::vector<Chord>& chords)
{
    std::vector<Vec2> ends;
    for (const Path& p : outline) {
        const double length = curve::arcLength(p);
        for (const Corner& c : ringOf(p, std::max(8.0, length / 24))) ends.push_back(c.at);
    }
    for (const Chord& c : chords) {
        ends.push_back(c.from);
        ends.push_back(c.to);
    }
    return ends;
}

std::vector<Chord> proposeChords(const Paths& outline, int pieces, std::uint32_t seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> jitter(0, 0.12);
    std::vector<Ring> rings;
    double total = 0;
    for (const Path& p : outline) {
        if (p.nodes.size() < 2) continue;
        Ring ring = ringOf(p, std::max(4.0, curve::arcLength(p) / 40));
        if (ring.size() < 3) continue;
        // Holes are cut through by the chords of what is round them.
        const bool hole = std::any_of(outline.begin(), outline.end(), [&](const Path& o) {
            return &o != &p && std::abs(curve::area(o)) > std::abs(curve::area(p)) && insidePolygon(curve::flatten(o, 0.5), p.nodes.front().at);
        });
        if (hole) continue;
        total += std::abs(curve::polygonArea(placesOf(ring)));
        rings.push_back(std::move(ring));
    }
    std::vector<Chord> chords;
    while (static_cast<int>(rings.size()) < pieces && !rings.empty()) {
        const auto largest = std::max_element(rings.begin(), rings.end(), [](const Ring& a, const Ring& b) {
            return std::abs(curve::polygonArea(placesOf(a))) < std::abs(curve::polygonArea(placesOf(b)));
        });
        const Ring ring = *largest;
        const std::vector<Vec2> places = placesOf(ring);
        const double size = std::abs(curve::polygonArea(places));
        if (size < 1e-6 * total) break;
        const std::size_t n = ring.size();
        double best = 0;
        std::size_t from = 0, to = 0;
        // Running sums make the area of either side of a chord a matter of three products.
        std::vector<double> sums(n + 1, 0);
        for (std::size_t k = 0; k < n; ++k) sums[k + 1] = sums[k] + cross(places[k], places[(k + 1) % n]);
        for (std::size_t i = 0; i < n; ++i)
            for (std::size_t j = i + 2; j < n; ++j) {
                if (i == 0 && j + 1 == n) continue;
                const double part = std::abs(sums[j] - sums[i] + cross(places[j], places[i])) / 2;
                const double even = std::min(part, size - part) / std::max(part, size - part);
                if (even < 0.25) continue;
                const double corners = 0.12 * (ring[i].sharp + ring[j].sharp);
                const double chord = distance(places[i], places[j]) / std::sqrt(size);
                double score = even + corners - 0.35 * chord + jitter(random);
                if (score <= best || !runsInside(places, i, j)) continue;
                const std::vector<Vec2> one(places.begin() + static_cast<std::ptrdiff_t>(i), places.begin() + static_cast<std::ptrdiff_t>(j) + 1);
                std::vector<Vec2> other(places.begin() + static_cast<std::ptrdiff_t>(j), places.end());
                other.insert(other.end(), places.begin(), places.begin() + static_cast<std::ptrdiff_t>(i) + 1);
                score += std::min(roundness(one), roundness(other)) - 0.5;
                if (score > best) {
                    best = score;
                    from = i;
                    to = j;
                }
            }
        if (from == to) {
            // Nothing divides this one: it counts as done.
            if (std::all_of(rings.begin(), rings.end(), [&](const Ring& r) { return r.size() == 3; }) || rings.size() == 1) break;
            rings.erase(largest);
            --pieces;
            continue;
        }
        chords.push_back({places[from], places[to]});
        Ring one(ring.begin() + static_cast<std::ptrdiff_t>(from), ring.begin() + static_cast<std::ptrdiff_t>(to) + 1);
        Ring other(ring.begin() + static_cast<std::ptrdiff_t>(to), ring.end());
        other.insert(other.end(), ring.begin(), ring.begin() + static_cast<std::ptrdiff_t>(from) + 1);
        for (Ring* r : {&one, &other}) {
            r->front().sharp = r->back().sharp = true;
            // Points along the new side too, so that later chords can end there.
            const Vec2 a = r->back().at, b = r->front().at;
            const auto parts = static_cast<int>(std::clamp(distance(a, b) / std::max(4.0, std::sqrt(size) / 6), 1.0, 16.0));
            for (int k = 1; k < parts; ++k) r->push_back({lerp(a, b, static_cast<double>(k) / parts), false});
        }
        *largest = std::move(one);
        rings.push_back(std::move(other));
    }
    return chords;
}

namespace {

// Three shades so that neighbours differ, each covering about a third: the most hemmed in first (Brelaz 1979), then single
// changes while any pair of neighbours is alike. A piece in an odd ring of others needs a fourth, the spare one.
void shade(std::vector<Facet>& pieces, std::mt19937& random)
{
    const std::size_t n = pieces.size();
    std::vector<int> shadeOf(n, -1);
    std::array<double, 4> covered{};
    for (std::size_t k = 0; k < n; ++k)
        if (pieces[k].held) {
            shadeOf[k] = pieces[k].shade;
            covered[static_cast<std::size_t>(pieces[k].shade)] += pieces[k].area;
        }
    std::vector<double> luck(n);
    for (double& l : luck) l = std::uniform_real_distribution<double>(0, 1)(random);
    const auto taken = [&](std::size_t k) {
        std::array<int, 4> count{};
        for (const int b : pieces[k].beside)
            if (shadeOf[static_cast<std::size_t>(b)] >= 0) ++count[static_cast<std::size_t>(shadeOf[static_cast<std::size_t>(b)])];
        return count;
    };
    for (std::size_t round = 0; round < n; ++round) {
        std::size_t next = n;
        double most = -1;
        for (std::size_t k = 0; k < n; ++k) {
            if (shadeOf[k] >= 0) continue;
            const auto t = taken(k);
            const double hemmed = 10.0 * ((t[0] > 0) + (t[1] > 0) + (t[2] > 0)) + 0.1 * static_cast<double>(pieces[k].beside.size()) + 0.05 * luck[k];
            if (hemmed > most) {
                most = hemmed;
                next = k;
            }
        }
        if (next == n) break;
        const auto t = taken(next);
        std::size_t best = 0;
        double least = 1e300;
        for (std::size_t s = 0; s < 3; ++s) {
            const double cost = 1e9 * t[s] + covered[s] + 1e-3 * luck[next];
            if (cost < least) {
                least = cost;
                best = s;
            }
        }
        shadeOf[next] = static_cast<int>(best);
        covered[best] += pieces[next].area;
    }
    for (std::size_t step = 0; step < 90 * n; ++step) {
        const int choice = step < 60 * n ? 3 : shades;
        std::vector<std::size_t> alike;
        for (std::size_t k = 0; k < n; ++k)
            if (!pieces[k].held && taken(k)[static_cast<std::size_t>(shadeOf[k])] > 0) alike.push_back(k);
        if (alike.empty()) break;
        const std::size_t k = alike[random() % alike.size()];
        const auto t = taken(k);
        const int now = shadeOf[k];
        int best = now;
        for (int s = 0; s < choice; ++s)
            if (s != now && (best == now || t[static_cast<std::size_t>(s)] < t[static_cast<std::size_t>(best)] ||
                             (t[static_cast<std::size_t>(s)] == t[static_cast<std::size_t>(best)] && random() % 2 == 0)))
                best = s;
        shadeOf[k] = best;
    }
    for (std::size_t k = 0; k < n; ++k) pieces[k].shade = shadeOf[k];
}

void turn(std::vector<Facet>& pieces, std::mt19937& random)
{
    std::uniform_real_distribution<double> any(-curve::pi, curve::pi);
    std::vector<char> done(pieces.size(), 0);
    for (std::size_t k = 0; k < pieces.size(); ++k) done[k] = pieces[k].held;
    for (std::size_t k = 0; k < pieces.size(); ++k) {
        if (pieces[k].held) continue;
        double best = 0, most = -1;
        for (int trial = 0; trial < 16; ++trial) {
            const double a = any(random);
            double least = 4;
            for (const int b : pieces[k].beside)
                if (done[static_cast<std::size_t>(b)]) least = std::min(least, angleBetween(a, pieces[static_cast<std::size_t>(b)].turn));
            if (least > most) {
                most = least;
                best = a;
            }
            if (least > 4 * curve::pi / 9) break; // 80 degrees are enough
        }
        pieces[k].turn = best;
        done[k] = 1;
    }
}

} // namespace

std::vector<Facet> facetsOf(const FacetPlan& plan)
{
    std::vector<Facet> out;
    Paths lines = plan.outline;
    std::vector<std::vector<Vec2>> rings;
    for (const Path& p : plan.outline) rings.push_back(curve::flatten(p, 0.1));
    for (const Chord& c : plan.chords) lines.push_back(curve::polyline({c.from, c.to}, false));
    planar::BuildOptions o;
    o.gap = snapping;
    const planar::MapPtr map = planar::build(lines, o);
    const std::vector<int> areas = map->areas();
    std::vector<int> place(map->faces().size(), -1);
    const std::vector<Paths> outlines = map->outlines(areas);
    for (std::size_t k = 0; k < areas.size(); ++k) {
        Facet f;
        f.outline = outlines[k];
        f.inner = curve::innerPoint(f.outline);
        bool in = false;
        for (const auto& ring : rings) in = in != insidePolygon(ring, f.inner);
        if (!in) continue; // a hole of the outline
        f.area = map->faces()[static_cast<std::size_t>(areas[k])].area;
        place[static_cast<std::size_t>(areas[k])] = static_cast<int>(out.size());
        for (const Held& h : plan.held)
            if (map->at(h.at) == areas[k]) {
                f.held = true;
                f.locked = h.locked;
                f.shade = std::clamp(h.shade, 0, shades - 1);
                f.turn = h.turn;
            }
        out.push_back(std::move(f));
    }
    std::vector<std::set<int>> beside(out.size());
    for (std::size_t e = 0; e < map->graph().edges.size(); ++e) {
        const int a = place[static_cast<std::size_t>(map->areaOf(static_cast<int>(2 * e)))],
                  b = place[static_cast<std::size_t>(map->areaOf(static_cast<int>(2 * e + 1)))];
        if (a < 0 || b < 0 || a == b) continue;
        beside[static_cast<std::size_t>(a)].insert(b);
        beside[static_cast<std::size_t>(b)].insert(a);
    }
    std::vector<double> sizes;
    for (std::size_t k = 0; k < out.size(); ++k) {
        out[k].beside.assign(beside[k].begin(), beside[k].end());
        sizes.push_back(out[k].area);
    }
    if (sizes.empty()) return out;
    std::nth_element(sizes.begin(), sizes.begin() + static_cast<std::ptrdiff_t>(sizes.size() / 2), sizes.end());
    for (Facet& f : out) f.tiny = f.area < 0.25 * sizes[sizes.size() / 2];
    std::mt19937 random(plan.seed);
    shade(out, random);
    turn(out, random);
    return out;
}

} // namespace softrope::tone
