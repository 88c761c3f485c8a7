// What must hold whatever is done. SOFT_ROPE_SEEDS=2000 in the environment runs more of it.
#include "art/random_edits.h"

#include <cstdlib>
#include <set>

using namespace pieces;

namespace {

constexpr int seeds = 200, edits = 100; // 20,000

int rounds()
{
    const char* more = std::getenv("SOFT_ROPE_SEEDS");
    return more ? std::max(1, std::atoi(more)) : seeds;
}

} // namespace

TEST_CASE("ids are unique at every depth, edits do nothing beyond what they are told, and undo leads back to the start, through random edits of every kind")
{
    const Ingredients from = ingredients();
    int changed = 0;
    for (int seed = 1; seed <= rounds(); ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed));
        const Document first = randomStart(r);
        History h({first, {}});
        for (int k = 0; k < edits; ++k) {
            const Document& now = h.now().document;
            const Document next = edited(now, r);
            changed += !(next == now);
            // Unique, and given out.
            std::set<Id> ids;
            for (const LayerPtr& l : next.layers) REQUIRE(ids.insert(l->id).second);
            for (const Ink& i : next.inks) REQUIRE(ids.insert(i.id).second);
            eachItem(next, {}, [&](const Item& i, const Where&) {
                if (i.id == 0 || !ids.insert(i.id).second || i.id >= next.nextId) FAIL("id " << i.id << " after edit " << k << " of seed " << seed);
            });
            // What lies on a locked layer stays as it is, but for inks that are mixed and parts that follow.
            h.take({next, {}}, "Edit");
        }
        const Document last = h.now().document;
        // Worked out once, deriving again changes nothing.
        if (seed % 10 == 0) {
            const Document worked = derived(last, from);
            REQUIRE(derived(worked, from) == worked);
        }
        while (h.undo()) {}
        REQUIRE(h.now().document == first);
        while (h.redo()) {}
        REQUIRE(h.now().document == last);
    }
    CHECK(changed > rounds() * edits / 3);
}

TEST_CASE("edits of things on one layer leave all others as they are, to the pointer")
{
    int done = 0;
    for (int seed = 1; seed <= rounds(); ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 5000);
        Document d = randomStart(r);
        for (int k = 0; k < 25; ++k) d = edited(d, r);
        const Id one = any(d, r);
        const Layer* on = d.layerOf(one);
        if (!on) continue;
        const std::vector<std::function<Document(const Document&)>> acts{
            [&](const Document& x) { return transformed(x, {one}, someMove(r)).document; },
            [&](const Document& x) {
                return withPaint(x, {one}, {Colour{5, 6, 7}, {}}, Part::both).document;
            },
            [&](const Document& x) { return withTraits(x, {one}, {.opacity = 0.3}).document; },
            [&](const Document& x) { return withOrder(x, {one}, Way::top).document; },
            [&](const Document& x) { return withCopies(x, {one}).document; },
            [&](const Document& x) { return withoutItems(x, {one}).document; },
            [&](const Document& x) { return withGroup(x, {one}).document; },
            [&](const Document& x) { return withRoundCorners(x, one, {}, 9).document; },
            [&](const Document& x) { return withSet(x, {one}).document; },
        };
        for (const auto& act : acts) {
            const Document next = act(d);
            REQUIRE(next.layers.size() == d.layers.size());
            for (std::size_t k = 0; k < d.layers.size(); ++k) {
                if (d.layers[k]->id == on->id && !d.layers[k]->locked) continue;
                if (!next.layers[k].same(d.layers[k])) FAIL("layer " << k << " of seed " << seed);
            }
            ++done;
        }
    }
    CHECK(done > rounds());
}

TEST_CASE("parts made anew from their recipes cover what they covered")
{
    // Moved freehand lines and combinations are not worked out again: what their recipes would give lies where they lie.
    const Ingredients from = ingredients();
    int live = 0;
    for (int seed = 1; seed <= rounds(); ++seed) {
        strokes::Random r(static_cast<std::uint64_t>(seed) + 9000);
        Document d = randomStart(r);
        for (int k = 0; k < 60; ++k) d = edited(d, r);
        d = derived(d, from);
        const Document anew = derivedAnew(d, from);
        eachArtwork(d, {}, [&](const Item& i, const Artwork& a, const Where& w) {
            const Item* same = anew.item(i.id);
            if (w.derived || !same || a.hand() || std::holds_alternative<std::monostate>(*a.live)) return; // the hand's fit has a slack of its own
            ++live;
            double before = 0, after = 0;
            for (const curve::Path& p : a.paths) before += curve::area(p);
            for (const curve::Path& p : same->artwork()->paths) after += curve::area(p);
            INFO("seed " << seed << " item " << i.id);
            // Words lie where they lay. (An outline that is worked out anew may begin at another node: words on such a one may slide.)
            const Lettering* words = a.lettering();
            if (words && !a.paths->empty() && lineOf(d, *words) == lineOf(anew, *words))
                CHECK(distance(curve::bounds(a.paths).centre(), curve::bounds(same->artwork()->paths).centre()) < 1e-3);
            CHECK(std::abs(after) == Approx(std::abs(before)).epsilon(1e-4).margin(10)); // slivers at the touch distance come and go
        });
        eachItem(d, {}, [&](const Item& i, const Where&) {
            if (!i.group() || !(i.group()->facets() || i.group()->mesh())) return;
            ++live;
            const Item* same = anew.item(i.id);
            REQUIRE(same);
            INFO("seed " << seed << " group " << i.id);
            CHECK(childrenOf(*same).size() == childrenOf(i).size());
            const curve::Box now = bounds(*same), was = bounds(i);
            CHECK(now.empty() == was.empty());
            if (!was.empty()) CHECK(distance(now.centre(), was.centre()) < 1e-3);
        });
    }
    CHECK(live > rounds());
}
