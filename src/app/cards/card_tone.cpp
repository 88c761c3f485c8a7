// The card of the Tone step: the stack with its cuts and tones, patches, balance, facets.
#include "app/cards/card.h"
#include "app/cards/card_parts.h"
#include "app/theme/theme.h"
#include "app/tools/tone/tone_desk.h"
#include "app/tools/tone/tone_tools.h"
#include "app/widgets/cut_bars.h"
#include "app/widgets/ink_widgets.h"
#include "art/facets.h"
#include "art/inks.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>

namespace softrope::app {

bool Card::tonesNow() const
{
    return step_ == StepId::tone && canvas_.tool() && session_.selection().items.size() < 2;
}

QString Card::toneContext() const
{
    const QString id = canvas_.tool()->id();
    const art::Item* shape = pickedLine(session_);
    if (id == "facets") {
        const art::Item* i = piecesInHand(session_.document(), session_.selection());
        return QString("tone facets %1 %2 %3").arg(i ? (i->group()->facets() ? 1 : 2) : 0).arg(shape ? shape->id : 0).arg(desk_.picture() != nullptr);
    }
    if (shape) return {};
    if (id == "patch" && desk_.patch() >= 0) return QString("tone hand %1").arg(desk_.patch());
    return QString("tone %1 %2 %3 %4").arg(id).arg(desk_.item() != nullptr).arg(desk_.live()).arg(desk_.picture() != nullptr);
}

void Card::buildTone()
{
    if (context_.startsWith("tone facets")) {
        facetSection();
        return;
    }
    if (context_.startsWith("tone hand ")) {
        patchSection();
        return;
    }
    const QString id = canvas_.tool()->id();
    heading("tone-steps", tr("Tone stack"));
    if (!desk_.picture() && !desk_.item()) {
        note(tr("A photo is cut into flat tones here. Bring one in first."));
        buttonRow({{"place", tr("Choose a picture"), tr("A photo from a file (Ctrl+I)"), [this] { emit asksForPicture(); }},
                   {"reference", tr("Picture shelf"), tr("Made-up pictures that come with the program (Ctrl+Shift+I)"),
                    [this] { emit asksToRun("picture-shelf"); }}});
        return;
    }
    chips([this] {
        if (!desk_.item()) return tr("no stack yet: choose how many tones");
        if (desk_.tones()->set) return tr("set: the shapes are artwork now");
        if (!desk_.picture()) return tr("its picture is gone: the last shapes stay");
        return desk_.working() ? tr("live · working out the shapes")
                               : tr("live · %1 areas, %2 nodes").arg(desk_.item()->group()->items.size()).arg(stackNodes());
    });
    // How many.
    const auto count = [this] { return desk_.stack() ? static_cast<int>(desk_.stack()->cuts.size()) + 1 : 0; };
    segments(
        tr("Tones"), {{"2", tr("Dark and light")}, {"3", tr("Dark, middle, light")}, {"5", tr("Five tones")}, {"8", tr("Eight tones")}},
        [count] {
            const int n = count();
            return n == 2 ? 0 : n == 3 ? 1 : n == 5 ? 2 : n == 8 ? 3 : -1;
        },
        [this](int i) {
            desk_.begin(std::array{2, 3, 5, 8}[static_cast<std::size_t>(i)]);
        });
    auto* number = new NumberField(2, 16, 0);
    number->setFixedWidth(66);
    row(tr("Any number"), number);
    connect(number, &NumberField::changed, this, [this](double v) { desk_.begin(static_cast<int>(std::lround(v))); });
    updaters_.push_back([number, count] { number->setValue(std::max(2, count())); });
    auto* bars = new CutBars;
    column_->addWidget(bars);
    auto* cutText = label({}, "small");
    cutText->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    column_->addWidget(cutText);
    auto* rows = new ToneRows;
    column_->addWidget(rows);
    const auto tellCut = [this, bars, cutText] {
        const tone::Stack* s = desk_.stack();
        if (!s || s->cuts.empty()) return cutText->setText({});
        const auto k = static_cast<std::size_t>(bars->picked());
        cutText->setText(tr("Cut %1: %2 to %3").arg(k + 1).arg(desk_.toneName(k), desk_.toneName(k + 1)));
    };
    connect(bars, &CutBars::pickedChanged, this, tellCut);
    connect(bars, &CutBars::moved, this, [this, bars](const std::vector<double>& cuts, bool done) {
        if (!desk_.stack()) return;
        tone::Stack s = *desk_.stack();
        if (s.cuts.size() != cuts.size()) s.paint.clear();
        s.cuts = cuts;
        if (done)
            desk_.take(s, tr("Move cut %1").arg(bars->picked() + 1), "cut");
        else
            desk_.show(s);
    });
    connect(rows, &ToneRows::mixed, this, [this](int tone, const QColor& c) {
        if (!desk_.stack()) return;
        tone::Stack s = *desk_.stack();
        s.paint.resize(s.cuts.size() + 1);
        auto& paint = s.paint[static_cast<std::size_t>(tone)];
        if (c.isValid())
            paint = pixel::Rgba{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue()), 255};
        else
            paint.reset();
        desk_.take(s, tr("Paint of a tone"));
    });
    updaters_.push_back([this, bars, rows, tellCut] {
        const tone::Stack* s = desk_.stack();
        bars->setVisible(desk_.ready());
        bars->setValues(desk_.counts(), desk_.paints());
        bars->setCuts(s ? s->cuts : std::vector<double>{});
        std::vector<ToneRows::Row> list;
        for (std::size_t k = 0; k < desk_.paints().size(); ++k) {
            const pixel::Rgba c = desk_.paints()[k];
            list.push_back({QColor(c.r, c.g, c.b), desk_.toneName(k), desk_.shares()[k], s && k < s->paint.size() && s->paint[k]});
        }
        rows->setRows(std::move(list));
        tellCut();
    });
    if (id == "tone-edge") settingField(tr("Brush"), settings::edgeBrush);
    if (id == "sweep") settingField(tr("Brush"), settings::sweepBrush);
    if (id == "patch") {
        settingField(tr("A new patch is lighter by"), settings::patchStrength);
        settingField(tr("and soft over"), settings::patchSoft);
        settingField(tr("Brush, with Shift"), settings::patchBrush);
    }
    if (!desk_.item()) return;
    rule();
    const auto perSheet = [this] { return std::max(1e-9, curve::meanScale(desk_.toSheet())); };
    settingSlider(
        tr("Slack of the borders"), 0.2, 6, 6, [this, perSheet] { return desk_.stack() ? desk_.stack()->slack * perSheet() : 1.2; },
        [this, perSheet](double v) {
            if (!desk_.stack()) return;
            tone::Stack s = *desk_.stack();
            s.slack = v / perSheet();
            desk_.take(s, tr("Slack of borders"), "slack");
        },
        pxText);
    auto* smallest = new NumberField(0, 1e6, 0);
    smallest->setFixedWidth(66);
    row(tr("Smallest piece"), smallest, label(tr("px²"), "small"));
    connect(smallest, &NumberField::changed, this, [this, perSheet](double v) {
        if (!desk_.stack()) return;
        tone::Stack s = *desk_.stack();
        s.smallest = v / (perSheet() * perSheet());
        desk_.take(s, tr("Smallest piece"));
    });
    updaters_.push_back([this, smallest, perSheet] {
        if (desk_.stack()) smallest->setValue(desk_.stack()->smallest * perSheet() * perSheet());
    });
    // Dark against light.
    rule();
    auto* balance = label({}, "control", false);
    column_->addWidget(balance);
    const auto wanted = [this] { return canvas_.setting(settings::balance) / 100; };
    updaters_.push_back([this, balance, wanted] {
        const auto b = desk_.balance(wanted());
        const long dark = b ? std::lround(100 * b->dark) : 0;
        balance->setText(b ? tr("Dark : light at cut %1   %2 : %3").arg(b->cut + 1).arg(dark).arg(100 - dark) : QString());
    });
    settingField(tr("Wanted share of dark"), settings::balance);
    const auto find = [this, wanted] {
        const auto b = desk_.balance(wanted());
        if (!b) return;
        tone::Stack s = *desk_.stack();
        s.cuts[b->cut] = b->level;
        desk_.take(s, tr("Balance"));
    };
    buttonRow({{{}, tr("Find the cut"), tr("Moves the nearest cut so that dark has the wanted share: within the bound, or the picked shapes"), find},
               {"sweep", tr("Sweep specks"), tr("All areas smaller than four times the smallest piece go to their neighbours"), [this] {
                    if (!desk_.stack()) return;
                    tone::Stack s = *desk_.stack();
                    const int n = desk_.specksBelow(4 * s.smallest);
                    s.smallest *= 4;
                    desk_.take(s, tr("Sweep specks"));
                    canvas_.say(n == 1 ? tr("1 speck goes to its neighbour.") : tr("%1 specks go to their neighbours.").arg(n));
                }}});
    workingSection();
}

void Card::workingSection()
{
    rule();
    column_->addWidget(label(tr("Cover what is messy, with the pen or figures"), "small"));
    buttonRow({{{}, tr("Will be dark"), tr("What is picked, or drawn next, means dark (Ctrl+Alt+9)"), [this] { emit asksToRun("will-be-dark"); }},
               {{}, tr("Will be light"), tr("What is picked, or drawn next, means light (Ctrl+Alt+0)"), [this] { emit asksToRun("will-be-light"); }}});
    buttonRow({{{}, tr("Turn them into their tones"), tr("Everything in working colours gets the darkest or lightest tone (Ctrl+Alt+T)"), [this] {
                    emit asksToRun("turn-working");
                }}});
}

std::size_t Card::stackNodes() const
{
    return desk_.item() ? art::nodeCount(*desk_.item()) : 0;
}

void Card::patchSection()
{
    heading("tone-patch", tr("Patch"));
    const auto patch = [this]() -> const tone::Patch* {
        return desk_.patch() >= 0 ? &desk_.stack()->patches[static_cast<std::size_t>(desk_.patch())] : nullptr;
    };
    const auto change = [this](const std::function<void(tone::Patch&)>& act, const QString& name, const QString& burst) {
        if (desk_.patch() < 0) return;
        tone::Stack s = *desk_.stack();
        act(s.patches[static_cast<std::size_t>(desk_.patch())]);
        desk_.take(std::move(s), name, burst);
    };
    chips([patch] {
        const tone::Patch* p = patch();
        return !p                 ? QString()
               : p->strength == 0 ? tr("changes nothing")
               : p->strength > 0  ? tr("%1 levels lighter").arg(std::lround(p->strength))
                                  : tr("%1 levels darker").arg(-std::lround(p->strength));
    });
    settingSlider(
        tr("Darker or lighter"), -120, 120, 0, [patch] { return patch() ? patch()->strength : 0; },
        [change](double v) { change([v](tone::Patch& p) { p.strength = std::round(v); }, tr("Patch strength"), "patch-strength"); },
        [](double v) { return QString("%1%2").arg(v > 0 ? "+" : "").arg(std::lround(v)); });
    const auto scale = [this] { return std::max(1e-9, curve::meanScale(desk_.toSheet())); };
    settingSlider(
        tr("Soft edge"), 0, 120, 0, [patch, scale] { return patch() ? patch()->soft * scale() : 0; },
        [change, scale](double v) { change([v, scale](tone::Patch& p) { p.soft = v / scale(); }, tr("Soft edge"), "patch-soft"); }, pxText);
    note(tr("Drag up or down inside the patch for its strength. Up and Down change it by one level."));
    buttonRow({{{}, tr("Drop patch"), tr("The picture counts as it is there (Delete)"), [this] { desk_.dropPatch(); }},
               {{}, tr("To the stack"), tr("Lets go of the patch (Esc)"), [this] { desk_.pickPatch(-1); }}});
}

// -- facets -----------------------------------------------------------------------------------------------------------------------------

void Card::facetSection()
{
    heading("facets", tr("Facets"));
    const art::Item* shape = pickedLine(session_);
    const art::Item* now = piecesInHand(session_.document(), session_.selection());
    const bool outline =
        shape && !shape->artwork()->paths.empty() && shape->artwork()->paths.front().closed && !(now && session_.document().parentOf(shape->id) == now);
    if (outline) {
        column_->addWidget(label(tr("From the picked outline"), "small"));
        settingField(tr("Pieces, about"), settings::facetPieces);
        buttonRow({{"facets", tr("Cut into facets"), tr("Proposes straight cuts from corner to corner (Ctrl+Alt+F2)"),
                    [this] { emit asksToRun("facets-outline"); }}});
        rule();
    }
    if (now && now->group()->facets()) {
        const art::Id id = now->id;
        const auto facets = [this, id]() -> const art::Group* {
            const art::Item* i = session_.document().item(id);
            return i && i->group() && i->group()->facets() ? i->group() : nullptr;
        };
        chips([facets] {
            if (!facets()) return QString();
            std::size_t tiny = 0;
            const auto pieces = art::facetsOf(*facets());
            for (const tone::Facet& f : pieces) tiny += f.tiny;
            return tr("%1 pieces").arg(pieces.size()) + (tiny ? tr(", %1 much smaller than the rest").arg(tiny) : QString());
        });
        buttonRow({{{}, tr("Shuffle"), tr("Other shades and directions; locked pieces stay (Ctrl+Alt+F3)"), [this] { emit asksToRun("facets-shuffle"); }},
                   {{}, tr("Propose cuts"), tr("Other cuts for as many pieces (Ctrl+Alt+F2)"), [this] { emit asksToRun("facets-outline"); }}});
        if (!session_.document().inks.empty()) {
            column_->addWidget(label(tr("Tints of"), "small"));
            auto* steps = new ColourSteps(tr("Ink of the facets"));
            column_->addWidget(steps);
            updaters_.push_back([this, steps, facets] {
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
            connect(steps, &ColourSteps::taken, this, [this, id](int k) {
                if (k < static_cast<int>(session_.document().inks.size()))
                    session_.take(art::withFacetInk(session_.document(), id, session_.document().inks[static_cast<std::size_t>(k)].id), tr("Ink of facets"));
            });
        }
        note(tr("Click a piece for the next shade, drag inside it for its direction, Shift and click to lock it."));
    } else if (now) {
        const art::Id id = now->id;
        const auto pieces = [this, id]() -> const art::MeshPieces* {
            const art::Item* i = session_.document().item(id);
            return i && i->group() ? i->group()->mesh() : nullptr;
        };
        chips([pieces] { return pieces() ? tr("%1 pieces").arg(pieces()->mesh.faces.size()) : QString(); });
        settingSlider(
            tr("Gap between pieces"), 0, 12, 0, [pieces] { return pieces() ? pieces()->gap : 0; },
            [this, id, pieces](double v) {
                if (pieces()) session_.take(art::withMeshChanged(session_.document(), id, pieces()->mesh, v), tr("Gap"), "mesh-gap");
            },
            pxText);
        note(tr("Drag a corner: all its pieces follow. Drag from border to border to split, from piece to piece to merge."));
    }
    if (const art::Item* picture = desk_.picture(); picture) {
        rule();
        column_->addWidget(label(tr("From the picture: %1").arg(QString::fromStdString(picture->name)), "small"));
        settingField(tr("Pieces, about"), settings::meshPieces);
        settingSlider(
            tr("Finer where there is detail"), 0, 1, 0, [this] { return canvas_.setting(settings::meshDetail); },
            [this](double v) { canvas_.setSetting(settings::meshDetail, v); }, [](double v) { return QString("%1 %").arg(std::lround(100 * v)); });
        settingField(tr("Gap"), settings::meshGap);
        segments(
            tr("Colour of a piece"),
            {{tr("Mean"), tr("Of the photo beneath, in OKLab")},
             {tr("Median"), tr("Of the photo beneath, in OKLab")},
             {tr("Ink"), tr("The nearest ink of the palette")}},
            [this] { return canvas_.setting(settings::meshColour); },
            [this](int i) {
                canvas_.setSetting(settings::meshColour, i);
                refresh();
            });
        buttonRow({{"facets", tr("Make pieces"), tr("A mesh over the picture (Ctrl+Alt+F4)"), [this] { emit asksToRun("facets-picture"); }}});
    } else if (!outline && !now) {
        note(tr("Pick a closed outline, or bring in a picture."));
    }
}

void Card::toneBottom(QString& text, QString& act)
{
    const art::Item* stack = desk_.item();
    if (desk_.working()) {
        taskProgress_ = desk_.progress();
        text = desk_.ready() ? tr("Working out the shapes, %1 %").arg(std::lround(100 * desk_.progress())) : tr("Looking at the picture");
        act = tr("Stop");
        bottomRun_ = [this] { desk_.stop(); };
    } else if (stack && desk_.tones()->set) {
        text = tr("Set. The stack is kept.");
        act = tr("Live again");
        bottomRun_ = [this] { desk_.revive(); };
    } else if (stack && !context_.startsWith("tone facets")) {
        text = tr("%1 areas, %2 nodes").arg(stack->group()->items.size()).arg(stackNodes());
        act = tr("Make areas");
        bottomRun_ = [this] { desk_.set(); };
    }
}

} // namespace softrope::app
