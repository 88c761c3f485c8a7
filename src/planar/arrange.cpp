#include "planar/arrange.h"

#include "planar/cuts.h"
#include "planar/edges.h"
#include "planar/turns.h"

namespace softrope::planar {

Arranged arrange(const std::vector<const Strand*>& strands, const std::vector<Between>& meetings, const Tolerances& tol)
{
    Arranged out;
    const Cuts cuts = cutUp(strands, meetings, tol, out.graph);
    makeEdges(out.graph, cuts, tol.touch);
    orderTurns(out.graph);
    out.planar = link(out.graph);
    return out;
}

} // namespace softrope::planar
