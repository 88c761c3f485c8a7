// The page of facets: of an outline, and meshes over a picture.
#include "art/facets.h"
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"
#include "app/tools/tone/tone_desk.h"
#include "app/tools/tone/tone_tools.h"
#include "app/widgets/ink_widgets.h"
#include "art/inks.h"

#include <cmath>

namespace softrope::app {

namespace {

class FacetPage : public CardPage {
public:
    explicit FacetPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override
    {
        return c.step == StepId::tone && c.tool && c.picked != Context::Picked::several && c.picked != Context::Picked::picture && c.holds("facets");
    }
    Key key(const Context& c) const override
    {
        const art::Item* i = piecesInHand(session_.document(), session_.selection());
        const int kind = !i ? 0 : i->group()->facets() ? 1 : 2;
        return {kind, qulonglong(c.picked == Context::Picked::line ? c.item : 0), desk_.picture() != nullptr};
    }
    void build(Fields& f, const Context&) override
    {
        f.heading("facets", tr("Facets"));
        const art::Item* shape = pickedLine(session_);
        const art::Item* now = piecesInHand(session_.document(), session_.selection());
        const bool outline =
            shape && !shape->artwork()->paths.empty() && shape->artwork()->paths.front().closed && !(now && session_.document().parentOf(shape->id) == now);
        if (outline) {
            f.note(tr("From the picked outline"));
            f.settingField(tr("Pieces, about"), settings::facetPieces);
            f.buttonRow({{"facets", tr("Cut into facets"), tr("Proposes straight cuts from corner to corner"), "facets-outline"}});
            f.rule();
        }
        if (now && now->group()->facets()) {
            const art::Id id = now->id;
            const auto facets = [this, id]() -> const art::Group* {
                const art::Item* i = session_.document().item(id);
                return i && i->group() && i->group()->facets() ? i->group() : nullptr;
            };
            f.chips([facets] {
                if (!facets()) return QString();
                std::size_t tiny = 0;
                const auto pieces = art::facetsOf(*facets());
                for (const tone::Facet& piece : pieces) tiny += piece.tiny;
                return tr("%1 pieces").arg(pieces.size()) + (tiny ? tr(", %1 much smaller than the rest").arg(tiny) : QString());
            });
            f.buttonRow({{{}, tr("Shuffle"), tr("Other shades and directions; locked pieces stay"), "facets-shuffle"},
                         {{}, tr("Propose cuts"), tr("Other cuts for as many pieces"), "facets-outline"}});
            if (!session_.document().inks.empty()) {
                f.note(tr("Tints of"));
                auto* steps = new ColourSteps(tr("Ink of the facets"));
                f.add(steps);
                f.follow([this, steps, facets] {
                    std::vector<QColor> list;
                    QStringList names;
                    int picked = -1;
                    for (const art::Ink& i : session_.document().inks) {
                        if (facets() && facets()->facets()->ink == i.id) picked = static_cast<int>(list.size());
                        list.push_back(qColour(i.colour));
                        names << QString::fromStdString(i.name);
                    }
                    steps->setColours(list, names, picked);
                });
                QObject::connect(steps, &ColourSteps::taken, [this, id](int k) {
                    if (k < static_cast<int>(session_.document().inks.size()))
                        session_.take(art::withFacetInk(session_.document(), id, session_.document().inks[static_cast<std::size_t>(k)].id),
                                      tr("Ink of facets"));
                });
            }
            f.note(tr("Click a piece for the next shade, drag inside it for its direction, Shift and click to lock it."));
        } else if (now) {
            const art::Id id = now->id;
            const auto pieces = [this, id]() -> const art::MeshPieces* {
                const art::Item* i = session_.document().item(id);
                return i && i->group() ? i->group()->mesh() : nullptr;
            };
            f.chips([pieces] { return pieces() ? tr("%1 pieces").arg(pieces()->mesh.faces.size()) : QString(); });
            f.settingSlider(
                tr("Gap between pieces"), 0, 12, 0, [pieces] { return pieces() ? pieces()->gap : 0; },
                [this, id, pieces](double v) {
                    if (pieces()) session_.take(art::withMeshChanged(session_.document(), id, pieces()->mesh, v), tr("Gap"), "mesh-gap");
                },
                pxText);
            f.note(tr("Drag a corner: all its pieces follow. Drag from border to border to split, from piece to piece to merge."));
        }
        if (const art::Item* picture = desk_.picture(); picture) {
            f.rule();
            f.note(tr("From the picture: %1").arg(QString::fromStdString(picture->name)));
            f.settingField(tr("Pieces, about"), settings::meshPieces);
            f.settingSlider(
                tr("Finer where there is detail"), 0, 1, 0, [this] { return canvas_.setting(settings::meshDetail); },
                [this](double v) { canvas_.setSetting(settings::meshDetail, v); }, [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
            f.settingField(tr("Gap"), settings::meshGap);
            f.segments(
                tr("Colour of a piece"),
                {{tr("Mean"), tr("Of the photo beneath, in OKLab")},
                 {tr("Median"), tr("Of the photo beneath, in OKLab")},
                 {tr("Ink"), tr("The nearest ink of the palette")}},
                [this] { return canvas_.setting(settings::meshColour); },
                [this](int i) {
                    canvas_.setSetting(settings::meshColour, i);
                    at_.refresh();
                });
            f.buttonRow({{"facets", tr("Make pieces"), tr("A mesh over the picture"), "facets-picture"}});
        } else if (!outline && !now) {
            f.note(tr("Pick a closed outline, or bring in a picture."));
        }
    }
    Bottom bottom(const Context&) override { return toneBottom(at_, false); }
};

} // namespace

std::unique_ptr<CardPage> makeFacetPage(CardDesk& at)
{
    return std::make_unique<FacetPage>(at);
}

} // namespace softrope::app
