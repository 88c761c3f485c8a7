#include "app/canvas/service_marks.h"

#include "app/services/far_off.h"
#include "app/services/tracer.h"
#include "app/theme/theme.h"
#include "app/theme/words.h"
#include "curve/comb.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

void paintTrace(Marks& m, const Tracer& t)
{
    if (!t.active()) return;
    const double scale = curve::meanScale(m.toScreen());
    for (const Tracer::Found& f : t.found()) {
        const art::Artwork& a = *f.item.artwork();
        if (!f.wanted) {
            m.line(a.paths, marks().selection, 1.2, Qt::DotLine);
            continue;
        }
        QColor body = marks().geometry;
        body.setAlphaF(0.25F);
        if (t.settings().what == TraceSettings::What::tones) {
            // As it will look; the borders only when they are few.
            m.painter().fillPath(painterPath(a.paths, m.toScreen()), QColor(a.fill.colour->r, a.fill.colour->g, a.fill.colour->b));
            if (t.found().size() < 120) m.line(a.paths, marks().geometry, 1);
            continue;
        }
        if (a.fill.colour)
            m.painter().fillPath(painterPath(a.paths, m.toScreen()), body);
        else
            m.line(a.paths, body, std::max(1.0, a.stroke.width * scale));
        m.line(a.paths, marks().geometry, 1.5);
        if (t.found().size() < 400)
            for (const curve::Path& p : a.paths)
                for (const curve::Node& n : p.nodes) m.dot(n.at, marks().geometry, 2.2);
    }
    if (t.part().size() > 2) m.line({curve::polyline(t.part(), true)}, marks().guide, 1.5, Qt::DashLine);
}

void paintComb(Marks& m, const FarOff& f, const art::Artwork* picked)
{
    if (!f.combShown() || !picked) return;
    constexpr double longest = 56, apart = 7; // screen px
    const double scale = std::max(1e-9, curve::meanScale(m.toScreen()));
    const QRectF view = QRectF(m.painter().viewport()).adjusted(-longest, -longest, longest, longest);
    double most = 0;
    std::vector<std::vector<curve::Whisker>> rows;
    for (const curve::Path& p : picked->paths)
        for (std::size_t k = 0; k < p.pieceCount(); ++k) {
            curve::Box b;
            const curve::Cubic c = p.piece(k);
            for (const curve::Vec2 q : {c.p0, c.p1, c.p2, c.p3}) b.add(m.toScreen() * q);
            if (!view.intersects(QRectF(b.min.x, b.min.y, b.width() + 1, b.height() + 1))) continue;
            rows.push_back(curve::combOf(c, apart / scale));
            for (const curve::Whisker& w : rows.back()) most = std::max(most, w.bend);
        }
    if (!(most > 0)) return;
    QColor tooth = marks().geometry;
    tooth.setAlphaF(0.55F);
    for (const auto& row : rows) {
        // The square root keeps a gentle bend visible beside a tight one.
        const auto tip = [&](const curve::Whisker& w) { return w.at + w.out * (longest / scale * std::sqrt(w.bend / most)); };
        for (const curve::Whisker& w : row) m.segment(w.at, tip(w), tooth, 1);
        for (std::size_t i = 1; i < row.size(); ++i) m.segment(tip(row[i - 1]), tip(row[i]), marks().geometry, 1.5);
    }
    for (const curve::Vec2 at : f.inflections()) m.dot(at, marks().selection, 4);
    m.chip(picked->paths.front().nodes.front().at, tr("%n inflection(s)", nullptr, static_cast<int>(f.inflections().size())));
}

void paintFarOff(Marks& m, const FarOff& f)
{
    if (!f.shown() || f.spots().empty()) return;
    const auto& spots = f.spots();
    const double limit = f.limit();
    using Spot = FarOff::Spot;
    // Near is teal, the limit is madder; places without anything to compare with are dotted.
    const auto colourOf = [&](double off) {
        const QColor near = marks().geometry, far = marks().selection;
        const double t = std::clamp(off / limit, 0.0, 1.0);
        return QColor::fromRgbF(static_cast<float>(near.redF() + t * (far.redF() - near.redF())),
                                static_cast<float>(near.greenF() + t * (far.greenF() - near.greenF())),
                                static_cast<float>(near.blueF() + t * (far.blueF() - near.blueF())));
    };
    const auto apart = [&](const Spot& a, const Spot& b) { return distance(a.at, b.at) > 40 * limit + 40; };
    // On paper of its own, so that it is seen on dark lines.
    for (std::size_t i = 1; i < spots.size(); ++i)
        if (!apart(spots[i - 1], spots[i])) m.segment(spots[i - 1].at, spots[i].at, marks().halo, 10);
    for (std::size_t i = 1; i < spots.size(); ++i) {
        const Spot &a = spots[i - 1], &b = spots[i];
        if (apart(a, b)) continue;
        const double off = std::max(a.off, b.off);
        if (off < 0)
            m.segment(a.at, b.at, marks().guide, 1.5, Qt::DotLine);
        else
            m.segment(a.at, b.at, colourOf(off), 3 + 4 * std::clamp(off / limit, 0.0, 1.0));
    }
    if (const auto w = f.worst()) {
        m.ring(w->at, marks().selection, 9);
        m.chip(w->at, QString("%1 %2").arg(pxText(w->off), f.against()));
    }
}

} // namespace softrope::app
