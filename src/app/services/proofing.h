// The proof of the piece, kept up to date in the background while somebody looks at it: what was found, which of it is in hand, the process
// it is measured against, and the acts on it.
#pragma once

#include "app/services/acts.h"
#include "files/process_cards.h"
#include "proof/mend.h"

#include <QImage>

#include <mutex>

namespace softrope::app {

class Proofing : public QObject {
    Q_OBJECT
public:
    Proofing(Session& session, Acts& acts);

    // Looked for only while on; what was found stays.
    void setWatched(bool on);
    bool watched() const { return watched_; }
    // Of the last document that was looked at; numbers on the sheet and in the list are places here, from 1.
    const std::vector<proof::Finding>& found() const { return found_; }
    bool upToDate() const { return !stale_; }
    bool everLooked() const { return looked_; }
    bool working() const { return watched_ && (stale_ || enlarging_.busy()); }
    std::size_t mendable() const; // safe ones
    // mm a sheet px has at the real size.
    double mm() const { return proof::mmPerPx(session_.document(), process_); }

    // -- the process --------------------------------------------------------------------------------------------------------------
    // Read when they are first asked for; anew after they were changed.
    const files::ProcessList& cards();
    void readCards();
    const proof::Process& process() const { return process_; } // without an id: none
    void chooseProcess(const std::string& id);
    void setWidth(double mm); // of the sheet; 0 = as the process has it

    // -- what is in hand ----------------------------------------------------------------------------------------------------------
    std::optional<std::size_t> inHand() const { return inHand_; }
    void take(std::optional<std::size_t> k);
    // The next one, round and round; nothing when there are none.
    std::optional<std::size_t> takeNext(int by = 1);
    // The fault seen large: what is drawn there, lensZoom times as large as 1 : 1 needs; null until it is ready.
    const QImage& lens() const { return lens_; }
    static constexpr int lensSide = 140; // px

    // -- acts ---------------------------------------------------------------------------------------------------------------------
    void mend(std::size_t k);
    // All safe ones, over and over until none is left: one step, which says what it did.
    void mendAll();
    // It stays as it is, and is not told again; and all of those once more.
    void leave(std::size_t k);
    void tellAll();
    std::size_t left() const { return session_.document().proofing.meant.size(); }

    // How large the lens shows, px of the lens a sheet px.
    static double lensZoom(const proof::Finding& f);

signals:
    void changed();
    void inHandChanged();
    void said(const QString& text);

private:
    struct Kept {
        std::mutex mutex;
        proof::Proofer proofer;
    };
    Session& session_;
    Acts& acts_;
    std::shared_ptr<Kept> kept_ = std::make_shared<Kept>();
    std::optional<files::ProcessList> cards_;
    proof::Process process_;
    bool watched_ = false, stale_ = true, looked_ = false;
    quint64 revision_ = 0, enlarged_ = 0;
    std::vector<proof::Finding> found_;
    std::optional<std::size_t> inHand_;
    QImage lens_;
    Latest<quint64, std::vector<proof::Finding>> looking_;
    Latest<quint64, QImage> enlarging_;
    void look();
    void followProcess();
    void enlarge();
    // A repair as a step that says what it did, or `nothing` when there was nothing to do.
    void run(const QString& step, std::size_t nodes, const QString& nothing, std::function<proof::Mended(const art::Document&)> work);
    proof::Limits limits() const { return proof::limitsOf(session_.document(), process_); }
};

} // namespace softrope::app
