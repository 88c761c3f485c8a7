#include "app/commands/palettes.h"

#include "app/commands/desk.h"
#include "art/inks.h"
#include "files/bytes.h"
#include "files/palettes.h"

namespace softrope::app {

void loadPalette(CommandDesk& at, const QString& path)
{
    const files::TextResult text = files::readText(path.toStdString());
    const files::PaletteResult p = text.ok() ? files::readPalette(text.text) : files::PaletteResult{{}, {}, text.problem};
    if (!p.ok()) {
        at.say(QString::fromStdString(p.problem));
        return;
    }
    art::Document d = at.session.document();
    for (const files::NamedColour& c : p.colours) d = art::withInk(d, c.name, c.colour).document;
    at.session.take(d, tr("Load palette"));
    at.say(p.leftOut.empty() ? tr("Loaded %1 inks.").arg(p.colours.size())
                             : tr("Loaded %1 inks; left out, as they are no colours: %2.")
                                   .arg(p.colours.size())
                                   .arg(QString::fromStdString(p.leftOut.front()) + (p.leftOut.size() > 1 ? " …" : "")));
}

QString savePalette(CommandDesk& at, const QString& path)
{
    std::vector<files::NamedColour> list;
    for (const art::Ink& i : at.session.document().inks)
        if (i.meaning == art::Meaning::paint) list.push_back({i.name, i.colour});
    if (list.empty()) return tr("There are no inks to save.");
    const files::FileResult r =
        files::saveAtomically(path.toStdString(), path.endsWith(".css") ? files::writeCssPalette(list) : files::writeTokenPalette(list));
    return QString::fromStdString(r.problem);
}

} // namespace softrope::app
