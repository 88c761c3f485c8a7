// The parts that come with the program: small things of the market, in linked inks.
#include "art/parts.h"
#include "art/arrange.h"
#include "art/repeat.h"
#include "curve/figures.h"
#include "demo/night_market.h"
#include "demo/painting.h"
#include "words/said.h"

#include <cmath>
#include <map>

namespace softrope::demo {

using curve::Vec2;

namespace {

art::Document sheet(const char* title, double width, double height)
{
    art::Document d = art::newDocument({width, height});
    d.title = title;
    return d;
}

art::Document bead()
{
    art::Document d = sheet(words::marked("Glass bead"), 120, 120);
    const art::Id glass = ink(d, "Glass", {74, 140, 150});
    const art::Id ball = area(d, "Bead", {curve::circle({60, 60}, 58)}, filled(d, glass));
    const art::Id shade = area(d, "Core", {curve::circle({72, 74}, 58), curve::reversed(curve::circle({48, 46}, 62))}, filled(d, glass, -2));
    const art::Id shine = area(d, "Shine", {curve::ellipse({42, 38}, 14, 10)}, filled(d, glass, 3));
    d = art::moved(d, {shade, shine}, {.layer = 0, .parent = ball}).document;
    return d;
}

art::Document flag()
{
    art::Document d = sheet(words::marked("Paper flag"), 120, 160);
    const art::Id paper = ink(d, "Paper", {246, 236, 214}), rust = ink(d, "Rust", {178, 72, 52});
    area(d, "Cord", {curve::rectangle({0, 0}, {120, 6})}, filled(d, rust, -2));
    const art::Id cloth = area(d, "Flag", {curve::polyline({{10, 6}, {110, 6}, {110, 150}, {60, 118}, {10, 150}}, true)}, filled(d, rust));
    const art::Id band = area(d, "Band", {curve::rectangle({0, 40}, {120, 62})}, filled(d, paper));
    d = art::moved(d, {band}, {.layer = 0, .parent = cloth}).document;
    return d;
}

art::Document hook()
{
    art::Document d = sheet(words::marked("Lamp hook"), 90, 150);
    const art::Id iron = ink(d, "Iron", {58, 58, 66});
    // An S of two arcs, 8 px thick.
    const auto arc = [](Vec2 c, double r, double from, double to) {
        curve::Path p;
        const int pieces = 4;
        const double step = (to - from) / pieces, k = 4.0 / 3 * std::tan(step / 4) * r;
        for (int i = 0; i <= pieces; ++i) {
            const double a = from + i * step;
            const Vec2 at = c + curve::direction(a) * r, t = perpendicular(curve::direction(a));
            p.nodes.push_back({at, i ? at - t * k : at, i < pieces ? at + t * k : at, curve::NodeKind::smooth});
        }
        return p;
    };
    curve::Path line = arc({45, 40}, 32, -curve::pi * 0.95, curve::pi * 0.5);
    const curve::Path lower = arc({45, 108}, 36, -curve::pi / 2, -curve::pi / 2 - curve::pi * 1.3);
    line.nodes.back().out = line.nodes.back().at;
    line.nodes.insert(line.nodes.end(), lower.nodes.begin() + 1, lower.nodes.end());
    art::Item i;
    i.name = "Hook";
    art::Artwork a;
    a.setPaths({line});
    a.stroke.colour = d.ink(iron)->colour;
    a.stroke.ink = {iron, 0};
    a.stroke.width = 8;
    i.is = std::move(a);
    return art::withItem(d, d.layers.back()->id, std::move(i)).document;
}

art::Document drop()
{
    art::Document d = sheet(words::marked("Drop"), 90, 140);
    const art::Id tide = ink(d, "Tide", {52, 116, 118});
    curve::Path p;
    const double r = 42, k = 4.0 / 3 * std::tan(curve::pi / 8) * r;
    const Vec2 c{45, 94};
    p.nodes = {{{45, 4}, {45, 4}, {45, 4}, curve::NodeKind::corner},
               {c + Vec2{r, 0}, c + Vec2{r, -k * 1.3}, c + Vec2{r, k}, curve::NodeKind::smooth},
               {c + Vec2{0, r}, c + Vec2{k, r}, c + Vec2{-k, r}, curve::NodeKind::smooth},
               {c + Vec2{-r, 0}, c + Vec2{-r, k}, c + Vec2{-r, -k * 1.3}, curve::NodeKind::smooth}};
    p.closed = true;
    const art::Id body = area(d, "Drop", {p}, filled(d, tide));
    const art::Id shine = area(d, "Shine", {curve::ellipse({30, 92}, 7, 20)}, filled(d, tide, 3));
    d = art::moved(d, {shine}, {.layer = 0, .parent = body}).document;
    return d;
}

art::Document star()
{
    art::Document d = sheet(words::marked("Star"), 140, 140);
    const art::Id lamp = ink(d, "Lantern", {242, 172, 74});
    std::vector<Vec2> corners;
    for (int k = 0; k < 16; ++k) corners.push_back(Vec2{70, 70} + curve::direction(curve::pi * k / 8 - curve::pi / 2) * (k % 2 ? 26 : k % 4 ? 44 : 68));
    area(d, "Star", {curve::polyline(corners, true)}, filled(d, lamp));
    return d;
}

art::Document wave()
{
    art::Document d = sheet(words::marked("Wave"), 240, 80);
    const art::Id tide = ink(d, "Tide", {52, 116, 118});
    curve::Path p;
    constexpr double step = 60;
    for (int k = 0; k <= 4; ++k) {
        const Vec2 at{k * step, k % 2 ? 28.0 : 6.0};
        p.nodes.push_back({at, at - Vec2{step / 2.2, 0}, at + Vec2{step / 2.2, 0}, curve::NodeKind::smooth});
    }
    p.nodes.front().in = p.nodes.front().at;
    p.nodes.back().out = p.nodes.back().at;
    for (const Vec2 corner : {Vec2{240, 80}, Vec2{0, 80}}) p.nodes.push_back(curve::cornerAt(corner));
    p.closed = true;
    area(d, "Wave", {p}, filled(d, tide));
    return d;
}

} // namespace

std::vector<ShippedPart> shippedParts()
{
    return {{"glass-bead", {"round", "glass", "light"}, bead()}, {"paper-flag", {"cloth", "stall", "cord"}, flag()},
            {"lamp-hook", {"iron", "hang", "line"}, hook()},     {"drop", {"water", "glass", "tear"}, drop()},
            {"star", {"night", "light", "spark"}, star()},       {"wave", {"water", "sea", "border"}, wave()}};
}

art::Document nightMarketParts()
{
    art::Document d = art::newDocument();
    d.title = "Sheet of parts";
    d = art::withLayer(d, d.layers.front()->id, [](art::Layer& l) { l.name = "Parts"; });
    const art::Id layer = d.layers.front()->id;
    std::map<std::string, art::Document> parts;
    for (ShippedPart& p : shippedParts()) parts.emplace(p.id, std::move(p.part));
    const auto put = [&](const char* id, Vec2 middle) {
        const art::Taken t = art::withPart(d, parts.at(id), id, middle, {layer});
        d = t.document;
        return t.items.front();
    };
    // Each as it is.
    double x = 72;
    for (const auto& [id, part] : parts) {
        put(id.c_str(), {x + part.sheet.width / 2, 150});
        x += part.sheet.width + 40;
    }
    // A cord with flags that stand along it, turned with it.
    curve::Path cord;
    cord.nodes = {{{60, 330}, {60, 330}, {300, 470}, curve::NodeKind::corner}, {{1020, 330}, {780, 470}, {1020, 330}, curve::NodeKind::corner}};
    art::Item line;
    line.name = "Cord";
    art::Artwork a;
    a.setPaths({cord});
    for (const art::Ink& i : d.inks)
        if (i.name == "Rust") {
            a.stroke.colour = i.colour;
            a.stroke.ink = {i.id, 0};
        }
    a.stroke.width = 8;
    line.is = std::move(a);
    const art::Added corded = art::withItem(d, layer, std::move(line));
    d = corded.document;
    art::Repeat along;
    along.way = art::Repeat::Way::along;
    along.line = corded.id;
    along.count = 7;
    along.from = 0.06;
    along.to = 0.94;
    const art::Added flags = art::withRepeat(d, {put("paper-flag", {200, 500})}, along, "Flags");
    // Hung from the cord: the first is moved, and all are.
    const art::Item& first = *flags.document.item(flags.id)->group()->items->front();
    const Vec2 down = linear(first.group()->use()->place, {0, 76});
    d = art::withRepeatsFollowed(art::transformed(flags.document, {first.id}, curve::translation(down)));
    // A wreath of beads round a star, and a border of waves.
    art::Repeat ring;
    ring.count = 12;
    ring.place = curve::translation({540, 800});
    ring.upright = true;
    const art::Id bead = put("glass-bead", {540, 674});
    d = art::withRepeat(art::transformed(d, {bead}, curve::about({540, 674}, curve::scaling(0.4, 0.4))), {bead}, ring, "Wreath").document;
    put("star", {540, 800});
    art::Repeat row;
    row.way = art::Repeat::Way::grid;
    row.columns = 5;
    row.rows = 1;
    row.step = {236, 0}; // they overlap: no seam is seen
    d = art::withRepeat(d, {put("wave", {68, 1020})}, row, "Sea").document;
    return d;
}

} // namespace softrope::demo
