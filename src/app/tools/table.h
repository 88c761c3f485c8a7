// The one table of tools: which step has which, in the order of its tray. A new tool is a file with `makeName` and a line in table.def.
#pragma once

#include "app/tools/desk.h"
#include "app/tools/step_id.h"

#include <memory>
#include <optional>
#include <vector>

namespace softrope::app {

struct ToolEntry {
    std::optional<StepId> step; // nothing: it has no tile of its own (Pick is in every tray, Only a part is on a card)
    const char* id;
    std::unique_ptr<Tool> (*make)(Desk&); // null for a tool that stands in another step as well
};
const std::vector<ToolEntry>& toolTable();

} // namespace softrope::app
