// One open piece: its history, its file, its autosave, the decoded pictures of its references, and the work done for it.
#pragma once

#include "app/services/keeper.h"
#include "app/services/picture_store.h"
#include "art/art.h"
#include "app/services/kept_type.h"
#include "art/inks.h"

#include <QObject>
#include <QString>

#include <functional>
#include <map>
#include <optional>

namespace softrope::app {

class Session : public QObject {
    Q_OBJECT
public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    const art::Document& document() const { return history_.now().document; }
    const art::Selection& selection() const { return history_.now().selection; }
    const art::History& history() const { return history_; }
    PictureStore& pictures() { return pictures_; }
    Jobs& jobs() { return jobs_; }
    Keeper& keeper() { return keeper_; }
    // Grows with every piece that is opened.
    quint64 piece() const { return jobs_.piece(); }

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
    // To any state there is (art::History::entries()).
    void goTo(std::size_t entry);

    // A new piece takes the place of this one.
    void start(const art::Document& d, const QString& path, bool recovered = false);
    const QString& path() const { return path_; }
    bool changed() const { return !(document() == saved_) || recovered_; }
    QString keptText() const; // "kept 2 min ago"
    // Saves the working file in the background; then tells a message when it could not be done. What is changed meanwhile is not in it.
    void save(const QString& path, const std::function<void(const QString& trouble)>& then);

    // The last move, size or turn, to be done again; `copies` when it made copies.
    struct Repeat {
        curve::Affine by;
        bool copies = false;
    };
    std::optional<Repeat> repeat;

    // The ink in hand with its tint, or a colour that is of no ink.
    struct InkInHand {
        art::InkUse use;
        std::optional<art::Colour> loose;
    };
    InkInHand inkInHand;
    // What fills each closed shape as it is drawn, until it is let go; see fillInHand() of the bench.
    std::optional<art::Paint> nextFill;

    // While the Shade step is in force: strokes land in the areas in hand, the next one cut off on its other side if so; the look of new
    // shades (0 = as the card's setting says); the shape that scatter is made of.
    bool shading = false, otherSide = false;
    art::Id shadeLook = 0;
    curve::Paths ownMark;

    // How the next words are set.
    letter::Type nextType = keptType();

    // Where a layer was mirrored last, while its mirror is off.
    std::map<art::Id, mirror::Axis> lastAxes;
    // The axes that were found for a layer, while it is chosen among them: as long as the document is as the last choice left it.
    struct AxisChoice {
        art::Id layer = 0;
        std::vector<mirror::FoundAxis> found; // likeliest first
        std::optional<std::size_t> taken;     // none where the likeliest was not sure enough
        art::Document after;
    };
    std::optional<AxisChoice> axisChoice;
    // Whether a stroke or drag is under way, as the bench tells it: an edit that nobody made just now waits until it is over, for it would end it.
    void setHand(std::function<bool()> busy) { hand_ = std::move(busy); }
    bool handBusy() const { return hand_ && hand_(); }
    // Seams that were said to be smooth or corners, before a weld.
    std::vector<mirror::Seam> seams;

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
    std::function<bool()> hand_;
    Jobs jobs_;
    PictureStore pictures_{jobs_};
    Keeper keeper_{*this, jobs_, pictures_};
    art::History history_;
    art::Document saved_;
    QString path_;
    bool recovered_ = false;
    bool deriving_ = false;
    std::size_t historyLimit_ = std::size_t{1} << 30;
    bool toldDropped_ = false;
};

} // namespace softrope::app
