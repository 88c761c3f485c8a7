// Marks on the sheet: nodes, handles, brackets, chips. Sizes are screen px and never follow the zoom.
#pragma once

#include "app/theme/theme.h"
#include "art/document.h"
#include "art/inks.h"

#include <QPainter>
#include <QPainterPath>

#include <vector>

namespace softrope::app {

QPainterPath painterPath(const curve::Paths& paths, const curve::Affine& m);
QPainterPath painterPath(const curve::Cubic& c, const curve::Affine& m);
inline QPointF toQt(curve::Vec2 p)
{
    return {p.x, p.y};
}

// The ring at an open end, to be stamped where there are thousands; its side in screen px.
constexpr int openEndSize = 28;
QImage openEndStamp(qreal ratio, bool strong);

class Marks {
public:
    Marks(QPainter& painter, const curve::Affine& toScreen, const QRectF& pane) : p_(painter), m_(toScreen), pane_(pane) {}

    QPainter& painter() { return p_; }
    const curve::Affine& toScreen() const { return m_; }
    const QRectF& pane() const { return pane_; }
    QPointF at(curve::Vec2 sheet) const { return toQt(m_ * sheet); }

    enum class NodeState { rest, hover, picked };
    void node(const curve::Path& path, std::size_t i, NodeState state);
    void tick(curve::Vec2 at);
    void handle(curve::Vec2 node, curve::Vec2 handle, bool broken);
    void openEnd(curve::Vec2 at, bool strong);
    // Square to the sheet, from one corner to the other.
    QPolygonF frame(curve::Vec2 a, curve::Vec2 b) const { return QPolygonF{{at(a), at({b.x, a.y}), at(b), at({a.x, b.y})}}; }
    void brackets(const QRectF& screenBox, double turn = 0);
    void line(const curve::Paths& paths, const QColor& colour, double width, Qt::PenStyle style = Qt::SolidLine);
    // Areas lightly filled with a paint that they will have; nothing without one.
    void wash(const curve::Paths& areas, const std::optional<art::Paint>& paint);
    void segment(curve::Vec2 a, curve::Vec2 b, const QColor& colour, double width, Qt::PenStyle style = Qt::SolidLine);
    void dot(curve::Vec2 at, const QColor& colour, double radius);
    void square(curve::Vec2 at, const QColor& colour, double half);
    void ring(curve::Vec2 at, const QColor& colour, double radius);
    void guide(const art::Guide& g, bool strong);

    enum class Chip { measure, fault, name };
    // A label beside a point; kept inside the pane and clear of the point itself.
    void chip(curve::Vec2 beside, const QString& text, Chip kind = Chip::measure);

private:
    QPainter& p_;
    curve::Affine m_;
    QRectF pane_;
    std::vector<QRectF> chips_;
};

} // namespace softrope::app
