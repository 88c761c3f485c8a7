// Shade: light and shadow inside the areas.
#include "app/steps/step.h"

#include "app/tools/shade/shade_hand.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

class ShadeStep : public Step {
public:
    ShadeStep() : Step(StepId::shade, "shade") {}
    QString name() const override { return tr("Shade"); }
    bool shades() const override { return true; }
    const char* looksFor() const override { return "next-against"; }

    CourseState courseState(const Situation& s) const override
    {
        using Knot = CourseState::Knot;
        const int shades_ = static_cast<int>(s.findings.shades), against = static_cast<int>(s.findings.against.size());
        if (shades_ == 0) return {Knot::notBegun, tr("not begun")};
        if (against) return {Knot::needsLook, tr("%n shade(s), %1 against the light", nullptr, shades_).arg(against)};
        return {Knot::settled, tr("%n shade(s), light from %1", nullptr, shades_).arg(wayText(s.session.document().light.angle))};
    }
    std::vector<Reading> readings(const Situation& s) const override
    {
        const Findings& f = s.findings;
        const art::Light& l = s.session.document().light;
        std::vector<Reading> r{{"crescent", {}, QString::number(f.shades), f.clipped ? tr("shades, %1 clipped").arg(f.clipped) : tr("shades, all inside")},
                               {"light", tr("Light"), QString("%1°").arg(wayDegrees(l.angle)), {}},
                               {"", {}, QString::number(f.against.size()), tr("against the light")}};
        if (s.darkShare >= 0) {
            const long dark = std::lround(100 * s.darkShare);
            r.push_back({"", tr("Dark : light"), QString("%1 : %2").arg(dark).arg(100 - dark), {}});
        }
        return r;
    }
};

} // namespace

std::unique_ptr<Step> makeShadeStep()
{
    return std::make_unique<ShadeStep>();
}

} // namespace softrope::app
