// Snapping: where a point wants to be, and why. The one service that every tool uses.
#pragma once

#include "art/aids.h"
#include "art/document.h"

namespace softrope::art {

enum class SnapReason { none, node, end, crossing, line, guide, aid, sheetCentre, sheetEdge };

struct Snap {
    curve::Vec2 point;
    SnapReason reason = SnapReason::none;
    Id item = 0; // the line snapped to, if any
};
// What the user is told, e.g. "end of a line"; empty when nothing was snapped to.
const char* text(SnapReason reason);

struct SnapRequest {
    curve::Vec2 point;
    double reach = 9;               // sheet px
    std::vector<Id> without;        // items that are being moved or drawn
    const AidLines* aids = nullptr; // composition aids that are shown
    bool toNodes = true, toLines = true, toGuides = true, toSheet = true;
};
// Ends before nodes before crossings before guides before lines; within a kind the nearest.
Snap snapped(const Document& d, const SnapRequest& request);

} // namespace softrope::art
