#include "app/theme/text_size.h"

#include <QSettings>

#include <algorithm>
#include <iterator>

namespace softrope::app {

namespace {
constexpr const char* setting = "look/text";
int inForce = 100;
}

int textSize()
{
    const int kept = QSettings().value(setting, 100).toInt();
    return std::clamp(kept, *std::begin(textSizes), *std::prev(std::end(textSizes)));
}

void setTextSize(int percent)
{
    QSettings().setValue(setting, percent);
}

void useTextSize()
{
    if (qEnvironmentVariableIsSet("QT_SCALE_FACTOR")) return;
    inForce = textSize();
    if (inForce != 100) qputenv("QT_SCALE_FACTOR", QByteArray::number(inForce / 100.0));
}

int largestTextSize(const QSize& screen, const QSize& least)
{
    const double room = std::min(screen.width() / static_cast<double>(std::max(1, least.width())), screen.height() / static_cast<double>(std::max(1, least.height())));
    int largest = *std::begin(textSizes);
    for (const int size : textSizes)
        if (size <= room * inForce) largest = size;
    return largest;
}

} // namespace softrope::app
