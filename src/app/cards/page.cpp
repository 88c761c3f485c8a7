#include "app/cards/page.h"

#include "app/tools/place/place_acts.h"

namespace softrope::app {

bool Context::holds(const char* tool_) const
{
    return tool && tool->id() == tool_;
}

Context contextOf(const CardDesk& at, StepId step)
{
    const art::Document& d = at.session.document();
    const art::Selection& s = at.session.selection();
    Context c;
    c.step = step;
    c.tool = at.canvas.tool();
    const art::Item* one = s.items.size() == 1 ? d.item(s.items.front()) : nullptr;
    c.picked = s.items.size() > 1 ? Context::Picked::several
               : !one             ? Context::Picked::nothing
               : one->artwork()   ? Context::Picked::line
               : one->group()     ? Context::Picked::group
               : one->island()    ? Context::Picked::island
                                  : Context::Picked::picture;
    c.item = one ? one->id : 0;
    c.nodes = !s.nodes.empty();
    const art::Layer* l = d.layer(s.layer);
    c.mirrored = l && l->mirror;
    // Looked for among all things, so only where a page asks.
    const art::Item* r = step == StepId::place || step == StepId::trace ? referenceInHand(d, s) : nullptr;
    c.picture = r ? r->id : 0;
    return c;
}

const art::Item* pickedLine(const Session& s)
{
    if (s.selection().items.size() != 1) return nullptr;
    const art::Item* i = s.document().item(s.selection().items.front());
    return i && i->artwork() ? i : nullptr;
}

std::vector<std::unique_ptr<CardPage>> makePages(CardDesk& at)
{
    std::vector<std::unique_ptr<CardPage>> all;
    for (const auto make : {makeProofPage,     makeLetteringPage, makeRepeatPage, makeColourPage, makeCrescentPage, makeScatterPage, makeShadedPage,
                            makeLightPage,     makeFacetPage,     makePatchPage,  makeTonePage,   makeSeveralPage,  makeLinePage,    makeGroupPage,
                            makeIslandPage,    makeReferencePage, makePlacePage,     makeTracePage,  makeAxisPage,   makeBuildPage,    makeToolPage})
        all.push_back(make(at));
    return all;
}

} // namespace softrope::app
