#include "app/work/deriver.h"

#include "art/tones.h"
#include "art/tree.h"

namespace softrope::app {

namespace {

// The newest stack that is not what its picture would give now.
const art::Item* waiting(const art::Document& d)
{
    const art::Item* newest = nullptr;
    art::eachItem(d, {}, [&](const art::Item& i, const art::Where&) {
        if (i.group() && art::wantsTones(d, i) && (!newest || i.id > newest->id)) newest = &i;
    });
    return newest;
}

} // namespace

Deriver::Deriver(Session& session, Areas& areas) : session_(session)
{
    connect(&session_, &Session::documentChanged, this, [this] {
        if (!session_.deriving()) stopped_ = false;
        begin();
    });
    connect(&session_.pictures(), &PictureShelf::ready, this, [this] { begin(); });
    // Drops need the map of areas, which is kept up to date anyway: they come with it.
    connect(&areas, &Areas::dropsFollowed, this, [this](const art::FollowedDrops& f) {
        session_.derive(f.document);
        emit dropsFollowed(f);
    });
}

void Deriver::stop()
{
    if (!working_) return;
    stopped_ = true;
    progress_.stopped->store(true);
}

void Deriver::begin()
{
    if (stopped_) return;
    const art::Document& d = session_.document();
    const art::Item* waits = waiting(d);
    if (working_) {
        if (!again_ && waits) {
            progress_.stopped->store(true);
            again_ = true;
        }
        return;
    }
    if (!waits) return;
    working_ = true;
    progress_ = {};
    struct Result {
        std::vector<art::Item> shapes;
        bool done = false;
    };
    const art::ToneStack tones = *waits->group()->tones();
    const art::Reference reference = *art::wantsTones(d, *waits);
    inBackground<Result>(
        this, progress_,
        [shelf = &session_.pictures(), reference, tones](const Progress& p) {
            Result out;
            const auto picture = shelf->wait(reference);
            if (!picture || p.cancelled()) return out;
            tone::TonesOptions o;
            o.cancelled = [&p] { return p.cancelled(); };
            o.progress = [&p](double v) { p.share->store(v); };
            out.shapes = art::toneShapes(tones, reference, *picture, o);
            out.done = !p.cancelled();
            return out;
        },
        [this, id = waits->id, key = art::toneKey(tones, reference)](const Result& result) {
            working_ = again_ = false;
            if (result.done) session_.derive(art::withTonesMade(session_.document(), id, result.shapes, key));
            begin();
            emit changed();
        });
    emit changed();
}

} // namespace softrope::app
