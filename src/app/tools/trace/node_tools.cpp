// Nodes and Bow: work on the nodes, handles and pieces of one line.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "art/edits.h"
#include "art/trim.h"
#include "curve/edit.h"
#include "curve/reduce.h"

#include <algorithm>

namespace softrope::app {

namespace {

using art::NodeRef;
using curve::HandleSide;
using curve::NodeKind;
using curve::Path;
using curve::Paths;
using curve::Vec2;

// What both tools share: the picked line and finding things on it.
class PathTool : public Tool {
public:
    using Tool::Tool;
    bool marksPicked() const override { return true; }

protected:
    const art::Item* item()
    {
        if (bench_.selection().items.size() != 1) return nullptr;
        const art::Item* i = bench_.document().item(bench_.selection().items.front());
        return i && i->artwork() && art::refusalOf(bench_.document(), {i->id}) == art::Refusal::none ? i : nullptr;
    }
    const Paths* paths()
    {
        const art::Item* i = item();
        return i ? &*i->artwork()->paths : nullptr;
    }
    std::optional<NodeRef> nodeAt(const Pointer& p)
    {
        const Paths* all = paths();
        if (!all) return std::nullopt;
        std::optional<NodeRef> best;
        double d = bench_.px(p.pen ? curve::nodeReachPen : curve::nodeReach);
        for (std::size_t k = 0; k < all->size(); ++k)
            for (std::size_t i = 0; i < (*all)[k].nodes.size(); ++i)
                if (const double e = distance((*all)[k].nodes[i].at, p.sheet); e <= d) {
                    d = e;
                    best = NodeRef{k, i};
                }
        return best;
    }
    struct OnPiece {
        std::size_t path;
        curve::Place place;
    };
    std::optional<OnPiece> pieceAt(const Pointer& p, double reach = 8)
    {
        const Paths* all = paths();
        if (!all) return std::nullopt;
        std::optional<OnPiece> best;
        for (std::size_t k = 0; k < all->size(); ++k)
            if (const auto n = curve::nearest((*all)[k], p.sheet); n && n->distance <= bench_.px(reach) && (!best || n->distance < best->place.distance))
                best = OnPiece{k, *n};
        return best;
    }
    // Picks the line under the pointer; false when there is none to pick.
    bool pickUnder(const Pointer& p)
    {
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(7));
        if (!hit) return false;
        if (!hit->artwork() || refused(bench_, hit->id)) return false;
        if (!bench_.selection().has(hit->id)) bench_.session().pickItems({hit->id});
        return true;
    }
    void show(const Paths& changed)
    {
        const art::ItemPtr now = bench_.document().itemPtr(bench_.selection().items.front());
        auto copy = std::make_shared<art::Item>(*now);
        std::get<art::Artwork>(copy->is).setPaths(changed);
        bench_.hold({copy});
    }
    void keep(const Paths& changed, const QString& name, std::optional<std::vector<NodeRef>> nodes = {}, const QString& burst = {})
    {
        art::Selection s = bench_.selection();
        if (nodes) s.nodes = *nodes;
        bench_.session().take(art::withPaths(bench_.document(), s.items.front(), changed), s, name, burst);
    }
};

class Nodes : public PathTool {
public:
    explicit Nodes(Bench& b)
        : PathTool(b, "nodes", tr("Nodes"), "nodes", "H",
                   tr("<b>Nodes</b>: drag nodes, handles and pieces. Click a picked node: smooth or corner. Double click adds, Delete takes out."))
    {
    }

    void press(const Pointer& p) override
    {
        act_ = Act::none;
        moved_ = false;
        picked_.reset();
        start_ = now_ = p.sheet;
        startScreen_ = p.screen;
        if (handleUnder(p)) {
            act_ = Act::handle;
            base_ = *paths();
            return;
        }
        if (const auto n = nodeAt(p)) {
            wasPicked_ = bench_.selection().has(*n);
            art::Selection s = bench_.selection();
            if (p.shift()) {
                if (wasPicked_)
                    s.nodes.erase(std::find(s.nodes.begin(), s.nodes.end(), *n));
                else
                    s.nodes.push_back(*n);
                wasPicked_ = false;
            } else if (!wasPicked_) {
                s.nodes = {*n};
            }
            bench_.session().pick(s);
            node_ = *n;
            act_ = Act::node;
            base_ = *paths();
            return;
        }
        if (const auto on = pieceAt(p)) {
            piece_ = *on;
            act_ = Act::piece;
            base_ = *paths();
            return;
        }
        if (pickUnder(p)) {
            if (!bench_.selection().nodes.empty()) clearNodes();
            return;
        }
        act_ = Act::frame;
    }

    void drag(const Pointer& p) override
    {
        now_ = p.sheet;
        if (!moved_ && std::hypot(p.screen.x() - startScreen_.x(), p.screen.y() - startScreen_.y()) < 3) return;
        moved_ = true;
        if (act_ == Act::frame) {
            bench_.update();
            return;
        }
        if (act_ != Act::none && paths()) show(result(p));
    }

    void lift(const Pointer& p) override
    {
        const Act act = act_;
        act_ = Act::none;
        if (act == Act::frame) {
            frame(p.shift());
            return;
        }
        if (act == Act::none || !paths()) return;
        if (!moved_) {
            if (act == Act::node && wasPicked_)
                swapKind({node_});
            else if (act == Act::piece && !p.shift())
                pickPiece();
            return;
        }
        act_ = act;
        const Paths r = result(p);
        act_ = Act::none;
        bench_.release();
        if (act == Act::node && dropped(r)) {
            moved_ = false;
            return;
        }
        keep(r, act == Act::node ? tr("Move node") : act == Act::handle ? tr("Move handle") : tr("Bow"));
        moved_ = false;
    }

    void hover(const Pointer& p) override
    {
        const auto before = hovered_;
        hovered_ = nodeAt(p);
        if (before.has_value() != hovered_.has_value() || (before && !(*before == *hovered_))) bench_.update();
    }

    void doubleClick(const Pointer& p) override
    {
        if (nodeAt(p)) return;
        const auto on = pieceAt(p);
        if (!on) return;
        Paths all = *paths();
        const curve::Inserted in = curve::withNodeAt(all[on->path], on->place);
        all[on->path] = in.path;
        keep(all, tr("Add node"), std::vector<NodeRef>{{on->path, in.node}});
    }

    bool key(const QKeyEvent& e) override
    {
        const auto& nodes = bench_.selection().nodes;
        switch (e.key()) {
        case Qt::Key_C:
            if (nodes.empty()) return false;
            swapKind(nodes);
            return true;
        case Qt::Key_Delete:
        case Qt::Key_Backspace:
            if (picked_) {
                takePieceOut();
                return true;
            }
            if (nodes.empty()) return false;
            removeNodes();
            return true;
        case Qt::Key_Left: return nudge({-1, 0}, e);
        case Qt::Key_Right: return nudge({1, 0}, e);
        case Qt::Key_Up: return nudge({0, -1}, e);
        case Qt::Key_Down: return nudge({0, 1}, e);
        default: return false;
        }
    }

    bool escape() override
    {
        if (moved_ && act_ != Act::none) {
            act_ = Act::none;
            moved_ = false;
            bench_.release();
            return true;
        }
        act_ = Act::none;
        if (picked_) {
            picked_.reset();
            bench_.update();
            return true;
        }
        if (bench_.selection().nodes.empty()) return false;
        clearNodes();
        return true;
    }
    void leave() override
    {
        act_ = Act::none;
        moved_ = false;
        picked_.reset();
        bench_.release();
    }
    void drop() override { leave(); } // picked nodes stay picked
    void changed() override { picked_.reset(); }

    void paint(Marks& m) override
    {
        const Paths* all = paths();
        if (!all) return;
        if (picked_ && picked_->path < all->size() && picked_->piece < (*all)[picked_->path].pieceCount()) {
            const curve::Cubic c = (*all)[picked_->path].piece(picked_->piece);
            m.line({curve::Path{{{c.p0, c.p0, c.p1, NodeKind::corner}, {c.p3, c.p2, c.p3, NodeKind::corner}}, false}}, marks().nodePicked, 4);
        }
        Paths shown = moved_ && (act_ == Act::node || act_ == Act::handle || act_ == Act::piece) ? result(pointerNow()) : *all;
        m.line(shown, marks().selection, 1.5);
        // Nodes closer than 5 px to each other would hide the line: they fade to ticks.
        const double least = 5 / curve::meanScale(m.toScreen());
        for (std::size_t k = 0; k < shown.size(); ++k)
            for (std::size_t i = 0; i < shown[k].nodes.size(); ++i) {
                const NodeRef n{k, i};
                const bool picked = bench_.selection().has(n);
                const auto& nodes = shown[k].nodes;
                const bool crowded = i + 1 < nodes.size() && distance(nodes[i].at, nodes[i + 1].at) < least;
                if (crowded && !picked) {
                    m.tick(nodes[i].at);
                    continue;
                }
                if (picked) {
                    m.handle(nodes[i].at, nodes[i].in, nodes[i].kind == NodeKind::corner);
                    m.handle(nodes[i].at, nodes[i].out, nodes[i].kind == NodeKind::corner);
                }
                m.node(shown[k], i, picked ? Marks::NodeState::picked : hovered_ && *hovered_ == n ? Marks::NodeState::hover : Marks::NodeState::rest);
            }
        if (act_ == Act::frame && moved_) {
            m.painter().setPen(QPen(marks().selection, 1.25, Qt::DashLine));
            m.painter().setBrush(Qt::NoBrush);
            m.painter().drawPolygon(m.frame(start_, now_));
        }
        if (snap_.reason != art::SnapReason::none && act_ == Act::node && moved_) {
            m.ring(snap_.point, marks().geometry, 7);
            m.chip(snap_.point, tr(art::text(snap_.reason)), Marks::Chip::name);
        }
    }
    bool showsNodes() const override { return true; }
    QCursor cursor() const override { return Qt::ArrowCursor; }

private:
    enum class Act { none, node, handle, piece, frame };
    Act act_ = Act::none;
    // A piece between two nodes that was clicked: Delete takes it out.
    struct Piece {
        std::size_t path, piece;
    };
    std::optional<Piece> picked_;
    NodeRef node_;
    HandleSide side_ = HandleSide::out;
    OnPiece piece_{};
    Paths base_;
    Vec2 start_, now_;
    QPointF startScreen_;
    bool moved_ = false, wasPicked_ = false;
    std::optional<NodeRef> hovered_;
    art::Snap snap_;
    Pointer last_;

    Pointer pointerNow() const { return last_; }

    bool handleUnder(const Pointer& p)
    {
        const Paths* all = paths();
        if (!all) return false;
        for (const NodeRef n : bench_.selection().nodes) {
            const curve::Node& node = (*all)[n.path].nodes[n.node];
            for (const HandleSide side : {HandleSide::out, HandleSide::in}) {
                const Vec2 h = side == HandleSide::out ? node.out : node.in;
                if (h != node.at && distance(h, p.sheet) <= bench_.px(8) && distance(node.at, p.sheet) > bench_.px(5)) {
                    node_ = n;
                    side_ = side;
                    return true;
                }
            }
        }
        return false;
    }

    // The paths as the drag has them now.
    Paths result(const Pointer& p)
    {
        last_ = p;
        Paths r = base_;
        switch (act_) {
        case Act::node: {
            const Vec2 node = base_[node_.path].nodes[node_.node].at;
            Pointer q = p;
            q.sheet = node + (p.sheet - start_);
            snap_ = bench_.snap(q, bench_.selection().items);
            Vec2 by = snap_.point - node;
            // Another node of the same line catches too: dropped on its neighbour, the two become one.
            if (const auto other = ownNodeAt(q.sheet); other && !p.control()) {
                by = base_[other->path].nodes[other->node].at - node;
                snap_ = {node + by, art::SnapReason::node, 0};
            }
            if (p.shift()) (std::abs(by.x) > std::abs(by.y) ? by.y : by.x) = 0;
            for (const NodeRef n : bench_.selection().nodes)
                if (n.path < r.size()) r[n.path] = curve::withNodeMoved(r[n.path], n.node, by);
            break;
        }
        case Act::handle: r[node_.path] = curve::withHandleMoved(r[node_.path], node_.node, side_, p.sheet, p.alt()); break;
        case Act::piece: r[piece_.path] = curve::bent(r[piece_.path], piece_.place.piece, piece_.place.t, p.sheet); break;
        default: break;
        }
        return r;
    }

    // The nearest node of the picked line that is not being moved.
    std::optional<NodeRef> ownNodeAt(Vec2 at)
    {
        std::optional<NodeRef> best;
        double d = bench_.px(curve::nodeReach);
        for (std::size_t k = 0; k < base_.size(); ++k)
            for (std::size_t i = 0; i < base_[k].nodes.size(); ++i)
                if (const double e = distance(base_[k].nodes[i].at, at); e < d && !bench_.selection().has(NodeRef{k, i})) {
                    d = e;
                    best = NodeRef{k, i};
                }
        return best;
    }

    // A node dropped on its neighbour is merged with it; an open end dropped on another is joined to it.
    bool dropped(const Paths& r)
    {
        if (bench_.selection().nodes.size() != 1 || snap_.reason == art::SnapReason::none) return false;
        const Path& path = r[node_.path];
        const Vec2 here = path.nodes[node_.node].at;
        for (std::size_t i = 0; i < path.nodes.size(); ++i) {
            if (i == node_.node || distance(path.nodes[i].at, here) > 1e-9) continue;
            Paths all = r;
            all[node_.path] = curve::merged(path, i, node_.node);
            if (all[node_.path].nodes.size() == path.nodes.size()) continue;
            keep(all, all[node_.path].closed != path.closed ? tr("Close line") : tr("Merge nodes"), std::vector<NodeRef>{});
            return true;
        }
        const bool first = node_.node == 0, last = node_.node + 1 == path.nodes.size();
        if (path.closed || (!first && !last)) return false;
        const art::Id id = bench_.selection().items.front();
        const art::Document moved = art::withPaths(bench_.document(), id, r);
        for (const art::OpenEnd& e : art::allEnds(moved)) {
            if (e.item == id || distance(e.at, here) > 1e-9) continue;
            bench_.session().take(art::withEndsJoined(moved, {id, node_.path, first, here}, e), tr("Join ends"));
            bench_.say(tr("Joined 2 ends. Ctrl+Z takes it apart."));
            return true;
        }
        return false;
    }

    void pickPiece()
    {
        picked_ = Piece{piece_.path, piece_.place.piece};
        art::Selection s = bench_.selection();
        s.nodes.clear();
        bench_.session().pick(s);
        bench_.say(tr("This piece is picked: Delete takes it out and leaves the line open there."));
        bench_.update();
    }

    // The line is open there afterwards, its new ends picked: the pen goes on from either.
    void takePieceOut()
    {
        const Piece at = *picked_;
        picked_.reset();
        const art::Id id = bench_.selection().items.front();
        const art::Edited e = art::withoutPiece(bench_.document(), id, at.path, at.piece);
        if (!e.done()) {
            bench_.say(refusalText(e.why));
            return;
        }
        art::Selection s = bench_.selection();
        s.nodes.clear();
        bench_.session().take(e, s, tr("Take piece out"));
        bench_.say(tr("The line is open there: the pen goes on from an end it is put on. Ctrl+Z puts the piece back."));
    }

    void clearNodes()
    {
        art::Selection s = bench_.selection();
        s.nodes.clear();
        bench_.session().pick(s);
    }

    void swapKind(const std::vector<NodeRef>& nodes)
    {
        Paths all = *paths();
        // Mixed picks become smooth: what is seen to change is what was asked for.
        const bool allSmooth = std::all_of(nodes.begin(), nodes.end(), [&](NodeRef n) { return all[n.path].nodes[n.node].kind == NodeKind::smooth; });
        for (const NodeRef n : nodes) all[n.path] = allSmooth ? curve::cornered(all[n.path], n.node) : curve::smoothed(all[n.path], n.node);
        keep(all, allSmooth ? tr("Make corner") : tr("Make smooth"));
    }

    void removeNodes()
    {
        Paths all = *paths();
        std::vector<NodeRef> nodes = bench_.selection().nodes;
        std::sort(nodes.begin(), nodes.end());
        const art::Id id = bench_.selection().items.front();
        for (auto n = nodes.rbegin(); n != nodes.rend(); ++n) all[n->path] = curve::withoutNode(all[n->path], n->node);
        all.erase(std::remove_if(all.begin(), all.end(), [](const Path& p) { return p.nodes.size() < 2; }), all.end());
        if (all.empty())
            bench_.session().take(art::withoutItems(bench_.document(), {id}), tr("Delete line"));
        else
            keep(all, nodes.size() == 1 ? tr("Remove node") : tr("Remove nodes"), std::vector<NodeRef>{});
        bench_.say(tr("Removed %n nodes. Ctrl+Z brings them back.", nullptr, static_cast<int>(nodes.size())));
    }

    bool nudge(Vec2 by, const QKeyEvent& e)
    {
        if (bench_.selection().nodes.empty()) return false;
        const double step = e.modifiers().testFlag(Qt::ShiftModifier) ? 10 : e.modifiers().testFlag(Qt::AltModifier) ? 0.1 : 1;
        Paths all = *paths();
        for (const NodeRef n : bench_.selection().nodes) all[n.path] = curve::withNodeMoved(all[n.path], n.node, by * step);
        keep(all, tr("Move node"), {}, "nudge nodes");
        return true;
    }

    void frame(bool add)
    {
        const Paths* all = paths();
        const bool moved = moved_;
        moved_ = false;
        if (!all || !moved) {
            if (!add) {
                if (bench_.selection().nodes.empty())
                    bench_.session().pickItems({});
                else
                    clearNodes();
            }
            return;
        }
        curve::Box f;
        f.add(start_);
        f.add(now_);
        art::Selection s = bench_.selection();
        if (!add) s.nodes.clear();
        for (std::size_t k = 0; k < all->size(); ++k)
            for (std::size_t i = 0; i < (*all)[k].nodes.size(); ++i)
                if (f.contains((*all)[k].nodes[i].at) && !s.has(NodeRef{k, i})) s.nodes.push_back({k, i});
        bench_.session().pick(s);
    }
};

class Bow : public PathTool {
public:
    explicit Bow(Bench& b)
        : PathTool(b, "bow", tr("Bow"), "bow", "G",
                   tr("<b>Bow</b> pulls the middle of a piece into a curve. A double click makes it straight again. Esc lets go."))
    {
    }

    void press(const Pointer& p) override
    {
        pulling_ = false;
        node_ = nodeAt(p);
        if (!pieceAt(p) && !pickUnder(p)) return;
        const auto on = pieceAt(p);
        if (!on) return;
        held_ = *on;
        base_ = *paths();
        start_ = p.sheet;
        pulling_ = true;
        moved_ = false;
    }
    void drag(const Pointer& p) override
    {
        if (!pulling_ || !paths()) return;
        if (!moved_ && distance(p.sheet, start_) < bench_.px(3)) return;
        moved_ = true;
        to_ = bench_.snap(p, bench_.selection().items).point;
        show(result());
    }
    void lift(const Pointer& p) override
    {
        if (!moved_ && node_ && paths()) {
            // The same click as in Nodes: one on a node turns its kind.
            Paths all = *paths();
            Path& path = all[node_->path];
            const bool smooth = path.nodes[node_->node].kind == NodeKind::smooth;
            path = smooth ? curve::cornered(path, node_->node) : curve::smoothed(path, node_->node);
            keep(all, smooth ? tr("Make corner") : tr("Make smooth"));
        }
        if (pulling_ && moved_ && paths()) {
            to_ = bench_.snap(p, bench_.selection().items).point;
            const Paths r = result();
            bench_.release();
            keep(r, tr("Bow"));
        }
        pulling_ = moved_ = false;
    }
    void hover(const Pointer& p) override
    {
        hovered_.reset();
        if (const auto on = pieceAt(p)) hovered_ = on->place.point;
        bench_.update();
    }
    void doubleClick(const Pointer& p) override
    {
        const auto on = pieceAt(p);
        if (!on) return;
        Paths all = *paths();
        all[on->path] = curve::straightened(all[on->path], on->place.piece);
        keep(all, tr("Straighten piece"));
    }
    bool escape() override
    {
        const bool had = pulling_ && moved_;
        pulling_ = moved_ = false;
        bench_.release();
        return had;
    }
    void paint(Marks& m) override
    {
        const Paths* all = paths();
        if (!all) return;
        const Paths shown = pulling_ && moved_ ? result() : *all;
        m.line(shown, marks().selection, 1.5);
        for (const Path& path : shown)
            for (std::size_t i = 0; i < path.nodes.size(); ++i) m.node(path, i, Marks::NodeState::rest);
        if (pulling_ && moved_) {
            const curve::Cubic c = base_[held_.path].piece(held_.place.piece);
            m.segment(c.p0, c.p3, marks().geometry, 1.25, Qt::DashLine);
            const Vec2 d = c.p3 - c.p0;
            const double len2 = squaredLength(d);
            const Vec2 foot = len2 > 0 ? c.p0 + d * std::clamp(dot(to_ - c.p0, d) / len2, 0.0, 1.0) : c.p0;
            m.segment(foot, to_, marks().geometry, 1.5);
            m.dot(to_, marks().geometry, 3.5);
            m.chip(to_, tr("pulled %1").arg(pxText(distance(start_, to_))));
        } else if (hovered_) {
            m.dot(*hovered_, marks().geometry, 4);
        }
    }
    QCursor cursor() const override { return Qt::ArrowCursor; }

private:
    bool pulling_ = false, moved_ = false;
    OnPiece held_{};
    Paths base_;
    Vec2 start_, to_;
    std::optional<Vec2> hovered_;
    std::optional<NodeRef> node_;

    Paths result() const
    {
        Paths r = base_;
        r[held_.path] = curve::bent(r[held_.path], held_.place.piece, held_.place.t, to_);
        return r;
    }
};

} // namespace

std::unique_ptr<Tool> makeNodes(Desk& desk)
{
    return std::make_unique<Nodes>(desk.bench);
}
std::unique_ptr<Tool> makeBow(Desk& desk)
{
    return std::make_unique<Bow>(desk.bench);
}

} // namespace softrope::app
