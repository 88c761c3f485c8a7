#include "app/tools/shade/light_preview.h"

#include "art/lights.h"
#include "art/shades.h"

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
    outlines_.clear();
    canvas_.showInstead(std::nullopt);
}

void LightPreview::begin(const art::Light& light)
{
    working_ = true;
    struct Lit {
        art::Document document;
        curve::Paths outlines;
    };
    session_.jobs().run<Lit>(
        Lane::drawing, this,
        [d = session_.document(), light](const Progress&) {
            constexpr std::size_t most = 400; // outlines: more say nothing
            Lit out{art::withShadesFollowed(art::withLight(d, light)), {}};
            art::eachShade(out.document, [&](const art::Shade& s) {
                const art::Artwork* a = s.item->artwork();
                if (s.shown && a && a->crescent() && a->crescent()->byLight && out.outlines.size() < most)
                    out.outlines.insert(out.outlines.end(), a->paths->begin(), a->paths->end());
            });
            return out;
        },
        [this](const std::optional<Lit>& lit) {
            working_ = false;
            if (!shown_) return;
            if (lit) {
                outlines_ = lit->outlines;
                canvas_.showInstead(lit->document);
            }
            if (next_) {
                const art::Light light_ = *next_;
                next_.reset();
                begin(light_);
            }
        });
}

} // namespace softrope::app
