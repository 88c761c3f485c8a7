#include "app/services/tracer.h"

#include "app/services/in_hand.h"
#include "app/theme/kept_number.h"
#include "art/page.h"

#include <QSettings>

#include <algorithm>
#include <cmath>

namespace softrope::app {

using curve::Vec2;

Tracer::Tracer(Session& session, QObject* parent) : QObject(parent), session_(session), tracing_(session.jobs(), this)
{
    settings_.slack = keptNumber("trace/slack", 0.8, 0.05, 50);
    settings_.smallestSpeck = keptNumber("trace/speck", 8, 0, 1e9);
    settings_.smallestHole = keptNumber("trace/hole", 8, 0, 1e9);
    settings_.smoothing = keptNumber("trace/smoothing", 0, 0, 10);
    settings_.gather = keptNumber("trace/gather", 1, 0, 3);
    settings_.shortest = keptNumber("trace/shortest", 6, 0, 1e9);
    settings_.count = static_cast<int>(keptNumber("trace/count", 5, 2, 16));
    settings_.crisp = keptNumber("trace/crisp", -1, -1, 1);
    settings_.lightness = QSettings().value("trace/lightness", false).toBool();
    // A picture that was still being decoded is traced when it is there.
    connect(&session_.pictures(), &PictureStore::ready, this, [this] {
        if (active_ && found_.empty() && !working()) restart();
    });
    connect(&session_, &Session::documentChanged, this, [this] {
        if (!active_) return;
        const art::Item* i = session_.document().item(reference_);
        if (!i || !i->reference())
            end();
        else if (!(*i->reference() == seen_))
            restart();
    });
}

void Tracer::keepSettings() const
{
    QSettings kept;
    kept.setValue("trace/slack", settings_.slack);
    kept.setValue("trace/speck", settings_.smallestSpeck);
    kept.setValue("trace/hole", settings_.smallestHole);
    kept.setValue("trace/smoothing", settings_.smoothing);
    kept.setValue("trace/gather", settings_.gather);
    kept.setValue("trace/count", settings_.count);
    kept.setValue("trace/lightness", settings_.lightness);
    kept.setValue("trace/crisp", settings_.crisp);
    kept.setValue("trace/shortest", settings_.shortest);
}

bool Tracer::begin(TraceSettings::What what)
{
    const art::Item* i = referenceInHand(session_.document(), session_.selection());
    if (!i) {
        emit said(tr("There is no picture to trace. Bring one in with Ctrl+I."));
        return false;
    }
    reference_ = i->id;
    active_ = true;
    settings_.what = what;
    settings_.cut.reset();
    part_.clear();
    restart();
    return true;
}

void Tracer::end()
{
    tracing_.drop();
    active_ = false;
    found_.clear();
    part_.clear();
    emit changed();
}

void Tracer::stop()
{
    if (!working()) return;
    end();
    emit said(tr("Stopped. Nothing was traced."));
}

void Tracer::set(const TraceSettings& settings)
{
    if (settings == settings_) return;
    settings_ = settings;
    keepSettings();
    restart();
}

void Tracer::setPart(std::vector<Vec2> outline)
{
    part_ = std::move(outline);
    restart();
}

void Tracer::restart()
{
    if (!active_) return;
    const art::Item* i = session_.document().item(reference_);
    if (!i || !i->reference()) {
        end();
        return;
    }
    seen_ = *i->reference();
    const curve::Box shown = art::shownPart(seen_);
    run(shown.width() * shown.height() > 3e6);
}

void Tracer::run(bool coarse)
{
    const auto picture = session_.pictures().exact(seen_); // not a stand-in with another light
    if (!picture) {
        tracing_.drop();
        found_.clear();
        emit changed();
        return;
    }
    tracing_.want(
        {seen_, settings_, part_, coarse},
        [picture, reference = seen_, settings = settings_, part = part_, coarse](const Progress& p) {
            return work(picture, reference, settings, part, coarse, p);
        },
        [this](const Result& r) {
            if (!active_ || !r.done) return;
            found_.clear();
            for (const art::Item& i : r.items) found_.push_back({i, true});
            histogram_ = r.histogram;
            cutUsed_ = r.cut;
            coarse_ = r.coarse;
            if (r.coarse) run(false);
            emit changed();
        },
        [this] { emit changed(); });
    emit changed();
}

Tracer::Result Tracer::work(const std::shared_ptr<const pixel::Picture>& picture, const art::Reference& reference, const TraceSettings& settings,
                            const std::vector<Vec2>& part, bool coarse, const Progress& progress)
{
    Result out;
    out.coarse = coarse;
    int shrink = 1;
    if (coarse) shrink = std::max(2, static_cast<int>(std::ceil(std::sqrt(static_cast<double>(picture->width) * picture->height / 1.2e6))));
    const bool dark = settings.what == TraceSettings::What::shapes && settings.lightOnDark;
    const art::TracedPage page = art::tracedPage(*picture, reference, part, shrink, dark);
    if (page.grey.empty()) {
        out.done = !progress.cancelled();
        return out;
    }
    out.histogram = pixel::histogram(page.grey);
    const double scale = std::max(1e-9, curve::meanScale(page.toSheet)), shrunk = shrink;
    const auto cancelled = [&progress] { return progress.cancelled(); };
    const auto tell = [&progress](double v) { progress.share->store(v); };
    const art::Colour ink{0, 0, 0};
    if (settings.what == TraceSettings::What::shapes) {
        trace::OutlineOptions o;
        o.slack = std::max(0.05, settings.slack / scale);
        o.cut = settings.cut;
        o.lightOnDark = settings.lightOnDark;
        o.smallestSpeck = settings.smallestSpeck / (shrunk * shrunk);
        o.smallestHole = settings.smallestHole / (shrunk * shrunk);
        o.smoothing = settings.smoothing / shrunk;
        o.cancelled = cancelled;
        o.progress = tell;
        const trace::Outline found = trace::outline(page.grey, o);
        out.cut = settings.cut ? *settings.cut : (settings.lightOnDark ? 255 - found.cut : found.cut);
        out.items = art::itemsOf(found, page.toSheet, ink);
    } else if (settings.what == TraceSettings::What::tones) {
        tone::TonesOptions o;
        o.count = settings.count;
        o.slack = std::max(0.05, settings.slack / scale);
        o.lightness = settings.lightness;
        o.crisp = settings.crisp;
        o.quick = coarse;
        o.smallest = settings.smallestTone < 0 ? -1 : settings.smallestTone / (shrunk * shrunk);
        o.cancelled = cancelled;
        o.progress = tell;
        out.items = art::itemsOf(tone::separate(page.colours, o), page.toSheet);
    } else {
        trace::LinesOptions o;
        o.slack = std::max(0.05, settings.slack / scale);
        o.medium = settings.medium;
        o.gather = settings.gather;
        o.shortest = settings.shortest / shrunk;
        o.cancelled = cancelled;
        o.progress = tell;
        out.items = art::itemsOf(trace::lines(page.grey, o), page.toSheet, ink, settings.swell);
    }
    out.done = !progress.cancelled();
    return out;
}

std::optional<std::size_t> Tracer::at(Vec2 p, double reach) const
{
    std::optional<std::size_t> best;
    double least = reach;
    for (std::size_t i = 0; i < found_.size(); ++i)
        for (const curve::Path& path : found_[i].item.artwork()->paths) {
            if (!bounds(path).grown(reach).contains(p)) continue;
            if (const auto n = nearest(path, p); n && n->distance < least) {
                least = n->distance;
                best = i;
            }
        }
    return best;
}

void Tracer::toggle(std::size_t index)
{
    if (index >= found_.size()) return;
    found_[index].wanted = !found_[index].wanted;
    emit changed();
}

void Tracer::only(std::size_t index)
{
    for (std::size_t i = 0; i < found_.size(); ++i) found_[i].wanted = i == index;
    emit changed();
}

std::size_t Tracer::wantedCount() const
{
    return static_cast<std::size_t>(std::count_if(found_.begin(), found_.end(), [](const Found& f) { return f.wanted; }));
}

std::size_t Tracer::nodeCount() const
{
    std::size_t n = 0;
    for (const Found& f : found_)
        if (f.wanted) n += curve::nodeCount(f.item.artwork()->paths);
    return n;
}

bool Tracer::take(art::Id layer, art::Colour ink)
{
    if (!active_ || working() || coarse_ || wantedCount() == 0 || layer == 0) return false;
    std::vector<art::Item> items;
    for (const Found& f : found_) {
        if (!f.wanted) continue;
        art::Item i = f.item;
        auto& a = std::get<art::Artwork>(i.is);
        if (a.stroke.colour) a.stroke.colour = ink;
        // Tones keep the colours they were found in.
        if (a.fill.colour && settings_.what != TraceSettings::What::tones) a.fill.colour = ink;
        items.push_back(std::move(i));
    }
    const std::size_t count = items.size(), nodes = nodeCount();
    const bool shapes = settings_.what == TraceSettings::What::shapes, tones = settings_.what == TraceSettings::What::tones;
    const art::Taken landed = art::withItems(session_.document(), layer, std::move(items));
    art::Selection s = session_.selection();
    s.items = landed.items;
    s.nodes.clear();
    end();
    session_.take(landed.document, s, shapes ? tr("Trace shapes") : tones ? tr("Separate tones") : tr("Trace lines"));
    emit said(tr("Traced %1 %2 with %3 nodes. Ctrl+Z takes them back.")
                  .arg(count)
                  .arg(shapes  ? tr("shapes")
                       : tones ? tr("tone areas")
                               : tr("lines"))
                  .arg(nodes));
    return true;
}

} // namespace softrope::app
