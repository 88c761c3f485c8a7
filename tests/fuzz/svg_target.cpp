// Drawings of others and our own: read, painted small, written both ways, read again.
#include "files/svg.h"
#include "fuzz/target.h"
#include "render/render.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const files::SvgResult r = files::readSvg(fuzz::textOf(data, size));
    if (!r.ok()) return 0;
    (void)render::renderSheet(r.document, 64, {});
    fuzz::must(files::readSvg(files::writeCleanSvg(r.document)).ok(), "a clean export can be read");
    const files::SvgResult again = files::readSvg(files::writeWorkingSvg(r.document));
    fuzz::must(again.ok(), "a working file can be read");
    fuzz::must(again.document == r.document, "the working file gives the same document");
    return 0;
}
