// The tools of the step in force, and what the one in hand does.
#pragma once

#include "app/canvas/canvas.h"
#include "app/tools/step_id.h"
#include "app/widgets/widgets.h"
#include <map>

namespace softrope::app {

class Tray : public QWidget {
    Q_OBJECT
public:
    explicit Tray(Canvas& canvas, QWidget* parent = nullptr);
    void setStep(StepId step);
    void setHintShown(bool shown);
    void setTileWidth(int width);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Canvas& canvas_;
    QWidget* row_ = nullptr;
    QLabel* hint_;
    StepId step_ = StepId::place;
    int tileWidth_ = 80;
    std::map<QString, Tile*> tiles_;
    void showTool();
};

} // namespace softrope::app
