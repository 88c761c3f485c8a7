#include "app/services/guard.h"
#include "app/theme/language.h"
#include "app/theme/text_size.h"
#include "app/theme/theme.h"
#include "app/widgets/told.h"
#include "app/window/one_instance.h"
#include "app/window/options.h"
#include "app/window/window.h"
#include "app/window/windows.h"
#include "words/version.h"

#include <QCommandLineParser>
#include <QDialog>
#include <QFileInfo>
#include <QPainter>
#include <QSessionManager>
#include <QSettings>
#include <QTimer>

#include <cstdlib>
#include <malloc.h>
#include <sys/resource.h>

using namespace softrope::app;

namespace {

// Each thread that asks for memory reserves 128 MB of addresses for itself. Where those are limited, that leaves little for what is
// opened, and libraries that do not look whether they got some end the program.
void shareMemory()
{
    constexpr rlim_t plenty = rlim_t{4} << 30;
    rlimit limit{};
    if (getrlimit(RLIMIT_AS, &limit) == 0 && limit.rlim_cur < plenty) mallopt(M_ARENA_MAX, 1);
}

} // namespace

int main(int argc, char** argv)
{
    shareMemory();
    QApplication::setApplicationName("soft-rope");
    QApplication::setOrganizationName("soft-rope");
    QSettings::setDefaultFormat(QSettings::IniFormat);
    useTextSize();
    Application application(argc, argv);
    QApplication::setApplicationDisplayName("Soft Rope");
    QApplication::setApplicationVersion(QString::fromUtf8(softrope::words::version().data()));
    QApplication::setDesktopFileName("soft-rope");

    QCommandLineParser parser;
    parser.setApplicationDescription("Soft Rope: clean vector artwork from sketches and reference pictures.");
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument("files", "Drawings to open, pictures to bring in.", "[files...]");
    for (const CommandLineOption& o : commandLineOptions) parser.addOption({o.name, o.text, o.value, o.otherwise});
    parser.process(application);

    // Another call of a program that runs hands its files over and ends. Not when it is to do something of its own.
    Call call{{}, parser.value("new")};
    for (const QString& file : parser.positionalArguments()) call.files << QFileInfo(file).absoluteFilePath();
    OneInstance instance;
    bool alone = parser.isSet("own-process");
    for (const CommandLineOption& o : commandLineOptions) alone = alone || (parser.isSet(o.name) && QString(o.name) != "new");
    if (!alone && instance.handOver(call)) return 0;

    Theme wanted = static_cast<Theme>(QSettings().value("theme", static_cast<int>(Theme::day)).toInt());
    if (parser.value("theme") == "evening") wanted = Theme::evening;
    if (parser.value("theme") == "day") wanted = Theme::day;
    if (parser.value("theme") == "desktop") wanted = Theme::desktop;
    if (parser.value("theme") == "contrast") wanted = Theme::contrast;
    useLanguage();
    installTold();
    applyTheme(wanted);

    Windows windows;
    Window& window = windows.another();
    const QStringList wh = parser.value("size").split('x');
    if (wh.size() == 2 && wh[0].toInt() > 0 && wh[1].toInt() > 0)
        window.resize(wh[0].toInt(), wh[1].toInt());
    else
        window.resize(QSettings().value("window/size", QSize(1280, 800)).toSize().boundedTo({16384, 16384}));
    window.show();
    const bool picture = parser.isSet("screenshot");
    // One command after the other; each waits for long work of the one before.
    QStringList queue;
    auto* next = new QTimer(&window);
    bool begun = false, played = false;
    QObject::connect(next, &QTimer::timeout, &window, [&] {
        if (!begun || window.working() || !window.session().jobs().waitForAll(0)) return;
        if (queue.isEmpty()) {
            next->stop();
            if (parser.isSet("replay")) {
                const Recording r = readRecording(parser.value("replay"));
                if (!r.problem.isEmpty())
                    qWarning("%s", qPrintable(r.problem));
                else
                    window.replay().start(r, parser.value("replay-speed").toDouble(), parser.value("replay-loops").toInt());
            }
            played = true;
            return;
        }
        const QString id = queue.takeFirst();
        if (!window.run(id)) qWarning("There is no command %s that can be run now.", qPrintable(id));
    });
    next->start(20);
    QTimer::singleShot(0, &window, [&] {
        if (!picture) window.offerRecovered();
        if (!call.files.isEmpty()) window.openFiles(call.files);
        if (!call.newFrom.isEmpty() && !window.run("template-" + call.newFrom)) qWarning("There is no template %s.", qPrintable(call.newFrom));
        queue = parser.value("run").split(',', Qt::SkipEmptyParts);
        // Once the files are open: a piece opens in the step where it was left.
        if (const int n = parser.value("step").toInt(); n >= 1 && n <= static_cast<int>(steps().size()))
            queue.prepend(QString("step-") + steps()[static_cast<std::size_t>(n) - 1]->key);
        begun = true;
    });
    if (picture) {
        auto* timer = new QTimer(&window);
        QObject::connect(timer, &QTimer::timeout, &window, [&, waited = 0]() mutable {
            waited += 200;
            if ((window.working() || !played || !window.canvas().settled() || window.replay().running() || waited < 1600) && waited < 30000) return;
            QPixmap seen = window.grab();
            // What stands before the window is in its middle.
            for (QDialog* d : window.findChildren<QDialog*>())
                if (d->isVisible()) {
                    const QPixmap front = d->grab();
                    QPainter p(&seen);
                    const QPoint at = window.rect().center() - d->rect().center();
                    p.setPen(colours().lineStrong);
                    p.drawRect(QRect(at, d->size()).adjusted(-1, -1, 0, 0));
                    p.drawPixmap(at, front);
                }
            const bool saved = seen.save(parser.value("screenshot"));
            if (!saved) qWarning("%s cannot be written.", qPrintable(parser.value("screenshot")));
            window.session().keeper().forget();
            QApplication::exit(saved ? 0 : 1);
        });
        timer->start(200);
    }
    if (!alone) {
        instance.listen();
        QObject::connect(&instance, &OneInstance::called, &windows, [&windows](const Call& asked) {
            windows.open(asked.files);
            if (!asked.newFrom.isEmpty()) windows.shown().run("template-" + asked.newFrom);
        });
    }
    // The desktop's session brings back what was open.
    QObject::connect(&application, &QGuiApplication::saveStateRequest, &windows, [&windows, &application](QSessionManager& session) {
        QStringList command{QApplication::applicationFilePath()};
        for (Window* w : windows.all())
            if (!w->session().path().isEmpty()) command << w->session().path();
        session.setRestartCommand(command);
        session.setRestartHint(QSessionManager::RestartIfRunning);
    });
    const int code = QApplication::exec();
    // Work that does not notice in time that it is not wanted any more must not keep the program from ending.
    if (!windows.workEnded(700)) std::_Exit(code);
    return code;
}
