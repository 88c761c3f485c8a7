// Light: the sheet's one light, turned by its mark; what follows it turns along.
#include "app/tools/desk.h"
#include "app/tools/shade/light_preview.h"
#include "app/tools/shade/shade_hand.h"
#include "art/lights.h"

#include <cmath>

namespace softrope::app {

namespace {

using curve::Vec2;

class LightTool : public Tool {
public:
    explicit LightTool(Canvas& c)
        : Tool(c, "light", tr("Light"), "light", "A",
               tr("<b>Light</b>: drag the sun, or press where the light is to come from. Near the middle it stands high. Shift steps by 15 degrees.")),
          canvas_(c), preview_(c.session(), c)
    {
    }
    void press(const Pointer& p) override
    {
        dragging_ = true;
        to(p);
    }
    void drag(const Pointer& p) override
    {
        if (dragging_) to(p);
    }
    void lift(const Pointer&) override
    {
        if (!dragging_) return;
        dragging_ = false;
        const art::Light light = now_;
        preview_.end();
        if (light == bench_.document().light) return;
        bench_.session().take(art::withLight(bench_.document(), light), tr("Turn light"));
        bench_.say(tr("Light from %1, %2°.").arg(wayText(light.angle)).arg(wayDegrees(light.angle)));
    }
    bool escape() override
    {
        const bool had = dragging_;
        dragging_ = false;
        preview_.end();
        bench_.update();
        return had;
    }
    bool key(const QKeyEvent& e) override
    {
        const double by = curve::radians(e.modifiers() & Qt::ShiftModifier ? 15 : 3);
        art::Light l = bench_.document().light;
        if (e.key() == Qt::Key_Left)
            l.angle -= by;
        else if (e.key() == Qt::Key_Right)
            l.angle += by;
        else if (e.key() == Qt::Key_Up)
            l.height = std::min(1.0, l.height + 0.05);
        else if (e.key() == Qt::Key_Down)
            l.height = std::max(0.0, l.height - 0.05);
        else
            return false;
        bench_.session().take(art::withLight(bench_.document(), l), tr("Turn light"), "light");
        return true;
    }
    void paint(Marks& m) override
    {
        const art::Light& l = dragging_ ? now_ : bench_.document().light;
        const Vec2 sun = placeOf(l), o = middle();
        const Vec2 way = unit(o - sun);
        m.segment(sun + bench_.px(14) * way, o, marks().geometry, 1.5, Qt::DashLine);
        const Vec2 tip = o, side = perpendicular(way);
        m.segment(tip, tip - bench_.px(10) * way + bench_.px(5) * side, marks().geometry, 2);
        m.segment(tip, tip - bench_.px(10) * way - bench_.px(5) * side, marks().geometry, 2);
        m.dot(sun, QColor(l.warm.r, l.warm.g, l.warm.b), 11);
        m.ring(sun, marks().geometry, 11);
        m.chip(sun, tr("light %1°, %2").arg(wayDegrees(l.angle)).arg(l.height < 0.34 ? tr("low") : l.height < 0.67 ? tr("half high") : tr("high")));
    }
    QCursor cursor() const override { return Qt::CrossCursor; }

private:
    Canvas& canvas_;
    LightPreview preview_;
    bool dragging_ = false;
    art::Light now_;

    Vec2 middle() { return {bench_.document().sheet.width / 2, bench_.document().sheet.height / 2}; }
    double reach() { return 0.46 * std::min(bench_.document().sheet.width, bench_.document().sheet.height); }
    // The lower it stands the further out its mark.
    Vec2 placeOf(const art::Light& l) { return middle() + (0.15 + 0.85 * (1 - l.height)) * reach() * curve::direction(l.angle); }
    void to(const Pointer& p)
    {
        now_ = bench_.document().light;
        const Vec2 v = p.sheet - middle();
        if (length(v) > bench_.px(2)) now_.angle = curve::angleOf(v);
        if (p.shift()) now_.angle = std::round(now_.angle / (curve::pi / 12)) * curve::pi / 12;
        now_.height = std::clamp(1 - (length(v) / reach() - 0.15) / 0.85, 0.0, 1.0);
        preview_.show(now_);
        bench_.update();
    }
};

} // namespace

std::unique_ptr<Tool> makeLight(Desk& desk)
{
    return std::make_unique<LightTool>(desk.bench);
}

} // namespace softrope::app
