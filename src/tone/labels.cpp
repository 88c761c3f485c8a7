#include "tone/labels.h"

#include "tone/components.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::tone {

using pixel::Lab;
using pixel::squaredDistance;

namespace {

constexpr std::uint8_t none = 255;

std::uint8_t nearestOf(Lab c, const std::vector<Lab>& colours, bool lightnessOnly)
{
    std::uint8_t best = 0;
    float least = 1e12F;
    for (std::size_t k = 0; k < colours.size(); ++k) {
        const float d = lightnessOnly ? (c.l - colours[k].l) * (c.l - colours[k].l) : squaredDistance(c, colours[k]);
        if (d < least) {
            least = d;
            best = static_cast<std::uint8_t>(k);
        }
    }
    return best;
}

template <class Act> void eachRow(int height, Act act)
{
    tbb::parallel_for(tbb::blocked_range<int>(0, height, 32), [&](const tbb::blocked_range<int>& r) {
        for (int y = r.begin(); y < r.end(); ++y) act(y);
    });
}

// Distance of c from the straight between two colours, squared, when it lies well between them; else a large number.
float offMixture(Lab c, Lab a, Lab b)
{
    const float dl = b.l - a.l, da = b.a - a.a, db = b.b - a.b, q = dl * dl + da * da + db * db;
    if (q < 1) return 1e12F;
    const float t = ((c.l - a.l) * dl + (c.a - a.a) * da + (c.b - a.b) * db) / q;
    if (t < 0.06F || t > 0.94F) return 1e12F;
    return squaredDistance(c, {a.l + t * dl, a.a + t * da, a.b + t * db});
}

} // namespace

Labels nearestLabels(const LabPicture& p, const std::vector<Lab>& colours, bool lightnessOnly)
{
    Labels out(p.width, p.height);
    eachRow(p.height, [&](int y) {
        for (int x = 0; x < p.width; ++x) out.at(x, y) = nearestOf(p.at(x, y), colours, lightnessOnly);
    });
    return out;
}

Labels grownLabels(const LabPicture& p, const std::vector<Lab>& colours, double noise)
{
    const auto still = static_cast<float>(std::pow(4 + 3 * noise, 2)), close = static_cast<float>(std::pow(9 + 3 * noise, 2));
    Labels seeds(p.width, p.height, none);
    const Labels nearest = nearestLabels(p, colours);
    // Still pixels near their colour.
    eachRow(p.height, [&](int y) {
        for (int x = 0; x < p.width; ++x) {
            const Lab c = p.at(x, y);
            if (squaredDistance(c, colours[nearest.at(x, y)]) > 4 * close) continue;
            bool calm = true;
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                const int u = std::clamp(x + dx, 0, p.width - 1), v = std::clamp(y + dy, 0, p.height - 1);
                if (squaredDistance(c, p.at(u, v)) > still) calm = false;
            }
            if (calm) seeds.at(x, y) = nearest.at(x, y);
        }
    });
    // Thin lines have no still pixels: what is close to a colour and no mixture of two others around it counts too.
    Labels more = seeds;
    eachRow(p.height, [&](int y) {
        for (int x = 0; x < p.width; ++x) {
            if (seeds.at(x, y) != none) continue;
            const Lab c = p.at(x, y);
            const std::uint8_t mine = nearest.at(x, y);
            const float own = squaredDistance(c, colours[mine]);
            if (own > close) continue;
            std::array<bool, 256> around{};
            for (int v = std::max(0, y - 5); v <= std::min(p.height - 1, y + 5); ++v)
                for (int u = std::max(0, x - 5); u <= std::min(p.width - 1, x + 5); ++u)
                    if (seeds.at(u, v) != none) around[seeds.at(u, v)] = true;
            bool mixed = false;
            for (std::size_t a = 0; a < colours.size() && !mixed; ++a)
                for (std::size_t b = a + 1; b < colours.size() && !mixed; ++b)
                    if (around[a] && around[b] && a != mine && b != mine && offMixture(c, colours[a], colours[b]) < std::max(own, close)) mixed = true;
            if (!mixed) more.at(x, y) = mine;
        }
    });
    // Growing, best match first.
    Labels out = more;
    constexpr int levels = 400;
    std::vector<std::vector<std::uint64_t>> queue(levels);
    const auto offer = [&](int x, int y, std::uint8_t label, int from) {
        if (x < 0 || y < 0 || x >= p.width || y >= p.height || out.at(x, y) != none) return;
        const int cost = std::clamp(static_cast<int>(2 * std::sqrt(squaredDistance(p.at(x, y), colours[label]))), from, levels - 1);
        queue[static_cast<std::size_t>(cost)].push_back(static_cast<std::uint64_t>(label) << 48 | static_cast<std::uint64_t>(y) << 24 |
                                                        static_cast<std::uint64_t>(x));
    };
    for (int y = 0; y < p.height; ++y)
        for (int x = 0; x < p.width; ++x)
            if (out.at(x, y) != none)
                for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) offer(x + dx, y + dy, out.at(x, y), 0);
    for (int level = 0; level < levels; ++level)
        for (std::size_t k = 0; k < queue[static_cast<std::size_t>(level)].size(); ++k) {
            const std::uint64_t e = queue[static_cast<std::size_t>(level)][k];
            const int x = static_cast<int>(e & 0xFFFFFF), y = static_cast<int>(e >> 24 & 0xFFFFFF);
            const auto label = static_cast<std::uint8_t>(e >> 48);
            if (out.at(x, y) != none) continue;
            out.at(x, y) = label;
            for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) offer(x + dx, y + dy, label, level);
        }
    for (std::size_t k = 0; k < out.data.size(); ++k)
        if (out.data[k] == none) out.data[k] = nearest.data[k]; // no seed at all
    return out;
}

void settleLabels(Labels& labels, const LabPicture& p, const std::vector<Lab>& colours, double price, int sweeps, bool lightnessOnly)
{
    const auto full = static_cast<float>(price), part = static_cast<float>(0.7 * price);
    for (int sweep = 0; sweep < sweeps; ++sweep)
        // Rows of one parity look at rows of the other only, beside their own neighbours of the last turn.
        for (const int parity : {0, 1}) {
            const Labels before = labels;
            tbb::parallel_for(tbb::blocked_range<int>(0, p.height, 32), [&](const tbb::blocked_range<int>& r) {
                for (int y = r.begin(); y < r.end(); ++y) {
                    if ((y & 1) != parity) continue;
                    const std::uint8_t *up = before.row(std::max(0, y - 1)), *row = before.row(y), *down = before.row(std::min(p.height - 1, y + 1));
                    for (int x = 0; x < p.width; ++x) {
                        // Most pixels have neighbours of their own colour only.
                        const int l = std::max(0, x - 1), r2 = std::min(p.width - 1, x + 1);
                        const std::uint8_t own8 = row[x];
                        if (row[l] == own8 && row[r2] == own8 && up[x] == own8 && down[x] == own8 && up[l] == own8 && up[r2] == own8 && down[l] == own8 &&
                            down[r2] == own8)
                            continue;
                        // The labels round it, each with the weight of its neighbours together.
                        std::array<std::uint8_t, 9> around{own8};
                        std::array<float, 9> weight{};
                        std::size_t n = 1;
                        float total = 0;
                        const auto add = [&](std::uint8_t label, float w) {
                            std::size_t k = 0;
                            while (k < n && around[k] != label) ++k;
                            if (k == n) around[n++] = label;
                            weight[k] += w;
                            total += w;
                        };
                        for (int dy = -1; dy <= 1; ++dy)
                            for (int dx = -1; dx <= 1; ++dx)
                                if ((dx != 0 || dy != 0) && before.inside(x + dx, y + dy)) add(before.at(x + dx, y + dy), dx != 0 && dy != 0 ? part : full);
                        if (n == 1) continue; // at the picture's edge
                        const Lab c = p.at(x, y);
                        float least = 1e12F;
                        std::uint8_t best = own8;
                        for (std::size_t k = 0; k < n; ++k) {
                            const Lab q = colours[around[k]];
                            const float cost = (lightnessOnly ? (c.l - q.l) * (c.l - q.l) : squaredDistance(c, q)) + total - weight[k];
                            if (cost < least) {
                                least = cost;
                                best = around[k];
                            }
                        }
                        labels.at(x, y) = best;
                    }
                }
            });
        }
}

namespace {

template <class Colours> void sweepBy(Labels& labels, const Colours& colourAt, const std::vector<Lab>& colours, double smallest)
{
    if (smallest <= 1) return;
    const int rounds = labels.data.size() > 3000000 ? 2 : 3;
    for (int round = 0; round < rounds; ++round) {
        const Components all = componentsOf(labels);
        struct Speck {
            double l = 0, a = 0, b = 0;
            std::array<float, 64> around{}; // px of its border, by the label beyond
        };
        std::vector<int> speckOf(all.pixels.size(), -1);
        std::vector<Speck> specks;
        std::vector<std::size_t> sizes;
        for (std::size_t k = 0; k < all.pixels.size(); ++k)
            if (static_cast<double>(all.pixels[k]) < smallest) {
                speckOf[k] = static_cast<int>(specks.size());
                specks.emplace_back();
                sizes.push_back(all.pixels[k]);
            }
        if (specks.empty()) return;
        for (int y = 0; y < labels.height; ++y)
            for (int x = 0; x < labels.width; ++x) {
                const int s = speckOf[static_cast<std::size_t>(all.id.at(x, y))];
                if (s < 0) continue;
                Speck& speck = specks[static_cast<std::size_t>(s)];
                const Lab c = colourAt(x, y);
                speck.l += static_cast<double>(c.l);
                speck.a += static_cast<double>(c.a);
                speck.b += static_cast<double>(c.b);
                for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                    if (!labels.inside(x + dx, y + dy)) continue;
                    const std::uint8_t other = labels.at(x + dx, y + dy);
                    if (other == labels.at(x, y) || other >= speck.around.size()) continue;
                    // What is large is a safer home than another speck.
                    speck.around[other] += speckOf[static_cast<std::size_t>(all.id.at(x + dx, y + dy))] < 0 ? 1.0F : 0.25F;
                }
            }
        std::vector<int> becomes(specks.size(), -1);
        bool changed = false;
        for (std::size_t s = 0; s < specks.size(); ++s) {
            const auto n = static_cast<double>(sizes[s]);
            const Lab mean{static_cast<float>(specks[s].l / n), static_cast<float>(specks[s].a / n), static_cast<float>(specks[s].b / n)};
            double most = 0;
            for (std::size_t k = 0; k < std::min(colours.size(), specks[s].around.size()); ++k)
                if (specks[s].around[k] > 0) {
                    const double score =
                        static_cast<double>(specks[s].around[k]) / (1 + std::sqrt(static_cast<double>(squaredDistance(mean, colours[k]))) / 10);
                    if (score > most) {
                        most = score;
                        becomes[s] = static_cast<int>(k);
                    }
                }
            changed = changed || becomes[s] >= 0;
        }
        if (!changed) return;
        eachRow(labels.height, [&](int y) {
            for (int x = 0; x < labels.width; ++x) {
                const int s = speckOf[static_cast<std::size_t>(all.id.at(x, y))];
                if (s >= 0 && becomes[static_cast<std::size_t>(s)] >= 0) labels.at(x, y) = static_cast<std::uint8_t>(becomes[static_cast<std::size_t>(s)]);
            }
        });
    }
}

} // namespace

void sweepSpecks(Labels& labels, const LabPicture& p, const std::vector<Lab>& colours, double smallest)
{
    sweepBy(
        labels, [&](int x, int y) { return p.at(x, y); }, colours, smallest);
}

void sweepSpecks(Labels& labels, const pixel::Raster<float>& lightness, float perUnit, const std::vector<Lab>& colours, double smallest)
{
    sweepBy(
        labels,
        [&](int x, int y) {
            return Lab{lightness.at(x, y) / perUnit, 0, 0};
        },
        colours, smallest);
}

} // namespace softrope::tone
