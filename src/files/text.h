// What all readers of text do.
#pragma once

#include <cctype>
#include <string_view>

namespace softrope::files {

inline bool isSpace(char c)
{
    return std::isspace(static_cast<unsigned char>(c)) != 0;
}
// Without the white space round it.
inline std::string_view trimmed(std::string_view s)
{
    while (!s.empty() && isSpace(s.front())) s.remove_prefix(1);
    while (!s.empty() && isSpace(s.back())) s.remove_suffix(1);
    return s;
}

} // namespace softrope::files
