// A part of a foreign drawing that is kept whole, by pointer and keys: picked, moved, taken apart, traced; and how lines look, dashes included.
#include "app/hand.h"

#include "art/edits.h"
#include "art/tree.h"

#include <QLineEdit>
#include <QTemporaryDir>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

struct Work {
    app::Window w;
    Hand h{w};
    QTemporaryDir folder;
    explicit Work(const QByteArray& body)
    {
        const QString path = folder.filePath("lamp.svg");
        QFile f(path);
        REQUIRE(f.open(QIODevice::WriteOnly));
        f.write("<svg xmlns='http://www.w3.org/2000/svg' width='800' height='600'>" + body + "</svg>");
        f.close();
        REQUIRE(hand::opened(w, path));
        w.setStep(app::StepId::build);
        w.run("tool-pick");
        h.canvas().fitSheet();
        hand::idle(w);
    }
    const art::Document& d() { return w.session().document(); }
    const art::Item* island()
    {
        const art::Item* found = nullptr;
        art::eachItem(d(), {}, [&](const art::Item& i, const art::Where&) {
            if (i.island()) found = d().item(i.id);
        });
        return found;
    }
};

const QByteArray lamp =
    "<mask id='m'><circle cx='300' cy='300' r='150' fill='#fff'/></mask><g id='lamp' mask='url(#m)'><rect width='600' height='600' fill='#a8422c'/>"
    "<circle cx='300' cy='300' r='60' fill='#dea03c'/></g>";

} // namespace

TEST_CASE("a part kept whole is picked, moved and taken back; its card says what it is")
{
    Work k(lamp);
    REQUIRE(k.island());
    CHECK(k.w.lastSaid().contains("kept whole: mask"));
    const curve::Box before = art::bounds(*k.island());
    k.h.click({300, 240});
    REQUIRE(k.w.session().selection().items == std::vector<art::Id>{k.island()->id});
    CHECK(hand::shown(k.w, "Take apart"));
    CHECK(hand::shown(k.w, "Trace it"));
    k.h.drag({300, 240}, {420, 240});
    hand::idle(k.w);
    CHECK(art::bounds(*k.island()).min.x == Approx(before.min.x + 120).margin(4));
    k.w.run("undo");
    CHECK(art::bounds(*k.island()).min.x == Approx(before.min.x).margin(1e-6));
    // Beside it nothing is hit.
    k.h.click({700, 560});
    CHECK(k.w.session().selection().items.empty());
}

TEST_CASE("taken apart, what was read lies in its place and the rest is told")
{
    Work k(lamp);
    const art::Id id = k.island()->id;
    k.h.click({300, 240});
    hand::push(k.w, "Take apart");
    INFO(k.w.lastSaid().toStdString());
    REQUIRE(hand::waitFor([&] { return !k.island(); }, 5000));
    CHECK(k.w.lastSaid().contains("1 mask"));
    REQUIRE(k.d().item(id));
    CHECK(k.d().item(id)->group()->items.size() == 2);
    k.w.run("undo");
    CHECK(k.island());
    // By its key as well.
    k.h.click({300, 240});
    k.h.key(Qt::Key_Z, Qt::AltModifier | Qt::ShiftModifier);
    REQUIRE(hand::waitFor([&] { return !k.island(); }));
}

TEST_CASE("traced, its picture lies under it to be traced, and it is hidden; in one step")
{
    Work k(lamp);
    const art::Id id = k.island()->id;
    const curve::Box box = art::bounds(*k.island());
    k.h.click({300, 240});
    hand::push(k.w, "Trace it");
    REQUIRE(hand::waitFor([&] { return !k.d().item(id)->shown; }));
    hand::idle(k.w);
    const auto& picked = k.w.session().selection().items;
    REQUIRE(picked.size() == 1);
    const art::Item* made = k.d().item(picked.front());
    REQUIRE(made->reference());
    CHECK(art::bounds(*made).centre().x == Approx(box.centre().x).margin(1));
    CHECK(art::bounds(*made).width() == Approx(box.width()).margin(4));
    k.w.run("undo");
    CHECK(k.d().item(id)->shown);
    CHECK_FALSE(k.d().item(picked.empty() ? 0 : picked.front()));
}

TEST_CASE("dashes, ends and tips of a line are set on its card")
{
    Work k("<path d='M100 300L400 100L700 300' fill='none' stroke='#102040' stroke-width='20' stroke-linecap='square' stroke-dasharray='30 12' id='rim'/>");
    k.h.click({250, 200});
    REQUIRE(k.w.session().selection().items.size() == 1);
    const art::Id id = k.w.session().selection().items.front();
    const auto line = [&]() -> const art::Stroke& { return k.d().item(id)->artwork()->stroke; };
    CHECK(line().cap == art::Cap::square);
    auto* dashes = hand::shown<QLineEdit>(k.w, "Dashes");
    CHECK(dashes->text() == "30 12");
    dashes->setFocus();
    dashes->selectAll();
    QTest::keyClicks(dashes, "8, 4 -3 x");
    QTest::keyClick(dashes, Qt::Key_Return);
    hand::settle();
    CHECK(line().dashes == std::vector<double>{8, 4});
    k.w.run("undo");
    CHECK(line().dashes == std::vector<double>{30, 12});
    dashes = hand::shown<QLineEdit>(k.w, "Dashes");
    dashes->setFocus();
    dashes->selectAll();
    QTest::keyClick(dashes, Qt::Key_Backspace);
    QTest::keyClick(dashes, Qt::Key_Return);
    hand::settle();
    CHECK(line().dashes.empty());
    hand::push(k.w, "Flat ends");
    CHECK(line().cap == art::Cap::flat);
    INFO(k.w.lastSaid().toStdString());
    hand::push(k.w, "Square ends, half the width beyond");
    REQUIRE(k.d().item(id));
    CHECK(line().cap == art::Cap::square);
}
