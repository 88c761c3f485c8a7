// Decoded pictures by what they were decoded from: safe to ask from any thread, never larger than a limit for long.
#pragma once

#include "app/services/jobs.h"
#include "art/document.h"
#include "pixel/raster.h"

#include <condition_variable>
#include <list>
#include <map>
#include <memory>
#include <mutex>

namespace softrope::app {

class PictureStore : public QObject {
    Q_OBJECT
public:
    using Picture = std::shared_ptr<const pixel::Picture>;

    explicit PictureStore(Jobs& jobs);

    // The picture as the reference wants it lit; while that is not ready the last one ready of the same file, or nothing. Starts the
    // decoding in the background; `ready` follows. Never waits for decoding.
    Picture get(const art::Reference& r);
    // As `get`, but only when it is the one wanted: what is worked out from a stand-in with another light would be wrong.
    Picture exact(const art::Reference& r);
    // As `exact`, but waits for it; one decoding however many wait. Not on the interface thread.
    Picture wait(const art::Reference& r);
    // As it came, neither squared nor lit; waits for it. Not on the interface thread.
    Picture asCame(const art::Reference& r);
    // The picture without lighting, once decoded.
    Picture original(const art::Reference& r);
    // Decoded already, by whoever read it.
    void put(const std::shared_ptr<const art::PictureFile>& file, Picture picture);

    // Pictures nobody uses are let go, the longest unused first, above so many bytes (a setting, "pictures/megabytes").
    void setLimit(std::size_t bytes);
    std::size_t bytes() const;

signals:
    void ready();

private:
    struct Key {
        const art::PictureFile* file = nullptr;
        int light = 0, lift = 0; // percent
        std::optional<pixel::Corners> paper;
        friend bool operator<(const Key& a, const Key& b) { return std::tie(a.file, a.light, a.lift, a.paper) < std::tie(b.file, b.light, b.lift, b.paper); }
    };
    enum class State { queued, running, ready };
    struct Entry {
        std::shared_ptr<const art::PictureFile> file;
        Picture picture;
        State state = State::queued;
        quint64 used = 0;
    };
    static Key keyOf(const art::Reference& r);
    Picture make(const art::Reference& r);
    Picture finished(std::unique_lock<std::mutex>& lock, const art::Reference& r);
    Picture take(Entry& e);
    void trim(const Key& keep);

    Jobs& jobs_;
    mutable std::mutex mutex_;
    std::condition_variable told_;
    std::map<Key, Entry> entries_;
    quint64 clock_ = 0;
    std::size_t limit_;
};

} // namespace softrope::app
