// The proof shelf by pointer and keys: live, large, in twice the pixels, by keyboard alone.
#include "app/hand.h"

#include "art/edits.h"
#include "art/inks.h"
#include "deliver/seen.h"
#include "demo/night_market.h"

#include <QDialog>
#include <QLabel>

using namespace softrope;
using hand::Hand;

namespace {

struct Work {
    app::Window w;
    Hand h{w};
    Work()
    {
        w.session().start(demo::nightMarketBadge(), {});
        w.setStep(app::StepId::proof);
        made();
    }
    app::ProofShelf& shelf() { return w.shelf(); }
    void made()
    {
        REQUIRE(hand::waitFor([&] { return shelf().upToDate(); }));
        hand::settle();
    }
    QImage of(const QString& id) { return shelf().picture(id)->picture().convertToFormat(QImage::Format_RGB32); }
    QPixmap large()
    {
        auto* dialog = w.findChild<QDialog*>("large");
        REQUIRE(dialog);
        REQUIRE(hand::waitFor([&] { return !dialog->findChild<QLabel*>()->pixmap().isNull(); }));
        return dialog->findChild<QLabel*>()->pixmap();
    }
    QString title() { return w.findChild<QDialog*>("large")->windowTitle(); }
};

} // namespace

TEST_CASE("every picture of the shelf follows an edit, Undo included")
{
    Work k;
    std::map<QString, QImage> before;
    for (const app::ShelfPicture* p : k.shelf().pictures()) before[p->id()] = k.of(p->id());
    CHECK(before.size() == 6 + std::size(deliver::ways));
    // The mark is half covered.
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::rectangle({0, 0}, {1080, 560})});
    a.fill.colour = art::Colour{10, 120, 40};
    a.stroke.colour.reset();
    i.is = a;
    k.w.session().take(art::withItem(k.w.session().document(), 0, i).document, "Cover");
    k.made();
    for (const auto& [id, image] : before) {
        INFO(id.toStdString());
        CHECK_FALSE(k.of(id) == image);
    }
    k.w.run("undo");
    k.made();
    for (const auto& [id, image] : before) {
        INFO(id.toStdString());
        CHECK(k.of(id) == image);
    }
}

TEST_CASE("nothing is made while another step is in force")
{
    Work k;
    const QImage before = k.of("one-ink");
    k.w.setStep(app::StepId::colour);
    const art::Document& d = k.w.session().document();
    k.w.session().take(art::withInkColour(d, d.inks.front().id, {250, 250, 250}), "Ink");
    hand::idle(k.w);
    CHECK(k.of("one-ink") == before);
    k.w.setStep(app::StepId::proof);
    k.made();
    CHECK_FALSE(k.of("one-ink") == before);
}

TEST_CASE("twice the pixels at the same size")
{
    Work k;
    CHECK(k.of("size-32").size() == QSize(32, 32));
    const QSize field = k.shelf().picture("size-32")->size();
    hand::push(k.shelf(), "Twice the pixels");
    k.made();
    CHECK(k.shelf().picture("size-32")->picture().size() == QSize(64, 64));
    CHECK(k.shelf().picture("size-32")->picture().devicePixelRatio() == 2);
    CHECK(k.shelf().picture("size-32")->size() == field);
}

TEST_CASE("one is seen large by a click, by Enter and by its command, which goes round")
{
    Work k;
    QTest::mouseClick(k.shelf().picture("squint"), Qt::LeftButton);
    CHECK(k.title() == "Squint");
    CHECK(k.large().width() >= 600);
    // The large one follows as well.
    const QImage before = k.large().toImage();
    const art::Document& d = k.w.session().document();
    k.w.session().take(art::withInkColour(d, d.inks.front().id, {200, 30, 160}), "Ink");
    REQUIRE(hand::waitFor([&] { return k.large().toImage() != before; }));
    // A real size shows its own pixels, each a square.
    app::ShelfPicture* small = k.shelf().picture("size-16");
    small->setFocus();
    QTest::keyClick(small, Qt::Key_Return);
    CHECK(k.title() == "16");
    REQUIRE(hand::waitFor([&] {
        const QImage i = k.large().toImage();
        return i.width() == 640 && i.pixel(321, 321) == i.pixel(358, 358) && i.pixel(1, 1) == i.pixel(38, 38);
    }));
    k.w.findChild<QDialog*>("large")->close();
    hand::settle();
    QStringList titles;
    for (std::size_t n = 0; n <= std::size(deliver::ways); ++n) {
        k.w.run("see-large");
        titles << k.title();
    }
    CHECK(titles.front() == "One ink");
    CHECK(titles.back() == titles.front());
    CHECK(QSet<QString>(titles.begin(), titles.end()).size() == static_cast<int>(std::size(deliver::ways)));
}

TEST_CASE("the shelf is walked by the arrow keys, and each picture has a name")
{
    Work k;
    app::ShelfPicture* first = k.shelf().picture("size-64");
    first->setFocus();
    QTest::keyClick(first, Qt::Key_Right);
    CHECK(QApplication::focusWidget() == k.shelf().picture("size-48"));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Left);
    CHECK(QApplication::focusWidget() == first);
    for (const app::ShelfPicture* p : k.shelf().pictures()) {
        CHECK_FALSE(p->accessibleName().isEmpty());
        CHECK_FALSE(p->toolTip().isEmpty());
    }
    CHECK(k.shelf().picture("on-ink")->name().startsWith("On "));
}
