// Keeps the piece in hand safe: every few seconds what has changed goes into the recovery folder, on a lane of its own. Saving goes the
// same way, so that an older state is never kept over a newer file.
#pragma once

#include "app/services/jobs.h"
#include "app/services/picture_store.h"
#include "files/recovery.h"

#include <QTimer>
#include <functional>
#include <memory>
#include <vector>

namespace softrope::app {

class Session;

class Keeper : public QObject {
    Q_OBJECT
public:
    Keeper(Session& session, Jobs& jobs, PictureStore& pictures);

    // ms between keeps; a setting ("keep/seconds", 4).
    void setInterval(int ms);
    // Keeps what changed since the last time, now; `then` is told whether it is safe (nothing to keep is safe).
    void keep(std::function<void(bool safe)> then = {});
    // Another piece is open; `kept` when it is what the file or nothing holds.
    void begin(const art::Document& d, bool kept);
    // Writes the working file and, when that went well, takes the recovery entry away. A message when it could not be done.
    void save(const QString& path, std::function<void(const QString& trouble)> then);
    // Takes the recovery entry away: all is saved or given up. Waits for a keep under way.
    void forget();
    // Of the last time it was kept or saved, ms since the epoch; 0 = not yet.
    qint64 keptAt() const { return keptAt_; }
    // Interface thread and written bytes of the last keep, for benchmarks and tests.
    double lastCost() const { return cost_; }
    std::size_t lastWritten() const { return written_; }

signals:
    void kept();
    void problem(const QString& text);

private:
    Session& session_;
    Jobs& jobs_;
    PictureStore& pictures_;
    std::shared_ptr<files::Recovery> recovery_ = std::make_shared<files::Recovery>(); // used on the keeping lane only
    art::Document kept_;
    qint64 keptAt_ = 0;
    bool keeping_ = false, toldTrouble_ = false;
    std::vector<std::function<void(bool)>> next_; // asked for while a keep was under way
    double cost_ = 0;
    std::size_t written_ = 0;
    QTimer timer_;
};

} // namespace softrope::app
