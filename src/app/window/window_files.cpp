// What comes in and goes out: pictures, scans, drawings, the clipboard.
#include "app/window/window.h"
#include "art/edits.h"
#include "demo/pages.h"
#include "demo/scanner.h"
#include "demo/shelf.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QCloseEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>

#include <algorithm>

namespace softrope::app {

void Window::deletePicked()
{
    const auto items = session_.selection().items;
    if (items.empty()) return;
    const art::Edited d = art::withoutItems(session_.document(), items);
    if (!d.done()) {
        say(refusalText(d.why));
        return;
    }
    session_.take(d, tr("Delete"));
    say(items.size() == 1 ? tr("Deleted 1 thing. Ctrl+Z brings it back.") : tr("Deleted %1 things. Ctrl+Z brings them back.").arg(items.size()));
}

void Window::pasteAnything()
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    if (pasteDrawing(false)) return;
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
    connect(timer, &QTimer::timeout, this,
            [this, name, progress] { card_->setTask(name, progress.share->load(), [progress] { progress.stopped->store(true); }); });
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
                files::PictureResult r = files::readPictureFile(
                    paths[i].toStdString(), [&p] { return p.cancelled(); },
                    [&](double share) { p.share->store((static_cast<double>(i) + share) / static_cast<double>(paths.size())); });
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
                if (g.file)
                    addReference(g.file, g.name, g.picture);
                else
                    trouble = g.problem;
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

void Window::bringFromShelf(const QString& id)
{
    if (busy_) return;
    const auto& all = demo::shelf();
    const auto found = std::find_if(all.begin(), all.end(), [&](const demo::ShelfPicture& p) { return QString::fromStdString(p.id) == id; });
    if (found == all.end()) return;
    struct Got {
        std::shared_ptr<const art::PictureFile> file;
        PictureShelf::Picture picture;
    };
    const Progress progress;
    setBusy(tr("Fetching %1").arg(QString::fromStdString(found->title)), progress);
    inBackground<Got>(
        this, progress,
        [p = *found](const Progress& at) {
            demo::PhotoOptions o;
            o.cancelled = [&at] { return at.cancelled(); };
            o.progress = [&at](double v) { at.share->store(0.95 * v); };
            pixel::Picture made = p.make(o);
            if (made.empty()) return Got{};
            auto file = std::make_shared<art::PictureFile>();
            file->bytes = files::writeJpeg(made, 82);
            file->format = "jpeg";
            file->width = made.width;
            file->height = made.height;
            // As anyone sees it who reads the file.
            files::PictureResult read = files::readPicture(file->bytes, p.title);
            return at.cancelled() || !read.ok() ? Got{} : Got{file, std::make_shared<pixel::Picture>(std::move(read.picture))};
        },
        [this, title = QString::fromStdString(found->title)](const Got& g) {
            endBusy();
            if (!g.file)
                say(tr("Stopped. Nothing was brought in."));
            else
                addReference(g.file, title, g.picture);
        });
}

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
        if (QFileInfo(path).suffix().toLower() == "svg")
            openDrawing(path);
        else
            pictures << path;
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
    if (suffix == "pdf")
        bytes = render::renderPdf(d, o);
    else if (suffix == "png")
        bytes = files::writePng(render::renderSheet(d, width > 0 ? width : static_cast<int>(std::lround(d.sheet.width)), o));
    else
        return tr("The name must end in .svg, .pdf or .png.");
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

} // namespace softrope::app
