// Scatter: marks in an area, even by a click, thinning out along a drag.
#include "app/tools/colour/ink_hand.h"
#include "app/tools/desk.h"
#include "app/tools/shade/scatter_acts.h"
#include "app/tools/shade/shade_hand.h"

namespace softrope::app {

namespace {

using curve::Vec2;

class ScatterTool : public Tool {
public:
    explicit ScatterTool(Bench& b)
        : Tool(b, "scatter", tr("Scatter"), "scatter", "J",
               tr("<b>Scatter</b>: click an area for even marks, or drag in the direction in which they are to thin out. Kinds and sizes are on the card."))
    {
    }
    bool marksPicked() const override { return true; }
    void press(const Pointer& p) override
    {
        start_ = now_ = p.sheet;
        areas_ = areasFor(bench_, p.sheet);
    }
    void drag(const Pointer& p) override
    {
        now_ = p.sheet;
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        now_ = p.sheet;
        const std::vector<art::Id> areas = std::move(areas_);
        areas_.clear();
        bench_.update();
        if (areas.empty()) return;
        shade::Scatter how = scatterInHand(bench_);
        if (distance(start_, now_) > bench_.px(6)) {
            how.fall = shade::Fall::side;
            how.angle = curve::angleOf(now_ - start_);
        }
        scatterInto(bench_, areas, how);
    }
    bool escape() override
    {
        const bool had = !areas_.empty();
        areas_.clear();
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        if (areas_.empty() || distance(start_, now_) <= bench_.px(6)) return;
        m.segment(start_, now_, marks().geometry, 2);
        m.dot(start_, marks().geometry, 6);
        m.ring(now_, marks().geometry, 4);
        m.chip(now_, tr("fewer that way"));
    }

private:
    std::vector<art::Id> areas_;
    Vec2 start_, now_;
};

} // namespace

std::unique_ptr<Tool> makeScatter(Desk& desk)
{
    return std::make_unique<ScatterTool>(desk.bench);
}

} // namespace softrope::app
