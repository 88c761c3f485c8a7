// Arranging by pointer and keys: groups and levels, the opened layer list, menus, the clipboard between drawings, and faults of before.
#include "app/cards/card.h"
#include "app/hand.h"
#include "app/tone_pieces.h"
#include "app/widgets/widgets.h"
#include "app/window/layer_list.h"
#include "art/arrange.h"
#include "art/facets.h"
#include "art/inks.h"

#include <QApplication>
#include <QComboBox>
#include <QMenu>
#include <QMimeData>
#include <QTemporaryDir>
#include <QTimer>

using namespace softrope;
using hand::Hand;
using hand::withSquare;

namespace {

struct Squares {
    app::Window w;
    Hand h{w};
    art::Id a = 0, b = 0, c = 0;
    Squares()
    {
        art::Document d = withSquare(art::newDocument(), {100, 100}, {200, 60, 40});
        d = withSquare(d, {400, 100}, {40, 120, 110});
        d = withSquare(d, {700, 100}, {220, 160, 60});
        a = d.layers[0]->items[0]->id;
        b = d.layers[0]->items[1]->id;
        c = d.layers[0]->items[2]->id;
        w.session().start(d, {});
        h.canvas().fitSheet();
        h.canvas().takeTool("pick");
        h.canvas().setFocus();
        hand::settle();
    }
    std::vector<art::Id> picked() { return w.session().selection().items; }
    const art::Document& d() { return h.document(); }
    app::LayerTree& tree() { return w.findChild<app::LayerList*>()->tree(); }
    // Runs while a menu is open; the menu is closed after.
    void inMenu(const std::function<void()>& open, const std::function<void(QMenu&)>& act)
    {
        bool seen = false;
        QTimer timer;
        QObject::connect(&timer, &QTimer::timeout, [&] {
            auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
            if (!menu) return;
            timer.stop();
            seen = true;
            act(*menu);
            menu->close();
        });
        timer.start(10);
        open();
        CHECK(seen);
    }
    QAction* action(QMenu& menu, const QString& id)
    {
        for (QAction* x : menu.actions())
            if (x->objectName() == id) return x;
        return nullptr;
    }
};

} // namespace

TEST_CASE("a click picks the group, another one what is in it, Esc goes a level up")
{
    Squares s;
    s.w.session().pickItems({s.a, s.b});
    s.h.key(Qt::Key_G, Qt::ControlModifier);
    REQUIRE(s.d().layers[0]->items.size() == 2);
    const art::Id group = s.d().parentOf(s.a)->id;
    CHECK(s.picked() == std::vector<art::Id>{group});
    CHECK(s.w.session().history().undoName() == "Group");
    s.w.session().pickItems({});
    s.h.click({200, 200});
    CHECK(s.picked() == std::vector<art::Id>{group});
    s.h.click({200, 200});
    CHECK(s.picked() == std::vector<art::Id>{s.a});
    // One is in the group now: the next thing in it is picked at once.
    s.h.click({500, 200});
    CHECK(s.picked() == std::vector<art::Id>{s.b});
    s.h.key(Qt::Key_Escape);
    CHECK(s.picked() == std::vector<art::Id>{group});
    // Its card says what it is, and how it is laid over what lies below.
    auto* card = s.w.findChild<app::Card*>();
    hand::settle(60);
    auto* blend = card->findChild<QComboBox*>();
    REQUIRE(blend);
    CHECK(blend->accessibleName() == "Blend");
    blend->setFocus();
    QTest::keyClick(blend, Qt::Key_Down);
    emit blend->activated(1);
    CHECK(s.d().item(group)->blend == art::Blend::multiply);
    CHECK(hand::shown(s.w, "Ungroup"));
    s.h.canvas().setFocus();
    // Dragged it moves as one.
    s.h.drag({200, 200}, {200, 400});
    CHECK(art::bounds(*s.d().item(s.b)).min.y == Approx(300).margin(2));
    CHECK(s.picked() == std::vector<art::Id>{group});
    s.h.key(Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(s.d().layers[0]->items.size() == 3);
    CHECK(s.picked() == std::vector<art::Id>{s.a, s.b});
    s.h.key(Qt::Key_Escape);
    CHECK(s.picked().empty());
}

TEST_CASE("order, inside and out, lock and hide by keys, and refusals that say why")
{
    Squares s;
    const auto order = [&] {
        std::vector<art::Id> out;
        for (const art::ItemPtr& i : s.d().layers[0]->items) out.push_back(i->id);
        return out;
    };
    s.w.session().pickItems({s.a});
    s.h.key(Qt::Key_BracketRight, Qt::ControlModifier);
    CHECK(order() == std::vector<art::Id>{s.b, s.a, s.c});
    s.w.run("to-bottom");
    CHECK(order() == std::vector<art::Id>{s.a, s.b, s.c});
    s.w.session().pickItems({s.a, s.b});
    s.h.key(Qt::Key_I, Qt::ShiftModifier);
    REQUIRE(s.d().item(s.a)->artwork()->inside.size() == 1);
    CHECK(s.w.lastSaid().contains("Inside"));
    CHECK(s.picked() == std::vector<art::Id>{s.b});
    s.h.key(Qt::Key_I, Qt::ShiftModifier | Qt::AltModifier);
    CHECK(order() == std::vector<art::Id>{s.a, s.b, s.c});
    // Locked, it cannot be deleted; the reason is said and unlocking is offered on a click.
    s.w.session().pickItems({s.c});
    s.w.run("lock-picked");
    CHECK(s.d().item(s.c)->locked);
    CHECK(s.w.lastSaid().startsWith("Locked"));
    s.h.key(Qt::Key_Delete);
    CHECK(s.d().item(s.c));
    CHECK(s.w.lastSaid().contains("locked"));
    s.w.session().pickItems({});
    s.h.click({800, 200});
    CHECK(s.picked().empty());
    CHECK(s.w.lastSaid().contains("locked"));
    s.w.session().pickItems({s.b});
    s.w.run("hide-picked");
    CHECK_FALSE(s.d().item(s.b)->shown);
    s.h.click({500, 200});
    CHECK(s.picked().empty());
    s.w.run("show-all");
    CHECK(s.d().item(s.b)->shown);
    // What is hidden in what is hidden shows too, in one step.
    s.w.session().pickItems({s.a, s.b});
    s.w.run("group");
    const art::Id group = s.picked().front();
    s.w.session().take(art::withTraits(art::withTraits(s.d(), {s.a}, {.shown = false}), {group}, {.shown = false}), "Hide both");
    s.w.run("show-all");
    CHECK(s.d().item(group)->shown);
    CHECK(s.d().item(s.a)->shown);
}

TEST_CASE("the layer list opens to what is on a layer: picked, hidden, locked, renamed and moved there")
{
    Squares s;
    s.w.session().pickItems({s.a, s.b});
    s.w.run("group");
    const art::Id group = s.picked().front(), layer = s.d().layers[0]->id;
    hand::settle(60);
    app::LayerTree& tree = s.tree();
    REQUIRE(tree.rowBox(layer).isValid());
    // Right opens, Down walks, and what is walked to is picked.
    tree.setFocus();
    tree.setCurrentIndex(tree.rows().indexOf(layer));
    QTest::keyClick(&tree, Qt::Key_Right);
    QTest::keyClick(&tree, Qt::Key_Down);
    QTest::keyClick(&tree, Qt::Key_Down);
    CHECK(s.picked() == std::vector<art::Id>{group});
    QTest::keyClick(&tree, Qt::Key_Right);
    QTest::keyClick(&tree, Qt::Key_Down);
    CHECK(s.picked() == std::vector<art::Id>{s.b});
    QTest::keyClick(&tree, Qt::Key_Space);
    CHECK_FALSE(s.d().item(s.b)->shown);
    hand::settle();
    QTest::keyClick(&tree, Qt::Key_L);
    CHECK(s.d().item(s.b)->locked);
    hand::settle();
    QTest::mouseClick(tree.viewport(), Qt::LeftButton, {}, tree.lockBox(tree.rowBox(s.b)).center());
    CHECK_FALSE(s.d().item(s.b)->locked);
    // Renamed in place.
    tree.rows().setData(tree.rows().indexOf(group), "Pair of lamps", Qt::EditRole);
    CHECK(s.d().item(group)->name == "Pair of lamps");
    // Dragged: the row's data dropped into the group, between rows, on another layer.
    hand::settle();
    const auto drop = [&](art::Id what, int row, art::Id parent) {
        app::LayerModel& rows = tree.rows();
        const std::unique_ptr<QMimeData> data(rows.mimeData({rows.indexOf(what)}));
        REQUIRE(rows.canDropMimeData(data.get(), Qt::MoveAction, row, 0, rows.indexOf(parent)));
        rows.dropMimeData(data.get(), Qt::MoveAction, row, 0, rows.indexOf(parent));
        hand::settle();
    };
    drop(s.c, -1, group);
    CHECK(s.d().parentOf(s.c)->id == group);
    CHECK(s.d().item(group)->group()->items.back()->id == s.c); // on top
    drop(s.c, 3, group);
    CHECK(s.d().item(group)->group()->items.front()->id == s.c);
    drop(s.a, -1, s.c); // onto an area: inside it
    CHECK(s.d().item(s.c)->artwork()->inside.size() == 1);
    s.w.run("add-layer");
    hand::settle();
    const art::Id other = s.d().layers[1]->id;
    drop(s.a, -1, other);
    CHECK(s.d().layerOf(s.a)->id == other);
    drop(other, 2, 0); // layers among layers: below the first
    CHECK(s.d().layers[0]->id == other);
    // What is open stays open when the rows are made anew, and a pick on the bench shows here.
    CHECK(tree.isExpanded(tree.rows().indexOf(group)));
    s.w.session().pickItems({s.c});
    hand::settle();
    CHECK(tree.selectionModel()->isSelected(tree.rows().indexOf(s.c)));
}

TEST_CASE("two thousand rows are opened, walked and scrolled from what is in sight only")
{
    Squares s;
    std::vector<art::Item> many;
    for (int k = 0; k < 2000; ++k) {
        art::Item i = *s.d().item(s.a);
        i.name = "Bead " + std::to_string(k);
        many.push_back(i);
    }
    s.w.session().take(art::withItems(s.d(), s.d().layers[0]->id, std::move(many)).document, "Beads");
    hand::settle(60);
    app::LayerTree& tree = s.tree();
    tree.setExpanded(tree.rows().indexOf(s.d().layers[0]->id), true);
    hand::settle(60);
    CHECK(tree.rows().rowCount(tree.rows().indexOf(s.d().layers[0]->id)) == 2003);
    tree.scrollToBottom();
    hand::settle(60);
    CHECK(tree.rowBox(s.a).intersects(tree.viewport()->rect()));
    // A change of one thing makes no row anew.
    int rebuilt = 0;
    QObject::connect(&tree.rows(), &app::LayerModel::rebuilt, [&] { ++rebuilt; });
    s.w.session().take(art::withTraits(s.d(), {s.a}, {.opacity = 0.5}), "Opacity");
    hand::settle(60);
    CHECK(rebuilt == 0);
}

TEST_CASE("a right click offers what applies there, and what lies under by name")
{
    Squares s;
    s.w.session().take(art::withItem(s.d(), 0,
                                     [&] {
                                         art::Item i = *s.d().item(s.a);
                                         i.name = "Over it";
                                         return i;
                                     }())
                           .document,
                       "Copy");
    hand::settle();
    const auto menuAt = [&](curve::Vec2 at) {
        return [&s, at] {
            const QPoint p = s.h.on(at).toPoint();
            QContextMenuEvent e(QContextMenuEvent::Mouse, p, s.h.canvas().mapToGlobal(p));
            QCoreApplication::sendEvent(&s.h.canvas(), &e);
        };
    };
    s.inMenu(menuAt({200, 200}), [&](QMenu& menu) {
        CHECK(menu.actions().size() <= 9);
        auto* under = menu.findChild<QMenu*>("pick-under");
        REQUIRE(under);
        REQUIRE(under->actions().size() == 2);
        CHECK(under->actions()[0]->text().contains("Over it"));
        under->actions()[1]->trigger();
    });
    CHECK(s.picked() == std::vector<art::Id>{s.a});
    s.inMenu(menuAt({500, 200}), [&](QMenu& menu) {
        REQUIRE(s.action(menu, "hide-picked"));
        s.action(menu, "hide-picked")->trigger();
    });
    CHECK_FALSE(s.d().item(s.b)->shown);
    s.inMenu(menuAt({900, 900}), [&](QMenu& menu) {
        REQUIRE(s.action(menu, "show-all"));
        s.action(menu, "show-all")->trigger();
    });
    CHECK(s.d().item(s.b)->shown);
    // A locked layer is not deleted from its row.
    s.w.run("add-layer");
    const art::Id layer = s.d().layers[1]->id;
    s.w.session().take(art::withLayer(s.d(), layer, [](art::Layer& l) { l.locked = true; }), "Lock");
    hand::settle(60);
    s.inMenu(
        [&] {
            const QPoint p = s.tree().rowBox(layer).center();
            QContextMenuEvent e(QContextMenuEvent::Mouse, p, s.tree().viewport()->mapToGlobal(p));
            QCoreApplication::sendEvent(s.tree().viewport(), &e);
        },
        [&](QMenu& menu) {
            REQUIRE(s.action(menu, "delete-layer"));
            s.action(menu, "delete-layer")->trigger();
        });
    CHECK(s.d().layer(layer));
    CHECK(s.w.lastSaid().contains("locked"));
}

TEST_CASE("cut and pasted in another drawing, a shape keeps its colour and brings its ink")
{
    Squares s;
    const art::Added kiln = art::withInk(s.d(), "Kiln", {168, 66, 44});
    s.w.session().take(art::withPaint(kiln.document, {s.a}, art::paintOf(kiln.document, {kiln.id, -1}), art::Part::area), "Paint");
    s.w.session().pickItems({s.a});
    s.h.key(Qt::Key_X, Qt::ControlModifier);
    CHECK_FALSE(s.d().item(s.a));
    // Another piece, with another ink under the same id.
    art::Document other = art::newDocument();
    while (other.inks.empty() || other.inks.back().id < kiln.id) other = art::withInk(other, "Oat", {236, 221, 182}).document;
    s.w.session().start(other, {});
    s.h.canvas().setFocus();
    s.h.key(Qt::Key_V, Qt::ControlModifier | Qt::ShiftModifier);
    REQUIRE(s.picked().size() == 1);
    const art::Item& pasted = *s.d().item(s.picked().front());
    CHECK(art::bounds(pasted).min == curve::Vec2{100, 100});
    CHECK(pasted.artwork()->fill.colour == art::tintOf({168, 66, 44}, -1));
    CHECK(s.d().ink(pasted.artwork()->fill.ink.ink)->name == "Kiln");
    // The kept look is of the other piece's ink no more.
    CHECK(s.h.canvas().look().ink.ink == 0);
}

TEST_CASE("a line drawn after cutting facets stays when the facets change")
{
    Squares s;
    s.w.setStep(app::StepId::tone);
    s.w.session().pickItems({s.a});
    s.w.run("facets-outline");
    hand::settle(60);
    REQUIRE(s.h.canvas().tool()->id() == "facets");
    s.w.setStep(app::StepId::trace);
    s.h.canvas().takeTool("freehand");
    s.h.canvas().setFocus();
    s.h.stroke({{150, 500}, {300, 560}, {500, 520}, {650, 580}});
    REQUIRE(s.picked().size() == 1);
    const art::Id drawn = s.picked().front();
    s.w.run("facets-shuffle");
    s.w.run("facets-shuffle");
    CHECK(s.d().item(drawn));
}

TEST_CASE("colours on the card go over gradients and inks, and are not mixed over afterwards")
{
    Squares s;
    const art::Added kiln = art::withInk(s.d(), "Kiln", {168, 66, 44});
    art::Document d = art::withPaint(kiln.document, {s.a}, art::paintOf(kiln.document, {kiln.id, 0}), art::Part::both);
    d = art::withGradient(d, {s.b}, art::Gradient::Kind::linear, {400, 100}, {600, 100}, {{0, {0, 0, 0}, 1, {}}, {1, {255, 255, 255}, 1, {}}});
    s.w.session().start(d, {});
    s.w.setStep(app::StepId::trace);
    for (const art::Id id : {s.a, s.b}) {
        s.w.session().pickItems({id});
        hand::settle(80);
        std::vector<app::Swatch*> swatches;
        for (app::Swatch* x : s.w.findChild<app::Card*>()->findChildren<app::Swatch*>())
            if (x->isVisible()) swatches.push_back(x);
        REQUIRE(swatches.size() >= 2); // line colour and fill
        for (app::Swatch* x : swatches) emit x->picked(QColor(10, 200, 30));
        hand::settle();
        const art::Artwork& a = *s.d().item(id)->artwork();
        CHECK(a.fill.colour == art::Colour{10, 200, 30});
        CHECK_FALSE(a.fill.gradient);
        CHECK(a.fill.ink.ink == 0);
        CHECK(a.stroke.ink.ink == 0);
    }
    s.w.session().take(art::withInkColour(s.d(), kiln.id, {1, 1, 1}), "Mix");
    CHECK(s.d().item(s.a)->artwork()->fill.colour == art::Colour{10, 200, 30});
}

TEST_CASE("a shape by itself is faded, blended and blurred on its card, each drag and choice one step back")
{
    Squares s;
    const auto dragTo = [](app::Slider* w, double part) {
        QTest::mousePress(w, Qt::LeftButton, {}, {w->width() - 12, w->height() / 2});
        for (int k = 1; k <= 6; ++k) QTest::mouseMove(w, {w->width() - 12 - static_cast<int>((w->width() - 24) * (1 - part) * k / 6), w->height() / 2});
        QTest::mouseRelease(w, Qt::LeftButton, {}, {12 + static_cast<int>((w->width() - 24) * part), w->height() / 2});
    };
    s.h.click({200, 200});
    dragTo(hand::shown<app::Slider>(s.w, "Opacity as a whole"), 0.5);
    CHECK(s.d().item(s.a)->opacity == Approx(0.5).margin(0.06));
    s.h.click({500, 200});
    dragTo(hand::shown<app::Slider>(s.w, "Opacity as a whole"), 0.2);
    CHECK(s.d().item(s.b)->opacity == Approx(0.2).margin(0.06));
    QComboBox* blend = hand::shown<QComboBox>(s.w, "Blend");
    blend->setFocus();
    QTest::keyClick(blend, Qt::Key_Down);
    CHECK(s.d().item(s.b)->blend == art::Blend::multiply);
    QTest::keyClick(hand::shown<QComboBox>(s.w, "Blend"), Qt::Key_Down);
    CHECK(s.d().item(s.b)->blend == art::Blend::screen);
    app::NumberField* blur = hand::shown<app::NumberField>(s.w, "Blur");
    blur->setFocus();
    blur->selectAll();
    QTest::keyClicks(blur, "3 * 4");
    QTest::keyClick(blur, Qt::Key_Return);
    CHECK(s.d().item(s.b)->blur == 12);
    // Step by step back, and the fields say so.
    s.h.canvas().setFocus();
    for (const art::Blend b : {art::Blend::screen, art::Blend::multiply, art::Blend::normal}) {
        s.h.key(Qt::Key_Z, Qt::ControlModifier);
        CHECK(s.d().item(s.b)->blur == 0);
        CHECK(s.d().item(s.b)->blend == b);
        hand::settle();
        CHECK(hand::shown<QComboBox>(s.w, "Blend")->currentIndex() == static_cast<int>(b));
    }
    s.h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(s.d().item(s.b)->opacity == 1);
    CHECK(s.d().item(s.a)->opacity < 0.6);
    s.h.key(Qt::Key_Z, Qt::ControlModifier);
    CHECK(s.d().item(s.a)->opacity == 1);
}

TEST_CASE("nested by keys, kept and opened again: the same tree, the same rows, the same picture, and work goes on in it")
{
    Squares s;
    QTemporaryDir folder;
    const QString path = folder.filePath("nested.svg");
    // A shade half over the first square goes inside it, the two others become a group, the group and the first another one.
    s.w.session().take(withSquare(s.d(), {200, 200}, {20, 20, 60}), "Draw");
    const art::Id shade = s.d().layers[0]->items.back()->id;
    s.w.session().pickItems({s.a, shade});
    s.h.key(Qt::Key_I, Qt::ShiftModifier);
    REQUIRE(s.d().parentOf(shade));
    CHECK(s.d().parentOf(shade)->id == s.a);
    s.w.session().take(art::withTraits(s.d(), {shade}, {.opacity = 0.4, .blend = art::Blend::multiply, .blur = 3}), "Soften");
    s.w.session().pickItems({s.b, s.c});
    s.h.key(Qt::Key_G, Qt::ControlModifier);
    const art::Id inner = s.picked().front();
    s.w.session().pickItems({s.a, inner});
    s.h.key(Qt::Key_G, Qt::ControlModifier);
    const art::Id outer = s.picked().front();
    CHECK(s.d().ancestorsOf(s.b).size() == 2);
    CHECK(s.d().ancestorsOf(shade).size() == 2);
    REQUIRE(hand::saved(s.w.session(), path).isEmpty());
    CHECK_FALSE(s.w.session().changed());
    REQUIRE(hand::exported(s.w, folder.filePath("before.png")).isEmpty());

    app::Window again;
    Hand h(again);
    REQUIRE(hand::opened(again, path));
    CHECK(h.document() == s.d());
    CHECK_FALSE(again.session().changed());
    REQUIRE(hand::exported(again, folder.filePath("after.png")).isEmpty());
    CHECK(QImage(folder.filePath("before.png")) == QImage(folder.filePath("after.png")));
    // What is made now has an id of its own, and the rows lead down to the shade.
    h.canvas().takeTool("pick");
    h.canvas().setFocus();
    hand::settle(60);
    again.session().pickItems({shade});
    again.run("show-in-list");
    hand::settle(60);
    app::LayerTree& tree = again.findChild<app::LayerList*>()->tree();
    for (const art::Id id : {outer, s.a, shade}) CHECK_FALSE(tree.rowBox(id).isEmpty());
    h.key(Qt::Key_C, Qt::ControlModifier);
    h.key(Qt::Key_V, Qt::ControlModifier);
    hand::settle(60);
    CHECK(h.document().item(shade));
    const std::vector<art::Id> pasted = again.session().selection().items;
    REQUIRE(pasted.size() == 1);
    CHECK(pasted.front() >= s.d().nextId);
    CHECK(h.document().item(pasted.front())->blend == art::Blend::multiply);
    // Taken apart level by level, nothing is lost and each thing lies where it lay.
    const curve::Box at = art::bounds(*h.document().item(s.b));
    for (const art::Id group : {outer, inner}) {
        again.session().pickItems({group});
        h.key(Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
        CHECK_FALSE(h.document().item(group));
    }
    CHECK(art::bounds(*h.document().item(s.b)).min.x == Approx(at.min.x));
    for (const art::Id id : {s.a, s.b, s.c, shade}) CHECK(h.document().item(id));
    CHECK(h.document().parentOf(shade)->id == s.a);
}
