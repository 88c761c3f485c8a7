// What a tool holds, painted live above the cached picture.
#include "app/canvas/canvas.h"

#include <algorithm>

namespace softrope::app {

using curve::Affine;

namespace {

// The gradient of a fill or a line as Qt paints it: for what is held, until the renderer has it.
template <typename Painted> QBrush brushOf(const Painted& fill, const Affine& toScreen)
{
    const art::Gradient& g = *fill.gradient;
    QGradient q =
        g.kind == art::Gradient::Kind::linear ? static_cast<QGradient>(QLinearGradient(0, 0, 1, 0)) : static_cast<QGradient>(QRadialGradient(0, 0, 1));
    for (const art::GradientStop& s : g.stops) {
        QColor c(s.colour.r, s.colour.g, s.colour.b);
        c.setAlphaF(static_cast<float>(s.opacity * fill.opacity));
        q.setColorAt(std::clamp(s.at, 0.0, 1.0), c);
    }
    q.setSpread(g.spread == art::Gradient::Spread::pad       ? QGradient::PadSpread
                : g.spread == art::Gradient::Spread::reflect ? QGradient::ReflectSpread
                                                             : QGradient::RepeatSpread);
    const Affine m = toScreen * g.place;
    QBrush brush(q);
    brush.setTransform(QTransform(m.a, m.b, m.c, m.d, m.e, m.f));
    return brush;
}

} // namespace

// What a tool holds, quickly: blends and blur come with the picture that follows.
void Canvas::paintHeld(QPainter& p, const art::Item& i, const Affine& toScreen, double opacity)
{
    if (!i.shown) return;
    const double alpha = opacity * i.opacity;
    const auto below = [&] {
        for (const art::ItemPtr& c : art::childrenOf(i)) paintHeld(p, *c, toScreen, alpha);
    };
    const art::Artwork* a = i.artwork();
    if (!a) {
        below();
        return;
    }
    p.setOpacity(alpha);
    QPainterPath path = painterPath(a->paths, toScreen);
    path.setFillRule(a->fill.evenOdd ? Qt::OddEvenFill : Qt::WindingFill);
    const auto line = [&] {
        if (!a->stroke.colour) return;
        QColor c(a->stroke.colour->r, a->stroke.colour->g, a->stroke.colour->b);
        c.setAlphaF(static_cast<float>(a->stroke.opacity));
        QPen pen(c, a->stroke.width * view_.zoom, Qt::SolidLine,
                 a->stroke.cap == art::Cap::round    ? Qt::RoundCap
                 : a->stroke.cap == art::Cap::square ? Qt::SquareCap
                                                     : Qt::FlatCap,
                 a->stroke.join == art::Join::round   ? Qt::RoundJoin
                 : a->stroke.join == art::Join::mitre ? Qt::SvgMiterJoin
                                                      : Qt::BevelJoin);
        pen.setMiterLimit(a->stroke.mitreLimit);
        if (!a->stroke.dashes.empty() && a->stroke.width > 0) { // Qt counts in widths, an even number of them
            QList<qreal> pattern;
            for (int turn = 0; turn < (a->stroke.dashes.size() % 2 ? 2 : 1); ++turn)
                for (const double d : a->stroke.dashes) pattern << std::max(1e-3, d / a->stroke.width);
            pen.setDashPattern(pattern);
            pen.setDashOffset(a->stroke.dashFrom / a->stroke.width);
        }
        if (a->stroke.gradient) pen.setBrush(brushOf(a->stroke, toScreen));
        p.strokePath(path, pen);
    };
    if (a->stroke.behind) line();
    if (a->fill.colour) {
        QColor c(a->fill.colour->r, a->fill.colour->g, a->fill.colour->b);
        c.setAlphaF(static_cast<float>(a->fill.opacity));
        p.fillPath(path, a->fill.gradient ? brushOf(a->fill, toScreen) : QBrush(c));
    }
    if (!a->inside.empty()) {
        p.save();
        p.setClipPath(path, Qt::IntersectClip);
        below();
        p.restore();
    }
    p.setOpacity(alpha);
    if (!a->stroke.behind) line();
    p.setOpacity(1);
}

} // namespace softrope::app
