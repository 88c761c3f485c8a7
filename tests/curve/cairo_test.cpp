// Geometry against Cairo, a general-purpose drawing library that shares no code with ours.
#include "curve/curve.h"
#include "curve/strokes.h"

#include <catch2/catch.hpp>

#include <cairo.h>

using namespace softrope::curve;

namespace {

struct Drawing {
    cairo_surface_t* surface = cairo_image_surface_create(CAIRO_FORMAT_A8, 8, 8);
    cairo_t* cr = cairo_create(surface);
    Drawing() { cairo_set_tolerance(cr, 0.001); }
    Drawing(const Drawing&) = delete;
    Drawing& operator=(const Drawing&) = delete;
    ~Drawing()
    {
        cairo_destroy(cr);
        cairo_surface_destroy(surface);
    }
    void put(const Path& p)
    {
        cairo_new_path(cr);
        cairo_move_to(cr, p.nodes[0].at.x, p.nodes[0].at.y);
        for (std::size_t i = 0; i < p.pieceCount(); ++i) {
            const Cubic c = p.piece(i);
            cairo_curve_to(cr, c.p1.x, c.p1.y, c.p2.x, c.p2.y, c.p3.x, c.p3.y);
        }
        if (p.closed) cairo_close_path(cr);
    }
};

Path randomPath(strokes::Random& r, bool closed)
{
    Path p;
    p.closed = closed;
    for (int i = 0, n = 3 + r.below(5); i < n; ++i) {
        const Vec2 at{r.between(0, 300), r.between(0, 300)};
        const Vec2 h{r.between(-60, 60), r.between(-60, 60)};
        p.nodes.push_back({at, at - h, at + h * r.between(0.3, 1.5), NodeKind::smooth});
    }
    return p;
}

} // namespace

TEST_CASE("bounds are those Cairo finds for the same path")
{
    strokes::Random r(31);
    Drawing d;
    for (int round = 0; round < 200; ++round) {
        const Path p = randomPath(r, round % 2 == 0);
        d.put(p);
        double x0 = 0, y0 = 0, x1 = 0, y1 = 0;
        cairo_path_extents(d.cr, &x0, &y0, &x1, &y1);
        const Box b = bounds(p);
        // Cairo works on a grid of 1/256 and on chords: 0.02 px is its own error.
        CHECK(b.min.x == Approx(x0).margin(0.02));
        CHECK(b.min.y == Approx(y0).margin(0.02));
        CHECK(b.max.x == Approx(x1).margin(0.02));
        CHECK(b.max.y == Approx(y1).margin(0.02));
    }
}

TEST_CASE("a point lies within half the width of a stroke exactly when the path is that near")
{
    strokes::Random r(32);
    Drawing d;
    cairo_set_line_cap(d.cr, CAIRO_LINE_CAP_ROUND);
    cairo_set_line_join(d.cr, CAIRO_LINE_JOIN_ROUND);
    int told = 0;
    for (int round = 0; round < 60; ++round) {
        const Path p = randomPath(r, false);
        d.put(p);
        for (int k = 0; k < 40; ++k) {
            const Vec2 q{r.between(-40, 340), r.between(-40, 340)};
            const double width = r.between(4, 80);
            const double away = nearest(p, q)->distance;
            if (std::abs(away - width / 2) < 0.1) continue; // too close to call for chords
            cairo_set_line_width(d.cr, width);
            CHECK((cairo_in_stroke(d.cr, q.x, q.y) != 0) == (away < width / 2));
            ++told;
        }
    }
    CHECK(told > 2000);
}

TEST_CASE("area by Green's theorem agrees with the area of Cairo's flattened outline")
{
    strokes::Random r(33);
    Drawing d;
    for (int round = 0; round < 100; ++round) {
        const Path p = randomPath(r, true);
        d.put(p);
        cairo_path_t* flat = cairo_copy_path_flat(d.cr);
        std::vector<Vec2> line;
        for (int i = 0; i < flat->num_data; i += flat->data[i].header.length)
            if (flat->data[i].header.type == CAIRO_PATH_MOVE_TO || flat->data[i].header.type == CAIRO_PATH_LINE_TO)
                if (line.empty() || flat->data[i].header.type == CAIRO_PATH_LINE_TO) line.push_back({flat->data[i + 1].point.x, flat->data[i + 1].point.y});
        cairo_path_destroy(flat);
        CHECK(area(p) == Approx(area(polyline(line, true))).margin(6));
    }
}
