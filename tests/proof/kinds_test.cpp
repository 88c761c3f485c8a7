// Each kind of finding said in words, and the kinds that ask about the whole: references, shades, layers, what live parts give.
#include "art/combine.h"
#include "art/lights.h"
#include "art/mirrored.h"
#include "art/shades.h"
#include "demo/night_market.h"
#include "proof/drawings.h"

#include <set>

using namespace drawings;

namespace {

Document photographed(bool locked)
{
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 64;
    file->format = "png";
    file->bytes.assign(9, std::byte{7});
    Document d = withReference(with({square({100, 100}, 50)}), file, "Photo").document;
    const Id layer = d.layers.front()->id;
    return withLayer(d, layer, [&](Layer& l) { l.locked = locked; });
}

} // namespace

TEST_CASE("every kind has a name of its own, a sentence, and a repair where it can be mended")
{
    std::set<std::string> names, sentences;
    for (int k = 0; k < proof::kinds; ++k) {
        Finding f;
        f.kind = static_cast<Fault>(k);
        f.size = 1.84;
        f.wanted = 4;
        f.colour = "#d99633";
        f.ink = "Lamp";
        INFO(proof::nameOf(f.kind));
        names.insert(proof::nameOf(f.kind));
        const std::string said = proof::said(f);
        CHECK_FALSE(said.empty());
        CHECK(said.find('%') == std::string::npos);
        sentences.insert(said);
        CHECK(proof::repairOf(f).empty());
        f.mending = proof::Mending::safe;
        CHECK_FALSE(proof::repairOf(f).empty());
    }
    CHECK(names.size() == static_cast<std::size_t>(proof::kinds));
    CHECK(sentences.size() == static_cast<std::size_t>(proof::kinds));
}

TEST_CASE("sizes are said in px, or in mm where the real size is known, with as many digits as mean something")
{
    Finding f;
    f.kind = Fault::endsApart;
    f.size = 1.84;
    CHECK(proof::said(f) == "Ends stop 1.8 px short of each other");
    CHECK(proof::said(f, 0.25) == "Ends stop 0.5 mm short of each other");
    f.size = 0.034;
    CHECK(proof::said(f) == "Ends stop 0.03 px short of each other");
    f.kind = Fault::narrowGap;
    f.size = 12.4;
    f.wanted = 14.6;
    CHECK(proof::said(f) == "Gap of 12 px, needs 15 px");
    f.kind = Fault::noInk;
    f.size = 2.97;
    f.colour = "#d99633";
    f.ink = "Lamp";
    f.mending = proof::Mending::asked;
    CHECK(proof::said(f, 0.25) == "#d99633 is no ink; nearest is Lamp (ΔE00 3.0)");
    CHECK(proof::repairOf(f) == "Take Lamp");
}

TEST_CASE("a reference that shows is told apart from one that is left over, and taken out only alone")
{
    const Document shows = photographed(false);
    const Finding f = only(shows, Fault::pictureShown);
    CHECK(f.mending == proof::Mending::asked);
    const proof::Mended out = proof::mended(shows, {f});
    CHECK(look(out.document).empty());
    CHECK(proof::said(out) == "1 reference taken out");
    CHECK(proof::mendedWhole(shows, usual(), false).document == shows);
    CHECK(only(photographed(true), Fault::referenceLeft).mending == proof::Mending::none);
    // Once asked for, a locked one stays all the same.
    Finding locked = f;
    locked.kind = Fault::referenceLeft;
    locked.items = {only(photographed(true), Fault::referenceLeft).items};
    CHECK(proof::mended(photographed(true), {locked}).total() == 0);
}

TEST_CASE("a hidden layer is one finding however much lies on it")
{
    Document d = with({square({100, 100}, 50), square({300, 100}, 50)});
    const Added layer = withNewLayer(d, "Tries");
    d = withItems(layer.document, layer.id, {square({500, 500}, 50), square({600, 500}, 50), square({700, 500}, 50)}).document;
    d = withLayer(d, layer.id, [](Layer& l) { l.shown = false; });
    const Finding f = only(d, Fault::hiddenLeft);
    CHECK(f.items.size() == 3);
    CHECK(distance(f.at, {625, 525}) < 1);
    const Document without = proof::mended(d, {f}).document;
    CHECK(look(without).empty());
    CHECK(without.layer(layer.id)->items.empty());
    // Something hidden in a group that is hidden is said once.
    Document nested =
        withGroup(with({square({100, 100}, 50), square({300, 100}, 50)}), everyId(with({square({100, 100}, 50), square({300, 100}, 50)}))).document;
    const auto ids = everyId(nested);
    for (const Id id : ids) nested = withTraits(nested, {id}, {.shown = false});
    CHECK(of(look(nested), Fault::hiddenLeft).size() == 1);
}

TEST_CASE("shades on the wrong side are told and turned to the light")
{
    Document d = demo::nightMarketLitMoth();
    CHECK(of(look(d), Fault::againstLight).empty());
    // Crescents that keep their side while the light goes round.
    std::vector<Id> shades;
    eachShade(d, [&](const Shade& s) { shades.push_back(s.item->id); });
    d = withCrescentsChanged(d, shades, [](Crescent& c) { c.byLight = false; });
    Light l = d.light;
    l.angle += curve::pi;
    d = withLight(d, l);
    const auto against = of(look(d), Fault::againstLight);
    REQUIRE_FALSE(against.empty());
    CHECK(against.size() == againstLight(d).size());
    CHECK(against.front().mending == proof::Mending::asked);
    const proof::Mended m = proof::mended(d, against);
    CHECK(of(look(m.document), Fault::againstLight).size() < against.size());
}

TEST_CASE("what live parts give is measured and not mended, guides are passed over")
{
    // A union: its nodes are worked out, its thin bridge is still thin.
    Document d = with({shapeOf({curve::rectangle({100, 100}, {200, 200})}), shapeOf({curve::rectangle({199, 149.7}, {301, 150.3})}),
                       shapeOf({curve::rectangle({300, 100}, {400, 200})})});
    d = withCombined(d, everyId(d), planar::Operation::unite, true).document;
    const auto found = look(d);
    for (const Finding& f : found) {
        INFO(proof::nameOf(f.kind));
        CHECK(f.kind == Fault::thinPart);
        CHECK(f.mending == proof::Mending::none);
    }
    CHECK(found.size() == 1);
    Item guide = bare(curve::polyline({{0, 0}, {40, 0.03}, {100, 0}}, false), 0.2);
    std::get<Artwork>(guide.is).guide = true;
    CHECK(look(with({guide})).empty());
}

TEST_CASE("locked things are told and stay as they are")
{
    Document d = with({shapeOf({curve::polyline({{0, 0}, {40, 0.03}, {100, 0}, {100, 90}, {0, 90}}, true)})});
    const Finding before = only(d, Fault::needlessNode);
    d = withTraits(d, everyId(d), {.locked = true});
    CHECK(only(d, Fault::needlessNode).mending == proof::Mending::none);
    CHECK(proof::mended(d, {before}).document == d);
    CHECK(proof::mendedWhole(d, usual(), true).document == d);
}

TEST_CASE("ends that were left open on purpose are no gaps")
{
    Item a = bare(curve::polyline({{100, 100}, {300, 100}}, false)), b = bare(curve::polyline({{302, 100}, {500, 110}}, false));
    CHECK(only(with({a, b}), Fault::endsApart).size == Approx(2));
    std::get<Artwork>(a.is).openMeant = true;
    CHECK(look(with({a, b})).empty());
}

TEST_CASE("a coloured drawing's ends are seen over the colour under its lines")
{
    // The area's border runs under the gap: it is not what the ends were drawn to.
    const Path outline = curve::circle({300, 300}, 100);
    Path open = outline;
    open.closed = false;
    open.nodes.push_back(open.nodes.front());
    open.nodes.front().in = open.nodes.front().at;
    const curve::Cubic last = open.piece(3);
    const curve::Cubic less = split(last, 0.985).first;
    open.nodes[3].out = less.p1;
    open.nodes[4] = {less.p3, less.p2, less.p3, curve::NodeKind::corner};
    const auto found = look(with({shapeOf({outline}), bare(open, 4)}));
    REQUIRE(of(found, Fault::endsApart).size() == 1);
    CHECK(of(found, Fault::endsApart)[0].size == Approx(2.4).margin(0.3));
}

TEST_CASE("a part kept whole is told, for variants go without it")
{
    art::Document d = art::newDocument();
    art::Item i;
    i.is = art::Island{art::shared(art::IslandSource{"<svg/>", {{10, 10}, {60, 40}}, "mask"}), curve::translation({100, 0})};
    d = art::withItem(d, 0, i).document;
    const Finding f = only(d, Fault::keptWhole);
    CHECK(f.mending == proof::Mending::none);
    CHECK(f.at.x == Approx(135));
    CHECK(only(art::withTraits(d, {d.layers[0]->items[0]->id}, {.shown = false}), Fault::hiddenLeft).items == f.items);
}
