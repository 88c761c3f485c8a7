// A value held by a pointer to a constant: cheap to copy, safe to read from any thread, and still compared as a value, so that
// the structs that hold it can default their equality.
#pragma once

#include <cstddef>
#include <memory>
#include <type_traits>
#include <utility>

namespace softrope::art {

template <class T> class Shared {
public:
    Shared() = default;
    Shared(std::nullptr_t) {} // NOLINT(google-explicit-constructor): nothing is a value here
    template <class U, class = std::enable_if_t<std::is_convertible_v<U*, const T*>>> Shared(std::shared_ptr<U> p)
        : kept_(std::move(p)) // NOLINT(google-explicit-constructor)
    {
    }

    const T* get() const { return kept_.get(); }
    const T& operator*() const { return *kept_; }
    const T* operator->() const { return kept_.get(); }
    explicit operator bool() const { return kept_ != nullptr; }
    const std::shared_ptr<const T>& pointer() const { return kept_; }
    void reset() { kept_.reset(); }
    // The very same value, not one that is equal.
    bool same(const Shared& other) const { return kept_ == other.kept_; }

    // The pointers first: what two states of a document share is equal at once.
    friend bool operator==(const Shared& a, const Shared& b)
    {
        if (a.kept_ == b.kept_) return true;
        return a.kept_ && b.kept_ && *a.kept_ == *b.kept_;
    }

private:
    std::shared_ptr<const T> kept_;
};

template <class T> Shared<std::decay_t<T>> shared(T&& value)
{
    return std::make_shared<const std::decay_t<T>>(std::forward<T>(value));
}

// A value that everybody may read and only its owner may change.
template <class T, class Owner> class Guarded {
public:
    const T& operator*() const { return value_; }
    const T* operator->() const { return &value_; }
    operator const T&() const { return value_; } // NOLINT(google-explicit-constructor): it reads as the value
    // For containers.
    auto begin() const { return value_.begin(); }
    auto end() const { return value_.end(); }
    auto rbegin() const { return value_.rbegin(); }
    auto rend() const { return value_.rend(); }
    auto size() const { return value_.size(); }
    bool empty() const { return value_.empty(); }
    const auto& front() const { return value_.front(); }
    const auto& back() const { return value_.back(); }
    const auto& operator[](std::size_t k) const { return value_[k]; }
    friend bool operator==(const Guarded&, const Guarded&) = default;
    friend bool operator==(const Guarded& a, const T& b) { return a.value_ == b; }

private:
    friend Owner;
    T value_{};
};

} // namespace softrope::art
