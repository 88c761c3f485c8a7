// What Build does with a picked shape.
#include "app/cards/sections.h"

#include "art/build.h"
#include "art/combine.h"

#include <algorithm>

namespace softrope::app {

void shapeSection(Fields& f, art::Id id)
{
    CardDesk& at = f.at;
    const art::Item* item = at.session.document().item(id);
    f.rule();
    // Size and turn, typed.
    auto* w = new NumberField(0.01, 1e5, 2);
    auto* h = new NumberField(0.01, 1e5, 2);
    for (NumberField* field : {w, h}) field->setFixedWidth(70);
    f.row(tr("Size"), w, h);
    auto* turn = new NumberField(-360, 360, 2, "°");
    turn->setFixedWidth(84);
    f.row(tr("Turn by"), turn);
    const auto resize = [&at, id](double to, bool wide) {
        const art::Item* i = at.session.document().item(id);
        if (!i || !i->artwork()) return;
        const curve::Box b = curve::bounds(i->artwork()->paths);
        const double k = to / std::max(wide ? b.width() : b.height(), 1e-9);
        // A circle stays one.
        const bool round = i->artwork()->paths.size() == 1 && std::abs(b.width() - b.height()) < 1e-3 * b.width() && i->artwork()->paths.front().closed;
        at.session.take(art::transformed(at.session.document(), {id}, curve::about(b.centre(), curve::scaling(wide || round ? k : 1, wide && !round ? 1 : k))),
                        tr("Size"));
    };
    QObject::connect(w, &NumberField::changed, [resize](double v) { resize(v, true); });
    QObject::connect(h, &NumberField::changed, [resize](double v) { resize(v, false); });
    QObject::connect(turn, &NumberField::changed, [&at, id](double v) {
        const art::Item* i = at.session.document().item(id);
        if (!i || v == 0) return;
        const curve::Affine by = curve::about(curve::bounds(i->artwork()->paths).centre(), curve::rotation(curve::radians(v)));
        at.session.repeat = {by, false};
        at.session.take(art::transformed(at.session.document(), {id}, by), tr("Turn"));
    });
    f.follow([&at, id, w, h, turn] {
        const art::Item* i = at.session.document().item(id);
        if (!i || !i->artwork()) return;
        const curve::Box b = curve::bounds(i->artwork()->paths);
        w->setValue(b.width());
        h->setValue(b.height());
        turn->setValue(0);
    });
    if (item->artwork()->combined()) {
        f.rule();
        f.note(tr("Live: drag a part by its dashed outline"));
        f.segments(
            {},
            {{tr("Union"), tr("All parts as one")},
             {tr("Difference"), tr("The lowest without the others")},
             {tr("Inters."), tr("What all parts cover")},
             {tr("Exclus."), tr("Where an odd number lie")}},
            [&at, id] {
                const art::Item* i = at.session.document().item(id);
                return i && i->artwork() && i->artwork()->combined() ? static_cast<int>(i->artwork()->combined()->operation) : -1;
            },
            [&at, id](int k) { at.session.take(art::withOperation(at.session.document(), id, static_cast<planar::Operation>(k)), tr("Combine otherwise")); });
        const std::size_t parts = item->artwork()->combined()->parts.size();
        for (std::size_t k = 0; parts > 1 && k < std::min<std::size_t>(parts, 12); ++k) {
            const auto give = [&at, id, k] {
                const art::Taken t = art::withPartGivenUp(at.session.document(), id, k);
                if (t.items.empty()) return;
                art::Selection s = at.session.selection();
                s.items = {t.items.front()};
                s.nodes.clear();
                at.session.take(t.document, s, tr("Give up part"));
                at.canvas.say(tr("The part is a shape of its own again. Ctrl+Z puts it back."));
            };
            f.buttonRow({CardButton{{}, tr("Give up part %1").arg(k + 1), tr("It becomes a shape of its own again"), give}.foreseeing(
                [&at, id, k]() -> std::optional<Canvas::Foreseen> {
                    const art::Item* i = at.session.document().item(id);
                    const art::Combined* c = i && i->artwork() ? i->artwork()->combined() : nullptr;
                    if (!c || k >= c->parts.size()) return std::nullopt;
                    return Canvas::Foreseen{c->parts[k].paths, tr("part %1").arg(k + 1)};
                })});
        }
        f.buttonRow(
            {{{}, tr("Set"), tr("A plain shape: the parts go"), "set-shape"}, {{}, tr("Take apart"), tr("The parts come back as they were"), "take-apart"}});
    }
    f.rule();
    f.buttonRow({{"stroke-to-shape", tr("Line to shape"), tr("The line with its swell becomes an area"), "line-to-shape"},
                 {"split", tr("Split"), tr("A shape of several outlines into single ones"), "split"}});
    f.settingField(tr("Offset by"), settings::offsetBy);
    f.tickBox(
        tr("Mitred corners"), tr("Corners stay sharp; else they are rounded"), [&at] { return at.canvas.setting(settings::offsetMitred); },
        [&at](bool on) { at.canvas.setSetting(settings::offsetMitred, on); });
    f.buttonRow({{"offset", tr("Offset"), tr("A copy of the outline, out or (negative) in"), "offset"},
                 {"mirror", tr("Copy across"), tr("A mirrored copy across the layer's axis or the sheet's middle"), "copy-across"}});
    f.tickBox(
        tr("A guide only: never delivered"), tr("It serves other lines"),
        [&at, id] {
            const art::Item* i = at.session.document().item(id);
            return i && i->artwork() && i->artwork()->guide;
        },
        [&at, id](bool on) {
            at.session.take(art::withItemChanged(at.session.document(), id, [on](art::Item& i) { std::get<art::Artwork>(i.is).guide = on; }),
                            on ? tr("Make guide") : tr("Make line"));
        });
}

} // namespace softrope::app
