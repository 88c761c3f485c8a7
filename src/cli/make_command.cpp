// make: a whole job from a recipe.
#include "cli/command.h"
#include "cli/interrupt.h"
#include "cli/job.h"
#include "cli/streams.h"

#include <CLI/CLI.hpp>

#include <filesystem>
#include <memory>

namespace softrope::cli {

namespace {

struct MakeArgs {
    std::string recipe;
    bool replace = false, check = false;
};

int make(const MakeArgs& a)
{
    const files::TextResult text = readAll(a.recipe);
    if (!text.ok()) return fail(badInput, text.problem);
    watchInterrupts();
    JobAsked asked;
    asked.folder = a.recipe == "-" ? "." : std::filesystem::absolute(a.recipe).parent_path().string();
    asked.replace = a.replace;
    asked.check = a.check;
    asked.cancelled = interrupted;
    asked.told = say;
    const JobDone job = runJob(text.text, a.recipe == "-" ? "the recipe" : a.recipe, asked);
    tell("steps", job.steps);
    return job.code == done ? done : fail(static_cast<Exit>(job.code), job.problem);
}

} // namespace

void addMake(CLI::App& app, Work& work)
{
    const auto a = std::make_shared<MakeArgs>();
    CLI::App* c = app.add_subcommand("make", "A whole job from a recipe: clean, trace, mirror, fill, ink, proof, deliver");
    c->add_option("recipe", a->recipe, "JSON: a picture and the steps that are done with it; - reads standard input")->required();
    c->add_flag("--replace", a->replace, "writes over files that are there");
    c->add_flag("--check", a->check, "does nothing, only says whether the recipe is right");
    std::string steps = "Steps:\n";
    for (const StepKind& k : stepKinds()) {
        steps += "  " + k.name + std::string(k.name.size() < 11 ? 11 - k.name.size() : 1, ' ') + k.does + "\n";
        for (const auto& [name, means] : k.members) steps += "      " + name + ": " + means + "\n";
    }
    c->footer(
        steps +
        "Files are meant from the recipe's folder:\n"
        "  {\"picture\": \"page.jpg\", \"sheet\": {\"width\": 1080, \"height\": 1080}, \"title\": \"Moth\", \"steps\": [{\"do\": \"clean\"},\n"
        "   {\"do\": \"lines\", \"medium\": \"pencil\"}, {\"do\": \"mirror\"}, {\"do\": \"areas\", \"gap\": 6}, {\"do\": \"save\", \"out\": \"moth.svg\"}]}");
    c->callback([a, &work] { work = [a] { return make(*a); }; });
}

} // namespace softrope::cli
