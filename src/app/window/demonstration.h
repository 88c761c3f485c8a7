// Shows an act in a window: a drawn pointer goes where a hand would, commands run as their keys would run them, words say what happens.
// Whoever watches can stop it; the hand's own pointer does nothing meanwhile.
#pragma once

#include "app/window/job_steps.h"

#include <QElapsedTimer>
#include <QPointer>
#include <QTimer>
#include <QWidget>

class QLabel;

namespace softrope::app {

class Pill;
class Window;

class Demonstration : public QObject {
    Q_OBJECT
public:
    // Plays in that window, which is there for nothing else and goes with it. `speed` 1 = to be followed by eye.
    Demonstration(Window& window, const JobStep& step, double speed = 1);
    ~Demonstration() override;
    bool playing() const { return tick_.isActive(); }
    void stop();

signals:
    void ended(); // played to its end, or stopped

protected:
    bool eventFilter(QObject*, QEvent*) override;

private:
    class Pointer;
    class Caption;
    Window& window_;
    std::vector<Move> moves_;
    double speed_;
    std::size_t at_ = 0; // the move that is played
    bool begun_ = false; // it has
    QTimer tick_;
    QElapsedTimer clock_; // since the move began
    QPointer<Pointer> pointer_;
    QPointer<Caption> caption_;
    std::size_t leg_ = 0; // of a drag
    QPointF from_;        // where the pointer was when the leg began, px of the bench
    void step();
    void next();
    bool glide(QPointF to, int ms); // true once there
    void press(QEvent::Type type, QPointF at);
};

} // namespace softrope::app
