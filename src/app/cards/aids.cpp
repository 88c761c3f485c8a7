// Composition aids: which are shown over the sheet, and how.
#include "app/cards/sections.h"
#include "app/tools/place/aid_names.h"

#include <cmath>

namespace softrope::app {

void aidFields(Fields& f)
{
    CardDesk& at = f.at;
    f.rule();
    f.note(tr("Composition aids: over the sheet, snapped to, never delivered"));
    std::vector<QWidget*> pills;
    int place = 0;
    for (const art::Aid a : art::allAids) {
        const int bit = 1 << static_cast<int>(a);
        auto* pill = new Pill({}, aidName(a), {}, Pill::Kind::segment);
        pill->setCheckable(true);
        pill->setToolTip(tr("Shows or hides it"));
        pill->setProperty(commandProperty, QString("aid-%1").arg(++place));
        QObject::connect(pill, &QAbstractButton::clicked, [&at, bit] {
            at.canvas.setSetting(settings::aids, at.canvas.setting(settings::aids) ^ bit);
            at.canvas.update();
            at.refresh();
        });
        f.follow([&at, pill, bit] { pill->setChecked(at.canvas.setting(settings::aids) & bit); });
        pills.push_back(pill);
    }
    f.flow(pills, 4);
    const auto number = [&](const QString& name, const NumberRange& range, const std::function<double()>& get, const std::function<void(double)>& set) {
        f.number(name, range, get, [&at, set](double v) {
            set(v);
            at.canvas.update();
            at.refresh();
        });
    };
    number(
        tr("Margin"), {settings::aidMargin.least, settings::aidMargin.most, 1, "%"}, [&at] { return at.canvas.setting(settings::aidMargin); },
        [&at](double v) { at.canvas.setSetting(settings::aidMargin, v); });
    number(
        tr("Spiral position"), {1, 8, 0, {}}, [&at] { return at.canvas.setting(settings::aidPosition) + 1.0; },
        [&at](double v) { at.canvas.setSetting(settings::aidPosition, static_cast<int>(std::lround(v)) - 1); });
    f.settingSlider(
        tr("Strength"), settings::aidStrength.least, settings::aidStrength.most, 0, [&at] { return at.canvas.setting(settings::aidStrength); },
        [&at](double v) {
            at.canvas.setSetting(settings::aidStrength, v);
            at.canvas.update();
        },
        [](double v) { return QString("%1 %").arg(std::lround(v)); });
}

} // namespace softrope::app
