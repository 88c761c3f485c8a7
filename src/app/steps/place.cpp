// Place: pictures on the sheet.
#include "app/canvas/canvas.h"
#include "app/steps/step.h"
#include "app/tools/place/place_acts.h"

#include <cmath>

namespace softrope::app {

namespace {

class Place : public Step {
public:
    Place() : Step(StepId::place, "place") {}
    QString name() const override { return tr("Place"); }
    bool placesPictures() const override { return true; }

    CourseState courseState(const Situation& s) const override
    {
        const int n = s.findings.pictures;
        return {n == 0 ? CourseState::Knot::notBegun : CourseState::Knot::settled, n == 0 ? tr("no picture yet") : tr("%n picture(s)", nullptr, n)};
    }
    std::vector<Reading> readings(const Situation& s) const override
    {
        std::vector<Reading> r;
        const art::Sheet& sheet = s.session.document().sheet;
        const double unit = sheet.unit == art::Unit::mm ? 96 / 25.4 : sheet.unit == art::Unit::in ? 96 : 1;
        const QString unitName = sheet.unit == art::Unit::mm ? "mm" : sheet.unit == art::Unit::in ? "in" : "px";
        r.push_back({"reference", tr("Sheet"),
                     QString("%1 × %2").arg(sheet.width / unit, 0, 'f', unit > 1 ? 1 : 0).arg(sheet.height / unit, 0, 'f', unit > 1 ? 1 : 0), unitName});
        if (const art::Item* i = referenceInHand(s.session.document(), s.session.selection())) {
            const art::Reference& ref = *i->reference();
            r.push_back({"", tr("Picture"), QString("%1 × %2").arg(art::pictureSize(ref).width).arg(art::pictureSize(ref).height), tr("px")});
            r.push_back({"", tr("Turn"), QString::number(curve::degrees(ref.turn), 'f', 1) + "°", {}});
            r.push_back({"", tr("Veil"), QString("%1 %").arg(std::lround(s.canvas.view().veil * 100)), {}});
        }
        return r;
    }
};

} // namespace

std::unique_ptr<Step> makePlaceStep()
{
    return std::make_unique<Place>();
}

} // namespace softrope::app
