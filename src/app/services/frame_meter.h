// What the interface thread spends its frames on, for who works on the speed of the program. Off unless asked for; then it costs a look
// at a pointer.
//
// A frame is an event with all that is done for it at once, and the events that follow it without a pause: until its end nothing that the
// hand does is seen.
#pragma once

#include <QElapsedTimer>
#include <QObject>

#include <deque>
#include <vector>

namespace softrope::app {

class FrameMeter : public QObject {
    Q_OBJECT
public:
    struct Spent {
        const char* what;
        double ms;
    };
    struct Frame {
        double ms = 0;
        std::vector<Spent> spent; // what has a name, each once; the rest is Qt's and small change
    };
    static constexpr std::size_t kept = 120;

    explicit FrameMeter(QObject* parent = nullptr);
    ~FrameMeter() override;
    void watch(bool on);
    bool watching() const { return running_ == this; }
    const std::deque<Frame>& frames() const { return frames_; } // newest last, kept at most

    // Around what has a name; what lies in it under another name counts for that.
    class Part {
    public:
        explicit Part(const char* what);
        ~Part();
        Part(const Part&) = delete;
        Part& operator=(const Part&) = delete;

    private:
        FrameMeter* meter_;
    };

    // Around the handling of each event (guard.h).
    class Turn {
    public:
        Turn();
        ~Turn();
        Turn(const Turn&) = delete;
        Turn& operator=(const Turn&) = delete;

    private:
        FrameMeter* meter_;
    };

private:
    struct Open {
        const char* what;
        double since;
    };
    static FrameMeter* running_; // on the interface thread alone
    QElapsedTimer clock_;
    int depth_ = 0; // events within events
    double began_ = 0, ended_ = -1;
    std::vector<Open> open_;
    Frame now_;
    std::deque<Frame> frames_;

    double ms() const { return static_cast<double>(clock_.nsecsElapsed()) / 1e6; }
    void add(const char* what, double ms);
};

} // namespace softrope::app
