// The touch of a pen: its pressure curve, seen while the pen is pressed.
#pragma once

#include <QDialog>
#include <QTimer>

class QLabel;

namespace softrope::app {

class Slider;

class PenDialog : public QDialog {
    Q_OBJECT
public:
    explicit PenDialog(QWidget* parent);

private:
    class Curve;
    qint64 pen_ = 0;
    QLabel* name_;
    Slider* touch_;
    Curve* curve_;
    QTimer tick_;
    void follow(); // the pen that was used last
};

} // namespace softrope::app
