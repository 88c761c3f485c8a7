// Pictures that come in: files, pages of PDFs, scans, the shelf.
#include "app/window/pages_dialog.h"
#include "app/window/window.h"
#include "art/edits.h"
#include "demo/pages.h"
#include "demo/scanner.h"
#include "demo/shelf.h"
#include "files/pdf_pages.h"
#include "files/pictures.h"

#include <QFile>
#include <QFileInfo>
#include <QSettings>

#include <algorithm>

namespace softrope::app {

namespace {

std::vector<std::byte> bytesOf(const QByteArray& b)
{
    const auto* from = reinterpret_cast<const std::byte*>(b.constData());
    return {from, from + b.size()};
}

std::vector<std::byte> bytesOf(const QString& path)
{
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? bytesOf(file.readAll()) : std::vector<std::byte>{};
}

// The file's bytes where it is a PDF, whatever it is called; nothing else.
std::shared_ptr<const std::vector<std::byte>> pdfAt(const QString& path)
{
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly) || !files::isPdf(bytesOf(file.peek(1024)))) return nullptr;
    return std::make_shared<const std::vector<std::byte>>(bytesOf(file.readAll()));
}

// A picture that came in, as the document keeps it and as it is seen; or why not.
struct Brought {
    std::shared_ptr<const art::PictureFile> file;
    PictureStore::Picture picture;
    QString name, problem;
    std::shared_ptr<const std::vector<std::byte>> pdf; // instead, its pages may come in
    int pages = 0;
};

void take(Brought& b, std::vector<std::byte> bytes, const std::string& format, pixel::Picture&& picture)
{
    auto file = std::make_shared<art::PictureFile>();
    file->bytes = std::move(bytes);
    file->format = format;
    file->width = picture.width;
    file->height = picture.height;
    b.file = std::move(file);
    b.picture = std::make_shared<pixel::Picture>(std::move(picture));
}

// Each that is there is laid on the sheet; what went wrong with the others, a line each.
QString landed(const std::vector<Brought>& all, const std::function<void(const Brought&)>& lay)
{
    QStringList troubles;
    for (const Brought& g : all) {
        if (g.file) lay(g);
        if (!g.problem.isEmpty()) troubles << g.problem;
    }
    return troubles.join('\n');
}

} // namespace

void Window::addReference(const std::shared_ptr<const art::PictureFile>& file, const QString& name, PictureStore::Picture decoded)
{
    if (decoded) session_.pictures().put(file, std::move(decoded));
    const art::Added a = art::withReference(session_.document(), file, name.toStdString());
    session_.take(a.document, tr("Bring in %1").arg(name));
    say(tr("%1 is fitted, dimmed to 50 % and locked. Unlock it to move it.").arg(name));
}

void Window::bringPictures(const QStringList& paths)
{
    if (busy_) {
        say(tr("One thing is still being worked on."));
        return;
    }
    QSettings().setValue("folder", QFileInfo(paths.front()).absolutePath());
    const Progress progress;
    setBusy(paths.size() == 1 ? tr("Reading %1").arg(QFileInfo(paths.front()).fileName()) : tr("Reading %1 pictures").arg(paths.size()), progress);
    session_.jobs().run<std::vector<Brought>>(
        Lane::working, this,
        [paths](const Progress& p) {
            std::vector<Brought> all;
            for (qsizetype i = 0; i < paths.size() && !p.cancelled(); ++i) {
                Brought g;
                g.name = QFileInfo(paths[i]).completeBaseName();
                if (auto pdf = pdfAt(paths[i])) {
                    const files::PdfResult r = files::pdfPages(*pdf, QFileInfo(paths[i]).fileName().toStdString());
                    g.problem = QString::fromStdString(r.problem);
                    g.pages = r.pages;
                    g.pdf = std::move(pdf);
                    all.push_back(std::move(g));
                    continue;
                }
                files::PictureResult r = files::readPictureFile(
                    paths[i].toStdString(), [&p] { return p.cancelled(); },
                    [&](double share) { p.share->store((static_cast<double>(i) + share) / static_cast<double>(paths.size())); });
                if (r.ok()) {
                    take(g, bytesOf(paths[i]), r.format, std::move(r.picture));
                    g.problem = QString::fromStdString(r.partly);
                } else {
                    g.problem = QString::fromStdString(r.problem);
                }
                all.push_back(std::move(g));
            }
            return all;
        },
        [this, progress](std::optional<std::vector<Brought>> all) {
            endBusy();
            if (!all || progress.cancelled()) {
                if (progress.cancelled()) say(tr("Stopped. Nothing was brought in."));
                return;
            }
            const QString troubles = landed(*all, [this](const Brought& g) { addReference(g.file, g.name, g.picture); });
            if (!troubles.isEmpty()) warn(troubles);
            for (const Brought& g : *all)
                if (g.pages > 0) bringPages(g.name, g.pdf, g.pages);
        },
        Jobs::For::thisPiece, progress);
}

void Window::bringPages(const QString& name, const std::shared_ptr<const std::vector<std::byte>>& pdf, int pages)
{
    std::vector<int> wanted{0};
    if (pages > 1) {
        PagesDialog dialog(session_.jobs(), name, pdf, pages, this);
        if (dialog.exec() != QDialog::Accepted) return;
        wanted = dialog.chosen();
    }
    const Progress progress;
    setBusy(tr("Drawing %n page(s) of %1", nullptr, static_cast<int>(wanted.size())).arg(name), progress);
    session_.jobs().run<std::vector<Brought>>(
        Lane::working, this,
        [name, pdf, pages, wanted](const Progress& p) {
            std::vector<Brought> all;
            for (const int page : wanted) {
                if (p.cancelled()) break;
                files::PictureResult r = files::pdfPage(*pdf, name.toStdString(), page);
                Brought g;
                g.name = pages > 1 ? tr("%1, page %2").arg(name).arg(page + 1) : name;
                g.problem = QString::fromStdString(r.problem);
                if (r.ok()) {
                    auto bytes = files::writePng(r.picture, r.dotsPerInch, files::Packing::quick);
                    take(g, std::move(bytes), r.format, std::move(r.picture));
                }
                all.push_back(std::move(g));
                p.share->store(static_cast<double>(all.size()) / static_cast<double>(wanted.size()));
            }
            return all;
        },
        [this, progress](const std::optional<std::vector<Brought>>& all) {
            endBusy();
            if (!all || progress.cancelled()) {
                if (progress.cancelled()) say(tr("Stopped. Nothing was brought in."));
                return;
            }
            QStringList troubles;
            for (const Brought& g : *all) {
                if (g.file) addReference(g.file, g.name, g.picture);
                if (!g.problem.isEmpty()) troubles << g.problem;
            }
            if (!troubles.isEmpty()) warn(troubles.join('\n'));
        },
        Jobs::For::thisPiece, progress);
}

void Window::scanPage(const QString& id, int dotsPerInch, quint64 seed)
{
    if (busy_) return;
    const demo::Page page = demo::page(id.toStdString());
    if (page.id.empty()) return;
    const Progress progress;
    setBusy(tr("Scanning %1").arg(QString::fromStdString(page.title)), progress);
    session_.jobs().run<Brought>(
        Lane::working, this,
        [page, dotsPerInch, seed](const Progress& p) {
            demo::ScanOptions o;
            o.dotsPerInch = dotsPerInch;
            o.seed = seed;
            o.cancelled = [&p] { return p.cancelled(); };
            o.progress = [&p](double v) { p.share->store(0.8 * v); };
            demo::Scan s = demo::scan(page, o);
            Brought g;
            if (s.picture.empty()) return g;
            auto bytes = files::writePng(s.picture, dotsPerInch, files::Packing::quick);
            take(g, std::move(bytes), "png", std::move(s.picture));
            return g;
        },
        [this, page](const std::optional<Brought>& g) {
            endBusy();
            if (g && g->file)
                addReference(g->file, QString::fromStdString(page.title), g->picture);
            else
                say(tr("Stopped. Nothing was scanned."));
        },
        Jobs::For::thisPiece, progress);
}

void Window::bringFromShelf(const QString& id, int width)
{
    if (busy_) return;
    const auto& all = demo::shelf();
    const auto found = std::find_if(all.begin(), all.end(), [&](const demo::ShelfPicture& p) { return QString::fromStdString(p.id) == id; });
    if (found == all.end()) return;
    const Progress progress;
    setBusy(tr("Fetching %1").arg(QString::fromStdString(found->title)), progress);
    session_.jobs().run<Brought>(
        Lane::working, this,
        [p = *found, width](const Progress& at) {
            demo::PhotoOptions o;
            if (width > 0) o.width = width;
            o.cancelled = [&at] { return at.cancelled(); };
            o.progress = [&at](double v) { at.share->store(0.95 * v); };
            pixel::Picture made = p.make(o);
            Brought g;
            if (made.empty()) return g;
            auto bytes = files::writeJpeg(made, 82);
            // As anyone sees it who reads the file.
            files::PictureResult read = files::readPicture(bytes, p.title);
            if (!at.cancelled() && read.ok()) take(g, std::move(bytes), "jpeg", std::move(read.picture));
            return g;
        },
        [this, title = QString::fromStdString(found->title)](const std::optional<Brought>& g) {
            endBusy();
            if (g && g->file)
                addReference(g->file, title, g->picture);
            else
                say(tr("Stopped. Nothing was brought in."));
        },
        Jobs::For::thisPiece, progress);
}

} // namespace softrope::app
