#include "art/history.h"

#include <utility>

namespace softrope::art {

History::History(State start)
{
    steps_.push_back({std::move(start), {}, {}, {}, {}, ++serial_});
}

void History::pack(std::size_t step, std::size_t beside)
{
    Step& s = steps_[step];
    s.packed.emplace(s.state.document, steps_[beside].state.document);
    s.state.document = {};
    bytes_ += s.packed->bytes();
}

void History::unpack(std::size_t step, std::size_t beside)
{
    Step& s = steps_[step];
    s.state.document = s.packed->unpacked(steps_[beside].state.document);
    drop(s);
}

// What is packed in it goes.
void History::drop(Step& step)
{
    if (!step.packed) return;
    bytes_ -= step.packed->bytes();
    step.packed.reset();
}

void History::replace(const Document& d)
{
    const bool before = canUndo(), after = canRedo();
    if (before) unpack(at_ - 1, at_);
    if (after) unpack(at_ + 1, at_);
    steps_[at_].state.document = d;
    steps_[at_].serial = ++serial_;
    if (before) pack(at_ - 1, at_);
    if (after) pack(at_ + 1, at_);
}

void History::trim()
{
    while (bytes_ > limit_ && at_ > 1) {
        drop(steps_.front());
        steps_.pop_front();
        --at_;
        ++dropped_;
    }
}

void History::setLimit(std::size_t bytes)
{
    limit_ = bytes;
    trim();
}

void History::take(State next, const std::string& name, const std::string& burst)
{
    next.selection = pruned(next.selection, next.document);
    if (next.document == now().document) {
        pick(next.selection);
        return;
    }
    while (steps_.size() > at_ + 1) {
        drop(steps_.back());
        steps_.pop_back();
    }
    if (open_ && !burst.empty() && at_ > 0 && steps_[at_].burst == burst) {
        replace(next.document);
        steps_[at_].state.selection = std::move(next.selection);
        return;
    }
    const Selection before = now().selection;
    steps_.push_back({std::move(next), {}, before, name, burst, ++serial_});
    ++at_;
    pack(at_ - 1, at_);
    open_ = true;
    trim();
}

void History::derive(const Document& d)
{
    replace(d);
    State& s = steps_[at_].state;
    s.selection = pruned(s.selection, d);
}

void History::pick(const Selection& selection)
{
    steps_[at_].state.selection = pruned(selection, now().document);
}

bool History::undo()
{
    if (!canUndo()) return false;
    const Selection before = steps_[at_].before;
    unpack(at_ - 1, at_);
    pack(at_, at_ - 1);
    --at_;
    steps_[at_].state.selection = pruned(before, steps_[at_].state.document);
    open_ = false;
    return true;
}

bool History::redo()
{
    if (!canRedo()) return false;
    unpack(at_ + 1, at_);
    pack(at_, at_ + 1);
    ++at_;
    open_ = false;
    return true;
}

std::vector<History::Entry> History::entries() const
{
    std::vector<Entry> all;
    for (const Step& s : steps_) all.push_back({s.name, s.serial});
    return all;
}

bool History::goTo(std::size_t entry)
{
    if (entry >= steps_.size()) return false;
    while (at_ > entry) undo();
    while (at_ < entry) redo();
    return true;
}

} // namespace softrope::art
