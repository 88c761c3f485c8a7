// What is worked out of a layer once and asked for again and again.
#pragma once

#include "art/document.h"

#include <array>
#include <cstddef>
#include <memory>

namespace softrope::art {

// Of the few layers that were asked about last; one for each thread (thread_local), so that none waits for another. Layers never change,
// so that what is kept of one stays right; it does not keep the layer.
template <class Made> class PerLayer {
public:
    // The one of the layer that `fits`; else a new one in place of the oldest.
    template <class Fits> Made& of(const LayerPtr& layer, const Fits& fits)
    {
        for (Kept& k : kept_)
            if (k.at == layer.get() && !k.layer.expired() && fits(k.made)) return k.made;
        Kept& k = kept_[next_++ % kept_.size()];
        k = {layer.pointer(), layer.get(), {}};
        return k.made;
    }
    Made& of(const LayerPtr& layer)
    {
        return of(layer, [](const Made&) { return true; });
    }

private:
    struct Kept {
        std::weak_ptr<const Layer> layer; // it alone tells whether another one has come to lie at the same place
        const Layer* at = nullptr;
        Made made;
    };
    std::array<Kept, 6> kept_;
    std::size_t next_ = 0;
};

} // namespace softrope::art
