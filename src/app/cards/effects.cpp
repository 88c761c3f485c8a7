// How things are laid over what lies below them, and where they stand on the sheet.
#include "app/cards/sections.h"

#include "app/theme/theme.h"
#include "art/arrange.h"
#include "art/edits.h"

#include <QComboBox>
#include <QHBoxLayout>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

// The five that shades and lights need, first; then the rest in the standard's order.
constexpr art::Blend offered[] = {art::Blend::normal,     art::Blend::multiply,   art::Blend::screen,     art::Blend::overlay,
                                  art::Blend::softLight,  art::Blend::darken,     art::Blend::lighten,    art::Blend::colourDodge,
                                  art::Blend::colourBurn, art::Blend::hardLight,  art::Blend::difference, art::Blend::exclusion,
                                  art::Blend::hue,        art::Blend::saturation, art::Blend::colour,     art::Blend::luminosity};

QString blendName(art::Blend b)
{
    switch (b) {
    case art::Blend::normal: return tr("Normal");
    case art::Blend::multiply: return tr("Multiply");
    case art::Blend::screen: return tr("Screen");
    case art::Blend::overlay: return tr("Overlay");
    case art::Blend::darken: return tr("Darken");
    case art::Blend::lighten: return tr("Lighten");
    case art::Blend::colourDodge: return tr("Colour dodge");
    case art::Blend::colourBurn: return tr("Colour burn");
    case art::Blend::hardLight: return tr("Hard light");
    case art::Blend::softLight: return tr("Soft light");
    case art::Blend::difference: return tr("Difference");
    case art::Blend::exclusion: return tr("Exclusion");
    case art::Blend::hue: return tr("Hue");
    case art::Blend::saturation: return tr("Saturation");
    case art::Blend::colour: return tr("Colour");
    case art::Blend::luminosity: return tr("Luminosity");
    }
    return {};
}

} // namespace

void effectFields(Fields& f)
{
    CardDesk& at = f.at;
    const auto first = [&at]() -> const art::Item* {
        const auto& items = at.session.selection().items;
        return items.empty() ? nullptr : at.session.document().item(items.front());
    };
    const auto put = [&at](const art::Traits& traits, const QString& name, const QString& burst = {}) {
        const art::Edited e = art::withTraits(at.session.document(), at.session.selection().items, traits);
        if (e.done())
            at.session.take(e, name, burst);
        else
            at.canvas.say(refusalText(e.why));
    };
    f.settingSlider(
        tr("Opacity as a whole"), 0, 1, 0, [first] { return first() ? first()->opacity : 1; },
        [put](double v) { put({.opacity = v}, tr("Opacity"), "opacity"); }, [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
    auto* blend = new QComboBox;
    blend->setAccessibleName(tr("Blend"));
    blend->setToolTip(tr("How it is laid over what lies below"));
    for (const art::Blend b : offered) blend->addItem(blendName(b));
    f.row(tr("Blend"), blend);
    QObject::connect(blend, &QComboBox::activated, [put](int k) { put({.blend = offered[k]}, tr("Blend")); });
    auto* blur = new NumberField(0, art::mostBlur, 1, tr("px"));
    blur->setFixedWidth(76);
    f.row(tr("Blur"), blur);
    QObject::connect(blur, &NumberField::changed, [put](double v) { put({.blur = v}, tr("Blur")); });
    f.follow([first, blend, blur] {
        if (!first()) return;
        blend->setCurrentIndex(static_cast<int>(std::find(std::begin(offered), std::end(offered), first()->blend) - std::begin(offered)));
        blur->setValue(first()->blur);
    });
}

void alignRow(Fields& f)
{
    CardDesk& at = f.at;
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(4);
    auto* centre = new Pill({}, tr("Centre on sheet"));
    r->addWidget(centre);
    r->addStretch();
    QObject::connect(centre, &QAbstractButton::clicked, [&at] {
        const auto items = at.session.selection().items;
        const art::Document d = art::alignedToSheet(art::alignedToSheet(at.session.document(), items, art::Side::centre), items, art::Side::middle);
        at.session.take(d, tr("Centre on sheet"));
    });
    f.add(w);
}

} // namespace softrope::app
