// The shelf of ready palettes: looked at, the drawing shows itself in one; taken, its inks are the document's.
#include "app/cards/sections.h"
#include "app/widgets/ink_widgets.h"
#include "art/ready_palettes.h"
#include "words/said.h"

namespace softrope::app {

namespace {

art::Document inPalette(const art::Document& d, const art::ReadyPalette& ready)
{
    const art::LoadedInks loaded = art::withReadyPalette(d, ready);
    return art::withPaletteLaid(loaded.document, loaded.inks);
}

} // namespace

void paletteShelf(Fields& f)
{
    CardDesk& at = f.at;
    const auto now = [&at] { return at.session.document(); };
    f.note(tr("Palettes to begin with; point at one to see the drawing in it"));
    for (const art::ReadyPalette& palette : art::readyPalettes()) {
        const QString name = tr(palette.name);
        std::vector<QColor> colours;
        QStringList inks;
        for (const art::ReadyInk& ink : palette.inks) {
            colours.push_back(qColour(ink.colour));
            inks << tr(ink.name);
        }
        auto* strip = new PaletteStrip(name, std::move(colours), inks);
        f.add(strip);
        QObject::connect(strip, &PaletteStrip::looked, &at.canvas, [&at, &palette, now](bool looked) {
            at.canvas.showInstead(looked && at.canvas.setting(settings::paletteLays) ? std::optional(inPalette(now(), palette)) : std::nullopt);
        });
        QObject::connect(strip, &QAbstractButton::clicked, [&at, &palette, name, now] {
            const bool lays = at.canvas.setting(settings::paletteLays);
            at.session.take(lays ? inPalette(now(), palette) : art::withReadyPalette(now(), palette).document, tr("Palette %1").arg(name));
            at.canvas.say(lays ? tr("The inks of %1 are loaded, and the drawing is painted with them. Ctrl+Z puts both back.").arg(name)
                               : tr("The inks of %1 are loaded.").arg(name));
            at.refresh();
        });
    }
    f.tickBox(
        tr("Paints the drawing too"), tr("What is darker stays darker, by about as much; locked layers stay"),
        [&at] { return at.canvas.setting(settings::paletteLays); }, [&at](bool on) { at.canvas.setSetting(settings::paletteLays, on); });
}

} // namespace softrope::app
