// Crescent: an edge of light or shade by one drag; a picked one is changed by its bead.
#include "app/tools/desk.h"
#include "app/tools/shade/shade_hand.h"
#include "art/tree.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using art::Crescent;
using curve::Vec2;

class CrescentTool : public Tool {
public:
    explicit CrescentTool(Bench& b)
        : Tool(b, "crescent", tr("Crescent"), "crescent", "S",
               tr("<b>Crescent</b>: drag from an edge inwards, as wide as it is to be. A click takes the last width by the light, Shift the far side."))
    {
    }
    bool marksPicked() const override { return true; }
    void press(const Pointer& p) override
    {
        act_ = Act::none;
        start_ = now_ = p;
        if (const auto hit = beadAt(p.sheet)) {
            act_ = Act::bead;
            grip_ = *hit;
            return;
        }
        source_ = 0;
        if (kind() == Crescent::Kind::cast) {
            const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(5));
            source_ = hit && hit->artwork() ? hit->id : 0;
            if (source_ == 0) {
                bench_.say(tr("Press on what casts the shade, and drag it to where it falls."));
                return;
            }
            areas_ = areasUnderCast();
        } else {
            areas_ = areasFor(bench_, p.sheet);
            if (areas_.empty()) return;
        }
        act_ = Act::draw;
    }
    void drag(const Pointer& p) override
    {
        now_ = p;
        if (act_ == Act::bead) changeByBead(false);
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        now_ = p;
        const Act act = act_;
        act_ = Act::none;
        if (act == Act::bead) {
            changeByBead(true);
            return;
        }
        if (act != Act::draw) return;
        const bool dragged = distance(start_.sheet, p.sheet) > bench_.px(4);
        if (source_) areas_ = areasUnderCast();
        if (areas_.empty()) {
            bench_.say(tr("Nothing lies where it falls."));
            return;
        }
        make(dragged ? byDrag() : byClick());
    }
    void hover(const Pointer& p) override
    {
        now_ = p;
        bench_.update();
    }
    bool escape() override
    {
        const bool had = act_ != Act::none;
        act_ = Act::none;
        bench_.release();
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        if (act_ == Act::draw && distance(start_.sheet, now_.sheet) > bench_.px(4)) {
            const Crescent c = byDrag();
            for (const art::Id id : areas_) {
                const art::Item* i = bench_.document().item(id);
                if (!i || !i->artwork()) continue;
                m.line(art::crescentPaths(bench_.document(), c, *i->artwork()), marks().geometry, 2);
            }
            m.segment(start_.sheet, now_.sheet, marks().selection, 2);
            m.dot(now_.sheet, marks().selection, 5);
            m.chip(now_.sheet, describe(c));
            return;
        }
        for (const art::Id id : crescentsInHand(bench_)) {
            const auto bead = beadOf(id);
            if (!bead) continue;
            const Vec2 bar = bench_.px(7) * perpendicular(unit(bead->edge - bead->at));
            m.segment(bead->at, bead->edge, marks().selection, 2);
            m.segment(bead->edge - bar, bead->edge + bar, marks().selection, 2);
            m.dot(bead->at, marks().halo, 6);
            m.ring(bead->at, marks().selection, 6);
            if (act_ == Act::bead && id == grip_) m.chip(bead->at, describe(*bench_.document().item(id)->artwork()->crescent()));
        }
    }

private:
    enum class Act { none, draw, bead };
    Act act_ = Act::none;
    Pointer start_, now_;
    std::vector<art::Id> areas_;
    art::Id source_ = 0, grip_ = 0;

    Crescent::Kind kind() const { return static_cast<Crescent::Kind>(bench_.setting(settings::crescentKind)); }

    // The way is that of the light, or of its far side, when it is nearly so; Ctrl leaves it free.
    Crescent alongLight(Crescent c, bool free) const
    {
        constexpr double near = 0.35; // radians
        const double light = bench_.document().light.angle;
        c.byLight = false;
        if (free) return c;
        const double off = std::abs(std::remainder(c.angle - light, 2 * curve::pi));
        if (off < near || (off > curve::pi - near && c.kind != Crescent::Kind::cast)) {
            c.byLight = true;
            c.against = off > curve::pi / 2;
        }
        return c;
    }

    Crescent byDrag() const
    {
        Crescent c;
        c.kind = kind();
        const Vec2 v = now_.sheet - start_.sheet;
        c.angle = curve::angleOf(-v); // it lies where the drag began; a cast falls from there
        c.width = std::round(length(v) * 10) / 10;
        c.source = source_;
        c = alongLight(c, now_.control());
        c.width /= std::max(0.1, art::reachOf(c, bench_.document().light));
        if (c.kind == Crescent::Kind::band) c.from = std::min(bench_.setting(settings::bandFrom), 0.9 * c.width);
        return c;
    }
    Crescent byClick() const
    {
        Crescent c;
        c.kind = kind();
        c.width = bench_.setting(settings::crescentWidth);
        c.against = now_.shift();
        c.angle = bench_.document().light.angle + (c.against ? curve::pi : 0);
        c.source = source_;
        if (c.kind == Crescent::Kind::band) c.from = std::min(bench_.setting(settings::bandFrom), 0.9 * c.width);
        return c;
    }

    // Whether it is on the lit side.
    bool lit(const Crescent& c) const
    {
        if (c.kind == Crescent::Kind::cast) return false;
        if (c.byLight) return !c.against;
        return std::abs(std::remainder(c.angle - bench_.document().light.angle, 2 * curve::pi)) < curve::pi / 2;
    }

    QString describe(const Crescent& c) const
    {
        const QString what = c.kind == Crescent::Kind::cast   ? tr("cast %1")
                             : c.kind == Crescent::Kind::band ? tr("band %1")
                             : lit(c)                         ? tr("edge light %1")
                                                              : tr("core shade %1");
        return what.arg(pxText(c.width)) + (c.byLight ? tr(" · by the light") : QString());
    }

    // The picked areas without the source; else the shown ones that the cast falls on and that lie under the source.
    std::vector<art::Id> areasUnderCast() const
    {
        std::vector<art::Id> picked = areasInHand(bench_);
        std::erase(picked, source_);
        if (!picked.empty()) return picked;
        const art::Item* source = bench_.document().item(source_);
        if (!source) return {};
        const curve::Box box = art::bounds(*source);
        std::vector<art::Id> out;
        bool below = true;
        const Vec2 by = now_.sheet - start_.sheet;
        art::eachArtwork(bench_.document(), {true, true, false, false}, [&](const art::Item& i, const art::Artwork& a, const art::Where& w) {
            if (i.id == source_) below = false;
            if (!below || w.locked || a.guide || !a.fill.colour) return;
            if (art::bounds(i).meets({box.min + by, box.max + by})) out.push_back(i.id);
        });
        return out;
    }

    void make(const Crescent& c)
    {
        const bool light = lit(c);
        const art::Added look = withLookInHand(bench_, light);
        const QString name = c.kind == Crescent::Kind::cast   ? tr("Cast shade")
                             : c.kind == Crescent::Kind::band ? tr("Band")
                             : light                          ? tr("Edge light")
                                                              : tr("Core shade");
        const art::Taken t = art::withCrescents(look.document, areas_, c, look.id, name.toStdString());
        if (t.items.empty()) {
            bench_.say(refusalText(t.why));
            return;
        }
        bench_.setSetting(settings::crescentWidth, c.width);
        art::Selection s = bench_.selection();
        s.items = t.items;
        s.nodes.clear();
        bench_.session().take(t.document, s, name);
        bench_.say(tr("%1 in %n area(s).", nullptr, static_cast<int>(t.items.size())).arg(describe(c)));
    }

    // -- the bead ------------------------------------------------------------------------------------------------------------------

    struct Bead {
        Vec2 at, edge; // the bead, and where the area ends on that side
    };
    std::optional<Bead> beadOf(art::Id id) const
    {
        const art::Item* i = bench_.document().item(id);
        const Crescent* c = i && i->artwork() ? i->artwork()->crescent() : nullptr;
        const art::Item* area = areaRound(bench_.document(), id);
        if (!c || !area) return std::nullopt;
        const Vec2 way = curve::direction(art::sideOf(*c, bench_.document().light));
        const art::Item* source = c->source ? bench_.document().item(c->source) : nullptr;
        const curve::Paths& paths = source && source->artwork() ? *source->artwork()->paths : *area->artwork()->paths;
        // The furthest place that way; of a cast, of what casts it, the other way.
        std::optional<Vec2> far;
        const double sign = c->kind == Crescent::Kind::cast ? -1 : 1;
        for (const curve::Path& p : paths)
            for (const Vec2 q : curve::flatten(p, 1))
                if (!far || sign * dot(q, way) > sign * dot(*far, way)) far = q;
        if (!far) return std::nullopt;
        return Bead{*far - c->width * art::reachOf(*c, bench_.document().light) * way, *far};
    }
    std::optional<art::Id> beadAt(Vec2 p) const
    {
        for (const art::Id id : crescentsInHand(bench_))
            if (const auto bead = beadOf(id); bead && distance(bead->at, p) < bench_.px(9)) return id;
        return std::nullopt;
    }
    void changeByBead(bool done)
    {
        const auto bead = beadOf(grip_);
        if (!bead) return;
        const Vec2 v = bead->edge - now_.sheet;
        const bool free = now_.control(), turn = now_.shift() || free;
        const Crescent before = *bench_.document().item(grip_)->artwork()->crescent();
        Crescent c = before;
        const Vec2 way = curve::direction(art::sideOf(c, bench_.document().light));
        const double factor = 1 / std::max(0.1, art::reachOf(c, bench_.document().light));
        if (turn) {
            // Shift: its side as well as its width.
            c.angle = curve::angleOf(v);
            c = alongLight(c, free);
            c.width = length(v) * factor;
        } else {
            c.width = std::max(0.0, dot(v, way)) * factor;
        }
        c.width = std::round(c.width * 10) / 10;
        const auto ids = crescentsInHand(bench_);
        const art::Edited e = art::withCrescentsChanged(bench_.document(), ids, [&](Crescent& k) {
            k.width = c.width;
            if (!turn) return;
            k.angle = c.angle;
            k.byLight = c.byLight;
            k.against = c.against;
        });
        if (!e.done()) {
            bench_.say(refusalText(e.why));
            return;
        }
        bench_.session().take(e.document, tr("Width of crescent"), QString("crescent %1").arg(grip_));
        if (done) {
            bench_.setSetting(settings::crescentWidth, c.width);
            bench_.session().endBurst();
        }
    }
};

} // namespace

std::unique_ptr<Tool> makeCrescent(Desk& desk)
{
    return std::make_unique<CrescentTool>(desk.bench);
}

} // namespace softrope::app
