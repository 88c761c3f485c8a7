#include "app/services/picture_store.h"

#include "files/pictures.h"
#include "render/render.h"

#include <QSettings>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

std::size_t sizeOf(const PictureStore::Picture& p)
{
    return p ? p->data.size() * sizeof(pixel::Rgba) : 0;
}

art::Reference plain(art::Reference r)
{
    r.flattenLight = r.liftPaper = 0;
    return r;
}
art::Reference asItCame(art::Reference r)
{
    r.paper.reset();
    return plain(std::move(r));
}

} // namespace

PictureStore::PictureStore(Jobs& jobs) : jobs_(jobs)
{
    limit_ = static_cast<std::size_t>(std::clamp(QSettings().value("pictures/megabytes", 768).toInt(), 64, 65536)) << 20;
}

PictureStore::Key PictureStore::keyOf(const art::Reference& r)
{
    return {r.picture.get(), static_cast<int>(std::lround(r.flattenLight * 100)), static_cast<int>(std::lround(r.liftPaper * 100)), r.paper};
}

PictureStore::Picture PictureStore::make(const art::Reference& r)
{
    if (r.flattenLight > 0 || r.liftPaper > 0) return std::make_shared<pixel::Picture>(render::lit(*wait(plain(r)), r.flattenLight, r.liftPaper));
    if (r.paper) return std::make_shared<pixel::Picture>(pixel::squared(*wait(asItCame(r)), *r.paper));
    files::PictureResult p = files::readPicture(r.picture->bytes, tr("The picture").toStdString());
    return std::make_shared<pixel::Picture>(p.ok() ? std::move(p.picture) : pixel::Picture(1, 1, pixel::Rgba{128, 128, 128, 255}));
}

PictureStore::Picture PictureStore::take(Entry& e)
{
    e.used = ++clock_;
    return e.picture;
}

// Makes it, or waits for whoever is making it. What is only queued is made here: the queue may be waiting for us.
PictureStore::Picture PictureStore::finished(std::unique_lock<std::mutex>& lock, const art::Reference& r)
{
    const Key key = keyOf(r);
    for (;;) {
        const auto at = entries_.find(key);
        if (at != entries_.end() && at->second.state == State::ready) return take(at->second);
        if (at == entries_.end() || at->second.state == State::queued) break;
        told_.wait(lock);
    }
    entries_[key] = {r.picture.pointer(), nullptr, State::running, ++clock_};
    lock.unlock();
    Picture p;
    try {
        p = make(r);
    } catch (...) {
        lock.lock();
        entries_.erase(key);
        told_.notify_all();
        throw;
    }
    lock.lock();
    Entry& e = entries_[key];
    e.file = r.picture.pointer();
    e.picture = p;
    e.state = State::ready;
    take(e);
    trim(key);
    told_.notify_all();
    return p;
}

PictureStore::Picture PictureStore::get(const art::Reference& r)
{
    if (!r.picture) return nullptr;
    const Key key = keyOf(r);
    Picture stand;
    {
        const std::lock_guard lock(mutex_);
        const auto at = entries_.find(key);
        if (at != entries_.end() && at->second.state == State::ready) return take(at->second);
        bool making = at != entries_.end();
        for (auto& [k, e] : entries_)
            if (k.file == key.file) {
                if (e.picture) stand = take(e);
                // One light at a time: while a version is being made, newer wishes wait for it and are asked for again then.
                making = making || e.state != State::ready;
            }
        if (making) return stand;
        entries_[key] = {r.picture.pointer(), nullptr, State::queued, ++clock_};
    }
    jobs_.run<bool>(
        Lane::working, this,
        [this, r](const Progress&) {
            std::unique_lock lock(mutex_);
            finished(lock, r);
            return true;
        },
        [this, key](std::optional<bool> made) {
            if (!made) {
                const std::lock_guard lock(mutex_);
                if (const auto at = entries_.find(key); at != entries_.end() && at->second.state == State::queued) entries_.erase(at);
                return;
            }
            emit ready();
        },
        Jobs::For::anyPiece);
    return stand;
}

PictureStore::Picture PictureStore::exact(const art::Reference& r)
{
    if (!r.picture) return nullptr;
    {
        const std::lock_guard lock(mutex_);
        const auto at = entries_.find(keyOf(r));
        if (at != entries_.end() && at->second.state == State::ready) return take(at->second);
    }
    get(r);
    return nullptr;
}

PictureStore::Picture PictureStore::wait(const art::Reference& r)
{
    if (!r.picture) return nullptr;
    std::unique_lock lock(mutex_);
    return finished(lock, r);
}

void PictureStore::put(const std::shared_ptr<const art::PictureFile>& file, Picture picture)
{
    art::Reference r;
    r.picture = file;
    const std::lock_guard lock(mutex_);
    entries_[keyOf(r)] = {file, std::move(picture), State::ready, ++clock_};
    trim(keyOf(r));
    told_.notify_all();
}

PictureStore::Picture PictureStore::asCame(const art::Reference& r)
{
    return wait(asItCame(r));
}

PictureStore::Picture PictureStore::original(const art::Reference& r)
{
    return get(plain(r));
}

void PictureStore::setLimit(std::size_t bytes)
{
    const std::lock_guard lock(mutex_);
    limit_ = bytes;
    trim({});
}

std::size_t PictureStore::bytes() const
{
    const std::lock_guard lock(mutex_);
    std::size_t n = 0;
    for (const auto& [k, e] : entries_) n += sizeOf(e.picture);
    return n;
}

// Each lit or squared version of a large picture costs its size again: only the latest of them is kept, beside the original. Above the limit the
// longest unused go, `keep` last.
void PictureStore::trim(const Key& keep)
{
    for (auto at = entries_.begin(); at != entries_.end();) {
        const bool made = at->first.light != 0 || at->first.lift != 0 || at->first.paper;
        const bool same = !(at->first < keep) && !(keep < at->first);
        const bool under = at->first.light == 0 && at->first.lift == 0 && at->first.paper == keep.paper; // what the one to keep is made from
        if (at->first.file == keep.file && made && !same && !under && at->second.state == State::ready)
            at = entries_.erase(at);
        else
            ++at;
    }
    std::size_t all = 0;
    for (const auto& [k, e] : entries_) all += sizeOf(e.picture);
    while (all > limit_) {
        auto oldest = entries_.end();
        for (auto at = entries_.begin(); at != entries_.end(); ++at) {
            const bool kept = !(at->first < keep) && !(keep < at->first);
            if (at->second.state == State::ready && !kept && (oldest == entries_.end() || at->second.used < oldest->second.used)) oldest = at;
        }
        if (oldest == entries_.end()) return;
        all -= sizeOf(oldest->second.picture);
        entries_.erase(oldest);
    }
}

} // namespace softrope::app
