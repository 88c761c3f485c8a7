#include "app/tools/shade/shade_hand.h"

#include "art/tree.h"
#include "shade/side.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace softrope::app {

using curve::Vec2;

namespace {

bool isArea(const art::Item* i)
{
    const art::Artwork* a = i ? i->artwork() : nullptr;
    return a && !a->guide && std::any_of(a->paths->begin(), a->paths->end(), [](const curve::Path& p) { return p.closed; });
}

} // namespace

const art::Item* areaRound(const art::Document& d, art::Id item)
{
    const auto round = d.ancestorsOf(item);
    for (auto i = round.rbegin(); i != round.rend(); ++i)
        if ((*i)->artwork()) return *i;
    return nullptr;
}

std::vector<art::Id> areasInHand(Bench& bench)
{
    std::vector<art::Id> out;
    const art::Document& d = bench.document();
    for (const art::Id id : bench.selection().items) {
        const art::Item* i = d.item(id);
        if (const art::Item* round = areaRound(d, id)) i = round;
        if (isArea(i) && std::find(out.begin(), out.end(), i->id) == out.end()) out.push_back(i->id);
    }
    return out;
}

std::vector<art::Id> crescentsInHand(Bench& bench)
{
    std::vector<art::Id> out;
    for (const art::Id id : bench.selection().items)
        if (const art::Item* i = bench.document().item(id); i && i->artwork() && i->artwork()->crescent()) out.push_back(id);
    return out;
}

std::vector<art::Id> areasFor(Bench& bench, Vec2 at)
{
    const art::Document& d = bench.document();
    const std::vector<art::Id> inHand = areasInHand(bench);
    for (const art::Id id : inHand)
        if (art::bounds(*d.item(id)).grown(bench.px(12)).contains(at)) return inHand;
    art::ItemPtr hit = itemAt(d, at, bench.px(5));
    const art::Item* area = hit.get();
    while (area && !isArea(area)) area = areaRound(d, area->id);
    if (hit && hit->artwork())
        if (const art::Item* round = areaRound(d, hit->id)) area = round; // a shade: the area it is in
    if (!area) {
        bench.say(tr("There is no area here. Shades lie in closed shapes."));
        return {};
    }
    if (refused(bench, area->id)) return {};
    bench.session().pickItems({area->id});
    return {area->id};
}

QString lookName(int choice)
{
    if (choice <= 0 || choice >= looksToChoose) return tr("By its side");
    return QString::fromStdString(art::nameOf(art::readyLooks[static_cast<std::size_t>(choice - 1)]));
}

art::Added withLookInHand(Bench& bench, bool lit)
{
    if (const art::NamedLook* own = bench.document().look(bench.session().shadeLook)) return {bench.document(), own->id};
    const int choice = bench.setting(settings::shadeLook);
    const art::Ready look = choice > 0 ? art::readyLooks[static_cast<std::size_t>(choice - 1)] : lit ? art::Ready::rim : art::Ready::shadow;
    return art::withReadyLook(bench.document(), look);
}

bool shading(Bench& bench)
{
    return bench.session().shading;
}

bool& otherSide(Bench& bench)
{
    return bench.session().otherSide;
}

bool strokeIntoAreas(Bench& bench, const art::Document& without, const curve::Path& stroke, const QString& step)
{
    const std::vector<art::Id> areas = areasInHand(bench);
    if (!shading(bench) || areas.empty()) return false;
    const art::Added look = withLookInHand(bench, false);
    art::Document d = without;
    d.looks = look.document.looks;
    d.nextId = std::max(d.nextId, look.document.nextId);
    const art::Taken t = art::withStrokeInside(d, areas, stroke, otherSide(bench), look.id, tr("Shade").toStdString());
    otherSide(bench) = false;
    if (t.items.empty()) {
        bench.say(refusalText(t.why));
        return false;
    }
    art::Selection s = bench.selection();
    s.items = t.items;
    s.nodes.clear();
    bench.session().take(t.document, s, step);
    bench.say(tr("%n shade(s) inside. It stays in its area and can be edited beyond the border.", nullptr, static_cast<int>(t.items.size())));
    return true;
}

curve::Paths strokeForeseen(Bench& bench, const curve::Path& stroke)
{
    curve::Paths out;
    if (!shading(bench)) return out;
    for (const art::Id id : areasInHand(bench)) {
        const art::Artwork& a = *bench.document().item(id)->artwork();
        for (curve::Path& p : shade::cutOff({a.paths, a.fill.evenOdd}, stroke, otherSide(bench))) out.push_back(std::move(p));
    }
    return out;
}

QString wayText(double angle)
{
    const std::array<QString, 8> ways{tr("right"), tr("lower right"), tr("below"), tr("lower left"),
                                      tr("left"),  tr("upper left"),  tr("above"), tr("upper right")};
    const auto k = static_cast<int>(std::lround(angle / (curve::pi / 4)));
    return ways[static_cast<std::size_t>(((k % 8) + 8) % 8)];
}

long wayDegrees(double angle)
{
    const long d = std::lround(-curve::degrees(angle)) % 360;
    return d < 0 ? d + 360 : d;
}

} // namespace softrope::app
