#include "pixel/shrink.h"

#include <tbb/parallel_for.h>

#include <algorithm>

namespace softrope::pixel {

Picture shrunk(const Picture& p, int step)
{
    if (step <= 1 || p.empty()) return p;
    Picture out(std::max(1, p.width / step), std::max(1, p.height / step));
    tbb::parallel_for(0, out.height, [&](int y) {
        for (int x = 0; x < out.width; ++x) {
            std::uint64_t r = 0, g = 0, b = 0, a = 0, n = 0;
            for (int v = y * step; v < std::min((y + 1) * step, p.height); ++v)
                for (int u = x * step; u < std::min((x + 1) * step, p.width); ++u) {
                    const Rgba c = p.at(u, v);
                    r += static_cast<std::uint64_t>(c.r) * c.a;
                    g += static_cast<std::uint64_t>(c.g) * c.a;
                    b += static_cast<std::uint64_t>(c.b) * c.a;
                    a += c.a;
                    ++n;
                }
            const auto part = [a](std::uint64_t sum) { return static_cast<std::uint8_t>((sum + a / 2) / std::max<std::uint64_t>(1, a)); };
            out.at(x, y) = {part(r), part(g), part(b), static_cast<std::uint8_t>((a + n / 2) / n)};
        }
    });
    return out;
}

} // namespace softrope::pixel
