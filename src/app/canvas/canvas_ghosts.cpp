// What the canvas shows of things that are no artwork yet: guides, the other half of mirrored layers, their axis.
#include "app/canvas/axis_marks.h"
#include "app/canvas/canvas.h"
#include "art/build.h"
#include "mirror/mirror.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace softrope::app {

namespace {

curve::Paths keptSides(const curve::Paths& paths, const mirror::Axis& axis)
{
    curve::Paths out;
    for (const curve::Path& p : paths)
        for (curve::Path& part : mirror::keptSide(p, axis, 0)) out.push_back(std::move(part));
    return out;
}

} // namespace

// Lines that serve others only, and the other half of mirrored layers while they are not welded.
void Canvas::paintGhosts(Marks& m)
{
    const bool solid = view_.show == Show::alone || view_.peekArtwork;
    const curve::Box seen = paneBox();
    if (const auto& choice = session_.axisChoice; choice && !solid && session_.document() == choice->after)
        for (std::size_t i = 0; i < choice->found.size(); ++i)
            if (choice->taken != i) paintLikelyAxis(m, session_.document(), choice->found[i]);
    std::unordered_map<art::Id, const art::Item*> inHand;
    for (const art::ItemPtr& i : held_) inHand[i->id] = i.get();
    for (const art::LayerPtr& l : session_.document().layers) {
        if (!l->shown) continue;
        if (const auto guides = gathered().guides.find(l->id); guides != gathered().guides.end())
            for (const art::Item* i : guides->second) {
                const auto held = inHand.empty() ? inHand.end() : inHand.find(i->id);
                const art::Item* now = held == inHand.end() ? i : held->second;
                const art::Artwork* a = now->artwork();
                if (!a || !a->guide || !art::bounds(*now).meets(seen)) continue;
                m.line(a->paths, marks().guide, 1.25, Qt::DashLine);
            }
        if (!l->mirror) continue;
        art::Document only;
        only.layers = {l};
        // The cached picture holds the ghost of what is in the document; what a tool holds, and what it is just drawing, follows
        // live.
        if (!solid && !carries_)
            for (const art::ItemPtr& i : held_)
                if (const art::Layer* on = session_.document().layerOf(i->id); i->artwork() && (on ? on == l.get() : session_.selection().layer == l->id))
                    m.line(mirror::mirrored(keptSides(i->artwork()->paths, *l->mirror), *l->mirror), marks().ghost,
                           std::clamp(i->artwork()->stroke.width * view_.zoom, 1.2, 4.5), Qt::DashLine);
        // Ends that the weld will put on the axis carry a half-bead, its flat side on the axis.
        const double reach = setting(settings::weldReach);
        const auto& seams = seamsOf(*l);
        if (!solid)
            art::eachArtwork(only, {false, true, false, false}, [&](const art::Item&, const art::Artwork& a, const art::Where&) {
                for (const curve::Path& p : a.paths) {
                    if (p.closed || p.nodes.size() < 2) continue;
                    for (const curve::Vec2 end : {p.nodes.front().at, p.nodes.back().at}) {
                        const double off = mirror::offsetFrom(*l->mirror, end);
                        if (std::abs(off) > reach) continue;
                        const QPointF c = m.at(mirror::footOn(*l->mirror, end)), u = m.at(mirror::footOn(*l->mirror, end) + mirror::along(*l->mirror)) - c;
                        const double turn = -curve::degrees(std::atan2(u.y(), u.x()));
                        QPainter& q = m.painter();
                        q.setPen(QPen(marks().halo, 2));
                        // Teal where the weld will run on smoothly.
                        const auto seam = std::find_if(seams.begin(), seams.end(), [&](const mirror::Seam& s) { return distance(s.at, end) <= 1.5 * reach; });
                        q.setBrush(seam != seams.end() && seam->smooth ? marks().geometry : marks().openEnd);
                        q.drawPie(QRectF(c.x() - 6, c.y() - 6, 12, 12), static_cast<int>((off > 0 ? turn + 180 : turn) * 16), 180 * 16);
                    }
                }
            });
        if (l->id == session_.selection().layer && !solid) paintAxis(m, session_.document(), *l->mirror);
    }
}

const Canvas::Gathered& Canvas::gathered()
{
    const auto& ids = session_.selection().items;
    if (gathered_.version == version_ && gathered_.ids == ids) return gathered_;
    const art::Document& d = session_.document();
    gathered_.picked = art::itemsOf(d, ids);
    gathered_.around = {};
    for (const art::Item* i : gathered_.picked) gathered_.around.add(art::bounds(*i));
    gathered_.ids = ids;
    if (gathered_.version == version_) return gathered_;
    gathered_.version = version_;
    gathered_.layers = d.layers;
    gathered_.guides.clear();
    for (const art::LayerPtr& l : d.layers) {
        art::Document only;
        only.layers = {l};
        art::eachArtwork(only, art::seen, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
            if (a.guide) gathered_.guides[l->id].push_back(&i);
        });
    }
    return gathered_;
}

const std::vector<mirror::Seam>& Canvas::seamsOf(const art::Layer& layer)
{
    constexpr std::size_t most = 5000; // nodes: larger layers are welded to see only when it is asked for
    if (seamsFor_ != version_ || seamsChosen_ != session_.seams) {
        seamsFor_ = version_;
        seamsChosen_ = session_.seams;
        seams_.clear();
    }
    const auto at = seams_.find(layer.id);
    if (at != seams_.end()) return at->second;
    std::size_t nodes = 0;
    for (const art::ItemPtr& i : layer.items) nodes += art::nodeCount(*i);
    return seams_[layer.id] =
               nodes > most ? std::vector<mirror::Seam>{} : art::seamsOf(session_.document(), layer.id, setting(settings::weldReach), session_.seams);
}

curve::Box Canvas::paneBox() const
{
    const QRectF pane = panes().back().rect;
    curve::Box b;
    for (const QPointF corner : {pane.topLeft(), pane.topRight(), pane.bottomRight(), pane.bottomLeft()}) b.add(view_.toSheet(pane, corner));
    return b;
}

} // namespace softrope::app
