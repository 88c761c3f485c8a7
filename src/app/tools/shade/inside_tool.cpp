// Inside: drag a thing into the area it is to lie in; out again with Alt.
#include "app/tools/desk.h"
#include "app/tools/shade/shade_hand.h"
#include "art/arrange.h"

#include <algorithm>

namespace softrope::app {

namespace {

using curve::Vec2;

class InsideTool : public Tool {
public:
    explicit InsideTool(Bench& b)
        : Tool(b, "inside", tr("Inside"), "clip-inside", "G",
               tr("<b>Inside</b>: drag a thing into the area it is to lie in; with several areas picked, into all it meets. Alt+click takes it out."))
    {
    }
    bool marksPicked() const override { return true; }
    void press(const Pointer& p) override
    {
        from_ = now_ = p.sheet;
        thing_ = 0;
        const art::ItemPtr hit = itemAt(bench_.document(), p.sheet, bench_.px(5));
        if (!hit || hit->reference()) {
            bench_.say(tr("There is nothing here to put inside."));
            return;
        }
        if (refused(bench_, hit->id)) return;
        thing_ = hit->id;
        if (!p.alt()) return;
        const art::Edited out = art::movedOut(bench_.document(), {thing_});
        thing_ = 0;
        if (!out.done() || out.document == bench_.document()) {
            bench_.say(tr("It lies in nothing."));
            return;
        }
        bench_.session().take(out.document, tr("Take out"));
        bench_.say(tr("Taken out; it lies beside its area, in the same place."));
    }
    void drag(const Pointer& p) override
    {
        now_ = p.sheet;
        bench_.update();
    }
    void lift(const Pointer& p) override
    {
        now_ = p.sheet;
        const art::Id thing = thing_;
        thing_ = 0;
        bench_.update();
        if (thing == 0 || distance(from_, p.sheet) < bench_.px(4)) return;
        std::vector<art::Id> things = bench_.selection().items;
        if (std::find(things.begin(), things.end(), thing) == things.end()) things = {thing};
        std::vector<art::Id> areas = bench_.selection().items;
        std::erase(areas, thing);
        const bool several = areas.size() > 1 && things == std::vector<art::Id>{thing};
        if (!several) {
            const art::Id area = areaUnder(p.sheet, things);
            if (area == 0) {
                bench_.say(tr("Let it go on the area it is to lie in."));
                return;
            }
            areas = {area};
        }
        const art::Taken t = art::withPutInside(bench_.document(), things, areas);
        if (t.items.empty()) {
            bench_.say(refusalText(t.why));
            return;
        }
        art::Selection s = bench_.selection();
        s.items = t.items;
        bench_.session().take(t.document, s, tr("Put inside"));
        bench_.say(tr("Inside: it moves and is clipped with its area, and can be edited beyond the border."));
    }
    bool escape() override
    {
        const bool had = thing_ != 0;
        thing_ = 0;
        bench_.update();
        return had;
    }
    void paint(Marks& m) override
    {
        if (thing_ == 0) return;
        m.segment(from_, now_, marks().geometry, 2);
        m.dot(from_, marks().geometry, 4);
        if (const art::Item* i = bench_.document().item(areaUnder(now_, {thing_}))) {
            m.line(i->artwork()->paths, marks().geometry, 2.5);
            m.chip(now_, tr("into %1").arg(i->name.empty() ? tr("this area") : QString::fromStdString(i->name)), Marks::Chip::name);
        }
    }

private:
    art::Id thing_ = 0;
    Vec2 from_, now_;

    // The topmost area there that is none of the things.
    art::Id areaUnder(Vec2 at, const std::vector<art::Id>& things) const
    {
        for (const art::ItemPtr& i : art::thingsAt(bench_.document(), at, bench_.px(4))) {
            const art::Artwork* a = i->artwork();
            if (!a || a->guide || std::find(things.begin(), things.end(), i->id) != things.end()) continue;
            if (std::any_of(a->paths->begin(), a->paths->end(), [](const curve::Path& p) { return p.closed; })) return i->id;
        }
        return 0;
    }
};

} // namespace

std::unique_ptr<Tool> makeInside(Desk& desk)
{
    return std::make_unique<InsideTool>(desk.bench);
}

} // namespace softrope::app
