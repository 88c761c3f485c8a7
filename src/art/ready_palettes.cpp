#include "art/ready_palettes.h"

#include "art/live.h"

#include "pixel/colour_space.h"
#include "pixel/ink_colours.h"
#include "words/said.h"

#include <algorithm>
#include <limits>
#include <map>
#include <tuple>

namespace softrope::art {

using words::marked;

const std::vector<ReadyPalette>& readyPalettes()
{
    static const std::vector<ReadyPalette> all{
        {marked("Lantern row"),
         {{marked("Alley"), {34, 28, 52}},
          {marked("Awning"), {122, 44, 58}},
          {marked("Copper hook"), {190, 92, 54}},
          {marked("Lamplight"), {236, 168, 72}},
          {marked("Paper"), {252, 236, 206}}}},
        {marked("Moth wing"),
         {{marked("Soot"), {43, 38, 36}},
          {marked("Bark"), {96, 78, 66}},
          {marked("Dust rose"), {178, 124, 118}},
          {marked("Pollen"), {214, 178, 122}},
          {marked("Down"), {242, 232, 216}}}},
        {marked("Wet cobbles"),
         {{marked("Gutter"), {27, 38, 49}},
          {marked("Slate"), {68, 88, 104}},
          {marked("Rain"), {126, 152, 164}},
          {marked("Shop window"), {232, 196, 112}},
          {marked("Mist"), {226, 234, 234}}}},
        {marked("Kiln yard"),
         {{marked("Char"), {52, 30, 26}},
          {marked("Brick"), {142, 62, 42}},
          {marked("Ember"), {214, 96, 44}},
          {marked("Slip"), {206, 170, 138}},
          {marked("Glaze"), {130, 166, 158}},
          {marked("Bisque"), {244, 228, 208}}}},
        {marked("Salt and tin"),
         {{marked("Pewter"), {58, 62, 66}},
          {marked("Tin"), {120, 126, 130}},
          {marked("Seaweed"), {84, 116, 98}},
          {marked("Brine"), {158, 190, 184}},
          {marked("Salt"), {240, 242, 238}}}},
        {marked("Plum stall"),
         {{marked("Pip"), {46, 22, 44}},
          {marked("Plum"), {106, 40, 92}},
          {marked("Skin"), {170, 76, 116}},
          {marked("Leaf"), {92, 128, 78}},
          {marked("Flesh"), {238, 186, 132}},
          {marked("Bloom"), {228, 218, 236}}}},
        {marked("Glass blowers"),
         {{marked("Night bottle"), {14, 52, 60}},
          {marked("Deep green"), {22, 104, 96}},
          {marked("Sea glass"), {92, 176, 156}},
          {marked("Furnace"), {240, 122, 60}},
          {marked("Gather"), {252, 204, 118}},
          {marked("Clear"), {226, 244, 236}}}},
        {marked("Blue hour"),
         {{marked("Roofs"), {22, 26, 62}},
          {marked("Dusk"), {54, 66, 134}},
          {marked("Harebell"), {118, 134, 204}},
          {marked("Afterglow"), {226, 150, 158}},
          {marked("Last light"), {250, 220, 190}}}},
        {marked("Poppy paper"),
         {{marked("Seed"), {38, 34, 40}},
          {marked("Stem"), {72, 102, 72}},
          {marked("Poppy"), {208, 58, 50}},
          {marked("Petal edge"), {240, 142, 112}},
          {marked("Straw"), {236, 206, 138}},
          {marked("Tissue"), {250, 240, 228}}}},
        {marked("Harbour flags"),
         {{marked("Tar"), {26, 30, 38}},
          {marked("Signal blue"), {34, 84, 148}},
          {marked("Signal red"), {196, 52, 56}},
          {marked("Rope"), {196, 160, 110}},
          {marked("Signal yellow"), {244, 198, 66}},
          {marked("Sail"), {244, 240, 230}}}},
        {marked("Moss jar"),
         {{marked("Peat"), {36, 40, 28}},
          {marked("Fern"), {70, 98, 50}},
          {marked("Moss"), {130, 154, 70}},
          {marked("Toadstool"), {190, 74, 58}},
          {marked("Lichen"), {200, 210, 164}},
          {marked("Jar"), {234, 244, 240}}}},
        {marked("Sugar cart"),
         {{marked("Liquorice"), {52, 36, 62}},
          {marked("Violet drop"), {134, 98, 180}},
          {marked("Raspberry"), {222, 84, 132}},
          {marked("Mint"), {122, 202, 176}},
          {marked("Apricot"), {250, 178, 122}},
          {marked("Lemon"), {250, 232, 142}},
          {marked("Spun sugar"), {252, 232, 238}}}},
    };
    return all;
}

LoadedInks withReadyPalette(const Document& d, const ReadyPalette& palette)
{
    LoadedInks out{d, {}};
    for (const ReadyInk& ink : palette.inks) {
        const std::string name = words::said(ink.name);
        const auto same =
            std::find_if(out.document.inks.begin(), out.document.inks.end(), [&](const Ink& i) { return i.name == name && i.colour == ink.colour; });
        if (same != out.document.inks.end()) {
            out.inks.push_back(same->id);
            continue;
        }
        const Added added = withInk(out.document, name, ink.colour);
        out.document = added.document;
        out.inks.push_back(added.id);
    }
    return out;
}

namespace {

pixel::OkLab labOf(Colour c)
{
    return pixel::okLabOf({c.r, c.g, c.b, 255});
}

// Paints on layers and of things that are not locked.
Document withOpenPaints(const Document& d, const PaintVisitor& act)
{
    Document out = d;
    for (LayerPtr& l : out.layers) {
        if (l->locked) continue;
        Layer copy = *l;
        for (ItemPtr& i : copy.items)
            if (!i->locked) i = shared(withEachPaint(*i, act));
        if (!(copy == *l)) l = shared(std::move(copy));
    }
    return out;
}

struct Candidate {
    Colour colour;
    InkUse use;
    pixel::OkLab lab;
};

// What a colour loses by being painted so: lightness counts most, tints are taken where they help, hues decide between the rest.
double loss(const pixel::OkLab& from, const Candidate& to)
{
    const double light = from.l - to.lab.l, a = from.a - to.lab.a, b = from.b - to.lab.b;
    return light * light + 0.15 * (a * a + b * b) + 0.0008 * to.use.tint * to.use.tint;
}

constexpr double merging = 0.004; // two colours that become one

} // namespace

Document withPaletteLaid(const Document& d, const std::vector<Id>& inks)
{
    std::vector<Candidate> into;
    for (const Id id : inks)
        if (const Ink* ink = d.ink(id))
            for (int tint = -pixel::tintSteps; tint <= pixel::tintSteps; ++tint) {
                const Colour c = tintOf(ink->colour, tint);
                into.push_back({c, {id, tint}, labOf(c)});
            }
    if (into.empty()) return d;
    std::stable_sort(into.begin(), into.end(), [](const Candidate& a, const Candidate& b) { return a.lab.l < b.lab.l; });

    const auto working = [&](InkUse use) {
        const Ink* ink = d.ink(use.ink);
        return ink && ink->meaning != Meaning::paint;
    };
    const auto keyOf = [](Colour c) { return std::tuple(c.r, c.g, c.b); };
    std::map<std::tuple<int, int, int>, Candidate> turned;
    std::vector<std::pair<Colour, pixel::OkLab>> used;
    withOpenPaints(d, [&](std::optional<Colour>& c, InkUse& use) {
        if (c && !working(use) && turned.emplace(keyOf(*c), Candidate{}).second) used.emplace_back(*c, labOf(*c));
    });
    std::stable_sort(used.begin(), used.end(), [](const auto& a, const auto& b) { return a.second.l < b.second.l; });
    if (used.empty()) return d;

    // best[k]: least loss of the colours so far when the last of them became candidate k; before[i][k]: what the one before became.
    const std::size_t n = used.size(), m = into.size();
    std::vector<double> best(m, 0), next(m);
    std::vector<std::uint16_t> before(n * m, 0);
    for (std::size_t i = 0; i < n; ++i) {
        double least = std::numeric_limits<double>::infinity();
        std::size_t from = 0;
        for (std::size_t k = 0; k < m; ++k) {
            // Either a darker candidate, or the same one once more.
            const double stay = i == 0 ? 0 : best[k] + merging;
            const bool stays = i == 0 || stay <= least;
            next[k] = (stays ? stay : least) + loss(used[i].second, into[k]);
            before[i * m + k] = static_cast<std::uint16_t>(stays ? k : from);
            if (best[k] < least) {
                least = best[k];
                from = k;
            }
        }
        std::swap(best, next);
    }
    std::size_t k = static_cast<std::size_t>(std::min_element(best.begin(), best.end()) - best.begin());
    for (std::size_t i = n; i-- > 0;) {
        turned[keyOf(used[i].first)] = into[k];
        k = before[i * m + k];
    }
    return withOpenPaints(d, [&](std::optional<Colour>& c, InkUse& use) {
        if (!c || working(use)) return;
        const Candidate& to = turned.at(keyOf(*c));
        c = to.colour;
        use = to.use;
    });
}

} // namespace softrope::art
