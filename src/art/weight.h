// What parts of documents take in memory, each counted once however often it is shared.
#pragma once

#include "art/document.h"

#include <cstddef>
#include <unordered_set>

namespace softrope::art {

// By identity. What is known does not count.
class Weight {
public:
    void know(const ItemPtr& i);
    void know(const LayerPtr& l);
    void know(const Shared<Stage>& s);
    // Of the item, not of what lies in it.
    void knowAlone(const Item& i);
    // The layers themselves, without a look at their items.
    void knowLayers(const Content& d)
    {
        for (const LayerPtr& l : d.layers) seen_.insert(l.get());
    }
    void add(const ItemPtr& i);
    void add(const LayerPtr& l);
    void add(const Shared<Stage>& s);
    void addAlone(const Item& i);
    std::size_t bytes() const { return bytes_; }

private:
    std::unordered_set<const void*> seen_;
    std::size_t bytes_ = 0;
};

// About what a document takes in memory that `other` does not share, bytes; a walk over what differs only.
std::size_t bytesApart(const Document& d, const Document& other);

} // namespace softrope::art
