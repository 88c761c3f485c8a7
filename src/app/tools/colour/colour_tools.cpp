// Drop, Take ink, Gradient, Alike.
#include "app/tools/colour/colour_tools.h"
#include "app/tools/desk.h"

#include "app/canvas/canvas.h"
#include "app/services/areas.h"
#include "app/theme/theme.h"
#include "app/tools/colour/ink_hand.h"
#include "art/drops.h"
#include "art/shades.h"
#include "pixel/colour_space.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

using curve::Vec2;

QColor qColour(art::Colour c)
{
    return {c.r, c.g, c.b};
}

// -- drop -------------------------------------------------------------------------------------------------------------------------

class DropTool : public Tool {
public:
    DropTool(Canvas& c, Areas& areas)
        : Tool(c, "drop", tr("Drop"), "colour-drop", "A",
               tr("<b>Drop</b> puts the ink in hand in the area under the pointer; drag to fill several. It follows the lines. Esc lets go.")),
          areas_(areas)
    {
        QObject::connect(&areas_, &Areas::changed, [this] {
            under_ = seen_ ? areas_.map()->at(pointer_) : planar::outside;
            bench_.update();
        });
    }
    void taken() override { bench_.session().pickItems({}); }
    void hover(const Pointer& p) override
    {
        pointer_ = p.sheet;
        seen_ = true;
        under_ = areas_.map()->at(p.sheet);
        bench_.update();
    }
    void press(const Pointer& p) override
    {
        filled_ = 0;
        down_ = true;
        way_ = {p.sheet};
        if (!paintInHand(bench_).colour) {
            bench_.say(tr("There is no ink in hand. Add one on the card."));
            down_ = false;
            return;
        }
        if (!areas_.upToDate()) {
            // The map of before says where areas are well enough once it is there.
            areas_.whenReady([this, at = p.sheet] { fill(at, true); });
            return;
        }
        fill(p.sheet, true);
    }
    void drag(const Pointer& p) override
    {
        hover(p);
        if (!down_) return;
        const Vec2 from = way_.back();
        const int steps = std::clamp(static_cast<int>(distance(from, p.sheet) / bench_.px(2)), 1, 2000);
        for (int k = 1; k <= steps; ++k) fill(lerp(from, p.sheet, static_cast<double>(k) / steps), false);
        way_.push_back(p.sheet);
    }
    void lift(const Pointer&) override
    {
        if (filled_ > 1) bench_.say(tr("Filled %1 areas. Ctrl+Z takes them back.").arg(filled_));
        down_ = false;
        way_.clear();
        last_ = 0;
        bench_.session().endBurst();
        bench_.update();
    }
    bool escape() override
    {
        const bool had = down_;
        down_ = false;
        way_.clear();
        return had;
    }
    void paint(Marks& m) override
    {
        const planar::Map& map = *areas_.map();
        const art::Paint paint = paintInHand(bench_);
        if (under_ != planar::outside && under_ < static_cast<int>(map.faces().size()) && paint.colour && !down_) {
            const curve::Paths outline = map.outline(std::vector<int>{under_});
            QPainterPath path = painterPath(outline, m.toScreen());
            path.setFillRule(Qt::WindingFill);
            QColor wash = qColour(*paint.colour);
            wash.setAlphaF(0.45F);
            m.painter().fillPath(path, wash);
            QColor stripes = marks().geometry;
            stripes.setAlphaF(0.5F);
            m.painter().fillPath(path, QBrush(stripes, Qt::BDiagPattern));
            m.line(outline, marks().geometry, 2);
            const art::Item* there = bench_.document().item(art::dropAt(bench_.document(), pointer_));
            const QString name = paintName(bench_.document(), paint), before = there ? paintName(bench_.document(), art::fillOf(*there->artwork())) : QString();
            m.chip(pointer_, !there           ? tr("closed · click puts %1 here").arg(name)
                             : before == name ? tr("closed · %1 is here already").arg(name)
                                              : tr("closed · click puts %1 in place of %2").arg(name, before));
        } else if (seen_ && !down_ && under_ == planar::outside && areas_.upToDate()) {
            m.chip(pointer_, tr("nothing encloses this"), Marks::Chip::name);
        }
        paintLeaks(m, bench_.document());
    }
    static void paintLeaks(Marks& m, const art::Document& d)
    {
        int words = 0;
        for (const art::Leak& l : art::leaks(d)) {
            m.ring(l.at, marks().tagFinding, 11);
            if (words++ < 2) m.chip(l.at, tr("open here: the fill stays as it was"), Marks::Chip::fault);
        }
    }

private:
    Areas& areas_;
    Vec2 pointer_;
    int under_ = planar::outside, filled_ = 0;
    bool down_ = false, seen_ = false;
    std::vector<Vec2> way_;
    int last_ = planar::outside;

    void fill(Vec2 at, bool say)
    {
        const int area = areas_.map()->at(at);
        if (area == planar::outside) {
            if (say) bench_.say(tr("No line encloses this place. Gaps that count as closed are set on the Build card."));
            return;
        }
        if (area == last_ && down_) return;
        last_ = area;
        const art::Added a = art::withDrop(bench_.document(), *areas_.map(), areas_.lines(), at, paintInHand(bench_));
        if (!a.id) return;
        if (a.document == bench_.document()) return;
        ++filled_;
        bench_.session().take(a.document, tr("Drop %1").arg(paintName(bench_.document(), paintInHand(bench_))), "drop");
    }
};

// -- take ink -----------------------------------------------------------------------------------------------------------------------

class TakeInkTool : public Tool {
public:
    explicit TakeInkTool(Canvas& c)
        : Tool(c, "take-ink", tr("Take ink"), "pick-colour", "S",
               tr("<b>Take ink</b>: a click takes the colour under the loupe in hand, its ink if it has one; Shift keeps it as a new ink.")),
          canvas_(c)
    {
    }
    void hover(const Pointer& p) override
    {
        at_ = p.sheet;
        const double mean = bench_.setting(settings::loupeMean);
        const Seeing seeing(bench_.session(), curve::Box{at_, at_}.grown(std::max(mean, bench_.px(cells))));
        seen_ = seeing.mean(at_, mean);
        const double step = std::max(bench_.px(1), 1e-6);
        for (int j = 0; j < cells; ++j)
            for (int i = 0; i < cells; ++i) {
                const auto s = seeing.at(at_ + Vec2{(i - cells / 2) * step, (j - cells / 2) * step});
                loupe_[static_cast<std::size_t>(j * cells + i)] = s ? qColour(s->colour) : colours().bench;
            }
        shown_ = true;
        bench_.update();
    }
    void press(const Pointer& p) override { hover(p); }
    void drag(const Pointer& p) override { hover(p); }
    void lift(const Pointer& p) override
    {
        hover(p);
        if (!seen_) return;
        const art::Document& d = bench_.document();
        const auto& items = bench_.selection().items;
        if (p.shift()) {
            const art::Added a = art::withInk(d, tr("Taken").toStdString(), seen_->colour);
            bench_.session().take(a.document, tr("Take ink"));
            takeInk(canvas_, {a.id, 0});
            bench_.say(tr("Kept %1 as an ink. Double click its name to change it.").arg(QString::fromStdString(art::text(seen_->colour))));
        } else if (d.ink(seen_->ink.ink)) {
            takeInk(canvas_, seen_->ink);
        } else {
            takeLooseColour(canvas_, seen_->colour);
        }
        if (!items.empty()) bench_.session().take(art::withPaint(bench_.document(), items, paintInHand(bench_), whereInHand(bench_)), tr("Take colour"));
    }
    bool escape() override
    {
        shown_ = false;
        return false;
    }
    void paint(Marks& m) override
    {
        if (!shown_ || !seen_) return;
        // The loupe: what lies round the pointer, eight times as large, in a ring of the colour itself.
        QPainter& p = m.painter();
        const QPointF c = m.at(at_) + QPointF(0, -64);
        constexpr double size = 8;
        QPainterPath round;
        round.addEllipse(c, cells * size / 2, cells * size / 2);
        p.save();
        p.setClipPath(round, Qt::IntersectClip);
        for (int j = 0; j < cells; ++j)
            for (int i = 0; i < cells; ++i)
                p.fillRect(QRectF(c.x() + (i - cells / 2.0) * size, c.y() + (j - cells / 2.0) * size, size + 0.5, size + 0.5),
                           loupe_[static_cast<std::size_t>(j * cells + i)]);
        p.restore();
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(qColour(seen_->colour), 7));
        p.drawEllipse(c, cells * size / 2, cells * size / 2);
        p.setPen(QPen(marks().halo, 1.5));
        p.drawEllipse(c, cells * size / 2 + 4, cells * size / 2 + 4);
        p.setPen(QPen(marks().artLine, 1));
        p.drawRect(QRectF(c.x() - size / 2, c.y() - size / 2, size, size));
        const double mean = bench_.setting(settings::loupeMean);
        if (mean > 0) m.line({curve::circle(at_, mean)}, marks().geometry, 1.5);
        m.chip(at_,
               paintName(bench_.document(), {seen_->colour, seen_->ink}) + (seen_->ink.ink ? " · " + QString::fromStdString(art::text(seen_->colour)) : ""),
               Marks::Chip::name);
    }

private:
    static constexpr int cells = 9; // px to a side of the loupe
    Canvas& canvas_;
    Vec2 at_;
    std::optional<Seen> seen_;
    std::array<QColor, static_cast<std::size_t>(cells* cells)> loupe_;
    bool shown_ = false;
};

// -- gradient -------------------------------------------------------------------------------------------------------------------------

class GradientTool : public Tool {
public:
    explicit GradientTool(Canvas& c)
        : Tool(c, "gradient", tr("Gradient"), "gradient", "D",
               tr("<b>Gradient</b>: drag over the shape, or over several that are picked. Its ends are dragged on; Alt moves the focus of a round one."))
    {
    }
    bool marksPicked() const override { return true; }
    void press(const Pointer& p) override
    {
        down_ = true;
        moved_ = false;
        from_ = to_ = p.sheet;
        grip_ = 0;
        if (const art::Gradient* g = inHand()) {
            const double reach = bench_.px(9);
            if (g->kind == art::Gradient::Kind::radial && p.alt() && distance(focusOf(*g), p.sheet) < 2 * reach) {
                grip_ = 3;
                start_ = p.sheet;
                return;
            }
            if (!(g->focus == Vec2{}) && distance(focusOf(*g), p.sheet) < reach) {
                grip_ = 3;
                start_ = p.sheet;
                return;
            }
            if (distance(art::gradientEnd(*g), p.sheet) < reach)
                grip_ = 2;
            else if (distance(art::gradientStart(*g), p.sheet) < reach)
                grip_ = 1;
            if (grip_) {
                from_ = art::gradientStart(*g);
                to_ = art::gradientEnd(*g);
                start_ = p.sheet;
                return;
            }
        }
        const art::ItemPtr hit = areaAt(p.sheet);
        // Pieces of a live part can be painted: its recipe keeps it.
        if (hit && art::refusalOf(bench_.document(), {hit->id}) == art::Refusal::locked) {
            refused(bench_, hit->id);
            down_ = false;
            return;
        }
        const auto& items = bench_.selection().items;
        const bool among = hit && std::find(items.begin(), items.end(), hit->id) != items.end();
        if (hit && hit->artwork() && !among) bench_.session().pickItems({hit->id});
    }
    void drag(const Pointer& p) override
    {
        if (!down_) return;
        moved_ = moved_ || distance(p.sheet, grip_ ? start_ : from_) > bench_.px(4);
        if (grip_ == 3) {
            to_ = p.sheet;
            bench_.hold(held());
            bench_.update();
            return;
        }
        Vec2& end = grip_ == 1 ? from_ : to_;
        const Vec2 other = grip_ == 1 ? to_ : from_;
        end = p.sheet;
        if (p.shift()) {
            const double step = curve::pi / 12, angle = std::round(std::atan2(end.y - other.y, end.x - other.x) / step) * step;
            end = other + distance(end, other) * Vec2{std::cos(angle), std::sin(angle)};
        }
        bench_.hold(held());
        bench_.update();
    }
    void lift(const Pointer&) override
    {
        if (!down_) return;
        down_ = false;
        bench_.release();
        if (!moved_) return;
        const auto items = bench_.selection().items;
        if (items.empty()) {
            bench_.say(tr("There is no shape here. Drag over a shape, or pick several first."));
            return;
        }
        bench_.session().take(make(bench_.document()), grip_ == 3 ? tr("Move focus") : grip_ ? tr("Move gradient") : tr("Gradient"));
        bench_.update();
    }
    bool escape() override
    {
        const bool had = down_;
        down_ = false;
        bench_.release();
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        Vec2 a = from_, b = to_;
        const art::Gradient* g = inHand();
        if (!down_ || !moved_) {
            if (!g) return;
            a = art::gradientStart(*g);
            b = art::gradientEnd(*g);
        }
        m.segment(a, b, marks().halo, 4);
        m.segment(a, b, marks().geometry, 2);
        if (kind() == art::Gradient::Kind::radial || (g && g->kind == art::Gradient::Kind::radial && !down_))
            m.line({curve::circle(a, distance(a, b))}, marks().geometry, 1.25, Qt::DashLine);
        if (g && g->kind == art::Gradient::Kind::radial) {
            const Vec2 focus = down_ && grip_ == 3 ? to_ : focusOf(*g);
            if (grip_ == 3 || !(g->focus == Vec2{})) {
                m.segment(a, focus, marks().geometry, 1, Qt::DotLine);
                m.ring(focus, marks().geometry, 7);
            }
        }
        const auto stops = g ? g->stops : newStops();
        for (const art::GradientStop& s : stops) {
            const Vec2 at = lerp(a, b, s.at);
            m.dot(at, marks().halo, 8);
            m.dot(at, marks().geometry, 6.5);
            m.dot(at, qColour(s.colour), 5);
        }
    }

private:
    bool down_ = false, moved_ = false;
    int grip_ = 0; // 1 start, 2 end
    Vec2 from_, to_, start_;

    // What has a fill there, topmost; a line that lies over it is not what is meant.
    art::ItemPtr areaAt(Vec2 at) const
    {
        const std::vector<art::ItemPtr> there = art::thingsAt(bench_.document(), at, bench_.px(6));
        for (const art::ItemPtr& i : there)
            if (const art::Artwork* a = i->artwork(); a && !a->guide && a->fill.colour && art::covers(*a, at)) return i;
        return there.empty() ? nullptr : there.front();
    }
    art::Gradient::Kind kind() const { return bench_.setting(settings::gradientRadial) ? art::Gradient::Kind::radial : art::Gradient::Kind::linear; }
    const art::Gradient* inHand() const
    {
        for (const art::Id id : bench_.selection().items)
            if (const art::Item* i = bench_.document().item(id); i && i->artwork() && i->artwork()->fill.gradient) return i->artwork()->fill.gradient.get();
        return nullptr;
    }
    // From the paint in hand, or the shape's own, to a lighter tint of it.
    std::vector<art::GradientStop> newStops() const
    {
        const art::Document& d = bench_.document();
        art::Paint first = paintInHand(bench_);
        if (!first.colour)
            for (const art::Id id : bench_.selection().items)
                if (const art::Item* i = d.item(id); i && i->artwork() && i->artwork()->fill.colour) first = art::fillOf(*i->artwork());
        if (!first.colour) first.colour = art::Colour{46, 107, 102};
        if (const art::Ink* ink = d.ink(first.ink.ink)) {
            const int tint = first.ink.tint, other = tint > 1 ? tint - 2 : tint + 2;
            return {{0, *first.colour, 1, first.ink}, {1, art::tintOf(ink->colour, other), 1, {ink->id, other}}};
        }
        return {{0, *first.colour, 1, {}}, {1, art::tintOf(*first.colour, 2), 1, {}}};
    }
    static Vec2 focusOf(const art::Gradient& g) { return g.place * g.focus; }
    art::Document make(const art::Document& d) const
    {
        const art::Gradient* g = inHand();
        if (g && grip_ == 3) return art::withGradientFocus(d, bench_.selection().items, curve::inverse(g->place).value_or(curve::Affine{}) * to_);
        if (!g && bench_.session().shading && bench_.setting(settings::gradientFades))
            return art::withFade(d, bench_.selection().items, art::FadeWay{from_, to_});
        return art::withGradient(d, bench_.selection().items, g && grip_ ? g->kind : kind(), from_, to_, g ? g->stops : newStops());
    }
    std::vector<art::ItemPtr> held() const
    {
        const art::Document d = make(bench_.document());
        std::vector<art::ItemPtr> out;
        for (const art::Id id : bench_.selection().items)
            if (const art::ItemPtr i = d.itemPtr(id)) out.push_back(i);
        return out;
    }
};

// -- alike ----------------------------------------------------------------------------------------------------------------------------

class AlikeTool : public Tool {
public:
    explicit AlikeTool(Canvas& c)
        : Tool(c, "alike", tr("Alike"), "alike", "G",
               tr("<b>Alike</b> picks everything with the same fill as what you click; Shift: the same line colour, Alt: the same weight."))
    {
    }
    bool marksPicked() const override { return true; }
    void lift(const Pointer& p) override
    {
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(6));
        if (!hit || !hit->artwork()) {
            bench_.session().pickItems({});
            return;
        }
        if (art::refusalOf(bench_.document(), {hit->id}) == art::Refusal::locked) {
            refused(bench_, hit->id);
            return;
        }
        const art::Artwork& a = *hit->artwork();
        const bool lineOnly = !a.fill.colour;
        const art::Alike in = p.alt() ? art::Alike::weight : p.shift() || lineOnly ? art::Alike::line : art::Alike::fill;
        const auto all = art::alike(bench_.document(), hit->id, in);
        bench_.session().pickItems(all);
        bench_.say(tr("%1 with the same %2.")
                       .arg(all.size())
                       .arg(in == art::Alike::fill   ? tr("fill", "same")
                            : in == art::Alike::line ? tr("line colour", "same")
                                                     : tr("weight", "same")));
    }
};

} // namespace

Seeing::Seeing(Session& session, const curve::Box& region) : session_(session), region_(region)
{
    // Islands are looked at as they are painted, a px of the sheet each.
    const auto painted = [&](const art::Item& i) {
        art::Document only;
        only.sheet = session.document().sheet;
        only.sheet.hasBackground = false;
        art::Layer l;
        l.items.push_back(art::shared(i));
        only.layers.push_back(art::shared(std::move(l)));
        const auto side = [](double v) { return std::clamp(static_cast<int>(std::ceil(v)) + 1, 1, 2000); };
        return render::renderView(only, curve::translation(-region.min), side(region.width()), side(region.height()), {});
    };
    art::eachItem(session.document(), art::seen, [&](const art::Item& i, const art::Where&) {
        const art::Artwork* a = i.artwork();
        if (i.group() || (a && a->guide) || !art::bounds(i).meets(region)) return;
        things_.push_back(
            {art::shared(i), a && a->fill.colour ? painterPath(a->paths, {}) : QPainterPath(), i.reference() ? session.pictures().get(*i.reference()) : nullptr,
             i.island() ? painted(i) : render::Surface{}});
        things_.back().area.setFillRule(a && a->fill.evenOdd ? Qt::OddEvenFill : Qt::WindingFill);
    });
    std::reverse(things_.begin(), things_.end()); // topmost first
}

std::optional<Seen> Seeing::at(Vec2 q) const
{
    for (const Thing& t : things_) {
        if (const art::Artwork* a = t.item->artwork()) {
            if (a->stroke.colour)
                for (const curve::Path& path : a->paths)
                    if (const auto n = nearest(path, q); n && n->distance <= a->stroke.width / 2) return Seen{*a->stroke.colour, a->stroke.ink};
            if (!a->fill.colour || !t.area.contains(toQt(q))) continue;
            if (!a->fill.gradient) return Seen{*a->fill.colour, a->fill.ink};
            const auto back = curve::inverse(a->fill.gradient->place);
            const Vec2 u = back ? *back * q : Vec2{};
            return Seen{art::colourAt(*a->fill.gradient, a->fill.gradient->kind == art::Gradient::Kind::linear ? u.x : length(u)).colour, {}};
        }
        if (t.item->island()) {
            const Vec2 on = q - region_.min;
            if (on.x < 0 || on.y < 0 || on.x >= t.own.width || on.y >= t.own.height) continue;
            const std::uint32_t p = t.own.pixels[static_cast<std::size_t>(on.y) * static_cast<std::size_t>(t.own.width) + static_cast<std::size_t>(on.x)];
            const std::uint32_t alpha = p >> 24;
            if (alpha < 128) continue;
            const auto channel = [&](int shift) { return static_cast<std::uint8_t>(std::min<std::uint32_t>(255, ((p >> shift) & 255) * 255 / alpha)); };
            return Seen{{channel(16), channel(8), channel(0)}, {}};
        }
        const art::Reference& r = *t.item->reference();
        const auto back = curve::inverse(art::placement(r));
        if (!t.picture || !back || !r.picture || art::pictureSize(r).width == 0) continue;
        const Vec2 at = *back * q;
        if (!art::shownPart(r).contains(at)) continue;
        const int x = std::clamp(static_cast<int>(at.x * t.picture->width / art::pictureSize(r).width), 0, t.picture->width - 1),
                  y = std::clamp(static_cast<int>(at.y * t.picture->height / art::pictureSize(r).height), 0, t.picture->height - 1);
        const pixel::Rgba c = t.picture->at(x, y);
        return Seen{{c.r, c.g, c.b}, {}};
    }
    const art::Sheet& sheet = session_.document().sheet;
    if (q.x < 0 || q.y < 0 || q.x > sheet.width || q.y > sheet.height) return std::nullopt;
    return Seen{sheet.hasBackground ? sheet.background : art::Colour{255, 255, 255}, {}};
}

std::optional<Seen> Seeing::mean(Vec2 p, double radius) const
{
    if (radius <= 0) return at(p);
    pixel::OkLab sum;
    double n = 0;
    constexpr int rings = 4;
    for (int k = 0; k <= rings; ++k)
        for (int m = 0; m < std::max(1, 8 * k); ++m)
            if (const auto s = at(p + radius * k / rings * curve::direction(2 * curve::pi * m / std::max(1, 8 * k)))) {
                const pixel::OkLab o = pixel::okLabOf({s->colour.r, s->colour.g, s->colour.b, 255});
                sum.l += o.l;
                sum.a += o.a;
                sum.b += o.b;
                n += 1;
            }
    if (n == 0) return std::nullopt;
    const pixel::Rgba c = pixel::rgbOf(pixel::OkLab{sum.l / n, sum.a / n, sum.b / n});
    return Seen{{c.r, c.g, c.b}, {}};
}

std::unique_ptr<Tool> makeDrop(Desk& desk)
{
    return std::make_unique<DropTool>(desk.bench, desk.areas);
}
std::unique_ptr<Tool> makeTakeInk(Desk& desk)
{
    return std::make_unique<TakeInkTool>(desk.bench);
}
std::unique_ptr<Tool> makeGradient(Desk& desk)
{
    return std::make_unique<GradientTool>(desk.bench);
}
std::unique_ptr<Tool> makeAlike(Desk& desk)
{
    return std::make_unique<AlikeTool>(desk.bench);
}

} // namespace softrope::app
