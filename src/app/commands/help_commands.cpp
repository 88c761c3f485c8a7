// The commands of help, and the tablet stand-in.
#include "app/commands/desk.h"
#include "app/commands/keys_page.h"

#include <QApplication>
#include <QMessageBox>

namespace softrope::app {

void addHelpCommands(CommandDesk& at)
{
    using enum Group;
    at.add("replay", tr("Tablet stand-in: play recorded strokes…"), "F4", help, [&at] {
        const QString path = at.askFile(true, tr("Recorded strokes"), tr("Strokes (*.json);;All files (*)"), {});
        if (path.isEmpty()) return;
        const Recording r = readRecording(path);
        if (!r.problem.isEmpty())
            at.say(r.problem);
        else
            at.replay.start(r);
    });
    at.add(
        "replay-stop", tr("Tablet stand-in: stop"), "Shift+F4", help, [&at] { at.replay.stop(); }, [&at] { return at.replay.running(); });
    at.add("keys", tr("Keys"), "F1", help, [&at] {
        KeysPage page(at.commands, &at.window);
        if (page.exec() == KeysPage::jobWanted) at.files.job(std::nullopt);
    });
    at.add("job", tr("How the job goes"), "Ctrl+F1", help, [&at] { at.files.job(std::nullopt); });
    at.add("do-offered", tr("Do what the strip offers"), "Ctrl+Alt+Return", help, [&at] {
        if (!at.parts.doOffered()) at.say(tr("Nothing is offered now."));
    });
    at.add("happened", tr("What happened"), "F2", help, [&at] {
        QMessageBox box(&at.window);
        box.setWindowTitle(tr("What happened"));
        const QStringList all = at.parts.saidSoFar();
        box.setText(all.isEmpty() ? tr("Nothing yet.") : all.mid(std::max<qsizetype>(0, all.size() - 20)).join('\n'));
        box.exec();
    });
    at.add("about", tr("About Soft Rope"), "Shift+F1", help, [&at] {
        QMessageBox box(&at.window);
        box.setWindowTitle(tr("About Soft Rope"));
        box.setText(tr("Soft Rope %1\nClean vector artwork from sketches and reference pictures.\n\nFree software under the GNU General Public Licence, "
                       "version 3 or later.")
                        .arg(QApplication::applicationVersion()));
        box.exec();
    });
}

} // namespace softrope::app
