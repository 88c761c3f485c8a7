// Axis: where the layer is mirrored. Ruler: lengths and angles.
#include "app/canvas/tool.h"
#include "app/tools/build/mirror_acts.h"
#include "app/tools/desk.h"
#include "art/build.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using curve::Vec2;

class AxisTool : public Tool {
public:
    explicit AxisTool(Bench& b)
        : Tool(b, "axis", tr("Axis"), "mirror-line", "H",
               tr("<b>Axis</b>: drag a line to mirror the layer at; its diamonds turn it. Click a half-bead: its seam smooth or a corner."))
    {
    }
    void press(const Pointer& p) override
    {
        act_ = Act::none;
        const art::Layer* l = bench_.document().layer(bench_.selection().layer);
        if (!l) return;
        start_ = bench_.snap(p).point;
        raw_ = p.sheet;
        if (l->mirror) {
            if (turnSeamOver(bench_, p.sheet)) return;
            before_ = now_ = *l->mirror;
            const auto grips = axisGrips(bench_.document(), *l->mirror);
            for (int k = 0; k < 2; ++k)
                if (distance(k ? grips.second : grips.first, p.sheet) < bench_.px(14)) {
                    pivot_ = k ? grips.first : grips.second;
                    act_ = Act::turn;
                    return;
                }
            if (std::abs(mirror::offsetFrom(*l->mirror, p.sheet)) < bench_.px(8)) {
                act_ = Act::move;
                return;
            }
        }
        act_ = Act::draw;
        now_ = {start_, curve::pi / 2};
    }
    void drag(const Pointer& p) override
    {
        if (act_ == Act::none) return;
        const Vec2 to = bench_.snap(p).point;
        if (act_ == Act::move) {
            now_ = before_;
            now_.through = before_.through + (p.sheet - raw_);
            // The middle of the sheet, guides, and nodes pull.
            art::SnapRequest r;
            r.point = mirror::footOn(now_, p.sheet);
            r.reach = bench_.px(curve::snapReach);
            r.toLines = false;
            const art::Snap s = art::snapped(bench_.document(), r);
            const Vec2 middle{bench_.document().sheet.width / 2, bench_.document().sheet.height / 2};
            if (std::abs(mirror::offsetFrom(now_, middle)) < r.reach)
                now_.through = middle;
            else if (s.reason != art::SnapReason::none && !p.control())
                now_.through = s.point;
        } else {
            const Vec2 from = act_ == Act::turn ? pivot_ : start_;
            if (distance(from, to) < bench_.px(4)) return;
            double a = curve::angleOf(to - from);
            if (p.shift()) a = std::round(a / (curve::pi / 12)) * curve::pi / 12;
            now_ = {from, mirror::lineAngle(a)};
            for (const art::Guide& g : bench_.document().guides)
                if (std::abs(mirror::lineAngle(g.angle - a)) < curve::radians(2) &&
                    std::abs(cross(curve::direction(g.angle), from - g.through)) < bench_.px(curve::snapReach))
                    now_ = {g.through, mirror::lineAngle(g.angle)};
        }
        moved_ = true;
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        drag(p);
        const Act act = act_;
        act_ = Act::none;
        if (act == Act::none || !moved_) return;
        moved_ = false;
        bench_.session().take(art::withMirror(bench_.document(), bench_.selection().layer, now_), act == Act::draw ? tr("Mirror axis") : tr("Move axis"));
    }
    bool escape() override
    {
        const bool had = act_ != Act::none && moved_;
        act_ = Act::none;
        moved_ = false;
        return had;
    }
    void paint(Marks& m) override
    {
        if (act_ == Act::none || !moved_) return;
        paintAxis(m, bench_.document(), now_);
        m.chip(now_.through, QString("%1°").arg(std::abs(curve::degrees(now_.angle)), 0, 'f', 1));
    }

private:
    enum class Act { none, draw, move, turn };
    Act act_ = Act::none;
    Vec2 start_, raw_, pivot_;
    mirror::Axis before_, now_;
    bool moved_ = false;
};

class RulerTool : public Tool {
public:
    explicit RulerTool(Bench& b)
        : Tool(b, "ruler", tr("Ruler"), "ruler", "J", tr("<b>Ruler</b>: drag to measure length and angle. Shift steps by 15°. Esc takes it away."))
    {
    }
    void press(const Pointer& p) override
    {
        from_ = to_ = bench_.snap(p).point;
        shown_ = true;
    }
    void drag(const Pointer& p) override
    {
        to_ = bench_.snap(p).point;
        if (p.shift()) {
            const double a = std::round(curve::angleOf(to_ - from_) / (curve::pi / 12)) * curve::pi / 12;
            to_ = from_ + curve::direction(a) * distance(from_, to_);
        }
        bench_.update();
    }
    bool escape() override
    {
        const bool had = shown_;
        shown_ = false;
        return had;
    }
    void paint(Marks& m) override
    {
        if (!shown_ || from_ == to_) return;
        m.segment(from_, to_, marks().geometry, 2);
        for (const Vec2 p : {from_, to_}) m.dot(p, marks().geometry, 3.5);
        const Vec2 by = to_ - from_;
        m.chip(to_, pxText(length(by)) + QString::fromUtf8(" · %1°").arg(-curve::degrees(curve::angleOf(by)), 0, 'f', 1));
    }

private:
    Vec2 from_, to_;
    bool shown_ = false;
};

} // namespace

std::unique_ptr<Tool> makeAxis(Desk& desk)
{
    return std::make_unique<AxisTool>(desk.bench);
}
std::unique_ptr<Tool> makeRuler(Desk& desk)
{
    return std::make_unique<RulerTool>(desk.bench);
}

} // namespace softrope::app
