#include "app/services/jobs.h"

#include <QDeadlineTimer>
#include <QThread>

#pragma push_macro("emit") // Qt's, which is a name in there
#undef emit
#include <tbb/task_scheduler_observer.h>
#pragma pop_macro("emit")

#include <algorithm>
#include <sys/resource.h>

namespace softrope::app {

namespace {
// All of it gives way to the interface, long work to drawing as well: nice 10 is a tenth of the share of nice 0 when both want the
// processor, nice 5 a third. Under Linux this is a property of the thread.
constexpr int patience = 10, drawingPatience = 5;

// So do the threads that share out a picture or a trace among the processors: those that serve the thread which makes one of these.
class PatientWorkers : public tbb::task_scheduler_observer {
public:
    PatientWorkers() { observe(true); }
    ~PatientWorkers() override { observe(false); }
    void on_scheduler_entry(bool worker) override
    {
        if (worker) ::setpriority(PRIO_PROCESS, 0, drawingPatience);
    }
};
} // namespace

Jobs::Jobs(QObject* parent) : QObject(parent)
{
    // One picture of the sheet for each of the two panes.
    lanes_[static_cast<std::size_t>(Lane::drawing)].setMaxThreadCount(2);
    lanes_[static_cast<std::size_t>(Lane::keeping)].setMaxThreadCount(1);
    // More than there are processors, so that a short act does not queue behind two long ones.
    lanes_[static_cast<std::size_t>(Lane::working)].setMaxThreadCount(std::max(4, QThread::idealThreadCount() + 2));
}

Jobs::~Jobs()
{
    stop();
    for (QThreadPool& lane : lanes_) lane.waitForDone();
}

void Jobs::start(Lane lane, const Progress& progress, bool ofPiece, std::function<void()> body)
{
    {
        const std::lock_guard lock(mutex_);
        if (over_) return; // what is begun anew whenever it was stopped would never end
        stops_.erase(std::remove_if(stops_.begin(), stops_.end(), [](const Stop& s) { return s.flag.expired(); }), stops_.end());
        stops_.push_back({progress.stopped, ofPiece});
    }
    lanes_[static_cast<std::size_t>(lane)].start([lane, body = std::move(body)] {
        static thread_local const PatientWorkers patient;
        ::setpriority(PRIO_PROCESS, 0, lane == Lane::drawing ? drawingPatience : patience);
        body();
    });
}

void Jobs::deliver(std::function<void()> act)
{
    QMetaObject::invokeMethod(this, std::move(act), Qt::QueuedConnection);
}

QString Jobs::guarded(const std::function<void()>& act)
{
    try {
        act();
    } catch (...) {
        return sentence();
    }
    return {};
}

QString Jobs::sentence()
{
    try {
        throw;
    } catch (const std::bad_alloc&) {
        return tr("There is not enough memory for this. Nothing was changed.");
    } catch (const std::exception& e) {
        return tr("This could not be done: %1. Nothing was changed.").arg(QString::fromLocal8Bit(e.what()));
    } catch (...) {
        return tr("This could not be done. Nothing was changed.");
    }
}

void Jobs::nextPiece()
{
    ++piece_;
    const std::lock_guard lock(mutex_);
    for (const Stop& s : stops_)
        if (const auto flag = s.flag.lock(); flag && s.ofPiece) flag->store(true);
}

void Jobs::stop()
{
    const std::lock_guard lock(mutex_);
    over_ = true;
    for (const Stop& s : stops_)
        if (const auto flag = s.flag.lock()) flag->store(true);
    for (QThreadPool& lane : lanes_) lane.clear();
}

bool Jobs::waitFor(Lane lane, int ms)
{
    return lanes_[static_cast<std::size_t>(lane)].waitForDone(ms);
}

bool Jobs::waitForAll(int ms)
{
    const QDeadlineTimer until(ms);
    return std::all_of(lanes_.begin(), lanes_.end(), [&](QThreadPool& lane) { return lane.waitForDone(static_cast<int>(until.remainingTime())); });
}

} // namespace softrope::app
