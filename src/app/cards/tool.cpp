// The page of the tool in hand: its settings and the look of the next line.
#include "app/cards/page.h"
#include "app/cards/sections.h"
#include "app/theme/theme.h"

#include <cmath>

namespace softrope::app {

namespace {

void ropeSettings(Fields& f)
{
    CardDesk& at = f.at;
    f.segments(
        tr("Lies on"), {{tr("Edges"), tr("Where light meets dark")}, {tr("Lines"), tr("Along the middle of dark lines")}},
        [&at] { return at.canvas.setting(settings::ropeLine) ? 1 : 0; },
        [&at](int i) {
            at.canvas.setSetting(settings::ropeLine, i);
            at.refresh();
        });
    f.settingSlider(
        tr("Finest detail"), 0.5, 5, 0, [&at] { return at.canvas.setting(settings::ropeWidth); },
        [&at](double v) { at.canvas.setSetting(settings::ropeWidth, v); }, pxText);
    f.settingSlider(
        tr("Slack"), 0.1, 4, 6, [&at] { return at.canvas.setting(settings::ropeSlack); }, [&at](double v) { at.canvas.setSetting(settings::ropeSlack, v); },
        pxText);
    f.rule();
}

} // namespace

void toolFields(Fields& f)
{
    CardDesk& at = f.at;
    Tool* t = at.canvas.tool();
    if (!t) return;
    if (t->id() == "rope") ropeSettings(f);
    if (t->id() == "freehand" || t->id() == "redraw") {
        f.settingSlider(
            tr("Slack"), settings::freehandSlack.least, 8, 6, [&at] { return at.canvas.setting(settings::freehandSlack); },
            [&at](double v) { at.canvas.setSetting(settings::freehandSlack, v); }, pxText);
        f.settingSlider(
            tr("Steadying"), settings::freehandSteadying.least, settings::freehandSteadying.most, 0,
            [&at] { return at.canvas.setting(settings::freehandSteadying); }, [&at](double v) { at.canvas.setSetting(settings::freehandSteadying, v); },
            [](double v) { return QString("%1 %").arg(std::lround(v * 100)); });
        auto* note = label(tr("Slack is in screen px here: zoom in to draw finer."), "small");
        note->setWordWrap(true);
        f.add(note);
        f.rule();
    }
    nextLineFields(f, true);
    f.tickBox(
        tr("Snap to lines and guides"), tr("Ctrl suspends it while held"), [&at] { return at.canvas.snapping(); },
        [&at](bool on) { at.canvas.setSnapping(on); });
}

namespace {

class ToolPage : public CardPage {
public:
    explicit ToolPage(CardDesk& at) : CardPage(at) {}
    bool wants(const Context&) const override { return true; }
    Key key(const Context& c) const override { return {c.tool ? c.tool->id() : QString()}; }
    void build(Fields& f, const Context& c) override
    {
        if (!c.tool) return;
        f.heading(c.tool->icon(), c.tool->name());
        toolFields(f);
    }
};

} // namespace

std::unique_ptr<CardPage> makeToolPage(CardDesk& at)
{
    return std::make_unique<ToolPage>(at);
}

} // namespace softrope::app
