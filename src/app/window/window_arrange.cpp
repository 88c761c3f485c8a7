// Arranging: groups, order, what lies in what, show and lock of things, the clipboard within and between drawings, and the short
// menus of the bench and the list.
#include "app/window/window.h"
#include "art/arrange.h"
#include "art/edits.h"
#include "art/tree.h"
#include "files/svg.h"

#include <QApplication>
#include <QClipboard>
#include <QMenu>
#include <QMimeData>

#include <algorithm>

namespace softrope::app {

namespace {

const art::Item* onlyPicked(const Session& s)
{
    return s.selection().items.size() == 1 ? s.document().item(s.selection().items.front()) : nullptr;
}

QString nameOf(const art::Item& i)
{
    return i.name.empty() ? QObject::tr("Without a name") : QString::fromStdString(i.name);
}

} // namespace

// -- groups and order ---------------------------------------------------------------------------------------------------------------

void Window::groupPicked()
{
    const art::Added a = art::withGroup(session_.document(), session_.selection().items);
    if (!a.id) {
        say(refusalText(a.why));
        return;
    }
    art::Selection s = session_.selection();
    const std::size_t n = art::childrenOf(*a.document.item(a.id)).size();
    s.items = {a.id};
    s.nodes.clear();
    session_.take(a.document, s, tr("Group"));
    say(tr("Grouped %1 things. A click picks the group, another one what is in it.").arg(n));
}

void Window::ungroupPicked()
{
    const art::Taken t = art::withoutGroups(session_.document(), session_.selection().items);
    if (t.items.empty()) {
        say(t.why == art::Refusal::doesNotFit ? tr("This is no group.") : refusalText(t.why));
        return;
    }
    art::Selection s = session_.selection();
    s.items = t.items;
    s.nodes.clear();
    session_.take(t.document, s, tr("Ungroup"));
}

// The others into the lowest of what is picked.
void Window::putInside()
{
    std::vector<art::Id> picked;
    for (const art::Item* i : art::itemsOf(session_.document(), art::outermost(session_.document(), session_.selection().items))) picked.push_back(i->id);
    if (picked.size() < 2) {
        say(tr("Pick what goes inside, and the area or group it goes into."));
        return;
    }
    const art::Id into = picked.front();
    picked.erase(picked.begin());
    const art::Edited e = art::moved(session_.document(), picked, {.layer = 0, .parent = into});
    if (!e.done()) {
        say(refusalText(e.why));
        return;
    }
    art::Selection s = session_.selection();
    s.items = picked;
    session_.take(e, s, tr("Put inside"));
    say(tr("Inside %1 now, and cut by it. Ctrl+Z takes it out.").arg(nameOf(*session_.document().item(into))));
}

bool Window::setTraits(const art::Traits& traits, const QString& name)
{
    return takePicked(name, [traits](const art::Document& d, const std::vector<art::Id>& items) { return art::withTraits(d, items, traits); });
}

namespace {

// Written only when somebody pastes: copying costs nothing, however large the pictures in it are.
class Fragment : public QMimeData {
public:
    explicit Fragment(art::Document d) : d_(std::move(d)) {}
    QStringList formats() const override { return {svgType}; }
    bool hasFormat(const QString& type) const override { return type == svgType; }

protected:
    QVariant retrieveData(const QString& type, QMetaType) const override
    {
        if (type != svgType) return {};
        if (text_.isEmpty()) {
            const std::string svg = files::writeWorkingSvg(d_);
            text_ = QByteArray(svg.data(), static_cast<qsizetype>(svg.size()));
        }
        return text_;
    }

private:
    static constexpr auto svgType = "image/svg+xml";
    art::Document d_;
    mutable QByteArray text_;
};

} // namespace

// -- clipboard ------------------------------------------------------------------------------------------------------------------------

void Window::copyPicked()
{
    const art::Document fragment = art::fragmentOf(session_.document(), session_.selection().items);
    if (fragment.layers.empty()) {
        say(refusalText(art::Refusal::nothingPicked));
        return;
    }
    QApplication::clipboard()->setMimeData(new Fragment(fragment));
    say(tr("Copied."));
}

void Window::cutPicked()
{
    const art::Edited e = art::withoutItems(session_.document(), session_.selection().items);
    if (!e.done()) {
        say(refusalText(e.why));
        return;
    }
    copyPicked();
    session_.take(e, tr("Cut"));
    say(tr("Cut. Ctrl+V puts it down again, Ctrl+Shift+V where it was."));
}

bool Window::pasteDrawing(bool whereItWas)
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    if (!mime || !mime->hasFormat("image/svg+xml")) return false;
    const QByteArray svg = mime->data("image/svg+xml");
    const files::SvgResult r = files::readSvg(std::string_view(svg.constData(), static_cast<std::size_t>(svg.size())));
    if (!r.ok()) return false;
    // Beside what is picked, where that lies in a group or an area; else on the layer drawn on.
    art::Target to{session_.selection().layer};
    if (const art::Item* i = onlyPicked(session_))
        if (const art::Item* parent = session_.document().parentOf(i->id); parent && !(parent->group() && parent->group()->derived()))
            to = {.layer = 0, .parent = parent->id};
    const art::Taken t = art::withPasted(session_.document(), r.document, to);
    if (t.items.empty()) {
        say(t.why == art::Refusal::locked ? tr("Nothing could be pasted: the layer is locked.") : refusalText(t.why));
        return true;
    }
    art::Selection s = session_.selection();
    s.items = t.items;
    s.nodes.clear();
    session_.take(whereItWas ? t.document : art::transformed(t.document, t.items, curve::translation({12, 12})).document, s,
                  whereItWas ? tr("Paste where it was") : tr("Paste"));
    return true;
}

// -- menus ----------------------------------------------------------------------------------------------------------------------------

void Window::offer(QMenu& menu, const QString& id, const QString& words)
{
    if (const Command* found = commands_.find(id)) {
        const Command& c = *found;
        const QString keys = commands_.keysOf(c);
        QAction* a = menu.addAction(words.isEmpty() ? c.name : words, this, [this, id] { run(id); });
        if (!keys.isEmpty()) a->setText(a->text() + '\t' + keys);
        a->setObjectName(id);
        a->setEnabled(!c.can || c.can());
    }
}

// What applies to what is picked, nine lines at most.
void Window::fillMenu(QMenu& menu)
{
    const art::Document& d = session_.document();
    const auto& items = session_.selection().items;
    const art::Item* one = onlyPicked(session_);
    const bool live = one && ((one->artwork() && !std::holds_alternative<std::monostate>(*one->artwork()->live) && !one->artwork()->hand()) ||
                              (one->group() && one->group()->derived()));
    if (items.size() > 1)
        offer(menu, "group");
    else if (live)
        offer(menu, "set-parts");
    else if (one && one->group())
        offer(menu, "ungroup");
    offer(menu, "forward");
    offer(menu, "backward");
    if (items.size() > 1) offer(menu, "put-inside");
    if (one && d.parentOf(one->id)) offer(menu, "take-out");
    offer(menu, "duplicate");
    const bool locked = art::refusalOf(d, items) == art::Refusal::locked;
    offer(menu, locked ? "unlock-picked" : "lock-picked");
    offer(menu, "hide-picked");
    offer(menu, "delete");
}

void Window::benchMenu(const QPoint& global, curve::Vec2 at)
{
    const art::Document& d = session_.document();
    const std::vector<art::ItemPtr> there = art::thingsAt(d, at, canvas_->px(6));
    QMenu menu(this);
    menu.setObjectName("bench-menu");
    if (there.empty()) {
        session_.pickItems({});
        offer(menu, "paste");
        offer(menu, "paste-where-it-was");
        offer(menu, "pick-all");
        offer(menu, "show-all");
        offer(menu, "whole-sheet");
        menu.exec(global);
        return;
    }
    std::vector<art::Id> round{there.front()->id};
    for (const art::Item* i : d.ancestorsOf(there.front()->id)) round.push_back(i->id);
    const auto& picked = session_.selection().items;
    if (std::none_of(round.begin(), round.end(), [&](art::Id id) { return std::find(picked.begin(), picked.end(), id) != picked.end(); }))
        session_.pickItems({art::pickedBy(d, there.front()->id, {})});
    // What lies under the pointer, by name, topmost first.
    QMenu* under = menu.addMenu(tr("Pick under the pointer"));
    under->setObjectName("pick-under");
    for (std::size_t k = 0; k < std::min<std::size_t>(there.size(), 12); ++k) {
        const art::Layer* l = d.layerOf(there[k]->id);
        under->addAction(tr("%1 · %2").arg(nameOf(*there[k]), l ? QString::fromStdString(l->name) : QString()), this,
                         [this, id = there[k]->id] { session_.pickItems({id}); });
    }
    fillMenu(menu);
    menu.exec(global);
}

void Window::rowMenu(const QPoint& global, art::Id layer)
{
    QMenu menu(this);
    menu.setObjectName("row-menu");
    menu.addAction(tr("Rename") + "\tF2", this, [this] { layers_->tree().edit(layers_->tree().currentIndex()); });
    if (!layer) {
        fillMenu(menu);
        menu.exec(global);
        return;
    }
    offer(menu, "add-layer");
    offer(menu, "layer-up");
    offer(menu, "layer-down");
    QMenu* opacity = menu.addMenu(tr("Opacity"));
    for (const int percent : {100, 75, 50, 25})
        opacity->addAction(QString("%1 %").arg(percent), this, [this, layer, percent] {
            session_.take(art::withLayer(session_.document(), layer, [percent](art::Layer& l) { l.opacity = percent / 100.0; }), tr("Layer opacity"));
        });
    menu.addSeparator();
    menu.addAction(tr("Delete layer"), this, [this, layer] { deleteLayer(layer); })->setObjectName("delete-layer");
    menu.exec(global);
}

void Window::deleteLayer(art::Id layer)
{
    const art::Layer* l = session_.document().layer(layer);
    if (!l) return;
    const QString name = QString::fromStdString(l->name);
    const art::Edited e = art::withoutLayer(session_.document(), layer);
    if (e.done()) {
        session_.take(e, tr("Delete layer"));
        say(tr("Deleted %1. Ctrl+Z brings it back.").arg(name));
    } else if (e.why == art::Refusal::locked) {
        canvas_->clicksLocked(layer);
    } else {
        say(tr("The last layer stays."));
    }
}

// -- commands -------------------------------------------------------------------------------------------------------------------------

void Window::makeArrangeCommands()
{
    const auto add = [this](const char* id, const QString& name, const char* keys, Group group, std::function<void()> act, std::function<bool()> can = {}) {
        commands_.add({id, name, keys, group, std::move(act), std::move(can)});
    };
    const auto picked = [this] { return !session_.selection().items.empty(); };
    const auto several = [this] { return session_.selection().items.size() > 1; };
    using enum Group;
    add(
        "cut", tr("Cut"), "Ctrl+X", edit, [this] { cutPicked(); }, picked);
    add("paste-where-it-was", tr("Paste where it was"), "Ctrl+Shift+V", edit, [this] {
        if (!pasteDrawing(true)) say(tr("There is nothing to paste: copy a drawing first."));
    });
    add(
        "group", tr("Group"), "Ctrl+G", edit, [this] { groupPicked(); }, picked);
    add(
        "ungroup", tr("Ungroup"), "Ctrl+Shift+G", edit, [this] { ungroupPicked(); }, picked);
    add(
        "put-inside", tr("Put inside the lowest of what is picked"), "Shift+I", edit, [this] { putInside(); }, several);
    add(
        "take-out", tr("Take out of what it lies in"), "Alt+Shift+I", edit,
        [this] { takePicked(tr("Take out"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::movedOut(d, items); }); }, picked);
    struct Order {
        const char *id, *keys;
        QString name;
        art::Way way;
    };
    for (const Order& o : {Order{"forward", "Ctrl+]", tr("One step up in the order"), art::Way::up},
                           {"backward", "Ctrl+[", tr("One step down in the order"), art::Way::down},
                           {"to-top", "Ctrl+Shift+]", tr("All the way up"), art::Way::top},
                           {"to-bottom", "Ctrl+Shift+[", tr("All the way down"), art::Way::bottom}})
        add(
            o.id, o.name, o.keys, edit,
            [this, name = o.name, way = o.way] {
                takePicked(name, [way](const art::Document& d, const std::vector<art::Id>& items) { return art::withOrder(d, items, way); });
            },
            picked);
    add(
        "lock-picked", tr("Lock what is picked"), "Alt+Shift+L", edit,
        [this] {
            if (setTraits({.locked = true}, tr("Lock"))) say(tr("Locked. The lock in its row, or Alt+Shift+U, frees it."));
        },
        picked);
    add(
        "unlock-picked", tr("Unlock what is picked"), "Alt+Shift+U", edit,
        [this] {
            if (setTraits({.locked = false}, tr("Unlock"))) say(tr("Unlocked."));
        },
        picked);
    add(
        "hide-picked", tr("Hide what is picked"), "Alt+Shift+H", edit,
        [this] {
            if (!setTraits({.shown = false}, tr("Hide"))) return;
            session_.pickItems({});
            say(tr("Hidden. Its row in the layer list shows it again, or Ctrl+Alt+H everything."));
        },
        picked);
    add("show-all", tr("Show everything that is hidden"), "Ctrl+Alt+H", edit, [this] {
        std::vector<art::Id> hidden;
        art::eachItem(session_.document(), {true, false, false, true}, [&](const art::Item& i, const art::Where&) {
            if (!i.shown) hidden.push_back(i.id);
        });
        if (hidden.empty()) {
            say(tr("Nothing is hidden."));
            return;
        }
        session_.take(art::withTraits(session_.document(), hidden, {.shown = true}), tr("Show everything"));
    });
    add(
        "show-in-list", tr("Show what is picked in the layer list"), "Alt+L", edit, [this] { layers_->tree().reveal(session_.selection().items); }, picked);
    add(
        "set-parts", tr("Set: plain shapes from now on"), "Ctrl+Alt+Shift+F", edit,
        [this] { takePicked(tr("Set"), [](const art::Document& d, const std::vector<art::Id>& items) { return art::withSet(d, items); }); }, picked);
}

} // namespace softrope::app
