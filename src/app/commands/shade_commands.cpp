// The commands of light and shade.
#include "app/commands/desk.h"
#include "app/tools/colour/ink_hand.h"
#include "app/tools/shade/scatter_acts.h"
#include "app/tools/shade/shade_hand.h"
#include "art/edits.h"
#include "art/flatten.h"
#include "art/lights.h"
#include "art/tree.h"

#include <algorithm>
#include <memory>

namespace softrope::app {

namespace {

void addCrescents(CommandDesk& at, bool lit)
{
    const std::vector<art::Id> areas = areasInHand(at.canvas);
    if (areas.empty()) {
        at.say(tr("Pick one area or several first."));
        return;
    }
    art::Crescent c;
    c.width = at.canvas.setting(settings::crescentWidth);
    c.against = !lit;
    const art::Added look = withLookInHand(at.canvas, lit);
    const QString name = lit ? tr("Edge light") : tr("Core shade");
    const art::Taken t = art::withCrescents(look.document, areas, c, look.id, name.toStdString());
    if (t.items.empty()) {
        at.say(refusalText(t.why));
        return;
    }
    art::Selection s = at.session.selection();
    s.items = t.items;
    s.nodes.clear();
    at.session.take(t.document, s, name);
    at.say(tr("%1 in %n area(s), by the light.", nullptr, static_cast<int>(t.items.size())).arg(name));
}

void useLook(CommandDesk& at, art::Ready which)
{
    const QString name = QString::fromStdString(art::nameOf(which));
    const auto& items = at.session.selection().items;
    std::vector<art::Id> shades;
    for (const art::Id id : items)
        if (at.session.document().parentOf(id)) shades.push_back(id);
    at.session.shadeLook = 0;
    at.canvas.setSetting(settings::shadeLook, static_cast<int>(which) + 1);
    if (!shades.empty()) {
        const art::Added look = art::withReadyLook(at.session.document(), which);
        const art::Edited e = art::withLook(look.document, shades, look.id);
        if (!e.done()) {
            at.say(refusalText(e.why));
            return;
        }
        at.session.take(e.document, tr("Look %1").arg(name));
    } else {
        at.say(tr("New shades wear %1.").arg(name));
    }
    at.parts.refresh();
}

void flatten(CommandDesk& at)
{
    if (at.busy()) {
        at.say(tr("Other work is under way."));
        return;
    }
    const Progress progress;
    at.begin(tr("Flattening"), progress);
    at.session.jobs().run<art::Flattened>(
        Lane::working, &at.window,
        [d = at.session.document(), steps = at.canvas.setting(settings::flattenSteps)](const Progress& p) {
            art::FlattenOptions o;
            o.steps = steps;
            o.cancelled = [&p] { return p.cancelled(); };
            o.progress = [&p](double v) { p.share->store(v); };
            return art::flattened(d, o);
        },
        [&at, d = at.session.document()](const std::optional<art::Flattened>& flat) {
            at.end();
            if (!flat) return;
            if (flat->areas == 0 || flat->document.layers.empty()) {
                at.say(tr("There is nothing painted to flatten."));
                return;
            }
            // On a layer of its own above; what it was made from is hidden, not lost.
            art::Document out = at.session.document();
            for (art::LayerPtr& l : out.layers) {
                art::Layer hidden = *l;
                hidden.shown = false;
                l = art::shared(std::move(hidden));
            }
            const art::Added layer = art::withNewLayer(out, tr("Flat").toStdString(), out.layers.empty() ? 0 : out.layers.back()->id);
            std::vector<art::Item> items;
            for (const art::ItemPtr& i : flat->document.layers.front()->items) items.push_back(*i);
            const art::Taken put = art::withItems(layer.document, layer.id, std::move(items));
            art::Selection s = at.session.selection();
            s.items.clear();
            s.nodes.clear();
            s.layer = layer.id;
            at.session.take(put.document, s, tr("Flatten"));
            at.say(tr("%1 flat areas in %2 colours on a layer of their own; the layers they are made from are hidden. Ctrl+Z takes them away.")
                       .arg(flat->areas)
                       .arg(flat->colours) +
                   (flat->notes.empty() ? QString() : QStringLiteral(" ") + QString::fromStdString(flat->notes.front()) + QStringLiteral(".")));
        },
        Jobs::For::thisPiece, progress);
}

} // namespace

void addShadeCommands(CommandDesk& at)
{
    using enum Group;
    const auto picked = at.picked();
    at.add("edge-light", tr("Edge light in the picked areas"), "F3", shade, [&at] { addCrescents(at, true); });
    at.add("core-shade", tr("Core shade in the picked areas"), "Shift+F3", shade, [&at] { addCrescents(at, false); });
    at.add("scatter-picked", tr("Scatter in the picked areas"), "Ctrl+F3", shade, [&at] {
        const std::vector<art::Id> areas = areasInHand(at.canvas);
        if (areas.empty())
            at.say(tr("Pick one area or several first."));
        else
            scatterInto(at.canvas, areas, scatterInHand(at.canvas));
    });
    at.add(
        "fade", tr("Fade out along the light"), "F5", shade,
        [&at] { takePicked(at, tr("Fade"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withFade(d, items, std::nullopt); }); },
        picked);
    at.add(
        "gradient-by-light", tr("Gradient by the light"), "Shift+F5", shade,
        [&at] {
            takePicked(at, tr("Gradient by the light"),
                       [](const art::Document& d, const std::vector<art::Id>& items) { return art::withGradientsByLight(d, items, true); });
        },
        picked);
    at.add("take-mark", tr("Take the picked shape as the mark of scatter"), "Ctrl+F5", shade, [&at] {
        const auto& items = at.session.selection().items;
        const art::Item* i = items.size() == 1 ? at.session.document().item(items.front()) : nullptr;
        if (!i || !i->artwork() || i->artwork()->paths->empty()) {
            at.say(tr("Pick one shape first."));
            return;
        }
        at.session.ownMark = i->artwork()->paths;
        usePreset(at.canvas, shade::Mark::own);
        at.say(tr("Scatter is made of this shape now."));
        at.parts.refresh();
    });
    const std::pair<art::Ready, std::pair<const char*, const char*>> looks[] = {
        {art::Ready::shadow, {"look-shadow", "Shift+F7"}}, {art::Ready::light, {"look-light", "Shift+F8"}}, {art::Ready::rim, {"look-rim", "Shift+F9"}}};
    for (const auto& [which, how] : looks)
        at.add(how.first, tr("Look: %1").arg(QString::fromStdString(art::nameOf(which))), how.second, shade, [&at, which = which] { useLook(at, which); });
    at.add(
        "keep-look", tr("Keep the picked one's look by name"), "Ctrl+F9", shade,
        [&at] {
            const auto& items = at.session.selection().items;
            const art::Item* i = items.empty() ? nullptr : at.session.document().item(items.front());
            if (!i) return;
            const art::Added kept = art::withLookKept(at.session.document(), i->id, i->name.empty() ? tr("Look").toStdString() : i->name);
            at.session.take(kept.document, tr("Keep look"));
            at.say(tr("Kept as %1. What wears it changes with it.").arg(QString::fromStdString(at.session.document().look(kept.id)->name)));
        },
        picked);
    at.add(
        "let-look-go", tr("Let go of the look"), "Ctrl+Alt+F9", shade,
        [&at] {
            takePicked(at, tr("Let go of the look"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withLookLetGo(d, items); });
        },
        picked);
    at.add(
        "pick-look", tr("Pick all that wear this look"), "Ctrl+F8", shade,
        [&at] {
            const auto& items = at.session.selection().items;
            const art::Item* i = items.empty() ? nullptr : at.session.document().item(items.front());
            if (!i || !i->look) {
                at.say(tr("It wears no look."));
                return;
            }
            at.session.pickItems(art::wearersOf(at.session.document(), i->look));
        },
        picked);
    at.add("light-from-ink", tr("The ink in hand lights the sheet"), "Ctrl+F7", shade, [&at] {
        const art::Paint paint = paintInHand(at.canvas);
        if (!paint.colour) {
            at.say(tr("No ink is in hand."));
            return;
        }
        art::Light l = at.session.document().light;
        l.warm = *paint.colour;
        l.warmInk = paint.ink;
        l.cool = art::coolFor(l.warm);
        l.coolInk = {};
        at.session.take(art::withLight(at.session.document(), l), tr("Warm light"));
    });
    at.add("light-backdrop", tr("Backdrop that sets the light off"), "Ctrl+Shift+F7", shade, [&at] {
        const art::Document& d = at.session.document();
        const art::Added a = art::withBackdrop(d, art::backdropFor(d.light), tr("Backdrop").toStdString());
        at.session.take(a.document, tr("Backdrop"));
        at.say(tr("A backdrop lies under everything, lighter towards the light. Ctrl+Z takes it away."));
    });
    const auto next = std::make_shared<std::size_t>(0);
    at.add("next-against", tr("Show what ignores the light"), "F12", shade, [&at, next] {
        const std::vector<art::Id> all = art::againstLight(at.session.document());
        if (all.empty()) {
            at.say(tr("Every shade goes with the light."));
            return;
        }
        const art::Id id = all[(*next)++ % all.size()];
        at.session.pickItems({id});
        at.show(art::bounds(*at.session.document().item(id)).centre());
        at.say(tr("%n shade(s) ignore the light; this is one.", nullptr, static_cast<int>(all.size())));
    });
    at.add("turn-to-light", tr("Turn what ignores the light"), "Shift+F12", shade, [&at] {
        const std::vector<art::Id> all = art::againstLight(at.session.document());
        const art::Edited e = art::withTurnedToLight(at.session.document(), all);
        if (all.empty() || !e.done()) {
            at.say(all.empty() ? tr("Every shade goes with the light.") : tr("What ignores it is drawn by hand: draw it on the other side."));
            return;
        }
        at.session.take(e.document, tr("Turn to the light"));
        const int left = static_cast<int>(art::againstLight(at.session.document()).size());
        at.say(left == 0 ? tr("They follow the light now.") : tr("Crescents follow the light now; %n drawn shade(s) do not.", nullptr, left));
    });
    at.add("flatten", tr("Flatten shades"), "Ctrl+F12", shade, [&at] { flatten(at); });
    at.add("lines-on-top", tr("Lines on top"), "Ctrl+Shift+F12", view, [&at] {
        const bool on = !at.canvas.setting(settings::linesOnTop);
        at.canvas.setSetting(settings::linesOnTop, on);
        const StepId step = at.step();
        at.canvas.setLinesOnTop(on && (step == StepId::colour || step == StepId::shade));
        at.parts.refresh();
    });
}

} // namespace softrope::app
