#include "app/theme/kept_number.h"

#include <QSettings>

#include <algorithm>
#include <cmath>

namespace softrope::app {

const QSettings& openSettings()
{
    thread_local const QSettings open;
    return open;
}

double keptNumber(const QString& key, double otherwise, double least, double most)
{
    bool is = false;
    const double kept = openSettings().value(key, otherwise).toDouble(&is);
    return is && std::isfinite(kept) ? std::clamp(kept, least, most) : otherwise;
}

} // namespace softrope::app
