#include "app/tools/colour/ink_hand.h"

#include "app/canvas/canvas.h"

#include <cmath>

namespace softrope::app {

const art::Ink* inkInHand(Bench& bench)
{
    const art::Document& d = bench.document();
    const Session::InkInHand& hand = bench.session().inkInHand;
    if (hand.loose) return nullptr;
    if (const art::Ink* ink = d.ink(hand.use.ink)) return ink;
    return d.inks.empty() ? nullptr : &d.inks.front();
}

art::Paint paintInHand(Bench& bench)
{
    const Session::InkInHand& hand = bench.session().inkInHand;
    if (hand.loose) return {*hand.loose, {}};
    const art::Ink* ink = inkInHand(bench);
    return ink ? art::paintOf(bench.document(), {ink->id, hand.use.tint}) : art::Paint{};
}

void takeInk(Canvas& canvas, art::InkUse use)
{
    canvas.session().inkInHand = {use, std::nullopt};
    canvas.update();
}

void takeLooseColour(Canvas& canvas, art::Colour c)
{
    canvas.session().inkInHand.loose = c;
    canvas.update();
}

art::Part whereInHand(Bench& bench)
{
    return static_cast<art::Part>(bench.setting(settings::paintWhere));
}

QString paintName(const art::Document& d, const art::Paint& paint)
{
    if (!paint.colour) return tr("nothing");
    const art::Ink* ink = d.ink(paint.ink.ink);
    if (!ink) return QString::fromStdString(art::text(*paint.colour));
    const QString name = QString::fromStdString(ink->name);
    if (paint.ink.tint == 0) return name;
    return QString("%1, %2 %3").arg(name).arg(std::abs(paint.ink.tint)).arg(paint.ink.tint > 0 ? tr("lighter") : tr("darker"));
}

} // namespace softrope::app
