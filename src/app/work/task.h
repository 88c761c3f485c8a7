// Long work off the interface thread, with progress and a way to stop it.
#pragma once

#include <QObject>
#include <QPointer>
#include <QThreadPool>

#include <atomic>
#include <functional>
#include <memory>

namespace softrope::app {

// What the work sees of its task.
struct Progress {
    std::shared_ptr<std::atomic<bool>> stopped = std::make_shared<std::atomic<bool>>(false);
    std::shared_ptr<std::atomic<double>> share = std::make_shared<std::atomic<double>>(0.0);
    bool cancelled() const { return stopped->load(); }
};

// Runs `work` in the background and hands its result to `done` on the interface thread, unless `owner` is gone.
template <class Result>
void inBackground(QObject* owner, const Progress& progress, std::function<Result(const Progress&)> work, std::function<void(Result)> done)
{
    const QPointer<QObject> alive(owner);
    QThreadPool::globalInstance()->start([alive, progress, work, done] {
        auto result = std::make_shared<Result>(work(progress));
        if (!alive) return;
        QMetaObject::invokeMethod(alive.data(), [alive, result, done] {
            if (alive) done(std::move(*result));
        });
    });
}

} // namespace softrope::app
