#include "tone/merge.h"

#include "tone/components.h"

#include <algorithm>
#include <array>
#include <queue>
#include <unordered_map>

namespace softrope::tone {

using pixel::Lab;

namespace {

struct Region {
    double n = 0, l = 0, a = 0, b = 0; // px and sums of their colours
    std::uint8_t label = 0;
    bool gone = false;
    unsigned version = 0;
    std::unordered_map<int, float> border; // px shared with each neighbour; those may have gone into others
};

class Merger {
public:
    Merger(const Labels& labels, const LabPicture& picture, const std::vector<Lab>& colours, double each)
        : all_(componentsOf(labels)), colours_(colours), each_(each), regions_(all_.pixels.size()), into_(all_.pixels.size())
    {
        for (std::size_t i = 0; i < regions_.size(); ++i) {
            regions_[i].label = all_.label[i];
            into_[i] = static_cast<int>(i);
        }
        for (int y = 0; y < labels.height; ++y)
            for (int x = 0; x < labels.width; ++x) {
                const int id = all_.id.at(x, y);
                Region& r = at(id);
                const Lab c = picture.at(x, y);
                r.n += 1;
                r.l += static_cast<double>(c.l);
                r.a += static_cast<double>(c.a);
                r.b += static_cast<double>(c.b);
                if (x + 1 < labels.width) touch(id, all_.id.at(x + 1, y));
                if (y + 1 < labels.height) touch(id, all_.id.at(x, y + 1));
            }
    }

    void run(double price)
    {
        for (std::size_t i = 0; i < regions_.size(); ++i) offer(static_cast<int>(i));
        while (!queue_.empty()) {
            const Offer o = queue_.top();
            queue_.pop();
            if (o.price > price) break;
            Region& r = at(o.region);
            if (r.gone || o.version != r.version) continue;
            take(o.region, o.label);
        }
    }

    void write(Labels& labels)
    {
        for (std::size_t k = 0; k < labels.data.size(); ++k) labels.data[k] = at(root(all_.id.data[k])).label;
    }

private:
    struct Offer {
        double price;
        int region;
        std::uint8_t label;
        unsigned version;
        bool operator<(const Offer& o) const { return price > o.price; }
    };

    Components all_;
    const std::vector<Lab>& colours_;
    double each_;
    std::vector<Region> regions_;
    std::vector<int> into_;
    std::priority_queue<Offer> queue_;

    Region& at(int i) { return regions_[static_cast<std::size_t>(i)]; }
    int root(int i)
    {
        while (into_[static_cast<std::size_t>(i)] != i) {
            into_[static_cast<std::size_t>(i)] = into_[static_cast<std::size_t>(into_[static_cast<std::size_t>(i)])];
            i = into_[static_cast<std::size_t>(i)];
        }
        return i;
    }
    void touch(int a, int b)
    {
        if (a == b) return;
        at(a).border[b] += 1;
        at(b).border[a] += 1;
    }

    // What the region's px are off a colour, but for what is the same for all colours.
    double loss(const Region& r, std::size_t k) const
    {
        const Lab c = colours_[k];
        const auto l = static_cast<double>(c.l), a = static_cast<double>(c.a), b = static_cast<double>(c.b);
        return r.n * (l * l + a * a + b * b) - 2 * (l * r.l + a * r.a + b * r.b);
    }

    // Neighbours that have gone into others are counted with those.
    void tidy(int i)
    {
        Region& r = at(i);
        if (std::all_of(r.border.begin(), r.border.end(), [&](const auto& b) { return into_[static_cast<std::size_t>(b.first)] == b.first && b.first != i; }))
            return;
        std::unordered_map<int, float> now;
        now.reserve(r.border.size());
        for (const auto& [other, length] : r.border)
            if (const int to = root(other); to != i) now[to] += length;
        r.border = std::move(now);
    }

    // The cheapest colour for it to take.
    void offer(int i)
    {
        tidy(i);
        Region& r = at(i);
        std::array<float, 256> shared{};
        for (const auto& [other, length] : r.border) shared[at(other).label] += length;
        const double own = loss(r, r.label);
        Offer best{1e300, i, r.label, r.version};
        for (std::size_t k = 0; k < colours_.size(); ++k) {
            if (shared[k] <= 0 || k == r.label) continue;
            const double price = (loss(r, k) - own) / (static_cast<double>(shared[k]) + each_);
            if (price < best.price) {
                best.price = price;
                best.label = static_cast<std::uint8_t>(k);
            }
        }
        if (best.label != r.label) queue_.push(best);
    }

    void take(int i, std::uint8_t label)
    {
        tidy(i);
        // It and all neighbours of that colour become one; the largest keeps its number.
        std::vector<int> one{i};
        for (const auto& [other, length] : at(i).border)
            if (at(other).label == label) one.push_back(other);
        const int keep = *std::max_element(one.begin(), one.end(), [&](int a, int b) { return at(a).border.size() < at(b).border.size(); });
        std::vector<int> touched;
        for (const auto& [other, length] : at(i).border) touched.push_back(other);
        Region& k = at(keep);
        k.label = label;
        for (const int o : one) {
            if (o == keep) continue;
            Region& r = at(o);
            k.n += r.n;
            k.l += r.l;
            k.a += r.a;
            k.b += r.b;
            for (const auto& [other, length] : r.border) k.border[other] += length;
            r.border.clear();
            r.gone = true;
            into_[static_cast<std::size_t>(o)] = keep;
        }
        ++k.version;
        // What has very many neighbours is ground: it is not given up, and looking at all of them again and again would take for ever.
        constexpr std::size_t ground = 400;
        if (k.border.size() < ground) offer(keep);
        // Those that touched it have another neighbour now.
        for (const int t : touched)
            if (const int n = root(t); n != keep && at(n).border.size() < ground) {
                ++at(n).version;
                offer(n);
            }
    }
};

} // namespace

void mergeRegions(Labels& labels, const LabPicture& picture, const std::vector<Lab>& colours, double price, double each)
{
    if (labels.data.empty() || price <= 0) return;
    Merger m(labels, picture, colours, each);
    m.run(price);
    m.write(labels);
}

} // namespace softrope::tone
