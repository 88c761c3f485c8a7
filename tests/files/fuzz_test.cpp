// Broken files by the thousand, from a seeded generator: whatever comes in, what comes out is finite and saves again.
#include "art/art.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/tones.h"
#include "art/tree.h"
#include "curve/strokes.h"
#include "files/path_data.h"
#include "files/svg.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::files;

namespace {

const std::string drawing = R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="10cm" height="120" viewBox="0 0 300 200">
<g id="a" transform="rotate(20 5 5) scale(2,3) skewX(4)" style="fill:#abc;stroke:rgb(1,2,3);stroke-width:2px" opacity=".4">
<path d="M10 10C20,20 30-40 50 50S70 70 80 80Q1 2 3 4T9 9A5 6 30 1 0 40 50H9V8Z" fill-rule="evenodd"/>
<rect x="1" y="2" width="30" height="20" rx="4"/><circle cx="9" cy="9" r="4"/><polygon points="1,1 2,5 8,3"/></g>
<image width="4" height="3" xlink:href="data:image/png;base64,iVBORw0KGgo=" transform="matrix(1 0 0 1 5 5)"/></svg>)svg";

bool sound(const art::Document& d)
{
    if (!(d.sheet.width > 0 && d.sheet.height > 0)) return false;
    for (const auto& l : d.layers)
        for (const auto& i : l->items)
            if (const art::Artwork* a = i->artwork())
                for (const curve::Path& p : a->paths)
                    if (p.empty() || !curve::isFinite(p)) return false;
    return true;
}

// Bytes changed, dropped, doubled.
std::string broken(std::string text, strokes::Random& r)
{
    for (int k = 0, n = 1 + r.below(6); k < n; ++k) {
        const auto at = static_cast<std::size_t>(r.below(static_cast<int>(text.size())));
        switch (r.below(4)) {
        case 0: text[at] = static_cast<char>(32 + r.below(95)); break;
        case 1: text.erase(at, static_cast<std::size_t>(1 + r.below(12))); break;
        case 2: text.insert(at, text.substr(at, static_cast<std::size_t>(r.below(20)))); break;
        default: text[at] = static_cast<char>(r.below(256)); break;
        }
    }
    return text;
}

} // namespace

TEST_CASE("bytes changed, dropped and doubled at random")
{
    strokes::Random r(99);
    int opened = 0;
    for (int round = 0; round < 1200; ++round) {
        const SvgResult out = readSvg(broken(drawing, r));
        if (!out.ok()) {
            CHECK_FALSE(out.problem.empty());
            continue;
        }
        ++opened;
        REQUIRE(sound(out.document));
        const SvgResult again = readSvg(writeWorkingSvg(out.document));
        REQUIRE(again.ok());
        REQUIRE(again.document.layers.size() == out.document.layers.size());
    }
    CHECK(opened > 200);
}

TEST_CASE("random path data never breaks, and what was read reads the same again")
{
    strokes::Random r(7);
    const std::string letters = "MmLlHhVvCcSsQqTtAaZz0123456789.-+ ,eE\t";
    for (int round = 0; round < 5000; ++round) {
        std::string d = "M1 2";
        for (int k = 0, n = r.below(60); k < n; ++k) d += letters[static_cast<std::size_t>(r.below(static_cast<int>(letters.size())))];
        const ParsedPaths p = parsePathData(d);
        for (const curve::Path& path : p.paths) {
            REQUIRE_FALSE(path.empty());
            REQUIRE(curve::isFinite(path));
        }
        const std::string text = pathData(p.paths, exact);
        CHECK(pathData(parsePathData(text).paths, exact) == text);
    }
}

TEST_CASE("a huge drawing opens whole")
{
    std::string text = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1000 1000'>";
    for (int i = 0; i < 20000; ++i) text += "<path d='M" + std::to_string(i % 1000) + " 1L5 5L9 2'/>";
    const SvgResult r = readSvg(text + "</svg>");
    REQUIRE(r.ok());
    CHECK(art::nodeCount(r.document) == 60000);
}

TEST_CASE("styles: inheritance, shorthand, what cannot be kept is listed once with its count")
{
    const SvgResult r = readSvg(R"svg(<svg xmlns="http://www.w3.org/2000/svg" fill="red" stroke-width="3">
      <g stroke="currentColor" color="navy"><path d="M0 0L9 9"/><path d="M0 0L9 9" fill="inherit" stroke="none"/></g>
      <g display="none"><path d="M0 0L1 1"/></g>
      <path d="M0 0L9 9" stroke="#123" stroke-dasharray="4 2" stroke-linecap="round" stroke-linejoin="bevel" stroke-opacity="50%"/>
      <path d="M0 0L9 9" stroke="black" stroke-dasharray="1"/><path d="M0 0" visibility="hidden"/>
      <path d="M0 0L1 1" mask="url(#m)"/><use href="other.svg#x"/><style>path:nth-child(9){fill:blue}</style></svg>)svg");
    REQUIRE(r.ok());
    const auto& first = *r.document.layers[0];
    CHECK(*first.items[0]->artwork()->stroke.colour == art::Colour{0, 0, 128});
    CHECK(first.items[0]->artwork()->stroke.width == Approx(3));
    CHECK(*first.items[1]->artwork()->fill.colour == art::Colour{255, 0, 0});
    CHECK_FALSE(first.items[1]->artwork()->stroke.colour);
    CHECK_FALSE(r.document.layers[1]->shown);
    const art::Stroke dashed = r.document.layers[2]->items[0]->artwork()->stroke;
    CHECK(dashed.opacity == Approx(0.5));
    CHECK(dashed.cap == art::Cap::round);
    CHECK(dashed.join == art::Join::bevel);
    CHECK(*dashed.colour == art::Colour{0x11, 0x22, 0x33});
    std::string list;
    for (const std::string& s : r.leftOut) list += s + '\n';
    CHECK(dashed.dashes == std::vector<double>{4, 2});
    CHECK(list.find("1 use of another element") != std::string::npos);
    CHECK(list.find("1 rule of style sheets") != std::string::npos);
}

TEST_CASE("viewBox and preserveAspectRatio place the drawing as the standard says")
{
    // SVG 1.1, 7.8: xMidYMid meet centres the box; none stretches it.
    const char* body = "<path d='M0 0L100 0L100 100Z'/></svg>";
    const auto bounds = [&](const std::string& head) { return art::bounds(*readSvg(head + body).document.layers[0]->items[0]); };
    const std::string svg = "<svg xmlns='http://www.w3.org/2000/svg' width='400' height='200' viewBox='0 0 100 100'";
    CHECK(bounds(svg + ">").min.x == Approx(100));
    CHECK(bounds(svg + ">").max.x == Approx(300));
    CHECK(bounds(svg + " preserveAspectRatio='none'>").max.x == Approx(400));
    CHECK(bounds("<svg xmlns='http://www.w3.org/2000/svg' viewBox='50 0 100 100'>").min.x == Approx(-50));
}

TEST_CASE("working files with live parts, broken at random: recipes that cannot be are dropped, what is read can be edited on")
{
    art::Document d = art::withInk(art::newDocument(), "Kiln", {166, 63, 43}).document;
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::rectangle({10, 10}, {90, 80})});
    a.fill.colour = art::Colour{166, 63, 43};
    a.fill.ink = {d.inks[0].id, 1};
    art::Drop drop;
    drop.seed = {50, 50};
    drop.lines = {{3, true}, {4, false}};
    drop.leaks = {{1, 2}};
    a.setDerived(curve::Paths(a.paths), art::shared(drop));
    i.is = a;
    const art::Added shape = art::withItem(d, 0, i);
    d = art::withGradient(shape.document, {shape.id}, art::Gradient::Kind::radial, {20, 20}, {70, 60},
                          {{0, {1, 2, 3}, 0.5, {d.inks[0].id, 0}}, {1, {9, 9, 9}, 1, {}}});
    tone::FacetPlan plan;
    plan.outline = a.paths;
    plan.chords = {{{10, 10}, {90, 80}}};
    plan.held = {{{30, 60}, 2, 0.5, true}};
    d = art::withFacets(d, shape.id, plan, d.inks[0].id).document;
    tone::Mesh mesh;
    mesh.points = {{0, 0}, {50, 0}, {50, 50}, {0, 50}};
    mesh.faces = {{0, 1, 2}, {0, 2, 3}};
    mesh.colours.assign(2, pixel::Rgba{9, 80, 200, 255});
    d = art::withMesh(d, mesh, 1, false).document;
    tone::Stack s;
    s.cuts = {60, 120};
    s.patches = {{curve::circle({5, 5}, 3), 10, 1}};
    art::Group tones;
    tones.setDerived({}, art::shared(art::ToneStack{7, s, false}), 99);
    art::Item stack;
    stack.is = tones;
    d = art::withItem(d, d.layers[0]->id, stack).document;
    const std::string text = writeWorkingSvg(d);
    REQUIRE(readSvg(text).document == d);
    strokes::Random r(31);
    int opened = 0;
    for (int round = 0; round < 1500; ++round) {
        const SvgResult out = readSvg(broken(text, r));
        if (!out.ok()) continue;
        ++opened;
        REQUIRE(sound(out.document));
        art::Document on = out.document;
        // What was read is used: nothing falls over.
        for (const art::Ink& ink : out.document.inks) on = art::withInkColour(on, ink.id, {1, 2, 3});
        art::eachItem(out.document, {}, [&](const art::Item& one, const art::Where&) {
            const art::Group* g = one.group();
            if (!g) return;
            if (const art::ToneStack* t = g->tones()) {
                CHECK(t->stack.cuts.size() <= 15);
                CHECK(std::is_sorted(t->stack.cuts.begin(), t->stack.cuts.end()));
            }
            if (g->facets()) on = art::withFacetsShuffled(on, one.id, 3);
            if (g->mesh()) on = art::withMeshChanged(on, one.id, tone::withPointMoved(g->mesh()->mesh, 2, {40, 40}), 2);
        });
        REQUIRE(readSvg(writeWorkingSvg(on)).ok());
    }
    CHECK(opened > 300);
}
