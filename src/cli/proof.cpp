#include "cli/command.h"
#include "cli/facts.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "files/process_cards.h"
#include "proof/mend.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <iostream>
#include <memory>

namespace softrope::cli {

namespace {

Json toJson(const proof::Finding& f)
{
    const auto round = [](double v) { return std::round(v * 1000) / 1000; };
    Json j;
    j["kind"] = proof::nameOf(f.kind);
    j["at"] = {round(f.at.x), round(f.at.y)};
    j["size"] = round(f.size);
    if (f.wanted > 0) j["wanted"] = round(f.wanted);
    std::string items;
    for (const art::Id id : f.items) items += (items.empty() ? "" : " ") + std::to_string(id);
    j["item"] = items;
    j["mend"] = f.mending != proof::Mending::none;
    j["say"] = proof::said(f);
    return j;
}

struct ProofArgs {
    std::string in, out, process;
    double gap = -1, line = -1, width = 0; // negative = as the process says
    bool mend = false;
};

int proof(const ProofArgs& a)
{
    namespace proof = softrope::proof;
    const files::SvgResult r = readDrawing(a.in);
    if (!r.ok()) return fail(badInput, r.problem);
    art::Document d = r.document;
    if (a.width > 0) d.proofing.width = a.width;
    proof::Process process;
    if (!a.process.empty()) {
        const files::ProcessResult p = files::findProcess(a.process);
        if (!p.ok()) return fail(badInput, p.problem);
        process = p.process;
    }
    proof::Limits limits = proof::limitsOf(d, process);
    if (a.gap >= 0) limits.gap = a.gap;
    if (a.line >= 0) limits.line = a.line;
    if (a.mend) {
        const proof::Mended m = proof::mendedWhole(d, limits, true);
        d = m.document;
        tell("mended", m.total());
        if (a.out != "-" && m.total() > 0) say(proof::said(m));
        if (const int code = write(a.out, r.working ? files::writeWorkingSvg(d) : files::writeCleanSvg(d)); code != done) return code;
    }
    const std::vector<proof::Finding> found = proof::findings(d, limits);
    Json all;
    all["findings"] = Json::array();
    for (const proof::Finding& f : found) all["findings"].push_back(toJson(f));
    if (asJson()) {
        tell("findings", all["findings"]);
        return found.empty() ? done : faultsFound;
    }
    (a.mend && a.out == "-" ? std::cerr : std::cout) << all.dump(1, ' ', false, Json::error_handler_t::replace) << '\n';
    return found.empty() ? done : faultsFound;
}

int processes()
{
    const files::ProcessList list = files::listProcesses();
    for (const std::string& t : list.trouble) say(t);
    Json all = Json::array();
    for (const proof::Process& p : list.cards) {
        all.push_back({{"id", p.id}, {"name", p.name}});
        if (!asJson()) std::cout << p.id << '\t' << p.name << '\n';
    }
    tell("processes", std::move(all));
    tell("trouble", list.trouble);
    return done;
}

} // namespace

void addProof(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<ProofArgs>();
    CLI::App* c = app.add_subcommand("proof", "Faults of a drawing as JSON, found and mended; exit code 4 when there are any");
    c->add_option("drawing", a->in, "SVG; - reads standard input")->required();
    c->add_option("--process", a->process, "a process card: its name, or a JSON file");
    c->add_option("--gap", a->gap, "narrowest gap between areas of one colour, px")->check(CLI::Range(0.0, 1000.0));
    c->add_option("--line", a->line, "thinnest line or part, px")->check(CLI::Range(0.0, 1000.0));
    c->add_option("--width", a->width, "real width of the sheet, mm")->check(CLI::Range(0.1, 100000.0));
    c->add_flag("--mend", a->mend, "mends what can be mended; with -o")->needs(addSvgOut(*c, a->out));
    c->callback([a, &work] { work = [a] { return proof(*a); }; });
}

void addProcesses(CLI::App& app, Work& work)
{
    CLI::App* c = app.add_subcommand("processes", "The process cards there are, one a line");
    c->callback([&work] { work = processes; });
}

} // namespace softrope::cli
