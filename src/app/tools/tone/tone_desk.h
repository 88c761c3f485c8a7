// The tone stack on the bench: what is shown while a cut or patch is dragged, and the shapes worked out behind it.
//
// A quick picture of the tones, from a smaller copy of the photo, follows the hand at once; the shapes follow in the background
// (deriver.h). Recipes are in picture px; this class also maps them to the sheet.
#pragma once

#include "app/canvas/marks.h"
#include "app/services/deriver.h"
#include "app/services/jobs.h"
#include "app/services/session.h"
#include "art/tones.h"

#include <QImage>

namespace softrope::app {

class ToneDesk : public QObject {
    Q_OBJECT
public:
    ToneDesk(Session& session, Deriver& deriver);

    // The stack in hand: the one picked, or on the layer drawn on, else the topmost. Null when there is none.
    const art::Item* item() const;
    // Its recipe as it was taken; null when there is none.
    const art::ToneStack* tones() const;
    bool live() const;
    // The recipe in hand: as it is being changed, or as it was taken.
    const tone::Stack* stack() const;
    // The picture it is cut from, or that a new stack would be; null when there is none.
    const art::Item* picture() const;
    // Picture px to the sheet and back.
    curve::Affine toSheet() const;
    curve::Affine toPicture() const;

    // Starts a stack with so many tones on the picture in hand (a live stack gets new cuts); waits for the picture if need be.
    void begin(int tones);
    // Cut by colour, as many as there are tones now, or by lightness again.
    bool byColour() const { return stack() && !stack()->colours.empty(); }
    void setByColour(bool on);
    void splitColour(std::size_t k);
    void mergeColours(std::size_t into, std::size_t gone);
    void addColour(curve::Vec2 at); // the one there, sheet px
    std::optional<pixel::Rgba> colourAt(curve::Vec2 p) const;
    // Shows a recipe without taking it.
    void show(tone::Stack s);
    // Takes it as one step.
    void take(tone::Stack s, const QString& name, const QString& burst = {});
    void letGo(); // of what is only shown
    // The patch in hand; -1 = none.
    int patch() const;
    void pickPatch(int patch);
    void dropPatch();
    // Ordinary shapes from now on; and live again.
    void set();
    void revive();

    // Work is done only while somebody looks, or a live layer waits.
    void setWatched(bool on);
    bool ready() const { return levels_ && !levels_->level.empty(); }
    bool working() const { return deriver_.working() || preparing_; }
    double progress() const { return deriver_.progress(); }
    void stop();
    // Of the levels within the bound, or the picked closed shapes, or in the whole picture.
    const tone::LevelCounts& counts() const { return counts_; }
    const std::vector<pixel::Rgba>& paints() const { return paints_; }
    const std::vector<double>& shares() const { return shares_; }
    // Dark against light there: the cut that is nearest to giving dark the wanted share (0..1), the share it gives now, and the level
    // at which it would. Nothing without a stack.
    struct Balance {
        std::size_t cut = 0;
        double dark = 0, level = 0;
    };
    std::optional<Balance> balance(double wanted) const;
    // What lies at a place of the sheet; nothing beyond the picture.
    std::optional<double> levelAt(curve::Vec2 p) const;
    int toneAt(curve::Vec2 p) const; // -1 = none
    // Specks: areas of the last shapes smaller than so many picture px2.
    int specksBelow(double area) const;
    QString toneName(std::size_t tone) const;

    void paint(Marks& m) const;

signals:
    void changed();
    void said(const QString& text);

private:
    Session& session_;
    Deriver& deriver_;
    std::optional<tone::Stack> held_;
    std::shared_ptr<const tone::Levels> levels_; // of the shown part of the picture, small enough to follow the hand
    curve::Vec2 offset_;                         // of that part in the picture
    const art::PictureFile* levelsFile_ = nullptr;
    // What of a reference its levels depend on, beside the file.
    struct Look {
        double flattenLight = 0, liftPaper = 0;
        curve::Box crop;
        std::optional<pixel::Corners> paper;
        static Look of(const art::Reference& r) { return {r.flattenLight, r.liftPaper, r.crop, r.paper}; }
        friend bool operator==(const Look&, const Look&) = default;
    };
    Look levelsLook_;
    tone::LevelCounts counts_{};
    std::vector<pixel::Rgba> paints_;
    std::vector<double> shares_;
    tone::Labels tones_;
    QImage quick_;
    bool watched_ = false, preparing_ = false;
    int patch_ = -1;
    int wanted_ = 0; // tones to begin with once the picture is there

    void renew();
    void prepare();
    void repaint();
    curve::Paths silhouette() const;
};

} // namespace softrope::app
