// The tree of a document as rows: layers, topmost first, and what lies in them.
#pragma once

#include "app/services/session.h"

#include <QAbstractItemModel>

#include <memory>
#include <unordered_map>
#include <vector>

namespace softrope::app {

class LayerModel : public QAbstractItemModel {
    Q_OBJECT
public:
    enum Role { idRole = Qt::UserRole + 1 };

    explicit LayerModel(Session& session, QObject* parent = nullptr);

    // Takes over what the session's document holds now; rows are only made anew when there are others.
    void refresh();

    // Of a layer or an item.
    QModelIndex indexOf(art::Id id) const;
    art::Id idOf(const QModelIndex& at) const;
    // One of both is there.
    art::LayerPtr layerAt(const QModelIndex& at) const;
    art::ItemPtr itemAt(const QModelIndex& at) const;

    QModelIndex index(int row, int column, const QModelIndex& parent = {}) const override;
    QModelIndex parent(const QModelIndex& child) const override;
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex&) const override { return 1; }
    QVariant data(const QModelIndex& at, int role) const override;
    bool setData(const QModelIndex& at, const QVariant& value, int role) override;
    Qt::ItemFlags flags(const QModelIndex& at) const override;
    // Dragging within the list: the order, into groups and areas, between layers.
    QStringList mimeTypes() const override;
    QMimeData* mimeData(const QModelIndexList& rows) const override;
    Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }
    bool canDropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column, const QModelIndex& parent) const override;
    bool dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column, const QModelIndex& parent) override;

signals:
    void said(const QString& text);
    void aboutToRebuild();
    void rebuilt();

private:
    struct Node {
        art::Id id = 0;
        art::LayerPtr layer; // or
        art::ItemPtr item;
        Node* parent = nullptr;
        int row = 0;
        std::vector<std::unique_ptr<Node>> children; // topmost first
    };
    Session& session_;
    Node root_;
    std::vector<art::LayerPtr> shown_;

    std::unordered_map<art::Id, const Node*> byId_;

    static std::vector<std::unique_ptr<Node>> nodesOf(const std::vector<art::ItemPtr>& items, Node* parent);
    // Whether the rows are the same ones still.
    static bool sameRows(const Node& n, const std::vector<art::ItemPtr>& items);
    // Takes the newer values over; rows that changed are told, those side by side in one go.
    void renew(Node& n, const std::vector<art::ItemPtr>& items);
    void index(const Node& in);
    const Node* nodeAt(const QModelIndex& at) const;
    QModelIndex indexOf(const Node* n) const;
    std::vector<art::Id> dragged(const QMimeData* data) const;
};

} // namespace softrope::app
