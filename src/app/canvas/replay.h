// The tablet stand-in: plays recorded strokes into the canvas through ordinary tablet events.
#pragma once

#include "app/canvas/canvas.h"

namespace softrope::app {

struct Recording {
    std::vector<std::vector<art::HandSample>> strokes; // sheet px, seconds
    QString problem;                                   // a sentence when it could not be read
};
// {"strokes": [[{"x":, "y":, "pressure":, "tilt-x":, "tilt-y":, "time":}, ...], ...]}; only x and y are needed.
Recording readRecording(const QString& path);
QByteArray writeRecording(const std::vector<std::vector<art::HandSample>>& strokes);

class Replay : public QObject {
    Q_OBJECT
public:
    explicit Replay(Canvas& canvas) : QObject(&canvas), canvas_(canvas) {}
    // `speed` 1 = as recorded; `loops` 0 = without end.
    void start(Recording recording, double speed = 1, int loops = 1);
    void stop();
    bool running() const { return timer_.isActive(); }
signals:
    void finished();

private:
    Canvas& canvas_;
    Recording recording_;
    QTimer timer_;
    QElapsedTimer clock_;
    double speed_ = 1;
    int loops_ = 1;
    std::size_t stroke_ = 0, sample_ = 0;
    void step();
    void send(QEvent::Type type, const art::HandSample& s);
};

} // namespace softrope::app
