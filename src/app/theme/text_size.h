// The size of text, and of all that holds it: chosen in the View menu, beside what the desktop asks for.
#pragma once

#include <QSize>

namespace softrope::app {

constexpr int textSizes[] = {90, 100, 110, 125, 150}; // per cent, as they are offered
int textSize();
// Holds from the next start on: the toolkit asks for it once.
void setTextSize(int percent);
// To be called before there is an application. What the environment says stays.
void useTextSize();
// The largest that leaves room on a screen for a window of that least size, both as they are measured now; 90 where there is hardly any.
int largestTextSize(const QSize& screen, const QSize& least);

} // namespace softrope::app
