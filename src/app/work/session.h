// One open piece: its history, its file, its autosave, and the decoded pictures of its references.
#pragma once

#include "art/art.h"
#include "files/recovery.h"
#include "pixel/raster.h"
#include "render/render.h"

#include <QObject>
#include <QString>
#include <QTimer>

#include <functional>
#include <map>
#include <memory>
#include <mutex>

namespace softrope::app {

// Decoded pictures by what they were decoded from. Safe to ask from any thread; `get` never blocks on decoding.
class PictureShelf : public QObject {
    Q_OBJECT
public:
    using Picture = std::shared_ptr<const pixel::Picture>;
    // The picture as the reference wants it lit, or the last one ready of the same file, or nothing yet. Starts the
    // decoding in the background; `ready` follows.
    Picture get(const art::Reference& r);
    // As `get`, but waits: for export.
    Picture wait(const art::Reference& r);
    void put(const std::shared_ptr<const art::PictureFile>& file, Picture picture);
    // The picture as it came, without lighting, once decoded.
    Picture original(const art::Reference& r);
signals:
    void ready();

private:
    struct Key {
        const art::PictureFile* file;
        int light, lift; // percent
        bool operator<(const Key& o) const { return std::tie(file, light, lift) < std::tie(o.file, o.light, o.lift); }
    };
    struct Entry {
        std::shared_ptr<const art::PictureFile> file;
        Picture picture;
        bool working = false;
    };
    static Key keyOf(const art::Reference& r);
    Picture make(const art::Reference& r);
    void trim(const Key& keep);
    std::mutex mutex_;
    std::map<Key, Entry> entries_;
};

class Session : public QObject {
    Q_OBJECT
public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    const art::Document& document() const { return history_.now().document; }
    const art::Selection& selection() const { return history_.now().selection; }
    const art::History& history() const { return history_; }
    PictureShelf& pictures() { return pictures_; }

    // Takes an edit as one step. Without a selection, the present one stays.
    void take(const art::Document& d, const QString& name, const QString& burst = {});
    void take(const art::Document& d, const art::Selection& s, const QString& name, const QString& burst = {});
    // Live parts worked out anew; no step.
    void derive(const art::Document& d);
    // True while documentChanged tells of such: what a hand has begun goes on.
    bool deriving() const { return deriving_; }
    void pick(const art::Selection& s);
    void pickItems(const std::vector<art::Id>& items);
    void endBurst() { history_.endBurst(); }
    void undo();
    void redo();

    // A new piece takes the place of this one.
    void start(const art::Document& d, const QString& path, bool recovered = false);
    const QString& path() const { return path_; }
    bool changed() const { return !(document() == saved_) || recovered_; }
    QString keptText() const; // "kept 2 min ago"
    // Saves the working file; a message when it could not be done.
    QString save(const QString& path);
    // Keeps the recovery entry up to date now, when something changed since.
    void keep(bool wait = false);
    void forget();

    // The last move, size or turn, to be done again; `copies` when it made copies.
    struct Repeat {
        curve::Affine by;
        bool copies = false;
    };
    std::optional<Repeat> repeat;

    // Undo keeps steps up to so many bytes; a setting ("history/megabytes").
    void setHistoryLimit(std::size_t bytes);

    // The layer new lines go on, made when there is none that can take them.
    art::Id drawingLayer() const { return selection().layer; }

signals:
    // Another piece is open: ids kept beside it mean nothing any more.
    void started();
    void documentChanged();
    void selectionChanged();
    void keptChanged();
    void problem(const QString& text);

private:
    art::History history_;
    art::Document saved_;
    art::Document keptDocument_;
    QString path_;
    bool recovered_ = false;
    qint64 keptAt_ = 0;
    PictureShelf pictures_;
    files::Recovery recovery_;
    QTimer timer_;
    bool keeping_ = false, deriving_ = false;
    std::size_t historyLimit_ = std::size_t{1} << 30;
    bool toldDropped_ = false;
};

} // namespace softrope::app
