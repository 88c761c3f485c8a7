// The commands of files: opening, keeping, bringing in, exporting.
#include "app/commands/desk.h"
#include "app/services/recent.h"
#include "art/templates.h"
#include "demo/pages.h"

#include <QFileDialog>
#include <QSettings>

namespace softrope::app {

void addFileCommands(CommandDesk& at)
{
    using enum Group;
    at.add("new", tr("New sheet"), "Ctrl+N", file, [&at] { at.files.newPiece(); });
    at.add("open", tr("Open…"), "Ctrl+O", file, [&at] {
        const QString path = at.askFile(true, tr("Open"), tr("Drawings (*.svg *.svgz);;All files (*)"), {});
        if (!path.isEmpty()) at.files.open(path);
    });
    int sheetKey = 0;
    for (const art::Template& t : art::templates())
        at.commands.add({QString("template-") + t.id, tr("New from a template: %1").arg(QString("%1, %2").arg(tr(t.name), tr(t.size))),
                         QString("Ctrl+%1").arg(++sheetKey), file, [&at, id = QString(t.id)] { at.files.beginFrom(id); }});
    at.add("new-window", tr("New window"), "Ctrl+Shift+F2", file, [&at] { at.files.newWindow(); });
    at.add("open-recent", tr("Open a recent piece…"), "Ctrl+Alt+R", file, [&at] { at.files.openRecent(); });
    at.add("open-demo", tr("Open a piece of the demo…"), "Ctrl+Alt+O", file, [&at] { at.files.openDemo(); });
    at.add("open-aside", tr("Open what was put aside…"), "Ctrl+Shift+O", file, [&at] { at.files.openAside(); });
    at.add("save", tr("Save"), "Ctrl+S", file, [&at] { at.files.save(); });
    at.add("save-as", tr("Save as…"), "Ctrl+Shift+S", file, [&at] { at.files.saveAs(); });
    at.add("about-piece", tr("About this piece…"), "Ctrl+F2", file, [&at] { at.files.about(); });
    at.add("bring-picture", tr("Bring in pictures…"), "Ctrl+I", file, [&at] {
        const QStringList paths = QFileDialog::getOpenFileNames(&at.window, tr("Bring in pictures"), QSettings().value("folder").toString(),
                                                                tr("Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif *.pdf);;All files (*)"));
        if (!paths.isEmpty()) at.files.bring(paths);
    });
    at.add("export", tr("Export…"), "Ctrl+E", file, [&at] {
        const QString path = at.askFile(false, tr("Export"), tr("Clean SVG (*.svg);;PDF (*.pdf);;PNG (*.png)"), at.files.suggestedName() + "-clean.svg");
        if (!path.isEmpty()) at.files.exportTo(path, 0);
    });
    at.add("export-large", tr("Export PNG at twice the size…"), "Ctrl+Shift+E", file, [&at] {
        const QString path = at.askFile(false, tr("Export PNG"), tr("PNG (*.png)"), at.files.suggestedName() + "-2x.png");
        if (!path.isEmpty()) at.files.exportTo(path, static_cast<int>(at.session.document().sheet.width * 2));
    });
    at.add("export-flat", tr("Export flat SVG…"), "Ctrl+Alt+Shift+E", file, [&at] {
        QString path = at.askFile(false, tr("Export flat SVG"), tr("Flat SVG: opaque areas only (*.svg)"), at.files.suggestedName() + "-flat.svg");
        if (path.isEmpty()) return;
        if (!path.endsWith(".svg", Qt::CaseInsensitive)) path += ".svg";
        at.files.exportFlat(path);
    });
    at.add("deliver", tr("Deliver…"), "Ctrl+F10", file, [&at] { at.files.deliver(); });
    int scanKey = 0;
    for (const demo::Page& page : demo::pages())
        for (const int dpi : {150, 300}) {
            const QString id = QString("scan-%1-%2").arg(QString::fromStdString(page.id)).arg(dpi);
            at.commands.add({id, tr("Scan a page: %1, %2 dpi").arg(QString::fromStdString(page.title)).arg(dpi), QString("Ctrl+Alt+%1").arg(++scanKey), file,
                             [&at, page, dpi] {
                                 QSettings kept;
                                 const quint64 seed = kept.value("scanner/seed", 1).toULongLong();
                                 kept.setValue("scanner/seed", seed + 1);
                                 at.files.scan(QString::fromStdString(page.id), dpi, seed);
                             },
                             [&at] { return !at.busy(); }});
        }
    at.add("forget-recent", tr("Forget recent pieces"), "Ctrl+Alt+Shift+R", file, [&at] {
        forgetRecent();
        at.parts.refresh();
        at.say(tr("The list of recent pieces is empty."));
    });
    at.add("close-window", tr("Close window"), "Ctrl+W", file, [&at] { at.files.closeWindow(); });
    at.add("quit", tr("Quit"), "Ctrl+Q", file, [&at] { at.files.quit(); });
    at.add("picture-shelf", tr("Picture shelf…"), "Ctrl+Shift+I", file, [&at] { at.files.shelf(); });
}

} // namespace softrope::app
