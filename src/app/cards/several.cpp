// The page of several picked things.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"
#include "art/edits.h"

namespace softrope::app {

namespace {

class SeveralPage : public CardPage {
public:
    explicit SeveralPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.picked == Context::Picked::several; }
    Key key(const Context& c) const override { return {c.step == StepId::build}; }
    void build(Fields& f, const Context& c) override
    {
        f.heading("alike", tr("Several things"));
        f.chips([this] { return tr("%1 picked").arg(session_.selection().items.size()); });
        if (c.step == StepId::build) combineSection(f);
        lookFields(
            f,
            [this] {
                for (const art::Id id : session_.selection().items)
                    if (const art::Item* i = session_.document().item(id); i && i->artwork()) return i->artwork()->stroke;
                return art::Stroke{};
            },
            [this](const std::function<void(art::Stroke&)>& change, const QString& name) {
                session_.take(art::withArtworkChanged(session_.document(), session_.selection().items, [&](art::Artwork& a) { change(a.stroke); }), name,
                              name + " several");
                change(canvas_.look());
            },
            true);
        f.rule();
        effectFields(f);
        f.rule();
        alignRow(f);
    }

private:
    void combineSection(Fields& f)
    {
        f.rule();
        f.note(tr("Together"));
        f.buttonRow(
            {{"union", tr("Union"), tr("All of them as one"), "union"}, {"difference", tr("Difference"), tr("The lowest without the others"), "difference"}});
        f.buttonRow(
            {{"intersection", tr("Intersection"), tr("What all of them cover"), "intersection"}, {"split", tr("Split"), tr("Every part by itself"), "split"}});
        f.buttonRow({{"union", tr("Exclusion"), tr("Where an odd number of them lie"), "exclude"}});
        f.tickBox(
            tr("Keep live"), tr("The parts stay and can be moved until the shape is set"), [this] { return canvas_.setting(settings::combineLive); },
            [this](bool on) { canvas_.setSetting(settings::combineLive, on); });
        f.rule();
        f.note(tr("Place"));
        f.buttonRow({{{}, tr("Left"), tr("Left sides in one line"), "align-each-left"},
                     {{}, tr("Centre"), tr("Middles above each other"), "align-each-centre"},
                     {{}, tr("Right"), tr("Right sides in one line"), "align-each-right"}});
        f.buttonRow({{{}, tr("Top"), tr("Tops in one line"), "align-each-top"},
                     {{}, tr("Middle"), tr("Middles beside each other"), "align-each-middle"},
                     {{}, tr("Bottom"), tr("Bottoms in one line"), "align-each-bottom"}});
        f.buttonRow({{{}, tr("Even across"), tr("Even spaces from left to right"), "spread-across"},
                     {{}, tr("Even down"), tr("Even spaces from top to bottom"), "spread-down"}});
    }
};

} // namespace

std::unique_ptr<CardPage> makeSeveralPage(CardDesk& at)
{
    return std::make_unique<SeveralPage>(at);
}

} // namespace softrope::app
