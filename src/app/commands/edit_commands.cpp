// The commands of editing: steps, the clipboard, picking, groups and order, show and lock.
#include "app/commands/clipboard.h"
#include "app/commands/desk.h"
#include "app/commands/names.h"
#include "app/commands/part_acts.h"
#include "app/commands/search.h"
#include "app/commands/stage_acts.h"
#include "app/tools/build/mirror_acts.h"
#include "art/arrange.h"
#include "art/build.h"
#include "art/edits.h"
#include "art/inks.h"
#include "art/tree.h"

#include <algorithm>

namespace softrope::app {

namespace {

void deletePicked(CommandDesk& at)
{
    const auto items = at.session.selection().items;
    if (items.empty()) return;
    const art::Edited d = art::withoutItems(at.session.document(), items);
    if (!d.done()) {
        at.say(refusalText(d.why));
        return;
    }
    at.session.take(d, tr("Delete"));
    at.say(tr("Deleted %n things. Ctrl+Z brings them back.", nullptr, static_cast<int>(items.size())));
}

void groupPicked(CommandDesk& at)
{
    const art::Added a = art::withGroup(at.session.document(), at.session.selection().items);
    if (!a.id) {
        at.say(refusalText(a.why));
        return;
    }
    art::Selection s = at.session.selection();
    const std::size_t n = art::childrenOf(*a.document.item(a.id)).size();
    s.items = {a.id};
    s.nodes.clear();
    at.session.take(a.document, s, tr("Group"));
    at.say(tr("Grouped %1 things. A click picks the group, another one what is in it.").arg(n));
}

void ungroupPicked(CommandDesk& at)
{
    const art::Taken t = art::withoutGroups(at.session.document(), at.session.selection().items);
    if (t.items.empty()) {
        at.say(t.why == art::Refusal::doesNotFit ? tr("This is no group.") : refusalText(t.why));
        return;
    }
    art::Selection s = at.session.selection();
    s.items = t.items;
    s.nodes.clear();
    at.session.take(t.document, s, tr("Ungroup"));
}

// The others into the lowest of what is picked.
void putInside(CommandDesk& at)
{
    std::vector<art::Id> picked;
    for (const art::Item* i : art::itemsOf(at.session.document(), art::outermost(at.session.document(), at.session.selection().items))) picked.push_back(i->id);
    if (picked.size() < 2) {
        at.say(tr("Pick what goes inside, and the area or group it goes into."));
        return;
    }
    const art::Id into = picked.front();
    picked.erase(picked.begin());
    const art::Edited e = art::moved(at.session.document(), picked, {.layer = 0, .parent = into});
    if (!e.done()) {
        at.say(refusalText(e.why));
        return;
    }
    art::Selection s = at.session.selection();
    s.items = picked;
    at.session.take(e, s, tr("Put inside"));
    at.say(tr("Inside %1 now, and cut by it. Ctrl+Z takes it out.").arg(nameOf(*at.session.document().item(into))));
}

bool setTraits(CommandDesk& at, const art::Traits& traits, const QString& name)
{
    return takePicked(at, name, [traits](const art::Document& d, const std::vector<art::Id>& items) { return art::withTraits(d, items, traits); });
}

void pickAlike(CommandDesk& at, art::Alike in)
{
    const auto& items = at.session.selection().items;
    if (items.empty()) return;
    const auto all = art::alike(at.session.document(), items.front(), in);
    at.session.pickItems(all);
    at.say(all.size() == 1 ? tr("Nothing else is like it.") : tr("%1 are alike.").arg(all.size()));
}

} // namespace

void addEditCommands(CommandDesk& at)
{
    using enum Group;
    const auto picked = at.picked();
    const auto several = at.several();
    at.add(
        "undo", tr("Undo"), "Ctrl+Z", edit,
        [&at] {
            const QString name = QString::fromStdString(at.session.history().undoName());
            at.session.undo();
            at.say(tr("Took back: %1.").arg(name));
        },
        [&at] { return at.session.history().canUndo(); });
    at.add(
        "redo", tr("Redo"), "Ctrl+Shift+Z", edit, [&at] { at.session.redo(); }, [&at] { return at.session.history().canRedo(); });
    at.add("history", tr("History…"), "Ctrl+Alt+Z", edit, [&at] { at.files.history(); });
    at.add(
        "copy", tr("Copy"), "Ctrl+C", edit, [&at] { copyPicked(at); }, picked);
    at.add("paste", tr("Paste"), "Ctrl+V", edit, [&at] { pasteAnything(at); });
    at.add(
        "duplicate", tr("Duplicate"), "Ctrl+D", edit,
        [&at] {
            const art::Taken c = art::withCopies(at.session.document(), at.session.selection().items);
            art::Selection s = at.session.selection();
            s.items = c.items;
            at.session.take(art::transformed(c.document, c.items, curve::translation({12, 12})), s, tr("Duplicate"));
        },
        picked);
    at.add(
        "delete", tr("Delete"), "Del", edit, [&at] { deletePicked(at); }, picked);
    at.add("pick-all", tr("Pick everything"), "Ctrl+A", edit, [&at] {
        std::vector<art::Id> all;
        for (const art::LayerPtr& l : at.session.document().layers)
            if (l->shown && !l->locked)
                for (const art::ItemPtr& i : l->items)
                    if (i->shown && !i->locked) all.push_back(i->id);
        at.session.pickItems(all);
    });
    for (const int by : {1, -1})
        at.add(by > 0 ? "pick-next" : "pick-before", by > 0 ? tr("Pick the next thing") : tr("Pick the one before"), by > 0 ? "Tab" : "Shift+Tab", edit,
               [&at, by] {
                   if (takeNextAxis(at.canvas, by)) return;
                   std::vector<art::Id> all;
                   // Beside what is picked: in a group, its things.
                   const art::Item* in = at.session.selection().items.empty() ? nullptr : at.session.document().parentOf(at.session.selection().items.front());
                   art::eachItem(at.session.document(), {false, false, true, true}, [&](const art::Item& i, const art::Where& w) {
                       if (w.parent == in) all.push_back(i.id);
                   });
                   if (all.empty()) return;
                   const auto& now = at.session.selection().items;
                   const auto here = now.empty() ? all.end() : std::find(all.begin(), all.end(), now.front());
                   const auto n = static_cast<std::ptrdiff_t>(all.size());
                   const std::ptrdiff_t next = here == all.end() ? (by > 0 ? 0 : n - 1) : ((here - all.begin()) + by + n) % n;
                   at.session.pickItems({all[static_cast<std::size_t>(next)]});
               });
    at.add("find-command", tr("Find a command…"), "Ctrl+K", edit, [&at] {
        auto* p = new CommandSearch(at.commands, &at.window);
        p->setAttribute(Qt::WA_DeleteOnClose);
        p->move(at.window.mapToGlobal(QPoint((at.window.width() - p->width()) / 2, 70)));
        p->show();
    });
    at.add(
        "cut", tr("Cut"), "Ctrl+X", edit, [&at] { cutPicked(at); }, picked);
    at.add("paste-where-it-was", tr("Paste where it was"), "Ctrl+Shift+V", edit, [&at] {
        if (!pasteDrawing(at, true)) at.say(tr("There is nothing to paste: copy a drawing first."));
    });
    at.add(
        "group", tr("Group"), "Ctrl+G", edit, [&at] { groupPicked(at); }, picked);
    at.add(
        "ungroup", tr("Ungroup"), "Ctrl+Shift+G", edit, [&at] { ungroupPicked(at); }, picked);
    at.add(
        "put-inside", tr("Put inside the lowest of what is picked"), "Shift+I", edit, [&at] { putInside(at); }, several);
    at.add(
        "take-out", tr("Take out of what it lies in"), "Alt+Shift+I", edit,
        [&at] { takePicked(at, tr("Take out"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::movedOut(d, items); }); }, picked);
    struct Order {
        const char *id, *keys;
        QString name;
        art::Way way;
    };
    for (const Order& o : {Order{"forward", "Ctrl+]", tr("One step up in the order"), art::Way::up},
                           {"backward", "Ctrl+[", tr("One step down in the order"), art::Way::down},
                           {"to-top", "Ctrl+Shift+]", tr("All the way up"), art::Way::top},
                           {"to-bottom", "Ctrl+Shift+[", tr("All the way down"), art::Way::bottom}})
        at.add(
            o.id, o.name, o.keys, edit,
            [&at, name = o.name, way = o.way] {
                takePicked(at, name, [way](const art::Document& d, const std::vector<art::Id>& items) { return art::withOrder(d, items, way); });
            },
            picked);
    at.add(
        "lock-picked", tr("Lock what is picked"), "Alt+Shift+L", edit,
        [&at] {
            if (setTraits(at, {.locked = true}, tr("Lock"))) at.say(tr("Locked. The lock in its row, or Alt+Shift+U, frees it."));
        },
        picked);
    at.add(
        "unlock-picked", tr("Unlock what is picked"), "Alt+Shift+U", edit,
        [&at] {
            if (setTraits(at, {.locked = false}, tr("Unlock"))) at.say(tr("Unlocked."));
        },
        picked);
    at.add(
        "hide-picked", tr("Hide what is picked"), "Alt+Shift+H", edit,
        [&at] {
            if (!setTraits(at, {.shown = false}, tr("Hide"))) return;
            at.session.pickItems({});
            at.say(tr("Hidden. Its row in the layer list shows it again, or Ctrl+Alt+H everything."));
        },
        picked);
    at.add("show-all", tr("Show everything that is hidden"), "Ctrl+Alt+H", edit, [&at] {
        std::vector<art::Id> hidden;
        art::eachItem(at.session.document(), {true, false, false, true}, [&](const art::Item& i, const art::Where&) {
            if (!i.shown) hidden.push_back(i.id);
        });
        if (hidden.empty()) {
            at.say(tr("Nothing is hidden."));
            return;
        }
        at.session.take(art::withTraits(at.session.document(), hidden, {.shown = true}), tr("Show everything"));
    });
    at.add(
        "show-in-list", tr("Show what is picked in the layer list"), "Alt+L", edit, [&at] { at.parts.revealPicked(); }, picked);
    at.add(
        "set-parts", tr("Set: plain shapes from now on"), "Ctrl+Alt+Shift+F", edit,
        [&at] { takePicked(at, tr("Set"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withSet(d, items); }); }, picked);
    at.add("parts", tr("Parts"), "Alt+Shift+P", edit, [&at] { at.files.parts(); });
    at.add(
        "keep-part", tr("Keep what is picked as a part"), "Alt+Shift+N", edit, [&at] { at.files.keepPart(); }, picked);
    at.add(
        "update-use", tr("Update from part"), "Alt+Shift+R", edit, [&at] { updateUses(at.acts, at.canvas, false); }, picked);
    at.add(
        "update-uses", tr("Update all uses of this part"), "Alt+Shift+E", edit, [&at] { updateUses(at.acts, at.canvas, true); }, picked);
    at.add(
        "give-part", tr("Update the part from here"), "Alt+Shift+X", edit, [&at] { giveToPart(at.canvas); }, picked);
    at.add("keep-stage", tr("Keep a stage"), "Alt+Shift+T", edit, [&at] { keepStage(at.canvas); });
    at.add("stages", tr("Stages"), "Alt+Shift+W", edit, [&at] { at.files.stages(); });
    at.add("compare-stage", tr("Compare with the last stage"), "Alt+Shift+B", edit, [&at] { compareLastStage(at.canvas); });
    at.add(
        "copy-across", tr("Mirrored copy across the axis"), "Ctrl+M", edit,
        [&at] {
            const art::Layer* l = at.session.document().layer(at.session.selection().layer);
            mirror::Axis axis{{at.session.document().sheet.width / 2, at.session.document().sheet.height / 2}, curve::pi / 2};
            if (l && l->mirror) axis = *l->mirror;
            const art::Taken t = art::withMirroredCopies(at.session.document(), at.session.selection().items, axis);
            art::Selection s = at.session.selection();
            s.items = t.items;
            at.session.take(t.document, s, tr("Mirrored copy"));
        },
        picked);
    at.add(
        "repeat", tr("Do the last move, size or turn again"), "Ctrl+Shift+R", edit,
        [&at] {
            if (!at.session.repeat) {
                at.say(tr("Nothing was moved, sized or turned yet."));
                return;
            }
            art::Document d = at.session.document();
            art::Selection s = at.session.selection();
            if (at.session.repeat->copies) {
                const art::Taken c = art::withCopies(d, s.items);
                d = c.document;
                s.items = c.items;
            }
            at.session.take(art::transformed(d, s.items, at.session.repeat->by), s, at.session.repeat->copies ? tr("Duplicate again") : tr("Move again"));
        },
        picked);
    at.add(
        "repeat-copy", tr("The same again with a copy"), "Ctrl+Shift+D", edit,
        [&at] {
            if (!at.session.repeat) {
                at.say(tr("Nothing was moved, sized or turned yet."));
                return;
            }
            const art::Taken c = art::withCopies(at.session.document(), at.session.selection().items);
            art::Selection s = at.session.selection();
            s.items = c.items;
            at.session.take(art::transformed(c.document, c.items, at.session.repeat->by), s, tr("Duplicate again"));
        },
        picked);
    at.add(
        "alike-fill", tr("Pick all with the same fill"), "Shift+G", edit, [&at] { pickAlike(at, art::Alike::fill); }, picked);
    at.add(
        "alike-line", tr("Pick all with the same line colour"), "Alt+Shift+G", edit, [&at] { pickAlike(at, art::Alike::line); }, picked);
    at.add(
        "alike-weight", tr("Pick all with the same weight"), "Alt+G", edit, [&at] { pickAlike(at, art::Alike::weight); }, picked);
}

} // namespace softrope::app
