// Palettes of files.
#pragma once

#include <QString>

namespace softrope::app {

struct CommandDesk;

// Inks of the file are added to the document's; what could not be read or is left out is said.
void loadPalette(CommandDesk& at, const QString& path);
// The document's inks as the file's ending says, .css or .json; a message when that failed.
QString savePalette(CommandDesk& at, const QString& path);

} // namespace softrope::app
