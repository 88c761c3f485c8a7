// Words as they are shown, and figures as they are written everywhere.
#pragma once

#include <QString>

namespace softrope::app {

// The text in the language in force; `%n` becomes `n`, in its plural form. One text has one translation, wherever it is used; a note
// tells two apart that are written alike in English. Objects of the toolkit have a tr() of their own that says the same.
QString tr(const char* text, const char* note = nullptr, int n = -1);

// "12 px", "0.6 px": one decimal under 10, none above.
QString pxText(double v);

} // namespace softrope::app
