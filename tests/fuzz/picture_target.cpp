// Pictures through the decoders.
#include "files/pictures.h"
#include "fuzz/target.h"

using namespace softrope;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto* bytes = reinterpret_cast<const std::byte*>(data);
    const files::PictureResult r = files::readPicture({bytes, bytes + size}, "picture");
    fuzz::must(r.ok() == (r.picture.width > 0), "a picture, or why there is none");
    return 0;
}
