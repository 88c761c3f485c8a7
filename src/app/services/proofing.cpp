#include "app/services/proofing.h"

#include "app/theme/images.h"
#include "app/theme/words.h"
#include "render/render.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

Proofing::Proofing(Session& session, Acts& acts)
    : session_(session), acts_(acts), looking_(session.jobs(), this), enlarging_(session.jobs(), this, Lane::drawing)
{
    connect(&session_, &Session::documentChanged, this, [this] {
        stale_ = true;
        followProcess();
        look();
    });
    connect(&session_, &Session::started, this, [this] {
        looked_ = false;
        found_.clear();
        take({});
    });
}

std::size_t Proofing::mendable() const
{
    return static_cast<std::size_t>(std::count_if(found_.begin(), found_.end(), [](const proof::Finding& f) { return f.mending == proof::Mending::safe; }));
}

void Proofing::setWatched(bool on)
{
    watched_ = on;
    if (on) {
        followProcess();
        look();
    } else {
        take({});
    }
}

void Proofing::look()
{
    if (!watched_ || !stale_) return;
    looking_.want(
        ++revision_,
        [d = session_.document(), l = limits(), kept = kept_](const Progress& p) {
            const std::lock_guard lock(kept->mutex);
            return kept->proofer.findings(d, l, [p] { return p.cancelled(); });
        },
        [this](std::vector<proof::Finding> f) {
            // The one in hand stays in hand where it is still there.
            std::optional<std::size_t> still;
            if (inHand_ && *inHand_ < found_.size()) {
                const proof::Finding& was = found_[*inHand_];
                for (std::size_t k = 0; k < f.size() && !still; ++k)
                    if (f[k].kind == was.kind && distance(f[k].at, was.at) < 3) still = k;
            }
            found_ = std::move(f);
            stale_ = false;
            looked_ = true;
            inHand_ = still;
            enlarge();
            emit changed();
        });
}

// -- the process ------------------------------------------------------------------------------------------------------------------

const files::ProcessList& Proofing::cards()
{
    if (!cards_) {
        cards_ = files::listProcesses();
        for (const std::string& t : cards_->trouble) emit said(QString::fromStdString(t));
    }
    return *cards_;
}

void Proofing::readCards()
{
    cards_.reset();
    followProcess();
}

void Proofing::followProcess()
{
    // Without one nothing is read.
    const std::string& id = session_.document().proofing.process;
    proof::Process now;
    if (!id.empty())
        for (const proof::Process& p : cards().cards)
            if (p.id == id) now = p;
    if (now == process_) return;
    process_ = now;
    stale_ = true;
    look();
}

void Proofing::chooseProcess(const std::string& id)
{
    if (session_.document().proofing.process == id) return;
    art::Document d = session_.document();
    d.proofing.process = id;
    session_.take(d, tr("Process"));
}

void Proofing::setWidth(double mm)
{
    art::Document d = session_.document();
    d.proofing.width = std::max(0.0, mm);
    session_.take(d, tr("Real width"), "real-width");
}

// -- what is in hand --------------------------------------------------------------------------------------------------------------

void Proofing::take(std::optional<std::size_t> k)
{
    if (k && *k >= found_.size()) k.reset();
    if (k == inHand_) return;
    inHand_ = k;
    enlarge();
    emit inHandChanged();
}

std::optional<std::size_t> Proofing::takeNext(int by)
{
    if (found_.empty()) return std::nullopt;
    const auto n = static_cast<int>(found_.size());
    const int next = inHand_ ? (static_cast<int>(*inHand_) + by % n + n) % n : by > 0 ? 0 : n - 1;
    take(static_cast<std::size_t>(next));
    return inHand_;
}

double Proofing::lensZoom(const proof::Finding& f)
{
    // A fault of a px or two fills a fifth of the lens; what is long or large is shown at twice its size.
    const bool small = f.on.empty() || f.kind == proof::Fault::endsApart || f.kind == proof::Fault::overshoot || f.kind == proof::Fault::sliver ||
                       f.kind == proof::Fault::narrowGap || f.kind == proof::Fault::thinPart;
    return small && f.kind != proof::Fault::kink ? std::clamp(0.2 * lensSide / std::max(f.size, 0.3), 3.0, 24.0) : 4;
}

void Proofing::enlarge()
{
    lens_ = {};
    enlarging_.drop();
    if (!inHand_) return;
    const proof::Finding& f = found_[*inHand_];
    enlarging_.want(
        ++enlarged_,
        [d = session_.document(), at = f.at, zoom = lensZoom(f)](const Progress& p) {
            constexpr int sharp = 2; // for screens of twice the pixels
            render::Options o;
            o.references = false;
            o.cancelled = [p] { return p.cancelled(); };
            const curve::Affine view =
                curve::translation({lensSide / 2.0 * sharp, lensSide / 2.0 * sharp}) * curve::scaling(zoom * sharp, zoom * sharp) * curve::translation(-at);
            const render::Surface s = render::renderView(d, view, lensSide * sharp, lensSide * sharp, o);
            QImage image = imageOf(s);
            image.setDevicePixelRatio(sharp);
            return image;
        },
        [this](QImage image) {
            lens_ = std::move(image);
            emit inHandChanged();
        });
}

// -- acts -------------------------------------------------------------------------------------------------------------------------

void Proofing::run(const QString& step, std::size_t nodes, const QString& nothing, std::function<proof::Mended(const art::Document&)> work)
{
    acts_.run(step, nodes, [work = std::move(work), nothing](const art::Document& d, const art::Selection&) {
        const proof::Mended m = work(d);
        if (m.done.empty()) return Outcome{{}, {}, nothing};
        return Outcome{m.document, {}, tr("%1. Ctrl+Z takes it back.").arg(QString::fromStdString(proof::said(m)))};
    });
}

void Proofing::mend(std::size_t k)
{
    if (k >= found_.size() || found_[k].mending == proof::Mending::none) return;
    const proof::Finding f = found_[k];
    // Fitting a line anew and uniting an outline may take their time.
    const bool takesTime = f.kind == proof::Fault::manyNodes || f.kind == proof::Fault::selfCrossing;
    run(QString::fromStdString(proof::repairOf(f)), takesTime ? Acts::atOnce + 1 : 0, tr("It has changed meanwhile; nothing was mended."),
        [f](const art::Document& d) { return proof::mended(d, {f}); });
}

void Proofing::mendAll()
{
    run(tr("Mend all"), art::nodeCount(session_.document()), tr("There is nothing to mend."),
        [l = limits()](const art::Document& d) { return proof::mendedWhole(d, l, false); });
}

void Proofing::leave(std::size_t k)
{
    if (k >= found_.size()) return;
    const proof::Finding& f = found_[k];
    art::Document d = session_.document();
    d.proofing.meant.push_back({proof::nameOf(f.kind), f.items.empty() ? 0 : f.items.front(), f.at});
    session_.take(d, tr("Meant so"));
    emit said(tr("It stays as it is and is not told again."));
}

void Proofing::tellAll()
{
    art::Document d = session_.document();
    d.proofing.meant.clear();
    session_.take(d, tr("Tell all again"));
}

} // namespace softrope::app
