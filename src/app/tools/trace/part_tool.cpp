// Part: say which part of the picture is to be traced, and which of what was found is wanted.
#include "app/canvas/tool.h"
#include "app/services/tracer.h"
#include "app/tools/desk.h"

namespace softrope::app {

namespace {

using curve::Vec2;

class Part : public Tool {
public:
    Part(Bench& b, Tracer& tracer)
        : Tool(b, "part", tr("Part"), "sweep", "Shift+A",
               tr("<b>Part</b>: drag a frame, or with Shift round a part, to trace just that. Click a traced line to leave it out, double click to keep only "
                  "it.")),
          tracer_(tracer)
    {
    }

    void press(const Pointer& p) override
    {
        if (!tracer_.active()) {
            bench_.say(tr("Nothing is being traced. Ctrl+T starts with shapes, Ctrl+L with lines."));
            return;
        }
        way_ = {p.sheet};
        round_ = p.shift();
        down_ = true;
    }
    void drag(const Pointer& p) override
    {
        if (!down_ || way_.back() == p.sheet) return;
        way_.push_back(p.sheet);
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        if (!down_) return;
        down_ = false;
        drag(p);
        if (distance(way_.front(), p.sheet) < bench_.px(4) && way_.size() < 8) {
            if (const auto i = tracer_.at(p.sheet, bench_.px(curve::snapReach))) tracer_.toggle(*i);
            return;
        }
        tracer_.setPart(round_ ? way_ : frame(way_.front(), p.sheet));
        way_.clear();
    }
    void doubleClick(const Pointer& p) override
    {
        if (const auto i = tracer_.at(p.sheet, bench_.px(curve::snapReach)))
            tracer_.only(*i);
        else
            tracer_.setPart({});
    }
    bool escape() override
    {
        const bool had = down_;
        down_ = false;
        way_.clear();
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        if (!down_ || way_.size() < 2) return;
        m.line({curve::polyline(round_ ? way_ : frame(way_.front(), way_.back()), true)}, marks().guide, 1.5, Qt::DashLine);
    }

private:
    Tracer& tracer_;
    std::vector<Vec2> way_;
    bool down_ = false, round_ = false;

    static std::vector<Vec2> frame(Vec2 a, Vec2 b) { return {a, {b.x, a.y}, b, {a.x, b.y}}; }
};

} // namespace

std::unique_ptr<Tool> makePart(Desk& desk)
{
    return std::make_unique<Part>(desk.bench, desk.tracer);
}

} // namespace softrope::app
