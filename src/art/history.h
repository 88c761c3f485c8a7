// History: the states a document went through. Undo keeps the old values; nothing is replayed.
#pragma once

#include "art/document.h"

#include <string>
#include <vector>

namespace softrope::art {

struct State {
    Document document;
    Selection selection;
};

class History {
public:
    explicit History(State start = {});

    const State& now() const { return steps_[at_].state; }
    // Takes the edit in as one step with a readable name ("Join ends"). A document equal to the present one is no step.
    // Steps with the same non-empty `burst` that follow each other become one.
    void take(State next, const std::string& name, const std::string& burst = {});
    // Live parts worked out anew for the present state: no step, and what can be redone stays.
    void derive(const Document& d);
    // A change of what is picked is remembered with the present state, and is no step.
    void pick(const Selection& selection);
    // The next step starts afresh even if its burst is the same.
    void endBurst() { open_ = false; }

    bool canUndo() const { return at_ > 0; }
    bool canRedo() const { return at_ + 1 < steps_.size(); }
    const std::string& undoName() const { return steps_[at_].name; }
    const std::string& redoName() const { return steps_[at_ + 1].name; }
    bool undo();
    bool redo();
    std::size_t length() const { return steps_.size() - 1; }

private:
    struct Step {
        State state;
        Selection before; // what was picked when the step was taken
        std::string name, burst;
    };
    std::vector<Step> steps_;
    std::size_t at_ = 0;
    bool open_ = false;
};

} // namespace softrope::art
