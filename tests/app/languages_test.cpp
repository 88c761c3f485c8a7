// Other languages: all that is shown can be translated and has room, and the languages that ship are complete.
#include "app/canvas/settings.h"
#include "app/services/tracer.h"
#include "app/steps/step.h"
#include "app/theme/language.h"
#include "app/theme/words.h"
#include "app/tools/tone/tone_desk.h"
#include "app/widgets/widgets.h"
#include "art/tree.h"
#include "hand.h"
#include "letter/faces.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QRegularExpression>
#include <QScrollArea>
#include <QXmlStreamReader>

#include <set>

using namespace softrope;

namespace {

// A language for one test; English after it.
struct Speaking {
    explicit Speaking(const QString& code) { app::useLanguage(code); }
    ~Speaking() { app::useLanguage("en"); }
};

struct Text {
    QString source;
    QStringList forms;
    bool finished = true;
};

std::vector<Text> textsOf(const QString& language)
{
    QFile file(QString(SOFT_ROPE_SOURCE) + "/data/translations/soft-rope_" + language + ".ts");
    REQUIRE(file.open(QIODevice::ReadOnly));
    QXmlStreamReader in(&file);
    std::vector<Text> all;
    bool translation = false;
    QString content;
    while (!in.atEnd()) {
        const auto token = in.readNext();
        if (token == QXmlStreamReader::StartElement) {
            content.clear();
            if (in.name() == u"message") all.emplace_back();
            if (in.name() == u"translation") {
                translation = true;
                all.back().finished = in.attributes().value("type").isEmpty();
            }
        } else if (token == QXmlStreamReader::Characters) {
            content += in.text();
        } else if (token == QXmlStreamReader::EndElement) {
            if (in.name() == u"source") all.back().source = content;
            if (in.name() == u"numerusform" || (in.name() == u"translation" && all.back().forms.isEmpty())) all.back().forms << content;
            translation = translation && in.name() != u"translation";
        }
    }
    return all;
}

QStringList placesIn(const QString& text)
{
    static const QRegularExpression place("%(\\d|n)");
    QStringList found;
    for (auto i = place.globalMatch(text); i.hasNext();) found << i.next().captured();
    found.sort();
    return found;
}

// Letters that the pretended language never leaves plain.
bool plain(QString text)
{
    text = text.section('\t', 0, 0);
    static const QRegularExpression noWord(
        "<[^>]*>|&[a-z]+;|#[0-9a-f]{6}|https?:\\S*|\\b(px|mm|in|dpi|Soft Rope|OKLab|WCAG|Ctrl|Shift|Alt|Esc|Enter|Delete|Space|Backspace|Return|Del|"
        "Ins|Up|Down|Left|Right|[A-Z]|F\\d+|Deutsch|Español|English|American|de|España|untitled)\\b|\\S+\\.(svg|png|pdf|json|css)");
    text.remove(noWord);
    static const QRegularExpression left("[aeiouAEIOU]");
    return left.match(text).hasMatch();
}

void check(const QString& where, const QString& what, const QString& text)
{
    static std::set<QString> good; // most texts are seen at every look
    if (good.count(text)) return;
    if (!plain(text)) {
        good.insert(text);
        return;
    }
    INFO(where.toStdString() << ", " << what.toStdString() << ": " << text.toStdString());
    CHECK_FALSE(plain(text));
}

// Typefaces and their styles are called what their makers call them.
const std::set<QString>& typefaceNames()
{
    static const std::set<QString> all = [] {
        std::set<QString> names;
        for (const letter::Family& f : letter::families()) {
            names.insert(QString::fromStdString(f.name));
            for (const letter::Listed& face : f.faces) names.insert(QString::fromStdString(face.style));
        }
        return names;
    }();
    return all;
}

// Every text of what is visible comes from the language in force; `own` are names that somebody gave.
void checkTranslated(app::Window& w, const QString& where, const std::set<QString>& own)
{
    const auto see = [&](const char* what, const QString& text) {
        if (typefaceNames().count(text)) return;
        QString said = text;
        for (const QString& name : own) said.remove(name);
        check(where, what, said);
    };
    for (QWidget* c : w.findChildren<QWidget*>()) {
        if (!c->isVisible()) continue;
        see("tip", c->toolTip());
        see("name", c->accessibleName());
        if (auto* l = qobject_cast<QLabel*>(c)) see("label", l->text());
        if (auto* b = qobject_cast<QAbstractButton*>(c)) see("button", b->text());
        if (auto* e = qobject_cast<QLineEdit*>(c)) see("field", e->placeholderText());
        if (auto* b = qobject_cast<QComboBox*>(c))
            for (int i = 0; i < b->count(); ++i) see("choice", b->itemText(i));
    }
}

// Nothing is cut off: labels and buttons have the room that their text takes.
void checkRoom(app::Window& w, const QString& where)
{
    for (QWidget* c : w.findChildren<QWidget*>()) {
        if (!c->isVisible() || c->visibleRegion().isEmpty()) continue;
        INFO(where.toStdString() << ": " << c->metaObject()->className() << " " << c->accessibleName().toStdString());
        if (auto* l = qobject_cast<QLabel*>(c); l && !l->text().isEmpty() && l->pixmap().isNull()) {
            INFO(l->text().toStdString());
            if (l->wordWrap())
                CHECK(l->heightForWidth(l->width()) <= l->height() + 1);
            else if (l->sizePolicy().horizontalPolicy() != QSizePolicy::Ignored || l->textFormat() != Qt::RichText)
                CHECK(l->sizeHint().width() <= l->width() + 1);
        } else if (auto* b = qobject_cast<QAbstractButton*>(c); b && !b->text().isEmpty()) {
            INFO(b->text().toStdString());
            const auto* pill = qobject_cast<app::Pill*>(b);
            CHECK((pill || qobject_cast<QCheckBox*>(b) ? b->sizeHint() : b->minimumSizeHint()).width() <= b->width() + 1);
        }
        // What lies in the card lies in it wholly, from left to right; the proof shelf scrolls.
        if (auto* area = c->parentWidget() ? qobject_cast<QScrollArea*>(c->parentWidget()->parentWidget()) : nullptr;
            area && area->widget() == c && area->horizontalScrollBarPolicy() == Qt::ScrollBarAlwaysOff)
            CHECK(c->width() <= area->viewport()->width() + 1);
    }
}

// The groups over the bench stand side by side.
void checkSightLine(app::Window& w, const QString& where)
{
    auto* line = w.findChild<app::SightLine*>();
    QList<QWidget*> groups = line->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly);
    for (QWidget* a : groups)
        for (QWidget* b : groups) {
            if (a == b || !a->isVisible() || !b->isVisible()) continue;
            INFO(where.toStdString());
            CHECK_FALSE(a->geometry().intersects(b->geometry()));
        }
}

} // namespace

TEST_CASE("German and Spanish say everything, with every place of the English")
{
    const QStringList shipped = app::languages();
    for (const QString code : {"de", "es"}) {
        CHECK(shipped.contains(code));
        const std::vector<Text> all = textsOf(code);
        CHECK(all.size() > 1000);
        for (const Text& t : all) {
            INFO(code.toStdString() << ": " << t.source.toStdString());
            CHECK(t.finished);
            CHECK(t.forms.size() == (t.source.contains("%n") ? 2 : 1));
            for (const QString& form : t.forms) {
                CHECK_FALSE(form.isEmpty());
                CHECK(placesIn(form) == placesIn(t.source));
            }
        }
    }
}

TEST_CASE("a chosen language is spoken by the tools, the core and in numbers")
{
    {
        const Speaking german("de");
        app::Window w;
        hand::Hand h(w);
        CHECK(h.canvas().toolNamed("rope")->name() == "Seil");
        CHECK(app::tr("%n area(s)", nullptr, 1) == "1 Fläche");
        CHECK(app::tr("%n area(s)", nullptr, 3) == "3 Flächen");
        w.openDrawing("/nowhere/moth.svg");
        REQUIRE(hand::waitFor([&] { return w.lastSaid().contains("Es gibt keine Datei moth.svg."); }));
    }
    CHECK(app::tr("%n area(s)", nullptr, 3) == "3 areas");
    CHECK(app::pretended("%n area(s), %1", 2).startsWith("2 áréáš, %1"));
}

TEST_CASE("in a language that is 40 % longer every text of every step is translated and has room")
{
    const Speaking pretended(app::pseudoLanguage);
    app::Window w;
    hand::Hand h(w);
    w.setStep(app::StepId::trace);
    h.canvas().takeTool("pen");
    for (const auto& p : {curve::Vec2{200, 300}, {600, 320}, {420, 700}}) h.click(p);
    h.key(Qt::Key_Escape);
    const art::Id id = h.lines().at(0)->id;
    REQUIRE(w.run("add-ink"));
    REQUIRE(w.run("add-ink"));
    h.canvas().takeTool("freehand");
    std::vector<curve::Vec2> stroke;
    for (int k = 0; k <= 160; ++k) stroke.push_back({200 + 3.5 * k, 500 + 90 * std::sin(k * 0.04) + (k % 3)});
    h.stroke(stroke);
    const art::Id drawn = h.lines().at(1)->id;
    w.session().pickItems({id, drawn});
    REQUIRE(w.run("duplicate"));
    REQUIRE(w.run("group"));
    const art::Id group = w.session().selection().items.at(0);
    w.scanPage("moth", 60, 4); // what is traced is beside the point
    hand::idle(w);
    art::Id picture = 0;
    std::set<QString> own;
    art::eachItem(h.document(), {}, [&](const art::Item& i, const art::Where&) {
        if (i.reference()) picture = i.id;
        if (!i.name.empty()) own.insert(QString::fromStdString(i.name));
    });
    REQUIRE(picture != 0);
    for (const art::Ink& i : h.document().inks) own.insert(QString::fromStdString(i.name));
    for (const art::LayerPtr& l : h.document().layers) own.insert(QString::fromStdString(l->name));
    for (const QSize size : {QSize(1024, 700), QSize(1280, 800)}) {
        w.resize(size);
        for (const auto& s : app::steps()) {
            w.setStep(s->id);
            const auto look = [&](const QString& where) {
                hand::idle(w);
                hand::settle(20);
                const QString at = QString("%1 px wide, %2, %3").arg(size.width()).arg(s->key, where);
                if (size.width() == 1024) checkTranslated(w, at, own); // the words are the same in both
                checkRoom(w, at);
                checkSightLine(w, at);
            };
            w.session().pickItems({});
            look("nothing picked");
            w.session().pickItems({id});
            look("a line");
            for (const QString& tool : s->tools()) {
                w.session().pickItems({});
                h.canvas().takeTool(tool);
                look(tool);
            }
            h.canvas().takeTool("pick");
            if (size.width() > 1024) continue; // the card is as wide in both
            w.session().pickItems({drawn});
            look("a line of the hand");
            w.session().pickItems({id, drawn});
            look("several");
            w.session().pickItems({group});
            look("a group");
            w.session().pickItems({picture});
            look("a picture");
            if (s->id == app::StepId::trace)
                for (const auto what : {app::TraceSettings::What::shapes, app::TraceSettings::What::lines, app::TraceSettings::What::tones}) {
                    w.session().pickItems({});
                    w.tracer().begin(what);
                    look("a trace");
                    w.tracer().end();
                }
            if (s->id == app::StepId::tone) {
                w.session().pickItems({});
                w.desk().begin(3);
                look("a tone stack");
            }
        }
    }
    for (QMenu* m : w.findChildren<QMenu*>())
        for (QAction* a : m->actions()) check("menu", m->title(), a->text());
    for (const app::Command& c : w.commands()) check("command", c.id, c.name);
}
