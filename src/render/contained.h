// Calls of a library that ends the program when it meets a fault of its own, contained: the program goes on without the result.
#pragma once

#include <functional>

namespace softrope::render {

// Runs the act; false when the library ended the program in it, by abort() or as GLib does. It comes back then from the middle of the act: nothing on the way
// is destroyed, so the act may own nothing, and what it handed to the library is not to be touched again. For calls into C libraries only; on any thread.
bool contained(const std::function<void()>& act);

} // namespace softrope::render
