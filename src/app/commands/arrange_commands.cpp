// The commands of composing: frames behind things, and fitting things into shapes.
#include "app/commands/desk.h"
#include "app/tools/frame_names.h"
#include "art/arrange.h"
#include "art/frames.h"
#include "art/tree.h"

#include <algorithm>
#include <tuple>

namespace softrope::app {

namespace {

void addFrame(CommandDesk& at, art::Frame frame)
{
    art::Fill fill;
    const art::Paint paint = fillInHand(at.canvas).value_or(art::Paint{art::Colour{222, 208, 184}, {}});
    fill.colour = paint.colour;
    fill.ink = paint.ink;
    art::Selection s = at.session.selection();
    const art::Added made =
        art::withFrame(at.session.document(), s.layer, frame, s.items, at.canvas.setting(settings::frameMargin), fill, frameName(frame).toStdString());
    if (!made.id) {
        at.say(refusalText(made.why));
        return;
    }
    // With what it holds, ready to be put inside.
    s.items.insert(s.items.begin(), made.id);
    s.nodes.clear();
    at.session.take(made.document, s, frameName(frame));
    at.say(s.items.size() > 1 ? tr("Behind what was picked. Fit in puts it inside.") : tr("At the bottom of the layer."));
}

// The lowest closed shape of what is picked is what the others are fitted into.
void fitIn(CommandDesk& at, art::Fitting::Size size)
{
    const art::Document& d = at.session.document();
    const std::vector<art::Id> picked = art::outermost(d, at.session.selection().items);
    art::Id shape = 0;
    for (const art::Item* i : art::itemsOf(d, picked)) {
        const art::Artwork* a = i->artwork();
        if (a && std::any_of(a->paths.begin(), a->paths.end(), [](const curve::Path& p) { return p.closed; })) {
            shape = i->id;
            break;
        }
    }
    if (!shape || picked.size() < 2) {
        at.say(tr("Pick a closed shape and what is to go into it; the shape lies lowest."));
        return;
    }
    std::vector<art::Id> things = picked;
    std::erase(things, shape);
    art::Fitting how;
    how.size = size;
    how.margin = size == art::Fitting::Size::within ? at.canvas.setting(settings::frameMargin) : 0;
    how.then = static_cast<art::Fitting::Then>(at.canvas.setting(settings::fitThen));
    const art::Taken t = art::withFitted(d, things, shape, how);
    if (t.why != art::Refusal::none) {
        at.say(t.why == art::Refusal::doesNotFit ? tr("There is no room for it, with that margin.") : refusalText(t.why));
        return;
    }
    art::Selection s = at.session.selection();
    s.items = how.then == art::Fitting::Then::clip ? std::vector<art::Id>{shape} : t.items;
    s.nodes.clear();
    at.session.take(t.document, s, tr("Fit in"));
    at.say(how.then == art::Fitting::Then::clip  ? tr("Inside the shape now, clipped by it.")
           : how.then == art::Fitting::Then::cut ? tr("Cut off along the shape.")
                                                 : tr("Fitted into the shape; it lies beside it."));
}

// At the guide nearest to the middle of what is picked, among those that cross it.
void cutAtGuide(CommandDesk& at)
{
    const art::Document& d = at.session.document();
    const auto& items = at.session.selection().items;
    const curve::Box box = art::bounds(d, items);
    const art::Guide* nearest = nullptr;
    double least = 1e300;
    for (const art::Guide& g : d.guides) {
        const curve::Vec2 side = perpendicular(curve::direction(g.angle));
        double low = 1e300, high = -1e300;
        for (const curve::Vec2 corner : {box.min, curve::Vec2{box.max.x, box.min.y}, box.max, curve::Vec2{box.min.x, box.max.y}}) {
            low = std::min(low, dot(corner - g.through, side));
            high = std::max(high, dot(corner - g.through, side));
        }
        const double off = std::abs(dot(box.centre() - g.through, side));
        if (low < 0 && high > 0 && off < least) std::tie(nearest, least) = std::pair(&g, off);
    }
    if (!nearest) {
        at.say(tr("No guide crosses what is picked."));
        return;
    }
    const art::Taken t = art::withCutAtStraight(d, items, nearest->through, nearest->angle);
    if (t.why != art::Refusal::none) {
        at.say(refusalText(t.why));
        return;
    }
    art::Selection s = at.session.selection();
    s.items = t.items;
    s.nodes.clear();
    at.session.take(t.document, s, tr("Cut off"));
    at.say(tr("Cut off at the guide; the smaller side is gone."));
}

} // namespace

void addArrangeCommands(CommandDesk& at)
{
    at.add(
        "cut-at-guide", tr("Cut off at the guide"), "Alt+Shift+Y", Group::area, [&at] { cutAtGuide(at); }, at.picked());
    constexpr const char* keys[] = {"Alt+Shift+O", "Alt+Shift+D", "Alt+Shift+S", "Alt+Shift+Q"};
    constexpr const char* ids[] = {"frame-circle", "frame-dome", "frame-shield", "frame-square"};
    for (int k = 0; k < art::frames; ++k) {
        const auto frame = static_cast<art::Frame>(k);
        at.add(ids[k], tr("Frame behind: %1").arg(frameName(frame)), keys[k], Group::area, [&at, frame] { addFrame(at, frame); });
    }
    const auto several = at.several();
    at.add(
        "fit-in", tr("Fit into the lowest shape"), "Alt+Shift+F", Group::area, [&at] { fitIn(at, art::Fitting::Size::within); }, several);
    at.add(
        "fit-over", tr("Cover the lowest shape"), "Alt+Shift+V", Group::area, [&at] { fitIn(at, art::Fitting::Size::over); }, several);
    at.add(
        "fit-keep", tr("Into the lowest shape, as large as they are"), "Alt+Shift+K", Group::area, [&at] { fitIn(at, art::Fitting::Size::keep); }, several);
}

} // namespace softrope::app
