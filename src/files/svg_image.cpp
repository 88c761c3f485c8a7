#include "files/svg_image.h"

#include "files/bytes.h"
#include "files/path_data.h"
#include "files/xml.h"

#include <algorithm>
#include <cmath>

namespace softrope::files {

using curve::Affine;
using curve::Vec2;

std::optional<art::Reference> referenceOf(Reading& reading, pugi::xml_node n, const Affine& m)
{
    const std::string_view h = hrefOf(n);
    const auto comma = h.find(";base64,");
    const bool within = h.rfind("data:image/", 0) == 0 && comma != std::string_view::npos;
    if (!within && !reading.pictureOf) {
        reading.missed.add(words::marked("%n linked picture(s)"));
        return std::nullopt;
    }
    auto bytes = within ? fromBase64(h.substr(comma + 8)) : reading.pictureOf(std::string(h));
    if (!bytes || bytes->empty()) {
        reading.missed.add(words::marked("%n broken picture(s)"));
        return std::nullopt;
    }
    auto picture = std::make_shared<art::PictureFile>();
    picture->format = within ? std::string(h.substr(11, comma - 11)) : n.attribute("rope:format").value();
    picture->bytes = std::move(*bytes);
    const double w = n.attribute("width").as_double(), ht = n.attribute("height").as_double();
    picture->width = static_cast<int>(std::clamp(w, 1.0, 100000.0));
    picture->height = static_cast<int>(std::clamp(ht, 1.0, 100000.0));
    art::Reference r;
    r.picture = picture;
    const auto place = numbers(n.attribute("rope:place").value());
    if (place.size() == 4) {
        r.centre = {place[0], place[1]};
        r.scale = place[2];
        r.turn = place[3];
        const auto paper = numbers(n.attribute("rope:paper").value());
        if (paper.size() == 8) {
            pixel::Corners c;
            for (std::size_t k = 0; k < 4; ++k) c[k] = {paper[2 * k], paper[2 * k + 1]};
            if (pixel::isPage(c)) r.paper = c;
        }
        const auto crop = numbers(n.attribute("rope:crop").value());
        if (crop.size() == 4) r.crop = {{crop[0], crop[1]}, {crop[2], crop[3]}};
        const auto light = numbers(n.attribute("rope:light").value());
        if (light.size() == 3) {
            r.flattenLight = light[0];
            r.liftPaper = light[1];
            r.dim = light[2];
        }
    } else {
        const Vec2 centre = m * Vec2{n.attribute("x").as_double() + w / 2, n.attribute("y").as_double() + ht / 2};
        r.centre = centre;
        r.scale = curve::meanScale(m);
        r.turn = std::atan2(m.b, m.a);
        r.dim = 1;
    }
    return r;
}

} // namespace softrope::files
