// Whatever a drawing holds, the proof ends and says something sensible: numbers that are none, paths without length, sizes beyond reason,
// many things in one place; and it can be stopped.
#include "proof/drawings.h"

#include <atomic>
#include <limits>

using namespace drawings;

namespace {

constexpr double nan_ = std::numeric_limits<double>::quiet_NaN(), infinite = std::numeric_limits<double>::infinity();

void proofed(const Document& d)
{
    proof::Limits l = usual();
    l.overlap = 1;
    l.inks = 2;
    l.flat = true;
    l.text = 10;
    l.smallest = 16;
    const auto found = proof::findings(d, l);
    for (const Finding& f : found) {
        CHECK_FALSE(proof::said(f, 0.1).empty());
        for (const Id id : f.items) CHECK(d.item(id));
    }
    const proof::Mended m = proof::mendedWhole(d, l, true);
    CHECK(proof::mendedWhole(m.document, l, true).document == m.document);
}

} // namespace

TEST_CASE("numbers that are none, and infinite ones")
{
    for (const double v : {nan_, infinite, -infinite, 1e300}) {
        Path p = curve::circle({300, 300}, 100);
        p.nodes[1].at.x = v;
        proofed(with({shapeOf({p}), bare(p), square({100, 100}, 50)}));
        Path handle = curve::circle({300, 300}, 100);
        handle.nodes[2].out.y = v;
        proofed(with({shapeOf({handle}), bare(handle)}));
        Item thick = bare(curve::polyline({{0, 0}, {100, 0}}, false), v);
        proofed(with({thick, square({100, 100}, 50)}));
    }
}

TEST_CASE("paths without length, without nodes, with one")
{
    Path none, one, two, ring;
    one.nodes = {curve::cornerAt({10, 10})};
    two.nodes = {curve::cornerAt({20, 20}), curve::cornerAt({20, 20})};
    ring = two;
    ring.closed = true;
    Path closedOne = one;
    closedOne.closed = true;
    for (const Path& p : {none, one, two, ring, closedOne}) {
        proofed(with({shapeOf({p}), bare(p), bare(p, 0)}));
        proofed(with({shapeOf({p, curve::circle({300, 300}, 50), p})}));
    }
    proofed(with({shapeOf({})}));
    proofed(newDocument());
    Document noLayers;
    CHECK(proof::findings(noLayers, usual()).empty());
}

TEST_CASE("very large and very small drawings")
{
    for (const double k : {1e-6, 1e-3, 1e4, 1e7}) {
        strokes::Random r(31);
        std::vector<Item> items;
        for (int n = 0; n < 6; ++n) items.push_back(shapeOf({curve::transformed(blob({200.0 + 90 * n, 300}, 80, 7, r), curve::scaling(k, k))}));
        items.push_back(bare(curve::transformed(curve::polyline({{0, 0}, {500, 300}}, false), curve::scaling(k, k)), 3 * k));
        proofed(with(items));
    }
    // One straight across everything beside small things.
    strokes::Random r(32);
    std::vector<Item> items{bare(curve::polyline({{-1e6, -1e6}, {1e6, 1e6}}, false))};
    for (int n = 0; n < 50; ++n) items.push_back(square({r.between(0, 1000), r.between(0, 1000)}, 8));
    proofed(with(items));
}

TEST_CASE("the same thing a thousand times is a thousand less one doubles, and they go in one act")
{
    std::vector<Item> items(1000, square({100, 100}, 50));
    const Document d = with(items);
    const auto found = look(d);
    CHECK(of(found, Fault::doubledShape).size() == 999);
    const proof::Mended m = proof::mended(d, found);
    CHECK(m.document.layers[0]->items.size() == 1);
    CHECK(m.document.layers[0]->items[0]->id == d.layers[0]->items.back()->id); // the topmost stays
}

TEST_CASE("a fan of lines from one place, and a comb of ends, are not joined by force")
{
    std::vector<Item> fan;
    for (int k = 0; k < 40; ++k) fan.push_back(bare(curve::polyline({{500, 500}, Vec2{500, 500} + 200 * curve::direction(0.15 * k)}, false), 1));
    CHECK(of(look(with(fan), {}), Fault::endsUnjoined).empty());
    std::vector<Item> comb;
    for (int k = 0; k < 60; ++k) comb.push_back(bare(curve::polyline({{100.0 + 2 * k, 100}, {100.0 + 2 * k, 300}}, false), 0.8));
    CHECK(of(look(with(comb), {}), Fault::endsApart).empty());
    // A ring of pieces: all joints are found, and the whole closes.
    std::vector<Item> ring;
    for (int k = 0; k < 200; ++k)
        ring.push_back(
            bare(curve::polyline(
                     {Vec2{500, 500} + 300 * curve::direction(k * curve::pi / 100), Vec2{500, 500} + 300 * curve::direction((k + 1) * curve::pi / 100)}, false),
                 2));
    const proof::Mended m = proof::mendedWhole(with(ring), {}, false);
    REQUIRE(m.document.layers[0]->items.size() == 1);
    CHECK(artworkAt(m.document, 0).paths[0].closed);
    CHECK(artworkAt(m.document, 0).paths[0].nodes.size() == 200);
}

TEST_CASE("it can be stopped at any time, and looks whole again afterwards")
{
    strokes::Random r(33);
    std::vector<Item> items;
    for (int n = 0; n < 60; ++n) items.push_back(shapeOf({blob({r.between(100, 900), r.between(100, 900)}, 80, 9, r)}));
    const Document d = with(items);
    proof::Proofer kept;
    const auto whole = kept.findings(d, usual());
    for (int after = 0; after < 40; after += 3) {
        std::atomic<int> asked = 0;
        kept.findings(d, usual(), [&] { return asked++ >= after; });
        CHECK(kept.findings(d, usual()) == whole);
    }
}
