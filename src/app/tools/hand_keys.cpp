#include "app/tools/hand_keys.h"

#include <QSettings>

namespace softrope::app {

namespace {
constexpr const char* setting = "window/draws-with-left";
}

bool drawsWithLeft()
{
    return QSettings().value(setting).toBool();
}
void setDrawsWithLeft(bool left)
{
    QSettings().setValue(setting, left);
}

const HandKeys& handKeys()
{
    static const HandKeys left{"ASDFGHJ", 'W', 'Q'}, right{"LKJHGFD", 'O', 'P'};
    return drawsWithLeft() ? right : left;
}

} // namespace softrope::app
