// Pen and Straights: a line node by node. Each node is a step of its own, so undo works in the middle of a line.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "app/tools/shade/shade_hand.h"
#include "art/edits.h"
#include "curve/edit.h"

namespace softrope::app {

namespace {

using curve::Node;
using curve::NodeKind;
using curve::Path;
using curve::Vec2;

class LineTool : public Tool {
public:
    LineTool(Bench& b, bool straights)
        : Tool(b, straights ? "straights" : "pen", straights ? tr("Straights") : tr("Pen"), straights ? "straights" : "pen", straights ? "F" : "S",
               straights ? tr("<b>Straights</b> goes corner to corner; bow the pieces later. Enter or Esc ends, Backspace takes a node back.")
                         : tr("<b>Pen</b>: click for a corner, drag for a curve; Alt breaks the handles. Enter or Esc ends, Backspace takes a node back.")),
          straights_(straights)
    {
    }

    void press(const Pointer& p) override
    {
        now_ = p;
        dragging_ = false;
        act_ = Act::none;
        if (drawing() && onHandle(p)) {
            act_ = Act::handle;
            return;
        }
        pressed_ = place(p);
        if (drawing()) {
            if (closes(p)) {
                act_ = Act::close;
                return;
            }
            if (const auto end = endUnder(p)) {
                joinTo(*end);
                return;
            }
            addNode(pressed_);
            return;
        }
        if (const auto end = endUnder(p)) {
            goOn(*end);
            return;
        }
        begin(pressed_);
    }

    void drag(const Pointer& p) override
    {
        now_ = p;
        if (act_ == Act::none || !drawing()) return;
        if (act_ == Act::handle) {
            Path path = *current();
            setHandle(path, p);
            show(path);
            dragging_ = true;
            return;
        }
        if (straights_) return;
        if (!dragging_ && distance(p.sheet, pressed_) < bench_.px(4)) return;
        dragging_ = true;
        broken_ = broken_ || p.alt();
        show(shaped(p));
    }

    void lift(const Pointer& p) override
    {
        now_ = p;
        const Act act = act_;
        act_ = Act::none;
        if (!drawing()) return;
        if (act == Act::close) {
            close(p);
            return;
        }
        if (act == Act::handle) {
            if (dragging_) {
                Path path = *current();
                setHandle(path, p);
                bench_.release();
                keep(path, tr("Move handle"));
            }
            return;
        }
        if (dragging_ && act == Act::node) {
            const Path path = shaped(p);
            bench_.release();
            // The node and its handles are one step.
            keep(path, stepName_, burst());
        }
        bench_.session().endBurst();
        dragging_ = broken_ = false;
    }

    void hover(const Pointer& p) override
    {
        now_ = p;
        hovering_ = true;
        catches_ = closes(p) || endUnder(p).has_value();
        bench_.update();
    }

    void doubleClick(const Pointer&) override { finish(); }

    bool key(const QKeyEvent& e) override
    {
        if (e.key() == Qt::Key_Return || e.key() == Qt::Key_Enter) return finish();
        if (e.key() == Qt::Key_O && drawing() && shading(bench_) && !areas_.empty()) {
            otherSide(bench_) = !otherSide(bench_);
            bench_.say(otherSide(bench_) ? tr("Cut off on the larger side.") : tr("Cut off on the smaller side."));
            bench_.update();
            return true;
        }
        if (e.key() == Qt::Key_C && drawing() && !straights_) {
            Path path = *current();
            Node& n = path.nodes.back();
            n.kind = n.kind == NodeKind::smooth ? NodeKind::corner : NodeKind::smooth;
            if (n.kind == NodeKind::corner)
                n.out = n.at;
            else if (n.out == n.at && n.in != n.at)
                n.out = n.at * 2 - n.in;
            keep(path, n.kind == NodeKind::corner ? tr("Make corner") : tr("Make smooth"));
            return true;
        }
        if (e.key() == Qt::Key_Backspace && drawing()) {
            takeBack();
            return true;
        }
        return false;
    }

    QCursor cursor() const override { return drawingCursor(catches_); }

    bool drawsShapes() const override { return true; }
    bool escape() override
    {
        if (dragging_) {
            bench_.release();
            dragging_ = false;
        }
        return finish();
    }
    void leave() override
    {
        finish();
        hovering_ = false;
    }

    void changed() override
    {
        if (!drawing()) item_ = 0;
    }

    void paint(Marks& m) override
    {
        if (!hovering_) return;
        const Path* path = drawing() ? current() : nullptr;
        const Vec2 target = place(now_);
        if (path && act_ == Act::none) {
            const Node& end = path->nodes.back();
            const bool closing = closes(now_);
            const Vec2 to = closing ? path->nodes.front().at : target;
            const curve::Cubic next{end.at, straights_ ? end.at : end.out, closing ? path->nodes.front().in : to, to};
            m.painter().setBrush(Qt::NoBrush);
            m.painter().setPen(QPen(marks().geometry, 1.5, Qt::SolidLine, Qt::RoundCap));
            m.painter().drawPath(painterPath(next, m.toScreen()));
            if (closing) {
                m.ring(to, marks().geometry, 10);
                m.chip(to, tr("closes here"));
            } else if (straights_) {
                m.chip(to, QString("%1° · %2").arg(-curve::degrees(curve::angleOf(to - end.at)), 0, 'f', 0).arg(pxText(distance(end.at, to))));
            }
        }
        if (path) {
            for (std::size_t i = 0; i < path->nodes.size(); ++i)
                m.node(*path, i, i + 1 == path->nodes.size() ? Marks::NodeState::picked : Marks::NodeState::rest);
            const Node& end = path->nodes.back();
            const bool broken = end.kind == NodeKind::corner;
            m.handle(end.at, end.in, broken);
            m.handle(end.at, end.out, broken);
        } else if (const auto end = endUnder(now_)) {
            m.chip(end->at, tr("go on from here"));
        }
        if (const art::Snap s = snapHere(now_); s.reason != art::SnapReason::none && act_ == Act::none && !closes(now_)) {
            m.ring(s.point, marks().geometry, 5);
            if (!path || !straights_) m.chip(s.point, tr(art::text(s.reason)), Marks::Chip::name);
        }
    }

private:
    enum class Act { none, node, close, handle };
    bool straights_;
    art::Id item_ = 0; // the line in hand; its last node is the end being drawn
    Act act_ = Act::none;
    Pointer now_;
    Vec2 pressed_;
    bool dragging_ = false, broken_ = false, hovering_ = false, catches_ = false;
    bool outHandle_ = true;
    QString stepName_;

    const Path* current()
    {
        const art::Item* i = bench_.document().item(item_);
        if (!i || !i->artwork() || i->artwork()->paths.size() != 1) return nullptr;
        const Path& p = i->artwork()->paths.front();
        return p.closed || p.empty() ? nullptr : &p;
    }
    bool drawing() { return item_ != 0 && current(); }
    QString burst() const { return QString("line %1 %2").arg(item_).arg(nodeCount_); }
    std::size_t nodeCount_ = 0;
    std::vector<art::Id> areas_; // in hand when the line was begun, while shading

    art::Snap snapHere(const Pointer& p) { return bench_.snap(p, drawing() ? std::vector<art::Id>{item_} : std::vector<art::Id>{}); }

    Vec2 place(const Pointer& p)
    {
        if (p.shift() && drawing()) {
            const Vec2 from = current()->nodes.back().at, v = p.sheet - from;
            const double step = curve::pi / 12;
            const Vec2 u = curve::direction(std::round(curve::angleOf(v) / step) * step);
            return from + u * dot(v, u);
        }
        return snapHere(p).point;
    }

    bool closes(const Pointer& p)
    {
        const Path* path = drawing() ? current() : nullptr;
        return path && path->nodes.size() > 2 && distance(path->nodes.front().at, p.sheet) < bench_.px(curve::nodeReach);
    }

    std::optional<art::OpenEnd> endUnder(const Pointer& p)
    {
        std::optional<art::OpenEnd> best;
        if (p.control()) return best; // Ctrl suspends all catching
        double d = bench_.px(curve::nodeReach);
        for (const art::OpenEnd& e : art::allEnds(bench_.document()))
            if (e.item != item_ && distance(e.at, p.sheet) <= d) {
                d = distance(e.at, p.sheet);
                best = e;
            }
        return best;
    }

    bool onHandle(const Pointer& p)
    {
        const Node& n = current()->nodes.back();
        if (n.out == n.at) return false;
        const double out = distance(n.out, p.sheet), in = distance(n.in, p.sheet);
        if (std::min(out, in) > bench_.px(8) || distance(n.at, p.sheet) < std::min(out, in)) return false;
        outHandle_ = out <= in;
        return true;
    }

    void setHandle(Path& path, const Pointer& p)
    {
        const bool broken = p.alt() || path.nodes.back().kind == NodeKind::corner;
        path = curve::withHandleMoved(path, path.nodes.size() - 1, outHandle_ ? curve::HandleSide::out : curve::HandleSide::in, p.sheet, broken);
    }

    // The path with the handles of its last node as the drag sets them.
    Path shaped(const Pointer& p)
    {
        Path path = *current();
        Node& n = path.nodes.back();
        n.out = p.sheet;
        if (!broken_) {
            n.in = n.at * 2 - p.sheet;
            n.kind = NodeKind::smooth;
        } else {
            n.kind = NodeKind::corner;
        }
        if (path.nodes.size() == 1) n.in = n.at;
        return path;
    }

    void show(const Path& path)
    {
        const art::ItemPtr now = bench_.document().itemPtr(item_);
        if (!now) return;
        auto copy = std::make_shared<art::Item>(*now);
        std::get<art::Artwork>(copy->is).setPaths({path});
        bench_.hold({copy});
    }

    void keep(const Path& path, const QString& name, const QString& burst = {})
    {
        const art::Document d = art::withPaths(bench_.document(), item_, {path});
        bench_.session().take(d, name, burst);
    }

    void begin(Vec2 at)
    {
        const art::Id layer = layerForWork(bench_);
        if (!layer) return;
        areas_ = shading(bench_) ? areasInHand(bench_) : std::vector<art::Id>{};
        art::Item i;
        i.name = tr("Line").toStdString();
        art::Artwork a;
        a.stroke = bench_.look();
        a.setPaths({curve::polyline({at}, false)});
        i.is = a;
        const art::Added added = art::withItem(bench_.document(), layer, i);
        item_ = added.id;
        nodeCount_ = 1;
        stepName_ = tr("Begin line");
        art::Selection s = bench_.selection();
        s.items = {item_};
        s.nodes.clear();
        bench_.session().take(added.document, s, stepName_, burst());
        act_ = Act::node;
    }

    void addNode(Vec2 at)
    {
        Path path = *current();
        if (distance(path.nodes.back().at, at) < bench_.px(1)) return;
        path.nodes.push_back(curve::cornerAt(at));
        nodeCount_ = path.nodes.size();
        stepName_ = tr("Add node");
        keep(path, stepName_, burst());
        act_ = Act::node;
    }

    // A click on an open end takes the line up again; it is turned round when the end was its start.
    void goOn(const art::OpenEnd& end)
    {
        const art::Item* i = bench_.document().item(end.item);
        if (!i || i->artwork()->paths.size() != 1) {
            bench_.say(tr("This end belongs to a shape of several outlines. Use Nodes on it."));
            return;
        }
        item_ = end.item;
        if (end.atStart) {
            bench_.session().take(art::withPaths(bench_.document(), item_, {curve::reversed(i->artwork()->paths.front())}), tr("Turn line round"));
        }
        bench_.session().pickItems({item_});
        nodeCount_ = current() ? current()->nodes.size() : 0;
        bench_.say(tr("Going on from the open end. Enter or Esc ends."));
    }

    void joinTo(const art::OpenEnd& end)
    {
        Path path = *current();
        path.nodes.push_back(curve::cornerAt(end.at));
        const art::Document d = art::withPaths(bench_.document(), item_, {path});
        const art::OpenEnd mine{item_, 0, false, end.at};
        bench_.session().take(art::withEndsJoined(d, mine, end), tr("Join to line"));
        bench_.say(tr("Joined 2 ends. Ctrl+Z takes it apart."));
        item_ = 0;
    }

    void close(const Pointer& p)
    {
        Path path = *current();
        path.closed = true;
        if (!straights_ && distance(p.sheet, path.nodes.front().at) > bench_.px(curve::nodeReach)) {
            // Dragged while closing: the seam becomes smooth.
            Node& n = path.nodes.front();
            n.out = p.sheet;
            n.in = n.at * 2 - p.sheet;
            n.kind = NodeKind::smooth;
        }
        bench_.release();
        if (shadeWith(path)) return;
        art::Document d = art::withPaths(bench_.document(), item_, {path});
        d = art::withItemChanged(d, item_, [this](art::Item& i) { fillWhenClosed(bench_, std::get<art::Artwork>(i.is)); });
        bench_.session().take(d, tr("Close line"));
        item_ = 0;
        bench_.say(tr("Closed."));
    }

    // The line in hand becomes a shade in the areas in hand.
    bool shadeWith(const Path& path)
    {
        if (!shading(bench_) || areas_.empty()) return false;
        const art::Id id = item_;
        const art::Document without = art::withoutItems(bench_.document(), {id});
        item_ = 0;
        bench_.session().pickItems(areas_);
        if (strokeIntoAreas(bench_, without, path, tr("Pen shade"))) return true;
        bench_.session().pickItems({id});
        item_ = id;
        return false;
    }

    void takeBack()
    {
        Path path = *current();
        path.nodes.pop_back();
        if (path.nodes.empty()) {
            const art::Id gone = item_;
            item_ = 0;
            bench_.session().take(art::withoutItems(bench_.document(), {gone}), tr("Take back node"));
            return;
        }
        path.nodes.back().out = path.nodes.back().kind == NodeKind::smooth ? path.nodes.back().out : path.nodes.back().at;
        nodeCount_ = path.nodes.size();
        keep(path, tr("Take back node"));
    }

    // The line keeps its open end; a lone node is no line and goes.
    bool finish()
    {
        act_ = Act::none;
        dragging_ = broken_ = false;
        if (!drawing()) {
            item_ = 0;
            return false;
        }
        const art::Id id = item_;
        const bool lone = current()->nodes.size() < 2;
        if (!lone && shadeWith(*current())) return true;
        item_ = 0;
        if (lone) bench_.session().take(art::withoutItems(bench_.document(), {id}), tr("Drop line"));
        bench_.update();
        return true;
    }
};

} // namespace

std::unique_ptr<Tool> makePen(Desk& desk)
{
    return std::make_unique<LineTool>(desk.bench, false);
}
std::unique_ptr<Tool> makeStraights(Desk& desk)
{
    return std::make_unique<LineTool>(desk.bench, true);
}

} // namespace softrope::app
