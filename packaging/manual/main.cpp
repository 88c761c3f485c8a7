// Writes the manual pages and the shells' completion from the command lines themselves, so that none can lack an option:
//
//     soft-rope-manual FOLDER DATE
//
// puts soft-rope.1, soft-rope-cli.1, and for each program its completion for bash and zsh there.
#include "files/bytes.h"
#include "page.h"

#include <cstdio>
#include <filesystem>

int main(int argc, char** argv)
{
    using namespace softrope;
    if (argc != 3) {
        std::fputs("usage: soft-rope-manual FOLDER DATE\n", stderr);
        return 2;
    }
    const std::filesystem::path folder = argv[1];
    std::filesystem::create_directories(folder);
    for (const manual::Program& p : {manual::window(), manual::commands()})
        for (const auto& [name, text] :
             {std::pair{p.name + ".1", manual::page(p, argv[2])}, {p.name + ".bash", manual::bash(p)}, {"_" + p.name, manual::zsh(p)}})
            if (const files::FileResult r = files::saveAtomically((folder / name).string(), text); !r.ok()) {
                std::fprintf(stderr, "%s\n", r.problem.c_str());
                return 3;
            }
    return 0;
}
