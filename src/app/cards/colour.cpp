// The page of the Colour step: inks, tints, harmonies, what the ink is put on, gradients.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/areas.h"
#include "app/theme/theme.h"
#include "app/tools/colour/ink_hand.h"
#include "app/widgets/ink_widgets.h"
#include "art/drops.h"
#include "pixel/ink_colours.h"
#include "words/said.h"

#include <QHBoxLayout>
#include <QMenu>

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

pixel::Rgba rgba(art::Colour c)
{
    return {c.r, c.g, c.b, 255};
}

const std::array<std::pair<const char*, pixel::Harmony>, 5> harmonies{{{words::marked("Complement"), pixel::Harmony::complement},
                                                                       {words::marked("Neighbours"), pixel::Harmony::neighbours},
                                                                       {words::marked("Triad"), pixel::Harmony::triad},
                                                                       {words::marked("Split"), pixel::Harmony::split},
                                                                       {words::marked("Square"), pixel::Harmony::square}}};

class ColourPage : public CardPage {
public:
    explicit ColourPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.step == StepId::colour && c.tool && !c.holds("carve") && c.picked != Context::Picked::picture; }
    Key key(const Context& c) const override
    {
        const PickedPaint p = pickedPaint();
        Key k{c.tool->id(), p.first != nullptr, p.gradient != nullptr, p.drop, shelfShown()};
        for (const art::Ink& i : session_.document().inks) k << qulonglong(i.id);
        return k;
    }
    void build(Fields& f, const Context&) override
    {
        const QString id = canvas_.tool()->id();
        auto* head = new QWidget;
        auto* r = new QHBoxLayout(head);
        r->setContentsMargins(0, 0, 0, 0);
        r->setSpacing(8);
        r->addWidget(iconLabel("ink", 20));
        QLabel* title = label(tr("Inks"), "title", false);
        head->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
        r->addWidget(title, 1);
        auto* add = new Pill("add", tr("Add ink"), {}, Pill::Kind::segment);
        add->setToolTip(tr("The colour in hand as a new ink"));
        tellKeysOf(add, "add-ink");
        auto* more = new Pill({}, tr("Palette"), {}, Pill::Kind::segment);
        more->setToolTip(tr("The shelf, load, save, take from the picture"));
        f.flow({head, add, more}, 4);
        QObject::connect(add, &QAbstractButton::clicked, [this] { at_.run("add-ink"); });
        QObject::connect(more, &QAbstractButton::clicked, [this, more] {
            QMenu menu;
            QAction* shelf = menu.addAction(tr("Shelf of palettes"), [this] { at_.run("palette-shelf"); });
            shelf->setCheckable(true);
            shelf->setChecked(shelfShown());
            for (const auto& [text, command] : {std::pair{tr("Load a palette…"), "palette-load"},
                                                {tr("Save as CSS custom properties…"), "palette-css"},
                                                {tr("Save as design tokens (JSON)…"), "palette-json"},
                                                {tr("Take from the picture"), "palette-picture"}}) {
                const char* const run = command;
                menu.addAction(text, [this, run] { at_.run(run); });
            }
            menu.exec(more->mapToGlobal(QPoint(0, more->height())));
        });
        if (session_.document().inks.empty())
            f.note(tr("No inks yet. Add one, load a palette, or take one from the picture. What is painted with an ink changes with it."));
        if (shelfShown()) {
            paletteShelf(f);
            f.rule();
        }
        // Shares are summed over the whole drawing: once for all rows, and only when it changed.
        f.follow([this, of = art::Document{}]() mutable {
            if (!inkShares_.empty() && of == session_.document()) return;
            of = session_.document();
            inkShares_ = art::inkShares(of);
        });
        for (const art::Ink& i : session_.document().inks) inkRow(f, i.id);

        // Tints of the ink in hand, and what goes with it.
        auto* tintHead = label({}, "small");
        tintHead->setWordWrap(true);
        f.add(tintHead);
        auto* tints = new ColourSteps(tr("Tints"));
        f.add(tints);
        auto* goes = new ColourSteps(tr("Goes with it"));
        const auto kind = [this] { return canvas_.setting(settings::harmony); };
        auto* goesRow = new QWidget;
        auto* g = new QHBoxLayout(goesRow);
        g->setContentsMargins(0, 0, 0, 0);
        auto* which = new Pill({}, {}, {}, Pill::Kind::segment);
        which->setToolTip(tr("Another harmony"));
        which->setMinimumWidth(92);
        g->addWidget(which);
        g->addWidget(goes, 1);
        f.add(goesRow);
        QObject::connect(which, &QAbstractButton::clicked, [this, kind] {
            canvas_.setSetting(settings::harmony, (kind() + 1) % 5);
            at_.refresh();
        });
        const auto keep = [this](const QColor& c, const QString& name) {
            const art::Added a = art::withInk(session_.document(), name.toStdString(), artColour(c));
            session_.take(a.document, tr("Add ink"));
            takeInk(canvas_, {a.id, 0});
            at_.refresh();
        };
        QObject::connect(tints, &ColourSteps::taken, [this](int k) {
            const art::Paint now = paintInHand(canvas_);
            if (const art::Ink* ink = session_.document().ink(now.ink.ink))
                takeInk(canvas_, {ink->id, k - pixel::tintSteps});
            else if (now.colour)
                takeLooseColour(canvas_, art::tintOf(*now.colour, k - pixel::tintSteps));
            putOnPicked();
            at_.refresh();
        });
        QObject::connect(tints, &ColourSteps::kept, [this, keep](int k) {
            if (const art::Ink* ink = inkInHand(canvas_))
                keep(qColour(art::tintOf(ink->colour, k - pixel::tintSteps)), QString::fromStdString(ink->name) + tr(" tint"));
        });
        const auto family = [this, kind]() {
            const art::Paint now = paintInHand(canvas_);
            return now.colour ? pixel::harmony(rgba(*now.colour), harmonies[static_cast<std::size_t>(kind())].second) : std::vector<pixel::Rgba>{};
        };
        QObject::connect(goes, &ColourSteps::taken, [this, family](int k) {
            const auto all = family();
            if (k < static_cast<int>(all.size()))
                takeLooseColour(canvas_, {all[static_cast<std::size_t>(k)].r, all[static_cast<std::size_t>(k)].g, all[static_cast<std::size_t>(k)].b});
            putOnPicked();
            at_.refresh();
        });
        QObject::connect(goes, &ColourSteps::kept, [keep, family, kind](int k) {
            const auto all = family();
            if (k < static_cast<int>(all.size())) {
                const pixel::Rgba c = all[static_cast<std::size_t>(k)];
                keep(QColor(c.r, c.g, c.b), tr(harmonies[static_cast<std::size_t>(kind())].first));
            }
        });
        auto* contrast = label({}, "small");
        contrast->setWordWrap(true);
        contrast->setToolTip(tr("Contrast ratio by WCAG 2.2: 4.5 for text, 3 for large text and marks"));
        f.add(contrast);
        f.follow([this, tintHead, tints, goes, which, kind, family, contrast, goesRow] {
            const art::Paint now = paintInHand(canvas_);
            const art::Ink* ink = session_.document().ink(now.ink.ink);
            tints->setVisible(now.colour.has_value());
            goesRow->setVisible(now.colour.has_value());
            tintHead->setVisible(now.colour.has_value());
            contrast->setVisible(now.colour.has_value());
            if (!now.colour) return;
            tintHead->setText(tr("In hand: %1").arg(paintName(session_.document(), now)));
            const art::Colour base = ink ? ink->colour : *now.colour;
            std::vector<QColor> list;
            QStringList names;
            for (int s = -pixel::tintSteps; s <= pixel::tintSteps; ++s) {
                list.push_back(qColour(art::tintOf(base, s)));
                names << (s == 0 ? tr("as mixed") : s > 0 ? tr("%1 lighter").arg(s) : tr("%1 darker").arg(-s));
            }
            tints->setColours(list, names, (ink ? now.ink.tint : 0) + pixel::tintSteps);
            list.clear();
            names.clear();
            for (const pixel::Rgba c : family()) {
                list.push_back(QColor(c.r, c.g, c.b));
                names << list.back().name();
            }
            goes->setColours(list, names, 0);
            which->setText(tr(harmonies[static_cast<std::size_t>(kind())].first));
            const art::Sheet& sheet = session_.document().sheet;
            const art::Colour ground = sheet.hasBackground ? sheet.background : art::Colour{255, 255, 255};
            const double ratio = pixel::contrastRatio(rgba(*now.colour), rgba(ground));
            contrast->setText(tr("On the sheet %1 : 1, %2")
                                  .arg(ratio, 0, 'f', 1)
                                  .arg(ratio >= 4.5 ? tr("enough for text")
                                       : ratio >= 3 ? tr("enough for marks")
                                                    : tr("too little for marks")));
        });
        f.segments(
            tr("Put it on"), {{tr("Area"), tr("The fill")}, {tr("Line"), tr("The line")}, {tr("Both"), tr("Fill and line")}},
            [this] { return static_cast<int>(whereInHand(canvas_)); },
            [this](int i) {
                canvas_.setSetting(settings::paintWhere, i);
                at_.refresh();
            });
        if (id == "drop")
            f.segments(
                tr("When a line between colours goes"),
                {{tr("Ask"), tr("Asks the next time")},
                 {tr("Flow on"), tr("The colour fills the larger area")},
                 {tr("Stay"), tr("The colour stays as it was")}},
                [this] { return canvas_.setting(settings::dropsFlow); },
                [this](int i) {
                    canvas_.setSetting(settings::dropsFlow, i);
                    areas_.setFlows(i == 1);
                    at_.refresh();
                });
        if (id == "take-ink") f.settingField(tr("Mean of a disc of radius"), settings::loupeMean);
        if (id == "gradient")
            f.segments(
                tr("A new gradient is"), {{tr("Straight"), tr("Along the drag")}, {tr("Round"), tr("From the middle to the rim")}},
                [this] { return canvas_.setting(settings::gradientRadial) ? 1 : 0; },
                [this](int i) {
                    canvas_.setSetting(settings::gradientRadial, i);
                    at_.refresh();
                });
        if (pickedPaint().first) pickedPaintSection(f);
    }
    Bottom bottom(const Context&) override
    {
        Bottom b;
        const auto open = art::leaks(session_.document());
        if (!open.empty()) {
            std::vector<art::Id> drops;
            for (const art::Leak& l : open)
                if (std::find(drops.begin(), drops.end(), l.item) == drops.end()) drops.push_back(l.item);
            b.text = tr("%n drops are open and stay as they were.", nullptr, static_cast<int>(drops.size()));
            b.act = tr("Show leak");
            b.run = [this, open] { at_.show(open[next_++ % open.size()].at); };
            return b;
        }
        const auto bare = art::withoutInkYet(session_.document());
        if (bare.empty()) return b;
        b.text = tr("%n areas have no ink.", nullptr, static_cast<int>(bare.size()));
        b.act = tr("Show next");
        b.run = [this, bare] {
            const art::Id id = bare[next_++ % bare.size()];
            if (const art::Item* i = session_.document().item(id)) {
                at_.show(art::bounds(*i).centre());
                session_.pickItems({id});
            }
        };
        return b;
    }

private:
    bool shelfShown() const { return session_.document().inks.empty() || canvas_.setting(settings::paletteShelf); }
    // What is picked, as far as paint goes.
    struct PickedPaint {
        const art::Artwork* first = nullptr;
        const art::Gradient* gradient = nullptr; // the first there is
        bool drop = false;
    };
    PickedPaint pickedPaint() const
    {
        PickedPaint p;
        // Groups are painted through.
        const std::function<void(const art::Item&)> see = [&](const art::Item& i) {
            if (const art::Artwork* a = i.artwork()) {
                if (!p.first) p.first = a;
                if (!p.gradient) p.gradient = a->fill.gradient.get();
                p.drop = p.drop || a->drop();
            } else {
                for (const art::ItemPtr& c : art::childrenOf(i)) see(*c);
            }
        };
        for (const art::Id id : session_.selection().items)
            if (const art::Item* i = session_.document().item(id)) see(*i);
        return p;
    }

    void inkRow(Fields& f, art::Id ink)
    {
        auto* row = new InkRow;
        f.add(row);
        QObject::connect(row, &QAbstractButton::clicked, [this, ink] {
            takeInk(canvas_, {ink, 0});
            putOnPicked();
            at_.refresh();
        });
        QObject::connect(row, &InkRow::renamed,
                         [this, ink](const QString& n) { session_.take(art::withInkName(session_.document(), ink, n.toStdString()), tr("Rename ink")); });
        QObject::connect(row, &InkRow::mixed,
                         [this, ink](const QColor& c) { session_.take(art::withInkColour(session_.document(), ink, artColour(c)), tr("Mix ink")); });
        QObject::connect(row, &InkRow::menuWanted, [this, ink](const QPoint& at) {
            QMenu menu;
            menu.addAction(tr("Pick all painted with it"), [this, ink] {
                std::vector<art::Id> all;
                art::eachArtwork(session_.document(), {false, false, true, true}, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
                    if (a.fill.ink.ink == ink || a.stroke.ink.ink == ink) all.push_back(i.id);
                });
                session_.pickItems(all);
            });
            menu.addAction(tr("Put the ink in hand in its place"), [this, ink] {
                const art::Ink* from = session_.document().ink(ink);
                if (from)
                    session_.take(
                        art::withPaintReplaced(session_.document(), art::paintOf(session_.document(), {ink, 0}), paintInHand(canvas_), art::Part::both),
                        tr("Replace ink"));
            });
            menu.addAction(tr("Up"), [this, ink] { session_.take(art::withInkMoved(session_.document(), ink, -1), tr("Move ink")); });
            menu.addAction(tr("Down"), [this, ink] { session_.take(art::withInkMoved(session_.document(), ink, 1), tr("Move ink")); });
            menu.addAction(tr("Drop it; the colours stay"), [this, ink] { session_.take(art::withoutInk(session_.document(), ink), tr("Drop ink")); });
            menu.exec(at);
        });
        f.follow([this, row, ink] {
            const art::Document& d = session_.document();
            const art::Ink* now = d.ink(ink);
            if (!now) return;
            const auto at = static_cast<std::size_t>(now - d.inks.data());
            const art::Ink* hand = inkInHand(canvas_);
            row->setInk(*now, inkShares_[at], hand && hand->id == ink, at < 9 ? QString("⇧%1").arg(at + 1) : QString());
        });
    }

    void putOnPicked()
    {
        const auto& items = session_.selection().items;
        const art::Paint paint = paintInHand(canvas_);
        if (items.empty() || !paint.colour) return;
        session_.take(art::withPaint(session_.document(), items, paint, whereInHand(canvas_)), tr("Paint %1").arg(paintName(session_.document(), paint)));
    }

    void pickedPaintSection(Fields& f)
    {
        f.rule();
        const auto items = [this] { return session_.selection().items; };
        const auto first = [this] { return pickedPaint().first; };
        f.chips([this, first] {
            const art::Artwork* a = first();
            if (!a) return QString();
            const auto n = session_.selection().items.size();
            double size = 0;
            for (const curve::Path& p : a->paths) size += curve::area(p);
            const QString what = n == 1 ? tr("area %1 px²").arg(std::lround(std::abs(size))) : tr("%1 picked").arg(n);
            return what + tr(" · fill %1 · line %2")
                              .arg(a->fill.gradient ? tr("gradient") : paintName(session_.document(), art::fillOf(*a)),
                                   paintName(session_.document(), art::lineOf(*a)));
        });
        f.buttonRow({{{}, tr("Swap"), tr("Fill and line change places"), "swap-paint"},
                     {{},
                      tr("No fill"),
                      tr("Takes the fill away"),
                      [this, items] { session_.take(art::withPaint(session_.document(), items(), {}, art::Part::area), tr("No fill")); }},
                     {{}, tr("No line"), tr("Takes the line away"), [this, items] {
                          session_.take(art::withPaint(session_.document(), items(), {}, art::Part::line), tr("No line"));
                      }}});
        f.buttonRow({{{}, tr("Like fill"), tr("Everything with the same fill"), "alike-fill"},
                     {{}, tr("Line"), tr("Everything with the same line colour"), "alike-line"},
                     {{}, tr("Weight"), tr("Everything with the same weight"), "alike-weight"}});
        auto* opacity = new NumberField(0, 100, 0, "%");
        opacity->setFixedWidth(66);
        f.row(tr("Opacity of the fill"), opacity);
        QObject::connect(opacity, &NumberField::changed, [this, items](double v) {
            session_.take(art::withItemsChanged(session_.document(), items(),
                                                [v](art::Item& i) {
                                                    if (art::Artwork* a = std::get_if<art::Artwork>(&i.is)) a->fill.opacity = v / 100;
                                                }),
                          tr("Opacity of fill"), "fill-opacity");
        });
        f.follow([opacity, first] {
            if (const art::Artwork* a = first()) opacity->setValue(a->fill.opacity * 100);
        });
        if (pickedPaint().drop) f.buttonRow({{{}, tr("Set drops"), tr("Plain shapes that no longer follow the lines"), "set-drops"}});
        if (!pickedPaint().gradient) return;
        f.rule();
        f.note(tr("Gradient"));
        auto* band = new StopBand;
        f.add(band);
        const auto gradient = [this] { return pickedPaint().gradient; };
        QObject::connect(band, &StopBand::changed, [this, items](const std::vector<art::GradientStop>& stops, bool done) {
            session_.take(art::withGradientStops(session_.document(), items(), stops), tr("Gradient stops"), "stops");
            if (done) session_.endBurst();
        });
        auto* stopOpacity = new NumberField(0, 100, 0, "%");
        stopOpacity->setFixedWidth(66);
        f.row(tr("Opacity of the stop"), stopOpacity);
        const auto changeStop = [this, items, gradient, band](const std::function<void(art::GradientStop&)>& act, const QString& name) {
            const art::Gradient* g = gradient();
            if (!g || band->picked() >= static_cast<int>(g->stops.size())) return;
            auto stops = g->stops;
            act(stops[static_cast<std::size_t>(band->picked())]);
            session_.take(art::withGradientStops(session_.document(), items(), stops), name);
        };
        QObject::connect(stopOpacity, &NumberField::changed,
                         [changeStop](double v) { changeStop([v](art::GradientStop& s) { s.opacity = v / 100; }, tr("Opacity of stop")); });
        f.buttonRow({{{},
                      tr("Ink to the stop"),
                      tr("The picked stop takes the ink in hand"),
                      [this, changeStop] {
                          const art::Paint p = paintInHand(canvas_);
                          if (p.colour)
                              changeStop(
                                  [p](art::GradientStop& s) {
                                      s.colour = *p.colour;
                                      s.ink = p.ink;
                                  },
                                  tr("Ink of stop"));
                      }},
                     {{}, tr("Flat again"), tr("The first stop's colour in place of the gradient"), [this, items] {
                          session_.take(art::withoutGradient(session_.document(), items()), tr("Drop gradient"));
                      }}});
        f.follow([gradient, band, stopOpacity] {
            if (const art::Gradient* g = gradient()) {
                band->setGradient(*g);
                if (band->picked() < static_cast<int>(g->stops.size())) stopOpacity->setValue(g->stops[static_cast<std::size_t>(band->picked())].opacity * 100);
            }
        });
        QObject::connect(band, &StopBand::pickedChanged, [this] { at_.refresh(); });
    }

    std::vector<art::InkShare> inkShares_;
    std::size_t next_ = 0;
};

} // namespace

std::unique_ptr<CardPage> makeColourPage(CardDesk& at)
{
    return std::make_unique<ColourPage>(at);
}

} // namespace softrope::app
