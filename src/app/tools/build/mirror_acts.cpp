#include "app/tools/build/mirror_acts.h"

#include "app/services/acts.h"
#include "app/services/jobs.h"
#include "app/tools/place/place_acts.h"
#include "art/build.h"
#include "art/tree.h"
#include "mirror/mirror.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

void toggleMirror(Bench& bench)
{
    const art::Id layer = layerForWork(bench);
    const art::Layer* l = bench.document().layer(layer);
    if (!l) return;
    if (l->mirror) {
        bench.session().lastAxes[layer] = *l->mirror;
        bench.session().take(art::withMirror(bench.document(), layer, std::nullopt), tr("Mirror off"));
        bench.say(tr("The mirror is off; what was drawn stays as it is."));
        return;
    }
    // The axis it had last, else the sheet's middle; a line becomes one only when asked to (`pickedLineAsAxis`).
    mirror::Axis axis{{bench.document().sheet.width / 2, bench.document().sheet.height / 2}, curve::pi / 2};
    if (const auto last = bench.session().lastAxes.find(layer); last != bench.session().lastAxes.end()) axis = last->second;
    bench.session().take(art::withMirror(bench.document(), layer, axis), tr("Mirror on"));
    bench.say(tr("What lies on this layer shows on both sides of the axis until you weld it."));
}

bool pickedLineAsAxis(Bench& bench)
{
    const art::Id layer = layerForWork(bench);
    if (layer == 0) return false;
    const auto& items = bench.selection().items;
    const art::Item* i = items.size() == 1 ? bench.document().item(items.front()) : nullptr;
    const curve::Path* p = i && i->artwork() && i->artwork()->paths.size() == 1 ? &i->artwork()->paths->front() : nullptr;
    if (!p || p->nodes.size() != 2 || p->closed || !curve::isStraight(p->piece(0)) || p->nodes[0].at == p->nodes[1].at) {
        bench.say(tr("Pick one straight line first."));
        return false;
    }
    const mirror::Axis axis{p->nodes[0].at, mirror::lineAngle(curve::angleOf(p->nodes[1].at - p->nodes[0].at))};
    bench.session().take(art::withMirror(bench.document(), layer, axis), tr("Make it the axis"));
    bench.say(tr("The layer is mirrored at this line."));
    return true;
}

void findAxisInBackground(QObject* owner, Bench& bench)
{
    const art::Id layer = layerForWork(bench);
    if (layer == 0) return;
    std::optional<art::Reference> reference;
    if (const art::Item* i = referenceInHand(bench.document(), bench.selection())) reference = *i->reference();
    curve::Paths lines;
    art::eachArtwork(bench.document(), art::seen,
                     [&](const art::Item&, const art::Artwork& w, const art::Where&) { lines.insert(lines.end(), w.paths->begin(), w.paths->end()); });
    const bool fromPicture = reference.has_value();
    bench.say(tr("Looking for the axis…"));
    bench.session().jobs().run<std::vector<mirror::FoundAxis>>(
        Lane::working, owner,
        [reference, lines, shelf = &bench.session().pictures()](const Progress& p) {
            const auto picture = reference ? shelf->wait(*reference) : nullptr;
            std::vector<mirror::FoundAxis> found;
            if (picture) found = art::axesOf(*picture, art::placement(*reference), [&p] { return p.cancelled(); });
            return found.empty() ? art::axesOf(lines) : found;
        },
        [&bench, layer, fromPicture](const std::optional<std::vector<mirror::FoundAxis>>& done) {
            if (!done) return;
            const QString where = fromPicture ? tr("the picture") : tr("the lines");
            if (done->empty()) {
                bench.say(tr("There is nothing in %1 to find an axis in.").arg(where));
                return;
            }
            bench.session().axisChoice = Session::AxisChoice{layer, *done, std::nullopt, bench.document()};
            if (done->front().confidence >= mirror::leastConfidence) {
                takeNextAxis(bench, 1);
            } else {
                bench.say(tr("No axis was found in %1 (best guess %2 %; Tab takes it).").arg(where).arg(std::lround(100 * done->front().confidence)));
                bench.update();
            }
        });
}

namespace {

QString howFound(mirror::FoundAs as)
{
    switch (as) {
    case mirror::FoundAs::drawnLine: return tr("by a straight drawn for it");
    case mirror::FoundAs::openEnds: return tr("by ends in a row");
    case mirror::FoundAs::symmetry: break;
    }
    return tr("by two halves alike");
}

} // namespace

bool takeNextAxis(Bench& bench, int by)
{
    auto& choice = bench.session().axisChoice;
    if (!choice) return false;
    const std::size_t n = choice->found.size();
    if (!(bench.document() == choice->after) || (choice->taken && n < 2)) {
        if (!(bench.document() == choice->after)) choice.reset();
        return false;
    }
    choice->taken = choice->taken ? (*choice->taken + n + static_cast<std::size_t>(by > 0 ? 1 : n - 1)) % n : 0;
    const mirror::FoundAxis& f = choice->found[*choice->taken];
    bench.session().take(art::withMirror(bench.document(), choice->layer, f.axis), tr("Find axis"), QString("find axis %1").arg(choice->layer));
    choice->after = bench.document();
    bench.say(
        tr("Axis found %1: %2°, %3 % sure.").arg(howFound(f.as)).arg(std::abs(curve::degrees(f.axis.angle)), 0, 'f', 1).arg(std::lround(100 * f.confidence)) +
        (n > 1 ? QStringLiteral(" ") + tr("Tab shows the next, %1 of %2.").arg(*choice->taken + 1).arg(n) : QString()));
    return true;
}

bool turnSeamOver(Bench& bench, curve::Vec2 at)
{
    const double reach = bench.setting(settings::weldReach);
    auto& chosen = bench.session().seams;
    for (const art::LayerPtr& l : bench.document().layers) {
        if (!l->mirror || !l->shown || std::abs(mirror::offsetFrom(*l->mirror, at)) > bench.px(8)) continue;
        for (const mirror::Seam& s : art::seamsOf(bench.document(), l->id, reach, chosen)) {
            if (distance(s.at, at) > bench.px(8)) continue;
            chosen.erase(std::remove_if(chosen.begin(), chosen.end(), [&](const mirror::Seam& c) { return distance(c.at, s.at) <= reach; }), chosen.end());
            chosen.push_back({s.at, !s.smooth});
            bench.say(s.smooth ? tr("The weld leaves a corner at this seam.") : tr("The weld makes this seam smooth."));
            bench.update();
            return true;
        }
    }
    return false;
}

std::optional<Canvas::Foreseen> weldForeseen(Bench& bench)
{
    constexpr std::size_t most = 5000; // nodes: more are welded only when it is asked for
    const art::Id layer = bench.selection().layer;
    const art::Layer* l = bench.document().layer(layer);
    std::size_t nodes = 0, lines = 0;
    for (const art::ItemPtr& i : l ? l->items : std::vector<art::ItemPtr>{}) nodes += art::nodeCount(*i);
    if (!l || !l->mirror || l->locked || nodes > most) return std::nullopt;
    const art::Welded w = art::withWeld(bench.document(), layer, bench.setting(settings::weldReach), bench.session().seams);
    if (w.why != art::Refusal::none) return std::nullopt;
    Canvas::Foreseen out;
    art::Document only;
    only.layers = {art::shared(*l)};
    art::eachArtwork(only, {true, true, false, false}, [&](const art::Item&, const art::Artwork& a, const art::Where&) { lines += a.paths->size(); });
    only.layers = {art::shared(*w.document.layer(layer))};
    art::eachArtwork(only, {true, true, false, false}, [&](const art::Item&, const art::Artwork& a, const art::Where&) {
        out.outlines.insert(out.outlines.end(), a.paths->begin(), a.paths->end());
    });
    out.words = tr("%1 + %1 halves → %n line(s), %2 of %3 seams smooth", nullptr, static_cast<int>(out.outlines.size())).arg(lines).arg(w.smooth).arg(w.seams);
    return out;
}

void weldLayer(Bench& bench, Acts& acts)
{
    const art::Id layer = layerForWork(bench);
    const art::Layer* l = bench.document().layer(layer);
    if (!l) return;
    if (!l->mirror) {
        bench.say(tr("This layer has no mirror to weld at. M puts one on."));
        return;
    }
    std::vector<art::Id> all;
    for (const art::ItemPtr& i : l->items) all.push_back(i->id);
    acts.run(tr("Weld halves"), nodesOf(bench.document(), all),
             [layer, reach = bench.setting(settings::weldReach), choices = bench.session().seams](const art::Document& d, const art::Selection& picked) {
                 const art::Welded w = art::withWeld(d, layer, reach, choices);
                 art::Selection s = picked;
                 s.items.clear();
                 s.nodes.clear();
                 return Outcome{w.document, s,
                                tr("%n seam(s) welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.", nullptr, static_cast<int>(w.seams))
                                        .arg(w.smooth)
                                        .arg(w.copied) +
                                    (w.axisLines > 0 ? QStringLiteral(" ") + tr("The line drawn as the axis is left out.") : QString())};
             });
}

} // namespace softrope::app
