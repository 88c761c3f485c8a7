// The commands of inks: adding, taking in hand, palettes.
#include "app/commands/desk.h"
#include "app/commands/palettes.h"
#include "app/services/in_hand.h"
#include "app/tools/colour/ink_hand.h"
#include "art/inks.h"
#include "tone/palette.h"

#include <QFileInfo>
#include <tuple>

namespace softrope::app {

namespace {

void paletteFromPicture(CommandDesk& at)
{
    const art::Item* i = referenceInHand(at.session.document(), at.session.selection());
    if (!i || at.busy()) {
        at.say(i ? tr("Other work is under way.") : tr("There is no picture to take inks from."));
        return;
    }
    const Progress progress;
    at.begin(tr("Taking inks"), progress);
    at.session.jobs().run<std::vector<art::Colour>>(
        Lane::working, &at.window,
        [shelf = &at.session.pictures(), r = *i->reference()](const Progress&) {
            std::vector<art::Colour> out;
            const auto picture = shelf->wait(r);
            if (!picture || picture->empty()) return out;
            const tone::Levels small = tone::levelsOf(*picture, 4e5);
            tone::LabPicture lab(small.colours.width, small.colours.height);
            for (std::size_t k = 0; k < lab.data.size(); ++k) lab.data[k] = pixel::quickLabOf(small.colours.data[k]);
            for (const pixel::Lab c : tone::findPalette(lab, 6).colours) {
                const pixel::Rgba q = pixel::rgbOf(c);
                out.push_back({q.r, q.g, q.b});
            }
            return out;
        },
        [&at, name = i->name](const std::optional<std::vector<art::Colour>>& found) {
            at.end();
            if (!found) return;
            const std::vector<art::Colour>& list = *found;
            art::Document d = at.session.document();
            for (const art::Colour c : list) d = art::withInk(d, name + " 1", c).document;
            at.session.take(d, tr("Inks from the picture"));
            at.say(tr("Took %1 inks from the picture. Ctrl+Z drops them.").arg(list.size()));
        },
        Jobs::For::thisPiece, progress);
}

} // namespace

void addInkCommands(CommandDesk& at)
{
    using enum Group;
    at.add("add-ink", tr("Add the colour in hand as an ink"), "Ctrl+Alt+I", area, [&at] {
        const art::Paint now = paintInHand(at.canvas);
        const art::Colour c = now.colour.value_or(art::Colour{46, 107, 102});
        const art::Added a = art::withInk(at.session.document(), tr("Ink %1").arg(at.session.document().inks.size() + 1).toStdString(), c);
        at.session.take(a.document, tr("Add ink"));
        takeInk(at.canvas, {a.id, 0});
    });
    for (int k = 0; k < 9; ++k)
        at.add(QString("ink-%1").arg(k + 1), tr("Ink %1 in hand").arg(k + 1), QString("Shift+%1").arg(k + 1), area, [&at, k] {
            const auto& inks = at.session.document().inks;
            if (k >= static_cast<int>(inks.size())) return;
            const art::Ink ink = inks[static_cast<std::size_t>(k)];
            takeInk(at.canvas, {ink.id, 0});
            if (!at.session.selection().items.empty())
                at.session.take(art::withPaint(at.session.document(), at.session.selection().items, paintInHand(at.canvas), whereInHand(at.canvas)),
                                tr("Paint %1").arg(QString::fromStdString(ink.name)));
            else if (at.step() != StepId::colour && at.canvas.tool() && at.canvas.tool()->drawsShapes()) {
                at.session.nextFill = paintInHand(at.canvas);
                at.say(tr("Closed shapes are filled with %1 from now on. %2 lets it go.")
                           .arg(QString::fromStdString(ink.name), at.commands.keysOf(*at.commands.find("let-fill-go"))));
            }
            at.parts.refresh();
        });
    at.add("palette-shelf", tr("Shelf of palettes"), "Ctrl+Alt+Shift+K", area, [&at] {
        const bool was = at.canvas.setting(settings::paletteShelf) && at.step() == StepId::colour;
        at.canvas.setSetting(settings::paletteShelf, !was);
        at.setStep(StepId::colour);
        at.parts.refresh();
    });
    at.add("palette-load", tr("Load a palette…"), "Ctrl+Alt+P", file, [&at] {
        const QString path = at.askFile(true, tr("Load a palette"), tr("Palettes (*.css *.json);;All files (*)"), {});
        if (!path.isEmpty()) loadPalette(at, path);
    });
    for (const auto& [id, name, filter, keys, end] :
         {std::tuple{"palette-css", tr("Save inks as CSS custom properties…"), tr("CSS (*.css)"), "Ctrl+Alt+K", "css"},
          {"palette-json", tr("Save inks as design tokens…"), tr("Design tokens (*.json)"), "Ctrl+Alt+J", "json"}}) {
        const QString ending = end, title = name, kinds = filter;
        at.add(id, name, keys, file, [&at, title, kinds, ending] {
            QString path = at.askFile(false, title, kinds, "inks." + ending);
            if (path.isEmpty()) return;
            if (!path.endsWith('.' + ending)) path += '.' + ending;
            const QString trouble = savePalette(at, path);
            at.say(trouble.isEmpty() ? tr("Saved the inks as %1.").arg(QFileInfo(path).fileName()) : trouble);
        });
    }
    at.add("palette-picture", tr("Take inks from the picture"), "Ctrl+Alt+Shift+P", area, [&at] { paletteFromPicture(at); });
}

} // namespace softrope::app
