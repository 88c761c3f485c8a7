// The mark of a finding, on the sheet and in the list: a kite for what can be mended, a ring for what is to be looked at, with its number.
#pragma once

#include <QPointF>

class QPainter;

namespace softrope::app {

void paintMark(QPainter& p, QPointF middle, bool kite, int number, bool inHand);

} // namespace softrope::app
