// Faults within one path, each beside what only looks like it.
#include "curve/edit.h"
#include "curve/polygon.h"
#include "curve/reduce.h"
#include "proof/drawings.h"
#include "proof/nodes.h"

using namespace drawings;

namespace {

Path circleOf(double radius, int n)
{
    Path p;
    p.closed = true;
    const double k = 4.0 / 3 * std::tan(curve::pi / (2 * n)) * radius;
    for (int i = 0; i < n; ++i) {
        const double a = 2 * curve::pi * i / n;
        const Vec2 at = Vec2{500, 500} + curve::direction(a) * radius, along = perpendicular(curve::direction(a));
        p.nodes.push_back({at, at - along * k, at + along * k, curve::NodeKind::smooth});
    }
    return p;
}

} // namespace

TEST_CASE("a clean drawing is found clean")
{
    strokes::Random r(1);
    CHECK(look(with({shapeOf({blob({200, 200}, 80, 7, r)}), shapeOf({circleOf(100, 4)}), bare(curve::polyline({{10, 10}, {60, 40}, {110, 20}}, false)),
                     square({700, 700}, 90)}))
              .empty());
    CHECK(look(newDocument()).empty());
}

TEST_CASE("two nodes in one place are found and merged, near ones are not")
{
    strokes::Random r(2);
    Path p = blob({300, 300}, 100, 8, r);
    const Path clean = p;
    curve::Node& n = p.nodes[3];
    curve::Node twin = n;
    twin.at += {0.03, -0.02};
    twin.in = twin.at;
    n.out = n.at;
    p.nodes.insert(p.nodes.begin() + 4, twin);
    const Document d = with({shapeOf({p})});
    const Finding f = only(d, Fault::doubledNode);
    CHECK(distance(f.at, clean.nodes[3].at) < 0.05);
    const Path mended = artworkAt(proof::mended(d, {f}).document, 0).paths[0];
    CHECK(mended.nodes.size() == clean.nodes.size());
    CHECK(curve::furthestFrom(mended, clean) < 0.05);
    p.nodes[4].at += {0.2, 0};
    CHECK(of(look(with({shapeOf({p})})), Fault::doubledNode).empty());
}

TEST_CASE("a node that can go unseen is found, an extreme of a circle is not")
{
    // Eight arcs of 45 degrees: four of 90 are 2.73e-4 of the radius off the circle (Goldapp 1991), which is not seen at radius 60.
    strokes::Random r(3);
    Path p = blob({300, 300}, 120, 8, r);
    const Path clean = p;
    p = curve::withNodeAt(p, {2, 0.37, at(p.piece(2), 0.37), 0}).path;
    const Document d = with({shapeOf({p})});
    const Finding f = only(d, Fault::needlessNode);
    const Path mended = artworkAt(proof::mended(d, {f}).document, 0).paths[0];
    REQUIRE(mended.nodes.size() == 8);
    CHECK(curve::furthestFrom(mended, clean) < 1e-6); // the split undone exactly (de Casteljau 1959)
    CHECK(look(with({shapeOf({circleOf(150, 4)})})).empty());
    // On a straight.
    const Document straight = with({shapeOf({curve::polyline({{0, 0}, {40, 0.03}, {100, 0}, {100, 90}, {0, 90}}, true)})});
    CHECK(distance(only(straight, Fault::needlessNode).at, {40, 0.03}) < 1e-9);
    CHECK(look(with({shapeOf({curve::polyline({{0, 0}, {40, 0.2}, {100, 0}, {100, 90}, {0, 90}}, true)})})).empty());
    // A spike that goes there and back is none.
    CHECK(of(look(with({bare(curve::polyline({{0, 0}, {100, 0}, {40, 0.01}}, false))})), Fault::needlessNode).empty());
}

TEST_CASE("where the border of an area goes on along another line than before, its break is none of its own")
{
    // A bow from the left that another one from below leaves at ten degrees: an area under both turns by as much where they meet.
    const double turn = curve::radians(10);
    const auto bow = [](Vec2 from, double angle, double length) {
        const Vec2 way = curve::direction(angle), side = perpendicular(way);
        return curve::Cubic{from, from + length / 3 * way, from + 2 * length / 3 * way + 6 * side, from + length * way + 20 * side};
    };
    const Vec2 meet{300, 300};
    const curve::Cubic first = reversed(bow(meet, curve::pi, 150)), second = bow(meet, turn, 150);
    const auto lineOf = [](const curve::Cubic& c) {
        Path p;
        p.nodes = {{c.p0, c.p0, c.p1}, {c.p3, c.p2, c.p3}};
        return p;
    };
    const Path two = lineOf(second);
    Path past = lineOf(first); // it goes on past the place
    past.nodes.back().out = meet + Vec2{10, 0};
    past.nodes.push_back({meet + Vec2{60, 0}, meet + Vec2{40, 0}, meet + Vec2{60, 0}});
    Path area;
    area.closed = true;
    area.nodes = {{first.p0, first.p0, first.p1, curve::NodeKind::corner},
                  {meet, first.p2, second.p1, curve::NodeKind::corner},
                  {second.p3, second.p2, second.p3, curve::NodeKind::corner},
                  {{300, 450}, {300, 450}, {300, 450}, curve::NodeKind::corner}};
    CHECK(only(with({shapeOf({area})}), Fault::kink).size == Approx(10).margin(0.01));
    CHECK(of(look(with({shapeOf({area}), bare(past)})), Fault::kink).size() == 1); // of one line alone it is the line's
    CHECK(of(look(with({shapeOf({area}), bare(past), bare(two)})), Fault::kink).empty());
    // A line that only passes near by says nothing.
    CHECK(of(look(with({shapeOf({area}), bare(past), bare(transformed(two, curve::translation({0, 2})))})), Fault::kink).size() == 1);
    // What has a line of its own shows the break in it.
    Item ringed = shapeOf({area});
    Artwork own = *ringed.artwork();
    own.stroke.colour = Colour{20, 30, 30};
    ringed.is = own;
    CHECK(of(look(with({ringed, bare(past), bare(two)})), Fault::kink).size() == 1);
}

TEST_CASE("a slight break is a kink, a corner and what is drawn in straights are not")
{
    strokes::Random r(4);
    const Path clean = blob({300, 300}, 120, 8, r);
    for (const double degrees : {3.5, 8.0, 14.5}) {
        Path p = clean;
        curve::Node& n = p.nodes[5];
        const Vec2 v = n.out - n.at;
        n.out = n.at + length(v) * curve::direction(curve::angleOf(v) + curve::radians(degrees));
        n.kind = curve::NodeKind::corner;
        const Document d = with({shapeOf({p})});
        const Finding f = only(d, Fault::kink);
        CHECK(f.size == Approx(degrees).margin(0.01));
        const Path mended = artworkAt(proof::mended(d, {f}).document, 0).paths[0];
        CHECK(look(with({shapeOf({mended})})).empty());
        for (std::size_t k = 0; k < 8; ++k) CHECK(mended.nodes[k].at == clean.nodes[k].at);
        // The handle that was turned is turned back, not the other one.
        CHECK(curve::furthestFrom(mended, clean) < 0.3);
    }
    for (const double degrees : {1.0, 20.0, 28.0}) {
        Path p = clean;
        curve::Node& n = p.nodes[5];
        const Vec2 v = n.out - n.at;
        n.out = n.at + length(v) * curve::direction(curve::angleOf(v) + curve::radians(degrees));
        CHECK(of(look(with({shapeOf({p})})), Fault::kink).empty());
    }
    std::vector<Vec2> ring;
    for (int k = 0; k < 36; ++k) ring.push_back(Vec2{500, 500} + 200 * curve::direction(2 * curve::pi * k / 36));
    CHECK(look(with({shapeOf({curve::polyline(ring, true)})})).empty());
}

TEST_CASE("points that show nothing are found, a dot is not")
{
    Path point;
    point.nodes = {curve::cornerAt({300, 300})};
    Path dot = point;
    dot.nodes.push_back(dot.nodes[0]);
    const Document d = with({shapeOf({point}), bare(dot, 8), square({500, 500}, 50)});
    const Finding f = only(d, Fault::strayPoint);
    CHECK(f.at == Vec2{300, 300});
    const proof::Mended m = proof::mended(d, {f});
    CHECK(m.document.layers[0]->items.size() == 2);
    CHECK(proof::said(m) == "1 stray point taken out");
}

TEST_CASE("fills that are open or cross themselves")
{
    Item open = shapeOf({curve::polyline({{100, 100}, {200, 100}, {200, 200}, {120, 210}}, false)});
    const Finding f = only(with({open}), Fault::openFill);
    CHECK(f.size == Approx(std::hypot(20, 110)));
    const Document closed = proof::mended(with({open}), {f}).document;
    CHECK(artworkAt(closed, 0).paths[0].closed);
    // A bow tie.
    const Document tie = with({shapeOf({curve::polyline({{100, 100}, {200, 200}, {200, 100}, {100, 200}}, true)})});
    const Finding x = only(tie, Fault::selfCrossing);
    CHECK(distance(x.at, {150, 150}) < 0.01);
    const Document apart = proof::mended(tie, {x}).document;
    CHECK(of(look(apart), Fault::selfCrossing).empty());
    CHECK(curve::insidePaths(artworkAt(apart, 0).paths, {120, 150}, curve::Rule::nonzero));
    CHECK_FALSE(curve::insidePaths(artworkAt(apart, 0).paths, {150, 120}, curve::Rule::nonzero));
}
