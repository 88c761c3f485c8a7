// The card's parts for swell and round corners.
#include "app/cards/card.h"
#include "app/cards/card_parts.h"
#include "app/theme/theme.h"
#include "app/widgets/swell_curve.h"
#include "art/edits.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

void Card::swellFields(const std::function<art::Stroke()>& get, const std::function<void(const std::function<void(art::Stroke&)>&, const QString&)>& set)
{
    auto* names = new QComboBox;
    names->setFont(typeface("control"));
    names->setMinimumWidth(120);
    names->addItem(tr("Even"));
    const std::vector<NamedSwell> library = swellLibrary();
    for (const NamedSwell& s : library) names->addItem(s.name);
    names->addItem(tr("Own"));
    const int own = names->count() - 1;
    row(tr("Swell"), names);
    names->setToolTip(tr("Width along the line, by name"));
    auto* body = new QWidget;
    auto* column = new QVBoxLayout(body);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    auto* curve = new SwellCurve;
    column->addWidget(curve);
    auto* ends = new QWidget;
    auto* endRow = new QHBoxLayout(ends);
    endRow->setContentsMargins(0, 0, 0, 0);
    endRow->setSpacing(6);
    auto* start = new NumberField(0, 100, 0, "%");
    auto* end = new NumberField(0, 100, 0, "%");
    for (NumberField* f : {start, end}) f->setFixedWidth(58);
    start->setAccessibleName(tr("Start runs out over"));
    end->setAccessibleName(tr("End runs out over"));
    endRow->addWidget(label(tr("Ends run out"), "small"));
    endRow->addStretch();
    endRow->addWidget(start);
    endRow->addWidget(end);
    column->addWidget(ends);
    auto* keepRow = new QWidget;
    auto* k = new QHBoxLayout(keepRow);
    k->setContentsMargins(0, 0, 0, 0);
    k->setSpacing(6);
    auto* name = new QLineEdit;
    name->setPlaceholderText(tr("Name"));
    name->setAccessibleName(tr("Name of the swell"));
    auto* keep = new Pill({}, tr("Keep swell"));
    auto* drop = new Pill({}, tr("Forget"));
    keep->setToolTip(tr("Keeps this swell under the name, for any line"));
    drop->setToolTip(tr("Forgets the kept swell of that name"));
    k->addWidget(name, 1);
    k->addWidget(keep);
    k->addWidget(drop);
    column->addWidget(keepRow);
    column_->addWidget(body);

    const auto put = [set](const std::optional<curve::Swell>& s) { set([s](art::Stroke& stroke) { stroke.swell = s; }, "Swell"); };
    connect(names, &QComboBox::activated, this, [put, get, library, own](int i) {
        if (i == 0)
            put(std::nullopt);
        else if (i < own)
            put(library[static_cast<std::size_t>(i) - 1].swell);
        else if (!get().swell)
            put(curve::tidied({{{0, 1}, {1, 1}}, 0, 0}));
    });
    connect(curve, &SwellCurve::changed, this, [put](const curve::Swell& s) { put(s); });
    connect(curve, &SwellCurve::settled, this, [this] { session_.endBurst(); });
    const auto taper = [this, put, get](NumberField* field, double curve::Swell::*which) {
        connect(field, &NumberField::changed, this, [put, get, which](double v) {
            curve::Swell s = get().swell.value_or(curve::tidied({}));
            s.*which = v / 100;
            put(curve::tidied(s));
        });
    };
    taper(start, &curve::Swell::taperStart);
    taper(end, &curve::Swell::taperEnd);
    const auto kept = [this, name](bool on) {
        const QString as = name->text().trimmed();
        if (as.isEmpty()) {
            canvas_.say(tr("Give the swell a name first."));
            return QString();
        }
        canvas_.say(on ? tr("Kept the swell %1.").arg(as) : tr("Forgot the swell %1.").arg(as));
        return as;
    };
    connect(keep, &QAbstractButton::clicked, this, [this, kept, get] {
        const QString as = kept(true);
        if (!as.isEmpty() && get().swell) {
            keepSwell(as, *get().swell);
            QTimer::singleShot(0, this, [this] { rebuild(); });
        }
    });
    connect(drop, &QAbstractButton::clicked, this, [this, kept] {
        const QString as = kept(false);
        if (!as.isEmpty()) {
            dropSwell(as);
            QTimer::singleShot(0, this, [this] { rebuild(); });
        }
    });
    updaters_.push_back([=] {
        const std::optional<curve::Swell> s = get().swell;
        body->setVisible(s.has_value());
        int at = 0;
        if (s) {
            at = own;
            for (std::size_t i = 0; i < library.size(); ++i)
                if (curve::tidied(library[i].swell) == *s || library[i].swell == *s) at = static_cast<int>(i) + 1;
            curve->setSwell(*s);
            start->setValue(100 * s->taperStart);
            end->setValue(100 * s->taperEnd);
        }
        names->setCurrentIndex(at);
    });
}

void Card::roundSection(art::Id id)
{
    const art::Item* item = session_.document().item(id);
    if (!item || !item->artwork()) return;
    const art::Artwork& a = *item->artwork();
    const curve::Paths& sharp = a.rounding() ? a.rounding()->before : a.paths;
    std::size_t corners = 0;
    for (const curve::Path& p : sharp) corners += curve::cornerNodes(p).size();
    if (corners == 0) return;
    const curve::Box b = curve::bounds(sharp);
    const double most = std::clamp(0.5 * std::min(b.width(), b.height()), 4.0, 200.0);
    const SliderRow s = sliderRow(session_.selection().nodes.empty() ? tr("Round all corners") : tr("Round picked corners"), 0, most, 0, tr("Round corners"));
    Slider* const slider = s.slider;
    QLabel* const figure = s.figure;
    auto* note = label({}, "small");
    column_->addWidget(note);
    const auto limited = std::make_shared<std::size_t>(0);
    connect(slider, &Slider::moved, this, [this, id, limited](double v) {
        const art::Rounded r = art::withRoundCorners(session_.document(), id, session_.selection().nodes, v);
        *limited = r.limited;
        session_.take(r.document, tr("Round corners"), QString("round %1").arg(id));
    });
    connect(slider, &Slider::settled, this, [this] { session_.endBurst(); });
    updaters_.push_back([this, id, slider, figure, note, limited] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return;
        const double r = art::cornerRadiusOf(*i->artwork(), session_.selection().nodes);
        slider->setValue(r);
        figure->setText(r > 0 ? pxText(r) : tr("sharp"));
        note->setVisible(*limited > 0 && r > 0);
        note->setText(*limited == 1 ? tr("1 corner has room for less only.") : tr("%1 corners have room for less only.").arg(*limited));
    });
}

} // namespace softrope::app
