#include "app/work/session.h"

#include "files/pictures.h"
#include "files/svg.h"

#include <QDateTime>
#include <QPointer>
#include <QSettings>
#include <QThreadPool>

namespace softrope::app {

// -- pictures -----------------------------------------------------------------------------------------------------

PictureShelf::Key PictureShelf::keyOf(const art::Reference& r)
{
    return {r.picture.get(), static_cast<int>(std::lround(r.flattenLight * 100)), static_cast<int>(std::lround(r.liftPaper * 100))};
}

PictureShelf::Picture PictureShelf::make(const art::Reference& r)
{
    art::Reference plain = r;
    plain.flattenLight = plain.liftPaper = 0;
    Picture base;
    {
        const std::lock_guard lock(mutex_);
        const auto at = entries_.find(keyOf(plain));
        if (at != entries_.end()) base = at->second.picture;
    }
    if (!base) {
        files::PictureResult p = files::readPicture(r.picture->bytes, "The picture");
        base = std::make_shared<pixel::Picture>(p.ok() ? std::move(p.picture) : pixel::Picture(1, 1, pixel::Rgba{128, 128, 128, 255}));
        const std::lock_guard lock(mutex_);
        entries_[keyOf(plain)] = {r.picture.pointer(), base, false};
    }
    if (r.flattenLight <= 0 && r.liftPaper <= 0) return base;
    return std::make_shared<pixel::Picture>(render::lit(*base, r.flattenLight, r.liftPaper));
}

// Each lit version of a large picture costs its size again: only the latest and the original are kept.
void PictureShelf::trim(const Key& keep)
{
    for (auto at = entries_.begin(); at != entries_.end();) {
        const bool lit = at->first.light != 0 || at->first.lift != 0;
        const bool same = at->first.light == keep.light && at->first.lift == keep.lift;
        if (at->first.file == keep.file && lit && !same && !at->second.working)
            at = entries_.erase(at);
        else
            ++at;
    }
}

PictureShelf::Picture PictureShelf::get(const art::Reference& r)
{
    if (!r.picture) return nullptr;
    const Key key = keyOf(r);
    Picture stand;
    {
        const std::lock_guard lock(mutex_);
        const auto at = entries_.find(key);
        if (at != entries_.end() && at->second.picture) return at->second.picture;
        for (const auto& [k, e] : entries_)
            if (k.file == key.file && e.picture) stand = e.picture;
        if (at != entries_.end() && at->second.working) return stand;
        // One light at a time: while a version is being made, newer wishes wait for it and are asked for again then.
        for (const auto& [k, e] : entries_)
            if (k.file == key.file && e.working) return stand;
        entries_[key] = {r.picture.pointer(), nullptr, true};
    }
    const QPointer<PictureShelf> self(this);
    QThreadPool::globalInstance()->start([this, self, r, key] {
        Picture p = make(r);
        {
            const std::lock_guard lock(mutex_);
            entries_[key] = {r.picture.pointer(), p, false};
            trim(key);
        }
        QMetaObject::invokeMethod(this, [self] {
            if (self) emit self->ready();
        });
    });
    return stand;
}

PictureShelf::Picture PictureShelf::wait(const art::Reference& r)
{
    return r.picture ? make(r) : nullptr;
}

void PictureShelf::put(const std::shared_ptr<const art::PictureFile>& file, Picture picture)
{
    art::Reference r;
    r.picture = file;
    const std::lock_guard lock(mutex_);
    entries_[keyOf(r)] = {file, std::move(picture), false};
}

PictureShelf::Picture PictureShelf::original(const art::Reference& r)
{
    art::Reference plain = r;
    plain.flattenLight = plain.liftPaper = 0;
    return get(plain);
}

// -- session ------------------------------------------------------------------------------------------------------

namespace {
constexpr int keepEvery = 4000; // ms: well under the ten seconds that may be lost at most
}

Session::Session(QObject* parent) : QObject(parent)
{
    historyLimit_ = static_cast<std::size_t>(std::clamp(QSettings().value("history/megabytes", 1024).toInt(), 16, 65536)) << 20;
    timer_.setInterval(keepEvery);
    connect(&timer_, &QTimer::timeout, this, [this] { keep(); });
    timer_.start();
    start(art::newDocument(), {});
}

Session::~Session()
{
    QThreadPool::globalInstance()->waitForDone();
}

void Session::start(const art::Document& d, const QString& path, bool recovered)
{
    art::Selection s;
    for (const art::LayerPtr& l : d.layers)
        if (!l->locked) s.layer = l->id;
    history_ = art::History({d, s});
    history_.setLimit(historyLimit_);
    toldDropped_ = false;
    history_.pick(s);
    saved_ = d;
    keptDocument_ = recovered ? art::Document{} : d;
    path_ = path;
    recovered_ = recovered;
    keptAt_ = 0;
    emit started();
    emit documentChanged();
    emit selectionChanged();
    emit keptChanged();
}

void Session::take(const art::Document& d, const QString& name, const QString& burst)
{
    take(d, selection(), name, burst);
}

void Session::take(const art::Document& d, const art::Selection& s, const QString& name, const QString& burst)
{
    history_.take({d, s}, name.toStdString(), burst.toStdString());
    if (history_.dropped() > 0 && !toldDropped_) {
        toldDropped_ = true;
        emit problem(tr("There are very many steps: the oldest can no longer be taken back."));
    }
    emit documentChanged();
    emit selectionChanged();
}

void Session::derive(const art::Document& d)
{
    if (d == document()) return;
    const bool untouched = !changed();
    history_.derive(d);
    if (untouched) saved_ = d; // nobody changed anything
    deriving_ = true;
    emit documentChanged();
    emit selectionChanged();
    deriving_ = false;
}

void Session::pick(const art::Selection& s)
{
    if (s == selection()) return;
    history_.pick(s);
    emit selectionChanged();
}

void Session::pickItems(const std::vector<art::Id>& items)
{
    art::Selection s = selection();
    s.items = items;
    s.nodes.clear();
    if (items.size() == 1)
        if (const art::Layer* l = document().layerOf(items.front()); l && !l->locked) s.layer = l->id;
    pick(s);
}

void Session::setHistoryLimit(std::size_t bytes)
{
    historyLimit_ = bytes;
    history_.setLimit(bytes);
}

void Session::undo()
{
    if (!history_.undo()) return;
    emit documentChanged();
    emit selectionChanged();
}

void Session::redo()
{
    if (!history_.redo()) return;
    emit documentChanged();
    emit selectionChanged();
}

QString Session::keptText() const
{
    if (keptAt_ == 0) return changed() ? tr("not kept yet") : QString();
    const qint64 s = (QDateTime::currentMSecsSinceEpoch() - keptAt_) / 1000;
    if (s < 50) return tr("kept just now");
    if (s < 3600) return tr("kept %1 min ago").arg(std::max<qint64>(1, s / 60));
    return tr("kept %1 h ago").arg(s / 3600);
}

QString Session::save(const QString& path)
{
    const files::FileResult r = files::saveAtomically(path.toStdString(), files::writeWorkingSvg(document()));
    if (!r.ok()) return QString::fromStdString(r.problem);
    path_ = path;
    saved_ = document();
    recovered_ = false;
    keptAt_ = QDateTime::currentMSecsSinceEpoch();
    keptDocument_ = document();
    recovery_.clear();
    emit keptChanged();
    return {};
}

void Session::keep(bool wait)
{
    if (document() == keptDocument_ || keeping_) return;
    keeping_ = true;
    const art::Document snapshot = document();
    const std::string original = path_.toStdString();
    const QPointer<Session> self(this);
    const auto work = [this, self, snapshot, original] {
        const pixel::Picture small = render::renderSheet(snapshot, 240, {});
        const files::FileResult r = recovery_.write(snapshot, original, files::writePng(small));
        const QString trouble = QString::fromStdString(r.problem);
        QMetaObject::invokeMethod(this, [self, snapshot, trouble] {
            if (!self) return;
            self->keeping_ = false;
            if (!trouble.isEmpty()) {
                emit self->problem(trouble);
                return;
            }
            self->keptDocument_ = snapshot;
            self->keptAt_ = QDateTime::currentMSecsSinceEpoch();
            emit self->keptChanged();
        });
    };
    QThreadPool::globalInstance()->start(work);
    if (wait) QThreadPool::globalInstance()->waitForDone();
}

void Session::forget()
{
    QThreadPool::globalInstance()->waitForDone();
    recovery_.clear();
}

} // namespace softrope::app
