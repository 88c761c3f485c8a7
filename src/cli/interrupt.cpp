#include "cli/interrupt.h"

#include <atomic>
#include <csignal>

namespace softrope::cli {

namespace {

std::atomic<bool> asked{false};
static_assert(std::atomic<bool>::is_always_lock_free, "a handler of signals may touch nothing else");

void take(int signal)
{
    asked = true;
    std::signal(signal, SIG_DFL);
}

} // namespace

void watchInterrupts()
{
    std::signal(SIGINT, take);
    std::signal(SIGTERM, take);
}

bool interrupted()
{
    return asked;
}

} // namespace softrope::cli
