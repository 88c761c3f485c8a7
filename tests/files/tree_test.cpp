// The nested document in files: ours, those of before groups, and those of others.
#include "art/random_edits.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/render.h"

using namespace pieces;
using files::readSvg;
using files::SvgResult;
using files::writeWorkingSvg;

TEST_CASE("files of before groups open as they were")
{
    // One of each demo piece as version 1 wrote it, with the picture its own program made of it at 240 px.
    struct Piece {
        const char* name;
        int tones, facets;
    };
    for (const Piece& p : {Piece{"moth", 0, 0}, {"whole-moth", 0, 0}, {"teapot", 0, 0}, {"moth-in-ink", 0, 0}, {"lantern", 1, 0}, {"crystal", 0, 1}}) {
        INFO(p.name);
        const std::string base = std::string(SOFT_ROPE_SOURCE) + "/tests/files/frozen/saltglass-" + p.name;
        const files::TextResult text = files::readText(base + ".svg");
        REQUIRE(text.ok());
        const SvgResult r = readSvg(text.text);
        REQUIRE(r.ok());
        CHECK(r.working);
        CHECK(r.leftOut.empty());
        const pixel::Picture then = files::readPictureFile(base + ".png").picture;
        render::Options o;
        o.references = false;
        const pixel::Picture now = render::renderSheet(r.document, 240, o);
        REQUIRE(now.width == then.width);
        // (The thin ends of swelling lines are fitted when they are drawn, to within 0.1 px.)
        constexpr int thinEnd = 88;
        constexpr long fewEnds = 112;
        long off = 0, far = 0;
        for (std::size_t k = 0; k < now.data.size(); ++k) {
            const auto a = now.data[k], b = then.data[k];
            if (a == b || (a.a == 0 && b.a == 0)) continue;
            ++off;
            far += std::max({std::abs(a.r - b.r), std::abs(a.g - b.g), std::abs(a.b - b.b), std::abs(a.a - b.a)}) > thinEnd;
        }
        CAPTURE(off);
        CHECK(off <= (std::string(p.name) == "moth" ? fewEnds : 0));
        CHECK(far == 0);
        // What was a property of a layer is a thing of its own now, and needs no working out.
        int tones = 0, facets = 0;
        eachItem(r.document, {}, [&](const Item& i, const Where&) {
            if (!i.group()) return;
            tones += i.group()->tones() != nullptr;
            facets += i.group()->facets() != nullptr;
            if (i.group()->tones()) {
                CHECK(i.locked);
                CHECK(i.group()->made == keyOf(r.document, i));
            }
        });
        CHECK(tones == p.tones);
        CHECK(facets == p.facets);
        CHECK(readSvg(writeWorkingSvg(r.document)).document == r.document);
    }
}

TEST_CASE("a working file brings back an equal document after random edits of every kind")
{
    for (int seed = 1; seed <= 60; ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 700);
        Document d = randomStart(r);
        for (int k = 0; k < 100; ++k) d = edited(d, r);
        const SvgResult back = readSvg(writeWorkingSvg(d));
        REQUIRE(back.ok());
        INFO("seed " << seed);
        CHECK(back.leftOut.empty());
        REQUIRE(back.document.layers.size() == d.layers.size());
        for (std::size_t k = 0; k < d.layers.size(); ++k) {
            REQUIRE(back.document.layers[k]->items.size() == d.layers[k]->items.size());
            for (std::size_t i = 0; i < d.layers[k]->items.size(); ++i)
                if (!(back.document.layers[k]->items[i] == d.layers[k]->items[i])) FAIL("item " << d.layers[k]->items[i]->id << " of seed " << seed);
        }
        CHECK(back.document == d);
        CHECK(back.document.nextId == d.nextId);
    }
}

TEST_CASE("clean SVG says what is there, and reads back as it looks")
{
    for (int seed = 1; seed <= 20; ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 40);
        Document d = randomStart(r);
        d.sheet.hasBackground = true;
        for (int k = 0; k < 60; ++k) d = edited(d, r);
        const SvgResult back = readSvg(files::writeCleanSvg(d, 6));
        REQUIRE(back.ok());
        const pixel::Picture a = render::renderSheet(d, 120, {}), b = render::renderSheet(back.document, 120, {});
        double sum = 0;
        for (std::size_t k = 0; k < a.data.size(); ++k) sum += std::abs(a.data[k].r - b.data[k].r) + std::abs(a.data[k].a - b.data[k].a);
        INFO("seed " << seed);
        CHECK(sum / static_cast<double>(a.data.size()) < 1.5);
    }
}

TEST_CASE("groups, opacity, blends, blur and clips of other programs are read")
{
    const SvgResult r = readSvg(R"svg(<svg xmlns="http://www.w3.org/2000/svg" width="200" height="100">
      <defs><filter id="soft" x="-2" y="-2" width="5" height="5"><feGaussianBlur stdDeviation="4"/></filter><filter id="odd"><feTurbulence/></filter>
        <clipPath id="round"><circle cx="50" cy="50" r="30"/></clipPath><clipPath id="two"><rect width="5" height="5"/><rect x="9" width="5" height="5"/></clipPath></defs>
      <g id="page">
        <g opacity="0.5" style="mix-blend-mode: multiply"><rect width="10" height="10"/><rect x="20" width="10" height="10"/></g>
        <g><rect id="alone" width="4" height="4"/></g>
        <g transform="scale(2)"><circle r="5" filter="url(#soft)"/><circle r="6"/></g>
        <g clip-path="url(#round)"><rect width="100" height="50" fill="red"/></g>
        <rect width="9" height="9" clip-path="url(#two)" filter="url(#odd)"/>
        <rect width="3" height="3" display="none"/>
      </g></svg>)svg");
    REQUIRE(r.ok());
    REQUIRE(r.document.layers.size() == 1);
    const auto& items = r.document.layers[0]->items;
    REQUIRE(items.size() == 6);
    REQUIRE(items[0]->group());
    CHECK(items[0]->opacity == 0.5);
    CHECK(items[0]->blend == Blend::multiply);
    CHECK(items[0]->group()->items.size() == 2);
    CHECK(items[1]->name == "alone"); // a plain group round one thing is none
    REQUIRE(items[2]->group());
    CHECK(items[2]->group()->items[0]->blur == Approx(8)); // scaled with what it blurs
    // A clip path of one shape is an area without paint that holds the rest.
    REQUIRE(items[3]->artwork());
    CHECK_FALSE(items[3]->artwork()->fill.colour);
    CHECK(items[3]->artwork()->inside.size() == 1);
    CHECK_FALSE(items[5]->shown);
    std::string all;
    for (const std::string& s : r.leftOut) all += s + '\n';
    CHECK(items[4]->island());
    CHECK(all == "1 part kept whole: filter\n");
}

TEST_CASE("groups too deep for a document are flattened, and listed")
{
    std::string deep = "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>";
    for (int k = 0; k < 40; ++k) deep += "<g opacity='0.9'><rect width='1' height='1'/>";
    for (int k = 0; k < 40; ++k) deep += "</g>";
    const SvgResult r = readSvg(deep + "</svg>");
    REQUIRE(r.ok());
    int most = 0, shapes = 0;
    eachItem(r.document, {}, [&](const Item& i, const Where& w) {
        most = std::max(most, w.depth);
        shapes += i.artwork() != nullptr;
    });
    CHECK(shapes == 40);
    CHECK(most <= 17);
    REQUIRE(r.leftOut.size() == 1);
    CHECK(r.leftOut[0].find("flattened") != std::string::npos);
}

TEST_CASE("a sheet of no size or of none that is a number is put right, in our own files too")
{
    for (const char* size : {"0 0", "nan 100", "-5 1e999", "inf 3", ""}) {
        const SvgResult r =
            readSvg("<svg xmlns='http://www.w3.org/2000/svg' xmlns:rope='urn:soft-rope:1' rope:version='2' rope:sheet='" + std::string(size) + "'/>");
        REQUIRE(r.ok());
        CHECK(r.document.sheet.width >= 1);
        CHECK(r.document.sheet.height >= 1);
        CHECK(render::renderSheet(r.document, 10, {}).width == 10);
    }
}

TEST_CASE("transforms that break off mid-number end nothing")
{
    for (const char* transform : {"scale(+)", "translate(1e+)", "matrix(1 0 0 1e+", "rotate(+", "scale(", "translate(,)", "skewX(+-+)", "scale(2e)"}) {
        const SvgResult r = readSvg("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect transform='" + std::string(transform) +
                                    "' width='3' height='3'/></svg>");
        CHECK(r.ok());
    }
}

TEST_CASE("an id that stands twice in a file is given out anew")
{
    const SvgResult r = readSvg("<svg xmlns='http://www.w3.org/2000/svg' xmlns:rope='urn:soft-rope:1' rope:version='2' rope:next-id='3' rope:sheet='9 9'>"
                                "<rope:ink id='1' name='A' colour='#112233'/><g rope:layer='1' rope:name='L'><path rope:item='1' d='M0 0L5 5'/>"
                                "<g rope:group='true' rope:item='1'><path rope:item='2' d='M0 0L5 5'/><path rope:item='2' d='M1 0L5 5'/></g></g></svg>");
    REQUIRE(r.ok());
    std::vector<Id> ids = everyId(r.document);
    for (const LayerPtr& l : r.document.layers) ids.push_back(l->id);
    for (const Ink& i : r.document.inks) ids.push_back(i.id);
    std::sort(ids.begin(), ids.end());
    CHECK(ids.size() == 6);
    CHECK(std::adjacent_find(ids.begin(), ids.end()) == ids.end());
    CHECK(ids.back() < r.document.nextId);
}
