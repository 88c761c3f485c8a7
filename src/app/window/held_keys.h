// Keys that work while they are held: a tool that is borrowed, a look at the reference alone, a squint. When the window loses the
// keyboard all of them are let go, since nobody will tell.
#pragma once

#include "app/canvas/canvas.h"

#include <QElapsedTimer>
#include <QKeyEvent>

#include <functional>

namespace softrope::app {

class HeldKeys {
public:
    // `toolFor`: the tool that a key takes up in the present step; empty = none.
    HeldKeys(Canvas& canvas, std::function<QString(const QKeyEvent&)> toolFor) : canvas_(canvas), toolFor_(std::move(toolFor)) {}

    // Whether the key was one of these.
    bool pressed(const QKeyEvent& e);
    bool released(const QKeyEvent& e);
    // As if all were let go now; a borrowed tool goes back.
    void letGo();
    // Held longer than a tap, a tool was only borrowed.
    static constexpr int tap = 250; // ms

private:
    Canvas& canvas_;
    std::function<QString(const QKeyEvent&)> toolFor_;
    int toolKey_ = 0, peekKey_ = 0, squintKey_ = 0;
    QString toolBefore_;
    QElapsedTimer heldFor_;
    bool peeking_ = false, squinting_ = false;

    void peek(bool on, bool artwork);
    void squint(bool on);
};

} // namespace softrope::app
