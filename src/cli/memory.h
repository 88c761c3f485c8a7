// Memory for large pictures: kept once asked for.
#pragma once

namespace softrope::cli {

// Pictures are large: tracing a page of twelve megapixels asks for more than a gigabyte in pieces of 10 to 50 MB, one after another. By
// itself the C library takes each of them from the kernel anew, which clears it 4 KB at a time, and gives it back at once. From this call
// on what was let go is used again, and lies on large pages where the kernel has them (madvise(2), MADV_HUGEPAGE): a fifth of the time of
// tracing pencil lines, for a twentieth more memory. Meant for a program that ends when its work is done; what threads ask for while
// another one asks too is not reached. Where there is not that much to reserve, nothing changes. Call before there are threads.
void keepMemory();

} // namespace softrope::cli
