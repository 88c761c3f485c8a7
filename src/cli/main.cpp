#include "cli/commands.h"

int main(int argc, char** argv)
{
    return softrope::cli::run(argc, argv);
}
