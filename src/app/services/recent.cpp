#include "app/services/recent.h"

#include "app/theme/images.h"
#include "files/bytes.h"
#include "files/pictures.h"
#include "files/svg.h"

#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QPainter>
#include <QSaveFile>
#include <QSettings>
#include <QStandardPaths>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr int mostKeptPictures = 60;

QString cacheFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericCacheLocation) + "/soft-rope/pieces";
}

// Another picture for another state of the file.
QString cacheName(const QFileInfo& file, QSize size)
{
    const QString key = QString("%1 %2 %3 %4").arg(file.canonicalFilePath(), stampOf(file.filePath())).arg(size.width()).arg(size.height());
    return QCryptographicHash::hash(key.toUtf8(), QCryptographicHash::Sha1).toHex().left(24) + ".png";
}

QImage drawn(const QString& path, QSize size)
{
    const files::TextResult text = files::readText(path.toStdString());
    if (!text.ok()) return {};
    const files::SvgResult r = files::readSvg(text.text);
    if (!r.ok()) return {};
    render::Options o;
    o.pictures = [](const art::Reference& of) -> std::shared_ptr<const pixel::Picture> {
        if (!of.picture) return nullptr;
        files::PictureResult p = files::readPicture(of.picture->bytes, "picture");
        if (!p.ok()) return nullptr;
        return std::make_shared<const pixel::Picture>(
            render::lit(of.paper ? pixel::squared(p.picture, *of.paper) : std::move(p.picture), of.flattenLight, of.liftPaper));
    };
    const art::Sheet& sheet = r.document.sheet;
    const double scale = std::min(size.width() / sheet.width, size.height() / sheet.height);
    const int w = std::max(1, static_cast<int>(sheet.width * scale)), h = std::max(1, static_cast<int>(sheet.height * scale));
    const render::Surface s = render::renderView(r.document, curve::scaling(scale, scale), w, h, o);
    if (s.width == 0) return {};
    // On paper, as it is seen on the bench.
    QImage page(s.width, s.height, QImage::Format_RGB32);
    page.fill(Qt::white);
    QPainter(&page).drawImage(0, 0, imageOf(s));
    return page;
}

} // namespace

QString stampOf(const QString& path)
{
    const QFileInfo file(path);
    return file.isFile() ? QString("%1 %2").arg(file.lastModified().toMSecsSinceEpoch()).arg(file.size()) : QString();
}

namespace {

unsigned& state()
{
    static unsigned now = 0;
    return now;
}

} // namespace

unsigned recentState()
{
    return state();
}

std::vector<RecentPiece> recentPieces()
{
    std::vector<RecentPiece> all;
    for (const QVariant& v : QSettings().value("recent/pieces").toList()) {
        const QVariantList one = v.toList();
        if (one.size() != 3 || !QFileInfo(one[0].toString()).isFile()) continue;
        all.push_back({one[0].toString(), one[1].toString(), one[2].toLongLong()});
    }
    return all;
}

void noteRecent(const QString& path, const QString& title)
{
    const QString whole = QFileInfo(path).absoluteFilePath();
    std::vector<RecentPiece> all = recentPieces();
    all.erase(std::remove_if(all.begin(), all.end(), [&](const RecentPiece& p) { return p.path == whole; }), all.end());
    all.insert(all.begin(), {whole, title, QDateTime::currentSecsSinceEpoch()});
    QVariantList kept;
    for (const RecentPiece& p : all)
        if (kept.size() < mostRecent) kept << QVariant(QVariantList{p.path, p.title, p.when});
    QSettings().setValue("recent/pieces", kept);
    ++state();
}

void forgetRecent()
{
    ++state();
    QSettings().remove("recent/pieces");
    QSettings().remove("recent/open");
    QDir(cacheFolder()).removeRecursively();
}

QImage recentPicture(const QString& path, QSize size)
{
    const QFileInfo file(path);
    const QString kept = cacheFolder() + '/' + cacheName(file, size);
    if (const QImage there(kept); !there.isNull()) return there;
    const QImage made = drawn(path, size);
    if (made.isNull()) return made;
    QDir folder(cacheFolder());
    folder.mkpath(".");
    QSaveFile out(kept); // where it cannot be written, it is drawn again the next time
    if (out.open(QIODevice::WriteOnly) && made.save(&out, "PNG")) out.commit();
    QFileInfoList pictures = folder.entryInfoList({"*.png"}, QDir::Files, QDir::Time);
    for (qsizetype k = mostKeptPictures; k < pictures.size(); ++k) QFile::remove(pictures[k].filePath());
    return made;
}

QStringList openLastTime()
{
    QStringList there;
    for (const QString& path : QSettings().value("recent/open").toStringList())
        if (QFileInfo(path).isFile()) there << path;
    return there;
}

void keepOpenNow(const QStringList& paths)
{
    QSettings().setValue("recent/open", paths);
}

} // namespace softrope::app
