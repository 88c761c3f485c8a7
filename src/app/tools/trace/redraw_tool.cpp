// Redraw: start on a line, draw a better way, end on the line.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "art/edits.h"
#include "curve/redraw.h"

namespace softrope::app {

namespace {

using curve::Vec2;

class Redraw : public Tool {
public:
    explicit Redraw(Bench& b)
        : Tool(b, "redraw", tr("Redraw"), "redraw", "J",
               tr("<b>Redraw</b> start on a line, draw a better way, end on the line. The dotted part goes. Esc drops the stroke."))
    {
    }

    void hover(const Pointer& p) override
    {
        now_ = p.sheet;
        if (!drawing_) under(p.sheet);
        bench_.update();
    }
    void press(const Pointer& p) override
    {
        stroke_.clear();
        drawing_ = under(p.sheet);
        if (!drawing_) {
            const art::ItemPtr i = itemAt(bench_.document(), p.sheet, bench_.px(curve::snapReach));
            if (!i || !refused(bench_, i->id)) bench_.say(tr("Start on the line that is to change."));
            return;
        }
        stroke_.push_back(p.sheet);
    }
    void drag(const Pointer& p) override
    {
        now_ = p.sheet;
        if (!drawing_ || stroke_.back() == p.sheet) return;
        stroke_.push_back(p.sheet);
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        drag(p);
        if (!drawing_) return;
        drawing_ = false;
        const curve::Path* path = pathInHand();
        if (!path || stroke_.size() < 3) return;
        const auto r = curve::redrawn(*path, stroke_, options());
        stroke_.clear();
        if (!r) {
            bench_.say(tr("The stroke has to end on the line too. Nothing was changed."));
            bench_.update();
            return;
        }
        curve::Paths paths = bench_.document().item(item_)->artwork()->paths;
        paths[index_] = r->path;
        const QString joins = r->smoothStart == r->smoothEnd ? (r->smoothStart ? tr("both joins are smooth") : tr("both joins are corners"))
                                                             : tr("one join is smooth, one a corner");
        art::Selection s = bench_.selection();
        s.items = {item_};
        s.nodes.clear();
        bench_.session().take(art::withPaths(bench_.document(), item_, paths), s, tr("Redraw"));
        bench_.say(tr("Redrawn: %1 nodes; %2. Ctrl+Z brings the old part back.").arg(r->path.nodes.size()).arg(joins));
    }
    bool escape() override
    {
        const bool had = drawing_;
        drawing_ = false;
        stroke_.clear();
        bench_.update();
        return had;
    }
    void changed() override
    {
        if (!pathInHand()) item_ = 0;
    }
    bool marksPicked() const override { return true; }

    void paint(Marks& m) override
    {
        const curve::Path* path = pathInHand();
        if (!path) return;
        if (!drawing_) {
            if (const auto p = nearest(*path, now_); p && p->distance <= bench_.px(curve::snapReach)) m.dot(p->point, marks().selection, 5);
            return;
        }
        QColor ink = marks().artLine;
        ink.setAlphaF(0.4F);
        m.line({curve::polyline(stroke_, false)}, ink, 2);
        const auto from = nearest(*path, stroke_.front()), to = nearest(*path, stroke_.back());
        if (from && to && (from->piece != to->piece || from->t != to->t)) {
            QPolygonF gone;
            for (const Vec2 p : curve::partToGo(*path, *from, *to, stroke_)) gone << m.at(p);
            QPen pen(marks().selection, 3, Qt::CustomDashLine, Qt::RoundCap);
            pen.setDashPattern({0.1, 2});
            m.painter().setPen(pen);
            m.painter().drawPolyline(gone);
            m.dot(from->point, marks().selection, 5);
            if (to->distance <= bench_.px(curve::snapReach)) m.dot(to->point, marks().selection, 5);
        }
    }

private:
    art::Id item_ = 0;
    std::size_t index_ = 0;
    std::vector<Vec2> stroke_;
    Vec2 now_;
    bool drawing_ = false;

    curve::RedrawOptions options() const
    {
        curve::RedrawOptions o;
        o.slack = bench_.setting(settings::freehandSlack) * bench_.px(1);
        o.grain = bench_.px(1);
        o.reach = bench_.px(curve::snapReach);
        o.blend = bench_.px(16);
        return o;
    }

    const curve::Path* pathInHand() const
    {
        const art::Item* i = item_ ? bench_.document().item(item_) : nullptr;
        return i && i->artwork() && index_ < i->artwork()->paths.size() ? &i->artwork()->paths[index_] : nullptr;
    }

    // The nearest path under the point: of what is picked first, else of everything that can be changed.
    bool under(Vec2 p)
    {
        double best = bench_.px(curve::snapReach);
        art::Id found = 0;
        art::eachArtwork(bench_.document(), art::workable, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
            if (!art::bounds(i).grown(best).contains(p)) return;
            const double favour = bench_.selection().has(i.id) ? 0.5 : 1;
            for (std::size_t k = 0; k < a.paths.size(); ++k)
                if (const auto n = nearest(a.paths[k], p); n && n->distance * favour < best) {
                    best = n->distance * favour;
                    found = i.id;
                    index_ = k;
                }
        });
        item_ = found;
        return found != 0;
    }
};

} // namespace

std::unique_ptr<Tool> makeRedraw(Desk& desk)
{
    return std::make_unique<Redraw>(desk.bench);
}

} // namespace softrope::app
