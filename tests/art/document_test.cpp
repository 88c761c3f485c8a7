#include "art/art.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

Item line(std::vector<Vec2> points, bool closed = false)
{
    Item i;
    Artwork a;
    a.setPaths({curve::polyline(points, closed)});
    a.stroke.colour = Colour{1, 2, 3};
    i.is = a;
    return i;
}

std::shared_ptr<const PictureFile> picture(int w, int h)
{
    auto p = std::make_shared<PictureFile>();
    p->bytes.resize(10);
    p->format = "png";
    p->width = w;
    p->height = h;
    return p;
}

} // namespace

TEST_CASE("an edit shares what it does not change")
{
    Document d = newDocument();
    d = withNewLayer(d, "Second").document;
    d = withItem(d, d.layers[0]->id, line({{0, 0}, {1, 1}})).document;
    const Added more = withItem(d, d.layers[1]->id, line({{2, 2}, {3, 3}}));
    CHECK(more.document.layers[0] == d.layers[0]);
    CHECK(more.document.layers[1] != d.layers[1]);
    CHECK(d.layers[1]->items.empty());
}

TEST_CASE("a locked layer forbids edits of what lies on it")
{
    Document d = newDocument();
    const Added a = withItem(d, 0, line({{0, 0}, {9, 9}}));
    const Document locked = withLayer(a.document, a.document.layers[0]->id, [](Layer& l) { l.locked = true; });
    CHECK(withoutItems(locked, {a.id}) == locked);
    CHECK(transformed(locked, {a.id}, curve::translation({5, 5})) == locked);
    CHECK(withItem(locked, locked.layers[0]->id, line({{1, 1}, {2, 2}})).id == 0);
    CHECK(withPaths(locked, a.id, {}) == locked);
}

TEST_CASE("a reference fits the sheet, is dimmed, locked, and lies below the artwork")
{
    Document d = newDocument();
    d = withItem(d, 0, line({{0, 0}, {9, 9}})).document;
    const Added a = withReference(d, picture(4000, 2000), "Sketch");
    const Layer& l = *a.document.layers.front();
    CHECK(l.locked);
    CHECK(l.items.front()->id == a.id);
    const Reference& r = *l.items.front()->reference();
    CHECK(r.dim == 0.5);
    CHECK(bounds(*l.items.front()).width() == Approx(1080));
    CHECK(bounds(*l.items.front()).centre() == Vec2{540, 540});
    const Added b = withReference(a.document, picture(10, 10), "Second");
    CHECK(b.document.layers[1]->items.front()->id == b.id);
}

TEST_CASE("cropping keeps the rest of the picture where it was")
{
    Reference r;
    r.picture = picture(100, 80);
    r.centre = {200, 200};
    r.scale = 2;
    r.turn = 0.3;
    const Vec2 before = placement(r) * Vec2{30, 30};
    Reference c = r;
    c.crop = {{10, 10}, {60, 50}};
    c.centre = placement(r) * c.crop.centre();
    CHECK(distance(placement(c) * Vec2{30, 30}, before) < 1e-9);
    CHECK(distance(frame(c)[0], placement(r) * Vec2{10, 10}) < 1e-9);
}

TEST_CASE("widths follow the scale unless they are to be kept")
{
    Document d = newDocument();
    Item keep = line({{0, 0}, {10, 0}});
    std::get<Artwork>(keep.is).stroke.keepsWidth = true;
    const Added a = withItem(d, 0, line({{0, 0}, {10, 0}})), b = withItem(a.document, 0, keep);
    const Document big = transformed(b.document, {a.id, b.id}, curve::scaling(3, 3));
    CHECK(big.item(a.id)->artwork()->stroke.width == Approx(30));
    CHECK(big.item(b.id)->artwork()->stroke.width == Approx(10));
}

TEST_CASE("two open ends become one line, and the two ends of one line close it")
{
    Document d = newDocument();
    const Added a = withItem(d, 0, line({{0, 0}, {50, 0}}));
    const Added b = withItem(a.document, 0, line({{52, 0}, {52, 40}, {0, 3}}));
    const auto ends = openEnds(b.document);
    REQUIRE(ends.size() == 4);
    const Document one = withEndsJoined(b.document, ends[1], ends[2]);
    REQUIRE(openEnds(one).size() == 2);
    CHECK_FALSE(one.item(b.id));
    CHECK(one.item(a.id)->artwork()->paths[0].nodes.size() == 4);
    CHECK(one.item(a.id)->artwork()->paths[0].nodes[1].at == Vec2{51, 0});
    const auto rest = openEnds(one);
    const Document closed = withEndsJoined(one, rest[0], rest[1]);
    CHECK(closed.item(a.id)->artwork()->paths[0].closed);
    CHECK(closed.item(a.id)->artwork()->paths[0].nodes.size() == 3);
}

TEST_CASE("aligning and centring put bounds where they are asked")
{
    Document d = newDocument();
    const Added a = withItem(d, 0, line({{100, 100}, {200, 150}}));
    CHECK(bounds(*alignedToSheet(a.document, {a.id}, Side::centre).document.item(a.id)).centre().x == Approx(540));
    CHECK(bounds(*alignedToSheet(a.document, {a.id}, Side::bottom).document.item(a.id)).max.y == Approx(1080));
}

TEST_CASE("snapping says where and why, ends come before lines")
{
    Document d = newDocument();
    const Added a = withItem(d, 0, line({{100, 100}, {300, 100}})), b = withItem(a.document, 0, line({{200, 50}, {200, 150}}));
    d = withGuide(b.document, {0, 400}, 0).document;
    const auto at = [&](Vec2 p) {
        SnapRequest r;
        r.point = p;
        return snapped(d, r);
    };
    CHECK(at({103, 98}).reason == SnapReason::end);
    CHECK(at({103, 98}).point == Vec2{100, 100});
    CHECK(at({203, 104}).reason == SnapReason::crossing);
    CHECK(distance(at({203, 104}).point, {200, 100}) < 1e-9);
    CHECK(at({150, 104}).reason == SnapReason::line);
    CHECK(at({700, 395}).reason == SnapReason::guide);
    CHECK(at({538, 544}).reason == SnapReason::sheetCentre);
    CHECK(at({800, 800}).reason == SnapReason::none);
    CHECK(at({800, 800}).point == Vec2{800, 800});
}

TEST_CASE("colours are read as SVG writes them")
{
    CHECK(*colourFrom("#f80") == Colour{255, 136, 0});
    CHECK(*colourFrom(" #FF8800 ") == Colour{255, 136, 0});
    CHECK(*colourFrom("rgb(100%, 0, 10%)") == Colour{255, 0, 26});
    CHECK_FALSE(colourFrom("no-colour"));
    CHECK_FALSE(colourFrom("#12345"));
    CHECK(*colourFrom("teal") == Colour{0, 128, 128});
    CHECK(text(Colour{0, 128, 255}) == "#0080ff");
}
