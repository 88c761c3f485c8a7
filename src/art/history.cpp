#include "art/history.h"

namespace softrope::art {

History::History(State start)
{
    steps_.push_back({std::move(start), {}, {}, {}});
}

void History::take(State next, const std::string& name, const std::string& burst)
{
    next.selection = pruned(next.selection, next.document);
    if (next.document == now().document) {
        pick(next.selection);
        return;
    }
    steps_.resize(at_ + 1);
    if (open_ && !burst.empty() && at_ > 0 && steps_[at_].burst == burst) {
        steps_[at_].state = std::move(next);
        return;
    }
    const Selection before = now().selection;
    steps_.push_back({std::move(next), before, name, burst});
    ++at_;
    open_ = true;
}

void History::derive(const Document& d)
{
    State& s = steps_[at_].state;
    s.document = d;
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
    --at_;
    steps_[at_].state.selection = pruned(before, steps_[at_].state.document);
    open_ = false;
    return true;
}

bool History::redo()
{
    if (!canRedo()) return false;
    ++at_;
    open_ = false;
    return true;
}

} // namespace softrope::art
