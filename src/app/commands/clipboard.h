// Copying and pasting, within a drawing and between drawings.
#pragma once

#include <QImage>

namespace softrope::app {

struct CommandDesk;

void copyPicked(CommandDesk& at);
void cutPicked(CommandDesk& at);
// False when there is no drawing on the clipboard.
bool pasteDrawing(CommandDesk& at, bool whereItWas);
// A picture without a file comes in as a reference of that name; false when it is none.
bool bringImage(CommandDesk& at, const QImage& image, const QString& name);
// A drawing, files, or a picture.
void pasteAnything(CommandDesk& at);

} // namespace softrope::app
