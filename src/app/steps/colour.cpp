// Colour: inks, and what they are on.
#include "app/canvas/canvas.h"
#include "app/steps/step.h"

#include <cmath>

namespace softrope::app {

namespace {

class Colour : public Step {
public:
    Colour() : Step(StepId::colour, "colour") {}
    QString name() const override { return tr("Colour"); }
    bool watchesAreas() const override { return true; }
    const char* looksFor() const override { return "next-leak"; }

    CourseState courseState(const Situation& s) const override
    {
        using Knot = CourseState::Knot;
        const int filled = static_cast<int>(s.findings.filled), bare = static_cast<int>(s.findings.bare);
        const int inks = static_cast<int>(s.session.document().inks.size());
        if (filled == 0) return {Knot::notBegun, inks == 0 ? tr("not begun") : tr("%n ink(s) ready", nullptr, inks)};
        if (!s.findings.leaks.empty()) return {Knot::needsLook, tr("a drop is open")};
        if (inks == 0) return {Knot::underWay, tr("%n area(s), no inks", nullptr, filled)};
        return {bare == 0 ? Knot::settled : Knot::underWay, tr("%1 of %n area(s) inked", nullptr, filled).arg(filled - bare)};
    }
    std::vector<Reading> readings(const Situation& s) const override
    {
        const art::Document& d = s.session.document();
        const Findings& f = s.findings;
        std::vector<Reading> r{{"colour-drop", {}, QString::number(f.filled), f.filled == 1 ? tr("area") : tr("areas")}};
        if (!d.inks.empty()) r.push_back({"", {}, QString::number(f.bare), tr("without ink")});
        if (!f.leaks.empty()) r.push_back({"open-end", {}, QString::number(f.leaks.size()), f.leaks.size() == 1 ? tr("leak") : tr("leaks")});
        const art::ItemPtr under = itemAt(d, s.canvas.pointerOnSheet(), s.canvas.px(5));
        if (under && under->artwork() && under->artwork()->fill.colour) {
            double size = 0;
            for (const curve::Path& p : under->artwork()->paths) size += curve::area(p);
            r.push_back({"", tr("Under the pointer"), tr("%1, %2 px²").arg(QString::fromStdString(under->name)).arg(std::lround(std::abs(size))), {}});
        }
        if (s.darkShare >= 0) {
            const long dark = std::lround(100 * s.darkShare);
            r.push_back({"", tr("Dark : light"), QString("%1 : %2").arg(dark).arg(100 - dark), {}});
        }
        const auto lines = lineReadings(s);
        r.insert(r.end(), lines.begin(), lines.end());
        return r;
    }
};

} // namespace

std::unique_ptr<Step> makeColourStep()
{
    return std::make_unique<Colour>();
}

} // namespace softrope::app
