#ifdef __SANITIZE_THREAD__
#include <tbb/global_control.h> // before the toolkit, which has a macro named as one of its members
#endif

#define CATCH_CONFIG_RUNNER
#include <catch2/catch.hpp>

#include "app/services/guard.h"
#include "app/theme/language.h"
#include "app/theme/theme.h"
#include "app/widgets/told.h"

#include <QDir>
#include <QSettings>
#include <QTemporaryDir>

namespace {

// Each test begins as if the program were started for the first time: a whole file of them runs in one process.
struct Afresh : Catch::TestEventListenerBase {
    using TestEventListenerBase::TestEventListenerBase;
    void testCaseStarting(const Catch::TestCaseInfo&) override
    {
        QSettings().clear();
        QDir(qEnvironmentVariable("XDG_STATE_HOME")).removeRecursively();
        softrope::app::useLanguage("en");
        softrope::app::applyTheme(softrope::app::Theme::day);
    }
};
CATCH_REGISTER_LISTENER(Afresh)

} // namespace

int main(int argc, char** argv)
{
    // Settings and state of the person who runs the tests stay untouched.
    const QTemporaryDir home;
    qputenv("XDG_CONFIG_HOME", home.filePath("config").toUtf8());
    qputenv("XDG_STATE_HOME", home.filePath("state").toUtf8());
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
#ifdef __SANITIZE_THREAD__
    // The sanitizer does not see where TBB waits for its workers, which comes without it: it looks at the interface's own threads.
    const tbb::global_control alone(tbb::global_control::max_allowed_parallelism, 1);
#endif
    // Listing tests must not open a window.
    softrope::app::Application application(argc, argv);
    QApplication::setOrganizationName("soft-rope-tests");
    QApplication::setApplicationName("soft-rope-tests");
    softrope::app::useLanguage("en");
    softrope::app::installTold();
    softrope::app::applyTheme(softrope::app::Theme::day);
    return Catch::Session().run(argc, argv);
}
