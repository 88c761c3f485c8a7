// Looks on the card: which one shades get, the document's own by name, the one that is worn.
#include "art/looks.h"
#include "app/cards/sections.h"
#include "app/services/survey.h"
#include "app/tools/shade/shade_hand.h"
#include "app/widgets/widgets.h"
#include "art/tree.h"

#include <QLineEdit>
#include <QMenu>
#include <QWidgetAction>

#include <array>

namespace softrope::app {

namespace {

const art::Item* pickedShade(const Session& s)
{
    const art::Item* i = pickedLine(s);
    return i && s.document().parentOf(i->id) ? i : nullptr;
}

} // namespace

// Looks: which new shades get; picked ones are given it.
void lookChoice(Fields& f)
{
    CardDesk& at = f.at;
    std::vector<Option> options;
    constexpr std::array<const char*, looksToChoose> commands{nullptr, "look-shadow", "look-light", "look-rim"};
    for (int k = 0; k < looksToChoose; ++k)
        options.push_back({lookName(k), k == 0 ? tr("A light one on the lit side, a shadow on the far one") : tr("New shades, and those picked, wear it"),
                           commands[static_cast<std::size_t>(k)]});
    f.segments(
        tr("Look of shades"), options,
        [&at] {
            const art::Item* i = pickedShade(at.session);
            const art::NamedLook* worn = i ? at.session.document().look(i->look) : nullptr;
            if (worn)
                for (int k = 1; k < looksToChoose; ++k)
                    if (worn->name == lookName(k).toStdString()) return k;
            return i || at.session.shadeLook ? -1 : at.canvas.setting(settings::shadeLook);
        },
        [&at, commands](int k) {
            if (const char* command = commands[static_cast<std::size_t>(k)]) {
                at.run(command);
                return;
            }
            at.session.shadeLook = 0;
            at.canvas.setSetting(settings::shadeLook, k);
            at.refresh();
        });
}

// The document's own list of looks: each with its wearers, in hand by a click, changed once for all.
QVariantList looksKey(const art::Document& d)
{
    QVariantList key;
    for (const art::NamedLook& l : d.looks) key << qulonglong(l.id);
    return key;
}
void lookList(Fields& f)
{
    CardDesk& at = f.at;
    const art::Document& d = at.session.document();
    if (d.looks.empty()) return;
    f.note(tr("Looks of this piece"));
    for (const art::NamedLook& named : d.looks) {
        const art::Id id = named.id;
        auto* pill = new Pill({}, {}, {}, Pill::Kind::segment);
        pill->setCheckable(true);
        pill->setToolTip(tr("Click: worn by what is picked, else by new shades. Right click: more"));
        pill->setContextMenuPolicy(Qt::CustomContextMenu);
        f.add(pill);
        QObject::connect(pill, &QAbstractButton::clicked, [&at, id] {
            at.session.shadeLook = id;
            const auto items = at.session.selection().items;
            if (!items.empty()) {
                const art::Edited e = art::withLook(at.session.document(), items, id);
                if (e.done()) at.session.take(e.document, tr("Look"));
            }
            at.refresh();
        });
        QObject::connect(pill, &QWidget::customContextMenuRequested, [&at, id, pill](const QPoint& p) {
            QMenu menu;
            const art::NamedLook* look = at.session.document().look(id);
            if (!look) return;
            auto* name = new QLineEdit(QString::fromStdString(look->name), &menu);
            name->setToolTip(tr("What the look is called"));
            name->setAccessibleName(name->toolTip());
            auto* field = new QWidgetAction(&menu);
            field->setDefaultWidget(name);
            menu.addAction(field);
            QObject::connect(name, &QLineEdit::returnPressed, [&at, &menu, name, id] {
                const std::string wanted = name->text().trimmed().toStdString();
                menu.close();
                if (wanted.empty()) return;
                at.session.take(art::withLookChanged(at.session.document(), id, [&](art::NamedLook& l) { l.name = wanted; }), tr("Rename look"));
                at.refresh();
            });
            menu.addSeparator();
            menu.addAction(tr("Pick all that wear it"), [&at, id] { at.session.pickItems(art::wearersOf(at.session.document(), id)); });
            menu.addAction(tr("As the picked one is now"), [&at, id] {
                const auto items = at.session.selection().items;
                const art::Item* i = items.size() == 1 ? at.session.document().item(items.front()) : nullptr;
                if (!i) return;
                const art::Document changed = art::withLookChanged(at.session.document(), id, [&](art::NamedLook& l) {
                    if (l.blend) l.blend = i->blend;
                    if (l.opacity) l.opacity = i->opacity;
                    if (l.blur) l.blur = i->blur;
                    if (l.fill && i->artwork() && !i->artwork()->fill.gradient) l.fill = i->artwork()->fill;
                    if (l.line && i->artwork()) l.line = i->artwork()->stroke;
                });
                at.session.take(art::withLook(changed, items, id), tr("Change look"));
            });
            menu.addAction(tr("Drop it; what wears it keeps its looks"),
                           [&at, id] { at.session.take(art::withoutLook(at.session.document(), id), tr("Drop look")); });
            menu.exec(pill->mapToGlobal(p));
        });
        f.follow([&at, pill, id] {
            const art::NamedLook* l = at.session.document().look(id);
            if (!l) return;
            const int n = static_cast<int>(art::wearersOf(at.session.document(), id).size());
            pill->setText(tr("%1 · worn by %n shade(s)", nullptr, n).arg(QString::fromStdString(l->name)));
            pill->setAccessibleName(pill->text());
            const art::Item* one = pickedShade(at.session);
            pill->setChecked(one ? one->look == id : at.session.shadeLook == id);
        });
    }
}

void lookOfPicked(Fields& f)
{
    CardDesk& at = f.at;
    f.chips([&at] {
        const art::Item* i = pickedLine(at.session);
        const art::NamedLook* l = i ? at.session.document().look(i->look) : nullptr;
        return l ? tr("Wears %1; changed here, it lets go of it.").arg(QString::fromStdString(l->name)) : tr("Wears no look: it is its own.");
    });
    f.buttonRow({{{}, tr("Keep as a look"), tr("Its blend, opacity, blur and fill, by name"), "keep-look"},
                 {{}, tr("Let go"), tr("It keeps what it looks like, and no longer follows"), "let-look-go"}});
}

} // namespace softrope::app
