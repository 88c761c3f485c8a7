// Slivers, narrow gaps, thin parts, seams, and the ends of lines: found where they are, and not where they only seem to be.
#include "proof/drawings.h"

using namespace drawings;

namespace {

const Colour teal{46, 107, 102}, red{168, 64, 44};

// Two areas that share a wavy border, the right one so far off.
Document neighboursApart(double by, Colour left = teal, Colour right = red)
{
    Path a, b;
    a.closed = b.closed = true;
    const curve::Cubic border{{300, 100}, {330, 160}, {270, 240}, {300, 300}};
    a.nodes = {curve::cornerAt({150, 100}), {border.p0, border.p0, border.p1}, {border.p3, border.p2, border.p3}, curve::cornerAt({150, 300})};
    b.nodes = {{border.p0, border.p0, border.p1}, {border.p3, border.p2, border.p3}, curve::cornerAt({450, 300}), curve::cornerAt({450, 100})};
    for (curve::Node& n : b.nodes) {
        n.at.x += by;
        n.in.x += by;
        n.out.x += by;
    }
    return with({shapeOf({a}, left), shapeOf({b}, right)});
}

} // namespace

TEST_CASE("a sliver is found and closed on the border of its neighbour")
{
    for (const double by : {0.08, 0.2, 0.45}) {
        const Document d = neighboursApart(by);
        const Finding f = only(d, Fault::sliver);
        CHECK(f.size == Approx(by).margin(0.05));
        CHECK(std::abs(f.at.y - 200) < 60);
        const proof::Mended m = proof::mended(d, {f});
        CHECK(look(m.document).empty());
        const Path &a = artworkAt(m.document, 0).paths[0], &b = artworkAt(m.document, 1).paths[0];
        CHECK(a == artworkAt(d, 0).paths[0]);
        REQUIRE(b.nodes.size() == 4);
        // The shared piece is the same curve on both sides.
        int shared_ = 0;
        for (std::size_t i = 0; i < 4; ++i)
            shared_ += b.piece(i) == curve::Cubic{{300, 100}, {330, 160}, {270, 240}, {300, 300}} ||
                       curve::reversed(b.piece(i)) == curve::Cubic{{300, 100}, {330, 160}, {270, 240}, {300, 300}};
        CHECK(shared_ == 1);
    }
}

TEST_CASE("what abuts, overlaps, is covered or lies further apart is no sliver")
{
    CHECK(look(neighboursApart(0)).empty());
    CHECK(look(neighboursApart(-2)).empty());
    CHECK(look(neighboursApart(6)).empty());
    // Circles that touch leave a wedge on each side, as circles do.
    CHECK(look(with({shapeOf({curve::circle({300, 300}, 150)}, teal), shapeOf({curve::circle({600, 300}, 150)}, red)})).empty());
    Document d = neighboursApart(0.3);
    d = withItem(d, 0, bare(curve::polyline({{280, 90}, {320, 200}, {290, 310}}, false), 60)).document;
    CHECK(of(look(d), Fault::sliver).empty());
}

TEST_CASE("narrow gaps are those between areas of one colour")
{
    const Finding f = only(neighboursApart(1.2, teal, teal), Fault::narrowGap);
    CHECK(f.size < 1.25);
    CHECK(f.size > 1.0); // the border leans: the way across is shorter than along x
    CHECK(f.mending == proof::Mending::none);
    CHECK(look(neighboursApart(1.2, teal, red)).empty());
    CHECK(look(neighboursApart(2.5, teal, teal)).empty());
    // Two lines that run side by side close up like areas.
    const Document lines = with({bare(curve::polyline({{100, 100}, {400, 100}}, false), 4), bare(curve::polyline({{100, 105}, {400, 105}}, false), 4)});
    CHECK(only(lines, Fault::narrowGap).size == Approx(1).margin(0.01));
}

TEST_CASE("thin lines and thin parts of areas")
{
    CHECK(only(with({bare(curve::polyline({{100, 100}, {400, 130}}, false), 0.6)}), Fault::thinPart).size == Approx(0.6));
    // A dumbbell whose bar is 0.7 high.
    const Path bell = curve::polyline({{100, 100},
                                       {150, 100},
                                       {150, 124.65},
                                       {250, 124.65},
                                       {250, 100},
                                       {300, 100},
                                       {300, 150},
                                       {250, 150},
                                       {250, 125.35},
                                       {150, 125.35},
                                       {150, 150},
                                       {100, 150}},
                                      true);
    const Finding f = only(with({shapeOf({bell})}), Fault::thinPart);
    CHECK(f.size == Approx(0.7).margin(0.01));
    CHECK(std::abs(f.at.y - 125) < 0.5);
    // A ring with a thin rim.
    Item ring = shapeOf({curve::circle({300, 300}, 50), curve::circle({300, 300}, 49.2)});
    std::get<Artwork>(ring.is).fill.evenOdd = true;
    CHECK(only(with({ring}), Fault::thinPart).size == Approx(0.8).margin(0.03));
    // Tips are thin by nature.
    CHECK(look(with({shapeOf({curve::polyline({{100, 100}, {300, 125}, {100, 150}}, true)})})).empty());
}

TEST_CASE("seams are borders of two colours where the process wants them to overlap")
{
    proof::Limits l = usual();
    l.overlap = 0.8;
    const Document d = neighboursApart(0);
    const Finding f = only(d, Fault::seam, l);
    CHECK(f.size == Approx(curve::arcLength(curve::Cubic{{300, 100}, {330, 160}, {270, 240}, {300, 300}})).margin(4));
    const Document m = proof::mended(d, {f}).document;
    CHECK(look(m, l).empty());
    CHECK(artworkAt(m, 0).fill.overlap == 0.8);
    // One that lies on the other with a common edge has nothing under it to show.
    CHECK(of(look(with({square({100, 100}, 200, teal), shapeOf({curve::rectangle({100, 100}, {200, 300})}, red)}), l), Fault::seam).empty());
}

TEST_CASE("ends that nearly meet or meet unjoined become one line")
{
    const auto two = [](Vec2 gap) {
        return with(
            {bare(curve::polyline({{100, 100}, {200, 120}, {300, 100}}, false)), bare(curve::polyline({Vec2{300, 100} + gap, {400, 60}, {500, 100}}, false))});
    };
    for (const Vec2 gap : {Vec2{0, 0}, Vec2{1.5, -0.6}, Vec2{2.8, 0}}) {
        const Document d = two(gap);
        const Finding f = only(d, length(gap) > 0.01 ? Fault::endsApart : Fault::endsUnjoined);
        CHECK(f.size == Approx(length(gap)).margin(1e-9));
        const Document m = proof::mended(d, {f}).document;
        REQUIRE(m.layers[0]->items.size() == 1);
        CHECK(artworkAt(m, 0).paths[0].nodes.size() == 5);
        CHECK(look(m).empty());
    }
    CHECK(look(two({6, 0})).empty());
    // Lines side by side that end alike were drawn so; three ends in one place are a fork; two colours are two lines.
    CHECK(
        look(with({bare(curve::polyline({{100, 100}, {300, 100}}, false), 1.2), bare(curve::polyline({{100, 102.9}, {300, 102.9}}, false), 1.2)}), {}).empty());
    CHECK(look(with({bare(curve::polyline({{100, 100}, {300, 100}}, false)), bare(curve::polyline({{300, 100}, {400, 50}}, false)),
                     bare(curve::polyline({{300, 100}, {400, 150}}, false))}))
              .empty());
    CHECK(look(with({bare(curve::polyline({{100, 100}, {300, 100}}, false)), bare(curve::polyline({{300, 100}, {400, 50}}, false), 4, red)})).empty());
}

TEST_CASE("pieces of one outline in any order and direction close to one")
{
    strokes::Random r(11);
    for (int turn = 0; turn < 20; ++turn) {
        const Path whole = blob({500, 500}, 200, 9, r);
        std::vector<Item> pieces_;
        std::vector<std::size_t> cuts{0, 2, 3, 6};
        for (std::size_t k = 0; k < cuts.size(); ++k) {
            const std::size_t to = k + 1 < cuts.size() ? cuts[k + 1] : 9;
            Path p;
            for (std::size_t i = cuts[k]; i <= to; ++i) p.nodes.push_back(whole.nodes[i % 9]);
            p.nodes.front().in = p.nodes.front().at;
            p.nodes.back().out = p.nodes.back().at;
            pieces_.push_back(bare(r.unit() < 0.5 ? curve::reversed(p) : p));
        }
        for (std::size_t k = pieces_.size(); k > 1; --k) std::swap(pieces_[k - 1], pieces_[static_cast<std::size_t>(r.below(static_cast<int>(k)))]);
        const Document d = with(pieces_);
        CHECK(of(look(d), Fault::endsUnjoined).size() == 4);
        const proof::Mended m = proof::mendedWhole(d, usual(), false);
        REQUIRE(m.document.layers[0]->items.size() == 1);
        const Path& p = artworkAt(m.document, 0).paths[0];
        CHECK(p.closed);
        CHECK(p.nodes.size() == 9);
        CHECK(curve::furthestFrom(p, whole) < 1e-6);
    }
}

TEST_CASE("an end that runs over its line is cut at it")
{
    const auto over = [](double by) { return with({bare(curve::circle({300, 300}, 100), 2), bare(curve::polyline({{300, 300}, {400 + by, 300}}, false), 2)}); };
    for (const double by : {0.6, 2.0, 5.8}) {
        const Finding f = only(over(by), Fault::overshoot);
        CHECK(f.size == Approx(by).margin(0.02));
        const Document m = proof::mended(over(by), {f}).document;
        CHECK(distance(artworkAt(m, 1).paths[0].nodes.back().at, {400, 300}) < 0.03);
        CHECK(look(m).empty());
    }
    CHECK(look(over(0)).empty());
    CHECK(look(over(12)).empty());                                                                                                    // it crosses
    CHECK(look(with({bare(curve::circle({300, 300}, 100), 12), bare(curve::polyline({{300, 300}, {402, 300}}, false), 2)})).empty()); // and this is not seen
}

TEST_CASE("the same shape twice, whatever its start and direction")
{
    strokes::Random r(5);
    const Path p = blob({300, 300}, 100, 7, r);
    Path again = curve::reversed(p);
    std::rotate(again.nodes.begin(), again.nodes.begin() + 3, again.nodes.end());
    again = curve::transformed(again, curve::translation({0.02, 0.01}));
    const Document d = with({shapeOf({p}), square({600, 600}, 40), shapeOf({again})});
    const Finding f = only(d, Fault::doubledShape);
    CHECK(proof::mended(d, {f}).document.layers[0]->items.size() == 2);
    CHECK(look(with({shapeOf({p}), shapeOf({p}, {1, 2, 3})})).empty()); // another colour
    Item glassy = shapeOf({p});
    std::get<Artwork>(glassy.is).fill.opacity = 0.4; // two are darker than one
    CHECK(look(with({glassy, glassy})).empty());
    CHECK(look(with({shapeOf({p}), shapeOf({curve::transformed(p, curve::translation({0.5, 0}))})})).empty());
}

TEST_CASE("a line that lies there twice is a double, its ends are no gaps")
{
    const Item line = bare(curve::polyline({{100, 100}, {300, 140}, {400, 100}}, false));
    only(with({line, line}), Fault::doubledShape);
}

TEST_CASE("on a sheet of few px everything is measured finer, so that nothing drawn is taken for a speck")
{
    // The same icon on a sheet of 1080 and on one of 1 px.
    strokes::Random r(41);
    Path p = blob({540, 540}, 300, 8, r);
    p = curve::withNodeAt(p, {2, 0.4, at(p.piece(2), 0.4), 0}).path;
    for (const double side : {1080.0, 100.0, 1.0}) {
        Document d = newDocument();
        d.sheet.width = d.sheet.height = side;
        d = withItems(d, d.layers[0]->id, {shapeOf({curve::transformed(p, curve::scaling(side / 1080, side / 1080))})}).document;
        proof::Limits none;
        const Finding f = only(d, Fault::needlessNode, none);
        const Document m = proof::mended(d, {f}).document;
        CHECK(artworkAt(m, 0).paths[0].nodes.size() == 8);
        CHECK(proof::mendedWhole(d, none, true).document == m);
    }
}
