// Packed drawings, and the entities of drawings.
#include "files/drawing_text.h"
#include "fuzz/target.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const std::string_view text = fuzz::textOf(data, size);
    if (const auto plain = files::unpacked(text)) (void)files::withEntities(plain->substr(0, 1 << 20));
    if (const auto e = files::withEntities(text)) fuzz::must(e->size() <= text.size() + 64 * 1024 * 5, "entities grow no further than told");
    return 0;
}
