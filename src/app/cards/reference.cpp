// The page of a picked reference picture, and its part in Place.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

void referenceSection(Fields& f, art::Id id)
{
    CardDesk& at = f.at;
    const art::Item* item = at.session.document().item(id);
    if (!item || !item->reference()) return;
    f.heading("reference", QString::fromStdString(item->name), [&at, id](const QString& name) {
        at.session.take(art::withItemChanged(at.session.document(), id, [&](art::Item& i) { i.name = name.toStdString(); }), tr("Rename"));
    });
    f.chips([&at, id] {
        const art::Item* i = at.session.document().item(id);
        const art::Layer* l = at.session.document().layerOf(id);
        if (!i || !i->reference() || !l) return QString();
        const pixel::PageSize size = art::pictureSize(*i->reference());
        return tr("%1 × %2 px · %3").arg(size.width).arg(size.height).arg(l->locked ? tr("locked") : tr("free to move"));
    });
    const auto change = [&at, id](const std::function<void(art::Reference&)>& act, const QString& name) {
        at.session.take(withReferenceChanged(at.session.document(), id, act), name, name + QString::number(id));
    };
    const auto value = [&at, id]() -> art::Reference {
        const art::Item* i = at.session.document().item(id);
        return i && i->reference() ? *i->reference() : art::Reference{};
    };
    auto* x = new NumberField(-1e5, 1e5, 1);
    auto* y = new NumberField(-1e5, 1e5, 1);
    for (NumberField* field : {x, y}) field->setFixedWidth(72);
    f.row(tr("Middle"), x, y);
    auto* size = new NumberField(0.1, 10000, 1, "%");
    auto* turn = new NumberField(-360, 360, 2, "°");
    for (NumberField* field : {size, turn}) field->setFixedWidth(84);
    f.row(tr("Size"), size);
    f.row(tr("Turn"), turn);
    QObject::connect(x, &NumberField::changed, [change](double v) { change([v](art::Reference& r) { r.centre.x = v; }, tr("Move picture")); });
    QObject::connect(y, &NumberField::changed, [change](double v) { change([v](art::Reference& r) { r.centre.y = v; }, tr("Move picture")); });
    QObject::connect(size, &NumberField::changed, [change](double v) { change([v](art::Reference& r) { r.scale = v / 100; }, tr("Size picture")); });
    QObject::connect(turn, &NumberField::changed, [change](double v) { change([v](art::Reference& r) { r.turn = curve::radians(v); }, tr("Turn picture")); });
    f.follow([=] {
        const art::Reference r = value();
        x->setValue(r.centre.x);
        y->setValue(r.centre.y);
        size->setValue(r.scale * 100);
        turn->setValue(curve::degrees(r.turn));
    });
    const auto fit = [&at, change] {
        const art::Sheet sheet = at.session.document().sheet;
        change(
            [sheet](art::Reference& r) {
                const curve::Box part = art::shownPart(r);
                r.centre = {sheet.width / 2, sheet.height / 2};
                r.scale = std::min(sheet.width / std::max(1.0, part.width()), sheet.height / std::max(1.0, part.height()));
            },
            tr("Fit picture to sheet"));
    };
    f.buttonRow({{"crop", tr("Clean the page"), tr("Square to the paper, light evened, paper white: in one act"), [&at, id] { cleanPage(at.canvas, id); }},
                 {"corner", tr("Paper's corners"), tr("Drag the four corners of the paper to where they are"), "tool-corners"}});
    f.buttonRow({{"straighten-reference", tr("Straighten"), tr("Finds the turn from the picture itself"), [&at, id] { straightenByItself(at.canvas, id); }},
                 {"fit", tr("Fit to sheet"), {}, fit}});
    if (value().paper)
        f.buttonRow({{"show", tr("Whole picture"), tr("Not squared to the paper any more"), [&at, id] {
                          at.session.take(withReferenceChanged(at.session.document(), id, [](art::Reference& r) { setPaper(r, std::nullopt); }),
                                          tr("Whole picture"));
                          at.refresh();
                      }}});
    f.rule();
    const auto slider = [&](const QString& name, double least, std::function<double(const art::Reference&)> get,
                            std::function<void(art::Reference&, double)> set) {
        const Fields::SliderRow made = f.sliderRow(name, least, 1, 0);
        Slider* const s = made.slider;
        QLabel* const figure = made.figure;
        QObject::connect(s, &Slider::moved,
                         [change, set, name](double v) { change([set, v](art::Reference& ref) { set(ref, std::round(v * 50) / 50); }, name); });
        QObject::connect(s, &Slider::settled, [&at] { at.session.endBurst(); });
        f.follow([value, get, s, figure] {
            s->setValue(get(value()));
            figure->setText(QString("%1 %").arg(std::lround(get(value()) * 100)));
        });
    };
    slider(
        tr("Flatten light"), 0, [](const art::Reference& r) { return r.flattenLight; }, [](art::Reference& r, double v) { r.flattenLight = v; });
    slider(
        tr("Lift paper to white"), 0, [](const art::Reference& r) { return r.liftPaper; }, [](art::Reference& r, double v) { r.liftPaper = v; });
    slider(
        tr("Shows at"), 0.05, [](const art::Reference& r) { return r.dim; }, [](art::Reference& r, double v) { r.dim = v; });
}

Bottom referenceBottom(CardDesk& at)
{
    const art::Item* i = referenceInHand(at.session.document(), at.session.selection());
    const art::Layer* l = i ? at.session.document().layerOf(i->id) : nullptr;
    if (!l) return {};
    const art::Id layer = l->id, item = i->id;
    return {l->locked ? tr("Locked: it cannot be moved by accident.") : tr("Free to move."), l->locked ? tr("Unlock") : tr("Dim and lock"),
            [&at, layer, item, locked = l->locked] {
                art::Document d = at.session.document();
                if (!locked) d = withReferenceChanged(d, item, [](art::Reference& r) { r.dim = std::min(r.dim, 0.5); });
                d = art::withLayer(d, layer, [&](art::Layer& changed) { changed.locked = !locked; });
                art::Selection s = at.session.selection();
                s.items = locked ? std::vector<art::Id>{item} : std::vector<art::Id>{};
                at.session.take(d, s, locked ? tr("Unlock") : tr("Dim and lock"));
                if (locked) at.canvas.takeTool("place");
            }};
}

namespace {

class ReferencePage : public CardPage {
public:
    explicit ReferencePage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.picked == Context::Picked::picture; }
    Key key(const Context& c) const override
    {
        const art::Item* i = session_.document().item(c.item);
        return {qulonglong(c.item), i && i->reference() && i->reference()->paper.has_value()};
    }
    void build(Fields& f, const Context& c) override { referenceSection(f, c.item); }
    Bottom bottom(const Context&) override { return referenceBottom(at_); }
};

} // namespace

std::unique_ptr<CardPage> makeReferencePage(CardDesk& at)
{
    return std::make_unique<ReferencePage>(at);
}

} // namespace softrope::app
