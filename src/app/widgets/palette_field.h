// The colours of a stack as beads on a disc of hue and chroma: dragged, dropped on one another, split by a double click.
#pragma once

#include "app/widgets/told.h"

#include <QImage>
#include <QWidget>

#include <vector>

namespace softrope::app {

class PaletteField : public QWidget, public Told {
    Q_OBJECT
public:
    explicit PaletteField(QWidget* parent = nullptr);
    // Shares (0..1) make the beads large or small; without telling.
    void setColours(const std::vector<QColor>& colours, const std::vector<double>& shares);
    QSize sizeHint() const override { return {200, 190}; }
    QPointF beadAt(std::size_t k) const;
    QAccessible::Role toldRole() const override { return QAccessible::List; }
    QString toldText() const override;
    std::optional<Number> toldNumber() const override;
    void takeTold(double bead) override;
signals:
    // While a bead is dragged, and once more when it is let go.
    void moved(int colour, const QColor& to, bool done);
    void merged(int into, int gone);
    void split(int colour);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    std::vector<QColor> colours_;
    std::vector<double> shares_;
    int held_ = -1, focused_ = 0;
    QImage disc_;
    QPointF middle() const { return QPointF(0.5 * width(), 0.5 * height()); }
    double reach() const { return 0.5 * std::min(width(), height()) - 10; }
    double sizeOf(std::size_t k) const;
    int under(QPointF p, int without = -1) const;
    // The colour of the bead put there, its lightness kept.
    QColor at(QPointF p, const QColor& of) const;
    QColor lighter(const QColor& c, double by) const;
};

} // namespace softrope::app
