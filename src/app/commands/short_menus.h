// The short menus of the bench and of the layer list.
#pragma once

#include "art/document.h"

#include <QPoint>

#include <functional>

namespace softrope::app {

struct CommandDesk;

// What applies to what lies there, or to the empty bench; `at` in sheet px.
void benchMenu(CommandDesk& at, const QPoint& global, curve::Vec2 place);
// Of a row of the list: a layer's, or (0) that of a thing. `rename` begins to edit its name.
void rowMenu(CommandDesk& at, const QPoint& global, art::Id layer, const std::function<void()>& rename);

} // namespace softrope::app
