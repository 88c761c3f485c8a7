// Rope: clicks laid loosely along an edge of the picture; the rope settles on it and becomes few-node curves.
#include "app/canvas/tool.h"
#include "app/services/care.h"
#include "app/services/jobs.h"
#include "app/tools/desk.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"
#include "trace/laying.h"

#include <algorithm>

namespace softrope::app {

namespace {

using curve::Vec2;

// The edges of the picture being traced, worked out in the background when they are first asked for.
struct Edges {
    std::shared_ptr<const pixel::Picture> picture;
    trace::Follow follow = trace::Follow::edge;
    double width = 0;
    std::shared_ptr<const trace::EdgeMap> map;
    Progress progress;
    bool working = false;
};

class Rope : public Tool {
public:
    explicit Rope(Bench& b)
        : Tool(b, "rope", tr("Rope"), "rope", "A",
               tr("<b>Rope</b> click loosely along an edge; Shift draws by hand. Click the start to close, Enter ends, Backspace lets go."))
    {
    }

    void press(const Pointer& p) override
    {
        now_ = p;
        if (!layerForWork(bench_) || !prepare(p.sheet)) return;
        if (const std::size_t k = holdAt(p); k < holds_.size() && !(k == 0 && holds_.size() > 2)) {
            moved_ = k;
            return;
        }
        if (holds_.size() > 2 && distance(toSheet(holds_.front()), p.sheet) <= bench_.px(curve::snapReach)) {
            closeUp();
            return;
        }
        addHold(p);
    }
    void drag(const Pointer& p) override
    {
        now_ = p;
        if (moved_ < holds_.size()) {
            moveHold(moved_, snapped(p.sheet));
            return;
        }
        hover(p);
    }
    void lift(const Pointer& p) override
    {
        now_ = p;
        moved_ = none;
    }
    void hover(const Pointer& p) override
    {
        now_ = p;
        if (!prepare(p.sheet) || holds_.empty()) return;
        if (p.shift()) {
            // Weak places are drawn by hand.
            if (!byHand_) hand_.assign(1, holds_.back());
            byHand_ = true;
            const Vec2 at = toPicture(p.sheet);
            if (distance(hand_.back(), at) > 0.7) hand_.push_back(at);
            live_ = asDrawn(hand_);
            bench_.update();
            return;
        }
        if (byHand_) endHand();
        layLive();
        bench_.update();
    }
    void doubleClick(const Pointer&) override
    {
        if (holds_.size() > 2) closeUp();
    }
    bool key(const QKeyEvent& e) override
    {
        if (e.key() == Qt::Key_Backspace && !holds_.empty()) {
            holds_.pop_back();
            if (!ways_.empty()) ways_.pop_back();
            wire_.reset();
            live_.clear();
            settle();
            layLive();
            bench_.update();
            return true;
        }
        if ((e.key() == Qt::Key_Return || e.key() == Qt::Key_Enter) && holds_.size() > 1) {
            finish(false);
            return true;
        }
        return false;
    }
    bool drawsShapes() const override { return true; }
    bool escape() override
    {
        const bool had = !holds_.empty();
        if (holds_.size() > 1)
            finish(false);
        else
            drop();
        return had;
    }
    void changed() override
    {
        // The picture under the rope may have gone.
        if (reference_ != 0 && !bench_.document().item(reference_)) drop();
    }

    void paint(Marks& m) override
    {
        if (edges_.working) m.chip(now_.sheet, tr("reading edges, %1 %").arg(std::lround(100 * edges_.progress.share->load())));
        if (holds_.empty()) return;
        paintRope(m, laid_);
        paintRope(m, live_);
        for (const Vec2 h : holds_) m.dot(toSheet(h), marks().geometry, 4);
        if (holds_.size() > 2 && distance(toSheet(holds_.front()), now_.sheet) <= bench_.px(curve::snapReach)) {
            m.ring(toSheet(holds_.front()), marks().geometry, 10);
            m.chip(now_.sheet, tr("closes here"));
        } else if (weak(live_)) {
            m.chip(now_.sheet, tr("weak edge, click to hold"));
        }
    }

private:
    static constexpr std::size_t none = static_cast<std::size_t>(-1);
    Edges edges_;
    std::shared_ptr<int> alive_ = std::make_shared<int>(0);
    art::Id reference_ = 0;
    curve::Affine place_, back_;
    std::vector<Vec2> holds_;          // picture px
    std::vector<trace::RopeWay> ways_; // one fewer than holds
    std::vector<trace::RopePoint> laid_, live_;
    std::unique_ptr<trace::LiveWire> wire_;
    Pointer now_;
    std::size_t moved_ = none;
    bool byHand_ = false;
    std::vector<Vec2> hand_;

    Vec2 toPicture(Vec2 sheet) const { return back_ * sheet; }
    Vec2 toSheet(Vec2 picture) const { return place_ * picture; }

    // Finds the picture and starts reading its edges when they are not known; false while there is nothing to lay on.
    bool prepare(Vec2 at)
    {
        const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), at);
        if (!i) {
            if (holds_.empty()) bench_.say(tr("There is no picture to lay the rope on. Bring one in with Ctrl+I."));
            return false;
        }
        if (!holds_.empty() && i->id != reference_) i = bench_.document().item(reference_);
        if (!i || !i->reference()) return false;
        reference_ = i->id;
        place_ = art::placement(*i->reference());
        back_ = inverse(place_).value_or(curve::Affine{});
        const auto picture = bench_.session().pictures().exact(*i->reference());
        if (!picture) return true;
        const trace::Follow follow = bench_.setting(settings::ropeLine) ? trace::Follow::line : trace::Follow::edge;
        const double width = bench_.setting(settings::ropeWidth);
        if (edges_.picture == picture && edges_.follow == follow && edges_.width == width) return true;
        edges_.progress.stop();
        edges_ = {picture, follow, width, nullptr, Progress{}, true};
        wire_.reset();
        const std::weak_ptr<int> alive = alive_;
        bench_.session().jobs().run<std::shared_ptr<const trace::EdgeMap>>(
            Lane::working, &bench_.session(),
            [picture, follow, width](const Progress& p) {
                trace::EdgeMapOptions o;
                o.follow = follow;
                o.width = width;
                o.cancelled = [&p] { return p.cancelled(); };
                o.progress = [&p](double v) { p.share->store(v); };
                return trace::edgeMap(*picture, o);
            },
            [this, alive, picture](const std::optional<std::shared_ptr<const trace::EdgeMap>>& map) {
                if (alive.expired() || edges_.picture != picture) return;
                if (!map || !*map) {
                    edges_ = {}; // asked for again with the next move
                    return;
                }
                edges_.map = *map;
                edges_.working = false;
                // What was clicked meanwhile lies straight: lay it again.
                for (std::size_t k = 0; k < ways_.size(); ++k)
                    if (!ways_[k].byHand) ways_[k] = way(holds_[k], holds_[k + 1]);
                settle();
                layLive();
                bench_.update();
            },
            Jobs::For::thisPiece, edges_.progress);
        return true;
    }

    Vec2 snapped(Vec2 sheet) const
    {
        const Vec2 p = toPicture(sheet);
        if (!edges_.map || now_.control()) return p;
        const double reach = std::clamp(bench_.px(curve::snapReach) / curve::meanScale(place_), 2.0, 24.0);
        return trace::strongestNear(*edges_.map, p, reach);
    }

    trace::RopeWay way(Vec2 a, Vec2 b) const { return edges_.map ? trace::wayBetween(edges_.map, a, b) : trace::RopeWay{trace::straightWay(a, b), false}; }

    std::size_t holdAt(const Pointer& p) const
    {
        for (std::size_t k = 0; k < holds_.size(); ++k)
            if (distance(toSheet(holds_[k]), p.sheet) <= bench_.px(p.pen ? curve::nodeReachPen : curve::nodeReach)) return k;
        return none;
    }

    void addHold(const Pointer& p)
    {
        if (byHand_) {
            endHand();
            return;
        }
        const Vec2 at = snapped(p.sheet);
        if (!holds_.empty()) {
            if (distance(holds_.back(), at) < 1) return;
            ways_.push_back({liveWay(at), false});
        }
        holds_.push_back(at);
        wire_.reset();
        live_.clear();
        settle();
        bench_.update();
    }

    void endHand()
    {
        byHand_ = false;
        if (hand_.size() < 2) return;
        ways_.push_back({hand_, true});
        holds_.push_back(hand_.back());
        hand_.clear();
        wire_.reset();
        live_.clear();
        settle();
    }

    void moveHold(std::size_t k, Vec2 to)
    {
        holds_[k] = to;
        if (k > 0) ways_[k - 1] = way(holds_[k - 1], to);
        if (k + 1 < holds_.size()) ways_[k] = way(to, holds_[k + 1]);
        if (k + 1 == holds_.size()) wire_.reset();
        settle();
        bench_.update();
    }

    // The way from the last hold, as far as the wire has got; straight while it has not.
    std::vector<Vec2> liveWay(Vec2 to)
    {
        if (!edges_.map) return trace::straightWay(holds_.back(), to);
        if (!wire_) wire_ = std::make_unique<trace::LiveWire>(edges_.map, holds_.back(), trace::learntAtEnd(*edges_.map, trace::joined(ways_, false).points));
        // About ten ms of looking for each move of the pointer.
        if (auto found = wire_->to(to, 120000)) return *found;
        return trace::straightWay(holds_.back(), to);
    }

    void layLive()
    {
        if (holds_.empty() || moved_ != none) return;
        const std::vector<Vec2> way = liveWay(snapped(now_.sheet));
        live_ = edges_.map ? trace::settled(*edges_.map, way, {}, false) : asDrawn(way);
    }

    static std::vector<trace::RopePoint> asDrawn(const std::vector<Vec2>& points)
    {
        std::vector<trace::RopePoint> out;
        for (const Vec2 p : points) out.push_back({p, 1, true});
        return out;
    }

    void settle()
    {
        const trace::LaidWay way = trace::joined(ways_, false);
        laid_ = edges_.map ? trace::settled(*edges_.map, way.points, way.byHand, false) : asDrawn(way.points);
    }

    void closeUp()
    {
        ways_.push_back(way(holds_.back(), holds_.front()));
        finish(true);
    }

    void finish(bool closed)
    {
        const auto map = edges_.map;
        const std::vector<trace::RopeWay> ways = ways_;
        const trace::LaidWay way = trace::joined(ways, closed);
        if (!map || way.points.size() < 4) {
            drop();
            return;
        }
        // Seen at once as it was laid; read again with all that is known of it in the background, as part of the same step.
        const double slack = bench_.setting(settings::ropeSlack);
        art::Item i;
        i.name = tr("Rope line").toStdString();
        art::Artwork a;
        a.stroke = bench_.look();
        const auto asLaid = [map, closed, slack, place = place_](const std::vector<trace::RopePoint>& rope, bool quick, art::Artwork& into) {
            const double scale = curve::meanScale(place);
            const curve::Fit f = trace::ropeCurve(*map, rope, closed, std::max(0.1, slack / scale), quick);
            art::Hand drawn;
            for (const trace::RopePoint& r : rope) drawn.samples.push_back({place * r.at, 1, 0, 0, 0});
            drawn.slack = slack;
            drawn.steadying = 0;
            drawn.grain = scale;
            into.setDerived({transformed(f.path, place)}, art::shared(std::move(drawn)));
            return f.furthest * scale;
        };
        asLaid(trace::settled(*map, way.points, way.byHand, closed), true, a);
        fillWhenClosed(bench_, a);
        i.is = a;
        drop();
        const art::Added added = art::withItem(bench_.document(), bench_.selection().layer, i);
        art::Selection s = bench_.selection();
        s.items = {added.id};
        s.nodes.clear();
        const QString burst = QString("rope %1").arg(added.id);
        bench_.session().take(added.document, s, tr("Rope"), burst);
        const auto furthest = std::make_shared<double>(0);
        const std::weak_ptr<int> alive = alive_;
        landWithCare(
            bench_.session(), tr("Rope"), burst,
            [d = bench_.document(), id = added.id, map, ways, closed, asLaid, furthest](const Progress& p) -> std::optional<art::Document> {
                const std::vector<trace::RopePoint> rope = trace::laidRope(map, ways, closed);
                if (p.cancelled()) return std::nullopt;
                return art::withArtworkChanged(d, {id}, [&](art::Artwork& line) { *furthest = asLaid(rope, false, line); }).document;
            },
            [this, alive, id = added.id, furthest](const art::Document& d) {
                if (alive.expired()) return;
                std::size_t nodes = 0;
                for (const curve::Path& p : d.item(id)->artwork()->paths) nodes += p.nodes.size();
                bench_.say(tr("Rope: %1 nodes, %2 off at most.").arg(nodes).arg(pxText(*furthest)));
            });
    }

    void drop()
    {
        holds_.clear();
        ways_.clear();
        laid_.clear();
        live_.clear();
        hand_.clear();
        wire_.reset();
        byHand_ = false;
        moved_ = none;
        bench_.update();
    }

    static bool weak(const std::vector<trace::RopePoint>& rope)
    {
        const std::vector<char> w = trace::weakPlaces(rope);
        return std::count(w.begin(), w.end(), 1) > 10;
    }

    void paintRope(Marks& m, const std::vector<trace::RopePoint>& rope) const
    {
        if (rope.size() < 2) return;
        const std::vector<char> weak = trace::weakPlaces(rope);
        QPen strong(marks().geometry, 3, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin), dotted(marks().geometry, 3, Qt::CustomDashLine, Qt::RoundCap);
        dotted.setDashPattern({0.1, 2.2});
        for (std::size_t i = 0; i + 1 < rope.size();) {
            std::size_t k = i + 1;
            while (k + 1 < rope.size() && weak[k] == weak[i]) ++k;
            QPolygonF line;
            for (std::size_t j = i; j <= k; ++j) line << m.at(toSheet(rope[j].at));
            m.painter().setPen(weak[i] ? dotted : strong);
            m.painter().setBrush(Qt::NoBrush);
            m.painter().drawPolyline(line);
            i = k;
        }
    }
};

} // namespace

std::unique_ptr<Tool> makeRope(Desk& desk)
{
    return std::make_unique<Rope>(desk.bench);
}

} // namespace softrope::app
