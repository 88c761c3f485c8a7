// The commands of lettering.
#include "app/commands/desk.h"
#include "art/lettering.h"

namespace softrope::app {

namespace {

void toShapes(CommandDesk& at, bool apart)
{
    const auto& items = at.session.selection().items;
    const art::Taken t = apart ? art::withLettersApart(at.session.document(), items) : art::withLettersUnited(at.session.document(), items);
    if (t.items.empty()) {
        at.say(t.why == art::Refusal::doesNotFit ? tr("Pick words first.") : refusalText(t.why));
        return;
    }
    art::Selection s = at.session.selection();
    s.items = t.items;
    s.nodes.clear();
    at.session.take(t.document, s, apart ? tr("Letters apart") : tr("Words to shapes"));
    at.say(apart ? tr("Each letter is a shape now. Undo brings the words back.") : tr("The words are one shape now. Undo brings them back."));
}

} // namespace

void addWordCommands(CommandDesk& at)
{
    const auto picked = at.picked();
    at.add("svg-text", tr("Words in exported SVG as text or outlines"), "Alt+Shift+A", Group::file, [&at] {
        const bool text = !at.canvas.setting(settings::svgText);
        at.canvas.setSetting(settings::svgText, text);
        at.say(text ? tr("Exported SVG holds words as text: they look the same only where the typeface is.")
                    : tr("Exported SVG holds words as outlines: they look the same everywhere."));
    });
    at.add(
        "letters-united", tr("Words to one shape"), "Ctrl+Alt+Shift+U", Group::area, [&at] { toShapes(at, false); }, picked);
    at.add(
        "letters-apart", tr("Words to a shape for each letter"), "Ctrl+Alt+Shift+J", Group::area, [&at] { toShapes(at, true); }, picked);
}

} // namespace softrope::app
