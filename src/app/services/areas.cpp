#include "app/services/areas.h"

#include "app/services/jobs.h"
#include "app/theme/kept_number.h"
#include "curve/curve.h"

#include <QSettings>

#include <algorithm>
#include <utility>

namespace softrope::app {

Areas::Areas(Session& session) : session_(session), map_(planar::build({})), widening_(session.jobs(), this), comparing_(session.jobs(), this)
{
    gap_ = keptNumber("areas/gap", 2, 0, 20);
    thin_ = keptNumber("areas/thinnest", 1, 0, 20);
    connect(&session_, &Session::started, this, [this] {
        waiting_ = widerWaiting_ = {};
        closed_.clear();
        open_.clear();
        slivers_.clear();
        wider_.clear();
        comparing_.drop();
        stale_ = true;
    });
    connect(&session_, &Session::documentChanged, this, [this] {
        if (session_.deriving()) return; // what is worked out encloses nothing
        const bool known = !mayDiffer();
        stale_ = true;
        begin();
        if (known && !working_) compare();
    });
}

Areas::~Areas() = default;

planar::BuildOptions Areas::options() const
{
    planar::BuildOptions o;
    o.gap = gap_;
    o.closed = closed_;
    o.open = open_;
    for (const Decision& d : slivers_) o.kept.push_back(d.at);
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
    beginAnew();
}

void Areas::setThinnest(double px)
{
    thin_ = px;
    QSettings().setValue("areas/thinnest", px);
    beginAnew();
}

void Areas::setFlows(bool on)
{
    if (on == flows_) return;
    flows_ = on;
    beginAnew();
}

// With other lines or other ways to see them.
void Areas::beginAnew()
{
    comparing_.drop();
    stale_ = true;
    begin();
}

void Areas::compare()
{
    const art::Document now = session_.document();
    comparing_.want(
        now, [now, lines = lines_](const Progress&) { return art::drawnLines(now) == *lines; },
        [this, now](bool same) {
            if (same && !working_ && session_.document() == now) stale_ = false;
            emit changed();
        },
        [this] { emit changed(); });
}

void Areas::begin()
{
    if ((!watched_ && !waiting_) || working_ || !stale_) return;
    working_ = true;
    stale_ = false;
    widening_.drop();
    struct Result {
        art::DrawnLines lines;
        planar::MapPtr map;
        std::vector<curve::Paths> outlines;
        art::FollowedDrops followed;
    };
    session_.jobs().run<Result>(
        Lane::working, this,
        [d = session_.document(), kept = kept_, o = options(), flows = flows_](const Progress&) {
            Result r{art::drawnLines(d), nullptr, {}, {}};
            const std::lock_guard lock(kept->mutex);
            r.map = kept->builder.build(r.lines.paths, o);
            r.outlines = r.map->outlines(r.map->areas());
            r.followed = art::withDropsFollowed(d, *r.map, r.lines, o.gap, flows);
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
            wider_.clear();
            lines_ = std::make_shared<art::DrawnLines>(std::move(r.lines));
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
            if (!stale_ && !working_) lookWider();
        });
}

namespace {

// Names that somebody gave: of lines that run along one of the outlines, each once. Shapes under the lines are none of them.
std::vector<std::string> namesAlong(const std::vector<curve::Paths>& outlines, const art::DrawnLines& lines, const art::Document& d)
{
    constexpr double on = 0.5; // px
    constexpr std::size_t most = 3;
    const std::string unnamed = Areas::tr("Line").toStdString(); // as tools call what they draw
    std::vector<std::string> names;
    for (const curve::Paths& outline : outlines)
        for (const curve::Path& p : outline)
            for (std::size_t k = 0; k < p.pieceCount(); ++k) {
                const curve::Vec2 at = curve::at(p.piece(k), 0.5);
                for (std::size_t i = 0; i < lines.paths.size(); ++i) {
                    if (!curve::bounds(lines.paths[i]).grown(on).contains(at)) continue;
                    const auto near = nearest(lines.paths[i], at);
                    const art::Item* item = d.item(lines.items[i]);
                    if (!near || near->distance > on || !item || item->name.empty() || item->name == unnamed) continue;
                    if (item->artwork() && item->artwork()->fill.colour) continue;
                    if (names.size() < most && std::find(names.begin(), names.end(), item->name) == names.end()) names.push_back(item->name);
                }
            }
    // All of one name say nothing.
    return names.size() == 1 && outlines.size() > 1 ? std::vector<std::string>{} : names;
}

} // namespace

void Areas::lookWider()
{
    constexpr std::size_t mostLines = 800;
    constexpr double most = 20; // px: wider ones are openings
    if (!watched_ && !widerWaiting_) {
        wider_.clear();
        return;
    }
    if (lines_->paths.empty() || lines_->paths.size() > mostLines) {
        wider_.clear();
        widerIsKnown();
        return;
    }
    widening_.want(
        map_,
        [lines = lines_, d = session_.document(), o = options()](const Progress& p) {
            std::vector<Wider> out;
            for (planar::WiderGap& g : planar::widerGaps(lines->paths, o, most, 3, [&p] { return p.cancelled(); })) {
                if (p.cancelled()) break;
                out.push_back({g, namesAlong(g.outlines, *lines, d)});
            }
            return out;
        },
        [this, for_ = map_](std::vector<Wider> found) {
            if (for_ != map_) return;
            const bool any = !found.empty();
            if (any) wider_ = std::move(found);
            widerIsKnown();
            if (any) emit changed();
        });
}

void Areas::widerIsKnown()
{
    widerFor_ = map_;
    if (const auto act = std::exchange(widerWaiting_, {})) act();
}

void Areas::whenWiderKnown(std::function<void()> act)
{
    if (upToDate() && widerFor_ == map_) {
        act();
        return;
    }
    widerWaiting_ = std::move(act);
    whenReady([this] { lookWider(); });
}

void Areas::takeWider(std::size_t i)
{
    if (i < wider_.size()) setGap(wider_[i].gap.gap);
}

std::optional<bool> Areas::turnGapAt(curve::Vec2 at, double reach)
{
    const auto here = [&](const planar::Bridge& b) { return distance(0.5 * (b.from + b.to), at) <= reach; };
    std::optional<bool> closed;
    if (const auto known = std::find_if(closed_.begin(), closed_.end(), here); known != closed_.end()) {
        closed_.erase(known);
        closed = false;
    } else {
        for (const Wider& w : wider_)
            if (const auto open = std::find_if(w.gap.bridges.begin(), w.gap.bridges.end(), here); open != w.gap.bridges.end() && !closed) {
                closed_.push_back(*open);
                closed = true;
            }
    }
    if (closed) beginAnew();
    return closed;
}

std::vector<Areas::Decision> Areas::decisions() const
{
    using What = Decision::What;
    constexpr double seen = 0.05; // px: what is narrower touches
    std::vector<Decision> out = slivers_, gaps;
    for (const int f : map_->slivers()) {
        const planar::Face& face = map_->faces()[static_cast<std::size_t>(f)];
        out.push_back({What::sliverJoined, face.box.centre(), face.width});
    }
    for (const planar::Bridge& b : map_->bridges())
        if (b.width >= seen) gaps.push_back({What::gapClosed, 0.5 * (b.from + b.to), b.width, b});
    for (const planar::Bridge& b : open_) gaps.push_back({What::gapOpen, 0.5 * (b.from + b.to), b.width, b});
    std::stable_sort(out.begin(), out.end(), [](const Decision& a, const Decision& b) { return a.width > b.width; });
    std::stable_sort(gaps.begin(), gaps.end(), [](const Decision& a, const Decision& b) { return a.width > b.width; });
    out.insert(out.end(), gaps.begin(), gaps.end());
    return out;
}

void Areas::turnOver(const Decision& d)
{
    const auto same = [&](const planar::Bridge& b) { return b.from == d.gap.from && b.to == d.gap.to; };
    switch (d.what) {
    case Decision::What::gapClosed: {
        const std::size_t alone = closed_.size();
        const auto about = [&](const planar::Bridge& b) { return distance(0.5 * (b.from + b.to), d.at) <= 3; };
        closed_.erase(std::remove_if(closed_.begin(), closed_.end(), about), closed_.end());
        if (closed_.size() == alone) open_.push_back(d.gap);
        break;
    }
    case Decision::What::gapOpen: open_.erase(std::remove_if(open_.begin(), open_.end(), same), open_.end()); break;
    case Decision::What::sliverJoined: slivers_.push_back({Decision::What::sliverKept, d.at, d.width}); break;
    case Decision::What::sliverKept:
        slivers_.erase(std::remove_if(slivers_.begin(), slivers_.end(), [&](const Decision& s) { return s.at == d.at; }), slivers_.end());
        break;
    }
    beginAnew();
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
        for (const art::LineSide& s : art::linesRound(*map_, *lines_, f))
            if (std::find(found.begin(), found.end(), s.line) == found.end()) found.push_back(s.line);
    return found;
}

} // namespace softrope::app
