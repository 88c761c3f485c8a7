// The areas that what is drawn encloses, kept up to date in the background while somebody looks at them.
#pragma once

#include "app/services/jobs.h"
#include "app/services/session.h"
#include "art/drops.h"
#include "planar/planar.h"

#include <functional>
#include <mutex>

namespace softrope::app {

class Areas : public QObject {
    Q_OBJECT
public:
    explicit Areas(Session& session);
    ~Areas() override;

    // Worked out only while on.
    void setWatched(bool on);
    bool watched() const { return watched_; }
    double gap() const { return gap_; }       // px: what counts as closed
    double thinnest() const { return thin_; } // px: thinner areas join a neighbour
    void setGap(double px);
    void setThinnest(double px);
    // What closing wider gaps would bring, narrowest first: worked out after the map, while somebody looks (planar/wider_gaps.h).
    struct Wider {
        planar::WiderGap gap;
        std::vector<std::string> names; // of the lines round the new areas, where they have names of their own
    };
    const std::vector<Wider>& wider() const { return wider_; }
    // All gaps up to this one's width count as closed.
    void takeWider(std::size_t i);
    // A wider gap with its middle within `reach` px counts as closed by itself, until another piece is open; one that was closed so is opened
    // again. Nothing where there is none, else whether it is closed now.
    std::optional<bool> turnGapAt(curve::Vec2 at, double reach);
    const std::vector<planar::Bridge>& closedAlone() const { return closed_; }
    // What was decided about narrow gaps and thin areas, by itself or by hand, in the map that is ready: thin areas first, then gaps, widest
    // first. Turned over, a closed gap is open, an open one closed, a thin area that joined a neighbour an area by itself, and back.
    struct Decision {
        enum class What { gapClosed, gapOpen, sliverJoined, sliverKept } what;
        curve::Vec2 at;
        double width = 0; // px
        planar::Bridge gap = {};
    };
    std::vector<Decision> decisions() const;
    void turnOver(const Decision& d);
    // Whether drops flow on where a line that parted them is deleted (art/drops.h).
    void setFlows(bool on);
    bool flows() const { return flows_; }
    planar::BuildOptions options() const;
    // The last one that was ready; never null.
    const planar::MapPtr& map() const { return map_; }
    const art::DrawnLines& lines() const { return *lines_; }
    bool working() const { return working_ || waiting_; }
    bool upToDate() const { return !working_ && !stale_; }
    // Whether the lines may be others than those of the map: not as long as it is still compared what a change has done to them. (Paints,
    // lights and names enclose nothing.)
    bool mayDiffer() const { return !upToDate() && !comparing_.busy(); }
    // Outlines of map()->areas(), in that order: worked out with the map, for painting.
    const std::vector<curve::Paths>& outlines() const { return outlines_; }
    // Does it as soon as the map is that of the document: at once, or when the work in the background is done. Only the last
    // thing asked for is kept.
    void whenReady(std::function<void()> act);
    // The same for wider(): it is looked for first where nobody has yet.
    void whenWiderKnown(std::function<void()> act);
    // Items whose lines border these areas.
    std::vector<art::Id> linesRound(const std::vector<int>& areas) const;

signals:
    // Colour drops went where their areas went; comes before `changed`, and only while the document is still the one looked at.
    void dropsFollowed(const art::FollowedDrops& drops);
    void changed();

private:
    struct Kept {
        std::mutex mutex;
        planar::Builder builder;
    };
    Session& session_;
    std::shared_ptr<Kept> kept_ = std::make_shared<Kept>();
    planar::MapPtr map_;
    std::shared_ptr<const art::DrawnLines> lines_ = std::make_shared<art::DrawnLines>();
    std::vector<curve::Paths> outlines_;
    std::function<void()> waiting_;
    bool watched_ = false, working_ = false, stale_ = true;
    bool flows_ = false;
    double gap_ = 2, thin_ = 1;
    std::vector<planar::Bridge> closed_; // wider gaps that were closed one by one
    std::vector<planar::Bridge> open_;   // narrow ones that were opened
    std::vector<Decision> slivers_;      // thin areas that are kept
    std::vector<Wider> wider_;
    planar::MapPtr widerFor_; // the map that wider_ was worked out for
    std::function<void()> widerWaiting_;
    Latest<planar::MapPtr, std::vector<Wider>> widening_;
    Latest<art::Document, bool> comparing_; // of the lines with those of the map, while nobody looks
    void begin();
    void beginAnew();
    void compare();
    void lookWider();
    void widerIsKnown();
};

} // namespace softrope::app
