#include "words/version.h"

namespace softrope::words {

std::string_view version()
{
    return SOFT_ROPE_VERSION;
}

} // namespace softrope::words
