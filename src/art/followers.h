// What goes along while things are still being moved: words and repeats on their lines, the others of a repeat.
#pragma once

#include "art/document.h"

#include <vector>

namespace softrope::art {

// Things of a document that may go along with others: words on lines, repeats. Asked for once a document.
struct Followers {
    struct One {
        Id item = 0;      // the words or the repeat
        Id line = 0;      // that it stands on; 0 for none
        bool all = false; // a repeat: goes along with anything in it
    };
    std::vector<One> all;
};
Followers followersIn(const Document& d);
// The held things with those that go along with them, as they would be; what lies in a repeat is replaced by all of it.
std::vector<ItemPtr> withFollowers(const Document& d, const Followers& followers, const std::vector<ItemPtr>& held);

} // namespace softrope::art
