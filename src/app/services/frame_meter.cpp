#include "app/services/frame_meter.h"

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
    running_ = on ? this : nullptr;
    depth_ = 0;
    ended_ = -1;
    now_ = {};
    frames_.clear();
    open_.clear();
}

FrameMeter::Turn::Turn() : meter_(running_)
{
    if (meter_ && QThread::currentThread() != meter_->thread()) meter_ = nullptr;
    if (!meter_ || meter_->depth_++ > 0) return;
    constexpr double pause = 0.5; // ms: what follows sooner is still the same frame
    const double now = meter_->ms();
    if (meter_->ended_ >= 0 && now - meter_->ended_ < pause && !meter_->frames_.empty() && meter_->began_ > 0) {
        meter_->now_ = std::move(meter_->frames_.back());
        meter_->frames_.pop_back();
        return;
    }
    meter_->began_ = now;
    meter_->now_ = {};
}

FrameMeter::Turn::~Turn()
{
    if (!meter_ || meter_ != running_ || meter_->depth_ == 0 || --meter_->depth_ > 0) return;
    FrameMeter& m = *meter_;
    m.ended_ = m.ms();
    m.now_.ms = m.ended_ - m.began_;
    constexpr double worthTelling = 0.3; // ms: most events are trifles
    if (m.now_.ms < worthTelling) {
        m.ended_ = -1; // nothing goes on from it
        return;
    }
    m.frames_.push_back(std::exchange(m.now_, {}));
    if (m.frames_.size() > kept) m.frames_.pop_front();
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
