// Tracing the whole picture, or a part of it: settings, a live preview on the sheet, and taking it over into the drawing.
//
// The preview is worked out off the interface thread, for large pictures first from a smaller copy; what is taken is the
// preview itself, once the last pass is done.
#pragma once

#include "app/services/jobs.h"
#include "app/services/session.h"
#include "art/traced.h"
#include "pixel/threshold.h"

namespace softrope::app {

struct TraceSettings {
    enum class What { shapes, lines, tones };
    What what = What::shapes;
    double slack = 0.8; // sheet px
    // shapes
    std::optional<double> cut; // 0..255, nothing = found
    bool lightOnDark = false;
    double smallestSpeck = 8, smallestHole = 8; // picture px^2
    double smoothing = 0;                       // picture px
    // lines
    trace::Medium medium = trace::Medium::find;
    double gather = 1;
    double shortest = 6; // picture px
    bool swell = false;  // lines whose width varies keep that
    // tones
    int count = 5;
    bool lightness = false;   // by lightness alone
    double smallestTone = -1; // picture px^2, negative = the picture decides
    double crisp = -1;        // 0 calm .. 1 crisp, negative = by the picture's grain
    friend bool operator==(const TraceSettings&, const TraceSettings&) = default;
};

class Tracer : public QObject {
    Q_OBJECT
public:
    explicit Tracer(Session& session, QObject* parent = nullptr);

    // Starts the preview of the picture in hand; false when there is none.
    bool begin(TraceSettings::What what);
    void end();
    bool active() const { return active_; }
    const TraceSettings& settings() const { return settings_; }
    void set(const TraceSettings& settings);
    // Only what lies within the outline (sheet px); empty = everything.
    void setPart(std::vector<curve::Vec2> outline);
    const std::vector<curve::Vec2>& part() const { return part_; }

    // What was found, in sheet px, and whether it is to be taken.
    struct Found {
        art::Item item;
        bool wanted = true;
    };
    const std::vector<Found>& found() const { return found_; }
    // The found thing at a place of the sheet.
    std::optional<std::size_t> at(curve::Vec2 p, double reach) const;
    void toggle(std::size_t index);
    void only(std::size_t index);
    std::size_t wantedCount() const;
    std::size_t nodeCount() const;
    bool working() const { return tracing_.working(); }
    double progress() const { return tracing_.progress(); }
    double cutUsed() const { return cutUsed_; }
    const pixel::Histogram& histogram() const { return histogram_; }
    void stop();

    // Lands what is wanted on the layer as one step; false when there is nothing, or the last pass is still at work.
    bool take(art::Id layer, art::Colour ink);

signals:
    void changed();
    void said(const QString& text);

private:
    struct Result {
        std::vector<art::Item> items;
        pixel::Histogram histogram{};
        double cut = 0;
        bool coarse = false, done = false;
    };
    Session& session_;
    TraceSettings settings_;
    bool active_ = false, coarse_ = false;
    art::Id reference_ = 0;
    art::Reference seen_; // the reference as it was when last traced
    std::vector<curve::Vec2> part_;
    std::vector<Found> found_;
    pixel::Histogram histogram_{};
    double cutUsed_ = 127;
    struct Asked {
        art::Reference reference;
        TraceSettings settings;
        std::vector<curve::Vec2> part;
        bool coarse = false;
        friend bool operator==(const Asked&, const Asked&) = default;
    };
    Latest<Asked, Result> tracing_;

    void restart();
    void run(bool coarse);
    static Result work(const std::shared_ptr<const pixel::Picture>& picture, const art::Reference& reference, const TraceSettings& settings,
                       const std::vector<curve::Vec2>& part, bool coarse, const Progress& progress);
    void keepSettings() const;
};

} // namespace softrope::app
