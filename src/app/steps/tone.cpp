// Tone: the picture in few flat regions.
#include "app/canvas/canvas.h"
#include "app/steps/step.h"
#include "app/tools/tone/tone_desk.h"

#include <cmath>

namespace softrope::app {

namespace {

class Tone : public Step {
public:
    Tone() : Step(StepId::tone, "tone") {}
    QString name() const override { return tr("Tone"); }
    bool watchesTones() const override { return true; }

    CourseState courseState(const Situation& s) const override
    {
        const art::ToneStack* stack = s.tones.tones();
        if (!stack) return {CourseState::Knot::notBegun, tr("not begun")};
        const QString tones = tr("%n tone(s)", nullptr, static_cast<int>(tone::toneCount(stack->stack)));
        return stack->set ? CourseState{CourseState::Knot::settled, tr("%1, set").arg(tones)} : CourseState{CourseState::Knot::underWay, tones};
    }
    std::vector<Reading> readings(const Situation& s) const override
    {
        const art::Item* item = s.tones.item();
        const std::size_t areas = item ? item->group()->items.size() : 0;
        std::vector<Reading> r{{"tone-steps", {}, QString::number(areas), areas == 1 ? tr("area") : tr("areas")},
                               {"nodes", {}, QString::number(item ? art::nodeCount(*item) : 0), tr("nodes")}};
        if (const tone::Stack* stack = s.tones.stack()) r.push_back({"", tr("Borders within"), pxText(stack->slack * curve::meanScale(s.tones.toSheet())), {}});
        const double wanted = s.canvas.setting(settings::balance);
        if (const auto b = s.tones.balance(wanted / 100)) {
            const long dark = std::lround(100 * b->dark);
            r.push_back({"", tr("Dark : light"), QString("%1 : %2").arg(dark).arg(100 - dark), tr("wanted %1").arg(std::lround(wanted))});
        }
        return r;
    }
};

} // namespace

std::unique_ptr<Step> makeToneStep()
{
    return std::make_unique<Tone>();
}

} // namespace softrope::app
