// Work off the interface thread.
//
// Three lanes, each with threads of its own, so that drawing the sheet and keeping the work never wait for a long trace. Whatever is
// thrown in a job becomes a message (`failed`); what comes back for another piece than the open one is dropped; all is told to stop
// when the program ends.
#pragma once

#include <QObject>
#include <QPointer>
#include <QThreadPool>

#include <array>
#include <atomic>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <utility>
#include <vector>

namespace softrope::app {

enum class Lane { drawing, keeping, working };

// What the work sees of its task, and the one who waits for it. Copies are the same task.
struct Progress {
    std::shared_ptr<std::atomic<bool>> stopped = std::make_shared<std::atomic<bool>>(false);
    std::shared_ptr<std::atomic<double>> share = std::make_shared<std::atomic<double>>(0.0); // 0..1
    bool cancelled() const { return stopped->load(); }
    void stop() const { stopped->store(true); }
};

class Jobs : public QObject {
    Q_OBJECT
public:
    // Whether a result is still wanted when another piece is open by the time it comes.
    enum class For { thisPiece, anyPiece };

    explicit Jobs(QObject* parent = nullptr);
    // Stops everything and waits for what was running.
    ~Jobs() override;

    // Runs `work` in the lane and then, on the interface thread, `done` with its result: nothing when it threw (which is said) or is no
    // longer wanted. `done` is not called when `owner` is gone by then.
    template <class Result> Progress run(Lane lane, QObject* owner, std::function<Result(const Progress&)> work,
                                         std::function<void(std::optional<Result>)> done, For piece = For::thisPiece, const Progress& progress = {})
    {
        const QPointer<QObject> alive(owner);
        const quint64 of = piece == For::thisPiece ? piece_.load() : 0;
        start(lane, progress, of != 0, [this, alive, of, progress, work = std::move(work), done = std::move(done)] {
            auto result = std::make_shared<std::optional<Result>>();
            QString trouble;
            if (!progress.cancelled()) trouble = guarded([&] { result->emplace(work(progress)); });
            deliver([this, alive, of, result, trouble, done] {
                if (!trouble.isEmpty()) emit failed(trouble);
                if (!alive) return;
                if (of != 0 && of != piece_) result->reset();
                done(std::move(*result));
            });
        });
        return progress;
    }

    // Another piece is open: results that belonged to the last one are dropped, and its work is told to stop.
    void nextPiece();
    quint64 piece() const { return piece_; }
    // The end: tells all work to stop; what has not begun will not, nor what is wanted from now on.
    void stop();
    // Waits until the lane is empty; false after so many ms.
    bool waitFor(Lane lane, int ms = -1);
    bool waitForAll(int ms);
    // Something was thrown outside the jobs, and caught.
    void caught(const QString& text) { emit failed(text); }
    // What was thrown, as a sentence; only inside a catch.
    static QString sentence();

signals:
    void failed(const QString& text);

private:
    std::array<QThreadPool, 3> lanes_;
    std::atomic<quint64> piece_ = 1;
    std::mutex mutex_;
    struct Stop {
        std::weak_ptr<std::atomic<bool>> flag;
        bool ofPiece = false;
    };
    std::vector<Stop> stops_; // of all that is queued or runs
    bool over_ = false;

    void start(Lane lane, const Progress& progress, bool ofPiece, std::function<void()> body);
    void deliver(std::function<void()> act);
    static QString guarded(const std::function<void()>& act);
};

// What becomes of work that is out of date before it is ready: it is told to stop and let go, or it goes on and is shown, as while
// something is dragged, when each new wish would else undo the one before and nothing be seen until the hand rests.
enum class Late { letGo, shown };

// Work that is begun anew whenever what it depends on changes: one at a time, the newest wish next. Lives in its owner.
template <class Key, class Result> class Latest {
public:
    Latest(Jobs& jobs, QObject* owner, Lane lane = Lane::working, Late late = Late::letGo) : jobs_(jobs), owner_(owner), lane_(lane), late_(late) {}

    using Work = std::function<Result(const Progress&)>;
    using Done = std::function<void(Result)>;

    // Does nothing when it is this that is at work already. `over` is called when the work ended without a result (stopped, threw, or
    // for another piece) and nothing follows it.
    void want(Key key, Work work, Done done, std::function<void()> over = {})
    {
        if (now_) {
            if (now_->key == key && !progress_.cancelled()) {
                next_.reset();
                return;
            }
            if (late_ == Late::letGo) progress_.stop();
            next_ = Wish{std::move(key), std::move(work), std::move(done), std::move(over)};
            return;
        }
        begin(Wish{std::move(key), std::move(work), std::move(done), std::move(over)});
    }
    // What is at work is not wanted any more, nor what was to follow.
    void drop()
    {
        progress_.stop();
        next_.reset();
    }
    bool working() const { return now_ && (next_ || !progress_.cancelled()); }
    // Also while what was dropped has not noticed it yet.
    bool busy() const { return now_.has_value(); }
    double progress() const { return progress_.share->load(); }

private:
    struct Wish {
        Key key;
        Work work;
        Done done;
        std::function<void()> over;
    };
    Jobs& jobs_;
    QObject* owner_;
    Lane lane_;
    Late late_;
    std::optional<Wish> now_, next_;
    Progress progress_;

    void begin(Wish wish)
    {
        now_ = std::move(wish);
        progress_ = jobs_.run<Result>(lane_, owner_, now_->work, [this](std::optional<Result> r) {
            const Wish was = *std::exchange(now_, std::nullopt);
            const bool good = r && !progress_.cancelled(), more = next_.has_value();
            if (more) begin(*std::exchange(next_, std::nullopt));
            if (good && (!more || late_ == Late::shown))
                was.done(std::move(*r));
            else if (!good && !more && was.over)
                was.over();
        });
    }
};

} // namespace softrope::app
