#include "app/services/survey.h"
#include "app/services/frame_meter.h"

#include "art/inks.h"
#include "art/shades.h"
#include "art/tree.h"
#include "words/said.h"

#include <algorithm>

namespace softrope::app {

namespace {

// By a sweep along x: only what is nearer along it than the best so far is compared.
std::optional<Findings::Gap> nearestTwo(std::vector<art::OpenEnd> ends)
{
    std::sort(ends.begin(), ends.end(), [](const art::OpenEnd& a, const art::OpenEnd& b) { return a.at.x < b.at.x; });
    std::optional<Findings::Gap> best;
    for (std::size_t i = 0; i < ends.size(); ++i)
        for (std::size_t k = i + 1; k < ends.size() && (!best || ends[k].at.x - ends[i].at.x < best->width); ++k)
            if (const double d = distance(ends[i].at, ends[k].at); !best || d < best->width) best = Findings::Gap{ends[i], ends[k], d};
    return best;
}

} // namespace

Findings findingsIn(const art::Document& d)
{
    Findings f;
    art::eachItem(d, {true, true, false, true}, [&](const art::Item& i, const art::Where&) {
        f.pictures += i.reference() != nullptr;
        const art::Artwork* a = i.artwork();
        f.lines += a && !a->drop() && !a->crescent() && !a->scatter() && !a->lettering(); // what was worked out is not drawn
    });
    art::eachArtwork(d, {}, [&](const art::Item&, const art::Artwork& a, const art::Where& w) {
        if (a.fill.lit != art::Lit::none || a.crescent()) return; // in the light's colours
        f.filled += a.fill.colour && !a.guide && !(w.parent && w.parent->group() && w.parent->group()->tones());
    });
    f.nodes = art::nodeCount(d);
    f.bare = art::withoutInkYet(d).size();
    f.ends = art::openEnds(d);
    f.gap = nearestTwo(f.ends);
    f.leaks = art::leaks(d);
    art::eachShade(d, [&](const art::Shade& s) {
        if (!s.shown) return;
        ++f.shades;
        const curve::Box in = curve::bounds(s.area->artwork()->paths).grown(0.5), mine = art::bounds(*s.item);
        f.clipped += !mine.empty() && (!in.contains(mine.min) || !in.contains(mine.max));
    });
    f.against = art::againstLight(d);
    return f;
}

Survey::Survey(Session& session) : session_(session), counting_(session.jobs(), this)
{
    connect(&session_, &Session::documentChanged, this, &Survey::count);
    count();
}

void Survey::count()
{
    const FrameMeter::Part spent(words::marked("survey"));
    ++revision_;
    if (art::nodeCount(session_.document()) <= atOnce) {
        counting_.drop();
        now_ = findingsIn(session_.document());
        emit changed();
        return;
    }
    counting_.want(
        revision_, [d = session_.document()](const Progress&) { return findingsIn(d); },
        [this](Findings f) {
            now_ = std::move(f);
            emit changed();
        });
}

} // namespace softrope::app
