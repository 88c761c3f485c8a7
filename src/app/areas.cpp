#include "app/areas.h"

#include "app/task.h"

#include <QSettings>

#include <algorithm>

namespace softrope::app {

Areas::Areas(Session& session) : session_(session), map_(planar::build({}))
{
    const QSettings kept;
    gap_ = std::clamp(kept.value("areas/gap", 2.0).toDouble(), 0.0, 20.0);
    thin_ = std::clamp(kept.value("areas/thinnest", 1.0).toDouble(), 0.0, 20.0);
    connect(&session_, &Session::documentChanged, this, [this] {
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
    if (!watched_ || working_ || !stale_) return;
    working_ = true;
    stale_ = false;
    const art::Document d = session_.document();
    struct Result {
        art::DrawnLines lines;
        planar::MapPtr map;
    };
    inBackground<Result>(
        this, {},
        [d, kept = kept_, o = options()](const Progress&) {
            Result r{art::drawnLines(d), nullptr};
            const std::lock_guard lock(kept->mutex);
            r.map = kept->builder.build(r.lines.paths, o);
            return r;
        },
        [this, d](Result r) {
            working_ = false;
            map_ = r.map;
            lines_ = std::move(r.lines);
            shownFor_ = d;
            emit changed();
            begin();
        });
}

const planar::MapPtr& Areas::mapNow()
{
    if (upToDate() && !stale_) return map_;
    const art::Document d = session_.document();
    lines_ = art::drawnLines(d);
    {
        const std::lock_guard lock(kept_->mutex);
        map_ = kept_->builder.build(lines_.paths, options());
    }
    shownFor_ = d;
    stale_ = working_; // a result on its way may be older: it is worked out once more
    return map_;
}

std::vector<art::Id> Areas::linesRound(const std::vector<int>& areas) const
{
    std::vector<art::Id> found;
    const planar::Graph& g = map_->graph();
    for (std::size_t h = 0; h < g.edges.size() * 2; ++h) {
        if (std::find(areas.begin(), areas.end(), map_->areaOf(static_cast<int>(h))) == areas.end()) continue;
        const planar::Edge& e = g.edge(static_cast<int>(h));
        for (int k = 0; k < e.count; ++k) {
            const auto path = static_cast<std::size_t>(g.piece(g.source(e, k)).path);
            if (path < lines_.items.size() && std::find(found.begin(), found.end(), lines_.items[path]) == found.end()) found.push_back(lines_.items[path]);
        }
    }
    return found;
}

} // namespace softrope::app
