// The levels of a picture as 64 bars in the colours of their tones, with a flag under the axis for each cut.
#pragma once

#include "app/widgets/told.h"
#include "tone/stack.h"

#include <QWidget>

namespace softrope::app {

class CutBars : public QWidget, public Told {
    Q_OBJECT
public:
    explicit CutBars(QWidget* parent = nullptr);
    void setValues(const tone::LevelCounts& counts, const std::vector<pixel::Rgba>& paints);
    void setCuts(const std::vector<double>& cuts); // without telling
    const std::vector<double>& cuts() const { return cuts_; }
    int picked() const { return picked_; } // the cut that keys move
    void pick(int cut);
    QAccessible::Role toldRole() const override { return QAccessible::Slider; }
    QString toldText() const override { return accessibleDescription(); }
    std::optional<Number> toldNumber() const override;
    void takeTold(double level) override;
    QSize sizeHint() const override { return {200, 112}; }
signals:
    void moved(const std::vector<double>& cuts, bool done); // done: the hand let go
    void pickedChanged();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    std::vector<double> bars_, cuts_;
    std::vector<pixel::Rgba> paints_;
    int picked_ = 0, dragged_ = -1;
    double xOf(double level) const;
    double levelOf(double x) const;
    void move(double level, bool done);
    void describe();
};

} // namespace softrope::app
