// The card of the Build step: figures, trimming, gathering areas, combining shapes, the mirror.
#include "app/cards/card.h"
#include "app/cards/card_parts.h"
#include "app/services/areas.h"
#include "app/theme/theme.h"
#include "app/tools/build/mirror_acts.h"
#include "app/tools/gathering.h"
#include "art/build.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

namespace {

// A small picture of what is in hand.
class OutlinePicture : public QWidget {
public:
    explicit OutlinePicture(Bench& bench) : bench_(bench) { setFixedSize(76, 46); }
    void set(const curve::Paths& outline, bool filled)
    {
        outline_ = outline;
        filled_ = filled;
        update();
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.fillRect(rect(), colours().sheet);
        const curve::Box b = curve::bounds(outline_);
        if (b.empty()) return;
        const double k = std::min(66 / std::max(b.width(), 1e-6), 36 / std::max(b.height(), 1e-6));
        const curve::Affine m = curve::translation({38, 23}) * curve::scaling(k, k) * curve::translation(-b.centre());
        QPainterPath path = painterPath(outline_, m);
        path.setFillRule(Qt::WindingFill);
        QColor wash = paintOf(bench_);
        wash.setAlphaF(0.4F);
        if (filled_) p.fillPath(path, wash);
        p.setPen(QPen(colours().teal, 1.75));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
    }

private:
    Bench& bench_;
    curve::Paths outline_;
    bool filled_ = false;
};

} // namespace

bool Card::buildsNow() const
{
    return step_ == StepId::build && session_.selection().items.empty() && canvas_.tool();
}

void Card::buttonRow(const std::vector<CardButton>& buttons)
{
    constexpr int gap = 6;
    const int room = roomAcross();
    QHBoxLayout* r = nullptr;
    int taken = 0;
    for (const CardButton& b : buttons) {
        auto* pill = new Pill(b.icon, b.text);
        pill->setToolTip(b.tip);
        pill->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        // What finds no room beside the others goes below them.
        if (!r || taken + gap + pill->sizeHint().width() > room) {
            auto* w = new QWidget;
            r = new QHBoxLayout(w);
            r->setContentsMargins(0, 0, 0, 0);
            r->setSpacing(gap);
            column_->addWidget(w);
            taken = -gap;
        }
        r->addWidget(pill);
        taken += gap + pill->sizeHint().width();
        connect(pill, &QAbstractButton::clicked, this, b.run);
    }
}

void Card::tickBox(const QString& text, const QString& tip, std::function<bool()> get, std::function<void(bool)> set)
{
    auto* box = new QCheckBox(text);
    box->setFont(typeface("small"));
    box->setToolTip(tip);
    column_->addWidget(box);
    connect(box, &QCheckBox::clicked, this, [this, set](bool on) {
        set(on);
        refresh();
    });
    updaters_.push_back([box, get] { box->setChecked(get()); });
}

template <class T> void Card::settingField(const QString& name, const Setting<T>& setting)
{
    auto* field = new NumberField(setting.least, setting.most, setting.decimals);
    field->setFixedWidth(66);
    row(name, field, label(QString::fromUtf8(setting.unit), "small"));
    connect(field, &NumberField::changed, this, [this, setting](double v) { canvas_.setSetting(setting, static_cast<T>(v)); });
    updaters_.push_back([this, field, setting] { field->setValue(canvas_.setting(setting)); });
}
template void Card::settingField(const QString&, const Setting<double>&);
template void Card::settingField(const QString&, const Setting<int>&);

void Card::note(const QString& text)
{
    auto* l = label(text, "small");
    l->setWordWrap(true);
    column_->addWidget(l);
}

void Card::buildBuild()
{
    const QString id = canvas_.tool()->id();
    heading(id == "pick" ? "union" : canvas_.tool()->icon(), id == "pick" ? tr("Build") : canvas_.tool()->name());
    if (id == "carve" || id == "follow") {
        gatheringSection();
        return;
    }
    if (id == "circle" || id == "rectangle" || id == "line") {
        figureSection(id);
        return;
    }
    if (id == "join") {
        settingField(tr("Joins at once within"), settings::joinReach);
        chips([this] {
            const int n = art::endPairCount(session_.document(), canvas_.setting(settings::joinReach));
            return n == 0 ? tr("No two ends are that near.") : n == 1 ? tr("1 pair of ends is that near.") : tr("%1 pairs of ends are that near.").arg(n);
        });
        buttonRow({{"join", tr("Join them all"), tr("All pairs within the distance, nearest first (Shift+J)"), [this] { emit asksToRun("join-near"); }}});
        return;
    }
    if (id == "trim") {
        note(tr("A click takes the stretch between two crossings; a drag takes all it crosses; Shift takes the piece between two nodes."));
        areaSettings();
        return;
    }
    // Nothing in hand: what the lines enclose.
    chips([this] {
        const planar::Map& m = *areas_.map();
        const auto n = m.areas().size();
        return (n == 1 ? tr("1 area enclosed") : tr("%1 areas enclosed").arg(n)) + (m.bridges().empty()       ? QString()
                                                                                    : m.bridges().size() == 1 ? tr(", 1 across a gap")
                                                                                                              : tr(", %1 across gaps").arg(m.bridges().size()));
    });
    areaSettings();
    rule();
    mirrorSection();
}

void Card::areaSettings()
{
    settingSlider(
        tr("Gaps that close"), 0, 5, 6, [this] { return areas_.gap(); }, [this](double v) { areas_.setGap(std::round(v * 10) / 10); },
        [this](double v) {
            const auto n = areas_.map()->bridges().size();
            return pxText(v) + (n ? tr(" · %1 bridged").arg(n) : QString());
        });
    settingSlider(
        tr("Thinnest area kept"), 0, 5, 6, [this] { return areas_.thinnest(); }, [this](double v) { areas_.setThinnest(std::round(v * 10) / 10); },
        [this](double v) {
            const std::size_t n = areas_.map()->slivers().size();
            return pxText(v) + (n == 0 ? QString() : n == 1 ? tr(" · 1 sliver joins") : tr(" · %1 slivers join").arg(n));
        });
}

void Card::gatheringSection()
{
    auto* const hand = dynamic_cast<Gathering*>(canvas_.tool());
    if (!hand) return;
    const bool carve = canvas_.tool()->id() == "carve";
    if (carve)
        segments(
            {},
            {{tr("Gather"), tr("Drag through areas to put them together")}, {tr("Drop out"), tr("Drag through areas to take them out again (Shift, held)")}},
            [this] { return canvas_.setting(settings::carveDrops) ? 1 : 0; },
            [this](int i) {
                canvas_.setSetting(settings::carveDrops, i);
                refresh();
            });
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 4, 0, 4);
    auto* picture = new OutlinePicture(canvas_);
    auto* words = new QWidget;
    auto* c = new QVBoxLayout(words);
    c->setContentsMargins(4, 0, 0, 0);
    c->setSpacing(1);
    auto* title = label({}, "control", false);
    auto* more = label({}, "small");
    more->setWordWrap(true);
    c->addWidget(title);
    c->addWidget(more);
    r->addWidget(picture);
    r->addWidget(words, 1);
    column_->addWidget(w);
    auto* paint = new Swatch;
    row(tr("Paint"), paint);
    connect(paint, &Swatch::picked, this, [this](const QColor& q) {
        canvas_.setSetting(settings::shapePaint, (q.red() << 16) + (q.green() << 8) + q.blue());
        refresh();
    });
    segments(
        tr("Its lines"),
        {{tr("Stay"), tr("The lines stay as they are")},
         {tr("Guides"), tr("The lines become guides: seen here, never delivered")},
         {tr("Go"), tr("The lines are used up")}},
        [this] { return canvas_.setting(settings::leftover); },
        [this](int i) {
            canvas_.setSetting(settings::leftover, i);
            refresh();
        });
    rule();
    areaSettings();
    buttonRow({{"undo", tr("Let go one"), tr("The last one taken is let go (Backspace)"), [hand, this] {
                    if (!hand->letGo()) canvas_.say(tr("Nothing is in hand."));
                }}});
    updaters_.push_back([this, hand, picture, title, more, paint, carve] {
        const std::size_t n = hand->gathered();
        picture->set(hand->outline(), hand->closed());
        paint->setColour(paintOf(canvas_));
        if (n == 0) {
            title->setText(tr("Nothing in hand"));
            more->setText(carve ? tr("Drag through areas.") : tr("Drag along lines."));
            return;
        }
        title->setText(carve ? (n == 1 ? tr("1 area → 1 shape") : tr("%1 areas → 1 shape").arg(n)) : (n == 1 ? tr("1 piece") : tr("%1 pieces").arg(n)));
        std::size_t holes = 0;
        for (const curve::Path& p : hand->outline())
            if (curve::area(p) < 0) ++holes;
        more->setText(tr("%1 nodes, %2")
                          .arg(curve::nodeCount(hand->outline()))
                          .arg(!hand->closed() ? tr("open")
                               : holes == 0    ? tr("no hole")
                               : holes == 1    ? tr("1 hole")
                                               : tr("%1 holes").arg(holes)));
    });
}

void Card::figureSection(const QString& id)
{
    if (id == "circle") {
        segments(
            {},
            {{tr("Circle"), tr("Drag from the middle")},
             {tr("Ellipse"), tr("Drag from the middle to a corner")},
             {tr("Polygon"), tr("Regular, with as many sides as set below")},
             {tr("Leaf"), tr("Two arcs from tip to tip")}},
            [this] { return canvas_.setting(settings::figureKind); },
            [this](int i) {
                canvas_.setSetting(settings::figureKind, i);
                rebuild();
            });
        const int kind = canvas_.setting(settings::figureKind);
        if (kind == 2) settingField(tr("Sides"), settings::polygonSides);
        if (kind == 3) settingField(tr("Width of its length"), settings::leafWidth);
    }
    if (id == "rectangle") settingField(tr("Corner radius"), settings::rectangleRadius);
    if (id == "line") {
        settingField(tr("Angle steps with Shift"), settings::lineStep);
        tickBox(
            tr("A guide only: never delivered"), tr("The line serves other lines"), [this] { return canvas_.setting(settings::lineGuide); },
            [this](bool on) { canvas_.setSetting(settings::lineGuide, on); });
    }
    if (id != "rectangle")
        tickBox(
            tr("Touch the neighbour"), tr("Locks exactly tangent to one or two lines near by; three give a circle its size (Ctrl lets go)"),
            [this] { return canvas_.setting(settings::touch); }, [this](bool on) { canvas_.setSetting(settings::touch, on); });
    rule();
    nextLineFields(false);
}

void Card::mirrorSection()
{
    column_->addWidget(label(tr("Mirror of the layer drawn on"), "small"));
    const auto axis = [this]() -> std::optional<mirror::Axis> {
        const art::Layer* l = session_.document().layer(session_.selection().layer);
        return l ? l->mirror : std::nullopt;
    };
    if (!axis()) {
        buttonRow({{"mirror", tr("Mirror"), tr("What lies on the layer shows on both sides of an axis (M)"), [this] { emit asksToRun("mirror"); }},
                   {"mirror-line", tr("Find axis"), tr("Looks for the symmetry of the picture (Shift+M)"), [this] { findAxisInBackground(this, canvas_); }}});
        return;
    }
    auto* x = new NumberField(-1e5, 1e5, 1);
    auto* y = new NumberField(-1e5, 1e5, 1);
    auto* angle = new NumberField(-360, 360, 2, "°");
    for (NumberField* f : {x, y}) f->setFixedWidth(66);
    angle->setFixedWidth(84);
    row(tr("Axis through"), x, y);
    row(tr("Angle"), angle);
    const auto change = [this, axis](const std::function<void(mirror::Axis&)>& act) {
        if (auto a = axis()) {
            act(*a);
            session_.take(art::withMirror(session_.document(), session_.selection().layer, a), "Move axis");
        }
    };
    connect(x, &NumberField::changed, this, [change](double v) { change([v](mirror::Axis& a) { a.through.x = v; }); });
    connect(y, &NumberField::changed, this, [change](double v) { change([v](mirror::Axis& a) { a.through.y = v; }); });
    connect(angle, &NumberField::changed, this, [change](double v) { change([v](mirror::Axis& a) { a.angle = mirror::lineAngle(curve::radians(v)); }); });
    updaters_.push_back([x, y, angle, axis] {
        if (const auto a = axis()) {
            x->setValue(a->through.x);
            y->setValue(a->through.y);
            angle->setValue(curve::degrees(a->angle));
        }
    });
    settingField(tr("Welds ends within"), settings::weldReach);
    buttonRow({{"weld", tr("Weld"), tr("The halves become whole; they are kept on a hidden layer (Shift+W)"), [this] { emit asksToRun("weld"); }},
               {"mirror-line", tr("Find axis"), tr("Looks for the symmetry of the picture (Shift+M)"), [this] { findAxisInBackground(this, canvas_); }}});
    buttonRow({{"mirror", tr("Mirror off"), tr("The other half is taken away (M)"), [this] { toggleMirror(canvas_); }}});
}

void Card::combineSection()
{
    rule();
    column_->addWidget(label(tr("Together"), "small"));
    buttonRow({{"union", tr("Union"), tr("All of them as one (Shift+U)"), [this] { emit asksToRun("union"); }},
               {"difference", tr("Difference"), tr("The lowest without the others (Shift+D)"), [this] { emit asksToRun("difference"); }}});
    buttonRow({{"intersection", tr("Intersection"), tr("What all of them cover (Shift+N)"), [this] { emit asksToRun("intersection"); }},
               {"split", tr("Split"), tr("Every part by itself (Shift+S)"), [this] { emit asksToRun("split"); }}});
    buttonRow({{"union", tr("Exclusion"), tr("Where an odd number of them lie (Shift+K)"), [this] { emit asksToRun("exclude"); }}});
    tickBox(
        tr("Keep live"), tr("The parts stay and can be moved until the shape is set"), [this] { return canvas_.setting(settings::combineLive); },
        [this](bool on) { canvas_.setSetting(settings::combineLive, on); });
    rule();
    column_->addWidget(label(tr("Place"), "small"));
    buttonRow({{{}, tr("Left"), tr("Left sides in one line"), [this] { emit asksToRun("align-each-left"); }},
               {{}, tr("Centre"), tr("Middles above each other"), [this] { emit asksToRun("align-each-centre"); }},
               {{}, tr("Right"), tr("Right sides in one line"), [this] { emit asksToRun("align-each-right"); }}});
    buttonRow({{{}, tr("Top"), tr("Tops in one line"), [this] { emit asksToRun("align-each-top"); }},
               {{}, tr("Middle"), tr("Middles beside each other"), [this] { emit asksToRun("align-each-middle"); }},
               {{}, tr("Bottom"), tr("Bottoms in one line"), [this] { emit asksToRun("align-each-bottom"); }}});
    buttonRow({{{}, tr("Even across"), tr("Even spaces from left to right"), [this] { emit asksToRun("spread-across"); }},
               {{}, tr("Even down"), tr("Even spaces from top to bottom"), [this] { emit asksToRun("spread-down"); }}});
}

void Card::shapeSection(art::Id id)
{
    const art::Item* item = session_.document().item(id);
    rule();
    // Size and turn, typed.
    auto* w = new NumberField(0.01, 1e5, 2);
    auto* h = new NumberField(0.01, 1e5, 2);
    for (NumberField* f : {w, h}) f->setFixedWidth(70);
    row(tr("Size"), w, h);
    auto* turn = new NumberField(-360, 360, 2, "°");
    turn->setFixedWidth(84);
    row(tr("Turn by"), turn);
    const auto resize = [this, id](double to, bool wide) {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return;
        const curve::Box b = curve::bounds(i->artwork()->paths);
        const double k = to / std::max(wide ? b.width() : b.height(), 1e-9);
        // A circle stays one.
        const bool round = i->artwork()->paths.size() == 1 && std::abs(b.width() - b.height()) < 1e-3 * b.width() && i->artwork()->paths.front().closed;
        session_.take(art::transformed(session_.document(), {id}, curve::about(b.centre(), curve::scaling(wide || round ? k : 1, wide && !round ? 1 : k))),
                      "Size");
    };
    connect(w, &NumberField::changed, this, [resize](double v) { resize(v, true); });
    connect(h, &NumberField::changed, this, [resize](double v) { resize(v, false); });
    connect(turn, &NumberField::changed, this, [this, id](double v) {
        const art::Item* i = session_.document().item(id);
        if (!i || v == 0) return;
        const curve::Affine by = curve::about(curve::bounds(i->artwork()->paths).centre(), curve::rotation(curve::radians(v)));
        session_.repeat = {by, false};
        session_.take(art::transformed(session_.document(), {id}, by), "Turn");
    });
    updaters_.push_back([this, id, w, h, turn] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return;
        const curve::Box b = curve::bounds(i->artwork()->paths);
        w->setValue(b.width());
        h->setValue(b.height());
        turn->setValue(0);
    });
    if (item->artwork()->combined()) {
        rule();
        column_->addWidget(label(tr("Live: drag a part by its dashed outline"), "small"));
        segments(
            {},
            {{tr("Union"), tr("All parts as one")},
             {tr("Difference"), tr("The lowest without the others")},
             {tr("Inters."), tr("What all parts cover")},
             {tr("Exclus."), tr("Where an odd number lie")}},
            [this, id] {
                const art::Item* i = session_.document().item(id);
                return i && i->artwork() && i->artwork()->combined() ? static_cast<int>(i->artwork()->combined()->operation) : -1;
            },
            [this, id](int k) { session_.take(art::withOperation(session_.document(), id, static_cast<planar::Operation>(k)), "Combine otherwise"); });
        buttonRow({{{}, tr("Set"), tr("A plain shape: the parts go"), [this] { emit asksToRun("set-shape"); }},
                   {{}, tr("Take apart"), tr("The parts come back as they were (Ctrl+Alt+D)"), [this] { emit asksToRun("take-apart"); }}});
    }
    rule();
    buttonRow({{"stroke-to-shape", tr("Line to shape"), tr("The line with its swell becomes an area (Shift+L)"), [this] { emit asksToRun("line-to-shape"); }},
               {"split", tr("Split"), tr("A shape of several outlines into single ones (Shift+S)"), [this] { emit asksToRun("split"); }}});
    settingField(tr("Offset by"), settings::offsetBy);
    tickBox(
        tr("Mitred corners"), tr("Corners stay sharp; else they are rounded"), [this] { return canvas_.setting(settings::offsetMitred); },
        [this](bool on) { canvas_.setSetting(settings::offsetMitred, on); });
    buttonRow({{"offset", tr("Offset"), tr("A copy of the outline, out or (negative) in (Shift+O)"), [this] { emit asksToRun("offset"); }},
               {"mirror", tr("Copy across"), tr("A mirrored copy across the layer's axis or the sheet's middle (Ctrl+M)"),
                [this] { emit asksToRun("copy-across"); }}});
    tickBox(
        tr("A guide only: never delivered"), tr("It serves other lines"),
        [this, id] {
            const art::Item* i = session_.document().item(id);
            return i && i->artwork() && i->artwork()->guide;
        },
        [this, id](bool on) {
            session_.take(art::withItemChanged(session_.document(), id, [on](art::Item& i) { std::get<art::Artwork>(i.is).guide = on; }),
                          on ? "Make guide" : "Make line");
        });
}

void Card::buildBottom(QString& text, QString& act)
{
    auto* const hand = canvas_.tool() ? dynamic_cast<Gathering*>(canvas_.tool()) : nullptr;
    if (hand) {
        if (hand->gathered() == 0) return;
        text = tr("Enter takes it");
        act = hand->closed() ? tr("Take shape") : tr("Take line");
        bottomRun_ = [hand] { hand->take(); };
        return;
    }
    const std::size_t n = areas_.map()->areas().size();
    if (n == 0) return;
    text = n == 1 ? tr("1 area") : tr("%1 areas").arg(n);
    act = tr("Grey areas under the lines");
    bottomRun_ = [this] { emit asksToRun("areas-under-lines"); };
}

} // namespace softrope::app
