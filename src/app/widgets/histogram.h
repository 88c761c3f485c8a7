// The grey values of a picture as 64 bars in their own tones, with a flag under the axis for the cut.
#pragma once

#include "pixel/threshold.h"

#include <QWidget>

namespace softrope::app {

class HistogramBars : public QWidget {
    Q_OBJECT
public:
    explicit HistogramBars(QWidget* parent = nullptr);
    void setValues(const pixel::Histogram& h);
    void setCut(double cut); // without telling
    double cut() const { return cut_; }
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
