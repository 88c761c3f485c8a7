// For loops over rows of numbers: a second version for processors that take four at once (AVX2), chosen when the program starts. The
// steps are the same and none are fused, so that both give the same numbers.
#pragma once

#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
#define SOFT_ROPE_WIDE __attribute__((target_clones("avx2", "default")))
#else
#define SOFT_ROPE_WIDE
#endif
