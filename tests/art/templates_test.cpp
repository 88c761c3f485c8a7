// Sheets to begin with.
#include "art/edits.h"
#include "art/templates.h"
#include "art/tree.h"

#include <catch2/catch.hpp>

using namespace softrope;

TEST_CASE("every template is a sheet of its size with nothing drawn on it")
{
    for (const art::Template& t : art::templates()) {
        INFO(t.id);
        CHECK(art::templateNamed(t.id) == &t);
        const art::Document d = art::fromTemplate(t);
        CHECK(d.sheet.width == t.width);
        CHECK(d.sheet.unit == t.unit);
        CHECK(d.proofing.width == t.real);
        art::eachItem(d, {}, [&](const art::Item& i, const art::Where& w) {
            REQUIRE(i.artwork());
            CHECK(i.artwork()->guide);
            CHECK(w.layer->locked);
        });
        CHECK_FALSE(d.layers.back()->locked); // what is drawn goes on top
    }
    CHECK(art::templateNamed("poster") == nullptr);
    // ISO 216: A4 is 210 x 297 mm.
    const art::Template& a4 = *art::templateNamed("a4");
    CHECK(a4.width / 96 * 25.4 == Approx(210));
    CHECK(a4.height / 96 * 25.4 == Approx(297));
}
