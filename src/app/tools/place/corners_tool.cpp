// Paper's corners: the four corners of the page in a picture are dragged to where they are, and the page is shown squarely.
#include "app/canvas/tool.h"
#include "app/tools/desk.h"
#include "app/tools/place/place_acts.h"
#include "art/edits.h"

#include <array>

namespace softrope::app {

namespace {

using curve::Vec2;

class PaperCorners : public Tool {
public:
    explicit PaperCorners(Bench& b)
        : Tool(b, "corners", tr("Paper"), "corner", "Shift+E",
               tr("<b>Paper</b>: drag the corners to those of the paper. A double click finds them."))
    {
    }

    void press(const Pointer& p) override
    {
        held_ = none;
        const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), p.sheet);
        item_ = i ? i->id : 0;
        if (!i) {
            bench_.say(tr("There is no picture to square."));
            return;
        }
        at_ = cornersOf(*i->reference());
        double least = bench_.px(p.pen ? 22 : 14);
        for (std::size_t k = 0; k < 4; ++k)
            if (const double d = distance(at_[k], p.sheet); d < least) {
                least = d;
                held_ = k;
            }
    }
    void drag(const Pointer& p) override
    {
        if (held_ == none) return;
        at_[held_] = p.sheet;
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        const std::size_t k = std::exchange(held_, none);
        const art::Item* i = bench_.document().item(item_);
        if (k == none || !i || !i->reference()) return;
        const art::Reference r = *i->reference();
        const auto back = inverse(art::placement(r));
        const pixel::PageSize size = art::pictureSize(r);
        if (!back || !r.picture || distance(cornersOf(r)[k], p.sheet) < bench_.px(2)) return;
        const pixel::Corners before = r.paper.value_or(pixel::Corners{{{0, 0},
                                                                       {static_cast<double>(size.width), 0},
                                                                       {static_cast<double>(size.width), static_cast<double>(size.height)},
                                                                       {0, static_cast<double>(size.height)}}});
        const Vec2 there = *back * p.sheet;
        pixel::Corners now = before;
        now[k] = r.paper ? pixel::fromSquared(before, r.picture->width, r.picture->height, {there.x, there.y}) : pixel::Corner{there.x, there.y};
        if (!pixel::isPage(now)) {
            bench_.say(tr("These corners would turn the page inside out."));
            bench_.update();
            return;
        }
        bench_.session().take(withReferenceChanged(bench_.document(), item_, [&](art::Reference& q) { setPaper(q, now); }), tr("Paper's corners"));
    }
    void doubleClick(const Pointer& p) override
    {
        held_ = none;
        if (const art::Item* i = referenceInHand(bench_.document(), bench_.selection(), p.sheet)) findPaper(bench_, i->id);
    }
    bool escape() override
    {
        const bool had = held_ != none;
        held_ = none;
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        const art::Item* i = held_ != none ? bench_.document().item(item_) : referenceInHand(bench_.document(), bench_.selection());
        if (!i || !i->reference()) return;
        const std::array<Vec2, 4> at = held_ != none ? at_ : cornersOf(*i->reference());
        for (std::size_t k = 0; k < 4; ++k) m.segment(at[k], at[(k + 1) % 4], marks().geometry, 1.5, Qt::DashLine);
        for (const Vec2 c : at) m.ring(c, marks().geometry, 9);
    }

private:
    static constexpr std::size_t none = 4;
    art::Id item_ = 0;
    std::size_t held_ = none;
    std::array<Vec2, 4> at_{};

    // On the sheet; of all the page, whatever is cropped from it.
    static std::array<Vec2, 4> cornersOf(const art::Reference& r)
    {
        const curve::Affine m = art::placement(r);
        const pixel::PageSize size = art::pictureSize(r);
        const double w = size.width, h = size.height;
        return {m * Vec2{0, 0}, m * Vec2{w, 0}, m * Vec2{w, h}, m * Vec2{0, h}};
    }
};

} // namespace

std::unique_ptr<Tool> makePaperCorners(Desk& desk)
{
    return std::make_unique<PaperCorners>(desk.bench);
}

} // namespace softrope::app
