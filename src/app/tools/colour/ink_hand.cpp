#include "app/tools/colour/ink_hand.h"

#include "app/canvas/canvas.h"

#include <cmath>

namespace softrope::app {

namespace {
constexpr double noColour = -1;
}

const art::Ink* inkInHand(Bench& bench)
{
    const art::Document& d = bench.document();
    if (bench.setting(settings::looseColour) >= 0) return nullptr;
    const auto id = static_cast<art::Id>(std::max(0.0, bench.setting(settings::ink)));
    if (const art::Ink* ink = d.ink(id)) return ink;
    return d.inks.empty() ? nullptr : &d.inks.front();
}

art::Paint paintInHand(Bench& bench)
{
    const double loose = bench.setting(settings::looseColour);
    if (loose >= 0) {
        const auto rgb = static_cast<unsigned>(loose);
        return {art::Colour{static_cast<std::uint8_t>(rgb >> 16 & 255), static_cast<std::uint8_t>(rgb >> 8 & 255), static_cast<std::uint8_t>(rgb & 255)}, {}};
    }
    const art::Ink* ink = inkInHand(bench);
    return ink ? art::paintOf(bench.document(), {ink->id, bench.setting(settings::inkTint)}) : art::Paint{};
}

void takeInk(Canvas& canvas, art::InkUse use)
{
    canvas.setSetting(settings::looseColour, noColour);
    canvas.setSetting(settings::ink, static_cast<double>(use.ink));
    canvas.setSetting(settings::inkTint, use.tint);
    canvas.update();
}

void takeLooseColour(Canvas& canvas, art::Colour c)
{
    canvas.setSetting(settings::looseColour, static_cast<double>(c.r << 16 | c.g << 8 | c.b));
    canvas.update();
}

art::Part whereInHand(Bench& bench)
{
    return static_cast<art::Part>(bench.setting(settings::paintWhere));
}

QString paintName(const art::Document& d, const art::Paint& paint)
{
    if (!paint.colour) return QObject::tr("nothing");
    const art::Ink* ink = d.ink(paint.ink.ink);
    if (!ink) return QString::fromStdString(art::text(*paint.colour));
    const QString name = QString::fromStdString(ink->name);
    if (paint.ink.tint == 0) return name;
    return QString("%1, %2 %3").arg(name).arg(std::abs(paint.ink.tint)).arg(paint.ink.tint > 0 ? QObject::tr("lighter") : QObject::tr("darker"));
}

} // namespace softrope::app
