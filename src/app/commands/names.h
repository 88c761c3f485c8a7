// Things of the drawing as people call them.
#pragma once

#include "app/services/session.h"

namespace softrope::app {

// The one thing that is picked; null for none or several.
const art::Item* onlyPicked(const Session& s);
QString nameOf(const art::Item& i);

} // namespace softrope::app
