#include "app/canvas/marks.h"

#include <QFontMetricsF>

namespace softrope::app {

using curve::Vec2;

QPainterPath painterPath(const curve::Cubic& c, const curve::Affine& m)
{
    QPainterPath path(toQt(m * c.p0));
    if (curve::isStraight(c))
        path.lineTo(toQt(m * c.p3));
    else
        path.cubicTo(toQt(m * c.p1), toQt(m * c.p2), toQt(m * c.p3));
    return path;
}

QPainterPath painterPath(const curve::Paths& paths, const curve::Affine& m)
{
    QPainterPath out;
    for (const curve::Path& p : paths) {
        if (p.empty()) continue;
        out.moveTo(toQt(m * p.nodes.front().at));
        for (std::size_t i = 0; i < p.pieceCount(); ++i) {
            const curve::Cubic c = p.piece(i);
            if (curve::isStraight(c))
                out.lineTo(toQt(m * c.p3));
            else
                out.cubicTo(toQt(m * c.p1), toQt(m * c.p2), toQt(m * c.p3));
        }
        if (p.closed) out.closeSubpath();
    }
    return out;
}

namespace {

// Every mark has a halo of paper under it, so that it shows on dark and busy ground.
void withHalo(QPainter& p, const QPainterPath& shape, const QColor& line, double width, const QBrush& fill = Qt::NoBrush)
{
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(marks().halo, width + 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.drawPath(shape);
    p.setBrush(fill);
    p.setPen(QPen(line, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    p.drawPath(shape);
}

// Towards the outside of the bend at a node: away from where its two sides lead.
Vec2 outward(const curve::Path& path, std::size_t i)
{
    const std::size_t n = path.nodes.size();
    Vec2 sum;
    if (n > 1 && (path.closed || i > 0)) sum += curve::endTangent(path.piece((i + n - 1) % n));
    if (n > 1 && (path.closed || i + 1 < n)) sum += -curve::startTangent(path.piece(i));
    const Vec2 u = unit(sum);
    return squaredLength(u) > 0 ? u : Vec2{0, -1};
}

} // namespace

void Marks::node(const curve::Path& path, std::size_t i, NodeState state)
{
    const curve::Node& n = path.nodes[i];
    const double grow = state == NodeState::rest ? 0 : 2;
    const QColor fill = state == NodeState::picked ? marks().nodePicked : marks().nodeFill;
    const QColor line = state == NodeState::picked ? marks().nodePicked : marks().nodeLine;
    const QPointF c = at(n.at);
    QPainterPath shape;
    if (n.kind == curve::NodeKind::smooth) {
        const double r = (10 + grow) / 2;
        shape.addEllipse(c, r, r);
    } else {
        // The kite: 10 wide, 13 long, its point towards the outside of the bend.
        const Vec2 up = outward(path, i), side = curve::perpendicular(up);
        const double h = 13 + grow, w = 10 + grow;
        const auto put = [&](double along, double across) { return c + toQt(up * (along * h) + side * (across * w)); };
        shape.moveTo(put(0.58, 0));
        shape.lineTo(put(-0.02, 0.5));
        shape.lineTo(put(-0.42, 0));
        shape.lineTo(put(-0.02, -0.5));
        shape.closeSubpath();
    }
    withHalo(p_, shape, line, 1.75, fill);
}

void Marks::tick(Vec2 sheet)
{
    p_.setPen(Qt::NoPen);
    p_.setBrush(marks().nodeLine);
    p_.drawEllipse(at(sheet), 1.6, 1.6);
}

void Marks::handle(Vec2 nodeAt, Vec2 handleAt, bool broken)
{
    const QPointF a = at(nodeAt), b = at(handleAt);
    const QPointF d = b - a;
    const double len = std::hypot(d.x(), d.y());
    if (len < 1) return;
    QPointF across(-d.y() / len, d.x() / len);
    if (broken) across = (across + d / len * 0.6) / std::hypot(1, 0.6);
    QPainterPath whisker(a);
    whisker.lineTo(b);
    withHalo(p_, whisker, marks().geometry, 1.25);
    QPainterPath bar(b - across * 5);
    bar.lineTo(b + across * 5);
    withHalo(p_, bar, marks().geometry, 3);
}

QImage openEndStamp(qreal ratio, bool strong)
{
    const int side = static_cast<int>(std::ceil(openEndSize * ratio));
    QImage stamp(side, side, QImage::Format_ARGB32_Premultiplied);
    stamp.setDevicePixelRatio(ratio);
    stamp.fill(Qt::transparent);
    QPainter p(&stamp);
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF c(openEndSize / 2.0, openEndSize / 2.0);
    QPainterPath ring;
    ring.addEllipse(c, 7.5, 7.5);
    withHalo(p, ring, marks().openEnd, strong ? 3 : 2.25);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(marks().openEnd, 1, Qt::DotLine));
    p.drawEllipse(c, 11.5, 11.5);
    return stamp;
}

void Marks::openEnd(Vec2 sheet, bool strong)
{
    p_.drawImage(at(sheet) - QPointF(openEndSize / 2.0, openEndSize / 2.0), openEndStamp(p_.device()->devicePixelRatioF(), strong));
}

void Marks::brackets(const QRectF& box, double turn)
{
    p_.save();
    p_.translate(box.center());
    p_.rotate(curve::degrees(turn));
    const double w = box.width() / 2 + 10, h = box.height() / 2 + 10;
    const double arm = std::min({16.0, w * 0.8, h * 0.8});
    QPainterPath shape;
    for (const double sx : {-1.0, 1.0})
        for (const double sy : {-1.0, 1.0}) {
            shape.moveTo(sx * w, sy * (h - arm));
            shape.lineTo(sx * w, sy * h);
            shape.lineTo(sx * (w - arm), sy * h);
        }
    withHalo(p_, shape, marks().selection, 2.25);
    p_.restore();
}

void Marks::line(const curve::Paths& paths, const QColor& colour, double width, Qt::PenStyle style)
{
    p_.setBrush(Qt::NoBrush);
    p_.setPen(QPen(colour, width, style, Qt::RoundCap, Qt::RoundJoin));
    p_.drawPath(painterPath(paths, m_));
}

void Marks::wash(const curve::Paths& areas, const std::optional<art::Paint>& paint)
{
    if (!paint || !paint->colour) return;
    QColor c(paint->colour->r, paint->colour->g, paint->colour->b);
    c.setAlphaF(0.45F);
    p_.fillPath(painterPath(areas, m_), c);
}

void Marks::segment(Vec2 a, Vec2 b, const QColor& colour, double width, Qt::PenStyle style)
{
    p_.setPen(QPen(colour, width, style, Qt::RoundCap));
    p_.drawLine(at(a), at(b));
}

void Marks::dot(Vec2 sheet, const QColor& colour, double radius)
{
    QPainterPath shape;
    shape.addEllipse(at(sheet), radius, radius);
    withHalo(p_, shape, colour, 1, colour);
}

void Marks::square(Vec2 at_, const QColor& colour, double half)
{
    p_.setPen(Qt::NoPen);
    p_.setBrush(colour);
    const QPointF c = at(at_);
    p_.drawRect(QRectF(c.x() - half, c.y() - half, 2 * half, 2 * half));
}

void Marks::ring(Vec2 sheet, const QColor& colour, double radius)
{
    QPainterPath shape;
    shape.addEllipse(at(sheet), radius, radius);
    withHalo(p_, shape, colour, 1.75);
}

void Marks::guide(const art::Guide& g, bool strong)
{
    const Vec2 d = curve::direction(g.angle);
    const double far = 4 * (pane_.width() + pane_.height()) / std::max(curve::meanScale(m_), 1e-9);
    // The nearest point of the guide to the middle of what is seen: far guides stay exact when zoomed in.
    Vec2 c = g.through;
    if (const auto back = curve::inverse(m_)) {
        const Vec2 mid = *back * Vec2{pane_.center().x(), pane_.center().y()};
        c = g.through + d * curve::dot(mid - g.through, d);
    }
    segment(c - d * far, c + d * far, marks().guide, strong ? 2 : 1, Qt::DashDotLine);
}

void Marks::chip(Vec2 beside, const QString& text, Chip kind)
{
    if (text.isEmpty() || chips_.size() >= 4) return;
    const QFont f = typeface("small", true);
    const double width = QFontMetricsF(f).horizontalAdvance(text) + 16;
    const QPointF c = at(beside);
    QRectF box(c.x() + 16, c.y() - 34, width, 20);
    // Tried to the upper right first, then round the point, until it is inside and free.
    for (const QPointF& offset :
         {QPointF(16, -34), QPointF(-16 - width, -34), QPointF(16, 14), QPointF(-16 - width, 14), QPointF(-width / 2, -52), QPointF(-width / 2, 32)}) {
        const QRectF tried(c + offset, QSizeF(width, 20));
        const bool taken = std::any_of(chips_.begin(), chips_.end(), [&](const QRectF& r) { return r.adjusted(-3, -3, 3, 3).intersects(tried); });
        if (pane_.contains(tried) && !taken) {
            box = tried;
            break;
        }
    }
    const double left = pane_.left() + 4, right = std::max(left, pane_.right() - 4 - width);
    box.moveLeft(std::clamp(box.left(), left, right));
    box.moveTop(std::clamp(box.top(), pane_.top() + 4, std::max(pane_.top() + 4, pane_.bottom() - 24)));
    chips_.push_back(box);
    const QColor ground = kind == Chip::measure ? marks().tagGeometry : kind == Chip::fault ? marks().tagFinding : marks().tagPlain;
    p_.setPen(QPen(marks().halo, 1.5));
    p_.setBrush(ground);
    p_.drawRoundedRect(box, 4, 4);
    p_.setPen(marks().tagText);
    p_.setFont(f);
    p_.drawText(box, Qt::AlignCenter, text);
}

} // namespace softrope::app
