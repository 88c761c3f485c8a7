#include "app/window/drop_follower.h"

#include "art/drops.h"
#include "art/tree.h"

namespace softrope::app {

DropFollower::DropFollower(Session& session, Areas& areas, Canvas& canvas, QObject* parent)
    : QObject(parent), session_(session), areas_(areas), canvas_(canvas), following_(session.jobs(), this, Lane::working, Late::shown)
{
    connect(&canvas_, &Canvas::heldChanged, this, &DropFollower::follow);
    // The drops are as they are now: nothing is ahead of them any more.
    connect(&areas_, &Areas::changed, this, [this] {
        if (canvas_.held().empty()) canvas_.setFollowing({});
    });
}

bool DropFollower::worthIt()
{
    if (canvas_.held().empty() || !areas_.watched()) return false;
    if (!(asked_ == session_.document())) {
        asked_ = session_.document();
        hasDrops_ = false;
        art::eachArtwork(asked_, art::seen, [this](const art::Item&, const art::Artwork& a, const art::Where&) { hasDrops_ = hasDrops_ || a.drop(); });
    }
    return hasDrops_;
}

void DropFollower::follow()
{
    if (!worthIt()) return;
    using Items = std::vector<art::ItemPtr>;
    following_.want(
        canvas_.held(),
        [d = session_.document(), held = canvas_.held(), kept = kept_, o = areas_.options()](const Progress&) {
            const art::Document then = art::withItemsReplaced(d, held);
            const art::DrawnLines lines = art::drawnLines(then);
            const std::lock_guard lock(kept->mutex);
            const planar::MapPtr map = kept->builder.build(lines.paths, o);
            const art::Document followed = art::withDropsFollowed(then, *map, lines, o.gap).document;
            Items drops;
            art::eachArtwork(followed, art::seen, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
                if (!a.drop()) return;
                const art::Item* now = d.item(i.id);
                if (now && now->artwork() && !(now->artwork()->paths == a.paths)) drops.push_back(followed.itemPtr(i.id));
            });
            return drops;
        },
        [this](Items drops) {
            if (!canvas_.held().empty()) canvas_.setFollowing(std::move(drops));
        });
}

} // namespace softrope::app
