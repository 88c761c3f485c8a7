// The page of one picked line or area.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/care.h"
#include "app/services/jobs.h"
#include "app/theme/theme.h"
#include "art/edits.h"
#include "art/inks.h"
#include "curve/edit.h"
#include "curve/reduce.h"
#include "curve/stray.h"

#include <QHBoxLayout>

#include <algorithm>

namespace softrope::app {

using curve::Vec2;

namespace {

// Ends of its open paths.
int openCount(const art::Artwork& a)
{
    int n = 0;
    for (const curve::Path& p : a.paths)
        if (!p.closed) n += 2;
    return n;
}

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

class LinePage : public CardPage {
public:
    explicit LinePage(CardDesk& at) : CardPage(at), reducing_(at.session.jobs(), &here_) {}
    bool wants(const Context& c) const override { return c.picked == Context::Picked::line; }
    Key key(const Context& c) const override
    {
        const art::Artwork& a = *session_.document().item(c.item)->artwork();
        return {qulonglong(c.item),
                openCount(a) > 0,
                a.hand() != nullptr,
                c.nodes,
                a.rounding() != nullptr,
                a.combined() ? qulonglong(a.combined()->parts.size()) : 0,
                int(c.step)};
    }
    void build(Fields& f, const Context& c) override
    {
        const art::Item* item = pickedLine(session_);
        const art::Id id = item->id;
        const bool open = openCount(*item->artwork()) > 0;
        f.heading(open ? "open-end" : "closed", item->name.empty() ? tr("Line") : QString::fromStdString(item->name),
                  [this, id](const QString& name) { session_.take(art::withTraits(session_.document(), {id}, {.name = name.toStdString()}), tr("Rename")); });
        f.chips([this, id] {
            const art::Item* i = session_.document().item(id);
            if (!i || !i->artwork()) return QString();
            const int ends = openCount(*i->artwork());
            const art::Layer* l = session_.document().layerOf(id);
            return (ends ? tr("open, %1 ends").arg(ends) : tr("closed")) + " · " + tr("on %1").arg(QString::fromStdString(l ? l->name : ""));
        });
        if (c.step == StepId::build) {
            roundSection(f, id);
            shapeSection(f, id);
        } else {
            if (c.step == StepId::tone) workingSection(f);
            slackSection(f);
            f.settingField(tr("May move by"), settings::fairerSlack);
            f.buttonRow({{"smooth", tr("Fairer"), tr("The line is bent as evenly as that allows; corners and ends stay"), "fairer"}});
            roundSection(f, id);
        }
        f.rule();
        lookFields(
            f,
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
        f.row(tr("Fill"), fill, none);
        const auto setFill = [this, id](std::optional<art::Colour> colour) {
            session_.take(art::withPaint(session_.document(), {id}, {colour, {}}, art::Part::area), colour ? tr("Fill") : tr("Remove fill"));
        };
        QObject::connect(fill, &Swatch::picked, [setFill](const QColor& q) {
            setFill(art::Colour{static_cast<std::uint8_t>(q.red()), static_cast<std::uint8_t>(q.green()), static_cast<std::uint8_t>(q.blue())});
        });
        QObject::connect(none, &QAbstractButton::clicked, [setFill] { setFill(std::nullopt); });
        f.follow([this, id, fill] {
            const art::Item* i = session_.document().item(id);
            if (i && i->artwork())
                fill->setColour(i->artwork()->fill.colour ? QColor(i->artwork()->fill.colour->r, i->artwork()->fill.colour->g, i->artwork()->fill.colour->b)
                                                          : QColor());
        });
        if (open)
            f.tickBox(
                tr("Leave it open"), tr("Its ends are meant: they are no longer counted or ringed"),
                [this, id] {
                    const art::Item* i = session_.document().item(id);
                    return i && i->artwork() && i->artwork()->openMeant;
                },
                [this, id](bool on) {
                    session_.take(art::withItemChanged(session_.document(), id, [on](art::Item& i) { std::get<art::Artwork>(i.is).openMeant = on; }),
                                  on ? tr("Leave it open") : tr("Mind its ends"));
                });
        if (!session_.selection().nodes.empty()) {
            nodeSection(f);
        } else {
            f.rule();
            effectFields(f);
            f.rule();
            alignRow(f);
        }
    }

private:
    void slackSection(Fields& f)
    {
        const art::Item* item = pickedLine(session_);
        const art::Id id = item->id;
        const bool drawn = item->artwork()->hand() != nullptr;
        const Fields::SliderRow slack =
            f.sliderRow(drawn ? tr("Slack: how far it may stray") : tr("Fewer nodes: how far it may move"), drawn ? 0.1 : 0, 8, 6, tr("Slack"));
        Slider* const slider = slack.slider;
        QLabel* const figure = slack.figure;
        auto* below = new QWidget;
        auto* b = new QHBoxLayout(below);
        b->setContentsMargins(0, 0, 0, 0);
        auto* nodes = label({}, "control", false);
        auto* off = label({}, "control", false);
        for (QLabel* l : {nodes, off}) {
            l->setWordWrap(true);
            b->addWidget(l, 1);
        }
        off->setAlignment(Qt::AlignRight | Qt::AlignTop);
        f.add(below);
        StrayLine* stray = nullptr;
        if (drawn) {
            stray = new StrayLine;
            stray->setToolTip(tr("Distance from what was drawn, along the line"));
            f.add(stray);
        }
        QObject::connect(slider, &Slider::moved, [this, id, drawn](double v) {
            if (drawn) {
                const art::Item* line = session_.document().item(id);
                if (!line) return;
                // A long stroke follows the slider by the quick fit; the careful one is worked out when it is let go.
                const bool quick = line->artwork()->hand() && line->artwork()->hand()->samples.size() > longStroke;
                session_.take(art::withSlack(session_.document(), id, v, quick), tr("Slack"), QString("slack %1").arg(id));
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
                session_.take(art::withPaths(session_.document(), id, fewer), tr("Fewer nodes"), QString("reduce %1 %2").arg(id).arg(drag));
            };
            // A long line is reduced in the background; the bead does not wait for it.
            if (curve::nodeCount(reduce_.from) <= reduceAtOnce)
                land(work({}));
            else
                reducing_.want({id, v}, work, land);
        });
        QObject::connect(slider, &Slider::settled, [this, id, drawn] {
            if (drawn)
                fitWithCare(session_, id, tr("Slack"), QString("slack %1").arg(id));
            else
                ++reduceDrags_; // the next drag is a step of its own; a result still under way belongs to this one
        });
        f.follow([this, id, drawn, slider, figure, nodes, off, stray] {
            const art::Item* i = session_.document().item(id);
            if (!i || !i->artwork()) return;
            const art::Artwork& a = *i->artwork();
            const std::size_t now = curve::nodeCount(a.paths);
            if (drawn && a.hand()) {
                slider->setValue(a.hand()->slack);
                figure->setText(pxText(a.hand()->slack));
                const std::vector<double> d = profile(a);
                const double worst = art::strayOf(a).value_or(0);
                nodes->setText(tr("%1 → %2 nodes").arg(a.hand()->samples.size()).arg(now));
                off->setText(tr("%1 off at most").arg(pxText(worst)));
                if (stray) stray->setProfile(d, std::max(a.hand()->slack, worst));
            } else {
                const bool mine = reduce_.item == id && a.paths == reduce_.to;
                slider->setValue(mine ? reduce_.slack : 0);
                figure->setText(mine ? pxText(reduce_.slack) : tr("none"));
                nodes->setText(mine && reduce_.slack > 0 ? tr("%1 → %2 nodes").arg(curve::nodeCount(reduce_.from)).arg(now) : tr("%1 nodes").arg(now));
                double worst = 0;
                if (mine && now < 3000)
                    for (std::size_t k = 0; k < std::min(reduce_.from.size(), a.paths.size()); ++k)
                        worst = std::max(worst, curve::furthestFrom(reduce_.from[k], a.paths[k], 2));
                off->setText(mine && reduce_.slack > 0 ? tr("largest move %1").arg(pxText(worst)) : QString());
            }
        });
    }

    void nodeSection(Fields& f)
    {
        f.rule();
        auto* text = label({}, "small");
        f.add(text);
        auto* smooth = new Pill("smooth", tr("Smooth"));
        auto* corner = new Pill("corner", tr("Corner"));
        for (Pill* p : {smooth, corner}) {
            p->setCheckable(true);
            p->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
            p->setToolTip(tr("One more click on a picked node does the same (C)"));
        }
        f.flow({smooth, corner}, 6);
        const auto make = [this](bool toSmooth) {
            const art::Selection s = session_.selection();
            const art::Item* i = pickedLine(session_);
            if (!i) return;
            curve::Paths all = i->artwork()->paths;
            for (const art::NodeRef n : s.nodes) all[n.path] = toSmooth ? curve::smoothed(all[n.path], n.node) : curve::cornered(all[n.path], n.node);
            session_.take(art::withPaths(session_.document(), i->id, all), toSmooth ? tr("Make smooth") : tr("Make corner"));
        };
        QObject::connect(smooth, &QAbstractButton::clicked, [make] { make(true); });
        QObject::connect(corner, &QAbstractButton::clicked, [make] { make(false); });
        auto* open = new Pill("open-end", tr("Open here"));
        open->setToolTip(tr("The closed line is opened at the picked node"));
        f.add(open);
        QObject::connect(open, &QAbstractButton::clicked, [this] {
            const art::Item* i = pickedLine(session_);
            if (!i || session_.selection().nodes.size() != 1) return;
            const art::NodeRef n = session_.selection().nodes.front();
            curve::Paths all = i->artwork()->paths;
            all[n.path] = curve::openedAt(all[n.path], n.node);
            session_.take(art::withPaths(session_.document(), i->id, all), tr("Open line"));
        });
        f.follow([this, text, smooth, corner, open] {
            const art::Item* i = pickedLine(session_);
            const auto& nodes = session_.selection().nodes;
            if (!i || nodes.empty()) return;
            const auto kindOf = [&](art::NodeRef n) { return i->artwork()->paths[n.path].nodes[n.node].kind; };
            const bool allSmooth = std::all_of(nodes.begin(), nodes.end(), [&](art::NodeRef n) { return kindOf(n) == curve::NodeKind::smooth; });
            const bool allCorner = std::all_of(nodes.begin(), nodes.end(), [&](art::NodeRef n) { return kindOf(n) == curve::NodeKind::corner; });
            smooth->setChecked(allSmooth);
            corner->setChecked(allCorner);
            const Vec2 at = i->artwork()->paths[nodes.front().path].nodes[nodes.front().node].at;
            text->setText(nodes.size() == 1 ? tr("Picked node at %1, %2").arg(at.x, 0, 'f', 1).arg(at.y, 0, 'f', 1)
                                            : tr("%n nodes picked", nullptr, static_cast<int>(nodes.size())));
            open->setVisible(nodes.size() == 1 && i->artwork()->paths[nodes.front().path].closed);
        });
    }

    // What reducing started from, so that the slider can go back and forth.
    struct ReduceStart {
        art::Id item = 0;
        curve::Paths from, to;
        double slack = 0;
    } reduce_;
    QObject here_; // results come to it
    Latest<std::pair<art::Id, double>, curve::Paths> reducing_;
    int reduceDrags_ = 0;
};

} // namespace

std::unique_ptr<CardPage> makeLinePage(CardDesk& at)
{
    return std::make_unique<LinePage>(at);
}

} // namespace softrope::app
