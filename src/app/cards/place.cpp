// The page of the Place step: the reference in hand and the sheet.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"

#include <QHBoxLayout>

namespace softrope::app {

namespace {

double sheetUnit(art::Unit u)
{
    return u == art::Unit::mm ? 96 / 25.4 : u == art::Unit::in ? 96 : 1;
}

class PlacePage : public CardPage {
public:
    explicit PlacePage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.step == StepId::place && !c.holds("axis"); }
    Key key(const Context& c) const override
    {
        const art::Item* i = session_.document().item(c.picture);
        return {qulonglong(c.picture), i && i->reference() && i->reference()->paper.has_value()};
    }
    void build(Fields& f, const Context&) override
    {
        if (const art::Item* picture = referenceInHand(session_.document(), session_.selection())) {
            referenceSection(f, picture->id);
            f.rule();
        } else {
            f.heading("place", tr("Place"));
            auto* text = label(tr("Bring in the sketch or photo to work from. It is fitted to the sheet, dimmed and locked."), "small");
            text->setWordWrap(true);
            f.add(text);
            f.buttonRow({{{}, tr("Choose a picture"), {}, at_.choosePicture}, {{}, tr("Paste"), {}, at_.paste}});
            f.rule();
        }
        f.note(tr("Sheet"));
        std::vector<CardButton> presets;
        struct Preset {
            QString name, tip;
            double w, h;
            art::Unit unit;
        };
        constexpr double mm = 96 / 25.4;
        for (const Preset& s :
             {Preset{tr("Square"), tr("1080 × 1080 px"), 1080, 1080, art::Unit::px}, Preset{tr("Wide"), tr("1920 × 1080 px"), 1920, 1080, art::Unit::px},
              Preset{tr("A4"), tr("210 × 297 mm"), 210 * mm, 297 * mm, art::Unit::mm}})
            presets.emplace_back(QString(), s.name, s.tip, [this, s] {
                art::Sheet sheet = session_.document().sheet;
                sheet.width = s.w;
                sheet.height = s.h;
                sheet.unit = s.unit;
                session_.take(art::withSheet(session_.document(), sheet), tr("Sheet size"));
                canvas_.fitSheet();
            });
        f.buttonRow(presets);
        auto* width = new NumberField(0.01, 1e5, 2);
        auto* height = new NumberField(0.01, 1e5, 2);
        for (NumberField* field : {width, height}) field->setFixedWidth(68);
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
        f.add(w);
        const auto resize = [this](double px, bool wide) {
            art::Sheet s = session_.document().sheet;
            (wide ? s.width : s.height) = px * sheetUnit(s.unit);
            session_.take(art::withSheet(session_.document(), s), tr("Sheet size"));
        };
        QObject::connect(width, &NumberField::changed, [resize](double v) { resize(v, true); });
        QObject::connect(height, &NumberField::changed, [resize](double v) { resize(v, false); });
        auto* unitRow = new QWidget;
        auto* u = new QHBoxLayout(unitRow);
        u->setContentsMargins(0, 0, 0, 0);
        u->setSpacing(2);
        for (std::size_t i = 0; i < units.size(); ++i) {
            u->addWidget(units[i]);
            QObject::connect(units[i], &QAbstractButton::clicked, [this, i] {
                art::Sheet s = session_.document().sheet;
                s.unit = static_cast<art::Unit>(i);
                session_.take(art::withSheet(session_.document(), s), tr("Sheet unit"));
                at_.refresh();
            });
        }
        f.row(tr("Unit"), unitRow);
        f.follow([this, width, height, units] {
            const art::Sheet& s = session_.document().sheet;
            width->setValue(s.width / sheetUnit(s.unit));
            height->setValue(s.height / sheetUnit(s.unit));
            for (NumberField* field : {width, height}) field->setMeant(units[static_cast<std::size_t>(s.unit)]->text());
            for (std::size_t i = 0; i < units.size(); ++i) units[i]->setChecked(s.unit == static_cast<art::Unit>(i));
        });
        aidFields(f);
    }
    Bottom bottom(const Context& c) override { return c.picture ? referenceBottom(at_) : Bottom{}; }
};

} // namespace

std::unique_ptr<CardPage> makePlacePage(CardDesk& at)
{
    return std::make_unique<PlacePage>(at);
}

} // namespace softrope::app
