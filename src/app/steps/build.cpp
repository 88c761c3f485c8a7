// Build: closed shapes from lines.
#include "app/canvas/tool.h"
#include "app/steps/step.h"

#include <algorithm>

namespace softrope::app {

namespace {

class Build : public Step {
public:
    Build() : Step(StepId::build, "build") {}
    QString name() const override { return tr("Build"); }
    bool watchesAreas() const override { return true; }
    bool ringsEnds() const override { return true; }
    const char* looksFor() const override { return "next-gap"; }

    CourseState courseState(const Situation& s) const override
    {
        // What was found still holds where nothing has changed since.
        if (!s.areas.watched() && s.areas.mayDiffer()) {
            const bool before = !s.areas.outlines().empty();
            return {CourseState::Knot::notBegun, s.findings.lines == 0 ? tr("not begun") : before ? tr("not looked at since") : tr("not looked at")};
        }
        const planar::Map& map = *s.areas.map();
        const int n = static_cast<int>(map.areas().size()), thin = static_cast<int>(map.slivers().size());
        if (n == 0) return {CourseState::Knot::notBegun, tr("no areas yet")};
        const QString areas = tr("%n area(s)", nullptr, n);
        return thin ? CourseState{CourseState::Knot::needsLook, tr("%1, %n sliver(s)", nullptr, thin).arg(areas)}
                    : CourseState{CourseState::Knot::underWay, areas};
    }
    std::vector<Reading> readings(const Situation& s) const override
    {
        const planar::Map& map = *s.areas.map();
        const std::vector<int> slivers = map.slivers();
        double thinnest = 1e300;
        for (const int f : slivers) thinnest = std::min(thinnest, map.faces()[static_cast<std::size_t>(f)].width);
        const auto n = map.areas().size(), thin = slivers.size();
        std::vector<Reading> r{{"union", {}, QString::number(n), n == 1 ? tr("area") : tr("areas")},
                               {"",
                                {},
                                QString::number(thin),
                                thin == 0   ? tr("slivers")
                                : thin == 1 ? tr("sliver, %1").arg(pxText(thinnest))
                                            : tr("slivers, thinnest %1").arg(pxText(thinnest))},
                               {"", {}, QString::number(map.bridges().size()), map.bridges().size() == 1 ? tr("gap closed") : tr("gaps closed")}};
        const auto lines = endReadings(s);
        r.insert(r.end(), lines.begin(), lines.end());
        return r;
    }
};

} // namespace

std::unique_ptr<Step> makeBuildStep()
{
    return std::make_unique<Build>();
}

} // namespace softrope::app
