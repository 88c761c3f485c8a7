#include "app/tool.h"

namespace softrope::app {

using curve::Vec2;

art::Snap Bench::snap(const Pointer& p, std::vector<art::Id> without)
{
    if (p.control() || !snapping()) return {p.sheet, art::SnapReason::none, 0};
    art::SnapRequest r;
    r.point = p.sheet;
    r.reach = px(curve::snapReach);
    r.without = std::move(without);
    return art::snapped(document(), r);
}

art::ItemPtr itemAt(const art::Document& d, Vec2 p, double reach)
{
    for (auto l = d.layers.rbegin(); l != d.layers.rend(); ++l) {
        if (!(*l)->shown) continue;
        for (auto i = (*l)->items.rbegin(); i != (*l)->items.rend(); ++i) {
            if (!art::bounds(**i).grown(reach).contains(p)) continue;
            if (const art::Reference* r = (*i)->reference()) {
                const auto back = curve::inverse(art::placement(*r));
                if (back && art::shownPart(*r).contains(*back * p)) return *i;
                continue;
            }
            const art::Artwork& a = *(*i)->artwork();
            const double half = a.stroke.colour ? a.stroke.width / 2 : 0;
            for (const curve::Path& path : a.paths)
                if (const auto n = curve::nearest(path, p); n && n->distance <= std::max(reach, half)) return *i;
            if (a.fill.colour && painterPath(a.paths, {}).contains(toQt(p))) return *i;
        }
    }
    return nullptr;
}

art::Id layerForWork(Bench& bench)
{
    const art::Layer* l = bench.document().layer(bench.selection().layer);
    if (!l) return 0;
    if (l->locked) {
        bench.clicksLocked(*l);
        return 0;
    }
    if (!l->shown) {
        bench.say(QString("%1 is hidden. Show it to draw on it.").arg(QString::fromStdString(l->name)));
        return 0;
    }
    return l->id;
}

QString pxText(double v)
{
    return (std::abs(v) < 9.95 ? QString::number(v, 'f', 1) : QString::number(v, 'f', 0)) + " px";
}

} // namespace softrope::app
