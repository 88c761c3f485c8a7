#include "files/take_apart.h"

#include "art/edits.h"
#include "files/stages.h"

namespace softrope::files {

TakenApart takenApart(const art::Island& island)
{
    TakenApart out;
    if (!island.source) return out;
    SvgResult read = readSvg(island.source->xml, {}, {.stages = false, .apart = true});
    out.leftOut = std::move(read.leftOut);
    for (const art::LayerPtr& l : read.document.layers)
        for (const art::ItemPtr& i : l->items) {
            art::Item one = art::transformed(*i, island.place);
            // What the layer was told to be goes on with what lay on it.
            one.opacity *= l->opacity;
            one.shown = one.shown && l->shown;
            out.items.push_back(std::move(one));
        }
    return out;
}

} // namespace softrope::files
