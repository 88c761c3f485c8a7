// Path data: what is read is finite, and written it reads the same.
#include "files/path_data.h"
#include "fuzz/target.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const files::ParsedPaths p = files::parsePathData(fuzz::textOf(data, size));
    for (const curve::Path& path : p.paths) fuzz::must(curve::isFinite(path), "numbers are finite");
    const curve::Paths again = files::parsePathData(files::pathData(p.paths, files::exact)).paths;
    fuzz::must(again.size() <= p.paths.size(), "no paths come from nowhere");
    return 0;
}
