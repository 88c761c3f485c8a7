#include "cli/output.h"

#include "cli/streams.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <array>
#include <cctype>
#include <filesystem>

namespace softrope::cli {

namespace fs = std::filesystem;

namespace {

constexpr const char* file = "FILE"; // what help and manual call it

std::string endsAsSvg(const std::string& name)
{
    constexpr std::array others{".png", ".pdf", ".jpg", ".jpeg", ".webp", ".tif", ".tiff", ".bmp", ".gif", ".eps", ".ps", ".json", ".html"};
    std::string kind = fs::path(name).extension().string();
    std::transform(kind.begin(), kind.end(), kind.begin(), [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    if (std::find(others.begin(), others.end(), kind) == others.end()) return {};
    return "an SVG is written, and " + name + " says it is something else; export makes PDF and PNG of it";
}

} // namespace

CLI::Option* addSvgOut(CLI::App& command, std::string& out)
{
    return writesFile(command.add_option("-o,--out", out, "SVG to write; - writes standard output")->check(CLI::Validator(endsAsSvg, "")));
}

CLI::Option* writesFile(CLI::Option* option)
{
    return option->type_name(file);
}

std::string noFolderFor(const std::string& name)
{
    std::error_code e;
    const fs::path folder = fs::path(name).parent_path();
    return folder.empty() || fs::is_directory(folder, e) ? std::string() : "There is no folder " + folder.string() + ".";
}

int outputRefused(const CLI::App& command)
{
    const CLI::Option* o = command.get_option_no_throw("--out");
    if (!o || o->empty() || o->get_type_name().rfind(file, 0) != 0) return done;
    const std::string name = o->as<std::string>();
    if (name == "-") return done;
    std::error_code e;
    if (fs::is_directory(name, e)) return fail(badOutput, name + " is a folder; the name of a file is wanted.");
    if (const std::string why = noFolderFor(name); !why.empty()) return fail(badOutput, why);
    return done;
}

} // namespace softrope::cli
