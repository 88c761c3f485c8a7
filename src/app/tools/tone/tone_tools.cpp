// Bound, Cut here, Patch, Edge, Sweep: the hand on a live tone stack.
#include "app/tools/tone/tone_tools.h"
#include "app/tools/desk.h"

#include "app/tools/tone/tone_desk.h"
#include "curve/edit.h"
#include "curve/fit.h"
#include "curve/polygon.h"
#include "curve/reduce.h"
#include "curve/swell.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using curve::Path;
using curve::Vec2;

// What the hand drew round, as a smooth closed path; empty when it encloses nothing to speak of.
Path drawnRound(std::vector<Vec2> way, double px)
{
    if (way.size() < 4 || std::abs(curve::polygonArea(way)) < 60 * px * px) return {};
    curve::FitOptions o;
    o.slack = 3 * px;
    o.grain = px;
    return curve::fit(way, true, o).path;
}

// What a brush of that radius covers along the way; empty for a mere click.
Path drawnAlong(const std::vector<Vec2>& way, double radius, double px)
{
    if (way.size() < 2) return {};
    curve::FitOptions o;
    o.slack = 2 * px;
    o.grain = px;
    curve::Swell even;
    even.beads = {{0, 1}, {1, 1}};
    Path widest;
    for (Path& p : curve::swelledOutline(curve::fit(way, false, o).path, 2 * radius, even, true, px))
        if (std::abs(curve::area(p)) > std::abs(curve::area(widest))) widest = std::move(p);
    return widest;
}

Path mapped(const Path& p, const curve::Affine& m)
{
    return curve::transformed(p, m);
}

// A tool that acts on a live stack says so when there is none.
class StackTool : public Tool {
public:
    StackTool(Bench& b, ToneDesk& desk, QString id, QString name, QString icon, QString key, QString hint)
        : Tool(b, std::move(id), std::move(name), std::move(icon), std::move(key), std::move(hint)), desk_(desk)
    {
    }
    bool escape() override
    {
        const bool had = !way_.empty();
        way_.clear();
        desk_.letGo();
        bench_.update();
        return had;
    }
    void changed() override { way_.clear(); }

protected:
    ToneDesk& desk_;
    std::vector<Vec2> way_; // sheet px

    bool ready()
    {
        if (!desk_.stack()) {
            bench_.say(tr("There is no tone stack yet. Choose 2, 3 or 5 tones on the card."));
            return false;
        }
        if (!desk_.live()) {
            bench_.say(tr("These tones are set. \"Live again\" on the card goes back to the stack."));
            return false;
        }
        return true;
    }
    void follow(const Pointer& p)
    {
        if (way_.empty() || distance(way_.back(), p.sheet) > bench_.px(1.5)) way_.push_back(p.sheet);
        bench_.update();
    }
    // Screen px of a brush as picture px.
    double inPicture(double sheetPx) const { return sheetPx * curve::meanScale(desk_.toPicture()); }
    std::vector<Vec2> wayInPicture() const
    {
        std::vector<Vec2> out;
        for (const Vec2 p : way_) out.push_back(desk_.toPicture() * p);
        return out;
    }
    void paintBrush(Marks& m, Vec2 at, double radius) const
    {
        const curve::Paths ring{curve::circle(at, radius)};
        m.line(ring, marks().halo, 3);
        m.line(ring, marks().geometry, 1.5);
    }
};

// -- bound ------------------------------------------------------------------------------------------------------------------------

class BoundTool : public StackTool {
public:
    BoundTool(Bench& b, ToneDesk& d)
        : StackTool(b, d, "bound", tr("Bound"), "bound", "A",
                    tr("<b>Bound</b>: draw round what is to be cut into tones, or click a closed shape. A click beside lifts the bound."))
    {
    }
    void press(const Pointer& p) override
    {
        if (!ready()) return;
        way_ = {p.sheet};
    }
    void drag(const Pointer& p) override
    {
        if (!way_.empty()) follow(p);
    }
    void lift(const Pointer& p) override
    {
        if (way_.empty()) return;
        const Path round = drawnRound(way_, bench_.px(1));
        const bool dragged = way_.size() > 3;
        way_.clear();
        tone::Stack s = *desk_.stack();
        if (!round.empty()) {
            s.bound = mapped(round, desk_.toPicture());
            desk_.take(s, tr("Bound tones"));
            return;
        }
        if (dragged) {
            bench_.say(tr("That encloses too little. Draw all the way round."));
            bench_.update();
            return;
        }
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(6));
        if (hit && hit->artwork() && !hit->artwork()->paths.empty() && hit->artwork()->paths.front().closed && !art::stackOf(bench_.document(), hit->id)) {
            s.bound = mapped(hit->artwork()->paths.front(), desk_.toPicture());
            desk_.take(s, tr("Bound tones"));
        } else if (!s.bound.empty()) {
            s.bound = {};
            desk_.take(s, tr("Lift bound"));
        }
    }
    void paint(Marks& m) override
    {
        if (way_.size() > 1) m.line({curve::polyline(way_, true)}, marks().geometry, 2, Qt::DashLine);
    }
};

// -- cut here -----------------------------------------------------------------------------------------------------------------------

class CutHereTool : public StackTool {
public:
    CutHereTool(Bench& b, ToneDesk& d)
        : StackTool(b, d, "cut-here", tr("Cut here"), "cut-here", "S",
                    tr("<b>Cut here</b> moves the nearest cut to the tone under the pointer; drag to try others. Shift adds a cut."))
    {
    }
    void press(const Pointer& p) override
    {
        if (!ready()) return;
        start_ = *desk_.stack();
        cut_ = -1;
        const auto level = desk_.levelAt(p.sheet);
        if (!level) {
            bench_.say(tr("There is no picture under the pointer."));
            return;
        }
        if (desk_.byColour()) {
            // The loupe: Shift adds the colour there, a drag moves the nearest one to it.
            if (p.shift()) {
                desk_.addColour(p.sheet);
                return;
            }
            cut_ = desk_.toneAt(p.sheet);
            way_ = {p.sheet};
            put(p);
            return;
        }
        if (p.shift() && start_->cuts.size() < 15) {
            const auto at = std::lower_bound(start_->cuts.begin(), start_->cuts.end(), *level);
            cut_ = static_cast<int>(at - start_->cuts.begin());
            start_->cuts.insert(at, *level);
            start_->paint.clear();
        } else if (!start_->cuts.empty()) {
            cut_ = 0;
            for (std::size_t k = 0; k < start_->cuts.size(); ++k)
                if (std::abs(start_->cuts[k] - *level) < std::abs(start_->cuts[static_cast<std::size_t>(cut_)] - *level)) cut_ = static_cast<int>(k);
        }
        way_ = {p.sheet};
        put(p);
    }
    void drag(const Pointer& p) override
    {
        at_ = p.sheet;
        if (!way_.empty() && cut_ >= 0) put(p);
    }
    void lift(const Pointer&) override
    {
        if (way_.empty() || cut_ < 0) return;
        way_.clear();
        desk_.take(now_, desk_.byColour() ? tr("Move colour %1").arg(cut_ + 1) : tr("Move cut %1").arg(cut_ + 1));
    }
    void hover(const Pointer& p) override
    {
        at_ = p.sheet;
        bench_.update();
    }
    void paint(Marks& m) override
    {
        if (const auto c = desk_.byColour() ? desk_.colourAt(at_) : std::nullopt) {
            m.dot(at_ + Vec2{0, bench_.px(26)}, marks().halo, 11);
            m.dot(at_ + Vec2{0, bench_.px(26)}, QColor(c->r, c->g, c->b), 9);
            m.chip(at_, tr("Shift adds this colour"), Marks::Chip::name);
        } else if (const auto level = desk_.levelAt(at_)) {
            const int tone = desk_.toneAt(at_);
            m.chip(at_, tr("value %1 of 255").arg(std::lround(*level)) + (tone >= 0 ? ", " + desk_.toneName(static_cast<std::size_t>(tone)) : QString()),
                   way_.empty() ? Marks::Chip::name : Marks::Chip::measure);
        }
    }

private:
    std::optional<tone::Stack> start_;
    tone::Stack now_;
    int cut_ = -1;
    Vec2 at_;

    void put(const Pointer& p)
    {
        const auto level = desk_.levelAt(p.sheet);
        if (!level || cut_ < 0) return;
        now_ = *start_;
        if (!now_.colours.empty()) {
            if (const auto c = desk_.colourAt(p.sheet); c && cut_ < static_cast<int>(now_.colours.size())) now_.colours[static_cast<std::size_t>(cut_)] = *c;
            desk_.show(now_);
            return;
        }
        const auto k = static_cast<std::size_t>(cut_);
        const double low = k ? now_.cuts[k - 1] + 1 : 0, high = k + 1 < now_.cuts.size() ? now_.cuts[k + 1] - 1 : 255;
        now_.cuts[k] = std::clamp(*level, low, std::max(low, high));
        desk_.show(now_);
    }
};

// -- patch --------------------------------------------------------------------------------------------------------------------------

class PatchTool : public StackTool {
public:
    PatchTool(Bench& b, ToneDesk& d)
        : StackTool(b, d, "patch", tr("Patch"), "tone-patch", "D",
                    tr("<b>Patch</b> makes one spot lighter or darker. Draw round it (Shift paints it), drag up or down inside; its nodes move, a double click "
                       "adds one."))
    {
    }
    void press(const Pointer& p) override
    {
        if (!ready()) return;
        start_ = *desk_.stack();
        grip_ = p.alt() || p.shift() ? Grip{} : gripAt(p.sheet);
        if (grip_.what != Grip::none) {
            node_ = grip_.node;
            way_ = {p.sheet};
            pulling_ = painting_ = false;
            return;
        }
        node_ = -1;
        // On its outline a double click may follow: the patch stays in hand.
        if (const auto own = p.alt() || p.shift() ? std::nullopt : outline())
            if (const auto near = nearest(*own, p.sheet); near && near->distance < bench_.px(curve::nodeReach)) return;
        const int hit = patchAt(p.sheet);
        way_ = {p.sheet};
        from_ = p.screen;
        painting_ = p.shift();
        anew_ = p.alt() ? desk_.patch() : -1;
        pulling_ = hit >= 0 && !painting_ && anew_ < 0;
        if (pulling_) desk_.pickPatch(hit);
    }
    void drag(const Pointer& p) override
    {
        if (way_.empty()) return;
        if (grip_.what != Grip::none) {
            way_.push_back(p.sheet);
            desk_.show(reshaped(p));
            bench_.update();
            return;
        }
        if (!pulling_) {
            follow(p);
            return;
        }
        // Up is lighter; two px a level, so that a level can be hit.
        const double by = (from_.y() - p.screen.y()) / 2;
        if (std::abs(from_.y() - p.screen.y()) < 3 && way_.size() < 2) return;
        way_.push_back(p.sheet);
        tone::Stack s = *start_;
        tone::Patch& patch = s.patches[static_cast<std::size_t>(desk_.patch())];
        patch.strength = std::clamp(std::round(patch.strength + by), -255.0, 255.0);
        desk_.show(s);
    }
    void lift(const Pointer&) override
    {
        if (way_.empty()) return;
        const bool moved = way_.size() > 1;
        const std::vector<Vec2> way = std::move(way_);
        way_.clear();
        if (grip_.what != Grip::none) {
            const bool handle = grip_.what != Grip::node_;
            grip_ = {};
            if (moved && desk_.stack()) desk_.take(*desk_.stack(), handle ? tr("Move handle") : tr("Move node"));
            return;
        }
        if (pulling_) {
            if (moved && desk_.stack()) desk_.take(*desk_.stack(), tr("Patch strength"));
            return;
        }
        const Path round = painting_ ? drawnAlong(way, bench_.setting(settings::patchBrush), bench_.px(1)) : drawnRound(way, bench_.px(1));
        if (round.empty()) {
            desk_.pickPatch(-1);
            if (way.size() > 3) bench_.say(tr("That encloses too little. Draw all the way round."));
            return;
        }
        tone::Stack s = *desk_.stack();
        if (anew_ >= 0 && anew_ < static_cast<int>(s.patches.size())) {
            s.patches[static_cast<std::size_t>(anew_)].outline = mapped(round, desk_.toPicture());
            desk_.take(s, tr("Patch drawn anew"));
            return;
        }
        const curve::Box box = curve::bounds(round);
        tone::Patch patch{mapped(round, desk_.toPicture()), bench_.setting(settings::patchStrength),
                          inPicture(std::min(bench_.setting(settings::patchSoft), 0.4 * std::min(box.width(), box.height())))};
        s.patches.push_back(std::move(patch));
        const int made = static_cast<int>(s.patches.size()) - 1;
        desk_.take(s, tr("Patch"));
        desk_.pickPatch(made);
    }
    bool key(const QKeyEvent& e) override
    {
        if ((e.key() == Qt::Key_Delete || e.key() == Qt::Key_Backspace || e.key() == Qt::Key_C) && outline() && node_ >= 0 && ready()) {
            const auto at = static_cast<std::size_t>(node_);
            Path p = *outline();
            if (at >= p.nodes.size()) return false;
            if (e.key() == Qt::Key_C)
                p = p.nodes[at].kind == curve::NodeKind::smooth ? curve::cornered(p, at) : curve::smoothed(p, at);
            else if (p.nodes.size() > 2)
                p = curve::withoutNode(p, at);
            if (e.key() != Qt::Key_C) node_ = -1;
            desk_.take(withOutline(*desk_.stack(), p), e.key() == Qt::Key_C ? tr("Corner or smooth") : tr("Take node out"));
            return true;
        }
        if ((e.key() == Qt::Key_Delete || e.key() == Qt::Key_Backspace) && desk_.patch() >= 0 && ready()) {
            desk_.dropPatch();
            return true;
        }
        if ((e.key() == Qt::Key_Up || e.key() == Qt::Key_Down) && desk_.patch() >= 0 && ready()) {
            tone::Stack s = *desk_.stack();
            double& strength = s.patches[static_cast<std::size_t>(desk_.patch())].strength;
            strength = std::clamp(strength + (e.key() == Qt::Key_Up ? 1 : -1) * (e.modifiers() & Qt::ShiftModifier ? 10 : 1), -255.0, 255.0);
            desk_.take(s, tr("Patch strength"), "patch-strength");
            return true;
        }
        return false;
    }
    void doubleClick(const Pointer& p) override
    {
        if (!outline() || !ready()) return;
        const Path path = *outline();
        const auto near = nearest(path, p.sheet);
        if (!near || near->distance > bench_.px(curve::nodeReach)) return;
        const curve::Inserted in = curve::withNodeAt(path, *near);
        node_ = static_cast<int>(in.node);
        desk_.take(withOutline(*desk_.stack(), in.path), tr("Add node"));
    }
    bool escape() override
    {
        grip_ = {};
        if (node_ >= 0 && way_.empty()) {
            node_ = -1;
            bench_.update();
            return true;
        }
        const bool had = StackTool::escape() || desk_.patch() >= 0;
        desk_.pickPatch(-1);
        return had;
    }
    void paint(Marks& m) override
    {
        if (!pulling_ && way_.size() > 1) {
            if (painting_) {
                QColor wash = marks().geometry;
                wash.setAlphaF(0.3F);
                m.line({curve::polyline(way_, false)}, wash, 2 * bench_.setting(settings::patchBrush) * curve::meanScale(m.toScreen()));
            } else {
                m.line({curve::polyline(way_, true)}, marks().geometry, 2, Qt::DashLine);
            }
        }
        const tone::Stack* s = desk_.stack();
        if (!s) return;
        for (std::size_t k = 0; k < s->patches.size(); ++k) {
            const bool mine = static_cast<int>(k) == desk_.patch();
            const curve::Paths outline{mapped(s->patches[k].outline, desk_.toSheet())};
            m.line(outline, marks().halo, mine ? 5 : 4);
            m.line(outline, marks().geometry, mine ? 2.5 : 1.5, Qt::DashLine);
            if (!mine) continue;
            m.chip(curve::bounds(outline).max, describe(s->patches[k]));
            const Path& p = outline.front();
            for (std::size_t n = 0; n < p.nodes.size(); ++n) {
                const bool picked = static_cast<int>(n) == node_;
                if (picked)
                    for (const Vec2 h : {p.nodes[n].in, p.nodes[n].out})
                        if (!(h == p.nodes[n].at)) m.handle(p.nodes[n].at, h, p.nodes[n].kind == curve::NodeKind::corner);
                m.node(p, n, picked ? Marks::NodeState::picked : Marks::NodeState::rest);
            }
        }
    }
    static QString describe(const tone::Patch& p)
    {
        if (p.strength == 0) return tr("patch · no change");
        return (p.strength > 0 ? tr("patch · %1 lighter") : tr("patch · %1 darker")).arg(std::abs(std::lround(p.strength)));
    }

private:
    struct Grip {
        enum What { none, node_, in, out } what = none;
        int node = -1;
    };
    Grip grip_;
    int node_ = -1; // picked, of the outline of the patch in hand
    std::optional<tone::Stack> start_;
    int anew_ = -1; // the patch whose outline is drawn anew

    // That of the patch in hand, on the sheet.
    std::optional<Path> outline() const
    {
        const int k = desk_.patch();
        if (k < 0) return std::nullopt;
        return mapped(desk_.stack()->patches[static_cast<std::size_t>(k)].outline, desk_.toSheet());
    }
    tone::Stack withOutline(tone::Stack s, const Path& p) const
    {
        s.patches[static_cast<std::size_t>(desk_.patch())].outline = mapped(p, desk_.toPicture());
        return s;
    }
    Grip gripAt(Vec2 p) const
    {
        const auto path = outline();
        if (!path) return {};
        const double reach = bench_.px(curve::nodeReach);
        if (node_ >= 0 && node_ < static_cast<int>(path->nodes.size())) {
            const curve::Node& n = path->nodes[static_cast<std::size_t>(node_)];
            if (!(n.out == n.at) && distance(n.out, p) < reach) return {Grip::out, node_};
            if (!(n.in == n.at) && distance(n.in, p) < reach) return {Grip::in, node_};
        }
        for (std::size_t k = 0; k < path->nodes.size(); ++k)
            if (distance(path->nodes[k].at, p) < reach) return {Grip::node_, static_cast<int>(k)};
        return {};
    }
    tone::Stack reshaped(const Pointer& p) const
    {
        const int k = desk_.patch();
        if (k < 0 || grip_.node < 0) return *start_;
        Path path = mapped(start_->patches[static_cast<std::size_t>(k)].outline, desk_.toSheet());
        const auto node = static_cast<std::size_t>(grip_.node);
        if (grip_.what == Grip::node_)
            path = curve::withNodeMoved(path, node, p.sheet - way_.front());
        else
            path = curve::withHandleMoved(path, node, grip_.what == Grip::out ? curve::HandleSide::out : curve::HandleSide::in, p.sheet, p.alt());
        return withOutline(*start_, path);
    }
    bool pulling_ = false, painting_ = false;
    QPointF from_;

    int patchAt(Vec2 p) const
    {
        const tone::Stack* s = desk_.stack();
        const Vec2 at = desk_.toPicture() * p;
        for (int k = s ? static_cast<int>(s->patches.size()) - 1 : -1; k >= 0; --k)
            if (curve::insidePaths({s->patches[static_cast<std::size_t>(k)].outline}, at)) return k;
        return -1;
    }
};

// -- edge and sweep -------------------------------------------------------------------------------------------------------------------

class EdgeTool : public StackTool {
public:
    EdgeTool(Bench& b, ToneDesk& d)
        : StackTool(b, d, "tone-edge", tr("Edge"), "tone-edge", "F",
                    tr("<b>Edge</b> pushes a border: start in a tone and drag over its border, the tone comes along. Brush size on the card."))
    {
    }
    void press(const Pointer& p) override
    {
        if (!ready()) return;
        tone_ = desk_.toneAt(p.sheet);
        if (tone_ < 0) {
            bench_.say(tr("There is no tone under the pointer."));
            return;
        }
        way_ = {p.sheet};
    }
    void drag(const Pointer& p) override
    {
        at_ = p.sheet;
        if (way_.empty()) return;
        follow(p);
        desk_.show(pushed());
    }
    void lift(const Pointer&) override
    {
        if (way_.empty()) return;
        const tone::Stack s = pushed();
        const bool moved = way_.size() > 1;
        way_.clear();
        if (moved)
            desk_.take(s, tr("Push edge"));
        else
            desk_.letGo();
    }
    void hover(const Pointer& p) override
    {
        at_ = p.sheet;
        bench_.update();
    }
    void paint(Marks& m) override { paintBrush(m, at_, bench_.setting(settings::edgeBrush)); }

private:
    int tone_ = 0;
    Vec2 at_;

    tone::Stack pushed() const
    {
        tone::Stack s = *desk_.stack();
        if (desk_.tones()) s = desk_.tones()->stack;
        s.pushes.push_back({wayInPicture(), inPicture(bench_.setting(settings::edgeBrush)), tone_});
        return s;
    }
};

class SweepTool : public StackTool {
public:
    SweepTool(Bench& b, ToneDesk& d)
        : StackTool(b, d, "sweep", tr("Sweep"), "sweep", "G",
                    tr("<b>Sweep</b>: drag over specks; areas that lie wholly under the brush go to their neighbours."))
    {
    }
    void press(const Pointer& p) override
    {
        if (ready()) way_ = {p.sheet};
    }
    void drag(const Pointer& p) override
    {
        at_ = p.sheet;
        if (!way_.empty()) follow(p);
    }
    void lift(const Pointer&) override
    {
        if (way_.empty()) return;
        tone::Stack s = *desk_.stack();
        s.sweeps.push_back({wayInPicture(), inPicture(bench_.setting(settings::sweepBrush))});
        way_.clear();
        desk_.take(s, tr("Sweep"));
    }
    void hover(const Pointer& p) override
    {
        at_ = p.sheet;
        bench_.update();
    }
    void paint(Marks& m) override
    {
        const double r = bench_.setting(settings::sweepBrush);
        if (way_.size() > 1) {
            QColor wash = marks().tagFinding;
            wash.setAlphaF(0.25F);
            QPainterPath path(m.at(way_.front()));
            for (const Vec2 p : way_) path.lineTo(m.at(p));
            m.painter().setBrush(Qt::NoBrush);
            m.painter().setPen(QPen(wash, 2 * r * curve::meanScale(m.toScreen()), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            m.painter().drawPath(path);
        }
        paintBrush(m, at_, r);
    }

private:
    Vec2 at_;
};

} // namespace

std::unique_ptr<Tool> makeBound(Desk& desk)
{
    return std::make_unique<BoundTool>(desk.bench, desk.tones);
}
std::unique_ptr<Tool> makeCutHere(Desk& desk)
{
    return std::make_unique<CutHereTool>(desk.bench, desk.tones);
}
std::unique_ptr<Tool> makePatch(Desk& desk)
{
    return std::make_unique<PatchTool>(desk.bench, desk.tones);
}
std::unique_ptr<Tool> makeEdge(Desk& desk)
{
    return std::make_unique<EdgeTool>(desk.bench, desk.tones);
}
std::unique_ptr<Tool> makeSweep(Desk& desk)
{
    return std::make_unique<SweepTool>(desk.bench, desk.tones);
}

} // namespace softrope::app
