#include "app/window/layer_model.h"

#include "app/canvas/tool.h"
#include "art/arrange.h"
#include "art/edits.h"

#include <QMimeData>

#include <algorithm>

namespace softrope::app {

namespace {

constexpr const char* dragType = "application/x-soft-rope-rows";

QString kindName(const art::Item& i)
{
    if (i.reference()) return tr("Picture");
    if (const art::Group* g = i.group())
        return g->tones()    ? tr("Tones")
               : g->facets() ? tr("Facets")
               : g->mesh()   ? tr("Pieces")
               : g->repeat() ? tr("Repeat")
               : g->use()    ? tr("Part")
                             : tr("Group");
    if (i.island()) return tr("Kept whole");
    const art::Artwork& a = *i.artwork();
    return a.combined() ? tr("Live shape") : a.drop() ? tr("Drop") : a.fill.colour ? tr("Shape") : tr("Line");
}

} // namespace

LayerModel::LayerModel(Session& session, QObject* parent) : QAbstractItemModel(parent), session_(session) {}

std::vector<std::unique_ptr<LayerModel::Node>> LayerModel::nodesOf(const std::vector<art::ItemPtr>& items, Node* parent)
{
    std::vector<std::unique_ptr<Node>> out;
    out.reserve(items.size());
    for (auto i = items.rbegin(); i != items.rend(); ++i) {
        auto n = std::make_unique<Node>();
        n->id = (*i)->id;
        n->item = *i;
        n->parent = parent;
        n->row = static_cast<int>(out.size());
        n->children = nodesOf(art::childrenOf(**i), n.get());
        out.push_back(std::move(n));
    }
    return out;
}

bool LayerModel::sameRows(const Node& n, const std::vector<art::ItemPtr>& items)
{
    // What is the very same has the same below it.
    return n.children.size() == items.size() && std::equal(n.children.begin(), n.children.end(), items.rbegin(), [](const auto& c, const art::ItemPtr& i) {
               return c->item.same(i) || (c->id == i->id && sameRows(*c, art::childrenOf(*i)));
           });
}

void LayerModel::renew(Node& n, const std::vector<art::ItemPtr>& items)
{
    Node *first = nullptr, *last = nullptr;
    for (std::size_t k = 0; k < n.children.size(); ++k) {
        Node& c = *n.children[k];
        const art::ItemPtr& i = items[items.size() - 1 - k];
        if (c.item.same(i)) continue;
        c.item = i;
        if (!first) first = &c;
        last = &c;
        renew(c, art::childrenOf(*i));
    }
    if (first) emit dataChanged(indexOf(first), indexOf(last));
}

void LayerModel::index(const Node& in)
{
    for (const auto& c : in.children) {
        byId_[c->id] = c.get();
        index(*c);
    }
}

void LayerModel::refresh()
{
    const std::vector<art::LayerPtr>& layers = session_.document().layers;
    const bool same =
        layers.size() == shown_.size() && std::equal(layers.begin(), layers.end(), shown_.begin(), [](const auto& a, const auto& b) { return a.same(b); });
    if (same && !shown_.empty()) return;
    shown_ = layers;
    const bool sameShape = root_.children.size() == layers.size() &&
                           std::equal(root_.children.begin(), root_.children.end(), layers.rbegin(),
                                      [](const auto& c, const art::LayerPtr& l) { return c->id == l->id && (c->layer.same(l) || sameRows(*c, l->items)); });
    if (sameShape) {
        for (std::size_t k = 0; k < layers.size(); ++k) {
            Node& n = *root_.children[k];
            const art::LayerPtr& l = layers[layers.size() - 1 - k];
            if (n.layer.same(l)) continue;
            n.layer = l;
            emit dataChanged(indexOf(&n), indexOf(&n));
            renew(n, l->items);
        }
        return;
    }
    emit aboutToRebuild();
    beginResetModel();
    root_.children.clear();
    byId_.clear();
    for (auto l = layers.rbegin(); l != layers.rend(); ++l) {
        auto n = std::make_unique<Node>();
        n->id = (*l)->id;
        n->layer = *l;
        n->parent = &root_;
        n->row = static_cast<int>(root_.children.size());
        n->children = nodesOf((*l)->items, n.get());
        root_.children.push_back(std::move(n));
    }
    index(root_);
    endResetModel();
    emit rebuilt();
}

const LayerModel::Node* LayerModel::nodeAt(const QModelIndex& at) const
{
    return at.isValid() ? static_cast<const Node*>(at.internalPointer()) : &root_;
}

QModelIndex LayerModel::indexOf(const Node* n) const
{
    return n && n->parent ? createIndex(n->row, 0, n) : QModelIndex();
}

QModelIndex LayerModel::indexOf(art::Id id) const
{
    const auto at = byId_.find(id);
    return at == byId_.end() ? QModelIndex() : indexOf(at->second);
}

art::Id LayerModel::idOf(const QModelIndex& at) const
{
    return nodeAt(at)->id;
}
art::LayerPtr LayerModel::layerAt(const QModelIndex& at) const
{
    return nodeAt(at)->layer;
}
art::ItemPtr LayerModel::itemAt(const QModelIndex& at) const
{
    return nodeAt(at)->item;
}

QModelIndex LayerModel::index(int row, int column, const QModelIndex& parent) const
{
    const Node* n = nodeAt(parent);
    if (column != 0 || row < 0 || row >= static_cast<int>(n->children.size())) return {};
    return createIndex(row, 0, n->children[static_cast<std::size_t>(row)].get());
}

QModelIndex LayerModel::parent(const QModelIndex& child) const
{
    return child.isValid() ? indexOf(nodeAt(child)->parent) : QModelIndex();
}

int LayerModel::rowCount(const QModelIndex& parent) const
{
    return static_cast<int>(nodeAt(parent)->children.size());
}

QVariant LayerModel::data(const QModelIndex& at, int role) const
{
    const Node* n = nodeAt(at);
    if (!n->parent) return {};
    const bool shown = n->layer ? n->layer->shown : n->item->shown, locked = n->layer ? n->layer->locked : n->item->locked;
    const QString own = QString::fromStdString(n->layer ? n->layer->name : n->item->name);
    const QString name = own.isEmpty() && n->item ? kindName(*n->item) : own;
    switch (role) {
    case Qt::DisplayRole:
    case Qt::EditRole: return name;
    case Qt::AccessibleTextRole:
    case Qt::ToolTipRole: {
        QString text = name;
        if (n->item && name != kindName(*n->item)) text += " · " + kindName(*n->item);
        if (!shown) text += tr(", hidden");
        if (locked) text += tr(", locked");
        return text;
    }
    case idRole: return QVariant::fromValue<quint64>(n->id);
    default: return {};
    }
}

bool LayerModel::setData(const QModelIndex& at, const QVariant& value, int role)
{
    const QString name = value.toString().trimmed();
    if (role != Qt::EditRole || name.isEmpty() || name == data(at, Qt::DisplayRole).toString()) return false;
    const art::Id id = idOf(at);
    if (layerAt(at)) {
        session_.take(art::withLayer(session_.document(), id, [&](art::Layer& l) { l.name = name.toStdString(); }), tr("Rename layer"));
        return true;
    }
    const art::Edited e = art::withTraits(session_.document(), {id}, {.name = name.toStdString()});
    if (!e.done()) {
        emit said(refusalText(e.why));
        return false;
    }
    session_.take(e, tr("Rename"));
    return true;
}

Qt::ItemFlags LayerModel::flags(const QModelIndex& at) const
{
    if (!at.isValid()) return Qt::ItemIsDropEnabled;
    Qt::ItemFlags f = Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable | Qt::ItemIsDragEnabled;
    if (layerAt(at) || !(itemAt(at)->reference() || itemAt(at)->island())) f |= Qt::ItemIsDropEnabled;
    return f;
}

QStringList LayerModel::mimeTypes() const
{
    return {dragType};
}

QMimeData* LayerModel::mimeData(const QModelIndexList& rows) const
{
    QByteArray ids;
    for (const QModelIndex& r : rows) ids += QByteArray::number(static_cast<qulonglong>(idOf(r))) + ' ';
    auto* data = new QMimeData;
    data->setData(dragType, ids);
    return data;
}

std::vector<art::Id> LayerModel::dragged(const QMimeData* data) const
{
    std::vector<art::Id> out;
    for (const QByteArray& id : data->data(dragType).split(' '))
        if (const art::Id n = id.toULongLong()) out.push_back(n);
    return out;
}

bool LayerModel::canDropMimeData(const QMimeData* data, Qt::DropAction, int, int, const QModelIndex& parent) const
{
    if (!data->hasFormat(dragType)) return false;
    const bool layers = session_.document().layer(dragged(data).empty() ? 0 : dragged(data).front()) != nullptr;
    // Layers among layers, things in layers and in each other.
    return layers != parent.isValid();
}

bool LayerModel::dropMimeData(const QMimeData* data, Qt::DropAction, int row, int, const QModelIndex& parent)
{
    const std::vector<art::Id> ids = dragged(data);
    if (ids.empty()) return false;
    const art::Document& d = session_.document();
    if (const art::Layer* l = d.layer(ids.front())) {
        const int from = indexOf(l->id).row(), to = row < 0 ? rowCount() : row;
        // Rows run from the top, layers from the bottom.
        session_.take(art::withLayerMoved(d, l->id, from - (to > from ? to - 1 : to)), tr("Move layer"));
        return true;
    }
    art::Target to;
    (layerAt(parent) ? to.layer : to.parent) = idOf(parent);
    if (row >= 0) to.at = static_cast<std::size_t>(std::max(0, rowCount(parent) - row));
    const art::Edited e = art::moved(d, ids, to);
    if (!e.done()) {
        emit said(refusalText(e.why));
        return false;
    }
    session_.take(e, layerAt(parent) || itemAt(parent)->group() ? tr("Move in the order") : tr("Put inside"));
    return true;
}

} // namespace softrope::app
