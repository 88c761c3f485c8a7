// The card of a picked line, of its nodes, and of several things.
#include "app/cards/card.h"

#include "app/cards/card_parts.h"
#include "app/services/care.h"
#include "app/theme/theme.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"
#include "art/inks.h"
#include "curve/edit.h"
#include "curve/reduce.h"
#include "curve/stray.h"
#include "curve/tolerances.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

#include <algorithm>

namespace softrope::app {

using curve::Vec2;

namespace {

constexpr std::size_t reduceAtOnce = 400; // nodes: about 10 ms

// Distances of the raw samples from the fitted path, evenly over the stroke.
std::vector<double> profile(const art::Artwork& a)
{
    std::vector<double> out;
    if (!a.hand() || a.paths.empty()) return out;
    const auto& samples = a.hand()->samples;
    const std::size_t stride = std::max<std::size_t>(1, samples.size() / 120);
    std::vector<Vec2> hand;
    for (std::size_t i = 0; i < samples.size(); i += stride) hand.push_back(samples[i].at);
    for (const curve::Place& p : curve::placesAlong(hand, a.paths.front(), a.hand()->slack)) out.push_back(p.distance);
    return out;
}

} // namespace

void Card::slackSection()
{
    const art::Item* item = pickedLine(session_);
    const art::Id id = item->id;
    const bool drawn = item->artwork()->hand() != nullptr;
    const SliderRow slack = sliderRow(drawn ? tr("Slack: how far it may stray") : tr("Fewer nodes: how far it may move"), drawn ? 0.1 : 0, 8, 6, tr("Slack"));
    Slider* const slider = slack.slider;
    QLabel* const figure = slack.figure;
    auto* below = new QWidget;
    auto* b = new QHBoxLayout(below);
    b->setContentsMargins(0, 0, 0, 0);
    auto* nodes = label({}, "control", false);
    auto* off = label({}, "control", false);
    b->addWidget(nodes);
    b->addStretch();
    b->addWidget(off);
    column_->addWidget(below);
    StrayLine* stray = nullptr;
    if (drawn) {
        stray = new StrayLine;
        stray->setToolTip(tr("Distance from what was drawn, along the line"));
        column_->addWidget(stray);
    }
    connect(slider, &Slider::moved, this, [this, id, drawn](double v) {
        if (drawn) {
            const art::Item* line = session_.document().item(id);
            if (!line) return;
            // A long stroke follows the slider by the quick fit; the careful one is worked out when it is let go.
            const bool quick = line->artwork()->hand() && line->artwork()->hand()->samples.size() > longStroke;
            session_.take(art::withSlack(session_.document(), id, v, quick), "Slack", QString("slack %1").arg(id));
            return;
        }
        const art::Item* i = session_.document().item(id);
        if (!i) return;
        if (reduce_.item != id || i->artwork()->paths != reduce_.to) reduce_ = {id, i->artwork()->paths, i->artwork()->paths, 0};
        const auto work = [from = reduce_.from, v](const Progress&) {
            curve::Paths fewer;
            for (const curve::Path& p : from) {
                curve::ReduceOptions o;
                o.slack = v;
                fewer.push_back(v > 0.02 ? curve::reduce(p, o).path : p);
            }
            return fewer;
        };
        const auto land = [this, id, v, drag = reduceDrags_](const curve::Paths& fewer) {
            const art::Item* now = session_.document().item(id);
            if (!now || !now->artwork() || reduce_.item != id || now->artwork()->paths != reduce_.to) return; // something else happened
            reduce_.to = fewer;
            reduce_.slack = v;
            session_.take(art::withPaths(session_.document(), id, fewer), "Fewer nodes", QString("reduce %1 %2").arg(id).arg(drag));
        };
        // A long line is reduced in the background; the bead does not wait for it.
        if (curve::nodeCount(reduce_.from) <= reduceAtOnce)
            land(work({}));
        else
            reducing_.want({id, v}, work, land);
    });
    connect(slider, &Slider::settled, this, [this, id, drawn] {
        if (drawn)
            fitWithCare(session_, id, "Slack", QString("slack %1").arg(id));
        else
            ++reduceDrags_; // the next drag is a step of its own; a result still under way belongs to this one
    });
    updaters_.push_back([this, id, drawn, slider, figure, nodes, off, stray] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return;
        const art::Artwork& a = *i->artwork();
        const std::size_t now = curve::nodeCount(a.paths);
        if (drawn && a.hand()) {
            slider->setValue(a.hand()->slack);
            figure->setText(pxText(a.hand()->slack));
            const std::vector<double> d = profile(a);
            const double worst = art::strayOf(a).value_or(0);
            nodes->setText(QString("%1 → %2 nodes").arg(a.hand()->samples.size()).arg(now));
            off->setText(tr("%1 off at most").arg(pxText(worst)));
            if (stray) stray->setProfile(d, std::max(a.hand()->slack, worst));
        } else {
            const bool mine = reduce_.item == id && a.paths == reduce_.to;
            slider->setValue(mine ? reduce_.slack : 0);
            figure->setText(mine ? pxText(reduce_.slack) : tr("none"));
            nodes->setText(mine && reduce_.slack > 0 ? QString("%1 → %2 nodes").arg(curve::nodeCount(reduce_.from)).arg(now) : QString("%1 nodes").arg(now));
            double worst = 0;
            if (mine && now < 3000)
                for (std::size_t k = 0; k < std::min(reduce_.from.size(), a.paths.size()); ++k)
                    worst = std::max(worst, curve::furthestFrom(reduce_.from[k], a.paths[k], 2));
            off->setText(mine && reduce_.slack > 0 ? tr("largest move %1").arg(pxText(worst)) : QString());
        }
    });
}

void Card::nodeSection()
{
    rule();
    auto* text = label({}, "small");
    column_->addWidget(text);
    auto* w = new QWidget;
    auto* r = new QHBoxLayout(w);
    r->setContentsMargins(0, 0, 0, 0);
    r->setSpacing(6);
    auto* smooth = new Pill("smooth", tr("Smooth"));
    auto* corner = new Pill("corner", tr("Corner"));
    for (Pill* p : {smooth, corner}) {
        p->setCheckable(true);
        p->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        p->setToolTip(tr("One more click on a picked node does the same (C)"));
        r->addWidget(p);
    }
    column_->addWidget(w);
    const auto make = [this](bool toSmooth) {
        const art::Selection s = session_.selection();
        const art::Item* i = pickedLine(session_);
        if (!i) return;
        curve::Paths all = i->artwork()->paths;
        for (const art::NodeRef n : s.nodes) all[n.path] = toSmooth ? curve::smoothed(all[n.path], n.node) : curve::cornered(all[n.path], n.node);
        session_.take(art::withPaths(session_.document(), i->id, all), toSmooth ? "Make smooth" : "Make corner");
    };
    connect(smooth, &QAbstractButton::clicked, this, [make] { make(true); });
    connect(corner, &QAbstractButton::clicked, this, [make] { make(false); });
    auto* open = new Pill("open-end", tr("Open here"));
    open->setToolTip(tr("The closed line is opened at the picked node"));
    column_->addWidget(open);
    connect(open, &QAbstractButton::clicked, this, [this] {
        const art::Item* i = pickedLine(session_);
        if (!i || session_.selection().nodes.size() != 1) return;
        const art::NodeRef n = session_.selection().nodes.front();
        curve::Paths all = i->artwork()->paths;
        all[n.path] = curve::openedAt(all[n.path], n.node);
        session_.take(art::withPaths(session_.document(), i->id, all), "Open line");
    });
    updaters_.push_back([this, text, smooth, corner, open] {
        const art::Item* i = pickedLine(session_);
        const auto& nodes = session_.selection().nodes;
        if (!i || nodes.empty()) return;
        const auto kindOf = [&](art::NodeRef n) { return i->artwork()->paths[n.path].nodes[n.node].kind; };
        const bool allSmooth = std::all_of(nodes.begin(), nodes.end(), [&](art::NodeRef n) { return kindOf(n) == curve::NodeKind::smooth; });
        const bool allCorner = std::all_of(nodes.begin(), nodes.end(), [&](art::NodeRef n) { return kindOf(n) == curve::NodeKind::corner; });
        smooth->setChecked(allSmooth);
        corner->setChecked(allCorner);
        const Vec2 at = i->artwork()->paths[nodes.front().path].nodes[nodes.front().node].at;
        text->setText(nodes.size() == 1 ? tr("Picked node at %1, %2").arg(at.x, 0, 'f', 1).arg(at.y, 0, 'f', 1) : tr("%1 nodes picked").arg(nodes.size()));
        open->setVisible(nodes.size() == 1 && i->artwork()->paths[nodes.front().path].closed);
    });
}

void Card::buildLine()
{
    const art::Item* item = pickedLine(session_);
    const art::Id id = item->id;
    const bool open = openCount(*item->artwork()) > 0;
    heading(open ? "open-end" : "closed", QString::fromStdString(item->name.empty() ? "Line" : item->name),
            [this, id](const QString& name) { session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), "Rename"); });
    chips([this, id] {
        const art::Item* i = session_.document().item(id);
        if (!i || !i->artwork()) return QString();
        const int ends = openCount(*i->artwork());
        const art::Layer* l = session_.document().layerOf(id);
        return (ends ? tr("open, %1 ends").arg(ends) : tr("closed")) + " · " + tr("on %1").arg(QString::fromStdString(l ? l->name : ""));
    });
    if (step_ == StepId::build) {
        roundSection(id);
        shapeSection(id);
    } else {
        if (step_ == StepId::tone) workingSection();
        slackSection();
        roundSection(id);
    }
    rule();
    lookFields(
        [this, id] {
            const art::Item* i = session_.document().item(id);
            return i && i->artwork() ? i->artwork()->stroke : art::Stroke{};
        },
        [this, id](const std::function<void(art::Stroke&)>& change, const QString& name) {
            session_.take(art::withItemChanged(session_.document(), id, [&](art::Item& i) { change(std::get<art::Artwork>(i.is).stroke); }), name,
                          name + QString::number(id));
            // The last look carries on to the next line.
            change(canvas_.look());
        },
        open);
    auto* fill = new Swatch;
    auto* none = new Pill({}, tr("None"), {}, Pill::Kind::segment);
    none->setToolTip(tr("Takes the fill away"));
    row(tr("Fill"), fill, none);
    const auto setFill = [this, id](std::optional<art::Colour> c) {
        session_.take(art::withPaint(session_.document(), {id}, {c, {}}, art::Part::area), c ? "Fill" : "Remove fill");
    };
    connect(fill, &Swatch::picked, this, [setFill](const QColor& c) {
        setFill(art::Colour{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())});
    });
    connect(none, &QAbstractButton::clicked, this, [setFill] { setFill(std::nullopt); });
    updaters_.push_back([this, id, fill] {
        const art::Item* i = session_.document().item(id);
        if (i && i->artwork())
            fill->setColour(i->artwork()->fill.colour ? QColor(i->artwork()->fill.colour->r, i->artwork()->fill.colour->g, i->artwork()->fill.colour->b)
                                                      : QColor());
    });
    if (open)
        tickBox(
            tr("Leave it open"), tr("Its ends are meant: they are no longer counted or ringed"),
            [this, id] {
                const art::Item* i = session_.document().item(id);
                return i && i->artwork() && i->artwork()->openMeant;
            },
            [this, id](bool on) {
                session_.take(art::withItemChanged(session_.document(), id, [on](art::Item& i) { std::get<art::Artwork>(i.is).openMeant = on; }),
                              on ? "Leave it open" : "Mind its ends");
            });
    if (!session_.selection().nodes.empty()) {
        nodeSection();
    } else {
        rule();
        effectFields();
        rule();
        alignRow();
    }
}

void Card::buildSeveral()
{
    heading("alike", tr("Several things"));
    chips([this] { return tr("%1 picked").arg(session_.selection().items.size()); });
    if (step_ == StepId::build) combineSection();
    lookFields(
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
    rule();
    effectFields();
    rule();
    alignRow();
}

} // namespace softrope::app
