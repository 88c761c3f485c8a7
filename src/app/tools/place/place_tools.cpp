// Straighten, Crop and Guide: acts on references and guides. They are deliberate, so a lock does not stand in their way.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"

namespace softrope::app {

namespace {

using curve::Box;
using curve::Vec2;

class Straighten : public Tool {
public:
    explicit Straighten(Bench& b)
        : Tool(b, "straighten", tr("Straighten"), "straighten-reference", "S",
               tr("<b>Straighten</b>: draw along a line of the picture that should be level or upright. A double click finds the turn by itself."))
    {
    }
    void press(const Pointer& p) override
    {
        from_ = to_ = p.sheet;
        drawing_ = true;
    }
    void drag(const Pointer& p) override
    {
        to_ = p.sheet;
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        if (!drawing_) return;
        drawing_ = false;
        to_ = p.sheet;
        if (distance(from_, to_) < bench_.px(20)) return;
        const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), from_);
        if (!i) {
            bench_.say(tr("There is no picture to straighten."));
            return;
        }
        // Level or upright, whichever is nearer.
        const double a = curve::angleOf(to_ - from_), quarter = curve::pi / 2;
        const double off = a - std::round(a / quarter) * quarter;
        bench_.session().take(withReferenceChanged(bench_.document(), i->id, [&](art::Reference& r) { turnBy(r, -off); }), tr("Straighten"));
        bench_.say(tr("Turned %1 by %2°. Ctrl+Z turns it back.").arg(QString::fromStdString(i->name)).arg(-curve::degrees(off), 0, 'f', 1));
    }
    void doubleClick(const Pointer& p) override
    {
        drawing_ = false;
        if (const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), p.sheet)) straightenByItself(bench_, i->id);
    }
    bool escape() override
    {
        const bool had = drawing_;
        drawing_ = false;
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        if (!drawing_ || distance(from_, to_) < bench_.px(2)) return;
        m.segment(from_, to_, marks().geometry, 2, Qt::DashLine);
        m.dot(from_, marks().geometry, 4);
        m.dot(to_, marks().geometry, 4);
        m.chip(to_, QString("%1°").arg(-curve::degrees(curve::angleOf(to_ - from_)), 0, 'f', 1));
    }

private:
    Vec2 from_, to_;
    bool drawing_ = false;
};

class Crop : public Tool {
public:
    explicit Crop(Bench& b)
        : Tool(b, "crop", tr("Crop"), "crop", "D",
               tr("<b>Crop</b>: drag a frame over the part of the picture to keep. A double click brings the whole picture back."))
    {
    }

    void press(const Pointer& p) override
    {
        from_ = to_ = p.sheet;
        const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), p.sheet);
        item_ = i ? i->id : 0;
        if (!item_) bench_.say(tr("There is no picture to crop."));
    }
    void drag(const Pointer& p) override
    {
        to_ = p.sheet;
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        to_ = p.sheet;
        const art::Id id = std::exchange(item_, 0);
        const auto part = frameIn(id);
        if (!part || part->width() < 4 || part->height() < 4) return;
        bench_.session().take(withReferenceChanged(bench_.document(), id, [&](art::Reference& r) { cropTo(r, *part); }), tr("Crop"));
    }
    void doubleClick(const Pointer& p) override
    {
        item_ = 0;
        if (const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), p.sheet))
            bench_.session().take(withReferenceChanged(bench_.document(), i->id, [](art::Reference& r) { cropTo(r, {}); }), tr("Show whole picture"));
    }
    bool escape() override
    {
        const bool had = item_ != 0;
        item_ = 0;
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        const art::Item* i = bench_.document().item(item_);
        const auto part = i ? frameIn(item_) : std::nullopt;
        if (!part) return;
        const curve::Affine place = art::placement(*i->reference());
        const curve::Paths keep{curve::transformed(curve::rectangle(part->min, part->max), place)};
        QPainterPath dim = painterPath({curve::polyline(art::frame(*i->reference()), true)}, m.toScreen());
        dim.addPath(painterPath(keep, m.toScreen()));
        m.painter().setPen(Qt::NoPen);
        m.painter().setBrush(QColor(20, 30, 27, 110));
        m.painter().drawPath(dim);
        m.line(keep, marks().geometry, 2);
        m.chip(to_, tr("%1 × %2 px").arg(part->width(), 0, 'f', 0).arg(part->height(), 0, 'f', 0));
    }

private:
    Vec2 from_, to_;
    art::Id item_ = 0;

    // The dragged frame in the picture's own px, along its own edges.
    std::optional<Box> frameIn(art::Id id)
    {
        const art::Item* i = bench_.document().item(id);
        if (!i || !i->reference()) return std::nullopt;
        const auto back = curve::inverse(art::placement(*i->reference()));
        if (!back) return std::nullopt;
        Box b;
        b.add(*back * from_);
        b.add(*back * to_);
        const Box all = art::shownPart(*i->reference());
        return Box{{std::max(b.min.x, all.min.x), std::max(b.min.y, all.min.y)}, {std::min(b.max.x, all.max.x), std::min(b.max.y, all.max.y)}};
    }
};

class GuideTool : public Tool {
public:
    explicit GuideTool(Bench& b)
        : Tool(b, "guide", tr("Guide"), "guide-line", "F",
               tr("<b>Guide</b>: drag a guide at any angle, or take hold of one to move it. Shift steps by 15°. Delete drops the one under the pointer."))
    {
    }

    void press(const Pointer& p) override
    {
        from_ = to_ = bench_.snap(p).point;
        moving_ = guideAt(p);
        drawing_ = true;
    }
    void drag(const Pointer& p) override
    {
        to_ = p.sheet;
        shift_ = p.shift();
        bench_.update();
    }
    void hover(const Pointer& p) override
    {
        hovered_ = guideAt(p);
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        if (!drawing_) return;
        drawing_ = false;
        to_ = p.sheet;
        art::Document d = bench_.document();
        if (moving_) {
            for (art::Guide& g : d.guides)
                if (g.id == moving_) g.through += to_ - from_;
            bench_.session().take(d, tr("Move guide"));
        } else if (distance(from_, to_) > bench_.px(6)) {
            bench_.session().take(art::withGuide(d, from_, angle()).document, tr("Add guide"));
        }
        moving_ = 0;
    }
    bool key(const QKeyEvent& e) override
    {
        if ((e.key() != Qt::Key_Delete && e.key() != Qt::Key_Backspace) || !hovered_) return false;
        bench_.session().take(art::withoutGuide(bench_.document(), hovered_), tr("Drop guide"));
        hovered_ = 0;
        return true;
    }
    bool escape() override
    {
        const bool had = drawing_;
        drawing_ = false;
        moving_ = 0;
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        if (drawing_ && moving_) {
            for (art::Guide g : bench_.document().guides)
                if (g.id == moving_) {
                    g.through += to_ - from_;
                    m.guide(g, true);
                }
        } else if (drawing_ && distance(from_, to_) > bench_.px(2)) {
            m.guide({0, from_, angle()}, true);
            m.chip(to_, QString("%1°").arg(-curve::degrees(angle()), 0, 'f', 1));
        } else {
            for (const art::Guide& g : bench_.document().guides)
                if (g.id == hovered_) m.guide(g, true);
        }
    }

private:
    Vec2 from_, to_;
    art::Id moving_ = 0, hovered_ = 0;
    bool drawing_ = false, shift_ = false;

    double angle() const
    {
        const double a = curve::angleOf(to_ - from_);
        return shift_ ? std::round(a / (curve::pi / 12)) * curve::pi / 12 : a;
    }
    art::Id guideAt(const Pointer& p)
    {
        for (const art::Guide& g : bench_.document().guides)
            if (std::abs(cross(curve::direction(g.angle), p.sheet - g.through)) < bench_.px(6)) return g.id;
        return 0;
    }
};

} // namespace

std::unique_ptr<Tool> makeStraighten(Desk& desk)
{
    return std::make_unique<Straighten>(desk.bench);
}
std::unique_ptr<Tool> makeCrop(Desk& desk)
{
    return std::make_unique<Crop>(desk.bench);
}
std::unique_ptr<Tool> makeGuide(Desk& desk)
{
    return std::make_unique<GuideTool>(desk.bench);
}

} // namespace softrope::app
