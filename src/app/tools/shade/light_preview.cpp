#include "app/tools/shade/light_preview.h"

#include "art/lights.h"
#include "art/shades.h"

#include <utility>

namespace softrope::app {

void LightPreview::show(const art::Light& light)
{
    shown_ = true;
    if (working_)
        next_ = light;
    else
        begin(light);
}

void LightPreview::end()
{
    shown_ = false;
    next_.reset();
    canvas_.showInstead(std::nullopt);
}

void LightPreview::begin(const art::Light& light)
{
    working_ = true;
    const QColor teal = marks().geometry;
    art::Stroke line;
    line.colour = art::Colour{static_cast<std::uint8_t>(teal.red()), static_cast<std::uint8_t>(teal.green()), static_cast<std::uint8_t>(teal.blue())};
    line.width = canvas_.px(1.25);
    session_.jobs().run<art::Document>(
        Lane::drawing, this,
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
        [this](const std::optional<art::Document>& lit) {
            working_ = false;
            if (!shown_) return;
            if (lit) canvas_.showInstead(*lit);
            if (next_) {
                const art::Light light_ = *next_;
                next_.reset();
                begin(light_);
            }
        });
}

} // namespace softrope::app
