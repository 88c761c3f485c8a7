// Pick: choose, move, size and turn whole items.
#include "app/canvas/tool.h"
#include "app/tools/build/mirror_acts.h"
#include "app/tools/desk.h"
#include "art/build.h"
#include "art/touch.h"
#include "art/tree.h"

#include <algorithm>
#include <unordered_set>

namespace softrope::app {

namespace {

using curve::Affine;
using curve::Box;
using curve::Vec2;

class Pick : public Tool {
public:
    Pick(Bench& b, const QString& id, const QString& name, const QString& icon, const QString& key, const QString& hint, bool referencesOnly)
        : Tool(b, id, name, icon, key, hint), referencesOnly_(referencesOnly)
    {
    }

    void press(const Pointer& p) override
    {
        start_ = now_ = p.sheet;
        startScreen_ = p.screen;
        moved_ = false;
        act_ = Act::none;
        round_ = {};
        touches_.clear();
        box_ = art::bounds(bench_.document(), bench_.selection().items);
        if (!referencesOnly_ && (turnSeamOver(bench_, p.sheet) || bench_.takesClick(p.sheet))) {
            act_ = Act::none;
            return;
        }
        grip_ = gripAt(p);
        if (grip_ != Grip::none && movable()) {
            act_ = grip_ == Grip::turn ? Act::turn : Act::size;
            return;
        }
        if (const auto part = partUnder(p.sheet)) {
            part_ = *part;
            act_ = Act::part;
            return;
        }
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(6));
        if (!hit || (referencesOnly_ && !hit->reference())) {
            act_ = Act::frame;
            return;
        }
        if (const art::Id locked = art::lockedBy(bench_.document(), hit->id)) {
            // A locked thing never catches a click that a frame could use.
            act_ = Act::frame;
            lockedUnder_ = locked;
            return;
        }
        std::vector<art::Id> items = bench_.selection().items;
        // A click picks the group first; once more, without a move, what is in it (on letting go).
        std::vector<art::Id> way;
        for (const art::Item* i : bench_.document().ancestorsOf(hit->id)) way.push_back(i->id);
        way.push_back(hit->id);
        const auto held = std::find_first_of(items.begin(), items.end(), way.begin(), way.end());
        deeper_ = 0;
        if (p.shift()) {
            if (held == items.end())
                items.push_back(art::pickedBy(bench_.document(), hit->id, items));
            else
                items.erase(held);
        } else if (held == items.end()) {
            items = {art::pickedBy(bench_.document(), hit->id, items)};
        } else if (const art::Id next = art::pickedBy(bench_.document(), hit->id, items); !bench_.selection().has(next)) {
            deeper_ = next;
        }
        bench_.session().pickItems(items);
        box_ = art::bounds(bench_.document(), bench_.selection().items);
        act_ = Act::move;
    }

    void drag(const Pointer& p) override
    {
        if (!moved_ && std::hypot(p.screen.x() - startScreen_.x(), p.screen.y() - startScreen_.y()) < 4) return;
        if (!moved_) many_ = nodesPicked() > manyNodes;
        moved_ = true;
        now_ = p.sheet;
        shift_ = p.shift();
        fromCentre_ = p.alt();
        if (act_ == Act::frame || act_ == Act::none) {
            bench_.update();
            return;
        }
        touches_.clear();
        round_ = {}; // what touched a moment ago need not any more
        if (act_ == Act::move && !p.control() && bench_.snapping()) {
            snapMove();
            touchMove();
        }
        if (act_ == Act::part) {
            const art::Id id = bench_.selection().items.front();
            const art::Document d = art::withPartTransformed(bench_.document(), id, part_, curve::translation(now_ - start_));
            if (art::ItemPtr i = d.itemPtr(id)) bench_.hold({i});
            return;
        }
        if (many_) {
            bench_.carry(bench_.selection().items, map());
            return;
        }
        const art::Document d = art::transformed(bench_.document(), bench_.selection().items, map());
        bench_.hold(art::itemPtrsOf(d, bench_.selection().items));
    }

    void lift(const Pointer& p) override
    {
        const Act act = act_;
        const Affine by = map();
        act_ = Act::none;
        if (act == Act::none) { // a half-bead was clicked, or the stroke was given up
            moved_ = false;
            return;
        }
        if (act == Act::frame) {
            if (moved_)
                frame(p.shift());
            else
                clickedNothing(p.shift());
            bench_.update();
            return;
        }
        if (!moved_) {
            if (act == Act::move && deeper_) bench_.session().pickItems({deeper_});
            deeper_ = 0;
            return;
        }
        bench_.release();
        moved_ = false;
        if (act == Act::part) {
            bench_.session().take(art::withPartTransformed(bench_.document(), bench_.selection().items.front(), part_, curve::translation(now_ - start_)),
                                  tr("Move part"));
            return;
        }
        const QString names[] = {{}, tr("Move"), tr("Size"), tr("Turn"), {}};
        // Alt while letting go of a move leaves the originals where they are.
        const bool copies = act == Act::move && p.alt();
        bench_.session().repeat = {by, copies};
        art::Document d = bench_.document();
        art::Selection s = bench_.selection();
        if (copies) {
            const art::Taken c = art::withCopies(d, s.items);
            d = c.document;
            s.items = c.items;
        }
        d = art::transformed(d, s.items, by);
        if (act == Act::move && !round_.nodes.empty() && s.items.size() == 1)
            d = art::withItemChanged(d, s.items.front(), [&](art::Item& i) { std::get<art::Artwork>(i.is).setPaths({round_}); });
        round_ = {};
        touches_.clear();
        if (!copies && d == bench_.document()) {
            if (const art::Refusal why = art::refusalOf(d, s.items); why != art::Refusal::none) bench_.say(refusalText(why));
            return;
        }
        bench_.session().take(d, s, copies ? tr("Duplicate") : names[static_cast<int>(act)]);
    }

    bool escape() override
    {
        round_ = {};
        touches_.clear();
        if (act_ != Act::none && moved_) {
            act_ = Act::none;
            moved_ = false;
            bench_.release();
            return true;
        }
        act_ = Act::none;
        if (bench_.selection().items.empty()) return false;
        // One level up, then nothing.
        const art::Id up = art::levelUp(bench_.document(), bench_.selection().items);
        bench_.session().pickItems(up ? std::vector<art::Id>{up} : std::vector<art::Id>{});
        return true;
    }
    void leave() override
    {
        act_ = Act::none;
        moved_ = false;
        round_ = {};
        touches_.clear();
        bench_.release();
    }
    void drop() override { leave(); } // what is picked stays picked
    bool key(const QKeyEvent& e) override
    {
        switch (e.key()) {
        case Qt::Key_Left: return nudge({-1, 0}, e);
        case Qt::Key_Right: return nudge({1, 0}, e);
        case Qt::Key_Up: return nudge({0, -1}, e);
        case Qt::Key_Down: return nudge({0, 1}, e);
        default: return false;
        }
    }

    void paint(Marks& m) override
    {
        if (act_ == Act::frame && moved_) {
            m.painter().setPen(QPen(marks().selection, 1.25, Qt::DashLine));
            m.painter().setBrush(Qt::NoBrush);
            m.painter().drawPolygon(m.frame(start_, now_));
        }
        if (act_ == Act::turn && moved_) m.chip(now_, QString("%1°").arg(curve::degrees(angle()), 0, 'f', 1));
        if (act_ == Act::size && moved_) m.chip(now_, QString("%1 %").arg(100 * curve::meanScale(map()), 0, 'f', 0));
        paintParts(m);
        for (const curve::Touch& t : touches_) {
            m.segment(t.at - unit(perpendicular(t.at - middle_)) * bench_.px(14), t.at + unit(perpendicular(t.at - middle_)) * bench_.px(14), marks().geometry,
                      3);
            m.chip(t.at, "touching");
        }
        if (act_ == Act::move && moved_) m.chip(now_, pxText(now_.x - start_.x) + " · " + pxText(now_.y - start_.y));
    }
    QCursor cursor() const override { return Qt::ArrowCursor; }
    bool marksPicked() const override { return true; }

private:
    enum class Act { none, move, size, turn, frame, part };
    enum class Grip { none, size, turn };
    bool referencesOnly_;
    Act act_ = Act::none;
    Grip grip_ = Grip::none;
    Vec2 start_, now_, corner_;
    QPointF startScreen_;
    Box box_;
    bool moved_ = false, shift_ = false, fromCentre_ = false;
    static constexpr std::size_t manyNodes = 2500; // from here on things are painted slower than a hand moves them
    bool many_ = false;
    art::Id lockedUnder_ = 0, deeper_ = 0;
    std::size_t part_ = 0;
    std::vector<curve::Touch> touches_;
    Vec2 middle_;
    curve::Path round_; // a moved circle that touches, with nodes where it does

    // Arrows move what is picked: 1 px, 10 with Shift, 0.1 with Alt.
    bool nudge(Vec2 by, const QKeyEvent& e)
    {
        if (bench_.selection().items.empty() || act_ != Act::none || e.modifiers().testFlag(Qt::ControlModifier)) return false;
        const double step = e.modifiers().testFlag(Qt::ShiftModifier) ? 10 : e.modifiers().testFlag(Qt::AltModifier) ? 0.1 : 1;
        const art::Edited moved = art::transformed(bench_.document(), bench_.selection().items, curve::translation(bench_.wayOnSheet(by * step)));
        if (moved.done())
            bench_.session().take(moved, tr("Move"), "nudge items");
        else
            bench_.say(refusalText(moved.why));
        return true;
    }

    const art::Combined* live()
    {
        if (referencesOnly_ || bench_.selection().items.size() != 1) return nullptr;
        const art::Item* i = bench_.document().item(bench_.selection().items.front());
        return i && i->artwork() ? i->artwork()->combined() : nullptr;
    }
    // A part of the picked live shape is taken by its outline.
    std::optional<std::size_t> partUnder(Vec2 p)
    {
        const art::Combined* c = live();
        if (!c) return std::nullopt;
        for (std::size_t k = c->parts.size(); k-- > 0;)
            for (const curve::Path& path : c->parts[k].paths)
                if (const auto n = curve::nearest(path, p); n && n->distance < bench_.px(6)) return k;
        return std::nullopt;
    }
    void paintParts(Marks& m)
    {
        const art::Combined* c = live();
        if (!c || act_ == Act::part) return;
        for (const art::Artwork& a : c->parts) m.line(a.paths, marks().geometry, 1.25, Qt::DashLine);
    }
    std::size_t nodesPicked()
    {
        std::size_t n = 0;
        for (const art::Item* i : art::itemsOf(bench_.document(), bench_.selection().items)) n += art::nodeCount(*i);
        return n;
    }
    // A circle that comes near a neighbour locks tangent to it.
    void touchMove()
    {
        round_ = {};
        const auto& items = bench_.selection().items;
        if (items.size() != 1 || !bench_.setting(settings::touch)) return;
        const art::Item* i = bench_.document().item(items.front());
        if (!i || !i->artwork() || i->artwork()->paths.size() != 1 || i->artwork()->combined()) return;
        const auto round = art::circleOf(i->artwork()->paths.front());
        if (!round) return;
        const Vec2 to = round->centre + (now_ - start_);
        const auto t = art::touchingCircle(bench_.document(), to, round->radius, true, bench_.px(curve::snapReach), items);
        if (!t) return;
        now_ += t->circle.centre - to;
        middle_ = t->circle.centre;
        touches_ = t->circle.touches;
        round_ = t->path;
    }

    bool movable()
    {
        const auto& items = bench_.selection().items;
        return !items.empty() && art::refusalOf(bench_.document(), items) == art::Refusal::none;
    }

    // On a bracket: size; just outside one: turn.
    Grip gripAt(const Pointer& p)
    {
        if (box_.empty() || bench_.selection().items.empty()) return Grip::none;
        const Box b = box_.grown(bench_.px(10));
        for (const Vec2 c : {b.min, Vec2{b.max.x, b.min.y}, b.max, Vec2{b.min.x, b.max.y}}) {
            const double d = distance(c, p.sheet) / bench_.px(1);
            if (d < 11) {
                corner_ = c;
                return Grip::size;
            }
            if (d < 30 && !b.contains(p.sheet)) {
                corner_ = c;
                return Grip::turn;
            }
        }
        return Grip::none;
    }

    double angle() const
    {
        const Vec2 c = box_.centre();
        double a = curve::turn(start_ - c, now_ - c);
        if (shift_) a = std::round(a / (curve::pi / 12)) * curve::pi / 12;
        return a;
    }

    Affine map() const
    {
        const Vec2 centre = box_.centre();
        if (act_ == Act::turn) return curve::about(centre, curve::rotation(angle()));
        if (act_ == Act::size) {
            const Vec2 held = fromCentre_ ? centre : centre * 2 - corner_;
            const Vec2 a = start_ - held, b = now_ - held;
            const double even = std::max(0.01, dot(a, b) / std::max(squaredLength(a), 1e-9));
            // References and turned things keep their shape; Shift lets a corner go its own way for artwork.
            if (!shift_) return curve::about(held, curve::scaling(even, even));
            const auto share = [](double u, double v) { return std::abs(u) > 1e-6 ? std::max(0.01, v / u) : 1.0; };
            return curve::about(held, curve::scaling(share(a.x, b.x), share(a.y, b.y)));
        }
        Vec2 by = now_ - start_;
        if (shift_) (std::abs(by.x) > std::abs(by.y) ? by.y : by.x) = 0;
        return curve::translation(by);
    }

    // The corners and the middle of what moves snap.
    void snapMove()
    {
        const Vec2 by = now_ - start_;
        double best = 1e300;
        Vec2 fix;
        for (const Vec2 c : {box_.centre(), box_.min, box_.max}) {
            art::SnapRequest r;
            r.point = c + by;
            r.reach = bench_.px(curve::snapReach);
            r.without = bench_.selection().items;
            r.toLines = false;
            const art::Snap s = art::snapped(bench_.document(), r);
            if (s.reason != art::SnapReason::none && distance(s.point, r.point) < best) {
                best = distance(s.point, r.point);
                fix = s.point - r.point;
            }
        }
        if (best < 1e300) now_ += fix;
    }

    void frame(bool add)
    {
        Box f;
        f.add(start_);
        f.add(now_);
        std::vector<art::Id> items = add ? bench_.selection().items : std::vector<art::Id>{};
        const std::unordered_set<art::Id> had(items.begin(), items.end());
        for (const art::LayerPtr& l : bench_.document().layers) {
            if (!l->shown || l->locked) continue;
            for (const art::ItemPtr& i : l->items) {
                if ((referencesOnly_ && !i->reference()) || !i->shown || i->locked) continue;
                const Box b = art::bounds(*i);
                if (!b.empty() && f.contains(b.min) && f.contains(b.max) && !had.count(i->id)) items.push_back(i->id);
            }
        }
        bench_.session().pickItems(items);
        moved_ = false;
    }

    void clickedNothing(bool keep)
    {
        if (lockedUnder_) bench_.clicksLocked(lockedUnder_);
        lockedUnder_ = 0;
        if (!keep) bench_.session().pickItems({});
    }
};

} // namespace

std::unique_ptr<Tool> makePick(Desk& desk)
{
    return std::make_unique<Pick>(desk.bench, "pick", tr("Pick"), "pick", "Esc",
                                  tr("<b>Pick</b> chooses, moves, sizes and turns. Drag a frame round several; Shift adds."), false);
}

std::unique_ptr<Tool> makePlace(Desk& desk)
{
    return std::make_unique<Pick>(desk.bench, "place", tr("Place"), "place", "A", tr("<b>Place</b> moves, sizes and turns an unlocked picture. Esc lets go."),
                                  true);
}

} // namespace softrope::app
