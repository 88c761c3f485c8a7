#include "app/services/areas.h"

#include "app/services/jobs.h"

#include <QSettings>

#include <algorithm>

namespace softrope::app {

Areas::Areas(Session& session) : session_(session), map_(planar::build({}))
{
    const QSettings kept;
    gap_ = std::clamp(kept.value("areas/gap", 2.0).toDouble(), 0.0, 20.0);
    thin_ = std::clamp(kept.value("areas/thinnest", 1.0).toDouble(), 0.0, 20.0);
    connect(&session_, &Session::started, this, [this] { waiting_ = {}; });
    connect(&session_, &Session::documentChanged, this, [this] {
        if (session_.deriving()) return; // what is worked out encloses nothing
        stale_ = true;
        begin();
    });
}

Areas::~Areas() = default;

planar::BuildOptions Areas::options() const
{
    planar::BuildOptions o;
    o.gap = gap_;
    o.sliverWidth = thin_;
    return o;
}

void Areas::setWatched(bool on)
{
    watched_ = on;
    begin();
}

void Areas::setGap(double px)
{
    gap_ = px;
    QSettings().setValue("areas/gap", px);
    stale_ = true;
    begin();
}

void Areas::setThinnest(double px)
{
    thin_ = px;
    QSettings().setValue("areas/thinnest", px);
    stale_ = true;
    begin();
}

void Areas::begin()
{
    if ((!watched_ && !waiting_) || working_ || !stale_) return;
    working_ = true;
    stale_ = false;
    struct Result {
        art::DrawnLines lines;
        planar::MapPtr map;
        std::vector<curve::Paths> outlines;
        art::FollowedDrops followed;
    };
    session_.jobs().run<Result>(
        Lane::working, this,
        [d = session_.document(), kept = kept_, o = options()](const Progress&) {
            Result r{art::drawnLines(d), nullptr, {}, {}};
            const std::lock_guard lock(kept->mutex);
            r.map = kept->builder.build(r.lines.paths, o);
            r.outlines = r.map->outlines(r.map->areas());
            r.followed = art::withDropsFollowed(d, *r.map, r.lines, o.gap);
            return r;
        },
        [this, d = session_.document()](std::optional<Result> done) {
            working_ = false;
            if (!done) { // another piece is open, or it failed: then only a change can help
                if (stale_) begin();
                return;
            }
            Result& r = *done;
            map_ = std::move(r.map);
            lines_ = std::move(r.lines);
            outlines_ = std::move(r.outlines);
            // What was drawn meanwhile is followed the next time.
            if (!stale_ && !(r.followed.document == d)) {
                if (session_.document() == d)
                    emit dropsFollowed(r.followed);
                else // another live part arrived meanwhile
                    stale_ = true;
            }
            emit changed();
            if (stale_) {
                begin();
            } else if (waiting_) {
                const auto act = std::move(waiting_);
                waiting_ = {};
                act();
            }
        });
}

void Areas::whenReady(std::function<void()> act)
{
    if (upToDate()) {
        act();
        return;
    }
    waiting_ = std::move(act);
    begin();
}

std::vector<art::Id> Areas::linesRound(const std::vector<int>& areas) const
{
    std::vector<art::Id> found;
    for (const int f : areas)
        for (const art::LineSide& s : art::linesRound(*map_, lines_, f))
            if (std::find(found.begin(), found.end(), s.line) == found.end()) found.push_back(s.line);
    return found;
}

} // namespace softrope::app
