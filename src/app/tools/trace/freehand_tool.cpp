// Freehand: the hand draws, the program fits the fewest smooth curves.
#include "app/canvas/tool.h"
#include "app/services/care.h"
#include "app/tools/desk.h"
#include "app/tools/shade/shade_hand.h"
#include "art/edits.h"

#include <QElapsedTimer>

#include <algorithm>

namespace softrope::app {

namespace {

using curve::Vec2;

class Freehand : public Tool {
public:
    explicit Freehand(Bench& b)
        : Tool(b, "freehand", tr("Freehand"), "freehand", "D",
               tr("<b>Freehand</b> draws and fits. End near the start to close. Slack can be changed on the card. Esc drops the stroke."))
    {
    }

    void press(const Pointer& p) override
    {
        samples_.clear();
        pen_ = p.pen;
        drawing_ = layerForWork(bench_) != 0;
        start_ = p.time;
        add(p);
    }
    void drag(const Pointer& p) override
    {
        now_ = p.sheet;
        if (!drawing_) return;
        add(p);
        bench_.update();
    }
    void hover(const Pointer& p) override { now_ = p.sheet; }
    void lift(const Pointer& p) override
    {
        if (!drawing_) return;
        drawing_ = false;
        add(p);
        if (samples_.size() < 2) {
            samples_.clear();
            return;
        }
        art::Hand drawn;
        drawn.samples = samples_;
        drawn.slack = bench_.setting(settings::freehandSlack) * bench_.px(1);
        drawn.steadying = bench_.setting(settings::freehandSteadying);
        drawn.grain = bench_.px(1);
        const bool closes = art::closesItself(samples_, bench_.px(art::closingReach));
        const bool quick = drawn.samples.size() > longStroke;
        const art::FittedStroke f = art::fitStroke(drawn, closes, quick);
        samples_.clear();
        if (f.path.nodes.size() < 2) return;
        if (strokeIntoAreas(bench_, bench_.document(), f.path, tr("Freehand shade"))) return;
        art::Item i;
        i.name = tr("Line").toStdString();
        art::Artwork a;
        a.stroke = bench_.look();
        if (pen_ && !a.stroke.swell) a.stroke.swell = pressed(drawn);
        a.setDerived({f.path}, art::shared(std::move(drawn)));
        fillWhenClosed(bench_, a);
        i.is = a;
        const art::Added added = art::withItem(bench_.document(), bench_.selection().layer, i);
        art::Selection s = bench_.selection();
        s.items = {added.id};
        s.nodes.clear();
        const QString burst = QString("freehand %1").arg(added.id);
        bench_.session().take(added.document, s, tr("Freehand"), quick ? burst : QString());
        chipAt_ = f.path.nodes.back().at;
        tell(f.samples, f.path.nodes.size(), f.furthest);
        if (quick)
            fitWithCare(bench_.session(), added.id, tr("Freehand"), burst,
                        [this, samples = f.samples](std::size_t nodes, double stray) { tell(samples, nodes, stray); });
    }
    bool key(const QKeyEvent& e) override
    {
        if (e.key() != Qt::Key_O || !drawing_ || !shading(bench_)) return false;
        otherSide(bench_) = !otherSide(bench_);
        bench_.update();
        return true;
    }
    bool drawsShapes() const override { return true; }
    bool escape() override
    {
        const bool had = drawing_;
        drawing_ = false;
        samples_.clear();
        bench_.update();
        return had;
    }

    void paint(Marks& m) override
    {
        if (drawing_ && samples_.size() > 1) {
            std::vector<Vec2> line;
            for (const art::HandSample& s : samples_) line.push_back(s.at);
            QColor ink = marks().artLine;
            ink.setAlphaF(0.4F);
            const bool closes = art::closesItself(samples_, bench_.px(art::closingReach));
            if (!closes && shading(bench_)) {
                m.line(strokeForeseen(bench_, curve::polyline(line, false)), marks().geometry, 2);
                m.chip(samples_.back().at, tr("O: the other side"));
            }
            if (closes) m.wash({curve::polyline(line, true)}, fillInHand(bench_));
            m.line({curve::polyline(line, false)}, ink, std::max(1.5, bench_.look().width * curve::meanScale(m.toScreen())));
            if (closes) {
                m.ring(samples_.front().at, marks().geometry, 10);
                m.chip(samples_.front().at, tr("closes here"));
            }
        } else if (shown_.isValid() && shown_.elapsed() < 2000 && bench_.document() == shownFor_) { // gone at the next act
            m.chip(chipAt_, chip_);
        }
    }

private:
    std::vector<art::HandSample> samples_;
    bool drawing_ = false, pen_ = false;
    double start_ = 0;
    Vec2 now_, chipAt_;
    QString chip_;
    QElapsedTimer shown_;
    art::Document shownFor_;

    void tell(std::size_t samples, std::size_t nodes, double stray)
    {
        chip_ = tr("%1 → %2 nodes, %3 off").arg(samples).arg(nodes).arg(pxText(stray));
        shown_.start();
        shownFor_ = bench_.document();
        bench_.say(tr("Freehand: %1.").arg(chip_));
        bench_.update();
    }

    // The pen's pressure along the stroke as a swell; nothing where it hardly varies.
    static std::optional<curve::Swell> pressed(const art::Hand& d)
    {
        std::vector<double> widths;
        double walked = 0, whole = 0;
        for (std::size_t i = 1; i < d.samples.size(); ++i) whole += distance(d.samples[i - 1].at, d.samples[i].at);
        for (std::size_t i = 0; i < d.samples.size(); ++i) {
            if (i > 0) walked += distance(d.samples[i - 1].at, d.samples[i].at);
            // Evenly along the line: a hand is slow where it presses.
            while (static_cast<double>(widths.size()) <= 128 * walked / std::max(1e-9, whole))
                widths.push_back(0.2 + 1.2 * static_cast<double>(d.samples[i].pressure));
        }
        const auto [least, most] = std::minmax_element(widths.begin(), widths.end());
        if (widths.empty() || *most - *least < 0.15) return std::nullopt;
        return curve::swellOf(widths, 1);
    }

    void add(const Pointer& p)
    {
        // A pen at rest reports over and over; a repeated place says nothing about the line.
        if (!samples_.empty() && samples_.back().at == p.sheet) return;
        samples_.push_back({p.sheet, p.pressure, p.tiltX, p.tiltY, static_cast<float>(p.time - start_)});
    }
};

} // namespace

std::unique_ptr<Tool> makeFreehand(Desk& desk)
{
    return std::make_unique<Freehand>(desk.bench);
}

} // namespace softrope::app
