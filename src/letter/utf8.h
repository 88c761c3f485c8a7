// Characters of UTF-8 with their places (RFC 3629).
#pragma once

#include <cstddef>
#include <string_view>
#include <vector>

namespace softrope::letter {

struct Character {
    char32_t code;
    std::size_t at; // byte
};
// A byte that begins no whole character becomes U+FFFD.
inline std::vector<Character> characters(std::string_view text)
{
    std::vector<Character> out;
    out.reserve(text.size());
    for (std::size_t k = 0; k < text.size();) {
        const auto lead = static_cast<unsigned char>(text[k]);
        const std::size_t more = lead < 0x80 ? 0 : lead >= 0xC2 && lead < 0xE0 ? 1 : lead >= 0xE0 && lead < 0xF0 ? 2 : lead >= 0xF0 && lead < 0xF5 ? 3 : 4;
        char32_t c = more == 0 ? lead : lead & (0x3FU >> more);
        bool whole = more < 4 && k + more < text.size();
        for (std::size_t n = 1; whole && n <= more; ++n) {
            const auto next = static_cast<unsigned char>(text[k + n]);
            whole = (next & 0xC0) == 0x80;
            c = (c << 6) | (next & 0x3F);
        }
        constexpr char32_t least[] = {0, 0x80, 0x800, 0x10000};
        whole = whole && c >= least[more] && c <= 0x10FFFF && (c < 0xD800 || c > 0xDFFF);
        out.push_back({whole ? c : U'\uFFFD', k});
        k += whole ? more + 1 : 1;
    }
    return out;
}

} // namespace softrope::letter
