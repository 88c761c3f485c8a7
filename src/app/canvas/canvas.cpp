#include "app/canvas/canvas.h"

#include "app/theme/kept_number.h"
#include "art/tree.h"

#include <QSettings>
#include <QTimer>

#include <algorithm>

namespace softrope::app {

using curve::Vec2;

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
    session_.setHand([this] { return pressed_; });
    connect(&session_, &Session::started, this, [this] {
        look_.ink = {};
        compare(0, {}, {});
        followersOf_.reset();
    });
    look_.colour = art::Colour{0x1C, 0x2E, 0x2A};
    const QSettings kept;
    look_.width = keptNumber("look/width", 6, 0.1, 1000);
    snapping_ = kept.value("snapping", true).toBool();
    connect(&session_, &Session::documentChanged, this, [this] {
        instead_.reset();
        // What followed a line in hand stays in sight until it is worked out for good.
        if (session_.deriving() || !toolActs_) following_.clear();
        foreseen_.reset();
        if (!session_.deriving()) {
            if (pressed_ && !toolActs_) dropStroke();
            if (tool_) tool_->changed();
        }
        invalidate();
    });
    connect(&session_, &Session::selectionChanged, this, &Canvas::picksChanged);
    connect(&carried_, &Carried::ready, this, [this] { QWidget::update(); });
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
    // Words and repeats go along while it is still being moved.
    if (!followersOf_ || !(followersOf_->first == session_.document())) followersOf_.emplace(session_.document(), art::followersIn(session_.document()));
    items = art::withFollowers(session_.document(), followersOf_->second, items);
    const bool same = ids(items) == ids(held_);
    held_ = std::move(items);
    if (same)
        QWidget::update();
    else
        invalidate();
    emit heldChanged();
}

void Canvas::carry(const std::vector<art::Id>& items, const curve::Affine& by)
{
    const bool others = carried_.take(items) || !carries_;
    carried_.moveTo(by);
    carries_ = true;
    if (!others) {
        QWidget::update();
        return;
    }
    held_ = art::itemPtrsOf(session_.document(), items);
    invalidate();
}

void Canvas::release()
{
    if (held_.empty()) return;
    if (carries_) {
        carries_ = false;
        held_.clear();
        invalidate();
        lingerUntil_ = version_;
        emit heldChanged();
        return;
    }
    // The next edit usually lands at once: until its picture is there, what was held stays in sight.
    lingering_ = std::move(held_);
    held_.clear();
    invalidate();
    lingerUntil_ = version_;
    emit heldChanged();
    // Given up, not landed: then nothing follows.
    if (!following_.empty())
        QTimer::singleShot(0, this, [this, before = session_.document()] {
            if (held_.empty() && session_.document() == before) setFollowing({});
        });
}

void Canvas::setFollowing(std::vector<art::ItemPtr> items)
{
    if (items.empty() && following_.empty()) return;
    following_ = std::move(items);
    invalidate();
}

art::Document Canvas::shownDocument() const
{
    if (instead_) return *instead_;
    return following_.empty() ? session_.document() : art::withItemsReplaced(session_.document(), following_);
}

void Canvas::foresee(std::optional<Foreseen> outcome)
{
    foreseen_ = std::move(outcome);
    QWidget::update();
}

void Canvas::showInstead(std::optional<art::Document> look)
{
    if (!look && !instead_) return;
    instead_ = std::move(look);
    invalidate();
}

void Canvas::compare(art::Id stage, art::Document d, const QString& name)
{
    comparing_ = stage;
    compared_ = std::move(d);
    comparedName_ = name;
    invalidate();
}

void Canvas::clicksLocked(art::Id locked)
{
    const art::Layer* l = session_.document().layer(locked);
    const art::Item* i = session_.document().item(locked);
    const QString name = l ? QString::fromStdString(l->name) : i && !i->name.empty() ? QString::fromStdString(i->name) : tr("This");
    emit said(tr("%1 is locked. Unlock to change it.").arg(name), locked);
}

double Canvas::kept(const char* key, double otherwise) const
{
    const auto at = settings_.find(QString(key));
    if (at != settings_.end()) return at->second;
    return keptNumber(QString("tools/") + key, otherwise, -1e300, 1e300); // its own range is the setting's
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

void Canvas::setLinesOnTop(bool on)
{
    if (linesOnTop_ == on) return;
    linesOnTop_ = on;
    QWidget::update();
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
    updateTyping();
    picksChanged();
    emit toolChanged();
}

void Canvas::picksChanged()
{
    const bool before = std::exchange(pickedInPicture_, picksInPicture());
    if (before || pickedInPicture_)
        invalidate();
    else
        QWidget::update();
}

void Canvas::escape()
{
    if (pressed_) {
        dropStroke();
        return;
    }
    if (tool_ && tool_->escape()) {
        updateTyping();
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
    v.pan({0, 23});
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

void Canvas::turnBy(double angle)
{
    View v = view_;
    const QPointF at = inside_ ? pointer_.screen : panes().back().rect.center();
    v.turnAt(paneAt(at), at, angle);
    changeView(v);
}

void Canvas::zoomTo(double zoom)
{
    zoomBy(zoom / view_.zoom);
}

} // namespace softrope::app
