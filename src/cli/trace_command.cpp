// trace: whole folders of pictures, each as outline, lines or tones would trace it.
#include "cli/command.h"
#include "cli/folder.h"
#include "cli/interrupt.h"
#include "cli/report.h"
#include "cli/streams.h"

#include <CLI/CLI.hpp>
#include <nlohmann/json.hpp>

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <filesystem>
#include <iostream>
#include <memory>
#include <thread>
#include <unistd.h>

namespace softrope::cli {

namespace {

struct TraceArgs {
    std::vector<std::string> pictures;
    std::string out, as = "lines";
    FolderJob job;
    bool progress = false, report = false;
};

// One line that is written over on a terminal; elsewhere a line for each picture.
class Progress {
public:
    explicit Progress(std::size_t all) : all_(all) {}
    void told(const FolderEntry& e, std::size_t through)
    {
        if (!e.skipped) ++traced_;
        const double gone = std::chrono::duration<double>(std::chrono::steady_clock::now() - begun_).count();
        std::string line = "[" + std::to_string(through) + "/" + std::to_string(all_) + "] " + std::filesystem::path(e.picture).filename().string();
        line += !e.problem.empty() ? ": " + e.problem : e.skipped ? ": up to date" : ": " + std::to_string(e.nodes) + " nodes";
        if (traced_ > 0 && through < all_)
            line += ", about " + std::to_string(std::lround(gone / static_cast<double>(traced_) * static_cast<double>(all_ - through))) + " s left";
        if (terminal_)
            std::cerr << "\r\x1b[K" << line << (through == all_ || !e.problem.empty() ? "\n" : "") << std::flush;
        else
            std::cerr << line << '\n';
    }

private:
    std::size_t all_, traced_ = 0;
    std::chrono::steady_clock::time_point begun_ = std::chrono::steady_clock::now();
    bool terminal_ = isatty(STDERR_FILENO) == 1;
};

void printTable(const FolderDone& done)
{
    std::size_t wide = 8;
    for (const FolderEntry& e : done.entries) wide = std::max(wide, e.drawing.size());
    std::printf("%-*s %8s %8s %8s %8s\n", static_cast<int>(wide), "drawing", "paths", "nodes", "px off", "s");
    for (const FolderEntry& e : done.entries) {
        std::printf("%-*s ", static_cast<int>(wide), e.drawing.c_str());
        if (!e.done())
            std::printf("%s\n", e.problem.c_str());
        else
            std::printf("%8zu %8zu %8s %8s\n", e.paths, e.nodes, e.furthest >= 0 ? Json(std::round(e.furthest * 100) / 100).dump().c_str() : "-",
                        e.skipped ? "kept" : Json(std::round(e.seconds * 10) / 10).dump().c_str());
    }
}

int traceAll(TraceArgs& a)
{
    FolderJob& job = a.job;
    job.as = a.as == "shapes" ? As::shapes : a.as == "lines" ? As::lines : As::tones;
    job.folder = a.out;
    job.pictures = picturesIn(a.pictures);
    if (job.pictures.empty()) return fail(badInput, "there are no pictures in what was named.");
    watchInterrupts();
    job.cancelled = interrupted;
    Progress progress(job.pictures.size());
    if (a.progress) job.told = [&progress](const FolderEntry& e, std::size_t through) { progress.told(e, through); };
    const FolderDone done_ = traceFolder(job);
    if (done_.entries.empty() && !done_.problem.empty()) return fail(badOutput, done_.problem);
    Exit code = done;
    Json all = Json::array();
    std::size_t skipped = 0, made = 0, faults = 0;
    for (const FolderEntry& e : done_.entries) {
        all.push_back(toJson(e));
        if (e.done())
            ++(e.skipped ? skipped : made);
        else {
            ++faults;
            code = e.inTheWay && code != badInput ? badOutput : badInput;
        }
    }
    tell("folder", a.out);
    tell("as", a.as);
    tell("traced", made);
    tell("skipped", skipped);
    tell("failed", faults);
    tell("pictures", std::move(all));
    if (!asJson()) printTable(done_);
    if (a.report && !interrupted()) {
        const std::string page = (std::filesystem::path(a.out) / "report.html").string();
        if (const files::FileResult w = files::saveAtomically(page, reportPage(done_, a.out, job.as)); !w.ok()) return fail(badOutput, w.problem);
        tell("report", page);
    }
    if (!done_.problem.empty()) return fail(badOutput, done_.problem);
    if (interrupted()) return fail(stopped, "interrupted; what was traced is kept, the same command goes on from there.");
    if (faults > 0) tell("problem", std::to_string(faults) + " of " + std::to_string(job.pictures.size()) + " pictures were not traced.");
    return code;
}

} // namespace

void addTrace(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<TraceArgs>();
    CLI::App* c = app.add_subcommand("trace", "Pictures by the folder: each is traced into a drawing of its name; what is up to date is skipped");
    c->add_option("pictures", a->pictures, "pictures, and folders of pictures")->required();
    c->add_option("-o,--out", a->out, "folder for the drawings, and for trace.json, which says how each was made")->type_name("FOLDER")->required();
    c->add_option("--as", a->as, "shapes, lines or tones, as the commands outline, lines and tones trace")
        ->capture_default_str()
        ->check(CLI::IsMember({"shapes", "lines", "tones"}));
    a->job.workers = std::max(1U, std::thread::hardware_concurrency());
    // The default is this machine's: it is not written into the manual.
    c->add_option("--workers", a->job.workers, "pictures traced at once, each in memory; left out, as many as there are cores")->check(CLI::Range(1, 256));
    c->add_flag("--progress", a->progress, "tells of each picture as it is done");
    c->add_flag("--report", a->report, "report.html with pictures before and after");
    c->add_flag("--again", a->job.again, "what is up to date too");
    c->add_flag("--replace", a->job.replace, "writes over drawings in the folder that were not made so, or were changed since");
    c->add_option("--slack", a->job.knobs.slack, "how far a curve may stray, px; left out, 0.5 for shapes, else 1")->check(CLI::Range(0.01, 100.0));
    addShapeKnobs(*c, a->job.knobs);
    addLineKnobs(*c, a->job.knobs);
    addToneKnobs(*c, a->job.knobs);
    c->callback([a, &work] { work = [a] { return traceAll(*a); }; });
}

} // namespace softrope::cli
