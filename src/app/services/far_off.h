// How far off a line is: its distance from what the hand drew, or from the edge of the picture under it, shown as colours along
// the line with the largest place marked. Worked out off the interface thread.
#pragma once

#include "app/services/jobs.h"
#include "app/services/session.h"
#include "trace/edge_map.h"

namespace softrope::app {

class FarOff : public QObject {
    Q_OBJECT
public:
    explicit FarOff(Session& session, QObject* parent = nullptr);
    bool shown() const { return shown_; }
    void show(bool on);
    // How the picked line bends, as a comb, in place of how far off it is.
    bool combShown() const { return comb_; }
    const std::vector<curve::Vec2>& inflections() const { return inflections_; } // of the picked line, while the comb is shown
    void showComb(bool on);
    // Nothing, how far off, the comb, and nothing again.
    void next();
    bool working() const { return measuring_.working(); }

    struct Spot {
        curve::Vec2 at; // sheet px, on the line
        double off = 0; // sheet px; negative where there is nothing to compare with
    };
    const std::vector<Spot>& spots() const { return spots_; }
    std::optional<Spot> worst() const;
    double limit() const { return limit_; }             // sheet px: what counts as far
    const QString& against() const { return against_; } // "from the edge"

signals:
    void changed();
    void said(const QString& text);

private:
    Session& session_;
    bool shown_ = false, comb_ = false;
    std::vector<Spot> spots_;
    std::vector<curve::Vec2> inflections_;
    double limit_ = 1; // px: what counts as far
    QString against_;
    // The edges of the reference, kept while it stays the same.
    std::shared_ptr<const pixel::Picture> picture_;
    std::shared_ptr<const trace::EdgeMap> edges_;

    struct Measured {
        std::vector<Spot> spots;
        std::shared_ptr<const trace::EdgeMap> edges;
    };
    // By the item and the picture under it.
    Latest<std::pair<art::ItemPtr, std::shared_ptr<const pixel::Picture>>, Measured> measuring_;

    void refresh();
    static Measured againstHand(const art::Artwork& a);
    static Measured againstEdges(const art::Artwork& a, const art::Reference& r, const pixel::Picture& picture, std::shared_ptr<const trace::EdgeMap> edges,
                                 const Progress& progress);
};

} // namespace softrope::app
