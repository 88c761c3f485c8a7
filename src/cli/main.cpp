#include "cli/commands.h"
#include "cli/memory.h"

int main(int argc, char** argv)
{
    softrope::cli::keepMemory();
    return softrope::cli::run(argc, argv);
}
