#include "app/services/deriver.h"

#include "art/shades.h"
#include "art/tree.h"

#include <algorithm>

namespace softrope::app {

namespace {

using Part = std::pair<art::Id, art::Key>;

// Parts that are not what their recipe would give now, newest first. Colour drops are not among them: asking for theirs would look
// through every line at every change.
std::vector<Part> waiting(const art::Document& d)
{
    std::vector<Part> out;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) {
        if (const art::Group* g = i.group())
            if (const art::Key key = art::keyOf(d, i); key && key != g->made) out.push_back({i.id, key});
    });
    std::sort(out.rbegin(), out.rend());
    return out;
}

} // namespace

Deriver::Deriver(Session& session, Areas& areas) : session_(session), making_(session.jobs(), this), shading_(session.jobs(), this)
{
    connect(&session_, &Session::documentChanged, this, [this] {
        if (!session_.deriving()) left_.clear();
        begin();
    });
    connect(&session_.pictures(), &PictureStore::ready, this, [this] { begin(); });
    // Drops need the map of areas, which is kept up to date anyway: they come with it.
    connect(&areas, &Areas::dropsFollowed, this, [this](const art::FollowedDrops& f) {
        session_.derive(f.document);
        emit dropsFollowed(f);
    });
}

void Deriver::stop()
{
    if (!working()) return;
    for (const Part& part : waiting(session_.document())) left_.push_back(part);
    making_.drop();
    emit changed();
}

void Deriver::followShades()
{
    // A few are worked out on the spot, so that none is seen as it was; many in the background.
    constexpr std::size_t atOnce = 12, mostNodes = 3000;
    const art::Document d = session_.document();
    const std::vector<art::Id> stale = art::staleShades(d);
    if (stale.empty()) return;
    std::size_t nodes = 0;
    bool scatters = false;
    for (const art::Id id : stale) {
        const art::Item* i = d.item(id);
        nodes += art::nodeCount(*i);
        scatters = scatters || i->artwork()->scatter();
        if (const art::Item* area = d.parentOf(id); area && area->artwork()) nodes += curve::nodeCount(area->artwork()->paths);
    }
    if (stale.size() <= atOnce && nodes <= mostNodes && !scatters) {
        session_.derive(art::withShadesFollowed(d));
        return;
    }
    shading_.want(
        d, [d](const Progress& p) { return art::withShadesFollowed(d, [&p] { return p.cancelled(); }); },
        [this, d](art::Document followed) {
            if (session_.document() == d && !(followed == d)) session_.derive(std::move(followed));
        },
        [this] { followShades(); });
}

void Deriver::begin()
{
    followShades();
    const art::Document& d = session_.document();
    for (const Part& part : waiting(d)) {
        const art::Id id = part.first;
        if (std::find(left_.begin(), left_.end(), part) != left_.end()) continue;
        making_.want(
            part,
            [d, id, pictures = &session_.pictures()](const Progress& p) {
                art::Ingredients from;
                from.picture = [pictures](const art::Reference& r) { return pictures->wait(r); };
                from.cancelled = [&p] { return p.cancelled(); };
                from.progress = [&p](double v) { p.share->store(v); };
                return art::make(d, id, from);
            },
            [this, part = part](std::optional<art::WorkedOut> made) {
                if (made)
                    session_.derive(art::withMade(session_.document(), std::move(*made)));
                else
                    left_.push_back(part);
                begin();
                emit changed();
            },
            [this] {
                begin();
                emit changed();
            });
        emit changed();
        return;
    }
    // What is at work is not wanted any more: it was undone, or its picture has gone.
    if (making_.working()) making_.drop();
}

} // namespace softrope::app
