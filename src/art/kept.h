// What was worked out from a shared value, kept for as long as the value lives and is among those asked for last. Told apart by
// identity: values are never compared.
#pragma once

#include "art/shared.h"

#include <cstddef>
#include <list>
#include <memory>
#include <mutex>

namespace softrope::art {

template <class T, class Result> class Kept {
public:
    explicit Kept(std::size_t most) : most_(most) {}

    // Any thread may ask; `make` runs outside the lock.
    template <class Make> std::shared_ptr<const Result> of(const Shared<T>& value, const Make& make)
    {
        {
            const std::lock_guard lock(mutex_);
            for (auto i = all_.begin(); i != all_.end(); ++i)
                if (!i->first.owner_before(value.pointer()) && !value.pointer().owner_before(i->first)) {
                    all_.splice(all_.begin(), all_, i);
                    return i->second;
                }
        }
        auto result = std::make_shared<const Result>(make(*value));
        const std::lock_guard lock(mutex_);
        all_.emplace_front(value.pointer(), result);
        all_.remove_if([](const auto& k) { return k.first.expired(); });
        if (all_.size() > most_) all_.pop_back();
        return result;
    }

private:
    std::size_t most_;
    std::mutex mutex_;
    std::list<std::pair<std::weak_ptr<const T>, std::shared_ptr<const Result>>> all_;
};

} // namespace softrope::art
