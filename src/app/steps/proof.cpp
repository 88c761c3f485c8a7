// Proof: faults found and mended, the piece as it will be seen, and its delivery.
#include "app/steps/step.h"

#include "app/services/proofing.h"
#include "app/theme/words.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

namespace {

class ProofStep : public Step {
public:
    ProofStep() : Step(StepId::proof, "proof") {}
    QString name() const override { return tr("Proof"); }
    bool ringsEnds() const override { return true; }
    bool proofs() const override { return true; }
    const char* looksFor() const override { return "next-finding"; }

    CourseState courseState(const Situation& s) const override
    {
        using Knot = CourseState::Knot;
        const Proofing& p = s.proofing;
        if (!p.everLooked()) return {Knot::notBegun, tr("not begun")};
        const auto n = static_cast<int>(p.found().size());
        if (n > 0) return {p.mendable() > 0 ? Knot::needsLook : Knot::underWay, tr("%n finding(s)", nullptr, n)};
        return {p.upToDate() ? Knot::settled : Knot::underWay, tr("ready to deliver")};
    }
    std::vector<Reading> readings(const Situation& s) const override
    {
        const Proofing& p = s.proofing;
        std::vector<Reading> r{{"proof", {}, QString::number(p.found().size()), tr("findings")},
                               {"nodes", {}, QString::number(s.findings.nodes), tr("nodes on the sheet")},
                               {"open-end", {}, QString::number(s.findings.ends.size()), tr("open ends")}};
        if (s.findings.gap) r.push_back({"", tr("Smallest gap"), pxText(s.findings.gap->width), {}});
        double thinnest = 1e300;
        for (const proof::Finding& f : p.found())
            if (f.kind == proof::Fault::thinPart) thinnest = std::min(thinnest, f.size);
        if (thinnest < 1e300) r.push_back({"", tr("Thinnest part"), pxText(thinnest), {}});
        if (s.darkShare >= 0) {
            const long dark = std::lround(100 * s.darkShare);
            r.push_back({"", tr("Dark : light"), QString("%1 : %2").arg(dark).arg(100 - dark), {}});
        }
        return r;
    }
};

} // namespace

std::unique_ptr<Step> makeProofStep()
{
    return std::make_unique<ProofStep>();
}

} // namespace softrope::app
