// The card of the Place step: the reference in hand and the sheet.
#include "app/cards/card.h"

#include "app/theme/theme.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

double sheetUnit(art::Unit u)
{
    return u == art::Unit::mm ? 96 / 25.4 : u == art::Unit::in ? 96 : 1;
}

} // namespace

void Card::buildReference(art::Id id)
{
    const art::Item* item = session_.document().item(id);
    if (!item || !item->reference()) return;
    heading("reference", QString::fromStdString(item->name), [this, id](const QString& name) {
        session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { i.name = name.toStdString(); }), "Rename");
    });
    chips([this, id] {
        const art::Item* i = session_.document().item(id);
        const art::Layer* l = session_.document().layerOf(id);
        if (!i || !i->reference() || !l) return QString();
        const art::PictureFile* f = i->reference()->picture.get();
        return tr("%1 × %2 px · %3").arg(f ? f->width : 0).arg(f ? f->height : 0).arg(l->locked ? tr("locked") : tr("free to move"));
    });
    const auto change = [this, id](const std::function<void(art::Reference&)>& act, const QString& name) {
        session_.take(withReferenceChanged(session_.document(), id, act), name, name + QString::number(id));
    };
    const auto value = [this, id]() -> art::Reference {
        const art::Item* i = session_.document().item(id);
        return i && i->reference() ? *i->reference() : art::Reference{};
    };
    auto* x = new NumberField(-1e5, 1e5, 1);
    auto* y = new NumberField(-1e5, 1e5, 1);
    for (NumberField* f : {x, y}) f->setFixedWidth(72);
    row(tr("Middle"), x, y);
    auto* size = new NumberField(0.1, 10000, 1, "%");
    auto* turn = new NumberField(-360, 360, 2, "°");
    for (NumberField* f : {size, turn}) f->setFixedWidth(84);
    row(tr("Size"), size);
    row(tr("Turn"), turn);
    connect(x, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.centre.x = v; }, "Move picture"); });
    connect(y, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.centre.y = v; }, "Move picture"); });
    connect(size, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.scale = v / 100; }, "Size picture"); });
    connect(turn, &NumberField::changed, this, [change](double v) { change([v](art::Reference& r) { r.turn = curve::radians(v); }, "Turn picture"); });
    updaters_.push_back([=] {
        const art::Reference r = value();
        x->setValue(r.centre.x);
        y->setValue(r.centre.y);
        size->setValue(r.scale * 100);
        turn->setValue(curve::degrees(r.turn));
    });
    auto* acts = new QWidget;
    auto* a = new QHBoxLayout(acts);
    a->setContentsMargins(0, 0, 0, 0);
    a->setSpacing(6);
    auto* straighten = new Pill("straighten-reference", tr("Straighten"));
    straighten->setToolTip(tr("Finds the turn from the picture itself"));
    auto* fit = new Pill("fit", tr("Fit to sheet"));
    a->addWidget(straighten);
    a->addWidget(fit);
    a->addStretch();
    column_->addWidget(acts);
    connect(straighten, &QAbstractButton::clicked, this, [this, id] { straightenByItself(canvas_, id); });
    connect(fit, &QAbstractButton::clicked, this, [this, change] {
        const art::Sheet sheet = session_.document().sheet;
        change(
            [sheet](art::Reference& r) {
                const curve::Box part = art::shownPart(r);
                r.centre = {sheet.width / 2, sheet.height / 2};
                r.scale = std::min(sheet.width / std::max(1.0, part.width()), sheet.height / std::max(1.0, part.height()));
            },
            "Fit picture to sheet");
    });
    rule();
    const auto slider = [&](const QString& name, double least, std::function<double(const art::Reference&)> get,
                            std::function<void(art::Reference&, double)> set) {
        const SliderRow made = sliderRow(name, least, 1, 0);
        Slider* const s = made.slider;
        QLabel* const figure = made.figure;
        connect(s, &Slider::moved, this, [change, set, name](double v) { change([set, v](art::Reference& ref) { set(ref, std::round(v * 50) / 50); }, name); });
        connect(s, &Slider::settled, this, [this] { session_.endBurst(); });
        updaters_.push_back([value, get, s, figure] {
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

void Card::buildPlace()
{
    if (const art::Item* picture = referenceInHand(session_.document(), session_.selection())) {
        buildReference(picture->id);
        rule();
    } else {
        heading("place", tr("Place"));
        auto* text = label(tr("Bring in the sketch or photo to work from. It is fitted to the sheet, dimmed and locked."), "small");
        text->setWordWrap(true);
        column_->addWidget(text);
        auto* w = new QWidget;
        auto* r = new QHBoxLayout(w);
        r->setContentsMargins(0, 0, 0, 0);
        auto* choose = new Pill({}, tr("Choose a picture"));
        auto* paste = new Pill({}, tr("Paste"));
        r->addWidget(choose);
        r->addWidget(paste);
        r->addStretch();
        column_->addWidget(w);
        connect(choose, &QAbstractButton::clicked, this, &Card::asksForPicture);
        connect(paste, &QAbstractButton::clicked, this, &Card::asksForPaste);
        rule();
    }
    column_->addWidget(label(tr("Sheet"), "small"));
    auto* presets = new QWidget;
    auto* p = new QHBoxLayout(presets);
    p->setContentsMargins(0, 0, 0, 0);
    p->setSpacing(4);
    struct Preset {
        QString name, tip;
        double w, h;
        art::Unit unit;
    };
    constexpr double mm = 96 / 25.4;
    for (const Preset& s : {Preset{tr("Square"), "1080 × 1080 px", 1080, 1080, art::Unit::px}, Preset{tr("Wide"), "1920 × 1080 px", 1920, 1080, art::Unit::px},
                            Preset{tr("A4"), "210 × 297 mm", 210 * mm, 297 * mm, art::Unit::mm}}) {
        auto* pill = new Pill({}, s.name);
        pill->setToolTip(s.tip);
        p->addWidget(pill);
        connect(pill, &QAbstractButton::clicked, this, [this, s] {
            art::Sheet sheet = session_.document().sheet;
            sheet.width = s.w;
            sheet.height = s.h;
            sheet.unit = s.unit;
            session_.take(art::withSheet(session_.document(), sheet), "Sheet size");
            canvas_.fitSheet();
        });
    }
    p->addStretch();
    column_->addWidget(presets);
    auto* width = new NumberField(0.01, 1e5, 2);
    auto* height = new NumberField(0.01, 1e5, 2);
    for (NumberField* f : {width, height}) f->setFixedWidth(68);
    std::vector<Pill*> units;
    for (const char* name : {"px", "mm", "in"}) {
        auto* pill = new Pill({}, name, {}, Pill::Kind::segment);
        pill->setCheckable(true);
        pill->setToolTip(tr("Sizes of the sheet in %1").arg(name));
        units.push_back(pill);
    }
    auto* w = new QWidget;
    auto* sizes = new QHBoxLayout(w);
    sizes->setContentsMargins(0, 0, 0, 0);
    sizes->setSpacing(5);
    width->setAccessibleName(tr("Sheet width"));
    height->setAccessibleName(tr("Sheet height"));
    sizes->addWidget(width);
    sizes->addWidget(label("×", "small"));
    sizes->addWidget(height);
    sizes->addStretch();
    column_->addWidget(w);
    const auto resize = [this](double px, bool wide) {
        art::Sheet s = session_.document().sheet;
        (wide ? s.width : s.height) = px * sheetUnit(s.unit);
        session_.take(art::withSheet(session_.document(), s), "Sheet size");
    };
    connect(width, &NumberField::changed, this, [resize](double v) { resize(v, true); });
    connect(height, &NumberField::changed, this, [resize](double v) { resize(v, false); });
    auto* unitRow = new QWidget;
    auto* u = new QHBoxLayout(unitRow);
    u->setContentsMargins(0, 0, 0, 0);
    u->setSpacing(2);
    for (std::size_t i = 0; i < units.size(); ++i) {
        u->addWidget(units[i]);
        connect(units[i], &QAbstractButton::clicked, this, [this, i] {
            art::Sheet s = session_.document().sheet;
            s.unit = static_cast<art::Unit>(i);
            session_.take(art::withSheet(session_.document(), s), "Sheet unit");
            refresh();
        });
    }
    row(tr("Unit"), unitRow);
    updaters_.push_back([this, width, height, units] {
        const art::Sheet& s = session_.document().sheet;
        width->setValue(s.width / sheetUnit(s.unit));
        height->setValue(s.height / sheetUnit(s.unit));
        for (std::size_t i = 0; i < units.size(); ++i) units[i]->setChecked(s.unit == static_cast<art::Unit>(i));
    });
}

} // namespace softrope::app
