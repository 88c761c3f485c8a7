#include "tone/labels.h"

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
                        std::array<std::uint8_t, 8> around{};
                        std::array<float, 8> weight{};
                        std::size_t n = 0;
                        bool mixed = false;
                        const std::uint8_t mine = before.at(x, y);
                        for (int dy = -1; dy <= 1; ++dy)
                            for (int dx = -1; dx <= 1; ++dx) {
                                if ((dx == 0 && dy == 0) || !before.inside(x + dx, y + dy)) continue;
                                around[n] = before.at(x + dx, y + dy);
                                weight[n] = dx != 0 && dy != 0 ? part : full;
                                mixed = mixed || around[n] != mine;
                                ++n;
                            }
                        if (!mixed) continue; // at the picture's edge
                        const Lab c = p.at(x, y);
                        float least = 1e12F;
                        std::uint8_t best = mine;
                        for (std::size_t k = 0; k < n; ++k) {
                            const Lab q = colours[around[k]];
                            float cost = lightnessOnly ? (c.l - q.l) * (c.l - q.l) : squaredDistance(c, q);
                            for (std::size_t m = 0; m < n; ++m)
                                if (around[m] != around[k]) cost += weight[m];
                            if (cost < least) {
                                least = cost;
                                best = around[k];
                            }
                        }
                        float own = lightnessOnly ? (c.l - colours[mine].l) * (c.l - colours[mine].l) : squaredDistance(c, colours[mine]);
                        for (std::size_t m = 0; m < n; ++m)
                            if (around[m] != mine) own += weight[m];
                        labels.at(x, y) = own <= least ? mine : best;
                    }
                }
            });
        }
}

void sweepSpecks(Labels& labels, const LabPicture& p, const std::vector<Lab>& colours, double smallest)
{
    if (smallest <= 1) return;
    const auto w = static_cast<std::size_t>(labels.width);
    std::vector<char> done(labels.data.size(), 0);
    std::vector<std::size_t> island;
    const int rounds = labels.data.size() > 3000000 ? 1 : 3;
    for (int round = 0; round < rounds; ++round) {
        std::fill(done.begin(), done.end(), 0);
        bool changed = false;
        // Small ones first in later rounds have grown: each round allows the full size.
        for (std::size_t start = 0; start < labels.data.size(); ++start) {
            if (done[start]) continue;
            const std::uint8_t label = labels.data[start];
            island.assign(1, start);
            done[start] = 1;
            std::array<double, 256> around{};
            double l = 0, a = 0, b = 0;
            for (std::size_t k = 0; k < island.size(); ++k) {
                const std::size_t i = island[k];
                const auto x = static_cast<int>(i % w), y = static_cast<int>(i / w);
                const Lab c = p.data[i];
                l += c.l;
                a += c.a;
                b += c.b;
                for (const auto& [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                    const int u = x + dx, v = y + dy;
                    if (!labels.inside(u, v)) continue;
                    const std::size_t j = static_cast<std::size_t>(v) * w + static_cast<std::size_t>(u);
                    if (labels.data[j] != label) {
                        around[labels.data[j]] += 1;
                    } else if (!done[j]) {
                        done[j] = 1;
                        island.push_back(j);
                    }
                }
            }
            const auto n = static_cast<double>(island.size());
            if (n >= smallest) continue;
            const Lab mean{static_cast<float>(l / n), static_cast<float>(a / n), static_cast<float>(b / n)};
            int best = -1;
            double most = 0;
            for (std::size_t k = 0; k < colours.size(); ++k)
                if (around[k] > 0) {
                    const double score = around[k] / (1 + std::sqrt(squaredDistance(mean, colours[k])) / 10);
                    if (score > most) {
                        most = score;
                        best = static_cast<int>(k);
                    }
                }
            if (best < 0) continue;
            for (const std::size_t i : island) labels.data[i] = static_cast<std::uint8_t>(best);
            changed = true;
        }
        if (!changed) break;
    }
}

} // namespace softrope::tone
