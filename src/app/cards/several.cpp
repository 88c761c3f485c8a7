// The page of several picked things.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"
#include "art/combine.h"
#include "art/edits.h"
#include "art/tree.h"

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
        sizeSection(f, true);
        alignRow(f);
        f.rule();
        frameSection(f, true);
        f.rule();
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
    }

private:
    std::optional<Canvas::Foreseen> combinationForeseen(planar::Operation operation) const
    {
        constexpr std::size_t most = 4000; // nodes
        const auto& items = session_.selection().items;
        std::size_t nodes = 0;
        for (const art::Id id : items)
            if (const art::Item* i = session_.document().item(id)) nodes += art::nodeCount(*i);
        if (nodes > most) return std::nullopt;
        const art::CombinedShapes c = art::withCombined(session_.document(), items, operation, false);
        const art::Item* i = c.document.item(c.item);
        if (!i || !i->artwork()) return std::nullopt;
        return Canvas::Foreseen{i->artwork()->paths, tr("%1 shapes → %n outline(s)", nullptr, static_cast<int>(i->artwork()->paths->size())).arg(items.size())};
    }
    void combineSection(Fields& f)
    {
        f.rule();
        f.note(tr("Together"));
        using planar::Operation;
        const auto combining = [this](const char* icon, const QString& name, const QString& tip, const char* command, Operation operation) {
            return CardButton{icon, name, tip, command}.foreseeing([this, operation] { return combinationForeseen(operation); });
        };
        f.buttonRow({combining("union", tr("Union"), tr("All of them as one"), "union", Operation::unite),
                     combining("difference", tr("Difference"), tr("The lowest without the others"), "difference", Operation::difference)});
        f.buttonRow({combining("intersection", tr("Intersection"), tr("What all of them cover"), "intersection", Operation::intersection),
                     {"split", tr("Split"), tr("Every part by itself"), "split"}});
        f.buttonRow({combining("union", tr("Exclusion"), tr("Where an odd number of them lie"), "exclude", Operation::exclude),
                     {"join", tr("Take in"), tr("The live shape takes the others in as its parts"), "take-parts"}});
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
