// Shapes painted one over the other: what is seen is the map, nothing shows between, and what goes on under later ones is the least.
#include "curve/polygon.h"
#include "tone/painting_order.h"
#include "tone/reach_under.h"
#include "tone/shapes.h"

#include <catch2/catch.hpp>

#include <numeric>
#include <random>

using namespace softrope;
using curve::Vec2;
using pixel::Lab;
using pixel::Rgba;

namespace {

// Soft blobs of a few tones, with small islands.
tone::Labels blobs(int w, int h, int tones, unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> u(0, 1);
    std::vector<std::array<double, 4>> hills(9);
    for (auto& hill : hills) hill = {w * u(random), h * u(random), 4 + 10 * u(random), u(random) < 0.5 ? -1.0 : 1.0};
    tone::Labels l(w, h);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            double v = 0.5;
            for (const auto& [hx, hy, r, sign] : hills) v += 0.45 * sign * std::exp(-((x - hx) * (x - hx) + (y - hy) * (y - hy)) / (2 * r * r));
            l.at(x, y) = static_cast<std::uint8_t>(std::clamp(static_cast<int>(v * tones), 0, tones - 1));
        }
    for (int k = 0; k < 4; ++k) {
        const int x0 = static_cast<int>(u(random) * (w - 6)), y0 = static_cast<int>(u(random) * (h - 6)), label = static_cast<int>(random()) & 1;
        for (int y = y0; y < y0 + 5; ++y)
            for (int x = x0; x < x0 + 5; ++x) l.at(x, y) = static_cast<std::uint8_t>(label ? tones - 1 : 0);
    }
    return l;
}

// Cells about scattered points, where any tone may lie beside any other and mostly three meet.
tone::Labels cells(int w, int h, int tones, unsigned seed)
{
    std::mt19937 random(seed);
    std::uniform_real_distribution<double> u(0, 1);
    std::vector<std::pair<Vec2, std::uint8_t>> sites(30);
    for (auto& [at, label] : sites) {
        at = {w * u(random), h * u(random)};
        label = static_cast<std::uint8_t>(random() % static_cast<unsigned>(tones));
    }
    tone::Labels l(w, h);
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x)
            l.at(x, y) = std::min_element(sites.begin(), sites.end(), [&](const auto& a, const auto& b) {
                             return distance(a.first, Vec2{x + 0.5, y + 0.5}) < distance(b.first, Vec2{x + 0.5, y + 0.5});
                         })->second;
    return l;
}

std::vector<Rgba> greys(int n)
{
    std::vector<Rgba> out;
    for (int k = 0; k < n; ++k) {
        const auto v = static_cast<std::uint8_t>(20 + 220 * k / std::max(1, n - 1));
        out.push_back({v, v, v, 255});
    }
    return out;
}
std::vector<Lab> labs(const std::vector<Rgba>& colours)
{
    std::vector<Lab> out;
    for (const Rgba c : colours) out.push_back(pixel::labOf(c));
    return out;
}

tone::RegionMap mapOf(const tone::Labels& l, const std::vector<Rgba>& colours)
{
    pixel::Picture p(l.width, l.height);
    for (std::size_t k = 0; k < l.data.size(); ++k) p.data[k] = colours[l.data[k]];
    tone::RegionMapOptions o;
    o.slack = 0.6;
    o.gradual = true;
    return tone::mapRegions(l, p, colours, o);
}

// Nodes round a set of regions, the picture's frame included, by the map.
double nodesRound(const tone::RegionMap& map, const std::vector<char>& in)
{
    double n = 0;
    for (const tone::Border& b : map.borders) {
        const auto inside = [&](int r) { return r != tone::beyond && in[static_cast<std::size_t>(r)]; };
        if (inside(b.left) != inside(b.right)) n += static_cast<double>(nodesOf(b));
    }
    return n;
}

// The regions that are painted before the k-th group of the order.
std::vector<char> earlier(const tone::RegionMap& map, const tone::PaintingOrder& order, std::size_t k)
{
    std::vector<char> out(map.regions.size(), 0);
    for (std::size_t i = 0; i < k; ++i)
        for (const int r : order[i]) out[static_cast<std::size_t>(r)] = 1;
    return out;
}

// A shape as fine rings, holes by even-odd.
struct Painted {
    Rgba colour;
    std::vector<std::vector<Vec2>> rings;
    bool covers(Vec2 p) const
    {
        bool in = false;
        for (const auto& r : rings) in = in != curve::insidePolygon(r, p);
        return in;
    }
};
std::vector<Painted> paintedBy(const std::vector<tone::ToneShape>& shapes)
{
    std::vector<Painted> out;
    for (const tone::ToneShape& s : shapes) {
        out.push_back({s.colour, {}});
        for (const curve::Path& p : s.outline) out.back().rings.push_back(curve::flatten(p, 0.002));
    }
    return out;
}

// How much of the ground shows in a px that a border halves, each shape painted by how much of it it covers.
double groundAt(const std::vector<Painted>& shapes, Vec2 one, Vec2 other)
{
    double ground = 1;
    for (const Painted& s : shapes) ground *= 1 - 0.5 * s.covers(one) - 0.5 * s.covers(other);
    return ground;
}

} // namespace

TEST_CASE("what is seen of painted shapes is the map: every tone in its place, and no ground between")
{
    for (const bool gradual : {false, true})
        for (unsigned seed = 1; seed <= 20; ++seed) {
            INFO((gradual ? "gradual " : "flat ") << seed);
            const int tones = 3 + static_cast<int>(seed % 6);
            const std::vector<Rgba> colours = greys(tones);
            const tone::RegionMap map = mapOf(seed % 2 ? blobs(60, 44, tones, seed) : cells(90, 66, tones, seed), colours);
            const std::vector<Painted> shapes = paintedBy(tone::shapesOf(map, colours, gradual));
            int looked = 0;
            for (const tone::Border& border : map.borders) {
                if (border.left == tone::beyond || border.right == tone::beyond || border.path.nodes.size() < 2) continue;
                const curve::Cubic piece = border.path.piece(border.path.pieceCount() / 2);
                const Vec2 at = curve::at(piece, 0.5), across = perpendicular(curve::tangentAt(piece, 0.5));
                if (!(length(across) > 0.5)) continue;
                const Lab left = pixel::labOf(colours[map.regions[static_cast<std::size_t>(border.left)].label]),
                          right = pixel::labOf(colours[map.regions[static_cast<std::size_t>(border.right)].label]);
                // Other borders nearer than that are looked at in their turn.
                constexpr double near = 0.02;
                bool alone = true;
                for (const tone::Border& b : map.borders)
                    if (&b != &border && b.path.nodes.size() > 1)
                        if (const auto p = curve::nearest(b.path, at); p && p->distance < 0.3) alone = false;
                if (!alone) continue;
                ++looked;
                const auto topOf = [&](Vec2 p) {
                    Rgba top{0, 0, 0, 0};
                    for (const Painted& s : shapes)
                        if (s.covers(p)) top = s.colour;
                    return top;
                };
                const Lab one = pixel::labOf(topOf(at + across * near)), two = pixel::labOf(topOf(at - across * near));
                CHECK(((one == left && two == right) || (one == right && two == left)));
                CHECK(groundAt(shapes, at + across * near, at - across * near) == 0);
            }
            CHECK(looked > 10);
        }
}

TEST_CASE("what a shape goes on under is the cut with the fewest nodes: no other set of regions has fewer")
{
    // The theorem of Ford and Fulkerson (Maximal flow through a network, 1956) says what the least is; here every set is tried.
    int tried = 0;
    for (unsigned seed = 1; seed <= 40; ++seed) {
        const std::vector<Rgba> colours = greys(4);
        const std::vector<Lab> alike(4, Lab{50, 0, 0}); // nothing that shows differs: nodes alone count
        const tone::RegionMap map = mapOf(blobs(40, 30, 4, seed), colours);
        if (map.regions.size() > 13) continue;
        INFO(seed);
        for (const tone::Meeting meeting : {tone::Meeting::under, tone::Meeting::mayShow}) {
            for (const tone::PaintingOrder& order : {tone::byExtent(map), tone::byLight(map, labs(colours))}) {
                const auto reaches = tone::reachesUnder(map, alike, order, meeting);
                REQUIRE(reaches.size() == order.size());
                for (std::size_t k = 0; k < order.size(); ++k) {
                    const std::vector<char> before = earlier(map, order, k);
                    std::vector<char> got(map.regions.size(), 0), needed(map.regions.size(), 0);
                    for (const int r : reaches[k]) got[static_cast<std::size_t>(r)] = 1;
                    for (const int r : order[k]) needed[static_cast<std::size_t>(r)] = 1;
                    std::vector<char> beside = needed; // with all that is painted later and touches it
                    for (const tone::Border& b : map.borders)
                        for (const auto& [one, two] : {std::pair{b.left, b.right}, {b.right, b.left}})
                            if (one != tone::beyond && two != tone::beyond && needed[static_cast<std::size_t>(one)] && !before[static_cast<std::size_t>(two)])
                                beside[static_cast<std::size_t>(two)] = 1;
                    if (meeting == tone::Meeting::under) needed = beside;
                    bool all = true, none = true;
                    std::vector<int> free;
                    for (std::size_t r = 0; r < got.size(); ++r) {
                        all = all && (got[r] || !needed[r]);
                        none = none && !(got[r] && before[r]);
                        if (!needed[r] && !before[r]) free.push_back(static_cast<int>(r));
                    }
                    CHECK(all);  // covers what it has to
                    CHECK(none); // and nothing of what was painted earlier
                    const auto leastWith = [&](const std::vector<char>& have) {
                        double least = 1e9;
                        for (unsigned set = 0; set < 1U << free.size(); ++set) {
                            std::vector<char> in = have;
                            for (std::size_t i = 0; i < free.size(); ++i)
                                if (set >> i & 1U) in[static_cast<std::size_t>(free[i])] = 1;
                            least = std::min(least, nodesRound(map, in));
                        }
                        return least;
                    };
                    // Over the bare ground a shape reaches under some beside it in any case: that many it may have more.
                    CHECK(nodesRound(map, got) >= leastWith(needed));
                    CHECK(nodesRound(map, got) <= leastWith(beside));
                    ++tried;
                }
            }
        }
    }
    CHECK(tried > 100);
}

TEST_CASE("groups with long borders between them follow one another, and no order is made worse")
{
    // Stripes, each tone beside the next, given in a muddle: the best order is theirs, from either end.
    tone::Labels stripes(90, 30);
    const std::vector<std::uint8_t> labels{3, 0, 5, 2, 7, 1, 8, 4, 6};
    for (int y = 0; y < 30; ++y)
        for (int x = 0; x < 90; ++x) stripes.at(x, y) = labels[static_cast<std::size_t>(x / 10)];
    const std::vector<Rgba> colours = greys(9);
    const tone::RegionMap map = mapOf(stripes, colours);
    const tone::PaintingOrder order = tone::neighboursTogether(map, tone::byLight(map, labs(colours)));
    std::vector<std::uint8_t> found;
    for (const auto& g : order) {
        REQUIRE(g.size() == 1);
        found.push_back(map.regions[static_cast<std::size_t>(g.front())].label);
    }
    CHECK((found == labels || std::equal(found.rbegin(), found.rend(), labels.begin(), labels.end())));

    // Small ones against every order there is.
    for (unsigned seed = 1; seed <= 8; ++seed) {
        INFO(seed);
        const std::vector<Rgba> five = greys(5);
        const tone::RegionMap m = mapOf(blobs(60, 44, 5, seed), five);
        const tone::PaintingOrder given = tone::byLight(m, labs(five));
        const auto costOf = [&](const tone::PaintingOrder& o) {
            std::vector<int> place(m.regions.size());
            for (std::size_t k = 0; k < o.size(); ++k)
                for (const int r : o[k]) place[static_cast<std::size_t>(r)] = static_cast<int>(k);
            double sum = 0;
            for (const tone::Border& b : m.borders)
                if (b.left != tone::beyond && b.right != tone::beyond)
                    sum += static_cast<double>(nodesOf(b)) * std::abs(place[static_cast<std::size_t>(b.left)] - place[static_cast<std::size_t>(b.right)]);
            return sum;
        };
        std::vector<std::size_t> way(given.size());
        std::iota(way.begin(), way.end(), std::size_t{0});
        double best = 1e9;
        do {
            tone::PaintingOrder o;
            for (const std::size_t k : way) o.push_back(given[k]);
            best = std::min(best, costOf(o));
        } while (std::next_permutation(way.begin(), way.end()));
        const double ours = costOf(tone::neighboursTogether(m, given));
        CHECK(ours <= costOf(given));
        CHECK(ours <= 1.1 * best);
    }
}

TEST_CASE("every border lies wholly under or within some shape, whatever the order, so that the ground is never seen")
{
    for (unsigned seed = 1; seed <= 40; ++seed) {
        INFO(seed);
        const tone::RegionMap map = mapOf(cells(90, 66, 6, seed), greys(6));
        tone::PaintingOrder order = seed % 2 ? tone::byLight(map, labs(greys(6))) : tone::byExtent(map);
        std::shuffle(order.begin(), order.end(), std::mt19937(seed));
        const auto reaches = tone::reachesUnder(map, std::vector<Lab>(6, Lab{50, 0, 0}), order, tone::Meeting::mayShow);
        for (const tone::Border& b : map.borders) {
            if (b.left == tone::beyond || b.right == tone::beyond) continue;
            CHECK(std::any_of(reaches.begin(), reaches.end(), [&](const std::vector<int>& all) {
                return std::count(all.begin(), all.end(), b.left) && std::count(all.begin(), all.end(), b.right);
            }));
        }
    }
}

TEST_CASE("a shape reaches under its neighbour where what lies beneath would show as a hair, and not where nobody sees it")
{
    // Two that meet within a third, which is painted first and under both.
    tone::Labels l(80, 50, 0);
    for (int y = 10; y < 40; ++y)
        for (int x = 10; x < 70; ++x) l.at(x, y) = x + 4 * std::sin(0.5 * y) < 40 ? 1 : 2;
    const std::vector<Rgba> colours = greys(3);
    const tone::RegionMap map = mapOf(l, colours);
    REQUIRE(map.regions.size() == 3);
    const auto regionOf = [&](int label) {
        for (std::size_t r = 0; r < 3; ++r)
            if (map.regions[r].label == label) return static_cast<int>(r);
        return -1;
    };
    const tone::PaintingOrder order{{regionOf(0)}, {regionOf(1)}, {regionOf(2)}};
    const auto second = [&](Lab ground) {
        return tone::reachesUnder(map, {ground, {70, 0, 0}, {80, 0, 0}}, order, tone::Meeting::mayShow)[1];
    };
    CHECK(second({5, 0, 0}) == std::vector<int>{regionOf(1), regionOf(2)});
    CHECK(second({74, 60, 0}) == std::vector<int>{regionOf(1), regionOf(2)});
    // A mixture of both is what an edge looks like anyway.
    CHECK(second({75, 0, 0}) == std::vector<int>{regionOf(1)});
    CHECK(tone::reachesUnder(map, {{75, 0, 0}, {70, 0, 0}, {80, 0, 0}}, order, tone::Meeting::under)[1].size() == 2);
}

TEST_CASE("tones changed over in their order take fewer nodes")
{
    double given = 0, ours = 0;
    for (unsigned seed = 1; seed <= 12; ++seed) {
        INFO(seed);
        const std::vector<Rgba> colours = greys(8);
        const tone::RegionMap map = mapOf(blobs(90, 66, 8, seed), colours);
        const auto nodesBy = [&](const tone::PaintingOrder& order) {
            double n = 0;
            for (const std::vector<int>& reach : tone::reachesUnder(map, labs(colours), order, tone::Meeting::mayShow)) {
                std::vector<char> in(map.regions.size(), 0);
                for (const int r : reach) in[static_cast<std::size_t>(r)] = 1;
                n += nodesRound(map, in);
            }
            return n;
        };
        tone::PaintingOrder muddled = tone::byLight(map, labs(colours));
        std::shuffle(muddled.begin(), muddled.end(), std::mt19937(seed));
        const tone::PaintingOrder changed = tone::changedOver(map, labs(colours), muddled);
        CHECK(std::is_permutation(changed.begin(), changed.end(), muddled.begin(), muddled.end()));
        given += nodesBy(muddled);
        ours += nodesBy(changed);
    }
    CHECK(ours < 0.95 * given);
}

TEST_CASE("tones that lie among one another take far fewer nodes than each region drawn round")
{
    const std::vector<Rgba> colours = greys(8);
    const tone::RegionMap map = mapOf(blobs(120, 90, 8, 5), colours);
    double each = 0;
    for (std::size_t r = 0; r < map.regions.size(); ++r) {
        std::vector<char> in(map.regions.size(), 0);
        in[r] = 1;
        each += nodesRound(map, in);
    }
    const auto ours = static_cast<double>(tone::nodesOf(tone::shapesOf(map, colours, true)));
    CHECK(ours < 0.75 * each);
}

TEST_CASE("a map of one region, and none at all, are painted without trouble")
{
    const std::vector<Rgba> colours = greys(2);
    CHECK(tone::shapesOf(mapOf(tone::Labels(20, 10, 1), colours), colours, true).size() == 1);
    CHECK(tone::shapesOf({}, colours, true).empty());
    CHECK(tone::shapesOf({}, colours, false).empty());
    CHECK(tone::neighboursTogether({}, {}).empty());
    CHECK(tone::changedOver({}, {}, {}).empty());
}
