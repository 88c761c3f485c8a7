#include "cli/deliver.h"

#include "cli/streams.h"
#include "deliver/files.h"
#include "proof/process.h"

#include <ctime>
#include <iostream>

namespace softrope::cli {

int deliver(const DeliverArgs& a)
{
    namespace deliver = softrope::deliver;
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    art::Document d = r.document;
    if (a.width > 0) d.proofing.width = a.width;
    deliver::Plan plan = deliver::planOf(d);
    if (!a.plan.empty()) {
        const files::TextResult text = readAll(a.plan);
        if (!text.ok()) return fail(badInput, text.problem);
        const deliver::PlanResult read = deliver::readPlan(text.text, a.plan);
        if (!read.ok()) return fail(badInput, read.problem);
        plan = read.plan;
    }
    if (plan.scope == deliver::Scope::picked) return fail(badInput, "on the command line nothing is picked; the plan's scope must be sheet or layers.");
    deliver::Asked asked;
    asked.mmPerPx = proof::mmPerPx(d, {});
    asked.date = a.date;
    if (asked.date.empty()) {
        char text[16] = {};
        const std::time_t now = std::time(nullptr);
        std::tm local{};
        if (localtime_r(&now, &local)) std::strftime(text, sizeof text, "%Y-%m-%d", &local);
        asked.date = text;
    }
    const deliver::Made made = deliver::made(d, plan, asked);
    if (!made.ok()) return fail(badOutput, made.problem);
    if (made.files.empty()) return fail(badUse, "the plan asks for no files.");
    if (const files::FileResult w = deliver::writeInto(a.out, made.files, a.replace); !w.ok()) return fail(badOutput, w.problem);
    for (const deliver::MadeFile& f : made.files) std::cout << f.name << '\t' << f.bytes.size() << '\n';
    return done;
}

} // namespace softrope::cli
