// The pieces of the demo that show tones, inks and facets: the lantern photo cut into five tones, the moth in inks that follow its
// lines, a faceted salt crystal.
#include "art/drops.h"
#include "art/edits.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "curve/polygon.h"
#include "demo/night_market.h"
#include "demo/photo.h"
#include "planar/planar.h"

#include <algorithm>
#include <cmath>

namespace softrope::demo {

using curve::Vec2;

namespace {

// The market's palette.
art::Document withMarketInks(art::Document d)
{
    for (const auto& [name, c] : {std::pair<const char*, art::Colour>{"Brine", {46, 107, 102}},
                                  {"Kiln", {168, 66, 44}},
                                  {"Lamp", {222, 160, 60}},
                                  {"Oat", {236, 221, 182}},
                                  {"Soot", {36, 48, 46}}})
        d = art::withInk(d, name, c).document;
    return d;
}

art::Id inkNamed(const art::Document& d, const std::string& name)
{
    for (const art::Ink& i : d.inks)
        if (i.name == name) return i.id;
    return 0;
}

} // namespace

art::Document nightMarketLantern(const std::function<std::vector<std::byte>(const pixel::Picture&)>& encode,
                                 const std::function<pixel::Picture(const std::vector<std::byte>&)>& decode)
{
    art::Sheet sheet;
    sheet.width = 960;
    sheet.height = 1200;
    art::Document d = art::newDocument(sheet);
    d.title = "Paper lantern";
    d = art::withLayer(d, d.layers.front()->id, [](art::Layer& l) { l.name = "Edge lines"; });
    d = withMarketInks(d);
    PhotoOptions o;
    o.width = 960;
    o.seed = 3;
    auto file = std::make_shared<art::PictureFile>();
    file->bytes = encode(photo("lantern", o));
    file->format = "jpeg";
    file->width = o.width;
    file->height = o.width * 5 / 4;
    const art::Added photograph = art::withReference(d, file, "Lantern photo", 1);
    d = photograph.document;
    const pixel::Picture seen = decode(file->bytes);
    if (seen.empty()) return d;
    const art::Reference& r = *d.item(photograph.id)->reference();
    tone::Stack s;
    s.cuts = tone::cutsFor(tone::countsOf(tone::levelsOf(seen, 2e5).level), 5);
    const double scale = curve::meanScale(art::placement(r));
    s.slack = 1.2 / scale;
    s.smallest = 60 / (scale * scale);
    // The upper cap is lost in the dark: a patch brings its side out.
    s.patches = {{curve::rectangle({330, 190}, {630, 330}), 18, 24}};
    art::Ingredients from;
    from.picture = [&](const art::Reference&) { return std::make_shared<const pixel::Picture>(seen); };
    return art::derived(art::withToneStack(d, photograph.id, s).document, from);
}

art::Document nightMarketInks()
{
    art::Document d = nightMarketWholeMoth();
    d.title = "Moth in ink";
    d = withMarketInks(d);
    // Drops in place of the grey areas: they follow the lines.
    std::vector<std::pair<Vec2, double>> places;
    for (const art::LayerPtr& l : d.layers)
        if (l->name == "Colour areas")
            for (const art::ItemPtr& i : l->items)
                if (const art::Artwork* a = i->artwork()) {
                    double size = 0;
                    for (const curve::Path& p : a->paths) size += std::abs(curve::area(p));
                    places.push_back({curve::innerPoint(a->paths), size});
                }
    const auto areas = std::find_if(d.layers.begin(), d.layers.end(), [](const art::LayerPtr& l) { return l->name == "Colour areas"; });
    if (areas != d.layers.end()) d = art::withoutLayer(d, (*areas)->id);
    planar::BuildOptions o;
    o.gap = 2;
    o.sliverWidth = 1;
    const art::DrawnLines lines = art::drawnLines(d);
    const planar::MapPtr map = planar::build(lines.paths, o);
    std::stable_sort(places.begin(), places.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    const char* const inks[] = {"Brine", "Oat", "Kiln", "Lamp", "Soot"};
    for (std::size_t k = 0; k < places.size(); ++k) {
        // Halves in pairs of equal size take the same ink.
        const std::size_t pair = k > 0 && places[k - 1].second < 1.02 * places[k].second ? k - 1 : k;
        const std::size_t rank = pair / 2;
        const int tint = rank >= 5 ? 1 : 0;
        d = art::withDrop(d, *map, lines, places[k].first, art::paintOf(d, {inkNamed(d, inks[rank % 5]), tint})).document;
    }
    return d;
}

art::Document nightMarketCrystal()
{
    art::Document d = art::newDocument();
    d.title = "Salt crystal";
    d = withMarketInks(d);
    art::Item i;
    i.name = "Crystal";
    art::Artwork a;
    a.setPaths({curve::polyline({{540, 90}, {760, 210}, {880, 450}, {820, 760}, {600, 980}, {420, 960}, {230, 740}, {190, 470}, {320, 200}}, true)});
    a.fill.colour = d.inks.front().colour;
    a.fill.ink = {d.inks.front().id, 0};
    a.stroke.colour.reset();
    i.is = std::move(a);
    const art::Added crystal = art::withItem(d, 0, std::move(i));
    tone::FacetPlan plan;
    plan.outline = crystal.document.item(crystal.id)->artwork()->paths;
    plan.seed = 4;
    plan.chords = tone::proposeChords(plan.outline, 18, plan.seed);
    d = art::withFacets(crystal.document, crystal.id, plan, d.inks.front().id).document;
    d.sheet.background = {24, 30, 32}; // dark ground gives the strongest contrast (common practice, no source)
    d.sheet.hasBackground = true;
    return d;
}

} // namespace softrope::demo
