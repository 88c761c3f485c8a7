// The pieces of the demo that show building: a teapot from circles and lines, and the moth welded from its half.
#include "art/build.h"
#include "art/touch.h"
#include "demo/night_market.h"
#include "demo/pages.h"

#include <algorithm>

namespace softrope::demo {

using curve::Path;
using curve::Vec2;

namespace {

art::Stroke lineLook(double width)
{
    art::Stroke s;
    s.colour = art::Colour{0x1C, 0x2E, 0x2A};
    s.width = width;
    return s;
}

void put(art::Document& d, art::Id layer, const std::string& name, const Path& path)
{
    art::Item i;
    i.name = name;
    art::Artwork a;
    a.setPaths({path});
    a.stroke = lineLook(4);
    i.is = a;
    d = art::withItem(d, layer, i).document;
}

// The areas that hold these points, as one shape on the layer.
void carve(art::Document& d, art::Id layer, const planar::Map& map, const std::string& name, const std::vector<Vec2>& points, art::Colour paint)
{
    std::vector<int> areas;
    for (const Vec2 p : points)
        if (const int a = map.at(p); a != planar::outside && std::find(areas.begin(), areas.end(), a) == areas.end()) areas.push_back(a);
    art::Fill fill;
    fill.colour = paint;
    art::Stroke none = lineLook(4);
    none.colour.reset();
    d = art::withShape(d, layer, map.outline(areas), none, fill, name).document;
}

} // namespace

art::Document nightMarketTeapot()
{
    art::Document d = art::newDocument();
    d.title = "Teapot";
    const art::Id lines = d.layers.front()->id;
    d = art::withLayer(d, lines, [](art::Layer& l) { l.name = "Teapot lines"; });
    const Vec2 body{520, 620};
    put(d, lines, "Body", curve::circle(body, 230));
    put(d, lines, "Lid", curve::circle({520, 500}, 165));
    // The knob touches the lid exactly.
    if (const auto knob = art::touchingCircle(d, {520, 291}, 40, false, 9, {})) put(d, lines, "Knob", knob->path);
    put(d, lines, "Handle, outer", curve::circle({270, 600}, 135));
    put(d, lines, "Handle, inner", curve::circle({276, 600}, 88));
    put(d, lines, "Rim", curve::polyline({{300, 520}, {780, 520}}, false));
    put(d, lines, "Foot line", curve::polyline({{280, 770}, {780, 770}}, false));
    put(d, lines, "Spout, upper",
        Path{{{{680, 560}, {680, 560}, {800, 590}, curve::NodeKind::corner}, {{880, 370}, {820, 480}, {880, 370}, curve::NodeKind::corner}}, false});
    put(d, lines, "Spout, lower",
        Path{{{{690, 730}, {690, 730}, {850, 720}, curve::NodeKind::corner}, {{958, 418}, {930, 560}, {958, 418}, curve::NodeKind::corner}}, false});
    put(d, lines, "Spout, mouth", curve::polyline({{866, 364}, {957, 417}}, false));
    put(d, lines, "Base, left", curve::polyline({{420, 800}, {370, 900}}, false));
    put(d, lines, "Base, right", curve::polyline({{620, 800}, {670, 900}}, false));
    put(d, lines, "Base", curve::polyline({{350, 880}, {690, 880}}, false));
    d = art::withGuide(d, {520, 620}, curve::pi / 2).document;
    planar::BuildOptions o;
    o.gap = 2.5;
    o.sliverWidth = 1;
    const planar::MapPtr map = planar::build(art::drawnLines(d).paths, o);
    const art::Added shapes = art::withNewLayer(d, "Teapot shapes");
    d = art::withLayerMoved(shapes.document, shapes.id, -1);
    const art::Colour brine{0x2E, 0x6B, 0x66}, clay{0xA8, 0x3E, 0x2C}, straw{0xE8, 0xD6, 0xAC}, amber{0xE0, 0xA0, 0x3C}, pine{0x24, 0x34, 0x32};
    carve(d, shapes.id, *map, "Handle", {{170, 600}, {350, 700}, {350, 500}}, straw);
    carve(d, shapes.id, *map, "Base", {{520, 865}}, pine);
    carve(d, shapes.id, *map, "Body", {{520, 640}, {520, 700}, {600, 660}, {340, 640}, {700, 640}, {520, 540}}, brine);
    carve(d, shapes.id, *map, "Spout", {{850, 560}, {890, 430}, {800, 640}}, brine);
    carve(d, shapes.id, *map, "Lid", {{520, 440}, {520, 360}, {400, 480}, {640, 480}}, clay);
    carve(d, shapes.id, *map, "Knob", {{520, 300}}, amber);
    return d;
}

art::Document nightMarketWholeMoth()
{
    art::Document d = art::newDocument();
    d.title = "Moth, welded";
    const art::Id lines = d.layers.front()->id;
    d = art::withLayer(d, lines, [](art::Layer& l) { l.name = "Moth lines"; });
    const char* names[] = {"Upper wing",      "Lower wing",      "Body",      "Head", "Antenna", "Upper vein", "Lower vein",
                           "Eye spot, outer", "Eye spot, inner", "Lower spot"};
    const curve::Paths half = mothHalf();
    for (std::size_t k = 0; k < half.size(); ++k) put(d, lines, names[k], half[k]);
    d = art::withMirror(d, lines, mirror::Axis{{540, 540}, curve::pi / 2});
    d = art::withWeld(d, lines, 4).document;
    planar::BuildOptions o;
    o.gap = 3;
    o.sliverWidth = 1;
    return art::withAreasUnderLines(d, *planar::build(art::drawnLines(d).paths, o)).document;
}

} // namespace softrope::demo
