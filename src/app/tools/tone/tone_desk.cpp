#include "app/tools/tone/tone_desk.h"

#include "app/canvas/tool.h"
#include "app/tools/place/place_acts.h"

#include <algorithm>
#include <cmath>

namespace softrope::app {

using curve::Vec2;

namespace {

constexpr double quickPixels = 7e5; // enough for a screen, and well under 50 ms

} // namespace

ToneDesk::ToneDesk(Session& session, Deriver& deriver) : session_(session), deriver_(deriver)
{
    connect(&deriver_, &Deriver::changed, this, [this] { repaint(); });
    connect(&session_, &Session::documentChanged, this, [this] {
        // What is only shown was built on what is there no more.
        if (!session_.deriving()) held_.reset();
        renew();
    });
    connect(&session_, &Session::selectionChanged, this, [this] {
        if (watched_) repaint();
    });
    connect(&session_.pictures(), &PictureStore::ready, this, [this] { renew(); });
}

const art::Item* ToneDesk::item() const
{
    const art::Document& d = session_.document();
    for (const art::Id id : session_.selection().items)
        if (const art::Id stack = art::stackOf(d, id)) return d.item(stack);
    if (const art::Layer* on = d.layer(session_.selection().layer))
        for (const art::ItemPtr& i : on->items)
            if (i->group() && i->group()->tones()) return i.get();
    return d.item(art::topmostStack(d));
}

const art::ToneStack* ToneDesk::tones() const
{
    const art::Item* i = item();
    return i ? i->group()->tones() : nullptr;
}

bool ToneDesk::live() const
{
    const art::ToneStack* t = tones();
    return t && !t->set;
}

const tone::Stack* ToneDesk::stack() const
{
    if (held_) return &*held_;
    const art::ToneStack* t = tones();
    return t ? &t->stack : nullptr;
}

const art::Item* ToneDesk::picture() const
{
    if (const art::ToneStack* t = tones())
        if (const art::Item* i = session_.document().item(t->reference); i && i->reference()) return i;
    return referenceInHand(session_.document(), session_.selection());
}

curve::Affine ToneDesk::toSheet() const
{
    const art::Item* i = picture();
    return i ? art::placement(*i->reference()) : curve::Affine{};
}
curve::Affine ToneDesk::toPicture() const
{
    return inverse(toSheet()).value_or(curve::Affine{});
}

void ToneDesk::setWatched(bool on)
{
    watched_ = on;
    if (!on) held_.reset();
    renew();
}

void ToneDesk::begin(int tones)
{
    if (!picture()) {
        emit said(tr("There is no picture to cut into tones. Bring one in with Ctrl+I."));
        return;
    }
    wanted_ = std::clamp(tones, 2, 16);
    if (!ready()) {
        prepare();
        emit changed();
        return;
    }
    const int n = wanted_;
    wanted_ = 0;
    if (live() && byColour()) {
        take(tone::withColours(*levels_, *stack(), n), tr("%1 colours").arg(n));
        return;
    }
    if (live()) {
        tone::Stack s = *stack();
        s.cuts = tone::cutsFor(counts_, n);
        s.paint.clear();
        take(s, tr("%1 tones").arg(n));
        return;
    }
    tone::Stack s;
    s.cuts = tone::cutsFor(counts_, n);
    const double scale = std::max(1e-9, curve::meanScale(toSheet()));
    s.slack = 1.2 / scale; // sheet px
    s.smallest = 40 / (scale * scale);
    const art::Added a = art::withToneStack(session_.document(), picture()->id, s);
    if (!a.id) return;
    art::Selection now = session_.selection();
    now.items.clear();
    now.nodes.clear();
    session_.take(a.document, now, tr("Tone stack"));
}

void ToneDesk::setByColour(bool on)
{
    if (!stack() || !ready() || on == byColour()) return;
    const tone::Stack s = *stack();
    take(on ? tone::withColours(*levels_, s, static_cast<int>(tone::toneCount(s))) : tone::withoutColours(*levels_, s),
         on ? tr("Cut by colour") : tr("Cut by lightness"));
}

void ToneDesk::splitColour(std::size_t k)
{
    if (!byColour() || !ready()) return;
    tone::Stack s = tone::withColourSplit(*levels_, tone::shifted(*stack(), -offset_), k);
    s = tone::shifted(std::move(s), offset_);
    if (s.colours.size() == stack()->colours.size()) {
        emit said(tr("This colour cannot be split: its pixels are alike, or there are %1 colours already.").arg(tone::mostColours));
        return;
    }
    take(std::move(s), tr("Split colour"));
}

void ToneDesk::mergeColours(std::size_t into, std::size_t gone)
{
    if (!byColour()) return;
    tone::Stack s = tone::withColoursMerged(*stack(), into, gone, shares_);
    if (s.colours.size() == stack()->colours.size()) {
        emit said(tr("Two colours are the fewest."));
        return;
    }
    take(std::move(s), tr("Merge colours"));
}

void ToneDesk::addColour(Vec2 at)
{
    const auto c = colourAt(at);
    if (!c || !byColour()) return;
    tone::Stack s = tone::withColourAdded(*stack(), *c);
    if (s.colours.size() == stack()->colours.size()) {
        emit said(tr("%1 colours are the most.").arg(tone::mostColours));
        return;
    }
    take(std::move(s), tr("Add colour"));
}

std::optional<pixel::Rgba> ToneDesk::colourAt(Vec2 p) const
{
    if (!ready()) return std::nullopt;
    const Vec2 at = (toPicture() * p - offset_) / levels_->shrink;
    const int x = static_cast<int>(std::floor(at.x)), y = static_cast<int>(std::floor(at.y));
    if (!levels_->colours.inside(x, y)) return std::nullopt;
    return levels_->colours.at(x, y);
}

void ToneDesk::show(tone::Stack s)
{
    held_ = std::move(s);
    repaint();
}

void ToneDesk::take(tone::Stack s, const QString& name, const QString& burst)
{
    held_.reset();
    if (!tones()) return;
    if (tones()->set) {
        emit said(tr("These tones are set. \"Live again\" on the card goes back to the stack."));
        repaint();
        return;
    }
    session_.take(art::withStack(session_.document(), item()->id, s), name, burst);
    repaint();
}

void ToneDesk::letGo()
{
    if (!held_) return;
    held_.reset();
    repaint();
}

int ToneDesk::patch() const
{
    const tone::Stack* s = stack();
    return s && patch_ < static_cast<int>(s->patches.size()) ? patch_ : -1;
}

void ToneDesk::pickPatch(int patch)
{
    patch_ = patch;
    emit changed();
}

void ToneDesk::dropPatch()
{
    if (patch() < 0) return;
    tone::Stack s = *stack();
    s.patches.erase(s.patches.begin() + patch_);
    patch_ = -1;
    take(std::move(s), tr("Drop patch"));
}

void ToneDesk::set()
{
    const art::Item* i = item();
    if (!live()) return;
    if (art::wantsTones(session_.document(), *i)) {
        emit said(tr("The shapes are still being worked out. Once more, in a moment."));
        return;
    }
    const std::size_t n = i->group()->items.size();
    art::Selection s = session_.selection();
    s.layer = session_.document().layerOf(i->id)->id;
    session_.take(art::withTonesSet(session_.document(), i->id), s, tr("Make areas"));
    emit said(tr("%1 areas can be edited like any other. Ctrl+Z, or \"Live again\", brings the stack back.").arg(n));
}

void ToneDesk::revive()
{
    if (!tones() || !tones()->set) return;
    session_.take(art::withTonesLive(session_.document(), item()->id), tr("Live again"));
}

// -- work -----------------------------------------------------------------------------------------------------------------------

void ToneDesk::renew()
{
    const art::Item* i = picture();
    const art::Reference* r = i ? i->reference() : nullptr;
    if (levels_ && (!r || r->picture.get() != levelsFile_ || !(Look::of(*r) == levelsLook_))) {
        levels_.reset();
        quick_ = {};
    }
    if (watched_ || wanted_) {
        if (!levels_)
            prepare();
        else
            repaint();
    }
    emit changed();
}

void ToneDesk::prepare()
{
    const art::Item* i = picture();
    if (!i || preparing_ || !i->reference()->picture) return;
    preparing_ = true;
    struct Result {
        std::shared_ptr<const tone::Levels> levels;
        Vec2 offset;
    };
    session_.jobs().run<Result>(
        Lane::working, this,
        [shelf = &session_.pictures(), r = *i->reference()](const Progress&) {
            Result out;
            if (const auto p = shelf->wait(r)) {
                const art::ShownPixels part = art::shownPixels(p, r);
                out.levels = std::make_shared<const tone::Levels>(tone::levelsOf(*part.pixels, quickPixels));
                out.offset = part.offset;
            }
            return out;
        },
        [this, file = i->reference()->picture.get(), look = Look::of(*i->reference())](const std::optional<Result>& r) {
            preparing_ = false;
            if (!r) {
                wanted_ = 0;
                return;
            }
            levels_ = r->levels;
            offset_ = r->offset;
            levelsFile_ = file;
            levelsLook_ = look;
            if (!levels_) return;
            repaint();
            if (wanted_) begin(wanted_);
            renew(); // it may be another picture by now
        });
}

void ToneDesk::stop()
{
    if (!deriver_.working()) return;
    deriver_.stop();
    emit said(tr("Stopped. The shapes are worked out again with the next change."));
}

curve::Paths ToneDesk::silhouette() const
{
    const tone::Stack* s = stack();
    if (s && s->bound.nodes.size() > 1) return {s->bound};
    curve::Paths out;
    const curve::Affine m = toPicture();
    for (const art::Id id : session_.selection().items)
        if (const art::Item* i = session_.document().item(id); i && i->artwork())
            for (const curve::Path& p : i->artwork()->paths)
                if (p.closed) out.push_back(curve::transformed(p, m));
    return out;
}

// The quick picture, the counts and shares.
void ToneDesk::repaint()
{
    quick_ = {};
    if (!ready()) {
        emit changed();
        return;
    }
    const curve::Paths within = silhouette();
    // As the stack sees it: a patch changes what counts as dark.
    const bool patches = stack() && !stack()->patches.empty();
    const pixel::Raster<float> after = patches ? tone::patched(*levels_, tone::shifted(*stack(), -offset_)) : pixel::Raster<float>();
    const pixel::Raster<float>& level = patches ? after : levels_->level;
    if (within.empty()) {
        counts_ = tone::countsOf(level);
    } else {
        curve::Paths here;
        for (const curve::Path& p : within) here.push_back(curve::transformed(p, curve::translation(-offset_)));
        const auto mask = tone::maskOf(*levels_, here);
        counts_ = tone::countsOf(level, &mask);
    }
    if (const tone::Stack* s = stack()) {
        const tone::Stack here = tone::shifted(*s, -offset_);
        tones_ = tone::quickTones(*levels_, here, &level);
        paints_ = tone::paintsOf(*levels_, tones_, here);
        shares_.assign(paints_.size(), 0);
        double all = 0;
        for (const std::uint8_t t : tones_.data)
            if (t < shares_.size()) {
                shares_[t] += 1;
                all += 1;
            }
        for (double& v : shares_) v /= std::max(1.0, all);
        const art::Item* i = item();
        // A stack that is set is artwork; one that is up to date is seen as its shapes.
        if (held_ || (i && art::wantsTones(session_.document(), *i))) {
            quick_ = QImage(tones_.width, tones_.height, QImage::Format_ARGB32_Premultiplied);
            std::array<QRgb, 256> table{};
            for (std::size_t k = 0; k < paints_.size(); ++k) table[k] = qRgb(paints_[k].r, paints_[k].g, paints_[k].b);
            for (int y = 0; y < tones_.height; ++y) {
                auto* row = reinterpret_cast<QRgb*>(quick_.scanLine(y));
                const std::uint8_t* from = tones_.row(y);
                for (int x = 0; x < tones_.width; ++x) row[x] = table[from[x]];
            }
        }
    } else {
        tones_ = {};
        paints_.clear();
        shares_.clear();
    }
    emit changed();
}

std::optional<ToneDesk::Balance> ToneDesk::balance(double wanted) const
{
    const tone::Stack* s = stack();
    if (!s || s->cuts.empty() || !s->colours.empty() || !ready()) return std::nullopt;
    Balance b;
    b.level = tone::cutForShare(counts_, wanted);
    for (std::size_t k = 0; k < s->cuts.size(); ++k)
        if (std::abs(s->cuts[k] - b.level) < std::abs(s->cuts[b.cut] - b.level)) b.cut = k;
    b.dark = tone::darkShare(counts_, s->cuts[b.cut]);
    return b;
}

std::optional<double> ToneDesk::levelAt(Vec2 p) const
{
    if (!ready()) return std::nullopt;
    const Vec2 at = (toPicture() * p - offset_) / levels_->shrink;
    const int x = static_cast<int>(std::floor(at.x)), y = static_cast<int>(std::floor(at.y));
    if (!levels_->level.inside(x, y)) return std::nullopt;
    return static_cast<double>(levels_->level.at(x, y));
}

int ToneDesk::toneAt(Vec2 p) const
{
    if (!ready() || tones_.empty()) return -1;
    const Vec2 at = (toPicture() * p - offset_) / levels_->shrink;
    const int x = static_cast<int>(std::floor(at.x)), y = static_cast<int>(std::floor(at.y));
    if (!tones_.inside(x, y) || tones_.at(x, y) == tone::outOfBounds) return -1;
    return tones_.at(x, y);
}

int ToneDesk::specksBelow(double limit) const
{
    const art::Item* stack = item();
    if (!stack) return 0;
    const double scale = std::max(1e-9, curve::meanScale(toSheet()));
    int n = 0;
    for (const art::ItemPtr& i : stack->group()->items)
        if (const art::Artwork* a = i->artwork())
            for (const curve::Path& p : a->paths) n += std::abs(curve::area(p)) < limit * scale * scale;
    return n;
}

QString ToneDesk::toneName(std::size_t tone) const
{
    const tone::Stack* s = stack();
    if (s && !s->colours.empty()) return tr("Colour %1").arg(tone + 1);
    const std::size_t n = s ? s->cuts.size() + 1 : 0;
    if (n == 2) return tone == 0 ? tr("Dark") : tr("Light");
    if (n == 3) return tone == 0 ? tr("Dark") : tone == 1 ? tr("Middle") : tr("Light");
    if (n == 5) return QStringList{tr("Deep"), tr("Shade"), tr("Middle"), tr("Light"), tr("Paper")}.value(static_cast<int>(tone));
    return tr("Tone %1").arg(tone + 1);
}

// -- on the sheet -----------------------------------------------------------------------------------------------------------------

void ToneDesk::paint(Marks& m) const
{
    if (!watched_) return;
    if (!quick_.isNull() && ready()) {
        const curve::Affine t = m.toScreen() * toSheet() * curve::translation(offset_) * curve::scaling(levels_->shrink, levels_->shrink);
        QPainter& p = m.painter();
        p.save();
        p.setTransform(QTransform(t.a, t.b, t.c, t.d, t.e, t.f), true);
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawImage(QPointF(0, 0), quick_);
        p.restore();
    }
}

} // namespace softrope::app
