#include "app/window/options.h"
#include "cli/commands.h"
#include "page.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <sstream>

namespace softrope::manual {

namespace {

// "FLOAT:FLOAT in [0.01 - 100]" or "TEXT:{auto,ink,pencil}".
void readType(const std::string& type, Option& o)
{
    const auto brace = type.find('{');
    if (brace != std::string::npos) {
        std::istringstream in(type.substr(brace + 1, type.find('}') - brace - 1));
        for (std::string one; std::getline(in, one, ',');) o.choices.push_back(one);
    }
    o.value = type.substr(0, type.find(':'));
    if (o.value == "FLOAT" || o.value == "INT" || o.value == "UINT") o.value = "NUMBER";
}

Option optionOf(const CLI::Option& from)
{
    Option o;
    o.place = !from.nonpositional();
    o.names = from.get_name(o.place, !o.place);
    if (from.get_type_size() > 0) readType(from.get_type_name(), o);
    o.means = from.get_description();
    o.otherwise = from.get_default_str();
    return o;
}

// Places on the line first, then options as they were added; --help and --json at the end.
std::vector<Option> optionsOf(const CLI::App& app)
{
    std::vector<Option> all;
    for (const CLI::Option* from : app.get_options()) all.push_back(optionOf(*from));
    std::stable_sort(all.begin(), all.end(), [](const Option& a, const Option& b) {
        const auto rank = [](const Option& o) { return o.place ? 0 : o.names.find("--help") != std::string::npos ? 2 : 1; };
        return rank(a) < rank(b);
    });
    return all;
}

constexpr const char* folders = ".SH FILES\n"
                                ".TP\n.I $XDG_CONFIG_HOME/soft\\-rope/\nSettings of the window.\n"
                                ".TP\n.I $XDG_DATA_HOME/soft\\-rope/\nParts, process cards and typefaces of one's own; work that was not saved yet.\n"
                                ".SH ENVIRONMENT\n.TP\n.B XDG_CONFIG_HOME, XDG_DATA_HOME\nWhere these folders lie; left out, ~/.config and ~/.local/share.\n";

} // namespace

Program window()
{
    Program p;
    p.name = "soft-rope";
    p.does = "clean vector artwork from sketches and reference pictures";
    p.about = "Soft Rope turns hand\\-drawn sketches and reference photos into clean vector artwork: it traces outlines, lines and tones, fits few\n"
              "smooth nodes, mirrors halves, builds closed shapes, colours, shades, proofs and delivers.\n.PP\n"
              "Drawings named are opened, one window each; pictures come in as references. While it runs, further calls open their files in it.\n";
    p.options.push_back({"files", true, "FILE", {}, "Drawings (SVG) to open, pictures (PNG, JPEG, WebP, TIFF, BMP, GIF, PDF) to bring in.", ""});
    for (const app::CommandLineOption& o : app::commandLineOptions) p.options.push_back({std::string("--") + o.name, false, o.value, {}, o.text, o.otherwise});
    p.options.push_back({"-v,--version", false, "", {}, "Displays version information.", ""});
    p.options.push_back({"-h,--help", false, "", {}, "Displays help on commandline options.", ""});
    p.ending = std::string(folders) + ".SH SEE ALSO\n.BR soft\\-rope\\-cli (1)\n";
    return p;
}

Program commands()
{
    cli::Work work;
    const auto app = cli::commandLine(work);
    Program p;
    p.name = "soft-rope-cli";
    p.does = "pictures to outlines, fewer nodes, export, without a screen";
    p.about = "What the window of\n.BR soft\\-rope (1)\ndoes, for scripts. Every command reads files or, for a single hyphen, standard input, and writes files "
              "or standard output;\n"
              "messages go to standard error. With\n.B \\-\\-json\na command tells what it did, or why not, as one JSON object on standard output (on standard "
              "error\n"
              "where the drawing itself goes to standard output).\n";
    p.options = optionsOf(*app);
    for (CLI::App* c : app->get_subcommands([](const CLI::App*) { return true; }))
        p.commands.push_back({c->get_name(), c->get_description(), optionsOf(*c), c->get_footer()});
    const std::string footer = app->get_footer();
    const auto codes = footer.find("Exit codes:");
    p.ending = ".SH EXIT STATUS\n" + footer.substr(codes + 12) + "\n.SH EXAMPLES\n.nf\n";
    std::istringstream in(footer.substr(0, codes));
    for (std::string line; std::getline(in, line);)
        if (line.rfind("  ", 0) == 0) {
            std::string shown;
            for (const char c : line.substr(2)) shown += c == '\\' ? "\\e" : c == '-' ? "\\-" : std::string(1, c);
            p.ending += shown + "\n";
        }
    p.ending += ".fi\n" + std::string(folders) + ".SH SEE ALSO\n.BR soft\\-rope (1)\n";
    return p;
}

} // namespace softrope::manual
