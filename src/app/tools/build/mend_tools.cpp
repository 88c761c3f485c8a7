// Trim and Join: stubs go, ends meet.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "art/build.h"
#include "planar/meet.h"
#include "planar/tolerances.h"

namespace softrope::app {

namespace {

using curve::Vec2;

class TrimTool : public Tool {
public:
    explicit TrimTool(Bench& b)
        : Tool(b, "trim", tr("Trim"), "trim", "F",
               tr("<b>Trim</b>: click a stub, or drag across several. What goes is dotted; between two nodes Shift takes the piece."))
    {
    }
    void taken() override { bench_.session().pickItems({}); }
    void hover(const Pointer& p) override
    {
        aim(p);
        bench_.update();
    }
    void press(const Pointer& p) override
    {
        way_ = {p.sheet};
        aim(p);
        count_ = 0;
        burst_ = QString("trim %1").arg(++presses_); // one press, one step back
        if (aimed_) take();
    }
    void drag(const Pointer& p) override
    {
        // Everything the drag crosses loses the stretch that was crossed.
        if (distance(way_.back(), p.sheet) < bench_.px(1.5)) return;
        const planar::Strand stroke = planar::strandOf(curve::polyline({way_.back(), p.sheet}, false), 0);
        way_.push_back(p.sheet);
        std::vector<std::pair<art::Id, Vec2>> crossed;
        art::eachArtwork(bench_.document(), art::workable, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
            for (const curve::Path& path : a.paths)
                for (const planar::Contact& c : planar::meet(stroke, planar::strandOf(path, 1), planar::Tolerances{}.touch).contacts)
                    crossed.emplace_back(i.id, c.at);
        });
        for (const auto& [item, at] : crossed) {
            aimed_ = art::stretchAt(bench_.document(), item, at);
            if (!aimed_ || aimed_->whole) continue;
            take();
            return;
        }
        aimed_.reset();
        bench_.update();
    }
    void lift(const Pointer&) override
    {
        way_.clear();
        bench_.session().endBurst();
        if (count_ > 1) bench_.say(tr("Trimmed %1 pieces. Ctrl+Z puts them back.").arg(count_));
        bench_.update();
    }
    bool escape() override
    {
        way_.clear();
        aimed_.reset();
        return false;
    }
    void changed() override { aimed_.reset(); }
    void paint(Marks& m) override
    {
        if (aimed_) m.line({aimed_->shown}, marks().tagFinding, 3, Qt::DotLine);
        if (way_.size() > 1) m.line({curve::polyline(way_, false)}, marks().tagFinding, 1.5);
    }

private:
    std::optional<art::Stretch> aimed_;
    std::vector<Vec2> way_;
    int count_ = 0, presses_ = 0;
    QString burst_;

    void aim(const Pointer& p)
    {
        aimed_.reset();
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(7));
        if (!hit || !hit->artwork()) return;
        const art::Layer* l = bench_.document().layerOf(hit->id);
        if (!l) return;
        if (l->locked) return;
        if (p.shift()) {
            // The piece between two nodes.
            art::Stretch s;
            s.item = hit->id;
            double least = bench_.px(12);
            for (std::size_t k = 0; k < hit->artwork()->paths.size(); ++k)
                if (const auto n = curve::nearest(hit->artwork()->paths[k], p.sheet); n && n->distance < least) {
                    least = n->distance;
                    s.path = k;
                    s.from = {n->piece, 0, {}, 0};
                    s.to = {n->piece, 1, {}, 0};
                    curve::Path one;
                    const curve::Cubic c = hit->artwork()->paths[k].piece(n->piece);
                    one.nodes = {{c.p0, c.p0, c.p1, curve::NodeKind::corner}, {c.p3, c.p2, c.p3, curve::NodeKind::corner}};
                    s.shown = one;
                    aimed_ = s;
                }
            if (aimed_) {
                const curve::Path& path = hit->artwork()->paths[aimed_->path];
                aimed_->whole = !path.closed && path.pieceCount() == 1;
            }
            return;
        }
        aimed_ = art::stretchAt(bench_.document(), hit->id, p.sheet);
    }
    void take()
    {
        const art::Document d = art::withoutStretch(bench_.document(), *aimed_);
        aimed_.reset();
        ++count_;
        bench_.session().take(d, tr("Trim"), burst_);
        bench_.update();
    }
};

class JoinTool : public Tool {
public:
    explicit JoinTool(Bench& b)
        : Tool(b, "join", tr("Join"), "join", "G",
               tr("<b>Join</b>: click an open end, then another; or drag from end to end. Shift+J joins all that nearly meet."))
    {
    }
    void taken() override { bench_.session().pickItems({}); }
    void hover(const Pointer& p) override
    {
        now_ = p.sheet;
        over_ = endAt(p.sheet);
        bench_.update();
    }
    void press(const Pointer& p) override
    {
        over_ = endAt(p.sheet);
        if (!over_) {
            first_.reset();
            return;
        }
        if (first_ && !same(*first_, *over_)) {
            join(*first_, *over_);
            first_.reset();
            return;
        }
        first_ = over_;
        // An end with a near partner needs no second click.
        if (const auto partner = partnerOf(*first_); partner && distance(partner->at, first_->at) <= bench_.setting(settings::joinReach)) {
            join(*first_, *partner);
            first_.reset();
        }
    }
    void drag(const Pointer& p) override { hover(p); }
    void lift(const Pointer&) override
    {
        if (first_ && over_ && !same(*first_, *over_)) {
            join(*first_, *over_);
            first_.reset();
        }
    }
    bool escape() override
    {
        const bool had = first_.has_value();
        first_.reset();
        return had;
    }
    void changed() override
    {
        first_.reset();
        over_.reset();
    }
    void paint(Marks& m) override
    {
        const auto ends = art::openEnds(bench_.document());
        // Pairs that nearly meet, each with its gap.
        int shown = 0;
        for (std::size_t i = 0; i < ends.size() && ends.size() < 400; ++i)
            for (std::size_t k = i + 1; k < ends.size() && shown < 40; ++k) {
                const double d = distance(ends[i].at, ends[k].at);
                if (d > 4 * curve::joinReach || d < 1e-9) continue;
                ++shown;
                m.ring(0.5 * (ends[i].at + ends[k].at), colours().hemp, 14);
                if (shown <= 4) m.chip(0.5 * (ends[i].at + ends[k].at), tr("gap %1").arg(pxText(d)), Marks::Chip::name);
            }
        if (over_) m.openEnd(over_->at, true);
        if (first_) {
            m.openEnd(first_->at, true);
            m.segment(first_->at, over_ ? over_->at : now_, marks().geometry, 2, Qt::DashLine);
        }
    }

private:
    std::optional<art::OpenEnd> first_, over_;
    Vec2 now_;

    static bool same(const art::OpenEnd& a, const art::OpenEnd& b) { return a.item == b.item && a.path == b.path && a.atStart == b.atStart; }
    std::optional<art::OpenEnd> endAt(Vec2 p)
    {
        std::optional<art::OpenEnd> best;
        double least = bench_.px(12);
        for (const art::OpenEnd& e : art::allEnds(bench_.document()))
            if (const double d = distance(e.at, p); d < least && !(first_ && same(*first_, e))) {
                least = d;
                best = e;
            }
        return best;
    }
    std::optional<art::OpenEnd> partnerOf(const art::OpenEnd& end)
    {
        std::optional<art::OpenEnd> best;
        double least = 1e300;
        for (const art::OpenEnd& e : art::allEnds(bench_.document()))
            if (const double d = distance(e.at, end.at); !same(e, end) && d < least) {
                least = d;
                best = e;
            }
        return best;
    }
    void join(const art::OpenEnd& a, const art::OpenEnd& b)
    {
        const art::Edited d = art::withEndsJoined(bench_.document(), a, b);
        if (!d.done() || d.document == bench_.document()) {
            const art::Id locked = d.why == art::Refusal::locked ? art::lockedBy(bench_.document(), a.item) : 0;
            if (d.why == art::Refusal::locked)
                bench_.clicksLocked(locked ? locked : art::lockedBy(bench_.document(), b.item));
            else if (a.item == b.item && a.path == b.path)
                bench_.say(tr("A single straight cannot be closed: there is nothing between its ends."));
            else
                bench_.say(d.why == art::Refusal::none ? tr("These ends meet already.") : refusalText(d.why));
            return;
        }
        bench_.session().take(d, tr("Join ends"));
        bench_.say(tr("Joined 2 ends. Ctrl+Z takes it apart."));
    }
};

} // namespace

std::unique_ptr<Tool> makeTrim(Desk& desk)
{
    return std::make_unique<TrimTool>(desk.bench);
}
std::unique_ptr<Tool> makeJoin(Desk& desk)
{
    return std::make_unique<JoinTool>(desk.bench);
}

} // namespace softrope::app
