#include "app/window.h"

#include "app/place_acts.h"
#include "app/theme.h"
#include "art/edits.h"
#include "demo/pages.h"
#include "demo/scanner.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QCloseEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QScreen>
#include <QSettings>
#include <QSplitter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

// The panel of an empty piece, and that of a recovered one, floating over the bench.
class Panel : public QWidget {
public:
    explicit Panel(QWidget* parent) : QWidget(parent) { setAttribute(Qt::WA_NoMousePropagation); }
    bool framed = false;

protected:
    void paintEvent(QPaintEvent*) override
    {
        if (!framed) return;
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(colours().lineStrong, 1));
        p.setBrush(colours().card);
        p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    }
};

bool isTextInput(const QWidget* w) { return w && (qobject_cast<const QLineEdit*>(w) || w->inherits("QAbstractSpinBox") || w->inherits("QTextEdit") || w->inherits("QComboBox")); }

} // namespace

Window::Window()
{
    setMinimumSize(1024, 700);
    setObjectName("window");
    canvas_ = new Canvas(session_, this);
    for (auto make : {makePick, makePlace, makeStraighten, makeCrop, makeGuide, makePen, makeFreehand, makeStraights, makeBend, makeNodes}) canvas_->addTool(make(*canvas_));
    replay_ = new Replay(*canvas_);

    menu_ = new QMenuBar;
    menu_->setFont(typeface("body"));
    menu_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    title_ = new QLabel;
    title_->setTextFormat(Qt::RichText);
    title_->setAlignment(Qt::AlignCenter);
    title_->setFont(typeface("body"));
    undo_ = new Pill("undo", tr("Undo"), {}, Pill::Kind::segment);
    redo_ = new Pill("redo", {}, {}, Pill::Kind::segment);
    export_ = new Pill("export", tr("Export"));
    undo_->setToolTip(tr("Undo (Ctrl+Z)"));
    redo_->setToolTip(tr("Redo (Ctrl+Shift+Z)"));
    redo_->setAccessibleName(tr("Redo"));
    export_->setToolTip(tr("SVG, PDF or PNG (Ctrl+E)"));
    auto* top = new QWidget;
    top->setFixedHeight(32);
    auto* topRow = new QHBoxLayout(top);
    topRow->setContentsMargins(8, 1, 12, 1);
    topRow->setSpacing(4);
    topRow->addWidget(menu_);
    topRow->addWidget(title_, 1);
    topRow->addWidget(undo_);
    topRow->addWidget(redo_);
    topRow->addWidget(export_);

    course_ = new Course;
    tray_ = new Tray(*canvas_);
    card_ = new Card(session_, *canvas_);
    layers_ = new LayerList(session_);
    strip_ = new ReadingStrip;
    sight_ = new SightLine(*canvas_);

    auto* benchColumn = new QWidget;
    auto* bench = new QVBoxLayout(benchColumn);
    bench->setContentsMargins(0, 0, 0, 0);
    bench->setSpacing(0);
    bench->addWidget(canvas_, 1);
    bench->addWidget(tray_);
    down_ = new QSplitter(Qt::Vertical);
    down_->addWidget(card_);
    down_->addWidget(layers_);
    down_->setHandleWidth(8);
    down_->setStretchFactor(0, 1);
    down_->setStretchFactor(1, 0);
    down_->setChildrenCollapsible(false);
    auto* side = new QWidget;
    auto* sideColumn = new QVBoxLayout(side);
    sideColumn->setContentsMargins(8, 10, 10, 8);
    sideColumn->addWidget(down_);
    side->setMinimumWidth(264);
    side->setMaximumWidth(420);
    across_ = new QSplitter(Qt::Horizontal);
    across_->addWidget(benchColumn);
    across_->addWidget(side);
    across_->setStretchFactor(0, 1);
    across_->setStretchFactor(1, 0);
    across_->setHandleWidth(3);
    across_->setChildrenCollapsible(false);

    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(top);
    column->addWidget(course_);
    column->addWidget(across_, 1);
    column->addWidget(strip_);

    makeCommands();
    makeMenus();
    // Many changes in one go make one refresh.
    soon_.setSingleShot(true);
    soon_.setInterval(0);
    connect(&soon_, &QTimer::timeout, this, &Window::refresh);
    const auto later = [this] { soon_.start(); };
    connect(&session_, &Session::documentChanged, this, later);
    connect(&session_, &Session::selectionChanged, this, later);
    connect(&session_, &Session::keptChanged, this, later);
    connect(&session_, &Session::problem, this, [this](const QString& t) { say(t); });
    connect(canvas_, &Canvas::toolChanged, this, later);
    connect(canvas_, &Canvas::viewChanged, this, [this] {
        refreshReadings();
        placeWelcome();
    });
    connect(canvas_, &Canvas::said, this, [this](const QString& t, quint64 layer) { say(t, layer); });
    connect(canvas_, &Canvas::filesDropped, this, &Window::openFiles);
    connect(course_, &Course::chosen, this, &Window::setStep);
    connect(course_, &Course::lookedFor, this, [this](int i) {
        setStep(i);
        run("next-end");
    });
    connect(undo_, &QAbstractButton::clicked, this, [this] { run("undo"); });
    connect(redo_, &QAbstractButton::clicked, this, [this] { run("redo"); });
    connect(export_, &QAbstractButton::clicked, this, [this] { run("export"); });
    connect(card_, &Card::asksForPicture, this, [this] { run("bring-picture"); });
    connect(card_, &Card::asksForPaste, this, &Window::pasteAnything);
    connect(card_, &Card::asksToShow, this, [this](curve::Vec2 place) {
        View v = canvas_->view();
        v.centre = place;
        v.zoom = std::max(v.zoom, 2.0);
        canvas_->setView(v);
    });
    qApp->installEventFilter(this);
    const QSettings kept;
    setStep(0);
    down_->setSizes({500, kept.value("window/layers", 196).toInt()});
    refresh();
}

Window::~Window()
{
    qApp->removeEventFilter(this);
    QThreadPool::globalInstance()->waitForDone();
}

// -- commands -----------------------------------------------------------------------------------------------------

bool Window::run(const QString& id)
{
    for (const Command& c : commands_)
        if (c.id == id) {
            if (c.can && !c.can()) return false;
            const auto act = c.run;
            act();
            return true;
        }
    return false;
}

void Window::takePicked(const QString& name, const std::function<art::Document(const art::Document&, const std::vector<art::Id>&)>& act)
{
    if (session_.selection().items.empty()) {
        say(tr("Nothing is picked."));
        return;
    }
    session_.take(act(session_.document(), session_.selection().items), name);
}

void Window::makeCommands()
{
    const auto add = [this](const char* id, const QString& name, const char* keys, const QString& group, std::function<void()> act, std::function<bool()> can = {}) {
        commands_.push_back({id, name, keys, group, std::move(act), std::move(can)});
    };
    const auto picked = [this] { return !session_.selection().items.empty(); };
    const QString file = tr("File"), edit = tr("Edit"), line = tr("Line"), sheet = tr("Sheet"), view = tr("View"), help = tr("Help"), tools = tr("Tools"), go = tr("Steps");
    add("new", tr("New sheet"), "Ctrl+N", file, [this] {
        if (mayLeave()) {
            session_.start(art::newDocument(), {});
            canvas_->fitSheet();
            setStep(0);
        }
    });
    add("open", tr("Open…"), "Ctrl+O", file, [this] {
        const QString path = askFile(true, tr("Open"), tr("Drawings (*.svg);;All files (*)"));
        if (!path.isEmpty()) openDrawing(path);
    });
    add("save", tr("Save"), "Ctrl+S", file, [this] { save(); });
    add("save-as", tr("Save as…"), "Ctrl+Shift+S", file, [this] { saveAs(); });
    add("bring-picture", tr("Bring in pictures…"), "Ctrl+I", file, [this] {
        const QStringList paths = QFileDialog::getOpenFileNames(this, tr("Bring in pictures"), QSettings().value("folder").toString(), tr("Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif);;All files (*)"));
        if (!paths.isEmpty()) bringPictures(paths);
    });
    add("export", tr("Export…"), "Ctrl+E", file, [this] {
        const QString base = session_.path().isEmpty() ? QString("drawing") : QFileInfo(session_.path()).completeBaseName();
        const QString path = askFile(false, tr("Export"), tr("Clean SVG (*.svg);;PDF (*.pdf);;PNG (*.png)"), base + "-clean.svg");
        if (path.isEmpty()) return;
        const QString trouble = exportTo(path);
        say(trouble.isEmpty() ? tr("Exported %1.").arg(QFileInfo(path).fileName()) : trouble);
    });
    add("export-large", tr("Export PNG at twice the size…"), "", file, [this] {
        const QString path = askFile(false, tr("Export PNG"), tr("PNG (*.png)"), "drawing.png");
        if (path.isEmpty()) return;
        const QString trouble = exportTo(path, static_cast<int>(session_.document().sheet.width * 2));
        say(trouble.isEmpty() ? tr("Exported %1.").arg(QFileInfo(path).fileName()) : trouble);
    });
    for (const demo::Page& page : demo::pages())
        for (const int dpi : {150, 300}) {
            const QString id = QString("scan-%1-%2").arg(QString::fromStdString(page.id)).arg(dpi);
            commands_.push_back({id, tr("Scan a page: %1, %2 dpi").arg(QString::fromStdString(page.title)).arg(dpi), {}, file, [this, page, dpi] {
                                     QSettings kept;
                                     const quint64 seed = kept.value("scanner/seed", 1).toULongLong();
                                     kept.setValue("scanner/seed", seed + 1);
                                     scanPage(QString::fromStdString(page.id), dpi, seed);
                                 }, [this] { return !busy_; }});
        }
    add("quit", tr("Quit"), "Ctrl+Q", file, [this] { close(); });

    add("undo", tr("Undo"), "Ctrl+Z", edit, [this] {
        const QString name = QString::fromStdString(session_.history().undoName());
        session_.undo();
        strip_->say(tr("Took back: %1.").arg(name.toLower()));
    }, [this] { return session_.history().canUndo(); });
    add("redo", tr("Redo"), "Ctrl+Shift+Z", edit, [this] { session_.redo(); }, [this] { return session_.history().canRedo(); });
    add("copy", tr("Copy"), "Ctrl+C", edit, [this] { copyPicked(); }, picked);
    add("paste", tr("Paste"), "Ctrl+V", edit, [this] { pasteAnything(); });
    add("duplicate", tr("Duplicate"), "Ctrl+D", edit, [this] {
        const art::Copies c = art::withCopies(session_.document(), session_.selection().items);
        art::Selection s = session_.selection();
        s.items = c.items;
        session_.take(art::transformed(c.document, c.items, curve::translation({12, 12})), s, tr("Duplicate"));
    }, picked);
    add("delete", tr("Delete"), "Del", edit, [this] { deletePicked(); }, picked);
    add("pick-all", tr("Pick everything"), "Ctrl+A", edit, [this] {
        std::vector<art::Id> all;
        for (const art::LayerPtr& l : session_.document().layers)
            if (l->shown && !l->locked)
                for (const art::ItemPtr& i : l->items) all.push_back(i->id);
        session_.pickItems(all);
    });
    for (const int by : {1, -1})
        add(by > 0 ? "pick-next" : "pick-before", by > 0 ? tr("Pick the next thing") : tr("Pick the one before"), by > 0 ? "Tab" : "Shift+Tab", edit, [this, by] {
            std::vector<art::Id> all;
            for (const art::LayerPtr& l : session_.document().layers)
                if (l->shown && !l->locked)
                    for (const art::ItemPtr& i : l->items) all.push_back(i->id);
            if (all.empty()) return;
            const auto& now = session_.selection().items;
            const auto at = now.empty() ? all.end() : std::find(all.begin(), all.end(), now.front());
            const auto n = static_cast<std::ptrdiff_t>(all.size());
            const std::ptrdiff_t next = at == all.end() ? (by > 0 ? 0 : n - 1) : ((at - all.begin()) + by + n) % n;
            session_.pickItems({all[static_cast<std::size_t>(next)]});
        });
    add("find-command", tr("Find a command…"), "Ctrl+K", edit, [this] {
        auto* p = new CommandPalette(commands_, this);
        p->setAttribute(Qt::WA_DeleteOnClose);
        p->move(mapToGlobal(QPoint(width() / 2 - 220, 70)));
        p->show();
    });

    add("reverse", tr("Turn line round"), "", line, [this] {
        takePicked(tr("Turn line round"), [](const art::Document& d, const std::vector<art::Id>& items) {
            return art::withItemsChanged(d, items, [](art::Item& i) {
                if (art::Artwork* a = std::get_if<art::Artwork>(&i.is))
                    for (curve::Path& p : a->paths) p = curve::reversed(p);
            });
        });
    }, picked);
    add("close-line", tr("Close line with a straight"), "Ctrl+J", line, [this] {
        takePicked(tr("Close line"), [](const art::Document& d, const std::vector<art::Id>& items) {
            return art::withItemsChanged(d, items, [](art::Item& i) {
                if (art::Artwork* a = std::get_if<art::Artwork>(&i.is)) {
                    for (curve::Path& p : a->paths)
                        if (p.nodes.size() > 2) p.closed = true;
                    a->drawn.reset();
                }
            });
        });
    }, picked);
    add("join-near", tr("Join all ends that nearly meet"), "Ctrl+Shift+J", line, [this] {
        art::Document d = session_.document();
        int joined = 0;
        while (true) {
            const auto ends = art::openEnds(d);
            double best = curve::joinReach;
            std::optional<std::pair<art::OpenEnd, art::OpenEnd>> pair;
            for (std::size_t i = 0; i < ends.size(); ++i)
                for (std::size_t k = i + 1; k < ends.size(); ++k)
                    if (const double e = distance(ends[i].at, ends[k].at); e <= best) {
                        best = e;
                        pair = {ends[i], ends[k]};
                    }
            if (!pair) break;
            const art::Document next = art::withEndsJoined(d, pair->first, pair->second);
            if (next == d) break;
            d = next;
            ++joined;
        }
        if (joined == 0) {
            say(tr("No two open ends are within %1 of each other.").arg(pxText(curve::joinReach)));
            return;
        }
        session_.take(d, tr("Join ends"));
        say(tr("Joined %1 pairs of ends. Ctrl+Z takes them apart.").arg(joined));
    });
    add("copy-look", tr("Take this line's look for the next ones"), "Ctrl+Alt+C", line, [this] {
        if (const art::Item* i = session_.document().item(session_.selection().items.front()); i && i->artwork()) canvas_->look() = i->artwork()->stroke;
    }, picked);
    add("put-look", tr("Give the kept look to what is picked"), "Ctrl+Alt+V", line, [this] {
        takePicked(tr("Give look"), [look = canvas_->look()](const art::Document& d, const std::vector<art::Id>& items) {
            return art::withItemsChanged(d, items, [&](art::Item& i) {
                if (art::Artwork* a = std::get_if<art::Artwork>(&i.is)) a->stroke = look;
            });
        });
    }, picked);
    const std::vector<std::tuple<const char*, QString, art::Side>> sides{{"align-left", tr("Align to sheet: left"), art::Side::left}, {"align-centre", tr("Align to sheet: centre"), art::Side::centre},
                                                                         {"align-right", tr("Align to sheet: right"), art::Side::right}, {"align-top", tr("Align to sheet: top"), art::Side::top},
                                                                         {"align-middle", tr("Align to sheet: middle"), art::Side::middle}, {"align-bottom", tr("Align to sheet: bottom"), art::Side::bottom}};
    for (const auto& [id, name, side] : sides)
        add(id, name, "", line, [this, name, side] { takePicked(name, [side](const art::Document& d, const std::vector<art::Id>& items) { return art::alignedToSheet(d, items, side); }); }, picked);

    add("add-layer", tr("Add layer"), "Ctrl+Shift+N", sheet, [this] {
        art::Added a = art::withNewLayer(session_.document(), "Layer " + std::to_string(session_.document().layers.size() + 1), session_.selection().layer);
        art::Selection s = session_.selection();
        s.layer = a.id;
        session_.take(a.document, s, tr("Add layer"));
    });
    for (const int by : {1, -1})
        add(by > 0 ? "layer-up" : "layer-down", by > 0 ? tr("Move layer up") : tr("Move layer down"), by > 0 ? "Ctrl+Alt+Up" : "Ctrl+Alt+Down", sheet,
            [this, by] { session_.take(art::withLayerMoved(session_.document(), session_.selection().layer, by), tr("Move layer")); });
    add("centre-guides", tr("Centre guides"), "", sheet, [this] {
        const art::Sheet s = session_.document().sheet;
        art::Document d = art::withGuide(session_.document(), {s.width / 2, s.height / 2}, 0).document;
        session_.take(art::withGuide(d, {s.width / 2, s.height / 2}, curve::pi / 2).document, tr("Centre guides"));
    });
    add("drop-guides", tr("Drop all guides"), "", sheet, [this] {
        art::Document d = session_.document();
        d.guides.clear();
        session_.take(d, tr("Drop guides"));
    });
    add("straighten-auto", tr("Straighten the picture by itself"), "", sheet, [this] {
        if (const art::Item* i = referenceInHand(session_.document(), session_.selection())) straightenByItself(*canvas_, i->id);
        else say(tr("There is no picture to straighten."));
    });
    add("snapping", tr("Snapping on or off"), "Ctrl+Shift+;", sheet, [this] {
        canvas_->setSnapping(!canvas_->snapping());
        say(canvas_->snapping() ? tr("Snapping is on.") : tr("Snapping is off."));
    });

    const auto change = [this](const std::function<void(View&)>& act) {
        View v = canvas_->view();
        act(v);
        canvas_->setView(v);
    };
    add("next-view", tr("Next view: Over, Beside, Alone"), "V", view, [change] { change([](View& v) { v.show = v.show == Show::over ? Show::beside : v.show == Show::beside ? Show::alone : Show::over; }); });
    add("hide-reference", tr("Hide or show the reference"), "X", view, [change] { change([](View& v) { v.referenceHidden = !v.referenceHidden; }); });
    add("veil-less", tr("Less of the reference"), "[", view, [change] { change([](View& v) { v.veil = std::max(0.0, v.veil - 0.05); }); });
    add("veil-more", tr("More of the reference"), "]", view, [change] { change([](View& v) { v.veil = std::min(1.0, v.veil + 0.05); }); });
    add("whole-sheet", tr("Whole sheet"), "0", view, [this] { canvas_->fitSheet(); });
    add("fit-picked", tr("Fit what is picked"), "9", view, [this] { canvas_->fitSelection(); });
    add("hundred", tr("100 %"), "8", view, [this] { canvas_->zoomTo(1); });
    add("zoom-in", tr("Zoom in"), "Ctrl++", view, [this] { canvas_->zoomBy(1.25); });
    add("zoom-out", tr("Zoom out"), "Ctrl+-", view, [this] { canvas_->zoomBy(0.8); });
    add("next-end", tr("Next open end"), ".", view, [this] {
        const auto ends = art::openEnds(session_.document());
        if (ends.empty()) {
            say(tr("No line has an open end."));
            return;
        }
        // The one after what is in the middle of the view now.
        static std::size_t next = 0;
        View v = canvas_->view();
        v.centre = ends[next++ % ends.size()].at;
        canvas_->setView(v);
    });
    add("day", tr("Day"), "", view, [this] { makeTheme(Theme::day); });
    add("evening", tr("Evening"), "", view, [this] { makeTheme(Theme::evening); });
    add("desktop-theme", tr("As the desktop"), "", view, [this] { makeTheme(Theme::desktop); });
    add("next-part", tr("Next part of the window"), "F6", view, [this] {
        const std::vector<QWidget*> parts{course_, canvas_, tray_, card_, layers_};
        std::size_t at = 0;
        for (std::size_t i = 0; i < parts.size(); ++i)
            if (parts[i] == focusWidget() || (focusWidget() && parts[i]->isAncestorOf(focusWidget()))) at = i + 1;
        QWidget* next = parts[at % parts.size()];
        if (next->focusPolicy() != Qt::NoFocus) {
            next->setFocus(Qt::TabFocusReason);
            return;
        }
        for (QWidget* w : next->findChildren<QWidget*>())
            if (w->focusPolicy() & Qt::TabFocus && w->isVisible()) {
                w->setFocus(Qt::TabFocusReason);
                return;
            }
    });

    for (std::size_t i = 0; i < steps().size(); ++i)
        add(("step-" + steps()[i].id).toUtf8().constData(), tr("Step %1: %2").arg(i + 1).arg(steps()[i].name), QString::number(i + 1).toUtf8().constData(), go, [this, i] { setStep(static_cast<int>(i)); });
    for (const auto& t : canvas_->tools()) {
        const Tool* tool = t.get();
        commands_.push_back({"tool-" + tool->id(), tool->name(), tool->key(), tools, [this, tool] {
                                 for (std::size_t i = 0; i < steps().size(); ++i) {
                                     const auto& ids = steps()[i].tools;
                                     if (std::find(ids.begin(), ids.end(), tool->id()) != ids.end()) setStep(static_cast<int>(i));
                                 }
                                 canvas_->takeTool(tool->id());
                             }, {}});
    }
    commands_.push_back({"peek", tr("Peek: only the reference, while held (Shift: only the artwork)"), "W", view, [this] {
                             View v = canvas_->view();
                             v.peekReference = !v.peekReference;
                             canvas_->setView(v);
                         }, {}});
    commands_.push_back({"squint", tr("Squint: blurred, while held"), "Q", view, [this] {
                             View v = canvas_->view();
                             v.squint = !v.squint;
                             canvas_->setView(v);
                         }, {}});
    add("replay", tr("Tablet stand-in: play recorded strokes…"), "", help, [this] {
        const QString path = askFile(true, tr("Recorded strokes"), tr("Strokes (*.json);;All files (*)"));
        if (path.isEmpty()) return;
        const Recording r = readRecording(path);
        if (!r.problem.isEmpty()) say(r.problem);
        else replay_->start(r);
    });
    add("replay-stop", tr("Tablet stand-in: stop"), "", help, [this] { replay_->stop(); }, [this] { return replay_->running(); });
    add("keys", tr("Keys"), "F1", help, [this] {
        ShortcutPage page(commands_, this);
        page.exec();
    });
    add("happened", tr("What happened"), "", help, [this] {
        QMessageBox box(this);
        box.setWindowTitle(tr("What happened"));
        const QStringList all = strip_->said();
        box.setText(all.isEmpty() ? tr("Nothing yet.") : all.mid(std::max<qsizetype>(0, all.size() - 20)).join('\n'));
        box.exec();
    });
    add("about", tr("About Soft Rope"), "", help, [this] {
        QMessageBox box(this);
        box.setWindowTitle(tr("About Soft Rope"));
        box.setText(tr("Soft Rope %1\nClean vector artwork from sketches and reference pictures.\n\nFree software under the GNU General Public Licence, version 3 or later.").arg(QApplication::applicationVersion()));
        box.exec();
    });
}

void Window::makeMenus()
{
    std::map<QString, QMenu*> menus;
    for (const char* name : {"File", "Edit", "Line", "Sheet", "View", "Help"}) menus[name] = menu_->addMenu(tr(name));
    QMenu* scans = nullptr;
    QMenu* themes = nullptr;
    QMenu* align = nullptr;
    for (const Command& c : commands_) {
        QMenu* menu = menus.count(c.group) ? menus[c.group] : nullptr;
        QString text = c.name;
        if (c.id.startsWith("scan-")) {
            if (!scans) scans = menu->addMenu(tr("Scan a page"));
            menu = scans;
            text = c.name.mid(c.name.indexOf(':') + 2);
        }
        if (c.id == "day" || c.id == "evening" || c.id == "desktop-theme") {
            if (!themes) themes = menu->addMenu(tr("Theme"));
            menu = themes;
        }
        if (c.id.startsWith("align-")) {
            if (!align) align = menu->addMenu(tr("Align to sheet"));
            menu = align;
            text = c.name.mid(c.name.indexOf(':') + 2);
            text[0] = text[0].toUpper();
        }
        // Tools, peek and squint can be held: their keys are looked after by the event filter. Delete belongs to the bench.
        const bool byFilter = c.id.startsWith("tool-") || c.id == "peek" || c.id == "squint" || c.id == "delete" || c.id == "pick-next" || c.id == "pick-before";
        auto* action = new QAction(text, this);
        action->setMenuRole(QAction::NoRole);
        if (!c.keys.isEmpty() && !byFilter) {
            action->setShortcut(QKeySequence(c.keys));
            action->setShortcutContext(Qt::WindowShortcut);
        } else if (!c.keys.isEmpty() && menu) {
            action->setText(text + '\t' + c.keys);
        }
        connect(action, &QAction::triggered, this, [this, id = c.id] { run(id); });
        if (menu) {
            if (c.id == "export" || c.id == "quit" || c.id == "copy" || c.id == "find-command" || c.id == "keys" || c.id == "centre-guides" || c.id == "whole-sheet") menu->addSeparator();
            menu->addAction(action);
            connect(menu, &QMenu::aboutToShow, this, [action, can = c.can] { action->setEnabled(!can || can()); });
            connect(menu, &QMenu::aboutToHide, this, [action] { action->setEnabled(true); });
        }
        addAction(action);
    }
}

// -- refreshing ---------------------------------------------------------------------------------------------------

void Window::say(const QString& text, art::Id lockedLayer)
{
    lastSaid_ = text;
    if (lockedLayer == 0) {
        strip_->say(text);
        return;
    }
    strip_->say(text, tr("Unlock"), [this, lockedLayer] { session_.take(art::withLayer(session_.document(), lockedLayer, [](art::Layer& l) { l.locked = false; }), tr("Unlock layer")); });
}

void Window::refresh()
{
    const QString name = session_.path().isEmpty() ? tr("Untitled") : QFileInfo(session_.path()).completeBaseName();
    const QString piece = session_.document().title.empty() ? name : QString::fromStdString(session_.document().title);
    const QString muted = colours().textMuted.name();
    title_->setText(QString("<b>%1</b>%2 &nbsp;<span style='color:%3'>%4</span>").arg(piece.toHtmlEscaped(), session_.changed() ? " ·" : "", muted, session_.keptText().toHtmlEscaped()));
    setWindowTitle(piece + (session_.changed() ? " *" : "") + " – Soft Rope");
    const bool canUndo = session_.history().canUndo();
    undo_->setEnabled(canUndo);
    undo_->setText(canUndo ? tr("Undo: %1").arg(QString::fromStdString(session_.history().undoName()).toLower()) : tr("Undo"));
    undo_->updateGeometry();
    redo_->setEnabled(session_.history().canRedo());
    refreshCourse();
    card_->refresh();
    layers_->refresh();
    refreshReadings();
    placeWelcome();
}

void Window::refreshCourse()
{
    int pictures = 0, lines = 0;
    for (const art::LayerPtr& l : session_.document().layers)
        for (const art::ItemPtr& i : l->items) ++(i->reference() ? pictures : lines);
    const int ends = static_cast<int>(art::openEnds(session_.document()).size());
    course_->setState(0, pictures == 0 ? Course::State::notBegun : Course::State::settled, pictures == 0 ? tr("no picture yet") : pictures == 1 ? tr("1 picture") : tr("%1 pictures").arg(pictures));
    const QString text = lines == 0 ? tr("not begun") : (lines == 1 ? tr("1 line") : tr("%1 lines").arg(lines)) + (ends ? tr(", %1 open ends").arg(ends) : QString());
    course_->setState(1, lines == 0 ? Course::State::notBegun : ends ? Course::State::underWay : Course::State::settled, text);
}

void Window::refreshReadings()
{
    std::vector<ReadingStrip::Reading> r;
    const art::Document& d = session_.document();
    if (course_->current() == 0) {
        const double unit = d.sheet.unit == art::Unit::mm ? 96 / 25.4 : d.sheet.unit == art::Unit::in ? 96 : 1;
        const QString name = d.sheet.unit == art::Unit::mm ? "mm" : d.sheet.unit == art::Unit::in ? "in" : "px";
        r.push_back({"reference", tr("Sheet"), QString("%1 × %2").arg(d.sheet.width / unit, 0, 'f', unit > 1 ? 1 : 0).arg(d.sheet.height / unit, 0, 'f', unit > 1 ? 1 : 0), name});
        if (const art::Item* i = referenceInHand(d, session_.selection())) {
            const art::Reference& ref = *i->reference();
            r.push_back({"", tr("Picture"), QString("%1 × %2").arg(ref.picture ? ref.picture->width : 0).arg(ref.picture ? ref.picture->height : 0), tr("px")});
            r.push_back({"", tr("Turn"), QString::number(curve::degrees(ref.turn), 'f', 1) + "°", {}});
            r.push_back({"", tr("Veil"), QString("%1 %").arg(std::lround(canvas_->view().veil * 100)), {}});
        }
    } else {
        const std::size_t all = art::nodeCount(d);
        std::size_t mine = 0;
        double off = -1;
        for (const art::Id id : session_.selection().items)
            if (const art::Item* i = d.item(id); i && i->artwork()) {
                mine += curve::nodeCount(i->artwork()->paths);
                off = std::max(off, art::strayOf(*i->artwork()).value_or(-1));
            }
        r.push_back({"nodes", {}, QString::number(mine ? mine : all), mine ? tr("nodes in this line, %1 on the sheet").arg(all) : tr("nodes on the sheet")});
        if (off >= 0) r.push_back({"", tr("Furthest off"), pxText(off), {}});
        const auto ends = art::openEnds(d);
        r.push_back({"open-end", {}, QString::number(ends.size()), tr("open ends")});
        double gap = 1e300;
        for (std::size_t i = 0; i < ends.size() && ends.size() < 300; ++i)
            for (std::size_t k = i + 1; k < ends.size(); ++k) gap = std::min(gap, distance(ends[i].at, ends[k].at));
        if (gap < 1e300) r.push_back({"", tr("Smallest gap"), pxText(gap), {}});
    }
    const double zoom = canvas_->view().zoom * 100;
    strip_->setReadings(std::move(r), QString("%1 %").arg(zoom, 0, 'f', zoom < 10 ? 1 : 0));
}

void Window::setStep(int step)
{
    if (step < 0 || step >= static_cast<int>(steps().size())) return;
    const bool same = step == course_->current() && shownOnce_;
    course_->setCurrent(step);
    tray_->setStep(step);
    card_->setStep(step);
    canvas_->setPlacing(step == 0);
    const auto& ids = steps()[static_cast<std::size_t>(step)].tools;
    const QString tool = canvas_->tool() ? canvas_->tool()->id() : QString();
    if (!same && tool != "pick" && std::find(ids.begin(), ids.end(), tool) == ids.end()) canvas_->takeTool("pick");
    layOut();
    refreshReadings();
}

// -- layout -------------------------------------------------------------------------------------------------------

void Window::layOut()
{
    const bool low = height() < 760;
    course_->setFixedHeight(low ? 46 : 62);
    tray_->setFixedHeight(low ? 60 : 68);
    tray_->setTileWidth(width() < 1200 ? 72 : width() >= 3000 ? 96 : width() >= 1920 ? 88 : 80);
    sight_->layOut(canvas_->width());
    tray_->setHintShown(canvas_->width() >= 740);
    placeWelcome();
    if (recovered_) recovered_->move((canvas_->width() - recovered_->width()) / 2, 56);
}

void Window::resizeEvent(QResizeEvent*)
{
    layOut();
    QTimer::singleShot(0, this, &Window::layOut);
}

void Window::showEvent(QShowEvent*)
{
    if (shownOnce_) return;
    shownOnce_ = true;
    const int wanted = width() < 1200 ? 264 : width() >= 3000 ? 360 : width() >= 1920 ? 336 : 296;
    across_->setSizes({width() - wanted, wanted});
    connect(across_, &QSplitter::splitterMoved, this, [this] { layOut(); });
    connect(down_, &QSplitter::splitterMoved, this, [this] { QSettings().setValue("window/layers", layers_->height()); });
    QTimer::singleShot(0, this, [this] {
        layOut();
        canvas_->fitSheet();
        canvas_->setFocus();
    });
}

void Window::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.fillRect(rect(), colours().desk);
}

void Window::placeWelcome()
{
    bool empty = session_.document().layers.size() <= 1 && session_.path().isEmpty() && !session_.history().canUndo();
    for (const art::LayerPtr& l : session_.document().layers) empty = empty && l->items.empty();
    empty = empty && canvas_->tool() && (canvas_->tool()->id() == "pick" || canvas_->tool()->id() == "place");
    if (!empty) {
        if (welcome_) welcome_->hide();
        return;
    }
    if (!welcome_) {
        auto* panel = new Panel(canvas_);
        auto* column = new QVBoxLayout(panel);
        column->setSpacing(10);
        auto* icon = new QLabel;
        icon->setPixmap(iconPixmap("place", colours().textMuted, 48, 2));
        icon->setAlignment(Qt::AlignCenter);
        // This panel lies on paper: its words keep the paper's ink in both themes.
        auto* text = label(tr("Drop a sketch or photo here"), "title", false);
        auto* more = label(tr("or start drawing: press 2, then S"), "small", false);
        for (QLabel* l : {text, more}) {
            l->setAlignment(Qt::AlignCenter);
            QPalette q = l->palette();
            q.setColor(QPalette::WindowText, marks().artLine);
            l->setPalette(q);
        }
        auto* first = new QHBoxLayout;
        auto* choose = new Pill("reference", tr("Choose a picture"), {}, Pill::Kind::main);
        auto* paste = new Pill({}, tr("Paste"));
        auto* scan = new Pill("place", tr("Scan a page"));
        auto* demo = new Pill("open-end", tr("Open the demo"));
        demo->setIconName("layer");
        auto* second = new QHBoxLayout;
        for (auto* r : {first, second}) {
            r->setSpacing(8);
            r->addStretch();
        }
        first->addWidget(choose);
        first->addWidget(paste);
        second->addWidget(scan);
        second->addWidget(demo);
        for (auto* r : {first, second}) r->addStretch();
        column->addWidget(icon);
        column->addWidget(text);
        column->addLayout(first);
        column->addLayout(second);
        column->addWidget(more);
        connect(choose, &QAbstractButton::clicked, this, [this] { run("bring-picture"); });
        connect(paste, &QAbstractButton::clicked, this, &Window::pasteAnything);
        connect(scan, &QAbstractButton::clicked, this, [this, scan] {
            QMenu menu;
            for (const Command& c : commands_)
                if (c.id.startsWith("scan-")) menu.addAction(c.name.mid(c.name.indexOf(':') + 2), this, [this, id = c.id] { run(id); });
            menu.exec(scan->mapToGlobal(QPoint(0, scan->height() + 2)));
        });
        connect(demo, &QAbstractButton::clicked, this, [this] {
            // Beside the program, where ./demo puts it; else where an installation has it.
            for (const QString& path : {QApplication::applicationDirPath() + "/demo/saltglass-moth.svg", QApplication::applicationDirPath() + "/../share/soft-rope/saltglass-moth.svg"})
                if (QFileInfo::exists(path)) {
                    openDrawing(path);
                    return;
                }
            scanPage("moth", 150, 4);
        });
        welcome_ = panel;
    }
    welcome_->adjustSize();
    const QPointF middle = canvas_->toWidget({session_.document().sheet.width / 2, session_.document().sheet.height / 2});
    welcome_->move(static_cast<int>(middle.x() - welcome_->width() / 2.0), static_cast<int>(middle.y() - welcome_->height() / 2.0));
    welcome_->show();
}

void Window::makeTheme(Theme t)
{
    applyTheme(t);
    QSettings().setValue("theme", static_cast<int>(t));
    // Everything that paints itself follows at once; labels are given their new colours.
    retint(this);
    menu_->setFont(typeface("body"));
    tray_->setStep(course_->current());
    card_->setStep(course_->current());
    delete welcome_;
    welcome_ = nullptr;
    refresh();
    for (QWidget* w : findChildren<QWidget*>()) w->update();
    update();
}

// -- keys ---------------------------------------------------------------------------------------------------------

void Window::togglePeek(bool held, bool artwork)
{
    View v = canvas_->view();
    v.peekReference = held && !artwork;
    v.peekArtwork = held && artwork;
    canvas_->setView(v);
}

bool Window::eventFilter(QObject* o, QEvent* e)
{
    if (e->type() != QEvent::KeyPress && e->type() != QEvent::KeyRelease) return false;
    auto* w = qobject_cast<QWidget*>(o);
    if (!w || w->window() != this || w != QApplication::focusWidget() || isTextInput(w)) return false;
    auto* k = static_cast<QKeyEvent*>(e);
    const bool down = e->type() == QEvent::KeyPress;
    const auto plain = k->modifiers() & ~Qt::KeypadModifier;
    if (k->isAutoRepeat() && (k->key() == Qt::Key_W || k->key() == Qt::Key_Q || k->key() == heldKey_)) return true;
    if (down && k->key() == Qt::Key_Escape && plain == Qt::NoModifier) {
        canvas_->escape();
        canvas_->setFocus();
        return true;
    }
    if (k->key() == Qt::Key_W && (plain == Qt::NoModifier || plain == Qt::ShiftModifier)) {
        togglePeek(down, plain == Qt::ShiftModifier);
        return true;
    }
    if (k->key() == Qt::Key_Q && plain == Qt::NoModifier) {
        View v = canvas_->view();
        v.squint = down;
        canvas_->setView(v);
        return true;
    }
    if (down && w == canvas_ && (k->key() == Qt::Key_Tab || k->key() == Qt::Key_Backtab)) {
        run(k->key() == Qt::Key_Tab ? "pick-next" : "pick-before");
        return true;
    }
    if (down && (k->key() == Qt::Key_Delete || k->key() == Qt::Key_Backspace) && plain == Qt::NoModifier && w == canvas_) {
        if (canvas_->tool() && canvas_->tool()->key(*k)) canvas_->update();
        else deletePicked();
        return true;
    }
    // Tool keys go by place: those of the step in force.
    if (plain == Qt::NoModifier && !k->text().isEmpty()) {
        for (const QString& id : steps()[static_cast<std::size_t>(course_->current())].tools) {
            const Tool* t = canvas_->toolNamed(id);
            if (!t || t->key() != k->text().toUpper() || (down && heldKey_ != 0)) continue;
            if (down) {
                heldKey_ = k->key();
                heldFrom_ = canvas_->tool() ? canvas_->tool()->id() : QString("pick");
                heldFor_.start();
                canvas_->takeTool(id);
                canvas_->setFocus();
                return true;
            }
        }
    }
    if (!down && k->key() == heldKey_) {
        heldKey_ = 0;
        // Held longer than a tap, the tool was only borrowed.
        if (heldFor_.elapsed() > 250) canvas_->takeTool(heldFrom_);
        return true;
    }
    return false;
}

// -- acts ---------------------------------------------------------------------------------------------------------

void Window::deletePicked()
{
    const auto items = session_.selection().items;
    if (items.empty()) return;
    const art::Document d = art::withoutItems(session_.document(), items);
    if (d == session_.document()) {
        say(tr("What is picked is locked."));
        return;
    }
    session_.take(d, tr("Delete"));
    say(items.size() == 1 ? tr("Deleted 1 thing. Ctrl+Z brings it back.") : tr("Deleted %1 things. Ctrl+Z brings them back.").arg(items.size()));
}

void Window::copyPicked()
{
    art::Document d = art::newDocument(session_.document().sheet);
    d.layers.clear();
    for (const art::LayerPtr& l : session_.document().layers) {
        auto copy = std::make_shared<art::Layer>(*l);
        copy->items.erase(std::remove_if(copy->items.begin(), copy->items.end(), [&](const art::ItemPtr& i) { return !session_.selection().has(i->id); }), copy->items.end());
        copy->shown = true;
        if (!copy->items.empty()) d.layers.push_back(copy);
    }
    auto* mime = new QMimeData;
    const std::string svg = files::writeWorkingSvg(d);
    mime->setData("image/svg+xml", QByteArray(svg.data(), static_cast<qsizetype>(svg.size())));
    QApplication::clipboard()->setMimeData(mime);
    say(tr("Copied."));
}

void Window::pasteAnything()
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    if (mime && mime->hasFormat("image/svg+xml")) {
        const QByteArray svg = mime->data("image/svg+xml");
        const files::SvgResult r = files::readSvg(std::string_view(svg.constData(), static_cast<std::size_t>(svg.size())));
        if (r.ok()) {
            art::Document d = session_.document();
            art::Selection s = session_.selection();
            s.items.clear();
            s.nodes.clear();
            for (const art::LayerPtr& l : r.document.layers)
                for (const art::ItemPtr& i : l->items) {
                    const art::Added a = art::withItem(d, s.layer, *i);
                    d = a.document;
                    if (a.id) s.items.push_back(a.id);
                }
            if (s.items.empty()) say(tr("Nothing could be pasted: the layer is locked."));
            else session_.take(art::transformed(d, s.items, curve::translation({12, 12})), s, tr("Paste"));
            return;
        }
    }
    if (mime && mime->hasUrls()) {
        QStringList paths;
        for (const QUrl& u : mime->urls())
            if (u.isLocalFile()) paths << u.toLocalFile();
        if (!paths.isEmpty()) {
            openFiles(paths);
            return;
        }
    }
    if (mime && mime->hasImage()) {
        const QImage image = qvariant_cast<QImage>(mime->imageData());
        QByteArray png;
        QBuffer buffer(&png);
        buffer.open(QIODevice::WriteOnly);
        if (!image.isNull() && image.save(&buffer, "png")) {
            auto file = std::make_shared<art::PictureFile>();
            const auto* from = reinterpret_cast<const std::byte*>(png.constData());
            file->bytes.assign(from, from + png.size());
            file->format = "png";
            file->width = image.width();
            file->height = image.height();
            addReference(file, tr("Pasted picture"), nullptr);
            return;
        }
    }
    say(tr("There is nothing to paste: copy a picture or a drawing first."));
}

void Window::addReference(const std::shared_ptr<const art::PictureFile>& file, const QString& name, PictureShelf::Picture decoded)
{
    if (decoded) session_.pictures().put(file, std::move(decoded));
    const art::Added a = art::withReference(session_.document(), file, name.toStdString());
    session_.take(a.document, tr("Bring in %1").arg(name));
    say(tr("%1 is fitted, dimmed to 50 % and locked. Unlock it to move it.").arg(name));
}

void Window::setBusy(const QString& name, const Progress& progress)
{
    busy_ = true;
    auto* timer = new QTimer(card_);
    timer->setObjectName("busy");
    timer->setInterval(60);
    connect(timer, &QTimer::timeout, this, [this, name, progress] { card_->setTask(name, progress.share->load(), [progress] { progress.stopped->store(true); }); });
    timer->start();
    card_->setTask(name, 0, [progress] { progress.stopped->store(true); });
}

void Window::endBusy()
{
    for (QTimer* t : card_->findChildren<QTimer*>("busy")) t->deleteLater();
    card_->setTask({}, 0, {});
    busy_ = false;
    emit idle();
}

void Window::bringPictures(const QStringList& paths)
{
    if (busy_) {
        say(tr("One thing is still being worked on."));
        return;
    }
    QSettings().setValue("folder", QFileInfo(paths.front()).absolutePath());
    struct Got {
        std::shared_ptr<const art::PictureFile> file;
        PictureShelf::Picture picture;
        QString name, problem;
    };
    const Progress progress;
    setBusy(paths.size() == 1 ? tr("Reading %1").arg(QFileInfo(paths.front()).fileName()) : tr("Reading %1 pictures").arg(paths.size()), progress);
    inBackground<std::vector<Got>>(
        this, progress,
        [paths](const Progress& p) {
            std::vector<Got> all;
            for (qsizetype i = 0; i < paths.size() && !p.cancelled(); ++i) {
                Got g;
                g.name = QFileInfo(paths[i]).completeBaseName();
                p.share->store((static_cast<double>(i) + 0.1) / static_cast<double>(paths.size()));
                files::PictureResult r = files::readPictureFile(paths[i].toStdString(), [&p] { return p.cancelled(); });
                if (r.ok()) {
                    auto file = std::make_shared<art::PictureFile>();
                    QFile in(paths[i]);
                    if (in.open(QIODevice::ReadOnly)) {
                        const QByteArray bytes = in.readAll();
                        const auto* from = reinterpret_cast<const std::byte*>(bytes.constData());
                        file->bytes.assign(from, from + bytes.size());
                    }
                    file->format = r.format;
                    file->width = r.picture.width;
                    file->height = r.picture.height;
                    g.picture = std::make_shared<pixel::Picture>(std::move(r.picture));
                    g.file = file;
                } else {
                    g.problem = QString::fromStdString(r.problem);
                }
                all.push_back(std::move(g));
            }
            return all;
        },
        [this, progress](std::vector<Got> all) {
            endBusy();
            if (progress.cancelled()) {
                say(tr("Stopped. Nothing was brought in."));
                return;
            }
            QString trouble;
            for (Got& g : all) {
                if (g.file) addReference(g.file, g.name, g.picture);
                else trouble = g.problem;
            }
            if (!trouble.isEmpty()) say(trouble);
        });
}

void Window::scanPage(const QString& id, int dotsPerInch, quint64 seed)
{
    if (busy_) return;
    const demo::Page page = demo::page(id.toStdString());
    if (page.id.empty()) return;
    struct Got {
        std::shared_ptr<const art::PictureFile> file;
        PictureShelf::Picture picture;
    };
    const Progress progress;
    setBusy(tr("Scanning %1").arg(QString::fromStdString(page.title)), progress);
    inBackground<Got>(
        this, progress,
        [page, dotsPerInch, seed](const Progress& p) {
            demo::ScanOptions o;
            o.dotsPerInch = dotsPerInch;
            o.seed = seed;
            o.cancelled = [&p] { return p.cancelled(); };
            o.progress = [&p](double v) { p.share->store(0.8 * v); };
            demo::Scan s = demo::scan(page, o);
            Got g;
            if (s.picture.empty()) return g;
            auto file = std::make_shared<art::PictureFile>();
            file->bytes = files::writePng(s.picture, dotsPerInch);
            file->format = "png";
            file->width = s.picture.width;
            file->height = s.picture.height;
            g.file = file;
            g.picture = std::make_shared<pixel::Picture>(std::move(s.picture));
            return g;
        },
        [this, page](Got g) {
            endBusy();
            if (!g.file) {
                say(tr("Stopped. Nothing was scanned."));
                return;
            }
            addReference(g.file, QString::fromStdString(page.title), g.picture);
        });
}

// -- files --------------------------------------------------------------------------------------------------------

QString Window::askFile(bool open, const QString& title, const QString& filter, const QString& suggestion)
{
    const QString folder = QSettings().value("folder").toString();
    const QString start = suggestion.isEmpty() ? folder : folder + '/' + suggestion;
    QString chosen;
    QString path = open ? QFileDialog::getOpenFileName(this, title, start, filter) : QFileDialog::getSaveFileName(this, title, start, filter, &chosen);
    if (path.isEmpty()) return {};
    if (!open && QFileInfo(path).suffix().isEmpty()) {
        const qsizetype star = chosen.indexOf("*.");
        path += '.' + (star >= 0 ? chosen.mid(star + 2, 3) : QString("svg"));
    }
    QSettings().setValue("folder", QFileInfo(path).absolutePath());
    return path;
}

void Window::openFiles(const QStringList& paths)
{
    QStringList pictures;
    for (const QString& path : paths) {
        if (QFileInfo(path).suffix().toLower() == "svg") openDrawing(path);
        else pictures << path;
    }
    if (!pictures.isEmpty()) bringPictures(pictures);
}

bool Window::openDrawing(const QString& path)
{
    const files::TextResult text = files::readText(path.toStdString());
    if (!text.ok()) {
        say(QString::fromStdString(text.problem));
        return false;
    }
    const files::SvgResult r = files::readSvg(text.text);
    if (!r.ok()) {
        say(QFileInfo(path).fileName() + ": " + QString::fromStdString(r.problem));
        return false;
    }
    if (!mayLeave()) return false;
    // A foreign drawing is not overwritten by a first Save: it has no working file yet.
    session_.start(r.document, r.working ? path : QString());
    canvas_->fitSheet();
    int lines = 0;
    for (const art::LayerPtr& l : r.document.layers)
        for (const art::ItemPtr& i : l->items) lines += i->artwork() != nullptr;
    setStep(lines > 0 ? 1 : 0);
    if (!r.leftOut.empty()) {
        QStringList missed;
        for (const std::string& s : r.leftOut) missed << QString::fromStdString(s);
        say(tr("Opened. Left out: %1.").arg(missed.join(", ")));
    }
    return true;
}

bool Window::save()
{
    if (session_.path().isEmpty()) return saveAs();
    const QString trouble = session_.save(session_.path());
    say(trouble.isEmpty() ? tr("Saved %1.").arg(QFileInfo(session_.path()).fileName()) : trouble);
    return trouble.isEmpty();
}

bool Window::saveAs()
{
    const QString path = askFile(false, tr("Save"), tr("Soft Rope drawing (*.svg)"), "moth.svg");
    if (path.isEmpty()) return false;
    const QString trouble = session_.save(path);
    say(trouble.isEmpty() ? tr("Saved %1.").arg(QFileInfo(path).fileName()) : trouble);
    return trouble.isEmpty();
}

QString Window::exportTo(const QString& path, int width)
{
    const QString suffix = QFileInfo(path).suffix().toLower();
    const art::Document& d = session_.document();
    render::Options o;
    o.references = false;
    if (suffix == "svg") return QString::fromStdString(files::saveAtomically(path.toStdString(), files::writeCleanSvg(d)).problem);
    std::vector<std::byte> bytes;
    if (suffix == "pdf") bytes = render::renderPdf(d, o);
    else if (suffix == "png") bytes = files::writePng(render::renderSheet(d, width > 0 ? width : static_cast<int>(std::lround(d.sheet.width)), o));
    else return tr("The name must end in .svg, .pdf or .png.");
    if (bytes.empty()) return tr("There is not enough memory for this size.");
    return QString::fromStdString(files::saveAtomically(path.toStdString(), bytes).problem);
}

bool Window::mayLeave()
{
    if (!session_.changed()) return true;
    QMessageBox box(this);
    box.setWindowTitle(tr("Unsaved work"));
    box.setText(tr("This piece has changes that are not saved."));
    auto* keep = box.addButton(tr("Save"), QMessageBox::AcceptRole);
    auto* drop = box.addButton(tr("Go on without saving"), QMessageBox::DestructiveRole);
    box.addButton(tr("Stay here"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() == static_cast<QAbstractButton*>(keep)) return save();
    return box.clickedButton() == static_cast<QAbstractButton*>(drop);
}

void Window::closeEvent(QCloseEvent* e)
{
    if (!mayLeave()) {
        e->ignore();
        return;
    }
    QSettings kept;
    kept.setValue("window/size", size());
    kept.setValue("look/width", canvas_->look().width);
    session_.forget();
    e->accept();
}

void Window::offerRecovered()
{
    const auto left = files::leftBehind();
    if (left.empty()) return;
    const files::RecoveryEntry entry = left.front();
    auto* panel = new Panel(canvas_);
    panel->framed = true;
    panel->setObjectName("recovered");
    auto* row = new QHBoxLayout(panel);
    row->setContentsMargins(14, 12, 14, 12);
    row->setSpacing(12);
    if (!entry.picture.empty()) {
        auto* picture = new QLabel;
        picture->setPixmap(QPixmap(QString::fromStdString(entry.picture)).scaled(96, 72, Qt::KeepAspectRatio, Qt::SmoothTransformation));
        picture->setStyleSheet("background: white; border: 1px solid " + colours().line.name());
        row->addWidget(picture);
    }
    auto* text = new QVBoxLayout;
    text->addWidget(label(tr("Work of the last time was kept"), "title", false));
    text->addWidget(label(QString("%1 · %2").arg(entry.title.empty() ? tr("Untitled") : QString::fromStdString(entry.title), QString::fromStdString(entry.when)), "small"));
    if (left.size() > 1) text->addWidget(label(tr("and %1 more").arg(left.size() - 1), "small"));
    auto* acts = new QHBoxLayout;
    auto* open = new Pill({}, tr("Open it"), {}, Pill::Kind::main);
    auto* aside = new Pill({}, tr("Put it aside"));
    acts->addWidget(open);
    acts->addWidget(aside);
    acts->addStretch();
    text->addLayout(acts);
    row->addLayout(text);
    recovered_ = panel;
    const auto gone = [this] {
        recovered_->deleteLater();
        recovered_ = nullptr;
        QTimer::singleShot(0, this, &Window::offerRecovered);
    };
    connect(open, &QAbstractButton::clicked, this, [this, entry, gone] {
        const files::TextResult kept = files::readText(entry.document);
        const files::SvgResult r = files::readSvg(kept.text);
        if (!kept.ok() || !r.ok()) {
            say(tr("What was kept cannot be read: %1").arg(QString::fromStdString(kept.ok() ? r.problem : kept.problem)));
            return;
        }
        if (!mayLeave()) return;
        session_.start(r.document, QString::fromStdString(entry.original), true);
        session_.keep(true); // under our own name before the old entry goes
        files::discard(entry);
        canvas_->fitSheet();
        setStep(1);
        say(tr("Opened what was kept. Save it to keep it for good."));
        gone();
    });
    connect(aside, &QAbstractButton::clicked, this, [entry, gone] {
        files::discard(entry);
        gone();
    });
    panel->adjustSize();
    panel->move((canvas_->width() - panel->width()) / 2, 56);
    panel->show();
    panel->raise();
}

} // namespace softrope::app
