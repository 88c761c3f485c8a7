// What the window keeps up with while somebody draws: areas, drops, dark against light.
#include "app/window/window.h"
#include "art/drops.h"
#include "art/tree.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

bool Window::showsWiderGaps() const
{
    // Where the card speaks of them: finished work that is picked and turned about is left in peace.
    return course_->current() == StepId::build && (areasShown_ || session_.selection().items.empty());
}

void Window::watchAreas()
{
    bool drops = false;
    art::eachArtwork(session_.document(), {}, [&](const art::Item&, const art::Artwork& a, const art::Where&) { drops = drops || a.drop(); });
    areas_.setWatched(app::step(course_->current()).watchesAreas() || drops);
}

void Window::setDropsFlow(int how)
{
    canvas_->setSetting(settings::dropsFlow, how);
    areas_.setFlows(how == 1);
}

void Window::tellDrops(const art::FollowedDrops& f)
{
    if (f.parted && canvas_->setting(settings::dropsFlow) == 0)
        notices_->ask(tr("The line that parted a colour from its neighbour is gone. May the colour flow on?"),
                      {tr("Flow on"), tr("Now and from now on; the Colour card has it too"), [this] { setDropsFlow(1); }},
                      {tr("Stay"), tr("Now and from now on; the Colour card has it too"), [this] { setDropsFlow(2); }});
    if (f.opened)
        say(f.opened == 1 ? tr("A colour drop's area opened: it stays as it was, the ring shows where. Close the gap, or drop again.")
                          : tr("%1 colour drops' areas opened: they stay as they were, rings show where.").arg(f.opened));
    else if (f.closed)
        say(f.closed == 1 ? tr("The drop's area is closed again.") : tr("%1 drops' areas are closed again.").arg(f.closed));
}

// Dark against light of what is drawn, from a small render in the background.
void Window::weighDocument()
{
    if ((course_->current() != StepId::colour && course_->current() != StepId::shade && course_->current() != StepId::proof) || weighing_ ||
        weighed_ == session_.document())
        return;
    weighing_ = true;
    struct Result {
        art::Document of;
        double dark = -1;
    };
    session_.jobs().run<Result>(
        Lane::working, this,
        [d = session_.document()](const Progress&) {
            const pixel::Picture p = render::renderSheet(d, 160, {});
            double dark = 0, all = 0;
            for (const pixel::Rgba c : p.data) {
                if (c.a < 128) continue;
                all += 1;
                dark += pixel::quickLabOf(c).l < 50;
            }
            return Result{d, all > 0 ? dark / all : -1};
        },
        [this](const std::optional<Result>& r) {
            weighing_ = false;
            if (!r) return;
            weighed_ = r->of;
            darkShare_ = r->dark;
            refreshReadings();
        });
}

} // namespace softrope::app
