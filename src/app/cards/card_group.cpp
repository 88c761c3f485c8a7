// The card of a group, and how things are laid over what lies below them.
#include "app/cards/card.h"
#include "app/theme/theme.h"
#include "art/arrange.h"
#include "art/edits.h"

#include <QComboBox>

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
    case art::Blend::normal: return QObject::tr("Normal");
    case art::Blend::multiply: return QObject::tr("Multiply");
    case art::Blend::screen: return QObject::tr("Screen");
    case art::Blend::overlay: return QObject::tr("Overlay");
    case art::Blend::darken: return QObject::tr("Darken");
    case art::Blend::lighten: return QObject::tr("Lighten");
    case art::Blend::colourDodge: return QObject::tr("Colour dodge");
    case art::Blend::colourBurn: return QObject::tr("Colour burn");
    case art::Blend::hardLight: return QObject::tr("Hard light");
    case art::Blend::softLight: return QObject::tr("Soft light");
    case art::Blend::difference: return QObject::tr("Difference");
    case art::Blend::exclusion: return QObject::tr("Exclusion");
    case art::Blend::hue: return QObject::tr("Hue");
    case art::Blend::saturation: return QObject::tr("Saturation");
    case art::Blend::colour: return QObject::tr("Colour");
    case art::Blend::luminosity: return QObject::tr("Luminosity");
    }
    return {};
}

} // namespace

const art::Group* Card::pickedGroup() const
{
    const auto& items = session_.selection().items;
    const art::Item* i = items.size() == 1 ? session_.document().item(items.front()) : nullptr;
    return i ? i->group() : nullptr;
}

// Opacity, blend and blur of what is picked; the first thing's are shown.
void Card::effectFields()
{
    const auto first = [this]() -> const art::Item* {
        const auto& items = session_.selection().items;
        return items.empty() ? nullptr : session_.document().item(items.front());
    };
    const auto put = [this](const art::Traits& traits, const QString& name, const QString& burst = {}) {
        const art::Edited e = art::withTraits(session_.document(), session_.selection().items, traits);
        if (e.done())
            session_.take(e, name, burst);
        else
            canvas_.say(refusalText(e.why));
    };
    settingSlider(
        tr("Opacity as a whole"), 0, 1, 0, [first] { return first() ? first()->opacity : 1; },
        [put](double v) { put({.opacity = v}, tr("Opacity"), "opacity"); }, [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
    auto* blend = new QComboBox;
    blend->setAccessibleName(tr("Blend"));
    blend->setToolTip(tr("How it is laid over what lies below"));
    for (const art::Blend b : offered) blend->addItem(blendName(b));
    row(tr("Blend"), blend);
    connect(blend, &QComboBox::activated, this, [put](int k) { put({.blend = offered[k]}, tr("Blend")); });
    auto* blur = new NumberField(0, art::mostBlur, 1, tr("px"));
    blur->setFixedWidth(76);
    row(tr("Blur"), blur);
    connect(blur, &NumberField::changed, this, [put](double v) { put({.blur = v}, tr("Blur")); });
    updaters_.push_back([first, blend, blur] {
        if (!first()) return;
        blend->setCurrentIndex(static_cast<int>(std::find(std::begin(offered), std::end(offered), first()->blend) - std::begin(offered)));
        blur->setValue(first()->blur);
    });
}

void Card::buildGroup(art::Id id)
{
    const art::Item& group = *session_.document().item(id);
    heading("layer", group.name.empty() ? tr("Group") : QString::fromStdString(group.name),
            [this, id](const QString& name) { session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), tr("Rename")); });
    chips([this, id] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->group()) return QString();
        const std::size_t n = i->group()->items.size();
        return (i->group()->derived() ? tr("live · ") : QString()) + (n == 1 ? tr("1 thing") : tr("%1 things").arg(n)) +
               tr(", %1 nodes").arg(art::nodeCount(*i));
    });
    effectFields();
    rule();
    alignRow();
    note(group.group()->derived() ? tr("Its pieces are worked out. Set it to change them by hand.")
                                  : tr("Click once more to pick what is in it; Esc leads back."));
}

void Card::groupBottom(QString& text, QString& act)
{
    const art::Group* g = pickedGroup();
    if (!g) return;
    const bool live = g->derived();
    text = live ? tr("Worked out from its recipe.") : tr("One thing, with all that is in it.");
    act = live ? tr("Set") : tr("Ungroup");
    bottomRun_ = [this, live] { emit asksToRun(live ? "set-parts" : "ungroup"); };
}

} // namespace softrope::app
