#include "deliver/sheet_page.h"

#include "art/edits.h"
#include "art/lettering.h"
#include "art/tree.h"
#include "letter/faces.h"
#include "pixel/colour_space.h"
#include "words/said.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace softrope::deliver {

using art::Colour;
using art::Document;
using curve::Box;
using curve::Vec2;

namespace {

constexpr double mm = 96 / 25.4; // px
constexpr double left = 18 * mm, wide = 210 * mm - 2 * left, foot = 297 * mm - 10 * mm;
const Colour dark{0x1d, 0x2b, 0x2a}, soft{0x5b, 0x64, 0x60}, rule{0xb9, 0xb4, 0xa4};

class Page {
public:
    Page()
    {
        art::Sheet sheet;
        sheet.width = 210 * mm;
        sheet.height = 297 * mm;
        sheet.unit = art::Unit::mm;
        sheet.hasBackground = true;
        d_ = art::newDocument(sheet);
        layer_ = d_.layers.front()->id;
    }
    // Set at its left end, baseline at `at`; `points` high.
    void text(Vec2 at, const std::string& words, double points, Colour c = dark, double weight = 400)
    {
        if (words.empty()) return;
        art::Lettering l;
        l.words = words;
        l.type.family = "Roboto Slab"; // one that ships
        l.type.size = points / 0.75;
        l.type.weight = weight;
        l.type.align = letter::Align::start;
        l.type.byInk = false;
        l.place = curve::translation(at);
        art::Fill fill;
        fill.colour = c;
        if (auto added = art::withLettering(d_, layer_, l, fill); added.id) d_ = std::move(added.document);
    }
    void box(Vec2 min, Vec2 max, std::optional<Colour> fill, std::optional<Colour> line, double width = 0.75)
    {
        art::Artwork a;
        a.setPaths({curve::rectangle(min, max)});
        a.fill.colour = fill;
        a.stroke.colour = line;
        a.stroke.width = width;
        put(std::move(a));
    }
    void line(Vec2 a, Vec2 b, Colour c = rule, double width = 0.75)
    {
        art::Artwork w;
        w.setPaths({curve::polyline({a, b}, false)});
        w.stroke.colour = c;
        w.stroke.width = width;
        w.stroke.cap = art::Cap::flat;
        put(std::move(w));
    }
    // The drawing, its sheet fitted into the box.
    void mark(const Document& of, const Box& from, Vec2 at, double scale)
    {
        const curve::Affine m = curve::translation(at) * curve::scaling(scale, scale) * curve::translation(-from.min);
        for (const art::LayerPtr& l : of.layers) {
            if (!l->shown) continue;
            for (const art::ItemPtr& i : l->items) {
                if (!i->shown || i->reference()) continue;
                art::Item item = art::transformed(*i, m);
                item.opacity *= l->opacity;
                d_ = art::withItem(d_, layer_, withoutReferences(std::move(item))).document;
            }
        }
    }
    Document done() { return std::move(d_); }

private:
    Document d_;
    art::Id layer_ = 0;

    void put(art::Artwork a)
    {
        art::Item i;
        i.is = std::move(a);
        d_ = art::withItem(d_, layer_, std::move(i)).document;
    }
    static art::Item withoutReferences(art::Item i)
    {
        if (!i.group()) return i;
        std::vector<art::ItemPtr> rest;
        for (const art::ItemPtr& c : i.group()->items)
            if (!c->reference()) rest.push_back(art::shared(withoutReferences(*c)));
        return art::withChildren(i, std::move(rest));
    }
};

std::string number(double v, int decimals)
{
    char text[32];
    std::snprintf(text, sizeof text, "%.*f", decimals, v);
    return text;
}

std::string oklch(Colour c)
{
    const pixel::OkLab lab = pixel::okLabOf({c.r, c.g, c.b, 255});
    const double chroma = std::hypot(lab.a, lab.b);
    double hue = curve::degrees(std::atan2(lab.b, lab.a));
    if (hue < 0) hue += 360;
    return "oklch(" + number(100 * lab.l, 1) + "% " + number(chroma, 3) + ' ' + number(chroma < 0.002 ? 0 : hue, 0) + ')';
}

std::string cmyk(Colour c)
{
    const double r = c.r / 255.0, g = c.g / 255.0, b = c.b / 255.0, k = 1 - std::max({r, g, b});
    const auto part = [&](double v) { return std::to_string(std::lround(k < 1 ? 100 * (1 - v - k) / (1 - k) : 0)); };
    return "C " + part(r) + "  M " + part(g) + "  Y " + part(b) + "  K " + std::to_string(std::lround(100 * k));
}

struct Used {
    std::string name;
    Colour colour;
};
// The inks of the document; of a drawing without any, its colours by how much they cover.
std::vector<Used> inksOf(const Document& d)
{
    std::vector<Used> out;
    for (const art::Ink& i : d.inks) out.push_back({i.name, i.colour});
    if (!out.empty()) return out;
    std::vector<std::pair<double, Colour>> colours;
    art::eachArtwork(d, art::seen, [&](const art::Item&, const art::Artwork& a, const art::Where&) {
        for (const auto& c : {a.fill.colour, a.stroke.colour}) {
            if (!c) continue;
            double covers = 1;
            if (c == a.fill.colour)
                for (const curve::Path& p : a.paths) covers += std::abs(curve::area(p));
            const auto known = std::find_if(colours.begin(), colours.end(), [&](const auto& k) { return k.second == *c; });
            if (known == colours.end())
                colours.emplace_back(covers, *c);
            else
                known->first += covers;
        }
    });
    std::stable_sort(colours.begin(), colours.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    for (const auto& [covers, c] : colours) out.push_back({{}, c});
    return out;
}

// Rows of two inks from y down, as many as there is room for; how many inks that were.
std::size_t inkRows(Page& page, const std::vector<Used>& inks, std::size_t from, double y)
{
    constexpr double row = 10 * mm;
    const auto rows = static_cast<std::size_t>(std::max(0.0, std::floor((foot - 6 * mm - y) / row)));
    const std::size_t to = std::min(inks.size(), from + 2 * rows);
    for (std::size_t k = from; k < to; ++k) {
        const std::size_t place = k - from;
        const Vec2 p{left + (place % 2 ? wide / 2 : 0), y + static_cast<double>(place / 2) * row};
        page.box(p, p + Vec2{8 * mm, 8 * mm}, inks[k].colour, rule);
        page.text(p + Vec2{11 * mm, 3 * mm}, (inks[k].name.empty() ? std::string() : inks[k].name + "   ") + art::text(inks[k].colour), 8, dark, 600);
        page.text(p + Vec2{11 * mm, 7 * mm}, oklch(inks[k].colour) + "   " + cmyk(inks[k].colour), 7, soft);
    }
    return to - from;
}

} // namespace

std::vector<Document> deliverySheet(const Document& d, const Plan& plan, const SheetPage& about, const std::function<bool()>& cancelled)
{
    std::vector<Page> pages(1);
    Page& page = pages.front();
    const Document full = variantOf(d, Variant::full, plan.inking);
    Box seen = art::bounds(full);
    if (seen.empty()) {
        seen.add(Vec2{0, 0});
        seen.add(Vec2{d.sheet.width, d.sheet.height});
    }
    double y = 24 * mm;
    page.text({left, y}, d.title.empty() ? words::said("Untitled") : d.title, 22, dark, 600);
    page.text({left, y + 7 * mm}, words::said("Delivery sheet"), 9, soft);
    page.line({left, y + 11 * mm}, {left + wide, y + 11 * mm});
    y += 16 * mm;

    // The mark with the space it wants round it: an eighth of its longer side (common practice: a part of the mark itself).
    const double clear = std::max(seen.width(), seen.height()) / 8;
    const double tall = 92 * mm, scale = std::min(wide / (seen.width() + 2 * clear), tall / (seen.height() + 2 * clear));
    const Vec2 size{seen.width() * scale, seen.height() * scale}, at{left + (wide - size.x) / 2, y + (tall - size.y) / 2};
    page.box(at - Vec2{clear, clear} * scale, at + size + Vec2{clear, clear} * scale, {}, rule);
    page.mark(full, seen, at, scale);
    y += tall + 5 * mm;
    page.text({left, y},
              words::said("Clear space: an eighth of the longer side. Width %1 mm, height %2 mm.",
                          {number(seen.width() * about.mmPerPx, 1), number(seen.height() * about.mmPerPx, 1)}),
              8, soft);
    y += 9 * mm;

    // Variants, side by side.
    page.text({left, y}, words::said("Variants"), 10, dark, 600);
    y += 4 * mm;
    const std::size_t count = std::max<std::size_t>(1, plan.variants.size());
    const double gap = 4 * mm, cell = std::min((wide - gap * (static_cast<double>(count) - 1)) / static_cast<double>(count), 40 * mm);
    double x = left;
    for (const Variant v : plan.variants) {
        if (cancelled && cancelled()) return {page.done()};
        const Document one = paintedVariant(d, v, plan.inking);
        const double inner = cell - 4 * mm, k = std::min(inner / seen.width(), inner / seen.height());
        page.box({x, y}, {x + cell, y + cell}, one.sheet.hasBackground ? std::optional(one.sheet.background) : std::nullopt, rule);
        page.mark(one, seen, {x + (cell - seen.width() * k) / 2, y + (cell - seen.height() * k) / 2}, k);
        page.text({x, y + cell + 4 * mm}, nameOf(v), 8, soft);
        x += cell + gap;
    }
    y += cell + 12 * mm;

    // Sizes as they are on paper, mm of width.
    page.text({left, y}, words::said("Sizes"), 10, dark, 600);
    y += 4 * mm;
    x = left;
    double deepest = 0;
    for (const double width : {30.0, 20.0, 12.0, 8.0, 5.0}) {
        const double k = width * mm / seen.width(), high = seen.height() * k;
        page.mark(full, seen, {x, y}, k);
        page.text({x, y + high + 4 * mm}, words::said("%1 mm", {number(width, 0)}), 8, soft);
        deepest = std::max(deepest, high);
        x += width * mm + 8 * mm;
    }
    y += deepest + 12 * mm;

    // Inks, in two columns, on further pages where they do not fit.
    const std::vector<Used> inks = inksOf(full);
    page.text({left, y}, words::said("Inks"), 10, dark, 600);
    for (std::size_t done = inkRows(page, inks, 0, y + 4 * mm); done < inks.size();) {
        pages.emplace_back();
        pages.back().text({left, 24 * mm}, words::said("Inks"), 10, dark, 600);
        done += inkRows(pages.back(), inks, done, 28 * mm);
    }
    std::vector<Document> out;
    for (std::size_t k = 0; k < pages.size(); ++k) {
        Page& p = pages[k];
        p.line({left, foot - 4 * mm}, {left + wide, foot - 4 * mm});
        p.text({left, foot}, words::said("%1   ·   page %2 of %3", {about.date, std::to_string(k + 1), std::to_string(pages.size())}), 8, soft);
        p.text({left + wide / 2, foot}, words::said("CMYK by removal of the common grey, without a profile"), 7, soft);
        out.push_back(p.done());
        out.back().title = d.title.empty() ? words::said("Delivery sheet") : words::said("%1: delivery sheet", {d.title});
    }
    return out;
}

} // namespace softrope::deliver
