// The fixed parts of the window around the bench: course, sight line, tray, reading strip, layer list.
#pragma once

#include "app/canvas/canvas.h"
#include "app/widgets/widgets.h"

#include <QScrollArea>

class QVBoxLayout;

namespace softrope::app {

// The steps that work today, in the order of the job.
struct Step {
    QString id, name;
    std::vector<QString> tools; // after Pick
};
const std::vector<Step>& steps();
// Tray keys go by place: the key of a tool in a step; empty when the step has no such tool.
QString trayKey(int step, const QString& tool);

// How far the job is: a knot a step on the rope.
class Course : public QWidget {
    Q_OBJECT
public:
    enum class State { notBegun, underWay, settled, needsLook };
    explicit Course(QWidget* parent = nullptr);
    void setCurrent(int step);
    void setState(int step, State state, const QString& text);
    int current() const { return current_; }
    QSize sizeHint() const override { return {400, 62}; }
signals:
    void chosen(int step);
    void lookedFor(int step); // the state text of a knot that needs a look

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

private:
    struct Knot {
        State state = State::notBegun;
        QString text;
    };
    std::vector<Knot> knots_;
    int current_ = 0, hovered_ = -1;
    QPointF knotAt(int i) const;
    int under(QPointF p) const;
};

// How the sheet is looked at. Floats over the bench.
class SightLine : public QWidget {
    Q_OBJECT
public:
    explicit SightLine(Canvas& canvas);
    void refresh();
    void layOut(int width);
    void setStep(int step);
    void setAreasShown(bool on);
signals:
    void areasWanted(bool on);
    void mirrorWanted();

private:
    Canvas& canvas_;
    Pill *over_, *beside_, *alone_, *peek_, *squint_, *areas_, *mirror_;
    Slider* veil_;
    QLabel* figure_;
    QWidget *left_, *middle_, *look_, *right_;
};

class Tray : public QWidget {
    Q_OBJECT
public:
    explicit Tray(Canvas& canvas, QWidget* parent = nullptr);
    void setStep(int step);
    void setHintShown(bool shown);
    void setTileWidth(int width);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Canvas& canvas_;
    QWidget* row_ = nullptr;
    QLabel* hint_;
    int step_ = 0, tileWidth_ = 80;
    std::map<QString, Tile*> tiles_;
    void showTool();
};

class ReadingStrip : public QWidget {
    Q_OBJECT
public:
    explicit ReadingStrip(QWidget* parent = nullptr);
    struct Reading {
        QString icon, before, figure, after;
    };
    void setReadings(std::vector<Reading> readings, const QString& zoom);
    // Shown for 6 s in place of the readings, with an act beside it if there is one.
    void say(const QString& text, const QString& act = {}, std::function<void()> run = {});
    const QStringList& said() const { return said_; }
    // For "What happened" only.
    void note(const QString& text) { said_ << text; }
    QString shown() const { return message_; }

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    std::vector<Reading> readings_;
    QString zoom_, message_, act_;
    std::function<void()> run_;
    QRectF actBox_;
    QTimer timer_;
    QStringList said_;
};

} // namespace softrope::app
