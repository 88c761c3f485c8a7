// The swell of a line as a mirrored shape with beads: up and down changes the width, sideways the place.
#pragma once

#include "app/widgets/told.h"
#include "curve/swell.h"

#include <QString>
#include <QWidget>

#include <vector>

namespace softrope::app {

class SwellCurve : public QWidget, public Told {
    Q_OBJECT
public:
    explicit SwellCurve(QWidget* parent = nullptr);
    void setSwell(const curve::Swell& s); // without telling
    const curve::Swell& swell() const { return swell_; }
    QAccessible::Role toldRole() const override { return QAccessible::Slider; }
    QString toldText() const override;
    std::optional<Number> toldNumber() const override;
    void takeTold(double width) override;
    QSize sizeHint() const override { return {200, 78}; }
    // Where a bead is shown, for tests and help.
    QPointF beadAt(std::size_t i) const;
signals:
    void changed(const softrope::curve::Swell& swell);
    void settled();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    curve::Swell swell_;
    int held_ = -1, picked_ = 0;
    std::size_t under(QPointF p) const;
    void tell(curve::Swell s);
};

// Swells kept by name: those that come with the program and the user's own.
struct NamedSwell {
    QString name;
    curve::Swell swell;
    bool own = false;
};
std::vector<NamedSwell> swellLibrary();
void keepSwell(const QString& name, const curve::Swell& s);
void dropSwell(const QString& name);

} // namespace softrope::app
