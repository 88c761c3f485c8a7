// Keys that go by place and are pressed while the other hand draws: they lie under the hand that is free.
#pragma once

#include <QChar>
#include <QString>

namespace softrope::app {

struct HandKeys {
    QString tray;      // of the tray's tools in their order, Pick left out
    char peek, squint; // held
};
// Of the left hand, for who draws with the right; mirrored, when the setting says so.
const HandKeys& handKeys();
bool drawsWithLeft();
void setDrawsWithLeft(bool left);

} // namespace softrope::app
