// The commands of areas: combining, splitting, areas under lines, offset, facets and meshes, drops.
#include "app/commands/desk.h"
#include "app/tools/colour/ink_hand.h"
#include "app/tools/tone/tone_tools.h"
#include "art/areas.h"
#include "art/build.h"
#include "art/facets.h"
#include "art/inks.h"
#include "art/tree.h"

#include <algorithm>
#include <memory>

namespace softrope::app {

namespace {

void combinePicked(CommandDesk& at, planar::Operation operation, const QString& name)
{
    const bool live = at.canvas.setting(settings::combineLive);
    at.acts.run(name, nodesOf(at.session.document(), at.session.selection().items),
                [operation, live, name](const art::Document& d, const art::Selection& picked) {
                    const art::CombinedShapes c = art::withCombined(d, picked.items, operation, live);
                    if (c.document == d) return Outcome{{}, {}, tr("Pick two or more shapes first.")};
                    art::Selection s = picked;
                    s.items = c.item ? std::vector<art::Id>{c.item} : std::vector<art::Id>{};
                    const art::Item* i = c.document.item(c.item);
                    if (!i || i->artwork()->paths.empty()) return Outcome{c.document, s, tr("Nothing is left of these shapes. Ctrl+Z brings them back.")};
                    return Outcome{
                        c.document, s,
                        tr("%1: %2 nodes%3. Ctrl+Z takes it apart.").arg(name).arg(curve::nodeCount(i->artwork()->paths)).arg(live ? tr(", live") : QString())};
                });
}

void splitPicked(CommandDesk& at)
{
    at.acts.run(tr("Split"), nodesOf(at.session.document(), at.session.selection().items), [](const art::Document& d, const art::Selection& picked) {
        art::Taken t{d, {}};
        if (picked.items.size() == 1) t = art::withOutlinesApart(d, picked.items.front());
        if (t.items.empty()) t = art::withSplit(d, picked.items);
        if (t.items.empty()) return Outcome{{}, {}, tr("There is nothing to split: pick shapes that overlap, or one with holes.")};
        art::Selection s = picked;
        s.items = t.items;
        return Outcome{t.document, s, tr("Split into %1 shapes. Ctrl+Z puts them together.").arg(t.items.size())};
    });
}

void takeAreas(CommandDesk& at)
{
    at.acts.run(tr("Areas under lines"), art::nodeCount(at.session.document()), [map = at.areas.map()](const art::Document& d, const art::Selection&) {
        if (map->areas().empty()) return Outcome{{}, {}, tr("No area is closed. Ends that nearly meet close within the gap tolerance.")};
        return Outcome{art::withAreasUnderLines(d, *map).document,
                       {},
                       tr("%1 areas lie on \"Colour areas\" under the lines; %2 gaps closed, %3 slivers absorbed (Ctrl+. shows them). Ctrl+Z takes them away.")
                           .arg(map->areas().size())
                           .arg(map->bridges().size())
                           .arg(map->slivers().size())};
    });
}

void closeWiderGaps(CommandDesk& at)
{
    const auto& wider = at.areas.wider();
    if (wider.empty()) {
        at.canvas.say(tr("No gap up to 20 px would close another area."));
        return;
    }
    int more = 0;
    for (const Areas::Wider& w : wider) more += w.gap.areas;
    const double width = wider.back().gap.gap;
    at.areas.takeWider(wider.size() - 1);
    at.canvas.say(tr("Gaps up to %1 count as closed: %n more area(s).", nullptr, more).arg(pxText(width)));
}

void showNextGap(CommandDesk& at, std::size_t& next)
{
    std::vector<curve::Vec2> places;
    for (const planar::Bridge& b : at.areas.map()->bridges()) places.push_back(0.5 * (b.from + b.to));
    for (const int f : at.areas.map()->slivers()) places.push_back(at.areas.map()->faces()[static_cast<std::size_t>(f)].box.centre());
    if (places.empty()) {
        at.say(tr("No gap was closed and no sliver absorbed."));
        return;
    }
    at.show(places[next++ % places.size()], 6);
}

void cutFacets(CommandDesk& at)
{
    const art::Document& d = at.session.document();
    const int pieces = at.canvas.setting(settings::facetPieces);
    const auto& items = at.session.selection().items;
    const art::Item* shape = items.size() == 1 ? d.item(items.front()) : nullptr;
    const bool closed = shape && shape->artwork() && !shape->artwork()->paths.empty() && shape->artwork()->paths.front().closed;
    const art::Item* now = piecesInHand(d, at.session.selection());
    if (closed && !(now && d.parentOf(shape->id) == now)) {
        tone::FacetPlan plan;
        plan.outline = shape->artwork()->paths;
        plan.chords = tone::proposeChords(plan.outline, pieces, plan.seed);
        const art::Ink* ink = inkInHand(at.canvas);
        const art::Id named = shape->artwork()->fill.ink.ink ? shape->artwork()->fill.ink.ink : shape->artwork()->fill.colour || !ink ? 0 : ink->id;
        const art::Added a = art::withFacets(d, shape->id, plan, named);
        if (!a.id) return;
        art::Selection s = at.session.selection();
        s.items = {a.id};
        s.nodes.clear();
        const std::size_t n = a.document.item(a.id)->group()->items.size();
        at.session.take(a.document, s, tr("Facets"));
        at.setStep(StepId::tone);
        at.canvas.takeTool("facets");
        at.say(tr("Cut into %1 pieces. Drag from corner to corner for more. Ctrl+Z takes them away.").arg(n));
        return;
    }
    if (now && now->group()->facets()) {
        tone::FacetPlan plan = now->group()->facets()->plan;
        plan.chords = tone::proposeChords(plan.outline, std::max(2, static_cast<int>(now->group()->items.size())), ++plan.seed);
        plan.held.clear();
        at.session.take(art::withFacetPlan(d, now->id, plan), tr("Propose cuts"));
        return;
    }
    at.say(tr("Pick a closed outline first."));
}

void meshPicture(CommandDesk& at)
{
    const art::Item* i = at.tones.picture();
    if (!i || at.busy()) {
        at.say(i ? tr("Other work is under way.") : tr("There is no picture to lay pieces over."));
        return;
    }
    struct Result {
        tone::Mesh mesh;
    };
    tone::MeshOptions o;
    o.count = at.canvas.setting(settings::meshPieces);
    o.detail = at.canvas.setting(settings::meshDetail);
    const int colour = at.canvas.setting(settings::meshColour);
    o.colour = colour == 1 ? tone::PieceColour::median : tone::PieceColour::mean;
    const Progress progress;
    at.begin(tr("Laying pieces"), progress);
    at.session.jobs().run<Result>(
        Lane::working, &at.window,
        [shelf = &at.session.pictures(), r = *i->reference(), o](const Progress& p) mutable {
            const auto picture = shelf->wait(r);
            if (!picture) return Result{};
            o.cancelled = [&p] { return p.cancelled(); };
            o.progress = [&p](double v) { p.share->store(v); };
            const art::ShownPixels part = art::shownPixels(picture, r);
            return Result{art::transformed(tone::meshOf(*part.pixels, o), art::placement(r) * curve::translation(part.offset))};
        },
        [&at, colour](const std::optional<Result>& done) {
            at.end();
            const Result r = done.value_or(Result{});
            if (r.mesh.faces.empty()) {
                at.say(tr("Stopped. No pieces were made."));
                return;
            }
            const art::Item* on = at.tones.picture();
            // Over the picture, and over its tones.
            const art::Item* under = at.tones.item() ? at.tones.item() : on;
            const art::Layer* above = under ? at.session.document().layerOf(under->id) : nullptr;
            const art::Added a = art::withMesh(at.session.document(), r.mesh, at.canvas.setting(settings::meshGap), colour == 2, above ? above->id : 0);
            art::Selection s = at.session.selection();
            s.items = {a.id};
            at.session.take(a.document, s, tr("Pieces"));
            at.canvas.takeTool("facets");
            at.say(tr("%1 pieces. Drag corners, split and merge. Ctrl+Z takes them away.").arg(r.mesh.faces.size()));
        },
        Jobs::For::thisPiece, progress);
}

} // namespace

void addAreaCommands(CommandDesk& at)
{
    using enum Group;
    const auto picked = at.picked();
    const auto several = at.several();
    at.add(
        "take-parts", tr("Take into the live shape"), "Ctrl+Alt+U", area,
        [&at] {
            const std::vector<art::Id> items = at.session.selection().items;
            // Into the lowest live one that is picked.
            art::Id into = 0;
            art::eachArtwork(at.session.document(), {}, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
                if (into == 0 && a.combined() && std::find(items.begin(), items.end(), i.id) != items.end()) into = i.id;
            });
            if (into == 0) {
                at.say(tr("Pick a live shape with what it is to take in."));
                return;
            }
            art::Selection s = at.session.selection();
            s.items = {into};
            s.nodes.clear();
            const art::Edited e = art::withPartsTaken(at.session.document(), into, items);
            if (!e.done()) {
                at.say(refusalText(e.why));
                return;
            }
            at.session.take(e.document, s, tr("Take into the live shape"));
            at.say(tr("%n shape(s) taken in as parts.", nullptr, static_cast<int>(items.size()) - 1));
        },
        several);
    at.add(
        "union", tr("Union"), "Shift+U", area, [&at] { combinePicked(at, planar::Operation::unite, tr("Union")); }, several);
    at.add(
        "difference", tr("Difference: the lowest without the others"), "Shift+D", area,
        [&at] { combinePicked(at, planar::Operation::difference, tr("Difference")); }, several);
    at.add(
        "intersection", tr("Intersection"), "Shift+N", area, [&at] { combinePicked(at, planar::Operation::intersection, tr("Intersection")); }, several);
    at.add(
        "exclude", tr("Exclusion"), "Shift+K", area, [&at] { combinePicked(at, planar::Operation::exclude, tr("Exclusion")); }, several);
    at.add(
        "split", tr("Split apart"), "Shift+S", area, [&at] { splitPicked(at); }, picked);
    at.add(
        "set-shape", tr("Set live shapes"), "Ctrl+Alt+F", area,
        [&at] { takePicked(at, tr("Set shape"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withSet(d, items); }); }, picked);
    at.add(
        "take-apart", tr("Take a live shape apart"), "Ctrl+Alt+D", area,
        [&at] {
            art::Document d = at.session.document();
            std::vector<art::Id> parts;
            for (const art::Id id : at.session.selection().items) {
                const art::Taken t = art::withTakenApart(d, id);
                d = t.document;
                parts.insert(parts.end(), t.items.begin(), t.items.end());
            }
            if (parts.empty()) {
                at.say(tr("This shape is not live: it has no parts."));
                return;
            }
            art::Selection s = at.session.selection();
            s.items = parts;
            at.session.take(d, s, tr("Take apart"));
        },
        picked);
    at.add("close-wider-gaps", tr("Close gaps that make areas"), "Ctrl+Alt+B", area, [&at] { at.areas.whenWiderKnown([&at] { closeWiderGaps(at); }); });
    at.add("areas-under-lines", tr("Grey areas under the lines"), "Shift+B", area, [&at] { at.areas.whenReady([&at] { takeAreas(at); }); });
    at.add("next-gap", tr("Show the next gap or sliver"), "Ctrl+.", area,
           [&at, next = std::make_shared<std::size_t>(0)] { at.areas.whenReady([&at, next] { showNextGap(at, *next); }); });
    at.add(
        "offset", tr("Offset"), "Shift+O", area,
        [&at] {
            const double by = at.canvas.setting(settings::offsetBy);
            const bool mitred = at.canvas.setting(settings::offsetMitred);
            at.acts.run(tr("Offset"), nodesOf(at.session.document(), at.session.selection().items),
                        [by, mitred](art::Document d, const art::Selection& before) {
                            std::vector<art::Id> made;
                            for (const art::Id id : before.items) {
                                const art::Added a = art::withOffset(d, id, by, mitred);
                                d = a.document;
                                if (a.id) made.push_back(a.id);
                            }
                            if (made.empty()) return Outcome{{}, {}, tr("Nothing is left at that distance.")};
                            art::Selection s = before;
                            s.items = made;
                            return Outcome{d, s, {}};
                        });
        },
        picked);
    at.add("facets-outline", tr("Cut the picked outline into facets"), "Ctrl+Alt+F2", area, [&at] { cutFacets(at); });
    at.add("facets-shuffle", tr("Shuffle facets"), "Ctrl+Alt+F3", area, [&at] {
        const art::Item* i = piecesInHand(at.session.document(), at.session.selection());
        if (!i || !i->group()->facets()) {
            at.say(tr("There are no facets of an outline."));
            return;
        }
        at.session.take(art::withFacetsShuffled(at.session.document(), i->id, i->group()->facets()->plan.seed + 1), tr("Shuffle facets"));
    });
    at.add("facets-picture", tr("Lay a mesh of pieces over the picture"), "Ctrl+Alt+F4", area, [&at] { meshPicture(at); });
    at.add(
        "set-drops", tr("Set colour drops"), "Ctrl+Alt+F5", area,
        [&at] { takePicked(at, tr("Set drops"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withSet(d, items); }); }, picked);
    at.add(
        "swap-paint", tr("Swap fill and line"), "Shift+Y", area,
        [&at] { takePicked(at, tr("Swap paint"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withPaintsSwapped(d, items); }); },
        picked);
}

} // namespace softrope::app
