// History: the states a document went through. Undo keeps the old values; nothing is replayed. The present state is kept whole, each
// other one as what it does not share with the next one on the way there.
#pragma once

#include "art/document.h"
#include "art/packed.h"

#include <cstddef>
#include <cstdint>
#include <deque>
#include <optional>
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

    // All states there are, the oldest first; `serial` is of one state alone, as long as it stays what it is.
    struct Entry {
        std::string name; // of the edit that led to it; empty for the oldest
        std::uint64_t serial = 0;
    };
    std::vector<Entry> entries() const;
    std::size_t position() const { return at_; } // of the present one among them
    // Takes back or does again until that state is the present one. False when there is none such.
    bool goTo(std::size_t entry);

    // Steps are kept up to this many bytes, counted by what states do not share; beyond it the oldest are dropped. The present
    // state and one step are always kept.
    void setLimit(std::size_t bytes);
    std::size_t bytes() const { return bytes_; }
    // How many steps were dropped so far.
    std::size_t dropped() const { return dropped_; }

private:
    struct Step {
        State state;                  // without its document while that is packed
        std::optional<Packed> packed; // all but the present one
        Selection before;             // what was picked when the step was taken
        std::string name, burst;
        std::uint64_t serial = 0;
    };
    std::deque<Step> steps_;
    std::size_t at_ = 0;
    std::uint64_t serial_ = 0;
    bool open_ = false;
    std::size_t limit_ = std::size_t{1} << 30, bytes_ = 0, dropped_ = 0;

    void trim();
    void pack(std::size_t step, std::size_t beside);
    void unpack(std::size_t step, std::size_t beside);
    // Another document for the present step: its neighbours are packed anew.
    void replace(const Document& d);
    void drop(Step& step);
};

} // namespace softrope::art
