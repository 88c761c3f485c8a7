#include "app/theme/language.h"

#include "words/said.h"

#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

namespace softrope::app {

namespace {

// One text has one translation, whatever class says it: the files know a single context.
class Translation : public QTranslator {
public:
    using QTranslator::QTranslator;
    QString translate(const char*, const char* text, const char* note, int n) const override
    {
        const QString noted = QTranslator::translate("", text, note, n);
        return noted.isEmpty() && note ? QTranslator::translate("", text, nullptr, n) : noted;
    }
};

// Longer and full of accents, so that what is not translatable, or has no room for another language, is seen.
class Pretended : public QTranslator {
public:
    using QTranslator::QTranslator;
    bool isEmpty() const override { return false; }
    QString translate(const char*, const char* text, const char*, int n) const override { return pretended(QString::fromUtf8(text), n); }
};

} // namespace

QString pretended(const QString& english, int n)
{
    const QString text = QString(english).replace("(s)", n == 1 ? "" : "s");
    static const QString plain = "aceinosuyACEINOSU", marked = "áçéíñöšúýÁÇÉÍÑÖŠÚ";
    QString out;
    int letters = 0;
    bool tag = false;
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar c = text[i];
        const bool place = c == '%' && i + 1 < text.size() && (text[i + 1].isDigit() || text[i + 1] == 'n');
        if (c == '<' || c == '>') tag = c == '<';
        if (place) {
            out += c;
            out += text[++i];
            continue;
        }
        const qsizetype k = tag || c == '&' ? -1 : plain.indexOf(c);
        letters += !tag && c.isLetter();
        out += k >= 0 ? marked[k] : c;
    }
    if (n >= 0) out.replace("%n", QString::number(n));
    for (int more = (letters * 2 + 4) / 5; more > 0; --more) out += more % 8 == 0 ? QChar(' ') : QChar(0x00E9); // 40 % longer
    return out;
}

void useLanguage(const QString& code)
{
    static QTranslator* used = nullptr;
    static QTranslator* toolkit = nullptr;
    const QString wanted = code.isEmpty() ? QSettings().value("language").toString() : code;
    QTranslator* translator = nullptr;
    if (wanted == pseudoLanguage) {
        translator = new Pretended(QCoreApplication::instance());
    } else {
        translator = new Translation(QCoreApplication::instance());
        const bool found = wanted.isEmpty() ? translator->load(QLocale(), "soft-rope", "_", ":/i18n") : translator->load("soft-rope_" + wanted, ":/i18n");
        if (!found && !translator->load("soft-rope_en", ":/i18n")) {
            delete translator;
            return;
        }
    }
    for (QTranslator* old : {used, toolkit})
        if (old) QCoreApplication::removeTranslator(old);
    delete used;
    delete toolkit;
    used = translator;
    // The toolkit's own dialogs, where the desktop brings their words.
    toolkit = new QTranslator(QCoreApplication::instance());
    if (toolkit->load(wanted.isEmpty() ? QLocale() : QLocale(wanted), "qtbase", "_", QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(toolkit);
    QCoreApplication::installTranslator(used);
    words::useCatalogue([](const char* text, long long n) { return QCoreApplication::translate("", text, nullptr, static_cast<int>(n)).toStdString(); });
}

QStringList languages()
{
    QStringList codes;
    for (const QString& file : QDir(":/i18n").entryList({"soft-rope_*.qm"})) codes << file.mid(10).chopped(3);
    return codes;
}

} // namespace softrope::app
