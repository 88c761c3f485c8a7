// The canvas on the screen: the cached picture of the artwork, made behind the interface, and what is painted over it.
#include "app/canvas/canvas.h"
#include "app/services/frame_meter.h"

#include "art/tree.h"
#include "render/render.h"
#include "words/said.h"

#include <QPaintEvent>

#include <algorithm>
#include <unordered_set>

namespace softrope::app {

using curve::Affine;
using curve::Vec2;

namespace {
constexpr double quick = 7;       // ms: pictures cheaper than this are made at once, on the spot
constexpr double overscan = 0.15; // share of the pane painted beyond each side
} // namespace

// -- the cached picture -------------------------------------------------------------------------------------------

void Canvas::invalidate()
{
    ++version_;
    QWidget::update();
}

bool Canvas::picksInPicture() const
{
    constexpr std::size_t many = 400; // from here on their outlines are dear to paint with every frame
    return session_.selection().items.size() > many && held_.empty() && !carried_.any() && !view_.squint && tool_ && tool_->marksPicked() &&
           !tool_->showsNodes();
}

const std::vector<art::ItemPtr>& Canvas::heldOneByOne() const
{
    static const std::vector<art::ItemPtr> none;
    return carries_ ? none : held_;
}

bool Canvas::settled() const
{
    return std::none_of(bases_.begin(), bases_.end(), [](const Base& b) { return b.working; });
}

void Canvas::refresh(std::size_t which, const Pane& pane)
{
    Base& base = bases_[which];
    const double ratio = devicePixelRatioF();
    const double mx = std::round(pane.rect.width() * overscan), my = std::round(pane.rect.height() * overscan);
    const QRectF covered = pane.rect.adjusted(-mx, -my, mx, my);
    const Affine toImage = curve::scaling(ratio, ratio) * curve::translation({-covered.left(), -covered.top()}) * view_.toScreen(pane.rect);
    const bool sharp = base.made == version_ && base.toImage == toImage;
    if (sharp || base.working || base.failed == version_) return;
    render::Options o;
    o.references = pane.reference;
    o.artwork = pane.artwork;
    o.referencesBeyondSheet = placing_;
    o.background = true;
    // Seen with the reference, the other half is a ghost; alone it is artwork.
    if (view_.show != Show::alone && !view_.squint && !view_.peekArtwork) {
        const QColor c = marks().ghost;
        o.ghost = {{static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()), static_cast<std::uint8_t>(c.blue())}, 1 / view_.zoom};
    }
    o.veil = view_.peekReference || view_.show == Show::beside ? 1.9 : view_.veil * 1.0;
    o.pictures = [shelf = &session_.pictures()](const art::Reference& r) { return shelf->get(r); };
    for (const art::ItemPtr& i : held_) o.without.insert(i->id);
    const int w = static_cast<int>(covered.width() * ratio), h = static_cast<int>(covered.height() * ratio);
    const bool compares = comparesIn(pane);
    if (compares) {
        o.artwork = true;
        o.ghost.reset();
        o.without.clear();
        o.veil = 1;
    }
    const art::Document d = compares ? compared_ : shownDocument();
    const quint64 version = version_;
    // The rings of a whole drawing are part of the picture: there may be thousands, and panning moves them with it.
    std::vector<Vec2> rings;
    if (pane.artwork && allEnds_ && !view_.squint)
        for (const art::OpenEnd& e : ends_)
            if (std::none_of(held_.begin(), held_.end(), [&](const art::ItemPtr& i) { return i->id == e.item; })) rings.push_back(e.at);
    // So are the outlines of very many that are picked.
    const std::unordered_set<art::Id> outlined = pane.artwork && picksInPicture()
                                                     ? std::unordered_set<art::Id>(session_.selection().items.begin(), session_.selection().items.end())
                                                     : std::unordered_set<art::Id>{};
    const QImage stamp = rings.empty() ? QImage() : openEndStamp(ratio, false);
    const auto draw = [d, toImage, w, h, o, rings, stamp, ratio, outlined, outline = marks().selection] {
        QElapsedTimer t;
        t.start();
        // The picture keeps the surface instead of copying it.
        auto s = std::make_unique<render::Surface>(render::renderView(d, toImage, w, h, o));
        if (s->pixels.empty()) return std::pair(QImage(), static_cast<double>(t.nsecsElapsed()) / 1e6);
        QImage image(
            reinterpret_cast<uchar*>(s->pixels.data()), s->width, s->height, static_cast<qsizetype>(s->width) * 4, QImage::Format_ARGB32_Premultiplied,
            [](void* surface) { delete static_cast<render::Surface*>(surface); }, s.get());
        s.release(); // NOLINT(bugprone-unused-return-value): the picture is its owner now
        if (!outlined.empty()) {
            QPainter p(&image);
            p.setRenderHint(QPainter::Antialiasing);
            p.setPen(QPen(outline, 1.5 * ratio));
            art::eachArtwork(d, art::seen, [&](const art::Item& i, const art::Artwork& a, const art::Where&) {
                if (outlined.count(i.id)) p.drawPath(painterPath(a.paths, toImage));
            });
        }
        if (!rings.empty()) {
            QPainter p(&image);
            const double half = openEndSize * ratio / 2;
            QImage one = stamp;
            one.setDevicePixelRatio(1);
            for (const Vec2 r : rings) {
                const Vec2 at_ = toImage * r;
                if (at_.x > -half && at_.y > -half && at_.x < w + half && at_.y < h + half)
                    p.drawImage(QPointF(std::round(at_.x - half), std::round(at_.y - half)), one);
            }
        }
        return std::pair(image, static_cast<double>(t.nsecsElapsed()) / 1e6);
    };
    const auto accept = [this, which, toImage, version](const QImage& image, double cost) {
        Base& b = bases_[which];
        b.image = image;
        b.toImage = toImage;
        b.made = version;
        b.cost = cost;
        b.working = false;
        if (!lingering_.empty() && version >= lingerUntil_) lingering_.clear();
        if (carried_.any() && !carries_ && version >= lingerUntil_) carried_.drop();
    };
    if (base.cost > 0 && base.cost < quick) {
        const auto [image, cost] = draw();
        accept(image, cost);
        return;
    }
    base.working = true;
    session_.jobs().run<std::pair<QImage, double>>(
        Lane::drawing, this, [draw](const Progress&) { return draw(); },
        [this, accept, which, version](const std::optional<std::pair<QImage, double>>& drawn) {
            if (drawn) {
                accept(drawn->first, drawn->second);
            } else {
                // It failed, which was said: the last picture stays until something changes.
                bases_[which].working = false;
                bases_[which].failed = version;
            }
            QWidget::update();
            emit refined();
        },
        Jobs::For::anyPiece);
}

// -- painting -----------------------------------------------------------------------------------------------------

void Canvas::paintPane(QPainter& p, std::size_t which, const Pane& pane)
{
    refresh(which, pane);
    const Base& base = bases_[which];
    const Affine toScreen = view_.toScreen(pane.rect);
    p.save();
    p.setClipRect(pane.rect);
    p.fillRect(pane.rect, colours().bench);
    const art::Sheet& sheet = comparesIn(pane) ? compared_.sheet : session_.document().sheet;
    if (view_.turn == 0) {
        const QRectF page(toQt(toScreen * Vec2{0, 0}), toQt(toScreen * Vec2{sheet.width, sheet.height}));
        p.fillRect(page, colours().sheet);
        p.setPen(QPen(colours().line, 1));
        p.setBrush(Qt::NoBrush);
        p.drawRect(page.adjusted(-0.5, -0.5, 0.5, 0.5));
    } else {
        QPolygonF page;
        for (const Vec2 corner : {Vec2{0, 0}, Vec2{sheet.width, 0}, Vec2{sheet.width, sheet.height}, Vec2{0, sheet.height}}) page << toQt(toScreen * corner);
        p.setRenderHint(QPainter::Antialiasing);
        p.setPen(QPen(colours().line, 1));
        p.setBrush(colours().sheet);
        p.drawPolygon(page);
        p.setRenderHint(QPainter::Antialiasing, false);
    }
    if (!base.image.isNull()) {
        if (const auto back = curve::inverse(base.toImage)) {
            Affine m = toScreen * *back;
            const double ratio = devicePixelRatioF();
            const bool exact = std::abs(m.a * ratio - 1) < 1e-9 && std::abs(m.b) < 1e-9;
            if (exact) {
                // Moved by whole pixels, it stays sharp and is copied, not filtered.
                m.e = std::round(m.e * ratio) / ratio;
                m.f = std::round(m.f * ratio) / ratio;
            }
            p.save();
            p.setTransform(QTransform(m.a, m.b, m.c, m.d, m.e, m.f), true);
            p.setRenderHint(QPainter::SmoothPixmapTransform, !exact);
            QImage image = base.image;
            if (view_.squint) {
                // Seen through half-closed eyes: shrunk and stretched again.
                const QSize small(std::max(1, image.width() / 14), std::max(1, image.height() / 14));
                image = image.scaled(small, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                            .scaled(base.image.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
            }
            p.drawImage(QPointF(0, 0), image);
            p.restore();
        }
    }
    p.setRenderHint(QPainter::Antialiasing);
    if (pane.artwork) {
        for (const art::ItemPtr& i : lingering_) paintHeld(p, *i, toScreen, 1);
        for (const art::ItemPtr& i : heldOneByOne()) paintHeld(p, *i, toScreen, 1);
    }
    if (carried_.any() && (pane.artwork || placing_)) carried_.paint(p, pane.rect, toScreen, devicePixelRatioF());
    if (comparesIn(pane)) {
        p.setFont(typeface("small", true));
        const QRectF chip(pane.rect.left() + 12, pane.rect.top() + 68, p.fontMetrics().horizontalAdvance(comparedName_) + 20, 26);
        p.setPen(Qt::NoPen);
        p.setBrush(colours().text);
        p.drawRoundedRect(chip, 6, 6);
        p.setPen(colours().card);
        p.drawText(chip, Qt::AlignCenter, comparedName_);
        p.restore();
        return;
    }
    // A reference or an island that is being moved follows as its frame.
    for (const art::ItemPtr& i : heldOneByOne())
        if (const art::Reference* r = i->reference()) {
            Marks m(p, toScreen, pane.rect);
            m.line({curve::polyline(art::frame(*r), true)}, marks().geometry, 2, Qt::DashLine);
        } else if (i->island()) {
            Marks m(p, toScreen, pane.rect);
            m.line({curve::polyline(art::frame(*i->island()), true)}, marks().geometry, 2, Qt::DashLine);
        }
    p.restore();
}

void Canvas::paintEnds(Marks& m)
{
    if (allEnds_) return; // in the picture
    for (const art::OpenEnd& e : ends_) {
        if (!session_.selection().has(e.item)) continue;
        if (std::any_of(held_.begin(), held_.end(), [&](const art::ItemPtr& i) { return i->id == e.item; })) continue;
        if (rect().adjusted(-20, -20, 20, 20).contains(m.at(e.at).toPoint())) m.openEnd(e.at, false);
    }
}

void Canvas::paintOverlay(QPainter& p, const Pane& pane)
{
    p.save();
    p.setClipRect(pane.rect);
    p.setRenderHint(QPainter::Antialiasing);
    const Affine toScreen = view_.toScreen(pane.rect);
    Marks m(p, toScreen, pane.rect);
    if (!view_.squint && !view_.peekReference)
        for (const art::Guide& g : session_.document().guides) m.guide(g, false);
    if (const art::Aids shown = aids(); shown.shown && !view_.squint && !view_.peekReference) {
        QColor aid = marks().geometry;
        aid.setAlphaF(static_cast<float>(setting(settings::aidStrength) / 100));
        QColor halo = marks().halo;
        halo.setAlphaF(0.6F * static_cast<float>(aid.alphaF()));
        const curve::Paths lines = art::aidLines(session_.document().sheet, shown).lines;
        m.line(lines, halo, 3); // seen on dark artwork too
        m.line(lines, aid, 1.2);
    }
    if (pane.artwork && !view_.squint) {
        if (tool_ && tool_->marksPicked() && !tool_->showsNodes() && held_.empty() && !picksInPicture())
            for (const art::Item* i : gathered().picked)
                if (i->artwork()) m.line(i->artwork()->paths, marks().selection, 1.5);
        paintGhosts(m);
        paintEnds(m);
        curve::Box box;
        if (held_.empty())
            box = gathered().around;
        else if (carries_)
            box = carried_.box();
        else
            for (const art::ItemPtr& i : held_) // not round what only goes along
                if (session_.selection().has(i->id)) box.add(art::bounds(*i));
        if (!box.empty() && tool_ && (tool_->id() == "pick" || tool_->id() == "place")) {
            // Square to the sheet, however it lies.
            QRectF around({}, QSizeF(box.width() * view_.zoom, box.height() * view_.zoom));
            around.moveCenter(m.at(box.centre()));
            m.brackets(around, view_.turn);
        }
    }
    if (linesOnTop_ && pane.artwork && !view_.squint) {
        constexpr std::size_t most = 20000; // nodes: more would be in the way of the hand
        std::size_t nodes = 0;
        const curve::Box seen = paneBox();
        art::eachArtwork(session_.document(), {false, true, false, false}, [&](const art::Item& i, const art::Artwork& a, const art::Where& w) {
            if (!w.shown || a.guide || !a.stroke.colour || nodes > most || !art::bounds(i).meets(seen)) return;
            nodes += curve::nodeCount(a.paths);
            m.line(a.paths, QColor(a.stroke.colour->r, a.stroke.colour->g, a.stroke.colour->b), std::max(1.0, a.stroke.width * view_.zoom));
        });
    }
    if (foreseen_ && pane.artwork) {
        m.line(foreseen_->outlines, marks().geometry, 2.5);
        const curve::Box b = curve::bounds(foreseen_->outlines);
        if (!b.empty() && !foreseen_->words.isEmpty()) m.chip({b.centre().x, b.min.y}, foreseen_->words);
    }
    if (preview_ && !view_.squint && pane.artwork) preview_(m);
    if (tool_ && !view_.squint) tool_->paint(m);
    if (view_.show == Show::beside && inside_ && !view_.peekReference && !view_.peekArtwork) {
        // The same place in both panes.
        const QPointF c = m.at(pointer_.sheet);
        p.setPen(QPen(marks().geometry, 1));
        p.drawLine(c - QPointF(9, 0), c + QPointF(9, 0));
        p.drawLine(c - QPointF(0, 9), c + QPointF(0, 9));
    }
    p.restore();
}

void Canvas::paintEvent(QPaintEvent*)
{
    const FrameMeter::Part spent(words::marked("painting"));
    QElapsedTimer t;
    t.start();
    QPainter p(this);
    const auto all = panes();
    p.fillRect(rect(), colours().desk);
    for (std::size_t i = 0; i < all.size(); ++i) paintPane(p, i, all[i]);
    for (const Pane& pane : all) paintOverlay(p, pane);
    lastFrame_ = static_cast<double>(t.nsecsElapsed()) / 1e6;
}

void Canvas::resizeEvent(QResizeEvent*)
{
    QWidget::update();
}

} // namespace softrope::app
