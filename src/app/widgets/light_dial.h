// The light as a ball with a bead: the way it comes from, and how high it stands (near the middle = high).
#pragma once

#include "app/widgets/told.h"
#include "art/light.h"

#include <QWidget>

namespace softrope::app {

class LightDial : public QWidget, public Told {
    Q_OBJECT
public:
    explicit LightDial(QWidget* parent = nullptr);
    void setLight(const art::Light& light); // without telling
    QSize sizeHint() const override { return {76, 76}; }
    QAccessible::Role toldRole() const override { return QAccessible::Dial; }
    QString toldText() const override;
    std::optional<Number> toldNumber() const override;
    void takeTold(double degrees) override;
signals:
    // While it is dragged, and then once more when it is let go.
    void turned(const softrope::art::Light& light, bool done);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    art::Light light_;
    bool dragging_ = false;
    QPointF middle() const { return rect().center() + QPointF(0.5, 0.5); }
    double reach() const { return 0.5 * std::min(width(), height()) - 7; }
    QPointF bead() const;
    void put(QPointF at);
};

} // namespace softrope::app
