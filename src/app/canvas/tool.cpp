#include "app/canvas/tool.h"

#include "art/edits.h"
#include "art/hit.h"
#include "art/inks.h"

#include <algorithm>

namespace softrope::app {

using curve::Vec2;

art::Aids Bench::aids() const
{
    art::Aids out;
    out.shown = static_cast<unsigned>(setting(settings::aids));
    out.margin = setting(settings::aidMargin) / 100;
    out.position = setting(settings::aidPosition);
    return out;
}

art::Snap Bench::snap(const Pointer& p, std::vector<art::Id> without)
{
    if (p.control() || !snapping()) return {p.sheet, art::SnapReason::none, 0};
    art::SnapRequest r;
    r.point = p.sheet;
    r.reach = px(curve::snapReach);
    r.without = std::move(without);
    const art::AidLines lines = art::aidLines(document().sheet, aids());
    r.aids = &lines;
    return art::snapped(document(), r);
}

art::ItemPtr itemAt(const art::Document& d, Vec2 p, double reach)
{
    return art::thingAt(d, p, reach);
}

art::Id layerForWork(Bench& bench)
{
    const art::Layer* l = bench.document().layer(bench.selection().layer);
    if (!l) return 0;
    if (l->locked) {
        bench.clicksLocked(l->id);
        return 0;
    }
    if (!l->shown) {
        bench.say(tr("%1 is hidden. Show it to draw on it.").arg(QString::fromStdString(l->name)));
        return 0;
    }
    return l->id;
}

std::optional<art::Paint> fillInHand(Bench& bench)
{
    const std::optional<art::Paint>& hand = bench.session().nextFill;
    if (!hand || hand->ink.ink == 0) return hand;
    const art::Paint now = art::paintOf(bench.document(), hand->ink);
    return now.colour ? now : art::Paint{hand->colour, {}}; // its ink is gone: the colour stays
}

void fillWhenClosed(Bench& bench, art::Artwork& a)
{
    const auto open = [](const curve::Path& p) { return !p.closed; };
    if (a.guide || a.fill.colour || a.paths->empty() || std::any_of(a.paths->begin(), a.paths->end(), open)) return;
    if (const auto paint = fillInHand(bench)) {
        a.fill.colour = paint->colour;
        a.fill.ink = paint->ink;
    }
}

QString refusalText(art::Refusal why)
{
    switch (why) {
    case art::Refusal::none: return {};
    case art::Refusal::nothingPicked: return tr("Nothing is picked.");
    case art::Refusal::locked: return tr("What is picked is locked.");
    case art::Refusal::hidden: return tr("What is picked is hidden.");
    case art::Refusal::derived: return tr("This is worked out by a live part. Set that first, to change its pieces by hand.");
    case art::Refusal::tooFew: return tr("This takes more than is picked.");
    case art::Refusal::doesNotFit: return tr("This cannot be done with what is picked.");
    case art::Refusal::noTypeface:
        return tr("The typeface of these words is not on this machine. Their outlines are kept; choose another typeface to change them.");
    }
    return {};
}

bool refused(Bench& bench, art::Id item)
{
    const art::Refusal why = art::refusalOf(bench.document(), {item});
    if (why == art::Refusal::none) return false;
    if (why == art::Refusal::locked)
        bench.clicksLocked(art::lockedBy(bench.document(), item));
    else
        bench.say(refusalText(why));
    return true;
}

} // namespace softrope::app
