#include "app/window/layer_list.h"
#include "app/services/frame_meter.h"

#include "app/canvas/tool.h"
#include "app/services/jobs.h"
#include "app/theme/images.h"
#include "app/theme/theme.h"
#include "app/widgets/widgets.h"
#include "art/edits.h"
#include "render/render.h"
#include "words/said.h"

#include <QContextMenuEvent>
#include <QHBoxLayout>
#include <QItemSelection>
#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

#include <algorithm>
#include <utility>

namespace softrope::app {

namespace {

constexpr int rowHeight = 30, step = 16, ratio = 2;
constexpr std::size_t mostSmall = 600; // pictures kept

// The icon that tells what a row is; nothing for what is shown by its picture.
QString iconOf(const LayerModel& rows, const QModelIndex& at)
{
    const art::ItemPtr i = rows.itemAt(at);
    if (!i) {
        const art::LayerPtr l = rows.layerAt(at);
        return l && l->items.size() == 1 && l->items.front()->reference() ? "reference" : QString();
    }
    if (i->reference()) return "reference";
    if (i->island()) return {};
    if (const art::Group* g = i->group()) return g->tones() ? "tone-steps" : g->facets() || g->mesh() ? "facets" : g->repeat() ? "repeat" : QString();
    return i->artwork()->drop() ? "colour-drop" : i->artwork()->combined() ? "union" : QString();
}

// Thin lines would vanish at this size.
art::ItemPtr thick(const art::ItemPtr& i, double least)
{
    art::Item out = *i;
    out.shown = true;
    if (art::Artwork* a = std::get_if<art::Artwork>(&out.is)) {
        a->guide = false;
        if (a->stroke.colour && a->stroke.width < least) a->stroke.width = least;
        return art::shared(std::move(out));
    }
    std::vector<art::ItemPtr> below;
    for (const art::ItemPtr& c : art::childrenOf(*i)) below.push_back(thick(c, least));
    return below.empty() ? art::shared(std::move(out)) : art::shared(art::withChildren(out, std::move(below)));
}

QImage smallPicture(const art::Sheet& sheet, const std::vector<art::ItemPtr>& items, const curve::Box& seen)
{
    const double w = std::max(1e-6, seen.width()), h = std::max(1e-6, seen.height());
    const double scale = std::min(28 / w, 21 / h) * ratio;
    art::Document only;
    only.sheet = sheet;
    only.sheet.hasBackground = false;
    art::Layer l;
    for (const art::ItemPtr& i : items) l.items.push_back(thick(i, 1.1 / scale * ratio));
    only.layers = {art::shared(std::move(l))};
    const int px = std::max(1, static_cast<int>(w * scale)), py = std::max(1, static_cast<int>(h * scale));
    const render::Surface s = render::renderView(only, curve::scaling(scale, scale) * curve::translation(-seen.min), px, py, {});
    if (s.width == 0) return {};
    QImage image = imageOf(s);
    image.setDevicePixelRatio(ratio);
    return image;
}

// Rows side by side are one range: a selection of thousands of single rows costs their square.
QItemSelection inRanges(QModelIndexList rows)
{
    const auto before = [](const QModelIndex& a, const QModelIndex& b) {
        const QModelIndex pa = a.parent(), pb = b.parent();
        return pa == pb ? a.row() < b.row() : pa < pb;
    };
    std::sort(rows.begin(), rows.end(), before);
    QItemSelection out;
    for (qsizetype from = 0; from < rows.size();) {
        qsizetype to = from;
        while (to + 1 < rows.size() && rows[to + 1].row() == rows[to].row() + 1 && rows[to + 1].parent() == rows[from].parent()) ++to;
        out.append(QItemSelectionRange(rows[from], rows[to]));
        from = to + 1;
    }
    return out;
}

class RowPainter : public QStyledItemDelegate {
public:
    RowPainter(Session& session, LayerTree& tree) : QStyledItemDelegate(&tree), session_(session), tree_(tree) {}

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {100, rowHeight}; }

    void paint(QPainter* p, const QStyleOptionViewItem& o, const QModelIndex& at) const override
    {
        const Palette& c = colours();
        LayerModel& rows = tree_.rows();
        const art::LayerPtr layer = rows.layerAt(at);
        const art::ItemPtr item = rows.itemAt(at);
        const bool shown = layer ? layer->shown : item->shown, locked = layer ? layer->locked : item->locked;
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const QRect r = o.rect;
        const QRectF box(r.left() + 4, r.top() + 3.5, 30, 23);
        p->setPen(QPen(c.line, 1));
        p->setBrush(c.sheetTrue);
        const QString icon = iconOf(rows, at);
        if (icon.isEmpty()) {
            p->drawRect(box);
            const QImage small = tree_.thumbnail(at);
            if (!small.isNull())
                p->drawImage(QPointF(box.center().x() - small.width() / (2.0 * ratio), box.center().y() - small.height() / (2.0 * ratio)), small);
        } else {
            p->drawPixmap(QPointF(box.center().x() - 8, box.center().y() - 8), iconPixmap(icon, c.textMuted, 16, tree_.devicePixelRatioF()));
        }
        QFont name = typeface("body");
        if (layer && layer->id == session_.selection().layer) name.setWeight(QFont::Bold);
        p->setFont(name);
        p->setPen(shown ? c.text : c.textMuted);
        const int from = r.left() + 42, room = r.right() - 62 - from;
        p->drawText(QRectF(from, r.top(), room, r.height()), Qt::AlignVCenter,
                    QFontMetricsF(name).elidedText(at.data(Qt::DisplayRole).toString(), Qt::ElideRight, room));
        // Both pictures are always there for layers; on things only what is set apart.
        if (layer || !shown || o.state.testFlag(QStyle::State_MouseOver))
            p->drawPixmap(tree_.showBox(r).topLeft(), iconPixmap(shown ? "show" : "hide", shown ? c.text : c.disabledText, 17, tree_.devicePixelRatioF()));
        if (layer || locked || o.state.testFlag(QStyle::State_MouseOver))
            p->drawPixmap(tree_.lockBox(r).topLeft(), iconPixmap(locked ? "lock" : "unlock", locked ? c.text : c.disabledText, 17, tree_.devicePixelRatioF()));
        p->restore();
    }

    void updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& o, const QModelIndex&) const override
    {
        editor->setGeometry(o.rect.adjusted(40, 2, -60, -2));
    }

private:
    Session& session_;
    LayerTree& tree_;
};

} // namespace

// -- rows -------------------------------------------------------------------------------------------------------------------------

LayerTree::LayerTree(Session& session, QWidget* parent) : QTreeView(parent), session_(session), model_(session)
{
    setModel(&model_);
    setItemDelegate(new RowPainter(session_, *this));
    setHeaderHidden(true);
    setUniformRowHeights(true);
    setIndentation(step);
    setFrameShape(QFrame::NoFrame);
    setMouseTracking(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    setDragDropMode(QAbstractItemView::DragDrop);
    setDefaultDropAction(Qt::MoveAction);
    setDropIndicatorShown(true);
    setExpandsOnDoubleClick(false);
    setAccessibleName(tr("Layers"));
    // Rows paint their own ground; the view would lay its highlight over the darts.
    QPalette plain = palette();
    plain.setColor(QPalette::Highlight, Qt::transparent);
    setPalette(plain);
    viewport()->setAutoFillBackground(false);
    setAutoFillBackground(false);
    // What is open stays so.
    connect(this, &QTreeView::expanded, this, [this](const QModelIndex& at) { open_.insert(model_.idOf(at)); });
    connect(this, &QTreeView::collapsed, this, [this](const QModelIndex& at) { open_.erase(model_.idOf(at)); });
    connect(&model_, &LayerModel::rebuilt, this, [this] {
        const bool before = std::exchange(following_, true);
        for (const art::Id id : std::set<art::Id>(open_))
            if (const QModelIndex at = model_.indexOf(id); at.isValid()) setExpanded(at, true);
        following_ = before; // it may be in the middle of following
    });
    connect(&model_, &LayerModel::said, this, &LayerTree::said);
    connect(selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] { pickRows(); });
}

void LayerTree::refresh()
{
    const FrameMeter::Part spent(words::marked("layers"));
    following_ = true;
    model_.refresh();
    // What is picked on the bench is picked here.
    const art::Selection& s = session_.selection();
    QModelIndexList picked;
    for (const art::Id id : s.items)
        if (const QModelIndex at = model_.indexOf(id); at.isValid()) picked << at;
    if (s.items.empty())
        if (const QModelIndex at = model_.indexOf(s.layer); at.isValid()) picked << at;
    const QModelIndex first = picked.isEmpty() ? QModelIndex() : picked.front();
    const QItemSelection rows = inRanges(std::move(picked));
    if (rows != selectionModel()->selection()) {
        selectionModel()->select(rows, QItemSelectionModel::ClearAndSelect);
        // A pick on the bench opens nothing here: what is open is the hand's business.
        setAutoScroll(false);
        if (first.isValid()) selectionModel()->setCurrentIndex(first, QItemSelectionModel::NoUpdate);
        setAutoScroll(true);
    }
    following_ = false;
    viewport()->update();
}

void LayerTree::pickRows()
{
    if (following_) return;
    art::Selection s = session_.selection();
    s.items.clear();
    s.nodes.clear();
    for (const QModelIndex& at : selectionModel()->selectedIndexes()) {
        if (model_.layerAt(at))
            s.layer = model_.idOf(at);
        else
            s.items.push_back(model_.idOf(at));
    }
    if (!s.items.empty())
        if (const art::Layer* l = session_.document().layerOf(s.items.front()); l && !l->locked) s.layer = l->id;
    session_.pick(s);
}

void LayerTree::reveal(const std::vector<art::Id>& items)
{
    for (const art::Id id : items)
        for (QModelIndex at = model_.indexOf(id).parent(); at.isValid(); at = at.parent()) setExpanded(at, true);
    if (!items.empty()) scrollTo(model_.indexOf(items.front()));
}

QRect LayerTree::rowBox(art::Id id) const
{
    const QModelIndex at = model_.indexOf(id);
    return at.isValid() ? visualRect(at) : QRect();
}

void LayerTree::toggleShown(art::Id id)
{
    const auto names = [](bool on, bool layer) { return on ? (layer ? tr("Hide layer") : tr("Hide")) : layer ? tr("Show layer") : tr("Show"); };
    toggle(id, &art::Layer::shown, &art::Item::shown, &art::Traits::shown, names);
}

void LayerTree::toggleLocked(art::Id id)
{
    const auto names = [](bool on, bool layer) { return on ? (layer ? tr("Unlock layer") : tr("Unlock")) : layer ? tr("Lock layer") : tr("Lock"); };
    toggle(id, &art::Layer::locked, &art::Item::locked, &art::Traits::locked, names);
}

void LayerTree::toggle(art::Id id, bool art::Layer::*ofLayer, bool art::Item::*ofItem, std::optional<bool> art::Traits::*trait,
                       const std::function<QString(bool, bool)>& nameOf)
{
    const art::Document& d = session_.document();
    if (const art::Layer* l = d.layer(id)) {
        session_.take(art::withLayer(d, id, [ofLayer](art::Layer& copy) { copy.*ofLayer = !(copy.*ofLayer); }), nameOf(l->*ofLayer, true));
        return;
    }
    const art::Item* i = d.item(id);
    if (!i) return;
    const bool on = i->*ofItem;
    art::Traits change;
    change.*trait = !on;
    const art::Edited e = art::withTraits(d, {id}, change);
    if (e.done())
        session_.take(e, nameOf(on, false));
    else
        emit said(refusalText(e.why));
}

void LayerTree::mousePressEvent(QMouseEvent* e)
{
    const QModelIndex at = indexAt(e->pos());
    if (at.isValid() && e->button() == Qt::LeftButton) {
        const QRect row = visualRect(at);
        if (showBox(row).adjusted(-5, -6, 5, 6).contains(e->pos())) return toggleShown(model_.idOf(at));
        if (lockBox(row).adjusted(-5, -6, 5, 6).contains(e->pos())) return toggleLocked(model_.idOf(at));
    }
    QTreeView::mousePressEvent(e);
}

void LayerTree::keyPressEvent(QKeyEvent* e)
{
    const QModelIndex at = currentIndex();
    if (at.isValid() && e->modifiers() == Qt::NoModifier && state() != QAbstractItemView::EditingState) {
        if (e->key() == Qt::Key_Space) return toggleShown(model_.idOf(at));
        if (e->key() == Qt::Key_L) return toggleLocked(model_.idOf(at));
    }
    QTreeView::keyPressEvent(e);
}

void LayerTree::contextMenuEvent(QContextMenuEvent* e)
{
    const QModelIndex at = e->reason() == QContextMenuEvent::Mouse ? indexAt(e->pos()) : currentIndex();
    if (!at.isValid()) return;
    if (!selectionModel()->isSelected(at)) selectionModel()->setCurrentIndex(at, QItemSelectionModel::ClearAndSelect);
    const QPoint where = e->reason() == QContextMenuEvent::Mouse ? e->globalPos() : viewport()->mapToGlobal(visualRect(at).center());
    emit menuWanted(where, model_.layerAt(at) ? model_.idOf(at) : 0, session_.selection().items);
}

void LayerTree::startDrag(Qt::DropActions actions)
{
    // Layers or things, not both at once.
    const QModelIndexList rows = selectionModel()->selectedIndexes();
    const bool layers = std::any_of(rows.begin(), rows.end(), [this](const QModelIndex& r) { return model_.layerAt(r) != nullptr; });
    if (layers && rows.size() > 1) return;
    QTreeView::startDrag(actions);
}

void LayerTree::drawRow(QPainter* p, const QStyleOptionViewItem& o, const QModelIndex& at) const
{
    const Palette& c = colours();
    const bool drawnOn = model_.layerAt(at) && model_.idOf(at) == session_.selection().layer;
    const QRect row(0, o.rect.top(), viewport()->width(), o.rect.height());
    if (selectionModel()->isSelected(at))
        p->fillRect(row, c.cardInset);
    else if (o.state.testFlag(QStyle::State_MouseOver))
        p->fillRect(row, c.hover);
    if (drawnOn) p->fillRect(QRect(0, row.top(), 3, row.height()), c.accent);
    if (hasFocus() && at == currentIndex()) {
        p->setPen(QPen(c.focusRing, 1.5));
        p->setBrush(Qt::NoBrush);
        p->drawRect(QRectF(row).adjusted(1, 1, -1, -1));
    }
    QStyleOptionViewItem plain = o;
    plain.state &= ~(QStyle::State_Selected | QStyle::State_HasFocus);
    plain.showDecorationSelected = false;
    QTreeView::drawRow(p, plain, at);
}

void LayerTree::drawBranches(QPainter* p, const QRect& rect, const QModelIndex& at) const
{
    if (model_.rowCount(at) == 0) return;
    // A small dart: down when open, to the right when closed.
    p->save();
    p->setRenderHint(QPainter::Antialiasing);
    const QPointF m(rect.right() - 6, rect.center().y() + 0.5);
    const QPolygonF dart = isExpanded(at) ? QPolygonF({m + QPointF(-4, -2), m + QPointF(4, -2), m + QPointF(0, 3)})
                                          : QPolygonF({m + QPointF(-2, -4), m + QPointF(-2, 4), m + QPointF(3, 0)});
    p->setPen(Qt::NoPen);
    p->setBrush(colours().textMuted);
    p->drawPolygon(dart);
    p->restore();
}

// -- small pictures ---------------------------------------------------------------------------------------------------------------

QImage LayerTree::thumbnail(const QModelIndex& at)
{
    const art::LayerPtr layer = model_.layerAt(at);
    const art::ItemPtr item = model_.itemAt(at);
    const void* key = layer ? static_cast<const void*>(layer.get()) : item.get();
    if (const auto found = small_.find(key); found != small_.end()) return found->second.image;
    if (std::none_of(wanted_.begin(), wanted_.end(), [key](const auto& w) { return w.first == key; })) {
        wanted_.emplace_back(key, [layer, item, sheet = session_.document().sheet] {
            const bool whole = layer != nullptr;
            const curve::Box seen = whole ? curve::Box{{0, 0}, {sheet.width, sheet.height}} : art::bounds(*item).grown(1);
            const std::vector<art::ItemPtr> items = whole ? layer->items : std::vector<art::ItemPtr>{item};
            return Small{smallPicture(sheet, items, seen), whole ? std::shared_ptr<const void>(layer.pointer()) : std::shared_ptr<const void>(item.pointer())};
        });
        draw();
    }
    return {};
}

// One after the other, behind the interface; the rows asked for last come first, as they are in sight.
void LayerTree::draw()
{
    if (working_ || wanted_.empty()) return;
    working_ = true;
    const auto [key, make] = wanted_.back();
    wanted_.pop_back();
    if (wanted_.size() > 64) wanted_.erase(wanted_.begin(), wanted_.end() - 64);
    session_.jobs().run<Small>(
        Lane::working, this, [make = make](const Progress&) { return make(); },
        [this, key = key](const std::optional<Small>& s) {
            working_ = false;
            if (small_.size() > mostSmall) small_.clear();
            if (s) small_[key] = *s;
            viewport()->update();
            draw();
        });
}

// -- the list ---------------------------------------------------------------------------------------------------------------------

LayerList::LayerList(Session& session, QWidget* parent) : QWidget(parent), session_(session)
{
    setMinimumHeight(106);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(1, 8, 1, 8);
    column->setSpacing(2);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(13, 0, 8, 2);
    title_ = label(tr("Layers"), "step", false);
    auto* add = new Pill("add", tr("Add"), {}, Pill::Kind::segment);
    add->setToolTip(tr("A new layer above this one"));
    tellKeysOf(add, "add-layer");
    head->addWidget(title_);
    head->addStretch();
    head->addWidget(add);
    column->addLayout(head);
    tree_ = new LayerTree(session_);
    column->addWidget(tree_, 1);
    connect(add, &QAbstractButton::clicked, this, [this] {
        art::Added a =
            art::withNewLayer(session_.document(), tr("Layer %1").arg(session_.document().layers.size() + 1).toStdString(), session_.selection().layer);
        art::Selection s = session_.selection();
        s.layer = a.id;
        session_.take(a.document, s, tr("Add layer"));
    });
    refresh();
}

void LayerList::refresh()
{
    tree_->refresh();
    title_->setText(tr("Layers  %1").arg(session_.document().layers.size()));
}

void LayerList::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(colours().line, 1));
    p.setBrush(colours().card);
    p.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
}

} // namespace softrope::app
