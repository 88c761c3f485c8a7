#include "app/services/far_off.h"

#include "app/services/in_hand.h"
#include "curve/comb.h"
#include "curve/samples.h"
#include "curve/stray.h"
#include "trace/rope.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

using curve::Vec2;

// Against what the hand drew: each sample's distance, at its nearest place.
FarOff::Measured FarOff::againstHand(const art::Artwork& a)
{
    Measured out;
    std::vector<Vec2> hand;
    const std::size_t stride = std::max<std::size_t>(1, a.hand()->samples.size() / 4000);
    for (std::size_t i = 0; i < a.hand()->samples.size(); i += stride) hand.push_back(a.hand()->samples[i].at);
    for (const curve::Place& p : curve::placesAlong(hand, a.paths.front(), a.hand()->slack))
        if (std::isfinite(p.distance)) out.spots.push_back({p.point, p.distance});
    return out;
}

// Against the picture: each place's distance from the edge the rope would settle on from there.
FarOff::Measured FarOff::againstEdges(const art::Artwork& a, const art::Reference& r, const pixel::Picture& picture,
                                      std::shared_ptr<const trace::EdgeMap> edges, const Progress& progress)
{
    Measured out;
    if (!edges) {
        trace::EdgeMapOptions o;
        o.cancelled = [&progress] { return progress.cancelled(); };
        edges = trace::edgeMap(picture, o);
    }
    out.edges = edges;
    if (!edges) return out;
    const curve::Affine toSheet = art::placement(r), back = inverse(toSheet).value_or(curve::Affine{});
    for (const curve::Path& path : a.paths) {
        const std::vector<Vec2> line = curve::evenly(flatten(transformed(path, back), 0.1), false, 1).points;
        if (line.size() < 3) continue;
        const std::vector<trace::RopePoint> at = trace::settled(*edges, line, {}, false);
        for (std::size_t i = 0; i < line.size(); ++i)
            out.spots.push_back({toSheet * line[i], at[i].strength < 0.12 ? -1 : distance(line[i], at[i].at) * curve::meanScale(toSheet)});
    }
    return out;
}

FarOff::FarOff(Session& session, QObject* parent) : QObject(parent), session_(session), measuring_(session.jobs(), this)
{
    connect(&session_, &Session::documentChanged, this, [this] { refresh(); });
    connect(&session_, &Session::selectionChanged, this, [this] { refresh(); });
    connect(&session_.pictures(), &PictureStore::ready, this, [this] {
        if (spots_.empty()) refresh();
    });
}

void FarOff::next()
{
    const bool farOff = shown_, comb = comb_;
    if (!farOff && !comb)
        show(true);
    else if (farOff)
        showComb(true);
    else
        showComb(false);
}

void FarOff::showComb(bool on)
{
    if (shown_) show(false);
    comb_ = on;
    refresh();
    emit changed();
}

void FarOff::show(bool on)
{
    comb_ = false;
    shown_ = on;
    spots_.clear();
    refresh();
    if (on && spots_.empty() && !working()) emit said(tr("Pick one line that was drawn by hand, or that lies on a picture, to see how far off it is."));
    emit changed();
}

std::optional<FarOff::Spot> FarOff::worst() const
{
    const auto i = std::max_element(spots_.begin(), spots_.end(), [](const Spot& a, const Spot& b) { return a.off < b.off; });
    if (i == spots_.end() || i->off < 0) return std::nullopt;
    return *i;
}

void FarOff::refresh()
{
    inflections_.clear();
    if (!shown_ && !comb_) return;
    const auto& picked = session_.selection().items;
    const art::ItemPtr item = picked.size() == 1 ? session_.document().itemPtr(picked.front()) : nullptr;
    const art::Artwork* a = item ? item->artwork() : nullptr;
    if (comb_ && a)
        for (const curve::Path& p : a->paths) {
            const auto turns = curve::inflectionsOf(p);
            inflections_.insert(inflections_.end(), turns.begin(), turns.end());
        }
    if (!shown_) return;
    if (!a || a->paths.empty()) {
        measuring_.drop();
        spots_.clear();
        emit changed();
        return;
    }
    const art::Item* under = a->hand() ? nullptr : referenceInHand(session_.document(), session_.selection(), curve::bounds(a->paths).centre());
    std::shared_ptr<const pixel::Picture> picture;
    art::Reference reference;
    if (under && under->reference()) {
        reference = *under->reference();
        picture = session_.pictures().exact(reference);
    }
    if (!a->hand() && !picture) {
        spots_.clear();
        emit changed();
        return;
    }
    limit_ = a->hand() ? std::max(0.1, a->hand()->slack) : 1.5 * curve::meanScale(art::placement(reference));
    against_ = a->hand() ? tr("from what was drawn") : tr("from the edge");
    if (picture != picture_) edges_.reset();
    picture_ = picture;
    measuring_.want(
        {item, picture},
        [item, reference, picture, edges = edges_](const Progress& p) {
            const art::Artwork& work = *item->artwork();
            return work.hand() ? againstHand(work) : againstEdges(work, reference, *picture, edges, p);
        },
        [this](Measured m) {
            if (m.edges) edges_ = m.edges;
            spots_ = shown_ ? std::move(m.spots) : std::vector<Spot>{};
            emit changed();
        });
}

} // namespace softrope::app
