#include "art/arrange.h"
#include "art/edits.h"
#include "art/lettering.h"
#include "art/live.h"
#include "art/tree.h"
#include "curve/curve.h"

#include <catch2/catch.hpp>

using namespace softrope;
using namespace softrope::art;
using curve::Vec2;

namespace {

struct Board {
    Document d = newDocument();
    Id line = 0;
    Fill black;
    Board()
    {
        black.colour = Colour{0, 0, 0};
        Item i;
        Artwork a;
        a.setPaths({curve::polyline({{100, 500}, {900, 500}}, false)});
        i.is = a;
        const Added made = withItem(d, d.layers.back()->id, i);
        d = made.document;
        line = made.id;
    }
    Lettering words(const std::string& text) const
    {
        Lettering l;
        l.words = text;
        l.type.family = "DejaVu Sans";
        l.type.size = 60;
        l.place = curve::translation({400, 300});
        return l;
    }
    Id put(const Lettering& l)
    {
        const Added made = withLettering(d, d.layers.back()->id, l, black);
        REQUIRE(made.id);
        d = made.document;
        return made.id;
    }
    Id onLine(const std::string& text)
    {
        Lettering l = words(text);
        l.way = Lettering::Way::along;
        l.line = line;
        return put(l);
    }
    const Artwork& at(Id id) const { return *d.item(id)->artwork(); }
};

} // namespace

TEST_CASE("words are one thing with outlines that move, turn and grow with it, and sizes tell the truth afterwards")
{
    Board b;
    const Id id = b.put(b.words("Moth"));
    CHECK(b.d.item(id)->name == "Moth");
    const curve::Box before = curve::bounds(b.at(id).paths);
    CHECK(before.centre().x == Approx(400).margin(1e-6)); // centred by its ink
    b.d = transformed(b.d, {id}, curve::about({400, 300}, curve::scaling(2, 2)));
    CHECK(b.at(id).lettering()->type.size == Approx(120));
    CHECK(curve::bounds(b.at(id).paths).width() == Approx(2 * before.width()));
    // What the words give is what lies there, also after turns and stretches.
    b.d = transformed(b.d, {id}, curve::rotation(0.3) * curve::scaling(1.3, 0.8));
    const curve::Box here = curve::bounds(b.at(id).paths), anew = curve::bounds(derivedAnew(b.d, {}).item(id)->artwork()->paths);
    CHECK(distance(here.min, anew.min) < 1e-6);
    CHECK(distance(here.max, anew.max) < 1e-6);
    b.d = withLetteringChanged(b.d, {id}, [](Lettering& l) { l.words = "Moths"; });
    CHECK(b.d.item(id)->name == "Moths");
    CHECK(b.at(id).paths->size() == 6); // an outline for each letter, two for the o
    b.d = withTraits(b.d, {id}, {.name = "Title"});
    b.d = withLetteringChanged(b.d, {id}, [](Lettering& l) { l.words = "Lamp"; });
    CHECK(b.d.item(id)->name == "Title");
    // A hand on the outlines makes them a plain shape.
    curve::Paths paths = b.at(id).paths;
    paths[0].nodes[0].at.x += 5;
    CHECK_FALSE(withPaths(b.d, id, paths).document.item(id)->artwork()->lettering());
}

TEST_CASE("words on a line follow it, slide when they are moved, outlive it, and go with it when both move")
{
    Board b;
    const Id id = b.onLine("HOOKS");
    const curve::Box before = curve::bounds(b.at(id).paths);
    CHECK(before.max.y == Approx(500).margin(2)); // round letters reach a little below
    CHECK(before.centre().x == Approx(500).margin(1e-6));
    CHECK_FALSE(letteringWaits(b.d));
    const Document lower = withPaths(b.d, b.line, {curve::polyline({{100, 700}, {900, 700}}, false)});
    CHECK(stale(lower) == std::vector<Id>{id});
    const Document followed = derived(lower, {});
    CHECK(curve::bounds(followed.item(id)->artwork()->paths).max.y == Approx(before.max.y + 200));
    CHECK(derived(followed, {}) == followed);
    // Moved by hand, alone: 50 to the right is along the line, 20 up is off it.
    const Document slid = transformed(b.d, {id}, curve::translation({50, -20}));
    const Lettering& now = *slid.item(id)->artwork()->lettering();
    CHECK(now.start == Approx(0.5 + 50.0 / 800));
    CHECK(now.shift == Approx(20));
    CHECK(curve::bounds(slid.item(id)->artwork()->paths).centre().x == Approx(before.centre().x + 50));
    CHECK_FALSE(letteringWaits(slid));
    // In a group, and turned: what is seen is what the words and their line give, always.
    const Added group = withGroup(b.d, {id});
    for (const curve::Affine& m : {curve::translation({50, -20}), curve::about({500, 480}, curve::rotation(0.4) * curve::scaling(1.5, 1.5)),
                                   curve::about({500, 480}, curve::scaling(-1, 1))}) {
        const Document after = transformed(group.document, {group.id}, m);
        const curve::Box seen = curve::bounds(after.item(id)->artwork()->paths), anew = curve::bounds(derivedAnew(after, {}).item(id)->artwork()->paths);
        CHECK(distance(seen.min, anew.min) < 1e-6);
        CHECK(distance(seen.max, anew.max) < 1e-6);
    }
    // With a group that holds the line they do not slide.
    const Added holds = withGroup(b.d, {b.line});
    const Document along = transformed(holds.document, {holds.id, id}, curve::translation({0, 70}));
    CHECK(along.item(id)->artwork()->lettering()->shift == 0);
    CHECK(curve::bounds(derivedAnew(along, {}).item(id)->artwork()->paths).max.y == Approx(before.max.y + 70));
    // Both together.
    const Document both = transformed(b.d, {id, b.line}, curve::about({500, 500}, curve::rotation(0.5)));
    CHECK(curve::bounds(withLetteringFollowed(both).item(id)->artwork()->paths).centre().y ==
          Approx(curve::bounds(both.item(id)->artwork()->paths).centre().y).margin(1e-6));
    // The line goes: the words stay, and can still be changed.
    Document gone = withoutItems(b.d, {b.line});
    CHECK(derived(gone, {}).item(id)->artwork()->paths == b.at(id).paths);
    gone = withLetteringChanged(gone, {id}, [](Lettering& l) { l.words = "FLAGS"; });
    CHECK(curve::bounds(gone.item(id)->artwork()->paths).max.y == Approx(before.max.y).margin(1));
    // Copies of both stand on their own copy of the line.
    const Taken copies = withCopies(b.d, {id, b.line});
    const Document away = derived(transformed(copies.document, {copies.items}, curve::translation({0, 90})), {});
    for (const Id one : copies.items)
        if (const Lettering* l = away.item(one)->artwork()->lettering()) {
            CHECK(l->line != b.line);
            CHECK(curve::bounds(away.item(one)->artwork()->paths).max.y == Approx(before.max.y + 90));
        }
    // Words that stand on one another's letters come to an end.
    Lettering ring = b.words("o");
    ring.way = Lettering::Way::along;
    ring.line = id;
    const Id second = b.put(ring);
    b.d = withLetteringChanged(b.d, {id}, [&](Lettering& l) { l.line = second; });
    withLetteringFollowed(b.d);
}

TEST_CASE("lines are spread over an arc, and inside it the words run the other way with their heads inwards")
{
    Board b;
    Lettering l = b.words("NIGHT MARKET");
    l.way = Lettering::Way::arc;
    l.radius = 200;
    l.spread = curve::radians(180);
    const Id id = b.put(l);
    // From the left end of the half circle to the right one; letters stand above it.
    const curve::Box box = curve::bounds(b.at(id).paths);
    CHECK(box.min.y < 300 - 200 - 30);
    CHECK(box.max.y < 300 + 5);
    CHECK(box.width() == Approx(2 * 200 + 2 * 60 * 0.729).epsilon(0.02)); // 0.729 em: the face's capitals (OS/2 sCapHeight 1493 of 2048)
    b.d = withLetteringChanged(b.d, {id}, [](Lettering& k) {
        k.over = true;
        k.angle = curve::pi / 2;
    });
    const curve::Box below = curve::bounds(b.at(id).paths);
    CHECK(below.min.y > 300 - 5);
    CHECK(below.max.y < 300 + 200 + 5); // heads inwards
}

TEST_CASE("a missing typeface keeps the outlines, refuses changes but for another typeface")
{
    Board b;
    const Id id = b.put(b.words("Jar"));
    // As if from another machine.
    Document d = withDerived(b.d, id, b.at(id).paths, shared([&] {
                                 Lettering l = *b.at(id).lettering();
                                 l.type.family = "Nowhere Grotesk";
                                 return l;
                             }()));
    CHECK_FALSE(hasTypeface(*d.item(id)->artwork()->lettering()));
    CHECK(derivedAnew(d, {}) == d);
    CHECK(withLetteringChanged(d, {id}, [](Lettering& l) { l.words = "Jars"; }).why == Refusal::noTypeface);
    const Document moved = transformed(d, {id}, curve::translation({5, 5}));
    CHECK(moved.item(id)->artwork()->paths != d.item(id)->artwork()->paths);
    const Edited other = withLetteringChanged(d, {id}, [](Lettering& l) { l.type.family = "Roboto Slab"; });
    CHECK(other.done());
    CHECK(hasTypeface(*other.document.item(id)->artwork()->lettering()));
    CHECK(withLettersApart(d, {id}).why == Refusal::noTypeface);
    CHECK(withLettersUnited(d, {id}).items.size() == 1); // the outlines are there
    Lettering bad = b.words("x");
    bad.type.family = "Nowhere Grotesk";
    CHECK(withLettering(d, d.layers.back()->id, bad, b.black).why == Refusal::noTypeface);
}

TEST_CASE("letters become shapes, one each or united, with their counters as holes")
{
    Board b;
    const Id id = b.put(b.words("Bo x"));
    const Taken apart = withLettersApart(b.d, {id});
    REQUIRE(apart.items.size() == 1);
    const Group* g = apart.document.item(apart.items[0])->group();
    REQUIRE(g);
    REQUIRE(g->items->size() == 3);
    CHECK(g->items->at(0)->name == "B");
    CHECK(g->items->at(0)->artwork()->paths->size() == 3);
    CHECK(g->items->at(1)->name == "o");
    double whole = 0, sum = 0;
    for (const curve::Path& p : b.at(id).paths) whole += curve::area(p);
    for (const ItemPtr& i : g->items)
        for (const curve::Path& p : i->artwork()->paths) sum += curve::area(p);
    CHECK(sum == Approx(whole));
    // Tight tracking lets letters run into one another: united they are one outline.
    Lettering tight = b.words("oo");
    tight.type.tracking = -200;
    const Id two = b.put(tight);
    const Taken united = withLettersUnited(b.d, {two});
    REQUIRE(united.items == std::vector<Id>{two});
    const Artwork& a = *united.document.item(two)->artwork();
    CHECK_FALSE(a.lettering());
    double area = 0, apartArea = 0;
    for (const curve::Path& p : a.paths) area += curve::area(p);
    for (const curve::Path& p : b.at(two).paths) apartArea += curve::area(p);
    CHECK(std::abs(area) < std::abs(apartArea) - 50);
    CHECK(withLettersApart(b.d, {b.line}).why == Refusal::doesNotFit);
}
