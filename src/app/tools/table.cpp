#include "app/tools/table.h"

namespace softrope::app {

#define ALWAYS(id, Name) std::unique_ptr<Tool> make##Name(Desk&);
#define TOOL(step, id, Name) std::unique_ptr<Tool> make##Name(Desk&);
#define AGAIN(step, id)
#include "app/tools/table.def"
#undef ALWAYS
#undef TOOL
#undef AGAIN

const std::vector<ToolEntry>& toolTable()
{
    static const std::vector<ToolEntry> table{
#define ALWAYS(id, Name) {std::nullopt, id, make##Name},
#define TOOL(step, id, Name) {StepId::step, id, make##Name},
#define AGAIN(step, id) {StepId::step, id, nullptr},
#include "app/tools/table.def"
#undef ALWAYS
#undef TOOL
#undef AGAIN
    };
    return table;
}

} // namespace softrope::app
