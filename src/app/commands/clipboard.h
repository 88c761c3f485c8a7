// Copying and pasting, within a drawing and between drawings.
#pragma once

namespace softrope::app {

struct CommandDesk;

void copyPicked(CommandDesk& at);
void cutPicked(CommandDesk& at);
// False when there is no drawing on the clipboard.
bool pasteDrawing(CommandDesk& at, bool whereItWas);
// A drawing, files, or a picture.
void pasteAnything(CommandDesk& at);

} // namespace softrope::app
