// Plans of delivery, as documents keep them.
#include "deliver/plan.h"
#include "fuzz/target.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const deliver::PlanResult r = deliver::readPlan(fuzz::textOf(data, size), "plan");
    if (r.problem.empty()) fuzz::must(deliver::readPlan(deliver::planText(r.plan), "plan").problem.empty(), "a plan written can be read");
    return 0;
}
