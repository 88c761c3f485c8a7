// The commands of the Build step.
#include "app/tools/build/mirror_acts.h"
#include "app/window/window.h"
#include "art/build.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

void Window::combinePicked(planar::Operation operation, const QString& name)
{
    const bool live = canvas_->setting(settings::combineLive);
    acts_.run(name, nodesOf(session_.document(), session_.selection().items), [operation, live, name](const art::Document& d, const art::Selection& picked) {
        const art::CombinedShapes c = art::withCombined(d, picked.items, operation, live);
        if (c.document == d) return Outcome{{}, {}, tr("Pick two or more shapes first.")};
        art::Selection s = picked;
        s.items = c.item ? std::vector<art::Id>{c.item} : std::vector<art::Id>{};
        const art::Item* i = c.document.item(c.item);
        if (!i || i->artwork()->paths.empty()) return Outcome{c.document, s, tr("Nothing is left of these shapes. Ctrl+Z brings them back.")};
        return Outcome{c.document, s,
                       tr("%1: %2 nodes%3. Ctrl+Z takes it apart.").arg(name).arg(curve::nodeCount(i->artwork()->paths)).arg(live ? tr(", live") : QString())};
    });
}

void Window::splitPicked()
{
    acts_.run(tr("Split"), nodesOf(session_.document(), session_.selection().items), [](const art::Document& d, const art::Selection& picked) {
        art::Taken t{d, {}};
        if (picked.items.size() == 1) t = art::withOutlinesApart(d, picked.items.front());
        if (t.items.empty()) t = art::withSplit(d, picked.items);
        if (t.items.empty()) return Outcome{{}, {}, tr("There is nothing to split: pick shapes that overlap, or one with holes.")};
        art::Selection s = picked;
        s.items = t.items;
        return Outcome{t.document, s, tr("Split into %1 shapes. Ctrl+Z puts them together.").arg(t.items.size())};
    });
}

void Window::takeAreas()
{
    acts_.run(tr("Areas under lines"), art::nodeCount(session_.document()), [map = areas_.map()](const art::Document& d, const art::Selection&) {
        if (map->areas().empty()) return Outcome{{}, {}, tr("No area is closed. Ends that nearly meet close within the gap tolerance.")};
        return Outcome{art::withAreasUnderLines(d, *map).document,
                       {},
                       tr("%1 areas lie on \"Colour areas\" under the lines; %2 gaps closed, %3 slivers absorbed (Ctrl+. shows them). Ctrl+Z takes them away.")
                           .arg(map->areas().size())
                           .arg(map->bridges().size())
                           .arg(map->slivers().size())};
    });
}

void Window::showNextGap()
{
    std::vector<curve::Vec2> places;
    for (const planar::Bridge& b : areas_.map()->bridges()) places.push_back(0.5 * (b.from + b.to));
    for (const int f : areas_.map()->slivers()) places.push_back(areas_.map()->faces()[static_cast<std::size_t>(f)].box.centre());
    if (places.empty()) {
        say(tr("No gap was closed and no sliver absorbed."));
        return;
    }
    View v = canvas_->view();
    v.centre = places[nextGap_++ % places.size()];
    v.zoom = std::max(v.zoom, 6.0);
    canvas_->setView(v);
}

void Window::makeBuildCommands()
{
    const auto add = [this](const char* id, const QString& name, const char* keys, Group group, std::function<void()> act, std::function<bool()> can = {}) {
        commands_.add({id, name, keys, group, std::move(act), std::move(can)});
    };
    const auto picked = [this] { return !session_.selection().items.empty(); };
    const auto several = [this] { return session_.selection().items.size() > 1; };
    using enum Group;
    add(
        "union", tr("Union"), "Shift+U", area, [this] { combinePicked(planar::Operation::unite, tr("Union")); }, several);
    add(
        "difference", tr("Difference: the lowest without the others"), "Shift+D", area,
        [this] { combinePicked(planar::Operation::difference, tr("Difference")); }, several);
    add(
        "intersection", tr("Intersection"), "Shift+N", area, [this] { combinePicked(planar::Operation::intersection, tr("Intersection")); }, several);
    add(
        "exclude", tr("Exclusion"), "Shift+K", area, [this] { combinePicked(planar::Operation::exclude, tr("Exclusion")); }, several);
    add(
        "split", tr("Split apart"), "Shift+S", area, [this] { splitPicked(); }, picked);
    add(
        "set-shape", tr("Set live shapes"), "Ctrl+Alt+F", area,
        [this] { takePicked(tr("Set shape"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withSet(d, items); }); }, picked);
    add(
        "take-apart", tr("Take a live shape apart"), "Ctrl+Alt+D", area,
        [this] {
            art::Document d = session_.document();
            std::vector<art::Id> parts;
            for (const art::Id id : session_.selection().items) {
                const art::Taken t = art::withTakenApart(d, id);
                d = t.document;
                parts.insert(parts.end(), t.items.begin(), t.items.end());
            }
            if (parts.empty()) {
                say(tr("This shape is not live: it has no parts."));
                return;
            }
            art::Selection s = session_.selection();
            s.items = parts;
            session_.take(d, s, tr("Take apart"));
        },
        picked);
    add("areas-under-lines", tr("Grey areas under the lines"), "Shift+B", area, [this] { areas_.whenReady([this] { takeAreas(); }); });
    add("next-gap", tr("Show the next gap or sliver"), "Ctrl+.", area, [this] { areas_.whenReady([this] { showNextGap(); }); });
    add(
        "offset", tr("Offset"), "Shift+O", area,
        [this] {
            const double by = canvas_->setting(settings::offsetBy);
            const bool mitred = canvas_->setting(settings::offsetMitred);
            acts_.run(tr("Offset"), nodesOf(session_.document(), session_.selection().items), [by, mitred](art::Document d, const art::Selection& before) {
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

    add("show-areas", tr("Show the areas, or hide them"), "Ctrl+Shift+A", Group::view, [this] {
        areasShown_ = !areasShown_;
        sight_->setAreasShown(areasShown_);
        canvas_->update();
    });
    add("mirror", tr("Mirror the layer drawn on"), "M", sheet, [this] { toggleMirror(*canvas_); });
    add("find-axis", tr("Find the axis of the picture"), "Shift+M", sheet, [this] { findAxisInBackground(this, *canvas_); });
    add("make-axis", tr("Make the picked line the axis"), "Ctrl+Shift+M", sheet, [this] { pickedLineAsAxis(*canvas_); });
    add("weld", tr("Weld the mirrored halves"), "Shift+W", sheet, [this] { weldLayer(*canvas_, acts_); });
    add(
        "copy-across", tr("Mirrored copy across the axis"), "Ctrl+M", edit,
        [this] {
            const art::Layer* l = session_.document().layer(session_.selection().layer);
            mirror::Axis axis{{session_.document().sheet.width / 2, session_.document().sheet.height / 2}, curve::pi / 2};
            if (l && l->mirror) axis = *l->mirror;
            const art::Taken t = art::withMirroredCopies(session_.document(), session_.selection().items, axis);
            art::Selection s = session_.selection();
            s.items = t.items;
            session_.take(t.document, s, tr("Mirrored copy"));
        },
        picked);
    add(
        "repeat", tr("Do the last move, size or turn again"), "Ctrl+Shift+R", edit,
        [this] {
            if (!session_.repeat) {
                say(tr("Nothing was moved, sized or turned yet."));
                return;
            }
            art::Document d = session_.document();
            art::Selection s = session_.selection();
            if (session_.repeat->copies) {
                const art::Taken c = art::withCopies(d, s.items);
                d = c.document;
                s.items = c.items;
            }
            session_.take(art::transformed(d, s.items, session_.repeat->by), s, session_.repeat->copies ? tr("Duplicate again") : tr("Move again"));
        },
        picked);
    add(
        "repeat-copy", tr("The same again with a copy"), "Ctrl+Shift+D", edit,
        [this] {
            if (!session_.repeat) {
                say(tr("Nothing was moved, sized or turned yet."));
                return;
            }
            const art::Taken c = art::withCopies(session_.document(), session_.selection().items);
            art::Selection s = session_.selection();
            s.items = c.items;
            session_.take(art::transformed(c.document, c.items, session_.repeat->by), s, tr("Duplicate again"));
        },
        picked);
    add(
        "spread-across", tr("Even spaces across"), "Ctrl+Alt+Shift+A", line,
        [this] {
            takePicked(tr("Even spaces"),
                       [](const art::Document& d, const std::vector<art::Id>& items) { return art::distributed(d, items, art::Along::across); });
        },
        several);
    add(
        "spread-down", tr("Even spaces down"), "Ctrl+Alt+Shift+S", line,
        [this] {
            takePicked(tr("Even spaces"),
                       [](const art::Document& d, const std::vector<art::Id>& items) { return art::distributed(d, items, art::Along::down); });
        },
        several);
    add(
        "guides-only", tr("Make guides of what is picked, or lines again"), "Ctrl+Alt+L", line,
        [this] {
            takePicked(tr("Guides"), [](const art::Document& d, const std::vector<art::Id>& items) {
                return art::withItemsChanged(d, items, [](art::Item& i) {
                    if (art::Artwork* a = std::get_if<art::Artwork>(&i.is)) a->guide = !a->guide;
                });
            });
        },
        picked);
}

} // namespace softrope::app
