// The Deliver dialogue by pointer and keys: what it offers, remembers and refuses; variants corrected by hand.
#include "app/hand.h"

#include "art/edits.h"
#include "art/stages.h"
#include "deliver/variants.h"
#include "files/svg.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDate>
#include <QDir>
#include <QFile>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTreeWidget>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

struct Work {
    app::Window w;
    Hand h{w};
    art::Id wing = 0, spot = 0;
    QTemporaryDir folder;
    Work()
    {
        art::Document d = art::newDocument();
        d.title = "Paper Moth";
        wing = hand::put(d, curve::circle({500, 500}, 300), {246, 236, 214});
        spot = hand::put(d, curve::circle({500, 400}, 80), {30, 42, 66});
        w.session().start(d, {});
        h.canvas().fitSheet();
        w.setStep(app::StepId::proof);
        hand::idle(w);
    }
    const art::Document& d() { return w.session().document(); }
    app::DeliverDialog& dialog()
    {
        w.run("deliver");
        auto* found = w.findChild<app::DeliverDialog*>("deliver");
        REQUIRE(found);
        ready(*found);
        return *found;
    }
    static void ready(app::DeliverDialog& g)
    {
        REQUIRE(hand::waitFor([&] { return g.upToDate(); }));
    }
    static QStringList files(app::DeliverDialog& g)
    {
        ready(g);
        QStringList out;
        auto* list = hand::shown<QTreeWidget>(g, "Files");
        for (int k = 0; k < list->topLevelItemCount(); ++k) {
            out << list->topLevelItem(k)->text(0);
            CHECK(list->topLevelItem(k)->text(1) != QString::fromUtf8("…"));
        }
        return out;
    }
    static void tick(app::DeliverDialog& g, const QString& name, bool on)
    {
        auto* t = hand::shown<QCheckBox>(g, name);
        if (t->isChecked() != on) t->click();
    }
    static void type(app::DeliverDialog& g, const QString& name, const QString& text)
    {
        auto* f = hand::shown<QLineEdit>(g, name);
        f->setFocus();
        f->selectAll();
        if (text.isEmpty())
            QTest::keyClick(f, Qt::Key_Backspace);
        else
            QTest::keyClicks(f, text);
        emit f->editingFinished();
    }
    static void choose(app::DeliverDialog& g, int k)
    {
        auto* box = hand::shown<QComboBox>(g, "What");
        box->setCurrentIndex(k);
        emit box->activated(k);
    }
    void to(app::DeliverDialog& g, const QString& name) { hand::shown<QLineEdit>(g, "Folder")->setText(folder.filePath(name)); }
};

} // namespace

TEST_CASE("the list of files follows what is ticked, in names as asked for")
{
    Work k;
    app::DeliverDialog& g = k.dialog();
    CHECK(Work::files(g).contains("paper-moth-one-ink-1024.png"));
    for (const char* v : {"Full colour", "One ink", "Reversed", "Line only", "Flat"}) Work::tick(g, v, false);
    for (const char* f : {"SVG, clean", "SVG with words", "PDF", "EPS", "PNG"}) Work::tick(g, f, false);
    Work::tick(g, "Delivery sheet", false);
    CHECK(Work::files(g).isEmpty());
    CHECK_FALSE(hand::shown<QPushButton>(g, "Deliver")->isEnabled());
    Work::tick(g, "Line only", true);
    Work::tick(g, "EPS", true);
    CHECK(Work::files(g) == QStringList{"paper-moth-line-only.eps"});
    Work::type(g, "Names", "{date} {title} {variant}");
    CHECK(Work::files(g) == QStringList{QDate::currentDate().toString(Qt::ISODate) + "-paper-moth-line-only.eps"});
    Work::tick(g, "EPS", false);
    Work::tick(g, "PNG", true);
    Work::type(g, "PNG widths", "64, 0 x 200 64 99999999");
    Work::type(g, "Icons", "16 32");
    Work::type(g, "Names", "{title}");
    CHECK(Work::files(g) == QStringList{"paper-moth-64.png", "paper-moth-200.png", "paper-moth-icon-16.png", "paper-moth-icon-32.png"});
    // Pictures of the variants stand beside it.
    Work::tick(g, "Full colour", true);
    Work::ready(g);
    REQUIRE(hand::waitFor([&] { return hand::shown<QListWidget>(g, "Variants")->count() == 2; }));
}

TEST_CASE("what is picked is delivered by itself, and each layer under its name")
{
    Work k;
    k.w.session().pickItems({k.spot});
    app::DeliverDialog& g = k.dialog();
    for (const char* v : {"One ink", "Reversed"}) Work::tick(g, v, false);
    for (const char* f : {"PDF", "PNG"}) Work::tick(g, f, false);
    Work::tick(g, "Delivery sheet", false);
    Work::choose(g, 1);
    CHECK(Work::files(g) == QStringList{"paper-moth.svg"});
    k.to(g, "spot");
    QPointer<QDialog> open = &g;
    hand::push(g, "Deliver");
    REQUIRE(hand::waitFor([&] { return !open; }));
    const files::SvgResult r = files::readSvg(files::readText(k.folder.filePath("spot/paper-moth.svg").toStdString()).text);
    REQUIRE(r.ok());
    CHECK(r.document.sheet.width == Approx(160).margin(0.5));
    CHECK(art::nodeCount(r.document) == 4);
    // Layers.
    const art::Added sky = art::withNewLayer(k.d(), "Night sky");
    art::Document two = sky.document;
    two = art::withItem(two, sky.id, *two.item(k.spot)).document;
    k.w.session().take(two, "Layer");
    app::DeliverDialog& again = k.dialog();
    Work::choose(again, 2);
    const QStringList names = Work::files(again);
    CHECK(names.size() == 2);
    CHECK(names.contains("paper-moth-night-sky.svg"));
}

TEST_CASE("the plan is remembered with the document, through its file")
{
    Work k;
    {
        app::DeliverDialog& g = k.dialog();
        Work::tick(g, "Flat", true);
        Work::tick(g, "PDF", false);
        Work::type(g, "PNG widths", "77");
        auto* bleed = hand::shown<app::NumberField>(g, "Bleed");
        bleed->setFocus();
        bleed->selectAll();
        QTest::keyClicks(bleed, "3");
        QTest::keyClick(bleed, Qt::Key_Tab);
        Work::tick(g, "Crop marks", true);
        Work::ready(g);
        k.to(g, "one");
        QPointer<QDialog> open = &g;
        hand::push(g, "Deliver");
        REQUIRE(hand::waitFor([&] { return !open; }));
    }
    const QString file = k.folder.filePath("moth.svg");
    CHECK(hand::saved(k.w.session(), file).isEmpty());
    REQUIRE(hand::opened(k.w, file));
    app::DeliverDialog& g = k.dialog();
    CHECK(hand::shown<QCheckBox>(g, "Flat")->isChecked());
    CHECK_FALSE(hand::shown<QCheckBox>(g, "PDF")->isChecked());
    CHECK(hand::shown<QCheckBox>(g, "Crop marks")->isChecked());
    CHECK(hand::shown<QLineEdit>(g, "PNG widths")->text() == "77");
    CHECK(hand::shown<app::NumberField>(g, "Bleed")->value() == 3);
    CHECK(Work::files(g).contains("paper-moth-flat-77.png"));
    // Beside the file, under the piece's name and the day.
    CHECK(g.folder().startsWith(k.folder.path()));
}

TEST_CASE("nothing is written over, and a folder that cannot be written is said")
{
    Work k;
    {
        app::DeliverDialog& g = k.dialog();
        k.to(g, "client");
        QPointer<QDialog> open = &g;
        hand::push(g, "Deliver");
        REQUIRE(hand::waitFor([&] { return !open; }));
    }
    QFile first(k.folder.filePath("client/paper-moth.svg"));
    REQUIRE(first.open(QIODevice::ReadWrite | QIODevice::Truncate));
    first.write("corrected by hand");
    first.close();
    app::DeliverDialog& g = k.dialog();
    for (const char* where : {"client", "client/paper-moth.svg"}) {
        INFO(where);
        k.to(g, where);
        Work::ready(g);
        k.w.notices(); // what is refused stays to be seen
        hand::push(g, "Deliver");
        REQUIRE(hand::waitFor([&] { return hand::shown<QPushButton>(g, "Deliver")->isEnabled(); }));
        CHECK(g.isVisible());
        CHECK(files::readText(k.folder.filePath("client/paper-moth.svg").toStdString()).text == "corrected by hand");
    }
    CHECK(k.w.lastSaid().contains("paper-moth.svg"));
}

TEST_CASE("a variant is opened, corrected, kept as a stage of its name, and delivered instead")
{
    Work k;
    app::DeliverDialog& g = k.dialog();
    auto* list = hand::shown<QListWidget>(g, "Variants");
    REQUIRE(hand::waitFor([&] { return list->count() == 3; }));
    list->setCurrentRow(1);
    bool given = false;
    art::Document opened;
    QObject::connect(&g, &app::DeliverDialog::opensAsNew, [&](const art::Document& d) {
        given = true;
        opened = d;
    });
    hand::push(g, "Correct by hand");
    REQUIRE(hand::waitFor([&] { return given; }));
    REQUIRE(hand::waitFor([&] { return k.d().layers.size() == opened.layers.size() && art::nodeCount(k.d()) == art::nodeCount(opened); }));
    CHECK(k.d().title == "Paper Moth");
    CHECK(art::nodeCount(opened) > 0);
    // Kept under its name with another document, it takes the place of what would be worked out.
    art::Document whole = k.d();
    whole = art::withStage(whole, deliver::nameOf(deliver::Variant::reversed), 1).document;
    k.w.session().take(whole, "Stage");
    app::DeliverDialog& again = k.dialog();
    auto* now = hand::shown<QListWidget>(again, "Variants");
    REQUIRE(hand::waitFor([&] { return now->count() == 3 && now->item(2)->text().contains("by hand"); }));
    CHECK_FALSE(now->item(1)->text().contains("by hand"));
}

TEST_CASE("the list is made anew when the piece changes, and closing stops the work")
{
    Work k;
    app::DeliverDialog& g = k.dialog();
    const QStringList before = Work::files(g);
    k.w.session().take(art::withTitle(k.d(), "Lamp"), "Title");
    REQUIRE(hand::waitFor([&] { return Work::files(g).contains("lamp.svg"); }));
    CHECK(Work::files(g).size() == before.size());
    QPointer<QDialog> open = &g;
    k.w.session().take(art::withTitle(k.d(), "Jar"), "Title");
    hand::push(g, "Close");
    REQUIRE(hand::waitFor([&] { return !open; }));
    hand::idle(k.w);
    CHECK(k.d().proofing.plan.empty()); // nothing was delivered, nothing is remembered
}
