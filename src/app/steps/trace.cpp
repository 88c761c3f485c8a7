// Trace: lines over the picture.
#include "app/steps/step.h"
#include "app/theme/words.h"

namespace softrope::app {

namespace {

class Trace : public Step {
public:
    Trace() : Step(StepId::trace, "trace") {}
    QString name() const override { return tr("Trace"); }
    bool ringsEnds() const override { return true; }

    CourseState courseState(const Situation& s) const override
    {
        const int lines = s.findings.lines, ends = static_cast<int>(s.findings.ends.size());
        if (lines == 0) return {CourseState::Knot::notBegun, tr("not begun")};
        const QString count = tr("%n line(s)", nullptr, lines);
        return ends ? CourseState{CourseState::Knot::underWay, tr("%1, %n open end(s)", nullptr, ends).arg(count)}
                    : CourseState{CourseState::Knot::settled, count};
    }
    std::vector<Reading> readings(const Situation& s) const override { return endReadings(s); }
};

} // namespace

std::unique_ptr<Step> makeTraceStep()
{
    return std::make_unique<Trace>();
}

} // namespace softrope::app
