// What the proof measures with: what shapes cover, and straights found by place, against asking everything.
#include "proof/things.h"

#include "curve/polygon.h"

#include "proof/drawings.h"

#include <set>

using namespace drawings;

namespace {

Artwork artworkOf(curve::Paths paths, bool evenOdd, double line)
{
    Artwork a;
    a.setPaths(std::move(paths));
    a.fill.colour = Colour{1, 2, 3};
    a.fill.evenOdd = evenOdd;
    a.stroke.colour.reset();
    if (line > 0) a.stroke.colour = Colour{4, 5, 6};
    a.stroke.width = line;
    return a;
}

} // namespace

TEST_CASE("a shape covers what its fill and its line paint, by either rule")
{
    strokes::Random r(21);
    for (int turn = 0; turn < 20; ++turn) {
        const curve::Paths paths{blob({300, 300}, 120, 7, r), blob({340, 300}, 60, 5, r)};
        for (const bool evenOdd : {false, true}) {
            const proof::Shape s = proof::shapeOf(artworkOf(paths, evenOdd, 0));
            CHECK(s.area);
            CHECK(s.half == 0);
            for (int k = 0; k < 60; ++k) {
                const Vec2 p{r.between(150, 480), r.between(150, 450)};
                double off = 1e300;
                for (const Path& q : paths) off = std::min(off, curve::nearest(q, p)->distance);
                if (off < 0.2) continue; // on the border by chance
                CHECK(s.covers(p) == curve::insidePaths(paths, p, evenOdd ? curve::Rule::evenOdd : curve::Rule::nonzero));
            }
        }
    }
    // With a line it reaches half its width further, and shows the line's colour.
    const proof::Shape lined = proof::shapeOf(artworkOf({curve::circle({0, 0}, 50)}, false, 10));
    CHECK(lined.covers({54.9, 0}));
    CHECK_FALSE(lined.covers({55.2, 0}));
    CHECK(lined.colour == Colour{4, 5, 6});
    CHECK(lined.box.max.x == Approx(55).margin(0.02));
    // An open outline is filled to its chord.
    CHECK(proof::shapeOf(artworkOf({curve::polyline({{0, 0}, {100, 0}, {100, 100}}, false)}, false, 0)).covers({80, 40}));
    CHECK_FALSE(proof::shapeOf(artworkOf({curve::polyline({{0, 0}, {100, 0}, {100, 100}}, false)}, false, 0)).covers({20, 60}));
}

TEST_CASE("what paints nothing has no contours, a line has no inside")
{
    Artwork none = artworkOf({curve::circle({0, 0}, 50)}, false, 0);
    none.fill.colour.reset();
    CHECK(proof::shapeOf(none).contours.empty());
    const proof::Shape line = proof::shapeOf(*bare(curve::polyline({{0, 0}, {100, 0}}, false), 6).artwork());
    CHECK_FALSE(line.area);
    CHECK(line.covers({50, 2.9}));
    CHECK_FALSE(line.covers({50, 3.1}));
    CHECK(line.contours.front().length() == Approx(100));
    // With a swell it is the outline that is measured.
    Item swelled = bare(curve::polyline({{0, 0}, {100, 0}}, false), 10);
    std::get<Artwork>(swelled.is).stroke.swell = curve::Swell{{{0.5, 1}}, 0.4, 0.4};
    const proof::Shape s = proof::shapeOf(*swelled.artwork());
    CHECK(s.area);
    CHECK(s.half == 0);
    CHECK(s.covers({50, 4}));
    CHECK_FALSE(s.covers({2, 4}));
}

TEST_CASE("the grid tells every straight near a place, long ones and short ones")
{
    strokes::Random r(22);
    std::vector<Item> items;
    for (int k = 0; k < 40; ++k) items.push_back(shapeOf({blob({r.between(0, 2000), r.between(0, 900)}, r.between(3, 120), 6, r)}));
    items.push_back(bare(curve::polyline({{-500, -200}, {2500, 1200}}, false)));
    items.push_back(bare(curve::polyline({{10, 890}, {1990, 890}}, false)));
    std::vector<proof::Thing> things;
    for (const Item& i : items) {
        proof::Thing t;
        t.item = &i;
        t.artwork = i.artwork();
        t.shape = std::make_shared<const proof::Shape>(proof::shapeOf(*i.artwork()));
        things.push_back(t);
    }
    for (const double reach : {0.5, 6.0, 40.0}) {
        const proof::Grid grid(things, 6);
        for (int k = 0; k < 200; ++k) {
            const Vec2 p{r.between(-50, 2050), r.between(-50, 950)};
            std::set<std::tuple<int, int, double>> found, wanted;
            grid.near(p, reach, [&](const proof::Grid::Straight& s) {
                const Vec2 d = s.b - s.a;
                const double t = std::clamp(dot(p - s.a, d) / squaredLength(d), 0.0, 1.0);
                if (distance(s.a + t * d, p) <= reach) found.insert({s.thing, s.contour, s.along});
            });
            for (std::size_t n = 0; n < things.size(); ++n)
                for (std::size_t c = 0; c < things[n].shape->contours.size(); ++c) {
                    const proof::Contour& line = things[n].shape->contours[c];
                    for (std::size_t i = 0; i + 1 < line.points.size(); ++i) {
                        const Vec2 a = line.points[i], d = line.points[i + 1] - a;
                        if (squaredLength(d) == 0) continue;
                        const double t = std::clamp(dot(p - a, d) / squaredLength(d), 0.0, 1.0);
                        if (distance(a + t * d, p) <= reach) wanted.insert({static_cast<int>(n), static_cast<int>(c), line.along[i]});
                    }
                }
            CHECK(found == wanted);
        }
    }
    const proof::Grid empty({}, 6);
    empty.near({0, 0}, 10, [](const proof::Grid::Straight&) { FAIL("there is none"); });
}
