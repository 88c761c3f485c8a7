// How words were set last, kept between runs.
#pragma once

#include "letter/type.h"

namespace softrope::app {

// As it was kept; the typeface that ships first, at the start of its lines, where nothing was.
letter::Type keptType();
void keepType(const letter::Type& type);

} // namespace softrope::app
