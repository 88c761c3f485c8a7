// Figures as they are written everywhere.
#pragma once

#include <QString>

namespace softrope::app {

// "12 px", "0.6 px": one decimal under 10, none above.
QString pxText(double v);

} // namespace softrope::app
