// The mirror of the layer drawn on, and the page of its axis.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"
#include "app/tools/build/mirror_acts.h"
#include "art/build.h"

namespace softrope::app {

void mirrorSection(Fields& f)
{
    CardDesk& at = f.at;
    f.note(tr("Mirror of the layer drawn on"));
    const auto axis = [&at]() -> std::optional<mirror::Axis> {
        const art::Layer* l = at.session.document().layer(at.session.selection().layer);
        return l ? l->mirror : std::nullopt;
    };
    if (!axis()) {
        f.buttonRow({{"mirror", tr("Mirror"), tr("What lies on the layer shows on both sides of an axis"), "mirror"},
                     {"mirror-line", tr("Find axis"), tr("Looks for the symmetry of the picture"), "find-axis"}});
        return;
    }
    auto* x = new NumberField(-1e5, 1e5, 1);
    auto* y = new NumberField(-1e5, 1e5, 1);
    auto* angle = new NumberField(-360, 360, 2, "°");
    for (NumberField* field : {x, y}) field->setFixedWidth(66);
    angle->setFixedWidth(84);
    f.row(tr("Axis through"), x, y);
    f.row(tr("Angle"), angle);
    const auto change = [&at, axis](const std::function<void(mirror::Axis&)>& act) {
        if (auto a = axis()) {
            act(*a);
            at.session.take(art::withMirror(at.session.document(), at.session.selection().layer, a), tr("Move axis"));
        }
    };
    QObject::connect(x, &NumberField::changed, [change](double v) { change([v](mirror::Axis& a) { a.through.x = v; }); });
    QObject::connect(y, &NumberField::changed, [change](double v) { change([v](mirror::Axis& a) { a.through.y = v; }); });
    QObject::connect(angle, &NumberField::changed, [change](double v) { change([v](mirror::Axis& a) { a.angle = mirror::lineAngle(curve::radians(v)); }); });
    f.follow([x, y, angle, axis] {
        if (const auto a = axis()) {
            x->setValue(a->through.x);
            y->setValue(a->through.y);
            angle->setValue(curve::degrees(a->angle));
        }
    });
    f.settingField(tr("Welds ends within"), settings::weldReach);
    f.buttonRow({CardButton{"weld", tr("Weld"), tr("The halves become whole; they are kept on a hidden layer"), "weld"}.foreseeing(
                     [&at] { return weldForeseen(at.canvas); }),
                 {"mirror-line", tr("Find axis"), tr("Looks for the symmetry of the picture"), "find-axis"}});
    f.buttonRow({{"mirror", tr("Mirror off"), tr("The other half is taken away"), "mirror"}});
}

namespace {

class AxisPage : public CardPage {
public:
    explicit AxisPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.holds("axis"); }
    Key key(const Context& c) const override { return {c.mirrored}; }
    void build(Fields& f, const Context&) override
    {
        f.heading("mirror-line", tr("Axis"));
        mirrorSection(f);
    }
};

} // namespace

std::unique_ptr<CardPage> makeAxisPage(CardDesk& at)
{
    return std::make_unique<AxisPage>(at);
}

} // namespace softrope::app
