// The page of the Build step: figures, trimming, gathering areas, the mirror.
#include "art/build.h"
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/services/areas.h"
#include "app/theme/theme.h"
#include "app/tools/gathering.h"

#include <QHBoxLayout>
#include <QPainter>

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

class BuildPage : public CardPage {
public:
    explicit BuildPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context& c) const override { return c.step == StepId::build && c.picked == Context::Picked::nothing && c.tool; }
    Key key(const Context& c) const override { return Key{c.tool->id(), c.mirrored, !areas_.wider().empty()} + decisionsKey(areas_); }
    void build(Fields& f, const Context&) override
    {
        const QString id = canvas_.tool()->id();
        f.heading(id == "pick" ? "union" : canvas_.tool()->icon(), id == "pick" ? tr("Build") : canvas_.tool()->name());
        if (id == "carve" || id == "follow") {
            gatheringSection(f);
            return;
        }
        if (id == "circle" || id == "rectangle" || id == "line") {
            figureSection(f, id);
            return;
        }
        if (id == "join") {
            f.settingField(tr("Joins at once within"), settings::joinReach);
            f.chips([this] {
                const int n = art::endPairCount(session_.document(), canvas_.setting(settings::joinReach));
                return n == 0 ? tr("No two ends are that near.") : tr("%n pairs of ends are that near.", nullptr, static_cast<int>(n));
            });
            f.buttonRow({{"join", tr("Join them all"), tr("All pairs within the distance, nearest first"), "join-near"}});
            return;
        }
        if (id == "trim") {
            f.note(tr("A click takes the stretch between two crossings; a drag takes all it crosses; Shift takes the piece between two nodes."));
            areaSettings(f);
            return;
        }
        // Nothing in hand: what the lines enclose.
        f.chips([this] {
            const planar::Map& m = *areas_.map();
            const auto n = m.areas().size();
            return tr("%n area(s) enclosed", nullptr, static_cast<int>(n)) + (m.bridges().empty()       ? QString()
                                                                              : m.bridges().size() == 1 ? tr(", 1 across a gap")
                                                                                                        : tr(", %1 across gaps").arg(m.bridges().size()));
        });
        areaSettings(f);
        f.rule();
        mirrorSection(f);
    }
    Bottom bottom(const Context&) override
    {
        Bottom b;
        auto* const hand = canvas_.tool() ? dynamic_cast<Gathering*>(canvas_.tool()) : nullptr;
        if (hand) {
            if (hand->gathered() == 0) return b;
            b.text = tr("Enter takes it");
            b.act = hand->closed() ? tr("Take shape") : tr("Take line");
            b.run = [hand] { hand->take(); };
            return b;
        }
        const std::size_t n = areas_.map()->areas().size();
        if (n == 0) return b;
        b.text = tr("%n area(s)", nullptr, static_cast<int>(n));
        b.act = tr("Grey areas under the lines");
        b.run = [this] { at_.run("areas-under-lines"); };
        return b;
    }

private:
    // What a wider gap would close, and one click to take it.
    void widerGaps(Fields& f)
    {
        f.chips([this] {
            QStringList each;
            for (const Areas::Wider& w : areas_.wider()) {
                QStringList names;
                for (const std::string& n : w.names) names << QString::fromStdString(n);
                each << (names.isEmpty() ? tr("%1 closes %n more area(s).", nullptr, w.gap.areas).arg(pxText(w.gap.gap))
                                         : tr("%1 closes %n more area(s): %2.", nullptr, w.gap.areas).arg(pxText(w.gap.gap), names.join(", ")));
            }
            return each.join(" ");
        });
        if (!areas_.wider().empty()) f.buttonRow({{"join", tr("Close them"), tr("All gaps up to that width count as closed"), "close-wider-gaps"}});
    }

    void areaSettings(Fields& f)
    {
        f.settingSlider(
            tr("Gaps that close"), 0, 20, 6, [this] { return areas_.gap(); }, [this](double v) { areas_.setGap(std::round(v * 10) / 10); },
            [this](double v) {
                const auto n = areas_.map()->bridges().size();
                return pxText(v) + (n ? tr(" · %1 bridged").arg(n) : QString());
            });
        widerGaps(f);
        f.settingSlider(
            tr("Thinnest area kept"), 0, 5, 6, [this] { return areas_.thinnest(); }, [this](double v) { areas_.setThinnest(std::round(v * 10) / 10); },
            [this](double v) {
                const std::size_t n = areas_.map()->slivers().size();
                return pxText(v) + (n == 0 ? QString() : tr(" · %n slivers join", nullptr, static_cast<int>(n)));
            });
        decisionList(f);
    }

    void gatheringSection(Fields& f)
    {
        auto* const hand = dynamic_cast<Gathering*>(canvas_.tool());
        if (!hand) return;
        const bool carve = canvas_.tool()->id() == "carve";
        if (carve)
            f.segments(
                {},
                {{tr("Gather"), tr("Drag through areas to put them together")},
                 {tr("Drop out"), tr("Drag through areas to take them out again (Shift, held)")}},
                [this] { return canvas_.setting(settings::carveDrops) ? 1 : 0; },
                [this](int i) {
                    canvas_.setSetting(settings::carveDrops, i);
                    at_.refresh();
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
        f.add(w);
        auto* paint = new Swatch;
        f.row(tr("Paint"), paint);
        QObject::connect(paint, &Swatch::picked, [this](const QColor& q) {
            session_.nextFill.reset(); // this one is meant now
            canvas_.setSetting(settings::shapePaint, (q.red() << 16) + (q.green() << 8) + q.blue());
            at_.refresh();
        });
        f.segments(
            tr("Its lines"),
            {{tr("Stay"), tr("The lines stay as they are")},
             {tr("Guides"), tr("The lines become guides: seen here, never delivered")},
             {tr("Go"), tr("The lines are used up")}},
            [this] { return canvas_.setting(settings::leftover); },
            [this](int i) {
                canvas_.setSetting(settings::leftover, i);
                at_.refresh();
            });
        f.rule();
        areaSettings(f);
        f.buttonRow({{"undo", tr("Let go one"), tr("The last one taken is let go (Backspace)"), [hand, this] {
                          if (!hand->letGo()) canvas_.say(tr("Nothing is in hand."));
                      }}});
        f.follow([this, hand, picture, title, more, paint, carve] {
            const std::size_t n = hand->gathered();
            picture->set(hand->outline(), hand->closed());
            paint->setColour(paintOf(canvas_));
            if (n == 0) {
                title->setText(tr("Nothing in hand"));
                more->setText(carve ? tr("Drag through areas.") : tr("Drag along lines."));
                return;
            }
            title->setText(carve ? tr("%n area(s) → 1 shape", nullptr, static_cast<int>(n)) : tr("%n piece(s)", nullptr, static_cast<int>(n)));
            std::size_t holes = 0;
            for (const curve::Path& p : hand->outline())
                if (curve::area(p) < 0) ++holes;
            more->setText(tr("%1 nodes, %2")
                              .arg(curve::nodeCount(hand->outline()))
                              .arg(!hand->closed() ? tr("open")
                                   : holes == 0    ? tr("no hole")
                                                   : tr("%n hole(s)", nullptr, static_cast<int>(holes))));
        });
    }

    void figureSection(Fields& f, const QString& id)
    {
        if (id == "circle") {
            f.segments(
                {},
                {{tr("Circle"), tr("Drag from the middle")},
                 {tr("Ellipse"), tr("Drag from the middle to a corner")},
                 {tr("Polygon"), tr("Regular, with as many sides as set below")},
                 {tr("Leaf"), tr("Two arcs from tip to tip")}},
                [this] { return canvas_.setting(settings::figureKind); },
                [this](int i) {
                    canvas_.setSetting(settings::figureKind, i);
                    at_.rebuild();
                });
            const int kind = canvas_.setting(settings::figureKind);
            if (kind == 2) f.settingField(tr("Sides"), settings::polygonSides);
            if (kind == 3) f.settingField(tr("Width of its length"), settings::leafWidth);
        }
        if (id == "rectangle") f.settingField(tr("Corner radius"), settings::rectangleRadius);
        if (id == "line") {
            f.settingField(tr("Angle steps with Shift"), settings::lineStep);
            f.tickBox(
                tr("A guide only: never delivered"), tr("The line serves other lines"), [this] { return canvas_.setting(settings::lineGuide); },
                [this](bool on) { canvas_.setSetting(settings::lineGuide, on); });
        }
        if (id != "rectangle")
            f.tickBox(
                tr("Touch the neighbour"), tr("Locks exactly tangent to one or two lines near by; three give a circle its size (Ctrl lets go)"),
                [this] { return canvas_.setting(settings::touch); }, [this](bool on) { canvas_.setSetting(settings::touch, on); });
        f.rule();
        nextLineFields(f, false);
    }
};

} // namespace

std::unique_ptr<CardPage> makeBuildPage(CardDesk& at)
{
    return std::make_unique<BuildPage>(at);
}

} // namespace softrope::app
