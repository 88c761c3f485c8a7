// Values held by pointers: compared as values, told apart by identity where work is kept.
#include "art/kept.h"
#include "art/pieces.h"

#include <atomic>
#include <thread>

using namespace pieces;

TEST_CASE("shared values are equal as values, and the same by identity")
{
    const Shared<Gradient> a = shared(Gradient{}), b = shared(Gradient{}), none;
    CHECK(a == b);
    CHECK_FALSE(a.same(b));
    const Shared<Gradient> copy = a;
    CHECK(copy.same(a));
    CHECK_FALSE(a == none);
    CHECK(none == Shared<Gradient>(nullptr));
    Gradient other;
    other.kind = Gradient::Kind::radial;
    CHECK_FALSE(a == shared(other));
    Shared<Gradient> gone = a;
    gone.reset();
    CHECK_FALSE(gone);
    CHECK(a);
}

TEST_CASE("what was worked out is kept for a value while it lives, not for one that is equal, and not without end")
{
    Kept<int, int> kept(3);
    int made = 0;
    const auto twice = [&made](int v) {
        ++made;
        return 2 * v;
    };
    const Shared<int> one = shared(21), equal = shared(21);
    CHECK(*kept.of(one, twice) == 42);
    CHECK(*kept.of(one, twice) == 42);
    CHECK(made == 1);
    CHECK(*kept.of(equal, twice) == 42);
    CHECK(made == 2);
    // The oldest go first.
    std::vector<Shared<int>> more;
    for (int k = 0; k < 3; ++k) {
        more.push_back(shared(k));
        kept.of(more.back(), twice);
    }
    CHECK(made == 5);
    kept.of(one, twice);
    CHECK(made == 6);
    kept.of(more.back(), twice);
    CHECK(made == 6);
    // A value that is gone leaves nothing: another one at its place is worked out.
    for (int k = 0; k < 50; ++k) CHECK(*kept.of(shared(k), twice) == 2 * k);
}

TEST_CASE("work is kept from any thread")
{
    Kept<int, int> kept(8);
    std::vector<Shared<int>> values;
    for (int k = 0; k < 8; ++k) values.push_back(shared(k));
    std::vector<std::thread> threads;
    std::atomic<int> wrong = 0;
    for (int t = 0; t < 4; ++t)
        threads.emplace_back([&, t] {
            for (int k = 0; k < 2000; ++k) {
                const auto at = static_cast<std::size_t>((k * 7 + t) % 8);
                wrong += *kept.of(values[at], [](int v) { return v * v; }) != static_cast<int>(at * at);
            }
        });
    for (std::thread& t : threads) t.join();
    CHECK(wrong == 0);
}

TEST_CASE("each trait of a thing counts when documents are compared")
{
    Three t;
    const Traits changes[] = {{.shown = false}, {.locked = true}, {.name = "Other"}, {.opacity = 0.5}, {.blend = Blend::screen}, {.blur = 2}};
    for (const Traits& change : changes) {
        const Document other = withTraits(t.d, {t.b}, change);
        CHECK_FALSE(other == t.d);
        CHECK(withTraits(t.d, {t.b}, {}).document == t.d);
    }
    CHECK_FALSE(withArtworkChanged(t.d, {t.b}, [](Artwork& a) { a.guide = true; }).document == t.d);
    CHECK_FALSE(withArtworkChanged(t.d, {t.b}, [](Artwork& a) { a.fill.overlap = 1; }).document == t.d);
    CHECK_FALSE(withArtworkChanged(t.d, {t.b}, [](Artwork& a) { a.stroke.keepsWidth = true; }).document == t.d);
    // What is outside its range is brought into it.
    CHECK(withTraits(t.d, {t.b}, {.opacity = 7}).document.item(t.b)->opacity == 1);
    CHECK(withTraits(t.d, {t.b}, {.blur = 1e9}).document.item(t.b)->blur == mostBlur);
    CHECK(withTraits(t.d, {t.b}, {.opacity = std::nan("")}).document == t.d);
}

TEST_CASE("every field of a tone stack and of its picture counts in what its shapes are made from")
{
    auto file = std::make_shared<PictureFile>();
    file->width = file->height = 40;
    file->bytes.assign(9000, std::byte{3});
    Reference r;
    r.picture = file;
    ToneStack t;
    t.stack.cuts = {80, 160};
    t.stack.patches = {{curve::circle({9, 9}, 4), 12, 3}};
    t.stack.pushes = {{{{1, 1}, {5, 5}}, 2, 1}};
    t.stack.sweeps = {{{{3, 3}}, 2}};
    const Key key = toneKey(t, r);
    CHECK(toneKey(t, r) == key);
    const std::function<void(ToneStack&)> changes[] = {
        [](ToneStack& s) { s.stack.cuts[1] += 0.5; },
        [](ToneStack& s) {
            s.stack.paint = {pixel::Rgba{1, 2, 3, 255}};
        },
        [](ToneStack& s) { s.stack.slack += 0.1; },
        [](ToneStack& s) { s.stack.smallest += 1; },
        [](ToneStack& s) {
            s.stack.bound = curve::circle({5, 5}, 3);
        },
        [](ToneStack& s) { s.stack.patches[0].strength = -12; },
        [](ToneStack& s) { s.stack.patches[0].soft = 0; },
        [](ToneStack& s) { s.stack.pushes[0].tone = 2; },
        [](ToneStack& s) { s.stack.pushes[0].way[0].x = 2; },
        [](ToneStack& s) { s.stack.sweeps[0].radius = 3; },
        [](ToneStack& s) { s.reference = 9; },
    };
    for (const auto& change : changes) {
        ToneStack other = t;
        change(other);
        CHECK(toneKey(other, r) != key);
    }
    const std::function<void(Reference&)> moves[] = {[](Reference& x) { x.centre.x += 1; }, [](Reference& x) { x.scale = 2; },
                                                     [](Reference& x) { x.turn = 0.1; },    [](Reference& x) { x.flattenLight = 1; },
                                                     [](Reference& x) { x.liftPaper = 1; }, [](Reference& x) { x.crop = {{1, 1}, {9, 9}}; }};
    for (const auto& move : moves) {
        Reference other = r;
        move(other);
        CHECK(toneKey(t, other) != key);
    }
    // How strongly the picture shows does not.
    Reference dim = r;
    dim.dim = 0.1;
    CHECK(toneKey(t, dim) == key);
}

TEST_CASE("a paste goes where it is told: a layer, a group, an area, at a place in the order")
{
    Three t;
    const Document fragment = fragmentOf(t.d, {t.c});
    const Added g = withGroup(t.d, {t.a, t.b});
    const Taken in = withPasted(g.document, fragment, {.layer = 0, .parent = g.id, .at = 0});
    REQUIRE(in.items.size() == 1);
    CHECK(childrenOf(*in.document.item(g.id)).front()->id == in.items[0]);
    const Taken inside = withPasted(g.document, fragment, {.layer = 0, .parent = t.a});
    CHECK(inside.document.item(t.a)->artwork()->inside.size() == 1);
    const Taken low = withPasted(t.d, fragment, {t.layer, 0, 0});
    CHECK(low.document.layers[0]->items.front()->id == low.items[0]);
    CHECK(withPasted(t.d, fragment, {4711}).why == Refusal::nothingPicked);
    CHECK(withPasted(withTraits(g.document, {g.id}, {.locked = true}), fragment, {.layer = 0, .parent = t.a}).why == Refusal::locked);
    CHECK(withPasted(t.d, newDocument(), {t.layer}).items.empty());
    // A fragment of a thing in a group is that thing; of a group, all of it, once.
    CHECK(everyId(fragmentOf(g.document, {t.a})).size() == 1);
    CHECK(everyId(fragmentOf(g.document, {g.id, t.a, t.b})).size() == 3);
}

TEST_CASE("ungrouped things keep how they looked where they do not overlap")
{
    Three t;
    const Added g = withGroup(t.d, {t.a, t.b});
    const Document faded = withTraits(withTraits(g.document, {t.a}, {.opacity = 0.5}), {g.id}, {.shown = false, .opacity = 0.5, .blend = Blend::multiply});
    const Taken apart = withoutGroups(faded, {g.id});
    REQUIRE(apart.items.size() == 2);
    CHECK(apart.document.item(t.a)->opacity == Approx(0.25));
    CHECK(apart.document.item(t.b)->opacity == Approx(0.5));
    CHECK(apart.document.item(t.b)->blend == Blend::multiply);
    CHECK_FALSE(apart.document.item(t.b)->shown);
    CHECK(withoutGroups(t.d, {t.a}).why == Refusal::doesNotFit);
    CHECK(withoutGroups(t.d, {4711}).why == Refusal::nothingPicked);
}
