// A document kept as what it does not share with the one beside it, so that a step of a history costs what the step changed, however much
// else there is.
#pragma once

#include "art/document.h"

#include <cstddef>
#include <memory>
#include <vector>

namespace softrope::art {

class Packed {
public:
    // A walk over the lists in which the two differ, by identity.
    Packed(const Document& d, const Document& beside);
    // `beside` is the document it was packed beside.
    Document unpacked(const Document& beside) const;
    // About what it takes in memory.
    std::size_t bytes() const { return bytes_; }

    struct List;
    // So many of the list beside, from one on; or an item of its own, whose children are a list beside those of the `from`th there.
    struct Entry {
        std::size_t from = 0, count = 0;
        ItemPtr own;
        std::shared_ptr<const List> below;
    };
    struct List {
        std::vector<Entry> entries;
    };

private:
    struct PackedLayer {
        LayerPtr whole; // or, without its items:
        std::shared_ptr<const Layer> alone;
        std::size_t beside = 0;
        List items;
    };
    Document rest_; // without layers
    std::vector<PackedLayer> layers_;
    std::size_t bytes_ = 0;
};

} // namespace softrope::art
