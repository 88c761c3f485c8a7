// What comes to the canvas: mouse, pen, wheel, gestures, keys and files.
#include "app/canvas/canvas.h"
#include "app/services/frame_meter.h"
#include "app/services/pens.h"
#include "words/said.h"

#include <QDragEnterEvent>
#include <QGestureEvent>
#include <QGuiApplication>
#include <QInputMethod>
#include <QInputMethodEvent>
#include <QMimeData>
#include <QTabletEvent>
#include <QWheelEvent>

#include <algorithm>

namespace softrope::app {

using curve::Vec2;

namespace {

// While a tool is at work: what changes the document then is the tool's own doing.
struct Acting {
    explicit Acting(bool& flag_) : flag(flag_) { flag = true; }
    ~Acting() { flag = false; }
    Acting(const Acting&) = delete;
    Acting& operator=(const Acting&) = delete;
    bool& flag;
};

} // namespace

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
    const FrameMeter::Part spent(words::marked("tool"));
    if (down)
        tool_->press(p);
    else
        tool_->lift(p);
    updateTyping();
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
    const FrameMeter::Part spent(words::marked("tool"));
    inside_ = true;
    if (panning_) {
        View v = view_;
        v.pan({p.screen.x() - panFrom_.x(), p.screen.y() - panFrom_.y()});
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
    // Only while it touches: a tablet that is left tells of no pressure.
    const Pen pen = penOf(*e->pointingDevice(), e->pressure());
    if (e->type() != QEvent::TabletRelease) penSeen(pen);
    p.pressure = static_cast<float>(shapedPressure(e->pressure(), touchOf(pen.id)));
    p.tiltX = static_cast<float>(e->xTilt());
    p.tiltY = static_cast<float>(e->yTilt());
    p.pen = true;
    // The other end of the pen rubs out, its button picks; the tool in hand comes back after the stroke.
    const bool rubs = e->pointerType() == QPointingDevice::PointerType::Eraser;
    const Qt::MouseButton button = e->button() == Qt::RightButton ? Qt::LeftButton : e->button();
    switch (e->type()) {
    case QEvent::TabletPress:
        setFocus(Qt::MouseFocusReason);
        if (!pressed_ && (rubs || e->button() == Qt::RightButton)) borrow(rubs ? "trim" : "pick");
        pointerDown(button, p);
        break;
    case QEvent::TabletRelease:
        pointerUp(button, p);
        giveBack();
        break;
    default: pointerMove(p);
    }
    e->accept();
}

void Canvas::borrow(const QString& id)
{
    if (borrowedFrom_.isEmpty() && tool_ && tool_->id() != id) {
        const QString own = tool_->id();
        takeTool(id);
        borrowedFrom_ = own;
    }
}

void Canvas::giveBack()
{
    if (!borrowedFrom_.isEmpty()) takeTool(std::exchange(borrowedFrom_, {}));
}

void Canvas::wheelEvent(QWheelEvent* e)
{
    constexpr double across = 60, notchTurn = 5; // px and degrees of a notch
    View v = view_;
    const bool touch = !e->pixelDelta().isNull() && e->source() != Qt::MouseEventNotSynthesized;
    const double notches = e->angleDelta().y() / 120.0;
    if (touch && !(e->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier)))
        v.pan({double(e->pixelDelta().x()), double(e->pixelDelta().y())});
    else if (e->angleDelta().x() != 0 && notches == 0)
        v.pan({e->angleDelta().x() / 120.0 * across, 0});
    else if (e->modifiers().testFlag(Qt::ShiftModifier))
        v.turnAt(paneAt(e->position()), e->position(), curve::radians(notches * notchTurn));
    else
        v.zoomAt(paneAt(e->position()), e->position(), std::pow(1.2, notches));
    changeView(v);
    e->accept();
}

// Keys that act on words while they are typed; all else stays with the commands.
static bool meansWords(const QKeyEvent& k)
{
    static constexpr int plain[] = {Qt::Key_Backspace, Qt::Key_Delete, Qt::Key_Return, Qt::Key_Enter, Qt::Key_Left,  Qt::Key_Right,
                                    Qt::Key_Up,        Qt::Key_Down,   Qt::Key_Home,   Qt::Key_End,   Qt::Key_Escape};
    static constexpr int withControl[] = {Qt::Key_A,     Qt::Key_C,    Qt::Key_X,   Qt::Key_V,         Qt::Key_Left,
                                          Qt::Key_Right, Qt::Key_Home, Qt::Key_End, Qt::Key_Backspace, Qt::Key_Delete};
    const auto among = [&k](const auto& keys) { return std::find(std::begin(keys), std::end(keys), k.key()) != std::end(keys); };
    const auto with = k.modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier);
    if (with == Qt::ControlModifier) return among(withControl);
    if (with != Qt::NoModifier) return false;
    return among(plain) || (!k.text().isEmpty() && k.text().front().isPrint());
}

void Canvas::updateTyping()
{
    const bool wanted = typing();
    if (testAttribute(Qt::WA_InputMethodEnabled) == wanted) return;
    setAttribute(Qt::WA_InputMethodEnabled, wanted);
    QGuiApplication::inputMethod()->update(Qt::ImQueryAll);
}

void Canvas::inputMethodEvent(QInputMethodEvent* e)
{
    if (!typing()) {
        e->ignore();
        return;
    }
    const Acting acting(toolActs_);
    tool_->compose(e->commitString(), e->preeditString());
    QWidget::update();
    QGuiApplication::inputMethod()->update(Qt::ImCursorRectangle);
}

QVariant Canvas::inputMethodQuery(Qt::InputMethodQuery query) const
{
    if (query == Qt::ImEnabled) return typing();
    if (query != Qt::ImCursorRectangle || !typing()) return QWidget::inputMethodQuery(query);
    const auto caret = tool_->caret();
    return caret ? QRectF(toWidget(caret->first), toWidget(caret->second)).normalized() : QRectF();
}

bool Canvas::event(QEvent* e)
{
    if (e->type() == QEvent::ShortcutOverride && typing() && meansWords(*static_cast<QKeyEvent*>(e))) {
        e->accept();
        return true;
    }
    if (e->type() == QEvent::Gesture) {
        if (auto* pinch = static_cast<QPinchGesture*>(static_cast<QGestureEvent*>(e)->gesture(Qt::PinchGesture))) {
            View v = view_;
            const QPointF at = mapFromGlobal(pinch->centerPoint());
            const QPointF moved = pinch->centerPoint() - pinch->lastCenterPoint();
            if (!pinch->lastCenterPoint().isNull()) v.pan({moved.x(), moved.y()});
            v.zoomAt(paneAt(at), at, pinch->scaleFactor());
            v.turnAt(paneAt(at), at, curve::radians(pinch->rotationAngle() - pinch->lastRotationAngle()));
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
    if (typing()) {
        const Acting acting(toolActs_);
        if (!meansWords(*e) || !tool_->key(*e)) QWidget::keyPressEvent(e);
        updateTyping();
        QWidget::update();
        return;
    }
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
    if (e->mimeData()->hasUrls() || e->mimeData()->hasImage() || e->mimeData()->hasFormat(partMime)) e->acceptProposedAction();
}

void Canvas::dropEvent(QDropEvent* e)
{
    if (e->mimeData()->hasFormat(partMime)) {
        emit partDropped(QString::fromUtf8(e->mimeData()->data(partMime)), view_.toSheet(paneAt(e->position()), e->position()));
        e->acceptProposedAction();
        return;
    }
    QStringList paths;
    for (const QUrl& u : e->mimeData()->urls())
        if (u.isLocalFile()) paths << u.toLocalFile();
    // A browser gives the picture itself beside an address that is not looked up.
    if (paths.isEmpty() && e->mimeData()->hasImage())
        emit pictureDropped(qvariant_cast<QImage>(e->mimeData()->imageData()));
    else if (paths.isEmpty())
        say(tr("Only files on this computer can be brought in."));
    else
        emit filesDropped(paths);
    e->acceptProposedAction();
}

} // namespace softrope::app
