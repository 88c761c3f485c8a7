#include "app/tools/shade/light_preview.h"

#include "art/lights.h"
#include "art/shades.h"

namespace softrope::app {

void LightPreview::show(const art::Light& light)
{
    const QColor teal = marks().geometry;
    art::Stroke line;
    line.colour = art::Colour{static_cast<std::uint8_t>(teal.red()), static_cast<std::uint8_t>(teal.green()), static_cast<std::uint8_t>(teal.blue())};
    line.width = canvas_.px(1.25);
    lighting_.want(
        light,
        [d = session_.document(), light, line](const Progress&) {
            art::Document out = art::withShadesFollowed(art::withLight(d, light));
            // With the picture: hundreds of outlines are too many to be painted over it at each move.
            art::Layer outlines;
            art::eachShade(out, [&](const art::Shade& s) {
                const art::Artwork* a = s.item->artwork();
                if (!s.shown || !a || !a->crescent() || !a->crescent()->byLight) return;
                art::Item i;
                art::Artwork one;
                one.setPaths(curve::Paths(a->paths));
                one.stroke = line;
                i.is = std::move(one);
                outlines.items.push_back(art::shared(std::move(i)));
            });
            out.layers.push_back(art::shared(std::move(outlines)));
            return out;
        },
        [this](art::Document lit) { canvas_.showInstead(std::move(lit)); });
}

void LightPreview::end()
{
    lighting_.drop();
    canvas_.showInstead(std::nullopt);
}

} // namespace softrope::app
