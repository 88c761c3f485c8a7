#include "app/theme/language.h"

#include <QCoreApplication>
#include <QDir>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

namespace softrope::app {

void useLanguage(const QString& code)
{
    static QTranslator* used = nullptr;
    const QString wanted = code.isEmpty() ? QSettings().value("language").toString() : code;
    auto* translator = new QTranslator(QCoreApplication::instance());
    const bool found = wanted.isEmpty() ? translator->load(QLocale(), "soft-rope", "_", ":/i18n") : translator->load("soft-rope_" + wanted, ":/i18n");
    if (!found && !translator->load("soft-rope_en", ":/i18n")) {
        delete translator;
        return;
    }
    if (used) QCoreApplication::removeTranslator(used);
    delete used;
    used = translator;
    QCoreApplication::installTranslator(used);
}

QStringList languages()
{
    QStringList codes;
    for (const QString& file : QDir(":/i18n").entryList({"soft-rope_*.qm"})) codes << file.mid(10).chopped(3);
    return codes;
}

} // namespace softrope::app
