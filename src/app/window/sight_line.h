// How the sheet is looked at. Floats over the bench.
#pragma once

#include "app/canvas/canvas.h"
#include "app/tools/step_id.h"
#include "app/widgets/widgets.h"

namespace softrope::app {

class SightLine : public QWidget {
    Q_OBJECT
public:
    explicit SightLine(Canvas& canvas);
    void refresh();
    void layOut(int width);
    void setStep(StepId step);
    void setAreasShown(bool on);
    void setMarksShown(bool on);
    // Their keys lie under one hand or the other.
    void tellHeldKeys();
signals:
    void areasWanted(bool on);
    void mirrorWanted();
    void linesWanted();
    void marksWanted(bool on);

private:
    Canvas& canvas_;
    Pill *over_, *beside_, *alone_, *peek_, *squint_, *areas_, *mirror_, *lines_, *marks_;
    Slider* veil_;
    QLabel *figure_, *veilName_;
    QWidget *left_, *middle_, *look_, *right_;
};

} // namespace softrope::app
