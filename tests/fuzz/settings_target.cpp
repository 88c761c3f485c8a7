// The settings of a person, changed by hand or damaged: the window opens with them, every tool draws with them, and what is drawn can be
// kept.
#include "app/canvas/canvas.h"
#include "app/services/guard.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "app/window/window.h"
#include "files/svg.h"
#include "fuzz/target.h"

#include <QFile>
#include <QMouseEvent>
#include <QSettings>
#include <QTemporaryDir>

using namespace softrope;

namespace {

// One application for all inputs, with settings and state of its own.
app::Application& application()
{
    static const QTemporaryDir home;
    static int count = 1;
    static char name[] = "fuzz_settings";
    static char* arguments[] = {name, nullptr};
    static app::Application* const one = [] {
        for (const char* where : {"XDG_CONFIG_HOME", "XDG_STATE_HOME", "XDG_CACHE_HOME"}) qputenv(where, home.filePath(where).toUtf8());
        qputenv("QT_QPA_PLATFORM", "offscreen");
        auto* made = new app::Application(count, arguments); // for as long as the program runs
        QApplication::setOrganizationName("soft-rope-fuzz");
        QApplication::setApplicationName("soft-rope-fuzz");
        return made;
    }();
    return *one;
}

void take(const std::uint8_t* data, std::size_t size)
{
    const QTemporaryDir folder;
    const QString path = folder.filePath("given.ini");
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return;
    file.write(reinterpret_cast<const char*>(data), static_cast<qint64>(size));
    file.close();
    const QSettings given(path, QSettings::IniFormat);
    QSettings own;
    own.clear();
    for (const QString& key : given.allKeys()) own.setValue(key, given.value(key));
}

void drag(app::Canvas& bench)
{
    const auto send = [&](QEvent::Type type, QPointF at) {
        const bool move = type == QEvent::MouseMove, up = type == QEvent::MouseButtonRelease;
        QMouseEvent e(type, at, bench.mapToGlobal(at), move ? Qt::NoButton : Qt::LeftButton, up ? Qt::NoButton : Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&bench, &e);
    };
    const QPointF from(bench.width() * 0.4, bench.height() * 0.4);
    send(QEvent::MouseButtonPress, from);
    for (int k = 1; k <= 12; ++k) send(QEvent::MouseMove, from + QPointF(8 * k, 5 * k - k * k));
    send(QEvent::MouseButtonRelease, from + QPointF(96, -84));
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    application();
    take(data, size);
    app::useLanguage();
    app::applyTheme(static_cast<app::Theme>(QSettings().value("theme").toInt()));
    app::Window w;
    w.resize(1024, 700);
    w.show();
    for (const auto& s : app::steps()) {
        w.setStep(s->id);
        for (const QString& tool : s->tools()) {
            w.canvas().takeTool(tool);
            drag(w.canvas());
            QKeyEvent escape(QEvent::KeyPress, Qt::Key_Escape, Qt::NoModifier);
            QApplication::sendEvent(&w.canvas(), &escape);
        }
        QCoreApplication::processEvents();
    }
    const art::Document& d = w.session().document();
    const files::SvgResult again = files::readSvg(files::writeWorkingSvg(d));
    fuzz::must(again.ok(), "what was drawn can be kept");
    fuzz::must(again.document == d, "and is the same when it is opened");
    return 0;
}
