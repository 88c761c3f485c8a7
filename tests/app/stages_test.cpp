// Stages by pointer and keys: kept, compared side by side, gone back to, named, opened as a piece by itself.
#include "app/hand.h"

#include "app/window/stages_dialog.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/stages.h"

#include <QListWidget>
#include <QPushButton>
#include <QTemporaryDir>

using namespace softrope;
using curve::Vec2;
using hand::Hand;

namespace {

struct Work {
    app::Window w;
    Hand h{w};
    art::Id jar = 0;
    Work()
    {
        art::Item i;
        art::Artwork a;
        a.setPaths({curve::rectangle({200, 200}, {880, 880})});
        a.fill.colour = art::Colour{200, 30, 30};
        a.stroke.colour.reset();
        i.is = std::move(a);
        const art::Added made = art::withItem(art::newDocument(), 0, std::move(i));
        jar = made.id;
        w.session().start(made.document, {});
        h.canvas().fitSheet();
        w.setStep(app::StepId::colour);
        hand::settle();
    }
    const art::Document& d() { return w.session().document(); }
    void paint(art::Colour c) { w.session().take(art::withPaint(d(), {jar}, {c, {}}, art::Part::area), "Paint"); }
    art::Colour colour() { return *d().item(jar)->artwork()->fill.colour; }
    app::StagesDialog& dialog()
    {
        w.run("stages");
        hand::settle();
        auto* found = w.findChild<app::StagesDialog*>("stages");
        REQUIRE(found);
        return *found;
    }
};

} // namespace

TEST_CASE("a stage is one key, gone back to by one button and undone, saved with the file and opened again")
{
    Work k;
    k.h.key(Qt::Key_T, Qt::AltModifier | Qt::ShiftModifier);
    REQUIRE(k.d().stages.size() == 1);
    k.paint({30, 30, 200});
    k.w.run("keep-stage");
    k.paint({30, 200, 30});
    app::StagesDialog& s = k.dialog();
    auto* list = s.findChild<QListWidget*>();
    REQUIRE(list->count() == 2);
    CHECK(list->item(0)->text() == "Stage 2");
    list->setCurrentRow(1);
    hand::push(s, "Go back to it");
    CHECK(k.colour() == art::Colour{200, 30, 30});
    CHECK(k.d().stages.size() == 2);
    k.w.run("undo");
    CHECK(k.colour() == art::Colour{30, 200, 30});
    list->item(1)->setText("Bare jar");
    CHECK(k.d().stages[0]->name == "Bare jar");
    QTemporaryDir folder;
    const QString path = folder.filePath("jar.svg");
    CHECK(hand::saved(k.w.session(), path).isEmpty());
    list->setCurrentRow(0);
    hand::push(s, "Remove");
    CHECK(k.d().stages.size() == 1);
    CHECK(hand::saved(k.w.session(), folder.filePath("other.svg")).isEmpty());
    REQUIRE(hand::opened(k.w, path));
    REQUIRE(k.d().stages.size() == 2);
    CHECK(k.d().stages[0]->name == "Bare jar");
    s.close();
}

TEST_CASE("compared, a stage stands beside the work as it is now, and its picture is in the list")
{
    Work k;
    k.w.run("keep-stage");
    k.paint({30, 200, 30});
    k.w.run("compare-stage");
    CHECK(k.h.canvas().view().show == app::Show::beside);
    hand::idle(k.w);
    const auto seen = [&] {
        const QImage all = k.h.canvas().grab().toImage();
        std::pair<bool, bool> red_green;
        for (int x = 0; x < all.width(); x += 7) {
            const QColor c = all.pixelColor(x, all.height() / 2);
            (x < all.width() / 2 ? red_green.first : red_green.second) |=
                x < all.width() / 2 ? c.red() > 150 && c.green() < 90 : c.green() > 150 && c.red() < 90;
        }
        return red_green.first && red_green.second;
    };
    CHECK(hand::waitFor(seen, 5000));
    // The work goes on beside it.
    k.paint({30, 220, 30});
    hand::idle(k.w);
    CHECK(hand::waitFor(seen, 5000));
    k.w.run("compare-stage");
    CHECK(k.h.canvas().view().show == app::Show::over);
    app::StagesDialog& s = k.dialog();
    auto* list = s.findChild<QListWidget*>();
    CHECK(hand::waitFor([&] {
        const QImage icon = list->item(0)->icon().pixmap(150, 112).toImage();
        const QColor c = icon.pixelColor(icon.width() / 2, icon.height() / 2);
        return c.red() > 150 && c.green() < 90;
    }));
    s.close();
}

TEST_CASE("a stage opens as a piece by itself, without a path, and the program asks about unsaved work first")
{
    Work k;
    k.w.run("keep-stage");
    k.paint({30, 200, 30});
    QTemporaryDir folder;
    CHECK(hand::saved(k.w.session(), folder.filePath("jar.svg")).isEmpty());
    app::StagesDialog& s = k.dialog();
    hand::push(s, "Open as new");
    hand::settle(60);
    CHECK(k.w.session().path().isEmpty());
    CHECK(k.d().stages.empty());
    CHECK(k.colour() == art::Colour{200, 30, 30});
    s.close();
}
