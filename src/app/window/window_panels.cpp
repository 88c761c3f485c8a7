// The panels that float over the bench: the way in of an empty piece, and work recovered from the last time.
#include "app/services/recent.h"
#include "app/theme/images.h"
#include "app/theme/theme.h"
#include "app/window/demonstration.h"
#include "app/window/piece_dialog.h"
#include "app/window/process_dialog.h"
#include "app/window/window.h"
#include "art/templates.h"
#include "files/svg.h"
#include "render/render.h"

#include <QApplication>
#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLocale>
#include <QMenu>
#include <QPainter>
#include <QSettings>
#include <QVBoxLayout>

#include <cmath>

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

} // namespace

bool Window::untouched() const
{
    if (session_.document().layers.size() > 2 || !session_.path().isEmpty() || session_.history().canUndo()) return false;
    // The guides of a template are nothing that was drawn.
    for (const art::LayerPtr& l : session_.document().layers)
        for (const art::ItemPtr& i : l->items)
            if (!i->artwork() || !i->artwork()->guide) return false;
    return true;
}

void Window::placeWelcome()
{
    if (!(untouched() && canvas_->tool() && (canvas_->tool()->id() == "pick" || canvas_->tool()->id() == "place"))) {
        if (welcome_) welcome_->hide();
        return;
    }
    if (!welcome_) {
        welcome_ = new Welcome(session_.jobs(), canvas_);
        connect(welcome_, &Welcome::asks, this, [this](const QString& command) { run(command); });
        connect(welcome_, &Welcome::asksToScan, this, [this](const QPoint& at) {
            QMenu menu;
            for (const Command& c : commands_)
                if (c.id.startsWith("scan-")) menu.addAction(c.name.mid(c.name.indexOf(':') + 2), this, [this, id = c.id] { run(id); });
            menu.exec(at);
        });
        connect(welcome_, &Welcome::opens, this, &Window::openFiles, Qt::QueuedConnection); // the page goes with what is opened
    }
    if (!welcome_->isVisible()) welcome_->refresh();
    welcome_->fit(canvas_->size() - QSize(16, 100)); // the sight line lies over the bench
    const QPointF middle = canvas_->toWidget({session_.document().sheet.width / 2, session_.document().sheet.height / 2});
    const int top = 60, lowest = std::max(top, canvas_->height() - welcome_->height() - 4);
    welcome_->move(static_cast<int>(middle.x() - welcome_->width() / 2.0),
                   std::clamp(static_cast<int>(middle.y() - welcome_->height() / 2.0), std::min(top, lowest), lowest));
    welcome_->show();
}

void Window::beginFrom(const QString& templateId)
{
    const art::Template* t = art::templateNamed(templateId.toStdString());
    if (!t) return;
    const auto fresh = [t](Window& w) {
        w.begin(art::fromTemplate(*t), {});
        if (t->line <= 0) return;
        w.canvas_->look().width = t->line;
    };
    if (!untouched() && others_.another)
        fresh(*others_.another());
    else
        leaveThen([this, fresh] { fresh(*this); });
}

void Window::openRecent()
{
    const std::vector<RecentPiece> all = recentPieces();
    if (all.empty()) {
        say(tr("No piece was opened or saved yet."));
        return;
    }
    std::vector<PieceDialog::Piece> pieces;
    for (const RecentPiece& p : all)
        pieces.push_back(
            {p.title.isEmpty() ? QFileInfo(p.path).completeBaseName() : p.title,
             QString("%1 · %2").arg(QDir::toNativeSeparators(p.path), QLocale().toString(QDateTime::fromSecsSinceEpoch(p.when), QLocale::ShortFormat)),
             [path = p.path] {
                 return recentPicture(path, {240, 180});
             }});
    PieceDialog dialog(session_.jobs(), tr("Recent pieces"), std::move(pieces), this);
    connect(&dialog, &PieceDialog::chosen, this, [this, all](int k) { openDrawing(all[static_cast<std::size_t>(k)].path); });
    dialog.exec();
}

void Window::noteOpen(const QString& path) const
{
    noteRecent(path, QString::fromStdString(session_.document().title));
}

void Window::showStages()
{
    if (!stages_) {
        stages_ = new StagesDialog(session_, *canvas_, this);
        stages_->setAttribute(Qt::WA_DeleteOnClose);
        connect(stages_, &StagesDialog::opensAsNew, this, [this](const art::Document& d) {
            leaveThen([this, d] {
                begin(d, {});
                say(tr("The stage is a piece by itself now. Save it under a name of its own."));
            });
        });
    }
    stages_->show();
    stages_->raise();
    stages_->activateWindow();
}

void Window::showHistory()
{
    if (!history_) {
        history_ = new HistoryDialog(session_, this);
        history_->setAttribute(Qt::WA_DeleteOnClose);
    }
    history_->show();
    history_->raise();
    history_->activateWindow();
}

void Window::showJob(std::optional<StepId> at)
{
    if (!job_) {
        job_ = new JobPage(session_, commands_, this);
        job_->setAttribute(Qt::WA_DeleteOnClose);
        connect(job_, &JobPage::runs, this, [this](const QString& command) {
            activateWindow();
            run(command);
        });
        connect(job_, &JobPage::shows, this, &Window::showAct);
    }
    job_->showStep(at.value_or(course_->current()));
}

void Window::showAct(StepId id)
{
    const auto& all = jobSteps();
    const auto step = std::find_if(all.begin(), all.end(), [&](const JobStep& s) { return s.id == id; });
    if (step == all.end() || !others_.another) return;
    if (step->piece.isEmpty()) {
        others_.another()->play(art::newDocument(), *step);
        return;
    }
    const QString file = demoFile(step->piece);
    if (file.isEmpty()) {
        say(tr("The demo is not installed here."));
        return;
    }
    session_.jobs().run<files::SvgResult>(
        Lane::working, this, [file](const Progress&) { return files::readSvg(files::readText(file.toStdString()).text); },
        [this, step = *step](const std::optional<files::SvgResult>& r) {
            if (r && r->ok()) others_.another()->play(r->document, step);
        },
        Jobs::For::anyPiece);
}

void Window::play(const art::Document& piece, const JobStep& step, double speed)
{
    begin(piece, {});
    session_.keeper().forget();
    leaving_ = true; // nothing here is anybody's work
    auto* shown = new Demonstration(*this, step, speed);
    connect(shown, &Demonstration::ended, this, &QWidget::close, Qt::QueuedConnection);
}

void Window::showMarks(bool on)
{
    marksShown_ = on;
    sight_->setMarksShown(on);
    canvas_->update();
}

void Window::showProcesses()
{
    ProcessDialog(proofing_, this).exec();
    card_->refresh();
}

void Window::showDeliver()
{
    if (!deliver_) {
        deliver_ = new DeliverDialog(session_, proofing_, this);
        deliver_->setAttribute(Qt::WA_DeleteOnClose);
        connect(deliver_, &DeliverDialog::said, this, &Window::warn);
        connect(deliver_, &DeliverDialog::delivered, this,
                [this](const QString& folder, int files) { say(tr("%n file(s) delivered to %1.", nullptr, files).arg(QDir::toNativeSeparators(folder))); });
        connect(deliver_, &DeliverDialog::opensAsNew, this, [this](const art::Document& d) {
            leaveThen([this, d] {
                begin(d, {});
                say(tr("The variant is a piece by itself now. Save it under a name of its own."));
            });
        });
    }
    deliver_->show();
    deliver_->raise();
    deliver_->activateWindow();
}

PartsDialog& Window::showParts()
{
    if (!parts_) {
        parts_ = new PartsDialog(session_, acts_, *canvas_, this);
        parts_->setAttribute(Qt::WA_DeleteOnClose);
    }
    parts_->show();
    parts_->raise();
    parts_->activateWindow();
    return *parts_;
}

void Window::openDemo()
{
    // Those that may be drawn on first, where ./demo puts them.
    const QString own = QApplication::applicationDirPath() + "/demo/saltglass-moth.svg", one = QFileInfo(own).isFile() ? own : demoFile("saltglass-moth.svg");
    const QFileInfoList files = one.isEmpty() ? QFileInfoList() : QFileInfo(one).dir().entryInfoList({"saltglass-*.svg"}, QDir::Files, QDir::Name);
    if (files.isEmpty()) {
        scanPage("moth", 150, 4);
        return;
    }
    std::vector<PieceDialog::Piece> pieces;
    for (const QFileInfo& f : files) {
        QString title = f.completeBaseName().mid(10).replace('-', ' ');
        title[0] = title[0].toUpper();
        pieces.push_back({title, f.fileName(), [path = f.filePath().toStdString(), pictures = &session_.pictures()] {
                              render::Options o;
                              o.pictures = [pictures](const art::Reference& r) { return pictures->wait(r); };
                              return imageOf(render::renderSheet(files::readSvg(files::readText(path).text).document, 240, o));
                          }});
    }
    PieceDialog dialog(session_.jobs(), tr("Pieces of the demo"), std::move(pieces), this);
    connect(&dialog, &PieceDialog::chosen, this, [this, files](int k) { openDrawing(files[k].filePath()); });
    dialog.exec();
}

void Window::openAside()
{
    const auto all = files::aside(QDateTime::currentSecsSinceEpoch());
    if (all.empty()) {
        say(tr("Nothing was put aside in the last %1 days.").arg(files::daysAside));
        return;
    }
    std::vector<PieceDialog::Piece> pieces;
    for (const files::RecoveryEntry& e : all)
        pieces.push_back({e.title.empty() ? tr("Untitled") : QString::fromStdString(e.title), QString::fromStdString(e.when),
                          [path = QString::fromStdString(e.picture)] { return QImage(path); }});
    PieceDialog dialog(session_.jobs(), tr("Put aside"), std::move(pieces), this);
    connect(&dialog, &PieceDialog::chosen, this, [this, all](int k) { openKept(all[static_cast<std::size_t>(k)], false, {}); });
    dialog.exec();
}

// `then` once it is open and kept under our own name.
void Window::openKept(const files::RecoveryEntry& entry, bool discard, const std::function<void()>& then)
{
    if (busy_) {
        say(tr("One thing is still being worked on."));
        return;
    }
    const Progress progress;
    setBusy(tr("Opening what was kept"), progress);
    session_.jobs().run<files::SvgResult>(
        Lane::working, this, [entry](const Progress&) { return files::readKept(entry); },
        [this, entry, discard, then, progress](const std::optional<files::SvgResult>& r) {
            endBusy();
            if (!r || progress.cancelled()) return;
            if (!r->ok()) {
                warn(tr("What was kept cannot be read: %1").arg(QString::fromStdString(r->problem)));
                return;
            }
            leaveThen([this, entry, discard, then, d = r->document] {
                begin(d, QString::fromStdString(entry.original), true);
                say(tr("Opened what was kept. Save it to keep it for good."));
                // Safe under our own name before the old entry goes.
                session_.keeper().keep([entry, discard, then](bool safe) {
                    if (safe && discard) files::discard(entry);
                    if (then) then();
                });
            });
        },
        Jobs::For::thisPiece, progress);
}

void Window::offerRecovered()
{
    const auto left = files::leftBehind();
    if (left.empty() || recovered_) return;
    const files::RecoveryEntry& entry = left.front();
    auto* panel = new Panel(canvas_);
    panel->framed = true;
    panel->setObjectName("recovered");
    auto* row = new QHBoxLayout(panel);
    row->setContentsMargins(14, 12, 14, 12);
    row->setSpacing(12);
    if (!entry.picture.empty()) {
        auto* picture = new QLabel;
        picture->setObjectName("recovered-picture");
        picture->setPixmap(QPixmap(QString::fromStdString(entry.picture)).scaled(96, 72, Qt::KeepAspectRatio, Qt::SmoothTransformation));
        picture->setStyleSheet("background: white; border: 1px solid " + colours().line.name());
        row->addWidget(picture);
    }
    auto* text = new QVBoxLayout;
    text->addWidget(label(tr("Work of the last time was kept"), "title", false));
    text->addWidget(
        label(QString("%1 · %2").arg(entry.title.empty() ? tr("Untitled") : QString::fromStdString(entry.title), QString::fromStdString(entry.when)), "small"));
    if (left.size() > 1) text->addWidget(label(tr("and %1 more").arg(left.size() - 1), "small"));
    auto* acts = new QHBoxLayout;
    auto* open = new Pill({}, tr("Open it"), {}, Pill::Kind::main);
    auto* aside = new Pill({}, tr("Put it aside"));
    aside->setToolTip(tr("File, Open what was put aside brings it back for %1 days").arg(files::daysAside));
    acts->addWidget(open);
    acts->addWidget(aside);
    acts->addStretch();
    text->addLayout(acts);
    row->addLayout(text);
    recovered_ = panel;
    const auto gone = [this] {
        if (!recovered_) return;
        recovered_->deleteLater();
        recovered_ = nullptr;
        QTimer::singleShot(0, this, &Window::offerRecovered);
    };
    connect(open, &QAbstractButton::clicked, this, [this, entry, gone] { openKept(entry, true, gone); });
    connect(aside, &QAbstractButton::clicked, this, [this, entry, gone] {
        const files::FileResult r = files::putAside(entry);
        if (!r.ok()) warn(QString::fromStdString(r.problem));
        if (r.ok()) gone();
    });
    panel->adjustSize();
    panel->move((canvas_->width() - panel->width()) / 2, 56);
    panel->show();
    panel->raise();
}

// -- how a piece was seen ---------------------------------------------------------------------------------------------------------------

namespace {
constexpr int mostViews = 200; // files whose view is remembered

QString viewKey(const QString& path)
{
    const QString whole = QFileInfo(path).canonicalFilePath();
    return QCryptographicHash::hash((whole.isEmpty() ? path : whole).toUtf8(), QCryptographicHash::Sha1).toHex().left(20);
}
} // namespace

void Window::begin(const art::Document& d, const QString& path, bool recovered)
{
    if (!session_.path().isEmpty()) rememberView(session_.path());
    session_.start(d, path, recovered);
    // A recovered piece is older than its file may be: whatever changed that is not known.
    stamp_ = recovered ? QString() : stampOf(path);
    if (!path.isEmpty() && !recovered) noteOpen(path);
    if (!path.isEmpty() && recallView(path)) return;
    bool drawn = false;
    for (const art::LayerPtr& l : d.layers)
        for (const art::ItemPtr& i : l->items) drawn = drawn || !i->reference();
    canvas_->fitSheet();
    setStep(drawn ? StepId::trace : StepId::place);
}

void Window::rememberView(const QString& path) const
{
    QSettings kept;
    kept.beginGroup("views");
    QStringList order = kept.value("order").toStringList();
    const QString key = viewKey(path);
    order.removeAll(key);
    order.prepend(key);
    while (order.size() > mostViews) kept.remove(order.takeLast());
    kept.setValue("order", order);
    const View& v = canvas_->view();
    kept.setValue(key, QVariantList{QString(app::step(course_->current()).key), v.zoom, v.centre.x, v.centre.y, static_cast<int>(v.show), v.veil,
                                    v.referenceHidden, v.turn});
}

bool Window::recallView(const QString& path)
{
    const QVariantList was = QSettings().value("views/" + viewKey(path)).toList();
    if (was.size() < 7) return false;
    View v = canvas_->view();
    const double zoom = was[1].toDouble();
    const curve::Vec2 centre{was[2].toDouble(), was[3].toDouble()};
    if (!(zoom >= View::least && zoom <= View::most) || !std::isfinite(centre.x) || !std::isfinite(centre.y)) return false;
    v.zoom = zoom;
    v.centre = centre;
    v.show = static_cast<Show>(std::clamp(was[4].toInt(), 0, 2));
    const double veil = was[5].toDouble();
    v.veil = std::isfinite(veil) ? std::clamp(veil, 0.0, 1.0) : v.veil;
    v.referenceHidden = was[6].toBool();
    const double turn = was.size() > 7 ? was[7].toDouble() : 0;
    v.turn = std::isfinite(turn) ? std::remainder(turn, 2 * curve::pi) : 0;
    canvas_->setView(v);
    for (const auto& s : steps())
        if (was[0].toString() == s->key) setStep(s->id);
    return true;
}

} // namespace softrope::app
