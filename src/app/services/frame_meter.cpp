#include "app/services/frame_meter.h"

#include <QAbstractEventDispatcher>
#include <QThread>

#include <algorithm>
#include <utility>

namespace softrope::app {

FrameMeter* FrameMeter::running_ = nullptr;

FrameMeter::FrameMeter(QObject* parent) : QObject(parent)
{
    clock_.start();
}

FrameMeter::~FrameMeter()
{
    watch(false);
}

void FrameMeter::watch(bool on)
{
    if (on == watching()) return;
    QAbstractEventDispatcher* loop = QAbstractEventDispatcher::instance();
    if (!on) {
        running_ = nullptr;
        if (loop) loop->disconnect(this);
        frames_.clear();
        open_.clear();
        return;
    }
    if (!loop) return;
    running_ = this;
    woke_ = -1;
    connect(loop, &QAbstractEventDispatcher::awake, this, &FrameMeter::wake);
    connect(loop, &QAbstractEventDispatcher::aboutToBlock, this, &FrameMeter::rest);
}

void FrameMeter::wake()
{
    if (woke_ >= 0) return; // a loop within a loop
    woke_ = ms();
    now_ = {};
}

void FrameMeter::rest()
{
    if (woke_ < 0) return;
    now_.ms = ms() - std::exchange(woke_, -1);
    constexpr double worthTelling = 0.3; // ms: the loop wakes for many a trifle
    if (now_.ms < worthTelling) return;
    frames_.push_back(std::exchange(now_, {}));
    if (frames_.size() > kept) frames_.pop_front();
}

void FrameMeter::add(const char* what, double ms)
{
    const auto same = std::find_if(now_.spent.begin(), now_.spent.end(), [what](const Spent& s) { return s.what == what; });
    if (same == now_.spent.end())
        now_.spent.push_back({what, ms});
    else
        same->ms += ms;
}

FrameMeter::Part::Part(const char* what) : meter_(running_)
{
    if (!meter_) return;
    if (QThread::currentThread() != meter_->thread()) {
        meter_ = nullptr;
        return;
    }
    const double now = meter_->ms();
    if (!meter_->open_.empty()) meter_->add(meter_->open_.back().what, now - meter_->open_.back().since);
    meter_->open_.push_back({what, now});
}

FrameMeter::Part::~Part()
{
    if (!meter_ || meter_ != running_ || meter_->open_.empty()) return;
    const double now = meter_->ms();
    meter_->add(meter_->open_.back().what, now - meter_->open_.back().since);
    meter_->open_.pop_back();
    if (!meter_->open_.empty()) meter_->open_.back().since = now;
}

} // namespace softrope::app
