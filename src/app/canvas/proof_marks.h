// Findings of the proof on the sheet: kites for what can be mended, rings for what is to be looked at, numbered as in the list, each on a
// whisker so that it never covers the fault; the one in hand has a lens.
#pragma once

#include "app/canvas/marks.h"

#include <optional>

namespace softrope::app {

class Proofing;

class ProofMarks {
public:
    void paint(Marks& m, const Proofing& proofing);
    // The mark under the point of the widget, as they were painted last; nothing when there is none.
    std::optional<std::size_t> at(QPointF p) const;
    // The middle of each mark, in the order of the findings.
    const std::vector<QPointF>& places() const { return places_; }

private:
    std::vector<QPointF> places_;
};

} // namespace softrope::app
