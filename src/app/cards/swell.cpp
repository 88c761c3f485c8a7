// The swell of a line.
#include "app/cards/sections.h"

#include "app/theme/theme.h"
#include "app/widgets/swell_curve.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>

namespace softrope::app {

void swellFields(Fields& f, const std::function<art::Stroke()>& get, const StrokeChange& set)
{
    CardDesk& at = f.at;
    auto* names = new QComboBox;
    names->setFont(typeface("control"));
    names->setMinimumWidth(120);
    names->addItem(tr("Even"));
    const std::vector<NamedSwell> library = swellLibrary();
    for (const NamedSwell& s : library) names->addItem(s.name);
    names->addItem(tr("Own"));
    const int own = names->count() - 1;
    f.row(tr("Swell"), names);
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
    for (NumberField* field : {start, end}) field->setFixedWidth(58);
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
    f.add(body);

    const auto put = [set](const std::optional<curve::Swell>& s) { set([s](art::Stroke& stroke) { stroke.swell = s; }, tr("Swell")); };
    QObject::connect(names, &QComboBox::activated, [put, get, library, own](int i) {
        if (i == 0)
            put(std::nullopt);
        else if (i < own)
            put(library[static_cast<std::size_t>(i) - 1].swell);
        else if (!get().swell)
            put(curve::tidied({{{0, 1}, {1, 1}}, 0, 0}));
    });
    QObject::connect(curve, &SwellCurve::changed, [put](const curve::Swell& s) { put(s); });
    QObject::connect(curve, &SwellCurve::settled, [&at] { at.session.endBurst(); });
    const auto taper = [&at, put, get](NumberField* field, double curve::Swell::*which) {
        QObject::connect(field, &NumberField::changed, [put, get, which](double v) {
            curve::Swell s = get().swell.value_or(curve::tidied({}));
            s.*which = v / 100;
            put(curve::tidied(s));
        });
    };
    taper(start, &curve::Swell::taperStart);
    taper(end, &curve::Swell::taperEnd);
    const auto kept = [&at, name](bool on) {
        const QString as = name->text().trimmed();
        if (as.isEmpty()) {
            at.canvas.say(tr("Give the swell a name first."));
            return QString();
        }
        at.canvas.say(on ? tr("Kept the swell %1.").arg(as) : tr("Forgot the swell %1.").arg(as));
        return as;
    };
    QObject::connect(keep, &QAbstractButton::clicked, [&at, kept, get] {
        const QString as = kept(true);
        if (!as.isEmpty() && get().swell) {
            keepSwell(as, *get().swell);
            at.rebuild();
        }
    });
    QObject::connect(drop, &QAbstractButton::clicked, [&at, kept] {
        const QString as = kept(false);
        if (!as.isEmpty()) {
            dropSwell(as);
            at.rebuild();
        }
    });
    f.follow([=] {
        const std::optional<curve::Swell> s = get().swell;
        body->setVisible(s.has_value());
        int which = 0;
        if (s) {
            which = own;
            for (std::size_t i = 0; i < library.size(); ++i)
                if (curve::tidied(library[i].swell) == *s || library[i].swell == *s) which = static_cast<int>(i) + 1;
            curve->setSwell(*s);
            start->setValue(100 * s->taperStart);
            end->setValue(100 * s->taperEnd);
        }
        names->setCurrentIndex(which);
    });
}

} // namespace softrope::app
