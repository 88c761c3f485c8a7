#include "render/contained.h"

#include <csetjmp>
#include <csignal>
#include <mutex>

namespace softrope::render {

namespace {

thread_local sigjmp_buf* wayOut = nullptr;
struct sigaction before; // what SIGABRT led to until we took it

// abort() raises the signal on the thread that called it, with its lock let go (POSIX allows leaving by a jump).
extern "C" void onAbort(int signal)
{
    if (wayOut) siglongjmp(*wayOut, 1);
    sigaction(signal, &before, nullptr);
    raise(signal);
}

void take()
{
    static std::once_flag once;
    std::call_once(once, [] {
        struct sigaction ours = {};
        ours.sa_handler = onAbort;
        sigemptyset(&ours.sa_mask);
        ours.sa_flags = SA_NODEFER;
        sigaction(SIGABRT, &ours, &before);
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
