// The trade's other words for what commands do, so that the search finds them by any.
#pragma once

#include <QString>

namespace softrope::app {

// "flip reflect symmetry" of "mirror", in the language in force; empty where there are none.
QString otherWords(const QString& command);

} // namespace softrope::app
