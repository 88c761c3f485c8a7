#include "app/window/pen_dialog.h"

#include "app/services/pens.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"

#include <QDialogButtonBox>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QTabletEvent>
#include <QVBoxLayout>

namespace softrope::app {

// What comes from the pen along the foot, what is made of it upwards, and where the pen is now. The pen can be tried on it.
class PenDialog::Curve : public QWidget {
public:
    explicit Curve(QWidget* parent) : QWidget(parent)
    {
        setFixedSize(260, 200);
        setCursor(Qt::CrossCursor);
        setAccessibleName(tr("Pressure curve"));
    }
    double touch = 0, pressure = 0;

protected:
    void tabletEvent(QTabletEvent* e) override
    {
        penSeen(penOf(*e->pointingDevice(), e->pressure()));
        e->accept();
    }
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setRenderHint(QPainter::Antialiasing);
        p.fillRect(rect(), colours().sheet);
        p.setPen(QPen(colours().line, 1));
        p.drawRect(rect().adjusted(0, 0, -1, -1));
        const auto at = [this](double in) { return QPointF(in * (width() - 1), (1 - shapedPressure(in, touch)) * (height() - 1)); };
        p.setPen(QPen(colours().line, 1, Qt::DashLine));
        p.drawLine(QPointF(0, height() - 1), QPointF(width() - 1, 0));
        QPolygonF line;
        for (int k = 0; k <= 60; ++k) line << at(k / 60.0);
        p.setPen(QPen(marks().artLine, 2));
        p.drawPolyline(line);
        p.setPen(QPen(colours().accent, 2));
        p.setBrush(colours().accentWash);
        p.drawEllipse(at(pressure), 6, 6);
    }
};

PenDialog::PenDialog(QWidget* parent) : QDialog(parent)
{
    setObjectName("pen");
    setWindowTitle(tr("Touch of the pen"));
    name_ = label({}, "title", false);
    curve_ = new Curve(this);
    touch_ = new Slider(-1, 1, 0);
    touch_->setAccessibleName(tr("Touch"));
    auto* told = label(tr("Left for a light hand, right for a firm one. Press the pen on the field to try it; each pen keeps its own."), "small");
    told->setWordWrap(true);
    auto* buttons = new QDialogButtonBox;
    auto* plain = buttons->addButton(tr("As it comes"), QDialogButtonBox::ResetRole);
    buttons->addButton(tr("Leave"), QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    const auto take = [this](double v) {
        setTouch(pen_, v);
        curve_->touch = v;
        curve_->update();
    };
    connect(touch_, &Slider::moved, this, take);
    connect(plain, &QAbstractButton::clicked, this, [this, take] {
        take(0);
        touch_->setValue(0);
    });
    auto* column = new QVBoxLayout(this);
    for (QWidget* w : {static_cast<QWidget*>(name_), static_cast<QWidget*>(curve_), static_cast<QWidget*>(touch_), static_cast<QWidget*>(told),
                       static_cast<QWidget*>(buttons)})
        column->addWidget(w);
    tick_.setInterval(33);
    connect(&tick_, &QTimer::timeout, this, &PenDialog::follow);
    tick_.start();
    pen_ = -1; // whatever is used is news
    follow();
}

void PenDialog::follow()
{
    const Pen& pen = lastPen();
    if (pen.id != pen_) {
        pen_ = pen.id;
        name_->setText(pen.id == 0 ? tr("No pen was used yet") : pen.name.isEmpty() ? tr("Pen %1").arg(pen.id) : pen.name);
        touch_->setEnabled(pen.id != 0);
        touch_->setValue(touchOf(pen_));
        curve_->touch = touchOf(pen_);
    }
    curve_->pressure = pen.pressure;
    curve_->update();
}

} // namespace softrope::app
