#include "cli/proof.h"

#include "cli/streams.h"
#include "files/process_cards.h"
#include "proof/mend.h"

#include <nlohmann/json.hpp>

#include <iostream>

namespace softrope::cli {

namespace {

using Json = nlohmann::ordered_json;

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

} // namespace

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
        if (a.out != "-" && m.total() > 0) std::cerr << proof::said(m) << '\n';
        if (const int code = write(a.out, r.working ? files::writeWorkingSvg(d) : files::writeCleanSvg(d)); code != done) return code;
    }
    const std::vector<proof::Finding> found = proof::findings(d, limits);
    Json all;
    all["findings"] = Json::array();
    for (const proof::Finding& f : found) all["findings"].push_back(toJson(f));
    (a.mend && a.out == "-" ? std::cerr : std::cout) << all.dump(1, ' ', false, Json::error_handler_t::replace) << '\n';
    return found.empty() ? done : faultsFound;
}

int processes()
{
    const files::ProcessList list = files::listProcesses();
    for (const std::string& t : list.trouble) std::cerr << t << '\n';
    for (const proof::Process& p : list.cards) std::cout << p.id << '\t' << p.name << '\n';
    return done;
}

} // namespace softrope::cli
