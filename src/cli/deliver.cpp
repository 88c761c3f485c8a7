#include "cli/command.h"
#include "cli/facts.h"
#include "cli/streams.h"
#include "cli/written.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <iostream>
#include <memory>

namespace softrope::cli {

namespace {

struct DeliverArgs {
    std::string in, plan, out, date;
    double width = 0;
    bool replace = false;
};

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
    const Delivered files = delivered(d, plan, a.out, a.date, a.replace);
    if (!files.problem.empty()) return fail(static_cast<Exit>(files.code), files.problem);
    if (!asJson())
        for (const Json& f : files.list) std::cout << f["name"].get<std::string>() << '\t' << f["bytes"] << '\n';
    tell("files", files.list);
    return done;
}

} // namespace

void addDeliver(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<DeliverArgs>();
    CLI::App* c = app.add_subcommand("deliver", "Every file a client needs, and a sheet that shows them, into one new folder");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    c->add_option("--plan", a->plan, "JSON: variants, formats, sizes; left out, the plan the drawing keeps, or the usual one");
    c->add_option("-o,--out", a->out, "folder; what lies in it stays")->type_name("FOLDER")->required();
    c->add_option("--width", a->width, "real width of the sheet, mm")->check(CLI::Range(0.1, 100000.0));
    c->add_option("--date", a->date, "as it is written on the sheet; left out, today");
    c->add_flag("--replace", a->replace, "files of the same names are written over");
    c->callback([a, &work] { work = [a] { return deliver(*a); }; });
}

} // namespace softrope::cli
