// Repeat: what is picked again and again, round a centre, along a line, in rows; a picked repeat is changed by its beads.
#include "app/tools/colour/next_repeat.h"
#include "app/tools/desk.h"
#include "art/edits.h"
#include "art/repeat.h"
#include "art/tree.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using art::Repeat;
using curve::Vec2;
using Way = Repeat::Way;

class RepeatTool : public Tool {
public:
    explicit RepeatTool(Bench& b)
        : Tool(b, "repeats", tr("Repeat"), "repeat", "J",
               tr("<b>Repeat</b> what is picked: click its centre, click a line to stand along, or drag rows out. Up, Down: more, fewer."))
    {
    }
    bool marksPicked() const override { return true; }

    void press(const Pointer& p) override
    {
        act_ = Act::none;
        start_ = now_ = bench_.snap(p).point;
        if (const auto bead = beadAt(p.sheet)) {
            act_ = *bead;
            return;
        }
        if (repeatInHand() || bench_.selection().items.empty()) {
            pickUnder(p);
            return;
        }
        act_ = Act::make;
        preview();
    }
    void drag(const Pointer& p) override
    {
        now_ = bench_.snap(p).point;
        if (act_ != Act::none) preview();
    }
    void lift(const Pointer& p) override
    {
        now_ = bench_.snap(p).point;
        const Act act = std::exchange(act_, Act::none);
        bench_.release();
        if (act == Act::none) return;
        if (act == Act::make) {
            make();
            return;
        }
        const art::Edited e = changedByBead(act);
        if (!e.done()) {
            bench_.say(refusalText(e.why));
            return;
        }
        bench_.session().take(e.document, act == Act::centre ? tr("Move centre") : tr("Change steps"));
    }
    bool key(const QKeyEvent& e) override
    {
        const art::Item* row = repeatInHand();
        if (!row || (e.key() != Qt::Key_Up && e.key() != Qt::Key_Down) || e.modifiers() != Qt::NoModifier) return false;
        const int by = e.key() == Qt::Key_Up ? 1 : -1;
        const art::Edited made = art::withRepeatChanged(bench_.document(), row->id, [by](Repeat& r) { (r.way == Way::grid ? r.columns : r.count) += by; });
        if (made.done()) bench_.session().take(made.document, tr("Count"), "repeat count");
        return true;
    }
    bool escape() override
    {
        const bool had = act_ != Act::none;
        act_ = Act::none;
        bench_.release();
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        const art::Item* item = repeatInHand();
        if (!item) return;
        const Repeat& r = *item->group()->repeat();
        const Vec2 first = firstMiddle(*item);
        if (r.way == Way::round) {
            const Vec2 c = act_ == Act::centre ? now_ : art::centreOf(r);
            m.segment(c, first, marks().selection, 1.5, Qt::DashLine);
            bead(m, c);
            if (act_ == Act::centre) m.chip(c, tr("%1 px from the centre").arg(std::lround(distance(c, first))));
        } else if (r.way == Way::grid) {
            for (const Act a : {Act::columns, Act::rows}) {
                if (!hasStep(r, a)) continue;
                const Vec2 at = act_ == a ? now_ : stepEnd(*item, a);
                m.segment(first, at, marks().selection, 1.5, Qt::DashLine);
                bead(m, at);
            }
        } else {
            m.line({r.was}, marks().selection, 1.5, Qt::DashLine);
        }
    }

private:
    enum class Act { none, make, centre, columns, rows };
    Act act_ = Act::none;
    Vec2 start_, now_;

    void bead(Marks& m, Vec2 at) const
    {
        m.dot(at, marks().halo, 6);
        m.ring(at, marks().selection, 6);
    }

    const art::Item* repeatInHand() const
    {
        const auto& items = bench_.selection().items;
        const art::Item* one = items.size() == 1 ? bench_.document().item(items.front()) : nullptr;
        return one && one->group() && one->group()->repeat() ? one : nullptr;
    }
    Vec2 firstMiddle(const art::Item& item) const
    {
        const Repeat& r = *item.group()->repeat();
        return item.group()->items.empty() ? Vec2{} : r.place * art::planeBounds(r, *item.group()->items.front()).centre();
    }
    static bool hasStep(const Repeat& r, Act a) { return a == Act::columns ? r.columns > 1 : r.rows > 1; }
    Vec2 stepEnd(const art::Item& item, Act a) const
    {
        const Repeat& r = *item.group()->repeat();
        return firstMiddle(item) + linear(r.place, a == Act::columns ? Vec2{r.step.x, 0} : Vec2{0, r.step.y});
    }
    std::optional<Act> beadAt(Vec2 p) const
    {
        const art::Item* item = repeatInHand();
        if (!item) return std::nullopt;
        const Repeat& r = *item->group()->repeat();
        const auto near = [&](Vec2 at) { return distance(at, p) < bench_.px(10); };
        if (r.way == Way::round && near(art::centreOf(r))) return Act::centre;
        if (r.way == Way::grid)
            for (const Act a : {Act::columns, Act::rows})
                if (hasStep(r, a) && near(stepEnd(*item, a))) return a;
        return std::nullopt;
    }

    void pickUnder(const Pointer& p)
    {
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(5));
        art::Selection s = bench_.selection();
        s.nodes.clear();
        s.items.clear();
        if (hit) {
            // What lies in a repeat or a group is picked with it.
            const std::vector<const art::Item*> round = bench_.document().ancestorsOf(hit->id);
            s.items = {round.empty() ? hit->id : round.front()->id};
        } else {
            bench_.say(tr("Pick what is to be repeated first."));
        }
        bench_.session().pick(s);
    }

    art::Added made() const
    {
        Repeat r = nextRepeat(bench_);
        const auto& items = bench_.selection().items;
        if (r.way == Way::round) r.place = curve::translation(now_);
        if (r.way == Way::grid) {
            const curve::Box box = art::bounds(bench_.document(), items);
            const bool dragged = distance(start_, now_) > bench_.px(4);
            // Dragged, the last one lies there; clicked, they lie half their own size apart.
            constexpr double apart = 1.5;
            const Vec2 size = box.max - box.min;
            const auto step = [&](double by, int n, double own) { return dragged && n > 1 && std::abs(by) > own / 2 ? by / (n - 1) : own * apart; };
            r.step = {step(now_.x - box.centre().x, r.columns, size.x), step(now_.y - box.centre().y, r.rows, size.y)};
        }
        if (r.way == Way::along) {
            const art::ItemPtr hit = itemAt(bench_.document(), now_, bench_.px(8));
            if (!hit || !hit->artwork() || std::find(items.begin(), items.end(), hit->id) != items.end()) return {bench_.document(), 0, art::Refusal::tooFew};
            r.line = hit->id;
            double nearest = 1e300;
            for (std::size_t k = 0; k < hit->artwork()->paths->size(); ++k)
                if (const auto place = curve::nearest(hit->artwork()->paths->at(k), now_); place && place->distance < nearest) {
                    nearest = place->distance;
                    r.outline = k;
                }
        }
        return art::withRepeat(bench_.document(), items, r, tr("Repeat").toStdString());
    }
    void make()
    {
        const art::Added a = made();
        if (!a.id) {
            bench_.say(nextRepeat(bench_).way == Way::along && (a.why == art::Refusal::tooFew || a.why == art::Refusal::doesNotFit)
                           ? tr("Click the line that they are to stand along.")
                           : refusalText(a.why));
            return;
        }
        art::Selection s = bench_.selection();
        s.items = {a.id};
        s.nodes.clear();
        bench_.session().take(a.document, s, tr("Repeat"));
        bench_.say(tr("%n time(s). Change any one of them and all follow.", nullptr, static_cast<int>(a.document.item(a.id)->group()->items.size())));
    }
    art::Edited changedByBead(Act act) const
    {
        const art::Item* item = repeatInHand();
        if (!item) return {bench_.document(), art::Refusal::nothingPicked};
        const Vec2 to = now_, first = firstMiddle(*item);
        return art::withRepeatChanged(bench_.document(), item->id, [&](Repeat& r) {
            if (act == Act::centre) {
                const Vec2 was = r.place * Vec2{};
                r.place = curve::translation(to - was) * r.place;
                return;
            }
            const auto back = inverse(r.place);
            if (!back) return;
            const Vec2 step = linear(*back, to - first);
            (act == Act::columns ? r.step.x : r.step.y) = act == Act::columns ? step.x : step.y;
        });
    }
    // While the button is down, what it comes to is seen.
    void preview()
    {
        if (act_ == Act::make) {
            const art::Added a = made();
            if (a.id)
                bench_.hold({a.document.itemPtr(a.id)});
            else
                bench_.release();
        } else if (const art::Item* item = repeatInHand()) {
            const art::Edited e = changedByBead(act_);
            if (e.done()) bench_.hold({e.document.itemPtr(item->id)});
        }
        bench_.update();
    }
};

} // namespace

std::unique_ptr<Tool> makeRepeat(Desk& at)
{
    return std::make_unique<RepeatTool>(at.bench);
}

} // namespace softrope::app
