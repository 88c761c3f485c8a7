// Carve: drag through areas to gather them into one shape, or to drop them out. Follow: drag along pieces of lines to
// collect one outline.
#include "app/canvas/tool.h"
#include "app/services/areas.h"
#include "app/theme/theme.h"
#include "app/tools/desk.h"
#include "app/tools/gathering.h"
#include "art/edits.h"

#include <algorithm>

namespace softrope::app {

namespace {

using curve::Path;
using curve::Vec2;

// The trail of a drag that gathers: the rope.
void paintRope(Marks& m, const std::vector<Vec2>& way)
{
    if (way.size() < 2) return;
    QPainterPath path(m.at(way.front()));
    for (const Vec2 p : way) path.lineTo(m.at(p));
    QPainter& p = m.painter();
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(marks().halo, 7, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.drawPath(path);
    p.setPen(QPen(colours().rope, 4.5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.drawPath(path);
    p.setPen(QPen(colours().ropeGap, 1.3));
    const double length = path.length();
    for (double s = 3; s < length && s < 4000; s += 5) {
        const QPointF at = path.pointAtPercent(path.percentAtLength(s));
        p.drawLine(at + QPointF(-1.4, 2.6), at + QPointF(1.4, -2.6));
    }
}

void hatch(Marks& m, const curve::Paths& outline, const QColor& ink, const QColor& lines, bool back, double border)
{
    QPainterPath path = painterPath(outline, m.toScreen());
    path.setFillRule(Qt::WindingFill);
    QPainter& p = m.painter();
    QColor wash = ink;
    wash.setAlphaF(0.3F);
    p.fillPath(path, wash);
    QColor stripes = lines;
    stripes.setAlphaF(0.55F);
    p.fillPath(path, QBrush(stripes, back ? Qt::FDiagPattern : Qt::BDiagPattern));
    if (border <= 0) return;
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(marks().halo, border + 2));
    p.drawPath(path);
    p.setPen(QPen(lines, border));
    p.drawPath(path);
}

class CarveTool : public Tool, public Gathering {
public:
    CarveTool(Bench& b, Areas& areas)
        : Tool(b, "carve", tr("Carve"), "carve", "J",
               tr("<b>Carve</b> gathers the areas you drag through; Shift drops them out. Enter takes the shape, Backspace lets one go.")),
          areas_(areas)
    {
        QObject::connect(&areas_, &Areas::changed, [this] { remap(); });
    }

    void taken() override { bench_.session().pickItems({}); }
    void press(const Pointer& p) override
    {
        if (!areas_.upToDate()) {
            bench_.say(tr("The areas are being worked out after the last change. Once more, in a moment."));
            return;
        }
        dragging_ = true;
        way_ = {p.sheet};
        dropping_ = p.shift() || bench_.setting(settings::carveDrops);
        visit(p.sheet);
    }
    void drag(const Pointer& p) override
    {
        if (!dragging_) return;
        const Vec2 from = way_.back();
        const int steps = std::clamp(static_cast<int>(distance(from, p.sheet) / bench_.px(1.5)), 1, 2000);
        for (int k = 1; k <= steps; ++k) visit(lerp(from, p.sheet, static_cast<double>(k) / steps));
        if (distance(from, p.sheet) > bench_.px(2)) way_.push_back(p.sheet);
        hover(p);
    }
    void lift(const Pointer&) override
    {
        dragging_ = false;
        way_.clear();
        bench_.update();
    }
    void hover(const Pointer& p) override
    {
        pointer_ = p.sheet;
        under_ = areas_.map()->at(p.sheet);
        const bool shift = p.shift() || bench_.setting(settings::carveDrops);
        shows_ = shift;
        bench_.update();
    }
    bool key(const QKeyEvent& e) override { return gatherKey(e); }
    bool escape() override
    {
        const bool had = !acts_.empty();
        acts_.clear();
        way_.clear();
        dragging_ = false;
        outline_.clear();
        bench_.update();
        return had;
    }
    void leave() override { escape(); }

    // -- what the card shows and does ------------------------------------------------------------------------------------
    std::size_t gathered() const override { return chosen().size(); }
    const curve::Paths& outline() const override { return outline_; }
    bool closed() const override { return !outline_.empty(); }
    bool letGo() override
    {
        if (acts_.empty()) return false;
        acts_.pop_back();
        renew();
        return true;
    }
    bool take() override
    {
        const std::vector<int> areas = chosen();
        if (areas.empty()) {
            bench_.say(tr("Nothing is gathered. Drag through areas first."));
            return false;
        }
        // What is in hand was gathered on the map in force; it stands until the document changes.
        return takeShape(
            bench_, areas_.map()->outline(areas), areas_.linesRound(areas),
            [this] {
                acts_.clear();
                renew();
            },
            tr("Take shape"));
    }

    void paint(Marks& m) override
    {
        const planar::Map& map = *areas_.map();
        if (under_ != planar::outside && under_ < static_cast<int>(map.faces().size()) && !dragging_) {
            QPainterPath path = painterPath(map.outline(std::vector<int>{under_}), m.toScreen());
            QColor lit = shows_ ? marks().tagFinding : marks().geometry;
            lit.setAlphaF(0.22F);
            m.painter().fillPath(path, lit);
            m.painter().setBrush(Qt::NoBrush);
            m.painter().setPen(QPen(shows_ ? marks().tagFinding : marks().geometry, 1.5));
            m.painter().drawPath(path);
        }
        if (!outline_.empty()) hatch(m, outline_, paintOf(bench_), marks().geometry, false, 3.2);
        if (!dropped_.empty()) hatch(m, dropped_, QColor(0, 0, 0, 0), marks().tagFinding, true, 0);
        paintRope(m, way_);
        if (!outline_.empty()) {
            const std::size_t n = chosen().size();
            m.chip(pointer_, tr("%n area(s) gathered", nullptr, n));
        }
        paintGaps(m, areas_);
    }
    QCursor cursor() const override { return drawingCursor(false); }

private:
    struct Act {
        Vec2 at;
        bool drops = false;
        int area = 0;
    };
    Areas& areas_;
    std::vector<Act> acts_;
    std::vector<Vec2> way_;
    curve::Paths outline_, dropped_;
    Vec2 pointer_;
    int under_ = planar::outside;
    bool dragging_ = false, dropping_ = false, shows_ = false;

    // Areas in hand after all acts, in the order they were taken.
    std::vector<int> chosen() const
    {
        std::vector<int> in;
        for (const Act& a : acts_) {
            const auto at = std::find(in.begin(), in.end(), a.area);
            if (a.drops && at != in.end()) in.erase(at);
            if (!a.drops && at == in.end()) in.push_back(a.area);
        }
        return in;
    }
    void visit(Vec2 p)
    {
        const int area = areas_.map()->at(p);
        if (area == planar::outside) return;
        const auto in = chosen();
        const bool has = std::find(in.begin(), in.end(), area) != in.end();
        const bool droppedBefore = std::any_of(acts_.begin(), acts_.end(), [&](const Act& a) { return a.drops && a.area == area; });
        if (dropping_ ? !has && droppedBefore : has) return;
        if (dropping_ && !has && in.empty()) return;
        acts_.push_back({p, dropping_, area});
        renew();
    }
    // The map changed: the same places, other numbers.
    void remap()
    {
        for (Act& a : acts_) a.area = areas_.map()->at(a.at);
        under_ = planar::outside;
        renew();
    }
    void renew()
    {
        const std::vector<int> in = chosen();
        outline_ = in.empty() ? curve::Paths{} : areas_.map()->outline(in);
        std::vector<int> out;
        for (const Act& a : acts_)
            if (a.drops && std::find(in.begin(), in.end(), a.area) == in.end() && std::find(out.begin(), out.end(), a.area) == out.end() &&
                a.area != planar::outside)
                out.push_back(a.area);
        dropped_ = out.empty() ? curve::Paths{} : areas_.map()->outline(out);
        bench_.update();
        tell();
    }
};

class FollowTool : public Tool, public Gathering {
public:
    FollowTool(Bench& b, Areas& areas)
        : Tool(b, "follow", tr("Follow"), "follow", "H",
               tr("<b>Follow</b>: drag roughly along pieces of lines; back over them lets go. Shift begins and ends within a piece. Enter takes the outline.")),
          areas_(areas)
    {
        QObject::connect(&areas_, &Areas::changed, [this] {
            if (map_ != areas_.map() && !dragging_) escape();
        });
    }
    void taken() override { bench_.session().pickItems({}); }
    void press(const Pointer& p) override
    {
        if (chain_.halves.empty()) {
            if (!areas_.upToDate()) {
                bench_.say(tr("The lines are being looked at after the last change. Once more, in a moment."));
                return;
            }
            map_ = areas_.map();
            ids_ = areas_.lines().items; // those of this map: the document may change under the hand
            start_ = p.sheet;
            from_ = p.shift() ? std::optional(p.sheet) : std::nullopt;
        }
        to_.reset();
        hand_ = {p.sheet};
        fixed_ = chain_.halves.size(); // what earlier drags took stays
        dragging_ = true;
        pointer_ = p.sheet;
    }
    void drag(const Pointer& p) override
    {
        pointer_ = p.sheet;
        if (!dragging_ || !map_) return;
        const double reach = bench_.px(16);
        if (chain_.halves.empty()) {
            if (distance(p.sheet, start_) < bench_.px(6)) return;
            const auto first = planar::edgeNear(*map_, start_, reach, p.sheet - start_);
            if (!first) return;
            chain_.halves = {*first};
            fixed_ = 1;
            hand_ = {start_};
            renew();
        }
        const std::optional<Vec2> to = p.shift() ? std::optional(p.sheet) : std::nullopt;
        if (to != to_) {
            to_ = to;
            renew();
        }
        if (distance(hand_.back(), p.sheet) < bench_.px(2)) return;
        hand_.push_back(p.sheet);
        planar::Followed next = planar::followOn(*map_, chain_, hand_, reach, fixed_);
        if (next.halves != chain_.halves || next.closed != chain_.closed) {
            chain_ = std::move(next);
            // What lies far behind no longer steers.
            if (hand_.size() > 500) hand_.erase(hand_.begin(), hand_.end() - 500);
            renew();
        }
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        if (dragging_ && chain_.halves.empty() && map_) {
            if (const auto first = planar::edgeNear(*map_, p.sheet, bench_.px(10))) {
                chain_.halves = {*first};
                renew();
            }
        } else if (dragging_ && map_ && hand_.size() == 1 && !chain_.closed) {
            // A click on a piece further on takes the way there.
            hand_.push_back(p.sheet);
            if (p.shift()) to_ = p.sheet;
            chain_ = planar::followOn(*map_, chain_, hand_, bench_.px(16), chain_.halves.size());
            renew();
        }
        dragging_ = false;
        hand_.clear();
        bench_.update();
    }
    void hover(const Pointer& p) override
    {
        pointer_ = p.sheet;
        lit_.reset();
        if (chain_.halves.empty())
            if (const auto e = planar::edgeNear(*areas_.map(), p.sheet, bench_.px(10))) lit_ = areas_.map()->curveOf(*e / 2);
        bench_.update();
    }
    bool key(const QKeyEvent& e) override { return gatherKey(e); }
    bool escape() override
    {
        const bool had = !chain_.halves.empty();
        chain_ = {};
        from_.reset();
        to_.reset();
        outline_.clear();
        hand_.clear();
        dragging_ = false;
        bench_.update();
        tell();
        return had;
    }
    void leave() override { escape(); }

    std::size_t gathered() const override { return chain_.halves.size(); }
    const curve::Paths& outline() const override { return outline_; }
    bool closed() const override { return chain_.closed; }
    bool letGo() override
    {
        if (chain_.halves.empty()) return false;
        chain_.halves.pop_back();
        chain_.closed = false;
        to_.reset();
        renew();
        return true;
    }
    bool take() override
    {
        if (chain_.halves.empty()) {
            bench_.say(tr("Nothing is followed yet. Drag along a line first."));
            return false;
        }
        std::vector<art::Id> lines;
        const planar::Graph& g = map_->graph();
        for (const int h : chain_.halves)
            for (int k = 0; k < g.edge(h).count; ++k) {
                const auto path = static_cast<std::size_t>(g.piece(g.source(g.edge(h), k)).path);
                if (path < ids_.size() && std::find(lines.begin(), lines.end(), ids_[path]) == lines.end()) lines.push_back(ids_[path]);
            }
        return takeShape(
            bench_, outline_, lines, [this] { escape(); }, chain_.closed ? tr("Follow outline") : tr("Follow line"));
    }
    void paint(Marks& m) override
    {
        if (lit_) m.line({pathOf(*lit_)}, marks().geometry, 3);
        if (!outline_.empty()) {
            if (chain_.closed) hatch(m, outline_, paintOf(bench_), marks().geometry, false, 3.2);
            m.line(outline_, marks().geometry, 3.2);
            if (const auto next = map_ ? planar::nextOf(*map_, chain_) : std::nullopt)
                m.line({pathOf(map_->curveOf(*next / 2))}, marks().geometry, 2, Qt::DotLine);
            m.dot(outline_.front().nodes.front().at, marks().geometry, 4);
            m.chip(pointer_, chain_.closed ? tr("closed · Enter takes it") : tr("%n piece(s)", nullptr, static_cast<int>(chain_.halves.size())));
        }
        paintRope(m, hand_);
    }

private:
    Areas& areas_;
    planar::MapPtr map_;
    std::vector<art::Id> ids_; // of its paths
    planar::Followed chain_;
    std::vector<Vec2> hand_;
    Vec2 start_, pointer_;
    curve::Paths outline_;
    std::optional<curve::Cubic> lit_;
    std::optional<Vec2> from_, to_; // within the first piece and the last
    std::size_t fixed_ = 0;
    bool dragging_ = false;

    static Path pathOf(const curve::Cubic& c)
    {
        return Path{{{c.p0, c.p0, c.p1, curve::NodeKind::corner}, {c.p3, c.p2, c.p3, curve::NodeKind::corner}}, false};
    }
    void renew()
    {
        outline_.clear();
        if (map_ && !chain_.halves.empty()) outline_ = {planar::pathOf(*map_, chain_, from_, to_)};
        bench_.update();
        tell();
    }
};

} // namespace

QColor paintOf(Bench& bench)
{
    if (const auto paint = fillInHand(bench); paint && paint->colour) return QColor(paint->colour->r, paint->colour->g, paint->colour->b);
    const auto rgb = static_cast<unsigned>(bench.setting(settings::shapePaint));
    return QColor(static_cast<int>(rgb >> 16 & 255), static_cast<int>(rgb >> 8 & 255), static_cast<int>(rgb & 255));
}

bool takeShape(Bench& bench, const curve::Paths& outline, const std::vector<art::Id>& lines, const std::function<void()>& done, const QString& step)
{
    if (outline.empty()) {
        bench.say(tr("Nothing is left of it."));
        return false;
    }
    const art::Id layer = layerForWork(bench);
    if (layer == 0) return false;
    const bool isClosed = outline.front().closed;
    art::Stroke look = bench.look();
    art::Fill fill;
    if (isClosed) {
        const QColor c = paintOf(bench);
        fill.colour = art::Colour{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())};
        if (const auto paint = fillInHand(bench)) fill.ink = paint->ink;
        look.colour.reset();
    }
    const auto left = static_cast<art::Leftover>(bench.setting(settings::leftover));
    const art::Added added = art::withShape(bench.document(), layer, outline, look, fill, (isClosed ? tr("Shape") : tr("Line")).toStdString());
    const art::Document d = art::withLeftover(added.document, lines, left);
    art::Selection s = bench.selection();
    s.items.clear();
    s.nodes.clear();
    // The outline goes with what is in hand.
    const std::size_t nodes = curve::nodeCount(outline);
    const QString what = isClosed ? (outline.size() > 1 ? tr("a shape with holes") : tr("a shape")) : tr("a line");
    done();
    bench.session().take(d, s, step);
    const QString rest = lines.empty() || left == art::Leftover::stay ? QString()
                         : left == art::Leftover::guides              ? tr("Its lines are guides now.")
                                                                      : tr("Its lines are gone.");
    bench.say(tr("Took %1 with %2 nodes.").arg(what).arg(nodes) + " " + (rest.isEmpty() ? QString() : rest + " ") + tr("Ctrl+Z puts it back."));
    return true;
}

void paintGaps(Marks& m, const Areas& areas)
{
    int words = 0;
    const planar::Map& map = *areas.map();
    for (const planar::Bridge& b : map.bridges()) {
        const Vec2 at = 0.5 * (b.from + b.to);
        m.painter().setPen(QPen(colours().hemp, 1.75, Qt::DotLine));
        m.painter().setBrush(Qt::NoBrush);
        m.painter().drawEllipse(m.at(at), 11, 11);
        if (b.width >= 0.05 && words++ < 2) m.chip(at, tr("gap %1, counts as closed").arg(pxText(b.width)), Marks::Chip::name);
    }
    words = 0;
    for (const int f : map.slivers()) {
        const planar::Face& face = map.faces()[static_cast<std::size_t>(f)];
        if (words > 30) break;
        m.ring(face.box.centre(), marks().tagFinding, 9);
        if (words++ < 1) m.chip(face.box.centre(), tr("sliver %1 wide").arg(pxText(face.width)), Marks::Chip::fault);
    }
}

void paintWiderGaps(Marks& m, const Areas& areas)
{
    for (const planar::Bridge& b : areas.closedAlone()) m.ring(0.5 * (b.from + b.to), marks().geometry, gapMarkReach - 1);
    for (const Areas::Wider& w : areas.wider())
        for (const planar::Bridge& b : w.gap.bridges) {
            const Vec2 at = 0.5 * (b.from + b.to);
            m.painter().setPen(QPen(colours().hemp, 1.5, Qt::DashLine));
            m.painter().drawLine(m.at(b.from), m.at(b.to));
            m.painter().setPen(QPen(colours().hemp, 1.75));
            m.painter().setBrush(Qt::NoBrush);
            m.painter().drawEllipse(m.at(at), gapMarkReach - 1, gapMarkReach - 1);
            m.chip(at, pxText(b.width), Marks::Chip::name);
        }
}

std::unique_ptr<Tool> makeCarve(Desk& desk)
{
    return std::make_unique<CarveTool>(desk.bench, desk.areas);
}
std::unique_ptr<Tool> makeFollow(Desk& desk)
{
    return std::make_unique<FollowTool>(desk.bench, desk.areas);
}

} // namespace softrope::app
