// The commands of parts of foreign drawings that were kept whole.
#include "app/commands/desk.h"
#include "art/arrange.h"
#include "art/islands.h"
#include "files/pictures.h"
#include "files/take_apart.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

art::Id islandPicked(const art::Document& d, const art::Selection& s)
{
    const art::Item* i = s.items.size() == 1 ? d.item(s.items.front()) : nullptr;
    return i && i->island() ? i->id : 0;
}

void takeApart(CommandDesk& at)
{
    at.acts.run(tr("Take apart"), Acts::atOnce + 1, [](const art::Document& d, const art::Selection& picked) {
        const art::Id id = islandPicked(d, picked);
        if (!id) return Outcome{{}, {}, tr("Pick one part that was kept whole.")};
        const files::TakenApart apart = files::takenApart(*d.item(id)->island());
        if (apart.items.empty()) return Outcome{{}, {}, tr("Nothing in it can be read. Trace it instead.")};
        const art::Taken t = art::withIslandApart(d, id, apart.items);
        if (t.why != art::Refusal::none) return Outcome{{}, {}, refusalText(t.why)};
        QStringList left;
        for (const std::string& l : apart.leftOut) left << QString::fromStdString(l);
        art::Selection s = picked;
        s.items = t.items;
        s.nodes.clear();
        return Outcome{t.document, s, left.isEmpty() ? tr("All of it was read.") : tr("What could not be read: %1.").arg(left.join(", "))};
    });
}

// Its picture as a PNG on white, so many px to one of the sheet.
art::Shared<art::PictureFile> pictureOf(const art::Document& d, art::Id island, const curve::Box& box, double density)
{
    art::Document only = art::withSheetAt(art::fragmentOf(d, {island}), box);
    only.sheet.hasBackground = true;
    only.sheet.background = {255, 255, 255};
    const pixel::Picture picture = render::renderSheet(only, static_cast<int>(std::lround(box.width() * density)), {});
    art::PictureFile file{files::writePng(picture), "png", picture.width, picture.height};
    if (file.bytes.empty()) return {};
    return art::shared(std::move(file));
}

void traceIt(CommandDesk& at)
{
    at.acts.run(tr("Trace it"), Acts::atOnce + 1, [](const art::Document& d, const art::Selection& picked) {
        const art::Id id = islandPicked(d, picked);
        if (!id) return Outcome{{}, {}, tr("Pick one part that was kept whole.")};
        constexpr double side = 2000; // px: what tracing wants, whatever the size on the sheet
        const curve::Box box = art::bounds(*d.item(id)).grown(1);
        const double density = side / std::max({box.width(), box.height(), 1.0});
        const art::Shared<art::PictureFile> picture = pictureOf(d, id, box, density);
        if (!picture) return Outcome{{}, {}, tr("There is no memory for its picture.")};
        const art::Added made = art::withIslandTraced(d, id, picture, density);
        if (!made.id) return Outcome{{}, {}, refusalText(made.why)};
        art::Selection s = picked;
        s.items = {made.id};
        s.nodes.clear();
        return Outcome{made.document, s, tr("Its picture lies in its place, to be traced; the part itself is hidden.")};
    });
}

} // namespace

void addIslandCommands(CommandDesk& at)
{
    const auto one = [&at] { return islandPicked(at.session.document(), at.session.selection()) != 0; };
    at.add(
        "island-apart", tr("Take apart what was kept whole"), "Alt+Shift+Z", Group::area, [&at] { takeApart(at); }, one);
    at.add(
        "island-trace", tr("Trace what was kept whole"), "Ctrl+Alt+Shift+T", Group::area, [&at] { traceIt(at); }, one);
}

} // namespace softrope::app
