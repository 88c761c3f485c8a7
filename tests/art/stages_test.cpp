// Stages: kept, gone back to, shared with what has not changed, and undone like any edit.
#include "art/stages.h"

#include "art/history.h"
#include "art/weight.h"
#include "art/pieces.h"

using namespace pieces;

TEST_CASE("a stage shares what it keeps, is gone back to with all stages still there, and nothing of it changes by later edits")
{
    const Added s = withItem(newDocument(), 0, square({10, 10}, 50));
    const Added one = withStage(s.document, "Bare", 1700000000);
    REQUIRE(one.id);
    CHECK(stageOf(one.document, one.id)->content.layers[0].same(s.document.layers[0]));
    const Document painted = withPaint(one.document, {s.id}, {Colour{1, 2, 3}, {}}, Part::area);
    const Added two = withStage(painted, "Painted", 1700000100);
    const Document gone = withoutItems(two.document, {s.id});
    CHECK(gone.stages.size() == 2);
    CHECK(stageOf(gone, one.id)->content.stages.empty());
    const Document back = backAt(gone, one.id);
    CHECK(back.stages.size() == 2);
    CHECK(back.item(s.id)->artwork()->fill.colour == s.document.item(s.id)->artwork()->fill.colour);
    CHECK(back.nextId == gone.nextId); // no id is given out twice
    CHECK(static_cast<const Content&>(documentOf(*stageOf(gone, one.id))) == static_cast<const Content&>(s.document));
    CHECK(documentOf(*stageOf(gone, one.id)).nextId > s.id);
    CHECK_FALSE(backAt(gone, 9999).done());
    CHECK(withStageNamed(gone, one.id, "First").stages[0]->name == "First");
    CHECK(withoutStage(gone, one.id).stages.size() == 1);
    History h({s.document, {}});
    h.take({one.document, {}}, "Keep a stage");
    h.undo();
    CHECK(h.now().document.stages.empty());
}

TEST_CASE("there is an end to stages, and keeping one of a large document costs next to nothing in memory")
{
    Document d = newDocument();
    std::vector<Item> many;
    for (int k = 0; k < 500; ++k) many.push_back(square({1.0 * k, 0}, 10));
    d = withItems(d, d.layers.back()->id, std::move(many)).document;
    const Document kept = withStage(d, "All", 1).document;
    CHECK(bytesApart(kept, d) < 20000);
    Document full = newDocument();
    for (std::size_t k = 0; k < mostStages; ++k) full = withStage(full, "x", 0).document;
    CHECK(withStage(full, "x", 0).why == Refusal::doesNotFit);
}
