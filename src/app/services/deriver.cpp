#include "app/services/deriver.h"
#include "app/services/frame_meter.h"

#include "art/lettering.h"
#include "art/repeat.h"
#include "art/shades.h"
#include "art/tree.h"
#include "words/said.h"

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
    // What takes a few ms is worked out on the spot, so that none is seen as it was; more in the background.
    constexpr double mostNodes = 6000, mostMarks = 1000;
    const art::Document d = session_.document();
    const std::vector<art::Shade> stale = art::staleShades(d);
    if (stale.empty()) return;
    double nodes = 0, marks = 0;
    for (const art::Shade& shade : stale) {
        const art::Artwork &mine = *shade.item->artwork(), &area = *shade.area->artwork();
        nodes += static_cast<double>(curve::nodeCount(area.paths));
        if (const shade::Scatter* s = mine.scatter()) marks += shade::marksExpected(*s, curve::bounds(area.paths));
    }
    if (nodes <= mostNodes && marks <= mostMarks) {
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
    const FrameMeter::Part spent(words::marked("live parts"));
    // What is repeated: as long as drawing it, so it is never seen as it was.
    if (art::repeatsWait(session_.document())) {
        session_.derive(art::withRepeatsFollowed(session_.document()));
        return;
    }
    // Words that stand on lines: some 10 ms for thousands of letters.
    if (art::letteringWaits(session_.document())) {
        session_.derive(art::withLetteringFollowed(session_.document())); // and from there on here again
        return;
    }
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
