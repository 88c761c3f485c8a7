// The fixed parts of the window around the bench: course, sight line, tray, reading strip, layer list.
#pragma once

#include "app/canvas/canvas.h"
#include "app/steps/step.h"
#include "app/widgets/told.h"
#include "app/widgets/widgets.h"

#include <QScrollArea>

class QVBoxLayout;

namespace softrope::app {

// How far the job is: a knot a step on the rope.
class Course : public QWidget, public Told {
    Q_OBJECT
public:
    explicit Course(QWidget* parent = nullptr);
    void setCurrent(StepId step);
    QAccessible::Role toldRole() const override { return QAccessible::PageTabList; }
    QString toldText() const override { return accessibleDescription(); }
    std::optional<Number> toldNumber() const override { return Number{static_cast<double>(current_), 0, static_cast<double>(knots_.size()) - 1, 1}; }
    void takeTold(double index) override { emit chosen(steps()[static_cast<std::size_t>(index)]->id); }
    void setState(StepId step, const CourseState& state);
    StepId current() const { return steps()[static_cast<std::size_t>(current_)]->id; }
    QSize sizeHint() const override { return {400, 62}; }
signals:
    void chosen(softrope::app::StepId step);
    void lookedFor(softrope::app::StepId step); // the state text of a knot that needs a look

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

private:
    std::vector<CourseState> knots_;
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
    void setStep(StepId step);
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

class ReadingStrip : public QWidget, public Told {
    Q_OBJECT
public:
    explicit ReadingStrip(QWidget* parent = nullptr);
    void setReadings(std::vector<Reading> readings, const QString& zoom);
    QAccessible::Role toldRole() const override { return QAccessible::StatusBar; }
    QString toldText() const override;
    // The act that is offered now, done; false when there is none.
    bool doOffered();
    // Shown for 6 s in place of the readings, with an act beside it if there is one.
    void say(const QString& text, const QString& act = {}, std::function<void()> run = {});
    const QStringList& said() const { return said_; }
    // As `say`, but nothing that happened.
    void tell(const QString& text);
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
