#include "cli/commands.h"

#include "cli/facts.h"
#include "cli/output.h"
#include "cli/streams.h"
#include "files/pictures.h"
#include "words/version.h"

#include <CLI/CLI.hpp>

namespace softrope::cli {

std::unique_ptr<CLI::App> commandLine(Work& work)
{
    auto app = std::make_unique<CLI::App>("Soft Rope without a screen: pictures to outlines, fewer nodes, export.", "soft-rope-cli");
    app->set_version_flag("--version", "soft-rope-cli " + std::string(words::version()), "the version, and nothing else");
    app->require_subcommand(1);
    for (const auto add : {addOutline, addLines, addTones, addTrace, addMake, addRope, addReduce, addFit, addCombine, addAreas, addMirror, addFlatten,
                           addLetter, addFaces, addExport, addProof, addProcesses, addDeliver, addInfo})
        add(*app, work);
    for (CLI::App* command : app->get_subcommands([](const CLI::App*) { return true; }))
        command->add_flag_callback(
            "--json", [name = command->get_name()] { tellAsJson(name); }, "what was done, or why not, as one JSON object");
    // Last: commands would take it over.
    app->footer("Examples:\n"
                "  soft-rope-cli outline moth.png -o moth.svg --slack 0.8\n"
                "  soft-rope-cli lines page.jpg -o page.svg --medium pencil\n"
                "  soft-rope-cli tones photo.jpg -o tones.svg --count 5\n"
                "  soft-rope-cli trace scans -o traced --as lines --progress\n"
                "  soft-rope-cli make moth.json\n"
                "  soft-rope-cli reduce traced.svg -o tidy.svg --slack 0.5\n"
                "  soft-rope-cli fit strokes.json -o lines.svg --slack 1.5\n"
                "  soft-rope-cli rope photo.jpg --holds holds.json -o edge.svg\n"
                "  soft-rope-cli combine teapot.svg -o one.svg --op union\n"
                "  soft-rope-cli areas lines.svg -o areas.svg --gap 2\n"
                "  soft-rope-cli mirror half-moth.svg -o moth.svg --axis x=540 --weld 4\n"
                "  soft-rope-cli flatten shaded.svg -o flat.svg --steps 12\n"
                "  soft-rope-cli letter \"NIGHT MARKET\" --face \"Roboto Slab\" --size 60 --arc 300,300,220,-90 --align centre -o words.svg\n"
                "  soft-rope-cli export moth.svg -o moth.png --width 2048\n"
                "  soft-rope-cli proof moth.svg --process enamel-badge --mend -o mended.svg\n"
                "  soft-rope-cli deliver moth.svg --plan plan.json -o for-the-client\n"
                "  soft-rope-cli info moth.svg | grep nodes\n"
                "  cat moth.png | soft-rope-cli outline - -o - > moth.svg\n"
                "Exit codes: 0 done, 1 unusable input, 2 wrong command line, 3 output not written, 4 faults were found, 130 interrupted.");
    return app;
}

int run(int argc, char** argv)
{
    files::readPicturesFromThreads();
    Work work;
    const auto app = commandLine(work);
    try {
        app->parse(argc, argv);
        for (const CLI::App* command : app->get_subcommands())
            if (const int code = outputRefused(*command); code != done) return finish(code);
        return finish(work ? work() : badUse);
    } catch (const CLI::ParseError& error) {
        const int shown = app->exit(error);
        return shown == 0 ? done : badUse;
    } catch (const std::bad_alloc&) {
        return finish(fail(badInput, "there is not enough memory for this input."));
    } catch (const std::exception& error) {
        return finish(fail(badInput, std::string("stopped: ") + error.what()));
    }
}

} // namespace softrope::cli
