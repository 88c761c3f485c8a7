// Numbers among the settings. The file they are kept in can be changed by hand, damaged, or come from another version.
#pragma once

#include <QString>

class QSettings;

namespace softrope::app {

// The settings, open, to read: opening them looks for four files, and hundreds are asked for while a window is made.
const QSettings& openSettings();

// The number that is kept as `key`, brought into least..most; `otherwise` when there is none, or no finite one.
double keptNumber(const QString& key, double otherwise, double least, double most);

} // namespace softrope::app
