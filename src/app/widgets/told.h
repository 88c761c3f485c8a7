// What an own painted control tells assistive programs: its role, its value in words and as a number, and taking another one. Its name
// and description are the widget's accessible ones.
#pragma once

#include <QAccessible>
#include <QString>

#include <optional>

namespace softrope::app {

class Told {
public:
    struct Number {
        double value = 0, least = 0, most = 1, step = 0.1;
    };
    virtual ~Told() = default;
    virtual QAccessible::Role toldRole() const = 0;
    // The value in words; what is shown, where there is no number.
    virtual QString toldText() const = 0;
    virtual std::optional<Number> toldNumber() const { return std::nullopt; }
    // As if the hand had done it. Only with a number.
    virtual void takeTold(double) {}
};

// From now on every widget that is a Told tells this. Once is enough.
void installTold();

} // namespace softrope::app
