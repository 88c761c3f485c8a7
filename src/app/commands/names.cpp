#include "app/commands/names.h"

#include "app/theme/words.h"

namespace softrope::app {

const art::Item* onlyPicked(const Session& s)
{
    return s.selection().items.size() == 1 ? s.document().item(s.selection().items.front()) : nullptr;
}

QString nameOf(const art::Item& i)
{
    return i.name.empty() ? tr("Without a name") : QString::fromStdString(i.name);
}

} // namespace softrope::app
