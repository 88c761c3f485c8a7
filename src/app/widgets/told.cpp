#include "app/widgets/told.h"

#include <QAccessibleWidget>
#include <QWidget>

#include <algorithm>

namespace softrope::app {

namespace {

class ToldInterface : public QAccessibleWidget, public QAccessibleValueInterface {
public:
    explicit ToldInterface(QWidget* w) : QAccessibleWidget(w, dynamic_cast<Told*>(w)->toldRole()) {}

    QString text(QAccessible::Text t) const override { return t == QAccessible::Value && told() ? told()->toldText() : QAccessibleWidget::text(t); }
    void* interface_cast(QAccessible::InterfaceType t) override
    {
        if (t == QAccessible::ValueInterface && told() && told()->toldNumber()) return static_cast<QAccessibleValueInterface*>(this);
        return QAccessibleWidget::interface_cast(t);
    }

    QVariant currentValue() const override { return number().value; }
    void setCurrentValue(const QVariant& v) override
    {
        if (told()) told()->takeTold(std::clamp(v.toDouble(), number().least, number().most));
    }
    QVariant maximumValue() const override { return number().most; }
    QVariant minimumValue() const override { return number().least; }
    QVariant minimumStepSize() const override { return number().step; }

    QStringList actionNames() const override
    {
        QStringList names = QAccessibleWidget::actionNames();
        if (told() && told()->toldNumber()) names << increaseAction() << decreaseAction();
        return names;
    }
    void doAction(const QString& name) override
    {
        if (name == increaseAction())
            setCurrentValue(number().value + number().step);
        else if (name == decreaseAction())
            setCurrentValue(number().value - number().step);
        else
            QAccessibleWidget::doAction(name);
    }

private:
    // The widget may be on its way out.
    Told* told() const { return isValid() ? dynamic_cast<Told*>(widget()) : nullptr; }
    Told::Number number() const { return told() ? told()->toldNumber().value_or(Told::Number{}) : Told::Number{}; }
};

QAccessibleInterface* make(const QString&, QObject* object)
{
    auto* w = qobject_cast<QWidget*>(object);
    return w && dynamic_cast<Told*>(w) ? new ToldInterface(w) : nullptr;
}

} // namespace

void installTold()
{
    QAccessible::installFactory(make);
}

} // namespace softrope::app
