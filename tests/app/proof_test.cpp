// The Proof step by pointer and keys: a faulty moth is proofed, jumped through, mended, seen in other ways, delivered, and what was
// delivered is opened and compared.
#include "app/hand.h"

#include "app/widgets/finding_row.h"
#include "art/edits.h"
#include "demo/night_market.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QFile>
#include <QLabel>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTreeWidget>

using namespace softrope;
using curve::Vec2;
using hand::Hand;
using proof::Fault;

namespace {

struct Work {
    app::Window w;
    Hand h{w};
    explicit Work(const art::Document& d)
    {
        w.session().start(d, {});
        h.canvas().fitSheet();
        w.canvas().setFocus();
        h.key(Qt::Key_7);
        REQUIRE(w.step() == app::StepId::proof);
        looked();
    }
    app::Proofing& proofing() { return w.proofing(); }
    const art::Document& d() { return w.session().document(); }
    void looked()
    {
        REQUIRE(hand::waitFor([&] { return proofing().everLooked() && proofing().upToDate(); }));
        hand::settle();
    }
    int count(Fault k)
    {
        int n = 0;
        for (const proof::Finding& f : proofing().found()) n += f.kind == k;
        return n;
    }
    std::vector<app::FindingRow*> rows()
    {
        std::vector<app::FindingRow*> out;
        for (auto* r : w.findChildren<app::FindingRow*>())
            if (r->isVisible()) out.push_back(r);
        std::sort(out.begin(), out.end(), [](const auto* a, const auto* b) { return a->shown().number < b->shown().number; });
        return out;
    }
};

QImage seen(const app::ShelfPicture* p)
{
    return p->picture().convertToFormat(QImage::Format_RGB32);
}

bool blank(const QImage& i)
{
    for (int y = 0; y < i.height(); ++y)
        for (int x = 0; x < i.width(); ++x)
            if (i.pixel(x, y) != i.pixel(0, 0)) return false;
    return true;
}

} // namespace

TEST_CASE("a faulty moth is proofed, mended and delivered, and every file opens")
{
    art::Document faulty = demo::nightMarketFaultyMoth();
    faulty.proofing.process.clear();
    Work k(faulty);
    for (const Fault kind :
         {Fault::endsApart, Fault::doubledNode, Fault::doubledShape, Fault::strayPoint, Fault::needlessNode, Fault::kink, Fault::overshoot, Fault::noInk}) {
        INFO(proof::nameOf(kind));
        CHECK(k.count(kind) == 1);
    }
    CHECK(k.proofing().mendable() == 7);

    // The list and the sheet carry the same numbers; a click on either takes the finding in hand.
    auto rows = k.rows();
    REQUIRE(rows.size() == k.proofing().found().size());
    QTest::mouseClick(rows[2], Qt::LeftButton, {}, QPoint(20, 20));
    CHECK(k.proofing().inHand() == std::size_t{2});
    CHECK(rows[2]->shown().inHand);
    REQUIRE(hand::waitFor([&] { return !k.proofing().lens().isNull(); }));
    k.h.canvas().fitSheet();
    hand::settle(60);
    k.h.canvas().grab(); // painted: marks have places
    REQUIRE(k.w.proofMarks().places().size() == rows.size());
    const QPointF mark = k.w.proofMarks().places()[4];
    k.h.send(QEvent::MouseButtonPress, mark, Qt::LeftButton, Qt::LeftButton);
    k.h.send(QEvent::MouseButtonRelease, mark, Qt::LeftButton, Qt::NoButton);
    CHECK(k.proofing().inHand() == std::size_t{4});
    k.w.canvas().setFocus();
    k.h.key(Qt::Key_F11);
    CHECK(k.proofing().inHand() == std::size_t{5});
    k.h.key(Qt::Key_F11, Qt::ShiftModifier);
    k.h.key(Qt::Key_F11, Qt::ShiftModifier);
    CHECK(k.proofing().inHand() == std::size_t{3});

    // One is mended by its button, and comes back with Undo.
    rows = k.rows();
    const auto kink = std::find_if(rows.begin(), rows.end(), [](const auto* r) { return r->shown().what.startsWith("Kink"); });
    REQUIRE(kink != rows.end());
    CHECK((*kink)->shown().what == "Kink of 7.0°");
    hand::push(**kink, "Smooth");
    k.looked();
    CHECK(k.count(Fault::kink) == 0);
    k.h.key(Qt::Key_Z, Qt::ControlModifier);
    k.looked();
    CHECK(k.count(Fault::kink) == 1);

    // All in one step, which says what it did.
    const std::size_t steps = k.w.session().history().length();
    hand::push(k.w, "Mend all 7");
    k.looked();
    CHECK(k.w.session().history().length() <= steps + 1);
    CHECK(k.w.lastSaid().contains("1 kink smoothed"));
    CHECK(k.proofing().mendable() == 0);
    CHECK(k.count(Fault::noInk) == 1);
    const art::Document mended = k.d();

    // The shelf: real sizes to the pixel, one ink in two colours, other eyes.
    REQUIRE(hand::waitFor([&] { return k.w.shelf().upToDate(); }));
    CHECK(seen(k.w.shelf().picture("size-64")).size() == QSize(64, 64));
    CHECK(seen(k.w.shelf().picture("size-16")).size() == QSize(16, 16));
    for (const app::ShelfPicture* p : k.w.shelf().pictures()) {
        INFO(p->id().toStdString());
        CHECK_FALSE(blank(seen(p)));
    }
    CHECK(seen(k.w.shelf().picture("one-ink")) != seen(k.w.shelf().picture("reversed")));
    CHECK(seen(k.w.shelf().picture("protanopia")) != seen(k.w.shelf().picture("tritanopia")));
    QTest::mouseClick(k.w.shelf().picture("one-ink"), Qt::LeftButton);
    auto* large = k.w.findChild<QDialog*>("large");
    REQUIRE(large);
    CHECK(large->windowTitle() == "One ink");
    REQUIRE(hand::waitFor([&] { return !large->findChild<QLabel*>()->pixmap().isNull(); }));
    large->close();
    k.w.activateWindow();
    REQUIRE(QTest::qWaitForWindowActive(&k.w));

    // Delivered: eleven files.
    QTemporaryDir folder;
    k.w.canvas().setFocus();
    k.h.key(Qt::Key_F10, Qt::ControlModifier);
    auto* dialog = k.w.findChild<app::DeliverDialog*>("deliver");
    REQUIRE(dialog);
    auto* icons = hand::shown<QLineEdit>(*dialog, "Icons");
    icons->setText("32");
    emit icons->editingFinished();
    hand::shown<QCheckBox>(*dialog, "Reversed")->click(); // two variants: SVG, PDF, PNG, icon each, and the sheet
    auto* png = hand::shown<QLineEdit>(*dialog, "PNG widths");
    png->setText("540 128");
    emit png->editingFinished();
    auto* where = hand::shown<QLineEdit>(*dialog, "Folder");
    where->setText(folder.filePath("client"));
    REQUIRE(hand::waitFor([&] { return dialog->upToDate(); }));
    CHECK(hand::shown<QTreeWidget>(*dialog, "Files")->topLevelItemCount() == 11);
    QPointer<QDialog> open = dialog;
    hand::push(*dialog, "Deliver");
    REQUIRE(hand::waitFor([&] { return !open; }));
    const QDir client(folder.filePath("client"));
    CHECK(client.entryList(QDir::Files | QDir::Hidden).size() == 11);
    for (const QString& name : client.entryList(QDir::Files)) {
        INFO(name.toStdString());
        const QString path = client.filePath(name);
        QFile file(path);
        REQUIRE(file.open(QIODevice::ReadOnly));
        const QByteArray bytes = file.readAll();
        if (name.endsWith(".svg")) {
            const files::SvgResult r = files::readSvg(std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())));
            REQUIRE(r.ok());
            CHECK(r.leftOut.empty());
            if (!name.contains("one-ink")) CHECK(art::nodeCount(r.document) == art::nodeCount(mended));
        } else if (name.endsWith(".png")) {
            const QImage image(path);
            CHECK(image.width() == (name.contains("icon") ? 32 : name.contains("540") ? 540 : 128));
            CHECK(bytes.contains("sRGB"));
        } else {
            CHECK(QProcess::execute("qpdf", {"--check", path}) == 0);
        }
    }
    // Remembered with the document.
    CHECK(QString::fromStdString(k.d().proofing.plan).contains("540"));
}

TEST_CASE("a finding that is meant is not told again until it is asked for")
{
    Work k(demo::nightMarketFaultyMoth());
    const std::size_t all = k.proofing().found().size();
    k.h.key(Qt::Key_F11);
    k.h.key(Qt::Key_F11, Qt::AltModifier);
    k.looked();
    CHECK(k.proofing().found().size() == all - 1);
    CHECK(k.d().proofing.meant.size() == 1);
    hand::push(k.w, "Tell 1 again");
    k.looked();
    CHECK(k.proofing().found().size() == all);
}

TEST_CASE("the process is chosen on the card and measures at the real width")
{
    art::Document d = art::newDocument();
    art::Item i;
    art::Artwork a;
    a.setPaths({curve::polyline({{100, 500}, {900, 520}}, false)});
    a.stroke.colour = art::Colour{0, 0, 0};
    a.stroke.width = 6;
    i.is = a;
    d = art::withItem(d, 0, i).document;
    Work k(d);
    CHECK(k.proofing().found().empty());
    auto* box = hand::shown<QComboBox>(k.w, "Process");
    const int badge = box->findData("enamel-badge");
    REQUIRE(badge > 0);
    box->setCurrentIndex(badge);
    emit box->activated(badge);
    k.looked();
    CHECK(k.d().proofing.process == "enamel-badge");
    CHECK(k.count(Fault::thinPart) == 1); // 6 of 1080 px on 32 mm are 0.18 mm
    hand::enter(k.w, "Real width", "64");
    k.looked();
    CHECK(k.count(Fault::thinPart) == 0);
    k.w.run("undo");
    k.looked();
    CHECK(k.count(Fault::thinPart) == 1);
}

TEST_CASE("marks go and come, the shelf is there in Proof only, and edits are followed")
{
    Work k(demo::nightMarketFaultyMoth());
    CHECK(k.w.shelf().isVisible());
    // In a low window the shelf is lower and still shows its pictures whole.
    k.w.resize(1024, 700);
    hand::settle(60);
    CHECK_FALSE(k.w.shelf().picture("size-128")->isVisible());
    for (const char* id : {"size-64", "size-16", "one-ink", "tritanopia"}) {
        const app::ShelfPicture* p = k.w.shelf().picture(id);
        CHECK(p->geometry().bottom() < p->parentWidget()->height());
    }
    k.w.resize(1280, 800);
    hand::settle(60);
    CHECK(k.w.shelf().picture("size-128")->isVisible());
    hand::push(k.w, "Marks");
    k.h.canvas().grab();
    k.h.click({540, 540});
    hand::push(k.w, "Marks");
    const std::size_t before = k.proofing().found().size();
    // A stroke that stops short of another one, drawn as edits come.
    art::Item line;
    art::Artwork a;
    a.setPaths({curve::polyline({{100, 1000}, {300, 1000}}, false), curve::polyline({{302, 1000}, {500, 1010}}, false)});
    a.stroke.colour = art::Colour{0, 0, 0};
    line.is = a;
    k.w.session().take(art::withItem(k.d(), 0, line).document, "Draw");
    k.looked();
    CHECK(k.proofing().found().size() > before);
    CHECK(k.count(Fault::endsApart) == 2);
    k.w.setStep(app::StepId::trace);
    CHECK_FALSE(k.w.shelf().isVisible());
    CHECK_FALSE(k.proofing().watched());
}

TEST_CASE("what is copied is there as SVG, PDF and PNG")
{
    Work k(demo::nightMarketFaultyMoth());
    k.w.canvas().setFocus();
    k.h.key(Qt::Key_A, Qt::ControlModifier);
    k.h.key(Qt::Key_C, Qt::ControlModifier);
    const QMimeData* copied = QApplication::clipboard()->mimeData();
    REQUIRE(copied);
    CHECK(copied->data("image/svg+xml").contains("<svg"));
    CHECK(copied->data("application/pdf").startsWith("%PDF"));
    const QImage image = QImage::fromData(copied->data("image/png"), "png");
    const curve::Box seen = art::bounds(k.d());
    CHECK(std::abs(image.width() - seen.width()) <= 1.5);
    CHECK(std::abs(image.height() - seen.height()) <= 1.5);
}
