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
    const double margin = at.canvas.setting(settings::frameMargin);
    const QString name = frameName(frame);
    at.acts.run(name, nodesOf(at.session.document(), at.session.selection().items), [=](const art::Document& d, const art::Selection& picked) {
        const art::Added made = art::withFrame(d, picked.layer, frame, picked.items, margin, fill, name.toStdString());
        if (!made.id) return Outcome{{}, {}, refusalText(made.why)};
        // With what it holds, ready to be put inside.
        art::Selection s = picked;
        s.items.insert(s.items.begin(), made.id);
        s.nodes.clear();
        return Outcome{made.document, s, s.items.size() > 1 ? tr("Behind what was picked. Fit in puts it inside.") : tr("At the bottom of the layer.")};
    });
}

// The lowest closed shape of what is picked is what the others are fitted into.
art::Id lowestShape(const art::Document& d, const std::vector<art::Id>& picked)
{
    for (const art::Item* i : art::itemsOf(d, picked)) {
        const art::Artwork* a = i->artwork();
        if (a && std::any_of(a->paths.begin(), a->paths.end(), [](const curve::Path& p) { return p.closed; })) return i->id;
    }
    return 0;
}

void fitIn(CommandDesk& at, art::Fitting::Size size)
{
    art::Fitting how;
    how.size = size;
    how.margin = size == art::Fitting::Size::within ? at.canvas.setting(settings::frameMargin) : 0;
    how.then = static_cast<art::Fitting::Then>(at.canvas.setting(settings::fitThen));
    at.acts.run(tr("Fit in"), nodesOf(at.session.document(), at.session.selection().items), [how](const art::Document& d, const art::Selection& picked) {
        std::vector<art::Id> things = art::outermost(d, picked.items);
        const art::Id shape = lowestShape(d, things);
        std::erase(things, shape);
        if (!shape || things.empty()) return Outcome{{}, {}, tr("Pick a closed shape and what is to go into it; the shape lies lowest.")};
        const art::Taken t = art::withFitted(d, things, shape, how);
        if (t.why != art::Refusal::none)
            return Outcome{{}, {}, t.why == art::Refusal::doesNotFit ? tr("There is no room for it, with that margin.") : refusalText(t.why)};
        const bool clipped = how.then == art::Fitting::Then::clip;
        art::Selection s = picked;
        s.items = clipped ? std::vector<art::Id>{shape} : t.items;
        s.nodes.clear();
        return Outcome{t.document, s,
                       clipped                               ? tr("Inside the shape now, clipped by it.")
                       : how.then == art::Fitting::Then::cut ? tr("Cut off along the shape.")
                                                             : tr("Fitted into the shape; it lies beside it.")};
    });
}

// The guide nearest to the middle of the box, among those that cross it.
const art::Guide* guideAcross(const art::Document& d, const curve::Box& box)
{
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
    return nearest;
}

void cutAtGuide(CommandDesk& at)
{
    at.acts.run(tr("Cut off"), nodesOf(at.session.document(), at.session.selection().items), [](const art::Document& d, const art::Selection& picked) {
        const art::Guide* guide = guideAcross(d, art::bounds(d, picked.items));
        if (!guide) return Outcome{{}, {}, tr("No guide crosses what is picked.")};
        const art::Taken t = art::withCutAtStraight(d, picked.items, guide->through, guide->angle);
        if (t.why != art::Refusal::none) return Outcome{{}, {}, refusalText(t.why)};
        art::Selection s = picked;
        s.items = t.items;
        s.nodes.clear();
        return Outcome{t.document, s, tr("Cut off at the guide; the smaller side is gone.")};
    });
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
