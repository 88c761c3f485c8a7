// Circle (with ellipse, polygon and leaf), Rectangle, Line, and the round guide.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "art/edits.h"
#include "art/touch.h"
#include "curve/round.h"

#include <cmath>

namespace softrope::app {

namespace {

using curve::Path;
using curve::Vec2;

enum class Kind { circle, ellipse, polygon, leaf };

class FigureTool : public Tool {
public:
    using Tool::Tool;

    void press(const Pointer& p) override
    {
        if (layerForWork(bench_) == 0) return;
        const art::Snap s = bench_.snap(p);
        start_ = now_ = s.point;
        startsOnLine_ = s.reason == art::SnapReason::line || s.reason == art::SnapReason::node;
        drawing_ = true;
        moved_ = false;
        figure_ = {};
    }
    void drag(const Pointer& p) override
    {
        if (!drawing_) return;
        if (!moved_ && distance(p.sheet, start_) < bench_.px(3)) return;
        moved_ = true;
        shift_ = p.shift();
        alt_ = p.alt();
        free_ = p.control();
        now_ = bench_.snap(p).point;
        raw_ = p.sheet;
        touches_.clear();
        figure_ = shape();
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        if (!drawing_) return;
        drag(p);
        drawing_ = false;
        if (!moved_ || figure_.nodes.empty()) {
            bench_.say(tr("Drag to draw; Shift keeps it even, Alt works from the other point."));
            bench_.update();
            return;
        }
        const art::Id layer = layerForWork(bench_);
        if (layer == 0) return;
        art::Item item;
        item.name = label().toStdString();
        art::Artwork a;
        a.setPaths({figure_});
        a.stroke = bench_.look();
        a.guide = guide();
        fillWhenClosed(bench_, a);
        item.is = a;
        const art::Added added = art::withItem(bench_.document(), layer, std::move(item));
        art::Document d = finished(added.document, added.id);
        art::Selection s = bench_.selection();
        s.items = {added.id};
        s.nodes.clear();
        bench_.session().take(d, s, label());
        figure_ = {};
        moved_ = false;
        // What it touches stays marked for a moment, until the next act.
        bench_.update();
    }
    bool drawsShapes() const override { return true; }
    bool escape() override
    {
        const bool had = drawing_;
        drawing_ = moved_ = false;
        figure_ = {};
        touches_.clear();
        bench_.update();
        return had;
    }
    void hover(const Pointer& p) override
    {
        hovered_ = bench_.snap(p);
        touches_.clear();
        bench_.update();
    }
    void paint(Marks& m) override
    {
        if (!drawing_ && hovered_.reason != art::SnapReason::none) {
            m.ring(hovered_.point, marks().geometry, 5);
            m.chip(hovered_.point, tr(art::text(hovered_.reason)), Marks::Chip::name);
        }
        if (!figure_.nodes.empty()) {
            if (!guide() && figure_.closed) m.wash({figure_}, fillInHand(bench_));
            m.line({figure_}, marks().geometry, 2, guide() ? Qt::DashLine : Qt::SolidLine);
            m.dot(start_, marks().geometry, 3);
            m.chip(now_, figures());
        }
        for (const Touching& t : touches_) {
            const Vec2 along = unit(t.along) * bench_.px(14);
            m.segment(t.at - along, t.at + along, marks().geometry, 3);
            m.segment(t.at - perpendicular(along) * 0.45, t.at + perpendicular(along) * 0.45, marks().geometry, 2);
            m.chip(t.at, "touching");
        }
    }

protected:
    struct Touching {
        Vec2 at, along;
    };
    Vec2 start_, now_, raw_;
    bool drawing_ = false, moved_ = false, shift_ = false, alt_ = false, free_ = false, startsOnLine_ = false;
    Path figure_;
    std::vector<Touching> touches_;
    art::Snap hovered_;

    virtual Path shape() = 0;
    virtual QString figures() const = 0;
    virtual QString label() const = 0;
    virtual bool guide() const { return false; }
    virtual art::Document finished(const art::Document& d, art::Id) const { return d; }
    bool touchesNeighbours() const { return !free_ && bench_.setting(settings::touch); }
};

class CircleTool : public FigureTool {
public:
    CircleTool(Bench& b, bool guide)
        : FigureTool(b, guide ? "round-guide" : "circle", guide ? tr("Round guide") : tr("Circle"), guide ? "guide-circle" : "circle", guide ? "G" : "A",
                     guide ? tr("<b>Round guide</b>: drag from the middle. It serves other lines only and is never delivered.")
                           : tr("<b>Circle</b>: drag from the middle (Alt: from side to side). It locks where it touches; Ctrl lets it go free.")),
          guide_(guide)
    {
    }

private:
    bool guide_;
    double radius_ = 0;

    Kind kind() const { return guide_ ? Kind::circle : static_cast<Kind>(bench_.setting(settings::figureKind)); }
    bool guide() const override { return guide_; }
    QString label() const override
    {
        if (guide_) return tr("Round guide");
        switch (kind()) {
        case Kind::circle: return tr("Circle");
        case Kind::ellipse: return tr("Ellipse");
        case Kind::polygon: return tr("Polygon");
        case Kind::leaf: return tr("Leaf");
        }
        return {};
    }

    Path shape() override
    {
        const Vec2 to = now_;
        if (kind() == Kind::leaf) {
            const double share = bench_.setting(settings::leafWidth) / 100;
            Vec2 tip = to;
            if (shift_) tip = start_ + stepped(to - start_);
            radius_ = distance(start_, tip);
            return curve::leaf(start_, tip, radius_ * share);
        }
        if (kind() == Kind::ellipse) {
            const Vec2 half{std::abs(to.x - start_.x), std::abs(to.y - start_.y)};
            const Vec2 size = shift_ ? Vec2{std::max(half.x, half.y), std::max(half.x, half.y)} : half;
            radius_ = size.x;
            if (!alt_) return curve::ellipse(start_, std::max(size.x, 0.01), std::max(size.y, 0.01));
            return curve::ellipse(0.5 * (start_ + to), std::max(0.5 * half.x, 0.01), std::max(0.5 * half.y, 0.01));
        }
        const Vec2 centre = alt_ ? 0.5 * (start_ + to) : start_;
        radius_ = distance(centre, to);
        if (radius_ < 1e-6) return {};
        if (kind() == Kind::polygon) {
            double angle = curve::angleOf(to - centre);
            if (shift_) angle = std::round(angle / (curve::pi / 12)) * curve::pi / 12;
            return curve::regularPolygon(centre, radius_, bench_.setting(settings::polygonSides), angle);
        }
        if (shift_) radius_ = std::max(1.0, std::round(radius_));
        if (touchesNeighbours()) {
            // The pointer says how large; the snapped point would only pull to the lines themselves.
            const double wanted = alt_ ? radius_ : distance(centre, raw_);
            if (const auto t = art::touchingCircle(bench_.document(), centre, wanted, false, bench_.px(curve::snapReach), {})) {
                radius_ = t->circle.radius;
                for (const curve::Touch& touch : t->circle.touches) touches_.push_back({touch.at, perpendicular(touch.at - t->circle.centre)});
                return t->path;
            }
        }
        return curve::circle(centre, radius_);
    }
    static Vec2 stepped(Vec2 v)
    {
        const double a = std::round(curve::angleOf(v) / (curve::pi / 12)) * curve::pi / 12;
        return curve::direction(a) * length(v);
    }
    QString figures() const override
    {
        if (kind() == Kind::leaf) return tr("%1 long").arg(pxText(radius_));
        if (kind() == Kind::ellipse) {
            const curve::Box b = curve::bounds(figure_);
            return pxText(b.width()) + QString::fromUtf8(" × ") + pxText(b.height());
        }
        return "r " + pxText(radius_);
    }
};

class RectangleTool : public FigureTool {
public:
    explicit RectangleTool(Bench& b)
        : FigureTool(b, "rectangle", tr("Rectangle"), "rectangle", "S",
                     tr("<b>Rectangle</b>: drag from corner to corner. Shift makes it square, Alt goes from the middle."))
    {
    }

private:
    Path shape() override
    {
        Vec2 by = now_ - start_;
        if (shift_) {
            const double side = std::max(std::abs(by.x), std::abs(by.y));
            by = {std::copysign(side, by.x), std::copysign(side, by.y)};
        }
        curve::Box b;
        b.add(alt_ ? start_ - by : start_);
        b.add(start_ + by);
        if (b.width() < 1e-6 || b.height() < 1e-6) return {};
        return curve::rectangle(b.min, b.max);
    }
    QString figures() const override
    {
        const curve::Box b = curve::bounds(figure_);
        return pxText(b.width()) + QString::fromUtf8(" × ") + pxText(b.height());
    }
    QString label() const override { return tr("Rectangle"); }
    // The radius stays live on the card.
    art::Document finished(const art::Document& d, art::Id id) const override
    {
        const double r = bench_.setting(settings::rectangleRadius);
        return r > 0 ? art::withRoundCorners(d, id, {}, r).document : d;
    }
};

class StraightTool : public FigureTool {
public:
    explicit StraightTool(Bench& b)
        : FigureTool(b, "line", tr("Line"), "line", "D",
                     tr("<b>Line</b>: drag from end to end. Shift steps the angle by 15°; near a curve it locks to its tangent."))
    {
    }

private:
    bool guide() const override { return bench_.setting(settings::lineGuide); }
    Path shape() override
    {
        Vec2 from = start_, to = now_;
        if (shift_) {
            const double step = curve::radians(std::clamp(bench_.setting(settings::lineStep), 0.1, 90.0));
            const double a = std::round(curve::angleOf(raw_ - from) / step) * step;
            const Vec2 u = curve::direction(a);
            to = from + u * std::max(0.0, dot(raw_ - from, u));
        } else if (touchesNeighbours()) {
            if (const auto t = art::touchingLine(bench_.document(), from, raw_, startsOnLine_, bench_.px(curve::snapReach))) {
                if (distance(t->from, from) > 1e-12) touches_.push_back({t->from, t->to - t->from});
                from = t->from;
                to = t->to;
                touches_.push_back({to, to - from});
            }
        }
        if (distance(from, to) < 1e-6) return {};
        return curve::polyline({from, to}, false);
    }
    QString figures() const override
    {
        const Vec2 by = figure_.nodes.back().at - figure_.nodes.front().at;
        return pxText(length(by)) + QString::fromUtf8(" · %1°").arg(-curve::degrees(curve::angleOf(by)), 0, 'f', 1);
    }
    QString label() const override { return guide() ? tr("Guide line") : tr("Line"); }
};

} // namespace

std::unique_ptr<Tool> makeCircle(Desk& desk)
{
    return std::make_unique<CircleTool>(desk.bench, false);
}
std::unique_ptr<Tool> makeRoundGuide(Desk& desk)
{
    return std::make_unique<CircleTool>(desk.bench, true);
}
std::unique_ptr<Tool> makeRectangle(Desk& desk)
{
    return std::make_unique<RectangleTool>(desk.bench);
}
std::unique_ptr<Tool> makeLine(Desk& desk)
{
    return std::make_unique<StraightTool>(desk.bench);
}

} // namespace softrope::app
