#include "app/commands/desk.h"

namespace softrope::app {

void CommandDesk::add(const QString& id, const QString& name, const QString& keys, Group group, std::function<void()> run, std::function<bool()> can)
{
    commands.add({id, name, keys, group, std::move(run), std::move(can)});
}

std::function<bool()> CommandDesk::picked() const
{
    return [&s = session] { return !s.selection().items.empty(); };
}

std::function<bool()> CommandDesk::several() const
{
    return [&s = session] { return s.selection().items.size() > 1; };
}

void CommandDesk::show(curve::Vec2 place, double zoom)
{
    View v = canvas.view();
    v.centre = place;
    v.zoom = std::max(v.zoom, zoom);
    canvas.setView(v);
}

bool takePicked(CommandDesk& at, const QString& name, const std::function<art::Edited(const art::Document&, const std::vector<art::Id>&)>& act)
{
    if (at.session.selection().items.empty()) {
        at.say(refusalText(art::Refusal::nothingPicked));
        return false;
    }
    const art::Edited e = act(at.session.document(), at.session.selection().items);
    if (e.done())
        at.session.take(e, name);
    else
        at.say(refusalText(e.why));
    return e.done();
}

} // namespace softrope::app
