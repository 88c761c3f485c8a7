#include "app/theme/kept_number.h"

#include <QSettings>

#include <algorithm>
#include <cmath>

namespace softrope::app {

double keptNumber(const QString& key, double otherwise, double least, double most)
{
    bool is = false;
    const double kept = QSettings().value(key, otherwise).toDouble(&is);
    return is && std::isfinite(kept) ? std::clamp(kept, least, most) : otherwise;
}

} // namespace softrope::app
