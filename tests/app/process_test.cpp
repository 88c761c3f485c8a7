// Process cards in their dialogue: changed, copied, taken away, in a data folder of the test's own.
#include "app/hand.h"

#include "app/window/process_dialog.h"
#include "art/edits.h"
#include "files/process_cards.h"

#include <QCheckBox>
#include <QComboBox>
#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>

#include <cstdlib>

using namespace softrope;
using hand::Hand;

namespace {

struct Work {
    QTemporaryDir data;
    QByteArray was = qgetenv("XDG_DATA_HOME");
    app::Window* w;
    std::unique_ptr<app::Window> owned;
    std::unique_ptr<app::ProcessDialog> dialog;
    Work()
    {
        qputenv("XDG_DATA_HOME", data.path().toUtf8());
        owned = std::make_unique<app::Window>();
        w = owned.get();
        Hand h(*w);
        w->setStep(app::StepId::proof);
        hand::idle(*w);
        dialog = std::make_unique<app::ProcessDialog>(w->proofing(), w);
        dialog->show();
        hand::settle();
    }
    ~Work()
    {
        dialog.reset();
        owned.reset();
        if (was.isEmpty())
            qunsetenv("XDG_DATA_HOME");
        else
            qputenv("XDG_DATA_HOME", was);
    }
    QListWidget& list() { return *hand::shown<QListWidget>(*dialog, "Process cards"); }
    void pick(const QString& name)
    {
        const auto found = list().findItems(name, Qt::MatchExactly);
        REQUIRE(found.size() == 1);
        list().setCurrentItem(found[0]);
    }
    void number(const QString& name, const QString& value)
    {
        auto* f = hand::shown<app::NumberField>(*dialog, name);
        f->setFocus();
        f->selectAll();
        QTest::keyClicks(f, value);
        QTest::keyClick(f, Qt::Key_Return);
        hand::settle();
    }
    void text(const QString& name, const QString& value)
    {
        auto* f = hand::shown<QLineEdit>(*dialog, name);
        f->setText(value);
        emit f->editingFinished();
    }
};

} // namespace

TEST_CASE("a card that ships is changed into an own one, and comes back when that is taken away")
{
    Work k;
    CHECK(k.list().count() == 5);
    k.pick("Vinyl cutter");
    CHECK_FALSE(hand::shown<QPushButton>(*k.dialog, "Remove")->isEnabled());
    CHECK(hand::shown<app::NumberField>(*k.dialog, "Thinnest line")->value() == 1);
    k.number("Thinnest line", "1.4");
    CHECK(files::findProcess("vinyl-cutter").process.line == Approx(1.4));
    CHECK_FALSE(files::findProcess("vinyl-cutter").process.ships);
    CHECK(k.list().count() == 5);
    CHECK(k.list().currentItem()->text() == "Vinyl cutter");
    CHECK(hand::shown<QPushButton>(*k.dialog, "Remove")->isEnabled());
    hand::push(*k.dialog, "Remove");
    CHECK(files::findProcess("vinyl-cutter").process.line == 1);
    CHECK(k.list().count() == 5);
}

TEST_CASE("a new card is made from another, with its own name, sizes and measures")
{
    Work k;
    k.pick("Web icon");
    CHECK(hand::shown<QLineEdit>(*k.dialog, "Picture sizes")->text() == "128 64 48 32 24 16");
    hand::push(*k.dialog, "New from this");
    CHECK(k.list().count() == 6);
    CHECK(k.list().currentItem()->text() == "Web icon 2");
    k.text("Name", "Stall sign");
    k.text("Picture sizes", "200, 90 none 0");
    k.number("Most inks", "3");
    k.number("Usual width", "600");
    k.number("Smallest letters", "12");
    hand::shown<QCheckBox>(*k.dialog, "Flat colour only")->click();
    const proof::Process p = files::findProcess("web-icon-2").process;
    CHECK(p.name == "Stall sign");
    CHECK(p.sizes == std::vector<int>{200, 90});
    CHECK(p.inks == 3);
    CHECK(p.width == 600);
    CHECK(p.text == 12);
    CHECK(p.flat);
    // A name is not taken away.
    k.text("Name", "   ");
    CHECK(files::findProcess("web-icon-2").process.name == "Stall sign");
    // It stands on the card of the step at once.
    k.dialog->close();
    auto* box = hand::shown<QComboBox>(*k.w, "Process");
    REQUIRE(hand::waitFor([&] {
        k.w->run("step-proof");
        box = hand::shown<QComboBox>(*k.w, "Process");
        return box->findText("Stall sign") > 0;
    }));
}

TEST_CASE("the process in force follows when its card is changed, and the drawing keeps its id when the card is gone")
{
    Work k;
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::polyline({{100, 500}, {900, 520}}, false)});
    a.stroke.colour = art::Colour{0, 0, 0};
    a.stroke.width = 4;
    i.is = a;
    art::Document d = art::withItem(k.w->session().document(), 0, i).document;
    d.proofing.process = "letterpress"; // 90 mm: 0.083 mm a px, 0.33 mm wide
    k.w->session().take(d, "Draw");
    hand::idle(*k.w);
    const auto thin = [&] {
        hand::idle(*k.w);
        const auto& f = k.w->proofing().found();
        return std::count_if(f.begin(), f.end(), [](const proof::Finding& x) { return x.kind == proof::Fault::thinPart; });
    };
    CHECK(thin() == 0);
    k.pick("Letterpress");
    k.number("Thinnest line", "0.5");
    CHECK(thin() == 1);
    hand::push(*k.dialog, "Remove");
    CHECK(thin() == 0);
    hand::push(*k.dialog, "New from this");
    art::Document with = k.w->session().document();
    with.proofing.process = "letterpress-2";
    k.w->session().take(with, "Process");
    k.number("Thinnest line", "0.6");
    CHECK(thin() == 1);
    hand::push(*k.dialog, "Remove");
    CHECK(thin() == 0);
    CHECK(k.w->session().document().proofing.process == "letterpress-2");
    CHECK(k.w->proofing().process().id.empty());
}
