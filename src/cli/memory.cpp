#include "cli/memory.h"

#include <cstdint>
#include <cstdlib>
#include <malloc.h>
#include <sys/mman.h>
#include <sys/resource.h>
#include <unistd.h>

namespace softrope::cli {

void keepMemory()
{
    constexpr std::size_t reserved = std::size_t{512} << 20; // bytes; addresses only until they are written to
    rlimit limit{};
    if (getrlimit(RLIMIT_AS, &limit) == 0 && limit.rlim_cur < 4 * reserved) return;
    mallopt(M_MMAP_THRESHOLD, static_cast<int>(2 * reserved - 1));
    mallopt(M_TRIM_THRESHOLD, static_cast<int>(4 * reserved - 1));
    void* first = std::malloc(reserved);
    if (!first) return;
    const auto page = static_cast<std::uintptr_t>(sysconf(_SC_PAGESIZE));
    const std::uintptr_t from = (reinterpret_cast<std::uintptr_t>(first) + page - 1) / page * page, to = reinterpret_cast<std::uintptr_t>(first) + reserved;
    madvise(reinterpret_cast<void*>(from), (to - from) / page * page, MADV_HUGEPAGE); // (nothing is lost where it cannot be had)
    std::free(first);
}

} // namespace softrope::cli
