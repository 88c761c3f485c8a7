#include "render/contained.h"

#include <csetjmp>
#include <csignal>
#include <iterator>
#include <mutex>

namespace softrope::render {

namespace {

thread_local sigjmp_buf* wayOut = nullptr;
// How libraries end a program: by abort(), and GLib's errors by a trap.
constexpr int ends[] = {SIGABRT, SIGTRAP};
struct sigaction before[std::size(ends)]; // what they led to until we took them

// Both are raised on the thread that called, with no lock of the C library held (POSIX allows leaving by a jump).
extern "C" void onEnd(int signal)
{
    if (wayOut) siglongjmp(*wayOut, 1);
    for (std::size_t k = 0; k < std::size(ends); ++k)
        if (ends[k] == signal) sigaction(signal, &before[k], nullptr);
    raise(signal);
}

void take()
{
    static std::once_flag once;
    std::call_once(once, [] {
        struct sigaction ours = {};
        ours.sa_handler = onEnd;
        sigemptyset(&ours.sa_mask);
        ours.sa_flags = SA_NODEFER;
        for (std::size_t k = 0; k < std::size(ends); ++k) sigaction(ends[k], &ours, &before[k]);
    });
}

} // namespace

bool contained(const std::function<void()>& act)
{
    take();
    sigjmp_buf here;
    sigjmp_buf* const outer = wayOut;
    if (sigsetjmp(here, 1) != 0) { // NOLINT(cert-err52-cpp): there is no other way back from abort()
        wayOut = outer;
        return false;
    }
    wayOut = &here;
    act();
    wayOut = outer;
    return true;
}

} // namespace softrope::render
