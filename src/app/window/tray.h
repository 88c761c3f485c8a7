// The tools of the step in force, and what the one in hand does.
#pragma once

#include "app/canvas/canvas.h"
#include "app/tools/step_id.h"
#include "app/widgets/widgets.h"
#include <map>

namespace softrope::app {

class ToolFilm;

class Tray : public QWidget {
    Q_OBJECT
public:
    explicit Tray(Canvas& canvas, QWidget* parent = nullptr);
    void setStep(StepId step);
    void setHintShown(bool shown);
    void setTileWidth(int width);
    // What each tool does is shown by it, over the tile.
    void setFilm(ToolFilm* film);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Canvas& canvas_;
    QWidget* row_ = nullptr;
    QLabel* hint_;
    ToolFilm* film_ = nullptr;
    StepId step_ = StepId::place;
    int tileWidth_ = 80;
    std::map<QString, Tile*> tiles_;
    void showTool();
};

} // namespace softrope::app
