// The page of the Tone step: the stack with its cuts and tones, and the balance.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"
#include "app/tools/tone/tone_desk.h"
#include "app/widgets/cut_bars.h"
#include "app/widgets/ink_widgets.h"
#include "app/widgets/palette_field.h"
#include "art/inks.h"

#include <QHBoxLayout>

#include <algorithm>
#include <cmath>

namespace softrope::app {

void workingSection(Fields& f)
{
    f.rule();
    f.note(tr("Cover what is messy, with the pen or figures"));
    f.buttonRow({{{}, tr("Will be dark"), tr("What is picked, or drawn next, means dark"), "will-be-dark"},
                 {{}, tr("Will be light"), tr("What is picked, or drawn next, means light"), "will-be-light"}});
    f.buttonRow({{{}, tr("Turn into tones"), tr("Everything in working colours gets the darkest or lightest tone"), "turn-working"}});
}

Bottom toneBottom(CardDesk& at, bool acts)
{
    Bottom b;
    const art::Item* stack = at.tones.item();
    if (at.tones.working()) {
        b.progress = at.tones.progress();
        b.text = at.tones.ready() ? tr("Working out the shapes, %1 %").arg(std::lround(100 * at.tones.progress())) : tr("Looking at the picture");
        b.act = tr("Stop");
        b.run = [&at] { at.tones.stop(); };
    } else if (stack && at.tones.tones()->set) {
        b.text = tr("Set. The stack is kept.");
        b.act = tr("Live again");
        b.run = [&at] { at.tones.revive(); };
    } else if (stack && acts) {
        b.text = tr("%1 areas, %2 nodes").arg(stack->group()->items.size()).arg(art::nodeCount(*stack));
        b.act = tr("Make areas");
        b.run = [&at] { at.tones.set(); };
    }
    return b;
}

namespace {

class TonePage : public CardPage {
public:
    explicit TonePage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override
    {
        return c.step == StepId::tone && c.tool && c.picked != Context::Picked::several && c.picked != Context::Picked::picture &&
               c.picked != Context::Picked::line;
    }
    Key key(const Context& c) const override { return {c.tool->id(), desk_.item() != nullptr, desk_.live(), desk_.picture() != nullptr}; }
    void build(Fields& f, const Context&) override
    {
        const QString id = canvas_.tool()->id();
        f.heading("tone-steps", tr("Tone stack"));
        if (!desk_.picture() && !desk_.item()) {
            f.note(tr("A photo is cut into flat tones here. Bring one in first."));
            f.buttonRow({{"place", tr("Choose a picture"), tr("A photo from a file"), "bring-picture"},
                         {"reference", tr("Picture shelf"), tr("Made-up pictures that come with the program"), "picture-shelf"}});
            return;
        }
        f.chips([this] {
            if (!desk_.item()) return tr("no stack yet: choose how many tones");
            if (desk_.tones()->set) return tr("set: the shapes are artwork now");
            if (!desk_.picture()) return tr("its picture is gone: the last shapes stay");
            return desk_.working() ? tr("live · working out the shapes")
                                   : tr("live · %1 areas, %2 nodes").arg(desk_.item()->group()->items.size()).arg(stackNodes());
        });
        // How many.
        const auto count = [this] { return desk_.stack() ? static_cast<int>(tone::toneCount(*desk_.stack())) : 0; };
        f.segments(
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
        f.row(tr("Any number"), number);
        QObject::connect(number, &NumberField::changed, [this](double v) { desk_.begin(static_cast<int>(std::lround(v))); });
        f.follow([number, count] { number->setValue(std::max(2, count())); });
        if (desk_.item())
            f.segments(
                tr("Cut by"),
                {{tr("Lightness"), tr("Cuts in the scale from dark to light")}, {tr("Colour"), tr("Each pixel goes to the nearest colour of a palette")}},
                [this] { return desk_.byColour() ? 1 : 0; }, [this](int k) { desk_.setByColour(k == 1); });
        auto* field = new PaletteField;
        f.add(field);
        QObject::connect(field, &PaletteField::moved, [this](int k, const QColor& c, bool done) {
            if (!desk_.byColour()) return;
            tone::Stack s = *desk_.stack();
            s.colours[static_cast<std::size_t>(k)] = {static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
                                                      static_cast<std::uint8_t>(c.blue()), 255};
            if (done)
                desk_.take(s, tr("Move colour %1").arg(k + 1), "colour");
            else
                desk_.show(s);
        });
        QObject::connect(field, &PaletteField::merged, [this](int into, int gone) {
            desk_.letGo();
            desk_.mergeColours(static_cast<std::size_t>(into), static_cast<std::size_t>(gone));
        });
        QObject::connect(field, &PaletteField::split, [this](int k) { desk_.splitColour(static_cast<std::size_t>(k)); });
        f.follow([this, field] {
            field->setVisible(desk_.byColour());
            if (!desk_.byColour()) return;
            std::vector<QColor> list;
            for (const pixel::Rgba c : desk_.stack()->colours) list.push_back(QColor(c.r, c.g, c.b));
            field->setColours(list, desk_.shares());
        });
        auto* bars = new CutBars;
        f.add(bars);
        auto* cutText = label({}, "small");
        cutText->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
        f.add(cutText);
        auto* level = new NumberField(0, 255, 0);
        level->setFixedWidth(70);
        level->setToolTip(tr("The picked cut, as a level from 0 (black) to 255"));
        f.row(tr("Cut at"), level);
        const auto showLevel = [this, bars, level] {
            const tone::Stack* s = desk_.stack();
            const bool one = s && !desk_.byColour() && bars->picked() >= 0 && bars->picked() < static_cast<int>(s->cuts.size());
            level->setEnabled(one);
            if (one) level->setValue(s->cuts[static_cast<std::size_t>(bars->picked())]);
        };
        QObject::connect(bars, &CutBars::pickedChanged, showLevel);
        QObject::connect(level, &NumberField::changed, [this, bars](double v) {
            const auto k = static_cast<std::size_t>(std::max(0, bars->picked()));
            if (!desk_.stack() || k >= desk_.stack()->cuts.size()) return;
            tone::Stack s = *desk_.stack();
            s.cuts[k] = v;
            std::sort(s.cuts.begin(), s.cuts.end());
            desk_.take(s, tr("Move cut %1").arg(k + 1));
        });
        f.follow(showLevel);
        auto* rows = new ToneRows;
        f.add(rows);
        const auto tellCut = [this, bars, cutText] {
            const tone::Stack* s = desk_.stack();
            if (desk_.byColour()) return cutText->setText(tr("Drag a colour; onto another it merges; a double click splits it."));
            if (!s || s->cuts.empty()) return cutText->setText({});
            const auto k = static_cast<std::size_t>(bars->picked());
            cutText->setText(tr("Cut %1: %2 to %3").arg(k + 1).arg(desk_.toneName(k), desk_.toneName(k + 1)));
        };
        QObject::connect(bars, &CutBars::pickedChanged, tellCut);
        QObject::connect(bars, &CutBars::moved, [this, bars](const std::vector<double>& cuts, bool done) {
            if (!desk_.stack()) return;
            tone::Stack s = *desk_.stack();
            if (s.cuts.size() != cuts.size()) s.paint.clear();
            s.cuts = cuts;
            if (done)
                desk_.take(s, tr("Move cut %1").arg(bars->picked() + 1), "cut");
            else
                desk_.show(s);
        });
        QObject::connect(rows, &ToneRows::mixed, [this](int tone, const QColor& c) {
            if (!desk_.stack()) return;
            tone::Stack s = *desk_.stack();
            s.paint.resize(tone::toneCount(s));
            auto& paint = s.paint[static_cast<std::size_t>(tone)];
            if (c.isValid())
                paint = pixel::Rgba{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue()), 255};
            else
                paint.reset();
            desk_.take(s, tr("Paint of a tone"));
        });
        f.follow([this, bars, rows, tellCut] {
            const tone::Stack* s = desk_.stack();
            bars->setVisible(desk_.ready() && !desk_.byColour());
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
        if (id == "tone-edge") f.settingField(tr("Brush"), settings::edgeBrush);
        if (id == "sweep") f.settingField(tr("Brush"), settings::sweepBrush);
        if (id == "patch") {
            f.settingField(tr("A new patch is lighter by"), settings::patchStrength);
            f.settingField(tr("and soft over"), settings::patchSoft);
            f.settingField(tr("Brush, with Shift"), settings::patchBrush);
        }
        if (!desk_.item()) return;
        f.rule();
        const auto perSheet = [this] { return std::max(1e-9, curve::meanScale(desk_.toSheet())); };
        f.settingSlider(
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
        f.row(tr("Smallest piece"), smallest, label(tr("px²"), "small"));
        QObject::connect(smallest, &NumberField::changed, [this, perSheet](double v) {
            if (!desk_.stack()) return;
            tone::Stack s = *desk_.stack();
            s.smallest = v / (perSheet() * perSheet());
            desk_.take(s, tr("Smallest piece"));
        });
        f.follow([this, smallest, perSheet] {
            if (desk_.stack()) smallest->setValue(desk_.stack()->smallest * perSheet() * perSheet());
        });
        // Dark against light.
        f.rule();
        auto* balance = label({}, "control", false);
        f.add(balance);
        const auto wanted = [this] { return canvas_.setting(settings::balance) / 100; };
        f.follow([this, balance, wanted] {
            const auto b = desk_.balance(wanted());
            const long dark = b ? std::lround(100 * b->dark) : 0;
            balance->setText(b ? tr("Dark : light at cut %1   %2 : %3").arg(b->cut + 1).arg(dark).arg(100 - dark) : QString());
        });
        f.settingField(tr("Wanted share of dark"), settings::balance);
        const auto find = [this, wanted] {
            const auto b = desk_.balance(wanted());
            if (!b) return;
            tone::Stack s = *desk_.stack();
            s.cuts[b->cut] = b->level;
            desk_.take(s, tr("Balance"));
        };
        f.buttonRow({{{}, tr("Find the cut"), tr("Moves the nearest cut so that dark has the wanted share: within the bound, or the picked shapes"), find},
                     {"sweep", tr("Sweep specks"), tr("All areas smaller than four times the smallest piece go to their neighbours"), [this] {
                          if (!desk_.stack()) return;
                          tone::Stack s = *desk_.stack();
                          const int n = desk_.specksBelow(4 * s.smallest);
                          s.smallest *= 4;
                          desk_.take(s, tr("Sweep specks"));
                          canvas_.say(tr("%n specks go to their neighbours.", nullptr, n));
                      }}});
        workingSection(f);
    }
    Bottom bottom(const Context&) override { return toneBottom(at_, true); }

private:
    std::size_t stackNodes() const { return desk_.item() ? art::nodeCount(*desk_.item()) : 0; }
};

} // namespace

std::unique_ptr<CardPage> makeTonePage(CardDesk& at)
{
    return std::make_unique<TonePage>(at);
}

} // namespace softrope::app
