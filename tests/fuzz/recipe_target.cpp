// Recipes of the command line, looked at as `make --check` does.
#include "cli/job.h"
#include "fuzz/target.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    cli::JobAsked asked;
    asked.check = true;
    const cli::JobDone job = cli::runJob(std::string(fuzz::textOf(data, size)), "recipe", asked);
    fuzz::must((job.code == 0) == job.problem.empty(), "a recipe that is wrong says why");
    fuzz::must(job.steps.empty(), "nothing is done");
    return 0;
}
