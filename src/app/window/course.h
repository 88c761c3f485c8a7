// How far the job is: a knot a step on the rope.
#pragma once

#include "app/steps/step.h"
#include "app/widgets/told.h"
#include <QWidget>

namespace softrope::app {

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
    const CourseState& state(StepId step) const;
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

} // namespace softrope::app
