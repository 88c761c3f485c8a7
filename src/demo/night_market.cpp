#include "demo/night_market.h"

#include "art/edits.h"
#include "demo/random.h"
#include "demo/scanner.h"

namespace softrope::demo {

using curve::Vec2;

namespace {

// A stroke as a tablet would have recorded it along a line that was meant.
art::Hand handAlong(const curve::Path& line, std::uint64_t seed)
{
    Random random(seed);
    art::Hand d;
    d.slack = 1.5;
    const double f1 = random.between(0, 6.3), f2 = random.between(0, 6.3);
    double walked = 0;
    for (std::size_t i = 0; i < line.pieceCount(); ++i) {
        const curve::Cubic c = line.piece(i);
        const int n = std::max(4, static_cast<int>(curve::arcLength(c) / 4));
        const double step = curve::arcLength(c) / n;
        for (int k = i == 0 ? 0 : 1; k <= n; ++k) {
            const double t = static_cast<double>(k) / n;
            walked += step;
            const double off = 0.7 * std::sin(walked / 16 + f1) + 0.4 * std::sin(walked / 6 + f2) + 0.2 * random.normal();
            const double press = 0.35 + 0.4 * std::sin(curve::pi * (static_cast<double>(i) + t) / static_cast<double>(line.pieceCount()));
            d.samples.push_back(
                {curve::at(c, t) + curve::perpendicular(curve::tangentAt(c, t)) * off, static_cast<float>(press), 0, 0, static_cast<float>(walked / 600)});
        }
    }
    return d;
}

void addLine(art::Document& d, art::Id layer, const std::string& name, art::Artwork a)
{
    art::Item i;
    i.name = name;
    i.is = std::move(a);
    d = art::withItem(d, layer, i).document;
}

} // namespace

art::Document nightMarketMoth(const std::function<std::vector<std::byte>(const pixel::Picture&)>& encode)
{
    const Page page = demo::page("moth");
    ScanOptions o;
    o.seed = 4;
    const Scan s = scan(page, o);
    art::Document d = art::newDocument();
    d.title = "Moth emblem";
    auto file = std::make_shared<art::PictureFile>();
    file->format = "png";
    file->width = s.picture.width;
    file->height = s.picture.height;
    file->bytes = encode(s.picture);
    const art::Added added = art::withReference(d, file, "Moth sketch");
    d = added.document;
    // Straightened and laid so that the page meets the sheet.
    d = art::withLayer(d, d.layerOf(added.id)->id, [&](art::Layer& l) {
        auto i = std::make_shared<art::Item>(*l.items.front());
        art::Reference r = *i->reference();
        r.turn = -s.turn;
        r.scale = 1 / curve::meanScale(s.fromPage);
        r.centre = *curve::inverse(s.fromPage) * Vec2{s.picture.width / 2.0, s.picture.height / 2.0};
        r.flattenLight = 1;
        r.liftPaper = 1;
        r.dim = 0.55;
        i->is = r;
        l.items.front() = i;
    });
    const art::Id lines = d.layers.back()->id;
    d = art::withLayer(d, lines, [](art::Layer& l) { l.name = "Body and head"; });
    const art::Added wings = art::withNewLayer(d, "Wing lines", lines);
    d = wings.document;
    const art::Added marks = art::withNewLayer(d, "Wing marks", wings.id);
    d = marks.document;
    const curve::Paths half = mothHalf();
    art::Stroke main;
    main.colour = art::Colour{0x1C, 0x2E, 0x2A};
    main.width = 6;
    art::Stroke detail = main;
    detail.width = 4;
    const char* names[] = {"Upper wing", "Lower wing", "Body", "Head", "Antenna", "Upper vein", "Lower vein"};
    for (const std::size_t k : {0U, 1U, 2U, 3U, 4U, 5U}) {
        art::Artwork a;
        a.stroke = k >= 4 ? detail : main;
        const art::Hand drawn = handAlong(half[k], 40 + k);
        a.setDerived({art::fitStroke(drawn, false).path}, art::shared(drawn));
        if (k == 4) a.stroke.swell = curve::Swell{{{0, 0.4}, {0.55, 1.5}, {1, 0.8}}, 0, 0.3};
        addLine(d, k == 2 || k == 3 ? lines : wings.id, names[k], a);
    }
    for (const std::size_t k : {7U, 8U}) {
        art::Artwork a;
        a.stroke = detail;
        a.setPaths({half[k]});
        addLine(d, marks.id, k == 7 ? "Eye spot, outer" : "Eye spot, inner", a);
    }
    d = art::withGuide(d, {540, 540}, curve::pi / 2).document;
    // Half is drawn; the other half is seen as it will be.
    for (const art::Id layer : {lines, wings.id, marks.id})
        d = art::withLayer(d, layer, [](art::Layer& l) { l.mirror = mirror::Axis{{540, 540}, curve::pi / 2}; });
    return d;
}

} // namespace softrope::demo
