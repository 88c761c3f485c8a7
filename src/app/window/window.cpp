#include "app/window/window.h"
#include "app/commands/next_acts.h"
#include "app/services/explaining.h"
#include "app/services/frame_meter.h"

#include "app/canvas/service_marks.h"
#include "app/commands/clipboard.h"
#include "app/commands/part_acts.h"
#include "app/commands/short_menus.h"
#include "app/services/guard.h"
#include "app/theme/theme.h"
#include "app/tools/build/mirror_acts.h"
#include "app/tools/colour/colour_tools.h"
#include "app/tools/gathering.h"
#include "app/tools/place/place_acts.h"
#include "app/tools/table.h"
#include "app/tools/tone/tone_tools.h"
#include "app/window/tool_film.h"
#include "art/drops.h"
#include "art/edits.h"
#include "art/tones.h"
#include "demo/pages.h"
#include "demo/scanner.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "letter/faces.h"
#include "words/said.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QCloseEvent>
#include <QDialog>
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
#include <QTextDocumentFragment>
#include <QToolTip>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr int hintFrom = 900; // px of the bench

bool isTextInput(const QWidget* w)
{
    return w && (qobject_cast<const QLineEdit*>(w) || w->inherits("QAbstractSpinBox") || w->inherits("QTextEdit") || w->inherits("QComboBox"));
}

} // namespace

Window::Window()
{
    setMinimumSize(1024, 700);
    setObjectName("window");
    canvas_ = new Canvas(session_, this);
    tools_.emplace(Desk{*canvas_, areas_, tracer_, desk_, acts_});
    for (const ToolEntry& e : toolTable())
        if (e.make) canvas_->addTool(e.make(*tools_));
    canvas_->setPreview([this](Marks& m) {
        desk_.paint(m);
        paintFarOff(m, farOff_);
        const auto& one = session_.selection().items;
        const art::Item* line = one.size() == 1 ? session_.document().item(one.front()) : nullptr;
        paintComb(m, farOff_, line ? line->artwork() : nullptr);
        paintTrace(m, tracer_);
        for (const art::Leak& l : survey_.now().leaks) m.ring(l.at, marks().tagFinding, 11);
        if (showsWiderGaps()) paintWiderGaps(m, areas_);
        if (app::step(course_->current()).proofs() && marksShown_) proofMarks_.paint(m, proofing_);
        if (!areasShown_ || course_->current() != StepId::build) return;
        // Each area a light wash of its own, so that neighbours can be told apart.
        int k = 0;
        for (const curve::Paths& outline : areas_.outlines()) {
            QColor wash = colours().teal;
            wash.setAlphaF(0.10F + 0.07F * static_cast<float>(k++ % 4));
            QPainterPath path = painterPath(outline, m.toScreen());
            path.setFillRule(Qt::WindingFill);
            m.painter().fillPath(path, wash);
        }
        paintGaps(m, areas_);
    });
    canvas_->setClicks([this](curve::Vec2 at) {
        if (app::step(course_->current()).proofs() && marksShown_)
            if (const auto mark = proofMarks_.at(canvas_->toWidget(at))) {
                proofing_.take(*mark);
                return true;
            }
        const auto closed = showsWiderGaps() ? areas_.turnGapAt(at, canvas_->px(gapMarkReach)) : std::nullopt;
        if (closed) say(*closed ? tr("This gap counts as closed; another click opens it.") : tr("This gap is open again."));
        return closed.has_value();
    });
    replay_ = new Replay(*canvas_);

    // From the outside in, each with its parent from the start: the style sheet is gone through anew for everything in a widget that
    // changes its parent.
    auto* top = new QWidget(this);
    across_ = new QSplitter(Qt::Horizontal, this);
    auto* benchColumn = new QWidget(across_);
    auto* side = new QWidget(across_);
    down_ = new QSplitter(Qt::Vertical, side);

    menu_ = new QMenuBar(top);
    menu_->setFont(typeface("body"));
    menu_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    title_ = new QLabel;
    title_->setTextFormat(Qt::RichText);
    title_->setAlignment(Qt::AlignCenter);
    title_->setFont(typeface("body"));
    undo_ = new Pill("undo", tr("Undo"), {}, Pill::Kind::segment);
    redo_ = new Pill("redo", {}, {}, Pill::Kind::segment);
    export_ = new Pill("export", tr("Export"));
    undo_->setToolTip(tr("Undo"));
    tellKeysOf(undo_, "undo");
    redo_->setToolTip(tr("Redo"));
    tellKeysOf(redo_, "redo");
    redo_->setAccessibleName(tr("Redo"));
    export_->setToolTip(tr("SVG, PDF or PNG"));
    tellKeysOf(export_, "export");
    top->setFixedHeight(32);
    auto* topRow = new QHBoxLayout(top);
    topRow->setContentsMargins(8, 1, 12, 1);
    topRow->setSpacing(4);
    topRow->addWidget(menu_);
    topRow->addWidget(title_, 1);
    topRow->addWidget(undo_);
    topRow->addWidget(redo_);
    topRow->addWidget(export_);

    course_ = new Course(this);
    tray_ = new Tray(*canvas_, benchColumn);
    shelf_ = new ProofShelf(session_, proofing_);
    shelf_->hide();
    card_ = new Card(session_, *canvas_, tracer_, areas_, desk_, survey_, proofing_, down_);
    layers_ = new LayerList(session_, down_);
    strip_ = new ReadingStrip(this);
    sight_ = new SightLine(*canvas_);
    notices_ = new Notices(canvas_);

    auto* bench = new QVBoxLayout(benchColumn);
    bench->setContentsMargins(0, 0, 0, 0);
    bench->setSpacing(0);
    bench->addWidget(canvas_, 1);
    bench->addWidget(shelf_);
    bench->addWidget(tray_);
    down_->setHandleWidth(8);
    down_->setStretchFactor(0, 1);
    down_->setStretchFactor(1, 0);
    down_->setChildrenCollapsible(false);
    auto* sideColumn = new QVBoxLayout(side);
    sideColumn->setContentsMargins(8, 10, 10, 8);
    sideColumn->addWidget(down_);
    side->setMinimumWidth(264);
    side->setMaximumWidth(420);
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

    tray_->setFilm(new ToolFilm(this));
    // Tool keys go by place: those of the step in force.
    held_ = std::make_unique<HeldKeys>(*canvas_, [this](const QKeyEvent& k) {
        const Step& now = app::step(course_->current());
        for (const QString& id : now.tools())
            if (now.keyOf(id) == k.text().toUpper()) return id;
        return QString();
    });
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
    connect(&tracer_, &Tracer::changed, this, [this] { canvas_->update(); });
    connect(&farOff_, &FarOff::changed, this, [this] { canvas_->update(); });
    connect(&farOff_, &FarOff::said, this, [this](const QString& t) { say(t); });
    connect(&tracer_, &Tracer::said, this, [this](const QString& t) { say(t); });
    connect(card_, &Card::asksToTakeTrace, this, [this] { run("take-trace"); });
    connect(&session_, &Session::documentChanged, this, &Window::watchAreas);
    connect(&session_, &Session::started, this, [this] { counted_ = false; });
    connect(&session_, &Session::documentChanged, this, [this] {
        if (counted_ || !session_.changed()) return;
        counted_ = true;
        countPiece();
    });
    connect(&desk_, &ToneDesk::changed, this, [this] {
        canvas_->update();
        if (course_->current() == StepId::tone) refreshReadings();
    });
    connect(&desk_, &ToneDesk::said, this, [this](const QString& t) { say(t); });
    connect(canvas_, &Canvas::pointerMoved, this, [this] {
        // Only when something else lies under the pointer.
        if (course_->current() != StepId::colour) return;
        const art::ItemPtr under = itemAt(session_.document(), canvas_->pointerOnSheet(), canvas_->px(5));
        if ((under ? under->id : 0) != underPointer_) refreshReadings();
    });
    connect(&deriver_, &Deriver::dropsFollowed, this, &Window::tellDrops);
    // The machine's typefaces are listed before anybody asks: the first time may take a second.
    session_.jobs().run<std::size_t>(
        Lane::working, this, [](const Progress&) { return letter::families().size(); }, [](const std::optional<std::size_t>&) {}, Jobs::For::anyPiece);
    new DropFollower(session_, areas_, *canvas_, this);
    areas_.setFlows(canvas_->setting(settings::dropsFlow) == 1);
    connect(&areas_, &Areas::changed, this, [this] {
        canvas_->update();
        refreshCourse();
        refreshReadings();
    });
    connect(canvas_, &Canvas::menuWanted, this, [this](const QPoint& at, curve::Vec2 place) { benchMenu(*acting_, at, place); });
    connect(&layers_->tree(), &LayerTree::menuWanted, this,
            [this](const QPoint& at, art::Id layer) { rowMenu(*acting_, at, layer, [this] { layers_->tree().edit(layers_->tree().currentIndex()); }); });
    connect(&layers_->tree(), &LayerTree::said, this, [this](const QString& t) { say(t); });
    connect(card_, &Card::asksToRun, this, [this](const char* id) { run(id); });
    connect(sight_, &SightLine::areasWanted, this, [this](bool on) {
        areasShown_ = on;
        canvas_->update();
    });
    connect(sight_, &SightLine::mirrorWanted, this, [this] { run("mirror"); });
    connect(sight_, &SightLine::linesWanted, this, [this] { run("lines-on-top"); });
    connect(sight_, &SightLine::marksWanted, this, [this](bool on) { showMarks(on); });
    connect(&proofing_, &Proofing::said, this, [this](const QString& t) { say(t); });
    connect(&proofing_, &Proofing::changed, this, [this] {
        canvas_->update();
        refreshCourse();
        refreshReadings();
    });
    connect(&proofing_, &Proofing::inHandChanged, canvas_, qOverload<>(&QWidget::update));
    connect(&survey_, &Survey::changed, this, [this] {
        tellEnds();
        soon_.start();
    });
    connect(&session_, &Session::problem, this, &Window::warn);
    connect(canvas_, &Canvas::partDropped, this, [this](const QString& part, curve::Vec2 at) { putPart(acts_, *canvas_, part, at); });
    connect(&acts_, &Acts::said, this, [this](const QString& t) { say(t); });
    connect(&acts_, &Acts::changed, this, [this] {
        if (acts_.working())
            setBusy(acts_.name(), acts_.progress());
        else
            endBusy();
    });
    if (auto* application = qobject_cast<Application*>(qApp))
        connect(application, &Application::caught, this, [this](const QString& text) {
            if (!others_.inFront || others_.inFront()) warn(text);
        });
    connect(canvas_, &Canvas::toolChanged, this, later);
    // Where the tray has no room for it, the strip says what the tool does.
    connect(canvas_, &Canvas::toolChanged, this, [this] {
        if (canvas_->width() >= hintFrom || !explains() || !shownOnce_ || !canvas_->tool() || canvas_->tool()->id() == "pick") return;
        strip_->tell(QTextDocumentFragment::fromHtml(canvas_->tool()->hint()).toPlainText());
    });
    connect(canvas_, &Canvas::viewChanged, this, [this] {
        refreshReadings();
        placeWelcome();
    });
    connect(canvas_, &Canvas::said, this, [this](const QString& t, quint64 layer) { say(t, layer); });
    connect(canvas_, &Canvas::filesDropped, this, &Window::openFiles);
    connect(canvas_, &Canvas::pictureDropped, this, [this](const QImage& picture) { bringImage(*acting_, picture, tr("Dropped picture")); });
    connect(course_, &Course::chosen, this, &Window::setStep);
    connect(course_, &Course::lookedFor, this, [this](StepId id) {
        setStep(id);
        run(app::step(id).looksFor());
    });
    connect(undo_, &QAbstractButton::clicked, this, [this] { run("undo"); });
    connect(redo_, &QAbstractButton::clicked, this, [this] { run("redo"); });
    connect(export_, &QAbstractButton::clicked, this, [this] { run("export"); });
    connect(card_, &Card::asksForPicture, this, [this] { run("bring-picture"); });
    connect(card_, &Card::asksForPaste, this, [this] { run("paste"); });
    connect(card_, &Card::asksToShow, this, [this](curve::Vec2 place) { acting_->show(place, 2); });
    qApp->installEventFilter(this);
    const QSettings kept;
    setStep(StepId::place);
    down_->setSizes({500, kept.value("window/layers", 196).toInt()});
    refresh();
}

Window::~Window()
{
    qApp->removeEventFilter(this);
    // Fields that go still tell what was typed in them: they are left while there is somebody to tell, and dialogs go now.
    if (QWidget* field = focusWidget()) field->clearFocus();
    std::vector<QPointer<QDialog>> dialogs;
    for (QDialog* d : findChildren<QDialog*>(QString(), Qt::FindDirectChildrenOnly)) dialogs.emplace_back(d);
    for (const QPointer<QDialog>& d : dialogs) {
        if (d) d->hide();
        delete d;
    }
    session_.jobs().stop();
    session_.jobs().waitForAll(-1);
}

void Window::setSideLeft(bool left)
{
    QWidget* bench = canvas_->parentWidget();
    const QList<int> sizes = across_->sizes();
    const bool now = across_->indexOf(bench) == 1;
    if (left == now) return;
    across_->insertWidget(left ? 1 : 0, bench);
    across_->setSizes({sizes[1], sizes[0]});
    across_->setStretchFactor(0, left ? 0 : 1);
    across_->setStretchFactor(1, left ? 1 : 0);
    QSettings().setValue("window/side-left", left);
    layOut();
}

// -- refreshing ---------------------------------------------------------------------------------------------------

void Window::say(const QString& text, art::Id locked)
{
    lastSaid_ = text;
    if (locked == 0) {
        const Command* next = commands_.find(actAfter(text));
        // (A tool that is in hand already is no help.)
        const QString inHand = canvas_->tool() ? canvas_->tool()->id() : QString();
        if (next && next->id != "tool-" + inHand && (!next->can || next->can()))
            strip_->say(text, next->name, [this, id = next->id] { run(id); });
        else
            strip_->say(text);
        return;
    }
    strip_->say(text, tr("Unlock"), [this, locked] {
        if (session_.document().layer(locked))
            session_.take(art::withLayer(session_.document(), locked, [](art::Layer& l) { l.locked = false; }), tr("Unlock layer"));
        else
            session_.take(art::withTraits(session_.document(), {locked}, {.locked = false}), tr("Unlock"));
    });
}

void Window::warn(const QString& text)
{
    lastSaid_ = text;
    strip_->note(text);
    notices_->add(text);
}

void Window::refresh()
{
    const FrameMeter::Part spent(words::marked("panels"));
    const QString name = session_.path().isEmpty() ? tr("Untitled") : QFileInfo(session_.path()).completeBaseName();
    const QString piece = session_.document().title.empty() ? name : QString::fromStdString(session_.document().title);
    const QString muted = colours().textMuted.name();
    title_->setText(QString("<b>%1</b>%2 &nbsp;<span style='color:%3'>%4</span>")
                        .arg(piece.toHtmlEscaped(), session_.changed() ? " ·" : "", muted, session_.keptText().toHtmlEscaped()));
    setWindowTitle(piece + (session_.changed() ? " *" : "") + tr(" – Soft Rope"));
    const bool canUndo = session_.history().canUndo();
    undo_->setEnabled(canUndo);
    undo_->setText(canUndo ? tr("Undo: %1").arg(QString::fromStdString(session_.history().undoName())) : tr("Undo"));
    undo_->updateGeometry();
    redo_->setEnabled(session_.history().canRedo());
    refreshCourse();
    sight_->refresh();
    card_->refresh();
    layers_->refresh();
    refreshReadings();
    placeWelcome();
}

Situation Window::situation()
{
    return {session_, survey_.now(), areas_, desk_, *canvas_, proofing_, darkShare_};
}

void Window::refreshCourse()
{
    for (const auto& s : steps()) course_->setState(s->id, s->courseState(situation()));
}

void Window::refreshReadings()
{
    const Step& now = app::step(course_->current());
    if (now.id == StepId::shade || now.id == StepId::proof) weighDocument();
    if (now.id == StepId::colour) {
        const art::ItemPtr under = itemAt(session_.document(), canvas_->pointerOnSheet(), canvas_->px(5));
        underPointer_ = under ? under->id : 0;
        weighDocument();
    }
    const double zoom = canvas_->view().zoom * 100;
    strip_->setReadings(now.readings(situation()),
                        QString("%1 %").arg(zoom, 0, 'f', zoom < 10 ? 1 : 0) +
                            (canvas_->view().turn == 0 ? QString() : QString("  %1°").arg(curve::degrees(canvas_->view().turn), 0, 'f', 0)));
}

void Window::setStep(StepId id)
{
    const Step& next = app::step(id);
    const bool same = id == course_->current() && shownOnce_;
    course_->setCurrent(id);
    tray_->setStep(id);
    card_->setStep(id);
    canvas_->setPlacing(next.placesPictures());
    session_.shading = next.shades();
    canvas_->setLinesOnTop((id == StepId::colour || id == StepId::shade) && canvas_->setting(settings::linesOnTop));
    sight_->setStep(id);
    watchAreas();
    proofing_.setWatched(next.proofs());
    shelf_->setWatched(next.proofs());
    if (shelf_->isVisibleTo(this) != next.proofs()) {
        // The sheet stays whole in view when the shelf takes its room, and gives it back.
        const art::Sheet& sheet = session_.document().sheet;
        const QRectF all = QPolygonF{{canvas_->toWidget({0, 0}), canvas_->toWidget({sheet.width, 0}), canvas_->toWidget({sheet.width, sheet.height}),
                                      canvas_->toWidget({0, sheet.height})}}
                               .boundingRect();
        const bool whole = shownOnce_ && QRectF(canvas_->rect()).adjusted(-2, -2, 2, 2).contains(all);
        shelf_->setVisible(next.proofs());
        if (whole) QTimer::singleShot(0, canvas_, [this] { canvas_->fitSheet(); });
    }
    desk_.setWatched(next.watchesTones());
    tellEnds();
    const QString tool = canvas_->tool() ? canvas_->tool()->id() : QString();
    if (!same && tool != "pick" && !next.has(tool)) canvas_->takeTool("pick");
    layOut();
    refreshReadings();
}

// Open ends matter while lines are drawn and built; later only those of what is in hand.
void Window::tellEnds()
{
    canvas_->setEnds(survey_.now().ends, app::step(course_->current()).ringsEnds());
}

// -- layout -------------------------------------------------------------------------------------------------------

void Window::layOut()
{
    const bool low = height() < 760;
    course_->setFixedHeight(low ? 46 : 62);
    tray_->setFixedHeight(low ? 60 : 68);
    tray_->setTileWidth(width() < 1200 ? 72 : width() >= 3000 ? 96 : width() >= 1920 ? 88 : 80);
    shelf_->setFixedHeight(low ? 150 : 202);
    sight_->layOut(canvas_->width());
    tray_->setHintShown(canvas_->width() >= hintFrom && explains());
    placeWelcome();
    notices_->layOut();
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
    setSideLeft(QSettings().value("window/side-left").toBool());
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

void Window::chooseLanguage(const QString& code)
{
    QSettings().setValue("language", code);
    say(tr("The language changes when the program is started next."));
}

void Window::makeTheme(Theme t)
{
    applyTheme(t);
    QSettings().setValue("theme", static_cast<int>(t));
    followTheme();
    if (others_.follow) others_.follow(this);
}

void Window::followTheme()
{
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

void Window::changeEvent(QEvent* e)
{
    if (e->type() == QEvent::ActivationChange && !isActiveWindow()) {
        held_->letGo();
        canvas_->letKeysGo();
        canvas_->endStroke();
    }
    QWidget::changeEvent(e);
}

bool Window::showTip(QWidget* w, const QPoint& at) const
{
    const Command* c = w->window() == this ? commands_.find(w->property(commandProperty).toString()) : nullptr;
    if (!c || w->toolTip().isEmpty()) return false;
    QToolTip::showText(at, tipOf(*w), w);
    return true;
}

QString Window::tipOf(const QWidget& w) const
{
    const Command* c = commands_.find(w.property(commandProperty).toString());
    const QString keys = c ? QKeySequence(commands_.keysOf(*c)).toString(QKeySequence::NativeText) : QString();
    return keys.isEmpty() ? w.toolTip() : QString("%1 (%2)").arg(w.toolTip(), keys);
}

bool Window::eventFilter(QObject* o, QEvent* e)
{
    if (e->type() == QEvent::ToolTip)
        if (auto* w = qobject_cast<QWidget*>(o)) return showTip(w, static_cast<QHelpEvent*>(e)->globalPos());
    if (e->type() != QEvent::KeyPress && e->type() != QEvent::KeyRelease) return false;
    auto* w = qobject_cast<QWidget*>(o);
    if (!w || w->window() != this || w != QApplication::focusWidget() || isTextInput(w)) return false;
    auto* k = static_cast<QKeyEvent*>(e);
    const bool down = e->type() == QEvent::KeyPress;
    if (down && w == canvas_ && canvas_->typing()) return false; // a letter; what was held before may still be let go
    const auto plain = k->modifiers() & ~Qt::KeypadModifier;
    if (!down) return held_->released(*k);
    if (k->key() == Qt::Key_Escape && plain == Qt::NoModifier) {
        canvas_->escape();
        canvas_->setFocus();
        return true;
    }
    if (w == canvas_ && (k->key() == Qt::Key_Tab || k->key() == Qt::Key_Backtab)) {
        run(k->key() == Qt::Key_Tab ? "pick-next" : "pick-before");
        return true;
    }
    if ((k->key() == Qt::Key_Delete || k->key() == Qt::Key_Backspace) && plain == Qt::NoModifier && w == canvas_) {
        if (canvas_->tool() && canvas_->tool()->key(*k))
            canvas_->update();
        else
            run("delete");
        return true;
    }
    return held_->pressed(*k);
}

} // namespace softrope::app
