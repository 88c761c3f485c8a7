#include "app/commands/short_menus.h"

#include "app/commands/desk.h"
#include "app/commands/names.h"
#include "art/arrange.h"
#include "art/edits.h"
#include "art/tree.h"

#include <QMenu>

#include <algorithm>

namespace softrope::app {

namespace {

void offer(CommandDesk& at, QMenu& menu, const QString& id, const QString& words = {})
{
    if (const Command* found = at.commands.find(id)) {
        const Command& c = *found;
        const QString keys = at.commands.keysOf(c);
        QAction* a = menu.addAction(words.isEmpty() ? c.name : words, [&at, id] { at.commands.run(id); });
        if (!keys.isEmpty()) a->setText(a->text() + '\t' + keys);
        a->setObjectName(id);
        a->setEnabled(!c.can || c.can());
    }
}

// What applies to what is picked, nine lines at most.
void fillMenu(CommandDesk& at, QMenu& menu)
{
    const art::Document& d = at.session.document();
    const auto& items = at.session.selection().items;
    const art::Item* one = onlyPicked(at.session);
    const bool live = one && ((one->artwork() && !std::holds_alternative<std::monostate>(*one->artwork()->live) && !one->artwork()->hand()) ||
                              (one->group() && (one->group()->derived() || one->group()->repeat())));
    if (items.size() > 1)
        offer(at, menu, "group");
    else if (live)
        offer(at, menu, "set-parts");
    else if (one && one->group())
        offer(at, menu, "ungroup");
    offer(at, menu, "forward");
    offer(at, menu, "backward");
    if (items.size() > 1) offer(at, menu, "put-inside");
    if (one && d.parentOf(one->id)) offer(at, menu, "take-out");
    offer(at, menu, "duplicate");
    const bool locked = art::refusalOf(d, items) == art::Refusal::locked;
    offer(at, menu, locked ? "unlock-picked" : "lock-picked");
    offer(at, menu, "hide-picked");
    offer(at, menu, "delete");
}

void deleteLayer(CommandDesk& at, art::Id layer)
{
    const art::Layer* l = at.session.document().layer(layer);
    if (!l) return;
    const QString name = QString::fromStdString(l->name);
    const art::Edited e = art::withoutLayer(at.session.document(), layer);
    if (e.done()) {
        at.session.take(e, tr("Delete layer"));
        at.say(tr("Deleted %1. Ctrl+Z brings it back.").arg(name));
    } else if (e.why == art::Refusal::locked) {
        at.canvas.clicksLocked(layer);
    } else {
        at.say(tr("The last layer stays."));
    }
}

} // namespace

void benchMenu(CommandDesk& at, const QPoint& global, curve::Vec2 place)
{
    const art::Document& d = at.session.document();
    const std::vector<art::ItemPtr> there = art::thingsAt(d, place, at.canvas.px(6));
    QMenu menu(&at.window);
    menu.setObjectName("bench-menu");
    if (there.empty()) {
        at.session.pickItems({});
        offer(at, menu, "paste");
        offer(at, menu, "paste-where-it-was");
        offer(at, menu, "pick-all");
        offer(at, menu, "show-all");
        offer(at, menu, "whole-sheet");
        menu.exec(global);
        return;
    }
    std::vector<art::Id> round{there.front()->id};
    for (const art::Item* i : d.ancestorsOf(there.front()->id)) round.push_back(i->id);
    const auto& picked = at.session.selection().items;
    if (std::none_of(round.begin(), round.end(), [&](art::Id id) { return std::find(picked.begin(), picked.end(), id) != picked.end(); }))
        at.session.pickItems({art::pickedBy(d, there.front()->id, {})});
    // What lies under the pointer, by name, topmost first.
    QMenu* under = menu.addMenu(tr("Pick under the pointer"));
    under->setObjectName("pick-under");
    for (std::size_t k = 0; k < std::min<std::size_t>(there.size(), 12); ++k) {
        const art::Layer* l = d.layerOf(there[k]->id);
        under->addAction(tr("%1 · %2").arg(nameOf(*there[k]), l ? QString::fromStdString(l->name) : QString()),
                         [&at, id = there[k]->id] { at.session.pickItems({id}); });
    }
    fillMenu(at, menu);
    menu.exec(global);
}

void rowMenu(CommandDesk& at, const QPoint& global, art::Id layer, const std::function<void()>& rename)
{
    QMenu menu(&at.window);
    menu.setObjectName("row-menu");
    menu.addAction(tr("Rename") + "\tF2", rename);
    if (!layer) {
        fillMenu(at, menu);
        menu.exec(global);
        return;
    }
    offer(at, menu, "add-layer");
    offer(at, menu, "layer-up");
    offer(at, menu, "layer-down");
    QMenu* opacity = menu.addMenu(tr("Opacity"));
    for (const int percent : {100, 75, 50, 25})
        opacity->addAction(QString("%1 %").arg(percent), [&at, layer, percent] {
            at.session.take(art::withLayer(at.session.document(), layer, [percent](art::Layer& l) { l.opacity = percent / 100.0; }), tr("Layer opacity"));
        });
    menu.addSeparator();
    menu.addAction(tr("Delete layer"), [&at, layer] { deleteLayer(at, layer); })->setObjectName("delete-layer");
    menu.exec(global);
}

} // namespace softrope::app
