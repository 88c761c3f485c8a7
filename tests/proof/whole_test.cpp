// What is asked of the drawing as a whole, and of proof and repair as such.
#include "art/lettering.h"
#include "art/shades.h"
#include "files/svg.h"
#include "pixel/colour_space.h"
#include "proof/drawings.h"

using namespace drawings;

TEST_CASE("hidden things and references are told, and taken out only when that is asked for")
{
    Document d = with({square({100, 100}, 50), square({300, 300}, 80)});
    d = withTraits(d, {d.layers[0]->items[1]->id}, {.shown = false});
    const Finding f = only(d, Fault::hiddenLeft);
    CHECK(f.mending == proof::Mending::asked);
    CHECK(proof::mendedWhole(d, usual(), false).document == d);
    CHECK(proof::mended(d, {f}).document.layers[0]->items.size() == 1);
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 64;
    file->format = "png";
    file->bytes.assign(9, std::byte{7});
    d = withReference(with({square({100, 100}, 50)}), file, "Photo").document;
    CHECK(only(d, Fault::referenceLeft).mending == proof::Mending::none); // its layer is locked
}

TEST_CASE("colours that are no inks name the nearest, by CIEDE2000")
{
    Document d = with({square({100, 100}, 50, {50, 110, 100}), square({300, 300}, 80, {46, 107, 102})});
    d = withInk(d, "Brine", {46, 107, 102}).document;
    d = withInk(d, "Kiln", {168, 66, 44}).document;
    const Finding f = only(d, Fault::noInk);
    CHECK(f.ink == "Brine");
    CHECK(f.size == Approx(pixel::ciede2000(pixel::labOf({50, 110, 100, 255}), pixel::labOf({46, 107, 102, 255}))));
    const Document m = proof::mended(d, {f}).document;
    CHECK(artworkAt(m, 0).fill.colour == Colour{46, 107, 102});
    CHECK(artworkAt(m, 0).fill.ink.ink == d.inks[0].id);
    CHECK(look(m).empty());
}

TEST_CASE("what a process cannot take")
{
    proof::Limits l;
    l.inks = 2;
    CHECK(only(with({square({0, 0}, 50, {1, 2, 3}), square({100, 0}, 50, {4, 5, 6}), square({200, 0}, 50, {200, 5, 6})}), Fault::tooManyInks, l).size == 3);
    l = {};
    l.flat = true;
    Item glow = square({100, 100}, 50);
    glow.blur = 3;
    Item veil = square({300, 100}, 50);
    veil.opacity = 0.5;
    CHECK(of(look(with({glow, veil, square({500, 100}, 50)}), l), Fault::notFlat).size() == 2);
    l = {};
    l.smallest = 16;
    // A dot of 5 px on a sheet of 1080 px is 0.07 px wide at 16.
    const auto lost = look(
        with({square({100, 100}, 500), shapeOf({curve::circle({350, 350}, 2.5)}, {210, 110, 60}), shapeOf({curve::circle({250, 350}, 60)}, {0, 0, 0})}), l);
    REQUIRE(of(lost, Fault::lostSmall).size() == 1);
    CHECK(distance(of(lost, Fault::lostSmall)[0].at, {350, 350}) < 1);
}

TEST_CASE("words are told while they live, and when they are too small or their typeface is missing")
{
    Document d = newDocument();
    Lettering words;
    words.words = "MOTH";
    words.type.size = 20;
    words.place = curve::translation({300, 300});
    Fill fill;
    fill.colour = Colour{10, 20, 30};
    d = withLettering(d, 0, words, fill).document;
    proof::Limits l;
    l.text = 30;
    const auto found = look(d, l);
    CHECK(of(found, Fault::smallText).size() == 1);
    REQUIRE(of(found, Fault::liveWords).size() == 1);
    CHECK(found.size() == 2);
    const Document m = proof::mended(d, of(found, Fault::liveWords)).document;
    CHECK(look(m, {}).empty());
    CHECK(letterings(m).empty());
}

TEST_CASE("a process is measured at the real size")
{
    // 1080 px that are 54 mm wide: 20 px a mm.
    Document d = newDocument();
    proof::Process p;
    p.line = 0.25;
    p.gap = 0.3;
    p.width = 54;
    CHECK(proof::limitsOf(d, p).line == Approx(5));
    d.proofing.width = 108;
    CHECK(proof::limitsOf(d, p).gap == Approx(3));
    d.proofing.width = p.width = 0;
    CHECK(proof::mmPerPx(d, p) == Approx(25.4 / 96)); // CSS Values and Units 3, 6.2: 1in = 96px
}

TEST_CASE("what was said to be meant stays so, in the file as well")
{
    Document d = with({shapeOf({curve::polyline({{0, 0}, {40, 0.03}, {100, 0}, {100, 90}, {0, 90}}, true)})});
    const Finding f = only(d, Fault::needlessNode);
    d.proofing.meant.push_back({proof::nameOf(f.kind), f.items[0], f.at});
    d.proofing.process = "enamel-badge";
    d.proofing.width = 31.5;
    CHECK(look(d).empty());
    const files::SvgResult back = files::readSvg(files::writeWorkingSvg(d));
    REQUIRE(back.ok());
    CHECK(back.document.proofing == d.proofing);
    CHECK(look(back.document).empty());
}

namespace {

Document randomDrawing(strokes::Random& r)
{
    std::vector<Item> items;
    const int n = 3 + r.below(10);
    for (int k = 0; k < n; ++k) {
        const Vec2 c{r.between(100, 900), r.between(100, 900)};
        Path p = blob(c, r.between(10, 150), 3 + r.below(8), r);
        // Whatever goes wrong.
        for (int t = 0; t < r.below(4); ++t) {
            const auto i = static_cast<std::size_t>(r.below(static_cast<int>(p.nodes.size())));
            switch (r.below(5)) {
            case 0: p = curve::withNodeAt(p, {i % p.pieceCount(), r.between(0.1, 0.9), {}, 0}).path; break;
            case 1: p.nodes[i].out = p.nodes[i].at + (p.nodes[i].out - p.nodes[i].at) * r.between(0.2, 2) + Vec2{r.between(-4, 4), r.between(-4, 4)}; break;
            case 2: p.nodes.insert(p.nodes.begin() + static_cast<std::ptrdiff_t>(i), p.nodes[i]); break;
            case 3: p.closed = !p.closed; break;
            default: p.nodes[i] = curve::cornerAt(p.nodes[i].at); break;
            }
        }
        Item item = r.unit() < 0.5 ? shapeOf({p}, {static_cast<std::uint8_t>(60 * r.below(4)), 80, 80}) : bare(p, r.between(0.3, 8));
        items.push_back(item);
        if (r.unit() < 0.2) items.push_back(item);
        if (r.unit() < 0.4) items.push_back(bare(curve::polyline({c, c + r.between(20, 200) * curve::direction(r.between(0, 6.28))}, false), 2));
        if (r.unit() < 0.3) {
            const double e = c.x + r.between(0, 3);
            items.push_back(square(c, 60, {0, 80, 80}));
            items.push_back(shapeOf({curve::rectangle({e + 60, c.y}, {e + 120, c.y + 60})}, {60, 80, 80}));
        }
    }
    return with(items);
}

} // namespace

TEST_CASE("mending ends: what it mends is not found again, and once more changes nothing")
{
    strokes::Random r(77);
    int mends = 0;
    for (int turn = 0; turn < 150; ++turn) {
        const Document d = randomDrawing(r);
        const proof::Mended m = proof::mendedWhole(d, usual(), false);
        mends += m.total();
        INFO("drawing " << turn << ": " << proof::said(m));
        for (const Finding& f : look(m.document)) {
            INFO(proof::nameOf(f.kind) << " at " << f.at.x << ' ' << f.at.y);
            CHECK(f.mending != proof::Mending::safe);
        }
        CHECK(proof::mendedWhole(m.document, usual(), false).document == m.document);
    }
    CHECK(mends > 300);
}

namespace {

// How far a curve can move when a handle at the node is turned by so many degrees: the handle's end goes that way, and counts 4/9 at most
// (3 (1 - t)^2 t at a third).
double turnedBy(const Path& p, std::size_t i, double degrees)
{
    const curve::Node& n = p.nodes[i];
    const std::size_t count = p.nodes.size();
    const double before = distance(p.nodes[(i + count - 1) % count].at, n.at) / 3, after = distance(p.nodes[(i + 1) % count].at, n.at) / 3;
    const double longest = std::max({distance(n.in, n.at), distance(n.out, n.at), before, after});
    // Where a handle was missing, the new one bends its piece a little more.
    const double more = n.in == n.at || n.out == n.at ? 1.5 : 1;
    return more * 4.0 / 9 * longest * 2 * std::sin(curve::radians(degrees) / 2) + 0.05;
}

} // namespace

TEST_CASE("one repair moves nothing by more than the finding's size")
{
    strokes::Random r(78);
    int tried = 0;
    for (int turn = 0; turn < 120; ++turn) {
        const Document d = randomDrawing(r);
        for (const Finding& f : look(d)) {
            if (f.mending != proof::Mending::safe || f.kind == Fault::strayPoint || f.kind == Fault::doubledShape || f.kind == Fault::openFill ||
                f.kind == Fault::selfCrossing)
                continue;
            const Document m = proof::mended(d, {f}).document;
            ++tried;
            // Every place of what is left was drawn at most so far from there.
            const double may = f.kind == Fault::kink ? turnedBy(d.item(f.items[0])->artwork()->paths[f.path], f.node, f.size) : std::max(f.size, 0.06) + 0.05;
            for (const art::Id id : f.items) {
                const Item* now = m.item(id);
                if (!now) continue;
                for (const Path& p : now->artwork()->paths)
                    for (std::size_t k = 0; k < p.pieceCount(); ++k)
                        for (const double t : {0.0, 0.3, 0.7}) {
                            double off = 1e300;
                            for (const art::Id was : f.items)
                                for (const Path& before : d.item(was)->artwork()->paths)
                                    if (const auto n = curve::nearest(before, at(p.piece(k), t))) off = std::min(off, n->distance);
                            INFO(proof::nameOf(f.kind) << " at " << f.at.x << ' ' << f.at.y << " size " << f.size);
                            CHECK(off <= may);
                        }
            }
        }
    }
    CHECK(tried > 150);
}

TEST_CASE("looking again after an edit finds what looking afresh finds")
{
    strokes::Random r(79);
    proof::Proofer kept;
    Document d = randomDrawing(r);
    for (int turn = 0; turn < 60; ++turn) {
        const auto again = kept.findings(d, usual()), afresh = proof::findings(d, usual());
        CHECK(again == afresh);
        const auto ids = everyId(d);
        if (ids.empty()) break;
        const Id one = ids[static_cast<std::size_t>(r.below(static_cast<int>(ids.size())))];
        switch (r.below(4)) {
        case 0: d = transformed(d, {one}, curve::translation({r.between(-5, 5), r.between(-5, 5)})); break;
        case 1: d = withTraits(d, {one}, {.shown = r.unit() < 0.7}); break;
        case 2: d = withItem(d, 0, bare(blob({r.between(100, 900), r.between(100, 900)}, 60, 5, r))).document; break;
        default: d = withoutItems(d, {one}); break;
        }
    }
}
