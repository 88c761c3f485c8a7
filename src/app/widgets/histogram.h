// The grey values of a picture as 64 bars in their own tones, with a flag under the axis for the cut.
#pragma once

#include "app/widgets/told.h"
#include "pixel/threshold.h"

#include <QWidget>

#include <cmath>

namespace softrope::app {

class HistogramBars : public QWidget, public Told {
    Q_OBJECT
public:
    explicit HistogramBars(QWidget* parent = nullptr);
    void setValues(const pixel::Histogram& h);
    void setCut(double cut); // without telling
    double cut() const { return cut_; }
    QAccessible::Role toldRole() const override { return QAccessible::Slider; }
    QString toldText() const override { return tr("%1 of 255").arg(std::lround(cut_)); }
    std::optional<Number> toldNumber() const override { return Number{cut_, 0, 255, 1}; }
    void takeTold(double cut) override { move(cut); }
    QSize sizeHint() const override { return {200, 74}; }
signals:
    void cutMoved(double cut);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    std::vector<double> bars_;
    double cut_ = 127;
    void byPointer(double x);
    void move(double cut);
};

} // namespace softrope::app
