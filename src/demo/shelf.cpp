#include "demo/shelf.h"

#include "demo/photo.h"
#include "words/said.h"

#include <cctype>
#include <sstream>

namespace softrope::demo {

namespace {

std::string lower(std::string s)
{
    for (char& c : s) c = static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return s;
}

ShelfPicture photograph(const std::string& id, const std::string& title, const std::string& words, std::uint64_t seed)
{
    PhotoOptions o;
    o.seed = seed;
    return {id, title, words, "computed by this program (a ray-marched scene, seed " + std::to_string(seed) + ")", "CC0 1.0, no rights kept", o};
}

} // namespace

pixel::Picture ShelfPicture::make(const PhotoOptions& how) const
{
    PhotoOptions o = how;
    o.seed = options.seed;
    return photo(id, o);
}

const std::vector<ShelfPicture>& shelf()
{
    static const std::vector<ShelfPicture> all{
        photograph("lantern", words::marked("Paper lantern at night"), "lantern lamp light paper round night warm stall moth glow", 3),
        photograph("jar", words::marked("Saltglass jar"), "jar pot ceramic pottery glaze round table shine still life", 5),
        photograph("teapot", words::marked("Teapot on the counter"), "teapot tea pot handle spout ceramic green table shine", 2),
        photograph("mushroom", words::marked("Red mushroom"), "mushroom toadstool red spots round forest cap plant", 4),
        photograph("moon", words::marked("Moon over the market"), "moon night sky roofs stalls stripes silhouette dark", 6),
        photograph("shell", words::marked("Scallop shell"), "shell scallop sea fan ribs sand beach", 7)};
    return all;
}

std::vector<ShelfPicture> searchShelf(const std::string& wanted)
{
    std::vector<ShelfPicture> out;
    for (const ShelfPicture& p : shelf()) {
        const std::string in = lower(p.title + ' ' + words::said(p.title.c_str()) + ' ' + p.words);
        std::istringstream each(lower(wanted));
        bool has = true;
        for (std::string w; each >> w;) has = has && in.find(w) != std::string::npos;
        if (has) out.push_back(p);
    }
    return out;
}

} // namespace softrope::demo
