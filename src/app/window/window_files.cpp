// What comes in and goes out: drawings and exports.
#include "app/services/recent.h"
#include "app/window/window.h"
#include "art/edits.h"
#include "art/flatten.h"
#include "art/tree.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/render.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QCloseEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QRegularExpression>
#include <QSettings>

#include <algorithm>

namespace softrope::app {

void Window::setBusy(const QString& name, const Progress& progress)
{
    busy_ = true;
    auto* timer = new QTimer(card_);
    timer->setObjectName("busy");
    timer->setInterval(60);
    connect(timer, &QTimer::timeout, this, [this, name, progress] { card_->setTask(name, progress.share->load(), [progress] { progress.stop(); }); });
    timer->start();
    card_->setTask(name, 0, [progress] { progress.stop(); });
}

void Window::endBusy()
{
    for (QTimer* t : card_->findChildren<QTimer*>("busy")) {
        t->stop(); // it would tell of the task once more before it goes
        t->deleteLater();
    }
    card_->setTask({}, 0, {});
    busy_ = false;
    emit idle();
}

QString Window::askFile(bool open, const QString& title, const QString& filter, const QString& suggestion)
{
    QFileDialog dialog(this, title, QSettings().value("folder").toString());
    dialog.setNameFilters(filter.split(";;"));
    dialog.setFileMode(open ? QFileDialog::ExistingFile : QFileDialog::AnyFile);
    dialog.setAcceptMode(open ? QFileDialog::AcceptOpen : QFileDialog::AcceptSave);
    if (!suggestion.isEmpty()) dialog.selectFile(suggestion);
    // The ending is added before the dialog looks whether there is such a file, so that it asks about the right one.
    const auto ending = [](const QString& chosen) {
        const qsizetype star = chosen.indexOf("*.");
        return star < 0 ? QString() : chosen.mid(star + 2, chosen.indexOf(QRegularExpression("[ )]"), star) - star - 2);
    };
    if (!open) {
        dialog.setDefaultSuffix(ending(dialog.selectedNameFilter()));
        connect(&dialog, &QFileDialog::filterSelected, &dialog, [&](const QString& f) { dialog.setDefaultSuffix(ending(f)); });
    }
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty()) return {};
    const QString path = dialog.selectedFiles().front();
    QSettings().setValue("folder", QFileInfo(path).absolutePath());
    return path;
}

QString Window::nameForFile() const
{
    if (!session_.path().isEmpty()) return QFileInfo(session_.path()).completeBaseName();
    // After the title, else after the picture it is drawn from, else as it is called in the title row.
    QString name = QString::fromStdString(session_.document().title);
    art::eachItem(session_.document(), {true, true, false, true}, [&](const art::Item& i, const art::Where&) {
        if (name.isEmpty() && i.reference()) name = QString::fromStdString(i.name);
    });
    if (name.isEmpty()) name = tr("Untitled");
    return name.toLower().replace(QRegularExpression("[^\\p{L}\\p{N}]+"), "-").remove(QRegularExpression("^-|-$"));
}

bool Window::isOpenElsewhere(const QString& path)
{
    if (!others_.raise) return false;
    const QString own = QFileInfo(session_.path()).canonicalFilePath();
    return (own.isEmpty() || own != QFileInfo(path).canonicalFilePath()) && others_.raise(path);
}

void Window::openFiles(const QStringList& paths)
{
    QStringList pictures, drawings;
    for (const QString& path : paths) (QFileInfo(path).suffix().startsWith("svg", Qt::CaseInsensitive) ? drawings : pictures) << path;
    if (drawings.size() > 1 && !others_.another) {
        warn(tr("One drawing is open at a time: %1 was opened, the others were not.").arg(QFileInfo(drawings.front()).fileName()));
        drawings = {drawings.front()};
    }
    // The first goes into this window where it is still empty, the others each into one of their own.
    bool here = !others_.another || untouched();
    for (const QString& drawing : drawings) {
        if (isOpenElsewhere(drawing)) continue;
        Window* w = here ? this : others_.another();
        here = false;
        // Pictures go into the drawing that comes with them.
        w->openDrawing(drawing, [w, pictures] {
            if (!pictures.isEmpty()) w->bringPictures(pictures);
        });
        pictures.clear();
    }
    if (!pictures.isEmpty()) bringPictures(pictures);
}

void Window::openDrawing(const QString& path, const std::function<void()>& then)
{
    // A piece is open in one window only: two would save over one another.
    if (isOpenElsewhere(path)) return;
    if (others_.another && !untouched() && (session_.path().isEmpty() || QFileInfo(session_.path()) != QFileInfo(path))) {
        others_.another()->openDrawing(path, then);
        return;
    }
    if (busy_) {
        say(tr("One thing is still being worked on."));
        return;
    }
    struct Read {
        files::SvgResult svg;
        QString problem;
    };
    const Progress progress;
    setBusy(tr("Opening %1").arg(QFileInfo(path).fileName()), progress);
    session_.jobs().run<Read>(
        Lane::working, this,
        [path](const Progress&) {
            Read r;
            const files::TextResult text = files::readText(path.toStdString());
            if (!text.ok()) {
                r.problem = QString::fromStdString(text.problem);
                return r;
            }
            r.svg = files::readSvg(text.text);
            if (!r.svg.ok()) r.problem = QFileInfo(path).fileName() + ": " + QString::fromStdString(r.svg.problem);
            return r;
        },
        [this, path, progress, then](const std::optional<Read>& r) {
            endBusy();
            if (!r || progress.cancelled()) return;
            if (!r->problem.isEmpty()) {
                warn(r->problem);
                return;
            }
            leaveThen([this, path, then, svg = r->svg] {
                // A foreign drawing is not overwritten by a first Save: it has no working file yet.
                begin(svg.document, svg.working ? path : QString());
                if (then) then();
                if (svg.leftOut.empty()) return;
                QStringList missed;
                for (const std::string& s : svg.leftOut) missed << QString::fromStdString(s);
                warn(tr("Opened. Worth knowing: %1.").arg(missed.join(", ")));
            });
        },
        Jobs::For::thisPiece, progress);
}

void Window::save(const std::function<void()>& then)
{
    if (session_.path().isEmpty())
        saveAs(then);
    else
        saveTo(session_.path(), then);
}

void Window::saveAs(const std::function<void()>& then)
{
    const QString path = askFile(false, tr("Save"), tr("Soft Rope drawing (*.svg)"), nameForFile() + ".svg");
    if (path.isEmpty()) {
        emit stayed();
        return;
    }
    if (isOpenElsewhere(path)) {
        warn(tr("%1 is open in another window: save under another name, or close that one first.").arg(QFileInfo(path).fileName()));
        emit stayed();
        return;
    }
    saveTo(path, then);
}

bool Window::mayWriteOver(const QString& path)
{
    if (path != session_.path() || stamp_.isEmpty()) return true;
    const QString now = stampOf(path);
    if (now.isEmpty() || now == stamp_) return true; // gone is as good as unchanged: nothing is lost
    QMessageBox box(this);
    box.setWindowTitle(tr("Changed elsewhere"));
    box.setText(tr("%1 was changed by another program since it was opened here. Saving writes over that.").arg(QFileInfo(path).fileName()));
    auto* over = box.addButton(tr("Save over it"), QMessageBox::DestructiveRole);
    auto* other = box.addButton(tr("Save as…"), QMessageBox::AcceptRole);
    box.addButton(tr("Stay here"), QMessageBox::RejectRole);
    box.exec();
    if (box.clickedButton() == static_cast<QAbstractButton*>(over)) return true;
    if (box.clickedButton() == static_cast<QAbstractButton*>(other))
        saveAs();
    else
        emit stayed();
    return false;
}

void Window::saveTo(const QString& path, const std::function<void()>& then)
{
    if (!mayWriteOver(path)) return;
    ++saving_;
    rememberView(path);
    session_.save(path, [this, path, then](const QString& trouble) {
        --saving_;
        if (!trouble.isEmpty()) {
            warn(trouble);
            emit stayed();
            return;
        }
        stamp_ = stampOf(path);
        noteOpen(path);
        say(tr("Saved %1.").arg(QFileInfo(path).fileName()));
        if (then) then();
    });
}

void Window::exportTo(const QString& path, int width, const std::function<void(const QString&)>& then)
{
    const QString suffix = QFileInfo(path).suffix().toLower();
    if (suffix != "svg" && suffix != "pdf" && suffix != "png") {
        tellExport(path, tr("The name must end in .svg, .pdf or .png."), then);
        return;
    }
    const auto words = canvas_->setting(settings::svgText) ? files::WordsAs::text : files::WordsAs::outlines;
    exportBy(path, then, [suffix, width, words](const art::Document& d, const Progress& p) -> std::vector<std::byte> {
        if (suffix == "svg") return files::bytesOf(files::writeCleanSvg(d, 3, words));
        render::Options o;
        o.references = false;
        o.cancelled = [&p] { return p.cancelled(); };
        if (suffix == "pdf") return render::renderPdf(d, o);
        return files::writePng(render::renderSheet(d, width > 0 ? width : render::usualWidth(d.sheet), o));
    });
}

void Window::exportFlat(const QString& path, const std::function<void(const QString&)>& then)
{
    exportBy(path, then, [steps = canvas_->setting(settings::flattenSteps)](const art::Document& d, const Progress& p) {
        art::FlattenOptions o;
        o.steps = steps;
        o.cancelled = [&p] { return p.cancelled(); };
        o.progress = [&p](double v) { p.share->store(v); };
        return files::bytesOf(files::writeCleanSvg(art::flattened(d, o).document));
    });
}

// What `make` gives (nothing for want of memory) is written to the path, unless it was stopped.
void Window::exportBy(const QString& path, const std::function<void(const QString&)>& then,
                      std::function<std::vector<std::byte>(const art::Document&, const Progress&)> make)
{
    if (busy_) {
        tellExport(path, tr("One thing is still being worked on."), then);
        return;
    }
    const Progress progress;
    setBusy(tr("Exporting %1").arg(QFileInfo(path).fileName()), progress);
    session_.jobs().run<QString>(
        Lane::working, this,
        [d = session_.document(), path, make = std::move(make), memory = tr("There is not enough memory for this size."),
         stopped = tr("Stopped. Nothing was written.")](const Progress& p) {
            const std::vector<std::byte> bytes = make(d, p);
            if (p.cancelled()) return stopped;
            if (bytes.empty()) return memory;
            return QString::fromStdString(files::saveAtomically(path.toStdString(), bytes).problem);
        },
        [this, path, then](const std::optional<QString>& trouble) {
            endBusy();
            tellExport(path, trouble.value_or(tr("It was not exported.")), then);
        },
        Jobs::For::anyPiece, progress);
}

void Window::tellExport(const QString& path, const QString& trouble, const std::function<void(const QString&)>& then)
{
    if (trouble.isEmpty())
        say(tr("Exported %1.").arg(QFileInfo(path).fileName()));
    else
        warn(trouble);
    if (then) then(trouble);
}

void Window::leaveThen(const std::function<void()>& go)
{
    if (!session_.changed()) {
        go();
        return;
    }
    QMessageBox box(this);
    box.setWindowTitle(tr("Unsaved work"));
    box.setText(tr("This piece has changes that are not saved."));
    auto* keep = box.addButton(tr("Save"), QMessageBox::AcceptRole);
    auto* drop = box.addButton(tr("Go on without saving"), QMessageBox::DestructiveRole);
    box.addButton(tr("Stay here"), QMessageBox::RejectRole);
    box.exec();
    // What was changed while it was being saved is asked about again.
    if (box.clickedButton() == static_cast<QAbstractButton*>(keep)) save([this, go] { leaveThen(go); });
    if (box.clickedButton() == static_cast<QAbstractButton*>(drop)) go();
    if (box.clickedButton() != static_cast<QAbstractButton*>(keep) && box.clickedButton() != static_cast<QAbstractButton*>(drop)) emit stayed();
}

void Window::closeEvent(QCloseEvent* e)
{
    if (!leaving_ && session_.changed()) {
        e->ignore();
        leaveThen([this] {
            leaving_ = true;
            // Not from within the question: a window that is closing is not asked to close again.
            QTimer::singleShot(0, this, &QWidget::close);
        });
        return;
    }
    QSettings kept;
    kept.setValue("window/size", size());
    kept.setValue("look/width", canvas_->look().width);
    if (!session_.path().isEmpty()) rememberView(session_.path());
    session_.jobs().stop();
    session_.keeper().forget();
    e->accept();
    emit closed();
}

} // namespace softrope::app
