// How a line looks: weight, colour, ends, corners; of a picked line and of the next one.
#include "app/cards/sections.h"

#include "app/theme/theme.h"
#include "art/inks.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QRegularExpression>

namespace softrope::app {

namespace {

constexpr std::size_t mostDashes = 12;

// Numbers with blanks between them; those that are none, and less than nothing, are passed over. Nothing when all are 0.
std::vector<double> dashesIn(const QString& text)
{
    std::vector<double> out;
    bool any = false;
    for (QString part : text.split(QRegularExpression("[\\s;]+"), Qt::SkipEmptyParts)) {
        bool good = false;
        const double v = part.replace(',', '.').toDouble(&good);
        if (!good || v < 0 || v > 10000 || out.size() == mostDashes) continue;
        out.push_back(v);
        any = any || v > 0;
    }
    return any ? out : std::vector<double>{};
}

QString dashText(const std::vector<double>& dashes)
{
    QStringList out;
    for (const double d : dashes) out << QString::number(d, 'g', 5);
    return out.join(' ');
}

} // namespace

void lookFields(Fields& f, const std::function<art::Stroke()>& get, const StrokeChange& set, bool ends)
{
    swellFields(f, get, set);
    auto* weight = new NumberField(0.1, 1000, 2);
    weight->setFixedWidth(66);
    f.row(tr("Weight"), weight, label(tr("px"), "small"));
    QObject::connect(weight, &NumberField::changed, [set](double v) { set([v](art::Stroke& s) { s.width = v; }, tr("Weight")); });
    auto* colour = new Swatch;
    f.row(tr("Colour"), colour);
    QObject::connect(colour, &Swatch::picked, [set](const QColor& c) {
        set(
            [c](art::Stroke& s) {
                s.colour = art::Colour{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())};
                s.ink = {}; // picked by hand: of no ink
                s.gradient.reset();
            },
            tr("Line colour"));
    });
    auto* opacity = new NumberField(0, 100, 0, "%");
    opacity->setFixedWidth(66);
    f.row(tr("Opacity"), opacity);
    QObject::connect(opacity, &NumberField::changed, [set](double v) { set([v](art::Stroke& s) { s.opacity = v / 100; }, tr("Line opacity")); });
    const auto choice = [&f](const std::vector<std::pair<QString, QString>>& options, std::function<int()> now, std::function<void(int)> take,
                             const QString& name) {
        auto* w = new QWidget;
        auto* r = new QHBoxLayout(w);
        r->setContentsMargins(0, 0, 0, 0);
        r->setSpacing(2);
        std::vector<Pill*> pills;
        for (std::size_t i = 0; i < options.size(); ++i) {
            auto* pill = new Pill(options[i].first, options[i].first.isEmpty() ? options[i].second : QString(), {}, Pill::Kind::segment);
            pill->setToolTip(options[i].second);
            pill->setAccessibleName(options[i].second);
            pill->setCheckable(true);
            r->addWidget(pill);
            pills.push_back(pill);
            QObject::connect(pill, &QAbstractButton::clicked, [take, i] { take(static_cast<int>(i)); });
        }
        f.row(name, w);
        f.follow([pills, now] {
            for (std::size_t i = 0; i < pills.size(); ++i) pills[i]->setChecked(now() == static_cast<int>(i));
        });
    };
    if (ends)
        choice(
            {{"end-round", tr("Round ends")}, {"end-blunt", tr("Flat ends")}, {"end-square", tr("Square ends, half the width beyond")}},
            [get] { return static_cast<int>(get().cap); }, [set](int i) { set([i](art::Stroke& s) { s.cap = static_cast<art::Cap>(i); }, tr("Ends")); },
            tr("Ends"));
    choice(
        {{"", tr("Round")}, {"", tr("Sharp")}, {"", tr("Bevel")}}, [get] { return static_cast<int>(get().join); },
        [set](int i) { set([i](art::Stroke& s) { s.join = static_cast<art::Join>(i); }, tr("Corners")); }, tr("Corners"));
    auto* tip = new NumberField(1, 100, 1);
    tip->setFixedWidth(66);
    tip->setToolTip(tr("Sharp corners whose tip would be longer than so many widths are bevelled"));
    QWidget* tipRow = f.row(tr("Longest tip"), tip, label(tr("widths"), "small"));
    QObject::connect(tip, &NumberField::changed, [set](double v) { set([v](art::Stroke& s) { s.mitreLimit = v; }, tr("Longest tip")); });
    auto* dashes = new QLineEdit;
    dashes->setFixedWidth(120);
    dashes->setPlaceholderText(tr("none"));
    dashes->setAccessibleName(tr("Dashes"));
    dashes->setToolTip(tr("Lengths in px, drawn and left out by turns: 12 8"));
    f.row(tr("Dashes"), dashes);
    QObject::connect(dashes, &QLineEdit::editingFinished, dashes, [set, get, dashes] {
        const std::vector<double> v = dashesIn(dashes->text());
        if (v != get().dashes) set([v](art::Stroke& s) { s.dashes = v; }, tr("Dashes"));
        dashes->setText(dashText(get().dashes));
    });
    f.tickBox(
        tr("Behind the fill"), tr("Only what lies outside is seen: letters keep their shape"), [get] { return get().behind; },
        [set](bool on) { set([on](art::Stroke& s) { s.behind = on; }, tr("Line behind")); });
    f.tickBox(
        tr("Keeps its width when scaled"), {}, [get] { return get().keepsWidth; },
        [set](bool on) { set([on](art::Stroke& s) { s.keepsWidth = on; }, tr("Keep width")); });
    f.follow([=] {
        const art::Stroke s = get();
        weight->setValue(s.width);
        opacity->setValue(s.opacity * 100);
        tip->setValue(s.mitreLimit);
        tipRow->setVisible(s.join == art::Join::mitre);
        if (!dashes->hasFocus()) dashes->setText(dashText(s.dashes));
        colour->setColour(s.colour ? QColor(s.colour->r, s.colour->g, s.colour->b) : QColor());
    });
}

void nextLineFields(Fields& f, bool ends)
{
    CardDesk& at = f.at;
    f.note(tr("The next line"));
    lookFields(
        f, [&at] { return at.canvas.look(); },
        [&at](const std::function<void(art::Stroke&)>& change, const QString&) {
            change(at.canvas.look());
            at.refresh();
        },
        ends);
    auto* fill = new Swatch;
    fill->setAccessibleName(tr("Fill of closed shapes"));
    auto* none = new Pill({}, tr("None"), {}, Pill::Kind::segment);
    none->setToolTip(tr("Closed shapes stay empty"));
    tellKeysOf(none, "let-fill-go");
    f.row(tr("Fill of closed shapes"), fill, none);
    QObject::connect(fill, &Swatch::picked, [&at](const QColor& q) {
        at.session.nextFill =
            art::Paint{art::Colour{static_cast<std::uint8_t>(q.red()), static_cast<std::uint8_t>(q.green()), static_cast<std::uint8_t>(q.blue())}, {}};
        at.refresh();
    });
    QObject::connect(none, &QAbstractButton::clicked, [&at] { at.run("let-fill-go"); });
    f.follow([&at, fill, none] {
        const auto paint = fillInHand(at.canvas);
        fill->setColour(paint && paint->colour ? QColor(paint->colour->r, paint->colour->g, paint->colour->b) : QColor());
        none->setEnabled(paint.has_value());
    });
}

} // namespace softrope::app
