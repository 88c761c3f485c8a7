// The commands of the sheet: layers, guides, the mirror, tones and working colours.
#include "app/commands/desk.h"
#include "app/services/in_hand.h"
#include "app/tools/build/mirror_acts.h"
#include "app/tools/colour/ink_hand.h"
#include "app/tools/place/aid_names.h"
#include "app/tools/place/place_acts.h"
#include "art/arrange.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/tones.h"
#include "art/tree.h"

namespace softrope::app {

namespace {

// What is picked is covered with it, and what is drawn next too.
void useWorkingColour(CommandDesk& at, art::Meaning meaning)
{
    art::Document d = art::withWorkingInks(at.session.document());
    const art::Id ink = art::workingInk(d, meaning);
    const art::Paint paint = art::paintOf(d, {ink, 0});
    const auto& items = at.session.selection().items;
    if (!items.empty()) d = art::withPaint(d, items, paint, art::Part::area);
    at.session.take(d, meaning == art::Meaning::willBeDark ? tr("Will be dark") : tr("Will be light"));
    takeInk(at.canvas, {ink, 0});
    if (!items.empty()) return;
    at.session.nextFill = paint;
    at.parts.refresh();
    at.say(tr("In hand: each shape that is closed or carved now is filled with it. %1 lets it go.").arg(at.commands.keysOf(*at.commands.find("let-fill-go"))));
}

void turnWorkingColours(CommandDesk& at)
{
    const art::Document& d = at.session.document();
    std::optional<art::Ends> ends;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) {
        if (i.group() && i.group()->tones())
            if (const auto of = art::toneEnds(*i.group())) ends = of; // of the topmost
    });
    const art::Ends to = ends.value_or(art::Ends{{20, 22, 28}, {250, 246, 236}});
    const art::Turned t = art::withWorkingColoursTurned(d, {to.dark, {}}, {to.light, {}});
    if (t.items == 0) {
        at.say(tr("Nothing is painted in the working colours."));
        return;
    }
    at.session.take(t.document, tr("Turn working colours"));
    at.say(tr("%1 shapes have their tones now. Hold W to compare with the picture; Ctrl+Z takes it back.").arg(t.items));
}

} // namespace

void addSheetCommands(CommandDesk& at)
{
    using enum Group;
    for (const int by : {1, -1})
        at.add(by > 0 ? "layer-up" : "layer-down", by > 0 ? tr("Move layer up") : tr("Move layer down"), by > 0 ? "Ctrl+Alt+Up" : "Ctrl+Alt+Down", sheet,
               [&at, by] { at.session.take(art::withLayerMoved(at.session.document(), at.session.selection().layer, by), tr("Move layer")); });
    at.add("centre-guides", tr("Centre guides"), "Ctrl+Alt+Shift+G", sheet, [&at] {
        const art::Sheet s = at.session.document().sheet;
        art::Document d = art::withGuide(at.session.document(), {s.width / 2, s.height / 2}, 0).document;
        at.session.take(art::withGuide(d, {s.width / 2, s.height / 2}, curve::pi / 2).document, tr("Centre guides"));
    });
    int place = 0;
    for (const art::Aid a : art::allAids) {
        ++place;
        at.add(QString("aid-%1").arg(place), tr("Composition aid: %1").arg(aidName(a)), QString("Alt+%1").arg(place), sheet, [&at, a] {
            const int bit = 1 << static_cast<int>(a);
            const int shown = at.canvas.setting(settings::aids) ^ bit;
            at.canvas.setSetting(settings::aids, shown);
            at.canvas.update();
            at.parts.refresh();
            at.say(shown & bit ? tr("%1 shown over the sheet.").arg(aidName(a)) : tr("%1 hidden.").arg(aidName(a)));
        });
    }
    at.add("next-spiral", tr("Golden spiral: next position"), "Alt+8", sheet, [&at] {
        at.canvas.setSetting(settings::aids, at.canvas.setting(settings::aids) | 1 << static_cast<int>(art::Aid::spiral));
        at.canvas.setSetting(settings::aidPosition, (at.canvas.setting(settings::aidPosition) + 1) % 8);
        at.canvas.update();
        at.parts.refresh();
    });
    at.add(
        "centre-sheet", tr("Centre on the sheet by what is seen"), "Ctrl+Alt+M", sheet,
        [&at] {
            takePicked(at, tr("Centre on sheet"), [](const art::Document& d, const std::vector<art::Id>& items) {
                const art::Edited across = art::alignedToSheet(d, items, art::Side::centre);
                const art::Edited both = art::alignedToSheet(across, items, art::Side::middle);
                return both.document == d ? both : art::Edited(both.document);
            });
        },
        at.picked());
    at.add("drop-guides", tr("Drop all guides"), "Ctrl+Alt+G", sheet, [&at] {
        art::Document d = at.session.document();
        d.guides.clear();
        at.session.take(d, tr("Drop guides"));
    });
    at.add("clean-page", tr("Clean the page"), "Ctrl+Alt+E", sheet, [&at] {
        if (const art::Item* i = referenceInHand(at.session.document(), at.session.selection()))
            cleanPage(at.canvas, i->id);
        else
            at.say(tr("There is no picture to clean."));
    });
    at.add("straighten-auto", tr("Straighten the picture by itself"), "Ctrl+Alt+S", sheet, [&at] {
        if (const art::Item* i = referenceInHand(at.session.document(), at.session.selection()))
            straightenByItself(at.canvas, i->id);
        else
            at.say(tr("There is no picture to straighten."));
    });
    at.add("snapping", tr("Snapping on or off"), "Ctrl+Alt+N", sheet, [&at] {
        at.canvas.setSnapping(!at.canvas.snapping());
        at.say(at.canvas.snapping() ? tr("Snapping is on.") : tr("Snapping is off."));
    });
    at.add("mirror", tr("Mirror the layer drawn on"), "M", sheet, [&at] { toggleMirror(at.canvas); });
    at.add("find-axis", tr("Find the axis of the picture"), "Shift+M", sheet, [&at] { findAxisInBackground(&at.window, at.canvas); });
    at.add("make-axis", tr("Make the picked line the axis"), "Ctrl+Shift+M", sheet, [&at] { pickedLineAsAxis(at.canvas); });
    at.add("weld", tr("Weld the mirrored halves"), "Shift+W", sheet, [&at] { weldLayer(at.canvas, at.acts); });
    for (const int n : {2, 3, 5})
        at.add(QString("tones-%1").arg(n), tr("Cut the picture into %1 tones").arg(n), QString("Ctrl+Alt+Shift+%1").arg(n), sheet, [&at, n] {
            at.setStep(StepId::tone);
            at.tones.begin(n);
        });
    at.add("set-tones", tr("Make areas of the tones"), "Ctrl+Shift+Return", sheet, [&at] { at.tones.set(); });
    at.add("revive-tones", tr("Tones live again"), "Ctrl+Alt+Shift+L", sheet, [&at] { at.tones.revive(); });
    at.add("will-be-dark", tr("Working colour: will be dark"), "Ctrl+Alt+9", sheet, [&at] { useWorkingColour(at, art::Meaning::willBeDark); });
    at.add("let-fill-go", tr("Let the fill in hand go"), "Ctrl+Alt+Y", sheet, [&at] {
        at.session.nextFill.reset();
        at.parts.refresh();
        at.say(tr("Closed shapes stay empty again."));
    });
    at.add("will-be-light", tr("Working colour: will be light"), "Ctrl+Alt+0", sheet, [&at] { useWorkingColour(at, art::Meaning::willBeLight); });
    at.add("turn-working", tr("Turn working colours into their tones"), "Ctrl+Alt+T", sheet, [&at] { turnWorkingColours(at); });
}

} // namespace softrope::app
