// Strands and where they meet, kept from one call to the next, so that a change of few paths costs little. All by content: what
// comes out does not depend on what was kept.
#pragma once

#include "planar/arrange.h"

#include <memory>

namespace softrope::planar {

struct KeptStrand {
    curve::Path path;
    Strand strand;
};

// What became of the strands of the last call, by their places in it and now.
struct Change {
    std::vector<int> place;  // by the place then: that now, -1 where it is gone
    std::vector<char> fresh; // by the place now
};

// The strands of some paths, in their order.
class KeptStrands {
public:
    // Strands for the paths, those of before where the content is the same. Their pieces are said to be of paths from `first` on.
    // `closing` must not change (clear() then).
    Change take(const curve::Paths& paths, int first, bool closing);
    void clear() { all.clear(); }

    std::size_t size() const { return all.size(); }
    const Strand& operator[](std::size_t k) const { return all[k]->strand; }

private:
    std::vector<std::shared_ptr<KeptStrand>> all;
};

// Where strands meet.
class KeptMeetings {
public:
    // Meetings of strands i <= j with j at `from` or after it: those with a fresh one are looked for, on all processors, the others are those of
    // the last call. `change` is that of all the strands since then.
    void update(const std::vector<const Strand*>& strands, const Change& change, std::size_t from, double touch);
    void clear() { *this = {}; }
    // In order of i, then j; valid until the next update.
    void list(std::vector<Between>& out) const;

private:
    // Their contacts and runs lie in two long rows, what is fresh at the end: there are hundreds of thousands in a crowded drawing, and a
    // line that moves is not to have all of them copied. What belongs to none any more is swept out when it is as much as what is in use.
    struct Met {
        int i, j;
        std::size_t contact, run;   // the first
        std::size_t contacts, runs; // so many
    };
    std::vector<Met> met; // in order of i, then j
    std::vector<Contact> contacts;
    std::vector<Run> runs;

    void sweep();
};

} // namespace softrope::planar
