#include "app/canvas/canvas.h"

#include "render/render.h"

#include <QDragEnterEvent>
#include <QGestureEvent>
#include <QGuiApplication>
#include <QMimeData>
#include <QPaintEvent>
#include <QSettings>
#include <QTabletEvent>
#include <QWheelEvent>

#include <algorithm>

namespace softrope::app {

using curve::Affine;
using curve::Vec2;

namespace {
constexpr double quick = 7;       // ms: pictures cheaper than this are made at once, on the spot
constexpr double overscan = 0.15; // share of the pane painted beyond each side

// While a tool is at work: what changes the document then is the tool's own doing.
struct Acting {
    explicit Acting(bool& flag_) : flag(flag_) { flag = true; }
    ~Acting() { flag = false; }
    Acting(const Acting&) = delete;
    Acting& operator=(const Acting&) = delete;
    bool& flag;
};
} // namespace

Canvas::Canvas(Session& session, QWidget* parent) : QWidget(parent), session_(session)
{
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setAcceptDrops(true);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setAttribute(Qt::WA_TabletTracking);
    grabGesture(Qt::PinchGesture);
    setMinimumSize(300, 200);
    setAccessibleName(tr("Bench"));
    clock_.start();
    connect(&session_, &Session::started, this, [this] {
        look_.ink = {};
        if (setting(settings::ink) > 0) setSetting(settings::ink, 0);
    });
    look_.colour = art::Colour{0x1C, 0x2E, 0x2A};
    const QSettings kept;
    look_.width = std::clamp(kept.value("look/width", 6.0).toDouble(), 0.1, 1000.0);
    snapping_ = kept.value("snapping", true).toBool();
    connect(&session_, &Session::documentChanged, this, [this] {
        if (!session_.deriving()) {
            if (pressed_ && !toolActs_) dropStroke();
            if (tool_) tool_->changed();
        }
        invalidate();
    });
    connect(&session_, &Session::selectionChanged, this, [this] { QWidget::update(); });
    connect(&session_.pictures(), &PictureStore::ready, this, [this] { invalidate(); });
}

Canvas::~Canvas() = default;

// -- bench --------------------------------------------------------------------------------------------------------

void Canvas::hold(std::vector<art::ItemPtr> items)
{
    const auto ids = [](const std::vector<art::ItemPtr>& v) {
        std::vector<art::Id> out;
        for (const art::ItemPtr& i : v) out.push_back(i->id);
        return out;
    };
    const bool same = ids(items) == ids(held_);
    held_ = std::move(items);
    if (same)
        QWidget::update();
    else
        invalidate();
}

void Canvas::release()
{
    if (held_.empty()) return;
    // The next edit usually lands at once: until its picture is there, what was held stays in sight.
    lingering_ = std::move(held_);
    held_.clear();
    invalidate();
    lingerUntil_ = version_;
}

void Canvas::clicksLocked(art::Id locked)
{
    const art::Layer* l = session_.document().layer(locked);
    const art::Item* i = session_.document().item(locked);
    const std::string name = l ? l->name : i && !i->name.empty() ? i->name : "This";
    emit said(tr("%1 is locked. Unlock to change it.").arg(QString::fromStdString(name)), locked);
}

double Canvas::kept(const char* key, double otherwise) const
{
    const auto at = settings_.find(QString(key));
    if (at != settings_.end()) return at->second;
    return QSettings().value(QString("tools/") + key, otherwise).toDouble();
}

void Canvas::keep(const char* key, double value)
{
    settings_[key] = value;
    QSettings().setValue(QString("tools/") + key, value);
}

void Canvas::setSnapping(bool on)
{
    snapping_ = on;
    QSettings().setValue("snapping", on);
}

void Canvas::setEnds(std::vector<art::OpenEnd> ends, bool all)
{
    const auto same = [](const art::OpenEnd& a, const art::OpenEnd& b) { return a.item == b.item && a.at == b.at; };
    const bool changed = all != allEnds_ || !std::equal(ends.begin(), ends.end(), ends_.begin(), ends_.end(), same);
    ends_ = std::move(ends);
    allEnds_ = all;
    if (changed) invalidate();
}

void Canvas::setPlacing(bool on)
{
    if (placing_ == on) return;
    placing_ = on;
    invalidate();
}

// -- tools --------------------------------------------------------------------------------------------------------

void Canvas::addTool(std::unique_ptr<Tool> tool)
{
    tools_.push_back(std::move(tool));
    if (!tool_) tool_ = tools_.back().get();
}

Tool* Canvas::toolNamed(const QString& id) const
{
    for (const auto& t : tools_)
        if (t->id() == id) return t.get();
    return nullptr;
}

void Canvas::takeTool(const QString& id)
{
    Tool* next = toolNamed(id);
    if (!next || next == tool_) return;
    if (tool_) tool_->leave();
    tool_ = next;
    tool_->taken();
    updateCursor();
    QWidget::update();
    emit toolChanged();
}

void Canvas::escape()
{
    if (pressed_) {
        dropStroke();
        return;
    }
    if (tool_ && tool_->escape()) {
        QWidget::update();
        return;
    }
    takeTool("pick");
}

// -- view ---------------------------------------------------------------------------------------------------------

std::vector<Canvas::Pane> Canvas::panes() const
{
    const QRectF all = rect();
    const bool hidden = view_.referenceHidden;
    if (view_.peekReference) return {{all, true, false}};
    if (view_.peekArtwork || view_.show == Show::alone) return {{all, false, true}};
    if (view_.show == Show::over) return {{all, !hidden, true}};
    if (all.width() < 760) {
        const double h = std::round(all.height() * split_);
        return {{QRectF(all.left(), all.top(), all.width(), h - 2), true, false}, {QRectF(all.left(), h + 2, all.width(), all.height() - h - 2), false, true}};
    }
    const double w = std::round(all.width() * split_);
    return {{QRectF(all.left(), all.top(), w - 2, all.height()), true, false}, {QRectF(w + 2, all.top(), all.width() - w - 2, all.height()), false, true}};
}

QRectF Canvas::paneAt(QPointF p) const
{
    const auto all = panes();
    for (const Pane& pane : all)
        if (pane.rect.contains(p)) return pane.rect;
    return all.back().rect;
}

QPointF Canvas::toWidget(Vec2 sheet) const
{
    return toQt(view_.toScreen(panes().back().rect) * sheet);
}

Pointer Canvas::pointerFrom(QPointF at, Qt::KeyboardModifiers m) const
{
    Pointer p;
    p.screen = at;
    p.sheet = view_.toSheet(pressed_ ? paneAt(pointer_.screen) : paneAt(at), at);
    p.modifiers = m;
    p.time = static_cast<double>(clock_.elapsed()) / 1000;
    return p;
}

void Canvas::changeView(const View& v)
{
    view_ = v;
    for (Base& b : bases_) ++b.wanted;
    QWidget::update();
    emit viewChanged();
}

void Canvas::setView(const View& v)
{
    const bool what = v.squint != view_.squint || v.show != view_.show || v.veil != view_.veil || v.referenceHidden != view_.referenceHidden ||
                      v.peekArtwork != view_.peekArtwork || v.peekReference != view_.peekReference;
    view_ = v;
    if (what) invalidate();
    changeView(v);
}

void Canvas::fitSheet()
{
    View v = view_;
    QRectF pane = panes().back().rect;
    // The sight line floats over the top.
    pane.setTop(pane.top() + 46);
    v.fit(pane, {{0, 0}, {session_.document().sheet.width, session_.document().sheet.height}}, 14);
    v.centre.y -= 23 / v.zoom;
    setView(v);
}

void Canvas::fitSelection()
{
    const curve::Box b = art::bounds(session_.document(), session_.selection().items);
    if (b.empty()) {
        fitSheet();
        return;
    }
    View v = view_;
    v.fit(panes().back().rect, b, 60);
    setView(v);
}

void Canvas::zoomBy(double factor)
{
    View v = view_;
    const QPointF at = inside_ ? pointer_.screen : panes().back().rect.center();
    v.zoomAt(paneAt(at), at, factor);
    changeView(v);
}

void Canvas::zoomTo(double zoom)
{
    zoomBy(zoom / view_.zoom);
}

// -- the cached picture -------------------------------------------------------------------------------------------

void Canvas::invalidate()
{
    ++version_;
    QWidget::update();
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
    for (const art::ItemPtr& i : held_) o.without.push_back(i->id);
    const int w = static_cast<int>(covered.width() * ratio), h = static_cast<int>(covered.height() * ratio);
    const art::Document d = session_.document();
    const quint64 version = version_;
    // The rings of a whole drawing are part of the picture: there may be thousands, and panning moves them with it.
    std::vector<Vec2> rings;
    if (pane.artwork && allEnds_ && !view_.squint)
        for (const art::OpenEnd& e : ends_)
            if (std::none_of(held_.begin(), held_.end(), [&](const art::ItemPtr& i) { return i->id == e.item; })) rings.push_back(e.at);
    const QImage stamp = rings.empty() ? QImage() : openEndStamp(ratio, false);
    const auto draw = [d, toImage, w, h, o, rings, stamp, ratio] {
        QElapsedTimer t;
        t.start();
        const render::Surface s = render::renderView(d, toImage, w, h, o);
        QImage image(reinterpret_cast<const uchar*>(s.pixels.data()), s.width, s.height, static_cast<qsizetype>(s.width) * 4,
                     QImage::Format_ARGB32_Premultiplied);
        image = image.copy();
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
    const art::Sheet& sheet = session_.document().sheet;
    const QRectF page(toQt(toScreen * Vec2{0, 0}), toQt(toScreen * Vec2{sheet.width, sheet.height}));
    p.fillRect(page, colours().sheet);
    p.setPen(QPen(colours().line, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(page.adjusted(-0.5, -0.5, 0.5, 0.5));
    if (!base.image.isNull()) {
        if (const auto back = curve::inverse(base.toImage)) {
            Affine m = toScreen * *back;
            const double ratio = devicePixelRatioF();
            const bool exact = std::abs(m.a * ratio - 1) < 1e-9;
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
    if (pane.artwork)
        for (const auto* items : {&lingering_, &held_})
            for (const art::ItemPtr& i : *items) paintHeld(p, *i, toScreen, 1);
    // A reference that is being moved follows as its frame.
    for (const art::ItemPtr& i : held_)
        if (const art::Reference* r = i->reference()) {
            Marks m(p, toScreen, pane.rect);
            m.line({curve::polyline(art::frame(*r), true)}, marks().geometry, 2, Qt::DashLine);
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
    if (pane.artwork && !view_.squint) {
        const auto& items = session_.selection().items;
        if (tool_ && tool_->marksPicked() && !tool_->showsNodes())
            for (const art::Id id : items)
                if (const art::Item* i = session_.document().item(id); i && i->artwork() && held_.empty()) m.line(i->artwork()->paths, marks().selection, 1.5);
        paintGhosts(m);
        paintEnds(m);
        curve::Box box;
        if (held_.empty())
            box = art::bounds(session_.document(), items);
        else
            for (const art::ItemPtr& i : held_) box.add(art::bounds(*i));
        if (!box.empty() && tool_ && (tool_->id() == "pick" || tool_->id() == "place")) m.brackets(QRectF(m.at(box.min), m.at(box.max)));
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

// -- pointer ------------------------------------------------------------------------------------------------------

void Canvas::updateCursor()
{
    if (panning_)
        setCursor(Qt::ClosedHandCursor);
    else if (spaceHeld_)
        setCursor(Qt::OpenHandCursor);
    else if (zHeld_)
        setCursor(Qt::SizeVerCursor);
    else if (tool_)
        setCursor(tool_->cursor());
}

void Canvas::dispatch(Qt::MouseButton button, bool down, const Pointer& p)
{
    pointer_ = p;
    if (button != Qt::LeftButton || !tool_) return;
    pressed_ = down;
    const Acting acting(toolActs_);
    if (down)
        tool_->press(p);
    else
        tool_->lift(p);
    QWidget::update();
}

void Canvas::endStroke()
{
    panning_ = zoomDrag_ = dragSplit_ = false;
    if (pressed_) dispatch(Qt::LeftButton, false, pointer_);
}

void Canvas::dropStroke()
{
    if (!pressed_) return;
    pressed_ = false;
    if (tool_) tool_->drop();
    release();
    QWidget::update();
}

void Canvas::letKeysGo()
{
    spaceHeld_ = zHeld_ = false;
    updateCursor();
}

void Canvas::focusOutEvent(QFocusEvent* e)
{
    // The keys will be let go elsewhere, and nobody will tell.
    letKeysGo();
    endStroke();
    QWidget::focusOutEvent(e);
}

std::optional<std::size_t> Canvas::dividerAt(QPointF p) const
{
    const auto all = panes();
    if (all.size() != 2 || all[0].rect.contains(p) || all[1].rect.contains(p)) return std::nullopt;
    return 0;
}

void Canvas::pointerDown(Qt::MouseButton button, const Pointer& p)
{
    if (pressed_) { // a second button gives the stroke up
        dropStroke();
        return;
    }
    if (button == Qt::MiddleButton || ((spaceHeld_ || zHeld_) && button == Qt::LeftButton)) {
        panning_ = !zHeld_ || button == Qt::MiddleButton;
        zoomDrag_ = !panning_;
        panFrom_ = pointer_.screen = p.screen;
        updateCursor();
        return;
    }
    if (button == Qt::LeftButton && dividerAt(p.screen)) {
        dragSplit_ = true;
        return;
    }
    dispatch(button, true, p);
}

void Canvas::pointerMove(const Pointer& p)
{
    inside_ = true;
    if (panning_) {
        View v = view_;
        v.centre -= Vec2{p.screen.x() - panFrom_.x(), p.screen.y() - panFrom_.y()} / v.zoom;
        panFrom_ = p.screen;
        changeView(v);
        return;
    }
    if (zoomDrag_) {
        View v = view_;
        v.zoomAt(paneAt(panFrom_), panFrom_, std::exp((pointer_.screen.y() - p.screen.y()) / 150));
        pointer_.screen = p.screen;
        changeView(v);
        return;
    }
    if (dragSplit_) {
        split_ = std::clamp(width() < 760 ? p.screen.y() / height() : p.screen.x() / width(), 0.15, 0.85);
        invalidate();
        return;
    }
    pointer_ = p;
    if (tool_) {
        const Acting acting(toolActs_);
        if (pressed_)
            tool_->drag(pointer_);
        else
            tool_->hover(pointer_);
    }
    if (view_.show == Show::beside || p.pen) QWidget::update();
    emit pointerMoved();
}

void Canvas::pointerUp(Qt::MouseButton button, const Pointer& p)
{
    if (panning_ || zoomDrag_ || dragSplit_) {
        panning_ = zoomDrag_ = dragSplit_ = false;
        updateCursor();
        return;
    }
    if (button == Qt::LeftButton && !pressed_) return; // it was given up
    dispatch(button, false, p);
}

void Canvas::mousePressEvent(QMouseEvent* e)
{
    setFocus(Qt::MouseFocusReason);
    pointerDown(e->button(), pointerFrom(e->position(), e->modifiers()));
}

void Canvas::contextMenuEvent(QContextMenuEvent* e)
{
    // Not in the middle of a stroke.
    if (QGuiApplication::mouseButtons() & Qt::LeftButton) return;
    const bool byKey = e->reason() == QContextMenuEvent::Keyboard;
    emit menuWanted(e->globalPos(), byKey ? pointer_.sheet : pointerFrom(e->pos(), e->modifiers()).sheet);
}

void Canvas::mouseMoveEvent(QMouseEvent* e)
{
    pointerMove(pointerFrom(e->position(), e->modifiers()));
}

void Canvas::mouseReleaseEvent(QMouseEvent* e)
{
    pointerUp(e->button(), pointerFrom(e->position(), e->modifiers()));
}

void Canvas::mouseDoubleClickEvent(QMouseEvent* e)
{
    if (e->button() != Qt::LeftButton || !tool_) return;
    if (dividerAt(e->position())) {
        split_ = 0.5;
        invalidate();
        return;
    }
    pointer_ = pointerFrom(e->position(), e->modifiers());
    const Acting acting(toolActs_);
    tool_->doubleClick(pointer_);
    QWidget::update();
}

void Canvas::tabletEvent(QTabletEvent* e)
{
    Pointer p = pointerFrom(e->position(), e->modifiers());
    p.pressure = static_cast<float>(e->pressure());
    p.tiltX = static_cast<float>(e->xTilt());
    p.tiltY = static_cast<float>(e->yTilt());
    p.pen = true;
    switch (e->type()) {
    case QEvent::TabletPress:
        setFocus(Qt::MouseFocusReason);
        pointerDown(e->button(), p);
        break;
    case QEvent::TabletRelease: pointerUp(e->button(), p); break;
    default: pointerMove(p);
    }
    e->accept();
}

void Canvas::wheelEvent(QWheelEvent* e)
{
    View v = view_;
    const bool touch = !e->pixelDelta().isNull() && e->source() != Qt::MouseEventNotSynthesized;
    if (touch && !e->modifiers().testFlag(Qt::ControlModifier)) {
        v.centre -= Vec2{double(e->pixelDelta().x()), double(e->pixelDelta().y())} / v.zoom;
    } else {
        const double notches = e->angleDelta().y() / 120.0;
        if (e->modifiers().testFlag(Qt::ShiftModifier))
            v.centre.x -= notches * 60 / v.zoom;
        else
            v.zoomAt(paneAt(e->position()), e->position(), std::pow(1.2, notches));
    }
    changeView(v);
    e->accept();
}

bool Canvas::event(QEvent* e)
{
    if (e->type() == QEvent::Gesture) {
        if (auto* pinch = static_cast<QPinchGesture*>(static_cast<QGestureEvent*>(e)->gesture(Qt::PinchGesture))) {
            View v = view_;
            const QPointF at = mapFromGlobal(pinch->centerPoint());
            v.zoomAt(paneAt(at), at, pinch->scaleFactor());
            changeView(v);
            return true;
        }
    }
    return QWidget::event(e);
}

void Canvas::leaveEvent(QEvent*)
{
    inside_ = false;
    QWidget::update();
}

// -- keys ---------------------------------------------------------------------------------------------------------

void Canvas::keyPressEvent(QKeyEvent* e)
{
    if (e->key() == Qt::Key_Space) {
        spaceHeld_ = true;
        updateCursor();
        return;
    }
    if (e->key() == Qt::Key_Z && e->modifiers() == Qt::NoModifier) {
        zHeld_ = true;
        updateCursor();
        return;
    }
    const bool taken = [&] {
        const Acting acting(toolActs_);
        return tool_ && tool_->key(*e);
    }();
    if (taken)
        QWidget::update();
    else
        QWidget::keyPressEvent(e);
}

void Canvas::keyReleaseEvent(QKeyEvent* e)
{
    if (e->isAutoRepeat()) return;
    if (e->key() == Qt::Key_Space) spaceHeld_ = false;
    if (e->key() == Qt::Key_Z) zHeld_ = false;
    updateCursor();
    QWidget::keyReleaseEvent(e);
}

// -- drops --------------------------------------------------------------------------------------------------------

void Canvas::dragEnterEvent(QDragEnterEvent* e)
{
    if (e->mimeData()->hasUrls()) e->acceptProposedAction();
}

void Canvas::dropEvent(QDropEvent* e)
{
    QStringList paths;
    for (const QUrl& u : e->mimeData()->urls())
        if (u.isLocalFile()) paths << u.toLocalFile();
    if (paths.isEmpty())
        say(tr("Only files on this computer can be brought in."));
    else
        emit filesDropped(paths);
    e->acceptProposedAction();
}

} // namespace softrope::app
